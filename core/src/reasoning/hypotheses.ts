/** What an unknown salt may be: single salts by cation and anion, and mixtures of two. */
import type { SampleSpec } from '../bench/sample';
import { parseFormula } from '../matter/formula';
import { PAIRS } from './data/pairs';

export interface Hypothesis {
  /** Cations first. */
  readonly ions: readonly string[];
  readonly sample: SampleSpec;
  readonly name: string;
}

/** Salts that are kept with water of crystallisation; the colour of the dry salt hangs on it. CRC. */
const HYDRATES: Readonly<Record<string, string>> = {
  'Cu2+ SO4^2-': '5',
  'Cu2+ Cl-': '2',
  'Cu2+ NO3-': '3',
  'Cu2+ CH3COO-': '1',
  'Fe2+ SO4^2-': '7',
  'Fe3+ NO3-': '9',
  'Mn2+ SO4^2-': '1',
  'Mn2+ Cl-': '4',
  'Cr3+ SO4^2-': '18',
  'Cr3+ NO3-': '9',
};
const HYDRATED = new Set(['Ni2+', 'Co2+', 'Fe2+', 'Fe3+', 'Cr3+', 'Mn2+', 'Cu2+', 'Mg2+', 'Zn2+', 'Al3+', 'Ca2+']);
const SOLUBLE = new Set(['Cl-', 'Br-', 'NO3-', 'SO4^2-', 'CH3COO-']);
/** Where the plain formula is not what stands in the bottle. */
const USUAL: Readonly<Record<string, string>> = { 'Na+ BO3^3-': 'Na2B4O7·10H2O' };

export const isCation = (ion: string) => ion.endsWith('+');
const bare = (ion: string) => ion.replace(/\^?\d*[+-]$/, '');
const core = (ion: string) =>
  ion === 'S2-' ? 'S' : ion.includes('^') ? ion.slice(0, ion.indexOf('^')) : ion.replace(/\d*\+$/, '').replace(/-$/, '');

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

function part(ion: string, count: number): string {
  const body = ion === 'NH4+' ? 'NH4' : isCation(ion) && !ion.includes('^') ? bare(ion) : core(ion);
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
  const mercury = cation === 'Hg2^2+' ? `Hg2${part(anion, 2 / down === 1 ? 1 : 2)}` : null;
  const water = HYDRATES[key] ?? (HYDRATED.has(cation) && SOLUBLE.has(anion) ? '6' : null);
  const formula = mercury ?? `${part(cation, down / shared)}${part(anion, up / shared)}`;
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
