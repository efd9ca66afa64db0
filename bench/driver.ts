/** Sends events as fast as they are answered, from a process of its own, so that it takes nothing from the server's. */
import { fork } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:http';
import { fileURLToPath } from 'node:url';
import type { CaseEvent } from '#core/record/events';

const LANES = 8;

export interface Drive {
  readonly url: string;
  readonly seconds: number;
  /** Events for Foxing's cases, or for a server that only keeps them. */
  readonly what: 'entries' | 'operations' | 'bare';
}

export const note = (i: number): CaseEvent => ({ kind: 'entry', payload: { test: 'free', observed: [], note: `look ${i}` } });
export const operation = (i: number): CaseEvent => ({
  kind: 'operation',
  payload: {
    op:
      i % 2
        ? { op: 'add', to: `T${i % 20}`, reagent: 'water', drops: 1 }
        : { op: 'take-solid', to: `T${(i + 1) % 20}`, grams: 0.001 },
  },
});

/** Requests a second that were answered. */
export function drive(asked: Drive): Promise<number> {
  return new Promise((resolve, reject) => {
    const child = fork(fileURLToPath(import.meta.url), [JSON.stringify(asked)], {
      execArgv: ['--import', import.meta.resolve('tsx')],
    });
    child.once('message', resolve);
    child.once('exit', (code) => code && reject(new Error(`the driver ended with ${code}`)));
  });
}

const agent = new Agent({ keepAlive: true, maxSockets: LANES });

function post(url: string, body: unknown): Promise<{ seq: number; summary: { id: string } }> {
  return new Promise((resolve, reject) => {
    const sent = request(url, { method: 'POST', agent, headers: { 'content-type': 'application/json' } }, (answer) => {
      let text = '';
      answer.setEncoding('utf8');
      answer.on('data', (part: string) => (text += part));
      answer.on('end', () => {
        if (answer.statusCode! < 300) resolve(JSON.parse(text) as { seq: number; summary: { id: string } });
        else reject(new Error(text));
      });
    });
    sent.on('error', reject);
    sent.end(JSON.stringify(body));
  });
}

async function lane({ url, what }: Drive, until: number): Promise<number> {
  let count = 0;
  if (what === 'bare') {
    for (; Date.now() < until; count++) await post(url, { id: randomUUID(), after: count, event: note(count) });
    return count;
  }
  const { seq, summary } = await post(`${url}/api/cases`, { jar: 'jar-09' });
  const event = what === 'entries' ? note : operation;
  for (let after = seq; Date.now() < until; count++)
    ({ seq: after } = await post(`${url}/api/cases/${summary.id}/events`, { id: randomUUID(), after, event: event(count) }));
  return count;
}

if (process.send && process.argv[2]) {
  const asked = JSON.parse(process.argv[2]) as Drive;
  const until = Date.now() + asked.seconds * 1000;
  const counts = await Promise.all(Array.from({ length: LANES }, () => lane(asked, until)));
  process.send(counts.reduce((sum, n) => sum + n, 0) / asked.seconds);
  process.disconnect();
}
