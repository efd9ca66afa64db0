/** `predict`: the expected outcome of every standard test for a salt or an organic compound. */
import { BenchError } from '#core/bench/error';
import type { SampleSpec } from '#core/bench/sample';
import { classTest } from '#core/organic/classtests';
import { isOrganicTest } from '#core/organic/testids';
import { pointsOf } from '#core/organic/melting';
import { elementsOf, groupsOf, structureOf } from '#core/organic/structure';
import { rulesFor } from '#core/reasoning/atlas';
import { type Scheme, SCHOOLS } from '#core/scheme/model';
import { stationOf, testsOf } from '#core/scheme/tests';
import { World } from '#core/scheme/world';
import { UserError } from '#launcher/errors';
import { oneOf, print, readArguments } from './input';

function worldOf(sample: SampleSpec, scheme: Scheme, option: string): World {
  try {
    return new World(sample, scheme, rulesFor(scheme));
  } catch (error) {
    if (error instanceof BenchError) throw new UserError(error.message.replace(/^sample\.(salts\[0\]\.formula|smiles)/, option));
    throw error;
  }
}

const tests = (world: World) =>
  testsOf(world.scheme).map((t) => {
    const { see, stopped } = world.result(t.id);
    return {
      test: t.id,
      title: t.title,
      station: stationOf(t, world.scheme),
      worthDoing: world.applies(t),
      see,
      ...(stopped !== undefined && { stopped }),
    };
  });

export function predict(argv: readonly string[]): number {
  const { options } = readArguments(argv, ['salt', 'smiles', 'school']);
  const { salt, smiles } = options;
  if (smiles !== undefined) {
    const world = worldOf({ smiles, grams: 3 }, 'organic', '--smiles');
    const s = structureOf(smiles);
    print({
      smiles,
      formula: s.formula,
      molarMass: s.molarMass,
      elements: elementsOf(s),
      groups: groupsOf(s),
      points: pointsOf(s),
      tests: tests(world).map((t) => (isOrganicTest(t.test) ? { ...t, grade: classTest(s, t.test).grade } : t)),
    });
    return 0;
  }
  if (salt === undefined)
    throw new UserError('predict: give --salt and a formula, such as --salt NiSO4·6H2O, or --smiles and a structure');
  const school = oneOf('school', options['school'], SCHOOLS, 'no-sulfide');
  print({ salt, school, tests: tests(worldOf({ salts: [{ formula: salt, grams: 3 }] }, school, '--salt')) });
  return 0;
}
