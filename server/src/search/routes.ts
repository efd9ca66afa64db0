/** A search over all that a person wrote: entries and reports of their cases, by PostgreSQL's full text. */
import { Router } from 'express';
import * as z from 'zod';
import type { Found } from '#contract';
import { actor, must } from '../access/access';
import type { Db } from '../db/pool';
import { check } from '../http/problem';

const MOST_FOUND = 40;
const LONGEST = 200;
const asked = z.string().trim().max(LONGEST, `look for at most ${LONGEST} characters`);

/** Every word, or the beginning of one. */
function query(text: string): string {
  const words = text.match(/[\p{L}\p{N}]+/gu) ?? [];
  return words.map((w) => `${w}:*`).join(' & ');
}

const FIND = `select c.id as "case", c.digest->>'name' as name, t.number,
    ts_headline('english', t.words, q, 'StartSel=⟦, StopSel=⟧, MaxWords=24, MinWords=12') as excerpt
  from case_text t join "case" c on c.id = t.case_id, to_tsquery('english', $2) q
  where c.owner = $1 and t.found @@ q
  order by ts_rank(t.found, q) desc, c.created_at desc, t.seq limit ${MOST_FOUND}`;

export function searchRoutes(db: Db): Router {
  const router = Router();
  router.get('/search', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'list-cases' });
    const wanted = query(check(asked, req.query['q']));
    const found = wanted ? (await db.query<Found>(FIND, [person.id, wanted])).rows : [];
    res.json(found);
  });
  return router;
}
