/** Unknowns weighed and drawn for a class, and joining one. */
import { drawnSetSchema } from '#contract';
import { testById } from '#core/scheme/tests';
import { Client, freshFoxing } from './harness';

let foxing: Awaited<ReturnType<typeof freshFoxing>>;
let client: Client;
beforeAll(async () => {
  foxing = await freshFoxing();
  client = new Client(foxing.servers[0]!);
});
afterAll(() => foxing.remove());

const salt = (formula: string) => ({ salts: [{ formula, grams: 3 }] });

async function weighed(path: '/api/draws' | '/api/assessments', body: object) {
  const { status, text } = await client.ask(path, body);
  if (status !== 200) throw new Error(text);
  return drawnSetSchema.parse(JSON.parse(text));
}

test('a pair that the allowed tests do not tell apart is named, with the test that would', async () => {
  const unknowns = [salt('NaCl'), salt('KCl'), salt('CuSO4·5H2O')];
  const all = await weighed('/api/assessments', { unknowns, tests: null });
  expect(all.untold).toEqual([]);
  const few = await weighed('/api/assessments', { unknowns, tests: ['look', 'solution-water', 'silver-acid'] });
  expect(few.untold).toHaveLength(1);
  const [{ a, b, by }] = few.untold as [(typeof few.untold)[number]];
  expect([a, b]).toEqual([0, 1]);
  // Sodium and potassium part in the flame, as anybody would say.
  expect(testById.get(by!)!.title).toMatch(/flame/i);
});

test.each(['salt', 'compound'] as const)('%ss are drawn about equally hard, none twice, and all told apart', async (matter) => {
  const { unknowns, untold } = await weighed('/api/draws', { matter, count: 6 });
  expect(new Set(unknowns.map((u) => u.name)).size).toBe(6);
  expect(untold).toEqual([]);
  const minutes = unknowns.map((u) => u.difficulty!.minutes);
  expect(Math.min(...minutes)).toBeGreaterThan(0);
  expect(Math.max(...minutes)).toBeLessThan(2 * Math.min(...minutes));
});

test('a mixture, a coloured salt and a compound that is in no list have their difficulty too', async () => {
  const unknowns = [
    {
      salts: [
        { formula: 'Ba(NO3)2', grams: 2 },
        { formula: 'Sr(NO3)2', grams: 1 },
      ],
    },
    salt('K2Cr2O7'),
    { smiles: 'CCCCCCCCOC(=O)c1ccc(Br)cc1', grams: 3 },
  ];
  const { unknowns: found } = await weighed('/api/assessments', { unknowns, tests: null });
  for (const { name, difficulty } of found)
    expect([name, difficulty!.minutes > 5 && difficulty!.tests > 2]).toEqual([name, true]);
});

test('what cannot be is refused in words, and what nothing known is like has no made-up difficulty', async () => {
  const refused = await client.ask('/api/assessments', { unknowns: [salt('NaClQ')], tests: null });
  expect([refused.status, refused.text]).toEqual([422, expect.stringContaining('NaClQ')]);
  const three = { salts: ['NaCl', 'CuSO4·5H2O', 'Pb(NO3)2', 'KI'].map((formula) => ({ formula, grams: 1 })) };
  const { unknowns } = await weighed('/api/assessments', { unknowns: [three], tests: null });
  expect(unknowns[0]!.difficulty).toBeNull();
});

test('a code that is none makes nobody: the login is still free for who has the right one', async () => {
  const asked = { code: 'NOTACODE', name: 'Ada', login: 'ada', passphrase: 'three old brushes' };
  expect((await client.ask('/api/join', asked)).status).toBe(422);
  const made = JSON.parse((await client.ask('/api/classes', { name: 'Evening class' })).text) as { id: string };
  const { code } = JSON.parse((await client.ask(`/api/classes/${made.id}`)).text) as { code: string };
  const joined = await client.ask('/api/join', { ...asked, code });
  expect([joined.status, joined.text]).toEqual([201, joined.text]);
  const again = await client.ask('/api/join', { ...asked, code });
  expect([again.status, again.text]).toEqual([422, expect.stringContaining('somebody has this login already')]);
});
