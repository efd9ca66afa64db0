/** How evidence is weighed where what two things show together is only guessed at first: on a made-up space of few things. */
import { evidenceOf } from '#core/reasoning/evidence';
import type { RecordEntry } from '#core/reasoning/entries';
import { infer } from '#core/reasoning/infer';
import { probabilityOf } from '#core/reasoning/observer';
import { overlay } from '#core/reasoning/parts';
import { meanOver, type Space } from '#core/reasoning/space';
import { testById } from '#core/scheme/tests';
import type { Observation } from '#core/vocabulary/observation';

const TESTS = ['silver-acid', 'barium-acid', 'hydroxide', 'ammonia'];
const COLOURS = ['white', 'yellow', 'red', 'black', 'blue', 'green', 'violet', 'brown'] as const;
const NAMES = COLOURS.map((_, i) => `thing ${i}`);
const precipitate = (colour: Observation['colour']): Observation[] => [{ channel: 'precipitate', event: 'formed', colour }];

interface Toy {
  readonly space: Space;
  /** Mixtures that were simulated, in order, each once. */
  readonly simulated: number[];
  readonly find: (...names: string[]) => number;
}

/**
 * Eight things with a precipitate of their own in each test, and their pairs. A pair is composed as both precipitates; in
 * truth two make a third colour.
 */
function toy(): Toy {
  const singles = NAMES.map((name) => ({ holds: [name], composed: false }));
  const pairs = NAMES.flatMap((a, i) => NAMES.slice(i + 1).map((b) => ({ holds: [a, b], composed: true })));
  const members = [...singles, ...pairs];
  const places = (m: number) => members[m]!.holds.map((name) => NAMES.indexOf(name));
  const alone = (i: number, test: string) => precipitate(COLOURS[(i * (TESTS.indexOf(test) + 1)) % COLOURS.length]);
  const composed = (m: number, test: string) =>
    places(m)
      .map((i) => alone(i, test))
      .reduce(overlay);
  const simulated: number[] = [];
  const exact = (m: number, test: string) => {
    if (!members[m]!.composed) return composed(m, test);
    if (!simulated.includes(m)) simulated.push(m);
    return precipitate(COLOURS[places(m).reduce((a, b) => a + b * (TESTS.indexOf(test) + 1)) % COLOURS.length]);
  };
  const space: Space = {
    scheme: 'no-sulfide',
    suspects: NAMES,
    members,
    lnPrior: Float64Array.from(members, () => -Math.log(members.length)),
    costs: {},
    knows: (test) => TESTS.includes(test),
    called: (m) => members[m]!.holds.join(' + '),
    sampleOf: (m) => ({ salts: members[m]!.holds.map((formula) => ({ formula, grams: 1 })) }),
    shows: (m, test) => [exact(m, test)],
    outline: composed,
    read: (test, recorded) => {
      const p = Float64Array.from(members, (_, m) => probabilityOf(testById.get(test)!, recorded, composed(m, test)));
      return { p, anyhow: meanOver(space, p) };
    },
  };
  return { space, simulated, find: (...names) => members.findIndex((m) => m.holds.join() === names.join()) };
}

const record = ({ space }: Toy, m: number): RecordEntry[] =>
  TESTS.map((test, i) => ({ number: i + 1, test, observed: space.shows(m, test)[0]! }));

/** The record of a pair, with what has been simulated forgotten. */
function recorded(...names: string[]) {
  const made = toy();
  const m = made.find(...names);
  const entries = record(made, m);
  made.simulated.length = 0;
  return { ...made, m, entries };
}

test('pairs that show nothing of what was composed are found once they are simulated', () => {
  // Thing 0 beside another shows what that shows alone.
  const others = NAMES.slice(1);
  const pairs = others.flatMap((a, i) => others.slice(i + 1).map((b) => [a, b]));
  const missed = pairs.filter((pair) => {
    const { space, entries } = recorded(...pair);
    const [best] = infer(space, entries, { most: 28 }).candidates;
    return best!.ions.join() !== pair.join() || best!.against.length > 0;
  });
  // One that comes late shows nearly what another does.
  expect(missed.length).toBeLessThanOrEqual(1);
});

test('no more are simulated than the effort allows, and what was left out is owned to', () => {
  for (const most of [1, 3, 9]) {
    const { space, entries, simulated } = recorded('thing 2', 'thing 7');
    const { doubtful } = evidenceOf(space, entries, { most });
    expect(simulated.length).toBeLessThanOrEqual(most);
    expect(simulated.length).toBeGreaterThan(0);
    expect(doubtful).toBe(true);
  }
});

test('once nobody waits, nothing more is simulated; what there is has the shape of an answer', () => {
  const { space, entries, simulated } = recorded('thing 1', 'thing 4');
  const found = infer(space, entries, { most: 28, stopped: () => simulated.length >= 4 });
  expect(simulated).toHaveLength(4);
  expect(found.weights.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
});

test('a single thing that explains the record is believed without looking at every pair', () => {
  const made = toy();
  const entries = record(made, made.find('thing 3'));
  const found = infer(made.space, entries, { most: 28 });
  expect(found.candidates[0]!.ions).toEqual(['thing 3']);
  expect(made.simulated.length).toBeLessThan(28);
});

const lnOf = (space: Space, list: readonly RecordEntry[]) => evidenceOf(space, list, { most: 0 }).evidence.map((e) => [...e.ln]);

test('a pair that is not simulated is put out less by one entry than a thing that is known', () => {
  const { space, entries, m } = recorded('thing 2', 'thing 7');
  const rows = lnOf(space, entries);
  const worst = (k: number) => Math.min(...rows.map((ln) => ln[k]!));
  expect(worst(m)).toBeGreaterThan(Math.min(...NAMES.map((_, i) => worst(i))) + 1);
});

test('an unsure entry moves less than a sure one', () => {
  const { space, entries } = recorded('thing 1', 'thing 4');
  const unsure = entries.map((e) => ({ ...e, confidence: 'unsure' as const }));
  const spread = (ln: readonly number[]) => Math.max(...ln) - Math.min(...ln);
  lnOf(space, unsure).forEach((row, k) => expect(spread(row)).toBeLessThan(spread(lnOf(space, entries)[k]!)));
});

test('the same written once more moves less than the first time, and the order of entries does not matter', () => {
  const { space, entries } = recorded('thing 1', 'thing 4');
  const again = [...entries, { ...entries[0]!, number: 9 }];
  const spread = (ln: readonly number[]) => Math.max(...ln) - Math.min(...ln);
  const rows = lnOf(space, again);
  expect(spread(rows.at(-1)!)).toBeLessThan(spread(rows[0]!) / 2);
  const probabilities = (list: readonly RecordEntry[]) => infer(space, list, { most: 28 }).suspects.map((s) => s.probability);
  probabilities([...again].reverse()).forEach((p, i) => expect(p).toBeCloseTo(probabilities(again)[i]!, 5));
});

test('a blank that shows the same takes the weight away; a clean one adds to it', () => {
  const { space, entries } = recorded('thing 1', 'thing 4');
  const without = infer(space, entries.slice(1), { most: 28 });
  const blank = (observed: readonly Observation[]): RecordEntry => ({ number: 9, test: TESTS[0]!, observed, control: 'blank' });
  const same = infer(space, [...entries, blank(entries[0]!.observed)], { most: 28 });
  expect(same.suspects.map((s) => s.probability)).toEqual(without.suspects.map((s) => s.probability));
  expect(same.unused.map((u) => u.entry)).toEqual([1, 9]);
  // Beside a clean blank a mistake is less to be thought of.
  const clean = evidenceOf(space, [{ ...entries[0]!, beside: true }], { most: 0 }).evidence[0]!;
  const plain = evidenceOf(space, [entries[0]!], { most: 0 }).evidence[0]!;
  expect(Math.min(...clean.ln)).toBeLessThan(Math.min(...plain.ln));
});
