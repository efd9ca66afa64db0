/** A laboratory that is opened, kept and watched over: who may see what, and what stays when something breaks. */
import { request } from 'node:http';
import parsePrometheus from 'parse-prometheus-text-format';
import pg from 'pg';
import { auditSchema, doorsSchema, keepingSchema, laboratorySchema, problemSchema } from '#contract';
import { type Cluster } from '#launcher/cluster';
import { throwawayCluster } from '#launcher/throwaway';
import { openPool } from '../src/db/pool';
import { prepareDatabase } from '../src/db/prepare';
import { makeOpening } from '../src/laboratory/store';
import { turnOn } from '../src/people/store';
import { type Running, startServer, type StartOptions } from '../src/start';
import { openSchool, PASSPHRASE, Visitor } from '../../bench/visitor';
import { CHEAP_HASHES, freshFoxing } from './harness';

const APPLICATION = 'foxing_app';
const ASKED = { name: 'Anna', login: 'anna', passphrase: PASSPHRASE, laboratory: 'Paper laboratory', class: 'First year' };

let made: { cluster: Cluster; remove(): Promise<void> };
let server: Running;

const started = (options: Partial<StartOptions> = {}) =>
  startServer({
    databaseUrl: made.cluster.url,
    port: 0,
    logLevel: 'silent',
    threads: 1,
    warm: false,
    ...CHEAP_HASHES,
    ...options,
  });

beforeAll(async () => {
  made = await throwawayCluster();
  await prepareDatabase(made.cluster.ownerUrl, APPLICATION);
  server = await started();
});
afterAll(async () => {
  await server.close();
  await made.remove();
});

const asOwner = async <T extends pg.QueryResultRow>(sql: string) => {
  const client = new pg.Client({ connectionString: made.cluster.ownerUrl });
  await client.connect();
  try {
    return (await client.query<T>(sql)).rows;
  } finally {
    await client.end();
  }
};

describe('an empty laboratory', () => {
  let token: string;
  let keeper: Visitor;
  const nobody = () => new Visitor(server.url);

  beforeAll(async () => {
    const db = openPool(made.cluster.url);
    await turnOn(db);
    token = await makeOpening(db);
    await db.end();
  });

  test('is opened once, by whoever holds the one-time address, and begins with a class', async () => {
    expect(laboratorySchema.parse(await nobody().get('GET', '/laboratory'))).toEqual({ name: null });
    expect((await nobody().ask('GET', '/me')).status).toBe(401);
    const wrong = await nobody().ask('POST', '/opening', { ...ASKED, token: 'guessed' });
    expect([wrong.status, problemSchema.parse(JSON.parse(wrong.text)).detail]).toEqual([
      403,
      expect.stringMatching(/used already/),
    ]);
    keeper = await nobody().enter('/opening', { ...ASKED, token });
    expect(await keeper.get('GET', '/me')).toMatchObject({ name: 'Anna', role: 'keeper', accounts: true });
    expect(await keeper.get('GET', '/classes')).toMatchObject([{ name: 'First year', mine: true }]);
    expect(laboratorySchema.parse(await nobody().get('GET', '/laboratory'))).toEqual({ name: 'Paper laboratory' });
    expect((await nobody().ask('POST', '/opening', { ...ASKED, login: 'second', token })).status).toBe(403);
  });

  test('guesses at the one-time address are counted', async () => {
    const tries = await Promise.all(
      Array.from({ length: 20 }, () => nobody().ask('POST', '/opening', { ...ASKED, token: 'guessed' })),
    );
    expect(tries.filter((t) => t.status === 403).length).toBeLessThanOrEqual(8);
    expect(tries.some((t) => t.status === 429)).toBe(true);
  });

  test.each([
    ['a name that is empty', { name: ' ' }, /say your name/],
    ['a short passphrase', { passphrase: 'short' }, /at least 10/],
    ['no laboratory', { laboratory: '' }, /name/],
    ['a key that is not known', { laboratry: 'x' }, /laboratry/],
  ])('%s is told in words', async (_, change, says) => {
    const answer = await nobody().ask('POST', '/opening', { ...ASKED, token, ...change });
    expect([answer.status, answer.text]).toEqual([422, expect.stringMatching(says)]);
  });

  test('who may see addresses, and who the log: by role', async () => {
    await keeper.get('POST', '/people', { name: 'Ines', login: 'ines', passphrase: PASSPHRASE, role: 'instructor' });
    const instructor = await nobody().enter('/sign-in', { login: 'ines', passphrase: PASSPHRASE });
    const [first] = await keeper.get<{ id: string }[]>('GET', '/classes');
    const { code } = await keeper.get<{ code: string }>('GET', `/classes/${first!.id}`);
    const student = await nobody().enter('/join', { code, name: 'Stig', login: 'stig', passphrase: PASSPHRASE });
    const seen = async (who: Visitor) => [(await who.ask('GET', '/doors')).status, (await who.ask('GET', '/keeping')).status];
    expect(await Promise.all([keeper, instructor, student, nobody()].map(seen))).toEqual([
      [200, 200],
      [200, 403],
      [403, 403],
      [401, 401],
    ]);
    expect(doorsSchema.parse(await keeper.get('GET', '/doors'))).toEqual({ addresses: [], authority: null });
  });

  test('every privileged act leaves a line, which cannot be changed, and no line tells a sample or a passphrase', async () => {
    const [first] = await keeper.get<{ id: string }[]>('GET', '/classes');
    await keeper.get('PUT', `/classes/${first!.id}`, { name: 'First year, Monday' });
    await keeper.get('POST', '/classes', { name: 'Second year' });
    const people = await keeper.get<{ id: string; name: string }[]>('GET', '/people');
    const ines = people.find((p) => p.name === 'Ines')!;
    await keeper.get('PUT', `/people/${ines.id}/passphrase`, { passphrase: 'a quite new passphrase' });
    const set = await keeper.get<{ id: string }>('POST', `/classes/${first!.id}/sets`, {
      title: 'Week one',
      unknowns: [{ salts: [{ formula: 'CuSO4·5H2O', grams: 5 }] }],
      terms: { tests: null, reasoning: true },
    });
    await keeper.get('PUT', `/sets/${set.id}`, { minutes: 30 });
    const { audit } = keepingSchema.parse(await keeper.get('GET', '/keeping'));
    expect(audit.map((l) => `${l.name} ${l.act} ${l.about}`).reverse()).toEqual([
      'Anna opened the laboratory Paper laboratory',
      'Anna added a person Ines, instructor',
      'Anna changed a class First year',
      'Anna made a class Second year',
      'Anna gave a new passphrase to Ines',
      'Anna assigned work Week one',
      'Anna changed an assignment Week one',
    ]);
    expect(JSON.stringify(audit.map((l) => auditSchema.parse(l)))).not.toMatch(/CuSO4|copper|passphrase\b.*new passphrase$/i);
    await expect(asOwner("update audit set about = 'x'")).rejects.toThrow(/never changed/);
    const db = openPool(made.cluster.url);
    await expect(db.query('delete from audit')).rejects.toThrow(/permission denied/);
    await db.end();
  });

  test('setting work that breaks off in the middle leaves nothing', async () => {
    const [first] = await keeper.get<{ id: string }[]>('GET', '/classes');
    const { code } = await keeper.get<{ code: string }>('GET', `/classes/${first!.id}`);
    for (const login of ['tove', 'ulla', 'vera'])
      await nobody().enter('/join', { code, name: login, login, passphrase: PASSPHRASE });
    const count = async () =>
      (
        await asOwner<{ sets: number; cases: number }>(
          'select (select count(*)::int from work_set) as sets, (select count(*)::int from "case") as cases',
        )
      )[0];
    const before = await count();
    await asOwner(`create function broken() returns trigger language plpgsql as $$ begin
      if (select login from person where id = new.owner) = 'ulla' then raise exception 'the disk is gone'; end if; return new; end $$`);
    await asOwner('create trigger broken before insert on "case" for each row execute function broken()');
    const asked = {
      title: 'Torn',
      unknowns: [{ salts: [{ formula: 'KBr', grams: 5 }] }],
      terms: { tests: null, reasoning: true },
    };
    const torn = await keeper.ask('POST', `/classes/${first!.id}/sets`, asked);
    expect(torn.status).toBe(500);
    const { detail, tag } = problemSchema.parse(JSON.parse(torn.text));
    expect(detail).toContain(tag!);
    expect(torn.headers.get('x-request-id')).toBe(tag);
    expect(await count()).toEqual(before);
    await asOwner('drop trigger broken on "case"');
    await keeper.get('POST', `/classes/${first!.id}/sets`, asked);
    expect(await count()).toEqual({ sets: before!.sets + 1, cases: before!.cases + 4 });
  });
});

test('it lives, it is ready, and says what is missing when it is not', async () => {
  const own = await started({ databaseUrl: made.cluster.url });
  const at = async (path: string) => {
    const response = await fetch(`${own.url}${path}`);
    return [response.status, await response.json()];
  };
  expect(await at('/healthz')).toEqual([200, { lives: true }]);
  expect(await at('/readyz')).toEqual([200, { missing: [] }]);
  await made.cluster.stop();
  expect(await at('/healthz')).toEqual([200, { lives: true }]);
  expect(await at('/readyz')).toEqual([503, { missing: [expect.stringContaining('database')] }]);
  await made.cluster.revive();
  await own.close();
});

/** Asks over loopback as a proxy would, which says of an asker what it knows. */
const throughProxy = (url: string, path: string, headers: Record<string, string>, body?: object) =>
  new Promise<{ status: number; text: string; cookies: readonly string[] }>((resolve, reject) => {
    const sent = request(
      `${url}${path}`,
      { method: body ? 'POST' : 'GET', headers: { ...headers, ...(body && { 'content-type': 'application/json' }) } },
      (answer) => {
        let text = '';
        answer.on('data', (part: Buffer) => (text += part.toString()));
        answer.on('end', () => resolve({ status: answer.statusCode!, text, cookies: answer.headers['set-cookie'] ?? [] }));
      },
    );
    sent.on('error', reject);
    sent.end(body && JSON.stringify(body));
  });

describe('behind a proxy', () => {
  let foxing: Awaited<ReturnType<typeof freshFoxing>>;
  beforeAll(async () => {
    foxing = await freshFoxing();
    await openSchool(foxing.servers[0]!.url, 1, 1);
  });
  afterAll(() => foxing.remove());
  /** A server that believes a proxy on this machine. */
  const behindProxy = (more: Partial<StartOptions> = {}) =>
    startServer({
      databaseUrl: foxing.cluster.url,
      port: 0,
      logLevel: 'silent',
      threads: 1,
      warm: false,
      ...CHEAP_HASHES,
      proxy: '127.0.0.1',
      ...more,
    });
  const signIn = (login: string, passphrase: string) => ({ login, passphrase });

  test('what it says is believed when it is named, and what anybody else says is not', async () => {
    const trusted = await behindProxy({ hosts: ['foxing.school.example'] });
    const headers = { host: 'foxing.school.example', 'x-forwarded-proto': 'https', 'x-forwarded-for': '198.51.100.7' };
    const secure = await throughProxy(trusted.url, '/api/sign-in', headers, signIn('keeper', PASSPHRASE));
    expect(secure.cookies.every((c) => /; Secure/.test(c))).toBe(true);
    expect((await throughProxy(trusted.url, '/metrics', headers)).status).toBe(403);
    expect((await throughProxy(trusted.url, '/metrics', { host: 'foxing.school.example' })).status).toBe(200);
    await trusted.close();
    const plain = foxing.servers[0]!;
    const unsafe = await throughProxy(plain.url, '/api/sign-in', { 'x-forwarded-proto': 'https' }, signIn('keeper', PASSPHRASE));
    expect(unsafe.cookies.some((c) => /; Secure/.test(c))).toBe(false);
    expect((await throughProxy(plain.url, '/api/me', headers)).status).toBe(403);
  });

  test('wrong sign-ins from one address lock out nobody at another', async () => {
    const trusted = await behindProxy();
    const from = (address: string) => ({ 'x-forwarded-for': address, 'x-forwarded-proto': 'https' });
    for (let i = 0; i < 61; i++)
      await throughProxy(trusted.url, '/api/sign-in', from('198.51.100.1'), signIn(`nobody${i}`, 'not this one'));
    const there = await throughProxy(trusted.url, '/api/sign-in', from('198.51.100.1'), signIn('teacher0', PASSPHRASE));
    const elsewhere = await throughProxy(trusted.url, '/api/sign-in', from('198.51.100.2'), signIn('teacher0', PASSPHRASE));
    expect([there.status, elsewhere.status]).toEqual([429, 200]);
    await trusted.close();
  });

  test('its numbers are in the format of Prometheus, without ids, names or samples', async () => {
    const { url } = foxing.servers[0]!;
    await fetch(`${url}/api/cases/00000000-0000-4000-8000-000000000000`);
    const text = await (await fetch(`${url}/metrics`)).text();
    const families = parsePrometheus(text);
    const names = families.map((f: { name: string }) => f.name);
    for (const name of [
      'foxing_request_seconds',
      'foxing_streams',
      'foxing_tasks',
      'foxing_looks_waiting',
      'foxing_thinking_seconds',
      'foxing_events_total',
      'foxing_database_connections',
      'foxing_last_backup_timestamp_seconds',
    ])
      expect(names).toContain(name);
    expect(text).not.toMatch(/[0-9a-f]{8}-[0-9a-f]{4}-|keeper|teacher0|jar-/);
  });
});
