/** Passphrases hashed and compared, in a thread of its own: scrypt takes a tenth of a second and 32 MB for each. */
import { randomBytes, scryptSync, type ScryptOptions, timingSafeEqual } from 'node:crypto';
import type { Done } from './crew';

/** RFC 7914. */
const HARDNESS = { r: 8, p: 3, maxmem: 64 * 1024 * 1024 } as const satisfies ScryptOptions;
/** Binary logarithm of the work factor that OWASP's password storage cheat sheet gives as its least for r = 8, p = 3. */
export const USUAL_COST = 15;
const BYTES = 32;
/** Something to compare with where there is nobody, so that it takes as long. */
const nobody = (cost: number) => `${cost}:${'0'.repeat(32)}:${'0'.repeat(64)}`;

/** The same letters however they were typed. @param cost binary logarithm of the work factor. */
const derive = (passphrase: string, salt: Buffer, cost: number) =>
  scryptSync(passphrase.normalize('NFKC'), salt, BYTES, { ...HARDNESS, N: 2 ** cost });

/** What stands in the database: cost, salt and hash; the cost is left out of those from before it was written. */
function readKept(kept: string): { cost: number; salt: Buffer; hash: Buffer } {
  const [hash, salt, cost] = kept.split(':').reverse();
  return {
    cost: cost === undefined ? USUAL_COST : Number(cost),
    salt: Buffer.from(salt!, 'hex'),
    hash: Buffer.from(hash!, 'hex'),
  };
}

export const tasks = {
  /** Salted, as it is kept. */
  hash: ({ passphrase, cost }: { passphrase: string; cost: number }): Done<string> => {
    const salt = randomBytes(16);
    return { value: `${cost}:${salt.toString('hex')}:${derive(passphrase, salt, cost).toString('hex')}` };
  },
  compare: ({ passphrase, kept, cost }: { passphrase: string; kept: string | null; cost: number }): Done<boolean> => {
    const { salt, hash, cost: own } = readKept(kept ?? nobody(cost));
    return { value: timingSafeEqual(derive(passphrase, salt, own), hash) && kept !== null };
  },
};

export type HashingTasks = typeof tasks;
