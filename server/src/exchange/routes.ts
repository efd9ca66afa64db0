/** Cases out in open formats, and in again. */
import express, { type Request, Router } from 'express';
import * as z from 'zod';
import { actor, must } from '../access/access';
import type { Cases } from '../cases/cases';
import type { Db } from '../db/pool';
import { afterSchema, caseId } from '../http/ids';
import { check, HttpProblem } from '../http/problem';
import type { BenchTasks } from '../workers/bench';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';
import { eventsSince, FORMATS, give } from './give';
import { takeIn } from './take-in';

/** Of a file that is taken in. */
const MOST_BYTES = 60 * 1024 * 1024;
const format = z.enum(FORMATS);

export function exchangeRoutes(db: Db, cases: Cases, bench: Crew<BenchTasks>, thought: Crew<ThoughtTasks>): Router {
  const router = Router();
  router.get('/cases/:id/export/:format', async (req: Request<{ id: string; format: string }>, res) => {
    const wanted = check(format, req.params.format);
    const { type, name, bytes } = await give(db, await cases.read(actor(req), caseId(req.params.id)), wanted);
    res.setHeader('content-type', type);
    res.setHeader('content-disposition', `attachment; filename="${name}"`);
    res.send(bytes);
  });
  /** What a device keeps to go on without the server. */
  router.get('/cases/:id/events', async (req: Request<{ id: string }>, res) => {
    const after = check(afterSchema, req.query['after']);
    res.json(await eventsSince(db, await cases.read(actor(req), caseId(req.params.id)), after));
  });
  router.post('/cases/import', express.raw({ type: () => true, limit: MOST_BYTES }), async (req, res) => {
    const person = actor(req);
    must(person, { do: 'take-in-case' });
    if (!Buffer.isBuffer(req.body) || !req.body.length)
      throw new HttpProblem('bad-input', 'The file is empty; choose a case in JSON or an .eln archive.');
    const id = await takeIn(db, { bench, thought }, person, req.body);
    res.status(201).json(await cases.changes(person, id, 0));
  });
  return router;
}
