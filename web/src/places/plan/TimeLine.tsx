import { clsx } from 'clsx';
import type { Resource } from '#core/planning/schedule';
import type { PlanTask } from '#core/planning/tasks';
import { type Plan, testsInOrder } from '../../state/use-plan';
import { clock, MINUTE_MS } from './clock';

const ROWS: readonly { readonly id: Resource | 'standing'; readonly name: string }[] = [
  { id: 'hands', name: 'Hands' },
  { id: 'burner', name: 'Burner' },
  { id: 'bath', name: 'Bath' },
  { id: 'centrifuge', name: 'Centrifuge' },
  { id: 'hood', name: 'Hood' },
  { id: 'standing', name: 'Standing' },
];

/** Width of a minute, px. */
const MINUTE = 11;
const ROW = 30;
const EVERY = 10;
/** Tints by which neighbouring tests are told apart; the words say which is which. */
const TINTS = ['#d9a06b', '#9db88f', '#8fb3c4', '#c9a3b8', '#cdbd7a', '#a9a4c9'];

export const tintOf = (place: number): string => TINTS[place % TINTS.length]!;

const isIn = (row: (typeof ROWS)[number]['id'], { uses }: PlanTask) =>
  row === 'standing' ? uses.length === 0 : uses.includes(row);

/** A row for each thing that can be busy, from now on. */
export function TimeLine({ plan, ends }: { plan: Plan; ends: string | null }) {
  const { tasks, schedule, from } = plan;
  const order = testsInOrder(plan);
  const tint = new Map(order.map((t, i) => [t.id, tintOf(i)]));
  const title = new Map(order.map((t) => [t.id, t.title]));
  const width = Math.max(30, schedule.minutes + 2) * MINUTE;
  const end = ends === null ? null : (new Date(ends).getTime() - new Date(from).getTime()) / MINUTE_MS;
  const marks = Array.from({ length: Math.ceil(schedule.minutes / EVERY) + 1 }, (_, i) => i * EVERY);
  return (
    <section aria-label="Time line" className="rounded-xl border border-rule bg-paper">
      <div className="grid grid-cols-[5.5rem_minmax(0,1fr)]">
        <div className="border-r border-rule pt-6">
          {ROWS.map((r) => (
            <div key={r.id} className="flex items-center px-2 text-xs text-muted" style={{ height: ROW }}>
              {r.name}
            </div>
          ))}
        </div>
        <div className="overflow-x-auto" role="group" aria-label="Steps in time" tabIndex={0}>
          <div className="relative" style={{ width, height: ROWS.length * ROW + 28 }}>
            {marks.map((m) => (
              <span key={m} className="absolute top-1 text-[11px] text-faint tabular-nums" style={{ left: m * MINUTE + 4 }}>
                {clock(from, m)}
              </span>
            ))}
            {ROWS.map((r, i) => (
              <div key={r.id} className="absolute inset-x-0 border-t border-rule" style={{ top: 24 + i * ROW, height: ROW }}>
                {tasks
                  .filter((t) => isIn(r.id, t) && schedule.starts.has(t.id))
                  .map((t) => {
                    const start = schedule.starts.get(t.id)!;
                    return (
                      <span
                        key={t.id}
                        title={`${clock(from, start)} ${title.get(t.test) ?? ''}: ${t.says}`}
                        className={clsx(
                          'absolute top-1 overflow-hidden rounded-[5px] border border-black/25 px-1 text-[11px] leading-5 whitespace-nowrap text-[#20242d]',
                          end !== null && start >= end && 'opacity-45',
                        )}
                        style={{
                          left: start * MINUTE,
                          width: Math.max(4, t.minutes * MINUTE - 1),
                          height: ROW - 8,
                          background: tint.get(t.test),
                        }}
                      >
                        {t.minutes * MINUTE > 46 ? title.get(t.test) : ''}
                      </span>
                    );
                  })}
              </div>
            ))}
            <span aria-hidden className="absolute top-0 bottom-0 w-0.5 bg-rust" style={{ left: 0 }} />
            {end !== null && end > 0 && end * MINUTE < width && (
              <span
                className="absolute top-0 bottom-0 border-l-2 border-dashed border-rust pl-1 text-[11px] text-rust-deep"
                style={{ left: end * MINUTE }}
              >
                end
              </span>
            )}
          </div>
        </div>
      </div>
    </section>
  );
}
