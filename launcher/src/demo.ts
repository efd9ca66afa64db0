import { existsSync, statSync } from 'node:fs';
import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { migrate } from '../../server/src/db/pool';
import { loadDemo } from '../../server/src/demo/load';
import { type Running, startServer } from '../../server/src/start';
import { type Cluster, dataFolder, removeCluster, startCluster } from './cluster';
import { UserError } from './errors';
import { ROOT, run, say } from './run';

export const WEB = join(ROOT, 'dist', 'web');
const DEFAULT_PORT = 4173;

async function newest(folder: string): Promise<number> {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  return entries.reduce((latest, e) => (e.isFile() ? Math.max(latest, statSync(join(e.parentPath, e.name)).mtimeMs) : latest), 0);
}

/** Builds the interface when its sources are newer than what was built. */
export async function buildWeb(): Promise<void> {
  const built = join(WEB, 'index.html');
  const sources = await Promise.all(['web', 'core/src', 'contract/src'].map((f) => newest(join(ROOT, f))));
  if (existsSync(built) && statSync(built).mtimeMs > Math.max(...sources, statSync(join(ROOT, 'package-lock.json')).mtimeMs))
    return;
  say('building the interface …');
  const result = await run('npx', ['--no-install', 'vite', 'build', '--config', 'web/vite.config.ts', '--logLevel', 'error'], {
    quiet: true,
  });
  if (result.code !== 0) throw new UserError(`the interface could not be built:\n${result.output}`, 1);
}

function port(): number {
  const text = process.env['PORT'];
  if (!text) return DEFAULT_PORT;
  const value = Number(text);
  if (!Number.isInteger(value) || value < 1 || value > 65535)
    throw new UserError(`PORT is "${text}"; give a number from 1 to 65535`);
  return value;
}

async function serve(databaseUrl: string): Promise<Running> {
  try {
    return await startServer({ databaseUrl, port: port(), web: WEB });
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === 'EADDRINUSE')
      throw new UserError(`port ${port()} is taken: stop what listens there, or choose another with PORT=… ./foxing demo`, 1);
    if (code === 'EACCES')
      throw new UserError(`port ${port()} may not be opened by this user: choose one above 1024 with PORT=…`, 1);
    throw error;
  }
}

const stopped = () =>
  new Promise<void>((resolve) => ['SIGINT', 'SIGTERM', 'SIGHUP'].forEach((s) => process.once(s, () => resolve())));

async function prepare(url: string, withDemo: boolean): Promise<void> {
  try {
    await migrate(url);
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    throw new UserError(
      `the database does not answer or cannot be migrated: ${message || code}; check DATABASE_URL if you set it`,
      1,
    );
  }
  if (withDemo && (await loadDemo(url))) say('loaded the demo cases.');
}

/** Serves the demo (or, as `start`, whatever the database holds) until it is stopped. */
export async function demo(args: readonly string[], command: 'demo' | 'start'): Promise<number> {
  const unknown = args.find((a) => a !== '--reset' || command === 'start');
  if (unknown) throw new UserError(`${command} does not know "${unknown}"; ./foxing help lists what it takes`);
  const given = process.env['DATABASE_URL'];
  const reset = args.includes('--reset');
  if (reset && given) throw new UserError('--reset is for the private database only; empty the one at DATABASE_URL yourself');
  const stop = stopped();
  await buildWeb();
  let cluster: Cluster | null = null;
  let server: Running | null = null;
  try {
    if (!given) {
      const folder = dataFolder();
      cluster = await startCluster(folder);
      if (reset) {
        await cluster.stop();
        removeCluster(folder);
        cluster = await startCluster(folder);
      }
    }
    const url = given ?? cluster!.url;
    await prepare(url, command === 'demo');
    server = await serve(url);
    process.stdout.write(`Foxing is at ${server.url} (Ctrl-C stops it)\n`);
    await stop;
    say('stopping …');
  } finally {
    await server?.close();
    await cluster?.stop();
  }
  return 0;
}
