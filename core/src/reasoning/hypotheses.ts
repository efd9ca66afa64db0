/** What an unknown salt may be: single salts by cation and anion, and mixtures of two. */
import type { SampleSpec } from '../bench/sample';
import { parseFormula } from '../matter/formula';
import { HYDRATED, HYDRATES, HYDRATING, USUAL, WITHOUT_CHARGE } from './data/formulas';
import { PAIRS } from './data/pairs';

export interface Hypothesis {
  /** Cations first. */
  readonly ions: readonly string[];
  readonly sample: SampleSpec;
  readonly name: string;
}

export const isCation = (ion: string) => ion.endsWith('+');
const withoutCharge = (ion: string): string =>
  WITHOUT_CHARGE[ion] ?? (ion.includes('^') ? ion.slice(0, ion.indexOf('^')) : ion.replace(/\d*\+$/, '').replace(/-$/, ''));

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

function part(ion: string, count: number): string {
  const body = withoutCharge(ion);
  if (count === 1) return body;
  const single = /^[A-Z][a-z]?$/.test(body);
  return single ? `${body}${count}` : `(${body})${count}`;
}

/** The formula of the salt of two ions, by charge. */
export function saltOf(cation: string, anion: string): string {
  const key = `${cation} ${anion}`;
  if (USUAL[key]) return USUAL[key];
  const up = parseFormula(cation).charge;
  const down = -parseFormula(anion).charge;
  const shared = gcd(up, down);
  const water = HYDRATES[key] ?? (HYDRATED.has(cation) && HYDRATING.has(anion) ? '6' : null);
  const formula = `${part(cation, down / shared)}${part(anion, up / shared)}`;
  return water ? `${formula}·${water === '1' ? '' : water}H2O` : formula;
}

const GRAMS = 3;

function single(cation: string, anion: string): Hypothesis {
  const formula = saltOf(cation, anion);
  return { ions: [cation, anion], sample: { salts: [{ formula, grams: GRAMS }] }, name: formula };
}

/** Every single salt. */
export const SINGLES: readonly Hypothesis[] = Object.entries(PAIRS).flatMap(([anion, cations]) =>
  cations.split(' ').map((cation) => single(cation, anion)),
);
