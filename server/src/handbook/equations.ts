/** Net ionic equations by which tests show their suspects, worked out in the simulator. */
import { reportOf, type CaseState } from '#core/record/case';
import type { EquationOf } from '#core/record/result';
import type { EquationsFor } from '#core/report/report';
import { schemeOf, testById } from '#core/scheme/tests';
import type { EquationsView } from '#contract';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';
import { type InScheme, Kept } from './kept';

/** Suspect by suspect, each in the simulator. */
const SECONDS = 60;

export class Equations {
  private readonly kept = new Kept<EquationsView[]>();

  constructor(private readonly thought: Crew<ThoughtTasks>) {}

  of(wanted: InScheme): Promise<EquationsView[]> {
    return this.kept.of(wanted, () => this.thought.run('equations', wanted, { seconds: SECONDS }));
  }

  /** Those of what a signed report claims, by the tests that it names as evidence; what cannot be had is left out. */
  async ofReport(state: CaseState): Promise<EquationsFor> {
    const named = new Set(reportOf(state)?.found.flatMap((f) => f.evidence.map((n) => state.entries[n - 1]!.test)));
    const found = new Map<string, readonly EquationsView[]>();
    for (const id of named) {
      const test = testById.get(id);
      if (test) found.set(id, await this.of({ test: id, scheme: schemeOf(test, state.rules) }).catch(() => []));
    }
    return (test, suspect) => (found.get(test) ?? []).filter((e) => e.suspect === suspect).flatMap((e) => e.equations.map(plain));
  }
}

type Side = EquationsView['equations'][number]['left'];
const side = (parts: Side) => parts.map(({ count, formula }): [number, string] => [count, formula]);
const plain = ({ left, right }: EquationsView['equations'][number]): EquationOf => ({ left: side(left), right: side(right) });
