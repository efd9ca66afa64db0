/** How an examination paper is written down. */
import * as z from 'zod';
import { opSchema } from '../bench/ops';

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
export type PaperParts = z.infer<typeof partsSchema>;

export const paperSchema = partsSchema.extend({
  salts: z
    .array(z.strictObject({ formula: z.string().trim().min(1).max(80), grams: z.number().positive().max(100) }))
    .min(1)
    .max(4),
});
export type Paper = z.infer<typeof paperSchema>;

export const SOLUTION = 'Q';
