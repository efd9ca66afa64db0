/** The reasoning about a case: what is asked of its record, and what of the answer is said. */
import type { RecordEntry } from '#core/reasoning/entries';
import { leftOf } from '#core/record/case';
import type { AdviceView, Effort, Person, ReasoningView } from '#contract';
import type { CaseDocument } from '../cases/documents';
import { findSet } from '../classes/store';
import { ownCompounds } from '../compounds/store';
import type { Db } from '../db/pool';
import { procedureIn } from '#core/record/procedure';
import { FREE_WORK } from '#core/scheme/tests';
import { HttpProblem } from '../http/problem';
import { type Reasoner, Superseded } from './reasoner';

/** Tests that are advised at a time. */
const ADVISED = 5;

/** The best tests for which there is sample enough; so there must be for what is done while one waits. */
function withinSample(next: readonly AdviceView[], mg: number): AdviceView[] {
  const enough = next.filter((a) => a.sample_mg <= mg);
  const possible = new Set(enough.map((a) => a.test));
  return enough
    .slice(0, ADVISED)
    .map(({ meanwhile, ...a }) => (meanwhile !== undefined && possible.has(meanwhile) ? { ...a, meanwhile } : a));
}

export class CaseReasoning {
  constructor(
    private readonly db: Db,
    private readonly reasoner: Reasoner,
  ) {}

  /**
   * What the record of a case proves, and the best tests for which the sample does. With the rule that one's own inference
   * comes first, nothing until every entry has one.
   * @throws HttpProblem `stale` when the record has moved on meanwhile.
   */
  async of(person: Person, { id, owner, set, state }: CaseDocument, effort: Effort): Promise<ReasoningView> {
    if (set !== null && person.id === owner && !(await findSet(this.db, set))!.terms.reasoning)
      throw new HttpProblem(
        'forbidden',
        'In this work you reason yourself: Foxing’s own reasoning was not allowed when it was set.',
      );
    const { rules, subject } = state;
    const entries = state.entries.filter((e) => !e.struck);
    const waiting = rules.ownFirst ? entries.filter((e) => !e.inference && !e.infers?.length).map((e) => e.number) : [];
    if (waiting.length) return { waiting };
    const question = {
      entries: entries.flatMap((entry): RecordEntry[] => {
        const { number, test, observed, blank, confidence } = entry;
        const did = test === FREE_WORK ? procedureIn(state, entry.working.operations) : null;
        const about = { number, test, ...(did && { did }) };
        return [{ ...about, observed, confidence }, ...(blank ? [{ ...about, observed: blank, control: 'blank' as const }] : [])];
      }),
      rules,
      simulated: subject.kind === 'simulated',
      matter: subject.matter,
      own: subject.matter === 'compound' ? await ownCompounds(this.db, person.id) : [],
      effort,
    };
    try {
      const found = await this.reasoner.ask(id, question);
      return { waiting: null, ...found, next: withinSample(found.next, leftOf(state) * 1000) };
    } catch (error) {
      if (error instanceof Superseded)
        throw new HttpProblem('stale', 'The record has moved on; ask again for what it says now.', { seq: state.seq });
      throw error;
    }
  }
}
