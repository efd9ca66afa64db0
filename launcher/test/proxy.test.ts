/** Two servers on one database behind nginx, by the example that is shipped. */
import { type ChildProcess, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { request, type RequestOptions } from 'node:https';
import { tmpdir } from 'node:os';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { openPool } from '../../server/src/db/pool';
import { verifyChains } from '../../server/src/cases/chain';
import { openSchool, PASSPHRASE } from '../../bench/visitor';
import { ownCertificate } from '../src/authority';
import { ensureNginx } from '../src/packages';
import { Supervisor } from '../src/supervisor';
import { type Throwaway, throwawayDemo } from '../src/throwaway';
import { freePort } from '../src/cluster';

const NAME = 'foxing.school.example';
const root = fileURLToPath(new URL('../../', import.meta.url));

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

let made: Throwaway;
let servers: Supervisor[];
let nginx: ChildProcess;
let folder: string;
let port: number;
let ca: string;

interface Answer {
  readonly status: number;
  readonly text: string;
  readonly cookies: readonly string[];
}

/** @param from address of this machine from which it is asked. */
function ask(method: string, path: string, body?: unknown, { cookie = '', from = '127.0.0.1', type = 'application/json' } = {}) {
  const bytes = body === undefined ? undefined : Buffer.isBuffer(body) ? body : Buffer.from(JSON.stringify(body));
  const options: RequestOptions = {
    host: '127.0.0.1',
    port,
    servername: NAME,
    ca,
    method,
    path,
    localAddress: from,
    headers: { host: NAME, ...(cookie && { cookie }), ...(bytes && { 'content-type': type }) },
  };
  return new Promise<Answer>((resolve, reject) => {
    const sent = request(options, (answer) => {
      let text = '';
      answer.on('data', (part: Buffer) => (text += part.toString()));
      answer.on('end', () => resolve({ status: answer.statusCode!, text, cookies: answer.headers['set-cookie'] ?? [] }));
      answer.on('error', reject);
    });
    sent.on('error', reject);
    sent.end(bytes);
  });
}

/** As a browser does: what was not answered is sent again, under the same id. */
async function untilAnswered(...asked: Parameters<typeof ask>): Promise<Answer> {
  for (;;) {
    const answer = await ask(...asked).catch(() => null);
    if (answer && ![502, 503, 504].includes(answer.status)) return answer;
    await pause(150);
  }
}

const cookieOf = ({ cookies }: Answer) => cookies.find((c) => c.startsWith('foxing='))!.split(';')[0]!;

beforeAll(async () => {
  await ensureNginx();
  made = await throwawayDemo();
  folder = mkdtempSync(`${tmpdir()}/foxing-nginx-`);
  chmodSync(folder, 0o755);
  const own = await ownCertificate(`${folder}/authority`, [NAME]);
  ca = own.authorityPem;
  port = await freePort();
  const ports = [await freePort(), await freePort()];
  servers = [];
  for (const p of ports)
    servers.push(
      await Supervisor.start(
        {
          databaseUrl: made.cluster.url,
          port: p,
          logLevel: 'silent',
          threads: 1,
          proxy: '127.0.0.1',
          hosts: [NAME],
          hashCost: 8,
        },
        null,
      ),
    );
  await openSchool(servers[0]!.url, 1, 6);
  const example = readFileSync(`${root}deploy/nginx.conf`, 'utf8')
    .replace('127.0.0.1:4173', `127.0.0.1:${ports[0]}`)
    .replace('127.0.0.1:4273', `127.0.0.1:${ports[1]}`)
    .replace('listen 443', `listen 127.0.0.1:${port}`)
    .replace('/etc/ssl/certs/foxing.pem', own.certificate)
    .replace('/etc/ssl/private/foxing.key', own.key);
  writeFileSync(
    `${folder}/nginx.conf`,
    `daemon off; pid ${folder}/pid; error_log ${folder}/error.log; events {} http { access_log off; client_body_temp_path ${folder}/body; proxy_temp_path ${folder}/proxy; ${example} }`,
  );
  nginx = spawn('nginx', ['-p', folder, '-c', `${folder}/nginx.conf`], { stdio: 'inherit' });
  while ((await ask('GET', '/healthz').catch(() => null))?.status !== 200) await pause(100);
});
afterAll(async () => {
  const gone = new Promise((resolve) => nginx.once('exit', resolve));
  nginx.kill('SIGTERM');
  await gone;
  for (const s of servers) await s.stop();
  await made.remove();
  rmSync(folder, { recursive: true, force: true });
});

test('TLS is ended there: cookies are secure, uploads and live streams come through, numbers do not', async () => {
  const signedIn = await ask('POST', '/api/sign-in', { login: 'student0-0', passphrase: PASSPHRASE });
  expect(signedIn.cookies.every((c) => /; Secure/.test(c))).toBe(true);
  const cookie = cookieOf(signedIn);
  const real = await ask('POST', '/api/cases', { real: { name: 'U', look: 'white', grams: 4 } }, { cookie });
  const { summary, seq } = JSON.parse(real.text) as { summary: { id: string }; seq: number };
  const picture = await sharp({ create: { width: 900, height: 900, channels: 3, background: 'tan' } })
    .jpeg()
    .toBuffer();
  expect((await ask('POST', `/api/cases/${summary.id}/photos`, picture, { cookie, type: 'image/jpeg' })).status).toBe(201);
  const heard = new Promise<string>((resolve) => {
    const stream = request(
      { host: '127.0.0.1', port, servername: NAME, ca, path: '/api/live', headers: { host: NAME, cookie } },
      (answer) =>
        answer.on('data', (part: Buffer) => part.toString().includes(summary.id) && (resolve(part.toString()), stream.destroy())),
    );
    stream.on('error', () => undefined);
    stream.end();
  });
  await pause(300);
  const event = { kind: 'entry', payload: { test: 'free', observed: [], note: 'seen' } };
  await ask('POST', `/api/cases/${summary.id}/events`, { id: randomUUID(), after: seq, event }, { cookie });
  expect(await heard).toContain(`"seq":${seq + 1}`);
  expect((await ask('GET', '/metrics')).status).toBe(404);
});

test('limits go by the true address', async () => {
  const wrong = (from: string, i: number) =>
    ask('POST', '/api/sign-in', { login: `nobody${i}`, passphrase: 'not this one' }, { from });
  for (let i = 0; i < 61; i++) await wrong('127.0.0.2', i);
  expect((await wrong('127.0.0.2', 99)).status).toBe(429);
  expect((await ask('POST', '/api/sign-in', { login: 'student0-1', passphrase: PASSPHRASE }, { from: '127.0.0.3' })).status).toBe(
    200,
  );
});

test('one server is killed in the midst of work: nothing is lost, and streams are back', async () => {
  const STEPS = 30;
  const people = await Promise.all(
    [2, 3, 4, 5].map(async (n) => {
      const cookie = cookieOf(await ask('POST', '/api/sign-in', { login: `student0-${n}`, passphrase: PASSPHRASE }));
      const begun = await ask('POST', '/api/cases', { real: { name: 'U', look: 'white', grams: 4 } }, { cookie });
      return { cookie, ...(JSON.parse(begun.text) as { summary: { id: string }; seq: number }) };
    }),
  );
  const work = people.map(async ({ cookie, summary, seq }) => {
    for (let i = 0; i < STEPS; i++) {
      const event = { kind: 'entry', payload: { test: 'free', observed: [], note: `step ${i}` } };
      const answer = await untilAnswered(
        'POST',
        `/api/cases/${summary.id}/events`,
        { id: randomUUID(), after: seq + i, event },
        { cookie },
      );
      expect([answer.status, i]).toEqual([200, i]);
    }
  });
  await pause(400);
  process.kill(servers[0]!.serverPid!, 'SIGKILL');
  const { cookie } = people[0]!;
  const streaming = () =>
    new Promise<boolean>((resolve) => {
      const stream = request(
        { host: '127.0.0.1', port, servername: NAME, ca, path: '/api/live', headers: { host: NAME, cookie } },
        (answer) => {
          resolve(answer.statusCode === 200);
          stream.destroy();
        },
      );
      stream.on('error', () => resolve(false));
      stream.end();
    });
  while (!(await streaming())) await pause(100);
  await Promise.all(work);
  const db = openPool(made.cluster.ownerUrl);
  for (const { summary } of people) {
    const { rows } = await db.query<{ n: number }>('select count(*)::int as n from case_event where case_id = $1', [summary.id]);
    expect(rows[0]!.n).toBe(STEPS + 1);
  }
  expect((await verifyChains(db)).broken).toEqual([]);
  await db.end();
});
