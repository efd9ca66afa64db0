/** The handbook's tables: what each ion, element or group gives, by the school of the person's laboratory. */
import { Router } from 'express';
import { loadAtlas, loadCompounds } from '#atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { inTest, ofSuspect } from '#core/reasoning/handbook';
import { SaltSpace, type Space } from '#core/reasoning/space';
import type { Scheme } from '#core/scheme/model';
import { schoolOf } from '#core/scheme/rules';
import { schemeOf, testById } from '#core/scheme/tests';
import type { GivenView } from '#contract';
import { actor, must } from '../access/access';
import type { Db } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { rulesOf } from '../rules/rules';

const SINGLE = { cations: 1, anions: 1 };
const spaces = new Map<Scheme, Space>();

async function spaceOf(scheme: Scheme): Promise<Space> {
  let space = spaces.get(scheme);
  if (!space) {
    space = scheme === 'organic' ? new CompoundSpace(await loadCompounds()) : new SaltSpace(await loadAtlas(), scheme, SINGLE);
    spaces.set(scheme, space);
  }
  return space;
}

const view = (given: ReturnType<typeof ofSuspect>): GivenView[] =>
  given.map((g) => ({ ...g, outcomes: g.outcomes.map((o) => ({ ...o, see: [...o.see], such: [...o.such] })) }));

export function handbookRoutes(db: Db): Router {
  const router = Router();
  router.get('/handbook/tests/:test', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'read-handbook' });
    const test = testById.get(req.params.test);
    if (!test) throw new HttpProblem('not-found', 'There is no such test in the handbook; look it up in the list.');
    const space = await spaceOf(schemeOf(test, await rulesOf(db, person.id)));
    res.json(space.knows(test.id) ? view(inTest(space, test.id).map((g) => ({ test: test.id, ...g }))) : []);
  });
  router.get('/handbook/suspects/:suspect', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'read-handbook' });
    const { suspect } = req.params;
    const spaces = [await spaceOf(schoolOf(await rulesOf(db, person.id))), await spaceOf('organic')];
    const space = spaces.find((s) => s.suspects.includes(suspect));
    if (!space) throw new HttpProblem('not-found', 'There is no such ion, element or group in the handbook.');
    res.json(view(ofSuspect(space, suspect)));
  });
  return router;
}
