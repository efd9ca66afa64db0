/** What came of an event when it happened, kept beside it for ever. */
import type { Received } from '../vocabulary/received';
import * as z from 'zod';
import { drawingSchema } from '../senses/drawn';
import { observationSchema } from '../vocabulary/observation';

/** What a case is about, as its label says; never what is in it. */
export const caseSubjectSchema = z.strictObject({
  kind: z.enum(['simulated', 'real']),
  matter: z.enum(['salt', 'compound']),
  name: z.string().max(80),
  look: z.string().max(120),
  /** How much there was at first, in its unit. */
  amount: z.number().positive(),
  unit: z.enum(['g', 'mL']),
  /** SHA-256 of the sample behind the label with a secret salt, so that the identity shown later can be checked. */
  sealed: z.string().max(64).optional(),
});
export type CaseSubject = Received<z.infer<typeof caseSubjectSchema>>;

export const vesselResultSchema = z.strictObject({ drawing: drawingSchema, celsius: z.number() });
export type VesselResult = Received<z.infer<typeof vesselResultSchema>>;

const side = z.array(z.tuple([z.number(), z.string()]));
/** A net ionic equation: each side as counted formulas. */
export const equationSchema = z.strictObject({ left: side, right: side });
export type EquationOf = Received<z.infer<typeof equationSchema>>;

export const operationResultSchema = z.strictObject({
  /** Version of the chemistry that worked it out; absent for a real sample. */
  chemistry: z.string().optional(),
  see: z.array(observationSchema),
  /** Vessels that are not as they were; null for one that is no longer there. */
  vessels: z.record(z.string(), vesselResultSchema.nullable()),
  /** The vessel that was worked on. */
  vessel: z.string().nullable(),
  equations: z.array(equationSchema),
  warnings: z.array(z.string()),
  minutes: z.number(),
  /** Of the sample, in its unit. */
  spent: z.number(),
  /** Drops that a dropwise addition took. */
  drops: z.number().optional(),
  /** What a sodium fusion taught. */
  fusion: z.strictObject({ good: z.boolean(), remarks: z.array(z.string()) }).optional(),
});
export type OperationResult = Received<z.infer<typeof operationResultSchema>>;

/** The working that an entry speaks of. */
export const entryWorkingSchema = z.strictObject({
  run: z.string().optional(),
  tubes: z.array(z.string()),
  /** Sequence numbers of its operations. */
  operations: z.array(z.number()),
});
export type EntryWorking = Received<z.infer<typeof entryWorkingSchema>>;
