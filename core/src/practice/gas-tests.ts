/** What can be held to a gas at the mouth of a tube. */
import type { Op } from '../bench/ops';
import type { Paper } from '../vocabulary/words';

export interface GasTest {
  readonly name: string;
  /** Ions of which the gas tells that shows by it first. */
  readonly tells: readonly string[];
  readonly on: (vessel: string) => Op;
}

const damp =
  (paper: Paper) =>
  (vessel: string): Op => ({ op: 'paper', vessel, paper, where: 'mouth', damp: true });

/** The most telling first: what turns lime water cloudy is carbon dioxide, though it puts out a splint as well. */
export const GAS_TESTS: readonly GasTest[] = [
  { name: 'lime water', tells: ['CO3^2-', 'HCO3-'], on: (vessel) => ({ op: 'limewater', vessel }) },
  { name: 'a glowing splint', tells: [], on: (vessel) => ({ op: 'splint', vessel, splint: 'glowing' }) },
  { name: 'lead acetate paper', tells: ['S2-'], on: damp('lead-acetate') },
  { name: 'dichromate paper', tells: ['SO3^2-', 'S2O3^2-'], on: damp('dichromate') },
  { name: 'damp red litmus', tells: ['NH4+'], on: damp('red-litmus') },
  { name: 'a lit splint', tells: [], on: (vessel) => ({ op: 'splint', vessel, splint: 'lit' }) },
  { name: 'damp blue litmus', tells: [], on: damp('blue-litmus') },
];
