/** Who may do what, for every route; sessions, guessing and other sites; and that nothing sealed gets out. */
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { seeded } from '#core/reasoning/student';
import { SINGLES } from '#core/reasoning/hypotheses';
import { parseSalt } from '#core/matter/salts';
import { type Answer, Visitor } from '../../bench/visitor';
import { freshFoxing } from './harness';

let foxing: Awaited<ReturnType<typeof freshFoxing>>;
let base: string;

type Who = 'nobody' | 'owner' | 'classmate' | 'outsider' | 'instructor' | 'colleague' | 'keeper';
const EVERYBODY: readonly Who[] = ['nobody', 'owner', 'classmate', 'outsider', 'instructor', 'colleague', 'keeper'];
const SIGNED_IN = EVERYBODY.filter((w) => w !== 'nobody');
const TEACHERS: readonly Who[] = ['instructor', 'colleague', 'keeper'];
const cookies: Partial<Record<Who, string>> = {};
let ids: Record<'case' | 'class' | 'set' | 'paper' | 'person' | 'own', string>;
const PASS = 'a brush, a pan, a jar';

const ask = (who: Who | { cookie: string }, method: string, path: string, body?: unknown, headers = {}): Promise<Answer> =>
  new Visitor(base, typeof who === 'string' ? cookies[who] : who.cookie).ask(method, path, body, headers);

const cookieIn = ({ headers }: Answer): string =>
  headers
    .getSetCookie()
    .find((c) => c.startsWith('foxing='))
    ?.split(';')[0] ?? '';
const read = <T>({ text }: Answer) => JSON.parse(text) as T;

async function enter(who: Who, path: string, body: object): Promise<void> {
  const answer = await ask('nobody', 'POST', path, body);
  expect([who, answer.status < 300, answer.text]).toEqual([who, true, answer.text]);
  cookies[who] = cookieIn(answer);
}

beforeAll(async () => {
  foxing = await freshFoxing();
  base = foxing.servers[0]!.url;
  expect((await ask('nobody', 'GET', '/me')).status).toBe(200);
  cookies.keeper = cookieIn(await ask('nobody', 'POST', '/accounts', { login: 'keeper', passphrase: PASS }));
  // From that moment on whoever has not signed in is nobody.
  expect((await ask('nobody', 'GET', '/me')).status).toBe(401);
  for (const who of ['instructor', 'colleague'] as const) {
    await ask('keeper', 'POST', '/people', { name: who, login: who, passphrase: PASS, role: 'instructor' });
    await enter(who, '/sign-in', { login: who, passphrase: PASS });
  }
  const classId = read<{ id: string }>(await ask('instructor', 'POST', '/classes', { name: 'First year' })).id;
  const other = read<{ id: string }>(await ask('colleague', 'POST', '/classes', { name: 'Second year' })).id;
  const code = async (who: Who, id: string) => read<{ code: string }>(await ask(who, 'GET', `/classes/${id}`)).code;
  const join = async (who: Who, c: string) => enter(who, '/join', { code: c, name: who, login: who, passphrase: PASS });
  await join('owner', await code('instructor', classId));
  await join('classmate', await code('instructor', classId));
  await join('outsider', await code('colleague', other));
  const set = read<{ id: string }>(
    await ask('instructor', 'POST', `/classes/${classId}/sets`, {
      title: 'One',
      unknowns: [{ salts: [{ formula: 'CuSO4·5H2O', grams: 3 }] }, { salts: [{ formula: 'KI', grams: 3 }] }],
      terms: {},
    }),
  );
  const cases = read<{ id: string }[]>(await ask('owner', 'GET', '/cases'));
  const take = { op: 'take', to: 'a', from: 'Q', mL: 2 };
  const paper = {
    title: 'A paper',
    mL: 20,
    salts: [{ formula: 'Na2CO3·10H2O', grams: 2 }],
    parts: [{ letter: 'a', ops: [take, { op: 'add', to: 'a', reagent: 'hydrochloric-acid-2M', mL: 2 }] }],
  };
  const printed = read<{ id: string }>(
    await ask('instructor', 'POST', `/classes/${classId}/sets`, { title: 'Paper', paper, terms: {} }),
  );
  const own = read<{ summary: { id: string } }>(await ask('owner', 'POST', '/cases', { jar: 'jar-05' }));
  const people = read<{ people: { id: string; name: string }[] }>(await ask('instructor', 'GET', `/classes/${classId}`)).people;
  ids = {
    case: cases[0]!.id,
    own: own.summary.id,
    class: classId,
    set: set.id,
    paper: printed.id,
    person: people.find((p) => p.name === 'classmate')!.id,
  };
});
afterAll(() => foxing.remove());

/** [method, route, who may, body that changes nothing]. `own` is a case that its owner began alone. */
const at = (path: string) => path.replace(/:(case|class|set|paper|person|own)\b/g, (_, k: keyof typeof ids) => ids[k]);
const STALE = () => ({ id: randomUUID(), after: 0, event: { kind: 'timer-done', payload: { id: 'none' } } });
const none: readonly Who[] = [];
const MEMBERS: readonly Who[] = ['owner', 'classmate', 'instructor'];
const READERS: readonly Who[] = ['owner', 'instructor'];
const TABLE: readonly (readonly [string, string, readonly Who[], unknown?])[] = [
  ['POST', '/sign-in', none, { login: 'nobody', passphrase: 'wrong' }],
  ['POST', '/join', EVERYBODY, { code: 'NONE', name: 'x', login: 'xxxx', passphrase: PASS }],
  ['GET', '/laboratory', EVERYBODY],
  ['POST', '/opening', none, { token: 'x', name: 'x', login: 'opener', passphrase: PASS, laboratory: 'x', class: 'x' }],
  ['GET', '/me', SIGNED_IN],
  ['PUT', '/me', none, { person: null }],
  ['PUT', '/me/passphrase', SIGNED_IN, { passphrase: 'short' }],
  ['POST', '/sign-out', SIGNED_IN, { everywhere: 'no' }],
  ['POST', '/accounts', ['keeper'], { login: 'x' }],
  ['POST', '/people', ['keeper'], { name: '' }],
  ['GET', '/doors', TEACHERS],
  ['GET', '/keeping', ['keeper']],
  ['GET', '/people', ['keeper']],
  ['PUT', '/people/:person/passphrase', ['keeper'], { passphrase: 'short' }],
  ['GET', '/jars', SIGNED_IN],
  ['GET', '/house-rules', SIGNED_IN],
  ['PUT', '/house-rules', SIGNED_IN, { help: 'much' }],
  ['GET', '/stock', SIGNED_IN],
  ['PUT', '/stock', SIGNED_IN, {}],
  ['GET', '/search?q=salt', SIGNED_IN],
  ['POST', '/preparation/pdf', SIGNED_IN, {}],
  ['GET', '/handbook/tests/flame', SIGNED_IN],
  ['GET', '/handbook/tests/flame/equations', SIGNED_IN],
  ['GET', '/handbook/suspects/Na%2B', SIGNED_IN],
  ['GET', '/compounds', SIGNED_IN],
  ['GET', '/compounds/drawing.svg?smiles=CCO', SIGNED_IN],
  ['GET', '/compounds/list', SIGNED_IN],
  ['POST', '/compounds/list', SIGNED_IN, {}],
  ['DELETE', '/compounds/list', SIGNED_IN, {}],
  ['GET', '/cases', SIGNED_IN],
  ['POST', '/cases', SIGNED_IN, {}],
  ['POST', '/cases/import', SIGNED_IN, {}],
  ['GET', '/cases/:case', READERS],
  ['GET', '/cases/:case/events', READERS],
  ['GET', '/cases/:case/report', READERS],
  ['GET', '/cases/:case/report.pdf', READERS],
  ['GET', '/cases/:case/export/json', READERS],
  ['GET', '/cases/:case/photos/none', none],
  ['POST', '/cases/:case/photos', ['owner'], {}],
  ['GET', '/cases/:case/reasoning', ['instructor']],
  ['GET', '/cases/:case/debrief', READERS],
  ['GET', '/cases/:case/shorter', READERS],
  ['POST', '/cases/:case/branch', READERS, { instead: [{ seq: 1, ops: [] }] }],
  ['POST', '/cases/:case/reckoning', READERS, { tube: 'Q', reagent: 'water' }],
  ['POST', '/cases/:case/events', ['owner'], STALE],
  ['PUT', '/cases/:case/archived', ['owner'], { archived: false }],
  ['DELETE', '/cases/:case', none],
  ['DELETE', '/cases/:own', ['owner']],
  ['GET', '/cases/:own', ['owner']],
  ['GET', '/cases/:case/marks', ['instructor']],
  ['POST', '/cases/:case/review', ['instructor'], { kind: 'opened-up' }],
  ['GET', '/classes', SIGNED_IN],
  ['POST', '/classes', TEACHERS, { name: '' }],
  ['POST', '/classes/join', SIGNED_IN, { code: 'NONE' }],
  ['GET', '/classes/:class', MEMBERS],
  ['PUT', '/classes/:class', ['instructor'], {}],
  [
    'POST',
    '/classes/:class/sets',
    ['instructor'],
    { title: 'x', unknowns: [{ salts: [{ formula: 'Xx', grams: 1 }] }], terms: {} },
  ],
  ['PUT', '/classes/:class/people/:person/passphrase', ['instructor'], { passphrase: 'short' }],
  ['POST', '/draws', TEACHERS, { matter: 'none' }],
  ['POST', '/assessments', TEACHERS, {}],
  ['POST', '/papers/scheme', TEACHERS, {}],
  ['GET', '/sets/:paper/paper', MEMBERS],
  ['GET', '/sets/:paper/paper.pdf', MEMBERS],
  ['PUT', '/sets/:set', ['instructor'], {}],
  ['GET', '/sets/:paper/scheme', ['instructor']],
  ['GET', '/sets/:set/benches', ['instructor']],
  ['GET', '/sets/:set/results', ['instructor']],
  ['GET', '/sets/:set/results.csv', ['instructor']],
];
/** A stream has no end; it is tried below. Health is beside the interface, and for everybody. */
const BESIDE = ['GET /live', 'GET /healthz', 'GET /readyz'];
/** What may be asked at the door. */
const AT_THE_DOOR = ['/sign-in', '/join', '/opening', '/laboratory'];
/** An answer without the tag of its request. */
const untagged = (text: string) => text.replace(/"tag":"\w+"/, '');

const source = fileURLToPath(new URL('../src', import.meta.url));
const routes = readdirSync(source, { recursive: true, encoding: 'utf8' })
  .filter((f) => f.endsWith('.ts'))
  .flatMap((f) => [...readFileSync(join(source, f), 'utf8').matchAll(/router\.(get|post|put|delete)\(\s*'([^']+)'/g)])
  .map(([, method, path]) => `${method!.toUpperCase()} ${path!.replace(/:\w+/g, ':')}`);

test('the table names every route', () => {
  const named = TABLE.map(([method, path]) => {
    const plain = path.replace(/\?.*/, '').replace(/:\w+/g, ':');
    return `${method} ${plain}`
      .replace('/export/json', '/export/:')
      .replace('/photos/none', '/photos/:')
      .replace('/tests/flame', '/tests/:')
      .replace('/suspects/Na%2B', '/suspects/:');
  });
  expect(routes.length).toBeGreaterThan(50);
  expect([...new Set(routes)].filter((r) => !named.includes(r) && !BESIDE.includes(r))).toEqual([]);
});

test('every route lets in whom the table says, and nobody else', async () => {
  const wrong: string[] = [];
  for (const [method, path, allowed, body] of TABLE)
    await Promise.all(
      EVERYBODY.map(async (who) => {
        const { status } = await ask(who, method, at(path), typeof body === 'function' ? (body as () => unknown)() : body);
        const refused = [401, 403, 404].includes(status);
        if (refused === allowed.includes(who) || status >= 500) wrong.push(`${method} ${path} as ${who}: ${status}`);
        // One who is not there at all learns no more than one to whom it does not belong.
        if (who === 'nobody' && !AT_THE_DOOR.includes(path) && status !== 401) wrong.push(`${path} as nobody: ${status}`);
      }),
    );
  expect(wrong).toEqual([]);
});

test('a guessed id is answered as one that is not there', async () => {
  const alike = async (path: (id: string) => string, real: string) => {
    const [mine, none] = [await ask('outsider', 'GET', path(real)), await ask('outsider', 'GET', path(randomUUID()))];
    expect([mine.status, untagged(mine.text)]).toEqual([none.status, untagged(none.text)]);
  };
  await alike((id) => `/cases/${id}`, ids.case);
  await alike((id) => `/classes/${id}`, ids.class);
  await alike((id) => `/sets/${id}/benches`, ids.set);
});

test('what was shaken out in work that was set is not worked elsewhere', async () => {
  const portion = { case: ids.case, id: '1' };
  const own = await ask('owner', 'POST', '/cases', { portion });
  expect([own.status, own.text]).toEqual([403, expect.stringContaining('in its own case only')]);
  expect((await ask('outsider', 'POST', '/cases', { portion })).status).toBe(404);
});

test('a session is new at every sign-in, hidden from scripts, bound to this site, and ends everywhere at once', async () => {
  const planted = `foxing=${'A'.repeat(43)}`;
  expect((await ask({ cookie: planted }, 'GET', '/me')).status).toBe(401);
  const first = await ask({ cookie: planted }, 'POST', '/sign-in', { login: 'classmate', passphrase: PASS });
  const cookie = first.headers.get('set-cookie')!;
  expect(cookie).not.toContain('A'.repeat(43));
  expect(cookie).toMatch(/HttpOnly/i);
  expect(cookie).toMatch(/SameSite=Strict/i);
  const again = await ask({ cookie: cookieIn(first) }, 'POST', '/sign-in', { login: 'classmate', passphrase: PASS });
  expect(cookieIn(again)).not.toBe(cookieIn(first));
  const second = { cookie: cookieIn(again) };
  expect((await ask(second, 'GET', '/me')).status).toBe(200);
  expect((await ask(second, 'POST', '/sign-out', { everywhere: true })).status).toBe(200);
  for (const old of [second, { cookie: cookieIn(first) }, { cookie: cookies.classmate! }])
    expect((await ask(old, 'PUT', '/me/passphrase', { passphrase: 'short' })).status).toBe(401);
  await enter('classmate', '/sign-in', { login: 'classmate', passphrase: PASS });
});

test('a stream of news ends with the session that it was opened in, and no other does', async () => {
  const enter = async () => cookieIn(await ask('nobody', 'POST', '/sign-in', { login: 'classmate', passphrase: PASS }));
  const [leaving, staying] = [await enter(), await enter()];
  const listen = async (cookie: string) => {
    const reader = (await fetch(`${base}/api/live`, { headers: { cookie } })).body!.getReader();
    return async (until: (heard: string) => boolean) => {
      for (let heard = ''; ;) {
        const { done, value } = await reader.read();
        if (done) return 'ended';
        if (until((heard += new TextDecoder().decode(value)))) return 'heard';
      }
    };
  };
  const [left, stayed] = [await listen(leaving), await listen(staying)];
  expect((await ask({ cookie: leaving }, 'POST', '/sign-out', {})).status).toBe(200);
  expect(await left(() => false)).toBe('ended');
  const begun = read<{ summary: { id: string } }>(await ask({ cookie: staying }, 'POST', '/cases', { jar: 'jar-05' }));
  const event = { kind: 'operation', payload: { op: { op: 'take-solid', to: 'A', grams: 0.1 } } };
  const path = `/cases/${begun.summary.id}/events`;
  expect((await ask({ cookie: staying }, 'POST', path, { id: randomUUID(), after: 1, event })).status).toBe(200);
  expect(await stayed((heard) => heard.includes(begun.summary.id))).toBe('heard');
  expect((await ask({ cookie: staying }, 'POST', '/sign-out', {})).status).toBe(200);
  expect(await stayed(() => false)).toBe('ended');
  expect((await ask({ cookie: leaving }, 'GET', '/live')).status).toBe(401);
});

test('another site cannot write, not even with the cookie', async () => {
  const answer = await ask(
    'owner',
    'PUT',
    `/cases/${ids.case}/archived`,
    { archived: true },
    { origin: 'http://elsewhere.example' },
  );
  expect(answer.status).toBe(403);
});

const guess = (login: string, passphrase = 'wrong words here', cookie = '') =>
  ask({ cookie }, 'POST', '/sign-in', { login, passphrase });
const deviceIn = ({ headers }: Answer) =>
  headers
    .getSetCookie()
    .find((c) => c.startsWith('foxing_device='))!
    .split(';')[0]!;

test('guessing is stopped, and tells nothing of who is there', async () => {
  // A browser of one's own is known from before.
  const device = deviceIn(await guess('colleague', PASS));
  const [there, not] = [await guess('colleague'), await guess('no-such-one')];
  expect([there.status, untagged(there.text)]).toEqual([not.status, untagged(not.text)]);
  let last = there;
  for (let i = 0; i < 8; i++) last = await guess('colleague');
  expect(last.status).toBe(429);
  // The right words are of no use then either, but from the browser that is known: strangers lock nobody out.
  expect((await guess('colleague', PASS)).status).toBe(429);
  expect((await guess('colleague', PASS, device)).status).toBe(200);
  // A browser that is known is no way round the limit, nor a key to another's login.
  for (let i = 0; i < 8; i++) last = await guess('colleague', 'wrong words here', device);
  expect((await guess('colleague', PASS, device)).status).toBe(429);
  expect((await guess('owner', PASS)).status).toBe(200);
});

test('of sixty guesses at once eight are compared', async () => {
  const all = await Promise.all(Array.from({ length: 60 }, () => guess('classmate')));
  const by = (status: number) => all.filter((a) => a.status === status).length;
  expect([by(403), by(429)]).toEqual([8, 52]);
});

test('a wrong class code is counted for who typed it, and hinders no one else', async () => {
  const { id, code } = read<{ id: string; code: string }>(
    await ask('colleague', 'POST', '/classes', { name: 'Codes' }).then((a) =>
      ask('colleague', 'GET', `/classes/${read<{ id: string }>(a).id}`),
    ),
  );
  const join = (login: string, c: string) => ask('nobody', 'POST', '/join', { code: c, name: login, login, passphrase: PASS });
  for (let i = 0; i < 9; i++) await join('guesser-1', 'WRONGONE');
  expect((await join('guesser-1', code)).status).toBe(429);
  expect((await join('honest-1', code)).status).toBe(201);
  for (let i = 0; i < 9; i++) await ask('classmate', 'POST', '/classes/join', { code: 'WRONGONE' });
  expect((await ask('classmate', 'POST', '/classes/join', { code })).status).toBe(429);
  expect((await ask('owner', 'POST', '/classes/join', { code })).status).toBe(200);
  await ask('colleague', 'PUT', `/classes/${id}`, { gone: true });
});

test('a new passphrase needs the one in force; who was given one is told by whom; nobody is given one behind another’s back', async () => {
  const mine = read<{ id: string }>(await ask('instructor', 'POST', '/classes', { name: 'Resets' })).id;
  const { code } = read<{ code: string }>(await ask('instructor', 'GET', `/classes/${mine}`));
  const joined = await ask('nobody', 'POST', '/join', { code, name: 'Rosa', login: 'rosa', passphrase: PASS });
  let rosa = { cookie: cookieIn(joined) };
  const { id } = read<{ id: string }>(joined);
  const change = (current: string, passphrase: string) => ask(rosa, 'PUT', '/me/passphrase', { current, passphrase });
  expect((await change('not the one in force', 'four new brushes')).status).toBe(403);
  const changed = await change(PASS, 'four new brushes');
  expect(changed.status).toBe(200);
  rosa = { cookie: cookieIn(changed) };
  const reset = async () => read<{ reset: { by: string } | null }>(await ask(rosa, 'GET', '/me')).reset;
  expect(await reset()).toBeNull();

  const give = (who: Who, path: string) => ask(who, 'PUT', path, { passphrase: 'given by another' });
  expect((await give('instructor', `/classes/${mine}/people/${id}/passphrase`)).status).toBe(200);
  expect((await change('given by another', 'five of my brushes')).status).toBe(401);
  rosa = { cookie: cookieIn(await guess('rosa', 'given by another')) };
  expect(await reset()).toMatchObject({ by: 'instructor' });
  const own = await change('given by another', 'five of my brushes');
  rosa = { cookie: cookieIn(own) };
  expect(await reset()).toBeNull();

  // In another's class as well: neither instructor alone.
  const theirs = read<{ id: string }>(await ask('colleague', 'POST', '/classes', { name: 'Others' })).id;
  const other = read<{ code: string }>(await ask('colleague', 'GET', `/classes/${theirs}`)).code;
  await ask(rosa, 'POST', '/classes/join', { code: other });
  for (const [who, of] of [
    ['instructor', mine],
    ['colleague', theirs],
  ] as const)
    expect((await give(who, `/classes/${of}/people/${id}/passphrase`)).status).toBe(403);
  expect((await give('keeper', `/people/${id}/passphrase`)).status).toBe(200);
  // An instructor is given one by the keeper, the keeper by nobody here.
  const people = read<{ id: string; login: string }[]>(await ask('keeper', 'GET', '/people'));
  const of = (login: string) => people.find((p) => p.login === login)!.id;
  expect((await give('keeper', `/people/${of('keeper')}/passphrase`)).status).toBe(404);
  expect(JSON.stringify(people)).not.toMatch(/passphrase|[0-9a-f]{64}/);
});

test('passphrases and tokens are kept only as hashes', async () => {
  const pg = await import('pg');
  const client = new pg.default.Client({ connectionString: foxing.cluster.ownerUrl });
  await client.connect();
  const { rows } = await client.query<{ kept: string }>('select passphrase as kept from person where passphrase is not null');
  const sessions = await client.query<{ token: string }>('select token from session');
  await client.end();
  expect(rows.length).toBeGreaterThan(4);
  for (const { kept } of rows) expect(kept).toMatch(/^\d+:[0-9a-f]{32}:[0-9a-f]{64}$/);
  expect(new Set(rows.map((r) => r.kept)).size).toBe(rows.length);
  const held = cookies.owner!.split('=')[1]!;
  expect(sessions.rows.map((s) => s.token)).not.toContain(held);
});

test('an operation of sealed work is stamped a whole step of time after it was asked for, refused ones too', async () => {
  const given = read<{ id: string; set: string | null }[]>(await ask('classmate', 'GET', '/cases'));
  const path = `/cases/${given.find((c) => c.set === ids.set)!.id}`;
  const did = async (op: object) => {
    const { seq } = read<{ seq: number }>(await ask('classmate', 'GET', path));
    const asked = Date.now();
    const { status } = await ask('classmate', 'POST', `${path}/events`, {
      id: randomUUID(),
      after: seq,
      event: { kind: 'operation', payload: { op } },
    });
    return { status, took: Date.now() - asked, asked };
  };
  const STEP_MS = 50;
  const done = await did({ op: 'take-solid', to: 'Z', grams: 0.01 });
  const events = read<{ body: { at: string } }[]>(await ask('classmate', 'GET', `${path}/events?after=0`));
  expect(done.status).toBe(200);
  expect(Date.parse(events.at(-1)!.body.at) - done.asked).toBeGreaterThanOrEqual(STEP_MS - 1);
  const refused = await did({ op: 'decant', from: 'Q', to: 'Y' });
  expect([refused.status, refused.took >= STEP_MS - 1]).toEqual([422, true]);
});

test('sealed work by students: what it is, is in no byte that is sent to them', async () => {
  const random = seeded(99);
  const forms = SINGLES.filter((f) => f.ions.every((i) => !/^[A-Z][a-z]?[0-9+-]*$/.test(i) || i.length > 2));
  const unknowns = Array.from({ length: 10 }, () => forms[Math.floor(random() * forms.length)]!);
  let code = read<{ code: string }>(await ask('instructor', 'PUT', `/classes/${ids.class}`, { code: 'new' })).code;
  code = read<{ code: string }>(await ask('instructor', 'GET', `/classes/${ids.class}`)).code;
  expect(code).toHaveLength(8);
  const stream = await fetch(`${base}/api/live`, { headers: { cookie: cookies.owner! } });
  const reader = stream.body!.getReader();
  let told = '';
  const listening = (async () => {
    for (let chunk = await reader.read(); !chunk.done; chunk = await reader.read()) told += new TextDecoder().decode(chunk.value);
  })();
  const leaks: string[] = [];
  for (const form of unknowns) {
    const salts = 'salts' in form.sample ? form.sample.salts : [];
    await ask('instructor', 'POST', `/classes/${ids.class}/sets`, { title: 'Sealed', unknowns: [{ salts }], terms: {} });
    const [{ id }] = read<[{ id: string }]>(await ask('owner', 'GET', '/cases'));
    const sent: string[] = [];
    const keep = ({ text, headers }: Answer) => void sent.push(text, JSON.stringify([...headers]));
    let after = 1;
    for (const op of [
      { op: 'flame', from: 'sample' },
      { op: 'dissolve', to: 'S', grams: 0.3, in: 'water', mL: 10 },
      { op: 'take', to: 'A', from: 'S', mL: 1 },
      {
        op: 'add',
        to: 'A',
        reagent: ['silver-nitrate-0.1M', 'sodium-hydroxide-2M', 'hydrochloric-acid-2M'][Math.floor(random() * 3)],
        mL: 0.5,
      },
    ]) {
      const answer = await ask('owner', 'POST', `/cases/${id}/events`, {
        id: randomUUID(),
        after,
        event: { kind: 'operation', payload: { op } },
      });
      keep(answer);
      if (answer.status === 200) after++;
    }
    for (const path of [
      '',
      '/report',
      '/export/json',
      '/export/csv',
      '/export/md',
      '/events',
      '/debrief',
      '/marks',
      '/reasoning',
    ])
      keep(await ask('owner', 'GET', `/cases/${id}${path}`));
    keep(await ask('owner', 'GET', '/cases'));
    const bytes = sent.join('\n');
    const secrets = [
      ...salts.map((s) => s.formula),
      ...Object.keys(parseSalt(salts[0]!.formula).ions).map((i) => JSON.stringify(i)),
    ];
    leaks.push(...secrets.filter((s) => bytes.includes(s)).map((s) => `${form.name}: ${s}`));
  }
  await reader.cancel();
  await listening;
  expect(told).toContain('data:');
  for (const form of unknowns) if (told.includes(form.name)) leaks.push(`stream: ${form.name}`);
  expect(leaks).toEqual([]);
});

test('a paper: what it is worth is worked out, told to no candidate, and marked with a mark lost for a gas that was not tested for', async () => {
  const told = await ask('owner', 'GET', `/sets/${ids.paper}/paper`);
  expect(told.text).not.toContain('Na2CO3');
  expect(read<{ parts: { does: string[] }[] }>(told).parts[0]!.does[0]).toBe('Transfer 2 mL of solution Q to the tube.');
  expect((await ask('owner', 'GET', `/classes/${ids.class}`)).text).not.toContain('Na2CO3');
  const { id } = read<{ id: string; set: string }[]>(await ask('owner', 'GET', '/cases')).find((c) => c.set === ids.paper)!;
  const send = async (event: object) => {
    const { seq } = read<{ seq: number }>(await ask('owner', 'GET', `/cases/${id}`));
    const answer = await ask('owner', 'POST', `/cases/${id}/events`, { id: randomUUID(), after: seq, event });
    expect([answer.status, answer.text]).toEqual([200, answer.text]);
  };
  for (const op of [
    { op: 'take', to: 'a', from: 'Q', mL: 2 },
    { op: 'add', to: 'a', reagent: 'hydrochloric-acid-2M', mL: 2 },
  ])
    await send({ kind: 'operation', payload: { op } });
  const observed = [{ channel: 'gas', event: 'evolved', vigour: 'brisk' }];
  await send({ kind: 'entry', payload: { test: 'free', vessel: 'a', observed, infers: [{ of: 'CO3^2-', says: 'present' }] } });
  const marks = async () =>
    read<{ lines: { of: string; marks: number }[] }>(await ask('instructor', 'GET', `/cases/${id}/marks`)).lines;
  const owed = async () => (await marks()).find((l) => l.of.includes('lime water'))!.marks;
  expect((await marks()).find((l) => l.of === '(a) carbonate')!.marks).toBe(1);
  expect(await owed()).toBe(0);
  await send({ kind: 'operation', payload: { op: { op: 'limewater', vessel: 'a' } } });
  expect(await owed()).toBe(1);

  // What its instructor changes in the scheme holds from then on; what cannot be is told, and changes nothing.
  type Scheme = { letter: string; infers: { ion: string; marks: number }[] }[];
  const scheme = read<Scheme>(await ask('instructor', 'GET', `/sets/${ids.paper}/scheme`));
  const worth = (ion: string, marks: number) => scheme.map((p) => ({ ...p, infers: [{ ion, marks }] }));
  const change = (to: object) => ask('instructor', 'PUT', `/sets/${ids.paper}`, { scheme: to });
  expect(await change(worth('Xx3+', 1))).toMatchObject({ status: 422, text: expect.stringContaining('Xx3+') });
  expect(await change([{ ...scheme[0], letter: 'b' }])).toMatchObject({ status: 422, text: expect.stringContaining('parts') });
  expect((await change(worth('CO3^2-', 3))).status).toBe(200);
  expect((await marks()).find((l) => l.of === '(a) carbonate')!.marks).toBe(3);
});

test('what an instructor does in error can be undone: a class put away, work closed early or taken back', async () => {
  const write = () =>
    ask('owner', 'POST', `/cases/${ids.case}/events`, {
      id: randomUUID(),
      after: 1,
      event: { kind: 'operation', payload: { op: { op: 'take-solid', to: 'A', grams: 0.05 } } },
    });
  await ask('instructor', 'PUT', `/sets/${ids.set}`, { minutes: 0 });
  expect([(await write()).status, (await write()).text]).toEqual([
    422,
    expect.stringContaining('The time for this work is over'),
  ]);
  await ask('instructor', 'PUT', `/sets/${ids.set}`, { minutes: 30, gone: true });
  expect((await write()).text).toContain('taken back');
  await ask('instructor', 'PUT', `/sets/${ids.set}`, { gone: false });
  expect((await write()).status).toBe(200);
  await ask('instructor', 'PUT', `/classes/${ids.class}`, { gone: true });
  expect((await ask('owner', 'GET', `/classes/${ids.class}`)).status).toBe(404);
  await ask('instructor', 'PUT', `/classes/${ids.class}`, { gone: false });
  expect((await ask('owner', 'GET', `/classes/${ids.class}`)).status).toBe(200);
});
