/**
 * A full house: classes at work with human pauses, the reasoning on, their instructors looking on.
 * `./foxing bench load [--people N] [--instructors N] [--minutes M] [--pause S] [--servers N] [--hard N]`. With `--hard`, so
 * many people write records that contradict themselves, and at the end everybody looks at a new record within two seconds.
 * The people, the servers and the database share the cores of one machine, so that the times are those of a crowded one.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { throwawayDemo } from '#launcher/throwaway';
import { type Benches, benchesSchema } from '#contract';
import { Supervisor } from '../launcher/src/supervisor';
import { openPool } from '../server/src/db/pool';
import { verifyChains } from '../server/src/cases/chain';
import { balance } from './balancer';
import { contradict, lookAtOnce } from './crowd';
import { Measured, Worker } from './people';
import { type Classroom, openSchool, type Visitor } from './visitor';

const FIRST_PORT = 4699;
const LOOK_MS = 15000;
/** As the page of the benches waits before it looks again. */
const SOON_MS = 300;
const OVERLAP_MS = 1000;
/** Until what was closed is closed on the other side too. */
const SETTLING_MS = 5000;

const rssMB = (pid: number) => Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024);

/** Files, sockets and pipes that a process holds open. */
const openHandles = (pid: number) => readdirSync(`/proc/${pid}/fd`).length;

const UNKNOWNS = ['CuSO4·5H2O', 'Pb(NO3)2', 'KI', 'Na2CO3·10H2O', 'BaCl2·2H2O', 'NiSO4·6H2O', 'ZnSO4·7H2O', 'NH4Cl'];

/** What is set: salts for everybody, with Foxing's reasoning. */
const work = () => ({
  title: 'Unknown salts',
  unknowns: UNKNOWNS.map((formula) => ({ salts: [{ formula, grams: 20 }] })),
  terms: { tests: null, reasoning: true },
});

/** An instructor who keeps the benches before them, and how far behind what is shown is. */
class Onlooker {
  private readonly stop = new AbortController();
  private soon: NodeJS.Timeout | undefined;
  private looking = false;
  private again = false;
  private readonly seen = new Map<string, number>();
  /** When something was done last on any of the benches. */
  private newest = OVERLAP_MS;

  constructor(
    private readonly who: Visitor,
    private readonly set: string,
    private readonly workers: readonly Worker[],
    private readonly measured: Measured,
  ) {}

  look(): void {
    void this.who.listen(() => this.heard(), this.stop.signal);
  }

  private heard(): void {
    if (this.looking) this.again = true;
    else this.soon ??= setTimeout(() => void this.fetch(), SOON_MS);
  }

  private async fetch(): Promise<void> {
    this.soon = undefined;
    this.looking = true;
    const { url, headers } = this.who;
    const path = `/api/sets/${this.set}/benches?after=${encodeURIComponent(new Date(this.newest - OVERLAP_MS).toISOString())}`;
    const response = await this.measured.time('benches', () => fetch(`${url}${path}`, { headers }));
    if (response.ok) this.compare(benchesSchema.parse(await response.json()));
    this.looking = false;
    if (this.again && !this.stop.signal.aborted) this.heard();
    this.again = false;
  }

  /** What is on the cards now that was not before: how long ago was it acknowledged? */
  private compare({ benches }: Benches): void {
    const now = Date.now();
    const cards = new Map(benches.map((b) => [b.case, b.summary.updatedAt]));
    this.newest = Math.max(this.newest, ...[...cards.values()].map((at) => Date.parse(at)));
    for (const w of this.workers) {
      const shown = w.caseId === undefined ? undefined : cards.get(w.caseId);
      if (shown === undefined) continue;
      const from = this.seen.get(w.caseId!) ?? 0;
      let to = from;
      for (; to < w.acknowledgedAt.length && w.acknowledgedAt[to]!.stamp <= shown; to++)
        this.measured.add('cards behind', now - w.acknowledgedAt[to]!.at);
      this.seen.set(w.caseId!, to);
    }
  }

  close(): void {
    clearTimeout(this.soon);
    this.stop.abort();
  }
}

export async function benchLoad(args: readonly string[]): Promise<number> {
  const { values } = parseArgs({
    args: [...args],
    options: {
      people: { type: 'string', default: '200' },
      instructors: { type: 'string', default: '5' },
      minutes: { type: 'string', default: '10' },
      pause: { type: 'string', default: '8' },
      servers: { type: 'string', default: '1' },
      hard: { type: 'string', default: '0' },
    },
  });
  const { cluster, remove } = await throwawayDemo();
  const supervisors: Supervisor[] = [];
  for (let i = 0; i < Number(values.servers); i++) {
    const settings = { databaseUrl: cluster.url, port: FIRST_PORT + i, logLevel: 'error', requestsPerMinute: 1e6 };
    supervisors.push(await Supervisor.start(settings, null));
  }
  const balancer = await balance(supervisors.map((s) => s.url));
  const url = supervisors.length > 1 ? balancer.url : supervisors[0]!.url;
  const measured = new Measured();
  try {
    const classes = Number(values.instructors);
    const hard = Number(values.hard);
    const school = await openSchool(url, classes, Math.ceil((Number(values.people) + hard) / classes));
    const visitors = school.flatMap((room) => room.students);
    const contradicting = hard ? visitors.slice(-hard) : [];
    const until = Date.now() + Number(values.minutes) * 60000;
    const rooms = await Promise.all(
      school.map(({ students, ...room }, i) => {
        const working = students.filter((s) => !contradicting.includes(s));
        return opened({ ...room, students: working }, measured, i, Number(values.pause));
      }),
    );
    const people = rooms.flatMap((r) => r.workers);
    const ofServers = (of: (pid: number) => number) => supervisors.map((s) => of(s.serverPid!));
    const memoryMB = [ofServers(rssMB)];
    const handles = [ofServers(openHandles)];
    const looks = setInterval(() => {
      memoryMB.push(ofServers(rssMB));
      handles.push(ofServers(openHandles));
    }, LOOK_MS);
    const leaving = new AbortController();
    for (const { onlooker } of rooms) onlooker.look();
    // Every page that is open hears of what moves on.
    let notices = 0;
    for (const v of visitors) void v.listen(() => notices++, leaving.signal);
    await Promise.all([...people.map((p) => p.work(until)), contradict(contradicting, measured, until)]);
    if (hard) await lookAtOnce(visitors, measured);
    clearInterval(looks);
    for (const { onlooker } of rooms) onlooker.close();
    leaving.abort();
    await new Promise((resolve) => setTimeout(resolve, SETTLING_MS));
    const handlesAfter = ofServers(openHandles);
    const db = openPool(cluster.url);
    const lost = [];
    for (const p of people) {
      const { rows } = await db.query<{ n: string }>('select count(*) as n from case_event where case_id = $1', [p.caseId]);
      if (Number(rows[0]!.n) !== p.acknowledged + p.begunAt) lost.push(p.caseId);
    }
    const { events, broken } = await verifyChains(db);
    await db.end();
    const { statuses } = measured;
    const report = {
      ...values,
      ms: measured.summary(),
      statuses,
      memoryMB,
      handles,
      handlesAfter,
      notices,
      given: balancer.given,
      events,
      lost,
      broken,
    };
    process.stdout.write(`${JSON.stringify(report, null, 1)}\n`);
    return lost.length || broken.length ? 1 : 0;
  } finally {
    await balancer.close();
    for (const s of supervisors) await s.stop();
    await remove();
  }
}

/** A classroom with its work set, its people ready and its instructor at the desk. */
async function opened({ id, instructor, students }: Classroom, measured: Measured, room: number, pause: number) {
  // People who see rightly: the words for what is there are given, and written down.
  await instructor.get('PUT', '/house-rules', { help: 'words' });
  const set = await instructor.get<{ id: string }>('POST', `/classes/${id}/sets`, work());
  const workers = students.map((s, i) => new Worker(s, measured, 1000 * room + i + 1, pause));
  return { workers, onlooker: new Onlooker(instructor, set.id, workers, measured) };
}
