import { useCallback, useEffect, useMemo } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { type Op, placesIn } from '#core/bench/ops';
import type { HouseRules } from '#core/scheme/rules';
import { FREE_WORK, freeTubes, stepsOf, testById } from '#core/scheme/tests';
import { useCaseId, useOpenCase } from '../../state/case';
import { Tour } from '../../shell/Tour';
import { useSimple } from '../../parts/useSimple';
import { useBench, useHand } from '../../state/bench';
import { Actions } from './Actions';
import { BriefLedger, BriefSuspects } from './Briefs';
import { tubeAskedAbout } from './in-sight';
import { Held } from './Held';
import { NextThing } from './NextThing';
import { OneAtATime } from './OneAtATime';
import { Portions } from './Portions';
import { Rack } from './Rack';
import { Record } from './Record';
import { Route, RouteChoice, useRoute } from './Route';
import { TestPanel, TubeFacts } from './TestPanel';

/** The tube in which a test that was worked ends. */
function lastTube(id: string | null, rules: HouseRules, tubes: Readonly<Record<string, string>> = {}): string | undefined {
  const test = testById.get(id ?? '');
  const places = test ? stepsOf(test, rules).flatMap(({ op }) => placesIn(op)) : [];
  return places.map((place) => tubes[place]).findLast((tube) => tube !== undefined);
}

export function Bench() {
  const { view, acknowledged, append } = useOpenCase();
  const caseId = useCaseId();
  const simple = useSimple();
  const params = useParams();
  const hand = useHand(caseId);
  const { holdTube, chooseTest } = useBench();
  const wanted = hand.tube ?? params['tube'] ?? view.active;
  const held = view.vessels.find((v) => v.id === wanted) ?? view.vessels.at(-1) ?? null;
  const test = hand.test ? (testById.get(hand.test) ?? null) : null;
  const route = useRoute(view);
  // What another test showed has no place beside this one.
  const showing = test && view.showing?.test !== test.id ? null : view.showing;
  const tubesOf = useCallback((id: string | null) => view.tests.find((t) => t.id === id)?.run?.tubes, [view.tests]);
  const choose = useCallback(
    (id: string | null) => {
      chooseTest(caseId, id);
      const last = lastTube(id, view.rules, tubesOf(id));
      if (last !== undefined && view.vessels.some((v) => v.id === last)) holdTube(caseId, last);
    },
    [caseId, chooseTest, holdTube, tubesOf, view.rules, view.vessels],
  );
  const [search, setSearch] = useSearchParams();
  const wantedTest = search.get('test');
  useEffect(() => {
    if (!wantedTest) return;
    if (testById.has(wantedTest)) choose(wantedTest);
    setSearch({}, { replace: true });
  }, [wantedTest, choose, setSearch]);
  const askedAbout = tubeAskedAbout({ held: held?.id ?? null, showing, tubes: test ? tubesOf(test.id) : undefined });
  const asked = askedAbout === null ? null : held;
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

  const parts = {
    next: <NextThing view={view} route={route} active={test?.id ?? null} />,
    route: <RouteChoice route={route} active={test?.id ?? null} choose={choose} />,
    tube: <Held vessel={held} showing={showing} />,
    facts: <TubeFacts view={view} held={held} />,
    panel: (
      <TestPanel
        test={test}
        view={view}
        held={held}
        append={append}
        hold={(id) => holdTube(caseId, id)}
        choose={choose}
        simple={simple}
      />
    ),
    rack: (
      <>
        {view.portions.length > 0 && <Portions portions={view.portions} set={view.summary.set !== null} />}
        <Rack vessels={view.vessels} held={held?.id ?? null} hold={(id) => holdTube(caseId, id)} />
      </>
    ),
    actions: <Actions view={view} held={held} nextTube={nextTube} perform={perform} append={append} />,
    record: <Record key={test?.id ?? FREE_WORK} view={view} test={test} held={asked} append={append} />,
    brief: (
      <>
        <BriefSuspects view={view} />
        <BriefLedger view={view} acknowledged={acknowledged} />
      </>
    ),
  };
  if (simple)
    return (
      <>
        <OneAtATime {...parts} />
        <Tour />
      </>
    );
  return (
    <div
      data-fills-page
      className="grid min-h-0 grow grid-cols-[208px_minmax(0,1fr)_284px] overflow-hidden xl:grid-cols-[252px_minmax(0,1fr)_348px]"
    >
      <Route view={view} route={route} active={test?.id ?? null} choose={choose} />
      <section aria-label="Bench" className="flex min-w-0 flex-col overflow-y-auto">
        {parts.next}
        <div className="grid gap-5 p-5 md:grid-cols-[232px_minmax(0,1fr)] xl:grid-cols-[270px_minmax(0,1fr)]">
          {parts.tube}
          {parts.panel}
        </div>
        {parts.rack}
        {parts.actions}
      </section>
      <aside aria-label="Record" className="overflow-y-auto border-l border-rule bg-paper px-5 pt-3 pb-5">
        {parts.record}
        {parts.brief}
      </aside>
      <Tour />
    </div>
  );
}
