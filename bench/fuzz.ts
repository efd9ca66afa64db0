/**
 * Requests that nobody should send, from people with sessions: how each is answered.
 * `./foxing bench fuzz [--requests N] [--seed S]`. Most bodies are built from the contract's schemas, as they should be or with
 * one thing wrong; the rest is nonsense.
 */
import { randomUUID } from 'node:crypto';
import { request as httpRequest } from 'node:http';
import { parseArgs } from 'node:util';
import fc from 'fast-check';
import { throwawayFoxing } from '#launcher/throwaway';
import { appendSchema, caseChangesSchema } from '#contract';
import { bodiesOf, withOneWrong } from './bodies';
import { type Route, ROUTES } from './routes';
import { openSchool, PASSPHRASE, Visitor } from './visitor';

const NASTY = [
  '',
  '\0',
  '\ud800',
  '__proto__',
  'constructor',
  'toString',
  '../../etc/passwd',
  "'; drop table jar; --",
  '%00',
  '💥',
  'a'.repeat(5000),
  'NaN',
  '-1',
  '1e999',
  'null',
  '[]',
  '{}',
  '*',
  '[999C]',
  'C'.repeat(400),
];
/** What there is: so that a body built of these is sometimes done. */
const SENSIBLE = [
  'jar-07',
  'S',
  'A',
  'boil',
  'water',
  'ammonia-2M',
  'sulfuric-acid-conc',
  'hydrochloric-acid-2M',
  'flame',
  'free',
  'dnp',
  'Cu2+',
  'CuSO4·5H2O',
  'CC(=O)O',
  '[Na+].[Cl-]',
  'student0-0',
];

const nonsense = fc.oneof(fc.constantFrom(...NASTY), fc.string({ maxLength: 30, unit: 'binary' }));
const word = fc.oneof({ weight: 3, arbitrary: fc.constantFrom(...SENSIBLE) }, { weight: 1, arbitrary: nonsense });
const value: fc.Arbitrary<unknown> = fc.oneof(
  { maxDepth: 3 },
  nonsense,
  fc.integer(),
  fc.double(),
  fc.boolean(),
  fc.constant(null),
  fc.dictionary(nonsense, nonsense, { maxKeys: 4 }),
  fc.array(nonsense, { maxLength: 5 }),
);

const HEADERS: readonly Record<string, string>[] = [
  {},
  {},
  {},
  {},
  {},
  {},
  { origin: 'null' },
  { origin: 'https://elsewhere.example' },
  { origin: '::::' },
  { 'content-encoding': 'br' },
  { 'content-encoding': 'x' },
  { host: 'elsewhere.example' },
];
const TYPES = [
  ...Array.from({ length: 8 }, () => 'application/json'),
  'application/json; charset=utf-16',
  'application/json; charset=morse',
  'text/plain',
  'multipart/form-data',
];

/** What is sent for a route: mostly a body as it should be, often with one thing wrong, seldom nonsense. */
const bodyOf = ({ body }: Route): fc.Arbitrary<unknown> => {
  const mad = fc.oneof(value, fc.constantFrom('{"a":', '\0', '[[[[', '"x"'));
  if (!body) return mad;
  const right = bodiesOf(body, word);
  const wrong = fc.tuple(right, value, fc.nat()).map(([b, v, pick]) => withOneWrong(b, v, pick));
  return fc.oneof({ weight: 4, arbitrary: right }, { weight: 4, arbitrary: wrong }, { weight: 1, arbitrary: mad });
};

const PEOPLE = ['student', 'instructor', 'keeper', 'nobody'] as const;

const asked = fc.oneof(...ROUTES.map((route) => ({ weight: route.weight ?? 1, arbitrary: fc.constant(route) }))).chain((route) =>
  fc.record({
    route: fc.constant(route),
    who: fc.constantFrom('student' as const, ...PEOPLE),
    method: fc.oneof(
      { weight: 9, arbitrary: fc.constant(route.method) },
      { weight: 1, arbitrary: fc.constantFrom('GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD') },
    ),
    path: fc.oneof(
      { weight: 19, arbitrary: fc.constant(route.path) },
      { weight: 1, arbitrary: nonsense.map((w) => encodeURIComponent(w.toWellFormed())) },
    ),
    query: fc.option(
      fc.dictionary(fc.constantFrom('after', 'effort', 'smiles', 'format', 'q', '__proto__', 'x[y]'), word, { maxKeys: 3 }),
      { nil: {} },
    ),
    body: bodyOf(route),
    /** An event is sent as the next of its case, so that it is judged rather than late. */
    next: fc.boolean(),
    type: fc.constantFrom(...TYPES),
    headers: fc.constantFrom(...HEADERS),
  }),
);

const MOST_SECONDS = 30;
const BUSY = 503;

interface Sent {
  readonly status: number;
  readonly text: string;
}

/** @returns the status, or -1 where the connection broke. */
function send(url: URL, method: string, headers: Record<string, string>, body: string | undefined): Promise<Sent> {
  return new Promise((resolve) => {
    const req = httpRequest(url, { method, headers, agent: false, timeout: MOST_SECONDS * 1000 }, (res) => {
      let text = '';
      res.setEncoding('utf8');
      res.on('data', (part: string) => (text += part));
      res.on('end', () => resolve({ status: res.statusCode ?? 0, text }));
      res.on('error', () => resolve({ status: -1, text: 'cut' }));
    });
    req.on('timeout', () => req.destroy(new Error('no answer in time')));
    req.on('error', (error) => resolve({ status: -1, text: error.message }));
    req.end(body);
  });
}

/** A student's case is begun anew when it holds so much that each look at it is slow. */
const MOST_EVENTS = 60;

export async function benchFuzz(args: readonly string[]): Promise<number> {
  const { values } = parseArgs({
    args: [...args],
    options: { requests: { type: 'string', default: '10000' }, seed: { type: 'string', default: '1' } },
  });
  const foxing = await throwawayFoxing({ requestsPerMinute: 1e7 });
  const { url } = foxing.servers[0]!;
  const counts: Record<string, number> = {};
  const bad: unknown[] = [];
  let busy = 0;
  try {
    const [room] = await openSchool(url, 1, 1);
    const { instructor, students } = room!;
    const keeper = await new Visitor(url).enter('/sign-in', { login: 'keeper', passphrase: PASSPHRASE });
    const set = await instructor.get<{ id: string }>('POST', `/classes/${room!.id}/sets`, {
      title: 'Fuzz',
      unknowns: [{ salts: [{ formula: 'CuSO4·5H2O', grams: 20 }] }],
      terms: { tests: null, reasoning: true },
    });
    const people: Record<(typeof PEOPLE)[number], Visitor | null> = { student: students[0]!, instructor, keeper, nobody: null };
    const cases = { student: '', instructor: '', keeper: '' };
    const at = { student: Infinity, instructor: Infinity, keeper: Infinity };
    for (const a of fc.sample(asked, { numRuns: Number(values.requests), seed: Number(values.seed) })) {
      const owner = a.who === 'nobody' ? 'student' : a.who;
      if (at[owner] > MOST_EVENTS) {
        const begun = caseChangesSchema.parse(await people[owner]!.get('POST', '/cases', { jar: 'jar-09' }));
        cases[owner] = begun.summary.id;
        at[owner] = begun.seq;
      }
      const query = new URLSearchParams(Object.entries(a.query).map(([k, v]): [string, string] => [k, v.toWellFormed()]));
      const path = a.path.replace(':case', cases[owner]).replace(':class', room!.id).replace(':set', set.id);
      const target = new URL(`${url}/api/${path}?${query}`);
      const isAppend = a.route.body === appendSchema && typeof a.body === 'object' && a.body !== null;
      const body = isAppend && a.next ? Object.assign({}, a.body, { id: randomUUID(), after: at[owner] }) : a.body;
      const text = typeof body === 'string' ? body : JSON.stringify(body);
      const bodied = !['GET', 'HEAD'].includes(a.method);
      const cookie = people[a.who]?.cookie;
      const headers = { ...(bodied && { 'content-type': a.type }), ...(cookie && { cookie }), ...a.headers };
      const answer = await send(target, a.method, headers, bodied ? text : undefined);
      const key = `${a.route.method} ${a.route.path.split('/')[0]!} ${answer.status}`;
      counts[key] = (counts[key] ?? 0) + 1;
      if (isAppend && answer.status === 200) at[owner]++;
      if (answer.status === BUSY) busy++;
      else if (answer.status >= 500 || answer.status < 0)
        bad.push({
          answer,
          who: a.who,
          method: a.method,
          target: target.pathname + target.search,
          headers: a.headers,
          text: text?.slice(0, 600),
        });
      // Whoever signed out or lost a passphrase by what was sent comes back.
      if (a.who !== 'nobody' && answer.status === 401) people[a.who] = await back(url, a.who);
    }
    const statuses: Record<string, number> = {};
    for (const [key, n] of Object.entries(counts)) {
      const status = key.split(' ').at(-1)!;
      statuses[status] = (statuses[status] ?? 0) + n;
    }
    const done = Object.fromEntries(Object.entries(counts).filter(([key]) => / 20\d$/.test(key)));
    process.stdout.write(
      `${JSON.stringify({ ...values, statuses, done, busy, failed: bad.length, examples: bad.slice(0, 10) }, null, 1)}\n`,
    );
    return bad.length ? 1 : 0;
  } finally {
    await foxing.remove();
  }
}

const LOGINS = { student: 'student0-0', instructor: 'teacher0', keeper: 'keeper' } as const;
const back = (url: string, who: keyof typeof LOGINS): Promise<Visitor> =>
  new Visitor(url).enter('/sign-in', { login: LOGINS[who], passphrase: PASSPHRASE });
