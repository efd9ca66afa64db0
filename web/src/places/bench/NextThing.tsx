import { testTitle } from '#core/scheme/tests';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Station } from '#core/scheme/route';
import type { CaseView } from '#contract';
import { useCaseId } from '../../state/case';
import { nextThing, usePlan } from '../../state/use-plan';

/** With less time than this one waits, min. */
const LEAST_MINUTES = 1;

/** Minutes until the last running timer rings, as the plan has them. */
const standing = ({ timers }: CaseView, from: string): number =>
  Math.max(0, ...timers.map((t) => (new Date(t.due).getTime() - new Date(from).getTime()) / 60000));

const hasToCome = ({ stops }: Station) => stops.some((s) => s.standing.is === 'to-come');

function Strip({ note, children }: { note?: string; children?: ReactNode }) {
  return (
    <p
      className="mx-5 mt-4 min-h-9 shrink-0 rounded-lg bg-wash px-4 py-2 text-sm max-md:line-clamp-2 max-md:h-14"
      {...(note !== undefined && { role: 'note', 'aria-label': note })}
    >
      {children}
    </p>
  );
}

/** One line: what to do next by the plan, and what runs by itself meanwhile. */
export function NextThing({ view, route, active }: { view: CaseView; route: readonly Station[]; active: string | null }) {
  const id = useCaseId();
  const plan = usePlan(view, route);
  const found = plan && nextThing(plan);
  // It has its room from the beginning, so that nothing below it moves while one works.
  if (!found) return route.some(hasToCome) ? <Strip /> : null;
  const { next, meanwhile } = found;
  const left = standing(view, plan.from);
  const lead =
    left >= LEAST_MINUTES
      ? `While it stands (${Math.round(left)} min left):`
      : meanwhile
        ? `While ${testTitle(meanwhile.test)} is running:`
        : 'Next:';
  const toPlan = (
    <Link className="text-rust underline" to={`/cases/${id}/plan`}>
      Plan
    </Link>
  );
  // What is in hand says itself what comes next.
  if (next.test === active && left < LEAST_MINUTES) return <Strip>Finish the current test first. {toPlan}</Strip>;
  return (
    <Strip note="Next">
      {lead}{' '}
      <Link className="font-bold text-rust underline" to={`/cases/${id}/bench?test=${next.test}`}>
        {testTitle(next.test)}
      </Link>
      <span className="text-muted">. {next.says} </span>
      {toPlan}
    </Strip>
  );
}
