/** Bench scripts: a sample and the steps to be done on it. */
import * as z from 'zod';
import { equationText } from '../reactions/equations';
import { openBench, perform } from '../bench/bench';
import { opSchema } from '../bench/ops';
import { BenchError } from '../bench/error';
import { sampleSchema } from '../bench/sample';
import type { Vessel } from '../bench/vessel';
import type { Observation } from '../vocabulary/observation';
import { sayUnknownKeys, strictly } from '../vocabulary/strict';
import { fusionRemarks, warningsFor } from './cautions';
import { observe } from './perceive';

export const scriptSchema = strictly({
  title: z.string().optional(),
  sample: sampleSchema,
  steps: z.array(z.unknown()).max(2000),
  expect: z.unknown().optional(),
});

export interface ScriptStep {
  readonly step: number;
  readonly op: unknown;
  readonly see: readonly Observation[];
  readonly vessel?: PrintedVessel;
  /** Net ionic equations as text, where something reacted. */
  readonly equations?: readonly string[];
}

export interface PrintedVessel {
  readonly id: string;
  readonly mL: number;
  readonly pH: number | null;
  readonly celsius: number;
  /** mol/L. */
  readonly aqueous: Readonly<Record<string, number>>;
  /** mol. */
  readonly solids: Readonly<Record<string, number>>;
  readonly layer?: Vessel['layer'];
}

/** A vessel as the command line prints it: the model's truth. */
export function printVessel(vessel: Vessel): PrintedVessel {
  const solids: Record<string, number> = { ...vessel.solids };
  for (const [id, mol] of Object.entries(vessel.amounts)) {
    if (id.endsWith('(s)') && mol > 1e-12) solids[id.slice(0, -3)] = (solids[id.slice(0, -3)] ?? 0) + mol;
  }
  for (const [id, mol] of Object.entries(solids)) if (mol < 1e-9) delete solids[id];
  return {
    id: vessel.id,
    mL: vessel.mL,
    pH: vessel.pH,
    celsius: Math.round(vessel.celsius * 10) / 10,
    aqueous: vessel.species,
    solids,
    ...(vessel.layer && { layer: vessel.layer }),
  };
}

/** What is wrong; a field that is not known is the likeliest reason for one that is missing. */
const worst = (error: z.ZodError) => error.issues.find((i) => i.code === 'unrecognized_keys') ?? error.issues[0]!;

function firstIssue(error: z.ZodError, prefix: string): string {
  const issue = worst(error);
  const path = issue.path.map(String).join('.');
  return `${[prefix, path].filter(Boolean).join('.') || 'script'}: ${issue.message}`;
}

/** What is wrong with a step; of a field that its operation does not have, the likely one is named. */
function opIssue(error: z.ZodError, raw: unknown, prefix: string): string {
  const issue = worst(error);
  const fields = opSchema.options.find((o) => o.shape.op.value === (raw as { op?: unknown } | null)?.op)?.shape;
  return issue.code === 'unrecognized_keys' && fields
    ? `${prefix}: ${sayUnknownKeys(issue.keys, Object.keys(fields))}`
    : firstIssue(error, prefix);
}

/**
 * Runs a script on a fresh bench.
 * @throws BenchError naming the step and field that is wrong.
 */
export function runScript(raw: unknown): { steps: ScriptStep[]; warnings: readonly string[] } {
  const parsed = scriptSchema.safeParse(raw);
  if (!parsed.success) throw new BenchError(firstIssue(parsed.error, ''));
  let bench = openBench(parsed.data.sample);
  const steps: ScriptStep[] = [];
  const warnings = new Set<string>();
  parsed.data.steps.forEach((rawOp, i) => {
    const op = opSchema.safeParse(rawOp);
    if (!op.success) throw new BenchError(opIssue(op.error, rawOp, `steps[${i}]`));
    try {
      const done = perform(bench, op.data);
      bench = done.bench;
      const vessel = done.vessel === null ? undefined : bench.vessels[done.vessel];
      const see = observe(done.happened);
      for (const warning of [...warningsFor(op.data, see), ...(op.data.op === 'fuse' ? fusionRemarks(op.data, see) : [])])
        warnings.add(warning);
      const equations = done.equations?.() ?? [];
      steps.push({
        step: i + 1,
        op: op.data,
        see,
        ...(vessel && { vessel: printVessel(vessel) }),
        ...(equations.length > 0 && { equations: equations.map(equationText) }),
      });
    } catch (error) {
      if (error instanceof BenchError) throw new BenchError(`step ${i + 1} (${op.data.op}): ${error.message}`);
      throw error;
    }
  });
  return { steps, warnings: [...warnings] };
}
