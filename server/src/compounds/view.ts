/** Compounds as they are shown. */
import { loadCompounds } from '#atlas';
import difficulties from '#difficulty' with { type: 'json' };
import type { Listed } from '#core/exchange/lists';
import { LIBRARY } from '#core/organic/library';
import { holdingsOf, structureOf } from '#core/organic/structure';
import { difficultiesFrom } from '#core/practice/difficulties';
import { sayDifficulty } from '#core/reasoning/hardness';
import type { CompoundView } from '#contract';

const TABLE = difficultiesFrom(difficulties);

let library: readonly CompoundView[] | undefined;

/** The library as it is shown; its formulas and groups stand in the atlas, so that no structure need be read. */
export async function libraryView(): Promise<readonly CompoundView[]> {
  if (library) return library;
  const { compounds } = await loadCompounds();
  return (library = LIBRARY.map((c, i) => ({
    name: c.name,
    smiles: c.smiles,
    formula: compounds[i]!.formula,
    ...(c.melts && { melts: c.melts.celsius }),
    ...(c.boils && { boils: c.boils.celsius }),
    decomposes: !!(c.melts?.decomposes || c.boils?.decomposes),
    uncertain: !!(c.melts?.uncertain || c.boils?.uncertain),
    ...(c.inWater && { inWater: c.inWater }),
    holds: [...compounds[i]!.holds],
    hazards: [...c.hazards],
    ...(TABLE[c.name] && { hard: sayDifficulty(TABLE[c.name]!) }),
    source: c.source,
    own: false,
  })));
}

/** A compound of a person's own list. @throws StructureError */
export const ownView = (c: Listed): CompoundView => ({
  ...c,
  formula: structureOf(c.smiles).formula,
  decomposes: false,
  uncertain: false,
  holds: holdingsOf(c.smiles),
  hazards: [],
  source: 'your own list',
  own: true,
});
