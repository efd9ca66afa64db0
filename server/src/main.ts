/** The server as a process of its own, watched over by the launcher, with which it goes. */
import { pino } from 'pino';
import { startServer } from './start';
import { serverSettingsSchema } from './settings';

/** Exit codes that say that starting again would not help. */
const EXIT = { EADDRINUSE: 98, EACCES: 97 } as const;

const settings = serverSettingsSchema.parse(JSON.parse(process.env['FOXING_SERVER'] ?? '{}'));

process.on('unhandledRejection', (error) => pino(pino.destination(2)).error(error, 'something failed that nobody waited for'));

try {
  const server = await startServer(settings);
  let stopping: Promise<void> | null = null;
  const stop = () => {
    stopping ??= server.close().then(() => process.exit(0));
  };
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.on(signal, stop);
  process.on('SIGHUP', settings.tls ? () => server.renew() : stop);
  // Without its launcher it has no database that anyone watches over.
  process.once('disconnect', stop);
  process.send?.({ url: server.url });
} catch (error) {
  const { code, message } = error as NodeJS.ErrnoException;
  process.send?.({ failed: message, code });
  process.exitCode = code !== undefined && code in EXIT ? EXIT[code as keyof typeof EXIT] : 1;
  process.disconnect?.();
}
