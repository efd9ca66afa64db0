/** The unknown: a solid of one or more salts, or a solution. */
import type { Received } from '../vocabulary/received';
import * as z from 'zod';
import { BenchError } from './error';
import { addAmounts, ionId, overComponents } from '../matter/catalogue';
import { FormulaError, parseFormula } from '../matter/formula';
import { parseSalt } from '../matter/salts';
import { type Part, purityOf } from '../organic/extraction';
import { StructureError } from '../organic/smiles';
import { structureOf } from '../organic/structure';

const positive = z.number().positive();

export const sampleSchema = z.union([
  z.strictObject({
    salts: z
      .array(z.strictObject({ formula: z.string().min(1).max(80), grams: positive.max(1000) }))
      .min(1)
      .max(12),
  }),
  z.strictObject({
    solution: z.record(z.string().max(40), z.number().nonnegative().max(20)),
    mL: positive.max(10000),
    acid: z.number().nonnegative().max(16).optional(),
  }),
  z.strictObject({
    smiles: z.string().min(1).max(500),
    grams: positive.max(1000),
    /** Mole fraction of something else in it. */
    impurity: z.number().min(0).max(0.3).optional(),
  }),
  z.strictObject({
    compounds: z
      .array(z.strictObject({ smiles: z.string().min(1).max(500), grams: positive.max(1000) }))
      .min(2)
      .max(4),
  }),
]);

export type SampleSpec = Received<z.infer<typeof sampleSchema>>;

export type Sample =
  | {
      readonly kind: 'solid';
      readonly grams: number;
      /** mol over components in one gram. */
      readonly perGram: Readonly<Record<string, number>>;
      readonly salts: readonly { readonly formula: string; readonly grams: number }[];
    }
  | {
      readonly kind: 'solution';
      readonly mL: number;
      /** mol over components in one mL. */
      readonly perML: Readonly<Record<string, number>>;
    }
  | {
      readonly kind: 'compound';
      readonly grams: number;
      /** Absent for a real compound, which only the person sees. */
      readonly smiles?: string;
      readonly impurity?: number;
      /** Of a mixture all that is in it; `smiles` is what there is most of. */
      readonly parts?: readonly Part[];
    };

export type SolidSample = Extract<Sample, { kind: 'solid' }>;
export type CompoundSample = Extract<Sample, { kind: 'compound' }>;

/** What a mole of acid is that keeps the ions of a solution dissolved. */
const ADDED_ACID = { 'H+': 1, 'NO3-': 1 };

/** How much of it there is, in its unit. */
export const amountOf = (sample: Sample): { readonly amount: number; readonly unit: 'g' | 'mL' } =>
  sample.kind === 'solution' ? { amount: sample.mL, unit: 'mL' } : { amount: sample.grams, unit: 'g' };

function mustBeRead(smiles: string, field: string): void {
  try {
    structureOf(smiles);
  } catch (error) {
    if (error instanceof StructureError) throw new BenchError(`${field}: ${error.message}`);
    throw error;
  }
}

function mustBeSalt(formula: string, field: string): void {
  try {
    parseSalt(formula);
  } catch (error) {
    if (error instanceof FormulaError) throw new BenchError(`${field}: ${error.message}`);
    throw error;
  }
}

/** Salts ground together as a sample. */
export function solidOf(salts: SolidSample['salts']): SolidSample {
  const grams = salts.reduce((sum, s) => sum + s.grams, 0);
  const perGram = salts.reduce<Record<string, number>>((sum, s) => {
    const salt = parseSalt(s.formula);
    return addAmounts(sum, salt.of, s.grams / salt.molarMass / grams);
  }, {});
  return { kind: 'solid', grams, perGram, salts };
}

/** A mixture of compounds as a sample. */
export const mixtureOf = (parts: readonly Part[]): CompoundSample => ({
  kind: 'compound',
  grams: parts.reduce((sum, p) => sum + p.grams, 0),
  ...purityOf(parts),
  parts,
});

/**
 * Checks a sample and works out what is in it.
 * @throws BenchError naming the field that is wrong and what was expected.
 */
export function prepareSample(spec: SampleSpec): Sample {
  if ('compounds' in spec) {
    spec.compounds.forEach((part, i) => mustBeRead(part.smiles, `sample.compounds[${i}].smiles`));
    return mixtureOf(spec.compounds);
  }
  if ('smiles' in spec) {
    mustBeRead(spec.smiles, 'sample.smiles');
    const { smiles, grams, impurity } = spec;
    return { kind: 'compound', grams, smiles, ...(impurity && { impurity }) };
  }
  if ('salts' in spec) {
    spec.salts.forEach((s, i) => mustBeSalt(s.formula, `sample.salts[${i}].formula`));
    return solidOf(spec.salts);
  }
  const perML: Record<string, number> = { H2O: 0.0553 };
  const acid = spec.acid ?? 0;
  let charge = 0;
  for (const [name, molar] of Object.entries({ ...spec.solution })) {
    let id: string;
    try {
      id = ionId(name);
    } catch (error) {
      throw new BenchError(`sample.solution: ${(error as Error).message}`);
    }
    charge += molar * parseFormula(id).charge;
    addAmounts(perML, overComponents(id), molar / 1000);
  }
  if (Math.abs(charge) > 2e-3 * Math.max(0.1, ...Object.values(spec.solution)))
    throw new BenchError(
      `sample.solution: not neutral, ${Math.abs(charge).toPrecision(3)} mol/L too much ${charge > 0 ? 'positive' : 'negative'} charge; ` +
        `add ${charge > 0 ? 'anions' : 'cations'} to balance it`,
    );
  if (charge) addAmounts(perML, { 'H+': -charge }, 1 / 1000);
  if (acid) addAmounts(perML, ADDED_ACID, acid / 1000);
  return { kind: 'solution', mL: spec.mL, perML };
}
