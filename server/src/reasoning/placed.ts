/** Where a sample stands among all that are known. */
import { loadAtlas, loadCompounds } from '#atlas';
import type { SampleSpec } from '#core/bench/sample';
import { parseSalt } from '#core/matter/salts';
import { LIBRARY } from '#core/organic/library';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { compoundLeaf } from '#core/reasoning/compound-atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { FORMS } from '#core/reasoning/hypotheses';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { SCHOOLS } from '#core/scheme/model';
import type { Unknown } from '#contract';

const SCHOOL = SCHOOLS[0];

let saltsAlone: Promise<SaltSpace> | null = null;
let saltsMixed: Promise<SaltSpace> | null = null;
const space = async (limit: 1 | 2) => new SaltSpace(await loadAtlas(), rulesOfSchool(SCHOOL), { cations: limit, anions: limit });
export const alone = () => (saltsAlone ??= space(1));
const mixed = () => (saltsMixed ??= space(2));

/** An unknown among all that are known. */
export interface Placed {
  readonly space: Space;
  readonly member: number;
  readonly name: string;
}

export const formulasIn = (sample: Unknown): string[] => ('salts' in sample ? sample.salts.map((s) => s.formula) : []);
const formulasOf = (spec: SampleSpec): string[] => ('salts' in spec ? spec.salts.map((s) => s.formula) : []);
export const sameList = (a: readonly string[], b: readonly string[]) => [...a].sort().join() === [...b].sort().join();

/** What an unknown is among all that are known; of another recipe of the same ions, that; null when nothing known is like it. */
export async function placed(unknown: Unknown): Promise<Placed | null> {
  if ('smiles' in unknown) {
    const listed = LIBRARY.findIndex((c) => c.smiles === unknown.smiles);
    const of = { smiles: unknown.smiles, name: unknown.smiles };
    const own = listed < 0 ? [{ of, leaf: compoundLeaf(of) }] : [];
    const compounds = new CompoundSpace(await loadCompounds(), own);
    const member = listed < 0 ? LIBRARY.length : listed;
    return { space: compounds, member, name: listed < 0 ? unknown.smiles : LIBRARY[listed]!.name };
  }
  const formulas = formulasIn(unknown);
  const single = await alone();
  const exact = single.members.findIndex(({ salts }) => sameList(formulasOf(FORMS[salts[0]!]!.sample), formulas));
  if (exact >= 0) return { space: single, member: exact, name: single.called(exact) };
  const ions = [...new Set(formulas.flatMap((f) => Object.keys(parseSalt(f).ions)))];
  for (const among of [single, await mixed()]) {
    const member = among.members.findIndex((m) => sameList(m.holds, ions));
    if (member >= 0) return { space: among, member, name: formulas.join(' + ') };
  }
  return null;
}
