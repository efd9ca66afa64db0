import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { type Cluster, freePort, startCluster } from '../src/cluster';
import { throwawayCluster, throwawayDemo, throwawayFoxing } from '../src/throwaway';
import { UserError } from '../src/errors';
import { isAlive, markOf } from '../src/processes';

const root = fileURLToPath(new URL('../../', import.meta.url));

const foxing = (args: readonly string[], env: NodeJS.ProcessEnv = {}) =>
  spawnSync('./foxing', args, { cwd: root, encoding: 'utf8', env: { ...process.env, NODE_OPTIONS: '', ...env } });

test('a backup taken while Foxing runs fills a fresh cluster with the same cases, and nothing else', async () => {
  const [full, fresh] = [await throwawayDemo(), await throwawayCluster()];
  const file = join(full.cluster.folder, '..', 'demo.backup');
  try {
    const on = (cluster: Cluster) => ({ DATABASE_URL: cluster.ownerUrl });
    const backedUp = foxing(['backup', file], on(full.cluster));
    expect([backedUp.status, backedUp.stderr]).toEqual([0, expect.stringContaining('the backup is in')]);
    expect(statSync(file).mode & 0o077).toBe(0);
    expect(foxing(['backup', file], on(full.cluster)).stderr).toContain('is there already; name another file');
    expect(foxing(['restore', file], on(full.cluster)).stderr).toContain('set FOXING_DATA to another folder');
    expect(foxing(['restore', `${file}.none`], on(fresh.cluster)).stderr).toContain('there is no file');
    expect(foxing(['restore', file], on(fresh.cluster)).status).toBe(0);
    const rows = async ({ ownerUrl }: Cluster) => {
      const client = new pg.Client({ connectionString: ownerUrl });
      await client.connect();
      const { rows: events } = await client.query('select case_id, seq, body, hash from case_event order by 1, 2');
      const { rows: people } = await client.query('select id, name, role from person order by id');
      await client.end();
      return { events, people };
    };
    const before = await rows(full.cluster);
    expect(before.events.length).toBeGreaterThan(200);
    expect(await rows(fresh.cluster)).toEqual(before);
    expect(JSON.parse(foxing(['verify'], on(fresh.cluster)).stdout)).toMatchObject({ events: before.events.length, broken: [] });
  } finally {
    await full.remove();
    await fresh.remove();
  }
});

test('an empty database begins with its keeper, who can begin a case; begun again it is as it was', async () => {
  const { cluster, remove } = await throwawayCluster();
  const env = { ...process.env, NODE_OPTIONS: '', DATABASE_URL: cluster.ownerUrl, PORT: String(await freePort()) };
  const served = async <T>(work: (url: string) => Promise<T>): Promise<T> => {
    const child = spawn('./foxing', ['start'], { cwd: root, env });
    const url = await new Promise<string>((resolve, reject) => {
      let text = '';
      child.stdout.on('data', (chunk: Buffer) => {
        text += chunk.toString();
        const at = /is at (\S+)/.exec(text)?.[1];
        if (at) resolve(at);
      });
      child.on('close', (code) => reject(new Error(`./foxing start ended with ${code}`)));
    });
    try {
      return await work(url);
    } finally {
      child.removeAllListeners('close');
      const closed = new Promise((resolve) => child.on('close', resolve));
      child.kill('SIGTERM');
      await closed;
    }
  };
  const me = async (url: string) => (await (await fetch(`${url}/api/me`)).json()) as { id: string; role: string };
  try {
    const first = await served(async (url) => {
      const body = JSON.stringify({ salts: { name: 'Mine', salts: [{ formula: 'NaCl', grams: 2 }] } });
      const begun = await fetch(`${url}/api/cases`, { method: 'POST', body, headers: { 'content-type': 'application/json' } });
      expect(begun.status).toBe(201);
      return me(url);
    });
    expect(first.role).toBe('keeper');
    await served(async (url) => {
      expect(await me(url)).toEqual(first);
      expect(await (await fetch(`${url}/api/cases`)).json()).toHaveLength(1);
    });
  } finally {
    await remove();
  }
}, 180000);

describe('a private database', () => {
  let folder: string;
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'foxing-launcher-'));
    chmodSync(folder, 0o755);
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  const answers = async (cluster: Cluster) => {
    const client = new pg.Client({ connectionString: cluster.url });
    await client.connect();
    const { rows } = await client.query<{ n: number }>('select 1 + 1 as n');
    await client.end();
    return rows[0]!.n;
  };

  test('is made, keeps what is in it, refuses a second launcher, and is taken over from one that died', async () => {
    const data = join(folder, 'postgres');
    const first = await startCluster(data);
    expect(new URL(first.url).hostname).toBe('127.0.0.1');
    expect(statSync(`${data}.secret`).mode & 0o077).toBe(0);
    expect(await answers(first)).toBe(2);
    const client = new pg.Client({ connectionString: first.ownerUrl });
    await client.connect();
    await client.query('create table kept (x int); grant select on kept to foxing_app');
    await client.end();

    const refused = await startCluster(data).catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(UserError);
    expect((refused as UserError).message).toMatch(/in use.*Stop it first, or set FOXING_DATA/);

    const gone = spawnSync('true').pid;
    writeFileSync(`${data}.owner`, JSON.stringify({ pid: gone, started: '1' }));
    const second = await startCluster(data);
    const again = new pg.Client({ connectionString: second.url });
    await again.connect();
    expect((await again.query('select * from kept')).rows).toEqual([]);
    await again.end();
    expect(JSON.parse(readFileSync(`${data}.owner`, 'utf8'))).toEqual(markOf(process.pid));
    await second.stop();
    await expect(answers(second)).rejects.toThrow(/ECONNREFUSED/);
  });

  test('a stranger whose number stands in a stale file is left alone, and what an interrupted start left is swept away', async () => {
    const data = join(folder, 'stale');
    mkdirSync(`${data}.half`, { recursive: true });
    writeFileSync(join(`${data}.half`, 'PG_VERSION'), '15');
    const first = await startCluster(data);
    await first.stop();
    const stranger = spawn('sleep', ['60']);
    try {
      const mark = markOf(stranger.pid!);
      writeFileSync(join(data, 'postmaster.pid'), `${stranger.pid}\n${data}\n`);
      writeFileSync(`${data}.owner`, JSON.stringify({ ...mark, started: '1' }));
      const again = await startCluster(data);
      expect(await answers(again)).toBe(2);
      expect(isAlive(mark)).toBe(true);
      await again.stop();
      expect(isAlive(mark)).toBe(true);
    } finally {
      stranger.kill();
    }
  });

  test('a cluster of another version is not touched, and the way forward is told', async () => {
    const data = join(folder, 'older');
    mkdirSync(data, { recursive: true });
    writeFileSync(join(data, 'PG_VERSION'), '9.6\n');
    const refused = await startCluster(data).catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(UserError);
    expect((refused as UserError).message).toMatch(/made by PostgreSQL 9\.6, but installed is .*postgresql-9\.6.*FOXING_DATA/);
  });
});

describe('what cannot be begun with is told in one line', () => {
  let folder: string;
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'foxing-odd-'));
    chmodSync(folder, 0o755);
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  const lineOf = ({ status, stderr, stdout }: ReturnType<typeof foxing>) => {
    const line = stderr.trim().split('\n').at(-1)!;
    expect([status, stdout, /^\s+at |node:/m.test(stderr)]).toEqual([1, '', false]);
    return line;
  };

  test('a data folder that is a file, or whose files are broken', () => {
    const file = join(folder, 'file');
    writeFileSync(file, 'not a folder');
    expect(lineOf(foxing(['verify'], { FOXING_DATA: file }))).toMatch(/data folder .* cannot be used.*set FOXING_DATA/);
    const broken = join(folder, 'broken');
    mkdirSync(join(broken, 'postgres'), { recursive: true });
    writeFileSync(join(broken, 'postgres', 'PG_VERSION'), '15\n');
    writeFileSync(join(broken, 'postgres.secret'), '{half');
    expect(lineOf(foxing(['verify'], { FOXING_DATA: broken }))).toMatch(/data folder .* cannot be used/);
    const empty = join(folder, 'no-database');
    mkdirSync(join(empty, 'postgres'), { recursive: true });
    writeFileSync(join(empty, 'postgres', 'something'), 'of somebody else');
    expect(lineOf(foxing(['verify'], { FOXING_DATA: empty }))).toMatch(/cannot be used|could not be made/);
  });

  test('a database of a later version is left as it is', async () => {
    const { cluster, remove } = await throwawayDemo();
    try {
      const client = new pg.Client({ connectionString: cluster.ownerUrl });
      await client.connect();
      await client.query("insert into migration (name, run_on) values ('9999_of_tomorrow', now())");
      await client.end();
      const env = { DATABASE_URL: cluster.ownerUrl, PORT: String(await freePort()) };
      expect(lineOf(foxing(['start'], env))).toMatch(/written by a later version of Foxing \(9999_of_tomorrow/);
    } finally {
      await remove();
    }
  });
});

test('asked to stop twice, it stops once, and leaves nothing running', async () => {
  const data = mkdtempSync(join(tmpdir(), 'foxing-stop-'));
  chmodSync(data, 0o755);
  const { DATABASE_URL: _, ...inherited } = process.env;
  const env = { ...inherited, NODE_OPTIONS: '', FOXING_DATA: data, PORT: String(await freePort()) };
  const child = spawn('./foxing', ['start'], { cwd: root, env, detached: true });
  try {
    await new Promise<void>((resolve) => child.stdout.on('data', (chunk: Buffer) => /is at/.test(chunk.toString()) && resolve()));
    const closed = new Promise((resolve) => child.on('close', resolve));
    // As a terminal does it: to everything that was started from it.
    process.kill(-child.pid!, 'SIGINT');
    await new Promise((resolve) => setTimeout(resolve, 50));
    process.kill(-child.pid!, 'SIGINT');
    expect(await closed).toBe(0);
    expect(existsSync(join(data, 'postgres', 'postmaster.pid'))).toBe(false);
    expect(spawnSync('pgrep', ['-f', data], { encoding: 'utf8' }).stdout).toBe('');
  } finally {
    if (child.exitCode === null) process.kill(-child.pid!, 'SIGKILL');
    rmSync(data, { recursive: true, force: true });
  }
}, 180000);

test('somebody is given a new passphrase from the machine, the keeper too', async () => {
  const { cluster, servers, remove } = await throwawayFoxing({ threads: 1, warm: false });
  try {
    const ask = (path: string, body: object) =>
      fetch(`${servers[0]!.url}/api${path}`, {
        method: 'POST',
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json' },
      });
    await ask('/accounts', { login: 'keeper', passphrase: 'once three brushes' });
    const { status, stdout } = foxing(['passphrase', 'Keeper'], { DATABASE_URL: cluster.ownerUrl });
    expect(status).toBe(0);
    const given = /signs in with: (\S+)/.exec(stdout)![1]!;
    expect((await ask('/sign-in', { login: 'keeper', passphrase: 'once three brushes' })).status).toBe(403);
    expect((await ask('/sign-in', { login: 'keeper', passphrase: given })).status).toBe(200);
    expect(foxing(['passphrase', 'nobody-here'], { DATABASE_URL: cluster.ownerUrl }).stderr).toContain('nobody signs in as');
  } finally {
    await remove();
  }
});

describe('the command', () => {
  test('help names every command, and each is known', () => {
    const { status, stdout } = foxing(['help']);
    expect(status).toBe(0);
    for (const command of [
      'demo',
      'start',
      'test',
      'sim',
      'deduce',
      'advise',
      'solve',
      'predict',
      'atlas',
      'species',
      'bench',
      'verify',
    ])
      expect(stdout).toMatch(new RegExp(`^  ${command} `, 'm'));
    expect(foxing([]).stdout).toBe(stdout);
  });

  test.each([
    [['test', 'everything'], {}, /takes one of checks, core, .*not "everything"/],
    [['demo', '--fast'], {}, /demo does not know "--fast"/],
    [['start', '--reset'], {}, /start does not know "--reset"/],
    [['demo', '--reset'], { DATABASE_URL: 'postgresql://127.0.0.1:1/x' }, /--reset is for the private database only/],
  ] as const)('%j that cannot be is refused in one line', (args, env, message) => {
    const { status, stderr, stdout } = foxing(args, env);
    expect([status, stdout]).toEqual([2, '']);
    expect(stderr.trim().split('\n')).toHaveLength(1);
    expect(stderr).toMatch(message);
  });

  test('a database that does not answer, and a port that is taken, are told with what to do', async () => {
    const silent = foxing(['start'], { DATABASE_URL: 'postgresql://foxing@127.0.0.1:1/foxing' });
    expect(silent.status).toBe(1);
    expect(silent.stderr).toMatch(/does not answer or cannot be migrated.*check DATABASE_URL/);

    const folder = mkdtempSync(join(tmpdir(), 'foxing-port-'));
    chmodSync(folder, 0o755);
    const cluster = await startCluster(join(folder, 'postgres'));
    const taken = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => taken.once('listening', resolve));
    const { port } = taken.address() as { port: number };
    try {
      const { code, text } = await new Promise<{ code: number | null; text: string }>((resolve) => {
        const child = spawn('./foxing', ['start'], {
          cwd: root,
          env: { ...process.env, NODE_OPTIONS: '', DATABASE_URL: cluster.ownerUrl, PORT: String(port) },
        });
        let text = '';
        child.stderr.on('data', (chunk: Buffer) => (text += chunk.toString()));
        child.on('close', (code) => resolve({ code, text }));
      });
      expect(code).toBe(1);
      expect(text).toMatch(new RegExp(`port ${port} is taken: .*choose another with PORT=`));
    } finally {
      taken.close();
      await cluster.stop();
      rmSync(folder, { recursive: true, force: true });
    }
  });
});
