/** What one server writes, the windows of another hear of: once for every case, and of its last event. */
import { noticeSchema } from '#contract';
import { Herald } from '../src/cases/herald';
import { openPool } from '../src/db/pool';
import { Client, operation } from './client';
import { freshFoxing } from './harness';

let made: Awaited<ReturnType<typeof freshFoxing>>;
beforeAll(async () => {
  made = await freshFoxing(2);
});
afterAll(async () => {
  await made.remove();
});

/** A window's stream of notices. */
async function listening(url: string) {
  const stop = new AbortController();
  const reader = (await fetch(`${url}/api/live`, { signal: stop.signal })).body!.getReader();
  let heard = '';
  const notices = () => [...heard.matchAll(/^data: (.*)$/gm)].map((m) => noticeSchema.parse(JSON.parse(m[1]!)));
  const until = async (there: (all: ReturnType<typeof notices>) => boolean) => {
    while (!there(notices())) heard += new TextDecoder().decode((await reader.read()).value);
    return notices();
  };
  heard += new TextDecoder().decode((await reader.read()).value);
  return { until, stop: () => stop.abort() };
}

test('a window on the second server hears of every append on the first, in order', async () => {
  const [one, two] = [made.servers[0]!, made.servers[1]!];
  const window = await listening(two.url);
  const client = new Client(one);
  let view = await client.begin({ jar: 'jar-21' });
  const { id } = view.summary;
  view = await client.write(
    view,
    operation({ op: 'take-solid', to: 'A', grams: 0.1 }),
    operation({ op: 'add', to: 'A', reagent: 'water', mL: 2 }),
    operation({ op: 'shake', vessel: 'A' }),
  );
  const heard = await window.until((all) => all.some((n) => 'case' in n && n.case === id && n.seq === view.seq));
  const seqs = heard.flatMap((n) => ('case' in n && n.case === id ? [n.seq] : []));
  expect(seqs).toEqual([...seqs].sort((a, b) => a - b));
  expect(await new Client(two).read(id)).toMatchObject({ seq: view.seq });
  window.stop();
});

test('news that comes while other news is told goes with the next telling, and none is lost', async () => {
  const db = openPool(made.cluster.url);
  const listener = await db.connect();
  const told: number[] = [];
  listener.on('notification', ({ payload }) => told.push((JSON.parse(payload!) as { seq: number }).seq));
  await listener.query('listen case_event');
  const herald = new Herald(db);
  const news = (seq: number) => ({
    owner: '6d9c0c0e-0000-4000-8000-000000000001',
    case: '6d9c0c0e-0000-4000-8000-000000000002',
    seq,
  });
  for (let seq = 1; seq <= 50; seq++) herald.tell(news(seq));
  while (told.length < 50) await listener.query('select 1');
  expect(told).toEqual(Array.from({ length: 50 }, (_, i) => i + 1));
  listener.release();
  await db.end();
});

test('a database that is away stops neither the telling of later news nor the one who tells', async () => {
  const gone = openPool('postgres://nobody@127.0.0.1:1/nowhere');
  const herald = new Herald(gone);
  expect(() => herald.tell({ owner: 'x', case: 'y', seq: 1 })).not.toThrow();
  await new Promise((resolve) => setTimeout(resolve, 200));
  expect(() => herald.tell({ owner: 'x', case: 'y', seq: 2 })).not.toThrow();
  await gone.end();
});
