import { clsx } from 'clsx';
import { Check, Circle, Square } from 'lucide-react';
import { STATIONS, TESTS } from '#core/scheme/tests';
import type { CaseView } from '#contract';

/** The same path where there is no room for it: a list to choose from. */
export function RouteChoice({ active, choose }: { active: string | null; choose: (id: string | null) => void }) {
  return (
    <div className="px-5 pt-4 text-sm text-muted lg:hidden">
      <label htmlFor="route-choice">Test</label>
      <select
        id="route-choice"
        className="mt-1 block min-h-11 w-full rounded-lg border border-rule bg-card px-3 text-ink"
        value={active ?? ''}
        onChange={(e) => choose(e.target.value || null)}
      >
        <option value="">free work</option>
        {Object.entries(STATIONS).map(([station, name]) => (
          <optgroup key={station} label={name}>
            {TESTS.filter((t) => t.station === station).map((t) => (
              <option key={t.id} value={t.id}>
                {t.title}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
    </div>
  );
}

/** The school's scheme as a path: done, under way, to come. */
export function Route({ view, active, choose }: { view: CaseView; active: string | null; choose: (id: string | null) => void }) {
  const written = new Map(view.entries.filter((e) => !e.struck).map((e) => [e.test, e.number]));
  return (
    <nav aria-label="Route" className="overflow-y-auto border-r border-rule bg-paper px-2.5 py-4 max-lg:hidden">
      {Object.entries(STATIONS).map(([station, name]) => (
        <div key={station} className="mb-4">
          <h2 className="label px-2 pb-1 font-sans">{name}</h2>
          <ol>
            {TESTS.filter((t) => t.station === station).map((t) => {
              const entry = written.get(t.id);
              const begun = !entry && view.worked[t.id];
              const now = t.id === active;
              return (
                <li key={t.id}>
                  <button
                    type="button"
                    aria-current={now ? 'step' : undefined}
                    onClick={() => choose(now ? null : t.id)}
                    className={clsx(
                      'flex min-h-9 w-full items-start gap-2.5 rounded-lg px-2 py-1.5 text-left text-sm leading-snug',
                      now ? 'bg-wash font-bold' : 'hover:bg-wash',
                    )}
                  >
                    <span className="mt-0.5 shrink-0" aria-hidden>
                      {entry ? (
                        <Check size={15} className="text-sage" />
                      ) : now ? (
                        <Square size={13} className="fill-rust text-rust" />
                      ) : (
                        <Circle size={13} className="text-faint" />
                      )}
                    </span>
                    <span>
                      {t.title}
                      {entry && <span className="block text-xs font-normal text-faint">entry {entry}</span>}
                      {begun && <span className="block text-xs font-normal text-rust-deep">begun, not written down</span>}
                    </span>
                  </button>
                </li>
              );
            })}
          </ol>
        </div>
      ))}
    </nav>
  );
}
