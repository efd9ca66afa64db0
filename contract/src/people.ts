/** People, and the jars on the shelf. */
import * as z from 'zod';

export const personSchema = z.object({ id: z.uuid(), name: z.string() });
export type Person = z.infer<typeof personSchema>;

/** A jar on the shelf: what its label says, never what is in it. */
export const jarSchema = z.object({
  id: z.string(),
  name: z.string(),
  look: z.string(),
  story: z.string(),
  matter: z.enum(['salt', 'compound']),
});
export type Jar = z.infer<typeof jarSchema>;
