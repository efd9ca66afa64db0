import { Link } from 'react-router';
import type { Station } from '#core/scheme/route';
import type { CaseView } from '#contract';
import { useCaseId } from '../../state/case';
import { nextThing, usePlan } from '../../state/use-plan';
import { testTitle } from '../suspects/titles';

/** With less time than this one waits, min. */
const LEAST_MINUTES = 1;

/** Minutes until the last running timer rings, as the plan has them. */
const standing = ({ timers }: CaseView, from: string): number =>
  Math.max(0, ...timers.map((t) => (new Date(t.due).getTime() - new Date(from).getTime()) / 60000));

/** One line: what to do next by the plan, and what runs by itself meanwhile. */
export function NextThing({ view, route, active }: { view: CaseView; route: readonly Station[]; active: string | null }) {
  const id = useCaseId();
  const plan = usePlan(view, route);
  const found = plan && nextThing(plan);
  if (!found) return null;
  const { next, meanwhile } = found;
  const left = standing(view, plan.from);
  const lead =
    left >= LEAST_MINUTES
      ? `While it stands (${Math.round(left)} min left):`
      : meanwhile
        ? `While ${testTitle(meanwhile.test)} goes by itself:`
        : 'Next:';
  // What is in hand says itself what comes next.
  if (next.test === active && left < LEAST_MINUTES) return null;
  return (
    <p className="mx-5 mt-4 rounded-lg bg-wash px-4 py-2 text-sm" role="note" aria-label="Next">
      {lead}{' '}
      <Link className="font-bold text-rust underline" to={`/cases/${id}/bench?test=${next.test}`}>
        {testTitle(next.test)}
      </Link>
      <span className="text-muted">. {next.says} </span>
      <Link className="text-rust underline" to={`/cases/${id}/plan`}>
        Plan
      </Link>
    </p>
  );
}
