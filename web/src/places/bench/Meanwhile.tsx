import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { nextOn, type Station } from '#core/scheme/route';
import type { CaseView } from '#contract';
import { useCaseId, useReasoning } from '../../state/case';
import { testTitle } from '../suspects/titles';

const TICK_MS = 10000;
/** With less time than this one waits, min. */
const LEAST_MINUTES = 1;

/** Minutes until the last running timer rings. */
function useMinutesLeft(timers: CaseView['timers']): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    if (!timers.length) return;
    const tick = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(tick);
  }, [timers.length]);
  return Math.max(0, ...timers.map((t) => (new Date(t.due).getTime() - now) / 60000));
}

/** While something stands: the test worth most that fits into the time, or the next on the route. */
export function Meanwhile({ view, route, active }: { view: CaseView; route: readonly Station[]; active: string | null }) {
  const id = useCaseId();
  const { data } = useReasoning(view);
  const left = useMinutesLeft(view.timers);
  if (left < LEAST_MINUTES) return null;
  const busy = new Set([active, ...view.timers.map((t) => t.test ?? null)]);
  const advised = data?.waiting === null ? data.next.find((a) => !busy.has(a.test) && a.minutes <= left) : undefined;
  const onRoute = nextOn(route);
  const test = advised?.test ?? (onRoute && !busy.has(onRoute.id) ? onRoute.id : undefined);
  if (!test) return null;
  return (
    <p className="mx-5 mt-4 rounded-lg bg-wash px-4 py-2 text-sm" role="note">
      While it stands ({Math.round(left)} min left):{' '}
      <Link className="font-bold text-rust underline" to={`/cases/${id}/bench?test=${test}`}>
        {testTitle(test)}
      </Link>
      {advised && <span className="text-muted">, {advised.minutes} min</span>}
    </p>
  );
}
