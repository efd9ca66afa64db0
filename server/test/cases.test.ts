import { randomUUID } from 'node:crypto';
import { mkdtempSync, chmodSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { startCluster, type Cluster } from '#launcher/cluster';
import {
  caseSummarySchema,
  type CaseView,
  caseViewSchema,
  equationsSchema,
  givenSchema,
  jarSchema,
  problemSchema,
  reasoningSchema,
  reckoningSchema,
} from '#contract';
import type { CaseEvent } from '#core/record/events';
import { JARS } from '../src/demo/jars';
import { loadDemo } from '../src/demo/load';
import { migrate } from '../src/db/pool';
import type { Observation } from '#core/vocabulary/observation';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { World } from '#core/scheme/world';
import { type Running, startServer } from '../src/start';

let folder: string;
let cluster: Cluster;
let one: Running;
let two: Running;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'foxing-test-'));
  chmodSync(folder, 0o755);
  cluster = await startCluster(join(folder, 'postgres'));
  await migrate(cluster.url);
  await loadDemo(cluster.url);
  const options = { databaseUrl: cluster.url, port: 0, logLevel: 'silent' };
  [one, two] = [await startServer(options), await startServer(options)];
});

afterAll(async () => {
  await one?.close();
  await two?.close();
  await cluster?.stop();
  rmSync(folder, { recursive: true, force: true });
});

async function ask(path: string, body?: unknown, server = one, headers: Record<string, string> = {}, method = 'POST') {
  const response = await fetch(`${server.url}${path}`, {
    ...(body !== undefined && { method, body: typeof body === 'string' ? body : JSON.stringify(body) }),
    headers: { 'content-type': 'application/json', ...headers },
  });
  return { status: response.status, headers: response.headers, text: await response.text() };
}

const newCase = async (jar: string): Promise<CaseView> =>
  caseViewSchema.parse(JSON.parse((await ask('/api/cases', { jar })).text));

async function append(view: CaseView, event: CaseEvent, more: { id?: string; after?: number; server?: Running } = {}) {
  const answer = await ask(
    `/api/cases/${view.summary.id}/events`,
    { id: more.id ?? randomUUID(), after: more.after ?? view.seq, event },
    more.server,
  );
  return {
    status: answer.status,
    view: answer.status === 200 ? caseViewSchema.parse(JSON.parse(answer.text)) : null,
    text: answer.text,
  };
}

const dissolve: CaseEvent = { kind: 'operation', payload: { op: { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 } } };
const reasoning = async (view: CaseView) =>
  reasoningSchema.parse(JSON.parse((await ask(`/api/cases/${view.summary.id}/reasoning`)).text));

async function reasoned(view: CaseView) {
  const found = await reasoning(view);
  if (found.waiting) throw new Error('the reasoning waits');
  return found;
}

const standing = async (view: CaseView, ion: string) => (await reasoned(view)).candidates.find((c) => c.id === ion)!;

const note = (test: string): CaseEvent => ({
  kind: 'entry',
  payload: { test, observed: [{ channel: 'flame', colour: 'none' }] },
});

test('the demo is there, and loading it again changes nothing', async () => {
  expect(await loadDemo(cluster.url)).toBe(false);
  const cases = caseSummarySchema.array().parse(JSON.parse((await ask('/api/cases')).text));
  expect(cases.map((c) => c.name).sort()).toEqual(['Jar 2', 'Jar 5', 'Jar 7', 'Phial 42']);
  const five = cases.find((c) => c.name === 'Jar 5')!;
  expect(five.concluded).toBe(true);
  expect(five.hinted).toEqual(['Pb2+', 'NO3-']);
});

test('a case is its events: both servers and a third that starts later agree on every drop', async () => {
  let view = await newCase('jar-09');
  const events: CaseEvent[] = [
    dissolve,
    { kind: 'operation', payload: { op: { op: 'take', to: 'A', from: 'S', mL: 1 }, test: 'ammonia' } },
    { kind: 'operation', payload: { op: { op: 'add', to: 'A', reagent: 'ammonia-6M', mL: 1 }, test: 'ammonia' } },
    {
      kind: 'entry',
      payload: {
        test: 'ammonia',
        vessel: 'A',
        observed: [{ channel: 'solution', event: 'colour-changed', colour: 'deep-blue' }],
      },
    },
  ];
  for (const [i, event] of events.entries()) view = (await append(view, event, { server: i % 2 ? two : one })).view!;
  expect(view.vessels.find((v) => v.id === 'A')!.drawing.text).toMatch(/deep-blue clear liquid/);
  expect((await standing(view, 'Cu2+')).probability).toBeGreaterThan(0.5);
  const third = await startServer({ databaseUrl: cluster.url, port: 0, logLevel: 'silent' });
  const seen = await Promise.all([one, two, third].map((s) => ask(`/api/cases/${view.summary.id}`, undefined, s)));
  await third.close();
  for (const { text } of seen) expect(caseViewSchema.parse(JSON.parse(text))).toEqual(view);
});

test('an event that follows the wrong one is refused; a repeat is recognised; two at once leave one', async () => {
  const view = await newCase('jar-11');
  const id = randomUUID();
  const first = await append(view, dissolve, { id });
  expect(first.view!.seq).toBe(1);
  const again = await append(view, dissolve, { id });
  expect(again.view).toEqual(first.view);
  const late = await append(view, note('flame'));
  expect(late.status).toBe(409);
  expect(JSON.parse(late.text)).toMatchObject({ code: 'stale', seq: 1 });
  const race = await Promise.all([one, two].map((server) => append(first.view!, note('flame'), { server })));
  expect(race.map((r) => r.status).sort()).toEqual([200, 409]);
});

test('events cannot be changed or removed, and their hashes form a chain', async () => {
  const client = new pg.Client({ connectionString: cluster.url });
  await client.connect();
  await expect(client.query(`update case_event set event = '{}'`)).rejects.toThrow(/never changed/);
  await expect(client.query('delete from case_event')).rejects.toThrow(/never changed/);
  const { rows } = await client.query<{ n: string; hashes: string }>(
    'select count(*) as n, count(distinct hash) as hashes from case_event',
  );
  await client.end();
  expect(Number(rows[0]!.n)).toBeGreaterThan(20);
  expect(rows[0]!.hashes).toBe(rows[0]!.n);
});

test('striking an entry takes it out of the reasoning and leaves it in the ledger', async () => {
  let view = await newCase('jar-12');
  view = (
    await append(view, { kind: 'entry', payload: { test: 'flame', observed: [{ channel: 'flame', colour: 'apple-green' }] } })
  ).view!;
  expect((await standing(view, 'Ba2+')).state).toMatch(/hinted|indicated/);
  view = (await append(view, { kind: 'strike', payload: { entry: 1, reason: 'dirty wire' } })).view!;
  expect((await standing(view, 'Ba2+')).state).toBe('open');
  expect(view.entries[0]!.struck!.reason).toBe('dirty wire');
  const conclusion = await append(view, {
    kind: 'conclusion',
    payload: { found: [{ ion: 'Ba2+', claim: 'confirmed', evidence: [1] }], signed: 'I. V.' },
  });
  expect(conclusion.status).toBe(422);
  expect(conclusion.text).toMatch(/entry 1 for Ba2\+ is struck/);
});

test('no answer leaves the server: nothing it sends names what is in a jar', async () => {
  const jars = await ask('/api/jars');
  jarSchema.array().parse(JSON.parse(jars.text));
  let view = await newCase('jar-16');
  view = (await append(view, dissolve)).view!;
  const said = jars.text + JSON.stringify(view) + (await ask('/api/cases')).text.replace(/"hinted":\[[^\]]*\]/g, '');
  for (const { sample } of JARS) if ('salts' in sample) expect(said).not.toContain(sample.salts[0]!.formula);
  expect(said).not.toMatch(/"sample":|silver nitrate/i);
});

test.each([
  ['/api/cases/not-a-uuid', undefined, 404, /no such case/],
  [`/api/cases/${randomUUID()}`, undefined, 404, /no such case/],
  ['/api/cases', { jar: "jar-07'; drop table person; --" }, 422, /no jar/],
  ['/api/cases', '{"jar":', 422, /not valid JSON/],
  ['/api/cases', { jar: 'jar-07', sample: {} }, 422, /sample|Unrecognized/],
  ['/api/nothing', undefined, 404, /nothing at GET/],
] as const)('%s with %j is answered %i', async (path, body, status, message) => {
  const answer = await ask(path, body);
  expect(answer.status).toBe(status);
  expect(answer.headers.get('content-type')).toMatch(/problem\+json/);
  expect(problemSchema.parse(JSON.parse(answer.text)).detail).toMatch(message);
  expect(answer.text).not.toMatch(/node_modules|\.ts:/);
});

test('bad events are refused with the field, and change nothing', async () => {
  const view = await newCase('jar-18');
  for (const [event, message] of [
    [{ kind: 'operation', payload: { op: { op: 'heat', vessel: 'Z', to: 'boil' } } }, /no vessel/],
    [{ kind: 'operation', payload: { op: { op: 'take-solid', to: 'A', grams: 50 } } }, /only 3\.00 g/],
    [{ kind: 'entry', payload: { test: 'flame', observed: [] } }, /say what you saw/],
    [{ kind: 'entry', payload: { test: 'flame', observed: [{ channel: 'flame', colour: 'mauve' }] } }, /colour/],
    [{ kind: 'strike', payload: { entry: 9, reason: 'x' } }, /no entry 9/],
    [{ kind: 'conclusion', payload: { found: [], signed: 'x' } }, /at least one ion/],
  ] as const) {
    const answer = await append(view, event as unknown as CaseEvent);
    expect([answer.status, answer.text]).toEqual([422, expect.stringMatching(message)]);
  }
  expect(caseViewSchema.parse(JSON.parse((await ask(`/api/cases/${view.summary.id}`)).text))).toEqual(view);
});

test('house rules are kept for their person, and bad ones refused with the field', async () => {
  const rules = {
    answers: { 'cation-scheme': 'six-group' },
    restrictedReagents: ['chlorine-water'],
    ownFirst: true,
    notes: 'Eyewash by the door.',
  };
  const put = (body: unknown) => ask('/api/house-rules', body, one, {}, 'PUT');
  expect((await put({ answers: { 'cation-scheme': 'alchemy' } })).text).toMatch(/answers\.cation-scheme: choose no-sulfide/);
  expect((await put(rules)).status).toBe(200);
  expect(JSON.parse((await ask('/api/house-rules', undefined, two)).text)).toMatchObject({ ...rules, dropML: 0.05 });
  let view = await newCase('jar-12');
  expect(view.rules.answers['cation-scheme']).toBe('six-group');
  view = (await append(view, note('flame'))).view!;
  expect(await reasoning(view)).toEqual({ waiting: [1] });
  expect((await put({})).status).toBe(200);
  const open = await reasoning(view);
  expect(open.waiting).toBeNull();
});

test('a real sample is led and reckoned for, and nothing of it is made up', async () => {
  expect((await ask('/api/cases', { real: { name: '', look: 'x', grams: 1 } })).text).toMatch(/name or number/);
  let view = caseViewSchema.parse(
    JSON.parse((await ask('/api/cases', { real: { name: 'U 17', look: 'white grains', grams: 2 } })).text),
  );
  expect(view.summary).toMatchObject({ kind: 'real', name: 'U 17', left: 2 });
  view = (await append(view, dissolve)).view!;
  view = (
    await append(view, { kind: 'operation', payload: { op: { op: 'add', to: 'S', reagent: 'hydrochloric-acid-2M', mL: 6 } } })
  ).view!;
  expect(view.vessels[0]!.drawing.text).toMatch(/yours to look at/);
  const reckoned = reckoningSchema.parse(
    JSON.parse((await ask(`/api/cases/${view.summary.id}/reckoning`, { tube: 'S', reagent: 'ammonia-2M' })).text),
  );
  expect(reckoned.acid).toBeCloseTo(0.67, 1);
  expect(reckoned.waterTo).toBeGreaterThan(20);
  expect(reckoned.neutralise!.end).toBe('just-basic');
  expect((await ask(`/api/cases/${view.summary.id}/reckoning`, { tube: 'Q', reagent: 'water' })).status).toBe(422);

  const scarce = await ask('/api/cases', { real: { name: 'U 19', look: 'white grains', grams: 0.1 } });
  const { next } = await reasoned(caseViewSchema.parse(JSON.parse(scarce.text)));
  expect(next.length).toBeGreaterThan(0);
  for (const { sample_mg } of next) expect(sample_mg).toBeLessThanOrEqual(100);
});

test('when nothing explains a record a thorough look is offered, and a newer record does not wait for it', async () => {
  const made = await ask('/api/cases', { real: { name: 'U 18', look: 'white grains', grams: 3 } });
  let view = caseViewSchema.parse(JSON.parse(made.text));
  const salts = ['BaBr2', 'KNO3'].map((formula) => ({ formula, grams: 1.5 }));
  const world = new World({ salts }, 'no-sulfide', DEFAULT_RULES);
  const seen = (test: string): CaseEvent => ({ kind: 'entry', payload: { test, observed: [...world.result(test).see] } });
  const ammonia: CaseEvent = {
    kind: 'entry',
    payload: { test: 'ammonium', observed: [{ channel: 'paper', paper: 'red-litmus', event: 'changed', colour: 'blue' }] },
  };
  for (const event of [...['solution-water', 'flame', 'flame-cobalt-glass', 'silver-acid', 'barium-chromate'].map(seen), ammonia])
    view = (await append(view, event)).view!;
  const at = `/api/cases/${view.summary.id}/reasoning`;
  const think = async (effort: string) => {
    const found = reasoningSchema.parse(JSON.parse((await ask(`${at}?effort=${effort}`)).text));
    if (found.waiting) throw new Error('the reasoning waits');
    return found;
  };
  const [prompt, thorough] = await Promise.all([think('prompt'), think('thorough')]);
  expect(prompt.further).toBe(true);
  expect(thorough.further).toBe(false);
  for (const found of [prompt, thorough]) expect(found.identities[0]!.against.length).toBeGreaterThan(0);

  const later = ask(`${at}?effort=thorough`);
  view = (await append(view, note('flame'))).view!;
  const stale = ask(`${at}?effort=thorough`);
  view = (await append(view, note('flame'))).view!;
  const newest = ask(`${at}?effort=thorough`);
  expect((await later).status).toBe(200);
  expect([200, 409]).toContain((await stale).status);
  expect((await newest).status).toBe(200);
  expect(await ask(`${at}?effort=endless`)).toMatchObject({ status: 422, text: expect.stringMatching(/prompt/) as string });
});

test('the handbook tells what each gives by the school of the house, and nothing of what is not in it', async () => {
  const tables = async (path: string) => givenSchema.array().parse(JSON.parse((await ask(`/api/handbook/${path}`)).text));
  const flame = await tables('tests/flame');
  expect(flame.find((g) => g.suspect === 'Na+')!.outcomes[0]!.see).toEqual([
    expect.objectContaining({ channel: 'flame', colour: 'yellow' }) as Observation,
  ]);
  const lead = await tables(`suspects/${encodeURIComponent('Pb2+')}`);
  expect(lead.map((g) => g.test)).toContain('lead-chromate');
  expect((await tables('suspects/ketone')).map((g) => g.test)).toContain('iodoform');
  const equations = equationsSchema.array().parse(JSON.parse((await ask('/api/handbook/tests/silver-acid/equations')).text));
  expect(equations.find((e) => e.suspect === 'Cl-')!.equations).toEqual([
    {
      left: [
        { count: 1, formula: 'Ag+', solid: false },
        { count: 1, formula: 'Cl-', solid: false },
      ],
      right: [{ count: 1, formula: 'AgCl', solid: true }],
    },
  ]);
  for (const path of ['tests/alchemy', 'tests/alchemy/equations', 'suspects/phlogiston'])
    expect(await ask(`/api/handbook/${path}`)).toMatchObject({ status: 404, text: expect.stringMatching(/no such/) as string });
});

test('headers are strict, and another site may not write', async () => {
  const { headers } = await ask('/api/me');
  expect(headers.get('content-security-policy')).toMatch(/default-src 'self'/);
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(headers.get('x-powered-by')).toBeNull();
  expect((await ask('/api/cases', { jar: 'jar-07' }, one, { origin: 'https://elsewhere.example' })).status).toBe(403);
});

test('an open window hears that its case has moved on, whichever server did it', async () => {
  const view = await newCase('jar-21');
  const stop = new AbortController();
  const stream = await fetch(`${one.url}/api/cases/${view.summary.id}/live`, { signal: stop.signal });
  const reader = stream.body!.getReader();
  await reader.read();
  await append(view, dissolve, { server: two });
  let heard = '';
  while (!heard.includes('data: 1')) heard += new TextDecoder().decode((await reader.read()).value);
  stop.abort();
  expect(heard).toContain('data: 1');
});

describe('organic compounds', () => {
  const fuse: CaseEvent = {
    kind: 'operation',
    payload: {
      op: { op: 'fuse', sodium_mg: 60, sample_mg: 40, gentle_minutes: 2, red_hot: true, tubes: 2, water_mL: 10, boil_to_mL: 3.5 },
      test: 'sodium-fusion',
    },
  };
  const wrote = (test: string, ...observed: Extract<CaseEvent, { kind: 'entry' }>['payload']['observed']): CaseEvent => ({
    kind: 'entry',
    payload: { test, observed, inference: 'So.' },
  });

  test('a structure that someone sets is never sent; its outcomes are', async () => {
    const smiles = 'CC(=O)Nc1ccc(I)cc1';
    const answer = await ask('/api/cases', { structure: { name: 'Bench 4', smiles, grams: 3 } });
    expect(answer.status).toBe(201);
    const begun = caseViewSchema.parse(JSON.parse(answer.text));
    expect(begun.summary).toMatchObject({ name: 'Bench 4', matter: 'compound', kind: 'simulated' });
    const fused = await append(begun, fuse);
    const tested = await append(fused.view!, {
      kind: 'operation',
      payload: { op: { op: 'test', test: 'dnp', control: 'positive' }, test: 'dnp' },
    });
    const sampled = await append(tested.view!, { kind: 'operation', payload: { op: { op: 'test', test: 'dnp' }, test: 'dnp' } });
    expect(sampled.view!.showing!.tubes!.map((t) => t.of)).toEqual(['sample', 'positive']);
    expect(sampled.view!.vessels.map((v) => v.id)).toEqual(['extract']);
    for (const text of [answer.text, fused.text, tested.text, sampled.text, (await ask('/api/cases')).text]) {
      expect(text).not.toContain(smiles);
      expect(text).not.toMatch(/iodo|acetanilide|C8H8INO/i);
    }
    const bad = await ask('/api/cases', { structure: { name: 'x', smiles: '[Fe]', grams: 1 } });
    expect([bad.status, problemSchema.parse(JSON.parse(bad.text)).detail]).toEqual([422, expect.stringMatching(/no metals/)]);
  });

  test('the record points to elements, groups and compounds; what must not be fused is refused', async () => {
    let view = await newCase('phial-41');
    for (const event of [
      fuse,
      wrote('nitrogen-iron', { channel: 'precipitate', event: 'formed', colour: 'deep-blue' }),
      wrote('sulfur-lead', { channel: 'precipitate', event: 'formed', colour: 'black' }),
      wrote('melting-point', { channel: 'temperature', event: 'melts', celsius: 181, to: 182 }),
    ])
      view = (await append(view, event)).view!;
    const found = await reasoned(view);
    expect(found.identities[0]).toMatchObject({ name: 'thiourea', compound: { melts: 182, formula: 'CH4N2S' } });
    expect(found.candidates.find((c) => c.id === 'S')!.state).toMatch(/^(confirmed|indicated)$/);
    const signed = await append(view, {
      kind: 'conclusion',
      payload: {
        found: [
          { ion: 'S', claim: 'confirmed', evidence: [2] },
          { ion: 'thioamide', claim: 'may-be-present', evidence: [3] },
        ],
        signed: 'I. V.',
      },
    });
    expect(signed.view!.conclusion!.found.map((f) => f.ion)).toEqual(['S', 'thioamide']);
    const wrong = await append(
      view,
      { kind: 'conclusion', payload: { found: [{ ion: 'Cu2+', claim: 'confirmed', evidence: [2] }], signed: 'I. V.' } },
      { after: signed.view!.seq },
    );
    expect([wrong.status, wrong.text]).toEqual([422, expect.stringMatching(/neither an element .* nor a functional group/)]);
    const chloroform = await append(await newCase('phial-46'), fuse);
    expect([chloroform.status, chloroform.text]).toEqual([422, expect.stringMatching(/must not be fused with sodium/)]);
  });

  test('structures are drawn, and lists go in and out', async () => {
    const svg = await ask('/api/compounds/drawing.svg?smiles=CC(%3DO)O');
    expect([svg.status, svg.headers.get('content-type')]).toEqual([200, expect.stringMatching(/^image\/svg\+xml/)]);
    expect((await ask('/api/compounds/drawing.svg?smiles=%5BNa%5D')).status).toBe(422);
    expect((await ask('/api/compounds/drawing.svg')).status).toBe(422);
    const taken = await ask('/api/compounds/list', {
      format: 'csv',
      text: 'name,smiles,mp\n"a; drop table person;--",CC(=O)Nc1ccc(cc1)C(C)(C)C,174\nbad,XX,',
    });
    expect(JSON.parse(taken.text)).toMatchObject({ taken: 1, refused: [{ at: 2 }] });
    const all = JSON.parse((await ask('/api/compounds', undefined, two)).text) as {
      name: string;
      own: boolean;
      melts?: number;
    }[];
    expect(all[0]).toMatchObject({ name: 'a; drop table person;--', own: true, melts: 174 });
    expect(all.length).toBeGreaterThan(400);
    const sdf = await ask('/api/compounds/list?format=sdf');
    expect(sdf.headers.get('content-disposition')).toContain('foxing-compounds.sdf');
    expect(sdf.text.match(/\$\$\$\$/g)!.length).toBe(all.length);
    for (const body of [
      { format: 'csv', text: 'no\nheader' },
      { format: 'doc', text: 'x' },
      { format: 'smiles', text: '' },
    ])
      expect((await ask('/api/compounds/list', body)).status).toBe(422);
    expect((await ask('/api/compounds/list', {}, one, {}, 'DELETE')).status).toBe(200);
    expect((JSON.parse((await ask('/api/compounds')).text) as { own: boolean }[]).some((c) => c.own)).toBe(false);
  });
});
