/** Refractive index and density of liquids: from the table, else estimated from what the molecule is made of. */
import { CLOSER, CLOSER_BY_RING, CONSTANT_ROWS, HYDROGEN_REFRACTION, REFRACTION, VOLUMES } from './data/constants';
import { inLibrary } from './library';
import { matchesOf, type Structure } from './structure';

export interface Constant {
  readonly value: number;
  /** Not from a table, or from one whose value is doubtful. */
  readonly uncertain: boolean;
}

const read = (text: string): Constant => ({ value: Number.parseFloat(text), uncertain: text.includes('~') });

const TABLE: ReadonlyMap<string, { readonly index: Constant; readonly density: Constant }> = new Map(
  CONSTANT_ROWS.trim()
    .split('\n')
    .map((line) => {
      const [name, index, density] = line.split('|') as [string, string, string];
      return [name, { index: read(index), density: read(density) }];
    }),
);

/** Names of the compounds whose constants are listed. */
export const LISTED_CONSTANTS = [...TABLE.keys()];

const listed = (s: Structure) => TABLE.get(inLibrary(s.smiles)?.name ?? '');
const count = (s: Structure, smarts: string) => matchesOf(s, smarts).length;

/** Density from the volumes of the atoms, g/mL: good to about 0.05. */
export function estimatedDensity(s: Structure): number {
  const volume = Object.entries(s.atoms).reduce((sum, [element, n]) => sum + n * (VOLUMES[element] ?? 4), 0);
  const groups = CLOSER.reduce((sum, { smarts, share }) => sum + share * count(s, smarts), 0);
  const rings = s.molecule.getRingSet().getSize() * CLOSER_BY_RING.share;
  return (s.molarMass / (5 * volume)) * (1 + Math.min(groups + rings, CLOSER_BY_RING.most));
}

/** Refractive index by Lorentz and Lorenz from a molar refraction, of a liquid of this density. */
export function estimatedIndex(s: Structure, gramsPerML: number): number {
  const refraction =
    REFRACTION.reduce((sum, { smarts, mL }) => sum + mL * count(s, smarts), 0) + HYDROGEN_REFRACTION * (s.atoms['H'] ?? 0);
  const share = (refraction * gramsPerML) / s.molarMass;
  return Math.sqrt((1 + 2 * share) / (1 - share));
}

/** Density at 20 °C, g/mL. */
export const densityOf = (s: Structure): Constant => listed(s)?.density ?? { value: estimatedDensity(s), uncertain: true };

/** Refractive index at 20 °C for sodium light. */
export const refractiveIndexOf = (s: Structure): Constant =>
  listed(s)?.index ?? { value: estimatedIndex(s, densityOf(s).value), uncertain: true };
