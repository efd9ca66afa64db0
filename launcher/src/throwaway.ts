/** Foxing in a folder that goes with it: for tests, benchmarks and pictures. */
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { prepareDatabase } from '../../server/src/db/prepare';
import { loadDemo } from '../../server/src/demo/load';
import { type Running, type StartOptions, startServer } from '../../server/src/start';
import { APPLICATION, type Cluster, copyCluster, startCluster } from './cluster';

export interface Throwaway {
  readonly cluster: Cluster;
  remove(): Promise<void>;
}

/** Where a cluster stands, stopped, that holds the demo: each that wants one takes a copy. */
const TEMPLATE = 'FOXING_TEMPLATE';

/** A cluster of its own: empty, or a copy of one that does not run. */
export async function throwawayCluster(copyOf?: string): Promise<Throwaway> {
  const folder = mkdtempSync(join(tmpdir(), 'foxing-'));
  chmodSync(folder, 0o755);
  const postgres = join(folder, 'postgres');
  if (copyOf !== undefined) copyCluster(copyOf, postgres);
  const cluster = await startCluster(postgres, false);
  const remove = async () => {
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { cluster, remove };
}

/** A database with the demo in it. */
export async function throwawayDemo(): Promise<Throwaway> {
  const template = process.env[TEMPLATE];
  if (template !== undefined) return throwawayCluster(template);
  const made = await throwawayCluster();
  await prepareDatabase(made.cluster.ownerUrl, APPLICATION);
  await loadDemo(made.cluster.url);
  return made;
}

/** Loads the demo once for all that want it while `work` is done, in this process and those that it starts. */
export async function withDemoOnce<T>(work: () => Promise<T>): Promise<T> {
  const { cluster, remove } = await throwawayDemo();
  await cluster.stop();
  process.env[TEMPLATE] = cluster.folder;
  try {
    return await work();
  } finally {
    delete process.env[TEMPLATE];
    await remove();
  }
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
