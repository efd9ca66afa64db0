/** Cases as folds over their events. The server keeps no state of its own: what is kept here is a cache. */
import { randomUUID } from 'node:crypto';
import { BenchError } from '#core/bench/error';
import { NotConverged } from '#core/equilibrium/solver';
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import { reckon } from '#core/bench/reckon';
import { StructureError, structureOf } from '#core/organic/structure';
import { type Reasoner, Superseded } from '../reasoning/reasoner';
import type {
  AdviceView,
  Append,
  CaseSummary,
  CaseView,
  Effort,
  NewCase,
  Person,
  ReckonRequest,
  ReasoningView,
  ReckoningView,
} from '#contract';
import { must } from '../access/access';
import { type Db, transaction, type Tx } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { ownCompounds } from '../compounds/store';
import { rulesOf } from '../rules/rules';
import * as store from './store';
import { matterOf, summarise, viewOf } from './view';

export interface Folded {
  readonly seq: number;
  readonly hash: string;
  readonly updatedAt: Date;
  readonly state: CaseState;
}

const CACHED_CASES = 200;
/** Tests that are advised at a time. */
const ADVISED = 5;
const cache = new Map<string, Folded>();

function remember(id: string, folded: Folded): Folded {
  cache.delete(id);
  cache.set(id, folded);
  if (cache.size > CACHED_CASES) cache.delete(cache.keys().next().value!);
  return folded;
}

async function fold(db: Db | Tx, row: store.CaseRow): Promise<Folded> {
  const known = cache.get(row.id);
  let folded: Folded = known ?? { seq: 0, hash: '', updatedAt: row.created_at, state: openCase(row.subject) };
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

export async function createCase(db: Db, person: Person, asked: NewCase): Promise<CaseView> {
  must(person, { do: 'create-case' });
  const id = randomUUID();
  if ('real' in asked) await store.insertRealCase(db, id, person.id, asked.real);
  else if ('structure' in asked) {
    try {
      structureOf(asked.structure.smiles);
    } catch (error) {
      if (error instanceof StructureError) throw new HttpProblem('bad-input', error.message);
      throw error;
    }
    await store.insertStructureCase(db, id, person.id, asked.structure);
  } else if (!(await store.insertCase(db, id, person.id, asked.jar)))
    throw new HttpProblem('bad-input', `jar: there is no jar "${asked.jar}"; choose one from the shelf`);
  return readCase(db, person, id);
}

export async function readCase(db: Db, person: Person, id: string): Promise<CaseView> {
  const row = await open(db, person, id, 'read-case');
  const folded = await fold(db, row);
  return viewOf(row, folded, await rulesOf(db, person.id));
}

/** The arithmetic for one tube, from what was added to it. */
export async function reckoning(db: Db, person: Person, id: string, { tube, reagent }: ReckonRequest): Promise<ReckoningView> {
  const row = await open(db, person, id, 'read-case');
  const { state } = await fold(db, row);
  const vessel = state.added.vessels[tube];
  if (!vessel) throw new HttpProblem('bad-input', `tube: there is no tube "${tube}" in this case`);
  try {
    return reckon(vessel, reagent, state.added.sample.kind === 'solid' ? (state.shares[tube] ?? 0) : 0);
  } catch (error) {
    if (error instanceof BenchError) throw new HttpProblem('bad-input', error.message);
    throw error;
  }
}

/** The best tests for which there is sample enough; so there must be for what is done while one waits. */
function withinSample(next: readonly AdviceView[], mg: number): AdviceView[] {
  const enough = next.filter((a) => a.sample_mg <= mg);
  const possible = new Set(enough.map((a) => a.test));
  return enough
    .slice(0, ADVISED)
    .map(({ meanwhile, ...a }) => (meanwhile !== undefined && possible.has(meanwhile) ? { ...a, meanwhile } : a));
}

/**
 * What the record of a case proves, and the best tests for which the sample does. With the rule that one's own inference comes
 * first, nothing until every entry has one.
 */
export async function reasoning(db: Db, person: Person, id: string, reasoner: Reasoner, effort: Effort): Promise<ReasoningView> {
  const row = await open(db, person, id, 'read-case');
  const { state, seq } = await fold(db, row);
  const rules = await rulesOf(db, person.id);
  const entries = state.entries.filter((e) => !e.struck);
  const waiting = rules.ownFirst ? entries.filter((e) => !e.inference).map((e) => e.number) : [];
  if (waiting.length) return { waiting };
  const question = {
    entries: entries.map(({ number, test, observed, confidence }) => ({ number, test, observed, confidence })),
    rules,
    simulated: !state.real,
    matter: matterOf(state),
    own: matterOf(state) === 'compound' ? await ownCompounds(db, person.id) : [],
    effort,
  };
  try {
    const found = await reasoner.ask(id, question);
    return { waiting: null, ...found, next: withinSample(found.next, state.bench.left * 1000) };
  } catch (error) {
    if (error instanceof Superseded)
      throw new HttpProblem('stale', 'The record has moved on; ask again for what it says now.', { seq });
    throw error;
  }
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
  return viewOf(row, folded, await rulesOf(db, person.id));
}
