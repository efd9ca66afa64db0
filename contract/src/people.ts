/** People, how they sign in, and the jars on the shelf. */
import type { Received } from '#core/vocabulary/received';
import * as z from 'zod';

export const ROLES = ['student', 'instructor', 'keeper'] as const;
export const roleSchema = z.enum(ROLES);
export type Role = Received<z.infer<typeof roleSchema>>;

export const personSchema = z.object({ id: z.uuid(), name: z.string(), role: roleSchema });
export type Person = Received<z.infer<typeof personSchema>>;

/** Who asks, and how people are told apart here. */
export const meSchema = personSchema.extend({
  /** Off on a single machine: whoever sits at it is its local person. */
  accounts: z.boolean(),
  /** Made-up people of the demo that one may be with one press. */
  madeUp: z.array(personSchema),
  /** Signs in with a passphrase, also where accounts are off and nobody has to. */
  hasPassphrase: z.boolean(),
  /** Who gave this person the passphrase in force, and when; null where they chose it themselves. */
  reset: z.object({ by: z.string(), at: z.string() }).nullable(),
});
export type Me = Received<z.infer<typeof meSchema>>;

const login = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[a-z0-9][a-z0-9._-]{2,39}$/, 'a login has 3 to 40 letters, digits, dots, dashes or underscores');
const passphrase = z
  .string()
  .min(10, 'a passphrase has at least 10 characters: a few words will do')
  .max(200, 'a passphrase has at most 200 characters');
const name = z.string().trim().min(1, 'say your name').max(80);

export const signInSchema = z.strictObject({ login: z.string().max(100), passphrase: z.string().max(200) });
export const accountSchema = z.strictObject({ login, passphrase });
export const joinSchema = z.strictObject({ code: z.string().trim().toUpperCase().max(20), name, login, passphrase });
export const newPersonSchema = z.strictObject({ name, login, passphrase, role: z.enum(['instructor', 'student']) });
/** One that somebody is given. */
export const passphraseSchema = z.strictObject({ passphrase });
/** One's own, changed by who knows the one in force. */
export const ownPassphraseSchema = z.strictObject({ current: z.string().max(200), passphrase });
/** Somebody who signs in, as the keeper sees them. */
export const accountViewSchema = personSchema.extend({ login: z.string() });
export type AccountView = Received<z.infer<typeof accountViewSchema>>;
export const signOutSchema = z.strictObject({ everywhere: z.boolean().default(false) });
export const beSchema = z.strictObject({ person: z.uuid().nullable() });

/** Easier than most samples, about as hard, or harder. */
export const JAR_LEVELS = ['easier', 'middling', 'harder'] as const;

/** A jar on the shelf: what its label says, never what is in it. */
export const jarSchema = z.object({
  id: z.string(),
  name: z.string(),
  look: z.string(),
  story: z.string(),
  matter: z.enum(['salt', 'compound']),
  /** Null where it was not worked out. */
  level: z.enum(JAR_LEVELS).nullable(),
});
export type Jar = Received<z.infer<typeof jarSchema>>;
