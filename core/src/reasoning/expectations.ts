/** What a standard test shows for one ion: the test, run in the simulator on a plain salt of that ion. */
import { openBench, perform } from '../bench/bench';
import { BenchError, type SampleSpec } from '../bench/sample';
import type { Observation } from '../senses/vocabulary';
import { onVessels, type StandardTest } from '../scheme/tests';

/** A well-behaved salt of each ion: nitrates of the cations, sodium or potassium salts of the anions. */
const PLAIN_SALTS: Readonly<Record<string, string>> = {
  'NH4+': 'NH4NO3',
  'Na+': 'NaNO3',
  'K+': 'KNO3',
  'Ag+': 'AgNO3',
  'Pb2+': 'Pb(NO3)2',
  'Cu2+': 'Cu(NO3)2·3H2O',
  'Ni2+': 'Ni(NO3)2·6H2O',
  'Fe3+': 'Fe(NO3)3·9H2O',
  'Al3+': 'Al(NO3)3·9H2O',
  'Zn2+': 'Zn(NO3)2·6H2O',
  'Ba2+': 'Ba(NO3)2',
  'Mg2+': 'Mg(NO3)2·6H2O',
  'Cl-': 'NaCl',
  'I-': 'NaI',
  'SO4^2-': 'Na2SO4',
  'CO3^2-': 'Na2CO3',
  'NO3-': 'NaNO3',
};

/** The ions that this first reasoning weighs. */
export const SUSPECTS: readonly string[] = Object.keys(PLAIN_SALTS);
export const isCation = (ion: string) => ion.endsWith('+');

const cache = new Map<string, readonly Observation[]>();

function signature(o: Observation): string {
  return JSON.stringify(o);
}

/** Everything that the steps of a test show on a sample, each observation once. */
export function runTest(test: StandardTest, spec: SampleSpec): Observation[] {
  let bench = openBench(spec);
  const seen = new Map<string, Observation>();
  const names: Record<string, string> = { S: 'S', '1': 'A', '2': 'B' };
  try {
    if (test.needsSolution)
      bench = perform(bench, { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12, warm: true }).bench;
    if (test.needsSolution) bench = perform(bench, { op: 'cool', vessel: 'S' }).bench;
    for (const step of test.steps) {
      const done = perform(bench, onVessels(step.op, names));
      bench = done.bench;
      if (step.op.op !== 'take' && step.op.op !== 'decant')
        for (const o of done.see) if (test.watch.includes(o.channel)) seen.set(signature(o), o);
    }
  } catch (error) {
    // A test that cannot be finished on this sample (nothing to pour off, say) shows what it showed so far.
    if (!(error instanceof BenchError)) throw error;
  }
  return [...seen.values()];
}

/** What this test shows for a plain salt of the ion. */
export function expected(test: StandardTest, ion: string): readonly Observation[] {
  const key = `${test.id} ${ion}`;
  const known = cache.get(key);
  if (known) return known;
  const formula = PLAIN_SALTS[ion];
  const out = formula ? runTest(test, { salts: [{ formula, grams: 2 }] }) : [];
  cache.set(key, out);
  return out;
}
