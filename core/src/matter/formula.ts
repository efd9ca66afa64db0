/** Chemical formulas: reading the usual spellings, counting atoms, writing them for the eye. */

export interface Formula {
  /** Atoms of each element. */
  readonly elements: Readonly<Record<string, number>>;
  /** Net charge in units of e. */
  readonly charge: number;
}

export class FormulaError extends Error {}

const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉';
const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** Brings sub- and superscript characters, dashes and hydrate dots to plain text. */
export function plainText(text: string): string {
  let charge = '';
  let body = '';
  for (const ch of text.trim()) {
    const superscript = SUPERSCRIPTS.indexOf(ch);
    const subscript = SUBSCRIPTS.indexOf(ch);
    if (superscript >= 0) charge += superscript;
    else if (ch === '⁺') charge += '+';
    else if (ch === '⁻') charge += '-';
    else if (subscript >= 0) body += subscript;
    else if (ch === '−' || ch === '–') body += '-';
    else if (ch === '.' || ch === '*' || ch === '•') body += '·';
    else if (ch !== ' ') body += ch;
  }
  return charge ? `${body}^${charge}` : body;
}

function splitCharge(plain: string): [body: string, charge: number] {
  const caret = /^(.*?)\^(\d*)([+-]+)$/.exec(plain);
  if (caret) return [caret[1]!, signed(caret[2]!, caret[3]!)];
  const signs = /^(.*?)([+-]+)$/.exec(plain);
  if (!signs) return [plain, 0];
  const [body, run] = [signs[1]!, signs[2]!];
  // "Ni2+" is a charge of two on one atom; "NO3-" is three atoms and a single charge, and so is "I3-".
  const simple = /^([A-Z][a-z]?)(\d+)$/.exec(body);
  if (run.length === 1 && simple && !/^(F|Cl|Br|I)$/.test(simple[1]!)) return [simple[1]!, signed(simple[2]!, run)];
  return [body, signed('', run)];
}

function signed(digits: string, run: string): number {
  const size = digits === '' ? run.length : Number(digits);
  return run.startsWith('-') ? -size : size;
}

function addInto(into: Record<string, number>, from: Readonly<Record<string, number>>, times: number): void {
  for (const [element, count] of Object.entries(from)) into[element] = (into[element] ?? 0) + count * times;
}

function countAtoms(body: string, whole: string): Record<string, number> {
  const stack: Record<string, number>[] = [{}];
  const token = /([A-Z][a-z]?)(\d*)|([([])|([)\]])(\d*)/gy;
  let at = 0;
  while (at < body.length) {
    token.lastIndex = at;
    const m = token.exec(body);
    if (!m) throw new FormulaError(`"${whole}" is not a formula: did not expect "${body.slice(at, at + 6)}"`);
    at = token.lastIndex;
    if (m[1]) addInto(stack.at(-1)!, { [m[1]]: 1 }, Number(m[2] || 1));
    else if (m[3]) stack.push({});
    else {
      const group = stack.pop();
      if (!group || stack.length === 0) throw new FormulaError(`"${whole}" has an unmatched bracket`);
      addInto(stack.at(-1)!, group, Number(m[5] || 1));
    }
  }
  if (stack.length !== 1) throw new FormulaError(`"${whole}" has an unclosed bracket`);
  return stack[0]!;
}

/**
 * Reads a formula such as `Ni(NH3)6^2+`, `CuSO4·5H2O`, `SO4--` or `SO₄²⁻`.
 * @throws FormulaError naming the part that could not be read.
 */
export function parseFormula(text: string): Formula {
  const [body, charge] = splitCharge(plainText(text));
  if (body === 'e' && charge === -1) return { elements: {}, charge: -1 };
  const elements: Record<string, number> = {};
  for (const part of body.split('·')) {
    const m = /^(\d*)(.+)$/.exec(part);
    if (!m) throw new FormulaError(`"${text}" is not a formula: write it like CuSO4·5H2O or SO4^2-`);
    addInto(elements, countAtoms(m[2]!, text), Number(m[1] || 1));
  }
  return { elements, charge };
}

/** One spelling for each composition and charge, for comparing spellings. */
export function compositionKey(formula: Formula): string {
  const atoms = Object.keys(formula.elements)
    .sort()
    .map((element) => `${element}${formula.elements[element]}`);
  return `${atoms.join('')}/${formula.charge}`;
}

/** Standard atomic weights, g/mol. Source: IUPAC, Atomic Weights of the Elements 2021 (abridged). */
const ATOMIC_WEIGHTS: Readonly<Record<string, number>> = {
  H: 1.008,
  Li: 6.94,
  B: 10.81,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  F: 18.998,
  Na: 22.99,
  Mg: 24.305,
  Al: 26.982,
  Si: 28.085,
  P: 30.974,
  S: 32.06,
  Cl: 35.45,
  K: 39.098,
  Ca: 40.078,
  Cr: 51.996,
  Mn: 54.938,
  Fe: 55.845,
  Co: 58.933,
  Ni: 58.693,
  Cu: 63.546,
  Zn: 65.38,
  As: 74.922,
  Br: 79.904,
  Sr: 87.62,
  Zr: 91.224,
  Mo: 95.95,
  Ag: 107.87,
  Cd: 112.41,
  Sn: 118.71,
  Sb: 121.76,
  I: 126.9,
  Ba: 137.33,
  Hg: 200.59,
  Pb: 207.2,
  Bi: 208.98,
};

/** Molar mass in g/mol. @throws FormulaError for an element without a weight. */
export function molarMass(formula: Formula): number {
  let sum = 0;
  for (const [element, count] of Object.entries(formula.elements)) {
    const weight = ATOMIC_WEIGHTS[element];
    if (weight === undefined) throw new FormulaError(`Foxing knows no atomic weight for "${element}"`);
    sum += weight * count;
  }
  return sum;
}

/** The parts of a formula for typesetting: runs of plain text, subscripts and one superscript. */
export function typeset(text: string): { text: string; shift: 'none' | 'sub' | 'sup' }[] {
  const plain = plainText(text);
  const [body, charge] = splitCharge(plain);
  const runs: { text: string; shift: 'none' | 'sub' | 'sup' }[] = [];
  for (const m of body.matchAll(/\d+|[^\d]+/g)) {
    const before = body[m.index - 1];
    const sub = /\d/.test(m[0]) && before !== undefined && before !== '·';
    runs.push({ text: m[0], shift: sub ? 'sub' : 'none' });
  }
  if (charge) {
    const size = Math.abs(charge) === 1 ? '' : String(Math.abs(charge));
    runs.push({ text: `${size}${charge > 0 ? '+' : '−'}`, shift: 'sup' });
  }
  return runs;
}
