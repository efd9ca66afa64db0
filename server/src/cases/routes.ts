import { Router } from 'express';
import { z } from 'zod';
import { appendSchema, effortSchema, newCaseSchema, reckonRequestSchema } from '#contract';
import { actor, must } from '../access/access';
import type { Db } from '../db/pool';
import { check, HttpProblem } from '../http/problem';
import type { LiveUpdates } from './live';
import type { Reasoner } from '../reasoning/reasoner';
import * as service from './service';
import { jars } from './store';

const caseId = (value: unknown) => {
  const id = z.uuid().safeParse(value);
  if (!id.success) throw new HttpProblem('not-found', 'There is no such case; go back to your cases.');
  return id.data;
};

export function caseRoutes(db: Db, live: LiveUpdates, reasoner: Reasoner): Router {
  const router = Router();
  router.get('/me', (req, res) => {
    res.json(actor(req));
  });
  router.get('/jars', async (req, res) => {
    must(actor(req), { do: 'list-jars' });
    res.json(await jars(db));
  });
  router.get('/cases', async (req, res) => {
    res.json(await service.listCases(db, actor(req)));
  });
  router.post('/cases', async (req, res) => {
    const asked = check(newCaseSchema, req.body);
    res.status(201).json(await service.createCase(db, actor(req), asked));
  });
  router.get('/cases/:id', async (req, res) => {
    res.json(await service.readCase(db, actor(req), caseId(req.params.id)));
  });
  router.post('/cases/:id/events', async (req, res) => {
    const request = check(appendSchema, req.body);
    res.json(await service.append(db, actor(req), caseId(req.params.id), request));
  });
  router.get('/cases/:id/reasoning', async (req, res) => {
    const effort = check(effortSchema.default('prompt'), req.query['effort']);
    res.json(await service.reasoning(db, actor(req), caseId(req.params.id), reasoner, effort));
  });
  router.post('/cases/:id/reckoning', async (req, res) => {
    const asked = check(reckonRequestSchema, req.body);
    res.json(await service.reckoning(db, actor(req), caseId(req.params.id), asked));
  });
  router.get('/cases/:id/live', async (req, res) => {
    const id = caseId(req.params.id);
    await service.readCase(db, actor(req), id);
    live.subscribe(id, res);
  });
  return router;
}
