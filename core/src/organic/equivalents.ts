/** Titrations of a compound: what the burette reads, and the equivalent mass that follows. */
import { asRead } from '../vocabulary/readings';
import { ionisableOf, protonsOf } from './acidity';
import type { Structure } from './structure';

/** A titration with its weighed portion and the strength of what is in the burette, mol/L. */
export const TITRATIONS = {
  'neutralisation-equivalent': { grams: 0.2, molar: 0.1 },
  'saponification-equivalent': { grams: 0.5, molar: 0.5 },
} as const;

export type Titration = keyof typeof TITRATIONS;

/** Grams of a compound that take one mole of base. */
export const equivalentMass = (grams: number, mL: number, molar: number): number => (1000 * grams) / (mL * molar);

/** Phenolphthalein turns with acids up to this pKa, that of a base with its proton too. */
const TITRATED_PKA = 8.5;

function acids(s: Structure): number {
  if (s.salt) return protonsOf(s).filter((pKa) => pKa < TITRATED_PKA).length;
  const groups = ionisableOf(s);
  // An amine in the molecule keeps the proton of an acid; a weak base, such as an anilinium, gives it up to the burette.
  const keeping = groups.filter((i) => i.kind === 'base' && i.pKa >= TITRATED_PKA).length;
  const turning = Math.max(0, groups.filter((i) => i.kind === 'acid' && i.pKa < TITRATED_PKA).length - keeping);
  // A carboxylate on the ring leaves a phenol too weak an acid to count.
  return s.has('carboxylic-acid') ? Math.min(turning, s.count('carboxylic-acid') + s.count('sulfonic-acid')) : turning;
}

function saponified(s: Structure): number {
  if (!s.has('ester', 'anhydride', 'acid-halide') || s.has('hindered-acyl')) return 0;
  return s.count('ester') + 2 * s.count('anhydride') + 2 * s.count('acid-halide') + acids(s);
}

export interface Weighed {
  readonly structure: Structure;
  /** Of the mass. */
  readonly share: number;
}

/** What is read of a compound or a mixture, and worked out; null where nothing in it is titrated. */
export function titrate(parts: readonly Weighed[], which: Titration): { grams: number; mL: number; equivalent: number } | null {
  const groups = which === 'neutralisation-equivalent' ? acids : saponified;
  const { grams, molar } = TITRATIONS[which];
  const exact = parts.reduce(
    (sum, { structure: s, share }) => sum + (1000 * grams * share * groups(s)) / (s.molarMass * molar),
    0,
  );
  if (!exact) return null;
  const mL = asRead('burette', exact);
  return { grams, mL, equivalent: asRead('equivalent', equivalentMass(grams, mL, molar)) };
}
