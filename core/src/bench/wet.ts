/** Operations on liquids. Each takes the vessels it needs and returns them changed, with what was seen. */
import { addAmounts, type Amounts, gasById } from '../matter/catalogue';
import { appearance, type Appearance, changes, depositSeen, describe, gasSeen, solidParts } from '../senses/appearance';
import type { Observation } from '../senses/vocabulary';
import { distinct, type Equation, equationsOf } from '../reactions/equations';
import { draw, DROP_ML, pour, type Portion, putSolid, reagentById, receive } from './contents';
import type { OpOf } from './ops';
import { BenchError } from './error';
import { settle, type Settling } from './settle';
import { emptyVessel, isEmpty, ROOM_CELSIUS, type Vessel } from './vessel';

export interface Outcome {
  readonly vessel: Vessel;
  readonly see: Observation[];
  readonly equations?: () => readonly Equation[];
}

/** Liquid that cannot be poured off a solid. */
const MOTHER_LIQUOR_ML = 0.1;
/** A tube with no more than this and no solid is rinsed when it is to be washed. */
const RINSED_ML = 0.3;
const ADD_MINUTES = 0.25;
/** Share of the nitrogen monoxide made at a junction that a thin ring above it holds. Uncertain. */
const RISING_SHARE = 0.15;

/**
 * A look that knows about a junction with an acid lying beneath: a thin zone of both reacts, and the nitrogen monoxide
 * it makes rises into the liquid above.
 */
export function see(vessel: Vessel): Appearance {
  const seen = appearance(vessel);
  if (!vessel.beneath || vessel.mL <= 0) return seen;
  const upper = draw(vessel, vessel.mL / 2).portion;
  const zone = (id: string, amounts: Amounts, mL: number) =>
    settle({ ...emptyVessel(id), amounts, mL, celsius: 40 }, { minutes: 1 }).vessel;
  const share = upper.mL / vessel.beneath.mL;
  const junction = zone('junction', addAmounts({ ...upper.amounts }, vessel.beneath.amounts, share), upper.mL * 2);
  const risen = RISING_SHARE * ((junction.amounts['NO'] ?? 0) + (junction.gas['NO'] ?? 0));
  const above = risen > 0 ? [appearance(zone('above', addAmounts({ ...upper.amounts }, { NO: risen }), upper.mL))] : [];
  const plain = (word: string) => word === 'colourless' || word === 'white' || word === 'off-white' || word === seen.liquid?.word;
  const shows = [...above, appearance(junction)].flatMap((z) => [z.liquid, z.solid]).find((part) => part && !plain(part.word));
  return { ...seen, ring: shows ? { hex: shows.hex, word: shows.word } : null };
}

/** Lets a changed vessel react, and tells what that looked like. */
export function react(before: Vessel, mixed: Vessel, how: Settling): Outcome {
  const had = see(before);
  const { vessel, taken } = settle(mixed, how);
  const fresh: Record<string, number> = {};
  for (const [id, mol] of Object.entries(vessel.gas)) {
    const more = mol - (before.gas[id] ?? 0) * Math.exp(-how.minutes / 2);
    if (more > 1e-9) fresh[id] = more;
  }
  const observations = [...changes(had, see(vessel)), ...gasSeen(fresh, vessel), ...depositSeen(before, vessel)];
  if (vessel.celsius > before.celsius + 8 && before.mL > 0 && how.pressure === undefined)
    observations.push({ channel: 'heat', event: 'warmer' });
  return { vessel, see: observations, equations: () => equationsOf(taken, before, vessel) };
}

function dose(op: OpOf<'add'>): { mL?: number; grams?: number } {
  const given = [op.drops, op.mL, op.grams, op.until].filter((v) => v !== undefined).length;
  if (given !== 1) throw new BenchError('add: give exactly one of "drops", "mL", "grams" or "until"');
  if (op.grams !== undefined) return { grams: op.grams };
  return { mL: op.mL ?? (op.drops ?? 0) * DROP_ML };
}

function addUntil(vessel: Vessel, op: OpOf<'add'>): Outcome & { drops: number } {
  const reagent = reagentById(op.reagent);
  const most = Math.round((op.max_mL ?? 10) / DROP_ML);
  let now = vessel;
  let still = 0;
  let drops = 0;
  const all: Observation[] = [];
  const told: NonNullable<Outcome['equations']>[] = [];
  const reached = (v: Vessel) => {
    if (op.until === 'just-basic') return (v.pH ?? 7) >= 8;
    if (op.until === 'just-acidic') return (v.pH ?? 7) <= 5;
    return still >= 12;
  };
  while (drops < most && !reached(now)) {
    const step = react(now, pour(now, reagent, DROP_ML), { minutes: 0.05, mixed: true });
    const changed = step.see.some((o) => o.channel === 'precipitate' && o.event !== 'none');
    still = changed ? 0 : still + 1;
    for (const o of step.see) {
      const known = all.some((p) => p.channel === o.channel && p.event === o.event && p.colour === o.colour);
      if (!known && o.event !== 'none' && o.event !== 'unchanged') all.push(o);
    }
    if (step.equations) told.push(step.equations);
    now = step.vessel;
    drops++;
  }
  const last = changes(see(vessel), see(now));
  for (const o of last) if (!all.some((p) => p.channel === o.channel && p.event === o.event)) all.push(o);
  return { vessel: now, see: all, drops, equations: () => distinct(told.flatMap((tell) => tell())) };
}

export function add(vessel: Vessel, op: OpOf<'add'>): Outcome {
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
    const beneath = { mL: mL!, amounts: under.amounts };
    const had = see(vessel);
    const layered = { ...vessel, beneath };
    return { vessel: layered, see: changes(had, see(layered)) };
  }
  return react(vessel, pour(vessel, reagent, mL!), { minutes: ADD_MINUTES });
}

/** Passes a gas until the liquid is saturated or the time is over. */
export function pass(vessel: Vessel, op: OpOf<'pass'>): Outcome {
  if (vessel.mL <= 0) throw new BenchError(`to: vessel ${vessel.id} has no liquid to pass gas into`);
  const id = { 'hydrogen-sulfide': 'H2S', 'carbon-dioxide': 'CO2', chlorine: 'Cl2' }[op.gas];
  const mol = 4e-4 * op.minutes;
  const fed = { ...vessel, amounts: addAmounts({ ...vessel.amounts }, gasById.get(id)!.of, mol), settled: false };
  const out = react(vessel, fed, { minutes: op.minutes, pressure: 1 });
  return {
    vessel: { ...out.vessel, given: addAmounts({ ...out.vessel.given }, gasById.get(id)!.of, -mol) },
    see: out.see.filter((o) => o.channel !== 'gas'),
    ...(out.equations && { equations: out.equations }),
  };
}

const HEATS = { warm: 60, boil: 100, strong: 100 } as const;

export function heat(vessel: Vessel, op: OpOf<'heat'>): Outcome {
  if (isEmpty(vessel)) throw new BenchError(`vessel: ${vessel.id} is empty; put something in it before heating`);
  if (vessel.mL <= 0) throw new BenchError(`vessel: ${vessel.id} holds only a solid; use "dry-heat" for a solid`);
  const minutes = op.minutes ?? 1;
  const lost = op.to === 'warm' ? 0 : Math.min(vessel.mL * 0.5, vessel.mL * 0.03 * minutes);
  const amounts = addAmounts({ ...vessel.amounts }, { H2O: -lost * 0.0553 });
  const hot = { ...vessel, amounts, mL: vessel.mL - lost, celsius: HEATS[op.to] };
  const floor = op.to === 'warm' ? 0.15 * Math.exp(-0.5 * minutes) : 0.02 * Math.exp(-1.2 * minutes);
  const out = react(vessel, hot, { minutes, pressure: Math.max(1e-6, floor), mixed: true });
  return { ...out, vessel: { ...out.vessel, given: addAmounts({ ...out.vessel.given }, { H2O: lost * 0.0553 }) } };
}

export function evaporate(vessel: Vessel, op: OpOf<'evaporate'>): Outcome {
  if (vessel.mL <= 0) throw new BenchError(`vessel: ${vessel.id} has no liquid to evaporate`);
  const target = op.dry ? 0 : op.to_mL;
  if (target === undefined) throw new BenchError('evaporate: give "to_mL" or "dry": true');
  if (target >= vessel.mL) throw new BenchError(`to_mL: vessel ${vessel.id} already holds only ${vessel.mL.toFixed(2)} mL`);
  let now: Vessel = vessel;
  while (now.mL > Math.max(target, 0.05) + 1e-9) {
    const next = Math.max(now.mL * 0.6, Math.max(target, 0.05));
    const lost = (now.mL - next) * 0.0553;
    now = settle(
      {
        ...now,
        mL: next,
        celsius: 100,
        amounts: addAmounts({ ...now.amounts }, { H2O: -lost }),
        given: addAmounts({ ...now.given }, { H2O: lost }),
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
      given: addAmounts({ ...now.given }, { H2O: water }),
    };
  }
  return { vessel: now, see: changes(see(vessel), see(now)) };
}

export function cool(vessel: Vessel): Outcome {
  return react(vessel, { ...vessel, celsius: ROOM_CELSIUS }, { minutes: 3 });
}

export function shake(vessel: Vessel): Outcome {
  let mixed: Vessel = { ...vessel, settled: false };
  if (mixed.beneath) {
    const { beneath, ...rest } = mixed;
    mixed = {
      ...rest,
      amounts: addAmounts({ ...mixed.amounts }, beneath.amounts),
      mL: mixed.mL + beneath.mL,
      celsius: mixed.celsius + (200 * beneath.mL * mixed.mL) / (beneath.mL + mixed.mL) ** 2,
    };
  }
  return react(vessel, mixed, { minutes: 0.5, mixed: true });
}

export function stand(vessel: Vessel, minutes: number): Outcome {
  const celsius = ROOM_CELSIUS + (vessel.celsius - ROOM_CELSIUS) * Math.exp(-minutes / 6);
  const out = react(vessel, { ...vessel, celsius }, { minutes });
  return { ...out, vessel: { ...out.vessel, settled: minutes >= 3 || vessel.settled } };
}

export function centrifuge(vessel: Vessel): Outcome {
  const celsius = ROOM_CELSIUS + (vessel.celsius - ROOM_CELSIUS) * 0.8;
  const out = settle({ ...vessel, celsius }, { minutes: 1 }).vessel;
  const spun = { ...out, settled: true };
  return { vessel: spun, see: describe(see(spun)) };
}

/** The clear liquid moves; the solid stays with a little mother liquor. */
export function decant(from: Vessel, to: Vessel): { from: Vessel; to: Vessel; see: Observation[] } {
  const solid = solidParts(from).length > 0;
  const keep = solid ? MOTHER_LIQUOR_ML : 0.02;
  if (from.mL <= keep) throw new BenchError(`from: vessel ${from.id} has no liquid to pour off`);
  const { rest, portion } = draw(from, from.mL - keep, from.settled ? 0 : 0.1);
  const poured = settlePortion(to, portion);
  return { from: settle(rest, { minutes: 0.2 }).vessel, to: poured, see: describe(see(poured)) };
}

export function filter(from: Vessel, to: Vessel): { from: Vessel; to: Vessel; see: Observation[] } {
  if (from.mL <= 0.2) throw new BenchError(`from: vessel ${from.id} has too little liquid to filter`);
  const { rest, portion } = draw(from, from.mL - 0.2);
  const poured = settlePortion(to, portion);
  return { from: { ...settle(rest, { minutes: 1 }).vessel, settled: true }, to: poured, see: describe(see(poured)) };
}

export function settlePortion(to: Vessel, portion: Portion): Vessel {
  return { ...settle(receive(to, portion), { minutes: 0.2 }).vessel, settled: true };
}

export function wash(vessel: Vessel, op: OpOf<'wash'>): Outcome {
  const reagent = reagentById(op.with, 'with');
  if (!solidParts(vessel).length && vessel.mL > RINSED_ML)
    throw new BenchError(`vessel: there is no solid in ${vessel.id} to wash; washing would pour the liquid away`);
  const had = see(vessel);
  let now = vessel;
  if (now.mL > MOTHER_LIQUOR_ML) now = draw(now, now.mL - MOTHER_LIQUOR_ML).rest;
  for (let i = 0; i < op.times; i++) {
    now = settle(pour(now, reagent, op.mL), { minutes: 1 }).vessel;
    now = settle(draw(now, now.mL - MOTHER_LIQUOR_ML).rest, { minutes: 0.2 }).vessel;
  }
  const washed = { ...now, settled: true };
  return { vessel: washed, see: changes(had, see(washed)) };
}
