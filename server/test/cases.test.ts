import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { jarSchema, listedCaseSchema, noticeSchema, problemSchema, reckoningSchema } from '#contract';
import type { CaseEvent } from '#core/record/events';
import { verifyAtOneMoment, verifyChains } from '../src/cases/chain';
import { JARS } from '../src/demo/jars';
import { loadDemo } from '../src/demo/load';
import { openPool } from '../src/db/pool';
import { startServer } from '../src/start';
import { Client, DISSOLVE, operation, wrote } from './client';
import { freshFoxing } from './harness';

let foxing: Awaited<ReturnType<typeof freshFoxing>>;
let one: Client;
let two: Client;

beforeAll(async () => {
  foxing = await freshFoxing(2);
  [one, two] = foxing.servers.map((server) => new Client(server)) as [Client, Client];
});
afterAll(() => foxing.remove());

const note = (test: string): CaseEvent => wrote(test, { channel: 'flame', colour: 'none' });
const list = async (client = one) => listedCaseSchema.array().parse(JSON.parse((await client.ask('/api/cases')).text));

test('the demo is there, and loading it again changes nothing', async () => {
  expect(await loadDemo(foxing.cluster.url)).toBe(false);
  const cases = await list();
  expect(cases.map((c) => c.name).sort()).toEqual(['Jar 2', 'Jar 5', 'Jar 7', 'Phial 42']);
  const five = cases.find((c) => c.name === 'Jar 5')!;
  expect(five).toMatchObject({ concluded: true, status: 'signed', hinted: ['Pb2+', 'NO3-'] });
});

test('a case is its events: both servers and a third that starts later agree on every drop', async () => {
  let view = await one.begin({ jar: 'jar-09' });
  const events: CaseEvent[] = [
    DISSOLVE,
    operation({ op: 'take', to: 'A', from: 'S', mL: 1 }, 'ammonia'),
    operation({ op: 'add', to: 'A', reagent: 'ammonia-6M', mL: 1 }, 'ammonia'),
    {
      kind: 'entry',
      payload: {
        test: 'ammonia',
        vessel: 'A',
        observed: [{ channel: 'solution', event: 'colour-changed', colour: 'deep-blue' }],
      },
    },
  ];
  for (const [i, event] of events.entries()) view = await (i % 2 ? two : one).write(view, event);
  expect(view.vessels.find((v) => v.id === 'A')!.drawing.liquid!.hex).toBe('#2140a6');
  expect(view.entries[0]!.working).toEqual({ tubes: ['S', 'A'], operations: [3, 4] });
  const third = await startServer({ databaseUrl: foxing.cluster.url, port: 0, logLevel: 'silent', threads: 1 });
  const seen = await Promise.all([one, two, new Client(third)].map((client) => client.read(view.summary.id)));
  await third.close();
  for (const read of seen) expect(read).toEqual(view);
  expect((await list(two)).find((c) => c.id === view.summary.id)).toEqual({ ...view.summary, archived: false });
});

test('a case is drawn at random, set by formula, and put out of the way and back; its label never tells', async () => {
  const before = (await list()).length;
  for (const random of ['common-salt', 'mixture', 'simple-compound'] as const) {
    const view = await one.begin({ random });
    expect(view.summary.name).toMatch(/^Unknown \d{3}$/);
    expect(view.identity).toBeNull();
  }
  const own = await one.begin({
    salts: {
      name: 'Bench 4',
      salts: [
        { formula: 'NiSO4·6H2O', grams: 2 },
        { formula: 'KNO3', grams: 1 },
      ],
    },
  });
  expect(own.summary).toMatchObject({ name: 'Bench 4', left: 3, unit: 'g' });
  expect(JSON.stringify(own)).not.toMatch(/NiSO4|KNO3|nickel/);
  const { status, text } = await one.ask('/api/cases', { salts: { name: 'Bad', salts: [{ formula: 'Qq3', grams: 1 }] } });
  expect([status, text]).toEqual([422, expect.stringContaining('Qq3')]);
  expect((await list()).length).toBe(before + 4);
  const archived = async (on: boolean) => {
    const answer = await one.ask(`/api/cases/${own.summary.id}/archived`, { archived: on }, {}, 'PUT');
    expect(answer.status).toBe(200);
    return (await list()).find((c) => c.id === own.summary.id)!.archived;
  };
  expect(await archived(true)).toBe(true);
  expect((await two.read(own.summary.id)).summary).toEqual(own.summary);
  expect(await archived(false)).toBe(false);
});

test('an answer to an append holds what changed, however long the case is', async () => {
  let view = await one.begin({ jar: 'jar-11' });
  view = await one.write(view, DISSOLVE);
  const sizes: number[] = [];
  for (let i = 0; i < 40; i++) {
    const answer = await one.append(view, operation({ op: 'take', to: `T${i}`, from: 'S', mL: 0.1 }));
    view = answer.view!;
    sizes.push(answer.text.length);
  }
  expect(sizes.at(-1)! - sizes[0]!).toBeLessThan(60);
  expect(view.vessels).toHaveLength(41);
});

test('an event that follows the wrong one is refused; a repeat is recognised; two at once leave one', async () => {
  const view = await one.begin({ jar: 'jar-11' });
  const id = randomUUID();
  const first = await one.append(view, DISSOLVE, { id });
  expect(first.view!.seq).toBe(2);
  for (const client of [one, two]) expect((await client.append(view, DISSOLVE, { id })).view).toEqual(first.view);
  const late = await one.append(view, note('flame'));
  expect(late.status).toBe(409);
  expect(JSON.parse(late.text)).toMatchObject({ code: 'stale', seq: 2 });
  const race = await Promise.all([one, two].map((client) => client.append(first.view!, note('flame'))));
  expect(race.map((r) => r.status).sort()).toEqual([200, 409]);
});

test('what waited says when it was done beside when it arrived; never later than that, nor before the case was begun', async () => {
  let view = await one.begin({ real: { name: 'U 41', look: 'white grains', grams: 2 } });
  const begun = Date.parse(view.summary.createdAt);
  await new Promise((resolve) => setTimeout(resolve, 30));
  for (const done of [begun + 5, begun - 60000, begun + 3600000].map((ms) => new Date(ms).toISOString())) {
    const body = { id: randomUUID(), after: view.seq, event: note('flame'), done };
    const { status, text } = await one.ask(`/api/cases/${view.summary.id}/events`, body);
    expect([status, text]).toEqual([200, text]);
    view = await one.read(view.summary.id);
  }
  expect(view.entries.map((e) => e.done)).toEqual([new Date(begun + 5).toISOString(), undefined, undefined]);
  const csv = (await one.ask(`/api/cases/${view.summary.id}/export/csv`)).text;
  expect(csv).toContain(view.entries[0]!.at);
  const bad = { id: randomUUID(), after: view.seq, event: note('flame'), done: 'yesterday' };
  expect((await one.ask(`/api/cases/${view.summary.id}/events`, bad)).status).toBe(422);
});

describe('the chain', () => {
  const owner = async <T>(work: (client: pg.Client) => Promise<T>): Promise<T> => {
    const client = new pg.Client({ connectionString: foxing.cluster.ownerUrl });
    await client.connect();
    try {
      return await work(client);
    } finally {
      await client.end();
    }
  };
  const verify = async () => {
    const db = openPool(foxing.cluster.ownerUrl);
    const found = await verifyChains(db);
    await db.end();
    return found;
  };
  /** What verifying finds after someone with all power has meddled; put back afterwards. */
  const meddled = (sql: string) =>
    owner(async (client) => {
      await client.query('begin; alter table case_event disable trigger all; alter table "case" disable trigger all');
      await client.query(sql);
      const { broken } = await verifyChains(client);
      await client.query('rollback');
      return broken.map((b) => b.why).join();
    });

  test('while people write, every chain holds at the moment that is looked at', async () => {
    const view = await one.begin({ real: { name: 'U 40', look: 'white grains', grams: 2 } });
    let stop = false;
    const writing = (async () => {
      let now = view;
      while (!stop) now = await one.write(now, note('flame'));
      return now;
    })();
    const db = openPool(foxing.cluster.ownerUrl);
    const found = [];
    for (let i = 0; i < 8; i++) found.push(await verifyAtOneMoment(db));
    stop = true;
    const { entries } = await writing;
    await db.end();
    expect(entries.length).toBeGreaterThan(3);
    expect(found.flatMap((f) => f.broken)).toEqual([]);
    const counts = found.map((f) => f.events);
    expect(counts).toEqual([...counts].sort((a, b) => a - b));
  });

  test('events cannot be changed or removed, and every chain holds', async () => {
    await owner(async (client) => {
      await expect(client.query(`update case_event set body = '{}'`)).rejects.toThrow(/never changed/);
      await expect(client.query('delete from case_event')).rejects.toThrow(/never changed/);
    });
    const { cases, events, broken } = await verify();
    expect(cases).toBeGreaterThan(3);
    expect(events).toBeGreaterThan(60);
    expect(broken).toEqual([]);
  });

  test('what was changed, moved, taken out or cut off is noticed', async () => {
    const last = '(select max(seq) from case_event e where e.case_id = case_event.case_id)';
    expect(await meddled(`update case_event set body = replace(body, 'white', 'black') where body like '%white%'`)).toMatch(
      /is not what its hash says/,
    );
    expect(await meddled(`delete from case_event where seq = 3`)).toMatch(/event 3 is missing/);
    expect(await meddled(`delete from case_event where seq > 2 and seq = ${last}`)).toMatch(/the end was cut off/);
    expect(
      await meddled(`update case_event set body = body || ' ', hash = encode(sha256((body || ' ')::bytea), 'hex') where seq = 2`),
    ).toMatch(/not in canonical form/);
    expect(
      await meddled(
        `update case_event set body = regexp_replace(body, '"previous":"[^"]*"', '"previous":""'),
         hash = encode(sha256(regexp_replace(body, '"previous":"[^"]*"', '"previous":""')::bytea), 'hex') where seq = 2`,
      ),
    ).toMatch(/does not follow/);
    expect((await verify()).broken).toEqual([]);
  });
});

test('the application’s role reads and writes rows, and nothing else', async () => {
  const client = new pg.Client({ connectionString: foxing.cluster.url });
  await client.connect();
  const { rows } = await client.query<{ rolsuper: boolean }>(
    'select rolsuper, rolcreatedb from pg_roles where rolname = current_user',
  );
  expect(rows[0]).toEqual({ rolsuper: false, rolcreatedb: false });
  for (const sql of [
    'truncate reasoning_answer',
    'drop table jar',
    'create table mine (x int)',
    `copy jar to program 'cat'`,
    'delete from case_event',
    'alter table case_event disable trigger all',
    `select pg_read_file('/etc/passwd')`,
  ])
    await expect(client.query(sql)).rejects.toThrow(/denied|must be owner|must be superuser/);
  await client.end();
  const nameless = new pg.Client({ connectionString: foxing.cluster.url.replace(/:[^:@]*@/, '@') });
  await expect(nameless.connect()).rejects.toThrow(/password/);
});

test('striking an entry leaves it in the ledger; a signed report stands until it is withdrawn', async () => {
  let view = await one.begin({ jar: 'jar-12' });
  view = await one.write(view, wrote('flame', { channel: 'flame', colour: 'apple-green' }));
  const conclude: CaseEvent = {
    kind: 'conclusion',
    payload: { found: [{ ion: 'Ba2+', claim: 'confirmed', evidence: [1] }], signed: 'I. V.' },
  };
  const strike: CaseEvent = { kind: 'strike', payload: { entry: 1, reason: 'dirty wire' } };
  view = await one.write(view, conclude);
  const refused = await one.append(view, strike);
  expect([refused.status, refused.text]).toEqual([422, expect.stringMatching(/withdraw it first/)]);
  view = await one.write(view, { kind: 'withdrawn', payload: { reason: 'the wire' } }, strike);
  expect(view.entries[0]!.struck!.reason).toBe('dirty wire');
  expect(view.report).toBeNull();
  const again = await one.append(view, conclude);
  expect([again.status, again.text]).toEqual([422, expect.stringMatching(/entry 1 for Ba2\+ is struck/)]);
});

test('no answer leaves the server before a case is opened up: nothing it sends names what is in a jar', async () => {
  const jars = await one.ask('/api/jars');
  jarSchema.array().parse(JSON.parse(jars.text));
  let view = await one.begin({ jar: 'jar-16' });
  view = await one.write(view, DISSOLVE, wrote('flame', { channel: 'flame', colour: 'none' }));
  const cases = (await one.ask('/api/cases')).text.replace(/"hinted":\[[^\]]*\]/g, '');
  const said = jars.text + JSON.stringify(view) + cases;
  for (const { sample } of JARS) if ('salts' in sample) expect(said).not.toContain(sample.salts[0]!.formula);
  expect(said).not.toMatch(/"sample":|silver nitrate/i);
  const signed = await one.write(view, {
    kind: 'conclusion',
    payload: { found: [{ ion: 'Ag+', claim: 'may-be-present', evidence: [1] }], signed: 'I. V.' },
  });
  expect(signed.identity).toBeNull();
  expect((await one.write(signed, { kind: 'opened-up', payload: {} })).identity).toBe('AgNO3');
});

test.each([
  ['/api/cases/not-a-uuid', undefined, 404, /no such case/],
  [`/api/cases/${randomUUID()}`, undefined, 404, /no such case/],
  ['/api/cases', { jar: "jar-07'; drop table person; --" }, 422, /no jar/],
  ['/api/cases', '{"jar":', 422, /not valid JSON/],
  ['/api/cases', { jar: 'jar-07', sample: {} }, 422, /sample|Unrecognized/],
  ['/api/cases', { jar: 'jar\u0000' }, 422, /cannot be kept/],
  ['/api/cases', { real: { name: '\ud800', look: 'x', grams: 1 } }, 422, /cannot be kept/],
  ['/api/cases', '{"real":{"__proto__":{"name":"x"}}}', 422, /cannot be kept/],
  ['/api/nothing', undefined, 404, /nothing at GET/],
] as const)('%s with %j is answered %i', async (path, body, status, message) => {
  const answer = await one.ask(path, body);
  expect(answer.status).toBe(status);
  expect(answer.headers.get('content-type')).toMatch(/problem\+json/);
  expect(problemSchema.parse(JSON.parse(answer.text)).detail).toMatch(message);
  expect(answer.text).not.toMatch(/node_modules|\.ts:/);
});

test('bad events are refused with the field, and change nothing', async () => {
  const view = await one.begin({ jar: 'jar-18' });
  for (const [event, message] of [
    [{ kind: 'operation', payload: { op: { op: 'heat', vessel: 'Z', to: 'boil' } } }, /no vessel/],
    [{ kind: 'operation', payload: { op: { op: 'look', vessel: 'constructor' } } }, /another name/],
    [{ kind: 'operation', payload: { op: { op: 'take-solid', to: 'A', grams: 50 } } }, /only 3\.00 g/],
    [{ kind: 'entry', payload: { test: 'flame', observed: [] } }, /say what you saw/],
    [
      { kind: 'entry', payload: { test: 'flame', observed: [{ channel: 'flame', colour: 'mauve' }] } },
      /mauve.* is no colour of flame/,
    ],
    [{ kind: 'entry', payload: { test: 'flame', observed: [{ channel: 'flame', texture: 'curdy' }] } }, /texture/],
    [{ kind: 'strike', payload: { entry: 9, reason: 'x' } }, /no entry 9/],
    [{ kind: 'conclusion', payload: { found: [], signed: 'x' } }, /at least one ion/],
    [
      { kind: 'conclusion', payload: { found: [{ ion: 'constructor', claim: 'confirmed', evidence: [1] }], signed: 'x' } },
      /entry 1/,
    ],
  ] as const) {
    const answer = await one.append(view, event as unknown as CaseEvent);
    expect([answer.status, answer.text]).toEqual([422, expect.stringMatching(message)]);
  }
  expect(await one.read(view.summary.id)).toEqual(view);
});

test('house rules are kept for their person, hold for the cases begun by them, and are taken on by others when asked', async () => {
  const rules = {
    answers: { 'cation-scheme': 'six-group' },
    restrictedReagents: ['chlorine-water'],
    ownFirst: true,
    notes: 'Eyewash by the door.',
  };
  const before = await one.begin({ jar: 'jar-12' });
  const put = (body: unknown) => one.ask('/api/house-rules', body, {}, 'PUT');
  expect((await put({ answers: { 'cation-scheme': 'alchemy' } })).text).toMatch(/answers\.cation-scheme: choose no-sulfide/);
  expect((await put(rules)).status).toBe(200);
  expect(JSON.parse((await two.ask('/api/house-rules')).text)).toMatchObject({ ...rules, dropML: 0.05 });
  let view = await one.begin({ jar: 'jar-12' });
  expect(view.rules.answers['cation-scheme']).toBe('six-group');
  view = await one.write(view, { kind: 'entry', payload: { test: 'flame', observed: [{ channel: 'flame', colour: 'none' }] } });
  expect(await one.reasoning(view)).toEqual({ waiting: [1] });
  expect((await one.read(before.summary.id)).rules.ownFirst).toBe(false);
  const kept = (await two.write(before, { kind: 'rules', payload: { rules: view.rules } })).rules;
  expect(kept).toEqual(view.rules);
  expect((await put({})).status).toBe(200);
});

test('a real sample is led and reckoned for, and nothing of it is made up', async () => {
  expect((await one.ask('/api/cases', { real: { name: '', look: 'x', grams: 1 } })).text).toMatch(/name or number/);
  let view = await one.begin({ real: { name: 'U 17', look: 'white grains', grams: 2 } });
  expect(view.summary).toMatchObject({ kind: 'real', name: 'U 17', left: 2 });
  view = await one.write(view, DISSOLVE, operation({ op: 'add', to: 'S', reagent: 'hydrochloric-acid-2M', mL: 6 }));
  expect(view.vessels[0]!.drawing.text).toMatch(/yours to look at/);
  const reckon = (tube: string, reagent: string) => two.ask(`/api/cases/${view.summary.id}/reckoning`, { tube, reagent });
  const reckoned = reckoningSchema.parse(JSON.parse((await reckon('S', 'ammonia-2M')).text));
  expect(reckoned.acid).toBeCloseTo(0.67, 1);
  expect(reckoned.waterTo).toBeGreaterThan(20);
  expect(reckoned.neutralise!.end).toBe('just-basic');
  expect((await reckon('Q', 'water')).status).toBe(422);
});

test('headers are strict; another site may not write, and no other name is answered to', async () => {
  const { headers } = await one.ask('/api/me');
  expect(headers.get('content-security-policy')).toMatch(/default-src 'self'/);
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(headers.get('x-powered-by')).toBeNull();
  for (const origin of ['https://elsewhere.example', 'null'])
    expect((await one.ask('/api/cases', { jar: 'jar-07' }, { origin })).status).toBe(403);
  expect((await one.ask('/api/cases', { jar: 'jar-07' }, { 'content-type': 'application/json; charset=morse' })).status).toBe(
    422,
  );
});

test('one stream tells a person of all their cases, whichever server went on with them', async () => {
  const view = await one.begin({ jar: 'jar-21' });
  const stop = new AbortController();
  const stream = await fetch(`${one.server.url}/api/live`, { signal: stop.signal });
  const reader = stream.body!.getReader();
  await reader.read();
  await two.write(view, DISSOLVE);
  let heard = '';
  while (!heard.includes(view.summary.id)) heard += new TextDecoder().decode((await reader.read()).value);
  stop.abort();
  const notices = [...heard.matchAll(/^data: (.*)$/gm)].map((m) => noticeSchema.parse(JSON.parse(m[1]!)));
  expect(notices).toContainEqual({ case: view.summary.id, seq: 2 });
});
