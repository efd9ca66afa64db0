/** A database made ready to be served: migrated, its old cases replayed, the application's role given its rows. */
import pg from 'pg';
import { readUnread } from '../cases/whole';
import { migrate, openPool } from './pool';
import { replayBefore } from './replay';
import { grantRows } from './roles';

export interface Prepared {
  /** Cases from before results were kept: how many were replayed, and which could not be to the end. */
  readonly replayed: number;
  readonly unreplayable: readonly string[];
}

/**
 * @param ownerUrl of the role that owns the tables.
 * @param role the application's, where it is another.
 */
export async function prepareDatabase(ownerUrl: string, role?: string): Promise<Prepared> {
  await migrate(ownerUrl);
  const db = openPool(ownerUrl);
  try {
    const replayed = await replayBefore(db);
    await readUnread(db);
    return replayed;
  } finally {
    await db.end();
    if (role !== undefined) await grantRows(ownerUrl, role);
  }
}

/** Is the database there at all? @throws what the driver says. */
export async function reach(url: string): Promise<void> {
  const client = new pg.Client({ connectionString: url, connectionTimeoutMillis: 5000 });
  try {
    await client.connect();
  } finally {
    await client.end().catch(() => undefined);
  }
}
