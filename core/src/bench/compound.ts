/** What is done with an organic compound: fused with sodium, or put to a classification test. */
import { addAmounts, overComponents } from '../matter/catalogue';
import { classTest, colourOf, controlFor } from '../organic/classtests';
import { mixtureTest } from '../organic/mixtures';
import { LYE, SODIUM } from '../organic/data/fusion';
import { type Part, shakeOut } from '../organic/extraction';
import { isSolid } from '../organic/melting';
import { fuse, type Fused, refusal, TAR } from '../organic/fusion';
import { StructureError } from '../organic/smiles';
import { structureOf } from '../organic/structure';
import { gramsForTest, waitForTest } from '../organic/testids';
import type { Observation } from '../vocabulary/observation';
import type { OpOf } from './ops';
import { BenchError } from './error';
import { amountOf, type CompoundSample, mixtureOf, type Sample } from './sample';
import { letReact } from './reacting';
import { visibleSolids } from './solids';
import { emptyVessel, type Vessel, WATER_PER_LITRE } from './vessel';

/** The vessel that holds what a sodium fusion made. */
export const EXTRACT = 'extract';

/** @throws BenchError for a sample that is none. */
export function asCompound(sample: Sample, op: string): CompoundSample {
  if (sample.kind !== 'compound')
    throw new BenchError(`${op}: this is for organic compounds; give the sample as {"smiles": …, "grams": …}`);
  return sample;
}

/** Rethrows what is wrong with a structure as an error of the bench. */
function asBenchError<T>(work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (error instanceof StructureError) throw new BenchError(error.message);
    throw error;
  }
}

/** Of a real compound nothing is known: only the sodium, as hydroxide, is counted. */
function lye(op: OpOf<'fuse'>): Fused {
  const sodium = (op.sodium_mg * op.tubes) / 1000 / SODIUM;
  return { ions: { [LYE.metal]: sodium, [LYE.base]: sodium }, tar: 0, mL: op.boil_to_mL, good: true };
}

const MUST_NOT_BE_FUSED =
  'this sample must not be fused with sodium: it is on the list of what your supervisor keeps from it. Leave the fusion out and use the tests that need none';

/** @throws BenchError whose plain words do not tell the group for which a compound is refused. */
function fusedOrRefused(smiles: string, op: OpOf<'fuse'>): Fused {
  const structure = asBenchError(() => structureOf(smiles));
  const barred = refusal(structure);
  if (barred)
    throw new BenchError(
      `this compound must not be fused with sodium: ${barred}. Use the tests that need no fusion`,
      MUST_NOT_BE_FUSED,
    );
  return asBenchError(() => fuse(structure, op));
}

/** The parts of a mixture meet the sodium side by side, each with its share of it. */
function fusedTogether(parts: readonly Part[], op: OpOf<'fuse'>): Fused {
  const grams = parts.reduce((sum, p) => sum + p.grams, 0);
  const each = parts.map((p) => {
    const share = p.grams / grams;
    return fusedOrRefused(p.smiles, { ...op, sample_mg: op.sample_mg * share, sodium_mg: op.sodium_mg * share });
  });
  return {
    ions: each.reduce<Record<string, number>>((sum, { ions }) => addAmounts(sum, ions), {}),
    tar: each.reduce((sum, { tar }) => sum + tar, 0),
    mL: each[0]!.mL,
    good: each.every(({ good }) => good),
  };
}

/** Fuses, boils out, boils down and filters. @throws BenchError for what must not be fused. */
export function fusion(sample: Sample, op: OpOf<'fuse'>): { vessel: Vessel; good: boolean } {
  const { smiles, parts } = asCompound(sample, 'fuse');
  const fused = smiles === undefined ? lye(op) : parts ? fusedTogether(parts, op) : fusedOrRefused(smiles, op);
  const amounts: Record<string, number> = { H2O: (fused.mL / 1000) * WATER_PER_LITRE };
  for (const [ion, mol] of Object.entries(fused.ions)) addAmounts(amounts, overComponents(ion), mol);
  if (fused.tar > 0) addAmounts(amounts, { [TAR]: fused.tar });
  const { vessel } = letReact({ ...emptyVessel(EXTRACT), mL: fused.mL, amounts }, { minutes: 0.2 });
  const clear = !visibleSolids(vessel).length;
  return { vessel: { ...vessel, settled: clear }, good: fused.good && clear };
}

const HANDLING_MINUTES = 2;

/** Puts the sample, or a control, to a classification test. */
export function compoundTest(
  sample: Sample,
  op: OpOf<'test'>,
): { shows: readonly Observation[]; minutes: number; grams: number } {
  const { smiles, impurity, parts } = asCompound(sample, 'test');
  const cost = { minutes: HANDLING_MINUTES + waitForTest(op.test), grams: gramsForTest(op.test) };
  // A control stands beside the sample: it takes hands, not waiting.
  if (op.control) return { shows: classTest(controlFor(op.test, op.control), op.test).see, minutes: HANDLING_MINUTES, grams: 0 };
  if (smiles === undefined) return { shows: [], ...cost };
  const how = {
    ...(op.rate !== undefined && { rate: op.rate }),
    ...(impurity !== undefined && { impurity }),
    ...(op.damp && { damp: true }),
    ...(op['mixed-with'] !== undefined && { mixedWith: op['mixed-with'] }),
  };
  const tested = () => (parts ? mixtureTest(parts, op.test, how) : classTest(structureOf(smiles), op.test, how));
  return { shows: asBenchError(() => tested().see), ...cost };
}

/** mg of a solid that is seen to fall. */
const FALLS_MG = 2;

/** Shakes the sample in ether with an acid or base. @param left grams of it that there are. */
export function separate(
  sample: Sample,
  left: number,
  op: OpOf<'shake-out'>,
): { sample: CompoundSample; portion: CompoundSample; shows: readonly Observation[] } {
  const { smiles, parts = [{ smiles: smiles ?? '', grams: 1 }] } = asCompound(sample, 'shake-out');
  if (smiles === undefined) throw new BenchError('shake-out: of a real compound write down what you see');
  const share = left / amountOf(sample).amount;
  const there = parts.map((p) => ({ ...p, grams: p.grams * share }));
  const { ether, washings } = shakeOut(there, op.with, op.times);
  if (!ether.length) throw new BenchError('shake-out: nothing is left in the ether; take fewer washings');
  const grams = washings.reduce((sum, p) => sum + p.grams, 0);
  if (!washings.length || grams * 1000 < FALLS_MG)
    return {
      sample: mixtureOf(ether),
      portion: mixtureOf(ether.map((p) => ({ ...p, grams: 0 }))),
      shows: [{ channel: 'precipitate', event: 'none' }],
    };
  const portion = mixtureOf(washings);
  const free = structureOf(portion.smiles!);
  const shown: Observation = isSolid(free)
    ? { channel: 'precipitate', event: 'formed', colour: colourOf(free) }
    : { channel: 'layer', event: 'present', colour: colourOf(free) };
  return { sample: mixtureOf(ether), portion, shows: [shown] };
}
