/** What is advised midway through records that people write; the lists are written to a file, to be read as a teacher would. */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { advise, hazardOf } from '#core/reasoning/advise';
import { type Atlas, rulesOfSchool } from '#core/reasoning/atlas';
import type { CompoundAtlas } from '#core/reasoning/compound-atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { infer } from '#core/reasoning/infer';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { TESTED_ELEMENTS } from '#core/organic/data/features';
import { SCHOOLS } from '#core/scheme/model';
import { asideBy } from '#core/reasoning/premises';
import { routeOf } from '#core/scheme/route';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { startsOf, testById, testsOf } from '#core/scheme/tests';
import { COMPOUNDS } from './records/compounds';
import { entriesOf } from './records/record';
import { SALTS } from './records/salts';

const read = <T>(name: string) =>
  JSON.parse(gunzipSync(readFileSync(new URL(`../../atlas/${name}.json.gz`, import.meta.url))).toString()) as T;
const atlas = read<Atlas>('atlas');
const salts = new Map(SCHOOLS.map((s) => [s, new SaltSpace(atlas, rulesOfSchool(s), { cations: 2, anions: 2 })]));
const compounds = new CompoundSpace(read<CompoundAtlas>('compounds'));

/** After so many entries. */
const MIDWAY = [0, 1, 3, 5, 8];
const OWED = new Set<string>(TESTED_ELEMENTS);
const THIRTY = [...SALTS, ...COMPOUNDS]
  .flatMap((record, i) => {
    const all = entriesOf(record);
    // Each record at one or two of the stages, all stages about equally often.
    return MIDWAY.filter((n, k) => n < all.length && (i + k) % 3 === 0).map((n) => ({ record, entries: all.slice(0, n) }));
  })
  .slice(0, 30);

const advised = THIRTY.map(({ record, entries }) => {
  const space: Space = record.school ? salts.get(record.school)! : compounds;
  const rules = record.school ? rulesOfSchool(record.school) : DEFAULT_RULES;
  const done = new Set(entries.map((e) => e.test));
  const inference = infer(space, entries);
  const aside = asideBy(space, routeOf(entries, rules, true, space.scheme), inference.suspects);
  return {
    record,
    entries,
    space,
    rules,
    done,
    aside,
    inference,
    list: advise(space, inference, { rules, simulated: true, done, aside }, 5),
  };
});

afterAll(() => {
  mkdirSync('test-results', { recursive: true });
  const text = advised.map(({ record, entries, list }) =>
    [
      `${record.title}, after ${entries.length}: ${entries.map((e) => e.test).join(', ')}`,
      ...list.map((a) => `   ${a.test}: ${a.why}`),
    ].join('\n'),
  );
  writeFileSync('test-results/advice.txt', `${text.join('\n\n')}\n`);
});

test('thirty times there is something to do, and none of it has been done or is ruled out by what was seen', () => {
  expect(advised).toHaveLength(30);
  for (const { list, done, aside } of advised) {
    expect(list.length).toBeGreaterThan(0);
    for (const { test } of list) expect([test, done.has(test), aside.has(test)]).toEqual([test, false, false]);
  }
});

test('nothing is advised whose start is not there', () => {
  for (const { list, done, space } of advised)
    for (const { test } of list) {
      const starts = startsOf(testById.get(test)!, space.scheme);
      const makers = testsOf(space.scheme).filter((t) => t.id !== test && t.makes?.some((p) => starts.includes(p)));
      const there =
        !starts.length ||
        starts.includes('S') ||
        !makers.length ||
        makers.some((t) => done.has(t.id)) ||
        [...done].some((id) => startsOf(testById.get(id)!, space.scheme).some((p) => starts.includes(p)));
      expect([test, there]).toEqual([test, true]);
    }
});

test('nothing dangerous without a pointer, and dry and quick before wet and long at the start', () => {
  for (const { list, rules, inference, entries } of advised) {
    for (const { test } of list) {
      const of = new Set(testById.get(test)!.signs?.flatMap((s) => s.of));
      // Every report on a compound speaks of the elements, whether something points to them or not.
      const isOwed = [...of].every((id) => OWED.has(id));
      if (hazardOf(test, rules) !== 'high' || isOwed || test === 'compound-look') continue;
      const pointed = inference.suspects.some((s) => of.has(s.id) && s.probability >= 0.1);
      expect([test, pointed]).toEqual([test, true]);
    }
    if (!entries.length) expect(list[0]!.minutes).toBeLessThanOrEqual(10);
  }
});

test('no list asks one thing twice, unless it opens the way or would still tell much', () => {
  for (const { list } of advised) {
    const asked = list.map(({ test }) => [...new Set((testById.get(test)!.signs ?? []).flatMap((s) => s.of))].sort().join(' '));
    const again = list.filter(({ why }, i) => !why.startsWith('Prepares for') && asked[i] !== '' && asked.indexOf(asked[i]!) < i);
    for (const { test, bits } of again) expect([test, bits >= 0.5]).toEqual([test, true]);
  }
});
