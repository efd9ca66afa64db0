/** The laboratory as a whole: how it is opened, where it is reached, and what is watched over. */
import type { Received } from '#core/vocabulary/received';
import * as z from 'zod';
import { accountSchema } from './people';

const title = (message: string) => z.string().trim().min(1, message).max(80);

/** What anybody may know who finds the door. */
export const laboratorySchema = z.object({
  /** Null until it was opened. */
  name: z.string().nullable(),
});
export type Laboratory = Received<z.infer<typeof laboratorySchema>>;

/** Whoever holds the one-time address becomes the administrator. */
export const openingSchema = accountSchema.extend({
  token: z.string().max(100),
  name: title('say your name'),
  laboratory: title('give the laboratory a name'),
  /** Name of the first class. */
  class: title('give the first class a name'),
});
export type OpeningAsked = Received<z.input<typeof openingSchema>>;
export const openedSchema = z.object({ person: z.uuid(), class: z.uuid() });

export const backupSchema = z.object({
  at: z.string(),
  file: z.string(),
  megabytes: z.number().nullable(),
  /** When it was last restored on trial. */
  triedAt: z.string().nullable(),
  problem: z.string().nullable(),
});

export const doorsSchema = z.object({
  /** Addresses under which the server is reached. */
  addresses: z.array(z.string()),
  /** Where phones and laptops get the laboratory's own authority, and the SHA-256 of it; null where none is needed. */
  authority: z.object({ address: z.string(), fingerprint: z.string() }).nullable(),
});
export type Doors = Received<z.infer<typeof doorsSchema>>;

export const auditSchema = z.object({ at: z.string(), name: z.string(), act: z.string(), about: z.string() });

/** What whoever keeps the machine looks at. */
export const keepingSchema = z.object({
  /** The last first. */
  backups: z.array(backupSchema),
  audit: z.array(auditSchema),
});
export type Keeping = Received<z.infer<typeof keepingSchema>>;
