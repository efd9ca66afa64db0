import { createHash, randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { buffer } from 'node:stream/consumers';
import { deflateRawSync } from 'node:zlib';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import sharp from 'sharp';
import yauzl from 'yauzl';
import { ZipFile } from 'yazl';
import { type CaseView, foundSchema, keptPhotoSchema, listedCaseSchema } from '#contract';
import type { CaseEvent, RecordedEvent } from '#core/record/events';
import type { Op } from '#core/bench/ops';
import { seeded } from '#core/reasoning/student';
import { CaseAtWork } from '../../core/test/casework';
import { canonical, link, type LinkedEvent, verifyChains } from '../src/cases/chain';
import { openPool } from '../src/db/pool';
import { schemaText } from '../../docs/schema-text';
import { brokenRules } from './crate-rules';
import { changes, Client, operation, wrote } from './client';
import { freshFoxing } from './harness';

let foxing: Awaited<ReturnType<typeof freshFoxing>>;
let client: Client;

beforeAll(async () => {
  foxing = await freshFoxing();
  client = new Client(foxing.servers[0]!);
});
afterAll(() => foxing.remove());

const bytesOf = async (path: string): Promise<Buffer> =>
  Buffer.from(await (await fetch(`${client.server.url}${path}`)).arrayBuffer());
const send = async (path: string, body: Uint8Array | string) => {
  const response = await fetch(`${client.server.url}${path}`, { method: 'POST', body: body as BodyInit });
  return { status: response.status, text: await response.text() };
};
const file = (view: { summary: { id: string } }, format: string) => bytesOf(`/api/cases/${view.summary.id}/export/${format}`);

async function drop(id: string): Promise<void> {
  await client.ask(`/api/cases/${id}/archived`, { archived: true }, {}, 'PUT');
  expect((await client.ask(`/api/cases/${id}`, {}, {}, 'DELETE')).status).toBe(200);
}

/** A picture of noise, which packs badly. */
const photo = (seed: number, side = 900) => {
  const random = seeded(seed);
  const pixels = Buffer.from(Uint8Array.from({ length: side * side * 3 }, () => 90 + random() * 100));
  return sharp(pixels, { raw: { width: side, height: side, channels: 3 } })
    .jpeg({ quality: 90 })
    .toBuffer();
};

const REAL = { real: { name: 'Bottle 14', look: 'white powder', grams: 2, matter: 'salt' } };
const SPLIT: readonly Op[] = [
  { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 },
  { op: 'take', to: 'A', from: 'S', mL: 2 },
  { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', mL: 0.5 },
  { op: 'filter', from: 'A', to: 'F1', residue: 'P1' },
  { op: 'add', to: 'F1', reagent: 'ammonia-2M', until: 'just-basic' },
];

async function withPhoto(view: CaseView, test: string, seed: number): Promise<CaseView> {
  const kept = keptPhotoSchema.parse(JSON.parse((await send(`/api/cases/${view.summary.id}/photos`, await photo(seed))).text));
  return client.write(view, { kind: 'photo', payload: { ...kept, test } });
}

/** A real case with a separation, a blank, an inference, a photo and a signature. */
async function realCase(): Promise<CaseView> {
  let view = await client.begin(REAL);
  for (const op of SPLIT) view = await client.write(view, operation(op, 'group-1'));
  view = await withPhoto(view, 'group-1', 1);
  return client.write(
    view,
    {
      kind: 'entry',
      payload: {
        test: 'group-1',
        vessel: 'P1',
        observed: [{ channel: 'precipitate', event: 'formed', colour: 'white', texture: 'curdy' }],
        blank: [{ channel: 'precipitate', event: 'none' }],
        infers: [
          { of: 'Ag+', says: 'may-be-present' },
          { of: 'Pb2+', says: 'absent' },
        ],
        inference: 'Darkens → silver.',
      },
    },
    wrote('flame', { channel: 'flame', colour: 'none' }),
    { kind: 'strike', payload: { entry: 2, reason: 'the wire was dirty' } },
    {
      kind: 'conclusion',
      payload: { found: [{ ion: 'Ag+', claim: 'confirmed', evidence: [1] }], formula: 'AgNO3', signed: 'Ilse Varnholt' },
    },
  );
}

async function filesIn(zip: Buffer): Promise<Map<string, Buffer>> {
  const files = new Map<string, Buffer>();
  await new Promise<void>((resolve, reject) =>
    yauzl.fromBuffer(zip, { lazyEntries: true }, (error, opened) => {
      if (error) return reject(error);
      opened.on('entry', (entry: yauzl.Entry) =>
        opened.openReadStream(
          entry,
          (_, stream) => void buffer(stream).then((b) => (files.set(entry.fileName, b), opened.readEntry())),
        ),
      );
      opened.on('end', resolve);
      opened.readEntry();
    }),
  );
  return files;
}

test('a case leaves as an .eln, is deleted, comes back the same to the byte, and goes on', async () => {
  const view = await realCase();
  const [json, eln, whole] = [await file(view, 'json'), await file(view, 'eln'), await client.read(view.summary.id)];
  expect(brokenRules(await filesIn(eln))).toEqual([]);
  await drop(view.summary.id);
  expect((await client.ask(`/api/cases/${view.summary.id}`)).status).toBe(404);
  const back = changes((await send('/api/cases/import', eln)).text);
  expect((await file(view, 'json')).equals(json)).toBe(true);
  expect(back).toEqual({ ...whole, summary: { ...whole.summary, takenIn: { at: expect.any(String), author: 'Ilse Varnholt' } } });
  expect((await filesIn(await file(view, 'eln'))).size).toBe((await filesIn(eln)).size);
  expect((await send('/api/cases/import', json)).text).toContain('here already');
  const on = await client.write(
    back,
    { kind: 'withdrawn', payload: { reason: 'one more test' } },
    operation({ op: 'add', to: 'F1', reagent: 'ammonia-2M', mL: 1 }),
  );
  expect(on.vessels.find((v) => v.id === 'F1')!.drawing.mL).toBeGreaterThan(whole.vessels.find((v) => v.id === 'F1')!.drawing.mL);
  const db = openPool(foxing.cluster.url);
  expect((await verifyChains(db)).broken).toEqual([]);
  await expect(db.query('delete from case_event where case_id = $1', [view.summary.id])).rejects.toThrow(/permission denied/);
  await db.end();
});

test('a sealed case leaves without what would tell it, and can only be read elsewhere', async () => {
  let view = await client.begin({ jar: 'jar-05' });
  view = await client.write(
    view,
    operation({ op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 }),
    operation({ op: 'flame', from: 'sample' }),
  );
  for (const format of ['json', 'eln', 'csv', 'md']) {
    const all =
      format === 'eln' ? Buffer.concat([...(await filesIn(await file(view, 'eln'))).values()]) : await file(view, format);
    expect(all.toString()).not.toMatch(/Pb|NO3|lead\b|nitrate/);
  }
  expect((await client.ask(`/api/cases/${view.summary.id}/debrief`)).text).toMatch(/once its answer is revealed/);
  const json = await file(view, 'json');
  await drop(view.summary.id);
  const back = changes((await send('/api/cases/import', json)).text);
  expect(back.readOnly).toMatch(/sealed/);
  expect((await file(view, 'json')).equals(json)).toBe(true);
  expect((await client.append({ ...back, after: 0 }, wrote('flame'))).text).toMatch(/can only be read/);
});

test('the published schema is that of the program', () => {
  const published = readFileSync(new URL('../../docs/formats/foxing-case-1.schema.json', import.meta.url), 'utf8');
  expect(JSON.parse(published)).toEqual(JSON.parse(schemaText()));
});

/** A random record of a real sample, as it could have been written. */
function randomCase(random: () => number): LinkedEvent[] {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const at = new CaseAtWork({ real: { grams: 1 + random(), matter: pick(['salt', 'compound'] as const) } });
  const words = () => pick(['', 'é ∆ → “x”', '‮rtl', '<b>&amp;</b>', '=1+1', 'a\tb', '😀', '"\\']) + random().toFixed(3);
  const some: readonly (() => CaseEvent)[] = [
    () =>
      operation(
        pick(SPLIT.slice(0, 3).map((op) => ('to' in op ? { ...op, to: pick(['A', 'B', 'S']) } : op))) as Op,
        pick(['flame', 'group-1']),
      ),
    () => ({
      kind: 'entry',
      payload: {
        test: pick(['flame', 'group-1', 'free']),
        observed: [{ channel: 'flame', colour: pick(['none', 'yellow', 'crimson']) }],
        note: words(),
        inference: words(),
      },
    }),
    () => ({
      kind: 'photo',
      payload: {
        photo: createHash('sha256').update(words()).digest('hex'),
        width: 10,
        height: 20,
        test: 'flame',
        caption: words(),
      },
    }),
    () => ({ kind: 'strike', payload: { entry: 1 + Math.floor(random() * 4), reason: words() } }),
    () => ({ kind: 'timer', payload: { id: pick(['a', 'b']), label: words(), minutes: 1 + random() } }),
    () => ({ kind: 'conclusion', payload: { found: [{ ion: 'Na+', claim: 'may-be-present', evidence: [1] }], signed: words() } }),
    () => ({ kind: 'withdrawn', payload: { reason: words() } }),
  ];
  for (let i = 0; i < 14; i++)
    try {
      at.do(pick(some)());
    } catch {
      // What may not come there does not.
    }
  return chained(at.record, words());
}

/** Events as links of a case of their own. */
function chained(record: readonly RecordedEvent[], name: string): LinkedEvent[] {
  const id = randomUUID();
  const who = { id: randomUUID(), name };
  const links: LinkedEvent[] = [];
  for (const [i, event] of record.entries())
    links.push(
      link({
        case: id,
        seq: i + 1,
        id: randomUUID(),
        at: new Date(1.7e12 + i).toISOString(),
        who,
        previous: links.at(-1)?.hash ?? '',
        event,
      }),
    );
  return links;
}

const filed = (links: readonly LinkedEvent[]) => ({
  format: 'foxing-case',
  version: 1,
  case: links[0]!.body.case,
  sealed: false,
  events: links.map(({ body, hash }) => ({ body, hash })),
});

test('what a browser calls JSON is taken in as a file, and a file of another kind is refused in words', async () => {
  const view = await realCase();
  const json = await file(view, 'json');
  await drop(view.summary.id);
  const asJson = { 'content-type': 'application/json' };
  const taken = await client.ask('/api/cases/import', json.toString(), asJson);
  expect([taken.status, (await file(view, 'json')).equals(json)]).toEqual([201, true]);
  for (const [body, why] of [
    ['', /The file is empty/],
    ['{"a":1}', /cannot be imported/],
    ['hello', /neither a case in JSON nor an .eln archive/],
  ] as const) {
    const refused = await client.ask('/api/cases/import', body, asJson);
    expect([refused.status, refused.text]).toEqual([422, expect.stringMatching(why)]);
  }
});

test('a record of two thousand entries is taken in beside other work, which does not wait for it', async () => {
  let state = new CaseAtWork({ real: { grams: 2, matter: 'salt' } });
  for (let i = 0; i < 2000; i++) state = state.do({ kind: 'entry', payload: { test: 'free', observed: [], note: `look ${i}` } });
  const long = canonical(filed(chained(state.record, 'Ilse Varnholt')));
  let answered = 0;
  let taken = false;
  const asking = (async () => {
    while (!taken) {
      expect((await client.ask('/api/house-rules')).status).toBe(200);
      answered++;
    }
  })();
  const { status } = await send('/api/cases/import', long);
  taken = true;
  await asking;
  expect(status).toBe(201);
  // Read, checked and hashed by the thread that answers, it would let hardly anybody through.
  expect(answered).toBeGreaterThan(10);
}, 60000);

test('sixty random cases come back the same to the byte, from JSON and from an archive', async () => {
  const random = seeded(14);
  for (let i = 0; i < 60; i++) {
    const json = canonical(filed(randomCase(random)));
    const { status, text } = await send('/api/cases/import', json);
    if (status !== 201) throw new Error(text);
    const view = changes(text);
    expect((await file(view, 'json')).toString()).toBe(json);
    if (i % 10) continue;
    expect((await client.ask(`/api/cases/${view.summary.id}/report.pdf?length=full`)).status).toBe(200);
    const eln = await file(view, 'eln');
    await drop(view.summary.id);
    expect((await send('/api/cases/import', eln)).status).toBe(201);
    expect((await file(view, 'json')).toString()).toBe(json);
  }
}, 120000);

// What is wrong on purpose has no type.
// oxlint-disable-next-line typescript/no-explicit-any
type Loose = any;

/** A ZIP of these files, whatever they are called. */
async function zipped(files: Readonly<Record<string, string | Buffer>>): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [path, content] of Object.entries(files)) zip.addBuffer(Buffer.from(content), path);
  zip.end();
  return buffer(zip.outputStream as unknown as NodeJS.ReadableStream);
}

const CRATE = { '@context': 'https://w3id.org/ro/crate/1.1/context' };
const crateOf = (...ids: readonly string[]) =>
  JSON.stringify({ ...CRATE, '@graph': ids.map((id) => ({ '@id': id, '@type': 'File' })) });
const eln = (json: string | Buffer, more: Readonly<Record<string, string | Buffer>> = {}) =>
  zipped({
    'x/ro-crate-metadata.json': crateOf('./case/case.json', ...Object.keys(more).map((p) => `./${p}`)),
    'x/case/case.json': json,
    ...Object.fromEntries(Object.entries(more).map(([p, c]) => [`x/${p}`, c])),
  });

/** One byte sequence in a file put in the place of another of the same length, everywhere. */
const swapped = (bytes: Buffer, from: string, to: string) => Buffer.from(bytes.toString('latin1').replaceAll(from, to), 'latin1');
/** What the directory of a ZIP says of sizes, falsified. */
function claiming(zip: Buffer, size: number): Buffer {
  const out = Buffer.from(zip);
  for (let i = out.indexOf('PK\u0001\u0002'); i >= 0; i = out.indexOf('PK\u0001\u0002', i + 4)) out.writeUInt32LE(size, i + 24);
  return out;
}

test('hostile files are refused in words, and nothing of them is kept', async () => {
  const good = () =>
    structuredClone(filed(randomCase(seeded(7)))) as unknown as { [key: string]: never } & {
      events: { body: Record<string, never>; hash: string }[];
    };
  const text = (value: unknown) => JSON.stringify(value);
  const altered = (change: (value: Loose) => unknown) => {
    const value = good();
    const other = change(value);
    return text(other ?? value);
  };
  /** The chain made good again after the change, so that only the change itself is wrong. */
  const rechained = (change: (events: Loose[]) => void) => {
    const value = good();
    const bodies = value.events.map((e) => e.body) as Loose[];
    change(bodies);
    let previous = '';
    const events = bodies.map((body) => {
      const whole = { ...body, previous };
      previous = createHash('sha256').update(canonical(whole)).digest('hex');
      return { body: whole, hash: previous };
    });
    return text({ ...value, events });
  };
  const deep = (n: number) => '['.repeat(n) + ']'.repeat(n);
  const ok = text(good());
  const sound = await eln(ok);
  const hostile: Record<string, Buffer | string> = {
    empty: '',
    'a space': ' ',
    'plain text': 'hello',
    html: '<script>alert(1)</script>',
    'a PDF': '%PDF-1.7',
    'a picture': await photo(3, 20),
    'UTF-16': Buffer.from(`\ufeff${ok}`, 'utf16le'),
    'broken UTF-8': Buffer.concat([Buffer.from(ok.slice(0, 50)), Buffer.from([0xff, 0xfe]), Buffer.from(ok.slice(50))]),
    'half a file': ok.slice(0, -30),
    null: 'null',
    'a number': '1e999',
    'a list': '[]',
    'an empty object': '{}',
    'deep lists': deep(5000),
    'very deep lists': deep(400000),
    'another format': altered((v) => void (v.format = 'other')),
    'a later version': altered((v) => void (v.version = 2)),
    'no version': altered((v) => void delete v.version),
    'a field more': altered((v) => ({ ...v, extra: 1 })),
    'a key of the language': ok.replace('{', '{"__proto__":{"a":1},'),
    'NUL in a text': altered((v) => void (v.events[0].body.who.name = 'a\0b')),
    'half a character': ok.replace('"salt"', '"\\ud800"').replace('"compound"', '"\\ud800"'),
    'an id that is none': altered((v) => void (v.case = 'x')),
    'another case': altered((v) => void (v.case = randomUUID())),
    'no events': altered((v) => void (v.events = [])),
    'events as an object': altered((v) => void (v.events = { 0: v.events[0] })),
    'too many events': altered((v) => void (v.events = Array.from({ length: 20001 }, () => v.events[0]))),
    'an event missing': altered((v) => void v.events.splice(1, 1)),
    'the first missing': altered((v) => void v.events.shift()),
    'events swapped': altered((v) => void v.events.reverse()),
    'an event twice': altered((v) => void v.events.splice(1, 0, v.events[1])),
    'a changed word': altered((v) => void (v.events[0].body.who.name += '!')),
    'a changed hash': altered((v) => void (v.events[0].hash = '0'.repeat(64))),
    'a hash that is none': altered((v) => void (v.events[0].hash = 'zz')),
    'sealed that is not': altered((v) => void (v.sealed = true)),
    'two openings': rechained((e) => void (e[1] = { ...e[0], seq: 2, id: e[1].id })),
    'no opening': rechained((e) => void (e[0].event = { kind: 'withdrawn', payload: { reason: 'x' } })),
    'an unknown kind': rechained((e) => void (e[1].event = { kind: 'delete-all', payload: {} })),
    'a field more in an event': rechained((e) => void (e[0].event.payload.admin = true)),
    'an operation unknown': rechained(
      (e) => void (e[1].event = { kind: 'operation', payload: { op: { op: 'explode' } }, result: null }),
    ),
    'an operation without its result': rechained(
      (e) => void (e[1].event = { kind: 'operation', payload: { op: { op: 'flame', from: 'sample' } } }),
    ),
    'a strike of what is not there': rechained(
      (e) => void (e[1].event = { kind: 'strike', payload: { entry: 999, reason: 'x' } }),
    ),
    'evidence that is not there': rechained(
      (e) =>
        void (e[1].event = {
          kind: 'conclusion',
          payload: { found: [{ ion: 'Na+', claim: 'confirmed', evidence: [99] }], signed: 'x' },
        }),
    ),
    'a photo of no hash': rechained(
      (e) => void (e[1].event = { kind: 'photo', payload: { photo: '../../etc/passwd', width: 1, height: 1, test: 'flame' } }),
    ),
    'a huge text': rechained((e) => void (e[1].event = { kind: 'withdrawn', payload: { reason: 'x'.repeat(100000) } })),
    'a date that is none': rechained((e) => void (e[1].at = 'yesterday')),
    'negative sequence': rechained((e) => void (e[1].seq = -2)),
    'an identity of a real sample': rechained(
      (e) => void (e[1].event = { kind: 'opened-up', payload: {}, result: { identity: 'x' } }),
    ),
    'a ZIP of nothing': await zipped({}),
    'a ZIP cut off': sound.subarray(0, sound.length - 40),
    'a ZIP without metadata': await zipped({ 'x/case/case.json': ok }),
    'a ZIP with two roots': await zipped({ 'x/ro-crate-metadata.json': crateOf(), 'y/a': '' }),
    'a ZIP whose metadata is no JSON': await zipped({ 'x/ro-crate-metadata.json': '{', 'x/case/case.json': ok }),
    'a ZIP whose metadata has no graph': await zipped({ 'x/ro-crate-metadata.json': '{}' }),
    'a ZIP whose metadata is a list of nulls': await zipped({
      'x/ro-crate-metadata.json': '{"@graph":[null,1]}',
      'x/case/case.json': ok,
    }),
    'a ZIP without a case': await zipped({ 'x/ro-crate-metadata.json': crateOf('./case/a.txt'), 'x/case/a.txt': 'a' }),
    'a file that is described and not there': await zipped({
      'x/ro-crate-metadata.json': crateOf('./case/case.json', './case/b'),
      'x/case/case.json': ok,
    }),
    'a way out of the folder': swapped(
      await zipped({ 'x/ro-crate-metadata.json': crateOf(), 'x/aa/bb.json': ok }),
      'x/aa/bb.json',
      '../../b.json',
    ),
    'an absolute path': swapped(
      await zipped({ 'x/ro-crate-metadata.json': crateOf(), 'xx/b.json': ok }),
      'xx/b.json',
      '/x/b.json',
    ),
    'a path of another system': swapped(
      await zipped({ 'x/ro-crate-metadata.json': crateOf(), 'x/a/b.json': ok }),
      'x/a/b.json',
      'x\\a\\b.json',
    ),
    'a ZIP that says it is small': claiming(sound, 3),
    'a ZIP that says it is huge': claiming(sound, 0x7fffffff),
    'a ZIP that unpacks to too much': await eln(Buffer.alloc(60 * 1024 * 1024)),
    'a ZIP of many files': await zipped(Object.fromEntries(Array.from({ length: 500 }, (_, i) => [`x/${i}`, '']))),
    'a ZIP in a ZIP': await eln(sound),
    'raw packed bytes': deflateRawSync(Buffer.alloc(60 * 1024 * 1024)),
    'gzip of a case': Buffer.from([0x1f, 0x8b, 8, 0]),
  };
  const before = (await client.ask('/api/cases')).text;
  const taken: string[] = [];
  for (const [what, bytes] of Object.entries(hostile)) {
    const { status, text: said } = await send('/api/cases/import', bytes);
    if (status !== 422 || !/"detail":"[A-Z][^"]{15,}/.test(said)) taken.push(`${what}: ${status} ${said.slice(0, 120)}`);
  }
  expect(taken).toEqual([]);
  expect(Object.keys(hostile).length).toBeGreaterThanOrEqual(60);
  expect((await client.ask('/api/cases')).text).toBe(before);
  expect((await client.ask('/api/me')).status).toBe(200);
});

test('photos are pixels only; what is none is refused in words', async () => {
  const view = await client.begin(REAL);
  const path = `/api/cases/${view.summary.id}/photos`;
  const upright = await sharp(await photo(4, 60))
    .resize(60, 30)
    .withExif({ IFD0: { Copyright: 'secret place' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
  const kept = keptPhotoSchema.parse(JSON.parse((await send(path, upright)).text));
  expect(kept).toMatchObject({ width: 30, height: 60 });
  const stored = await bytesOf(`${path}/${kept.photo}`);
  expect(createHash('sha256').update(stored).digest('hex')).toBe(kept.photo);
  expect((await sharp(stored).metadata()).exif).toBeUndefined();
  expect((await bytesOf(`${path}/${kept.photo}?size=small`)).length).toBeLessThanOrEqual(stored.length);
  const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>1</script></svg>';
  const png = await sharp({ create: { width: 9, height: 9, channels: 3, background: 'red' } })
    .png()
    .toBuffer();
  const huge = Buffer.from(png);
  huge.writeUInt32BE(60000, 16);
  huge.writeUInt32BE(60000, 20);
  for (const bad of [
    '',
    'x',
    svg,
    '<?xml version="1.0"?>' + svg,
    'GIF89a',
    '%PDF-1',
    png.subarray(0, 40),
    huge,
    Buffer.from('II*\0rest'),
    Buffer.alloc(16 * 1024 * 1024),
  ])
    expect((await send(path, bad)).status).toBe(422);
  const other = await client.begin(REAL);
  expect((await client.append(other, { kind: 'photo', payload: { ...kept, test: 'flame' } })).text).toMatch(
    /not sent for this case/,
  );
  expect((await fetch(`${client.server.url}/api/cases/${other.summary.id}/photos/${kept.photo}`)).status).toBe(404);
});

const pdfText = async (pdf: Buffer): Promise<string[]> => {
  const document = await pdfjs.getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  const pages = Array.from({ length: document.numPages }, async (_, i) => {
    const { items } = await (await document.getPage(i + 1)).getTextContent();
    return items.map((item) => ('str' in item ? item.str : '')).join('');
  });
  return Promise.all(pages);
};

test('the report on paper says all that the record says; the head repeats; words can be found again', async () => {
  let view = await realCase();
  await client.ask(`/api/cases/${view.summary.id}/events`, {
    id: randomUUID(),
    after: view.seq,
    event: { kind: 'withdrawn', payload: { reason: 'more' } },
  });
  view = { ...view, ...(await client.read(view.summary.id)) };
  for (let i = 0; i < 30; i++) view = await client.write(view, wrote('flame', { channel: 'flame', colour: 'yellow' }));
  view = await client.write(view, {
    kind: 'conclusion',
    payload: {
      found: [{ ion: 'Ag+', claim: 'confirmed', evidence: [1] }],
      formula: 'AgNO3',
      remarks: 'Ольга → seen',
      signed: 'Ilse Varnholt',
    },
  });
  const pages = await pdfText(await bytesOf(`/api/cases/${view.summary.id}/report.pdf`));
  expect(pages.length).toBeGreaterThan(1);
  for (const page of pages.slice(0, 2)) expect(page).toContain('Test: what was done');
  const all = pages.join(' ');
  for (const said of [
    'Report on Bottle 14',
    'Curdy white precipitate',
    'Blank: no precipitate',
    'Add 0.5 mL',
    'may be present',
    'Darkens → silver.',
    'Struck: the wire was dirty',
    'filtrate of the chlorides',
    'AgNO3',
    'Ag+ (silver) present; entry 1.',
    'Ag+ + Cl− → AgCl',
    'Pb2+ (lead(II)) absent; entry 1.',
    'Signed Ilse Varnholt',
    'Ольга → seen',
    `page 1 of ${pages.length}`,
  ])
    expect(all.replaceAll(/\s+/g, ' ')).toContain(said);
  expect(all).not.toMatch(/computed by Foxing/);
  const short = (await pdfText(await bytesOf(`/api/cases/${view.summary.id}/report.pdf?length=short`))).join(' ');
  expect(short).not.toContain('Add 0.5 mL');

  const search = async (q: string) =>
    foundSchema.array().parse(JSON.parse((await client.ask(`/api/search?q=${encodeURIComponent(q)}`)).text));
  const found = await search('curdy silv');
  expect(found).toContainEqual({ case: view.summary.id, name: 'Bottle 14', number: 1, excerpt: expect.stringMatching(/⟦/) });
  for (const nothing of ['', "'; drop table", ':*&|!()', 'zebra']) expect(await search(nothing)).toEqual([]);
  expect(
    listedCaseSchema
      .array()
      .parse(JSON.parse((await client.ask('/api/cases')).text))
      .some((c) => c.id === view.summary.id),
  ).toBe(true);
});
