/** Operations on liquids. Each takes the vessels it needs and returns them changed, with what happened on the way. */
import { addAmounts, type Amounts, gasById } from '../matter/catalogue';
import type { ReactionTaken } from '../reactions/redox';
import { distinct, type Equation, equationsOf } from '../reactions/equations';
import { drawOff, DROP_ML, mixingRise, pour, type Portion, putSolid, reagentById, receive } from './contents';
import type { Happening } from './happenings';
import { PASSED_GASES } from './operations/pass';
import type { OpOf } from './ops';
import { BenchError } from './error';
import { letReact, type Reacted, type ReactingConditions } from './reacting';
import { densityOf } from './density';
import { checkDose } from './dose';
import { holdsSolid, hydroxideStays, isFreeOfHydroxide, runTogether, solidsChanged } from './solids';
import { emptyVessel, ROOM_CELSIUS, type Vessel } from './vessel';

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
const COOLING_MINUTES = 3;
/** What a stretch of time brought to a vessel. */
export function happenedIn(before: Vessel, after: Vessel, minutes: number, heated: boolean): Happening[] {
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
export const changed = (from: Vessel, to: Vessel): Worked => ({ vessel: to, happened: [{ what: 'change', from, to }] });
const looked = (vessel: Vessel): Worked => ({ vessel, happened: [{ what: 'look', vessel }] });

/** Drops without any change of the solids after which nothing more is expected. */
const STILL_DROPS = 12;
const BASIC_PH = 8;
const ACID_PH = 5;
/** About 0.3 mol/L of strong acid, as a paper or a colour standard shows it. */
const STRONGLY_ACID_PH = 0.7;
const isAcid = ({ pH }: Vessel) => (pH ?? 7) <= ACID_PH;
/** Past these a base would dissolve again what is looked for, and an acid turn acetate and the like into their acids. */
const TOO_BASIC_PH = 10;
const TOO_ACID_PH = 4;
/** The smallest part of a drop that can be let down a wall. */
const LEAST_DROP = 0.125;

const passedBy = ({ pH }: Vessel, until: OpOf<'add'>['until']): boolean =>
  (until === 'just-basic' && (pH ?? 7) > TOO_BASIC_PH) || (until === 'just-acidic' && (pH ?? 7) < TOO_ACID_PH);

function addUntil(vessel: Vessel, op: OpOf<'add'>): Worked {
  const reagent = reagentById(op.reagent);
  const most = Math.round((op.max_mL ?? 10) / DROP_ML);
  let now = vessel;
  let still = 0;
  let resists = false;
  const each: (readonly Happening[])[] = [];
  const equationsOfDrops: NonNullable<Worked['equations']>[] = [];
  const reached = (v: Vessel) => {
    if (op.until === 'just-basic') return (v.pH ?? 7) >= BASIC_PH;
    // A hydroxide that would still dissolve takes up the acid that was to be there.
    if (op.until === 'just-acidic') return isAcid(v) && (resists || isFreeOfHydroxide(v));
    if (op.until === 'strongly-acidic') return (v.pH ?? 7) <= STRONGLY_ACID_PH;
    return still >= STILL_DROPS;
  };
  while (each.length < most && !reached(now)) {
    const drop = (share: number) => react(now, pour(now, reagent, DROP_ML * share), { minutes: 0.05, mixed: true });
    let step = drop(1);
    // A careful hand lets only a part of the last drop run down.
    for (let share = 0.5; share >= LEAST_DROP && passedBy(step.vessel, op.until); share /= 2) step = drop(share);
    still = solidsChanged(now, step.vessel) ? 0 : still + 1;
    resists = isAcid(now) && hydroxideStays(now, step.vessel);
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

/** Pours a liquid down the side: what is denser lies below, whichever was there first. */
function layered(vessel: Vessel, poured: Vessel, mixingHeat: number): Vessel {
  const { beneath } = vessel;
  const reacted = letReact(poured, { minutes: ADD_MINUTES }).vessel;
  if (densityOf(reacted) > densityOf(vessel)) {
    const amounts = addAmounts({ ...beneath?.amounts }, poured.amounts);
    return {
      ...vessel,
      beneath: { mL: poured.mL + (beneath?.mL ?? 0), mixingHeat: Math.max(mixingHeat, beneath?.mixingHeat ?? 0), amounts },
    };
  }
  // On two layers that lie there already it runs into the upper one.
  if (beneath) return letReact(pourTogether(vessel, poured), { minutes: ADD_MINUTES }).vessel;
  const { layer, ...lower } = vessel;
  return {
    ...reacted,
    ...(vessel.kind && { kind: vessel.kind }),
    ...(layer && { layer }),
    lost: addAmounts({ ...lower.lost }, reacted.lost),
    gas: lower.gas,
    beneath: { mL: lower.mL, mixingHeat, amounts: lower.amounts },
  };
}

const pourTogether = (vessel: Vessel, poured: Vessel): Vessel => ({
  ...vessel,
  amounts: addAmounts({ ...vessel.amounts }, poured.amounts),
  mL: vessel.mL + poured.mL,
});

export function add(vessel: Vessel, op: OpOf<'add'>): Worked {
  checkDose(op);
  const reagent = reagentById(op.reagent);
  if (op.until) {
    if (vessel.mL <= 0) throw new BenchError(`to: vessel ${vessel.id} has no liquid to bring ${op.until}`);
    return addUntil(vessel, op);
  }
  if (op.grams !== undefined) return react(vessel, putSolid(vessel, reagent.solid!, op.grams), { minutes: ADD_MINUTES });
  const mL = op.mL ?? (op.drops ?? 0) * DROP_ML;
  if (op.layered) {
    if (vessel.mL <= 0) throw new BenchError(`layered: vessel ${vessel.id} has no liquid to pour it under`);
    return changed(vessel, layered(vessel, pour(emptyVessel(vessel.id), reagent, mL), reagent.mixingHeat ?? 0));
  }
  return react(vessel, pour(vessel, reagent, mL), { minutes: ADD_MINUTES });
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
  if (into.mL <= 0) throw new BenchError(`to: vessel ${into.id} has no liquid to pass the gas into`);
  if (from.id === into.id) throw new BenchError('to: pass the gas into another vessel than the one it comes from');
  return { from: { ...from, gas: {} }, into: fed(into, from.gas, LEADING_MINUTES) };
}

/** mol of gas that a gentle stream brings in a minute. */
const STREAM_MOL = 4e-4;

/** Passes a gas until the liquid is saturated or the time is over. */
export function pass(vessel: Vessel, op: OpOf<'pass'>): Worked {
  if (vessel.mL <= 0) throw new BenchError(`to: vessel ${vessel.id} has no liquid to pass gas into`);
  return fed(vessel, { [PASSED_GASES[op.gas]]: STREAM_MOL * op.minutes }, op.minutes);
}

/** A dry solid that was heated holds no liquid in which anything could go on: it grows cold, and its gases leave. */
export const isDryHeated = ({ heated, mL }: Vessel): boolean => heated !== undefined && mL <= 0;
const grownCold = (vessel: Vessel, celsius: number, minutes: number): Worked =>
  looked({
    ...vessel,
    celsius,
    gas: Object.fromEntries(
      Object.entries(vessel.gas).flatMap(([id, mol]) => {
        const left = mol * Math.exp(-minutes / 2);
        return left > 1e-9 ? [[id, left]] : [];
      }),
    ),
  });

export function cool(vessel: Vessel): Worked {
  if (isDryHeated(vessel)) return grownCold(vessel, ROOM_CELSIUS, COOLING_MINUTES);
  return react(vessel, { ...vessel, celsius: ROOM_CELSIUS }, { minutes: COOLING_MINUTES });
}

export function shake(vessel: Vessel): Worked {
  if (isDryHeated(vessel)) return looked(vessel);
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
  if (isDryHeated(vessel)) return grownCold(vessel, celsius, minutes);
  const out = react(vessel, { ...vessel, celsius }, { minutes });
  return { ...out, vessel: { ...runTogether(out.vessel, minutes), settled: minutes >= 3 || vessel.settled } };
}

export function centrifuge(vessel: Vessel): Worked {
  if (vessel.mL <= 0) throw new BenchError(`vessel: there is no liquid in ${vessel.id} to centrifuge`);
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
