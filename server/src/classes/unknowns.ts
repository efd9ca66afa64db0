/** Unknowns as an instructor names them: a jar of the shelf stays closed, also to who sets it. */
import type { SampleSpec } from '#core/bench/sample';
import type { DrawnSet, DrawnUnknown, Unknown } from '#contract';
import { jarNamed } from '../cases/subjects';
import type { Queryable } from '../db/pool';
import type { Assessed } from './assess';

/** What it is. @throws HttpProblem when there is no such jar. */
export const sampleOf = async (db: Queryable, unknown: Unknown): Promise<SampleSpec> =>
  'jar' in unknown ? (await jarNamed(db, unknown.jar)).sample : unknown;

/** Unknowns with how hard they were found to be, and which cannot be told apart; of a jar both would tell what is in it. */
export async function assessed(db: Queryable, unknowns: readonly Unknown[], { weighed, untold }: Assessed): Promise<DrawnSet> {
  const each = unknowns.map(async (unknown, i): Promise<DrawnUnknown> => {
    const { name, difficulty } = weighed[i]!;
    if (!('jar' in unknown)) return { name, unknown, difficulty };
    return { name: (await jarNamed(db, unknown.jar)).name, unknown, difficulty: null };
  });
  return { unknowns: await Promise.all(each), untold: untold.filter(({ a, b }) => ![a, b].some((i) => 'jar' in unknowns[i]!)) };
}
