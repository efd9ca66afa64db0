/** Cases and their events in the database. Nothing here knows chemistry. */
import { createHash } from 'node:crypto';
import type { Subject } from '#core/record/case';
import type { CaseEvent } from '#core/record/events';
import type { Jar, OwnStructure, RealSample } from '#contract';
import type { Db, Tx } from '../db/pool';

export interface CaseRow {
  readonly id: string;
  readonly owner: string;
  readonly name: string;
  readonly look: string;
  readonly subject: Subject;
  readonly created_at: Date;
}

export interface EventRow {
  readonly seq: number;
  readonly id: string;
  readonly event: CaseEvent;
  readonly who: string;
  readonly at: Date;
  readonly hash: string;
}

const CASE = `select c.id, c.owner, coalesce(j.name, c.real->>'name', c.structure->>'name') as name,
  coalesce(j.look, c.real->>'look', 'set by its structure') as look,
  case when c.real is not null
      then jsonb_build_object('real', jsonb_build_object('grams', c.real->'grams', 'matter', coalesce(c.real->'matter', '"salt"')))
    else jsonb_build_object('sample', coalesce(j.sample, c.structure->'sample')) end as subject, c.created_at
  from "case" c left join jar j on j.id = c.jar`;

export async function jars(db: Db): Promise<Jar[]> {
  const sql = `select id, name, look, story, case when sample ? 'smiles' then 'compound' else 'salt' end as matter from jar order by id`;
  return (await db.query<Jar>(sql)).rows;
}

export async function insertCase(db: Db | Tx, id: string, owner: string, jar: string): Promise<boolean> {
  const result = await db.query(`insert into "case" (id, owner, jar) select $1, $2, id from jar where id = $3`, [id, owner, jar]);
  return result.rowCount === 1;
}

export async function insertRealCase(db: Db | Tx, id: string, owner: string, real: RealSample): Promise<void> {
  await db.query(`insert into "case" (id, owner, real) values ($1, $2, $3)`, [id, owner, JSON.stringify(real)]);
}

export async function insertStructureCase(
  db: Db | Tx,
  id: string,
  owner: string,
  { name, smiles, grams }: OwnStructure,
): Promise<void> {
  const structure = JSON.stringify({ name, sample: { smiles, grams } });
  await db.query(`insert into "case" (id, owner, structure) values ($1, $2, $3)`, [id, owner, structure]);
}

export async function casesOf(db: Db, owner: string): Promise<CaseRow[]> {
  return (await db.query<CaseRow>(`${CASE} where c.owner = $1 order by c.created_at desc`, [owner])).rows;
}

export async function findCase(db: Db | Tx, id: string): Promise<CaseRow | null> {
  return (await db.query<CaseRow>(`${CASE} where c.id = $1`, [id])).rows[0] ?? null;
}

export async function eventsAfter(db: Db | Tx, caseId: string, seq: number): Promise<EventRow[]> {
  const sql = `select e.seq, e.id, e.event, p.name as who, e.at, e.hash
    from case_event e join person p on p.id = e.who where e.case_id = $1 and e.seq > $2 order by e.seq`;
  return (await db.query<EventRow>(sql, [caseId, seq])).rows;
}

export async function hasEvent(tx: Tx, caseId: string, eventId: string): Promise<boolean> {
  const found = await tx.query('select 1 from case_event where case_id = $1 and id = $2', [caseId, eventId]);
  return found.rowCount === 1;
}

/** Holds all others off a case until the transaction ends. */
export async function lockCase(tx: Tx, caseId: string): Promise<void> {
  await tx.query('select 1 from "case" where id = $1 for update', [caseId]);
}

export interface NewEvent {
  readonly caseId: string;
  readonly seq: number;
  readonly id: string;
  readonly event: CaseEvent;
  readonly who: string;
  readonly at: Date;
  readonly previousHash: string;
}

/** The hash of an event is chained to the one before it, so that a changed past shows. */
export function chainHash(e: Omit<NewEvent, 'caseId'>): string {
  const body = JSON.stringify([e.previousHash, e.seq, e.id, e.event, e.who, e.at.toISOString()]);
  return createHash('sha256').update(body).digest('hex');
}

export async function appendEvent(tx: Tx, e: NewEvent): Promise<void> {
  await tx.query('insert into case_event (case_id, seq, id, event, who, at, hash) values ($1, $2, $3, $4, $5, $6, $7)', [
    e.caseId,
    e.seq,
    e.id,
    JSON.stringify(e.event),
    e.who,
    e.at,
    chainHash(e),
  ]);
  await tx.query(`select pg_notify('case_event', $1)`, [JSON.stringify({ id: e.caseId, seq: e.seq })]);
}
