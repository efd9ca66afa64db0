/** What a set forbids when it strikes out tests: their means, under whatever name an operation is done. */
import { definitionOf, type Op, reagentsIn } from '../bench/ops';
import { REAGENTS } from '../matter/data/reagents';
import type { StandardTest } from './model';
import { reagentRestriction } from './needs';
import type { HouseRules } from './rules';
import { stepsOf, TESTS } from './tests';

/** A bottle that holds something, or a way of heating or holding to, by which an operation could show something of the sample. */
export interface Means {
  readonly id: string;
  readonly name: string;
  /** The reagent, if it is a bottle. */
  readonly reagent?: string;
}

/** A bottle that is not on the shelf is for the bench to refuse. */
function bottle(reagent: string): Means[] {
  const row = REAGENTS.find((r) => r.id === reagent);
  const isPlainWater = row?.solution && !Object.keys(row.solution).length;
  return !row || isPlainWater ? [] : [{ id: `bottle ${reagent}`, name: row.name, reagent }];
}

/** What an operation needs beside glass, water and a burner. */
export function meansOf(op: Op): Means[] {
  const apparatus = definitionOf(op).apparatus?.(op);
  return [...reagentsIn(op).flatMap(bottle), ...(apparatus ? [apparatus] : [])];
}

/** All that a test may need, whichever way a house does it. */
const everyWay = (test: StandardTest): Means[] =>
  test.steps.flatMap((s) => ('question' in s ? Object.values(s.of).flat() : [s])).flatMap((s) => meansOf(s.op));

/** The means of the tests that are left out and of none that is allowed, by id. */
export function forbiddenMeans(rules: HouseRules): ReadonlySet<string> {
  const isOut = (t: StandardTest) => rules.restrictedTests.includes(t.id);
  const allowed = new Set(
    TESTS.filter((t) => !isOut(t))
      .flatMap((t) => stepsOf(t, rules).flatMap((s) => meansOf(s.op)))
      .map((m) => m.id),
  );
  const out = TESTS.filter(isOut)
    .flatMap(everyWay)
    .map((m) => m.id);
  return new Set(out.filter((id) => !allowed.has(id)));
}

/** Why the rules with which work was set forbid an operation; null where they do not. `simulated` samples may use what is for simulation only. */
export function whyForbidden(op: Op, rules: HouseRules, simulated: boolean): string | null {
  const forbidden = forbiddenMeans(rules);
  for (const { id, name, reagent } of meansOf(op)) {
    if (forbidden.has(id))
      return `${name} belongs to tests that are not allowed in this work, and may not be used in another; do without it`;
    const restricted = reagent === undefined ? null : reagentRestriction(reagent, rules, simulated);
    if (restricted) return `${restricted.reason}${restricted.substitute ? `; take ${restricted.substitute}` : ''}`;
  }
  return null;
}
