/** Whether this process lives, and whether it can serve. */
import { Router } from 'express';
import type { Db } from '../db/pool';

export interface Ready {
  /** What is missing, in words; empty when it can serve. */
  readonly missing: readonly string[];
}

const PATIENCE_MS = 2000;

async function databaseAnswers(db: Db): Promise<boolean> {
  const late = new Promise<false>((resolve) => setTimeout(() => resolve(false), PATIENCE_MS).unref());
  const answers = db.query('select 1 from migration limit 1').then(
    () => true,
    () => false,
  );
  return Promise.race([answers, late]);
}

/** @param threadsReady whether the worker threads have read what they need. */
export function healthRoutes(db: Db, threadsReady: () => boolean, isClosing: () => boolean): Router {
  const router = Router();
  router.get('/healthz', (_req, res) => {
    res.json({ lives: true });
  });
  router.get('/readyz', async (_req, res) => {
    const missing = [
      ...((await databaseAnswers(db)) ? [] : ['the database does not answer, or is not migrated']),
      ...(threadsReady() ? [] : ['the worker threads are still being made ready']),
      ...(isClosing() ? ['the server is stopping'] : []),
    ];
    res.status(missing.length ? 503 : 200).json({ missing } satisfies Ready);
  });
  return router;
}
