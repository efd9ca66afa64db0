/** What a test takes: bottles, sample, waste, cautions, and what it makes of the house's restrictions. */
import { reagentById } from '../bench/contents';
import { definitionOf, reagentsIn } from '../bench/ops';
import { HANDLING, UNKNOWN } from './data/handling';
import { SUBSTITUTES } from './data/substitutes';
import type { DoStep, StandardTest } from './model';
import type { HouseRules } from './rules';
import { stepsOf } from './tests';

/** Bottles by the steps that open them. */
const bottles = new WeakMap<readonly DoStep[], readonly string[]>();

/** Ids of the bottles, in the order in which they are opened. */
export function reagentsOf(test: StandardTest, rules: HouseRules): readonly string[] {
  const steps = stepsOf(test, rules);
  let opened = bottles.get(steps);
  if (!opened) bottles.set(steps, (opened = [...new Set(steps.flatMap((s) => reagentsIn(s.op)))]));
  return opened;
}

/** Grams of dry sample that the test takes. */
export function gramsOf(test: StandardTest, rules: HouseRules): number {
  return stepsOf(test, rules).reduce((sum, { op }) => sum + (definitionOf(op).grams?.(op) ?? 0), 0);
}

/** mL of a shared tube that the test takes. */
export function takenFrom(test: StandardTest, rules: HouseRules): Record<string, number> {
  const out: Record<string, number> = {};
  for (const { op } of stepsOf(test, rules)) if (op.op === 'take') out[op.from] = (out[op.from] ?? 0) + op.mL;
  return out;
}

/** The caution of the test itself and those on its bottles, each once: what is particular to it. */
export function ownCautionsOf(test: StandardTest, rules: HouseRules): string[] {
  const bottles = reagentsOf(test, rules).map((id) => reagentById(id));
  const own = test.caution ? [test.caution] : [];
  return [...new Set([...own, ...bottles.filter((r) => r.caution).map((r) => `${r.name}: ${r.caution}`)])];
}

/** All that is to be minded in a test, what is particular to it first. Every test has something. */
export function cautionsOf(test: StandardTest, rules: HouseRules): string[] {
  const handling = stepsOf(test, rules).flatMap(({ op }) => HANDLING[op.op] ?? []);
  const all = [...new Set([...ownCautionsOf(test, rules), ...(test.care ? [test.care] : []), ...handling])];
  return all.length ? all : [UNKNOWN];
}

/** Does the test, or a bottle that it needs, bring a real danger? */
export const isDangerous = (test: StandardTest, rules: HouseRules): boolean =>
  test.hazard === 'high' || reagentsOf(test, rules).some((id) => reagentById(id).hazard === 'high');

/** Where the tubes go afterwards; an unknown counts as a heavy metal until it is known. */
export function wasteOf(test: StandardTest, rules: HouseRules): string {
  const streams = new Set(reagentsOf(test, rules).flatMap((id) => reagentById(id).waste ?? []));
  return [...streams].join('; ') || 'heavy-metal waste, until you know that there is none';
}

export interface Restricted {
  readonly reason: string;
  readonly substitute?: string;
}

/** Why this house does not do the test, if so. `simulated` samples may use what is for simulation only. */
export function restriction(test: StandardTest, rules: HouseRules, simulated: boolean): Restricted | null {
  if (rules.restrictedTests.includes(test.id)) return { reason: 'your house rules leave this test out' };
  for (const id of reagentsOf(test, rules)) {
    const found = reagentRestriction(id, rules, simulated);
    if (found) return found;
  }
  return null;
}

export function reagentRestriction(id: string, rules: HouseRules, simulated: boolean): Restricted | null {
  const reagent = reagentById(id);
  const substitute = SUBSTITUTES[id];
  const offer = substitute ? { substitute } : {};
  if (rules.restrictedReagents.includes(id)) return { reason: `${reagent.name} is restricted by your house rules`, ...offer };
  if (reagent.restricted && !simulated) return { reason: `${reagent.name}: ${reagent.restricted}`, ...offer };
  return null;
}
