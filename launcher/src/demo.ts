/** `demo` and `start`: Foxing served from here. What it serves with is loaded when it comes to that, so that a slip is told at once. */
import { APPLICATION, type Cluster, dataFolder, removeCluster, startCluster } from './cluster';
import { UserError } from './errors';
import { prepare } from './prepared';
import { say } from './run';
import { buildWeb, WEB } from './web';

const DEFAULT_PORT = 4173;

function port(): number {
  const text = process.env['PORT'];
  if (!text) return DEFAULT_PORT;
  const value = Number(text);
  if (!Number.isInteger(value) || value < 1 || value > 65535)
    throw new UserError(`PORT is "${text}"; give a number from 1 to 65535`);
  return value;
}

/** Asked to stop. Asked again it goes on stopping, so that neither the server nor the database is left behind. */
const stopped = () =>
  new Promise<void>((resolve) => ['SIGINT', 'SIGTERM', 'SIGHUP'].forEach((s) => process.on(s, () => resolve())));

/** Names under which the server may be reached besides localhost, apart by commas. */
const hosts = () => process.env['FOXING_HOSTS']?.split(',').map((h) => h.trim()) ?? [];

/** An empty database begins with its keeper. @returns false when somebody is there already. */
async function begin(databaseUrl: string): Promise<boolean> {
  const [{ openPool }, { beginWithKeeper }] = await Promise.all([
    import('../../server/src/db/pool'),
    import('../../server/src/people/store'),
  ]);
  const db = openPool(databaseUrl);
  try {
    return await beginWithKeeper(db, 'Keeper');
  } finally {
    await db.end();
  }
}

/** The private cluster, emptied first if that is asked for. */
async function privateCluster(reset: boolean): Promise<Cluster> {
  const folder = dataFolder();
  const cluster = await startCluster(folder);
  if (!reset) return cluster;
  await cluster.stop();
  removeCluster(folder);
  return startCluster(folder);
}

/** Serves the demo (or, as `start`, whatever the database holds) until it is stopped. */
export async function demo(args: readonly string[], command: 'demo' | 'start'): Promise<number> {
  const unknown = args.find((a) => a !== '--reset' || command === 'start');
  if (unknown) throw new UserError(`${command} does not know "${unknown}"; ./foxing help lists what it takes`);
  const given = process.env['DATABASE_URL'];
  const reset = args.includes('--reset');
  if (reset && given) throw new UserError('--reset is for the private database only; empty the one at DATABASE_URL yourself');
  const settings = { port: port(), web: WEB, hosts: hosts() };
  const stop = stopped();
  await buildWeb();
  const cluster = given ? null : await privateCluster(reset);
  try {
    const databaseUrl = given ?? cluster!.url;
    await prepare(given ?? cluster!.ownerUrl, cluster ? APPLICATION : undefined);
    if (command === 'demo') {
      if (await (await import('../../server/src/demo/load')).loadDemo(databaseUrl)) say('loaded the demo cases.');
    } else if (await begin(databaseUrl)) say('the database was empty; it begins with you as its administrator.');
    const { Supervisor } = await import('./supervisor');
    const supervisor = await Supervisor.start({ ...settings, databaseUrl }, cluster);
    process.stdout.write(`Foxing is at ${supervisor.url} (Ctrl-C stops it)\n`);
    await stop;
    say('stopping …');
    await supervisor.stop();
  } finally {
    await cluster?.stop();
  }
  return 0;
}
