/** Parting a mixture in a separating funnel: what an acid or a base draws out of ether. */
import { READ_TO } from '../vocabulary/readings';
import { charged } from './acidity';
import { type Wash, WASHES } from './data/washes';
import { inWater } from './solubility';
import { structureOf } from './structure';

export interface Part {
  readonly smiles: string;
  readonly grams: number;
}

/** mL of ether, and of the watery liquid each time. */
const ETHER_ML = 20;
const WASH_ML = 20;
/** pH to which the washings are brought so that what they hold falls out. */
const SET_FREE: Readonly<Record<Wash, number>> = { 'hcl-5pc': 12, 'nahco3-5pc': 1, 'naoh-5pc': 1 };

/** Share that goes into the watery liquid, the partition between ether and water taken as that of octanol. */
function drawn(smiles: string, wash: Wash, times: number): number {
  const s = structureOf(smiles);
  const ratio = 10 ** s.logP / (1 + charged(s, WASHES[wash]));
  const stays = (ratio * ETHER_ML) / (ratio * ETHER_ML + WASH_ML);
  return 1 - stays ** times;
}

const enough = (parts: readonly Part[]) => parts.filter((p) => p.grams > 1e-6);

/**
 * Shakes a mixture in ether with an acid or base and sets free what the washings hold.
 * @returns what is left in the ether, and what was filtered or taken up from the washings; their water keeps what it dissolves.
 */
export function shakeOut(parts: readonly Part[], wash: Wash, times: number): { ether: Part[]; washings: Part[] } {
  const held = ({ smiles }: Part, pH: number) => (inWater(structureOf(smiles), pH) * WASH_ML * times) / 1000;
  // No more than the washings dissolve.
  const taken = parts.map((p) => Math.min(p.grams * drawn(p.smiles, wash, times), held(p, WASHES[wash])));
  return {
    ether: enough(parts.map((p, i) => ({ ...p, grams: p.grams - taken[i]! }))),
    washings: enough(parts.map((p, i) => ({ ...p, grams: Math.max(0, taken[i]! - held(p, SET_FREE[wash])) }))),
  };
}

/**
 * What one has of a solid or oil after shaking out, g: the rest stays on the glass. A whole tenth of a gram, or a hundredth of what
 * is less than that; the exact share would name the compound by how it parts between ether and water.
 */
export function recovered(grams: number): number {
  if (grams <= 0) return 0;
  const steps = Math.round(1 / READ_TO.recovered) * (grams < READ_TO.recovered ? 10 : 1);
  return Math.max(1, Math.floor(grams * steps)) / steps;
}

/** What a portion is worked as: the compound of which there is most, and the mole fraction of all else. */
export function purityOf(parts: readonly Part[]): { smiles: string; impurity: number } {
  const mol = parts.map((p) => p.grams / structureOf(p.smiles).molarMass);
  const most = mol.indexOf(Math.max(...mol));
  return { smiles: parts[most]!.smiles, impurity: 1 - mol[most]! / mol.reduce((a, b) => a + b, 0) };
}
