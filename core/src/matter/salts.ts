/** Reading a salt's formula into the ions that it is made of. */
import {
  addAmounts,
  type Amounts,
  inertById,
  ionId,
  made,
  overComponents,
  parseCombination,
  solidById,
  speciesById,
} from './catalogue';
import { ANIONS, BOUND_IN, CATIONS, MIXED_OXIDES, SLOW_COMPLEXES } from './data/components';
import { compositionKey, type Formula, FormulaError, molarMass, parseFormula, plainText } from './formula';

export interface Salt {
  readonly formula: string;
  /** Ions in one formula unit. */
  readonly ions: Readonly<Record<string, number>>;
  /** Water of crystallisation. */
  readonly water: number;
  /** g/mol, water included. */
  readonly molarMass: number;
  /** One formula unit over components. */
  readonly of: Amounts;
}

const OTHER_ANIONS = ['OH-', 'HSO4-', 'HPO4^2-', 'H2PO4-', 'HSO3-', 'HC2O4-', 'B4O7^2-', 'HF2-', 'HC4H4O6-'];
const anions = [...ANIONS, ...OTHER_ANIONS].map((id) => ({ id, formula: parseFormula(id) }));
const cations = CATIONS.map((id) => ({ id, formula: parseFormula(id) }));

function combined(parts: readonly (readonly [Formula, number])[]): string {
  const elements: Record<string, number> = {};
  let charge = 0;
  for (const [f, n] of parts) {
    addAmounts(elements, f.elements, n);
    charge += f.charge * n;
  }
  return compositionKey({ elements, charge });
}

function findIons(body: Formula): Record<string, number> | null {
  const target = compositionKey(body);
  const counts = [1, 2, 3, 4, 5, 6];
  const fits = (f: Formula) => Object.keys(f.elements).every((e) => body.elements[e]);
  const cats = cations.filter((c) => fits(c.formula));
  const ans = anions.filter((a) => fits(a.formula));
  for (const c of cats)
    for (const a of ans)
      for (const n of counts) {
        const m = (n * c.formula.charge) / -a.formula.charge;
        if (
          Number.isInteger(m) &&
          combined([
            [c.formula, n],
            [a.formula, m],
          ]) === target
        )
          return { [c.id]: n, [a.id]: m };
      }
  for (const c of cats)
    for (const d of cats)
      for (const a of ans)
        for (const n of [1, 2, 3, 4])
          for (const k of [1, 2, 3]) {
            const m = (n * c.formula.charge + k * d.formula.charge) / -a.formula.charge;
            if (
              c.id < d.id &&
              Number.isInteger(m) &&
              combined([
                [c.formula, n],
                [d.formula, k],
                [a.formula, m],
              ]) === target
            )
              return { [c.id]: n, [d.id]: k, [a.id]: m };
          }
  for (const c of cats)
    for (const a of ans)
      for (const b of ans)
        for (const n of [1, 2, 3])
          for (const k of [1, 2, 3]) {
            const m = (n * c.formula.charge + k * a.formula.charge) / -b.formula.charge;
            if (
              m > 0 &&
              Number.isInteger(m) &&
              a.id !== b.id &&
              combined([
                [c.formula, n],
                [a.formula, k],
                [b.formula, m],
              ]) === target
            )
              return { [c.id]: n, [a.id]: k, [b.id]: m };
          }
  return null;
}

const slowParts: ReadonlyMap<string, Amounts> = new Map(
  Object.entries(SLOW_COMPLEXES).map(([id, of]) => [
    id,
    Object.fromEntries(parseCombination(of).map(([count, part]) => [part, count])),
  ]),
);
const mixedOxides: ReadonlyMap<string, Amounts> = new Map(Object.entries(MIXED_OXIDES).map(([id, of]) => [id, made(id, of)]));

/** The same matter with the complexes that let go slowly taken apart. */
export function parted(amounts: Amounts): Amounts {
  const out: Record<string, number> = { ...amounts };
  for (const [id, parts] of slowParts) {
    const mol = out[id];
    if (mol === undefined) continue;
    delete out[id];
    addAmounts(out, parts, mol);
  }
  return out;
}

function bind(of: Record<string, number>, complex: string): void {
  addAmounts(of, slowParts.get(complex)!, -1);
  addAmounts(of, { [complex]: 1 });
  for (const id of Object.keys(of)) if (of[id] === 0) delete of[id];
}

const known = new Map<string, Salt>();

/**
 * Reads a salt, hydrate, oxide, element or acid such as `NiSO4·6H2O`, `KAl(SO4)2.12H2O` or `HgO`.
 * @throws FormulaError when its ions are not among those that Foxing knows.
 */
export function parseSalt(text: string): Salt {
  const plain = plainText(text);
  const cached = known.get(plain);
  if (cached) return cached;
  const whole = parseFormula(plain);
  const hydrate = /^(.*?)·(\d*)H2O$/.exec(plain);
  const water = hydrate ? Number(hydrate[2] || 1) : 0;
  const body = hydrate ? hydrate[1]! : plain;
  const formula = parseFormula(body);
  const of: Record<string, number> = {};
  let ions: Record<string, number> | null = null;
  const direct = inertById.has(body) ? { [`${body}(s)`]: 1 } : undefined;
  if (direct) ions = {};
  else ions = mixedOxides.has(body) ? null : findIons(formula);
  if (direct) addAmounts(of, direct);
  else if (ions) for (const [id, n] of Object.entries(ions)) addAmounts(of, overComponents(id), n);
  else {
    const solid = solidById.get(plain) ?? solidById.get(body);
    const acid = speciesById.get(body);
    const mixed = mixedOxides.get(body);
    if (mixed) addAmounts(of, mixed);
    else if (solid) addAmounts(of, solid.of);
    else if (acid && formula.charge === 0) addAmounts(of, acid.of);
    else {
      const oxide = oxideCation(formula);
      if (!oxide)
        throw new FormulaError(`"${text}" is not made of ions that Foxing knows: write a salt such as NiSO4·6H2O or Pb(NO3)2`);
      addAmounts(of, overComponents(oxide.id), oxide.count);
      addAmounts(of, { 'H+': -2, H2O: 1 }, oxide.oxygens);
    }
    ions = cationsIn(of);
  }
  const bound = BOUND_IN[plain];
  if (bound) bind(of, bound);
  if (water) of['H2O'] = (of['H2O'] ?? 0) + water;
  const salt: Salt = { formula: plain, ions: ions ?? {}, water, molarMass: molarMass(whole), of };
  known.set(plain, salt);
  return salt;
}

function oxideCation(f: Formula): { id: string; count: number; oxygens: number } | null {
  const oxygens = f.elements['O'] ?? 0;
  const metals = Object.keys(f.elements).filter((e) => e !== 'O');
  if (!oxygens || metals.length !== 1) return null;
  const count = f.elements[metals[0]!]!;
  const charge = (2 * oxygens) / count;
  try {
    return { id: ionId(`${metals[0]}${charge === 1 ? '' : charge}+`), count, oxygens };
  } catch {
    return null;
  }
}

function cationsIn(of: Amounts): Record<string, number> {
  const out: Record<string, number> = {};
  for (const [id, n] of Object.entries(of)) if (n > 0 && id !== 'H+' && id !== 'H2O' && !id.endsWith('(s)')) out[id] = n;
  return out;
}
