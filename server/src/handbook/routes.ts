/** The handbook's tables: what each ion, element or group gives, by the school of the person's laboratory. */
import { type Request, Router } from 'express';
import { schoolOf } from '#core/scheme/rules';
import { schemeOf, testById } from '#core/scheme/tests';
import type { GivenView } from '#contract';
import { actor, must } from '../access/access';
import type { Db } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { houseRulesOf } from '../rules/rules';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';
import type { Equations } from './equations';
import { Kept } from './kept';

const TABLE_SECONDS = 30;

export function handbookRoutes(db: Db, thought: Crew<ThoughtTasks>, equations: Equations): Router {
  const router = Router();
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
    res.json(await equations.of(wanted));
  });
  router.get('/handbook/tests/:test', async (req, res) => {
    const wanted = await asked(req);
    res.json(await tables.of(wanted, () => thought.run('inTest', wanted, { seconds: TABLE_SECONDS })));
  });
  router.get('/handbook/suspects/:suspect', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'read-handbook' });
    const schemes = [schoolOf(await houseRulesOf(db, person.id)), 'organic' as const];
    try {
      res.json(await thought.run('ofSuspect', { schemes, suspect: req.params.suspect }, { seconds: TABLE_SECONDS }));
    } catch (error) {
      if (error instanceof HttpProblem && error.code === 'bad-input') throw new HttpProblem('not-found', error.detail);
      throw error;
    }
  });
  return router;
}
