import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { createApp } from './app';
import { LiveUpdates } from './cases/live';
import { migrate, openPool } from './db/pool';
import { Reasoner } from './reasoning/reasoner';

export interface Running {
  readonly url: string;
  close(): Promise<void>;
}

export interface StartOptions {
  readonly databaseUrl: string;
  /** 0 for any free port. */
  readonly port: number;
  readonly web?: string;
  readonly logLevel?: string;
}

/** Migrates, listens on loopback, and serves until closed. @throws when the port is taken. */
export async function startServer(options: StartOptions): Promise<Running> {
  await migrate(options.databaseUrl);
  const db = openPool(options.databaseUrl);
  const live = new LiveUpdates(options.databaseUrl);
  await live.connect();
  const reasoner = new Reasoner();
  const log = pino({ level: options.logLevel ?? 'warn' }, pino.destination(2));
  const app = createApp({ db, live, reasoner, log, ...(options.web && { web: options.web }) });
  const server = app.listen(options.port, '127.0.0.1');
  const close = async () => {
    await live.close();
    await reasoner.close();
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
    await db.end();
  };
  try {
    await new Promise<void>((resolve, reject) => server.once('listening', resolve).once('error', reject));
  } catch (error) {
    await live.close();
    await db.end();
    throw error;
  }
  reasoner.warm().catch((error: unknown) => log.error(error, 'the reasoning could not be made ready'));
  return { url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, close };
}
