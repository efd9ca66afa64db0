import fc from 'fast-check';
import type { Op } from '#core/bench/ops';
import { BenchError } from '#core/bench/error';
import { drawFlow } from '#core/report/flow-drawing';
import { type FlowNode, flowOf } from '#core/report/flow';
import { reportOn, sayClaim, sayEntries } from '#core/report/report';
import { csvOf, markdownOf } from '#core/report/text';
import { lastWords } from '#core/record/words';
import type { CaseEvent } from '#core/record/events';
import type { Subject } from '#core/record/working';
import { sayOp } from '#core/scheme/say';
import { observation, op } from './any';
import { CaseAtWork, salt } from './casework';

const OPENED = '2026-03-02T09:00:00.000Z';
const SPLIT: readonly Op[] = [
  { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 },
  { op: 'take', to: 'A', from: 'S', mL: 2 },
  { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', mL: 0.5 },
  { op: 'filter', from: 'A', to: 'F1', residue: 'P1' },
  { op: 'wash', vessel: 'P1', with: 'water', mL: 1, times: 2 },
  { op: 'add', to: 'F1', reagent: 'ammonia-2M', mL: 1 },
  { op: 'take', to: 'B', from: 'S', mL: 1 },
];
const real = () => new CaseAtWork({ real: { grams: 3, matter: 'salt' } });
const entry = (more: Partial<Extract<CaseEvent, { kind: 'entry' }>['payload']>): CaseEvent => ({
  kind: 'entry',
  payload: { test: 'free', observed: [], note: 'seen', ...more },
});

/** Every name in a flow with how it came, in the order of a walk. */
const walked = ({ name, came, from }: FlowNode): string[] => [`${came ?? 'the'} ${name}`, ...from.flatMap(walked)];

describe('the separation as it was done', () => {
  test('says which became which and what was added; tubes only tested are no part of it', () => {
    const flow = flowOf(real().work(...SPLIT).state)!;
    expect(walked(flow)).toEqual([
      'the sample',
      'solution original solution',
      'portion tube A',
      'solid chlorides',
      'liquid filtrate of the chlorides',
    ]);
    const [solution] = flow.from;
    const [tube] = solution!.from;
    expect(tube!.added).toEqual(['Hydrochloric acid, 2 M']);
    expect(tube!.from.map((n) => n.added)).toEqual([['washed with Water, distilled'], ['Ammonia, 2 M']]);
  });

  test('there is none where nothing was parted', () => {
    expect(flowOf(real().work(...SPLIT.slice(0, 3)).state)).toBeNull();
  });

  test('a solid that is dissolved and parted again goes on from where it lay', () => {
    const again: Op[] = [
      { op: 'add', to: 'P1', reagent: 'ammonia-6M', mL: 1 },
      { op: 'decant', from: 'P1', to: 'D1' },
    ];
    const all = walked(flowOf(real().work(...SPLIT, ...again).state)!);
    expect(all).toEqual(expect.arrayContaining(['solid solid of chlorides', 'liquid silver ammine']));
  });

  const flows: fc.Arbitrary<FlowNode> = fc.letrec<{ node: FlowNode }>((tie) => ({
    node: fc.record({
      name: fc.constantFrom('sample', 'filtrate of group III', 'a very long name of a precipitate that wraps'),
      added: fc.array(fc.constantFrom('Ammonia, 2 M', 'boiled'), { maxLength: 4 }),
      came: fc.constantFrom('liquid' as const, 'solid' as const, 'portion' as const, 'solution' as const),
      from: fc.oneof({ maxDepth: 4 }, fc.constant([]), fc.array(tie('node'), { maxLength: 3 })),
    }),
  })).node;

  test('every box stands on one of its sheets, whole, and none lies on another', () => {
    fc.assert(
      fc.property(flows, fc.integer({ min: 150, max: 900 }), (flow, highest) => {
        const drawing = drawFlow(flow);
        const boxesOf = (svg: string) =>
          [...svg.matchAll(/<rect x="([\d.]+)" y="([\d.]+)" width="([\d.]+)" height="([\d.]+)" rx/g)].map((m) =>
            m.slice(1).map(Number),
          );
        const view = (svg: string) => /viewBox="-1 (-?[\d.]+) ([\d.]+) ([\d.]+)"/.exec(svg)!.slice(1).map(Number);
        const sheets = drawing.sheets(highest);
        for (const { svg } of sheets) {
          const [top, , height] = view(svg) as [number, number, number];
          for (const [, y, , h] of boxesOf(svg) as [number, number, number, number][])
            expect(y >= top && y + h <= top + height).toBe(true);
        }
        const all = sheets.flatMap(({ svg }) => boxesOf(svg)) as [number, number, number, number][];
        expect(all).toHaveLength(walked(flow).length);
        for (const [i, [x, y, w, h]] of all.entries())
          for (const [x2, y2, w2, h2] of all.slice(i + 1))
            expect(x + w <= x2 || x2 + w2 <= x || y + h <= y2 || y2 + h2 <= y).toBe(true);
      }),
      { numRuns: 80 },
    );
  });
});

const signed = (): CaseAtWork =>
  real()
    .work(...SPLIT)
    .do(
      entry({
        vessel: 'F1',
        note: 'a <b>bold</b> | claim_',
        inference: '=SUM(A1)',
        blank: [{ channel: 'flame', colour: 'none' }],
      }),
      entry({ note: 'second', infers: [{ of: 'Pb2+', says: 'absent' }], confidence: 'unsure' }),
      { kind: 'strike', payload: { entry: 1, reason: 'wrong tube' } },
      {
        kind: 'conclusion',
        payload: { found: [{ ion: 'Ag+', claim: 'may-be-present', evidence: [2] }], formula: 'AgNO3', signed: 'I. V.' },
      },
    );

describe('the report', () => {
  test('says what was done, with amounts, seen, concluded and struck', () => {
    const report = reportOn(signed().state, OPENED);
    expect(report).toMatchObject({ name: 'Jar 1', what: 'real salt', simulated: null, superseded: 0, amount: '3 g, 2.6 g left' });
    expect(report.rows[0]).toMatchObject({
      tube: 'the filtrate of the chlorides',
      blank: 'no flame colour.',
      struck: 'wrong tube',
    });
    expect(report.rows[0]!.done).toContain('Add 1 mL of 2 M ammonia to the filtrate of the chlorides.');
    expect(report.absent).toEqual([{ of: 'Pb2+', entries: [2] }]);
    expect(report.found.map(sayClaim)).toEqual(['silver may be present']);
    expect([[1], [1, 2], [1, 2, 3]].map(sayEntries)).toEqual(['entry 1', 'entries 1 and 2', 'entries 1, 2 and 3']);
  });

  test('of a simulated sample it says so, and what reacted only once it was opened up', () => {
    const at = new CaseAtWork(salt('AgNO3')).work(...SPLIT.slice(0, 3));
    at.do(entry({ vessel: 'A' }), {
      kind: 'conclusion',
      payload: { found: [{ ion: 'Ag+', claim: 'confirmed', evidence: [1] }], signed: 'x' },
    });
    const sealed = reportOn(at.state, OPENED);
    expect(sealed.simulated).toMatch(/computed by Foxing/);
    expect(sealed.rows.flatMap((r) => r.equations)).toEqual([]);
    const opened = reportOn(at.do({ kind: 'opened-up', payload: {} }).state, OPENED);
    expect(opened.identity).toBe('AgNO3');
    expect(opened.rows.flatMap((r) => r.equations)).not.toEqual([]);
  });

  test('as Markdown no text of a person can be more than text; as CSV no field is a formula', () => {
    const report = reportOn(signed().state, OPENED);
    const markdown = markdownOf(report);
    expect(markdown).toContain(String.raw`~~a \<b\>bold\</b\> \| claim\_~~`);
    expect(
      markdown
        .split('\n')
        .filter((l) => l.startsWith('| '))
        .every((l) => l.replaceAll('\\|', '').split('|').length === 6),
    ).toBe(true);
    expect(markdown).toContain('- silver may be present (entry 2)');
    const csv = csvOf(report);
    expect(csv).toContain("'=SUM(A1)");
    expect(csv.trimEnd().split('\r\n')).toHaveLength(3);
  });
});

test('what is searched is every entry and every report, once, in words', () => {
  const at = real();
  expect(lastWords(at.work(SPLIT[0]!).state, 'operation')).toBeNull();
  at.do(
    entry({
      test: 'flame',
      observed: [{ channel: 'flame', colour: 'crimson' }],
      infers: [{ of: 'Sr2+', says: 'may-be-present' }],
    }),
  );
  const said = lastWords(at.state, 'entry')!;
  expect(said).toMatchObject({ number: 1, seq: at.state.seq });
  for (const word of ['Flame test:', 'Crimson flame.', 'seen', 'Strontium may be present.', 'Sr2+'])
    expect(said.words).toContain(word);
  at.do({ kind: 'conclusion', payload: { found: [{ ion: 'Sr2+', claim: 'confirmed', evidence: [1] }], signed: 'I. V.' } });
  expect(lastWords(at.state, 'conclusion')).toMatchObject({
    number: null,
    words: expect.stringMatching(/strontium \(Sr2\+\) present.*signed I\. V\./),
  });
});

/** What one may try to write in a case: what is refused is refused in words, and changes nothing. */
const event = fc.oneof(
  { weight: 4, arbitrary: op.map((o): CaseEvent => ({ kind: 'operation', payload: { op: o, test: 'flame' } })) },
  { weight: 4, arbitrary: op.map((o): CaseEvent => ({ kind: 'operation', payload: { op: o } })) },
  {
    weight: 3,
    arbitrary: fc
      .record({
        test: fc.constantFrom('free', 'flame', 'silver-acid', 'nothing'),
        observed: fc.array(observation, { maxLength: 3 }),
      })
      .map(({ test, observed }): CaseEvent => ({ kind: 'entry', payload: { test, vessel: 'A', observed, note: '=1+1' } })),
  },
  fc.constantFrom<CaseEvent>(
    { kind: 'strike', payload: { entry: 1, reason: 'x' } },
    { kind: 'conclusion', payload: { found: [{ ion: 'Na+', claim: 'confirmed', evidence: [1] }], signed: 'x' } },
    { kind: 'withdrawn', payload: { reason: 'x' } },
  ),
);

test.each<readonly [string, Subject]>([
  ['a real salt', { real: { grams: 5, matter: 'salt' } }],
  ['a real compound', { real: { grams: 5, matter: 'compound' } }],
  ['a simulated salt', salt('CuSO4·5H2O', 5)],
])('of any record of %s that is accepted there is a report, as text and as a table', (_, subject) => {
  fc.assert(
    fc.property(fc.array(event, { maxLength: 25 }), (events) => {
      const at = new CaseAtWork(subject);
      for (const one of events)
        try {
          at.do(one);
        } catch (error) {
          if (!(error instanceof BenchError)) throw error;
          expect(error.message).not.toBe('');
        }
      const report = reportOn(at.state, '2026-12-03T09:00:00.000Z');
      expect(report.rows).toHaveLength(at.state.entries.length);
      expect(markdownOf(report)).toContain(report.name);
      expect(csvOf(report).charCodeAt(0)).toBe(0xfeff);
      for (const row of report.rows) for (const done of row.done) expect(done).not.toMatch(/undefined|NaN/);
    }),
    { numRuns: 60 },
  );
});

test('over a real sample a bottle that is not there is refused, and so is one without an amount; one in an old record is told by its name', () => {
  const at = new CaseAtWork({ real: { grams: 5, matter: 'salt' } });
  const add = (more: object): CaseEvent => ({
    kind: 'operation',
    payload: { op: { op: 'add', to: 'A', reagent: 'water', ...more } as Op },
  });
  for (const [event, why] of [
    [add({ reagent: 'ink', mL: 1 }), /no reagent "ink"/],
    [add({}), /exactly one of/],
    [add({ mL: 1, drops: 2 }), /exactly one of/],
    [add({ grams: 1 }), /is a liquid/],
  ] as const)
    expect(() => at.do(event)).toThrow(why);
  expect(at.state.operations).toEqual([]);
  expect(sayOp({ op: 'add', to: 'A', reagent: 'old-violet-ink', mL: 1 }, (id) => `tube ${id}`)).toBe(
    'Add 1 mL of old violet ink to tube A.',
  );
});
