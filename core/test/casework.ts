import type { SampleSpec } from '#core/bench/sample';
import type { Op } from '#core/bench/ops';
import { parseSalt } from '#core/matter/salts';
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import type { CaseEvent, ExaminerEvent, RecordedEvent } from '#core/record/events';
import { judge } from '#core/record/judge';
import { openedEvent, recorded } from '#core/record/recording';
import { beginWorking, type Subject, type Working } from '#core/record/working';
import { DEFAULT_RULES, type HouseRules } from '#core/scheme/rules';
import type { Observation } from '#core/vocabulary/observation';

const WHO = 'Ilse Varnholt';
/** A minute passes between two events. */
const at = (seq: number) => new Date(Date.UTC(2026, 2, 2, 9, seq)).toISOString();

/** A case that is worked on, and all events that stand in its record. */
export class CaseAtWork {
  state: CaseState;
  working: Working;
  readonly record: RecordedEvent[] = [];

  constructor(
    private readonly subject: Subject,
    rules: HouseRules = DEFAULT_RULES,
    readonly chemistry = 'today',
  ) {
    this.working = beginWorking(subject);
    const opened = openedEvent(this.working, { name: 'Jar 1', look: 'a powder' }, rules, chemistry);
    this.record.push(opened);
    this.state = openCase(opened, this.stamp());
  }

  private stamp = () => ({ seq: this.record.length, at: at(this.record.length), who: WHO });

  private take(event: RecordedEvent): void {
    this.record.push(event);
    this.state = applyEvent(this.state, event, this.stamp());
  }

  do(...events: readonly CaseEvent[]): this {
    for (const asked of events) {
      const sample: SampleSpec | null = 'sample' in this.subject ? this.subject.sample : null;
      const { event, working } = recorded(this.state, this.working, asked, { chemistry: this.chemistry, sample });
      this.working = working;
      this.take(event);
    }
    return this;
  }

  work(...ops: readonly Op[]): this {
    return this.do(...ops.map((op): CaseEvent => ({ kind: 'operation', payload: { op } })));
  }

  examine(event: ExaminerEvent): this {
    this.take(judge(this.state, event));
    return this;
  }

  /** The record read again from its text, as a later program reads it. */
  reread(): CaseState {
    const [first, ...rest] = JSON.parse(JSON.stringify(this.record)) as [RecordedEvent, ...RecordedEvent[]];
    const stamp = (seq: number) => ({ seq, at: at(seq), who: WHO });
    return rest.reduce((state, event, i) => applyEvent(state, event, stamp(i + 2)), openCase(first, stamp(1)));
  }
}

export const salt = (formula: string, grams = 4): Subject => ({ sample: { salts: [{ formula, grams }] } });
export const entry = (test: string, ...observed: Observation[]): CaseEvent => ({ kind: 'entry', payload: { test, observed } });
/** The ions of a salt, as a conclusion names them. */
export const ionsOf = (formula: string): string[] => Object.keys(parseSalt(formula).ions);
