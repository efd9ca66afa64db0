import { readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';
import pg from 'pg';

export type Db = pg.Pool;
/** Where a statement can be sent. */
export type Queryable = Pick<Db, 'query'> | pg.PoolClient;

const LIMITS = {
  max: 10,
  connectionTimeoutMillis: 5000,
  statement_timeout: 15000,
  query_timeout: 20000,
  lock_timeout: 5000,
  idle_in_transaction_session_timeout: 15000,
  keepAlive: true,
} as const;

export function openPool(url: string): Db {
  const pool = new pg.Pool({ connectionString: url, ...LIMITS });
  // An idle connection that the server drops must not end the process; the next query opens another.
  pool.on('error', () => undefined);
  // Nor one that is lost while in use: its query fails, and says so.
  pool.on('connect', (client) => client.on('error', () => undefined));
  return pool;
}

const MIGRATIONS = fileURLToPath(new URL('./migrations', import.meta.url));

/** The database was written by a program that knows more than this one. */
export class LaterDatabase extends Error {
  override readonly name = 'LaterDatabase';
}

const known = () => readdirSync(MIGRATIONS).map((file) => file.replace(/\.sql$/, ''));

/** Names of the migrations that a database has been through; none where it is empty. */
async function migrationsDone(url: string): Promise<string[]> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    const { rows: there } = await client.query("select to_regclass('public.migration') is not null as is");
    if (!there[0].is) return [];
    return (await client.query<{ name: string }>('select name from migration order by id')).rows.map((r) => r.name);
  } finally {
    await client.end();
  }
}

/** Is this a database of an earlier version, which the next start changes? An empty one is not. */
export async function isOfEarlierVersion(url: string): Promise<boolean> {
  const done = await migrationsDone(url);
  return done.length > 0 && known().some((name) => !done.includes(name));
}

/** @throws LaterDatabase naming a migration that is not known here. */
async function refuseLater(url: string): Promise<void> {
  const names = known();
  const later = (await migrationsDone(url)).find((name) => !names.includes(name));
  if (later !== undefined)
    throw new LaterDatabase(
      `this database was written by a later version of Foxing (${later} is not known here): start that version, or begin with another folder`,
    );
}

/**
 * Brings the database to the newest schema.
 * @param url of a role that owns the tables.
 * @param upTo how many migrations to run; all by default.
 */
export async function migrate(url: string, upTo = Infinity): Promise<void> {
  await refuseLater(url);
  await runner({
    databaseUrl: url,
    dir: MIGRATIONS,
    direction: 'up',
    count: upTo,
    migrationsTable: 'migration',
    checkOrder: true,
    // All of them or none: a migration that fails leaves the database as it was.
    singleTransaction: true,
    log: () => undefined,
  });
}

/** Runs `work` in one transaction, or as a part of the one that is under way; any error undoes all of it. */
export async function transaction<T>(db: Queryable, work: (tx: Queryable) => Promise<T>): Promise<T> {
  if (!(db instanceof pg.Pool)) return work(db);
  const tx = await db.connect();
  try {
    await tx.query('begin');
    const result = await work(tx);
    await tx.query('commit');
    tx.release();
    return result;
  } catch (error) {
    // A connection whose rollback fails is of no more use.
    await tx.query('rollback').then(
      () => tx.release(),
      (lost: Error) => tx.release(lost),
    );
    throw error;
  }
}

/** SQLSTATE classes and socket errors that say the database cannot be reached or is going away. */
const AWAY_STATES = /^(08|57P0|53300|55P03|57014|25P03)/;
const AWAY_CODES = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT', 'ENOTFOUND', 'ENOENT']);
const AWAY_WORDS = /connection terminated|timeout exceeded when trying to connect|query read timeout|cannot use a pool after/i;

export type Trouble = 'away' | 'disk-full';

/** What is wrong with the database, if an error says that it is; null for any other error. */
export function troubleIn(error: unknown): Trouble | null {
  const { code = '', message = '' } = (error ?? {}) as { code?: string; message?: string };
  if (code === '53100' || code === 'ENOSPC') return 'disk-full';
  return AWAY_STATES.test(code) || AWAY_CODES.has(code) || AWAY_WORDS.test(message) ? 'away' : null;
}
