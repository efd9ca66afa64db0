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

const weights = new Map<Form, number>();

/** Relative to other forms. Of a double salt the first cation and the anion count. */
export function weightOf(form: Form): number {
  let weight = weights.get(form);
  if (weight === undefined) weights.set(form, (weight = weighed(form)));
  return weight;
}

function weighed({ ions, name }: Form): number {
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

/** Of each cation the anions with which it is sparingly soluble: in water, and of what acid dissolves, in acid of 1 mol/L. */
const SPARINGLY_SOLUBLE = new Map<string, Set<string>>();
for (const { of, lnK } of solids) {
  const parts = partsOf(of);
  const cation = parts.find(([id]) => isCation(id));
  const anion = parts.find(([id]) => !isCation(id));
  if (parts.length !== 2 || !cation || !anion) continue;
  const [up, down] = [cation[1], anion[1]];
  const molar = Math.exp((lnK - up * Math.log(up) - down * Math.log(down)) / (up + down));
  if (molar >= SPARING) continue;
  if (!SPARINGLY_SOLUBLE.has(cation[0])) SPARINGLY_SOLUBLE.set(cation[0], new Set());
  SPARINGLY_SOLUBLE.get(cation[0])!.add(anion[0]);
}

const falls = (cationOf: Form, anionOf: Form): boolean =>
  SPARINGLY_SOLUBLE.get(cationOf.ions[0]!)?.has(anionOf.ions.at(-1)!) ?? false;

/** Do two plain salts that dissolve give a precipitate with each other? */
const fallsOut = (one: Form, other: Form): boolean =>
  !falls(one, one) && !falls(other, other) && (falls(one, other) || falls(other, one));

/** Of two plain salts, relative to other two. */
export function weightTogether(one: Form, other: Form): number {
  const shared = one.ions.some((ion) => other.ions.includes(ion));
  return weightOf(one) * weightOf(other) * (shared ? SHARING : 1) * (fallsOut(one, other) ? FALLS_OUT : 1);
}
