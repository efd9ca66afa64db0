import { readFileSync } from 'node:fs';
import { Supervisor } from '../../launcher/src/supervisor';
import { type Throwaway, throwawayDemo } from '#launcher/throwaway';
import { noticeSchema } from '#contract';
import type { CaseEvent } from '#core/record/events';
import { createApi } from '../../web/src/state/api';
import { CaseStore } from '../../web/src/state/case-store';
import { verifyChains } from '../src/cases/chain';
import { openPool } from '../src/db/pool';
import { Client, operation } from './client';

let made: Throwaway;
let supervisor: Supervisor;

beforeAll(async () => {
  made = await throwawayDemo();
  const settings = { databaseUrl: made.cluster.url, port: await freePort(), logLevel: 'silent', threads: 1 };
  supervisor = await Supervisor.start(settings, made.cluster);
});
afterAll(async () => {
  await supervisor.stop();
  await made.remove();
});
import { freePort } from '#launcher/cluster';

const postmaster = () => Number(readFileSync(`${made.cluster.folder}/postmaster.pid`, 'utf8').split('\n')[0]);
const kill = {
  server: () => process.kill(supervisor.serverPid!, 'SIGKILL'),
  database: () => process.kill(postmaster(), 'SIGKILL'),
};

test.each(['server', 'database'] as const)('the %s killed in the midst of work: all there once, in order', async (which) => {
  const client = new Client(supervisor);
  const view = await client.begin({ jar: 'jar-09' });
  const store = new CaseStore(view.summary.id, createApi(supervisor.url));
  await store.readOn();
  const STEPS = 24;
  const events: CaseEvent[] = Array.from({ length: STEPS }, (_, i) =>
    i % 2
      ? { kind: 'entry', payload: { test: 'free', observed: [], note: `step ${i}` } }
      : operation({ op: 'take-solid', to: `T${i}`, grams: 0.01 }),
  );
  const sent = events.map((event) => store.append(event));
  await sent[3];
  kill[which]();
  await Promise.all(sent);
  const after = await client.read(view.summary.id);
  expect(after.seq).toBe(STEPS + 1);
  expect(after.entries.map((e) => e.note)).toEqual(events.flatMap((_, i) => (i % 2 ? [`step ${i}`] : [])));
  expect(after.vessels).toHaveLength(STEPS / 2);
  expect(store.now()).toMatchObject({ waiting: 0, view: { seq: STEPS + 1 } });
  const db = openPool(made.cluster.ownerUrl);
  expect((await verifyChains(db)).broken).toEqual([]);
  await db.end();
});

test('while the database is away requests are told when to come again, and live updates go on when it is back', async () => {
  const client = new Client(supervisor);
  const view = await client.begin({ jar: 'jar-21' });
  const stop = new AbortController();
  const reader = (await fetch(`${supervisor.url}/api/live`, { signal: stop.signal })).body!.getReader();
  let heard = '';
  const until = async (wanted: string) => {
    while (!heard.includes(wanted)) heard += new TextDecoder().decode((await reader.read()).value);
  };
  await until('listening');
  kill.database();
  let away = await client.ask('/api/cases');
  while (away.status === 200) away = await client.ask('/api/cases');
  expect([away.status, away.headers.get('retry-after')]).toEqual([503, expect.stringMatching(/^\d+$/)]);
  expect(JSON.parse(away.text)).toMatchObject({ code: 'away', detail: expect.stringMatching(/nothing was lost/) as string });
  while ((await client.ask('/api/cases')).status !== 200) await new Promise((resolve) => setTimeout(resolve, 100));
  await until('"again":true');
  await client.write(view, operation({ op: 'take-solid', to: 'A', grams: 0.1 }));
  await until(view.summary.id);
  stop.abort();
  const notices = [...heard.matchAll(/^data: (.*)$/gm)].map((m) => noticeSchema.parse(JSON.parse(m[1]!)));
  expect(notices.at(-1)).toEqual({ case: view.summary.id, seq: 2 });
});
