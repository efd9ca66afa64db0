/** The data tables, read once: every formula balanced over the components, every constant as a natural logarithm. */
import { ANIONS, CATIONS, COMPONENTS, IONS } from './data/components';
import { CONVERSIONS, COUPLES, type CoupleRow, type Gate } from './data/couples';
import { GASES, type GasSenses } from './data/gases';
import type { Colour, Texture } from '../vocabulary/words';
import { INERT_SOLIDS, SOLIDS, type SolidTraits } from './data/solids';
import type { SourceKey } from './data/sources';
import { SPECIES } from './data/species';
import { compositionKey, FormulaError, type Formula, parseFormula, plainText } from './formula';

/** Amounts over components; `H2O` makes up the balance and `X(s)` stands for an inert solid. */
export type Amounts = Readonly<Record<string, number>>;

export interface Species {
  readonly id: string;
  readonly of: Amounts;
  readonly charge: number;
  readonly lnBeta: number;
  /** kJ/mol. */
  readonly enthalpy: number;
  readonly source: SourceKey | null;
}

export interface Solid {
  readonly id: string;
  readonly of: Amounts;
  readonly lnK: number;
  readonly colour: Colour;
  readonly texture: Texture;
  readonly source: SourceKey;
  readonly traits: SolidTraits;
}

export interface InertSolid {
  readonly id: string;
  readonly colour: Colour;
  readonly texture: Texture;
  readonly traits: SolidTraits;
}

export interface Gas {
  readonly id: string;
  readonly of: Amounts;
  readonly lnK: number;
  readonly enthalpy: number;
  readonly source: SourceKey;
  readonly senses: GasSenses;
}

/** A participant of a half-reaction: its coefficient, what it is made of, and the species that gives its activity. */
export interface Participant {
  readonly count: number;
  readonly label: string;
  readonly of: Amounts;
  readonly lnBeta: number;
  readonly solid: boolean;
}

export interface Couple {
  readonly id: string;
  readonly row: CoupleRow;
  readonly electrons: number;
  readonly volts: number;
  readonly left: readonly Participant[];
  readonly right: readonly Participant[];
}

export interface Conversion {
  readonly id: string;
  /** Species or solids used up, with their counts. */
  readonly from: readonly (readonly [count: number, species: string])[];
  readonly change: Amounts;
  /** Minutes, at a temperature in °C. */
  readonly halfLife: number;
  readonly at: number;
  /** kJ/mol; the usual where absent. */
  readonly activation?: number;
  readonly gate: Gate;
  readonly source: SourceKey;
}

export class DataError extends Error {}

const LN10 = Math.LN10;
const WATER = parseFormula('H2O');

/** Reads `2 NH3 + Ag+ - 3 H+` into signed counts. */
export function parseCombination(text: string): [count: number, token: string][] {
  const terms: [number, string][] = [];
  let sign = 1;
  let count = 1;
  for (const word of text.trim().split(/\s+/)) {
    if (word === '+') sign = 1;
    else if (word === '-') sign = -1;
    else if (/^\d+(\.\d+)?$/.test(word)) count = Number(word);
    else {
      terms.push([sign * count, word]);
      sign = 1;
      count = 1;
    }
  }
  return terms;
}

export function addAmounts(into: Record<string, number>, from: Amounts, times = 1): Record<string, number> {
  for (const [id, count] of Object.entries(from)) into[id] = (into[id] ?? 0) + count * times;
  return into;
}

const componentFormulas = new Map<string, Formula>((['H+', ...COMPONENTS] as string[]).map((id) => [id, parseFormula(id)]));

/** How many H2O must be added to a combination to give `target`. @throws DataError when nothing balances it. */
function waterFor(target: Formula, of: Amounts, what: string): number {
  const rest: Record<string, number> = { ...target.elements };
  let charge = target.charge;
  for (const [id, count] of Object.entries(of)) {
    const part = id.endsWith('(s)') ? parseFormula(id.slice(0, -3)) : componentFormulas.get(id);
    if (!part) throw new DataError(`${what}: "${id}" is not a component`);
    for (const [element, n] of Object.entries(part.elements)) rest[element] = (rest[element] ?? 0) - n * count;
    charge -= part.charge * count;
  }
  const water = rest['O'] ?? 0;
  rest['O'] = 0;
  rest['H'] = (rest['H'] ?? 0) - (WATER.elements['H'] ?? 0) * water;
  const off = Object.entries(rest).filter(([, n]) => Math.abs(n) > 1e-9);
  if (off.length || Math.abs(charge) > 1e-9)
    throw new DataError(`${what} does not balance: ${off.map(([e, n]) => `${e} ${n}`).join(', ')}, charge ${charge}`);
  return water;
}

/** A formula over components, with the water that balances it. @throws DataError when nothing balances it. */
export function made(formula: string, of: string): Amounts {
  const sum: Record<string, number> = {};
  for (const [count, token] of parseCombination(of)) sum[token] = (sum[token] ?? 0) + count;
  const water = waterFor(parseFormula(formula), sum, formula);
  if (water) sum['H2O'] = water;
  return sum;
}

const freeSpecies: Species[] = (['H+', ...COMPONENTS] as string[]).map((id) => ({
  id,
  of: { [id]: 1 },
  charge: parseFormula(id).charge,
  lnBeta: 0,
  enthalpy: 0,
  source: null,
}));

export const species: readonly Species[] = [
  ...freeSpecies,
  ...SPECIES.map(([id, of, logBeta, source, enthalpy]): Species => ({
    id,
    of: made(id, of),
    charge: parseFormula(id).charge,
    lnBeta: logBeta * LN10,
    enthalpy: enthalpy ?? 0,
    source,
  })),
];

export const solids: readonly Solid[] = SOLIDS.map(([id, of, logK, colour, texture, source, traits]) => ({
  id,
  of: made(id, of),
  lnK: logK * LN10,
  colour,
  texture,
  source,
  traits: traits ?? {},
}));

export const inertSolids: readonly InertSolid[] = INERT_SOLIDS.map(([id, colour, texture, traits]) => ({
  id,
  colour,
  texture,
  traits: traits ?? {},
}));

export const gases: readonly Gas[] = GASES.map(([id, of, logK, source, enthalpy, senses]) => ({
  id,
  of: made(id, of),
  lnK: logK * LN10,
  enthalpy,
  source,
  senses,
}));

export const speciesById: ReadonlyMap<string, Species> = new Map(species.map((s) => [s.id, s]));
export const solidById: ReadonlyMap<string, Solid> = new Map(solids.map((s) => [s.id, s]));
export const inertById: ReadonlyMap<string, InertSolid> = new Map(inertSolids.map((s) => [s.id, s]));
export const gasById: ReadonlyMap<string, Gas> = new Map(gases.map((g) => [g.id, g]));

/** The water left over when the parts of `of` become `formula`, as `made` but for whole reactions. */
function participant(count: number, token: string): Participant {
  if (token.endsWith('(s)')) return { count, label: token.slice(0, -3), of: { [token]: 1 }, lnBeta: 0, solid: true };
  const found = speciesById.get(token);
  if (!found) throw new DataError(`half-reaction: "${token}" is neither a species nor a solid`);
  return { count, label: token, of: found.of, lnBeta: found.lnBeta, solid: false };
}

function elementBalance(sides: readonly Participant[][], electrons: number, what: string): void {
  const totals: Record<string, number> = {};
  let charge = -electrons;
  sides.forEach((side, i) => {
    for (const p of side) {
      const f = parseFormula(p.label);
      const sign = i === 0 ? 1 : -1;
      for (const [e, n] of Object.entries(f.elements)) totals[e] = (totals[e] ?? 0) + sign * n * p.count;
      charge += sign * f.charge * p.count;
    }
  });
  const off = Object.entries(totals).filter(([, n]) => n !== 0);
  if (off.length || charge !== 0)
    throw new DataError(`${what} does not balance: ${off.map(([e, n]) => `${e} ${n}`).join(', ')}, charge ${charge}`);
}

const waterParticipant = (count: number): Participant => ({ count, label: 'H2O', of: { H2O: 1 }, lnBeta: 0, solid: false });

function couple(row: CoupleRow): Couple {
  const [before, after] = row.half.split(' = ') as [string, string];
  let electrons = 0;
  const side = (text: string) =>
    parseCombination(text).flatMap(([count, token]) => {
      if (token === 'e-') {
        electrons = count;
        return [];
      }
      return [token === 'H2O' ? waterParticipant(count) : participant(count, token)];
    });
  const left = side(before);
  const right = side(after);
  elementBalance([left, right], electrons, row.id);
  return { id: row.id, row, electrons, volts: row.volts, left, right };
}

export const couples: readonly Couple[] = COUPLES.map(couple);

function sum(text: string): Record<string, number> {
  const total: Record<string, number> = {};
  for (const [count, token] of parseCombination(text)) {
    const solid = speciesById.has(token) ? undefined : solidById.get(token);
    addAmounts(total, solid ? solid.of : participant(count, token).of, count);
  }
  return total;
}

export const conversions: readonly Conversion[] = CONVERSIONS.map((row) => {
  const from = parseCombination(row.from);
  const change = addAmounts(sum(row.to), sum(row.from), -1);
  const elements: Record<string, number> = {};
  for (const [id, count] of Object.entries(change)) {
    const part = id === 'H2O' ? WATER : id.endsWith('(s)') ? parseFormula(id.slice(0, -3)) : componentFormulas.get(id);
    if (!part) throw new DataError(`${row.id}: "${id}" is not a component`);
    for (const [e, n] of Object.entries(part.elements)) elements[e] = (elements[e] ?? 0) + n * count;
  }
  const water = -(elements['O'] ?? 0);
  change['H2O'] = (change['H2O'] ?? 0) + water;
  elements['H'] = (elements['H'] ?? 0) + 2 * water;
  elements['O'] = 0;
  if (Object.values(elements).some((n) => Math.abs(n) > 1e-9)) throw new DataError(`${row.id} does not balance`);
  return {
    id: row.id,
    from,
    change,
    halfLife: row.halfLife,
    at: row.at ?? row.gate.warm ?? 25,
    ...(row.activation !== undefined && { activation: row.activation }),
    gate: row.gate,
    source: row.source,
  };
});

const byComposition = new Map<string, string>();
for (const id of ['H+', ...Object.keys(IONS), ...CATIONS, ...ANIONS, ...COMPONENTS]) {
  const key = compositionKey(parseFormula(id));
  if (!byComposition.has(key)) byComposition.set(key, id);
}

/**
 * The one spelling of an ion that Foxing uses, from any usual spelling (`SO4--`, `SO₄²⁻`, `Cu^2+`).
 * @throws FormulaError for an ion outside the tables.
 */
export function ionId(text: string): string {
  const plain = plainText(text);
  const candidates = [plain];
  // "SO42-" is read as sulfate, not as forty-two oxygens with one charge.
  const packed = /^(.*[A-Z)\]][a-z]?\d?)(\d)([+-])$/.exec(plain);
  if (packed) candidates.push(`${packed[1]}^${packed[2]}${packed[3]}`);
  for (const candidate of candidates) {
    try {
      const id = byComposition.get(compositionKey(parseFormula(candidate)));
      if (id) return id;
    } catch {
      continue;
    }
  }
  throw new FormulaError(`"${text}" is not an ion that Foxing knows: write it like Cu2+, SO4^2- or NH4+`);
}

/** An ion, component or compound over the components, water included. @throws FormulaError when unknown. */
export function overComponents(text: string): Amounts {
  const direct = speciesById.get(text);
  if (direct) return direct.of;
  const inert = inertById.get(text);
  if (inert) return { [`${text}(s)`]: 1 };
  const id = ionId(text);
  const ion = IONS[id];
  return ion ? made(id, ion) : speciesById.get(id)!.of;
}

/** Atoms in an amount of matter over components, mol of each element; `charge` in mol of e. */
export function elementsIn(amounts: Amounts): { elements: Record<string, number>; charge: number } {
  const elements: Record<string, number> = {};
  let charge = 0;
  for (const [id, mol] of Object.entries(amounts)) {
    const f = id === 'H2O' ? WATER : id.endsWith('(s)') ? parseFormula(id.slice(0, -3)) : componentFormulas.get(id);
    if (!f) throw new DataError(`"${id}" is not a component`);
    for (const [e, n] of Object.entries(f.elements)) elements[e] = (elements[e] ?? 0) + n * mol;
    charge += f.charge * mol;
  }
  return { elements, charge };
}
