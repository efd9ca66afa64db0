/** A throw-away Foxing in a process of its own: its own cluster, the demo data, the port that it is told. It stops and starts at a word. */
import { throwawayDemo } from '../launcher/src/throwaway';
import { WEB } from '../launcher/src/web';
import { type Running, startServer } from '../server/src/start';

const made = await throwawayDemo();
let running: Running | null = null;

const DOES = {
  start: async () => {
    const port = Number(process.env['PORT']);
    running = await startServer({ databaseUrl: made.cluster.url, port, web: WEB, threads: 1, logLevel: 'silent', hashCost: 8 });
  },
  stop: async () => {
    await running?.close();
    running = null;
  },
};
const done = () => process.send?.({ url: running?.url });
process.on('message', (word: keyof typeof DOES) => void DOES[word]().then(done));

const end = () =>
  void DOES.stop()
    .then(() => made.remove())
    .then(() => process.exit(0));
process.once('SIGTERM', end);
process.once('SIGINT', end);
process.once('disconnect', end);
await DOES.start();
done();
