/** What if: the bench branched at an operation, so that another way of doing it stands beside one's own. The case stays as it is. */
import { BenchError } from '../bench/error';
import { type Op, vesselsIn } from '../bench/ops';
import type { SampleSpec } from '../bench/sample';
import type { CaseState, DoneOperation } from '../record/case';
import type { OperationResult } from '../record/result';
import { beginWorking, carryOut, type Working } from '../record/working';
import { sayOp } from '../scheme/say';
import type { Drawing, Showing } from '../senses/drawn';
import { sayObservation } from '../senses/sentences';
import { showingOf } from '../senses/showing';
import type { Instead } from './technique';

/** What one operation did, as it is shown. */
export interface Scene {
  readonly say: string;
  readonly seen: readonly string[];
  readonly drawing: Drawing | null;
  readonly showing: Showing | null;
  /** Why it could not be done. */
  readonly refused?: string;
}

/** The two benches at one operation of the case: one's own, and what was done in its place. */
export interface BranchStep {
  readonly seq: number;
  readonly own: Scene;
  readonly other: readonly Scene[];
}

/** An operation of the case at which it can be branched. */
export interface BranchPoint {
  readonly seq: number;
  readonly test: string | null;
  readonly say: string;
  readonly op: Op;
}

const asIs = (id: string) => `tube ${id}`;

export const branchPoints = ({ operations }: CaseState): BranchPoint[] =>
  operations.map(({ seq, op, test }) => ({ seq, test: test ?? null, say: sayOp(op, asIs), op }));

const sceneOf = (op: Op, { see, vessel, vessels }: OperationResult): Scene => ({
  say: sayOp(op, asIs),
  seen: see.map(sayObservation),
  drawing: (vessel !== null && vessels[vessel]?.drawing) || null,
  showing: showingOf(op, see),
});

const refused = (op: Op, why: string): Scene => ({ say: sayOp(op, asIs), seen: [], drawing: null, showing: null, refused: why });

/** One operation on a bench; one that cannot be done leaves it as it was. */
function tried(working: Working, op: Op): { readonly working: Working; readonly scene: Scene } {
  try {
    const done = carryOut(working, op);
    return { working: done.working, scene: sceneOf(op, done.result) };
  } catch (error) {
    if (!(error instanceof BenchError)) throw error;
    return { working, scene: refused(op, error.message) };
  }
}

/** What follows from an operation: the rest of its working, or all that was done with what came of its tubes. */
function following(operations: readonly DoneOperation[], start: DoneOperation, changed: ReadonlySet<number>): DoneOperation[] {
  const touched = new Set(vesselsIn(start.op));
  return operations.filter((o) => {
    if (o.seq <= start.seq) return false;
    const own = vesselsIn(o.op);
    if (!changed.has(o.seq) && (start.run ? o.run?.id !== start.run.id : !own.some((v) => touched.has(v)))) return false;
    for (const v of own) touched.add(v);
    return true;
  });
}

/**
 * Works the case again up to the first changed operation, and from there both as it was done and otherwise.
 * @param instead what is done in the place of operations of the case.
 * @throws BenchError when the case has no such operation.
 */
export function branch(sample: SampleSpec, { operations }: CaseState, instead: Instead): BranchStep[] {
  const changed = new Set(Object.keys(instead).map(Number));
  const start = operations.find((o) => changed.has(o.seq));
  if (!start) throw new BenchError('instead: this case has no such operation; choose one of its operations');
  const before = operations.filter((o) => o.seq < start.seq && o.result);
  let working = before.reduce((w, { op }) => tried(w, op).working, beginWorking({ sample }));
  return [start, ...following(operations, start, changed)].map(({ seq, op, result }): BranchStep => {
    const other = (instead[seq] ?? [op]).map((o) => {
      const done = tried(working, o);
      working = done.working;
      return done.scene;
    });
    return { seq, own: result ? sceneOf(op, result) : refused(op, 'It was not worked out.'), other };
  });
}
