/** Brings a vessel to where chemistry takes it in a given time: slow changes, redox, equilibrium, gases, slow solids. */
import { equilibrate, type Equilibrium, lnKAt } from '../equilibrium/system';
import { addAmounts, conversions, gasById, gases, solidById, speciesById } from '../matter/catalogue';
import { molarMass, parseFormula } from '../matter/formula';
import { type ReactionTaken, runRedox } from '../reactions/redox';
import { solventById, type Vessel } from './vessel';

export interface ReactingConditions {
  readonly minutes: number;
  /** Is the layer, if any, mixed with the water? */
  readonly mixed?: boolean;
  /** Partial pressure that boiling or warming holds gases to, atm. */
  readonly pressure?: number;
}

/** What of the air goes into a stirred liquid. */
const AIR = 'O2';
/** mol of oxygen that a minute in air brings to a stirred tube. Uncertain: an order of magnitude. */
const AIR_MOL_PER_MINUTE = 4e-7;
/** A dissolved gas bubbles from a stirred open tube when its own pressure reaches this, atm. Uncertain. */
const BUBBLING_ATM = 0.7;
/** Less than this of a new solid, weighted by its covering power, does not come out. Uncertain. */
const NUCLEUS_MG_PER_ML = 0.02;

function convert(amounts: Record<string, number>, at: Equilibrium, litres: number, celsius: number, minutes: number): boolean {
  let changed = false;
  /** What earlier conversions of this step have taken of what `at` still shows. */
  const used: Record<string, number> = {};
  const logH = (at.lnActivity.get('H+') ?? -16) / Math.LN10;
  for (const c of conversions) {
    if (c.gate.warm !== undefined && celsius < c.gate.warm) continue;
    if (c.gate.acid !== undefined && logH < c.gate.acid) continue;
    let most = Infinity;
    for (const [count, id] of c.from) {
      if (id === 'H+') continue;
      const mol = at.concentrations.has(id) ? at.concentrations.get(id)! * litres : (at.solids[id] ?? 0);
      most = Math.min(most, (mol - (used[id] ?? 0)) / count);
    }
    if (!(most > 1e-12) || most === Infinity) continue;
    const extent = most * (1 - Math.pow(0.5, minutes / c.halfLife));
    addAmounts(amounts, c.change, extent);
    for (const [count, id] of c.from) used[id] = (used[id] ?? 0) + count * extent;
    changed = true;
  }
  return changed;
}

/** Solids that cannot form at this temperature, unless already there. */
function tooCold(vessel: Vessel): Set<string> {
  const out = new Set<string>();
  for (const s of solidById.values()) {
    if (s.traits.hot !== undefined && vessel.celsius < s.traits.hot && !(vessel.solids[s.id]! > 0)) out.add(s.id);
  }
  return out;
}

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
      const mgPerML = (mol * molarMass(parseFormula(id)) * 1000 * (traits.covers ?? 1)) / before.mL;
      return !((before.solids[id] ?? 0) > 0) && mgPerML < NUCLEUS_MG_PER_ML;
    })
    .map(([id]) => id);
}

/** Holds slow solids back to what their time constant allows; returns their amounts, or null when all may go on. */
function heldBack(before: Vessel, after: Equilibrium, minutes: number): Map<string, number> | null {
  const held = new Map<string, number>();
  for (const [id, mol] of Object.entries(after.solids)) {
    const slow = solidById.get(id)!.traits.slow;
    if (slow === undefined) continue;
    const had = before.solids[id] ?? 0;
    if (mol <= had) continue;
    // Warmth hurries it: a factor of two for each ten degrees, and crystals already there seed the rest.
    const pace = slow / Math.pow(2, (before.celsius - 25) / 10) / (had > 1e-8 ? 2 : 1);
    held.set(id, had + (mol - had) * (1 - Math.exp(-minutes / pace)));
  }
  return held.size ? held : null;
}

/**
 * @returns the vessel after `minutes`, and the redox reactions that ran.
 * @throws NotConverged when the solver fails.
 */
export function letReact(vessel: Vessel, how: ReactingConditions): { vessel: Vessel; taken: ReactionTaken[] } {
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
    pressure: BUBBLING_ATM,
    withheld: new Set([...tooCold(vessel), ...lakes.map((l) => l.id)]),
    ...(how.mixed && solvent && { layer: { litres: vessel.layer!.mL / 1000, partition: solvent.partition } }),
  };
  const air = AIR_MOL_PER_MINUTE * Math.min(how.minutes, 60);
  if (air > 0) addAmounts(amounts, { [AIR]: 1 }, air);
  let at = equilibrate(amounts, where, lastIn(vessel));
  if (convert(amounts, at, where.litres, vessel.celsius, how.minutes)) at = equilibrate(amounts, where, at);
  const redox = runRedox(amounts, where, at, { minutes: how.minutes });
  at = redox.at;
  // Reactions come first; what heat drives out as gas is gone only afterwards.
  if (how.pressure !== undefined) {
    where.pressure = how.pressure;
    at = equilibrate(amounts, where, at);
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

  const held = heldBack(vessel, at, how.minutes);
  if (held) {
    const rest = { ...amounts };
    for (const [id, mol] of held) addAmounts(rest, solidById.get(id)!.of, -mol);
    const withheld = new Set([...where.withheld, ...held.keys()]);
    at = equilibrate(rest, { ...where, withheld }, at);
    at = { ...at, solids: { ...at.solids, ...Object.fromEntries([...held].filter(([, mol]) => mol > 0)) } };
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
    let ln = -lnKAt(g.lnK, g.enthalpy, vessel.celsius);
    for (const [id, count] of Object.entries(g.of)) {
      if (id === 'H2O') continue;
      ln += count * (at.lnActivity.get(id) ?? -Infinity);
    }
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
  return {
    taken: redox.taken,
    vessel: {
      ...vessel,
      amounts: tidy(amounts),
      solids: Object.fromEntries(Object.entries(at.solids).filter(([, mol]) => mol > 0)),
      species,
      pH: -(at.lnActivity.get('H+') ?? -7 * Math.LN10) / Math.LN10,
      gas,
      vapour,
      lost,
      ...(layer && { layer }),
    },
  };
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

const speciesParts = (id: string) => speciesById.get(id)!.of;
