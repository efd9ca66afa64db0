/** Where a sample stands among all that are known. */
import type { SampleSpec } from '#core/bench/sample';
import { parseSalt } from '#core/matter/salts';
import { LIBRARY } from '#core/organic/library';
import { mixtureName } from '#core/practice/graded';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { compoundLeaf } from '#core/reasoning/compound-atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { FORMS } from '#core/reasoning/hypotheses';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { SCHOOLS } from '#core/scheme/model';
import { loadAtlas, loadCompounds } from './index';

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

const sameList = (a: readonly string[], b: readonly string[]) => [...a].sort().join() === [...b].sort().join();
const formulasIn = (sample: SampleSpec): string[] => ('salts' in sample ? sample.salts.map((s) => s.formula) : []);
/** What a sample is called where nothing known is like it. */
export const nameOfUnknown = (sample: SampleSpec): string =>
  'smiles' in sample ? sample.smiles : mixtureName(formulasIn(sample));

/** The form of just these formulas; of another recipe of the same ions, that; -1 when there is none. */
function memberIn(space: SaltSpace, sample: SampleSpec): number {
  const formulas = formulasIn(sample);
  const exact = space.members.findIndex(
    ({ salts: [form, ...more] }) => !more.length && sameList(formulasIn(FORMS[form!]!.sample), formulas),
  );
  if (exact >= 0) return exact;
  const ions = [...new Set(formulas.flatMap((f) => Object.keys(parseSalt(f).ions)))];
  return space.members.findIndex((m) => sameList(m.holds, ions));
}

async function placedSalts(samples: readonly SampleSpec[]): Promise<(Placed | null)[]> {
  const single = await alone();
  const space = samples.every((s) => memberIn(single, s) >= 0) ? single : await mixed();
  return samples.map((s) => {
    const member = memberIn(space, s);
    return member < 0 ? null : { space, member, name: nameOfUnknown(s) };
  });
}

async function placedCompounds(structures: readonly string[]): Promise<Placed[]> {
  const own = [...new Set(structures)].filter((s) => !LIBRARY.some((c) => c.smiles === s)).map((s) => ({ smiles: s, name: s }));
  const space = new CompoundSpace(
    await loadCompounds(),
    own.map((of) => ({ of, leaf: compoundLeaf(of) })),
  );
  const all = [...LIBRARY, ...own];
  return structures.map((s) => {
    const member = all.findIndex((c) => c.smiles === s);
    return { space, member, name: all[member]!.name };
  });
}

/** Where each stands, all salts in one space and all compounds in one, so that they can be compared; null for what is like none. */
export async function placed(samples: readonly SampleSpec[]): Promise<(Placed | null)[]> {
  const salts = samples.filter((s) => 'salts' in s);
  const structures = samples.flatMap((s) => ('smiles' in s ? [s.smiles] : []));
  const [ofSalts, ofCompounds] = [
    salts.length ? await placedSalts(salts) : [],
    structures.length ? await placedCompounds(structures) : [],
  ];
  let [s, c] = [0, 0];
  return samples.map((of) => ('salts' in of ? ofSalts[s++]! : 'smiles' in of ? ofCompounds[c++]! : null));
}
