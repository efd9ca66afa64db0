/** Foxing in a folder that goes with it: for tests, benchmarks and pictures. */
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { prepareDatabase } from '../../server/src/db/prepare';
import { loadDemo } from '../../server/src/demo/load';
import { type Running, type StartOptions, startServer } from '../../server/src/start';
import { APPLICATION, type Cluster, startCluster } from './cluster';

export interface Throwaway {
  readonly cluster: Cluster;
  remove(): Promise<void>;
}

/** A cluster of its own. */
export async function throwawayCluster(): Promise<Throwaway> {
  const folder = mkdtempSync(join(tmpdir(), 'foxing-'));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(join(folder, 'postgres'));
  const remove = async () => {
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { cluster, remove };
}

/** A database with the demo in it. */
export async function throwawayDemo(): Promise<Throwaway> {
  const made = await throwawayCluster();
  await prepareDatabase(made.cluster.ownerUrl, APPLICATION);
  await loadDemo(made.cluster.url);
  return made;
}

/** Servers on one database with the demo in it. */
export async function throwawayFoxing(
  options: Partial<StartOptions> = {},
  count = 1,
): Promise<Throwaway & { readonly servers: readonly Running[] }> {
  const { cluster, remove } = await throwawayDemo();
  const servers: Running[] = [];
  for (let i = 0; i < count; i++)
    servers.push(await startServer({ databaseUrl: cluster.url, port: 0, logLevel: 'silent', ...options }));
  return {
    cluster,
    servers,
    remove: async () => {
      for (const server of servers) await server.close();
      await remove();
    },
  };
}
