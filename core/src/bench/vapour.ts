/** What leaves a liquid as vapour: steam, and each gas in the share of the steam that its own pressure has. */
import { addAmounts, type Amounts, gasById } from '../matter/catalogue';
import { liquidAmounts } from './contents';
import type { Vessel } from './vessel';

/** mol of water in a mL that has gone as steam. */
export const STEAM_MOL_PER_ML = 0.0553;

/** What of a gas there could be at most, mol; acid is not asked for. */
function pool(of: Amounts, liquid: Amounts): number {
  let most = Infinity;
  for (const [id, count] of Object.entries(of))
    if (id !== 'H+' && id !== 'H2O' && count > 0) most = Math.min(most, (liquid[id] ?? 0) / count);
  return most;
}

/**
 * Lets a stream of steam or air carry gases out of a liquid, as much of each as its partial pressure over the liquid allows:
 * with pressure P in atm and a stream of n mol, n·P mol, and less as it grows scarce.
 * @param stream mol of steam or air at 1 atm.
 * @param vapour partial pressures of what it may take, atm; all by default.
 * @returns the vessel, not yet at equilibrium.
 */
export function carryOff(vessel: Vessel, stream: number, vapour: Amounts = vessel.vapour): Vessel {
  const amounts = { ...vessel.amounts };
  const lost = { ...vessel.lost };
  const gas = { ...vessel.gas };
  const liquid = liquidAmounts(vessel);
  for (const [id, atm] of Object.entries(vapour)) {
    const { of } = gasById.get(id)!;
    const most = pool(of, liquid);
    if (!(most > 0)) continue;
    const mol = (stream * atm) / (1 + (stream * atm) / most);
    addAmounts(amounts, of, -mol);
    addAmounts(liquid, of, -mol);
    addAmounts(lost, of, mol);
    gas[id] = (gas[id] ?? 0) + mol;
  }
  return { ...vessel, amounts, lost, gas };
}

/** Takes water away as steam. */
export function boilDown(vessel: Vessel, mL: number): Vessel {
  const mol = mL * STEAM_MOL_PER_ML;
  return {
    ...vessel,
    mL: vessel.mL - mL,
    amounts: addAmounts({ ...vessel.amounts }, { H2O: -mol }),
    lost: addAmounts({ ...vessel.lost }, { H2O: mol }),
  };
}
