import { loadAtlas, loadCompounds } from '#atlas';
import { type Op, opSchema } from '#core/bench/ops';
import { openBench, perform } from '#core/bench/bench';
import { REAGENTS } from '#core/matter/data/reagents';
import type { Subject } from '#core/record/working';
import { changesSince, digestOf } from '#core/record/view';
import { sayAll } from '#core/senses/sentences';
import { testById } from '#core/scheme/tests';
import { channelRow, eventsOf } from '#core/vocabulary/channels';
import { CHANNEL_IDS, nothingIn, observationSchema } from '#core/vocabulary/observation';
import type { CaseView, SuspectView } from '#contract';
import { CaseAtWork } from '../../core/test/casework';
import { menusFor } from '../src/places/bench/menus';
import { inOrder } from '../src/places/suspects/order';

describe('what can be said', () => {
  test.each(CHANNEL_IDS)('%s: every word that is offered is a word of the record, and so is nothing', (channel) => {
    const { colours = [], headings = {}, fields } = channelRow(channel);
    const picked = Object.keys(headings).flatMap((field) =>
      (fields[field] as readonly string[]).map((word) => ({ channel, [field]: word })),
    );
    const said = [
      ...eventsOf(channel).map((event) => ({ channel, event })),
      ...colours.map((colour) => ({ channel, colour })),
      ...picked,
      ...nothingIn(channel),
    ];
    for (const one of said) {
      expect(observationSchema.safeParse(one).error?.issues ?? []).toEqual([]);
      expect(sayAll([observationSchema.parse(one)])).toMatch(/^[A-Z0-9].*\.$/);
    }
  });

  test('whatever a test can show is said in plain words, and different things differently', async () => {
    const rebuilt: string[] = [];
    const say = (line: string) => void rebuilt.push(line);
    const atlases = [await loadAtlas(say), await loadCompounds(say)];
    expect(rebuilt).toEqual([]);
    const seen = atlases.flatMap((a) => a.outcomes);
    expect(seen.length).toBeGreaterThan(500);
    for (const outcome of seen) {
      const text = sayAll(outcome);
      expect(text).not.toMatch(/undefined|null|NaN|\[object|\(\)|\s{2}|-(?!\d)/);
      expect(text === '').toBe(outcome.length === 0);
    }
    const silver = (colour: string) => sayAll([observationSchema.parse({ channel: 'precipitate', event: 'formed', colour })]);
    expect(silver('white')).not.toBe(silver('yellow'));
  });

  test('what a person looks for in a test can be recorded by taps', () => {
    for (const test of testById.values())
      for (const channel of test.watch)
        expect([test.id, eventsOf(channel).length + Object.keys(channelRow(channel).headings ?? {}).length]).not.toEqual([
          test.id,
          0,
        ]);
  });
});

describe('what can be done', () => {
  const subject = (sample: unknown): Subject => ({ sample }) as Subject;
  const take: Op = { op: 'take-solid', to: 'A', grams: 0.1 };
  const water: Op = { op: 'add', to: 'A', reagent: 'water', mL: 2 };
  const cases: readonly (readonly [string, unknown, readonly Op[]])[] = [
    ['a dry salt', { salts: [{ formula: 'CuSO4·5H2O', grams: 3 }] }, [take, water]],
    ['a solution', { solution: { 'Ag+': 0.1, 'NO3-': 0.1 }, mL: 20 }, [{ op: 'take', to: 'A', from: 'sample', mL: 2 }]],
    [
      'two salts',
      {
        salts: [
          { formula: 'NaCl', grams: 2 },
          { formula: 'BaCl2·2H2O', grams: 2 },
        ],
      },
      [take, water],
    ],
  ];

  /** The case as the interface knows it. */
  const lookAt = ({ state }: CaseAtWork): CaseView => {
    const summary = { ...digestOf(state), id: 'x', createdAt: state.at };
    return { ...changesSince(state, 0, 'owner'), summary } as unknown as CaseView;
  };

  test.each(cases)('every choice of the menus can be done to %s', (_name, sample, first) => {
    const worked = new CaseAtWork(subject(sample)).work(...first);
    const view = lookAt(worked);
    const acts: string[] = [];
    for (const reagent of REAGENTS.filter((r) =>
      ['sodium-hydroxide-2M', 'hydrochloric-acid-2M', 'sodium-carbonate-solid'].includes(r.id),
    )) {
      const menus = menusFor({
        view,
        held: view.vessels[0]!,
        nextTube: 'B',
        reagent,
        id: 'A',
        solid: 'salts' in (sample as object),
        before: view.vessels[0],
        threeThenLitmus: async () => undefined,
        startTimer: () => undefined,
      });
      expect(new Set(Object.values(menus).map((m) => m.action)).size).toBe(Object.keys(menus).length);
      for (const { choices } of Object.values(menus))
        for (const { name, op, act } of choices) {
          expect(Boolean(op) !== Boolean(act)).toBe(true);
          if (!op) continue;
          acts.push(name);
          expect(opSchema.safeParse(op).error?.issues ?? []).toEqual([]);
          const after = perform(worked.working.bench, op);
          expect(after.bench).toBeDefined();
        }
    }
    expect(new Set(acts).size).toBeGreaterThan(25);
  });

  test('an organic compound is fused, tested and shaken out: no flame, and its extract is what is taken', () => {
    const bench = openBench({ smiles: 'c1ccccc1', grams: 3 });
    const view = lookAt(new CaseAtWork(subject({ smiles: 'c1ccccc1', grams: 3 })));
    expect(bench.sample.kind).toBe('compound');
    const menus = menusFor({
      view,
      held: null,
      nextTube: 'A',
      reagent: REAGENTS[0]!,
      id: 'A',
      solid: false,
      before: undefined,
      threeThenLitmus: async () => undefined,
      startTimer: () => undefined,
    });
    expect(menus['Flame']!.choices).toEqual([]);
    const shaken = (wash: string) => ({ op: 'shake-out', with: wash, times: 3, portion: '1' });
    expect(menus['Take']!.choices.map((c) => c.op)).toEqual([
      { op: 'take', to: 'A', from: 'extract', mL: 1 },
      ...['nahco3-5pc', 'naoh-5pc', 'hcl-5pc'].map(shaken),
    ]);
  });
});

test('suspects stand with conflicts first and what is ruled out last, the likelier before the less', () => {
  const one = (id: string, state: SuspectView['state'], probability: number): SuspectView => ({
    id,
    state,
    probability,
    unnamed: probability,
    because: [],
    proof: null,
  });
  const list = [
    one('Na+', 'ruled-out', 0.001),
    one('K+', 'open', 0.1),
    one('Ba2+', 'confirmed', 0.99),
    one('Ca2+', 'open', 0.3),
    one('Sr2+', 'conflict', 0.2),
  ];
  expect(inOrder(list).map((s) => s.id)).toEqual(['Sr2+', 'Ba2+', 'Ca2+', 'K+', 'Na+']);
  expect(list[0]!.id).toBe('Na+');
});
