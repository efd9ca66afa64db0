/** The reasoning over HTTP. */
import type { Received } from '#core/vocabulary/received';
import * as z from 'zod';
import { compoundSchema } from './compounds';

export const suspectSchema = z.object({
  id: z.string(),
  state: z.enum(['open', 'hinted', 'indicated', 'confirmed', 'ruled-out', 'conflict']),
  probability: z.number(),
  /** The same were the sample none of the compounds that have a name: for salts no other. */
  unnamed: z.number(),
  because: z.array(z.object({ entry: z.number(), decibans: z.number(), text: z.string() })),
  /** Of what is likely but not confirmed: the quickest test that would prove it. */
  proof: z.string().nullable(),
});
export type SuspectView = Received<z.infer<typeof suspectSchema>>;

export const adviceSchema = z.object({
  test: z.string(),
  bits: z.number(),
  minutes: z.number(),
  sample_mg: z.number(),
  hazard: z.enum(['low', 'medium', 'high']),
  why: z.string(),
  splits: z.array(z.object({ outcome: z.string(), probability: z.number() })),
  /** Another test worth doing, that is done while one waits for this one. */
  meanwhile: z.string().optional(),
});
export type AdviceView = Received<z.infer<typeof adviceSchema>>;

/** How long to think about a record: as long as someone waits, or until mixtures were looked at thoroughly. */
export const effortSchema = z.enum(['prompt', 'thorough']);
export type Effort = Received<z.infer<typeof effortSchema>>;

/** What the record proves; or, when the house wants the person's own inference first, the entries that wait for one. */
export const reasoningSchema = z.union([
  z.object({ waiting: z.array(z.number()).min(1) }),
  z.object({
    waiting: z.null(),
    suspects: z.array(suspectSchema),
    candidates: z.array(
      z.object({
        ions: z.array(z.string()),
        probability: z.number(),
        against: z.array(z.number()),
        name: z.string().optional(),
        compound: compoundSchema.optional(),
      }),
    ),
    /** Of a compound: the test that best parts the likeliest few. */
    parting: adviceSchema.nullable(),
    /** Of a compound: nothing in the library explains the record; only elements and groups are certain. */
    beyond: z.boolean(),
    conflicts: z.array(
      z.object({
        entry: z.number(),
        ions: z.array(z.string()),
        against: z.array(z.number()),
        text: z.string(),
        settle: z.string().nullable(),
      }),
    ),
    unused: z.array(z.object({ entry: z.number(), why: z.string() })),
    next: z.array(adviceSchema),
    /** A first answer, given quickly because many wait: a thorough look says more. */
    first: z.boolean(),
    /** A thorough look may find better: the likeliest is a mixture, or leaves something unexplained. */
    further: z.boolean(),
  }),
]);
export type ReasoningView = Received<z.infer<typeof reasoningSchema>>;
