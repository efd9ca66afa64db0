import fc from 'fast-check';
import { type Op, opSchema } from '#core/bench/ops';
import { REAGENTS } from '#core/matter/data/reagents';
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

const tube = fc.constantFrom('A', 'B', 'S', 'F1', 'sample', 'extract', 'my tube');
const bottle = fc.constantFrom(...REAGENTS.map((r) => r.id), 'water', 'ink', '');
const mL = fc.constantFrom(0.05, 0.5, 1, 5, 12);
const minutes = fc.constantFrom(0, 1, 10);
const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined });

/** Anything that can be asked for at a bench, what is not there among it; what the schema refuses is left out. */
export const op: fc.Arbitrary<Op> = fc
  .oneof(
    fc.record({ op: fc.constant('take'), to: tube, from: tube, mL, unrinsed: maybe(tube) }),
    fc.record({ op: fc.constant('take-solid'), to: tube, grams: fc.constantFrom(0.05, 0.3) }),
    fc.record({ op: fc.constant('dissolve'), to: tube, grams: fc.constant(0.1), in: bottle, mL, warm: maybe(fc.boolean()) }),
    fc.record({
      op: fc.constant('add'),
      to: tube,
      reagent: bottle,
      drops: maybe(fc.constantFrom(1, 6)),
      mL: maybe(mL),
      grams: maybe(fc.constant(0.2)),
      until: maybe(fc.constantFrom('just-basic', 'just-acidic', 'in-excess')),
      layered: maybe(fc.boolean()),
    }),
    fc.record({ op: fc.constant('pass'), to: tube, gas: fc.constantFrom('hydrogen-sulfide', 'chlorine', 'laughing'), minutes }),
    fc.record({ op: fc.constant('heat'), vessel: tube, to: fc.constantFrom('warm', 'boil', 'strong'), minutes: maybe(minutes) }),
    fc.record({
      op: fc.constant('evaporate'),
      vessel: tube,
      to_mL: maybe(mL),
      dry: maybe(fc.boolean()),
      fumes: maybe(fc.boolean()),
    }),
    fc.record({ op: fc.constantFrom('cool', 'shake', 'centrifuge', 'limewater', 'smell', 'look'), vessel: tube }),
    fc.record({ op: fc.constant('stand'), vessel: tube, minutes }),
    fc.record({ op: fc.constantFrom('decant', 'lead'), from: tube, to: tube }),
    fc.record({ op: fc.constant('filter'), from: tube, to: tube, residue: maybe(tube) }),
    fc.record({ op: fc.constant('wash'), vessel: tube, with: bottle, mL, times: fc.constantFrom(1, 2) }),
    fc.record({
      op: fc.constant('paper'),
      vessel: tube,
      paper: fc.constantFrom('red-litmus', 'universal-indicator', 'wallpaper'),
      where: fc.constantFrom('liquid', 'mouth'),
      damp: fc.boolean(),
    }),
    fc.record({ op: fc.constant('splint'), vessel: tube, splint: fc.constantFrom('lit', 'glowing') }),
    fc.record({ op: fc.constant('rod'), vessel: tube, dipped: fc.constantFrom('ammonia-conc', 'ink') }),
    fc.record({ op: fc.constant('flame'), from: tube, through: maybe(fc.constantFrom('none', 'cobalt-glass')) }),
    fc.record({ op: fc.constant('bead'), from: tube, zone: fc.constant('oxidising'), look: fc.constantFrom('hot', 'cold') }),
    fc.record({ op: fc.constant('dry-heat'), to: tube, grams: fc.constant(0.1), strong: maybe(fc.boolean()) }),
    fc.record({ op: fc.constant('charcoal'), then: maybe(fc.constant('cobalt-nitrate')) }),
    fc.record({ op: fc.constant('carbonate-extract'), to: tube, grams: fc.constant(0.2) }),
    fc.record({ op: fc.constant('set-up'), vessel: tube, as: fc.constantFrom('beaker', 'dish') }),
    fc.record({
      op: fc.constant('test'),
      test: fc.constantFrom('iodoform', 'litmus', 'tollens'),
      control: maybe(fc.constant('positive')),
    }),
    fc.record({ op: fc.constant('work-on'), portion: tube, aside: tube }),
    fc.record({ op: fc.constant('shake-out'), with: fc.constant('naoh-5pc'), times: fc.constant(2), portion: tube }),
  )
  .map((asked) => opSchema.safeParse(JSON.parse(JSON.stringify(asked))))
  .filter((parsed) => parsed.success)
  .map((parsed) => parsed.data!);
