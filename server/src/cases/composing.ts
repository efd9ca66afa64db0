/** Cases made ready in memory, with what was done in them before anybody comes: nothing is kept until they are written. */
import { randomBytes, randomUUID } from 'node:crypto';
import type { Op } from '#core/bench/ops';
import { vesselsIn } from '#core/bench/ops';
import type { SampleSpec } from '#core/bench/sample';
import { applyEvent, openCase } from '#core/record/case';
import { digestOf } from '#core/record/view';
import { onlyWith, type Snapshot, type Subject } from '#core/record/working';
import type { HouseRules } from '#core/scheme/rules';
import type { Person } from '#contract';
import type { Queryable } from '../db/pool';
import type { BenchTasks } from '../workers/bench';
import type { Crew } from '../workers/crew';
import { canonical, link, sha256 } from './chain';
import { afterChange, type CaseDocument } from './documents';
import { judgedOrProblem } from './judged';
import { type Appended, appendEvent, insertCase, type NewCaseRow } from './store';

const BEGINNING_SECONDS = 60;
const OPERATION_SECONDS = 20;

export interface Order {
  readonly owner: Person;
  readonly name: string;
  readonly look: string;
  readonly subject: Subject;
  readonly rules: HouseRules;
  /** Of which work it is. */
  readonly set: string | null;
  readonly instructor: string | null;
  /** What is in it, where that is known beside the subject. */
  readonly sample?: SampleSpec;
  readonly fromJar?: boolean;
}

export interface Composed {
  readonly document: CaseDocument;
  readonly row: NewCaseRow;
  readonly appended: readonly Appended[];
  readonly snapshot: Snapshot;
}

export class Composer {
  /** @param chemistry version of the simulator, kept with all that it works out. */
  constructor(
    private readonly bench: Crew<BenchTasks>,
    private readonly chemistry: string,
  ) {}

  /** A case that is begun. */
  async begin({ owner, name, look, subject, rules, set, instructor, sample: known, fromJar = false }: Order): Promise<Composed> {
    const id = randomUUID();
    const createdAt = new Date();
    const sample: SampleSpec | null = known ?? ('sample' in subject ? subject.sample : null);
    const salt = sample && randomBytes(16).toString('hex');
    const sealed = sample === null ? {} : { sealed: sha256(`${salt} ${canonical(sample)}`) };
    const label = { name, look, ...sealed };
    const { rest, event } = await this.bench.run(
      'begin',
      { subject, label, rules, chemistry: this.chemistry },
      { seconds: BEGINNING_SECONDS },
    );
    const who = { id: owner.id, name: owner.name };
    const first = link({ case: id, seq: 1, id: randomUUID(), at: createdAt.toISOString(), who, previous: '', event });
    const state = openCase(event, { seq: 1, at: first.body.at, who: owner.name });
    const row = { id, owner: owner.id, sample, salt, first, digest: digestOf(state), bench: rest, createdAt, set, fromJar };
    const document = { id, owner: owner.id, createdAt, hash: first.hash, takenIn: null, set, instructor, state };
    return { document, row, appended: [], snapshot: { rest, vessels: {} } };
  }

  /** The same after an operation of somebody. */
  async operated(composed: Composed, by: Person, op: Op): Promise<Composed> {
    const { document, snapshot: before } = composed;
    const judged = judgedOrProblem(document.state, { kind: 'operation' as const, payload: { op } });
    const work = { snapshot: onlyWith(before, vesselsIn(op)), op };
    const change = await this.bench.run('carryOut', work, { seconds: OPERATION_SECONDS });
    const simulated = document.state.subject.kind === 'simulated';
    const event = { ...judged, result: { ...change.result, ...(simulated && { chemistry: this.chemistry }) } };
    const seq = document.state.seq + 1;
    const at = new Date().toISOString();
    const who = { id: by.id, name: by.name };
    const linked = link({ case: document.id, seq, id: randomUUID(), at, who, previous: document.hash, event });
    const state = applyEvent(document.state, event, { seq, at, who: by.name });
    return {
      ...composed,
      document: { ...document, state, hash: linked.hash },
      appended: [...composed.appended, { event: linked, digest: digestOf(state), bench: change }],
      snapshot: afterChange({ before, change }),
    };
  }
}

/** Writes a case as it was composed. @param db in a transaction, where more than its beginning is written. */
export async function writeComposed(db: Queryable, { row, appended }: Composed): Promise<void> {
  await insertCase(db, row);
  for (const event of appended) await appendEvent(db, event);
}
