/** The handbook's tables: what each ion, element or group gives, by the school of the person's laboratory. */
import { setImmediate } from 'node:timers/promises';
import { type Request, Router } from 'express';
import { loadAtlas, loadCompounds } from '#atlas';
import { solidById } from '#core/matter/catalogue';
import { CompoundSpace } from '#core/reasoning/compounds';
import { equationsIn, inTest, ofSuspect } from '#core/reasoning/handbook';
import { SaltSpace, type Space } from '#core/reasoning/space';
import type { Scheme, StandardTest } from '#core/scheme/model';
import { schoolOf } from '#core/scheme/rules';
import { schemeOf, testById } from '#core/scheme/tests';
import type { Equation } from '#core/reactions/equations';
import type { EquationsView, GivenView } from '#contract';
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

const side = (parts: Equation['left']) => parts.map(([count, formula]) => ({ count, formula, solid: solidById.has(formula) }));

/** Worked out in the simulator, one suspect after another so that others are served in between. */
async function workOut(space: Space, test: StandardTest): Promise<EquationsView[]> {
  const out: EquationsView[] = [];
  for (const suspect of new Set(test.signs?.flatMap((s) => s.of))) {
    await setImmediate();
    const equations = equationsIn(space, test.id, suspect).map((e) => ({ left: side(e.left), right: side(e.right) }));
    if (equations.length) out.push({ suspect, equations });
  }
  return out;
}

const workedOut = new Map<string, Promise<EquationsView[]>>();

function equationsOf(space: Space, test: StandardTest): Promise<EquationsView[]> {
  const key = `${space.scheme} ${test.id}`;
  const known = workedOut.get(key);
  if (known) return known;
  const found = workOut(space, test);
  workedOut.set(key, found);
  found.catch(() => workedOut.delete(key));
  return found;
}

export function handbookRoutes(db: Db): Router {
  const router = Router();
  const asked = async (req: Request<{ test: string }>) => {
    const person = actor(req);
    must(person, { do: 'read-handbook' });
    const test = testById.get(req.params.test);
    if (!test) throw new HttpProblem('not-found', 'There is no such test in the handbook; look it up in the list.');
    return { test, space: await spaceOf(schemeOf(test, await rulesOf(db, person.id))) };
  };
  router.get('/handbook/tests/:test/equations', async (req, res) => {
    const { test, space } = await asked(req);
    res.json(space.knows(test.id) ? await equationsOf(space, test) : []);
  });
  router.get('/handbook/tests/:test', async (req, res) => {
    const { test, space } = await asked(req);
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
