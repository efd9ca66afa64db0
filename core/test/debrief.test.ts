import type { Op } from '#core/bench/ops';
import { BenchError } from '#core/bench/error';
import { TESTED_ELEMENTS } from '#core/organic/data/features';
import { holdingsOf } from '#core/organic/structure';
import { SINGLES } from '#core/reasoning/hypotheses';
import { seeded } from '#core/reasoning/student';
import type { CaseEvent } from '#core/record/events';
import { lastSeen } from '#core/record/view';
import { debriefOf } from '#core/practice/debrief';
import type { FaultKind } from '#core/practice/data/faults';
import { techniqueOf } from '#core/practice/technique';
import { layOut } from '#core/scheme/layout';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { onVessels, stepsOf, testsOf } from '#core/scheme/tests';
import type { Observation } from '#core/vocabulary/observation';
import { CaseAtWork, ionsOf, salt } from './casework';

const DISSOLVE: Op = { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 };
const TAKE: Op = { op: 'take', to: 'A', from: 'S', mL: 1 };
const FUSE: Op = {
  op: 'fuse',
  sodium_mg: 60,
  sample_mg: 20,
  gentle_minutes: 2,
  red_hot: true,
  tubes: 2,
  water_mL: 10,
  boil_to_mL: 6,
};
const add = (reagent: string, mL: number, to = 'A'): Op => ({ op: 'add', to, reagent, mL });

/** Work on one test, and an entry of it: as it was shown, unless something else is written. */
function worked(at: CaseAtWork, test: string, ops: readonly Op[], wrote?: readonly Observation[]): CaseAtWork {
  at.do(...ops.map((op): CaseEvent => ({ kind: 'operation', payload: { op, test } })));
  const see = at.state.operations.slice(-ops.length).flatMap((o) => [...(o.result?.see ?? [])]);
  return at.do({ kind: 'entry', payload: { test, observed: [...(wrote ?? see)].slice(0, 20) } });
}

const signed = (ion: string, claim: 'confirmed' | 'may-be-present', evidence: number): CaseEvent => ({
  kind: 'conclusion',
  payload: { found: [{ ion, claim, evidence: [evidence] }], signed: 'I. V.' },
});
const BROMO = 'O=Cc1ccc(Br)cc1';
const ppt = (colour: 'green' | 'none'): Observation[] =>
  colour === 'none' ? [{ channel: 'precipitate', event: 'none' }] : [{ channel: 'precipitate', event: 'formed', colour }];

/** Twelve cases, each with one fault that a teacher would name. */
const SCRIPTS: Readonly<Record<FaultKind, () => readonly [CaseAtWork, readonly string[]]>> = {
  'dry-paper': () => [
    worked(new CaseAtWork(salt('NH4Cl')), 'ammonium', [
      { op: 'take-solid', to: 'A', grams: 0.1 },
      add('sodium-hydroxide-2M', 1),
      { op: 'heat', vessel: 'A', to: 'warm', minutes: 2 },
      { op: 'paper', vessel: 'A', paper: 'red-litmus', where: 'mouth', damp: false },
    ]),
    ionsOf('NH4Cl'),
  ],
  'dirty-wire': () => [
    worked(new CaseAtWork(salt('KCl')), 'flame', [{ op: 'flame', from: 'sample', wire: 'dirty' }]),
    ionsOf('KCl'),
  ],
  excess: () => [
    worked(new CaseAtWork(salt('Na2SO4')), 'barium-acid', [
      DISSOLVE,
      TAKE,
      add('hydrochloric-acid-2M', 0.9),
      add('barium-chloride-0.25M', 2),
    ]),
    ionsOf('Na2SO4'),
  ],
  unwashed: () => [
    new CaseAtWork({
      sample: {
        salts: [
          { formula: 'AgNO3', grams: 2 },
          { formula: 'Cu(NO3)2·3H2O', grams: 2 },
        ],
      },
    }).work(
      DISSOLVE,
      TAKE,
      add('hydrochloric-acid-2M', 0.5),
      { op: 'centrifuge', vessel: 'A' },
      { op: 'decant', from: 'A', to: 'B' },
      add('ammonia-6M', 1),
    ),
    ['Ag+', 'Cu2+', 'NO3-'],
  ],
  'sulfide-left': () => [
    new CaseAtWork({
      sample: {
        salts: [
          { formula: 'CuSO4·5H2O', grams: 2 },
          { formula: 'NiSO4·6H2O', grams: 2 },
        ],
      },
    }).work(
      DISSOLVE,
      TAKE,
      add('hydrochloric-acid-2M', 0.2),
      add('thioacetamide-1M', 1),
      { op: 'heat', vessel: 'A', to: 'warm', minutes: 5 },
      { op: 'centrifuge', vessel: 'A' },
      { op: 'decant', from: 'A', to: 'B' },
      { op: 'wash', vessel: 'A', with: 'water', mL: 1, times: 2 },
      add('ammonia-6M', 1, 'B'),
    ),
    ['Cu2+', 'Ni2+', 'SO4^2-'],
  ],
  'extract-unboiled': () => [
    worked(new CaseAtWork({ sample: { smiles: BROMO, grams: 2 } }), 'halogen-silver', [
      FUSE,
      { op: 'take', to: 'A', from: 'extract', mL: 1 },
      add('nitric-acid-2M', 0.6),
      add('silver-nitrate-0.1M', 0.3),
    ]),
    holdingsOf(BROMO),
  ],
  'wrong-acid': () => [
    worked(new CaseAtWork(salt('NaCl')), 'free', [
      DISSOLVE,
      TAKE,
      add('sulfuric-acid-1M', 0.5),
      add('barium-chloride-0.25M', 0.3),
    ]),
    ionsOf('NaCl'),
  ],
  'stopped-early': () => [
    worked(new CaseAtWork({ sample: { smiles: BROMO, grams: 2 } }), 'halogen-silver', [
      FUSE,
      { op: 'take', to: 'A', from: 'extract', mL: 1 },
      add('nitric-acid-2M', 0.6),
      { op: 'heat', vessel: 'A', to: 'boil', minutes: 2 },
      add('silver-nitrate-0.1M', 0.3),
    ]).do(signed('Br', 'may-be-present', 1)),
    holdingsOf(BROMO),
  ],
  'old-reagent': () => [
    worked(new CaseAtWork(salt('NaNO3')), 'free', [DISSOLVE, TAKE, add('iron-ii-sulfate-aged-0.5M', 0.5)]),
    ionsOf('NaNO3'),
  ],
  'too-early': () => [
    worked(new CaseAtWork(salt('NaCl')), 'silver-acid', [
      DISSOLVE,
      TAKE,
      add('nitric-acid-2M', 0.5),
      add('silver-nitrate-0.1M', 0.3),
    ]).do(signed('Cl-', 'confirmed', 1)),
    ionsOf('NaCl'),
  ],
  misread: () => [
    worked(new CaseAtWork(salt('CuSO4·5H2O')), 'hydroxide', [DISSOLVE, TAKE, add('sodium-hydroxide-2M', 0.3)], ppt('green')),
    ionsOf('CuSO4·5H2O'),
  ],
  overlooked: () => [
    worked(
      new CaseAtWork(salt('Na2SO4')),
      'barium-acid',
      [
        { op: 'dissolve', to: 'S', grams: 0.01, in: 'water', mL: 15 },
        { op: 'take', to: 'A', from: 'S', mL: 0.5 },
        add('hydrochloric-acid-2M', 0.9),
        add('barium-chloride-0.25M', 0.3),
      ],
      ppt('none'),
    ),
    ionsOf('Na2SO4'),
  ],
};

test.each(Object.keys(SCRIPTS) as FaultKind[])('the debrief names what was wrong, and nothing else: %s', (kind) => {
  const [{ state }, truth] = SCRIPTS[kind]();
  const { faults } = debriefOf(state, truth, TESTED_ELEMENTS);
  expect(faults.map((f) => `${f.kind} ${f.of}`).join()).toContain(kind);
  expect([...new Set(faults.map((f) => f.kind))]).toEqual([kind]);
});

/** The same work, done as it should be. */
const DONE_WELL: readonly (readonly [string, () => CaseAtWork])[] = [
  [
    'a precipitate that was washed',
    () =>
      new CaseAtWork(salt('AgNO3')).work(
        DISSOLVE,
        TAKE,
        add('hydrochloric-acid-2M', 0.5),
        { op: 'centrifuge', vessel: 'A' },
        { op: 'decant', from: 'A', to: 'B' },
        { op: 'wash', vessel: 'A', with: 'water', mL: 1, times: 2 },
        add('ammonia-6M', 1),
      ),
  ],
  [
    'sulfide that was boiled off before ammonia',
    () =>
      new CaseAtWork(salt('CuSO4·5H2O')).work(
        DISSOLVE,
        TAKE,
        add('hydrochloric-acid-2M', 0.2),
        add('thioacetamide-1M', 1),
        { op: 'heat', vessel: 'A', to: 'warm', minutes: 5 },
        { op: 'centrifuge', vessel: 'A' },
        { op: 'decant', from: 'A', to: 'B' },
        { op: 'heat', vessel: 'B', to: 'boil', minutes: 5 },
        add('ammonia-6M', 1, 'B'),
      ),
  ],
  [
    'the acid of another tube',
    () =>
      new CaseAtWork(salt('Na2SO4')).work(
        DISSOLVE,
        TAKE,
        add('sulfuric-acid-1M', 0.5),
        { op: 'take', to: 'B', from: 'S', mL: 1 },
        add('barium-chloride-0.25M', 0.3, 'B'),
      ),
  ],
  [
    'a test done twice over, each time with its own amount',
    () => {
      const at = new CaseAtWork(salt('Na2SO4')).work(DISSOLVE);
      for (const to of ['A', 'B', 'C']) {
        const run = { id: crypto.randomUUID(), step: 0, tubes: { '1': to } };
        for (const op of [{ ...TAKE, to } as Op, add('hydrochloric-acid-2M', 0.9, to), add('barium-chloride-0.25M', 0.3, to)])
          at.do({ kind: 'operation', payload: { op, test: 'barium-acid', run } });
      }
      return at;
    },
  ],
];

test.each(DONE_WELL)('%s is no fault', (_, work) => {
  expect(techniqueOf(work().state)).toEqual([]);
});

test('what was read, and what was claimed, is held against what was there', () => {
  const at = worked(new CaseAtWork(salt('CuSO4·5H2O')), 'hydroxide', [DISSOLVE, TAKE, add('sodium-hydroxide-2M', 0.3)]);
  worked(at, 'barium-acid', [
    { ...TAKE, to: 'B' } as Op,
    add('hydrochloric-acid-2M', 0.9, 'B'),
    add('barium-chloride-0.25M', 0.3, 'B'),
  ]);
  worked(
    at,
    'flame',
    [{ op: 'flame', from: 'sample' }],
    [
      { channel: 'flame', colour: 'green' },
      { channel: 'gas', event: 'evolved' },
    ],
  );
  at.do({
    kind: 'conclusion',
    payload: {
      found: [
        { ion: 'Ni2+', claim: 'may-be-present', evidence: [1] },
        { ion: 'SO4^2-', claim: 'confirmed', evidence: [2] },
      ],
      signed: 'x',
    },
  });
  const { entries, claims } = debriefOf(at.state, ['Cu2+', 'SO4^2-'], TESTED_ELEMENTS);
  expect(entries.map((e) => e.verdict)).toEqual(['agreed', 'agreed', 'invented']);
  expect(claims).toEqual([
    { of: 'Ni2+', verdict: 'wrong', observed: false },
    { of: 'SO4^2-', verdict: 'right', observed: true },
    { of: 'Cu2+', verdict: 'missed', observed: true },
  ]);
});

/** Steps of the scheme as they are written, on a sample that they suit. */
function byTheBook(formula: string, random: () => number, count: number): CaseAtWork {
  const at = new CaseAtWork(salt(formula));
  const tests = testsOf('no-sulfide').filter((t) => !t.optional);
  for (let i = 0; i < count; i++) {
    const test = i ? tests[Math.floor(random() * tests.length)]! : tests.find((t) => t.makes?.includes('S'))!;
    const layout = layOut(
      test,
      DEFAULT_RULES,
      [...at.state.vessels.values()].filter((v) => !v.gone).map((v) => v.id),
    );
    if ('missing' in layout) continue;
    const run = { id: crypto.randomUUID(), tubes: { ...layout.tubes } };
    try {
      for (const [step, { op }] of stepsOf(test, DEFAULT_RULES).entries())
        at.do({ kind: 'operation', payload: { op: onVessels(op, layout.tubes), test: test.id, run: { ...run, step } } });
    } catch (error) {
      // Not every test can be done on every sample.
      if (!(error instanceof BenchError)) throw error;
      continue;
    }
    const seen = lastSeen(at.state);
    if (seen.length) at.do({ kind: 'entry', payload: { test: test.id, observed: seen.slice(0, 20) } });
  }
  return at;
}

test('thirty cases worked by the book raise no fault of technique, and nothing is misread in them', () => {
  const random = seeded(16);
  const raised: string[] = [];
  for (let i = 0; i < 30; i++) {
    const { name } = SINGLES[Math.floor(random() * SINGLES.length)]!;
    const { state } = byTheBook(name.split(' with ')[0]!, random, 6);
    for (const f of techniqueOf(state)) raised.push(`${name}: ${f.kind} ${f.of}`);
    for (const e of debriefOf(state, [], TESTED_ELEMENTS).entries)
      if (e.verdict !== 'agreed') raised.push(`${name}: ${e.test} ${e.verdict} ${e.shown.join()} / ${e.wrote.join()}`);
  }
  expect(raised).toEqual([]);
}, 180000);
