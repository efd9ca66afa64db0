import { randomUUID } from 'node:crypto';
import { problemSchema } from '#contract';
import type { CaseEvent } from '#core/record/events';
import { changes, Client, operation, wrote } from './client';
import { freshFoxing } from './harness';

let foxing: Awaited<ReturnType<typeof freshFoxing>>;
let one: Client;

beforeAll(async () => {
  foxing = await freshFoxing();
  one = new Client(foxing.servers[0]!);
});
afterAll(() => foxing.remove());

describe('organic compounds', () => {
  const fuse: CaseEvent = {
    kind: 'operation',
    payload: {
      op: { op: 'fuse', sodium_mg: 60, sample_mg: 40, gentle_minutes: 2, red_hot: true, tubes: 2, water_mL: 10, boil_to_mL: 3.5 },
      test: 'sodium-fusion',
    },
  };
  test('a structure that someone sets is never sent; its outcomes are', async () => {
    const smiles = 'CC(=O)Nc1ccc(I)cc1';
    const answer = await one.ask('/api/cases', { structure: { name: 'Bench 4', smiles, grams: 3 } });
    expect(answer.status).toBe(201);
    const begun = changes(answer.text);
    expect(begun.summary).toMatchObject({ name: 'Bench 4', matter: 'compound', kind: 'simulated' });
    const fused = await one.append(begun, fuse);
    const tested = await one.append(fused.view!, {
      kind: 'operation',
      payload: { op: { op: 'test', test: 'dnp', control: 'positive' }, test: 'dnp' },
    });
    const sampled = await one.append(tested.view!, {
      kind: 'operation',
      payload: { op: { op: 'test', test: 'dnp' }, test: 'dnp' },
    });
    expect(sampled.view!.showing!.tubes!.map((t) => t.of)).toEqual(['sample', 'positive']);
    expect(sampled.view!.vessels.map((v) => v.id)).toEqual(['extract']);
    for (const text of [answer.text, fused.text, tested.text, sampled.text, (await one.ask('/api/cases')).text]) {
      expect(text).not.toContain(smiles);
      expect(text).not.toMatch(/iodo|acetanilide|C8H8INO/i);
    }
    const bad = await one.ask('/api/cases', { structure: { name: 'x', smiles: '[Fe]', grams: 1 } });
    expect([bad.status, problemSchema.parse(JSON.parse(bad.text)).detail]).toEqual([422, expect.stringMatching(/no metals/)]);
  });

  test('the record points to elements, groups and compounds; what must not be fused is refused', async () => {
    let view = await one.begin({ jar: 'phial-41' });
    for (const event of [
      fuse,
      wrote('nitrogen-iron', { channel: 'precipitate', event: 'formed', colour: 'deep-blue' }),
      wrote('sulfur-lead', { channel: 'precipitate', event: 'formed', colour: 'black' }),
      wrote('melting-point', { channel: 'temperature', event: 'melts', celsius: 176, to: 177 }),
    ])
      view = await one.write(view, event);
    const found = await one.reasoned(view);
    expect(found.candidates[0]).toMatchObject({ name: 'thiourea', compound: { melts: 177, formula: 'CH4N2S' } });
    expect(found.suspects.find((c) => c.id === 'S')!.state).toMatch(/^(confirmed|indicated)$/);
    const signed = await one.append(view, {
      kind: 'conclusion',
      payload: {
        found: [
          { ion: 'S', claim: 'confirmed', evidence: [2] },
          { ion: 'thioamide', claim: 'may-be-present', evidence: [3] },
        ],
        signed: 'I. V.',
      },
    });
    expect(signed.view!.report!.found.map((f) => f.ion)).toEqual(['S', 'thioamide']);
    const withdrawn = await one.write(signed.view!, { kind: 'withdrawn', payload: { reason: 'x' } });
    const wrong = await one.append(withdrawn, {
      kind: 'conclusion',
      payload: { found: [{ ion: 'Cu2+', claim: 'confirmed', evidence: [2] }], signed: 'I. V.' },
    });
    expect([wrong.status, wrong.text]).toEqual([422, expect.stringMatching(/neither an element .* nor a functional group/)]);
    const chloroform = await one.append(await one.begin({ jar: 'phial-46' }), fuse);
    expect([chloroform.status, chloroform.text]).toEqual([422, expect.stringMatching(/must not be fused with sodium/)]);
  });

  test('a mixture is parted by acid and base, and each portion worked in a case of its own behaves as its part does', async () => {
    const shake = (wash: 'nahco3-5pc' | 'hcl-5pc', portion: string) =>
      operation({ op: 'shake-out', with: wash, times: 3, portion });
    await one.ask('/api/house-rules', { help: 'words' }, {}, 'PUT');
    const begun = await one.begin({ random: 'compounds-to-part' });
    const parted = await one.write(begun, shake('nahco3-5pc', '1'), shake('hcl-5pc', '2'), shake('hcl-5pc', '3'));
    expect(parted.portions).toEqual([
      { id: '1', wash: 'nahco3-5pc', formed: true },
      { id: '2', wash: 'hcl-5pc', formed: true },
      { id: '3', wash: 'hcl-5pc', formed: false },
    ]);
    const portion = (id: string) => one.begin({ portion: { case: parted.summary.id, id } });
    const acid = await portion('1');
    expect([acid.summary.name, acid.summary.matter]).toEqual([`${parted.summary.name}, portion 1`, 'compound']);
    for (const [view, goesInto] of [
      [acid, 'solubility-naoh-5pc'],
      [await portion('2'), 'solubility-hcl-5pc'],
      [parted, null],
    ] as const) {
      let now = view;
      for (const test of ['solubility-naoh-5pc', 'solubility-hcl-5pc']) {
        now = await one.write(now, operation({ op: 'test', test }, test));
        expect([test, now.words!.some((o) => o.channel === 'solubility' && o.event === 'soluble')]).toEqual([
          test,
          test === goesInto,
        ]);
      }
    }

    const none = await one.ask('/api/cases', { portion: { case: parted.summary.id, id: '9' } });
    expect([none.status, none.text]).toEqual([422, expect.stringMatching(/no portion \\"9\\"/)]);
    const nobodys = await one.ask('/api/cases', { portion: { case: randomUUID(), id: '1' } });
    expect(nobodys.status).toBe(404);
  });

  test('structures are drawn, and lists go in and out', async () => {
    const svg = await one.ask('/api/compounds/drawing.svg?smiles=CC(%3DO)O');
    expect([svg.status, svg.headers.get('content-type')]).toEqual([200, expect.stringMatching(/^image\/svg\+xml/)]);
    expect((await one.ask('/api/compounds/drawing.svg?smiles=%5BNa%5D')).status).toBe(422);
    expect((await one.ask('/api/compounds/drawing.svg')).status).toBe(422);
    const taken = await one.ask('/api/compounds/list', {
      format: 'csv',
      text: 'name,smiles,mp\n"a; drop table person;--",CC(=O)Nc1ccc(cc1)C(C)(C)C,174\nbad,XX,',
    });
    expect(JSON.parse(taken.text)).toMatchObject({ taken: 1, refused: [{ at: 2 }] });
    const all = JSON.parse((await one.ask('/api/compounds')).text) as {
      name: string;
      own: boolean;
      melts?: number;
    }[];
    expect(all[0]).toMatchObject({ name: 'a; drop table person;--', own: true, melts: 174 });
    expect(all.length).toBeGreaterThan(400);
    const sdf = await one.ask('/api/compounds/list?format=sdf');
    expect(sdf.headers.get('content-disposition')).toContain('foxing-compounds.sdf');
    expect(sdf.text.match(/\$\$\$\$/g)!.length).toBe(all.length);
    for (const body of [
      { format: 'csv', text: 'no\nheader' },
      { format: 'doc', text: 'x' },
      { format: 'smiles', text: '' },
    ])
      expect((await one.ask('/api/compounds/list', body)).status).toBe(422);
    expect((await one.ask('/api/compounds/list', {}, {}, 'DELETE')).status).toBe(200);
    expect((JSON.parse((await one.ask('/api/compounds')).text) as { own: boolean }[]).some((c) => c.own)).toBe(false);
  });
});
