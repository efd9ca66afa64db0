/** Judgement on records that people write: from textbooks, written down before the engine saw any of them. */
import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { type Atlas, rulesOfSchool } from '#core/reasoning/atlas';
import type { CompoundAtlas } from '#core/reasoning/compound-atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { isElement } from '#core/reasoning/kinds';
import { infer, PROMPT } from '#core/reasoning/infer';
import { SaltSpace } from '#core/reasoning/space';
import { SCHOOLS } from '#core/scheme/model';
import { entriesOf, isRight, type Written } from './records/record';
import { RECORDS } from './records/sets';

const read = <T>(name: string) =>
  JSON.parse(gunzipSync(readFileSync(new URL(`../../atlas/${name}.json.gz`, import.meta.url))).toString()) as T;
const atlas = read<Atlas>('atlas');
const TWO = { cations: 2, anions: 2 };
const spaces = new Map(SCHOOLS.map((s) => [s, new SaltSpace(atlas, rulesOfSchool(s), TWO)]));
const compounds = new CompoundSpace(read<CompoundAtlas>('compounds'));

/** Of what is dear a part; `./foxing bench records` judges them all. */
const part = (set: keyof typeof RECORDS, one: number) => RECORDS[set].filter((_, i) => i % one === 0);
const SALTS = {
  'plain salts': part('plain salts', 3),
  'harder and further salts': part('harder and further salts', 6),
  'salts, with one mistake': part('salts, with one mistake', 11),
  'mixtures of two': part('mixtures of two', 14),
  'as beginners write': part('as beginners write', 3),
};
const WORKED: readonly Written[] = Object.values(SALTS).flat();
const thought = new Map(WORKED.map((record) => [record.title, infer(spaces.get(record.school!)!, entriesOf(record), PROMPT)]));

test.each(WORKED)('$title: nothing true is ruled out, nothing else confirmed', ({ title, truth }) => {
  for (const { id, state } of thought.get(title)!.suspects) {
    if (truth.includes(id)) expect([id, state]).not.toEqual([id, 'ruled-out']);
    else expect([id, state]).not.toEqual([id, 'confirmed']);
  }
});

// Of the mixtures some records leave open what they do not test for: an anion that came with the second metal.
test.each([
  ['plain salts', 0.9],
  ['harder and further salts', 0.85],
  ['salts, with one mistake', 0.85],
  ['mixtures of two', 0.6],
  ['as beginners write', 0.75],
] as const)('%s are found', (set, share) => {
  const found = SALTS[set].filter((record) => isRight(record, thought.get(record.title)!.candidates[0]!));
  expect(found.length / SALTS[set].length).toBeGreaterThanOrEqual(share);
});

test.each(RECORDS.compounds)('$title', (record) => {
  const { candidates, suspects } = infer(compounds, entriesOf(record));
  expect(candidates.slice(0, 5).map((c) => c.name)).toContain(record.name);
  for (const { id, state, probability } of suspects) {
    if (record.truth.includes(id)) expect([id, probability > 0.5, state === 'ruled-out']).toEqual([id, true, false]);
    else if (isElement(id)) expect([id, ['indicated', 'confirmed'].includes(state)]).toEqual([id, false]);
  }
});
