/** `backup FILE` and `restore FILE`: the whole database in one file, and out of it into an empty one. */
import { existsSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
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

/** Writes the database as it is at one moment, also while people work. */
export async function backup(args: readonly string[]): Promise<number> {
  const file = fileOf('backup', args);
  if (existsSync(file)) throw new UserError(`${file} is there already; name another file`);
  // It holds everything that anybody wrote: nobody else on the machine reads it.
  writeFileSync(file, '', { mode: 0o600, flag: 'wx' });
  await onDatabase((url) => tool('pg_dump', url, ['-Fc', '-f', file, ...LEFT_OUT.map((t) => `--exclude-table-data=${t}`)]));
  say(`the backup is in ${file}.`);
  return 0;
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
    await tool('pg_restore', url, ['--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction', file]);
  });
  say('restored; ./foxing start serves it.');
  return 0;
}
