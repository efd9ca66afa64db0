/** Net ionic equations of what happened in a step, balanced by computation from what each part is made of. */
import { addAmounts, type Amounts, elementsIn, gasById, solidById, species, speciesById } from '../matter/catalogue';
import type { ReactionTaken } from './redox';

export interface Equation {
  readonly left: readonly (readonly [count: number, formula: string])[];
  readonly right: readonly (readonly [count: number, formula: string])[];
}

/** mol/L of species, by id: decides which form of each component is written. */
export type Solution = Readonly<Record<string, number>>;

/** What of a vessel the equations are read off. */
export interface Contents {
  /** mol of each. */
  readonly solids: Amounts;
  readonly gas: Amounts;
  readonly species: Solution;
}

/** A thing that is made, or with a negative count used up, and what it is of. */
interface Part {
  readonly count: number;
  readonly id: string;
  readonly of: Amounts;
}

/**
 * The form of a component of which there is most, weighed by how much of the component it holds.
 * @param without components that it may not hold.
 */
function mainForm(component: string, solution: Solution, without: ReadonlySet<string> = new Set()): { id: string; of: Amounts } {
  let best = speciesById.get(component)!;
  let most = 0;
  for (const s of species) {
    const held = (s.of[component] ?? 0) * (solution[s.id] ?? 0);
    // Clusters of two metals and more are not what a chemist writes.
    if (held > most && s.of[component] === 1 && !Object.keys(s.of).some((part) => without.has(part))) {
      most = held;
      best = s;
    }
  }
  return best;
}

/** What to write next: ligands and acids last, for a metal's own form settles most of them. */
function nextToSettle(rest: Amounts, settled: ReadonlySet<string>): string | undefined {
  const elements = (id: string) => Object.keys(elementsIn({ [id]: 1 }).elements).length;
  const rank = (id: string) => (id.endsWith('+') ? 0 : 1);
  return Object.keys(rest)
    .filter((id) => id !== 'H+' && id !== 'H2O' && !settled.has(id) && Math.abs(rest[id]!) > 1e-9)
    .sort((a, b) => rank(a) - rank(b) || elements(a) - elements(b))[0];
}

const gcd = (a: number, b: number): number => (b < 1e-6 ? a : gcd(b, a % b));

/**
 * Writes a change over components in the forms that are in the solution. Positive counts are made, negative used up.
 * Of the part it is known what it is; the rest is balanced with dissolved forms, H+ or OH-, and water.
 */
function write(part: Part | null, change: Amounts, solution: Solution): Equation | null {
  const rest: Record<string, number> = { ...change };
  const counts = new Map<string, number>();
  if (part) {
    counts.set(part.id, part.count);
    addAmounts(rest, part.of, -part.count);
  }
  const settled = new Set<string>();
  for (let next = nextToSettle(rest, settled); next !== undefined; next = nextToSettle(rest, settled)) {
    const amount = rest[next]!;
    const form = next.endsWith('(s)') ? { id: next.slice(0, -3), of: { [next]: 1 } } : mainForm(next, solution, settled);
    counts.set(form.id, (counts.get(form.id) ?? 0) + amount);
    addAmounts(rest, form.of, -amount);
    settled.add(next);
  }
  const protons = rest['H+'] ?? 0;
  let water = rest['H2O'] ?? 0;
  if (Math.abs(protons) > 1e-9) {
    const basic = (solution['OH-'] ?? 0) > (solution['H+'] ?? 0);
    counts.set(basic ? 'OH-' : 'H+', (counts.get(basic ? 'OH-' : 'H+') ?? 0) + (basic ? -protons : protons));
    if (basic) water += protons;
  }
  if (Math.abs(water) > 1e-9) counts.set('H2O', (counts.get('H2O') ?? 0) + water);
  return tidy(counts);
}

/** The smallest whole numbers, used up on the left and made on the right. */
function tidy(counts: ReadonlyMap<string, number>): Equation | null {
  const kept = [...counts].filter(([, n]) => Math.abs(n) > 1e-6);
  if (kept.length < 2) return null;
  const unit = kept.map(([, n]) => Math.abs(n)).reduce(gcd);
  const whole = kept.map(([id, n]) => [Math.round(n / unit), id] as const);
  if (whole.some(([n]) => Math.abs(n) > 60)) return null;
  return {
    left: whole.filter(([n]) => n < 0).map(([n, id]) => [-n, id] as const),
    right: whole.filter(([n]) => n > 0),
  };
}

/** Less than this made or lost, mol, is not worth an equation. */
const WORTH_MOL = 1e-6;
/** mol/L from which a complex that was not there before is worth one. */
const WORTH_MOLAR = 1e-4;

/** Solids that formed or dissolved, gases that came off, and complexes that formed where neither tells of them. */
function madeIn(before: Contents, after: Contents): Part[] {
  const solids = [...new Set([...Object.keys(before.solids), ...Object.keys(after.solids)])].flatMap((id): Part[] => {
    const made = (after.solids[id] ?? 0) - (before.solids[id] ?? 0);
    const of = solidById.get(id)?.of;
    return Math.abs(made) < WORTH_MOL || !of ? [] : [{ count: Math.sign(made), id, of }];
  });
  const gases = Object.entries(after.gas).flatMap(([id, mol]): Part[] =>
    mol - (before.gas[id] ?? 0) < WORTH_MOL ? [] : [{ count: 1, id, of: gasById.get(id)!.of }],
  );
  const changedParts = new Set([...solids, ...gases].flatMap(({ of }) => Object.keys(of)));
  const complexes = species.flatMap(({ id, of }): Part[] => {
    const parts = Object.keys(of).filter((part) => part !== 'H+' && part !== 'H2O');
    const now = after.species[id] ?? 0;
    if (parts.length < 2 || now < WORTH_MOLAR || now < 10 * (before.species[id] ?? 0)) return [];
    return parts.some((part) => changedParts.has(part)) || mainForm(parts[0]!, after.species).id !== id
      ? []
      : [{ count: 1, id, of }];
  });
  return [...solids, ...gases, ...complexes];
}

/**
 * The equations of one step: each redox reaction that ran, and each solid, gas and complex that formed, or solid that dissolved.
 * @param before for the forms of what was used up; `after`, of what was made.
 */
export function equationsOf(taken: readonly ReactionTaken[], before: Contents, after: Contents): Equation[] {
  const redox = taken
    .filter((r) => r.mol > WORTH_MOL)
    .map((r) => write(null, r.change, { ...after.species, ...strongest(before.species, after.species) }));
  const acidity = { 'H+': after.species['H+'] ?? 0, 'OH-': after.species['OH-'] ?? 0 };
  const made = madeIn(before, after).map((part) =>
    write(part, {}, { ...(part.count > 0 ? before.species : after.species), ...acidity }),
  );
  return distinct([...redox, ...made].filter((e) => e !== null));
}

/** Each equation once, in order. */
export const distinct = (equations: readonly Equation[]): Equation[] => [
  ...new Map(equations.map((e) => [equationText(e), e])).values(),
];

/** For each species the higher of two concentrations. */
function strongest(a: Solution, b: Solution): Record<string, number> {
  const out: Record<string, number> = { ...a };
  for (const [id, c] of Object.entries(b)) out[id] = Math.max(out[id] ?? 0, c);
  return out;
}

/** `AgCl + 2 NH3 → Ag(NH3)2+ + Cl-` */
export function equationText(e: Equation): string {
  const side = (list: Equation['left']) => list.map(([n, id]) => (n === 1 ? id : `${n} ${id}`)).join(' + ');
  return `${side(e.left)} → ${side(e.right)}`;
}
