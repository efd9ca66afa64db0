/** Commands that need the database and no server. */
import { type Cluster, dataFolder, runningUrl, startCluster } from './cluster';

/** Does something on the database, that of a running Foxing if there is one. */
export async function onDatabase<T>(work: (url: string) => Promise<T>): Promise<T> {
  const reached = process.env['DATABASE_URL'] ?? runningUrl(dataFolder());
  const cluster: Cluster | null = reached === null ? await startCluster(dataFolder()) : null;
  try {
    return await work(reached ?? cluster!.ownerUrl);
  } finally {
    await cluster?.stop();
  }
}
