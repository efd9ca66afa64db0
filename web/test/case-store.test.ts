import { type Throwaway, throwawayFoxing } from '#launcher/throwaway';
import type { CaseEvent } from '#core/record/events';
import type { Running } from '../../server/src/start';
import { type Api, createApi } from '../src/state/api';
import { CaseStore } from '../src/state/case-store';

let foxing: Throwaway & { readonly servers: readonly Running[] };
let api: Api;
beforeAll(async () => {
  foxing = await throwawayFoxing({ threads: 1, requestsPerMinute: 1e6 });
  api = createApi(foxing.servers[0]!.url);
});
afterAll(() => foxing.remove());

const note = (text: string): CaseEvent => ({ kind: 'entry', payload: { test: 'free', observed: [], note: text } });
const notes = (store: CaseStore) => store.now().view!.entries.map((e) => e.note);

/** Two windows on one new case. */
async function twoWindows(): Promise<[CaseStore, CaseStore]> {
  const { summary } = await api.create({ jar: 'jar-11' });
  const windows: [CaseStore, CaseStore] = [new CaseStore(summary.id, api), new CaseStore(summary.id, api)];
  for (const store of windows) await store.readOn();
  return windows;
}

test('a burst of keys arrives in its order, each once, though another window writes in between', async () => {
  const [here, there] = await twoWindows();
  const burst = Array.from({ length: 12 }, (_, i) => here.append(note(`here ${i}`)));
  const others = Array.from({ length: 4 }, (_, i) => there.append(note(`there ${i}`)));
  expect(here.now().waiting).toBe(12);
  await Promise.all([...burst, ...others]);
  for (const store of [here, there]) await store.readOn();
  expect(notes(here)).toEqual(notes(there));
  const mine = notes(here).filter((n) => n!.startsWith('here'));
  expect(mine).toEqual(Array.from({ length: 12 }, (_, i) => `here ${i}`));
  expect(notes(here)).toHaveLength(16);
  expect(here.now()).toMatchObject({ waiting: 0, held: null, error: null });
});

test('one event that is refused does not hold up those after it, and changes nothing', async () => {
  const [here] = await twoWindows();
  const refused = here.append({ kind: 'strike', payload: { entry: 7, reason: 'x' } });
  const after = here.append(note('after'));
  await expect(refused).rejects.toMatchObject({ code: 'bad-input', message: expect.stringMatching(/no entry 7/) as string });
  await after;
  expect(notes(here)).toEqual(['after']);
});

test('the echo of what it sent itself makes it read nothing; what another sent is read on, and only that', async () => {
  const [here, there] = await twoWindows();
  const { seq } = await here.append(note('mine'));
  const reads: number[] = [];
  const counted: Api = { ...api, changes: (id, after) => (reads.push(after), api.changes(id, after)) };
  const watching = new CaseStore(here.id, counted);
  await watching.readOn();
  expect(reads).toEqual([0]);
  await Promise.all([watching.append(note('watched')), watching.heard(seq + 1)]);
  await watching.heard(seq);
  expect(reads).toEqual([0]);
  await there.append(note('theirs'));
  await watching.heard(seq + 2);
  expect(reads).toEqual([0, seq + 1]);
  expect(notes(watching)).toEqual(['mine', 'watched', 'theirs']);
});

test('what cannot be reached is said to be waiting, and goes on by itself', async () => {
  const [here] = await twoWindows();
  let away = 3;
  const flaky: Api = {
    ...api,
    append: (id, request) => (away-- > 0 ? createApi('http://127.0.0.1:1').append(id, request) : api.append(id, request)),
  };
  const store = new CaseStore(here.id, flaky);
  await store.readOn();
  const held = new Set<string | null>();
  store.subscribe(() => held.add(store.now().held));
  await Promise.all([store.append(note('one')), store.append(note('two'))]);
  expect([...held]).toContain('offline');
  expect(store.now()).toMatchObject({ waiting: 0, held: null });
  expect(notes(store)).toEqual(['one', 'two']);
});
