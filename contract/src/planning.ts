/** The preparation room over HTTP. */
import type { Received } from '#core/vocabulary/received';
import * as z from 'zod';
import { houseRulesSchema } from '#core/scheme/rules';

const date = z.iso.date();
const item = z.string().trim().min(1, 'name it: a formula, or the bottle').max(80);

/** A bottle of the stock. */
export const stockItemSchema = z.strictObject({
  item,
  amount: z.number('write the amount as a number').min(0).max(1e6),
  unit: z.enum(['g', 'mL']),
  purity: z.number().gt(0).max(1).optional(),
  expires: date.optional(),
});

export const stockSchema = z.array(stockItemSchema).max(300, 'at most 300 bottles');
export type StockList = Received<z.infer<typeof stockSchema>>;

export const preparationSchema = z.strictObject({
  tests: z.array(z.string().max(60)).min(1, 'choose at least one test').max(200),
  benches: z.int().min(1, 'at least one bench').max(200, 'at most 200 benches'),
  spare: z.int().min(0).max(50),
  allowance: z.number().min(0).max(5),
  rules: houseRulesSchema,
  unknowns: z
    .array(z.strictObject({ sample: z.string().trim().min(1).max(120), grams: z.number().positive().max(1000) }))
    .max(200),
  stock: stockSchema,
  on: date,
});

/** Of what is printed: the list for the room, the labels, and apart from them the key to the unknowns. */
export const PAPERS_OF_PREPARATION = ['sheet', 'labels', 'key'] as const;
export const printingSchema = z.strictObject({
  asked: preparationSchema,
  paper: z.enum(PAPERS_OF_PREPARATION),
  /** By which the unknowns are dealt out: the same number, the same key. */
  deal: z.int().nonnegative(),
});
export type PreparationPrinting = Received<z.infer<typeof printingSchema>>;
