import fc from 'fast-check';
import type { RecordEntry } from '#core/reasoning/entries';
import { FREE_WORK, TESTS } from '#core/scheme/tests';
import { channelRow } from '#core/vocabulary/channels';
import { CHANNEL_IDS, type Observation, reworded } from '#core/vocabulary/observation';

/** Any observation that the table allows. */
export const observation: fc.Arbitrary<Observation> = fc.constantFrom(...CHANNEL_IDS).chain((channel) => {
  const fields = Object.entries(channelRow(channel).fields).map(([field, of]) => {
    const word: fc.Arbitrary<string | number> =
      'least' in of ? fc.integer({ min: of.least, max: of.most }) : fc.constantFrom(...of);
    return [field, fc.option(word, { nil: undefined })] as const;
  });
  return fc.record(Object.fromEntries(fields)).map((words) => reworded({ channel }, words));
});

/** A standard test of salts or of compounds, free work, or a test that nobody knows: a name of the language among them. */
const test = fc.oneof(
  { weight: 8, arbitrary: fc.constantFrom(...TESTS.map((t) => t.id)) },
  { weight: 2, arbitrary: fc.constantFrom(FREE_WORK, 'tollens', '', 'constructor', '__proto__') },
);

/** Any record that can be written: tests of any kind in any order, and blanks that stand beside their entry or alone. */
export const record: fc.Arbitrary<RecordEntry[]> = fc
  .array(
    fc.record({
      test,
      observed: fc.array(observation, { maxLength: 4 }),
      blank: fc.option(fc.array(observation, { minLength: 1, maxLength: 2 }), { nil: undefined }),
      alone: fc.boolean(),
      confidence: fc.constantFrom('sure' as const, 'unsure' as const, undefined),
    }),
    { maxLength: 14 },
  )
  .map((written) =>
    written.flatMap(({ test: id, observed, blank, alone, confidence }, i): RecordEntry[] => [
      ...(blank && alone ? [] : [{ number: i + 1, test: id, observed, ...(confidence && { confidence }) }]),
      ...(blank ? [{ number: i + 1, test: id, observed: blank, control: 'blank' as const }] : []),
    ]),
  );
