/**
 * Appending and opening: throughput of appends beside that of a bare Express with one INSERT in the same run, the list of a
 * hundred cases of three hundred events, and one of them opened. `./foxing bench append`.
 */
import { randomUUID } from 'node:crypto';
import express from 'express';
import type pg from 'pg';
import { throwawayFoxing } from '#launcher/throwaway';
import { type CaseView, caseChangesSchema } from '#contract';
import { type EventBody, link } from '../server/src/cases/chain';
import { openPool, type Db } from '../server/src/db/pool';
import { startServer } from '../server/src/start';
import { drive, note, operation } from './driver';

const SECONDS = 5;
const ROUNDS = 3;
const EVENTS = 300;
const CASES = 100;

const post = (url: string, body: unknown) =>
  fetch(url, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });

const median = (list: readonly number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!;

async function bareExpress(db: Db): Promise<number> {
  await db.query('create table if not exists bare (id uuid primary key, body text not null)');
  const app = express();
  app.use(express.json());
  app.post('/', async (req, res) => {
    await db.query({ name: 'bare', text: 'insert into bare values ($1, $2)', values: [randomUUID(), JSON.stringify(req.body)] });
    res.json({ ok: true });
  });
  const server = app.listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as { port: number };
  const rate = await drive({ url: `http://127.0.0.1:${port}/`, seconds: SECONDS, what: 'bare' });
  server.closeAllConnections();
  server.close();
  return rate;
}

async function begin(url: string): Promise<CaseView> {
  return caseChangesSchema.parse(await (await post(`${url}/api/cases`, { jar: 'jar-09' })).json());
}

/** As many copies of a case as are wanted, each with a chain of its own. */
async function copies(db: pg.Pool, id: string, count: number): Promise<void> {
  const { rows } = await db.query<{ body: string }>('select body from case_event where case_id = $1 order by seq', [id]);
  const bodies = rows.map((r) => JSON.parse(r.body) as EventBody);
  for (let c = 0; c < count; c++) {
    const copy = randomUUID();
    let previous = '';
    const links = bodies.map((body) => {
      const linked = link({ ...body, case: copy, id: randomUUID(), previous });
      previous = linked.hash;
      return linked;
    });
    await db.query(
      `insert into "case" select $1, owner, sample, salt, seq, $2, digest, bench, created_at from "case" where id = $3`,
      [copy, previous, id],
    );
    await db.query(`insert into case_event select $1, * from unnest($2::int[], $3::uuid[], $4::text[], $5::text[])`, [
      copy,
      links.map((l) => l.body.seq),
      links.map((l) => l.body.id),
      links.map((l) => l.text),
      links.map((l) => l.hash),
    ]);
    await db.query('insert into bench_vessel select $1, id, state from bench_vessel where case_id = $2', [copy, id]);
  }
}

async function timed(ask: () => Promise<Response>): Promise<{ ms: number; bytes: number }> {
  const since = performance.now();
  const { length } = await (await ask()).arrayBuffer().then((b) => new Uint8Array(b));
  return { ms: Math.round((performance.now() - since) * 10) / 10, bytes: length };
}

export async function benchAppend(): Promise<number> {
  const foxing = await throwawayFoxing({ requestsPerMinute: 1e7 });
  const { url } = foxing.servers[0]!;
  const owner = openPool(foxing.cluster.ownerUrl);
  try {
    const rates = { bare: [] as number[], entries: [] as number[], operations: [] as number[] };
    await drive({ url, seconds: SECONDS, what: 'entries' });
    for (let round = 0; round < ROUNDS; round++) {
      rates.bare.push(await bareExpress(owner));
      for (const what of ['entries', 'operations'] as const) rates[what].push(await drive({ url, seconds: SECONDS, what }));
    }
    const [bare, entries, operations] = [rates.bare, rates.entries, rates.operations].map(median) as [number, number, number];
    let view = await begin(url);
    let answer = { ms: 0, bytes: 0 };
    for (let i = 0; view.seq < EVENTS; i++) {
      const request = { id: randomUUID(), after: view.seq, event: i % 3 ? operation(i) : note(i) };
      answer = await timed(() => post(`${url}/api/cases/${view.summary.id}/events`, request));
      view = { ...view, seq: view.seq + 1 };
    }
    await copies(owner, view.summary.id, CASES);
    const cold = await startServer({ databaseUrl: foxing.cluster.url, port: 0, logLevel: 'error' });
    await fetch(`${cold.url}/api/me`);
    const list = {
      cold: await timed(() => fetch(`${cold.url}/api/cases`)),
      warm: await timed(() => fetch(`${cold.url}/api/cases`)),
    };
    const open = () => fetch(`${cold.url}/api/cases/${view.summary.id}`);
    const one = { cold: await timed(open), warm: await timed(open) };
    await cold.close();
    const report = {
      perSecond: { bare: Math.round(bare), entries: Math.round(entries), operations: Math.round(operations) },
      share: { entries: Math.round((entries / bare) * 100) / 100, operations: Math.round((operations / bare) * 100) / 100 },
      list,
      open: one,
      append: answer,
    };
    process.stdout.write(`${JSON.stringify(report, null, 1)}\n`);
    return 0;
  } finally {
    await owner.end();
    await foxing.remove();
  }
}
