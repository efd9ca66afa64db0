/** `passphrase LOGIN`: a new passphrase for anybody, the keeper too, by whoever may use this machine's command line. */
import { randomBytes } from 'node:crypto';
import { openPool } from '../../server/src/db/pool';
import { Passphrases } from '../../server/src/people/passphrase';
import { closeAllSessions, findLogin, setPassphrase } from '../../server/src/people/store';
import { hashingCrew } from '../../server/src/workers/crews';
import { UserError } from './errors';
import { onDatabase } from './on-database';

/** Four groups that are read aloud and typed without mistakes. */
const fresh = () => (randomBytes(10).toString('hex').match(/.{5}/g) ?? []).join('-');

/** Prints the new passphrase; all sessions of theirs end. */
export async function passphrase(args: readonly string[]): Promise<number> {
  const [login, ...more] = args;
  if (login === undefined || more.length) throw new UserError('passphrase takes one login, such as ./foxing passphrase keeper');
  return onDatabase(async (url) => {
    const db = openPool(url);
    const crew = await hashingCrew();
    try {
      const person = await findLogin(db, login.trim().toLowerCase());
      if (!person) throw new UserError(`nobody signs in as "${login}"`);
      const given = fresh();
      await setPassphrase(db, person.id, await new Passphrases(crew).hashed(given), null);
      await closeAllSessions(db, person.id);
      process.stdout.write(`${person.name} signs in with: ${given}\n`);
      return 0;
    } finally {
      await crew.close();
      await db.end();
    }
  });
}
