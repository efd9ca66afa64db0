/** How a laboratory is opened and reached, and what whoever keeps it looks at. */
import { Router } from 'express';
import { type Doors, type Keeping, type Laboratory, openingSchema } from '#contract';
import { actor, must } from '../access/access';
import { insertClass } from '../classes/store';
import { type Db, transaction } from '../db/pool';
import { check, HttpProblem } from '../http/problem';
import * as attempts from '../people/attempts';
import type { Passphrases } from '../people/passphrase';
import { beginSession } from '../people/session';
import { insertKeeper, orTaken } from '../people/store';
import * as store from './store';

const NO_OPENING =
  'This address opens nothing, or has been used already. Look at the last lines that ./foxing serve printed, or start it again for a fresh one.';

/** What may be asked without being signed in. */
export function openingRoutes(db: Db, passphrases: Passphrases): Router {
  const router = Router();
  router.get('/laboratory', async (_req, res) => {
    res.json({ name: await store.laboratoryName(db) } satisfies Laboratory);
  });
  router.post('/opening', async (req, res) => {
    const { token, login, passphrase, ...asked } = check(openingSchema, req.body);
    const attempt = await attempts.toOpen(db, req.ip ?? '');
    const kept = await passphrases.hashed(passphrase);
    const opened = await orTaken(() =>
      transaction(db, async (tx) => {
        if (!(await store.takeOpening(tx, token))) return null;
        const person = await insertKeeper(tx, { name: asked.name, login, passphrase: kept });
        await store.nameLaboratory(tx, asked.laboratory);
        const made = await insertClass(tx, asked.class, person.id);
        await store.writeAudit(tx, person, 'opened', asked.laboratory);
        return { person, made };
      }),
    );
    if (!opened) throw new HttpProblem('forbidden', NO_OPENING);
    await attempts.forget(db, attempt);
    await beginSession(db, req, res, opened.person);
    res.status(201).json({ person: opened.person.id, class: opened.made });
  });
  return router;
}

export function laboratoryRoutes(db: Db, doors: Doors): Router {
  const router = Router();
  router.get('/doors', (req, res) => {
    must(actor(req), { do: 'teach' });
    res.json(doors);
  });
  router.get('/keeping', async (req, res) => {
    must(actor(req), { do: 'keep' });
    const [backups, audit] = await Promise.all([store.backupsTried(db), store.auditLines(db)]);
    const keeping: Keeping = {
      backups: backups.map(({ at, file, bytes, tried_at, problem }) => ({
        at: at.toISOString(),
        file,
        megabytes: bytes === null ? null : Math.round(Number(bytes) / 1e5) / 10,
        triedAt: tried_at?.toISOString() ?? null,
        problem,
      })),
      audit: audit.map(({ at, name, act, about }) => ({ at: at.toISOString(), name, act: store.ACTS[act], about })),
    };
    res.json(keeping);
  });
  return router;
}
