/** Passphrases hashed and compared, in a thread of its own: scrypt takes a tenth of a second and 32 MB for each. */
import { randomBytes, scryptSync, type ScryptOptions, timingSafeEqual } from 'node:crypto';
import type { Done } from './crew';

/** RFC 7914 with the work factor that OWASP's password storage cheat sheet gives as its least for r = 8, p = 3. */
const COST: ScryptOptions = { N: 2 ** 15, r: 8, p: 3, maxmem: 64 * 1024 * 1024 };
const BYTES = 32;
/** Something to compare with where there is nobody, so that it takes as long. */
const NOBODY = `${'0'.repeat(32)}:${'0'.repeat(64)}`;

/** The same letters however they were typed. */
const derive = (passphrase: string, salt: Buffer) => scryptSync(passphrase.normalize('NFKC'), salt, BYTES, COST);

export const tasks = {
  /** Salted, as it is kept. */
  hash: (passphrase: string): Done<string> => {
    const salt = randomBytes(16);
    return { value: `${salt.toString('hex')}:${derive(passphrase, salt).toString('hex')}` };
  },
  compare: ({ passphrase, kept }: { passphrase: string; kept: string | null }): Done<boolean> => {
    const [salt, hash] = (kept ?? NOBODY).split(':');
    const given = derive(passphrase, Buffer.from(salt!, 'hex'));
    return { value: timingSafeEqual(given, Buffer.from(hash!, 'hex')) && kept !== null };
  },
};

export type HashingTasks = typeof tasks;
