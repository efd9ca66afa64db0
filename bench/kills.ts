/**
 * Kills in the midst of work, with photos and signatures. `./foxing bench kills [--kills N] [--people N]`.
 * People work real samples and send again what was not answered, under the same ids; the server and the database are killed in
 * turn. At the end everything that was acknowledged must be there once, every photo with its bytes, every chain whole.
 */
import { createHash, randomUUID } from 'node:crypto';
import { parseArgs } from 'node:util';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { type CaseChanges, caseChangesSchema, keptPhotoSchema } from '#contract';
import { seeded } from '#core/reasoning/student';
import type { CaseEvent } from '#core/record/events';
import { throwawayDemo } from '#launcher/throwaway';
import { Supervisor } from '../launcher/src/supervisor';
import { verifyChains } from '../server/src/cases/chain';
import { openPool } from '../server/src/db/pool';

const PORT = 4697;
const RETRY_MS = 200;
const PAUSE_MS = 150;
/** Events of each person that are acknowledged between two kills, so that every kill falls in the midst of work. */
const BETWEEN_KILLS = 3;
const LOOK_MS = 50;
const AT_ANY_MOMENT_MS = 800;
const SIDE = 64;

const sleep = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A photo that no other is. */
const photoBytes = (random: () => number): Promise<Buffer> =>
  sharp(Buffer.from(Array.from({ length: SIDE * SIDE * 3 }, () => Math.floor(random() * 256))), {
    raw: { width: SIDE, height: SIDE, channels: 3 },
  })
    .jpeg({ quality: 80 })
    .toBuffer();

interface Kept {
  readonly id: string;
  readonly seq: number;
}

class Person {
  readonly acknowledged: Kept[] = [];
  readonly photos: string[] = [];
  signatures = 0;
  again = 0;
  caseId = '';
  private seq = 0;

  constructor(
    private readonly url: string,
    private readonly random: () => number,
  ) {}

  /** Asks until it is answered: while the server is away the connection breaks, or 503 comes. */
  private async ask(path: string, body: BodyInit, type: string): Promise<unknown> {
    for (;;) {
      const answer = await fetch(`${this.url}/api${path}`, { method: 'POST', headers: { 'content-type': type }, body }).catch(
        () => null,
      );
      const text = await answer?.text().catch(() => null);
      if (answer?.ok && typeof text === 'string') return JSON.parse(text);
      if (answer && answer.status < 500) throw new Error(`${path}: ${answer.status} ${text}`);
      this.again++;
      await sleep(RETRY_MS);
    }
  }

  private async append(event: CaseEvent): Promise<void> {
    const id = randomUUID();
    const body = JSON.stringify({ id, after: this.seq, event });
    const changes = caseChangesSchema.parse(
      await this.ask(`/cases/${this.caseId}/events`, body, 'application/json'),
    ) as CaseChanges;
    this.seq = changes.seq;
    this.acknowledged.push({ id, seq: changes.seq });
  }

  async work(until: () => boolean): Promise<void> {
    const real = { real: { name: 'U', look: 'white grains', grams: 5 } };
    const begun = caseChangesSchema.parse(await this.ask('/cases', JSON.stringify(real), 'application/json'));
    this.caseId = begun.summary.id;
    this.seq = begun.seq;
    for (let i = 0; !until(); i++) {
      await sleep(PAUSE_MS * 2 * this.random());
      const tube = `T${i}`;
      await this.append({ kind: 'operation', payload: { op: { op: 'take-solid', to: tube, grams: 0.001 } } });
      await this.append({ kind: 'entry', payload: { test: 'free', vessel: tube, observed: [], note: `look ${i}` } });
      const photo = keptPhotoSchema.parse(
        await this.ask(`/cases/${this.caseId}/photos`, new Uint8Array(await photoBytes(this.random)), 'image/jpeg'),
      );
      this.photos.push(photo.photo);
      await this.append({ kind: 'photo', payload: { ...photo, test: 'free' } });
      const found = [{ ion: 'Cu2+', claim: 'may-be-present' as const, evidence: [1] }];
      await this.append({ kind: 'conclusion', payload: { found, signed: 'A. Binder' } });
      this.signatures++;
      await this.append({ kind: 'withdrawn', payload: { reason: 'the work goes on' } });
    }
  }
}

export async function benchKills(args: readonly string[]): Promise<number> {
  const { values } = parseArgs({
    args: [...args],
    options: { kills: { type: 'string', default: '20' }, people: { type: 'string', default: '20' } },
  });
  const { cluster, remove } = await throwawayDemo();
  const settings = { databaseUrl: cluster.url, port: PORT, logLevel: 'silent', requestsPerMinute: 1e6 };
  const supervisor = await Supervisor.start(settings, cluster);
  const random = seeded(20261202);
  const people = Array.from({ length: Number(values.people) }, (_, i) => new Person(supervisor.url, seeded(i + 1)));
  const kills = { server: 0, database: 0 };
  const acknowledged = () => people.reduce((sum, p) => sum + p.acknowledged.length, 0);
  let over = false;
  try {
    const working = Promise.all(people.map((p) => p.work(() => over)));
    for (let i = 0; i < Number(values.kills); i++) {
      const enough = acknowledged() + BETWEEN_KILLS * people.length;
      while (acknowledged() < enough) await sleep(LOOK_MS);
      await sleep(random() * AT_ANY_MOMENT_MS);
      const victim = i % 2 ? 'database' : 'server';
      const pid =
        victim === 'server'
          ? supervisor.serverPid
          : Number(readFileSync(`${cluster.folder}/postmaster.pid`, 'utf8').split('\n')[0]);
      if (pid === undefined) continue;
      process.kill(pid, 'SIGKILL');
      kills[victim]++;
    }
    over = true;
    await working;
    const db = openPool(cluster.ownerUrl);
    const wrong: string[] = [];
    for (const p of people) {
      const { rows } = await db.query<{ id: string; seq: number }>(
        'select id, seq from case_event where case_id = $1 and seq > 1 order by seq',
        [p.caseId],
      );
      if (JSON.stringify(rows.map(({ id, seq }) => ({ id, seq: Number(seq) }))) !== JSON.stringify(p.acknowledged))
        wrong.push(`the events of ${p.caseId}: ${rows.length} kept, ${p.acknowledged.length} acknowledged`);
      for (const hash of p.photos) {
        const { rows: kept } = await db.query<{ pixels: Buffer }>('select pixels from photo where case_id = $1 and hash = $2', [
          p.caseId,
          hash,
        ]);
        if (kept.length !== 1 || createHash('sha256').update(kept[0]!.pixels).digest('hex') !== hash) wrong.push(`photo ${hash}`);
      }
    }
    const { events, broken } = await verifyChains(db);
    await db.end();
    const sum = (of: (p: Person) => number) => people.reduce((total, p) => total + of(p), 0);
    const counts = {
      acknowledged: sum((p) => p.acknowledged.length),
      photos: sum((p) => p.photos.length),
      signatures: sum((p) => p.signatures),
      sentAgain: sum((p) => p.again),
    };
    process.stdout.write(`${JSON.stringify({ ...values, kills, ...counts, events, broken, wrong }, null, 1)}\n`);
    return wrong.length || broken.length ? 1 : 0;
  } finally {
    over = true;
    await supervisor.stop();
    await remove();
  }
}
