/** How often each form is met among unknowns, before any evidence. */
import { ALKALI, ALKALI_SALTS, COMMONNESS, NO_ANION, SHARES, WITH_OTHER_METALS } from './data/priors';
import { type Form, isCation } from './hypotheses';

const commonness = (ion: string): number => COMMONNESS[ion] ?? 1;

/** Relative to other forms. Of a double salt the first cation and the anion count. */
export function weightOf({ ions, name }: Form): number {
  const [cation, last] = [ions[0]!, ions.at(-1)!];
  const anion = isCation(last) ? NO_ANION : commonness(last);
  const rare = !ALKALI.has(cation) && ALKALI_SALTS.has(last) ? WITH_OTHER_METALS : 1;
  return commonness(cation) * anion * rare * (SHARES[name] ?? 1);
}
