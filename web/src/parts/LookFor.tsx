import { clsx } from 'clsx';
import { ownSigns } from '#core/reasoning/look-for';
import type { StandardTest } from '#core/scheme/model';
import type { Observation } from '#core/vocabulary/observation';
import type { GivenView, SuspectView } from '#contract';
import { Formula } from './Formula';
import { MARK_WORDS } from './Mark';
import { swatchOf } from './swatch';

/** The last colour that is told is the one to look for. */
const lookedFor = (see: readonly Observation[]): string | undefined => see.map(swatchOf).findLast((hex) => hex !== undefined);

interface Props {
  test: StandardTest;
  given: readonly GivenView[];
  /** Where the suspects of a case stand: those that are still possible come first. */
  standing?: ReadonlyMap<string, SuspectView>;
}

/** Of each ion, element or group its own sign, and what else looks like it. */
export function LookFor({ test, given, standing }: Props) {
  const out = (id: string) => standing?.get(id)?.state === 'ruled-out';
  const likely = (of: readonly string[]) => Math.max(...of.map((id) => standing?.get(id)?.probability ?? 0));
  const signs = [...ownSigns(test, given)].sort((a, b) => likely(b.of) - likely(a.of));
  return (
    <div className="mt-4 text-sm">
      {signs.length > 0 && (
        <>
          <h2 className="label font-sans">What to look for</h2>
          <ul className="mt-1 space-y-1">
            {signs.map((s) => (
              <li key={`${s.text}${s.proves}`} className={clsx('flex items-start gap-2.5', s.of.every(out) && 'text-faint')}>
                <span
                  aria-hidden
                  className="mt-0.5 size-4 shrink-0 rounded border border-black/20"
                  style={{ background: lookedFor(s.see) ?? 'transparent' }}
                />
                <span>
                  <strong>
                    {s.of.map((id, k) => (
                      <span key={id} title={standing?.has(id) ? MARK_WORDS[standing.get(id)!.state] : undefined}>
                        {k > 0 && ', '}
                        <Formula of={id} />
                      </span>
                    ))}
                  </strong>{' '}
                  <span className={s.of.every(out) ? '' : 'text-muted'}>
                    {s.text.charAt(0).toLowerCase() + s.text.slice(1, -1)}
                    {s.proves ? '' : ' (a hint)'}
                    {s.of.every(out) && ', ruled out'}
                  </span>
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
