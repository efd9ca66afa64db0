import fc from 'fast-check';
import { type Form, formOf } from '#core/scheme/form';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { testById, TESTS } from '#core/scheme/tests';
import { sayAll } from '#core/senses/sentences';
import { type Observation, observationSchema } from '#core/vocabulary/observation';
import { closer, isOn, tapped } from '../src/places/bench/noting';

const formFor = (id: string) => formOf(testById.get(id)!, DEFAULT_RULES, []);
const lineIn = (form: Form, key: string) => form.lines.find((l) => l.key.includes(key))!;
const tap = (list: readonly Observation[], form: Form, key: string, is: Partial<Observation>) => {
  const line = lineIn(form, key);
  const choice = [...line.first, ...line.rest].find((c) => Object.entries(is).every(([f, w]) => (c.words as never)[f] === w))!;
  return tapped(list, line, choice);
};

test('taps make the observations that a person means', () => {
  const ammonia = formFor('ammonia');
  const white = tap([], ammonia, 'precipitate', { colour: 'white' });
  expect(white).toEqual([{ channel: 'precipitate', event: 'formed', colour: 'white' }]);
  const gone = tap(white, ammonia, 'precipitate', { event: 'dissolved' });
  expect(sayAll(gone)).toBe('White precipitate, which dissolved.');
  expect(sayAll(tap(white, ammonia, 'precipitate', { colour: 'brown' }))).toBe('White precipitate, which turned brown.');
  expect(tap(gone, ammonia, 'precipitate', { event: 'none' })).toEqual([{ channel: 'precipitate', event: 'none' }]);
  expect(tap(tap([], ammonia, 'precipitate', { event: 'none' }), ammonia, 'precipitate', { colour: 'white' })).toEqual(white);
  expect(sayAll(closer(white, 0, 'texture', 'gelatinous'))).toBe('Gelatinous white precipitate.');
  const fusion = formFor('sodium-fusion');
  const good = tap(tap([], fusion, 'extract', { event: 'good' }), fusion, 'extract', { colour: 'colourless' });
  expect(good).toEqual([{ channel: 'extract', event: 'good', colour: 'colourless' }]);
  expect(tap(tap(good, fusion, 'extract', { event: 'good' }), fusion, 'extract', { colour: 'colourless' })).toEqual([]);
});

test('whatever is tapped is a record, and the same tap again takes it back', () => {
  const choices = TESTS.flatMap((t) => {
    const { lines, more } = formOf(t, DEFAULT_RULES, []);
    return [...lines, ...more].flatMap((line) => [...line.first, ...line.rest].map((choice) => ({ line, choice, test: t.id })));
  });
  expect(choices.length).toBeGreaterThan(3000);
  const wrong = choices.filter(({ line, choice }) => {
    const once = tapped([], line, choice);
    const isRecord = observationSchema.safeParse(choice.words).success;
    return !isRecord || !isOn(once, line, choice) || tapped(once, line, choice).length > 0;
  });
  expect(wrong.map(({ test, choice }) => [test, choice.words])).toEqual([]);
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...choices.slice(0, 400)), { maxLength: 8 }), (taps) => {
      const list = taps.reduce<Observation[]>((said, { line, choice }) => tapped(said, line, choice), []);
      for (const o of list) expect(observationSchema.safeParse(o).success).toBe(true);
      for (const { line } of taps) {
        const own = list.filter((o) => o.channel === line.channel && o.event === 'none');
        expect(own.length).toBeLessThanOrEqual(1);
      }
    }),
  );
});
