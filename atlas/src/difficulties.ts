/** How hard every salt and every compound of the library is, as it lies on disk: worked out with the atlases. */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { OF_ONE_GROUP } from '#core/practice/data/troubles';
import { type Difficulties, mixtureName } from '#core/practice/graded';
import { rulesOfSchool } from '#core/reasoning/atlas';
import type { Difficulty } from '#core/reasoning/difficulty';
import { FORMS, SINGLES } from '#core/reasoning/hypotheses';
import { SaltSpace } from '#core/reasoning/space';
import { LIBRARY } from '#core/organic/library';
import { SCHOOLS } from '#core/scheme/model';
import { shareOut } from './crew';
import type { Asked } from './difficulty-worker';
import { loadAtlas } from './index';

const FILE = fileURLToPath(new URL('../../core/src/practice/data/difficulty.json', import.meta.url));

interface Named extends Asked {
  readonly name: string;
}

/** Everything of which the difficulty is kept. */
export async function named(): Promise<Named[]> {
  const single = new SaltSpace(await loadAtlas(), rulesOfSchool(SCHOOLS[0]), { cations: 1, anions: 1 });
  const mixed = new SaltSpace(await loadAtlas(), rulesOfSchool(SCHOOLS[0]), { cations: 2, anions: 2 });
  const place = new Map(SINGLES.map((f, i) => [f.name, i]));
  const inPair = (formulas: readonly string[]) => {
    const salts = formulas.map((f) => place.get(f)!).sort((a, b) => a - b);
    return mixed.members.findIndex((m) => String(m.salts) === String(salts));
  };
  return [
    ...single.members.map(({ salts }, member) => ({ name: FORMS[salts[0]!]!.name, of: 'salts' as const, member })),
    ...OF_ONE_GROUP.map((formulas) => ({ name: mixtureName(formulas), of: 'mixtures' as const, member: inPair(formulas) })),
    ...LIBRARY.map(({ name }, member) => ({ name, of: 'compounds' as const, member })),
  ];
}

/** @returns how hard each is, by its name; the file is written anew. */
export async function buildDifficulties(done: (count: number, of: number) => void): Promise<Difficulties> {
  const all = await named();
  const worker = new URL('./difficulty-worker.ts', import.meta.url);
  const found = await shareOut<Asked, Difficulty>(worker, all, (count) => done(count, all.length));
  const table = Object.fromEntries(all.map(({ name }, i) => [name, found[i]!]));
  const lines = Object.entries(table).map(([name, d]) => `${JSON.stringify(name)}: ${JSON.stringify(d)}`);
  writeFileSync(FILE, `{\n${lines.join(',\n')}\n}\n`);
  return table;
}
