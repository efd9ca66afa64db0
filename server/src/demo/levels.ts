/** How hard a jar is, as one of three: all that may be said of it while it is closed. */
import difficulties from '#difficulty' with { type: 'json' };
import type { SampleSpec } from '#core/bench/sample';
import { LIBRARY } from '#core/organic/library';
import { mixtureName } from '#core/practice/graded';
import { difficultiesFrom } from '#core/practice/difficulties';
import { hardness } from '#core/reasoning/hardness';
import { JAR_LEVELS, type Jar } from '#contract';

const TABLE = difficultiesFrom(difficulties);
const COMPOUNDS = new Set(LIBRARY.map((c) => c.name));

/** Between the thirds of all salts, or of all compounds, that are known. */
function thirdsOf(matter: Jar['matter']): number[] {
  const sorted = Object.entries(TABLE)
    .filter(([name]) => COMPOUNDS.has(name) === (matter === 'compound'))
    .map(([, difficulty]) => hardness(difficulty))
    .sort((a, b) => a - b);
  return [1, 2].map((n) => sorted[Math.floor((n * sorted.length) / JAR_LEVELS.length)]!);
}
const THIRDS = { salt: thirdsOf('salt'), compound: thirdsOf('compound') };

/** Null where it was not worked out. */
export function levelOf(sample: SampleSpec): Jar['level'] {
  const name =
    'smiles' in sample
      ? LIBRARY.find((c) => c.smiles === sample.smiles)?.name
      : 'salts' in sample
        ? mixtureName(sample.salts.map((s) => s.formula))
        : undefined;
  const known = name === undefined ? undefined : TABLE[name];
  return known
    ? JAR_LEVELS[THIRDS['smiles' in sample ? 'compound' : 'salt'].filter((third) => hardness(known) >= third).length]!
    : null;
}
