import type { Sign, StandardTest } from '#core/scheme/model';
import { sayObservation } from '#core/senses/sentences';
import { type Observation } from '#core/vocabulary/observation';
import { Formula } from './Formula';

function first<T>(value: T | readonly T[]): T {
  return (Array.isArray(value) ? value[0] : value) as T;
}

const sayPattern = (sign: Sign): string =>
  sign.see
    .map((p) => sayObservation(Object.fromEntries(Object.entries(p).map(([k, v]) => [k, first(v)])) as unknown as Observation))
    .join(', ');

/** The signs of a test, and what else looks like them. */
export function LookFor({ test }: { test: StandardTest }) {
  return (
    <div className="mt-4 text-sm">
      {test.signs && (
        <>
          <h2 className="label font-sans">What to look for</h2>
          <ul className="mt-1 space-y-0.5">
            {test.signs.map((s, i) => (
              <li key={i} className="flex flex-wrap gap-x-2">
                <span className="font-bold">
                  {s.of.map((ion, k) => (
                    <span key={ion}>
                      {k > 0 && ', '}
                      <Formula of={ion} />
                    </span>
                  ))}
                </span>
                <span className="text-muted">
                  {sayPattern(s)}
                  {s.proves ? '' : ' (a hint)'}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      {test.mistaken && (
        <>
          <h2 className="label mt-3 font-sans">Easily mistaken</h2>
          <p className="mt-1 text-muted">{test.mistaken}</p>
        </>
      )}
    </div>
  );
}

/** The control that a test wants beside it. */
export const CONTROLS = {
  blank: 'Run a blank beside it: the same steps with water in place of the sample.',
  'clean-wire': 'The wire first, clean and alone: it must give no colour.',
  'fresh-reagent': 'See that the reagent is fresh: try it on a known sample.',
} as const;
