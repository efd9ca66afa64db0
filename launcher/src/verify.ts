/** Recomputes the chains of all cases of a database. */
import { verifyChains } from '../../server/src/cases/chain';
import { openPool } from '../../server/src/db/pool';
import { dataFolder, runningUrl, startCluster } from './cluster';
import { UserError } from './errors';

/** Prints what was found as one JSON document. @returns 1 when a chain is broken. */
export async function verify(args: readonly string[]): Promise<number> {
  if (args.length) throw new UserError(`verify takes nothing; not "${args.join(' ')}"`);
  const reached = process.env['DATABASE_URL'] ?? runningUrl(dataFolder());
  const cluster = reached === null ? await startCluster(dataFolder()) : null;
  const db = openPool(reached ?? cluster!.ownerUrl);
  try {
    const found = await verifyChains(db);
    process.stdout.write(`${JSON.stringify(found, null, 2)}\n`);
    return found.broken.length ? 1 : 0;
  } finally {
    await db.end();
    await cluster?.stop();
  }
}
