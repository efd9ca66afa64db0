/** Whatever is done and written down, in any order, is answered: nothing in a record makes the reasoning fail. */
import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import fc from 'fast-check';
import { advise, proving } from '#core/reasoning/advise';
import { type Atlas, rulesFor, rulesOfSchool } from '#core/reasoning/atlas';
import type { CompoundAtlas } from '#core/reasoning/compound-atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import type { RecordEntry } from '#core/reasoning/entries';
import { infer } from '#core/reasoning/infer';
import { boundsOf } from '#core/reasoning/premises';
import { parting, settlingTest } from '#core/reasoning/settle';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { FREE_WORK, testById } from '#core/scheme/tests';
import { record } from './any';

const read = <T>(name: string) =>
  JSON.parse(gunzipSync(readFileSync(new URL(`../../atlas/${name}.json.gz`, import.meta.url))).toString()) as T;
const atlas = read<Atlas>('atlas');
const ONE = { cations: 1, anions: 1 };
const spaces: readonly Space[] = [
  new SaltSpace(atlas, rulesOfSchool('no-sulfide'), ONE),
  new SaltSpace(atlas, rulesOfSchool('six-group'), ONE),
  new CompoundSpace(read<CompoundAtlas>('compounds')),
];

/** All that is asked of a record, for every space. */
function asked(space: Space, entries: readonly RecordEntry[]) {
  const inference = infer(space, entries);
  const bounds = boundsOf(space, entries, inference, { rules: rulesFor(space.scheme), simulated: false });
  return {
    inference,
    next: advise(space, inference, bounds, 5),
    settling: inference.conflicts.map((c) => settlingTest(space, inference, entries, c, bounds)),
    proofs: inference.suspects.slice(0, 8).map((s) => proving(space, s.id, bounds)),
    few: parting(space, inference, bounds),
  };
}

test('records of any tests, free work and unknown ones, of any observations, are reasoned about without an error', () => {
  fc.assert(
    fc.property(fc.constantFrom(...spaces), record, (space, entries) => {
      const { inference, next, settling } = asked(space, entries);
      const sum = inference.weights.reduce((a, b) => a + b, 0);
      expect(sum).toBeCloseTo(1, 6);
      for (const { probability } of inference.suspects) expect(probability >= 0 && probability <= 1 + 1e-9).toBe(true);
      for (const { test: id } of next) expect(space.knows(id)).toBe(true);
      for (const id of settling) expect(testById.has(id)).toBe(true);
      // Every entry that stands for itself either weighs or is said not to.
      const unused = new Set(inference.unused.map((u) => u.entry));
      for (const { number, test: id } of entries)
        if (!testById.has(id) && !unused.has(number))
          expect(entries.filter((e) => e.number === number).length).toBeGreaterThan(1);
    }),
    { numRuns: 60 },
  );
}, 120000);

test('an entry in free work changes nothing of what the others prove, and the record says so', () => {
  const [space] = spaces;
  const flame: RecordEntry = { number: 1, test: 'flame', observed: [{ channel: 'flame', colour: 'apple-green' }] };
  const free: RecordEntry = {
    number: 2,
    test: FREE_WORK,
    observed: [{ channel: 'precipitate', event: 'formed', colour: 'white' }],
  };
  const [alone, together] = [[flame], [flame, free]].map((entries) => asked(space!, entries));
  expect([...together!.inference.weights]).toEqual([...alone!.inference.weights]);
  expect(together!.next).toEqual(alone!.next);
  expect(together!.inference.unused).toEqual([{ entry: 2, why: expect.stringMatching(/does not say what was done/) as string }]);
});
