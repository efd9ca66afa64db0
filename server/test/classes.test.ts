/** Unknowns weighed and drawn for a class, and joining one. */
import { randomUUID } from 'node:crypto';
import { benchesSchema, classViewSchema, drawnSetSchema } from '#contract';
import { testById } from '#core/scheme/tests';
import { Client } from './client';
import { freshFoxing } from './harness';

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

test('a jar of the cabinet is weighed and set without its instructor being told beforehand what is in it', async () => {
  const jar = { jar: 'jar-09' };
  const { status, text } = await client.ask('/api/assessments', { unknowns: [jar, salt('KI')], tests: null });
  expect([status, text]).toEqual([200, expect.stringContaining('Jar 9')]);
  expect(text).not.toMatch(/CuSO4|Cu2\+/);
  const { unknowns } = drawnSetSchema.parse(JSON.parse(text));
  expect(unknowns[0]).toMatchObject({ name: 'Jar 9', unknown: jar, difficulty: null });
  expect(unknowns[1]!.difficulty!.minutes).toBeGreaterThan(0);
  // With few tests it is like many salts; which, would tell what it is.
  const few = await weighed('/api/assessments', { unknowns: [{ jar: 'jar-05' }, salt('NaCl'), salt('KCl')], tests: ['look'] });
  expect(few.untold.map(({ a, b }) => [a, b])).toEqual([[1, 2]]);
  const none = await client.ask('/api/assessments', { unknowns: [{ jar: 'jar-99' }], tests: null });
  expect([none.status, none.text]).toEqual([422, expect.stringContaining('jar-99')]);
});

test('it is said who gets which; where one unknown cannot be, nothing is set', async () => {
  const made = JSON.parse((await client.ask('/api/classes', { name: 'Two' })).text) as { id: string };
  const read = async () => classViewSchema.parse(JSON.parse((await client.ask(`/api/classes/${made.id}`)).text));
  const { code } = await read();
  for (const login of ['bo-1', 'bo-2'])
    await client.ask('/api/join', { code, name: login, login, passphrase: 'three old brushes' });
  const { people } = await read();
  const set = (unknowns: object[], given = {}) =>
    client.ask(`/api/classes/${made.id}/sets`, { title: 'S', unknowns, given, terms: {} });
  expect((await set([salt('KI'), salt('NaClQ')])).status).toBe(422);
  expect((await read()).sets).toEqual([]);
  const labels: string[] = [];
  const dealt = async (answer: Awaited<ReturnType<typeof set>>) => {
    const { id } = JSON.parse(answer.text) as { id: string };
    const { benches } = benchesSchema.parse(JSON.parse((await client.ask(`/api/sets/${id}/benches`)).text));
    labels.push(...benches.map((b) => b.summary.name));
    return benches.map((b) => b.identity);
  };
  expect(await dealt(await set([salt('KI'), salt('NaCl')]))).toEqual(['KI', 'NaCl']);
  expect(await dealt(await set([salt('KI'), { jar: 'jar-09' }], { [people[0]!.id]: 1 }))).toEqual([null, null]);
  // A number in the order of the class would tell who has the same.
  for (const label of labels) expect(label).toMatch(/^S, [1-9]\d\d$/);
  expect(new Set(labels.slice(0, 2)).size).toBe(2);
});

test('what a set strikes out cannot be done under the name of a test that is allowed', async () => {
  const made = JSON.parse((await client.ask('/api/classes', { name: 'Limited' })).text) as { id: string };
  const { code } = JSON.parse((await client.ask(`/api/classes/${made.id}`)).text) as { code: string };
  const joined = await client.ask('/api/join', { code, name: 'Cy', login: 'cy-1', passphrase: 'three old brushes' });
  const cookie = joined.headers
    .getSetCookie()
    .find((c) => c.startsWith('foxing='))!
    .split(';')[0]!;
  const terms = { tests: ['look', 'solution-water', 'hydroxide'] };
  await client.ask(`/api/classes/${made.id}/sets`, { title: 'S', unknowns: [salt('CuSO4·5H2O')], given: {}, terms });
  const [listed] = JSON.parse((await client.ask('/api/cases', undefined, { cookie })).text) as { id: string }[];
  let after = 1;
  const op = async (done: object, test?: string) => {
    const event = { kind: 'operation', payload: { op: done, ...(test && { test }) } };
    const { status, text } = await client.ask(`/api/cases/${listed!.id}/events`, { id: randomUUID(), after, event }, { cookie });
    if (status === 200) after++;
    return [status, text] as const;
  };
  expect((await op({ op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 }, 'solution-water'))[0]).toBe(200);
  expect((await op({ op: 'take', to: 'A', from: 'S', mL: 1 }, 'hydroxide'))[0]).toBe(200);
  expect((await op({ op: 'add', to: 'A', reagent: 'sodium-hydroxide-2M', drops: 4 }, 'hydroxide'))[0]).toBe(200);
  const silver = { op: 'add', to: 'A', reagent: 'silver-nitrate-0.1M', drops: 4 };
  for (const under of ['hydroxide', 'look', 'silver-acid', undefined]) expect((await op(silver, under))[0]).toBe(422);
  expect(await op(silver, 'hydroxide')).toEqual([422, expect.stringMatching(/Silver nitrate.*not allowed in this work/)]);
  expect((await op({ op: 'flame', from: 'sample' }, 'look'))[0]).toBe(422);
  expect(await op({ op: 'add', to: 'A', reagent: 'ink', drops: 4 }, 'look')).toEqual([422, expect.stringMatching(/no reagent/)]);
});
