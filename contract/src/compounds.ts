/** Compounds and the handbook over HTTP. */
import type { Received } from '#core/vocabulary/received';
import * as z from 'zod';
import { LIST_FORMATS } from '#core/exchange/formats';
import { observationSchema } from '#core/vocabulary/observation';

export const compoundSchema = z.object({
  name: z.string(),
  smiles: z.string(),
  formula: z.string(),
  melts: z.number().optional(),
  boils: z.number().optional(),
  decomposes: z.boolean(),
  /** The sources differ, or we are unsure. */
  uncertain: z.boolean(),
  inWater: z.enum(['soluble', 'partly', 'insoluble']).optional(),
  holds: z.array(z.string()),
  hazards: z.array(z.string()),
  /** How hard it is to find out that it is this, in words. */
  hard: z.string().optional(),
  source: z.string(),
  own: z.boolean(),
});
export type CompoundView = Received<z.infer<typeof compoundSchema>>;

export const importSchema = z.strictObject({
  format: z.enum(LIST_FORMATS),
  text: z.string().min(1, 'the file is empty').max(150000, 'the file is too large; split it'),
});
export const importedSchema = z.object({ taken: z.number(), refused: z.array(z.object({ at: z.number(), why: z.string() })) });

/** What the samples that hold an ion, element or group show in a test, the commonest first; of the many, some are named. */
export const givenSchema = z.object({
  test: z.string(),
  suspect: z.string(),
  samples: z.number(),
  outcomes: z.array(z.object({ see: z.array(observationSchema), samples: z.number(), such: z.array(z.string()) })),
  /** What other amounts or times make of it, in how many of them. */
  otherwise: z.array(z.object({ see: z.array(observationSchema), samples: z.number() })),
});
export type GivenView = Received<z.infer<typeof givenSchema>>;

const equationSideSchema = z.array(z.object({ count: z.number(), formula: z.string(), solid: z.boolean() }));
/** The net ionic equations by which a test shows an ion or element. */
export const equationsSchema = z.object({
  suspect: z.string(),
  equations: z.array(z.object({ left: equationSideSchema, right: equationSideSchema })),
});
export type EquationsView = Received<z.infer<typeof equationsSchema>>;
