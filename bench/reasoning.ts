/**
 * The reasoning: times of an update after one more entry and of advice, and how often whole sets of samples are worked to the
 * right end. `./foxing bench reasoning`; the sweeps take about an hour on two cores, `--quick` a tenth of it.
 */
import { loadAtlas } from '#atlas';
import { samplesOf, type SetName } from '../cli/src/sets';
import { sweep } from '../cli/src/sweep';
import type { WayOfWorking } from '#core/reasoning/solve';
import { advise } from '#core/reasoning/advise';
import { rulesOfSchool, SINGLES } from '#core/reasoning/atlas';
import type { RecordEntry } from '#core/reasoning/entries';
import { infer } from '#core/reasoning/infer';
import { SaltSpace } from '#core/reasoning/space';

const RECORD = [
  'look',
  'solution-water',
  'flame',
  'flame-cobalt-glass',
  'ammonium',
  'dilute-acid',
  'concentrated-acid',
  'carbonate-extract',
  'silver-acid',
  'barium-acid',
  'hydroxide',
  'ammonia',
  'copper-hexacyanoferrate',
];

export async function times(): Promise<void> {
  const atlas = await loadAtlas((line) => process.stderr.write(`${line}\n`));
  const seen = SINGLES.findIndex((s) => s.name === 'CuSO4·5H2O');
  for (const limits of [
    { cations: 1, anions: 1 },
    { cations: 2, anions: 2 },
  ]) {
    const space = new SaltSpace(atlas, rulesOfSchool('no-sulfide'), limits);
    const entries: RecordEntry[] = RECORD.map((test, i) => ({ number: i + 1, test, observed: space.shows(seen, test)[0]! }));
    const updates: number[] = [];
    const advices: number[] = [];
    for (let k = 1; k <= entries.length; k++) {
      const start = performance.now();
      const inference = infer(space, entries.slice(0, k));
      updates.push(performance.now() - start);
      const then = performance.now();
      advise(space, inference, { rules: rulesOfSchool('no-sulfide'), simulated: true, done: new Set(RECORD.slice(0, k)) });
      advices.push(performance.now() - then);
    }
    const median = (list: number[]) => [...list].sort((a, b) => a - b)[list.length >> 1]!.toFixed(0);
    const most = (list: number[]) => Math.max(...list).toFixed(0);
    process.stdout.write(
      `${limits.cations === 1 ? 'single salts' : 'mixtures of two'}: ${space.members.length} hypotheses, update median ${median(updates)} ms, most ${most(updates)} ms; advice median ${median(advices)} ms, most ${most(advices)} ms\n`,
    );
  }
}

interface Aim {
  readonly set: SetName;
  readonly way: WayOfWorking;
  readonly observer: 'perfect' | 'student';
  /** Share that must be right, and share that may be wrongly confirmed. */
  readonly right: number;
  readonly wrongConfirmed?: number;
}

const AIMS: readonly Aim[] = (['systematic', 'advised'] as const).flatMap((way): Aim[] => [
  { set: 'singles', way, observer: 'perfect', right: 1 },
  { set: 'singles', way, observer: 'student', right: 0.97, wrongConfirmed: 0.005 },
  { set: 'mixtures', way, observer: 'perfect', right: 0.98 },
  { set: 'compounds', way, observer: 'perfect', right: 0.9 },
  { set: 'compounds', way, observer: 'student', right: 0.8 },
]);

const SEED = 7;
const QUICK = 30;
const percent = (x: number) => `${(100 * x).toFixed(1)} %`;

async function figures(quick: boolean): Promise<boolean> {
  let kept = true;
  for (const { set, way, observer, right, wrongConfirmed } of AIMS) {
    const s = await sweep(set, samplesOf(set, SEED, quick ? QUICK : undefined), { way, observer, school: 'no-sulfide' });
    const share = s.right / s.samples;
    const wrong = s.wrongConfirmed / s.samples;
    const holds = share >= right && wrong <= (wrongConfirmed ?? 1);
    kept &&= holds;
    process.stdout.write(
      `${set}, ${way}, ${observer}: ${s.right} of ${s.samples} right (${percent(share)}, wanted ${percent(right)}), ${percent(wrong)} wrongly confirmed, ` +
        `${s.meanTests} tests, bound ${s.entropyBoundTests}${holds ? '' : '  <-- short'}\n`,
    );
  }
  return kept;
}

/** @returns 0 when every figure that is wanted was reached. */
export async function benchReasoning(quick: boolean): Promise<number> {
  await times();
  return (await figures(quick)) ? 0 : 1;
}
