import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import type { PreparationPrinting } from '#contract';
import { SIXTEEN } from '../../core/test/prepared';
import { Client } from './client';
import { freshFoxing } from './harness';

let foxing: Awaited<ReturnType<typeof freshFoxing>>;
let client: Client;
beforeAll(async () => {
  foxing = await freshFoxing();
  client = new Client(foxing.servers[0]!);
});
afterAll(() => foxing.remove());

const ASKED = {
  ...SIXTEEN,
  unknowns: ['KBr', 'NaCl'].map((sample) => ({ sample, grams: 2 })),
  stock: [{ item: 'AgNO3', amount: 0.1, unit: 'g' }],
};

async function printed(paper: PreparationPrinting['paper']): Promise<string> {
  const response = await fetch(`${client.server.url}/api/preparation/pdf`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ asked: ASKED, paper, deal: 7 }),
  });
  expect(response.headers.get('content-type')).toBe('application/pdf');
  const document = await pdfjs.getDocument({ data: new Uint8Array(await response.arrayBuffer()), verbosity: 0 }).promise;
  let text = '';
  for (let i = 1; i <= document.numPages; i++)
    for (const item of (await (await document.getPage(i)).getTextContent()).items) text += 'str' in item ? `${item.str} ` : '';
  return text.replaceAll(/\s+/g, ' ');
}

test('list and labels are printed without the unknowns, the key by itself with them', async () => {
  const [sheet, labels, key] = [await printed('sheet'), await printed('labels'), await printed('key')];
  for (const said of [
    'Silver nitrate, 0.1 M',
    '13.5 mL',
    '20 mL',
    '0.34 g of AgNO3',
    'AgNO3: 0.34 g needed, 0.1 there (not enough)',
    'silver waste',
  ])
    expect(sheet).toContain(said);
  expect(labels).toMatch(/Barium chloride, 0\.25 M .*Toxic/);
  expect(`${sheet}${labels}`).not.toMatch(/KBr|NaCl/);
  expect(key.match(/KBr/g)).toHaveLength(9);
  expect(await printed('key')).toBe(key);
});

test('the stock is kept as it is written; what cannot be is refused in words', async () => {
  const put = (body: unknown) => client.ask('/api/stock', body, {}, 'PUT');
  expect(JSON.parse((await client.ask('/api/stock')).text)).toEqual([]);
  const items = [{ item: 'AgNO3', amount: 25, unit: 'g', purity: 0.998, expires: '2028-01-31' }];
  expect((await put(items)).status).toBe(200);
  expect(JSON.parse((await client.ask('/api/stock')).text)).toEqual(items);
  for (const bad of [
    {},
    [{ item: '', amount: 1, unit: 'g' }],
    [{ item: 'x', amount: -1, unit: 'g' }],
    [{ item: 'x', amount: 1, unit: 'kg' }],
    [{ item: 'x', amount: 1, unit: 'g', expires: 'soon' }],
  ])
    expect((await put(bad)).status).toBe(422);
  for (const bad of [
    { ...ASKED, benches: 0 },
    { ...ASKED, tests: ['nonsense'] },
    { ...ASKED, tests: [] },
  ]) {
    const answer = await client.ask('/api/preparation/pdf', { asked: bad, paper: 'sheet', deal: 1 });
    expect(answer.status).toBe(422);
  }
  expect(JSON.parse((await client.ask('/api/stock')).text)).toEqual(items);
});
