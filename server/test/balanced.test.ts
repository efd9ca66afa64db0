/** Two server processes behind a small balancer, on one database: a class does not notice. */
import { randomUUID } from 'node:crypto';
import { throwawayDemo, type Throwaway } from '#launcher/throwaway';
import { type Benches, benchesSchema } from '#contract';
import { type Balancer, balance } from '../../bench/balancer';
import { openSchool, Visitor } from '../../bench/visitor';
import { Supervisor } from '../../launcher/src/supervisor';

let demo: Throwaway;
let servers: Supervisor[] = [];
let balancer: Balancer;
beforeAll(async () => {
  demo = await throwawayDemo();
  const settings = { databaseUrl: demo.cluster.url, port: 0, logLevel: 'silent', threads: 1 };
  servers = await Promise.all([1, 2].map(() => Supervisor.start(settings, null)));
  balancer = await balance(servers.map((s) => s.url));
});
afterAll(async () => {
  await balancer.close();
  for (const s of servers) await s.stop();
  await demo.remove();
});

test('answers, benches and live updates are the same whichever server is asked', async () => {
  const [room] = await openSchool(balancer.url, 1, 2);
  const { id, instructor, students } = room!;
  const unknowns = ['KI', 'CuSO4·5H2O'].map((formula) => ({ salts: [{ formula, grams: 3 }] }));
  const set = await instructor.get<{ id: string }>('POST', `/classes/${id}/sets`, { title: 'Two', unknowns, terms: {} });
  let heard = '';
  const stop = new AbortController();
  const listening = instructor.listen((notice) => (heard += notice), stop.signal);

  const cases: string[] = [];
  for (const student of students) {
    const [{ id: mine }] = await student.get<[{ id: string }]>('GET', '/cases');
    cases.push(mine);
    for (const [i, op] of [
      { op: 'take-solid', to: 'A', grams: 0.05 },
      { op: 'dissolve', to: 'S', grams: 0.2, in: 'water', mL: 8 },
      { op: 'take', to: 'B', from: 'S', mL: 1 },
    ].entries())
      await student.get('POST', `/cases/${mine}/events`, {
        id: randomUUID(),
        after: i + 1,
        event: { kind: 'operation', payload: { op } },
      });
  }

  const each = <T>(who: Visitor, path: string) =>
    Promise.all(servers.map((s) => new Visitor(s.url, who.cookie).get<T>('GET', path)));
  for (const [i, student] of students.entries()) {
    const [one, other] = await each<{ seq: number }>(student, `/cases/${cases[i]}`);
    expect(one!.seq).toBe(4);
    expect(other).toEqual(one);
    expect((await student.ask('GET', `/cases/${cases[1 - i]}`)).status).toBe(404);
  }
  const [here, there] = (await each<Benches>(instructor, `/sets/${set.id}/benches`)).map((b) => benchesSchema.parse(b));
  expect(here!.benches.map((b) => [b.case, b.summary.left])).toEqual(there!.benches.map((b) => [b.case, b.summary.left]));
  expect(here!.benches.map((b) => b.identity).sort()).toEqual(['CuSO4·5H2O', 'KI']);
  // Whichever server did it, who listens at the other hears of it.
  while (!cases.every((c) => heard.includes(`"case":"${c}","seq":4`))) await new Promise((soon) => setTimeout(soon, 50));
  stop.abort();
  await listening;
  expect(Math.min(...balancer.given)).toBeGreaterThan(5);
});
