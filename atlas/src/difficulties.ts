/** How hard every salt, every mixture of the cabinet and every compound of the library is, as it lies on disk: worked out with the atlases. */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { OF_ONE_GROUP } from '#core/practice/data/troubles';
import { mixtureName } from '#core/practice/graded';
import type { Difficulties } from '#core/practice/rung';
import { rulesOfSchool } from '#core/reasoning/atlas';
import type { Difficulty } from '#core/reasoning/hardness';
import { FORMS, SINGLES } from '#core/reasoning/hypotheses';
import { SaltSpace } from '#core/reasoning/space';
import { LIBRARY } from '#core/organic/library';
import { SCHOOLS } from '#core/scheme/model';
import { shareOut } from './crew';
import type { Asked } from './difficulty-worker';
import { JARS } from '../../server/src/demo/jars';
import { loadAtlas } from './index';
import { alone, placed } from './placed';

const FILE = fileURLToPath(new URL('../../core/src/practice/data/difficulty.json', import.meta.url));

interface Named extends Asked {
  readonly name: string;
}

/** Everything of which the difficulty is kept. */
export async function named(): Promise<Named[]> {
  const single = await alone();
  const mixed = new SaltSpace(await loadAtlas(), rulesOfSchool(SCHOOLS[0]), { cations: 2, anions: 2 });
  const place = new Map(SINGLES.map((f, i) => [f.name, i]));
  const inPair = (formulas: readonly string[]) => {
    const salts = formulas.map((f) => place.get(f)!).sort((a, b) => a - b);
    return mixed.members.findIndex((m) => String(m.salts) === String(salts));
  };
  const salts = single.members.map(({ salts: [form] }, member) => ({ name: FORMS[form!]!.name, of: 'salts' as const, member }));
  const names = new Set([...salts, ...LIBRARY].map((s) => s.name));
  const cabinet = (await Promise.all(JARS.map((j) => placed([j.sample])))).flatMap(([at]) =>
    at && !names.has(at.name)
      ? [{ name: at.name, of: at.space === single ? ('salts' as const) : ('mixtures' as const), member: at.member }]
      : [],
  );
  return [
    ...salts,
    ...OF_ONE_GROUP.map((formulas) => ({ name: mixtureName(formulas), of: 'mixtures' as const, member: inPair(formulas) })),
    ...cabinet,
    ...LIBRARY.flatMap(({ name, usual }, member) => (usual ? [{ name, of: 'compounds' as const, member }] : [])),
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
