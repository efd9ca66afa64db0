/** Requests that nobody should send: how each is answered. `./foxing bench fuzz [--requests N] [--seed S]`. */
import { randomUUID } from 'node:crypto';
import { request as httpRequest } from 'node:http';
import { parseArgs } from 'node:util';
import fc from 'fast-check';
import { throwawayFoxing } from '#launcher/throwaway';
import { caseChangesSchema } from '#contract';

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
  'jar-07',
  'S',
  'A',
  'water',
  'flame',
  'CC(=O)O',
  '[Na+].[Cl-]',
  '*',
  '[999C]',
  'C'.repeat(400),
];

const word = fc.oneof(fc.constantFrom(...NASTY), fc.string({ maxLength: 30, unit: 'binary' }));
const value: fc.Arbitrary<unknown> = fc.oneof(
  { maxDepth: 3 },
  word,
  fc.integer(),
  fc.double(),
  fc.boolean(),
  fc.constant(null),
  fc.dictionary(word, word, { maxKeys: 4 }),
  fc.array(word, { maxLength: 5 }),
);

const op = fc.record(
  {
    op: fc.constantFrom(
      'take',
      'add',
      'heat',
      'dissolve',
      'look',
      'paper',
      'flame',
      'decant',
      'filter',
      'wash',
      'fuse',
      'test',
      'evaporate',
      'x',
    ),
    to: fc.oneof(fc.constantFrom('A', 'S', 'boil'), word),
    from: fc.oneof(fc.constantFrom('A', 'S', 'sample'), word),
    vessel: fc.oneof(fc.constantFrom('A', 'S'), word),
    reagent: fc.oneof(fc.constantFrom('water', 'ammonia-2M', 'sulfuric-acid-conc'), word),
    in: fc.oneof(fc.constantFrom('water'), word),
    mL: fc.oneof(fc.double(), fc.constantFrom(1, 0.1, 1e308, -1)),
    grams: fc.oneof(fc.double(), fc.constantFrom(0.1, 1e308)),
    drops: fc.integer(),
    minutes: fc.double(),
    test: fc.oneof(fc.constantFrom('dnp', 'flame'), word),
  },
  { requiredKeys: ['op'] },
);
const payload = fc.oneof(
  fc.record({ op, test: fc.option(word, { nil: undefined }) }),
  fc.record({
    test: fc.oneof(fc.constantFrom('flame', 'free'), word),
    observed: fc.array(fc.dictionary(word, value, { maxKeys: 4 }), { maxLength: 3 }),
  }),
  value,
);
const event = fc.record({
  kind: fc.oneof(
    fc.constantFrom(
      'operation',
      'entry',
      'strike',
      'conclusion',
      'withdrawn',
      'timer',
      'timer-done',
      'rules',
      'opened-up',
      'opened',
      'marked',
      'unreplayable',
    ),
    word,
  ),
  payload,
});

const ROUTES = [
  'me',
  'jars',
  'cases',
  'cases/:id',
  'cases/:id/events',
  'cases/:id/reasoning',
  'cases/:id/reckoning',
  'house-rules',
  'compounds',
  'compounds/drawing.svg',
  'compounds/list',
  'handbook/tests/flame',
  'handbook/suspects/Na%2B',
  'handbook/tests/constructor',
  'nothing',
];

const asked = fc.record({
  method: fc.constantFrom('GET', 'POST', 'POST', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD'),
  route: fc.oneof(
    { weight: 9, arbitrary: fc.constantFrom(...ROUTES) },
    { weight: 1, arbitrary: word.map((w) => encodeURIComponent(w.toWellFormed())) },
  ),
  query: fc.option(
    fc.dictionary(fc.constantFrom('after', 'effort', 'smiles', 'format', '__proto__', 'x[y]'), word, { maxKeys: 3 }),
    { nil: {} },
  ),
  after: fc.integer({ min: -2, max: 5 }),
  body: fc.oneof(
    { weight: 5, arbitrary: event },
    { weight: 2, arbitrary: value },
    { weight: 1, arbitrary: fc.constantFrom('{"a":', '\0', '[[[[', '"x"') },
  ),
  wrapped: fc.boolean(),
  type: fc.constantFrom(
    'application/json',
    'application/json',
    'application/json; charset=utf-16',
    'application/json; charset=morse',
    'text/plain',
    'multipart/form-data',
  ),
  headers: fc.constantFrom<Record<string, string>>(
    {},
    {},
    {},
    { origin: 'null' },
    { origin: 'https://elsewhere.example' },
    { origin: '::::' },
    { 'content-encoding': 'br' },
    { 'content-encoding': 'x' },
    { host: 'elsewhere.example' },
    { cookie: '\u00ff=1' },
  ),
});

const MOST_SECONDS = 20;

function send(url: URL, method: string, headers: Record<string, string>, body: string | undefined): Promise<number> {
  return new Promise((resolve) => {
    const req = httpRequest(url, { method, headers, agent: false, timeout: MOST_SECONDS * 1000 }, (res) => {
      res.resume();
      res.on('end', () => resolve(res.statusCode ?? 0));
      res.on('error', () => resolve(-1));
    });
    req.on('timeout', () => req.destroy());
    req.on('error', () => resolve(-1));
    req.end(body);
  });
}

export async function benchFuzz(args: readonly string[]): Promise<number> {
  const { values } = parseArgs({
    args: [...args],
    options: { requests: { type: 'string', default: '10000' }, seed: { type: 'string', default: '1' } },
  });
  const foxing = await throwawayFoxing({ requestsPerMinute: 1e7 });
  const { url } = foxing.servers[0]!;
  const statuses: Record<string, number> = {};
  const bad: unknown[] = [];
  try {
    const made = await fetch(`${url}/api/cases`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{"jar":"jar-09"}',
    });
    const { id } = caseChangesSchema.parse(await made.json()).summary;
    for (const a of fc.sample(asked, { numRuns: Number(values.requests), seed: Number(values.seed) })) {
      const query = new URLSearchParams(Object.entries(a.query).map(([k, v]): [string, string] => [k, v.toWellFormed()]));
      const target = new URL(`${url}/api/${a.route.replace(':id', id)}?${query}`);
      const wrapped = a.wrapped && typeof a.body === 'object' ? { id: randomUUID(), after: a.after, event: a.body } : a.body;
      const text = typeof wrapped === 'string' ? wrapped : JSON.stringify(wrapped);
      const bodied = !['GET', 'HEAD'].includes(a.method);
      const headers = { ...(bodied && { 'content-type': a.type }), ...a.headers };
      const status = await send(target, a.method, headers, bodied ? text : undefined);
      statuses[status] = (statuses[status] ?? 0) + 1;
      if (status >= 500 || status < 0)
        bad.push({ status, method: a.method, target: target.pathname + target.search, headers, text: text?.slice(0, 300) });
    }
    process.stdout.write(`${JSON.stringify({ ...values, statuses, failed: bad.length, examples: bad.slice(0, 10) }, null, 1)}\n`);
    return bad.length ? 1 : 0;
  } finally {
    await foxing.remove();
  }
}
