/** Operations on liquids. Each takes the vessels it needs and returns them changed, with what happened on the way. */
import { addAmounts, type Amounts, gasById, inertSolids } from '../matter/catalogue';
import type { ReactionTaken } from '../reactions/redox';
import { distinct, type Equation, equationsOf } from '../reactions/equations';
import { drawOff, DROP_ML, mixingRise, pour, type Portion, putSolid, reagentById, receive } from './contents';
import type { Happening } from './happenings';
import { type OpOf, PASSED_GASES } from './ops';
import { BenchError } from './error';
import { letReact, type Reacted, type ReactingConditions } from './reacting';
import { holdsSolid, lumpsOf, solidsChanged } from './solids';
import { boilDown, carryOff, STEAM_MOL_PER_ML } from './vapour';
import { emptyVessel, isEmpty, ROOM_CELSIUS, type Vessel } from './vessel';

export interface Worked {
  readonly vessel: Vessel;
  readonly happened: readonly Happening[];
  readonly equations?: () => readonly Equation[];
}

/** A liquid that was moved: what stays, and where the rest went. */
export interface Moved {
  readonly from: Vessel;
  readonly to: Vessel;
}

/** Liquid that cannot be poured off a solid. */
const MOTHER_LIQUOR_ML = 0.1;
/** A tube with no more than this and no solid is rinsed when it is to be washed. */
const RINSED_ML = 0.3;
const ADD_MINUTES = 0.25;
/** What a stretch of time brought to a vessel. */
function happenedIn(before: Vessel, after: Vessel, minutes: number, heated: boolean): Happening[] {
  const left: Record<string, number> = {};
  for (const [id, mol] of Object.entries(after.gas)) {
    const more = mol - (before.gas[id] ?? 0) * Math.exp(-minutes / 2);
    if (more > 1e-9) left[id] = more;
  }
  const happened: Happening[] = [
    { what: 'change', from: before, to: after },
    { what: 'gas', left, vessel: after },
  ];
  if (!heated && after.celsius > before.celsius + 8 && before.mL > 0) happened.push({ what: 'warmer' });
  return happened;
}

/** States on the way that hold a solid which was not there before and is not there, or not alone, after. */
function passedThrough(before: Vessel, { vessel: after, taken, first }: Reacted): Happening[] {
  const passing = ({ solids }: Pick<ReactionTaken, 'solids'>) => {
    const gone = Object.entries(solids).filter(([id]) => !(before.solids[id]! > 0) && !(after.solids[id]! > 0));
    return gone.length ? [{ ...after, amounts: before.amounts, solids: Object.fromEntries(gone) }] : [];
  };
  const fresh = first && !Object.keys(before.solids).length ? [{ ...after, amounts: before.amounts, solids: first }] : [];
  return [...fresh, ...taken.flatMap(passing)].map((through) => ({ what: 'passing', from: before, through }));
}

/** Lets a changed vessel react. */
export function react(before: Vessel, mixed: Vessel, how: ReactingConditions): Worked {
  const reacted = letReact(mixed, how);
  const { vessel, taken } = reacted;
  return {
    vessel,
    happened: [...passedThrough(before, reacted), ...happenedIn(before, vessel, how.minutes, how.pressure !== undefined)],
    equations: () => equationsOf(taken, before, vessel),
  };
}

/** A vessel that was changed without anything leaving it. */
const changed = (from: Vessel, to: Vessel): Worked => ({ vessel: to, happened: [{ what: 'change', from, to }] });
const looked = (vessel: Vessel): Worked => ({ vessel, happened: [{ what: 'look', vessel }] });

function dose(op: OpOf<'add'>): { mL?: number; grams?: number } {
  const doses = [op.drops, op.mL, op.grams, op.until].filter((v) => v !== undefined).length;
  if (doses !== 1) throw new BenchError('add: give exactly one of "drops", "mL", "grams" or "until"');
  if (op.grams !== undefined) return { grams: op.grams };
  return { mL: op.mL ?? (op.drops ?? 0) * DROP_ML };
}

/** Drops without any change of the solids after which nothing more is expected. */
const STILL_DROPS = 12;
const BASIC_PH = 8;
const ACID_PH = 5;
/** A base that brings a liquid past this would dissolve again what is looked for. */
const TOO_BASIC_PH = 10;
/** The smallest part of a drop that can be let down a wall. */
const LEAST_DROP = 0.125;

const passedBy = ({ pH }: Vessel, until: OpOf<'add'>['until']): boolean => until === 'just-basic' && (pH ?? 7) > TOO_BASIC_PH;

function addUntil(vessel: Vessel, op: OpOf<'add'>): Worked {
  const reagent = reagentById(op.reagent);
  const most = Math.round((op.max_mL ?? 10) / DROP_ML);
  let now = vessel;
  let still = 0;
  const each: (readonly Happening[])[] = [];
  const equationsOfDrops: NonNullable<Worked['equations']>[] = [];
  const reached = (v: Vessel) => {
    if (op.until === 'just-basic') return (v.pH ?? 7) >= BASIC_PH;
    if (op.until === 'just-acidic') return (v.pH ?? 7) <= ACID_PH;
    return still >= STILL_DROPS;
  };
  while (each.length < most && !reached(now)) {
    const drop = (share: number) => react(now, pour(now, reagent, DROP_ML * share), { minutes: 0.05, mixed: true });
    let step = drop(1);
    // A careful hand lets only a part of the last drop run down.
    for (let share = 0.5; share >= LEAST_DROP && passedBy(step.vessel, op.until); share /= 2) step = drop(share);
    still = solidsChanged(now, step.vessel) ? 0 : still + 1;
    each.push(step.happened);
    if (step.equations) equationsOfDrops.push(step.equations);
    now = step.vessel;
  }
  return {
    vessel: now,
    happened: [{ what: 'drops', each, from: vessel, to: now }],
    equations: () => distinct(equationsOfDrops.flatMap((equations) => equations())),
  };
}

export function add(vessel: Vessel, op: OpOf<'add'>): Worked {
  const reagent = reagentById(op.reagent);
  if (op.until) {
    if (reagent.solid || reagent.solvent)
      throw new BenchError(`until: ${reagent.name} is not added drop by drop; give "${reagent.solid ? 'grams' : 'mL'}"`);
    if (vessel.mL <= 0) throw new BenchError(`to: vessel ${vessel.id} has no liquid to bring ${op.until}`);
    return addUntil(vessel, op);
  }
  const { mL, grams } = dose(op);
  if (grams !== undefined) {
    if (!reagent.solid) throw new BenchError(`grams: ${reagent.name} is a liquid; give "drops" or "mL"`);
    return react(vessel, putSolid(vessel, reagent.solid, grams), { minutes: ADD_MINUTES });
  }
  if (reagent.solid) throw new BenchError(`${op.mL ? 'mL' : 'drops'}: ${reagent.name} is a solid; give "grams"`);
  if (op.layered) {
    if (vessel.mL <= 0) throw new BenchError(`layered: vessel ${vessel.id} has no liquid to pour it under`);
    const under = pour(emptyVessel('beneath'), reagent, mL!);
    const beneath = { mL: mL!, mixingHeat: reagent.mixingHeat ?? 0, amounts: under.amounts };
    return changed(vessel, { ...vessel, beneath });
  }
  return react(vessel, pour(vessel, reagent, mL!), { minutes: ADD_MINUTES });
}

/** A vessel to which gas is fed: the stream itself bubbles, so that nothing can be said of another gas. */
function fed(vessel: Vessel, gases: Amounts, minutes: number): Worked {
  const amounts = { ...vessel.amounts };
  const lost = { ...vessel.lost };
  for (const [id, mol] of Object.entries(gases)) {
    addAmounts(amounts, gasById.get(id)!.of, mol);
    addAmounts(lost, gasById.get(id)!.of, -mol);
  }
  const out = react(vessel, { ...vessel, amounts, lost, settled: false }, { minutes, pressure: 1 });
  return { ...out, happened: out.happened.filter((h) => h.what !== 'gas') };
}

const LEADING_MINUTES = 1;

/** Leads what gas is in the mouth of one vessel into the liquid of another. */
export function lead(from: Vessel, into: Vessel): { from: Vessel; into: Worked } {
  if (into.mL <= 0) throw new BenchError(`to: vessel ${into.id} has no liquid to lead the gas into`);
  if (from.id === into.id) throw new BenchError('to: lead the gas into another vessel than the one it comes from');
  return { from: { ...from, gas: {} }, into: fed(into, from.gas, LEADING_MINUTES) };
}

/** mol of gas that a gentle stream brings in a minute. */
const STREAM_MOL = 4e-4;

/** Passes a gas until the liquid is saturated or the time is over. */
export function pass(vessel: Vessel, op: OpOf<'pass'>): Worked {
  if (vessel.mL <= 0) throw new BenchError(`to: vessel ${vessel.id} has no liquid to pass gas into`);
  return fed(vessel, { [PASSED_GASES[op.gas]]: STREAM_MOL * op.minutes }, op.minutes);
}

const WARM_CELSIUS = 60;
const BOILING_CELSIUS = 100;
/** Share of a tube's liquid that a minute of gentle boiling takes, and the most that boiling takes before one stops. */
const BOILED_SHARE = 0.03;
const MOST_BOILED = 0.5;
/** mol of air that a minute takes past a warm liquid. Uncertain: an order of magnitude. */
const DRAUGHT_MOL = 1e-3;
/** Boiling and warming are followed in strides of no more than so many minutes. */
const STRIDE_MINUTES = 1;
/** While it comes to the boil, what is driven out easily goes before slower things happen, minutes. */
const HEATING_UP_MINUTES = 0.3;

/** What sulfur and the like become while a liquid stands or boils. */
function runTogether(vessel: Vessel, minutes: number): Vessel {
  const lumps: Record<string, number> = { ...vessel.lumps };
  for (const { id, traits } of inertSolids) {
    const mol = vessel.amounts[`${id}(s)`] ?? 0;
    if (!traits.flocculates || mol <= 0) continue;
    const halfLife = vessel.celsius >= BOILING_CELSIUS ? traits.flocculates.hot : traits.flocculates.cold;
    const had = lumpsOf(vessel, id);
    lumps[id] = had + (mol - had) * (1 - Math.pow(0.5, minutes / halfLife));
  }
  return { ...vessel, lumps };
}

export function heat(vessel: Vessel, op: OpOf<'heat'>): Worked {
  if (isEmpty(vessel)) throw new BenchError(`vessel: ${vessel.id} is empty; put something in it before heating`);
  if (vessel.mL <= 0) throw new BenchError(`vessel: ${vessel.id} holds only a solid; use "dry-heat" for a solid`);
  const minutes = op.minutes ?? 1;
  const warm = op.to === 'warm';
  const steam = warm ? 0 : Math.min(vessel.mL * MOST_BOILED, vessel.mL * BOILED_SHARE * minutes);
  const streamOf = (time: number) => (warm ? DRAUGHT_MOL * time : (steam * STEAM_MOL_PER_ML * time) / minutes);
  const celsius = warm ? WARM_CELSIUS : BOILING_CELSIUS;
  const taken: ReactionTaken[] = [];
  let now = letReact({ ...vessel, celsius }, { minutes: 0, mixed: true }).vessel;
  now = carryOff(now, streamOf(Math.min(HEATING_UP_MINUTES, minutes)));
  const strides = Math.ceil(minutes / STRIDE_MINUTES);
  for (let i = 0; i < strides; i++) {
    const time = minutes / strides;
    const step = letReact(boilDown(now, steam / strides), { minutes: time, mixed: true, pressure: 1 });
    taken.push(...step.taken);
    const carried = carryOff(step.vessel, streamOf(time));
    now = letReact(carried, { minutes: 0, mixed: true, pressure: 1 }).vessel;
  }
  now = runTogether(now, minutes);
  return { vessel: now, happened: happenedIn(vessel, now, minutes, true), equations: () => equationsOf(taken, vessel, now) };
}

/** What is left of a liquid when it is called dry, mL. */
const DRY_ML = 0.05;
/** Gases that a drying residue gives up are held to this, atm. */
const DRYING_ATM = 0.003;

/** mol/L of sulfuric acid that fumes. */
const FUMING_MOLAR = 17.5;

/** mL to which the sulfuric acid in a liquid is boiled down until it fumes. @throws BenchError when there is none. */
function acidLeft(vessel: Vessel): number {
  const mol = Math.min(vessel.amounts['SO4^2-'] ?? 0, (vessel.amounts['H+'] ?? 0) / 2);
  const mL = (mol / FUMING_MOLAR) * 1000;
  if (mL < DRY_ML) throw new BenchError(`fumes: there is too little sulfuric acid in ${vessel.id}; add some first`);
  return mL;
}

export function evaporate(vessel: Vessel, op: OpOf<'evaporate'>): Worked {
  if (vessel.mL <= 0) throw new BenchError(`vessel: ${vessel.id} has no liquid to evaporate`);
  const target = op.fumes ? acidLeft(vessel) : op.dry ? 0 : op.to_mL;
  if (target === undefined) throw new BenchError('evaporate: give "to_mL", "dry": true or "fumes": true');
  if (target >= vessel.mL) throw new BenchError(`to_mL: vessel ${vessel.id} already holds only ${vessel.mL.toFixed(2)} mL`);
  let now: Vessel = letReact({ ...vessel, celsius: BOILING_CELSIUS }, { minutes: 0 }).vessel;
  while (now.mL > Math.max(target, DRY_ML) + 1e-9) {
    const steam = now.mL - Math.max(now.mL * 0.6, Math.max(target, DRY_ML));
    const carried = carryOff(now, steam * STEAM_MOL_PER_ML);
    now = letReact(boilDown(carried, steam), { minutes: 2, pressure: 1 }).vessel;
  }
  if (target === 0) {
    now = letReact(now, { minutes: 2, pressure: DRYING_ATM }).vessel;
    const water = Math.max(0, now.amounts['H2O'] ?? 0);
    now = {
      ...now,
      mL: 0,
      amounts: addAmounts({ ...now.amounts }, { H2O: -water }),
      lost: addAmounts({ ...now.lost }, { H2O: water }),
    };
  }
  if (op.fumes) now = letReact(now, { minutes: 2, pressure: DRYING_ATM }).vessel;
  const out = changed(vessel, runTogether(now, 5));
  return op.fumes ? { ...out, happened: [...out.happened, { what: 'acid-fumes' }] } : out;
}

export function cool(vessel: Vessel): Worked {
  return react(vessel, { ...vessel, celsius: ROOM_CELSIUS }, { minutes: 3 });
}

export function shake(vessel: Vessel): Worked {
  let mixed: Vessel = { ...vessel, settled: false };
  if (mixed.beneath) {
    const { beneath, ...rest } = mixed;
    mixed = {
      ...rest,
      amounts: addAmounts({ ...mixed.amounts }, beneath.amounts),
      mL: mixed.mL + beneath.mL,
      celsius: mixed.celsius + mixingRise(beneath.mixingHeat, beneath.mL, mixed.mL),
    };
  }
  return react(vessel, mixed, { minutes: 0.5, mixed: true });
}

export function stand(vessel: Vessel, minutes: number): Worked {
  const celsius = ROOM_CELSIUS + (vessel.celsius - ROOM_CELSIUS) * Math.exp(-minutes / 6);
  const out = react(vessel, { ...vessel, celsius }, { minutes });
  return { ...out, vessel: { ...runTogether(out.vessel, minutes), settled: minutes >= 3 || vessel.settled } };
}

export function centrifuge(vessel: Vessel): Worked {
  const celsius = ROOM_CELSIUS + (vessel.celsius - ROOM_CELSIUS) * 0.8;
  return looked({ ...letReact({ ...vessel, celsius }, { minutes: 1 }).vessel, settled: true });
}

/** The clear liquid moves; the solid stays with a little mother liquor. */
export function decant(from: Vessel, to: Vessel): Moved {
  const keep = holdsSolid(from) ? MOTHER_LIQUOR_ML : 0.02;
  if (from.mL <= keep) throw new BenchError(`from: vessel ${from.id} has no liquid to pour off`);
  const { rest, portion } = drawOff(from, from.mL - keep, from.settled ? 0 : 0.1);
  return { from: letReact(rest, { minutes: 0.2 }).vessel, to: pourInto(to, portion) };
}

export function filter(from: Vessel, to: Vessel): Moved {
  if (from.mL <= 0.2) throw new BenchError(`from: vessel ${from.id} has too little liquid to filter`);
  const { rest, portion } = drawOff(from, from.mL - 0.2);
  return { from: { ...letReact(rest, { minutes: 1 }).vessel, settled: true }, to: pourInto(to, portion) };
}

export function pourInto(to: Vessel, portion: Portion): Vessel {
  return { ...letReact(receive(to, portion), { minutes: 0.2 }).vessel, settled: true };
}

export function wash(vessel: Vessel, op: OpOf<'wash'>): Worked {
  const reagent = reagentById(op.with, 'with');
  if (!holdsSolid(vessel) && vessel.mL > RINSED_ML)
    throw new BenchError(`vessel: there is no solid in ${vessel.id} to wash; washing would pour the liquid away`);
  let now = vessel;
  if (now.mL > MOTHER_LIQUOR_ML) now = drawOff(now, now.mL - MOTHER_LIQUOR_ML).rest;
  for (let i = 0; i < op.times; i++) {
    now = letReact(pour(now, reagent, op.mL), { minutes: 1 }).vessel;
    now = letReact(drawOff(now, now.mL - MOTHER_LIQUOR_ML).rest, { minutes: 0.2 }).vessel;
  }
  return changed(vessel, { ...now, settled: true });
}
