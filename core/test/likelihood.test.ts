/** How a record is read against what was to be expected, and who writes it: on all outcomes that the atlases know. */
import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import fc from 'fast-check';
import { read, subjectOf } from '#core/reasoning/likelihood';
import { perfect, seeded, student } from '#core/reasoning/observer';
import { type Observation, observationSchema } from '#core/vocabulary/observation';

const outcomesOf = (name: string) =>
  (
    JSON.parse(gunzipSync(readFileSync(new URL(`../../atlas/${name}.json.gz`, import.meta.url))).toString()) as {
      outcomes: Observation[][];
    }
  ).outcomes;

const OUTCOMES = [...outcomesOf('atlas'), ...outcomesOf('compounds')].filter((seen) => seen.length > 0);
const outcome = fc.constantFrom(...OUTCOMES);

/** Two outcomes that one test might have: about the same things. */
const subjectsIn = (seen: readonly Observation[]) => [...new Set(seen.map(subjectOf))].sort().join();
const alike = new Map<string, Observation[][]>();
for (const seen of OUTCOMES) alike.set(subjectsIn(seen), [...(alike.get(subjectsIn(seen)) ?? []), seen]);
const pair = outcome.chain((shown) => fc.tuple(fc.constantFrom(...alike.get(subjectsIn(shown))!), fc.constant(shown)));

describe('a record', () => {
  test('that says what was shown is likelier than any other of the same', () => {
    fc.assert(
      fc.property(pair, ([recorded, shown]) => {
        expect(read(recorded, shown)).toBeLessThanOrEqual(read(shown, shown) + 1e-9);
      }),
      { numRuns: 1500, seed: 30 },
    );
  });

  test('is never read as certain, nor as impossible', () => {
    fc.assert(
      fc.property(outcome, outcome, fc.boolean(), (recorded, shown, loose) => {
        const ln = read(recorded, shown, loose);
        expect(ln).toBeLessThan(0);
        expect(ln).toBeGreaterThan(Math.log(1e-4));
      }),
      { numRuns: 1500, seed: 31 },
    );
  });

  test('of something that was overlooked costs less when it was weak, and of something imagined more than either', () => {
    const white = (amount: Observation['amount']): Observation[] => [
      { channel: 'precipitate', event: 'formed', colour: 'white', amount },
    ];
    const none: Observation[] = [{ channel: 'precipitate', event: 'none' }];
    const costs = [read(none, none), read(none, white('trace')), read(none, white('heavy')), read(white('heavy'), none)];
    expect(costs).toEqual([...costs].sort((a, b) => b - a));
    expect(new Set(costs).size).toBe(4);
  });

  test('of a melting point is worth less the farther it is off', () => {
    const melts = (celsius: number): Observation[] => [{ channel: 'temperature', event: 'melts', celsius, to: celsius + 1 }];
    const costs = [168, 170, 172, 176].map((celsius) => read(melts(celsius), melts(168)));
    expect(costs).toEqual([...costs].sort((a, b) => b - a));
    expect(costs[0]! - costs[3]!).toBeGreaterThan(2);
  });
});

describe('who looks', () => {
  test('a perfect observer writes what is shown', () => {
    fc.assert(fc.property(outcome, (seen) => expect(perfect(seen)).toEqual(seen)));
  });

  test('a student misreads about one observation in twenty, the same ones with the same seed, always in words that there are', () => {
    const write = (seed: number) => OUTCOMES.flatMap(student(seeded(seed)));
    const shown = OUTCOMES.flat();
    const written = write(40);
    expect(written).toHaveLength(shown.length);
    expect(write(40)).toEqual(written);
    expect(write(41)).not.toEqual(written);
    const wrong = written.filter((o, i) => JSON.stringify(o) !== JSON.stringify(shown[i])).length / shown.length;
    expect(wrong).toBeGreaterThan(0.035);
    expect(wrong).toBeLessThan(0.06);
    for (const o of written) expect(observationSchema.safeParse(o)).toMatchObject({ success: true });
  });
});
