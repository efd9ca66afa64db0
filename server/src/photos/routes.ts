/** Photos beside the record: taken in, and shown again to who may read the case. */
import express, { type Request, Router } from 'express';
import { sha256Schema } from '#core/record/events';
import type { KeptPhoto } from '#contract';
import { actor, must } from '../access/access';
import type { Cases } from '../cases/cases';
import type { Db } from '../db/pool';
import { caseId } from '../http/ids';
import { HttpProblem } from '../http/problem';
import { MOST_BYTES, pixelsOf } from './pixels';
import { countPhotos, keepPhoto, photo } from './store';

/** In one case, whether its record speaks of them or not. */
const MOST_PHOTOS = 300;

export function photoRoutes(db: Db, cases: Cases): Router {
  const router = Router();
  router.post(
    '/cases/:id/photos',
    express.raw({ type: () => true, limit: MOST_BYTES }),
    async (req: Request<{ id: string }>, res) => {
      const document = await cases.read(actor(req), caseId(req.params.id));
      must(actor(req), { do: 'append-event', of: document });
      const { id } = document;
      if (!Buffer.isBuffer(req.body) || !req.body.length)
        throw new HttpProblem('bad-input', 'The photo is empty; take it again.');
      if ((await countPhotos(db, id)) >= MOST_PHOTOS)
        throw new HttpProblem('bad-input', `A case holds at most ${MOST_PHOTOS} photos.`);
      const kept = await pixelsOf(req.body);
      await keepPhoto(db, id, kept);
      res.status(201).json({ photo: kept.hash, width: kept.width, height: kept.height } satisfies KeptPhoto);
    },
  );
  router.get('/cases/:id/photos/:hash', async (req: Request<{ id: string; hash: string }>, res) => {
    const { id } = await cases.read(actor(req), caseId(req.params.id));
    const hash = sha256Schema.safeParse(req.params.hash);
    const small = req.query['size'] === 'small';
    const bytes = hash.success ? await photo(db, id, hash.data, small ? 'thumbnail' : 'whole') : null;
    if (!bytes) throw new HttpProblem('not-found', 'There is no such photo in this case.');
    // What a hash names never changes.
    res.setHeader('cache-control', 'private, max-age=31536000, immutable');
    res.type('image/jpeg').send(bytes);
  });
  return router;
}
