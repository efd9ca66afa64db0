/** What may stand in the bottle of an unknown salt: every plain salt of two ions, and the other forms in which it is met. */
import type { SampleSpec } from '../bench/sample';
import { parseFormula } from '../matter/formula';
import { HYDRATED, HYDRATES, HYDRATING, USUAL, WITHOUT_CHARGE } from './data/formulas';
import { type FormRow, MORE_FORMS } from './data/forms';
import { PAIRS } from './data/pairs';

export interface Form {
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

function single(cation: string, anion: string): Form {
  const formula = saltOf(cation, anion);
  const ions = [cation, anion];
  return { ions, sample: { salts: [{ formula, grams: GRAMS }] }, name: formula };
}

function formOf({ of, ions }: FormRow): Form {
  const parts = typeof of === 'string' ? { [of]: 1 } : of;
  return {
    ions: ions.split(' '),
    sample: { salts: Object.entries(parts).map(([formula, part]) => ({ formula, grams: GRAMS * part })) },
    name: Object.keys(parts).join(' with '),
  };
}

/** The plain salt of every two ions. */
export const SINGLES: readonly Form[] = Object.entries(PAIRS).flatMap(([anion, cations]) =>
  cations.split(' ').map((cation) => single(cation, anion)),
);

/** Everything that one bottle may hold: the plain salts first, in the order of `SINGLES`. */
export const FORMS: readonly Form[] = [...SINGLES, ...MORE_FORMS.map(formOf)];
