import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';
import pg from 'pg';

export type Db = pg.Pool;
export type Tx = pg.PoolClient;

export function openPool(url: string): Db {
  const pool = new pg.Pool({ connectionString: url, max: 10 });
  // An idle connection that the server drops must not end the process; the next query opens another.
  pool.on('error', () => undefined);
  return pool;
}

/** Brings the database to the newest schema. */
export async function migrate(url: string): Promise<void> {
  await runner({
    databaseUrl: url,
    dir: fileURLToPath(new URL('./migrations', import.meta.url)),
    direction: 'up',
    migrationsTable: 'migration',
    checkOrder: true,
    log: () => undefined,
  });
}

/** Runs `work` in one transaction; any error undoes all of it. */
export async function transaction<T>(db: Db, work: (tx: Tx) => Promise<T>): Promise<T> {
  const tx = await db.connect();
  try {
    await tx.query('begin');
    const result = await work(tx);
    await tx.query('commit');
    return result;
  } catch (error) {
    await tx.query('rollback');
    throw error;
  } finally {
    tx.release();
  }
}
