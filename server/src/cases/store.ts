/** Cases and their events in the database. Nothing here knows chemistry. */
import type { SampleSpec } from '#core/bench/sample';
import type { Snapshot } from '#core/record/working';
import type { CaseDigest } from '#core/record/view';
import type { Words } from '#core/record/words';
import type { Jar } from '#contract';
import type { Queryable } from '../db/pool';
import type { EventBody, LinkedEvent } from './chain';

export async function jars(db: Queryable): Promise<Jar[]> {
  const sql = `select id, name, look, story, level,
    case when sample ? 'smiles' then 'compound' else 'salt' end as matter from jar order by id`;
  return (await db.query<Jar>(sql)).rows;
}

export interface StoredJar {
  readonly name: string;
  readonly look: string;
  readonly sample: SampleSpec;
}

export async function findJar(db: Queryable, id: string): Promise<StoredJar | null> {
  return (await db.query<StoredJar>('select name, look, sample from jar where id = $1', [id])).rows[0] ?? null;
}

export interface ListedCase {
  readonly id: string;
  readonly created_at: Date;
  readonly digest: CaseDigest;
  readonly archived: boolean;
  readonly taken_in: TakenIn | null;
  readonly work_set: string | null;
}

/** Where a case that was taken in came from. */
export interface TakenIn {
  /** ISO time. */
  readonly at: string;
  /** Who opened it there. */
  readonly author: string;
  /** Its sample stayed there, so that it can only be read here. */
  readonly sealed: boolean;
}

export async function casesOf(db: Queryable, owner: string): Promise<ListedCase[]> {
  const sql =
    'select id, created_at, digest, archived, taken_in, work_set from "case" where owner = $1 order by created_at desc, id';
  return (await db.query<ListedCase>({ name: 'cases-of', text: sql, values: [owner] })).rows;
}

export async function archive(db: Queryable, id: string, archived: boolean): Promise<void> {
  await db.query('update "case" set archived = $2 where id = $1', [id, archived]);
}

export async function isArchived(db: Queryable, id: string): Promise<boolean> {
  const { rows } = await db.query<{ archived: boolean }>('select archived from "case" where id = $1', [id]);
  return rows[0]?.archived ?? false;
}

export interface CaseHead {
  readonly id: string;
  readonly owner: string;
  readonly created_at: Date;
  readonly sample: SampleSpec | null;
  readonly seq: number;
  readonly hash: string;
  readonly taken_in: TakenIn | null;
  /** Of the work that was set, if it is that. */
  readonly work_set: string | null;
  readonly instructor: string | null;
}

export async function findHead(db: Queryable, id: string): Promise<CaseHead | null> {
  const sql = `select c.id, c.owner, c.created_at, c.sample, c.seq, c.hash, c.taken_in, c.work_set, k.instructor
    from "case" c left join work_set s on s.id = c.work_set left join class k on k.id = s.class_id where c.id = $1`;
  return (await db.query<CaseHead>({ name: 'case-head', text: sql, values: [id] })).rows[0] ?? null;
}

export async function eventsAfter(db: Queryable, caseId: string, seq: number): Promise<{ body: EventBody; hash: string }[]> {
  const sql = 'select body, hash from case_event where case_id = $1 and seq > $2 order by seq';
  const { rows } = await db.query<{ body: string; hash: string }>({ name: 'events-after', text: sql, values: [caseId, seq] });
  return rows.map(({ body, hash }) => ({ body: JSON.parse(body) as EventBody, hash }));
}

/** Has this event been appended already? */
export async function hasEvent(db: Queryable, caseId: string, eventId: string): Promise<boolean> {
  const found = await db.query('select 1 from case_event where case_id = $1 and id = $2', [caseId, eventId]);
  return found.rowCount === 1;
}

/** The bench as it stood after event `seq`, of one moment. */
export async function benchOf(db: Queryable, caseId: string): Promise<(Snapshot & { readonly seq: number }) | null> {
  const sql = `select c.seq, c.bench as rest,
    (select coalesce(json_object_agg(v.id, v.state), '{}') from bench_vessel v where v.case_id = c.id) as vessels
    from "case" c where c.id = $1`;
  const { rows } = await db.query<Snapshot & { seq: number }>({ name: 'bench-of', text: sql, values: [caseId] });
  return rows[0] ?? null;
}

export interface NewCaseRow {
  readonly id: string;
  readonly owner: string;
  readonly sample: SampleSpec | null;
  readonly salt: string | null;
  readonly first: LinkedEvent;
  readonly digest: CaseDigest;
  /** The bench without its vessels, of which there are none yet. */
  readonly bench: string;
  readonly createdAt: Date;
  readonly set?: string | null;
  readonly fromJar?: boolean;
}

export async function insertCase(db: Queryable, row: NewCaseRow): Promise<void> {
  await db.query(
    `with made as (
       insert into "case" (id, owner, sample, salt, seq, hash, digest, bench, created_at, work_set, from_jar)
       values ($1, $2, $3, $4, 1, $5, $6, $7, $8, $11, $12) returning id
     )
     insert into case_event (case_id, seq, id, body, hash) select id, 1, $9, $10, $5 from made`,
    [
      row.id,
      row.owner,
      row.sample === null ? null : JSON.stringify(row.sample),
      row.salt,
      row.first.hash,
      JSON.stringify(row.digest),
      row.bench,
      row.createdAt,
      row.first.body.id,
      row.first.text,
      row.set ?? null,
      row.fromJar ?? false,
    ],
  );
}

export interface Appended {
  readonly event: LinkedEvent;
  readonly digest: CaseDigest;
  readonly words?: Words | null;
  /** What an operation changed on the bench. */
  readonly bench?: { readonly rest: string; readonly vessels: Readonly<Record<string, string | null>> };
}

/** @param bench the column that an operation sets too. */
const held = (bench = '') => `with held as (
    update "case" set seq = $3, hash = $4, digest = $5${bench}
    where id = $1 and seq = $2 returning id
  ), event as (
    insert into case_event (case_id, seq, id, body, hash) select id, $3, $6, $7, $4 from held
  )`;

/** What is written leaves the bench as it is. */
const APPEND_PLAIN = `${held()} select from held`;

const APPEND_WORDS = `${held()}, said as (
    insert into case_text (case_id, seq, number, words) select id, $3, $8, $9 from held
  )
  select from held`;

const APPEND_OPERATION = `${held(', bench = $8')}, kept as (
    insert into bench_vessel (case_id, id, state)
    select held.id, v.key, v.value from held, json_each_text($9) as v where v.value is not null
    on conflict (case_id, id) do update set state = excluded.state
  ), gone as (
    delete from bench_vessel using held where case_id = held.id and bench_vessel.id = any (
      select key from json_each_text($9) where value is null
    )
  )
  select from held`;

/**
 * Appends an event, all or nothing.
 * @returns false when the case has moved on since the event before it.
 */
export async function appendEvent(db: Queryable, { event, digest, words, bench }: Appended): Promise<boolean> {
  const { body, text, hash } = event;
  const plain = [body.case, body.seq - 1, body.seq, hash, JSON.stringify(digest), body.id, text];
  const { rowCount } = await db.query(
    bench
      ? { name: 'append-operation', text: APPEND_OPERATION, values: [...plain, bench.rest, JSON.stringify(bench.vessels)] }
      : words
        ? { name: 'append-words', text: APPEND_WORDS, values: [...plain, words.number, words.words] }
        : { name: 'append-plain', text: APPEND_PLAIN, values: plain },
  );
  return rowCount === 1;
}

/** Takes a case away with all that belongs to it. */
export async function dropCase(db: Queryable, id: string): Promise<void> {
  await db.query('select drop_case($1)', [id]);
}
