import { useEffect, useMemo } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Op } from '#core/bench/ops';
import { freeTubes, testById } from '#core/scheme/tests';
import { useCaseId, useOpenCase } from '../../state/case';
import { useBench, useHand } from '../../state/bench';
import { Actions } from './Actions';
import { BriefLedger, BriefSuspects } from './Briefs';
import { Held } from './Held';
import { Rack } from './Rack';
import { Record } from './Record';
import { Route, RouteChoice, useRoute } from './Route';
import { TestPanel } from './TestPanel';

export function Bench() {
  const { view, append } = useOpenCase();
  const caseId = useCaseId();
  const params = useParams();
  const hand = useHand(caseId);
  const { holdTube, chooseTest } = useBench();
  const wanted = hand.tube ?? params['tube'] ?? view.active;
  const held = view.vessels.find((v) => v.id === wanted) ?? view.vessels.at(-1) ?? null;
  const test = hand.test ? (testById.get(hand.test) ?? null) : null;
  const route = useRoute(view);
  // What was run beside another test has no place beside this one.
  const showing = view.showing?.tubes && test && view.showing.title !== test.title ? null : view.showing;
  const [search, setSearch] = useSearchParams();
  const asked = search.get('test');
  useEffect(() => {
    if (!asked) return;
    if (testById.has(asked)) chooseTest(caseId, asked);
    setSearch({}, { replace: true });
  }, [asked, caseId, chooseTest, setSearch]);
  const nextTube = useMemo(
    () =>
      freeTubes(
        view.vessels.map((v) => v.id),
        1,
      )[0]!,
    [view.vessels],
  );

  const perform = async (op: Op) => {
    const after = await append({ kind: 'operation', payload: { op, ...(test && { test: test.id }) } });
    if (after?.active) holdTube(caseId, after.active);
    return after;
  };

  return (
    <div className="grid grow lg:h-[calc(100dvh-61px)] lg:grid-cols-[208px_minmax(0,1fr)_284px] xl:grid-cols-[252px_minmax(0,1fr)_348px] lg:overflow-hidden">
      <Route view={view} route={route} active={test?.id ?? null} choose={(id) => chooseTest(caseId, id)} />
      <section aria-label="Bench" className="flex min-w-0 flex-col lg:overflow-y-auto">
        <RouteChoice route={route} active={test?.id ?? null} choose={(id) => chooseTest(caseId, id)} />
        <div className="grid gap-5 p-5 md:grid-cols-[232px_minmax(0,1fr)] xl:grid-cols-[270px_minmax(0,1fr)]">
          <Held vessel={held} showing={showing} />
          <TestPanel
            test={test}
            view={view}
            held={held}
            append={append}
            hold={(id) => holdTube(caseId, id)}
            choose={(id) => chooseTest(caseId, id)}
          />
        </div>
        <Rack vessels={view.vessels} held={held?.id ?? null} hold={(id) => holdTube(caseId, id)} />
        <Actions view={view} held={held} nextTube={nextTube} perform={perform} append={append} />
      </section>
      <aside aria-label="Record" className="border-rule bg-paper p-5 max-lg:border-t lg:overflow-y-auto lg:border-l">
        <Record key={test?.id ?? 'free'} view={view} test={test} held={held} append={append} />
        <BriefLedger view={view} />
        <BriefSuspects view={view} />
      </aside>
    </div>
  );
}
