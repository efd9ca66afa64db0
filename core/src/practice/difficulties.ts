/** The table of how hard every unknown is, as it was computed with the atlases. */
import * as z from 'zod';
import type { Difficulties } from './rung';

const difficultiesSchema = z.record(
  z.string(),
  z.object({
    tests: z.number(),
    minutes: z.number(),
    right: z.number(),
    confused: z.array(z.tuple([z.string(), z.number()])),
  }),
);

/** @throws ZodError when it is no such table. */
export const difficultiesFrom = (json: unknown): Difficulties => difficultiesSchema.parse(json);
