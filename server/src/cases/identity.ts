/** What a sample is, in words, for a case that was opened up. */
import type { SampleSpec } from '#core/bench/sample';

/** Formulas by mass, a solution's ions by mol/L, or a structure. */
export function nameSample(sample: SampleSpec): string {
  if ('salts' in sample) return sample.salts.map((s) => `${s.formula}${sample.salts.length > 1 ? ` (${s.grams} g)` : ''}`).join(', ');
  if ('smiles' in sample) return sample.smiles;
  return Object.entries(sample.solution)
    .map(([ion, molar]) => `${ion} ${molar} mol/L`)
    .join(', ');
}
