/** A throw-away Foxing for the browser tests: its own cluster, the demo data, a fixed port. */
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { APPLICATION, startCluster } from '../launcher/src/cluster';
import { WEB } from '../launcher/src/demo';
import { prepareDatabase } from '../server/src/db/prepare';
import { loadDemo } from '../server/src/demo/load';
import { startServer } from '../server/src/start';

const folder = mkdtempSync(join(tmpdir(), 'foxing-e2e-'));
chmodSync(folder, 0o755);
const cluster = await startCluster(join(folder, 'postgres'));
await prepareDatabase(cluster.ownerUrl, APPLICATION);
await loadDemo(cluster.url);
const server = await startServer({ databaseUrl: cluster.url, port: Number(process.env['PORT']), web: WEB });

const stop = async () => {
  await server.close();
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
  process.exit(0);
};
process.once('SIGTERM', () => void stop());
process.once('SIGINT', () => void stop());
