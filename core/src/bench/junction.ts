/** Two liquids one above the other: what happens where they meet. */
import { addAmounts, type Amounts, gasById } from '../matter/catalogue';
import { drawOff } from './contents';
import { letReact } from './reacting';
import { emptyVessel, type Vessel } from './vessel';

/** Share of the nitrogen monoxide made at a junction that a thin ring above it holds. Uncertain. */
const RISING_SHARE = 0.15;

/** Parts of the acid to one of the liquid above, from the middle of a junction down. */
const MIXED_PARTS = [1, 3, 9];

/** The zones at a junction with an acid that lies beneath: where both meet, and above it, where a gas made there rises. */
export function junctionZones(vessel: Vessel): Vessel[] {
  if (!vessel.beneath || vessel.mL <= 0) return [];
  const upper = drawOff(vessel, vessel.mL / 2).portion;
  const zone = (id: string, amounts: Amounts, mL: number) =>
    letReact({ ...emptyVessel(id), amounts, mL, celsius: 40 }, { minutes: 1 }).vessel;
  const { beneath } = vessel;
  const mixed = (parts: number) =>
    zone('junction', addAmounts({ ...upper.amounts }, beneath.amounts, (parts * upper.mL) / beneath.mL), upper.mL * (1 + parts));
  const met = MIXED_PARTS.map(mixed);
  const risen: Record<string, number> = {};
  // It rises from wherever most of it is made: deeper down where the acid is weaker than it was bought.
  const madeIn = (zone: Vessel, id: string) => (((zone.amounts[id] ?? 0) + (zone.gas[id] ?? 0)) * upper.mL * 2) / zone.mL;
  for (const { id, senses } of gasById.values())
    if (senses.rises) risen[id] = RISING_SHARE * Math.max(...met.map((zone) => madeIn(zone, id)));
  const above = Object.values(risen).some((mol) => mol > 0)
    ? [zone('above', addAmounts({ ...upper.amounts }, risen), upper.mL)]
    : [];
  return [...above, ...met];
}
