/** The gas over a vessel. */
import type { Vessel } from './vessel';

/** The mouth of a tube holds about this many mol of gas at 1 atm. */
const MOUTH_MOL = 4e-4;

/** Partial pressures at the mouth, atm. */
export function atMouth(vessel: Vessel): Map<string, number> {
  const out = new Map<string, number>();
  for (const [id, atm] of Object.entries(vessel.vapour)) out.set(id, Math.min(1, atm));
  for (const [id, mol] of Object.entries(vessel.gas)) out.set(id, Math.max(out.get(id) ?? 0, Math.min(1, mol / MOUTH_MOL)));
  return out;
}
