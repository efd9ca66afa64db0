/** Cases from before results were kept are replayed once: every operation is done again, and what came of it is written down. */
import { randomBytes } from 'node:crypto';
import * as z from 'zod';
import { chemistryVersion } from '#atlas';
import { BenchError } from '#core/bench/error';
import type { SampleSpec } from '#core/bench/sample';
import { NotConverged } from '#core/equilibrium/solver';
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import { caseEventSchema, type RecordedEvent } from '#core/record/events';
import { openedEvent, recorded } from '#core/record/recording';
import { beginWorking, type Subject, toSnapshot, type Working } from '#core/record/working';
import { DEFAULT_RULES, type HouseRules, houseRulesSchema } from '#core/scheme/rules';
import { canonical, link, type LinkedEvent, sha256 } from '../cases/chain';
import { insertWhole } from '../cases/whole';
import { wordsOf } from '../cases/words';
import { type Db, transaction, type Queryable } from './pool';

interface OldCase {
  readonly id: string;
  readonly owner: string;
  readonly owner_name: string;
  readonly created_at: Date;
  readonly name: string;
  readonly look: string;
  readonly real: { readonly grams: number; readonly matter?: 'salt' | 'compound' } | null;
  readonly sample: SampleSpec | null;
  readonly rules: unknown;
}

interface OldEvent {
  readonly id: string;
  readonly event: unknown;
  readonly who: string;
  readonly who_name: string;
  readonly at: Date;
}

const OLD_CASES = `select c.id, c.owner, p.name as owner_name, c.created_at, c.real,
    coalesce(j.name, c.real->>'name', c.structure->>'name') as name,
    coalesce(j.look, c.real->>'look', 'set by its structure') as look,
    coalesce(j.sample, c.structure->'sample') as sample, r.rules
  from case_before c join person p on p.id = c.owner left join jar j on j.id = c.jar left join house_rules r on r.person = c.owner
  where not exists (select from "case" n where n.id = c.id) order by c.created_at`;

const OLD_EVENTS = `select e.id, e.event, e.who, p.name as who_name, e.at
  from case_event_before e join person p on p.id = e.who where e.case_id = $1 order by e.seq`;

/** A chain that is being written. */
class Chain {
  readonly links: LinkedEvent[] = [];
  state!: CaseState;

  constructor(private readonly id: string) {}

  add(event: RecordedEvent, id: string, at: Date, who: { id: string; name: string }): void {
    const seq = this.links.length + 1;
    const previous = this.links.at(-1)?.hash ?? '';
    const linked = link({ case: this.id, seq, id, at: at.toISOString(), who, previous, event });
    this.links.push(linked);
    const stamp = { seq, at: linked.body.at, who: who.name };
    this.state = seq === 1 ? openCase(event, stamp) : applyEvent(this.state, event, stamp);
  }
}

const oldEvent = z.object({ kind: z.string(), payload: z.unknown() });

/** What an old event is today. @throws BenchError when today's rules refuse it. */
function replayed(state: CaseState, working: Working, old: unknown, chemistry: string) {
  const parsed = caseEventSchema.safeParse(old);
  if (!parsed.success)
    throw new BenchError(`${oldEvent.safeParse(old).data?.kind ?? 'an event'} of a kind that is no longer read`);
  // A signed report was not the end of the work then: it is taken as taken back.
  return recorded(state.status === 'signed' ? { ...state, status: 'open' } : state, working, parsed.data, {
    chemistry,
    sample: null,
  });
}

const rulesOf = (rules: unknown): HouseRules => houseRulesSchema.safeParse(rules).data ?? DEFAULT_RULES;

/** @returns why it could not be replayed to the end, or null. */
async function replayCase(tx: Queryable, old: OldCase, chemistry: string): Promise<string | null> {
  const subject: Subject = old.sample
    ? { sample: old.sample }
    : { real: { grams: old.real!.grams, matter: old.real!.matter ?? 'salt' } };
  let working = beginWorking(subject);
  const salt = old.sample && randomBytes(16).toString('hex');
  const chain = new Chain(old.id);
  const owner = { id: old.owner, name: old.owner_name };
  const sealed = old.sample ? { sealed: sha256(`${salt} ${canonical(old.sample)}`) } : {};
  const opened = openedEvent(working, { name: old.name, look: old.look, ...sealed }, rulesOf(old.rules), chemistry);
  chain.add(opened, crypto.randomUUID(), old.created_at, owner);
  let why: string | null = null;
  const events = (await tx.query<OldEvent>(OLD_EVENTS, [old.id])).rows;
  for (const [i, e] of events.entries()) {
    try {
      const next = replayed(chain.state, working, e.event, chemistry);
      if (chain.state.status === 'signed' && !next.event.kind.startsWith('timer'))
        chain.add({ kind: 'withdrawn', payload: { reason: 'work went on' } }, crypto.randomUUID(), e.at, owner);
      chain.add(next.event, e.id, e.at, { id: e.who, name: e.who_name });
      working = next.working;
    } catch (error) {
      if (!(error instanceof BenchError || error instanceof NotConverged)) throw error;
      why = `from its event ${i + 1} on it cannot be replayed (${error.message})`;
      chain.add({ kind: 'unreplayable', payload: { reason: why } }, crypto.randomUUID(), new Date(), owner);
      break;
    }
  }
  const { id, sample, created_at } = old;
  await insertWhole(tx, {
    id,
    owner: old.owner,
    sample,
    salt,
    links: chain.links,
    words: wordsOf(chain.links.map((l) => l.body)),
    state: chain.state,
    bench: toSnapshot(working),
    createdAt: created_at,
    takenIn: null,
  });
  return why;
}

/** Replays what is left of the old tables, a case a transaction, then drops them. */
export async function replayBefore(db: Db): Promise<{ replayed: number; unreplayable: string[] }> {
  const there = await db.query<{ there: string | null }>(`select to_regclass('case_before')::text as there`);
  if (there.rows[0]!.there === null) return { replayed: 0, unreplayable: [] };
  const chemistry = await chemistryVersion();
  const unreplayable: string[] = [];
  const cases = (await db.query<OldCase>(OLD_CASES)).rows;
  for (const old of cases) {
    const why = await transaction(db, (tx) => replayCase(tx, old, chemistry));
    if (why) unreplayable.push(`${old.name}: ${why}`);
  }
  await db.query('drop table case_event_before, case_before');
  return { replayed: cases.length, unreplayable };
}
