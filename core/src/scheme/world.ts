/** A sample and all that a scheme would show of it: each test run in the simulator, after what must come before it. */
import { type Bench, openBench, perform, type Step } from '../bench/bench';
import { BenchError } from '../bench/error';
import { definitionOf, type Op, placesIn } from '../bench/ops';
import { NotConverged } from '../equilibrium/solver';
import type { SampleSpec } from '../bench/sample';
import type { Vessel } from '../bench/vessel';
import { distinct, type Equation } from '../reactions/equations';
import { observe } from '../senses/perceive';
import type { Observation } from '../vocabulary/observation';
import { account, type Showed, shownBySteps } from './account';
import { type Circumstance, CIRCUMSTANCES } from './data/circumstances';
import type { Scheme, StandardTest } from './model';
import { isUnnamed, testOf } from './procedure';
import type { HouseRules } from './rules';
import { startsAnew } from './layout';
import { calls, isFresh, onVessels, startsOf, stepsOf, testById, testsOf } from './tests';

export interface Result {
  readonly see: readonly Observation[];
  /** Shared tubes as the test leaves them, by place. */
  readonly vessels: Readonly<Record<string, Vessel>>;
  readonly minutes: number;
  /** Grams of the sample that it used. */
  readonly grams: number;
  /** Why it could not be finished on this sample. */
  readonly stopped?: string;
}

export class World {
  private readonly start: Bench;
  private readonly results = new Map<string, Result>();
  private readonly tests: readonly StandardTest[];
  private readonly order: ReadonlyMap<string, number>;

  /** @throws BenchError for a sample that cannot be. */
  constructor(
    spec: SampleSpec,
    readonly scheme: Scheme,
    readonly rules: HouseRules,
    private readonly circumstance: Circumstance = CIRCUMSTANCES[0]!,
  ) {
    const bench = openBench(spec);
    this.start = { ...bench, left: Math.max(bench.left, 1e3) };
    this.tests = testsOf(scheme);
    this.order = new Map(this.tests.map((t, i) => [t.id, i]));
  }

  /** Is the test worth doing on this sample, going by what those before it showed? */
  applies(test: StandardTest): boolean {
    const { when } = test;
    if (!when) return true;
    return when.tests.some((id) => {
      const other = testById.get(id)!;
      return this.order.has(id) && this.applies(other) && calls(this.result(id).see, when);
    });
  }

  private maker(place: string, before: number): StandardTest | undefined {
    return this.tests.findLast((t, i) => i < before && t.makes?.includes(place) && this.applies(t));
  }

  /** What the test shows on this sample. @throws Error for a test that the school does not have. */
  result(id: string): Result {
    const known = this.results.get(id);
    if (known) return known;
    const out = this.run(this.testOf(id));
    this.results.set(id, out);
    return out;
  }

  /** Net ionic equations of what the test's own steps set going, in order, each once. @throws Error as `result`. */
  equations(id: string): Equation[] {
    const found: Equation[] = [];
    this.run(this.testOf(id), ({ equations }) => found.push(...(equations?.() ?? [])));
    return distinct(found);
  }

  private testOf(id: string): StandardTest {
    const test = this.order.has(id) || isUnnamed(id) ? testOf(id) : undefined;
    if (!test) throw new Error(`${id} is no test of the scheme ${this.scheme}`);
    return test;
  }

  private run(test: StandardTest, tell: (step: Step) => void = () => undefined): Result {
    // What has no name may start from whatever the scheme makes.
    const at = this.order.get(test.id) ?? this.tests.length;
    const steps = stepsOf(test, this.rules);
    const starts = startsOf(test, this.scheme);
    const start = starts.find((p) => this.maker(p, at)) ?? starts.at(-1);
    const names: Record<string, string> = start ? { '@': start } : {};
    const todo = steps.map(({ op, bySight, prepares }) => ({
      op: under(bySight ? CIRCUMSTANCES[0]! : this.circumstance, onVessels(op, names)),
      ...(prepares && { prepares }),
    }));
    const ops = todo.map(({ op }) => op);
    const vessels: Record<string, Vessel> = {};
    const creates = new Set(test.makes ?? []);
    for (const place of new Set(ops.flatMap(placesIn))) {
      if (isFresh(place)) continue;
      const made = this.maker(place, at);
      if (made && !(creates.has(place) && startsAnew(ops, place))) {
        const before = this.result(made.id);
        const vessel = before.vessels[place];
        if (vessel) vessels[place] = vessel;
        // What could not be made cannot be tested, and shows neither yes nor no.
        else if (before.stopped !== undefined) return { see: [], vessels: {}, minutes: 0, grams: 0, stopped: before.stopped };
      }
    }
    let bench: Bench = { ...this.start, vessels };
    const showed: Showed[] = [];
    let stopped: string | undefined;
    for (const step of todo) {
      const op = asMuchAsThereIs(step.op, bench);
      try {
        const done = perform(bench, op);
        bench = done.bench;
        tell(done);
        showed.push({ ...step, see: 'control' in op ? [] : observe(done.happened) });
      } catch (error) {
        // What the solver cannot work out is left as it was, like a step that cannot be done.
        if (!(error instanceof BenchError || error instanceof NotConverged)) throw error;
        // What cannot be done is left out, and told.
        stopped ??= error.message;
      }
    }
    const shared = Object.fromEntries(Object.entries(bench.vessels).filter(([id]) => !isFresh(id)));
    return {
      see: account(shownBySteps(showed), test.watch),
      vessels: shared,
      minutes: bench.minutes,
      grams: this.start.left - bench.left,
      ...(stopped !== undefined && { stopped }),
    };
  }
}

/** Of a tube that holds less than a portion all is taken. */
function asMuchAsThereIs(op: Op, { vessels }: Bench): Op {
  const held = op.op === 'take' ? (vessels[op.from]?.mL ?? 0) : 0;
  return op.op === 'take' && held > 0 && held < op.mL ? { ...op, mL: held } : op;
}

/** A step as it is done where amounts and patience differ. */
const under = (circumstance: Circumstance, op: Op): Op => definitionOf(op).varied?.(op, circumstance) ?? op;
