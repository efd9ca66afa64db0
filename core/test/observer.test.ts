/** What people write of what they see: one model, which weighs records and draws them. */
import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import fc from 'fast-check';
import { probabilityOf } from '#core/reasoning/observer';
import { TOGETHER } from '#core/reasoning/data/rates';
import { overlay, Parts } from '#core/reasoning/parts';
import { PartsWeighed } from '#core/reasoning/parts-weighed';
import { perfect, seeded, student } from '#core/reasoning/student';
import { ORGANIC_TEST_IDS } from '#core/organic/testids';
import type { StandardTest } from '#core/scheme/model';
import { testById } from '#core/scheme/tests';
import { type Channel, channelRow } from '#core/vocabulary/channels';
import { isNothing, nothingIn, type Observation, observationSchema, reworded } from '#core/vocabulary/observation';

interface Stored {
  outcomes: Observation[][];
  tests: Record<string, number[]>;
}
const stored = JSON.parse(
  gunzipSync(readFileSync(new URL('../../atlas/compounds.json.gz', import.meta.url))).toString(),
) as Stored;

/** A test, and one of the outcomes that it has. */
const shown = fc
  .constantFrom(...ORGANIC_TEST_IDS.filter((id) => testById.has(id)))
  .chain((id) => fc.tuple(fc.constant(testById.get(id)!), fc.constantFrom(...stored.tests[id]!.map((i) => stored.outcomes[i]!))));

const about = (...watch: Channel[]): StandardTest => ({
  ...testById.get('vinegar')!,
  id: 'made-up',
  signs: [],
  watch,
  steps: [],
});

/** Everything that could be said of a channel in one breath, its words few enough to be counted out. */
function sayable(channel: Channel): Observation[] {
  let list: Observation[] = [{ channel } as Observation];
  for (const [field, of] of Object.entries(channelRow(channel).fields)) {
    if ('least' in of) continue;
    // Through nothing is as good as not said.
    const words = of.filter((word) => field !== 'through' || word !== 'none');
    list = list.flatMap((o) => [...(field === 'smell' ? [] : [o]), ...words.map((word) => reworded(o, { [field]: word }))]);
  }
  // That there is nothing is said in one way.
  return list.filter((o) => !isNothing(o) || JSON.stringify(o) === JSON.stringify(nothingIn(channel)[0]));
}

/** Sums over all records of at most two things. */
function total(test: StandardTest, seen: readonly Observation[]): number {
  const things = test.watch.flatMap(sayable);
  let sum = probabilityOf(test, [], seen);
  things.forEach((a, i) => {
    sum += probabilityOf(test, [a], seen);
    for (const b of things.slice(i + 1)) sum += probabilityOf(test, [a, b], seen);
  });
  return sum;
}

test.each<[string, Channel[], Observation[]]>([
  ['lime water that clouds', ['limewater'], [{ channel: 'limewater', event: 'cloudy' }]],
  ['lime water that stays', ['limewater'], [{ channel: 'limewater', event: 'clear' }]],
  ['a smell', ['smell'], [{ channel: 'smell', smell: 'ammonia' }]],
  ['a solubility', ['solubility'], [{ channel: 'solubility', event: 'partly-soluble' }]],
  ['fumes', ['fumes'], [{ channel: 'fumes', event: 'white-fumes' }]],
  ['a ring', ['ring'], [{ channel: 'ring', event: 'formed', colour: 'brown' }]],
  ['a flame', ['flame'], [{ channel: 'flame', through: 'none', colour: 'green', duration: 'lasting' }]],
  ['no ring', ['ring'], [{ channel: 'ring', event: 'none' }]],
])('all that could be written of %s adds up to one', (_what, watch, seen) => {
  const sum = total(about(...watch), seen);
  expect(sum).toBeGreaterThan(0.93);
  expect(sum).toBeLessThan(1.02);
});

const IRON: Observation[] = [
  { channel: 'paper', paper: 'red-litmus', event: 'changed', colour: 'blue' },
  { channel: 'precipitate', event: 'formed', colour: 'dirty-green' },
  { channel: 'precipitate', event: 'dissolved', colour: 'dirty-green' },
  { channel: 'solution', event: 'colour-changed', colour: 'pale-green' },
];

test.each<[string, Channel[], Observation[], Observation[]?]>([
  ['a precipitate', ['precipitate'], [{ channel: 'precipitate', event: 'formed', colour: 'white' }]],
  ['one that dissolves', ['precipitate'], [{ channel: 'precipitate', event: 'dissolved', colour: 'yellow' }]],
  [
    'a layer',
    ['layer', 'solution'],
    [
      { channel: 'layer', event: 'present', colour: 'violet' },
      { channel: 'solution', event: 'unchanged', colour: 'colourless', clarity: 'clear' },
    ],
  ],
  ['a flame', ['flame'], [{ channel: 'flame', through: 'none', colour: 'red', duration: 'lasting' }]],
  ['a paper', ['paper'], [{ channel: 'paper', paper: 'universal-indicator', event: 'changed', colour: 'orange', pH: 3 }]],
  ['no smell', ['precipitate', 'smell'], [{ channel: 'precipitate', event: 'formed', colour: 'white' }]],
  ['what the reagents show by themselves', ['paper', 'precipitate', 'solution'], IRON, IRON.slice(1)],
])('records of %s are drawn as they are weighed', (_what, watch, seen, blank = []) => {
  const test = about(...watch);
  const write = student(seeded(5));
  const DRAWS = 12000;
  const counts = new Map<string, number>();
  const text = (o: Observation) => JSON.stringify(o, Object.keys(o).sort());
  for (let i = 0; i < DRAWS; i++) {
    const key = `[${write(test, seen, blank).map(text).sort().join()}]`;
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  const common = [...counts].filter(([, n]) => n > DRAWS / 40);
  expect(common.length).toBeGreaterThan(2);
  for (const [key, n] of common) {
    const p = probabilityOf(test, observationSchema.array().parse(JSON.parse(key)), seen, { blank });
    expect([key, n / DRAWS / p > 0.8 && n / DRAWS / p < 1.25]).toEqual([key, true]);
  }
});

test('what was shown, said plainly, is likelier than of anything else that the test may show', () => {
  fc.assert(
    fc.property(shown, shown, ([test, seen], [, other]) => {
      const subjects = (list: readonly Observation[]) => list.map((o) => `${o.channel}${o.paper ?? ''}${o.event ?? ''}`).join();
      fc.pre(subjects(seen) !== subjects(other) && seen.length > 0);
      expect(probabilityOf(test, seen, seen)).toBeGreaterThan(probabilityOf(test, seen, other) * 0.99);
    }),
    { numRuns: 800, seed: 30 },
  );
});

test('what is overlooked costs less when it was weak, and a near colour less than a far one', () => {
  const test = about('precipitate');
  const ppt = (colour: Observation['colour'], amount: Observation['amount'] = 'moderate'): Observation[] => [
    { channel: 'precipitate', event: 'formed', colour, amount },
  ];
  const none: Observation[] = [{ channel: 'precipitate', event: 'none' }];
  const p = (recorded: Observation[], seen: Observation[]) => probabilityOf(test, recorded, seen);
  expect(p(none, ppt('white', 'trace'))).toBeGreaterThan(4 * p(none, ppt('white', 'heavy')));
  expect(p(none, none)).toBeGreaterThan(2 * p(none, ppt('white', 'trace')));
  const said: Observation[] = [{ channel: 'precipitate', event: 'formed', colour: 'blue' }];
  const costs = (['blue', 'pale-blue', 'green', 'red'] as const).map((colour) => p(said, ppt(colour)));
  expect(costs).toEqual([...costs].sort((a, b) => b - a));
  // A shade is no proof against a salt; red for blue nearly is.
  expect(costs[0]! / costs[1]!).toBeLessThan(20);
  expect(costs[0]! / costs[3]!).toBeGreaterThan(20);
});

test('a field that is left out, or which paper it was, is no evidence against what was shown', () => {
  const seen: Observation[] = [{ channel: 'paper', paper: 'red-litmus', event: 'changed', colour: 'blue' }];
  const other: Observation[] = [{ channel: 'paper', paper: 'red-litmus', event: 'unchanged', colour: 'red' }];
  const test = about('paper');
  for (const recorded of [
    [{ channel: 'paper', event: 'changed', colour: 'blue' }],
    [{ channel: 'paper', paper: 'red-litmus', colour: 'blue' }],
    [{ channel: 'paper', paper: 'red-litmus', event: 'changed' }],
  ] as Observation[][])
    expect(probabilityOf(test, recorded, seen)).toBeGreaterThan(10 * probabilityOf(test, recorded, other));
});

test('a melting point is worth less the farther it is off, but never nothing', () => {
  const melts = (celsius: number): Observation[] => [{ channel: 'temperature', event: 'melts', celsius, to: celsius + 1 }];
  const test = about('temperature');
  const p = [168, 170, 172, 176, 240].map((celsius) => probabilityOf(test, melts(celsius), melts(168)));
  expect(p).toEqual([...p].sort((a, b) => b - a));
  expect(p[0]! / p[3]!).toBeGreaterThan(20);
  expect(p[4]).toBeGreaterThan(1e-6);
});

test('a perfect observer writes what is shown; a student in words that there are, the same with the same seed', () => {
  fc.assert(
    fc.property(shown, fc.nat(), ([test, seen], seed) => {
      expect(perfect(test, seen)).toEqual(seen);
      const written = student(seeded(seed))(test, seen);
      expect(student(seeded(seed))(test, seen)).toEqual(written);
      for (const o of written) expect(observationSchema.safeParse(o)).toMatchObject({ success: true });
    }),
    { numRuns: 400 },
  );
});

test('what two show together, weighed part by part, is as likely as weighed whole', () => {
  const second = fc.nat().map((n) => (list: readonly number[]) => list[n % list.length]!);
  fc.assert(
    fc.property(shown, second, fc.nat(), ([test, seen], pick, seed) => {
      const other = stored.outcomes[pick(stored.tests[test.id]!)]!;
      fc.pre(JSON.stringify(seen) !== JSON.stringify(other));
      const together = overlay(seen, other);
      const written = student(seeded(seed))(test, together);
      const weighed = new PartsWeighed(new Parts([seen, other]), new Set([0, 1]), test, written);
      expect(weighed.together(0, 1)).toBeCloseTo(probabilityOf(test, written, together, { hidden: TOGETHER.hidden }), 12);
      expect(weighed.alone(0)).toBeCloseTo(probabilityOf(test, written, seen), 12);
    }),
    { numRuns: 400 },
  );
});
