/** Operations on liquids. Each takes the vessels it needs and returns them changed, with what happened on the way. */
import { addAmounts, type Amounts, gasById } from '../matter/catalogue';
import { distinct, type Equation, equationsOf } from '../reactions/equations';
import { drawOff, DROP_ML, mixingRise, pour, type Portion, putSolid, reagentById, receive } from './contents';
import type { Happening } from './happenings';
import { type OpOf, PASSED_GASES } from './ops';
import { BenchError } from './error';
import { letReact, type ReactingConditions } from './reacting';
import { holdsSolid, solidsChanged } from './solids';
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
/** Share of the nitrogen monoxide made at a junction that a thin ring above it holds. Uncertain. */
const RISING_SHARE = 0.15;

/** The zones at a junction with an acid that lies beneath: where both meet, and above it, where a gas made there rises. */
export function junctionZones(vessel: Vessel): Vessel[] {
  if (!vessel.beneath || vessel.mL <= 0) return [];
  const upper = drawOff(vessel, vessel.mL / 2).portion;
  const zone = (id: string, amounts: Amounts, mL: number) =>
    letReact({ ...emptyVessel(id), amounts, mL, celsius: 40 }, { minutes: 1 }).vessel;
  const share = upper.mL / vessel.beneath.mL;
  const junction = zone('junction', addAmounts({ ...upper.amounts }, vessel.beneath.amounts, share), upper.mL * 2);
  const risen: Record<string, number> = {};
  for (const { id, senses } of gasById.values())
    if (senses.rises) risen[id] = RISING_SHARE * ((junction.amounts[id] ?? 0) + (junction.gas[id] ?? 0));
  const above = Object.values(risen).some((mol) => mol > 0)
    ? [zone('above', addAmounts({ ...upper.amounts }, risen), upper.mL)]
    : [];
  return [...above, junction];
}

/** Lets a changed vessel react. */
export function react(before: Vessel, mixed: Vessel, how: ReactingConditions): Worked {
  const { vessel, taken } = letReact(mixed, how);
  const left: Record<string, number> = {};
  for (const [id, mol] of Object.entries(vessel.gas)) {
    const more = mol - (before.gas[id] ?? 0) * Math.exp(-how.minutes / 2);
    if (more > 1e-9) left[id] = more;
  }
  const happened: Happening[] = [
    { what: 'change', from: before, to: vessel },
    { what: 'gas', left, vessel },
  ];
  if (vessel.celsius > before.celsius + 8 && before.mL > 0 && how.pressure === undefined) happened.push({ what: 'warmer' });
  return { vessel, happened, equations: () => equationsOf(taken, before, vessel) };
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
    const step = react(now, pour(now, reagent, DROP_ML), { minutes: 0.05, mixed: true });
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

/** mol of gas that a gentle stream brings in a minute. */
const STREAM_MOL = 4e-4;

/** Passes a gas until the liquid is saturated or the time is over. */
export function pass(vessel: Vessel, op: OpOf<'pass'>): Worked {
  if (vessel.mL <= 0) throw new BenchError(`to: vessel ${vessel.id} has no liquid to pass gas into`);
  const { of } = gasById.get(PASSED_GASES[op.gas])!;
  const mol = STREAM_MOL * op.minutes;
  const fed = { ...vessel, amounts: addAmounts({ ...vessel.amounts }, of, mol), settled: false };
  const out = react(vessel, fed, { minutes: op.minutes, pressure: 1 });
  return {
    ...out,
    vessel: { ...out.vessel, lost: addAmounts({ ...out.vessel.lost }, of, -mol) },
    // The stream itself bubbles: nothing can be said of another gas.
    happened: out.happened.filter((h) => h.what !== 'gas'),
  };
}

const HEATS = { warm: 60, boil: 100, strong: 100 } as const;

export function heat(vessel: Vessel, op: OpOf<'heat'>): Worked {
  if (isEmpty(vessel)) throw new BenchError(`vessel: ${vessel.id} is empty; put something in it before heating`);
  if (vessel.mL <= 0) throw new BenchError(`vessel: ${vessel.id} holds only a solid; use "dry-heat" for a solid`);
  const minutes = op.minutes ?? 1;
  const lost = op.to === 'warm' ? 0 : Math.min(vessel.mL * 0.5, vessel.mL * 0.03 * minutes);
  const amounts = addAmounts({ ...vessel.amounts }, { H2O: -lost * 0.0553 });
  const hot = { ...vessel, amounts, mL: vessel.mL - lost, celsius: HEATS[op.to] };
  const floor = op.to === 'warm' ? 0.15 * Math.exp(-0.5 * minutes) : 0.02 * Math.exp(-1.2 * minutes);
  const out = react(vessel, hot, { minutes, pressure: Math.max(1e-6, floor), mixed: true });
  return { ...out, vessel: { ...out.vessel, lost: addAmounts({ ...out.vessel.lost }, { H2O: lost * 0.0553 }) } };
}

export function evaporate(vessel: Vessel, op: OpOf<'evaporate'>): Worked {
  if (vessel.mL <= 0) throw new BenchError(`vessel: ${vessel.id} has no liquid to evaporate`);
  const target = op.dry ? 0 : op.to_mL;
  if (target === undefined) throw new BenchError('evaporate: give "to_mL" or "dry": true');
  if (target >= vessel.mL) throw new BenchError(`to_mL: vessel ${vessel.id} already holds only ${vessel.mL.toFixed(2)} mL`);
  let now: Vessel = vessel;
  while (now.mL > Math.max(target, 0.05) + 1e-9) {
    const next = Math.max(now.mL * 0.6, Math.max(target, 0.05));
    const lost = (now.mL - next) * 0.0553;
    now = letReact(
      {
        ...now,
        mL: next,
        celsius: 100,
        amounts: addAmounts({ ...now.amounts }, { H2O: -lost }),
        lost: addAmounts({ ...now.lost }, { H2O: lost }),
      },
      { minutes: 2, pressure: 0.003 },
    ).vessel;
  }
  if (target === 0) {
    const water = Math.max(0, now.amounts['H2O'] ?? 0);
    now = {
      ...now,
      mL: 0,
      amounts: addAmounts({ ...now.amounts }, { H2O: -water }),
      lost: addAmounts({ ...now.lost }, { H2O: water }),
    };
  }
  return changed(vessel, now);
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
  return { ...out, vessel: { ...out.vessel, settled: minutes >= 3 || vessel.settled } };
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
