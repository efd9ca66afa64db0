/** House rules of a person: one document, read with today's defaults for whatever it does not say. */
import { Router } from 'express';
import { DEFAULT_RULES, type HouseRules, houseRulesSchema } from '#core/scheme/rules';
import { actor, must } from '../access/access';
import type { Db, Queryable } from '../db/pool';
import { check } from '../http/problem';

export async function houseRulesOf(db: Queryable, person: string): Promise<HouseRules> {
  const { rows } = await db.query<{ rules: unknown }>('select rules from house_rules where person = $1', [person]);
  return rows[0] ? houseRulesSchema.parse(rows[0].rules) : DEFAULT_RULES;
}

export async function saveRules(db: Db, person: string, rules: HouseRules): Promise<void> {
  await db.query(
    `insert into house_rules (person, rules) values ($1, $2)
     on conflict (person) do update set rules = excluded.rules, updated_at = now()`,
    [person, JSON.stringify(rules)],
  );
}

export function ruleRoutes(db: Db): Router {
  const router = Router();
  router.get('/house-rules', async (req, res) => {
    must(actor(req), { do: 'house-rules' });
    res.json(await houseRulesOf(db, actor(req).id));
  });
  router.put('/house-rules', async (req, res) => {
    must(actor(req), { do: 'house-rules' });
    const rules = check(houseRulesSchema, req.body);
    await saveRules(db, actor(req).id, rules);
    res.json(rules);
  });
  return router;
}
