/**
 * A full house: people at work with human pauses, the reasoning on. `./foxing bench load [--people N] [--minutes M] [--pause S]`.
 * The people, the server and the database share the cores of one machine, so that the times are those of a crowded one.
 */
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { throwawayDemo } from '#launcher/throwaway';
import { Supervisor } from '../launcher/src/supervisor';
import { jarSchema } from '#contract';
import { openPool } from '../server/src/db/pool';
import { verifyChains } from '../server/src/cases/chain';
import { Measured, Worker } from './people';

const rssMB = (pid: number) => Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024);

export async function benchLoad(args: readonly string[]): Promise<number> {
  const { values } = parseArgs({
    args: [...args],
    options: {
      people: { type: 'string', default: '200' },
      minutes: { type: 'string', default: '3' },
      pause: { type: 'string', default: '8' },
    },
  });
  const { cluster, remove } = await throwawayDemo();
  const settings = { databaseUrl: cluster.url, port: 4699, logLevel: 'error', requestsPerMinute: 1e6 };
  const supervisor = await Supervisor.start(settings, null);
  const measured = new Measured();
  try {
    // People who see rightly: the words for what is there are given, and written down.
    const rules = { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ help: 'words' }) };
    await fetch(`${supervisor.url}/api/house-rules`, rules);
    const jars = jarSchema.array().parse(await (await fetch(`${supervisor.url}/api/jars`)).json());
    await new Promise((resolve) => setTimeout(resolve, 8000));
    const until = Date.now() + Number(values.minutes) * 60000;
    const people = Array.from(
      { length: Number(values.people) },
      (_, i) => new Worker(supervisor.url, measured, i + 1, Number(values.pause)),
    );
    const memory = [rssMB(supervisor.serverPid!)];
    const looks = setInterval(() => memory.push(rssMB(supervisor.serverPid!)), 15000);
    await Promise.all(people.map((p) => p.work(jars, until)));
    clearInterval(looks);
    const db = openPool(cluster.url);
    const lost = [];
    for (const p of people) {
      const { rows } = await db.query<{ n: string }>('select count(*) as n from case_event where case_id = $1', [p.caseId]);
      if (Number(rows[0]!.n) !== p.acknowledged + 1) lost.push(p.caseId);
    }
    const { events, broken } = await verifyChains(db);
    await db.end();
    const report = { ...values, ms: measured.summary(), statuses: measured.statuses, memoryMB: memory, events, lost, broken };
    process.stdout.write(`${JSON.stringify(report, null, 1)}\n`);
    return lost.length || broken.length ? 1 : 0;
  } finally {
    await supervisor.stop();
    await remove();
  }
}
