/** `predict`: the expected outcome of every standard test for a salt or an organic compound. */
import { BenchError } from '#core/bench/error';
import type { SampleSpec } from '#core/bench/sample';
import { classTest } from '#core/organic/classtests';
import { isOrganicTest } from '#core/organic/testids';
import { StructureError } from '#core/organic/smiles';
import { pointsOf } from '#core/organic/melting';
import { elementsOf, groupsOf, structureOf } from '#core/organic/structure';
import { rulesFor } from '#core/reasoning/atlas';
import { type Scheme, SCHOOLS } from '#core/scheme/model';
import { stationOf, testsOf } from '#core/scheme/tests';
import { World } from '#core/scheme/world';
import { UserError } from '#launcher/errors';
import { oneOf, print, readArguments } from './input';

/** @throws UserError in one line for a sample that cannot be, or of which something cannot be worked out. */
function answered<T>(option: string, work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (error instanceof StructureError) throw new UserError(`${option}: ${error.message}`);
    if (error instanceof BenchError) throw new UserError(error.message.replace(/^sample\.(salts\[0\]\.formula|smiles)/, option));
    throw error;
  }
}

function testsIn(sample: SampleSpec, scheme: Scheme) {
  const world = new World(sample, scheme, rulesFor(scheme));
  return testsOf(scheme).map((t) => {
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
}

function ofCompound(smiles: string) {
  const tests = testsIn({ smiles, grams: 3 }, 'organic');
  const s = structureOf(smiles);
  return {
    smiles,
    formula: s.formula,
    molarMass: s.molarMass,
    elements: elementsOf(s),
    groups: groupsOf(s),
    points: pointsOf(s),
    tests: tests.map((t) => (isOrganicTest(t.test) ? { ...t, grade: classTest(s, t.test).grade } : t)),
  };
}

export function predict(argv: readonly string[]): number {
  const { options } = readArguments(argv, ['salt', 'smiles', 'school']);
  const { salt, smiles } = options;
  if (smiles !== undefined) {
    print(answered('--smiles', () => ofCompound(smiles)));
    return 0;
  }
  if (salt === undefined)
    throw new UserError('predict: give --salt and a formula, such as --salt NiSO4·6H2O, or --smiles and a structure');
  const school = oneOf('school', options['school'], SCHOOLS, 'no-sulfide');
  print(answered('--salt', () => ({ salt, school, tests: testsIn({ salts: [{ formula: salt, grams: 3 }] }, school) })));
  return 0;
}
