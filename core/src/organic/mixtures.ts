/** What a class test shows on a mixture: all that its parts show, each by how much of it there is. */
import type { Observation } from '../vocabulary/observation';
import { type ClassTestResult, classTest, type Grade } from './classtests';
import type { PhysicalTest } from './data/physical';
import { titrate } from './equivalents';
import type { Part } from './extraction';
import type { MeltingConditions } from './melting';
import type { Solubility } from './solubility';
import { type Structure, structureOf } from './structure';
import { derivativeTest, physicalTest } from './testids';

interface Shared {
  readonly structure: Structure;
  /** Of the moles, and of the mass. */
  readonly moles: number;
  readonly mass: number;
}

/** Of less than this share of the moles a class test shows nothing. By judgement. */
const TOLD_SHARE = 0.03;

function sharesOf(parts: readonly Part[]): Shared[] {
  const all = parts.map(({ smiles, grams }) => ({ structure: structureOf(smiles), grams }));
  const total = all.reduce((sum, { structure, grams }) => sum + grams / structure.molarMass, 0);
  const mass = all.reduce((sum, { grams }) => sum + grams, 0);
  return all
    .map(({ structure, grams }) => ({ structure, moles: grams / structure.molarMass / total, mass: grams / mass }))
    .filter(({ moles }) => moles >= TOLD_SHARE)
    .sort((a, b) => b.moles - a.moles);
}

const kindOf = (o: Observation): string =>
  [o.channel, o.channel === 'paper' && o.paper, o.channel === 'layer' && o.position].filter(Boolean).join(' ');

/** Is it what is written of a test that showed nothing? */
const isNothing = (o: Observation): boolean =>
  o.event === 'none' || o.event === 'unchanged' || o.colour === 'none' || o.smell === 'none';

/** Of each kind of observation what changed, of several the one of the larger part. */
function united(all: readonly (readonly Observation[])[]): Observation[] {
  const out = new Map<string, Observation>();
  for (const o of all.flat()) {
    const before = out.get(kindOf(o));
    if (!before || (isNothing(before) && !isNothing(o))) out.set(kindOf(o), o);
  }
  return [...out.values()];
}

/** All dissolves, some of it, or none. */
function dissolving(all: readonly (readonly Observation[])[]): Observation[] {
  const events = all.map((see) => see.find((o) => o.channel === 'solubility')?.event as Solubility);
  const alike = events.every((event) => event === events[0]);
  const seen: Observation = { channel: 'solubility', event: alike ? events[0]! : 'partly-soluble' };
  return [seen, ...united(all).filter((o) => o.channel !== 'solubility')];
}

const GRADES: readonly Grade[] = ['strong', 'slow', 'weak', 'negative'];

/** Points, constants and derivatives are those of what there is most of, spoiled by the rest. */
const ofTheLargest = ({ does }: PhysicalTest): boolean =>
  does === 'melt' || does === 'boil' || does === 'refractive-index' || does === 'density';

/**
 * Runs a class test on a mixture.
 * @param how conditions of a melting point, in which the rest of the mixture is an impurity already.
 */
export function mixtureTest(parts: readonly Part[], test: string, how: MeltingConditions = {}): ClassTestResult {
  const there = sharesOf(parts);
  const largest = there[0]!.structure;
  const plain = physicalTest.get(test);
  if (there.length === 1 || derivativeTest.has(test) || (plain && ofTheLargest(plain))) return classTest(largest, test, how);
  if (plain?.does === 'neutralisation-equivalent' || plain?.does === 'saponification-equivalent') {
    const read = titrate(
      there.map(({ structure, mass }) => ({ structure, share: mass })),
      plain.does,
    );
    return read
      ? {
          see: [{ channel: 'measurement', event: plain.does, value: read.equivalent, grams: read.grams, mL: read.mL }],
          grade: 'strong',
        }
      : classTest(largest, test, how);
  }
  const results = there.map(({ structure }) => classTest(structure, test, how));
  const all = results.map(({ see }) => see);
  if (typeof plain?.does === 'object') return { see: dissolving(all), grade: 'strong' };
  if (plain) return { see: united(all), grade: 'strong' };
  const reacted = results.filter(({ grade }) => grade !== 'negative');
  if (!reacted.length) return results[0]!;
  return { see: united(reacted.map(({ see }) => see)), grade: GRADES.find((g) => reacted.some(({ grade }) => grade === g))! };
}
