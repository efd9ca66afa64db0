import { Router } from 'express';
import {
  appendSchema,
  archivingSchema,
  branchRequestSchema,
  effortSchema,
  newCaseSchema,
  reckonRequestSchema,
  type Ways,
} from '#contract';
import { actor, must, sessionIn } from '../access/access';
import { personOf, sessionKey } from '../people/store';
import type { Db } from '../db/pool';
import { afterSchema, caseId } from '../http/ids';
import { check, HttpProblem } from '../http/problem';
import type { CaseReasoning } from '../reasoning/case-reasoning';
import type { Cases } from './cases';
import type { Debriefs } from './debriefs';
import type { LiveUpdates } from './live';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';
import { jars } from './store';

const SHORTER_SECONDS = 60;

export function caseRoutes(
  db: Db,
  cases: Cases,
  debriefs: Debriefs,
  live: LiveUpdates,
  reasoning: CaseReasoning,
  thought: Crew<ThoughtTasks>,
): Router {
  const router = Router();
  router.get('/jars', async (req, res) => {
    must(actor(req), { do: 'list-jars' });
    res.json(await jars(db));
  });
  router.get('/live', async (req, res) => {
    const token = sessionIn(req);
    // What was known of a session a moment ago does not do for what stays open.
    if (token && !(await personOf(db, token))) throw new HttpProblem('signed-out', 'Sign in first.');
    if (!live.subscribe(actor(req).id, token ? sessionKey(token) : '', res))
      throw new HttpProblem('too-many', 'Too many windows are open; close some.');
  });
  router.get('/cases', async (req, res) => {
    res.json(await cases.list(actor(req)));
  });
  router.post('/cases', async (req, res) => {
    const asked = check(newCaseSchema, req.body);
    res.status(201).json(await cases.create(actor(req), asked));
  });
  router.get('/cases/:id', async (req, res) => {
    const after = check(afterSchema, req.query['after']);
    res.json(await cases.changes(actor(req), caseId(req.params.id), after));
  });
  router.put('/cases/:id/archived', async (req, res) => {
    const { archived } = check(archivingSchema, req.body);
    await cases.archive(actor(req), caseId(req.params.id), archived);
    res.json({ archived });
  });
  router.delete('/cases/:id', async (req, res) => {
    await cases.drop(actor(req), caseId(req.params.id));
    res.json({ dropped: true });
  });
  router.post('/cases/:id/events', async (req, res) => {
    const request = check(appendSchema, req.body);
    res.json(await cases.append(actor(req), caseId(req.params.id), request));
  });
  router.get('/cases/:id/reasoning', async (req, res) => {
    const effort = check(effortSchema.default('prompt'), req.query['effort']);
    const person = actor(req);
    res.json(await reasoning.of(person, await cases.read(person, caseId(req.params.id)), effort));
  });
  router.get('/cases/:id/debrief', async (req, res) => {
    res.json(await debriefs.of(await debriefs.openedUp(actor(req), caseId(req.params.id))));
  });
  router.get('/cases/:id/shorter', async (req, res) => {
    const { state, sample } = await debriefs.openedUp(actor(req), caseId(req.params.id));
    const tests = [...new Set(state.entries.filter((e) => !e.struck).map((e) => e.test))];
    const shorter = await thought.run('shorterWay', sample, { seconds: SHORTER_SECONDS });
    res.json({ own: { tests, minutes: Math.round(state.minutes) }, shorter } satisfies Ways);
  });
  router.post('/cases/:id/branch', async (req, res) => {
    const asked = check(branchRequestSchema, req.body);
    res.json(await debriefs.branch(await debriefs.openedUp(actor(req), caseId(req.params.id)), asked));
  });
  router.post('/cases/:id/reckoning', async (req, res) => {
    const asked = check(reckonRequestSchema, req.body);
    res.json(await cases.reckoning(actor(req), caseId(req.params.id), asked));
  });
  return router;
}
