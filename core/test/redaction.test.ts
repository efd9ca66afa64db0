import { BenchError } from '#core/bench/error';
import type { Op } from '#core/bench/ops';
import type { SampleSpec } from '#core/bench/sample';
import { REAGENTS } from '#core/matter/data/reagents';
import { parseSalt } from '#core/matter/salts';
import { LIBRARY } from '#core/organic/library';
import { ORGANIC_TEST_IDS } from '#core/organic/testids';
import { SINGLES } from '#core/reasoning/hypotheses';
import { seeded } from '#core/reasoning/student';
import { changesSince, digestOf } from '#core/record/view';
import { DEFAULT_RULES, type HouseRules } from '#core/scheme/rules';
import { CaseAtWork } from './casework';

const SAMPLES = 200;
const random = seeded(20261125);
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

const LIQUIDS = REAGENTS.filter((r) => r.solution && !r.restricted).map((r) => r.id);

/** A few things that anyone might do with a salt, the same for many salts. */
const SALT_WORK: readonly (() => Op[])[] = [
  () => [{ op: 'flame', from: 'sample' }],
  () => [{ op: 'dry-heat', to: 'H', grams: 0.1, strong: true }],
  () => [{ op: 'charcoal' }],
  () => [{ op: 'bead', from: 'sample', zone: 'oxidising', look: 'hot' }],
  () => [
    { op: 'dissolve', to: 'S', grams: 0.3, in: pick(['water', 'hydrochloric-acid-2M', 'nitric-acid-2M']), mL: 8, warm: true },
  ],
  () => [
    { op: 'take', to: 'A', from: 'S', mL: 1 },
    { op: 'add', to: 'A', reagent: pick(LIQUIDS), mL: 0.5 },
    { op: 'smell', vessel: 'A' },
    { op: 'paper', vessel: 'A', paper: 'universal-indicator', where: 'liquid', damp: true },
  ],
  () => [
    { op: 'take', to: 'B', from: 'S', mL: 1 },
    { op: 'add', to: 'B', reagent: pick(LIQUIDS), until: pick(['just-basic', 'in-excess'] as const), max_mL: 2 },
    { op: 'centrifuge', vessel: 'B' },
  ],
];

const COMPOUND_WORK: readonly (() => Op[])[] = [
  () => [{ op: 'test', test: pick(ORGANIC_TEST_IDS) }],
  () => [{ op: 'test', test: 'solubility-water' }],
  () => [
    {
      op: 'fuse',
      sodium_mg: 60,
      sample_mg: pick([20, 80]),
      gentle_minutes: pick([0, 2]),
      red_hot: true,
      tubes: 2,
      water_mL: 10,
      boil_to_mL: 3.5,
    },
    { op: 'take', to: 'A', from: 'extract', mL: 1 },
    { op: 'add', to: 'A', reagent: pick(LIQUIDS), mL: 0.5 },
  ],
];

/** What would name a sample: its formula, ions, structure and name. */
function tellTales(spec: SampleSpec, name: string): string[] {
  if ('salts' in spec) return spec.salts.flatMap(({ formula }) => [formula, ...Object.keys(parseSalt(formula).ions)]);
  return 'smiles' in spec ? [spec.smiles, name] : [];
}

/** Work on a sample; what a student is sent after every step, and what was refused. */
function sentOf(spec: SampleSpec, rules: HouseRules): { ops: Op[]; sent: object[]; refused: string[] } {
  const worked = new CaseAtWork({ sample: spec }, rules);
  const ops: Op[] = [];
  const sent: object[] = [changesSince(worked.state, 0, 'owner'), digestOf(worked.state)];
  const refused: string[] = [];
  const plan = 'smiles' in spec ? COMPOUND_WORK : SALT_WORK;
  for (let i = 0; i < 3; i++)
    for (const op of pick(plan)()) {
      try {
        worked.work(op);
        ops.push(op);
      } catch (error) {
        if (!(error instanceof BenchError)) throw error;
        refused.push(error.plain);
      }
      sent.push(changesSince(worked.state, worked.state.seq - 1, 'owner'));
    }
  sent.push(changesSince(worked.state, 0, 'owner'), digestOf(worked.state));
  return { ops, sent, refused };
}

const own = (reagent: string) => REAGENTS.find((r) => r.id === reagent)!.name;

describe('what a student is sent', () => {
  const subjects = Array.from({ length: SAMPLES }, (_, i): { spec: SampleSpec; name: string } => {
    if (i % 4 === 3) {
      const { smiles, name } = pick(LIBRARY);
      return { spec: { smiles, grams: 5 }, name };
    }
    const { sample, name } = pick(SINGLES);
    return { spec: sample, name };
  });

  test('names no sample, formula or ion in any byte, with words or without', () => {
    for (const [i, { spec, name }] of subjects.entries()) {
      const { ops, sent, refused } = sentOf(spec, { ...DEFAULT_RULES, help: i % 2 ? 'words' : 'signs' });
      const bottles = ops.flatMap((op) => ('reagent' in op ? [own(op.reagent)] : []));
      // The names of the bottles that were used are the person's own.
      const bytes = [...sent.map((s) => JSON.stringify(s)), ...refused].map((t) =>
        bottles.reduce((rest, b) => rest.replaceAll(b, ''), t),
      );
      for (const tale of tellTales(spec, name)) {
        const told = bytes.filter((b) => b.includes(tale));
        if (tale.length > 2) expect([tale, told]).toEqual([tale, []]);
      }
      expect(bytes.join()).not.toMatch(/"sample":|perGram|species|"equations"|"solids"|smiles|cyanide is|sulfide is/);
    }
  });

  test('holds no number that tells more than the words for it', () => {
    const pictures = new Map<string, Set<string>>();
    const words: HouseRules = { ...DEFAULT_RULES, help: 'words' };
    for (const reagent of ['sodium-hydroxide-2M', 'ammonia-2M', 'ammonium-sulfide-1M'])
      for (const { sample } of SINGLES.filter((_, i) => i % 6 === reagent.length % 6)) {
        const worked = new CaseAtWork({ sample }, words).work(
          { op: 'dissolve', to: 'S', grams: 0.2, in: 'water', mL: 8 },
          { op: 'take', to: 'A', from: 'S', mL: 1 },
          { op: 'add', to: 'A', reagent, mL: 0.7 },
        );
        const told = changesSince(worked.state, worked.state.seq - 1, 'owner');
        const { text, ...numbers } = told.vessels.find((v) => v.id === 'A')!.drawing;
        const said = JSON.stringify([reagent, text, told.words]);
        pictures.set(said, (pictures.get(said) ?? new Set()).add(JSON.stringify(numbers)));
      }
    expect(pictures.size).toBeGreaterThan(20);
    for (const [said, drawn] of pictures) expect([said, drawn.size]).toEqual([said, 1]);
  });

  test('has no words for colours unless the house gives them, and never the equations before the identity', () => {
    const ops: Op[] = [
      { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 },
      { op: 'flame', from: 'sample' },
    ];
    const copper: SampleSpec = { salts: [{ formula: 'CuSO4·5H2O', grams: 3 }] };
    const told = (help: HouseRules['help']) => {
      const { state } = new CaseAtWork({ sample: copper }, { ...DEFAULT_RULES, help }).work(...ops);
      return { owner: JSON.stringify(changesSince(state, 0, 'owner')), examiner: changesSince(state, 0, 'examiner') };
    };
    for (const help of ['none', 'signs'] as const) expect(told(help).owner).not.toMatch(/blue|green|copper/i);
    expect(told('words').owner).toMatch(/blue/);
    expect(told('words').owner).not.toContain('equations');
    expect(told('none').examiner.equations).toBeDefined();
  });
});
