/** The handbook's tables: what each ion, element or group gives, by the school of the person's laboratory. */
import { type Request, Router } from 'express';
import { LRUCache } from 'lru-cache';
import { schoolOf } from '#core/scheme/rules';
import { schemeOf, testById } from '#core/scheme/tests';
import type { EquationsView, GivenView } from '#contract';
import { actor, must } from '../access/access';
import type { Db } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { houseRulesOf } from '../rules/rules';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';

const TABLE_SECONDS = 30;
/** Equations are worked out in the simulator, suspect by suspect. */
const EQUATIONS_SECONDS = 60;
const KEPT_TESTS = 300;

export function handbookRoutes(db: Db, thought: Crew<ThoughtTasks>): Router {
  const router = Router();
  const workedOut = new LRUCache<string, Promise<EquationsView[]>>({ max: KEPT_TESTS });
  const tables = new LRUCache<string, Promise<GivenView[]>>({ max: KEPT_TESTS });
  const asked = async (req: Request<{ test: string }>) => {
    const person = actor(req);
    must(person, { do: 'read-handbook' });
    const test = testById.get(req.params.test);
    if (!test) throw new HttpProblem('not-found', 'There is no such test in the handbook; look it up in the list.');
    return { test: test.id, scheme: schemeOf(test, await houseRulesOf(db, person.id)) };
  };
  router.get('/handbook/tests/:test/equations', async (req, res) => {
    const wanted = await asked(req);
    const key = `${wanted.scheme} ${wanted.test}`;
    let found = workedOut.get(key);
    if (!found) {
      workedOut.set(key, (found = thought.run('equations', wanted, EQUATIONS_SECONDS)));
      found.catch(() => workedOut.delete(key));
    }
    res.json(await found);
  });
  router.get('/handbook/tests/:test', async (req, res) => {
    const wanted = await asked(req);
    const key = `${wanted.scheme} ${wanted.test}`;
    let table = tables.get(key);
    if (!table) {
      tables.set(key, (table = thought.run('inTest', wanted, TABLE_SECONDS)));
      table.catch(() => tables.delete(key));
    }
    res.json(await table);
  });
  router.get('/handbook/suspects/:suspect', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'read-handbook' });
    const schemes = [schoolOf(await houseRulesOf(db, person.id)), 'organic' as const];
    try {
      res.json(await thought.run('ofSuspect', { schemes, suspect: req.params.suspect }, TABLE_SECONDS));
    } catch (error) {
      if (error instanceof HttpProblem && error.code === 'bad-input') throw new HttpProblem('not-found', error.detail);
      throw error;
    }
  });
  return router;
}
