/** Passphrases as they are kept: scrypt, salted; 32 MB of memory for each guess. */
import { randomBytes, scrypt, type ScryptOptions, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';

const derive = promisify<string, Buffer, number, ScryptOptions, Buffer>(scrypt);
/** RFC 7914 with the work factor that OWASP's password storage cheat sheet gives as its least for r = 8, p = 3. */
const COST: ScryptOptions = { N: 2 ** 15, r: 8, p: 3, maxmem: 64 * 1024 * 1024 };
const BYTES = 32;

/** The same letters however they were typed. */
const plain = (passphrase: string) => passphrase.normalize('NFKC');

export async function hashed(passphrase: string): Promise<string> {
  const salt = randomBytes(16);
  return `${salt.toString('hex')}:${(await derive(plain(passphrase), salt, BYTES, COST)).toString('hex')}`;
}

/** Something to compare with where there is nobody, so that it takes as long. */
const NOBODY = `${'0'.repeat(32)}:${'0'.repeat(64)}`;

export async function isPassphrase(passphrase: string, kept: string | null): Promise<boolean> {
  const [salt, hash] = (kept ?? NOBODY).split(':');
  const given = await derive(plain(passphrase), Buffer.from(salt!, 'hex'), BYTES, COST);
  return timingSafeEqual(given, Buffer.from(hash!, 'hex')) && kept !== null;
}
