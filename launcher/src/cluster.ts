/** A private PostgreSQL cluster on loopback, run by an unprivileged user. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { chownSync, existsSync, mkdirSync, readFileSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { UserError } from './errors';
import { ensurePostgres } from './packages';
import { isRoot, ROOT, run, type RunOptions } from './run';

export interface Cluster {
  readonly url: string;
  stop(): Promise<void>;
}

const NEEDED_BYTES = 300e6;

/** As root the data lies where the database's own user can reach it; otherwise in the project. */
export function dataFolder(name = 'postgres'): string {
  if (process.env['FOXING_DATA']) return join(process.env['FOXING_DATA'], name);
  if (!isRoot()) return join(ROOT, '.foxing', name);
  return join('/var/lib/foxing', createHash('sha256').update(ROOT).digest('hex').slice(0, 12), name);
}

function databaseUser(): Pick<RunOptions, 'uid' | 'gid'> {
  if (!isRoot()) return {};
  const id = (flag: string) => Number(spawnSync('id', [flag, 'postgres'], { encoding: 'utf8' }).stdout);
  const uid = id('-u');
  if (!uid)
    throw new UserError(
      "as root the database runs as the user postgres, who does not exist: install Debian's package postgresql",
      1,
    );
  return { uid, gid: id('-g') };
}

function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.on('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

function roomOnDisk(folder: string): void {
  const disk = statfsSync(folder);
  const free = disk.bavail * disk.bsize;
  if (free < NEEDED_BYTES)
    throw new UserError(
      `the disk that holds ${folder} has ${Math.round(free / 1e6)} MB free; Foxing needs ${NEEDED_BYTES / 1e6} MB`,
      1,
    );
}

const lastLine = (text: string) => text.trim().split('\n').at(-1) || 'no reason given';

/** Is the process whose number stands in this file still there? */
function alive(file: string): boolean {
  try {
    process.kill(Number(readFileSync(file, 'utf8')), 0);
    return true;
  } catch {
    return false;
  }
}

/** Starts the cluster in `folder`, making it first if it is not there. */
export async function startCluster(folder: string): Promise<Cluster> {
  const bin = await ensurePostgres();
  const user = databaseUser();
  const parent = dirname(folder);
  mkdirSync(parent, { recursive: true, mode: 0o755 });
  roomOnDisk(parent);
  if (user.uid !== undefined) chownSync(parent, user.uid, user.gid!);
  const attempt = (program: string, args: readonly string[], more: RunOptions = {}) =>
    run(join(bin, program), args, { ...user, quiet: true, ...more });

  if (!existsSync(join(folder, 'PG_VERSION'))) {
    const made = await attempt('initdb', ['-D', folder, '-U', 'foxing', '-A', 'trust', '-E', 'UTF8', '--locale=C.UTF-8', '-N']);
    if (made.code !== 0) throw new UserError(`the database could not be made in ${folder}: ${lastLine(made.output)}`, 1);
  }
  const owner = `${folder}.owner`;
  const running = await attempt('pg_ctl', ['-D', folder, 'status']);
  if (running.code === 0) {
    if (alive(owner))
      throw new UserError(
        `the database in ${folder} is in use: is Foxing running already? Stop it first, or set FOXING_DATA to another folder`,
        1,
      );
    // A launcher that was killed left it running: take it over.
    await attempt('pg_ctl', ['-D', folder, '-m', 'fast', '-w', 'stop']);
  }
  writeFileSync(owner, String(process.pid));
  const port = await freePort();
  const log = join(parent, 'postgres.log');
  const settings = `-p ${port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=''`;
  const started = await attempt('pg_ctl', ['-D', folder, '-l', log, '-o', settings, '-w', '-t', '60', 'start'], {
    detachedOutput: true,
  });
  if (started.code !== 0) {
    const reason = existsSync(log) ? lastLine(readFileSync(log, 'utf8')) : 'it wrote no log';
    throw new UserError(`the database did not start: ${reason} (its log is ${log})`, 1);
  }
  const stop = async () => {
    await attempt('pg_ctl', ['-D', folder, '-m', 'fast', '-w', 'stop']);
  };
  const created = await attempt('createdb', ['-h', '127.0.0.1', '-p', String(port), '-U', 'foxing', 'foxing']);
  if (created.code !== 0 && !created.output.includes('already exists')) {
    await stop();
    throw new UserError(`the database could not be made: ${lastLine(created.output)}`, 1);
  }
  return { url: `postgresql://foxing@127.0.0.1:${port}/foxing`, stop };
}

export function removeCluster(folder: string): void {
  rmSync(folder, { recursive: true, force: true });
}
