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

/** The two ions of a salt that this solid is, if it is one: sulfide stands as hydrogensulfide in the tables. */
function ionsOf(of: Amounts): readonly (readonly [ion: string, count: number])[] {
  const parts = Object.entries(of).filter(([id]) => id !== 'H2O' && id !== 'H+');
  return parts.map(([id, count]) => [id === 'HS-' ? 'S2-' : id, count]);
}

const together = (cation: string, anion: string) => `${cation} ${anion}`;

/** Salts that are sparingly soluble in water, by their ions. */
const FALLING: ReadonlySet<string> = new Set(
  solids.flatMap(({ of, lnK }) => {
    const parts = ionsOf(of);
    const cation = parts.find(([id]) => isCation(id));
    const anion = parts.find(([id]) => !isCation(id));
    if (parts.length !== 2 || !cation || !anion) return [];
    const [m, n] = [cation[1], anion[1]];
    const molar = Math.exp((lnK - m * Math.log(m) - n * Math.log(n)) / (m + n));
    return molar < SPARING ? [together(cation[0], anion[0])] : [];
  }),
);

/** Do two salts that dissolve give a precipitate with each other? */
function fallsOut([c, a]: readonly string[], [d, b]: readonly string[]): boolean {
  const falls = (cation: string | undefined, anion: string | undefined) => FALLING.has(together(cation!, anion!));
  return !falls(c, a) && !falls(d, b) && (falls(c, b) || falls(d, a));
}

/** Of two plain salts, relative to other two. */
export function weightTogether(one: Form, other: Form): number {
  const shared = one.ions.some((ion) => other.ions.includes(ion));
  return weightOf(one) * weightOf(other) * (shared ? SHARING : 1) * (fallsOut(one.ions, other.ions) ? FALLS_OUT : 1);
}
