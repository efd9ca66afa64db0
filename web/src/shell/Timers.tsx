import { clsx } from 'clsx';
import { Bell, BellOff, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { CaseView } from '#contract';
import { useBench } from '../state/bench';
import type { OpenCase } from '../state/case';
import { ring } from './ring';
import { useAwake } from './useAwake';

function useNow(active: boolean): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    if (!active) return;
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, [active]);
  return now;
}

const over = (timers: CaseView['timers'], now: number) => timers.filter((t) => new Date(t.due).getTime() <= now);

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** Running timers; they are part of the case, so they survive a reload. */
export function Timers({ timers, append }: { timers: CaseView['timers']; append: OpenCase['append'] }) {
  const now = useNow(timers.length > 0);
  const { sound, setSound } = useBench();
  useAwake(timers.length > over(timers, now).length);
  const rung = useRef(new Set<string>());
  const done = over(timers, now);
  useEffect(() => {
    const fresh = done.filter((t) => !rung.current.has(t.id));
    for (const t of fresh) rung.current.add(t.id);
    if (!fresh.length) return;
    if (sound) ring();
    navigator.vibrate?.([300, 150, 300]);
  });
  if (!timers.length) return null;
  return (
    <div className="no-print flex flex-wrap items-center gap-2 border-b border-rule bg-paper px-4 py-1">
      <ul className="flex flex-wrap gap-2" aria-label="Timers">
        {timers.map((t) => {
          const left = Math.max(0, Math.ceil((new Date(t.due).getTime() - now) / 1000));
          const name = t.tube ? `${t.label} (tube ${t.tube})` : t.label;
          return (
            <li
              key={t.id}
              className={clsx(
                'flex min-h-11 items-center gap-2 rounded-full border px-3.5 text-sm',
                left ? 'border-rule' : 'border-rust text-rust-deep',
              )}
            >
              <strong className="tabular-nums">{left ? clock(left) : 'done'}</strong>
              <span className="max-w-48 truncate">{name}</span>
              <button
                type="button"
                aria-label={`Dismiss the timer ${name}`}
                className="-mr-2 grid size-9 place-items-center"
                onClick={() => void append({ kind: 'timer-done', payload: { id: t.id } })}
              >
                <X size={14} />
              </button>
            </li>
          );
        })}
      </ul>
      <button
        type="button"
        className="grid size-11 place-items-center rounded-lg hover:bg-wash"
        title={sound ? 'Sound on' : 'Sound off'}
        aria-pressed={sound}
        aria-label="Sound of the timers"
        onClick={() => setSound(!sound)}
      >
        {sound ? <Bell size={17} /> : <BellOff size={17} />}
      </button>
      <span className="sr-only" role="status">
        {done.map((t) => `${t.label} is done.`).join(' ')}
      </span>
    </div>
  );
}
