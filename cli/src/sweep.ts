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

/** What was said, to the nearest tenth of the probability, and how often it was so: each sample counts as often as it is met. */
function calibrationOf(samples: readonly Task[], outcomes: readonly Outcome[]) {
  const bins = Array.from({ length: 11 }, () => ({ said: 0, was: 0, weight: 0, n: 0 }));
  for (const [i, { said }] of outcomes.entries())
    for (const { p, there } of said) {
      const { weight } = samples[i]!;
      const bin = bins[Math.round(p * 10)]!;
      bin.said += weight * p;
      bin.was += there ? weight : 0;
      bin.weight += weight;
      bin.n++;
    }
  const share = (of: number, weight: number) => Number((of / weight).toFixed(3));
  return bins.filter((b) => b.n).map((b) => ({ said: share(b.said, b.weight), was: share(b.was, b.weight), n: b.n }));
}

function summary(samples: readonly Task[], outcomes: readonly Outcome[], set: SetName) {
  const prior = Math.log2(possibilitiesOf(set));
  return {
    samples: outcomes.length,
    right: outcomes.filter((o) => o.correct).length,
    ...((set === 'compounds' || set === 'unlisted') && {
      elementsRight: outcomes.filter((o) => o.elementsRight).length,
      groupsRight: outcomes.filter((o) => o.groupsRight).length,
    }),
    wrongConfirmed: outcomes.filter((o) => o.wrongConfirmed.length).length,
    trueRuledOut: outcomes.filter((o) => o.trueRuledOut.length).length,
    meanTests: mean(outcomes.map((o) => o.tests)),
    meanMinutes: mean(outcomes.map((o) => o.minutes)),
    meanSampleMg: mean(outcomes.map((o) => o.sample_mg)),
    entropyBoundTests: Number((prior / Math.max(...outcomes.map((o) => o.mostBits))).toFixed(2)),
    calibration: calibrationOf(samples, outcomes),
    failures: outcomes
      .filter((o) => !o.correct || o.wrongConfirmed.length || o.trueRuledOut.length)
      .map((o) => ({
        sample: o.name,
        found: [...o.cations, ...o.anions, ...o.elements, ...o.groups],
        ...(o.compounds.length && { compounds: o.compounds }),
        wrongConfirmed: o.wrongConfirmed,
        trueRuledOut: o.trueRuledOut,
      })),
  };
}

/** Works the samples in this way and sums up. */
export const sweep = async (set: SetName, samples: readonly Task[], how: How): Promise<Summary> =>
  summary(samples, await work(samples.map((s) => ({ ...how, ...s }))), set);
