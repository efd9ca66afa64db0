/** Classes, the work that is set in them, and what came of it. */
import type { Received } from '#core/vocabulary/received';
import * as z from 'zod';
import { opSchema } from '#core/bench/ops';
import {
  type Paper,
  paperSchema,
  paperSchemeSchema,
  type PartScheme,
  partSchemeSchema,
  partsSchema,
  TUBES,
} from '#core/practice/paper-form';
import { caseSummarySchema, ownSaltsSchema, ownStructureSchema, statusSchema } from './case';
import { personSchema } from './people';

const title = z.string().trim().min(1, 'give it a name').max(80);

export const newClassSchema = z.strictObject({ name: title });
export const classChangeSchema = z.strictObject({
  name: title.optional(),
  /** Put away, or back; nothing in it is lost. */
  gone: z.boolean().optional(),
  /** A new code for joining, or none any more. */
  code: z.enum(['new', 'none']).optional(),
});

/** How hard an unknown is. */
export const difficultySchema = z.object({
  tests: z.number(),
  minutes: z.number(),
  right: z.number(),
  confused: z.array(z.tuple([z.string(), z.number()]).readonly()).readonly(),
});

/** Salts by formula and mass, or a compound by structure. */
export const unknownSampleSchema = z.union([
  z.strictObject({ salts: ownSaltsSchema.shape.salts }),
  z.strictObject({ smiles: ownStructureSchema.shape.smiles, grams: ownStructureSchema.shape.grams }),
]);
export type UnknownSample = Received<z.infer<typeof unknownSampleSchema>>;
/** What may stand in a set: a sample, or a jar of the shelf, of which its instructor need not know what is in it. */
export const unknownSchema = z.union([z.strictObject({ jar: z.string().max(40) }), unknownSampleSchema]);
export type Unknown = Received<z.infer<typeof unknownSchema>>;

const tests = z.array(z.string().max(60)).min(1, 'allow at least one test').max(300).nullable();

export const drawingOfSetSchema = z.strictObject({
  matter: z.enum(['salt', 'compound']),
  count: z.int().min(1).max(40),
  /** Tests that will be allowed; null for all. */
  tests: tests.default(null),
  /** Minutes of work that each should take, about. */
  minutes: z.number().positive().max(600).nullable().default(null),
});
export type DrawingOfSet = Received<z.infer<typeof drawingOfSetSchema>>;

/** Two unknowns that the allowed tests do not tell apart, and a test that would. */
export const untoldSchema = z.object({ a: z.number(), b: z.number(), by: z.string().nullable() });
export type Untold = Received<z.infer<typeof untoldSchema>>;

export const drawnUnknownSchema = z.object({
  name: z.string(),
  unknown: unknownSchema,
  /** Null where nothing known is like it. */
  difficulty: difficultySchema.nullable(),
});
export type DrawnUnknown = Received<z.infer<typeof drawnUnknownSchema>>;
export const drawnSetSchema = z.object({ unknowns: z.array(drawnUnknownSchema), untold: z.array(untoldSchema) });
export type DrawnSet = Received<z.infer<typeof drawnSetSchema>>;

export const termsSchema = z.strictObject({
  tests: tests.default(null),
  /** Foxing's own reasoning may be seen. */
  reasoning: z.boolean().default(false),
  /** The parts of a paper, as candidates see them; what is in its solution is told to nobody. */
  paper: partsSchema.nullable().default(null),
});
export type Terms = Received<z.infer<typeof termsSchema>>;

export { paperSchema, type Paper, type PartScheme, partSchemeSchema };

/** A paper as it is worked. */
export const paperViewSchema = z.object({
  title: z.string(),
  mL: z.number(),
  parts: z.array(z.object({ letter: z.string(), does: z.array(z.string()), ops: z.array(opSchema) })),
});
export type PaperView = Received<z.infer<typeof paperViewSchema>>;

export const newSetSchema = z.strictObject({
  title,
  /** Dealt out in turn, so that two side by side do not get the same. */
  unknowns: z.array(unknownSchema).max(60).default([]),
  /** Which of them who gets, by the person's id; the others are dealt theirs in turn. */
  given: z.record(z.uuid(), z.int().nonnegative().max(60)).default({}),
  /** In the place of unknowns. */
  paper: paperSchema.nullable().default(null),
  /** As its instructor changed it; without, as running the paper gives it. */
  scheme: paperSchemeSchema.nullable().default(null),
  tubes: z.enum(TUBES).default('simulated'),
  terms: termsSchema.omit({ paper: true }),
  /** Minutes from now after which nothing more can be written. */
  minutes: z
    .number()
    .positive()
    .max(60 * 24 * 60)
    .nullable()
    .default(null),
});
export type NewSet = Received<z.infer<typeof newSetSchema>>;
/** As it is sent, without what goes by default. */
export type NewSetAsked = Received<z.input<typeof newSetSchema>>;

export const setChangeSchema = z.strictObject({
  /** Minutes from now; null for no end. */
  minutes: z
    .number()
    .nonnegative()
    .max(60 * 24 * 60)
    .nullable()
    .optional(),
  gone: z.boolean().optional(),
  /** Of a paper, as it marks from now on. */
  scheme: paperSchemeSchema.optional(),
});
export type SetChange = Received<z.infer<typeof setChangeSchema>>;

export const setSchema = z.object({
  id: z.uuid(),
  title: z.string(),
  terms: termsSchema,
  closesAt: z.string().nullable(),
  createdAt: z.string(),
  gone: z.boolean(),
  /** Cases by where they stand. */
  cases: z.record(z.string(), z.number()),
});
export type SetView = Received<z.infer<typeof setSchema>>;

export const classSchema = z.object({
  id: z.uuid(),
  name: z.string(),
  gone: z.boolean(),
  mine: z.boolean(),
  instructor: z.string(),
  members: z.number(),
});
export type ClassSummary = Received<z.infer<typeof classSchema>>;

/** A class: to its instructor with its code and its people. */
export const classViewSchema = classSchema.extend({
  code: z.string().nullable(),
  people: z.array(personSchema),
  sets: z.array(setSchema),
});
export type ClassView = Received<z.infer<typeof classViewSchema>>;

/** A bench, as its instructor sees it from the desk. */
export const benchCardSchema = z.object({
  case: z.uuid(),
  student: z.string(),
  summary: caseSummarySchema,
  /** What it is; the instructor alone sees it, and of a jar of the cabinet nobody until it is reported. */
  identity: z.string().nullable(),
  /** The test that is being done. */
  doing: z.string().nullable(),
  /** Nothing happened for so many minutes. */
  idle: z.number(),
  trouble: z.array(z.enum(['stuck', 'out-of-sample', 'hazard'])),
});
export type BenchCard = Received<z.infer<typeof benchCardSchema>>;

/** Work that was set, with its benches. */
export const benchesSchema = z.object({ set: setSchema, benches: z.array(benchCardSchema) });
export type Benches = Received<z.infer<typeof benchesSchema>>;

export const reviewSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('returned'), reason: z.string().trim().min(1, 'say what is to be done again').max(2000) }),
  z.strictObject({
    kind: z.literal('marked'),
    marks: z.number().min(0).max(1000),
    of: z.number().positive().max(1000),
    remarks: z.string().trim().max(4000).optional(),
  }),
  z.strictObject({ kind: z.literal('opened-up') }),
]);
export type Review = Received<z.infer<typeof reviewSchema>>;

/** Marks that are proposed for a report, line by line. */
export const markLineSchema = z.object({
  for: z.enum(['claim', 'observation']),
  of: z.string(),
  verdict: z.string(),
  marks: z.number(),
  outOf: z.number(),
});
export type MarkLine = Received<z.infer<typeof markLineSchema>>;
export const proposedMarksSchema = z.object({
  identity: z.string(),
  lines: z.array(markLineSchema),
  marks: z.number(),
  of: z.number(),
});
export type ProposedMarks = Received<z.infer<typeof proposedMarksSchema>>;

export const resultsSchema = z.object({
  rows: z.array(
    z.object({
      case: z.uuid(),
      student: z.string(),
      identity: z.string().nullable(),
      status: statusSchema,
      right: z.array(z.string()),
      wrong: z.array(z.string()),
      missed: z.array(z.string()),
      entries: z.number(),
      minutes: z.number(),
      marks: z.number().nullable(),
      of: z.number().nullable(),
    }),
  ),
  /** What was taken for what: there, claimed, how often. */
  confusions: z.array(z.object({ there: z.string(), claimed: z.string(), count: z.number() })),
  /** By unknown: share of the reports that were wholly right; and how much more often the better half of the class was. */
  items: z.array(
    z.object({ identity: z.string(), reports: z.number(), right: z.number(), discrimination: z.number().nullable() }),
  ),
  /** Minutes at the bench by test, of a case on the average, the longest first. */
  time: z.array(z.object({ test: z.string(), minutes: z.number() })),
  /** Pairs of reports that say much the same in the same order, of different unknowns. */
  alike: z.array(z.object({ a: z.string(), b: z.string(), share: z.number(), example: z.string() })),
});
export type Results = Received<z.infer<typeof resultsSchema>>;
