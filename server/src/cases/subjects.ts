/** What a new case is about, and what the label on it says. */
import { randomInt } from 'node:crypto';
import type { SampleSpec } from '#core/bench/sample';
import type { Snapshot, Subject } from '#core/record/working';
import type { NewCase } from '#contract';
import type { Queryable } from '../db/pool';
import { HttpProblem } from '../http/problem';
import type { BenchTasks } from '../workers/bench';
import type { Crew } from '../workers/crew';
import { findJar, type StoredJar } from './store';

export interface Labelled {
  readonly name: string;
  readonly look: string;
  readonly subject: Subject;
}

const LOOK_SECONDS = 20;

/** @throws HttpProblem when there is no such jar. */
export async function jarNamed(db: Queryable, id: string): Promise<StoredJar> {
  const jar = await findJar(db, id);
  if (!jar) throw new HttpProblem('bad-input', `jar: there is no jar "${id}"; choose one from the shelf`);
  return jar;
}

/** What is asked for, with what its label says. @throws HttpProblem when there is no such jar. */
export async function subjectOf(
  db: Queryable,
  bench: Crew<BenchTasks>,
  asked: Exclude<NewCase, { portion: unknown }>,
): Promise<Labelled> {
  if ('real' in asked) {
    const { name, look, grams, matter } = asked.real;
    return { name, look, subject: { real: { grams, matter } } };
  }
  if ('structure' in asked) {
    const { name, smiles, grams } = asked.structure;
    return sealedUnder(bench, name, { smiles, grams });
  }
  if ('salts' in asked) return sealedUnder(bench, asked.salts.name, { salts: asked.salts.salts });
  if ('random' in asked) {
    const sample = await bench.run('drawUnknown', asked.random, { seconds: LOOK_SECONDS });
    return sealedUnder(bench, `Unknown ${randomInt(100, 1000)}`, sample);
  }
  const jar = await jarNamed(db, asked.jar);
  return { name: jar.name, look: jar.look, subject: { sample: jar.sample } };
}

/** A sample of which the label says only what anyone sees. */
export async function sealedUnder(bench: Crew<BenchTasks>, name: string, sample: SampleSpec): Promise<Labelled> {
  return { name, look: await bench.run('looksLike', sample, { seconds: LOOK_SECONDS }), subject: { sample } };
}

/** What was washed out of a mixture of this name. @throws HttpProblem when nothing was. */
export async function portionOf(bench: Crew<BenchTasks>, of: string, snapshot: Snapshot, id: string): Promise<Labelled> {
  return sealedUnder(bench, `${of}, portion ${id}`, await bench.run('portion', { snapshot, id }, { seconds: LOOK_SECONDS }));
}

/** Salts that a class has before it in real tubes; they are counted, and nothing is simulated. */
export function inRealTubes(name: string, sample: SampleSpec): Labelled {
  const grams = 'salts' in sample ? sample.salts.reduce((sum, s) => sum + s.grams, 0) : 0;
  return { name, look: 'as it stands before you', subject: { real: { grams, matter: 'salt' } } };
}
