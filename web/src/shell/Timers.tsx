import { clsx } from 'clsx';
import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { CaseView } from '#contract';
import type { OpenCase } from './CaseShell';

function useNow(active: boolean): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    if (!active) return;
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, [active]);
  return now;
}

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** Running timers; they are part of the case, so they survive a reload. */
export function Timers({ timers, append }: { timers: CaseView['timers']; append: OpenCase['append'] }) {
  const now = useNow(timers.length > 0);
  return (
    <ul className="flex flex-wrap gap-2" aria-label="Timers">
      {timers.map((t) => {
        const left = Math.max(0, Math.ceil((new Date(t.due).getTime() - now) / 1000));
        return (
          <li
            key={t.id}
            className={clsx(
              'flex min-h-11 items-center gap-2 rounded-full border px-3.5 text-sm',
              left ? 'border-rule' : 'border-rust text-rust-deep',
            )}
          >
            <strong className="tabular-nums">{left ? clock(left) : 'done'}</strong> {t.label}
            <button
              type="button"
              aria-label={`Put away the timer ${t.label}`}
              className="-mr-2 grid size-9 place-items-center"
              onClick={() => void append({ kind: 'timer-done', payload: { id: t.id } })}
            >
              <X size={14} />
            </button>
          </li>
        );
      })}
    </ul>
  );
}
