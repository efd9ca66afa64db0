/** What makes the reasoning hardest: records that contradict themselves, and many who look at the same moment. */
import { randomUUID } from 'node:crypto';
import { caseChangesSchema } from '#contract';
import type { CaseEvent } from '#core/record/events';
import { seeded } from '#core/reasoning/student';
import { testsOf } from '#core/scheme/tests';
import type { Observation } from '#core/vocabulary/observation';
import { look, type Measured } from './people';
import type { Visitor } from './visitor';

const ENTRIES = 30;
const PAUSE_MS = 2000;
const BURST_MS = 2000;
const random = seeded(20261201);
const sleep = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

const CONTRADICTIONS: readonly Observation[] = [
  { channel: 'precipitate', event: 'formed', colour: 'white' },
  { channel: 'precipitate', event: 'formed', colour: 'black' },
  { channel: 'precipitate', event: 'none' },
  { channel: 'gas', event: 'evolved' },
  { channel: 'solution', colour: 'blue' },
];
const TESTS = testsOf('no-sulfide').filter((t) => t.watch.includes('precipitate'));

/** An entry that fits no sample together with others of its kind. */
const contradiction = (): CaseEvent => ({
  kind: 'entry',
  payload: {
    test: TESTS[Math.floor(random() * TESTS.length)]!.id,
    observed: [CONTRADICTIONS[Math.floor(random() * CONTRADICTIONS.length)]!],
  },
});

/** @returns the number of the last event then. */
const write = async (who: Visitor, id: string, after: number, event: CaseEvent): Promise<number> =>
  (await who.get<{ seq: number }>('POST', `/cases/${id}/events`, { id: randomUUID(), after, event })).seq;

/** A case on a real sample with these entries. */
async function caseWith(who: Visitor, entries: readonly CaseEvent[]): Promise<{ id: string; seq: number }> {
  const real = { name: 'U', look: 'white grains', grams: 5 };
  const begun = caseChangesSchema.parse(await who.get('POST', '/cases', { real }));
  const id = begun.summary.id;
  let { seq } = begun;
  for (const event of entries) seq = await write(who, id, seq, event);
  return { id, seq };
}

/** People whose records contradict themselves more with every entry, and who look at each. */
export async function contradict(people: readonly Visitor[], measured: Measured, until: number): Promise<void> {
  await Promise.all(
    people.map(async (who) => {
      const first = Array.from({ length: ENTRIES }, contradiction);
      const { id, seq } = await caseWith(who, first);
      let after = seq;
      while (Date.now() < until) {
        await look(who, id, measured, 'hard reasoning');
        await sleep(PAUSE_MS * random() * 2);
        after = await write(who, id, after, contradiction());
      }
    }),
  );
}

/** Everybody looks at a new record of a few entries within two seconds. */
export async function lookAtOnce(people: readonly Visitor[], measured: Measured): Promise<void> {
  const cases: string[] = [];
  for (const who of people) cases.push((await caseWith(who, Array.from({ length: 4 }, contradiction))).id);
  const since = performance.now();
  await Promise.all(
    people.map(async (who, i) => {
      await sleep(BURST_MS * random());
      await look(who, cases[i]!, measured, 'reasoning in a burst');
    }),
  );
  measured.add('all of a burst answered', performance.now() - since);
}
