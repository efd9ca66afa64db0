import { type CaseView, equationsSchema, givenSchema } from '#contract';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { testsOf } from '#core/scheme/tests';
import { World } from '#core/scheme/world';
import type { CaseEvent } from '#core/record/events';
import type { Observation } from '#core/vocabulary/observation';
import { Client, operation, wrote } from './client';
import { freshFoxing } from './harness';

let foxing: Awaited<ReturnType<typeof freshFoxing>>;
let one: Client;
let two: Client;

beforeAll(async () => {
  foxing = await freshFoxing(2, true);
  [one, two] = foxing.servers.map((server) => new Client(server)) as [Client, Client];
});
afterAll(() => foxing.remove());

const note = (test: string): CaseEvent => wrote(test, { channel: 'flame', colour: 'none' });

test('what an entry says goes with it when it is struck; what one server thought the other knows', async () => {
  let view = await one.begin({ jar: 'jar-12' });
  view = await one.write(view, wrote('flame', { channel: 'flame', colour: 'apple-green' }));
  const barium = async (client: Client) => (await client.reasoned(view)).suspects.find((c) => c.id === 'Ba2+')!;
  const first = await barium(one);
  expect(first.state).toMatch(/hinted|indicated/);
  expect(await barium(two)).toEqual(first);
  view = await one.write(view, { kind: 'strike', payload: { entry: 1, reason: 'dirty wire' } });
  expect((await barium(one)).state).toBe('open');
});

test('an entry in free work that does not say what was done is kept, and the reasoning about the rest goes on', async () => {
  const begun = await one.begin({ real: { name: 'U 23', look: 'white grains', grams: 2 } });
  const free = wrote('free', { channel: 'precipitate', event: 'formed', colour: 'white' });
  const view = await one.write(begun, free, wrote('flame', { channel: 'flame', colour: 'apple-green' }));
  for (const effort of ['prompt', 'thorough'] as const) {
    const { unused, next, suspects } = await one.reasoned(view, effort);
    expect(unused).toEqual([{ entry: 1, why: expect.stringMatching(/does not say what was done/) as string }]);
    expect(next.length).toBeGreaterThan(0);
    expect(suspects.find((s) => s.id === 'Ba2+')!.state).toMatch(/hinted|indicated/);
  }
});

test('what is done freely weighs, whatever it is called: under its test where it is one, by itself where it is none', async () => {
  const ops = [
    { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 },
    { op: 'take', to: 'A', from: 'S', mL: 1 },
    { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', drops: 5 },
    { op: 'take', to: 'B', from: 'S', mL: 1 },
    { op: 'add', to: 'A', reagent: 'barium-chloride-0.25M', drops: 5 },
    { op: 'add', to: 'B', reagent: 'ammonia-6M', mL: 1 },
  ] as const;
  let view = await one.begin({ real: { name: 'U 24', look: 'blue crystals', grams: 2 } });
  for (const op of ops) view = await one.write(view, operation(op));
  const saw = (vessel: string, ...observed: Observation[]): CaseEvent => ({
    kind: 'entry',
    payload: { test: 'free', vessel, observed },
  });
  view = await one.write(
    view,
    saw('A', { channel: 'precipitate', event: 'formed', colour: 'white' }),
    saw('B', { channel: 'solution', event: 'colour-changed', colour: 'deep-blue' }),
  );
  expect(view.entries.map((e) => e.called)).toEqual([
    'Hydrochloric acid, 2 M, then barium chloride, 0.25 M',
    expect.stringMatching(/ammonia/i) as string,
  ]);
  const found = await one.reasoned(view, 'thorough');
  expect(found.unused).toEqual([]);
  const state = (id: string) => found.suspects.find((s) => s.id === id)!.state;
  expect([state('Cu2+'), state('SO4^2-')]).toEqual([
    expect.stringMatching(/indicated|confirmed/),
    expect.stringMatching(/indicated|confirmed/),
  ]);
  expect(found.candidates[0]!.ions).toEqual(['Cu2+', 'SO4^2-']);
});

test('a blank that shows the same takes the weight of an entry away; a clean one is laid beside it', async () => {
  const begun = await one.begin({ real: { name: 'U 20', look: 'white grains', grams: 2 } });
  const flame: Observation[] = [{ channel: 'flame', colour: 'yellow' }];
  const entry = (blank?: Observation[]): CaseEvent => ({
    kind: 'entry',
    payload: { test: 'flame', observed: flame, ...(blank && { blank }) },
  });
  const sodium = async (view: typeof begun) => {
    const { suspects, unused } = await one.reasoned(view);
    return { likely: suspects.find((s) => s.id === 'Na+')!.probability, unused };
  };
  const before = await sodium(begun);
  const same = await one.write(begun, entry(flame));
  expect(same.entries[0]!.blank).toEqual(flame);
  expect(await sodium(same)).toEqual({ likely: before.likely, unused: [{ entry: 1, why: 'the blank shows the same' }] });
  const other = await one.begin({ real: { name: 'U 21', look: 'white grains', grams: 2 } });
  const alone = await sodium(await one.write(other, entry()));
  const third = await one.begin({ real: { name: 'U 22', look: 'white grains', grams: 2 } });
  const clean = await sodium(await one.write(third, entry([{ channel: 'flame', colour: 'none' }])));
  expect(clean.unused).toEqual([]);
  expect(clean.likely).toBeGreaterThan(alone.likely);
  expect(alone.likely).toBeGreaterThan(before.likely);
});

test('no test is advised for which the sample does not do', async () => {
  const { next } = await one.reasoned(await one.begin({ real: { name: 'U 19', look: 'white grains', grams: 0.1 } }));
  expect(next.length).toBeGreaterThan(0);
  for (const { sample_mg } of next) expect(sample_mg).toBeLessThanOrEqual(100);
});

test('when nothing explains a record a thorough look is offered; of a case only the newest question is answered', async () => {
  let view = await one.begin({ real: { name: 'U 18', look: 'white grains', grams: 3 } });
  const salts = ['BaBr2', 'KNO3'].map((formula) => ({ formula, grams: 1.5 }));
  const world = new World({ salts }, 'no-sulfide', DEFAULT_RULES);
  const seen = (test: string): CaseEvent => ({ kind: 'entry', payload: { test, observed: [...world.result(test).see] } });
  const ammonia = wrote('ammonium', { channel: 'paper', paper: 'red-litmus', event: 'changed', colour: 'blue' });
  view = await one.write(
    view,
    ...['solution-water', 'flame', 'flame-cobalt-glass', 'silver-acid', 'barium-chromate'].map(seen),
    ammonia,
  );
  expect((await one.reasoned(view)).further).toBe(true);

  const ask = (effort: string) => one.ask(`/api/cases/${view.summary.id}/reasoning?effort=${effort}`);
  const superseded = ask('thorough');
  view = await one.write(view, note('flame'));
  const newest = ask('thorough');
  expect([200, 409]).toContain((await superseded).status);
  const found = JSON.parse((await newest).text) as { further: boolean; candidates: { against: number[] }[] };
  expect(found.further).toBe(false);
  expect(found.candidates[0]!.against.length).toBeGreaterThan(0);
  expect(await ask('endless')).toMatchObject({ status: 422, text: expect.stringMatching(/prompt/) as string });
});

test('quick looks are not kept waiting by hard records; in a crowd a first answer comes, and says that it is one', async () => {
  const real = (name: string) => one.begin({ real: { name, look: 'white grains', grams: 3 } });
  const tests = testsOf('no-sulfide').filter((t) => t.watch.includes('precipitate'));
  const contradictions = tests
    .slice(0, 15)
    .flatMap(({ id }) => [
      wrote(id, { channel: 'precipitate', event: 'formed', colour: 'white' }),
      wrote(id, { channel: 'precipitate', event: 'formed', colour: 'black' }),
    ]);
  const hard: CaseView[] = [];
  for (let i = 0; i < 8; i++) hard.push(await one.write(await real(`hard ${i}`), ...contradictions.slice(0, 30 - i)));
  const easy: CaseView[] = [];
  for (let i = 0; i < 3; i++) easy.push(await one.write(await real(`easy ${i}`), note('flame')));

  const answered: string[] = [];
  const look = async (view: (typeof hard)[number]) => {
    // The first answer there is, in full or not.
    const found = await one.reasoning(view, 'prompt');
    if (found.waiting) throw new Error('the reasoning waits');
    answered.push(view.summary.name);
    return found;
  };
  const found = await Promise.all([...hard, ...easy].map(look));
  const lastEasy = Math.max(...easy.map((view) => answered.indexOf(view.summary.name)));
  expect(answered.length - 1 - lastEasy).toBeGreaterThanOrEqual(3);
  const first = found.findIndex((f) => f.first);
  expect(found[first]).toMatchObject({ further: true });
  expect(await one.reasoned([...hard, ...easy][first]!)).toMatchObject({ first: false });
});

test('the handbook tells what each gives by the school of the house, and nothing of what is not in it', async () => {
  const tables = async (path: string) => givenSchema.array().parse(JSON.parse((await one.ask(`/api/handbook/${path}`)).text));
  const flame = await tables('tests/flame');
  expect(flame.find((g) => g.suspect === 'Na+')!.outcomes[0]!.see).toEqual([
    expect.objectContaining({ channel: 'flame', colour: 'yellow' }) as Observation,
  ]);
  const lead = await tables(`suspects/${encodeURIComponent('Pb2+')}`);
  expect(lead.map((g) => g.test)).toContain('lead-chromate');
  expect((await tables('suspects/ketone')).map((g) => g.test)).toContain('iodoform');
  const equations = equationsSchema.array().parse(JSON.parse((await one.ask('/api/handbook/tests/silver-acid/equations')).text));
  expect(equations.find((e) => e.suspect === 'Cl-')!.equations).toEqual([
    {
      left: [
        { count: 1, formula: 'Ag+', solid: false },
        { count: 1, formula: 'Cl-', solid: false },
      ],
      right: [{ count: 1, formula: 'AgCl', solid: true }],
    },
  ]);
  for (const path of ['tests/alchemy', 'tests/alchemy/equations', 'suspects/phlogiston'])
    expect(await one.ask(`/api/handbook/${path}`)).toMatchObject({
      status: 404,
      text: expect.stringMatching(/no such/) as string,
    });
});
