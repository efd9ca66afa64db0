import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { type Found, foundSchema } from '#contract';
import type { CaseEvent } from '#core/record/events';
import { APPLICATION } from '../../launcher/src/cluster';
import { prepareDatabase } from '../src/db/prepare';
import { Client } from './client';
import { freshFoxing } from './harness';

let foxing: Awaited<ReturnType<typeof freshFoxing>>;
let client: Client;
beforeAll(async () => {
  foxing = await freshFoxing();
  client = new Client(foxing.servers[0]!);
});
afterAll(() => foxing.remove());

const search = async (text: string): Promise<Found[]> =>
  foundSchema.array().parse(JSON.parse((await client.ask(`/api/search?q=${encodeURIComponent(text)}`)).text));
const note = (text: string, more: Partial<Extract<CaseEvent, { kind: 'entry' }>['payload']> = {}): CaseEvent => ({
  kind: 'entry',
  payload: { test: 'flame', observed: [{ channel: 'flame', colour: 'crimson' }], note: text, ...more },
});

test('an entry is found by any of its words, by beginnings and other forms of them, and by what it infers', async () => {
  const begun = await client.begin({ real: { name: 'Bottle 5', look: 'white', grams: 2 } });
  const view = await client.write(
    begun,
    note('smelled of vinegars', { infers: [{ of: 'Sr2+', says: 'may-be-present' }], inference: 'Strontium?' }),
  );
  for (const text of ['vinegar', 'vineg', 'VINEGAR', 'crimson flame', 'strontium', 'Sr2', 'smell vinegar'])
    expect(await search(text)).toContainEqual({
      case: view.summary.id,
      name: 'Bottle 5',
      number: 1,
      excerpt: expect.stringMatching(/⟦[^⟧]+⟧/),
    });
  expect(await search('vinegar lithium')).toEqual([]);
});

test('a signed report is found, and what was there before there was a search is read once', async () => {
  const begun = await client.begin({ real: { name: 'Bottle 6', look: 'white', grams: 2 } });
  const view = await client.write(begun, note('wolframite'), {
    kind: 'conclusion',
    payload: { found: [{ ion: 'Sr2+', claim: 'confirmed', evidence: [1] }], remarks: 'Kept in the gutterroom.', signed: 'I. V.' },
  });
  const found = async () => (await search('gutterroom')).concat(await search('wolframite')).map((f) => f.number);
  expect(await found()).toEqual([null, 1]);
  const owner = new pg.Client({ connectionString: foxing.cluster.ownerUrl });
  await owner.connect();
  await owner.query('delete from case_text where case_id = $1', [view.summary.id]);
  await owner.end();
  expect(await found()).toEqual([]);
  await prepareDatabase(foxing.cluster.ownerUrl, APPLICATION);
  expect(await found()).toEqual([null, 1]);
});

test('nobody finds what another wrote; a case that is gone is not found', async () => {
  const begun = await client.begin({ real: { name: 'Bottle 7', look: 'white', grams: 2 } });
  const { summary } = await client.write(begun, note('quincunx'));
  expect(await search('quincunx')).toHaveLength(1);
  const owner = new pg.Client({ connectionString: foxing.cluster.ownerUrl });
  await owner.connect();
  const other = randomUUID();
  await owner.query('insert into person (id, name) values ($1, $2)', [other, 'Another']);
  const [{ owner: mine }] = (await owner.query<{ owner: string }>('select owner from "case" where id = $1', [summary.id]))
    .rows as [{ owner: string }];
  await owner.query('update "case" set owner = $2 where id = $1', [summary.id, other]);
  expect(await search('quincunx')).toEqual([]);
  await owner.query('update "case" set owner = $2 where id = $1', [summary.id, mine]);
  await owner.end();
  const path = `/api/cases/${summary.id}`;
  expect((await client.ask(path, {}, {}, 'DELETE')).text).toContain('Archive the case first');
  await client.ask(`${path}/archived`, { archived: true }, {}, 'PUT');
  expect((await client.ask(path, {}, {}, 'DELETE')).status).toBe(200);
  expect(await search('quincunx')).toEqual([]);
});
