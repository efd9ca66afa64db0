import { type Throwaway, throwawayFoxing } from '#launcher/throwaway';
import type { CaseEvent } from '#core/record/events';
import type { Running } from '../../server/src/start';
import { awayWith, foreseen } from '#core/exchange/away';
import { type Api, createApi } from '../src/state/api';
import { ApiError } from '../src/state/api-error';
import { CaseStore } from '../src/state/case-store';
import type { Device, KeptCase, Outbox } from '../src/state/device';

let foxing: Throwaway & { readonly servers: readonly Running[] };
let api: Api;
beforeAll(async () => {
  foxing = await throwawayFoxing({ threads: 1, requestsPerMinute: 1e6, warm: false });
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

test('what is heard of while an older reading is on its way is read after it', async () => {
  const [here, there] = await twoWindows();
  let answered = () => {};
  let arrive = () => {};
  const isAnswered = new Promise<void>((resolve) => (answered = resolve));
  const mayArrive = new Promise<void>((resolve) => (arrive = resolve));
  const slow: Api = {
    ...api,
    changes: async (id, after) => {
      const found = await api.changes(id, after);
      answered();
      await mayArrive;
      return found;
    },
  };
  const watching = new CaseStore(here.id, slow);
  const reading = watching.readOn();
  await isAnswered;
  const { seq } = await there.append(note('theirs'));
  const heard = watching.heard(seq);
  arrive();
  await Promise.all([reading, heard]);
  expect(notes(watching)).toEqual(['theirs']);
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

/** A device that keeps in memory, and foresees in this thread. */
function memoryDevice(): Device & { readonly boxes: ReadonlyMap<string, Outbox> } {
  const kept = new Map<string, KeptCase>();
  const boxes = new Map<string, Outbox>();
  return {
    boxes,
    load: (id) => Promise.resolve({ kept: kept.get(id) ?? null, ...(boxes.get(id) ?? { waiting: [], setAside: [] }) }),
    keep: (id, now) => Promise.resolve(void kept.set(id, now)),
    keepOutbox: (id, box) => Promise.resolve(void boxes.set(id, box)),
    foresee: (id, events, pending) =>
      Promise.resolve(
        foreseen(awayWith({ format: 'foxing-case', version: 1, case: id, sealed: false, events }), pending, 'I. V.'),
      ),
  };
}

const until = async (holds: () => boolean) => {
  while (!holds()) await new Promise((resolve) => setTimeout(resolve, 20));
};
const op = (o: Extract<CaseEvent, { kind: 'operation' }>['payload']['op'], test = 'ammonia'): CaseEvent => ({
  kind: 'operation',
  payload: { op: o, test },
});

test('a real case goes on without the server, over a new start of the page; what others did meanwhile is kept apart and told', async () => {
  const { summary } = await api.create({ real: { name: 'B 7', look: 'white', grams: 3, matter: 'salt' } });
  const there = new CaseStore(summary.id, api);
  await there.append(op({ op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 }));
  let reached = true;
  let lost = 0;
  const gone = createApi('http://127.0.0.1:1');
  const api2: Api = {
    ...api,
    changes: (id, after) => (reached ? api : gone).changes(id, after),
    events: (id, after) => (reached ? api : gone).events(id, after),
    // Once the answer is lost on its way, though the event arrived.
    append: async (id, request) => {
      const changes = await (reached ? api : gone).append(id, request);
      if (lost-- > 0) throw new ApiError('lost', 'offline');
      return changes;
    },
  };
  const device = memoryDevice();
  const first = new CaseStore(summary.id, api2, device);
  await first.readOn();
  await new Promise((resolve) => setTimeout(resolve, 600));
  reached = false;
  const view = await first.append(op({ op: 'take', to: 'A', from: 'S', mL: 1 }));
  expect(view.vessels.map((v) => v.id)).toContain('A');

  const again = new CaseStore(summary.id, api2, device);
  await again.readOn();
  await until(() => again.now().view!.vessels.some((v) => v.id === 'A'));
  await again.append({ kind: 'entry', payload: { test: 'ammonia', vessel: 'A', observed: [], note: 'mine' } });
  await again
    .append({ kind: 'entry', payload: { test: 'ammonia', observed: [], note: 'too late', run: crypto.randomUUID() } })
    .catch(() => undefined);
  expect(again.now()).toMatchObject({ held: 'offline', acknowledged: 0 });
  expect(notes(again)).toEqual(['mine']);

  await there.append(op({ op: 'take', to: 'A', from: 'S', mL: 2 }));
  await there.append({ kind: 'entry', payload: { test: 'ammonia', vessel: 'A', observed: [], note: 'theirs' } });
  lost = 1;
  reached = true;
  again.stir();
  await until(() => again.now().waiting === 0 && again.now().held === null);
  expect(notes(again)).toEqual(['theirs', 'mine']);
  expect(again.now().elsewhere).toEqual([1]);
  const tubes = again.now().view!.vessels;
  expect(tubes.map((v) => v.id).sort()).toEqual(['A', 'B', 'S']);
  expect(again.now().view!.entries[1]!.vessel).toBe('B');
  await there.readOn();
  expect(there.now().view!.vessels).toEqual(tubes);
});

/** What the server answers before it answers as it is. */
const answering = (first: readonly ApiError[]): Api => {
  const left = [...first];
  return {
    ...api,
    append: async (id, request) => {
      const error = left.shift();
      if (error) throw error;
      return api.append(id, request);
    },
  };
};

const refusals = [
  ['signed-out', 'waits'],
  ['offline', 'waits'],
  ['away', 'waits'],
  ['busy', 'waits'],
  ['too-many', 'waits'],
  ['internal', 'waits'],
  ['stale', 'waits'],
  ['forbidden', 'set aside'],
  ['not-found', 'set aside'],
  ['bad-input', 'set aside'],
] as const;

test.each(refusals)('what waited on the device and is answered %s: it %s, and is nowhere lost', async (code, becomes) => {
  const { summary } = await api.create({ real: { name: 'B 8', look: 'white', grams: 3, matter: 'salt' } });
  const device = memoryDevice();
  const at = '2026-01-02T03:04:05.000Z';
  const event: CaseEvent = { kind: 'entry', payload: { test: 'flame', observed: [], note: 'what I wrote' } };
  const id = crypto.randomUUID();
  await device.keepOutbox(summary.id, { waiting: [{ id, event, at }], setAside: [] });
  const store = new CaseStore(summary.id, answering([new ApiError('not now', code)]), device);
  await store.readOn();
  if (becomes === 'waits') {
    await until(() => store.now().waiting === 0 && store.now().held === null);
    expect(notes(store)).toEqual(['what I wrote']);
    expect(device.boxes.get(summary.id)).toEqual({ waiting: [], setAside: [] });
    return;
  }
  await until(() => store.now().setAside.length === 1);
  expect(store.now().setAside).toEqual([{ id, event, at, why: 'not now' }]);
  expect(device.boxes.get(summary.id)).toEqual({ waiting: [], setAside: store.now().setAside });
  // After a new start of the page it is still there, and can be sent, or thrown away.
  const again = new CaseStore(summary.id, api, device);
  await again.readOn();
  await until(() => again.now().setAside.length === 1);
  again.sendAgain(id);
  await until(() => again.now().waiting === 0 && notes(again).length === 1);
  expect(again.now().setAside).toEqual([]);
  expect(device.boxes.get(summary.id)).toEqual({ waiting: [], setAside: [] });
});

test('what was set aside is thrown away only by its owner; a store that is closed neither sends nor writes', async () => {
  const { summary } = await api.create({ real: { name: 'B 9', look: 'white', grams: 3, matter: 'salt' } });
  const device = memoryDevice();
  const at = new Date().toISOString();
  const waiting = [1, 2].map((i) => ({ id: crypto.randomUUID(), event: note(`mine ${i}`), at }));
  await device.keepOutbox(summary.id, { waiting, setAside: [] });
  const store = new CaseStore(
    summary.id,
    answering([new ApiError('no', 'forbidden'), new ApiError('sign in', 'signed-out')]),
    device,
  );
  await store.readOn();
  await until(() => store.now().held === 'signed-out');
  const before = device.boxes.get(summary.id);
  expect([before!.waiting.length, before!.setAside.length]).toEqual([1, 1]);
  // Another person sits down.
  store.close();
  store.throwAway(waiting[0]!.id);
  await new Promise((resolve) => setTimeout(resolve, 1000));
  expect(device.boxes.get(summary.id)).toEqual(before);
  expect((await api.changes(summary.id, 0)).entries).toEqual([]);
  // And the first comes back.
  const back = new CaseStore(summary.id, api, device);
  await back.readOn();
  await until(() => back.now().waiting === 0 && notes(back).length === 1);
  back.throwAway(waiting[0]!.id);
  expect(device.boxes.get(summary.id)).toEqual({ waiting: [], setAside: [] });
});

test('what arrives late says when it was done, by a clock put right; what arrives at once does not', async () => {
  const { summary } = await api.create({ real: { name: 'B 10', look: 'white', grams: 3, matter: 'salt' } });
  const device = memoryDevice();
  const at = new Date(Date.now() - 10 * 60000).toISOString();
  await device.keepOutbox(summary.id, { waiting: [{ id: crypto.randomUUID(), event: note('late'), at }], setAside: [] });
  const sent: (string | undefined)[] = [];
  const spied: Api = {
    ...api,
    // The device's clock is five minutes behind.
    clockOffset: () => 5 * 60000,
    append: (id, request) => (sent.push(request.done), api.append(id, request)),
  };
  const store = new CaseStore(summary.id, spied, device);
  await store.readOn();
  await until(() => store.now().waiting === 0 && notes(store).length === 1);
  await store.append(note('at once'));
  expect(sent).toEqual([new Date(Date.parse(at) + 5 * 60000).toISOString(), undefined]);
});
