import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { chemistryVersion, reasoningVersion } from '#atlas';
import { createApp } from './app';
import { Cases } from './cases/cases';
import { Herald } from './cases/herald';
import { LiveUpdates } from './cases/live';
import { openPool } from './db/pool';
import { CaseReasoning } from './reasoning/case-reasoning';
import { Reasoner } from './reasoning/reasoner';
import { Passphrases } from './people/passphrase';
import { benchCrew, hashingCrew, thoughtCrew } from './workers/crews';

export interface Running {
  readonly url: string;
  /** Lets what is under way come to its end, then stops. */
  close(): Promise<void>;
}

export interface StartOptions {
  /** Of a database that is migrated, by a role that may read and write rows. */
  readonly databaseUrl: string;
  /** 0 for any free port. */
  readonly port: number;
  readonly web?: string;
  readonly logLevel?: string;
  readonly hosts?: readonly string[];
  /** Of each crew; as many as there are cores by default. */
  readonly threads?: number;
  /** Of one person. */
  readonly requestsPerMinute?: number;
  /** Makes the threads ready before anybody asks; true by default. */
  readonly warm?: boolean;
}

const DRAIN_MS = 5000;
/** A connection that rests is kept longer than any proxy or browser keeps it, so that none is closed as a request sets out on it. */
const KEEP_ALIVE_MS = 75000;
const WARMING_SECONDS = 30;

/** Listens on loopback, and serves until closed. @throws when the port is taken. */
export async function startServer(options: StartOptions): Promise<Running> {
  const db = openPool(options.databaseUrl);
  const live = new LiveUpdates(options.databaseUrl);
  const [bench, thought, hashing] = await Promise.all([benchCrew(options.threads), thoughtCrew(options.threads), hashingCrew()]);
  const herald = new Herald(db);
  const reasoner = new Reasoner(thought, db, await reasoningVersion());
  const log = pino({ level: options.logLevel ?? 'warn' }, pino.destination(2));
  const app = createApp({
    db,
    live,
    cases: new Cases(db, bench, await chemistryVersion(), (news) => herald.tell(news)),
    reasoning: new CaseReasoning(db, reasoner),
    bench,
    thought,
    passphrases: new Passphrases(hashing),
    log,
    ...(options.web && { web: options.web }),
    ...(options.hosts && { hosts: options.hosts }),
    ...(options.requestsPerMinute && { requestsPerMinute: options.requestsPerMinute }),
  });
  const rest = () => Promise.all([live.close(), bench.close(), thought.close(), hashing.close()]);
  const server = app.listen(options.port, '127.0.0.1');
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
  let closing = false;
  const draw = () => bench.run('drawStructure', 'C', { seconds: WARMING_SECONDS });
  // The first who asks waits no longer than the second.
  const ready = () => Promise.all([reasoner.warm(), ...Array.from({ length: bench.threads }, draw)]);
  if (options.warm ?? true) ready().catch((error: unknown) => closing || log.warn(error, 'the threads could not be made ready'));
  const close = async () => {
    closing = true;
    const closed = new Promise((resolve) => server.close(resolve));
    await live.close();
    server.closeIdleConnections();
    const late = setTimeout(() => server.closeAllConnections(), DRAIN_MS);
    await closed;
    clearTimeout(late);
    await rest();
    await db.end();
  };
  return { url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, close };
}
