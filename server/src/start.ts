import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Doors } from '#contract';
import { pino } from 'pino';
import { chemistryVersion, reasoningVersion } from '#atlas';
import { createApp } from './app';
import { Cases } from './cases/cases';
import { Herald } from './cases/herald';
import { LiveUpdates } from './cases/live';
import { openPool } from './db/pool';
import { Certificate, type CertificateFiles } from './http/certificate';
import { failedBackups, lastBackup } from './laboratory/store';
import { textual } from './watch/text-log';
import { Metrics } from './watch/metrics';
import { CaseReasoning } from './reasoning/case-reasoning';
import { Reasoner } from './reasoning/reasoner';
import { Passphrases } from './people/passphrase';
import { benchCrew, hashingCrew, thoughtCrew } from './workers/crews';

export interface Running {
  readonly url: string;
  /** Reads the certificate again. */
  renew(): void;
  /** Lets what is under way come to its end, then stops. */
  close(): Promise<void>;
}

export interface StartOptions {
  /** Of a database that is migrated, by a role that may read and write rows. */
  readonly databaseUrl: string;
  /** Of this machine, on which it listens; loopback by default. */
  readonly address?: string;
  /** 0 for any free port. */
  readonly port: number;
  /** Files in PEM form, read again when they change. */
  readonly tls?: CertificateFiles;
  /** Address of a proxy that ends TLS in front. */
  readonly proxy?: string;
  readonly doors?: Doors;
  readonly metricsToken?: string;
  readonly web?: string;
  readonly logLevel?: string;
  /** JSON for programs by default, or text for people. */
  readonly logForm?: 'json' | 'text';
  readonly hosts?: readonly string[];
  /** Of each crew; as many as there are cores by default. */
  readonly threads?: number;
  /** Binary logarithm of the work factor of passphrases. */
  readonly hashCost?: number;
  /** Of one person. */
  readonly requestsPerMinute?: number;
  /** Makes the threads ready before anybody asks; true by default. */
  readonly warm?: boolean;
}

const LOOPBACK = '127.0.0.1';
const DRAIN_MS = 5000;
/** A connection that rests is kept longer than any proxy or browser keeps it, so that none is closed as a request sets out on it. */
const KEEP_ALIVE_MS = 75000;
const WARMING_SECONDS = 30;

/** Listens, and serves until closed. @throws when the port is taken, or a certificate cannot be read. */
export async function startServer(options: StartOptions): Promise<Running> {
  const db = openPool(options.databaseUrl);
  const live = new LiveUpdates(options.databaseUrl);
  const [bench, thought, hashing] = await Promise.all([benchCrew(options.threads), thoughtCrew(options.threads), hashingCrew()]);
  const herald = new Herald(db);
  let isReady = false;
  let closing = false;
  const reasoner: Reasoner = new Reasoner(thought, db, await reasoningVersion(), (effort, seconds) =>
    metrics.thinking.observe({ effort }, seconds),
  );
  const metrics = new Metrics({
    db,
    streams: () => live.open,
    crews: { bench: () => bench.load, thought: () => thought.load, hashing: () => hashing.load },
    looks: () => reasoner.lineLength,
    lastBackup: () => lastBackup(db),
    failedBackups: () => failedBackups(db),
  });
  const log = pino({ level: options.logLevel ?? 'warn' }, options.logForm === 'text' ? textual() : pino.destination(2));
  const app = createApp({
    db,
    live,
    cases: new Cases(
      db,
      bench,
      await chemistryVersion(),
      (news) => herald.tell(news),
      (kind) => metrics.events.inc({ kind }),
    ),
    reasoning: new CaseReasoning(db, reasoner),
    bench,
    thought,
    passphrases: new Passphrases(hashing, options.hashCost),
    log,
    metrics,
    threadsReady: () => isReady,
    isClosing: () => closing,
    isSecure: options.tls !== undefined || options.proxy !== undefined,
    ...(options.proxy !== undefined && { proxy: options.proxy }),
    ...(options.doors && { doors: options.doors }),
    ...(options.metricsToken !== undefined && { metricsToken: options.metricsToken }),
    ...(options.web && { web: options.web }),
    ...(options.hosts && { hosts: options.hosts }),
    ...(options.requestsPerMinute && { requestsPerMinute: options.requestsPerMinute }),
  });
  const rest = () => Promise.all([live.close(), bench.close(), thought.close(), hashing.close()]);
  const address = options.address ?? LOOPBACK;
  const certificate = options.tls && new Certificate(options.tls, log);
  const server = certificate ? certificate.serve(app) : createServer(app);
  server.listen(options.port, address);
  server.keepAliveTimeout = KEEP_ALIVE_MS;
  server.headersTimeout = KEEP_ALIVE_MS + DRAIN_MS;
  try {
    await new Promise<void>((resolve, reject) => server.once('listening', resolve).once('error', reject));
  } catch (error) {
    await rest();
    await db.end();
    throw error;
  }
  await live.connect();
  const draw = () => bench.run('drawStructure', 'C', { seconds: WARMING_SECONDS });
  // The first who asks waits no longer than the second.
  const ready = () => Promise.all([reasoner.warm(), ...Array.from({ length: bench.threads }, draw)]);
  if (options.warm ?? true)
    ready().then(
      () => (isReady = true),
      (error: unknown) => closing || log.warn(error, 'the threads could not be made ready'),
    );
  else isReady = true;
  const close = async () => {
    closing = true;
    certificate?.close();
    const closed = new Promise((resolve) => server.close(resolve));
    await live.close();
    server.closeIdleConnections();
    const late = setTimeout(() => server.closeAllConnections(), DRAIN_MS);
    await closed;
    clearTimeout(late);
    await rest();
    await db.end();
  };
  const { port } = server.address() as AddressInfo;
  const host = address.includes(':') ? `[${address}]` : address;
  return { url: `${certificate ? 'https' : 'http'}://${host}:${port}`, renew: () => certificate?.read(), close };
}
