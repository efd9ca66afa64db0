import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { type Throwaway, throwawayCluster } from '#launcher/throwaway';
import { verifyChains } from '../src/cases/chain';
import { migrate, openPool } from '../src/db/pool';
import { prepareDatabase } from '../src/db/prepare';
import { startServer } from '../src/start';
import { Client } from './client';

let made: Throwaway;
beforeAll(async () => {
  made = await throwawayCluster();
});
afterAll(() => made.remove());

const PERSON = randomUUID();
const op = (op: object, test?: string) => ({ kind: 'operation', payload: { op, ...(test && { test }) } });
const flame = { kind: 'entry', payload: { test: 'flame', observed: [{ channel: 'flame', colour: 'green' }] } };
const sign = { kind: 'conclusion', payload: { found: [{ ion: 'Cu2+', claim: 'confirmed', evidence: [1] }], signed: 'I. V.' } };
const dissolve = op({ op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 });

/** Cases as they were kept before events held what came of them. */
const OLD: Readonly<Record<string, { readonly jar?: string; readonly real?: object; readonly events: readonly object[] }>> = {
  worked: {
    jar: 'jar-09',
    events: [
      dissolve,
      op({ op: 'take', to: 'A', from: 'S', mL: 1 }),
      op({ op: 'flame', from: 'sample' }, 'flame'),
      flame,
      sign,
      flame,
    ],
  },
  broken: { jar: 'jar-09', events: [dissolve, flame, op({ op: 'decant', from: 'Q', to: 'B' }), flame] },
  real: { real: { name: 'U 1', look: 'white', grams: 2 }, events: [dissolve] },
};

test('old cases are replayed once: what came of every step is kept, and one that cannot be replayed can be read', async () => {
  await migrate(made.cluster.ownerUrl, 3);
  const client = new pg.Client({ connectionString: made.cluster.ownerUrl });
  await client.connect();
  await client.query('insert into person (id, name, local) values ($1, $2, true)', [PERSON, 'Ilse Varnholt']);
  const sample = JSON.stringify({ salts: [{ formula: 'CuSO4·5H2O', grams: 3 }] });
  await client.query(`insert into jar values ('jar-09', 'Jar 9', 'deep-blue crystals', 'A jar.', $1)`, [sample]);
  const ids: Record<string, string> = {};
  for (const [name, { jar, real, events }] of Object.entries(OLD)) {
    const id = (ids[name] = randomUUID());
    await client.query('insert into "case" (id, owner, jar, real) values ($1, $2, $3, $4)', [
      id,
      PERSON,
      jar ?? null,
      real ?? null,
    ]);
    for (const [i, event] of events.entries())
      await client.query(
        'insert into case_event (case_id, seq, id, event, who, at, hash) values ($1, $2, $3, $4, $5, now(), $6)',
        [id, i + 1, randomUUID(), JSON.stringify(event), PERSON, `old ${i}`],
      );
  }
  await client.end();

  const prepared = await prepareDatabase(made.cluster.ownerUrl);
  expect(prepared.replayed).toBe(3);
  expect(prepared.unreplayable).toEqual([expect.stringMatching(/^Jar 9: from its event 3 on .*no vessel "Q"/)]);
  expect(await prepareDatabase(made.cluster.ownerUrl)).toEqual({ replayed: 0, unreplayable: [] });

  const db = openPool(made.cluster.ownerUrl);
  expect(await verifyChains(db)).toMatchObject({ cases: 3, broken: [] });
  await expect(db.query('select 1 from case_before')).rejects.toThrow(/does not exist/);
  await db.end();

  const server = await startServer({ databaseUrl: made.cluster.ownerUrl, port: 0, logLevel: 'silent', threads: 1 });
  try {
    const one = new Client(server);
    const worked = await one.read(ids['worked']!);
    // The report was signed and the work went on: so it reads as taken back.
    expect(worked).toMatchObject({ report: null, summary: { name: 'Jar 9', left: 2.59, status: 'open' } });
    expect(worked.entries).toHaveLength(2);
    expect(worked.entries[0]!.working.operations).toEqual([4]);
    expect(worked.vessels.find((v) => v.id === 'A')!.drawing.liquid!.hex).not.toBe('#ffffff');
    const on = await one.append(worked, {
      kind: 'operation',
      payload: { op: { op: 'add', to: 'A', reagent: 'ammonia-6M', mL: 1 } },
    });
    expect(on.status).toBe(200);

    const broken = await one.read(ids['broken']!);
    expect(broken.readOnly).toMatch(/from its event 3 on/);
    expect(broken.entries).toHaveLength(1);
    const refused = await one.append(broken, { kind: 'timer-done', payload: { id: 'x' } });
    expect([refused.status, refused.text]).toEqual([422, expect.stringMatching(/can only be read: from its event 3/)]);
    expect((await one.read(ids['real']!)).vessels[0]!.drawing.text).toMatch(/yours to look at/);
  } finally {
    await server.close();
  }
});
