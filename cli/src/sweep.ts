/** A whole set worked on all cores, and what came of it. */
import { shareOut } from '#atlas';
import { say } from '#launcher/run';
import { atlasesFor } from './atlases';
import { possibilitiesOf, type SetName, type Task } from './sets';
import type { Job, Outcome } from './solve-one';

export type How = Pick<Job, 'way' | 'school' | 'observer'>;

async function work(jobs: readonly Job[]): Promise<Outcome[]> {
  if (jobs[0]) await atlasesFor(jobs[0].sample, say);
  return shareOut<Job, Outcome>(new URL('./solve-worker.ts', import.meta.url), jobs, (n) => {
    if (n % 25 === 0) say(`${n} of ${jobs.length} …`);
  });
}

const mean = (list: readonly number[]) => Number((list.reduce((a, b) => a + b, 0) / list.length).toFixed(2));

export type Summary = ReturnType<typeof summary>;

function summary(outcomes: readonly Outcome[], set: SetName) {
  const bins = Array.from({ length: 10 }, () => ({ said: 0, was: 0, n: 0 }));
  for (const o of outcomes)
    for (const { p, there } of o.said) {
      const bin = bins[Math.min(9, Math.floor(p * 10))]!;
      bin.said += p;
      bin.was += there ? 1 : 0;
      bin.n++;
    }
  const prior = Math.log2(possibilitiesOf(set));
  return {
    samples: outcomes.length,
    right: outcomes.filter((o) => o.correct).length,
    ...(set === 'compounds' && {
      elementsRight: outcomes.filter((o) => o.elementsRight).length,
      groupsRight: outcomes.filter((o) => o.groupsRight).length,
    }),
    wrongConfirmed: outcomes.filter((o) => o.wrongConfirmed.length).length,
    meanTests: mean(outcomes.map((o) => o.tests)),
    meanMinutes: mean(outcomes.map((o) => o.minutes)),
    meanSampleMg: mean(outcomes.map((o) => o.sample_mg)),
    entropyBoundTests: Number((prior / Math.max(...outcomes.map((o) => o.mostBits))).toFixed(2)),
    calibration: bins
      .filter((b) => b.n)
      .map((b) => ({ said: Number((b.said / b.n).toFixed(3)), was: Number((b.was / b.n).toFixed(3)), n: b.n })),
    failures: outcomes
      .filter((o) => !o.correct || o.wrongConfirmed.length)
      .map((o) => ({
        sample: o.name,
        found: [...o.cations, ...o.anions, ...o.elements, ...o.groups],
        ...(o.compounds.length && { compounds: o.compounds }),
        wrongConfirmed: o.wrongConfirmed,
      })),
  };
}

/** Works the samples in this way and sums up. */
export const sweep = async (set: SetName, samples: readonly Task[], how: How): Promise<Summary> =>
  summary(await work(samples.map((s) => ({ ...how, ...s }))), set);
