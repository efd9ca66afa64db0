/** How heavy a liquid is, as far as it decides which of two lies below. */
import { speciesById } from '../matter/catalogue';
import { molarMass, parseFormula } from '../matter/formula';
import type { Vessel } from './vessel';

/**
 * Share of its own mass that a dissolved thing takes from the water whose room it takes. Fitted to densities of the CRC at 20 °C: sulfuric
 * acid 18 mol/L 1.84 (here 1.79), nitric 15.8 mol/L 1.41 (1.44), hydrochloric 12 mol/L 1.18 (1.20), sodium chloride 1 mol/L 1.04 (1.03),
 * ammonia 14.8 mol/L 0.90 (0.90), ethanol 16.5 mol/L 0.81 (0.77). Acetic acid comes out too heavy by half of what it adds.
 */
const ROOM_TAKEN = { ion: 0.55, neutral: 1.3 } as const;

const massOf = new Map<string, number>();
function grams(id: string): number {
  let mass = massOf.get(id);
  if (mass === undefined) massOf.set(id, (mass = molarMass(parseFormula(id))));
  return mass;
}

/** Density of the watery liquid, g/mL, from what is dissolved in it; to about 0.05. */
export const densityOf = ({ species }: Vessel): number =>
  Object.entries(species).reduce((sum, [id, molar]) => {
    const room = speciesById.get(id)?.charge ? ROOM_TAKEN.ion : ROOM_TAKEN.neutral;
    return id in UNCOUNTED ? sum : sum + (molar * grams(id) * (1 - room)) / 1000;
  }, 1);

/** Water itself. */
const UNCOUNTED: Readonly<Record<string, true>> = { H2O: true };
