/** What of the sample is used, what the plan will take, and what is held back for confirmation. */
import { gramsOf } from '../scheme/needs';
import type { StandardTest } from '../scheme/model';
import type { HouseRules } from '../scheme/rules';

export interface Budget {
  /** Grams (of a solution, mL). */
  readonly of: number;
  readonly used: number;
  readonly planned: number;
  /** For one more confirmation, should the first fail. */
  readonly reserve: number;
  /** Of what is left when the plan is done; below nothing it does not suffice. */
  readonly rest: number;
  /** The first test that would eat into the reserve, and what may be left out to keep it. */
  readonly warning: { readonly before: string; readonly leaveOut: readonly string[] } | null;
}

interface Asked {
  readonly of: number;
  readonly left: number;
  readonly tests: readonly StandardTest[];
  readonly rules: HouseRules;
  /** Tests that are wanted for proof; they are never left out. */
  readonly proving: ReadonlySet<string>;
}

/** For a second try of the dearest proof; where none is needed yet, for one portion of solution. */
const ONE_PORTION_GRAMS = 0.2;

const rounded = (v: number) => Math.round(v * 1000) / 1000;

/** @param asked.tests in the order of the plan. */
export function budgetOf({ of, left, tests, rules, proving }: Asked): Budget {
  const cost = (t: StandardTest) => gramsOf(t, rules);
  const planned = tests.reduce((sum, t) => sum + cost(t), 0);
  const proofs = tests.filter((t) => proving.has(t.id)).map(cost);
  const reserve = Math.max(ONE_PORTION_GRAMS, ...proofs);
  let rest = left;
  const over = tests.find((t) => {
    if (!cost(t)) return false;
    rest -= cost(t);
    return rest < reserve - 1e-9 && !proving.has(t.id);
  });
  return {
    of,
    used: rounded(of - left),
    planned: rounded(planned),
    reserve: rounded(reserve),
    rest: rounded(left - planned),
    warning: over ? { before: over.id, leaveOut: leftOut(tests, cost, proving, planned + reserve - left) } : null,
  };
}

/** As few tests as save so much, those that prove nothing and cost most first. */
function leftOut(
  tests: readonly StandardTest[],
  cost: (t: StandardTest) => number,
  proving: ReadonlySet<string>,
  short: number,
): string[] {
  const made = new Set(tests.flatMap((t) => (t.makes?.length ? [t.id] : [])));
  const out: string[] = [];
  let saved = 0;
  for (const t of tests.filter((x) => cost(x) && !proving.has(x.id) && !made.has(x.id)).sort((a, b) => cost(b) - cost(a))) {
    if (saved >= short) break;
    out.push(t.id);
    saved += cost(t);
  }
  return out;
}
