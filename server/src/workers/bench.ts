/** What needs the simulator or reads structures, done in a thread of its own. */
import { BenchError } from '#core/bench/error';
import type { Op } from '#core/bench/ops';
import type { SampleSpec } from '#core/bench/sample';
import { reckon, type Reckoning } from '#core/bench/reckon';
import { NotConverged } from '#core/equilibrium/solver';
import { TESTED_ELEMENTS } from '#core/organic/data/features';
import { drawStructure } from '#core/organic/draw';
import { StructureError } from '#core/organic/smiles';
import { branch, type BranchStep } from '#core/practice/branch';
import { type Debrief, debriefOf, truthOf } from '#core/practice/debrief';
import type { Instead } from '#core/practice/technique';
import { schemeOf } from '#core/practice/paper';
import type { Paper, PartScheme } from '#core/practice/paper-form';
import type { CaseState } from '#core/record/case';
import type { RecordedOf } from '#core/record/events';
import { openedEvent } from '#core/record/recording';
import type { Level } from '#core/reasoning/data/levels';
import { drawUnknown, looksLike } from '#core/reasoning/unknown';
import type { HouseRules } from '#core/scheme/rules';
import {
  beginWorking,
  carryOut,
  carryOutOn,
  fromSnapshot,
  type Snapshot,
  type SnapshotChange,
  type Subject,
  toSnapshot,
} from '#core/record/working';
import type { Done } from './crew';

function attempt<T>(work: () => T): Done<T> {
  try {
    return { value: work() };
  } catch (error) {
    if (error instanceof BenchError) return { refused: error.plain };
    if (error instanceof StructureError) return { refused: error.message };
    if (error instanceof NotConverged)
      return { refused: 'Foxing could not work out this mixture; nothing was changed. Add less at a time.' };
    throw error;
  }
}

export interface Tube {
  readonly snapshot: Snapshot;
  readonly tube: string;
  readonly reagent: string;
}

export interface NewBench {
  readonly subject: Subject;
  readonly label: { readonly name: string; readonly look: string; readonly sealed?: string };
  readonly rules: HouseRules;
  readonly chemistry: string;
}

function reckoned({ snapshot, tube, reagent }: Tube): Reckoning {
  const { added, shares } = fromSnapshot(snapshot);
  const vessel = added.vessels[tube];
  if (!vessel) throw new BenchError(`tube: there is no tube "${tube}" in this case`);
  return reckon(vessel, reagent, added.sample.kind === 'solid' ? (shares[tube] ?? 0) : 0);
}

/** What was washed out of a mixture, as the sample of another case. */
function portionIn({ snapshot, id }: { readonly snapshot: Snapshot; readonly id: string }): SampleSpec {
  const portion = fromSnapshot(snapshot).bench.portions?.[id];
  if (!portion?.sample.parts) throw new BenchError(`portion: there is no portion "${id}" in this case`);
  if (portion.left <= 0) throw new BenchError(`portion: nothing was washed out into portion ${id}`);
  const { parts, grams: whole } = portion.sample;
  const [first, ...more] = parts.map(({ smiles, grams }) => ({ smiles, grams: (grams * portion.left) / whole }));
  return more.length ? { compounds: [first!, ...more] } : first!;
}

export const tasks = {
  /** A fresh bench, and the event that opens its case. */
  begin: ({ subject, label, rules, chemistry }: NewBench): Done<{ rest: string; event: RecordedOf<'opened'> }> =>
    attempt(() => {
      const working = beginWorking(subject);
      return { rest: toSnapshot(working).rest, event: openedEvent(working, label, rules, chemistry) };
    }),
  /** The bench of a real sample as the operations left it: only what was added is counted. */
  replayReal: ({ ops, ...real }: { grams: number; matter: 'salt' | 'compound'; ops: readonly Op[] }): Done<Snapshot> =>
    attempt(() => toSnapshot(ops.reduce((working, op) => carryOut(working, op).working, beginWorking({ real })))),
  debrief: ({ state, sample }: { state: CaseState; sample: SampleSpec }): Done<Debrief> =>
    attempt(() => debriefOf(state, truthOf(sample), TESTED_ELEMENTS)),
  branch: ({ state, sample, instead }: { state: CaseState; sample: SampleSpec; instead: Instead }): Done<BranchStep[]> =>
    attempt(() => branch(sample, state, instead)),
  paperScheme: (paper: Paper): Done<PartScheme[]> => attempt(() => schemeOf(paper)),
  portion: (asked: Parameters<typeof portionIn>[0]): Done<SampleSpec> => attempt(() => portionIn(asked)),
  drawUnknown: (level: Level): Done<SampleSpec> => attempt(() => drawUnknown(level, Math.random)),
  looksLike: (sample: SampleSpec): Done<string> => attempt(() => looksLike(sample)),
  carryOut: ({ snapshot, op }: { snapshot: Snapshot; op: Op }): Done<SnapshotChange> => attempt(() => carryOutOn(snapshot, op)),
  reckon: (asked: Tube): Done<Reckoning> => attempt(() => reckoned(asked)),
  drawStructure: (smiles: string): Done<string> => attempt(() => drawStructure(smiles)),
};

export type BenchTasks = typeof tasks;
