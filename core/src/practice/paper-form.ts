/** How an examination paper is written down. */
import type { Received } from '../vocabulary/received';
import * as z from 'zod';
import { opSchema } from '../bench/ops';
import { observationSchema } from '../vocabulary/observation';

const letter = z.string().regex(/^[a-z]$/, 'a part is named by a small letter');

/** What candidates are told: a solution, and numbered parts, each in a tube of its letter. */
export const partsSchema = z.strictObject({
  title: z.string().trim().min(1, 'give the paper a title').max(80),
  /** Of the solution Q, mL. */
  mL: z.number().positive().max(200),
  parts: z
    .array(z.strictObject({ letter, ops: z.array(opSchema).min(1, 'say what is to be done').max(12) }))
    .min(1, 'write at least one part')
    .max(15),
});
export type PaperParts = Received<z.infer<typeof partsSchema>>;

export const paperSchema = partsSchema.extend({
  salts: z
    .array(z.strictObject({ formula: z.string().trim().min(1).max(80), grams: z.number().positive().max(100) }))
    .min(1)
    .max(4),
});
export type Paper = Received<z.infer<typeof paperSchema>>;

export const SOLUTION = 'Q';

/** Marks for one line; none for a line that does not count. */
const marks = z.number().min(0).max(20);

/** What a part is worth, and for what. */
export const partSchemeSchema = z.strictObject({
  letter,
  does: z.array(z.string().max(300)).max(12),
  shows: z.array(z.strictObject({ see: observationSchema, marks })).max(12),
  /** The gas that comes off is owed a test, and what that shows. */
  owed: z
    .strictObject({
      name: z.string().max(60),
      op: opSchema,
      see: z.array(observationSchema).max(8),
      tells: z.array(z.string().max(30)).max(8),
      marks,
    })
    .nullable(),
  /** Ions that may be inferred. */
  infers: z.array(z.strictObject({ ion: z.string().trim().min(1).max(30), marks })).max(12),
});
export type PartScheme = Received<z.infer<typeof partSchemeSchema>>;
export const paperSchemeSchema = z.array(partSchemeSchema).min(1).max(15);

/** Worked on the simulated bench, or with tubes that really stand there. */
export const TUBES = ['simulated', 'real'] as const;
export type Tubes = (typeof TUBES)[number];
