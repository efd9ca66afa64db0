/** How hard a jar is, as one of three: all that may be said of it while it is closed. */
import difficulties from '#difficulty' with { type: 'json' };
import type { SampleSpec } from '#core/bench/sample';
import { LIBRARY } from '#core/organic/library';
import { type Difficulties, mixtureName } from '#core/practice/graded';
import { hardness } from '#core/reasoning/difficulty';
import { JAR_LEVELS, type Jar } from '#contract';

const TABLE = difficulties as unknown as Difficulties;
const sorted = Object.values(TABLE)
  .map(hardness)
  .sort((a, b) => a - b);
/** A third of all salts and compounds that are known is easier, a third harder. */
const THIRDS = [1, 2].map((n) => sorted[Math.floor((n * sorted.length) / JAR_LEVELS.length)]!);

/** Null where it was not worked out. */
export function levelOf(sample: SampleSpec): Jar['level'] {
  const name =
    'smiles' in sample
      ? LIBRARY.find((c) => c.smiles === sample.smiles)?.name
      : 'salts' in sample
        ? mixtureName(sample.salts.map((s) => s.formula))
        : undefined;
  const known = name === undefined ? undefined : TABLE[name];
  return known ? JAR_LEVELS[THIRDS.filter((third) => hardness(known) >= third).length]! : null;
}
