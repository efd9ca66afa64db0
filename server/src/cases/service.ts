/** Cases as folds over their events. The server keeps no state of its own: what is kept here is a cache. */
import { randomUUID } from 'node:crypto';
import { BenchError } from '#core/bench/sample';
import { NotConverged } from '#core/equilibrium/solver';
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import type { Append, CaseSummary, CaseView, Person } from '#contract';
import { must } from '../access/access';
import { type Db, transaction, type Tx } from '../db/pool';
import { HttpProblem } from '../http/problem';
import * as store from './store';
import { summarise, viewOf } from './view';

interface Folded {
  readonly seq: number;
  readonly hash: string;
  readonly updatedAt: Date;
  readonly state: CaseState;
}

const CACHED_CASES = 200;
const cache = new Map<string, Folded>();

function remember(id: string, folded: Folded): Folded {
  cache.delete(id);
  cache.set(id, folded);
  if (cache.size > CACHED_CASES) cache.delete(cache.keys().next().value!);
  return folded;
}

async function fold(db: Db | Tx, row: store.CaseRow): Promise<Folded> {
  const known = cache.get(row.id);
  let folded: Folded = known ?? { seq: 0, hash: '', updatedAt: row.created_at, state: openCase(row.sample) };
  for (const e of await store.eventsAfter(db, row.id, folded.seq)) {
    const state = applyEvent(folded.state, e.event, { at: e.at.toISOString(), who: e.who });
    folded = { seq: e.seq, hash: e.hash, updatedAt: e.at, state };
  }
  return folded === known ? folded : remember(row.id, folded);
}

async function open(db: Db | Tx, person: Person, id: string, action: 'read-case' | 'append-event') {
  const row = await store.findCase(db, id);
  if (!row) throw new HttpProblem('not-found', 'There is no such case; go back to your cases.');
  must(person, { do: action, owner: row.owner });
  return row;
}

export async function listCases(db: Db, person: Person): Promise<CaseSummary[]> {
  must(person, { do: 'list-cases' });
  const rows = await store.casesOf(db, person.id);
  return Promise.all(
    rows.map(async (row) => {
      const folded = await fold(db, row);
      return summarise(row, folded.state, folded.updatedAt);
    }),
  );
}

export async function createCase(db: Db, person: Person, jar: string): Promise<CaseView> {
  must(person, { do: 'create-case' });
  const id = randomUUID();
  if (!(await store.insertCase(db, id, person.id, jar)))
    throw new HttpProblem('bad-input', `jar: there is no jar "${jar}"; choose one from the shelf`);
  return readCase(db, person, id);
}

export async function readCase(db: Db, person: Person, id: string): Promise<CaseView> {
  const row = await open(db, person, id, 'read-case');
  const folded = await fold(db, row);
  return viewOf(row, folded.state, folded.seq, folded.updatedAt);
}

/**
 * Appends one event. A repeat of an event that is already there is answered as if it had just been done.
 * @throws HttpProblem `stale` when other events came in between, `bad-input` when it cannot be done.
 */
export async function append(db: Db, person: Person, id: string, request: Append): Promise<CaseView> {
  await open(db, person, id, 'append-event');
  const folded = await transaction(db, async (tx): Promise<Folded> => {
    await store.lockCase(tx, id);
    const row = (await store.findCase(tx, id))!;
    const now = await fold(tx, row);
    if (await store.hasEvent(tx, id, request.id)) return now;
    if (request.after !== now.seq)
      throw new HttpProblem('stale', 'This case has moved on in another window; look at it again and repeat.', { seq: now.seq });
    const at = new Date();
    let state: CaseState;
    try {
      state = applyEvent(now.state, request.event, { at: at.toISOString(), who: person.name });
    } catch (error) {
      if (error instanceof BenchError) throw new HttpProblem('bad-input', error.message);
      if (error instanceof NotConverged)
        throw new HttpProblem('bad-input', 'Foxing could not work out this mixture; nothing was changed. Add less at a time.');
      throw error;
    }
    const added = {
      caseId: id,
      seq: now.seq + 1,
      id: request.id,
      event: request.event,
      who: person.id,
      at,
      previousHash: now.hash,
    };
    await store.appendEvent(tx, added);
    return { seq: added.seq, hash: store.chainHash(added), updatedAt: at, state };
  });
  remember(id, folded);
  const row = (await store.findCase(db, id))!;
  return viewOf(row, folded.state, folded.seq, folded.updatedAt);
}
