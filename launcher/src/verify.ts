/** Recomputes the chains of all cases of a database. */
import { verifyAtOneMoment } from '../../server/src/cases/chain';
import { openPool } from '../../server/src/db/pool';
import { UserError } from './errors';
import { onDatabase } from './on-database';

/** Prints what was found as one JSON document. @returns 1 when a chain is broken. */
export async function verify(args: readonly string[]): Promise<number> {
  if (args.length) throw new UserError(`verify takes nothing; not "${args.join(' ')}"`);
  return onDatabase(async (url) => {
    const db = openPool(url);
    try {
      const found = await verifyAtOneMoment(db);
      process.stdout.write(`${JSON.stringify(found, null, 2)}\n`);
      return found.broken.length ? 1 : 0;
    } finally {
      await db.end();
    }
  });
}
