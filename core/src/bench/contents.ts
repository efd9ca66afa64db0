/** Putting matter into vessels and taking it out: pouring, dosing, splitting solid from liquid. */
import { addAmounts, type Amounts, inertById, overComponents, solidById } from '../matter/catalogue';
import { type ReagentRow, REAGENTS } from '../matter/data/reagents';
import { parseSalt } from '../matter/salts';
import { BenchError } from './error';
import { lumpsOf } from './solids';
import { CAPACITY_ML, ROOM_CELSIUS, solventById, type Vessel, WATER_PER_LITRE } from './vessel';

export const DROP_ML = 0.05;

const reagents = new Map(REAGENTS.map((r) => [r.id, r]));

/** @throws BenchError that names the nearest ids. */
export function reagentById(id: string, field = 'reagent'): ReagentRow {
  const found = reagents.get(id);
  if (found) return found;
  const stem = id.split('-')[0]!;
  const near = REAGENTS.filter((r) => r.id.startsWith(stem)).map((r) => r.id);
  throw new BenchError(
    `${field}: there is no reagent "${id}"${near.length ? `; did you mean ${near.slice(0, 5).join(', ')}?` : '; see the reagent list for the ids'}`,
  );
}

/** What a bottle is called; one that is not on this shelf, as a record from elsewhere may name it, by its id. */
export const reagentName = (id: string): string => reagents.get(id)?.name ?? id.replaceAll('-', ' ');

const perLitre = new Map<string, Record<string, number>>();

/** mol over components in a litre of a reagent. */
export function reagentContents(reagent: ReagentRow): Amounts {
  const known = perLitre.get(reagent.id);
  if (known) return known;
  const sum: Record<string, number> = { H2O: WATER_PER_LITRE };
  for (const [id, molar] of Object.entries(reagent.solution ?? {})) addAmounts(sum, overComponents(id), molar);
  for (const [id, molar] of Object.entries(reagent.suspended ?? {})) addAmounts(sum, solidById.get(id)!.of, molar);
  perLitre.set(reagent.id, sum);
  return sum;
}

/** Checks that so much more goes in. @throws BenchError with how much would. */
export function roomFor(vessel: Vessel, mL: number): void {
  const full = vessel.mL + (vessel.layer?.mL ?? 0) + (vessel.beneath?.mL ?? 0);
  const holds = CAPACITY_ML[vessel.kind ?? 'tube'];
  if (full + mL > holds + 1e-9)
    throw new BenchError(
      `mL: vessel ${vessel.id} holds ${holds} mL and has ${full.toFixed(2)} mL in it; add at most ${Math.max(0, holds - full).toFixed(2)} mL, take a new tube, or set up a beaker`,
    );
}

/** Pours a reagent in; nothing has reacted yet. */
export function pour(vessel: Vessel, reagent: ReagentRow, mL: number): Vessel {
  roomFor(vessel, mL);
  if (reagent.solvent) {
    const solvent = solventById.get(reagent.solvent)!;
    if (vessel.layer && vessel.layer.solvent !== solvent.id)
      throw new BenchError(`reagent: vessel ${vessel.id} already has a layer of ${vessel.layer.solvent}; use a fresh tube`);
    const had = vessel.layer ?? { solvent: solvent.id, mL: 0, solutes: {} };
    return { ...vessel, layer: { ...had, mL: had.mL + mL } };
  }
  const amounts = addAmounts({ ...vessel.amounts }, reagentContents(reagent), mL / 1000);
  const celsius = vessel.mL > 0 ? (vessel.celsius * vessel.mL + ROOM_CELSIUS * mL) / (vessel.mL + mL) : ROOM_CELSIUS;
  return {
    ...vessel,
    amounts,
    mL: vessel.mL + mL,
    celsius: celsius + mixingRise(reagent.mixingHeat ?? 0, mL, vessel.mL),
    settled: false,
  };
}

/** Rise in °C when volumes of a reagent that heats with water and of a watery liquid are mixed. */
export const mixingRise = (heat: number, mL: number, other: number): number =>
  other <= 0 ? 0 : (heat * mL * other) / (mL + other) ** 2;

type SolidContents = NonNullable<ReagentRow['solid']>;

/** The formulas in a solid reagent, with their shares of its mass. */
export const partsOf = (solid: SolidContents): [formula: string, share: number][] =>
  typeof solid === 'string' ? [[solid, 1]] : Object.entries(solid);

export const putSolid = (vessel: Vessel, solid: SolidContents, grams: number): Vessel =>
  partsOf(solid).reduce((now, [formula, share]) => putFormula(now, formula, grams * share), vessel);

function putFormula(vessel: Vessel, formula: string, grams: number): Vessel {
  const salt = parseSalt(formula);
  const mol = grams / salt.molarMass;
  return {
    ...vessel,
    amounts: addAmounts({ ...vessel.amounts }, salt.of, mol),
    ...(inertById.get(formula)?.traits.piece && {
      lumps: { ...vessel.lumps, [formula]: lumpsOf(vessel, formula) + mol },
    }),
    settled: false,
  };
}

/** mol over components that is in the liquid, not in solids. */
export function liquidAmounts(vessel: Vessel): Record<string, number> {
  const out: Record<string, number> = {};
  for (const [id, mol] of Object.entries(vessel.amounts)) if (!id.endsWith('(s)')) out[id] = mol;
  for (const [id, mol] of Object.entries(vessel.solids)) addAmounts(out, solidById.get(id)!.of, -mol);
  return out;
}

/**
 * Takes liquid out, leaving solids behind; colloids go with it, and so does a part of what has not settled.
 * @returns what is left, and what came out as a vessel-less portion.
 */
export function drawOff(vessel: Vessel, mL: number, carry = 0): { rest: Vessel; portion: Portion } {
  const share = Math.min(1, mL / vessel.mL);
  const moved: Record<string, number> = {};
  addAmounts(moved, liquidAmounts(vessel), share);
  const solids: Record<string, number> = {};
  for (const [id, mol] of Object.entries(vessel.solids)) {
    const part = mol * share * (solidById.get(id)!.traits.colloid ? 1 : carry);
    solids[id] = mol - part;
    addAmounts(moved, solidById.get(id)!.of, part);
  }
  for (const [id, mol] of Object.entries(vessel.amounts)) {
    if (!id.endsWith('(s)')) continue;
    const formula = id.slice(0, -3);
    const traits = inertById.get(formula)?.traits;
    const lumps = lumpsOf(vessel, formula);
    const part = share * ((mol - lumps) * (traits?.colloid ? 1 : carry) + lumps * (traits?.piece ? 0 : carry));
    if (part > 0) moved[id] = part;
  }
  const amounts = addAmounts({ ...vessel.amounts }, moved, -1);
  for (const id of Object.keys(amounts)) if (Math.abs(amounts[id]!) < 1e-18) delete amounts[id];
  return {
    rest: { ...vessel, amounts, solids, mL: Math.max(0, vessel.mL - mL) },
    portion: { amounts: moved, mL: vessel.mL * share, celsius: vessel.celsius },
  };
}

export interface Portion {
  readonly amounts: Amounts;
  readonly mL: number;
  readonly celsius: number;
}

/** Pours a portion into a vessel; nothing has reacted yet. */
export function receive(vessel: Vessel, portion: Portion): Vessel {
  roomFor(vessel, portion.mL);
  const mL = vessel.mL + portion.mL;
  const celsius = mL > 0 ? (vessel.celsius * vessel.mL + portion.celsius * portion.mL) / mL : vessel.celsius;
  return { ...vessel, amounts: addAmounts({ ...vessel.amounts }, portion.amounts), mL, celsius };
}
