/** Cases written down at once, with all their events: those of before, and those that are taken in from elsewhere. */
import type { SampleSpec } from '#core/bench/sample';
import type { CaseState } from '#core/record/case';
import { digestOf } from '#core/record/view';
import type { Words } from '#core/record/words';
import type { Snapshot } from '#core/record/working';
import type { Db, Queryable } from '../db/pool';
import type { LinkedEvent } from './chain';
import { eventsAfter, insertCase, type TakenIn } from './store';
import { wordsOf } from './words';

export interface WholeCase {
  readonly id: string;
  readonly owner: string;
  readonly sample: SampleSpec | null;
  readonly salt: string | null;
  readonly links: readonly LinkedEvent[];
  readonly words: readonly Words[];
  readonly state: CaseState;
  readonly bench: Snapshot;
  readonly createdAt: Date;
  readonly takenIn: TakenIn | null;
}

async function insertWords(tx: Queryable, id: string, words: readonly Words[]): Promise<void> {
  await tx.query(
    `insert into case_text (case_id, seq, number, words)
     select $1, * from unnest($2::int[], $3::int[], $4::text[]) on conflict do nothing`,
    [id, words.map((w) => w.seq), words.map((w) => w.number), words.map((w) => w.words)],
  );
}

export async function insertWhole(tx: Queryable, whole: WholeCase): Promise<void> {
  const { id, owner, sample, salt, links, words, state, bench, createdAt, takenIn } = whole;
  const [first, ...rest] = links as [LinkedEvent, ...LinkedEvent[]];
  await insertCase(tx, { id, owner, sample, salt, first, digest: digestOf(state), bench: bench.rest, createdAt });
  const column = <T>(read: (e: LinkedEvent) => T) => rest.map(read);
  await tx.query(
    `insert into case_event (case_id, seq, id, body, hash)
     select $1, * from unnest($2::int[], $3::uuid[], $4::text[], $5::text[])`,
    [id, column((e) => e.body.seq), column((e) => e.body.id), column((e) => e.text), column((e) => e.hash)],
  );
  await tx.query('update "case" set seq = $2, hash = $3, taken_in = $4 where id = $1', [
    id,
    links.length,
    links.at(-1)!.hash,
    takenIn && JSON.stringify(takenIn),
  ]);
  await tx.query('insert into bench_vessel (case_id, id, state) select $1, * from unnest($2::text[], $3::text[])', [
    id,
    Object.keys(bench.vessels),
    Object.values(bench.vessels),
  ]);
  await insertWords(tx, id, words);
}

/** Cases from before there was a search are read once for what they say. */
export async function readUnread(db: Db): Promise<void> {
  const { rows } = await db.query<{ id: string }>(
    `select id from "case" c where (digest->>'entries')::int > 0 and not exists (select from case_text t where t.case_id = c.id)`,
  );
  for (const { id } of rows) {
    const events = await eventsAfter(db, id, 0);
    const tx = await db.connect();
    try {
      await insertWords(tx, id, wordsOf(events.map((e) => e.body)));
    } finally {
      tx.release();
    }
  }
}
