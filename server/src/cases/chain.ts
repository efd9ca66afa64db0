/** The chain of a case: every event as a canonical text, hashed with the hash of the one before. */
import { createHash } from 'node:crypto';
import canonicalize from 'canonicalize';
import type { RecordedEvent } from '#core/record/events';
import type { Db, Queryable } from '../db/pool';

/** What the canonical text of an event holds. */
export interface EventBody {
  readonly case: string;
  readonly seq: number;
  readonly id: string;
  /** ISO time at which it arrived. */
  readonly at: string;
  /** ISO time at which it was done, where it had to wait. */
  readonly done?: string;
  readonly who: { readonly id: string; readonly name: string };
  /** Hash of the event before; empty for the first. */
  readonly previous: string;
  readonly event: RecordedEvent;
}

/** RFC 8785: the same value is always the same text. */
export const canonical = (value: unknown): string => canonicalize(value)!;
export const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

export interface LinkedEvent {
  readonly body: EventBody;
  readonly text: string;
  readonly hash: string;
}

export function link(body: EventBody): LinkedEvent {
  const text = canonical(body);
  return { body, text, hash: sha256(text) };
}

export interface BrokenChain {
  readonly case: string;
  readonly why: string;
}

export interface ChainRow {
  readonly case_id: string;
  readonly seq: number;
  readonly id: string;
  readonly body: string;
  readonly hash: string;
}

/**
 * What is wrong with an event as the next link after `before`; null when nothing is.
 * @param withheld something was left out of the bodies, so that they no longer match their hashes.
 */
export function brokenAt(
  row: ChainRow,
  before: { readonly seq: number; readonly hash: string },
  withheld = false,
): string | null {
  if (row.seq !== before.seq + 1) return `event ${before.seq + 1} is missing`;
  if (!withheld && sha256(row.body) !== row.hash) return `event ${row.seq} is not what its hash says`;
  const body = JSON.parse(row.body) as EventBody;
  if (canonical(body) !== row.body) return `event ${row.seq} is not in canonical form`;
  if (body.previous !== before.hash) return `event ${row.seq} does not follow the one before it`;
  if (body.case !== row.case_id || body.seq !== row.seq || body.id !== row.id) return `event ${row.seq} was moved`;
  return null;
}

const PAGE = 200;

/** Recomputes the chain of every case: how many cases and events there are, and which chains are broken. */
export async function verifyChains(db: Queryable): Promise<{ cases: number; events: number; broken: BrokenChain[] }> {
  const heads = await db.query<{ id: string; seq: number; hash: string }>('select id, seq, hash from "case" order by id');
  const broken: BrokenChain[] = [];
  let events = 0;
  for (const head of heads.rows) {
    let last = { seq: 0, hash: '' };
    let why: string | null = null;
    for (let more = true; more && !why;) {
      const { rows } = await db.query<ChainRow>(
        'select case_id, seq, id, body, hash from case_event where case_id = $1 and seq > $2 order by seq limit $3',
        [head.id, last.seq, PAGE],
      );
      for (const row of rows) {
        events++;
        why ??= brokenAt(row, last);
        last = { seq: row.seq, hash: row.hash };
      }
      more = rows.length === PAGE;
    }
    if (!why && (last.seq !== head.seq || last.hash !== head.hash))
      why = `its events end at ${last.seq}, the case says ${head.seq}: the end was cut off or changed`;
    if (why) broken.push({ case: head.id, why });
  }
  const orphans = await db.query<{ case_id: string }>(
    'select distinct case_id from case_event e where not exists (select from "case" c where c.id = e.case_id)',
  );
  broken.push(...orphans.rows.map((r) => ({ case: r.case_id, why: 'its events are there, but the case is not' })));
  return { cases: heads.rows.length, events, broken };
}

/** The chains as they are at one moment, while people work: nothing that comes in between is taken for a break. */
export async function verifyAtOneMoment(db: Db): ReturnType<typeof verifyChains> {
  const client = await db.connect();
  try {
    await client.query('begin isolation level repeatable read, read only');
    await client.query('set local idle_in_transaction_session_timeout = 0');
    const found = await verifyChains(client);
    await client.query('commit');
    return found;
  } finally {
    client.release();
  }
}
