/** Cases as they are known to this process: a cache of folds over their events. The truth is in the database. */
import { LRUCache } from 'lru-cache';
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import type { Snapshot, SnapshotChange } from '#core/record/working';
import type { Queryable } from '../db/pool';
import { stampOf } from '#core/exchange/case-file';
import type { EventBody, LinkedEvent } from './chain';
import { benchOf, type CaseHead, eventsAfter, findHead, type TakenIn } from './store';

export interface CaseDocument {
  readonly id: string;
  readonly owner: string;
  readonly createdAt: Date;
  readonly hash: string;
  readonly takenIn: TakenIn | null;
  /** Of the work that was set, if it is that, and whose. */
  readonly set: string | null;
  readonly instructor: string | null;
  readonly state: CaseState;
}

/** A bench, and what an operation changes on it. */
export interface BenchChange {
  readonly before: Snapshot;
  readonly change: SnapshotChange;
}

/** The bench after a change. */
export function afterChange({ before, change: { rest, vessels } }: BenchChange): Snapshot {
  const all: Record<string, string> = { ...before.vessels };
  for (const [id, state] of Object.entries(vessels)) {
    if (state === null) delete all[id];
    else all[id] = state;
  }
  return { rest, vessels: all };
}

const MOST_DOCUMENTS = 500;
const MOST_BENCHES = 300;

function fold(
  before: CaseDocument | undefined,
  head: CaseHead,
  events: readonly { body: EventBody; hash: string }[],
): CaseDocument {
  let state = before?.state;
  let hash = before?.hash ?? '';
  for (const { body, hash: own } of events) {
    state = state ? applyEvent(state, body.event, stampOf(body)) : openCase(body.event, stampOf(body));
    hash = own;
  }
  if (!state) throw new Error(`case ${head.id} has no events`);
  const { id, owner, created_at: createdAt, taken_in: takenIn, work_set: set, instructor } = head;
  return { id, owner, createdAt, hash, takenIn, set, instructor, state };
}

export class CaseDocuments {
  private readonly documents = new LRUCache<string, CaseDocument>({ max: MOST_DOCUMENTS });
  private readonly benches = new LRUCache<string, { readonly seq: number; readonly snapshot: Snapshot }>({ max: MOST_BENCHES });

  constructor(private readonly db: Queryable) {}

  /** As this process last knew it, which may be behind. */
  known(id: string): CaseDocument | undefined {
    return this.documents.get(id);
  }

  /** As it is now. */
  async current(id: string): Promise<CaseDocument | null> {
    const head = await findHead(this.db, id);
    if (!head) return null;
    const before = this.documents.get(id);
    if (before && before.state.seq >= head.seq) return before;
    const now = fold(before, head, await eventsAfter(this.db, id, before?.state.seq ?? 0));
    this.documents.set(id, now);
    return now;
  }

  /** The bench of a document. Absent when the case has moved on meanwhile. */
  async benchOf({ id, state }: CaseDocument): Promise<Snapshot | null> {
    const kept = this.benches.get(id);
    if (kept?.seq === state.seq) return kept.snapshot;
    const found = await benchOf(this.db, id);
    if (!found || found.seq !== state.seq) return null;
    const { seq, ...snapshot } = found;
    this.benches.set(id, { seq, snapshot });
    return snapshot;
  }

  /** A case that is gone. */
  forget(id: string): void {
    this.documents.delete(id);
    this.benches.delete(id);
  }

  /** Takes up an event that was appended to a document by this process, with what it changed on the bench. */
  advance(before: CaseDocument, state: CaseState, event: LinkedEvent, bench?: BenchChange): CaseDocument {
    const now = { ...before, state, hash: event.hash };
    this.documents.set(before.id, now);
    const resting = this.benches.get(before.id)?.seq === before.state.seq ? this.benches.get(before.id)!.snapshot : undefined;
    const kept = bench ? afterChange(bench) : resting;
    if (kept) this.benches.set(before.id, { seq: state.seq, snapshot: kept });
    else this.benches.delete(before.id);
    return now;
  }
}
