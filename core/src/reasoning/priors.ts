/** How often each form, and each two plain salts together, are met among unknowns, before any evidence. */
import { type Amounts, solids } from '../matter/catalogue';
import {
  ALKALI,
  ALKALI_SALTS,
  COMMONNESS,
  FALLS_OUT,
  NO_ANION,
  SHARES,
  SHARING,
  SPARING,
  WITH_OTHER_METALS,
} from './data/priors';
import { type Form, isCation } from './hypotheses';

const commonness = (ion: string): number => COMMONNESS[ion] ?? 1;

/** Relative to other forms. Of a double salt the first cation and the anion count. */
export function weightOf({ ions, name }: Form): number {
  const [cation, last] = [ions[0]!, ions.at(-1)!];
  const anion = isCation(last) ? NO_ANION : commonness(last);
  const rare = !ALKALI.has(cation) && ALKALI_SALTS.has(last) ? WITH_OTHER_METALS : 1;
  return commonness(cation) * anion * rare * (SHARES[name] ?? 1);
}

/** What a solid is made of beside water and acid; sulfide stands as hydrogensulfide in the tables. */
const partsOf = (of: Amounts): (readonly [ion: string, count: number])[] =>
  Object.entries(of)
    .filter(([id]) => id !== 'H2O' && id !== 'H+')
    .map(([id, count]) => [id === 'HS-' ? 'S2-' : id, count]);

const saltKey = (cation: string, anion: string) => `${cation} ${anion}`;

/** Salts that are sparingly soluble, by their ions: in water, and of those that acid dissolves, in acid of 1 mol/L. */
const SPARINGLY_SOLUBLE: ReadonlySet<string> = new Set(
  solids.flatMap(({ of, lnK }) => {
    const parts = partsOf(of);
    const cation = parts.find(([id]) => isCation(id));
    const anion = parts.find(([id]) => !isCation(id));
    if (parts.length !== 2 || !cation || !anion) return [];
    const [up, down] = [cation[1], anion[1]];
    const molar = Math.exp((lnK - up * Math.log(up) - down * Math.log(down)) / (up + down));
    return molar < SPARING ? [saltKey(cation[0], anion[0])] : [];
  }),
);

/** Do two plain salts that dissolve give a precipitate with each other? */
function fallsOut(one: Form, other: Form): boolean {
  const falls = (cationOf: Form, anionOf: Form) => SPARINGLY_SOLUBLE.has(saltKey(cationOf.ions[0]!, anionOf.ions.at(-1)!));
  return !falls(one, one) && !falls(other, other) && (falls(one, other) || falls(other, one));
}

/** Of two plain salts, relative to other two. */
export function weightTogether(one: Form, other: Form): number {
  const shared = one.ions.some((ion) => other.ions.includes(ion));
  return weightOf(one) * weightOf(other) * (shared ? SHARING : 1) * (fallsOut(one, other) ? FALLS_OUT : 1);
}
