/** `serve`: a laboratory's own Foxing, reached by other machines over TLS. */
import { randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import type { Server } from 'node:http';
import { isIP } from 'node:net';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import type { ServerSettings } from '../../server/src/settings';
import type { Authority } from './authority';
import { Backups, readEvery } from './backups';
import { checkMachine } from './check';
import { APPLICATION, dataFolder, startCluster } from './cluster';
import { UserError } from './errors';
import { certificateNames, inUrl, isLoopback, reachedAt } from './names';
import { prepare } from './prepared';
import { say } from './run';
import { Supervisor } from './supervisor';
import { serveTrust } from './trust';
import { buildWeb, WEB } from './web';

const DEFAULT_PORT = 4173;
const A_DAY_MS = 24 * 3600 * 1000;
const OWN = 'own';

type Options = ReturnType<typeof read>;

function read(args: readonly string[]) {
  try {
    return parseArgs({
      args: [...args],
      strict: true,
      options: {
        address: { type: 'string' },
        port: { type: 'string' },
        'trust-port': { type: 'string' },
        name: { type: 'string', multiple: true, default: [] },
        certificate: { type: 'string' },
        key: { type: 'string' },
        'behind-proxy': { type: 'string' },
        processes: { type: 'string' },
        'backup-to': { type: 'string' },
        'backup-every': { type: 'string', default: 'day' },
        keep: { type: 'string', default: '14' },
        log: { type: 'string', default: 'json' },
        check: { type: 'boolean', default: false },
      },
    }).values;
  } catch (error) {
    throw new UserError(`serve: ${(error as Error).message.split('\n')[0]}; ./foxing help serve lists what it takes`);
  }
}

/** @throws UserError when it is no number from `least` to `most`. */
function numberIn(option: string, text: string, least: number, most: number): number {
  const value = Number(text);
  if (!Number.isInteger(value) || value < least || value > most)
    throw new UserError(`--${option} is "${text}"; give a number from ${least} to ${most}`);
  return value;
}

/** @throws UserError that says what to do where other machines would come in without TLS. */
function addressOf({ address, certificate, 'behind-proxy': proxy }: Options): string {
  if (proxy !== undefined && !isIP(proxy))
    throw new UserError(`--behind-proxy is "${proxy}"; give the IP address from which the proxy asks, such as 127.0.0.1`);
  const chosen = address ?? (certificate !== undefined ? '0.0.0.0' : '127.0.0.1');
  if (certificate === undefined && proxy === undefined && !isLoopback(chosen))
    throw new UserError(
      `serve: at ${chosen} other machines would reach Foxing without TLS, and passphrases could be read on the way. Give ` +
        '--certificate own, --certificate FILE --key FILE, or --behind-proxy ADDRESS; or leave --address out, and only this machine comes in',
    );
  return chosen;
}

/** The certificate's files: those given, or the laboratory's own. */
async function certified(options: Options, address: string): Promise<{ tls: ServerSettings['tls']; own: Authority | null }> {
  const { certificate, key, name } = options;
  if (certificate === undefined) {
    if (key !== undefined) throw new UserError('--key goes with --certificate: name both files');
    return { tls: undefined, own: null };
  }
  if (certificate === OWN) {
    const { ownCertificate } = await import('./authority');
    const own = await ownCertificate(join(dirname(dataFolder()), 'authority'), certificateNames(name, address));
    return { tls: { certificate: own.certificate, key: own.key }, own };
  }
  if (key === undefined) throw new UserError('--certificate needs --key FILE, the private key that belongs to it');
  for (const file of [certificate, key]) if (!existsSync(file)) throw new UserError(`there is no file ${file}`);
  return { tls: { certificate, key }, own: null };
}

/** Accounts are on from the beginning. @returns the token of a one-time address, where nobody keeps the laboratory yet. */
async function opened(databaseUrl: string): Promise<string | null> {
  const [{ openPool }, { turnOn }, { hasKeeper, makeOpening }] = await Promise.all([
    import('../../server/src/db/pool'),
    import('../../server/src/people/store'),
    import('../../server/src/laboratory/store'),
  ]);
  const db = openPool(databaseUrl);
  try {
    await turnOn(db);
    return (await hasKeeper(db)) ? null : await makeOpening(db);
  } finally {
    await db.end();
  }
}

const stopped = () => new Promise<void>((resolve) => ['SIGINT', 'SIGTERM'].forEach((s) => process.on(s, () => resolve())));

export async function serve(args: readonly string[]): Promise<number> {
  const options = read(args);
  const address = addressOf(options);
  const port = numberIn('port', options.port ?? process.env['PORT'] ?? String(DEFAULT_PORT), 1, 65535);
  const trustPort = numberIn('trust-port', options['trust-port'] ?? String(port + 1), 1, 65535);
  const processes = numberIn('processes', options.processes ?? String(availableParallelism()), 1, 64);
  const keep = numberIn('keep', options.keep, 1, 1000);
  const every = readEvery(options['backup-every']);
  if (!['json', 'text'].includes(options.log)) throw new UserError(`--log is "${options.log}"; give json or text`);
  const { tls, own } = await certified(options, address);
  const isSecure = tls !== undefined || options['behind-proxy'] !== undefined;
  const scheme = isSecure ? 'https' : 'http';
  const hosts = [...new Set([...options.name, ...certificateNames([], address)])];
  const at = (host: string) =>
    options['behind-proxy'] !== undefined ? `${scheme}://${host}` : `${scheme}://${inUrl(host)}:${port}`;
  const addresses = [...options.name, ...(options['behind-proxy'] !== undefined ? [] : reachedAt(address))]
    .filter((host) => !isLoopback(host))
    .map(at);
  if (options.check) return checkMachine({ address, port, tls: tls ?? null, names: hosts });

  const stop = stopped();
  await buildWeb();
  const given = process.env['DATABASE_URL'];
  const database = given === undefined ? await startCluster(dataFolder()) : null;
  let trust: Server | undefined;
  let backups: Backups | undefined;
  try {
    const ownerUrl = given ?? database!.ownerUrl;
    const databaseUrl = given ?? database!.url;
    await prepare(ownerUrl, database ? APPLICATION : undefined, options['backup-to']);
    const token = await opened(databaseUrl);
    if (own) {
      const foxing = addresses[0] ?? at('localhost');
      trust = await serveTrust(own, address, trustPort, foxing);
    }
    const authority = own && {
      address: `http://${inUrl(reachedAt(address)[0] ?? address)}:${trustPort}/trust`,
      fingerprint: own.fingerprint,
    };
    const settings: ServerSettings = {
      databaseUrl,
      address,
      port,
      web: WEB,
      hosts,
      logLevel: 'info',
      logForm: options.log === 'text' ? 'text' : 'json',
      doors: { addresses, authority },
      metricsToken: process.env['FOXING_METRICS_TOKEN'] ?? randomBytes(24).toString('hex'),
      ...(tls && { tls }),
      ...(options['behind-proxy'] !== undefined && { proxy: options['behind-proxy'] }),
    };
    const supervisor = await Supervisor.start(settings, database, processes);
    process.on('SIGHUP', () => supervisor.renew());
    const renewing = setInterval(() => void certified(options, address).then(() => supervisor.renew()), A_DAY_MS);
    if (options['backup-to'] !== undefined)
      backups = Backups.begin({ ownerUrl, databaseUrl, folder: options['backup-to'], everyMs: every, keep });
    const here = addresses[0] ?? at('localhost');
    process.stdout.write(`Foxing is at ${here} (Ctrl-C stops it)\n`);
    if (authority) process.stdout.write(`Devices learn to trust it at ${authority.address}\n`);
    if (token !== null)
      process.stdout.write(
        `Nobody keeps this laboratory yet. Open this address once to become its administrator: ${here}/opening#${token}\n`,
      );
    await stop;
    say('stopping …');
    clearInterval(renewing);
    await supervisor.stop();
  } finally {
    await backups?.stop();
    trust?.close();
    await database?.stop();
  }
  return 0;
}

export const SERVE_HELP = `Usage: ./foxing serve [options]

  --address A           address of this machine to listen on; with a certificate all of them, without only this machine
  --port N              port; ${DEFAULT_PORT} by default
  --name NAME           a name under which people reach it; may be given several times
  --certificate own     TLS by an authority of this laboratory, made once and kept beside the data
  --certificate F --key F   TLS by an institution's certificate; read again when the files change
  --trust-port N        port of /trust, where devices get the laboratory's own authority; the port after Foxing's by default
  --behind-proxy A      a proxy at address A ends TLS: what it says of names and addresses is believed
  --processes N         server processes that share the port; as many as there are cores by default
  --backup-to FOLDER    backups, tried once a week; --backup-every hour|day|week (day), --keep N (14)
  --log json|text       a line for every request
  --check               say whether this machine is fit, and end

DATABASE_URL names a PostgreSQL elsewhere; FOXING_METRICS_TOKEN opens /metrics for other machines.
`;
