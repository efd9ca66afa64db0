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

/** What was worked out for a test in a scheme; what failed is worked out again when it is next asked for. */
class Kept<T extends object> {
  private readonly found = new LRUCache<string, Promise<T>>({ max: KEPT_TESTS });

  of({ scheme, test }: { scheme: string; test: string }, workOut: () => Promise<T>): Promise<T> {
    const key = `${scheme} ${test}`;
    const known = this.found.get(key) ?? workOut();
    if (!this.found.has(key)) {
      this.found.set(key, known);
      known.catch(() => this.found.delete(key));
    }
    return known;
  }
}

export function handbookRoutes(db: Db, thought: Crew<ThoughtTasks>): Router {
  const router = Router();
  const equations = new Kept<EquationsView[]>();
  const tables = new Kept<GivenView[]>();
  const asked = async (req: Request<{ test: string }>) => {
    const person = actor(req);
    must(person, { do: 'read-handbook' });
    const test = testById.get(req.params.test);
    if (!test) throw new HttpProblem('not-found', 'There is no such test in the handbook; look it up in the list.');
    return { test: test.id, scheme: schemeOf(test, await houseRulesOf(db, person.id)) };
  };
  router.get('/handbook/tests/:test/equations', async (req, res) => {
    const wanted = await asked(req);
    res.json(await equations.of(wanted, () => thought.run('equations', wanted, EQUATIONS_SECONDS)));
  });
  router.get('/handbook/tests/:test', async (req, res) => {
    const wanted = await asked(req);
    res.json(await tables.of(wanted, () => thought.run('inTest', wanted, TABLE_SECONDS)));
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
