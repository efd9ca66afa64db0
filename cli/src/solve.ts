/** `solve`: a simulated sample worked to a conclusion, or a whole set of them. */
import { BenchError } from '#core/bench/error';
import { prepareSample, sampleSchema, type SampleSpec } from '#core/bench/sample';
import { parseSalt } from '#core/matter/salts';
import { inLibrary } from '#core/organic/library';
import { holdingsOf } from '#core/organic/structure';
import { SCHOOLS } from '#core/scheme/model';
import { UserError } from '#launcher/errors';
import { say } from '#launcher/run';
import { oneOf, print, readArguments, readJson, whole } from './input';
import { atlasesFor } from './atlases';
import { samplesOf, SETS } from './sets';
import { type Job, workOn } from './solve-one';
import { sweep } from './sweep';

const OPTIONS = ['route', 'school', 'observer', 'seed', 'all', 'count'];

export async function solveCommand(argv: readonly string[]): Promise<number> {
  const { files, options } = readArguments(argv, OPTIONS);
  const how = {
    way: oneOf('route', options['route'], ['systematic', 'advised'] as const, 'systematic'),
    school: oneOf('school', options['school'], SCHOOLS, 'no-sulfide'),
    observer: oneOf('observer', options['observer'], ['perfect', 'student'] as const, 'perfect'),
  };
  const seed = whole('seed', options['seed'], 1);
  if (options['all'] !== undefined) {
    const set = oneOf('all', options['all'], SETS, 'singles');
    const count = options['count'] === undefined ? undefined : whole('count', options['count'], 0);
    print(await sweep(set, samplesOf(set, seed, count), how));
    return 0;
  }
  const sample = sampleSchema.safeParse(readJson(files[0], 'solve'));
  if (!sample.success) {
    const issue = sample.error.issues[0]!;
    throw new UserError(
      `${issue.path.map(String).join('.') || 'sample'}: ${issue.message}; give "salts", "solution" or "smiles"`,
    );
  }
  try {
    prepareSample(sample.data);
  } catch (error) {
    if (error instanceof BenchError) throw new UserError(error.message);
    throw error;
  }
  const job = { ...how, ...taskOf(sample.data), seed, mixed: true };
  const done = workOn(await atlasesFor(job.sample, say), job);
  print({
    cations: done.cations,
    anions: done.anions,
    elements: done.elements,
    groups: done.groups,
    compounds: done.compounds,
    correct: done.correct,
    tests: done.tests,
    minutes: done.minutes,
    sample_mg: done.sample_mg,
    confirmed: done.confirmed,
    log: done.log,
  });
  return 0;
}

/** What is to be found in a sample that a person gave. */
function taskOf(sample: SampleSpec): Pick<Job, 'sample' | 'truth' | 'name'> {
  if ('compounds' in sample)
    throw new UserError('sample: a mixture of compounds is parted at the bench first; give one as "smiles"');
  if ('solution' in sample) throw new UserError('sample: the schemes start from a solid; give "salts" or "smiles"');
  if ('smiles' in sample) {
    const name = inLibrary(sample.smiles)?.name;
    return { sample, truth: holdingsOf(sample.smiles), ...(name !== undefined && { name }) };
  }
  return { sample, truth: [...new Set(sample.salts.flatMap((s) => Object.keys(parseSalt(s.formula).ions).map(plainIon)))] };
}

/** Borax is a borate, hydrogenphosphate a phosphate. */
function plainIon(ion: string): string {
  return PARENTS[ion] ?? ion;
}

const PARENTS: Readonly<Record<string, string>> = {
  'B4O7^2-': 'BO3^3-',
  'HPO4^2-': 'PO4^3-',
  'H2PO4-': 'PO4^3-',
  'HSO4-': 'SO4^2-',
  'HSO3-': 'SO3^2-',
  'HC2O4-': 'C2O4^2-',
  'HF2-': 'F-',
  'HC4H4O6-': 'C4H4O6^2-',
};
