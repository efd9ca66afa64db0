/** What is said of a case to who may know what it is. */
import type { SampleSpec } from '#core/bench/sample';
import type { BranchStep } from '#core/practice/branch';
import type { Debrief } from '#core/practice/debrief';
import type { Paper, PartScheme } from '#core/practice/paper-form';
import type { CaseState } from '#core/record/case';
import type { BranchRequest, Person } from '#contract';
import { must } from '../access/access';
import type { Queryable } from '../db/pool';
import { HttpProblem } from '../http/problem';
import type { BenchTasks } from '../workers/bench';
import type { Crew } from '../workers/crew';
import type { Cases } from './cases';
import { findHead } from './store';

/** A case with what is in its jar. */
export interface KnownCase {
  readonly state: CaseState;
  readonly sample: SampleSpec;
}

const SECONDS = 20;
const TOO_LONG = 'This takes too long to work out; nothing was changed. Ask for fewer steps, or for smaller amounts.';

export class Debriefs {
  constructor(
    private readonly db: Queryable,
    private readonly cases: Cases,
    private readonly bench: Crew<BenchTasks>,
  ) {}

  /** @throws HttpProblem when its identity was not shown yet, or there is none to show. */
  async openedUp(person: Person, id: string): Promise<KnownCase> {
    const { state } = await this.cases.read(person, id);
    const head = await findHead(this.db, id);
    if (state.status !== 'opened-up' || !head?.sample)
      throw new HttpProblem(
        'bad-input',
        'A simulated case has a debrief once its answer is revealed: sign the report, then reveal the answer.',
      );
    return { state, sample: head.sample };
  }

  /** For its examiner, at any time. */
  async examined(person: Person, id: string): Promise<KnownCase & { readonly set: string | null }> {
    const document = await this.cases.read(person, id);
    must(person, { do: 'examine-case', of: document });
    return { state: document.state, sample: (await findHead(this.db, id))!.sample!, set: document.set };
  }

  /** What was shown against what was written, claims, technique. */
  of(known: KnownCase): Promise<Debrief> {
    return this.bench.run('debrief', known, { seconds: SECONDS });
  }

  /** What would have been, had operations been done otherwise; the case stays as it is. */
  branch(known: KnownCase, { instead }: BranchRequest): Promise<BranchStep[]> {
    const bySeq = Object.fromEntries(instead.map(({ seq, ops }) => [seq, ops]));
    return this.bench.run('branch', { ...known, instead: bySeq }, { seconds: SECONDS, tooLong: TOO_LONG });
  }

  /** What each part of a paper shows, and what it is worth. */
  schemeOf(paper: Paper): Promise<PartScheme[]> {
    return this.bench.run('paperScheme', paper, { seconds: SECONDS, tooLong: TOO_LONG });
  }
}
