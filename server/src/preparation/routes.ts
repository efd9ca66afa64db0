/** The stock of a person's preparation room, and what is printed for it. */
import { Router } from 'express';
import { prepare } from '#core/planning/preparation';
import { seeded } from '#core/reasoning/student';
import { printingSchema, type StockList, stockSchema } from '#contract';
import { actor, must } from '../access/access';
import type { Db } from '../db/pool';
import { check, HttpProblem } from '../http/problem';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';

const PDF_SECONDS = 30;

export function preparationRoutes(db: Db, thought: Crew<ThoughtTasks>): Router {
  const router = Router();
  router.get('/stock', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'prepare' });
    const { rows } = await db.query<{ items: StockList }>('select items from stock where person = $1', [person.id]);
    res.json(rows[0]?.items ?? []);
  });
  router.put('/stock', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'prepare' });
    const items = check(stockSchema, req.body);
    await db.query(
      `insert into stock (person, items) values ($1, $2)
       on conflict (person) do update set items = excluded.items, updated_at = now()`,
      [person.id, JSON.stringify(items)],
    );
    res.json(items);
  });
  router.post('/preparation/pdf', async (req, res) => {
    must(actor(req), { do: 'prepare' });
    const { asked, paper, deal } = check(printingSchema, req.body);
    let preparation;
    try {
      preparation = prepare(asked, seeded(deal));
    } catch (error) {
      if (error instanceof RangeError) throw new HttpProblem('bad-input', `tests: ${error.message}`);
      throw error;
    }
    const pdf = await thought.run('preparationPdf', { preparation, paper, on: asked.on }, { seconds: PDF_SECONDS });
    res.setHeader('content-type', 'application/pdf');
    res.setHeader('content-disposition', `inline; filename="preparation-${paper}.pdf"`);
    res.send(Buffer.from(pdf));
  });
  return router;
}
