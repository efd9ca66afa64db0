import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { UserError } from '#launcher/errors';
import { predict } from '../src/predict';
import { sim } from '../src/sim';
import { solveCommand } from '../src/solve';

const root = fileURLToPath(new URL('../../', import.meta.url));
const foxing = (args: readonly string[], input = '') =>
  spawnSync('./foxing', args, { cwd: root, input, encoding: 'utf8', env: { ...process.env, NODE_OPTIONS: '' } });

const folder = mkdtempSync(join(tmpdir(), 'foxing-cli-'));
const INPUT = join(folder, 'input.json');
afterAll(() => rmSync(folder, { recursive: true }));

const script = {
  sample: { solution: { 'Ag+': 0.1, 'NO3-': 0.1 }, mL: 5 },
  steps: [
    { op: 'take', to: 'A', from: 'sample', mL: 1 },
    { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', drops: 4 },
  ],
};

test('sim reads standard input and prints one document', () => {
  const { status, stdout } = foxing(['sim', '-'], JSON.stringify(script));
  const out = JSON.parse(stdout) as { steps: { see: { channel: string; colour?: string }[]; vessel: { solids: object } }[] };
  expect(status).toBe(0);
  expect(out.steps[1]!.see).toContainEqual(
    expect.objectContaining({ channel: 'precipitate', event: 'formed', colour: 'white', texture: 'curdy' }),
  );
  expect(Object.keys(out.steps[1]!.vessel.solids)).toEqual(['AgCl']);
});

const commands = { sim, predict, solve: solveCommand };
type Command = keyof typeof commands;

test.each<readonly [Command, readonly string[], string, RegExp]>([
  ['sim', [], '', /name at least one/],
  ['predict', ['--smiles', '[Na]CC'], '', /--smiles: Na is not supported/],
  ['solve', [INPUT], '{"smiles":', /is not JSON/],
  ['solve', [INPUT], '{"smiles":"CC(","grams":1}', /brackets do not pair/],
  ['solve', ['--all', 'metals'], '', /singles, mixtures, compounds/],
  ['solve', ['--all', 'singles', '--count', 'many'], '', /--count/],
])('%s %j is refused, with what is wrong', async (command, args, input, message) => {
  writeFileSync(INPUT, input);
  const refused = await Promise.resolve(args)
    .then(commands[command])
    .catch((error: unknown) => error);
  expect(refused).toBeInstanceOf(UserError);
  expect((refused as UserError).message).toMatch(message);
});

test.each([
  [
    ['sim', '-'],
    JSON.stringify({ ...script, steps: [{ op: 'add', to: 'A', reagent: 'ink', mL: 1 }] }),
    /step 1 \(add\): reagent: there is no reagent "ink"/,
  ],
  [['sim', '-'], JSON.stringify({ ...script, step: [] }), /script: there is no "step" here; did you mean "steps"\?/],
  [
    ['sim', '-'],
    JSON.stringify({ ...script, steps: [{ op: 'take', to: 'A', from: 'sample', ml: 1 }] }),
    /steps\[0\](\.mL)?: (there is no "ml" here; did you mean "mL"|.*mL)/,
  ],
  [
    ['sim', '-'],
    JSON.stringify({ ...script, steps: [{ ...script.steps[0], smell: 1 }] }),
    /steps\[0\]: there is no "smell" here/,
  ],
  [['deduce', '-'], '{"entries":[{"test":"flame","obsreved":[]}]}', /entries\.0.*(did you mean "observed"|observed)/],
  [['deduce', '-'], '{"entires":[]}', /entires.*did you mean "entries"|entries/],
  [['advise', '-'], '{"entries":[],"not-availible":[]}', /there is no "not-availible" here; did you mean "not-available"\?/],
  [['sim', 'no-such-file.json'], '', /no-such-file\.json: cannot be read/],
  [['fly'], '', /no command "fly"/],
] as const)('%j with bad input exits 2 with one line', (args, input, message) => {
  const { status, stderr, stdout } = foxing(args, input);
  expect([status, stdout]).toEqual([2, '']);
  expect(stderr.trim().split('\n')).toHaveLength(1);
  expect(stderr).toMatch(message);
});

test('predict, deduce, advise and solve know organic compounds', () => {
  const json = (args: readonly string[], input = '') => JSON.parse(foxing(args, input).stdout) as Record<string, never>;
  const predicted = json(['predict', '--smiles', 'CC(=O)Nc1ccc(Br)cc1']) as unknown as {
    elements: string[];
    groups: string[];
    tests: { test: string; worthDoing: boolean; see: object[] }[];
  };
  expect(predicted).toMatchObject({ formula: 'C8H8BrNO', elements: ['N', 'Br'], groups: ['amide', 'aryl-halide'] });
  expect(predicted.tests.length).toBeGreaterThan(40);
  expect(predicted.tests.find((t) => t.test === 'lead-acetate-thiol')!.worthDoing).toBe(false);
  const entries = ['compound-look', 'solubility-water', 'nitrogen-iron', 'halogen-silver', 'melting-point'].map((id) => ({
    test: id,
    observed: predicted.tests.find((t) => t.test === id)!.see,
  }));
  const record = JSON.stringify({ kind: 'compound', entries });
  const deduced = json(['deduce', '-'], record) as unknown as {
    candidates: { id: string; state: string; probability: number }[];
    identities: { name: string }[];
  };
  expect(deduced.identities[0]!.name).toBe('4-bromoacetanilide');
  // The name says nitrogen, one test of it shows it: that does not confirm it yet.
  expect(deduced.candidates.find((c) => c.id === 'N')).toMatchObject({ state: 'indicated' });
  const advised = json(
    ['advise', '-'],
    JSON.stringify({ kind: 'compound', entries: [{ test: 'free', observed: [] }, ...entries.slice(0, 2)] }),
  ) as unknown as {
    next: { test: string; bits: number }[];
  };
  expect(advised.next[0]!.test).toBe('sodium-fusion');
  expect(Math.max(...advised.next.map((a) => a.bits))).toBeGreaterThan(0.5);
  const solved = json(
    ['solve', '-', '--route', 'systematic', '--observer', 'student', '--seed', '3'],
    '{"smiles":"CC(=O)Nc1ccc(Br)cc1","grams":3}',
  );
  expect(solved).toMatchObject({ correct: true, elements: ['N', 'Br'], groups: ['amide', 'aryl-halide'] });
});

test('a reader that has read enough goes away without a word', () => {
  const { stdout, stderr } = spawnSync('sh', ['-c', './foxing species | head -c 20'], { cwd: root, encoding: 'utf8' });
  expect([stdout.length, stderr]).toEqual([20, '']);
});

test('species prints every constant with its source', () => {
  const data = JSON.parse(foxing(['species']).stdout) as Record<string, { source?: string; formula?: string }[]>;
  expect(data['aqueous']!.length).toBeGreaterThan(300);
  for (const kind of ['aqueous', 'solids', 'gases', 'couples']) for (const row of data[kind]!) expect(row.source).toBeTruthy();
});
