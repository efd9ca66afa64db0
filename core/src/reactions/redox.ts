/** Electron transfer: which two couples react in a vessel, and how far. */
import { equilibrate, type Conditions, type Equilibrium } from '../equilibrium/system';
import { addAmounts, type Amounts, type Couple, couples, type Participant } from '../matter/catalogue';
import type { Gate } from '../matter/data/couples';
import { hurry } from './rates';

/** RT/F at 25 °C, V. The potentials are taken as constant with temperature. */
const RT_F = 0.025693;
/** Activity given to a product of which there is none yet: next to nothing, so that no pair is passed over. */
const LN_TRACE = Math.log(1e-30);
/** A pair must be at least this far downhill to react, V. */
const LEAST_DRIVE = 0.02;
const LEAST_MOL = 1e-9;
/** A reaction that comes to rest within this share of the way is not seen to happen. */
const LEAST_SHARE = 0.02;
const MOST_REACTIONS = 30;

export interface ReactionTaken {
  /** Change per mol of extent, over components. */
  readonly change: Amounts;
  readonly mol: number;
  readonly oxidant: string;
  readonly reductant: string;
  /** mol of each equilibrium solid when it came to rest, before the next began. */
  readonly solids: Amounts;
}

export interface Surroundings {
  /** Minutes that this step lasts. */
  readonly minutes: number;
  /** mol of each metal that lies in pieces, whose surface sets the pace. */
  readonly lumps: Readonly<Record<string, number>>;
}

function open(gate: Gate | 'never' | undefined, partner: string, lnH: number, celsius: number): boolean {
  if (gate === 'never') return false;
  if (!gate) return true;
  const logH = lnH / Math.LN10;
  if (gate.warm !== undefined && celsius < gate.warm) return false;
  if (gate.acid !== undefined && logH < gate.acid) return false;
  if (gate.alkaline !== undefined && logH > gate.alkaline) return false;
  if (gate.only && !gate.only.includes(partner)) return false;
  return !gate.not?.includes(partner);
}

/** Is there less of a species than its gate asks for, or more than it allows? */
export const unsuited = ({ least = {}, most = {} }: Gate, at: Equilibrium): boolean =>
  Object.entries(least).some(([id, molar]) => (at.concentrations.get(id) ?? 0) < molar) ||
  Object.entries(most).some(([id, molar]) => (at.concentrations.get(id) ?? 0) > molar);

function tooScarce(reductant: Couple, at: Equilibrium): boolean {
  const gate = reductant.row.reductant;
  if (!gate || gate === 'never' || gate.scarce === undefined) return false;
  return lnActivity(reductant.right[0]!, at) / Math.LN10 < gate.scarce;
}

/** Components that have to be there for one side of a couple to act. */
const neededFor = (side: readonly Participant[]): readonly string[] => [
  ...new Set(side.flatMap(({ of }) => Object.keys(of).filter((id) => id !== 'H+' && id !== 'H2O' && of[id]! > 0))),
];
const needed: ReadonlyMap<Couple, { readonly left: readonly string[]; readonly right: readonly string[] }> = new Map(
  couples.map((c) => [c, { left: neededFor(c.left), right: neededFor(c.right) }]),
);

const held = (amounts: Amounts, ids: readonly string[], litres: number): boolean =>
  ids.every((id) => (amounts[id] ?? 0) > LEAST_MOL * litres * 100);

function lnActivity(p: Participant, at: Equilibrium): number {
  if (p.solid || p.label === 'H2O') return 0;
  let sum = p.lnBeta;
  for (const [id, count] of Object.entries(p.of)) {
    if (id === 'H2O') continue;
    const known = at.lnActivity.get(id);
    if (known === undefined) return LN_TRACE;
    sum += count * known;
  }
  return Math.max(sum, -90);
}

function potential(couple: Couple, at: Equilibrium): number {
  let lnQ = 0;
  for (const p of couple.right) lnQ += p.count * lnActivity(p, at);
  for (const p of couple.left) lnQ -= p.count * lnActivity(p, at);
  return couple.volts - (RT_F / couple.electrons) * lnQ;
}

function balanced(oxidant: Couple, reductant: Couple): Record<string, number> {
  const a = reductant.electrons;
  const b = oxidant.electrons;
  const change: Record<string, number> = {};
  for (const p of oxidant.left) addAmounts(change, p.of, -p.count * a);
  for (const p of oxidant.right) addAmounts(change, p.of, p.count * a);
  for (const p of reductant.right) addAmounts(change, p.of, -p.count * b);
  for (const p of reductant.left) addAmounts(change, p.of, p.count * b);
  for (const [id, count] of Object.entries(change)) if (Math.abs(count) < 1e-12) delete change[id];
  return change;
}

function limit(amounts: Amounts, change: Amounts): number {
  let most = Infinity;
  for (const [id, count] of Object.entries(change)) {
    if (count < 0 && id !== 'H+' && id !== 'H2O') most = Math.min(most, (amounts[id] ?? 0) / -count);
  }
  return most;
}

interface Pair {
  readonly oxidant: Couple;
  readonly reductant: Couple;
  readonly drive: number;
}

function mostFavourable(amounts: Amounts, at: Equilibrium, where: Conditions, spent: ReadonlySet<string>): Pair | null {
  const givers = couples.filter((c) => c.row.reductant !== 'never' && held(amounts, needed.get(c)!.right, where.litres));
  if (!givers.length) return null;
  let best: Pair | null = null;
  for (const oxidant of couples) {
    if (oxidant.row.oxidant === 'never' || !held(amounts, needed.get(oxidant)!.left, where.litres)) continue;
    let up: number | undefined;
    for (const reductant of givers) {
      if (reductant === oxidant || (spent.size && spent.has(`${oxidant.id}|${reductant.id}`))) continue;
      if (!allowed({ oxidant, reductant }, at, where.celsius)) continue;
      up ??= potential(oxidant, at);
      const drive = up - potential(reductant, at);
      if (drive > LEAST_DRIVE && (!best || drive > best.drive)) best = { oxidant, reductant, drive };
    }
  }
  return best;
}

/** Minutes for most of what a piece of metal does to a liquid in a tube. Uncertain: of the order of what is seen. */
const SURFACE_MINUTES = 3;

const asksForAcid = ({ oxidant: { row } }: Pair) =>
  row.oxidant !== undefined && row.oxidant !== 'never' && row.oxidant.acid !== undefined;

const inPieces = ({ reductant }: Pair, amounts: Amounts, lumps: Amounts) =>
  reductant.right.some((p) => p.solid && (lumps[p.label] ?? 0) > (amounts[`${p.label}(s)`] ?? 0) / 2);

/** Temperature at which a row gives its time, °C, unless it asks for a warmer one. */
const REFERENCE_CELSIUS = 25;

const gatesOf = ({ oxidant, reductant }: Pair): Gate[] =>
  [oxidant.row.oxidant, reductant.row.reductant].filter((g): g is Gate => typeof g === 'object');

/** Minutes for most of what a pair of couples does, at a temperature in °C; 0 when at once. */
function slowness(pair: Pair, amounts: Amounts, lumps: Amounts, celsius: number): number {
  const paces = gatesOf(pair).map(
    ({ slow = 0, warm = REFERENCE_CELSIUS, activation }) => slow / hurry(celsius, warm, activation),
  );
  const atSurface = inPieces(pair, amounts, lumps) ? SURFACE_MINUTES / hurry(celsius, REFERENCE_CELSIUS) : 0;
  return Math.max(atSurface, ...paces);
}

/**
 * The share of a slow reaction that a time brings: first order, and quickened by what it makes where its row says so.
 * @param times how often its time constant has passed.
 * @param atFirst how many times faster it is at first, for product that is there already.
 * @param atLast how much faster the product makes it that it leaves at the end.
 */
function shareDone(times: number, atFirst: number, atLast: number): number {
  const grown = Math.exp(Math.min(700, (atFirst + atLast) * times));
  return (grown - 1) / (grown + atLast / atFirst);
}

/** May the two couples of a pair act in such a liquid? */
function allowed({ oxidant, reductant }: Omit<Pair, 'drive'>, at: Equilibrium, celsius: number): boolean {
  const lnH = at.lnActivity.get('H+') ?? -16;
  return (
    open(oxidant.row.oxidant, reductant.id, lnH, celsius) &&
    open(reductant.row.reductant, oxidant.id, lnH, celsius) &&
    !(typeof oxidant.row.oxidant === 'object' && unsuited(oxidant.row.oxidant, at)) &&
    !(typeof reductant.row.reductant === 'object' && unsuited(reductant.row.reductant, at)) &&
    !tooScarce(reductant, at)
  );
}

/**
 * Lets the couples in a vessel react until none can, the most favourable first.
 * @param amounts mol over components; changed in place.
 * @returns what happened, in order.
 */
export function runRedox(
  amounts: Record<string, number>,
  where: Conditions,
  start: Equilibrium,
  around: Surroundings,
): { taken: ReactionTaken[]; at: Equilibrium } {
  const taken: ReactionTaken[] = [];
  const spent = new Set<string>();
  let at = start;
  for (let i = 0; i < MOST_REACTIONS; i++) {
    const pair = mostFavourable(amounts, at, where, spent);
    if (!pair) break;
    const change = balanced(pair.oxidant, pair.reductant);
    let most = limit(amounts, change);
    const slow = slowness(pair, amounts, around.lumps, where.celsius);
    // At a surface it is the acid that runs out, not the piece of metal.
    if (inPieces(pair, amounts, around.lumps) && asksForAcid(pair))
      most = Math.min(most, Math.max(0, amounts['H+'] ?? 0) / -change['H+']!);
    if (slow > 0) {
      const helpers = gatesOf(pair).flatMap(({ quickens = {} }) => Object.entries(quickens));
      const there = helpers.reduce((sum, [id, molar]) => sum + (at.concentrations.get(id) ?? 0) / molar, 1);
      const made = helpers.reduce((sum, [id, molar]) => sum + (most * Math.max(0, change[id] ?? 0)) / where.litres / molar, 0);
      most *= shareDone(around.minutes / slow, there, made);
    }
    spent.add(`${pair.oxidant.id}|${pair.reductant.id}`);
    if (!(most > LEAST_MOL * where.litres)) continue;
    let near = at;
    const after = (extent: number) => (near = equilibrate(addAmounts({ ...amounts }, change, extent), where, near));
    const downhill = (s: Equilibrium) =>
      potential(pair.oxidant, s) - potential(pair.reductant, s) > 0 && allowed(pair, s, where.celsius);
    let extent = most;
    if (downhill(after(most * (1 - 1e-6)))) spent.delete(`${pair.oxidant.id}|${pair.reductant.id}`);
    else if (!downhill(after(most * LEAST_SHARE))) continue;
    else {
      let low = 0;
      let high = most;
      for (let k = 0; k < 16; k++) {
        extent = (low + high) / 2;
        if (downhill(after(extent))) low = extent;
        else high = extent;
      }
      extent = low;
    }
    if (slow > 0) spent.add(`${pair.oxidant.id}|${pair.reductant.id}`);
    if (!(extent > LEAST_MOL * where.litres)) continue;
    addAmounts(amounts, change, extent);
    for (const id of Object.keys(change)) {
      if (id !== 'H+' && id !== 'H2O' && Math.abs(amounts[id]!) < 1e-15) amounts[id] = 0;
    }
    at = equilibrate(amounts, where, near);
    taken.push({ change, mol: extent, oxidant: pair.oxidant.id, reductant: pair.reductant.id, solids: at.solids });
  }
  return { taken, at };
}
