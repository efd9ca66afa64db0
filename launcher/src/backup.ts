/** `backup FILE` and `restore FILE`: the whole database in one file, and out of it into an empty one. */
import { closeSync, existsSync, fsyncSync, mkdirSync, openSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import pg from 'pg';
import { dataFolder, programsFor } from './cluster';
import { UserError } from './errors';
import { onDatabase } from './on-database';
import { run, say } from './run';

/** What is worth nothing in another place: answers that can be worked out again, and who was signed in. */
const LEFT_OUT = ['reasoning_answer', 'session', 'known_device', 'attempt'];

function fileOf(command: string, args: readonly string[]): string {
  const [file, ...more] = args;
  if (file === undefined || more.length)
    throw new UserError(`${command} takes one file, such as ./foxing ${command} foxing.backup`);
  return resolve(file);
}

/** The password goes by the environment, where other people of the machine do not see it. */
async function tool(name: string, url: string, args: readonly string[]): Promise<void> {
  const { username, password, hostname, port, pathname } = new URL(url);
  const program = join(await programsFor(dataFolder()), name);
  const where = ['-h', hostname, '-p', port || '5432', '-U', username, '-d', pathname.slice(1)];
  const { code, output } = await run(program, [...where, ...args], {
    env: { PGPASSWORD: decodeURIComponent(password) },
    quiet: true,
  });
  if (code !== 0) throw new UserError(`${name} did not come to its end: ${output.trim().split('\n').at(-1) ?? code}`, 1);
}

/**
 * Writes the database as it is at one moment, also while people work: under another name until it is whole and on the disk.
 * @returns its size in bytes.
 */
export async function dump(url: string, file: string): Promise<number> {
  const half = `${file}.half`;
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  // It holds everything that anybody wrote: nobody else on the machine reads it.
  writeFileSync(half, '', { mode: 0o600 });
  try {
    await tool('pg_dump', url, ['-Fc', '-f', half, ...LEFT_OUT.map((t) => `--exclude-table-data=${t}`)]);
    const written = openSync(half, 'r');
    fsyncSync(written);
    closeSync(written);
    renameSync(half, file);
  } finally {
    rmSync(half, { force: true });
  }
  return statSync(file).size;
}

export async function backup(args: readonly string[]): Promise<number> {
  const file = fileOf('backup', args);
  if (existsSync(file)) throw new UserError(`${file} is there already; name another file`);
  await onDatabase((url) => dump(url, file));
  say(`the backup is in ${file}.`);
  return 0;
}

const RESTORING = ['--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction'];

/**
 * Restores a backup into a database made for it, counts what is in it, and takes it away again.
 * @returns how many events there are.
 * @throws when it cannot be restored.
 */
export async function tryRestore(url: string, file: string): Promise<number> {
  const name = `foxing_trial_${Date.now()}`;
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    await client.query(`create database ${name}`);
    const trial = new URL(url);
    trial.pathname = `/${name}`;
    await tool('pg_restore', trial.href, [...RESTORING, file]);
    const restored = new pg.Client({ connectionString: trial.href });
    await restored.connect();
    try {
      return Number((await restored.query<{ n: string }>('select count(*) as n from case_event')).rows[0]!.n);
    } finally {
      await restored.end();
    }
  } finally {
    await client.query(`drop database if exists ${name}`).catch(() => undefined);
    await client.end();
  }
}

async function isEmpty(url: string): Promise<boolean> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query("select 1 from pg_tables where schemaname = 'public' limit 1")).rowCount === 0;
  } finally {
    await client.end();
  }
}

/** Fills an empty database, all or nothing. */
export async function restore(args: readonly string[]): Promise<number> {
  const file = fileOf('restore', args);
  if (!existsSync(file)) throw new UserError(`there is no file ${file}`);
  await onDatabase(async (url) => {
    if (!(await isEmpty(url)))
      throw new UserError('there is something in this database already: set FOXING_DATA to another folder and restore into that');
    await tool('pg_restore', url, [...RESTORING, file]);
  });
  say('restored; ./foxing start serves it.');
  return 0;
}
