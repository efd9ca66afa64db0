/** Brings a vessel to where chemistry takes it in a given time: slow changes, redox, equilibrium, gases, slow solids. */
import { type Conditions, equilibrate, type Equilibrium, lnKAt } from '../equilibrium/system';
import { addAmounts, type Amounts, conversions, gasById, gases, solidById, speciesById } from '../matter/catalogue';
import { molarMass, parseFormula } from '../matter/formula';
import { hurry } from '../reactions/rates';
import { type ReactionTaken, runRedox, unsuited } from '../reactions/redox';
import { nucleusLimit } from './solids';
import { carryOff } from './vapour';
import { ROOM_CELSIUS, solventById, type Vessel } from './vessel';

export interface ReactingConditions {
  /** With none, only what is at equilibrium at once happens. */
  readonly minutes: number;
  /** Is the layer, if any, mixed with the water? */
  readonly mixed?: boolean;
  /** Partial pressure that a gas may hold before it bubbles off, atm. */
  readonly pressure?: number;
}

/** What of the air goes into a stirred liquid. */
const AIR = 'O2';
/** mol of oxygen that a minute in air brings to a stirred tube. Uncertain: an order of magnitude. */
const AIR_MOL_PER_MINUTE = 4e-7;
/** A dissolved gas bubbles from a stirred open tube when its own pressure reaches this, atm. Uncertain. */
const BUBBLING_ATM = 0.7;

/** A stream of bubbles smaller than this, mol, takes nothing along that shows. */
const LEAST_STREAM_MOL = 1e-6;
/** Turns that metal, acid and air take in a stretch of time. */
const RACE_ROUNDS = 4;

/** mol of a catalyst that is enough. */
const LEAST_BESIDE_MOL = 1e-6;

function convert(amounts: Record<string, number>, at: Equilibrium, litres: number, celsius: number, minutes: number): boolean {
  let changed = false;
  /** What earlier conversions of this step have taken of what `at` still shows. */
  const used: Record<string, number> = {};
  const logH = (at.lnActivity.get('H+') ?? -16) / Math.LN10;
  for (const c of conversions) {
    if (c.gate.warm !== undefined && celsius < c.gate.warm) continue;
    if (c.gate.acid !== undefined && logH < c.gate.acid) continue;
    if (c.gate.alkaline !== undefined && logH > c.gate.alkaline) continue;
    if (unsuited(c.gate, at)) continue;
    if (c.gate.beside !== undefined && !((amounts[c.gate.beside] ?? 0) > LEAST_BESIDE_MOL)) continue;
    let most = Infinity;
    for (const [count, id] of c.from) {
      if (id === 'H+') continue;
      const mol = at.concentrations.has(id) ? at.concentrations.get(id)! * litres : (at.solids[id] ?? 0);
      most = Math.min(most, (mol - (used[id] ?? 0)) / count);
    }
    if (!(most > 1e-12) || most === Infinity) continue;
    const halfLife = c.halfLife / hurry(celsius, c.at, c.activation);
    const extent = most * (1 - Math.pow(0.5, minutes / halfLife));
    addAmounts(amounts, c.change, extent);
    for (const [count, id] of c.from) used[id] = (used[id] ?? 0) + count * extent;
    changed = true;
  }
  return changed;
}

/** Solids that no oxidant takes up in such a liquid, with their amounts in mol. */
const unyielding = (at: Equilibrium): [id: string, mol: number][] =>
  Object.entries(at.solids).filter(([id]) => {
    const { yields } = solidById.get(id)!.traits;
    return yields && !Object.entries(yields).some(([to, molar]) => (at.concentrations.get(to) ?? 0) >= molar);
  });

/** Solids that cannot form at this temperature, unless already there. */
const tooCold = (vessel: Vessel): string[] =>
  formedHot.filter(({ id, traits }) => vessel.celsius < traits.hot! && !(vessel.solids[id]! > 0)).map((s) => s.id);

const formedHot = [...solidById.values()].filter((s) => s.traits.hot !== undefined);
const lakes = [...solidById.values()].filter((s) => s.traits.on !== undefined);

/** Lakes whose dye is there but not, in `at`, the solid that would hold it. */
function lakesWithoutHost(at: Equilibrium): string[] {
  return lakes.filter((l) => !(at.solids[l.traits.on!]! > 1e-9)).map((l) => l.id);
}

/** New solids of which there would be too little to make a nucleus: they stay in solution. */
function tooLittle(before: Vessel, after: Equilibrium): string[] {
  return Object.entries(after.solids)
    .filter(([id, mol]) => {
      const { traits } = solidById.get(id)!;
      const mgPerML = (mol * molarMass(parseFormula(id)) * 1000) / before.mL;
      return !((before.solids[id] ?? 0) > 0) && mgPerML < nucleusLimit(traits);
    })
    .map(([id]) => id);
}

/** Activation energy of what crystallises, ages or dissolves slowly, kJ/mol: twice as fast for each ten degrees. By judgement. */
const SOLID_KJ = 64;

/**
 * Holds solids that form or dissolve slowly to what their time constant allows.
 * @param amounts mol over components, of which what is held must still be made.
 * @returns their amounts, or null when all may go on.
 */
function heldBack(before: Vessel, after: Equilibrium, amounts: Amounts, minutes: number): Map<string, number> | null {
  const held = new Map<string, number>();
  for (const id of new Set([...Object.keys(before.solids), ...Object.keys(after.solids)])) {
    const { of, traits } = solidById.get(id)!;
    const had = before.solids[id] ?? 0;
    const now = after.solids[id] ?? 0;
    const pace = now > had ? (traits.slow ?? traits.ripens) : traits.stays;
    if (pace === undefined || now === had) continue;
    // Crystals already there seed the rest.
    const seeded = now > had && had > 1e-8 ? 2 : 1;
    const mol = had + (now - had) * (1 - Math.exp((-minutes * hurry(before.celsius, ROOM_CELSIUS, SOLID_KJ) * seeded) / pace));
    held.set(
      id,
      Math.min(mol, ...Object.entries(of).map(([c, n]) => (c === 'H+' || c === 'H2O' ? Infinity : (amounts[c] ?? 0) / n))),
    );
  }
  return held.size ? held : null;
}

/** The equilibrium of all but some solids, which are as they are held. */
function holding(held: ReadonlyMap<string, number>, amounts: Amounts, where: Conditions, near: Equilibrium): Equilibrium {
  const rest = { ...amounts };
  for (const [id, mol] of held) addAmounts(rest, solidById.get(id)!.of, -mol);
  const withheld = new Set([...(where.withheld ?? []), ...held.keys()]);
  const at = equilibrate(rest, { ...where, withheld }, near);
  return { ...at, solids: { ...at.solids, ...Object.fromEntries([...held].filter(([, mol]) => mol > 0)) } };
}

/** Does another solid, or do the complexes from which it ripens, hold meanwhile what this one would? */
function otherwiseHeld(id: string, free: Equilibrium, slowed: Equilibrium): boolean {
  const { of, traits } = solidById.get(id)!;
  const metal = Object.keys(of)[0]!;
  if (traits.from !== undefined) {
    let all = 0;
    let complexed = 0;
    for (const [species, molar] of slowed.concentrations) {
      const { of: parts } = speciesById.get(species)!;
      all += molar * (parts[metal] ?? 0);
      if (traits.from in parts) complexed += molar * (parts[metal] ?? 0);
    }
    return complexed > all / 2;
  }
  return Object.entries(slowed.solids).some(
    ([other, mol]) => other !== id && metal in solidById.get(other)!.of && mol > (free.solids[other] ?? 0) + 1e-9,
  );
}

export interface Reacted {
  readonly vessel: Vessel;
  readonly taken: ReactionTaken[];
  /** mol of the solids there were at first, where a slow change took some of them. */
  readonly first?: Readonly<Record<string, number>>;
}

/**
 * @returns the vessel after `minutes`, and the redox reactions that ran.
 * @throws NotConverged when the solver fails.
 */
export function letReact(
  vessel: Vessel,
  how: ReactingConditions,
): { vessel: Vessel; taken: ReactionTaken[]; first?: Readonly<Record<string, number>> } {
  if (vessel.mL <= 0) return { vessel: { ...vessel, solids: {}, species: {}, pH: null, vapour: {} }, taken: [] };
  const amounts: Record<string, number> = { ...vessel.amounts };
  const lost: Record<string, number> = { ...vessel.lost };
  const solvent = vessel.layer && solventById.get(vessel.layer.solvent);
  if (how.mixed && vessel.layer) {
    for (const [id, mol] of Object.entries(vessel.layer.solutes)) addAmounts(amounts, speciesParts(id), mol);
  }
  const where = {
    litres: vessel.mL / 1000,
    celsius: vessel.celsius,
    pressure: how.pressure ?? BUBBLING_ATM,
    withheld: new Set([...tooCold(vessel), ...lakes.map((l) => l.id)]),
    ...(how.mixed && solvent && { layer: { litres: vessel.layer!.mL / 1000, partition: solvent.partition } }),
  };
  const air = AIR_MOL_PER_MINUTE * Math.min(how.minutes, 60);
  if (air > 0) addAmounts(amounts, { [AIR]: 1 }, air);
  let at = equilibrate(amounts, where, lastIn(vessel));
  const taken: ReactionTaken[] = [];
  let first: Equilibrium['solids'] | undefined;
  if (how.minutes > 0) {
    const before = at.solids;
    if (convert(amounts, at, where.litres, vessel.celsius, how.minutes)) {
      at = equilibrate(amounts, where, at);
      if (Object.keys(before).some((id) => (at.solids[id] ?? 0) < before[id]!)) first = before;
    }
    const kept = unyielding(at);
    for (const [id, mol] of kept) addAmounts(amounts, solidById.get(id)!.of, -mol);
    const around = kept.length ? { ...where, withheld: new Set([...where.withheld, ...kept.map(([id]) => id)]) } : where;
    const lumps = vessel.lumps ?? {};
    // Where metal lies, air, acid and metal go on beside each other.
    const rounds = Object.keys(lumps).length ? RACE_ROUNDS : 1;
    for (let i = 0; i < rounds; i++) {
      const redox = runRedox(amounts, around, at, { minutes: how.minutes / rounds, lumps });
      taken.push(...redox.taken);
      at = redox.at;
    }
    for (const [id, mol] of kept) addAmounts(amounts, solidById.get(id)!.of, mol);
    if (kept.length) at = equilibrate(amounts, where, at);
  }
  // What oxygen was not used stays in the air.
  if (air > 0) {
    const back = Math.min(air, amounts[AIR] ?? 0);
    amounts[AIR] = (amounts[AIR] ?? 0) - back;
    if (amounts[AIR] < 1e-15) delete amounts[AIR];
    addAmounts(lost, { [AIR]: 1 }, back - air);
    at = amounts[AIR] === undefined ? without(at, AIR) : equilibrate(amounts, where, at);
  }

  const bare = lakesWithoutHost(at);
  if (bare.length < lakes.length) {
    for (const lake of lakes) if (!bare.includes(lake.id)) where.withheld.delete(lake.id);
    at = equilibrate(amounts, where, at);
  }

  const dust = tooLittle(vessel, at);
  if (dust.length) {
    for (const id of dust) where.withheld.add(id);
    at = equilibrate(amounts, where, at);
  }

  const held = heldBack(vessel, at, amounts, how.minutes);
  if (held) {
    const slowed = holding(held, amounts, where, at);
    for (const id of held.keys()) if (solidById.get(id)!.traits.ripens && !otherwiseHeld(id, at, slowed)) held.delete(id);
    at = held.size ? holding(held, amounts, where, at) : at;
  }

  const gas: Record<string, number> = {};
  for (const [id, mol] of Object.entries(vessel.gas)) if (mol > 1e-9) gas[id] = mol * Math.exp(-how.minutes / 2);
  for (const [id, mol] of Object.entries(at.gases)) {
    gas[id] = (gas[id] ?? 0) + mol;
    addAmounts(amounts, gasById.get(id)!.of, -mol);
    addAmounts(lost, gasById.get(id)!.of, mol);
  }
  const vapour: Record<string, number> = {};
  for (const g of gases) {
    const parts = gasParts.get(g)!;
    if (!parts.every(([id]) => at.lnActivity.has(id))) continue;
    let ln = -lnKAt(g.lnK, g.enthalpy, vessel.celsius);
    for (const [id, count] of parts) ln += count * at.lnActivity.get(id)!;
    if (ln > -16) vapour[g.id] = Math.exp(ln);
  }
  let layer = vessel.layer;
  if (layer && how.mixed) {
    const solutes: Record<string, number> = {};
    for (const [id, mol] of Object.entries(at.inLayer)) {
      if (mol <= 0) continue;
      solutes[id] = mol;
      addAmounts(amounts, speciesParts(id), -mol);
    }
    layer = { ...layer, solutes };
  }
  const species: Record<string, number> = {};
  for (const [id, c] of at.concentrations) if (c > 1e-20) species[id] = c;
  const bubbled = Object.values(at.gases).reduce((sum, mol) => sum + mol, 0);
  const reacted: Vessel = {
    ...vessel,
    amounts: tidy(amounts),
    solids: Object.fromEntries(Object.entries(at.solids).filter(([, mol]) => mol > 0)),
    species,
    pH: -(at.lnActivity.get('H+') ?? -7 * Math.LN10) / Math.LN10,
    gas,
    vapour,
    lost,
    ...(layer && { layer }),
  };
  // A stream of bubbles takes along what else is volatile.
  const others = Object.fromEntries(Object.entries(vapour).filter(([id]) => !(at.gases[id]! > 0)));
  const after = bubbled > LEAST_STREAM_MOL ? carryOff(reacted, bubbled, others) : reacted;
  return { taken, vessel: after, ...(first && { first }) };
}

/** The state in which a vessel was left, its activities taken for concentrations. */
function lastIn({ species, solids, pH }: Vessel): Equilibrium | undefined {
  if (pH === null) return undefined;
  const lnActivity = new Map(Object.entries(species).map(([id, c]) => [id, Math.log(c)]));
  lnActivity.set('H+', -pH * Math.LN10);
  return { concentrations: new Map(Object.entries(species)), solids, gases: {}, inLayer: {}, lnActivity };
}

/** Dissolved oxygen binds to nothing: taking the last of it away leaves the rest as it is. */
function without(at: Equilibrium, gas: string): Equilibrium {
  const concentrations = new Map(at.concentrations);
  concentrations.delete(gas);
  const { [gas]: _, ...gases } = at.gases;
  const lnActivity = new Map(at.lnActivity);
  lnActivity.delete(gas);
  return { ...at, concentrations, gases, lnActivity };
}

function tidy(amounts: Record<string, number>): Record<string, number> {
  const out: Record<string, number> = {};
  for (const [id, mol] of Object.entries(amounts)) if (mol !== 0) out[id] = mol;
  return out;
}

const gasParts = new Map(gases.map((g) => [g, Object.entries(g.of).filter(([id]) => id !== 'H2O')]));
const speciesParts = (id: string) => speciesById.get(id)!.of;
