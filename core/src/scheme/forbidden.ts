/** What a set forbids when it strikes out tests: their means, under whatever name an operation is done. */
import type { Op } from '../bench/ops';
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

const means = (id: string, name = id): Means[] => [{ id, name }];

/** What an operation needs beside glass, water and a burner. */
export function meansOf(op: Op): Means[] {
  switch (op.op) {
    case 'add':
      return bottle(op.reagent);
    case 'dissolve':
      return bottle(op.in);
    case 'wash':
      return bottle(op.with);
    case 'rod':
      return bottle(op.dipped);
    case 'pass':
      return means(`gas ${op.gas}`, op.gas.replace('-', ' '));
    case 'flame':
      return means(
        `flame ${op.through ?? 'none'}`,
        op.through === 'cobalt-glass' ? 'the flame through cobalt glass' : 'the flame',
      );
    case 'bead':
      return means('borax bead', 'the borax bead');
    case 'charcoal':
      return means(
        op.then ? 'cobalt nitrate on charcoal' : 'charcoal',
        op.then ? 'cobalt nitrate on charcoal' : 'the charcoal block',
      );
    case 'dry-heat':
      return means('hard-glass tube', 'heating in a hard-glass tube');
    case 'paper':
      return means(`paper ${op.paper}`, `${op.paper.replaceAll('-', ' ')} paper`);
    case 'splint':
      return means(`splint ${op.splint}`, `the ${op.splint} splint`);
    case 'limewater':
      return means('lime water');
    case 'carbonate-extract':
      return means('carbonate extract', 'the soda extract');
    case 'fuse':
      return means('sodium fusion', 'fusion with sodium');
    case 'test':
      return means(`test ${op.test}`, op.test.replaceAll('-', ' '));
    case 'shake-out':
      return means(`shake-out ${op.with}`, `shaking out with ${op.with.replaceAll('-', ' ')}`);
    case 'set-up':
    case 'take':
    case 'take-solid':
    case 'heat':
    case 'evaporate':
    case 'lead':
    case 'cool':
    case 'shake':
    case 'centrifuge':
    case 'stand':
    case 'decant':
    case 'filter':
    case 'smell':
    case 'look':
    case 'work-on':
      return [];
  }
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
