/** Net ionic equations of what happened in a step, balanced by computation from what each part is made of. */
import { addAmounts, type Amounts, elementsIn, solidById, species, speciesById } from '../matter/catalogue';
import type { ReactionTaken } from './redox';

export interface Equation {
  readonly left: readonly (readonly [count: number, formula: string])[];
  readonly right: readonly (readonly [count: number, formula: string])[];
}

/** mol/L of species, by id: decides which form of each component is written. */
export type Solution = Readonly<Record<string, number>>;

/** The form of a component of which there is most, weighed by how much of the component it holds. */
function mainForm(component: string, solution: Solution): { id: string; of: Amounts } {
  let best = speciesById.get(component)!;
  let most = 0;
  for (const s of species) {
    const held = (s.of[component] ?? 0) * (solution[s.id] ?? 0);
    // Clusters of two metals and more are not what a chemist writes.
    if (held > most && s.of[component] === 1) {
      most = held;
      best = s;
    }
  }
  return best;
}

/** Ligands and acids last: a metal's own form settles most of them. */
function settleOrder(of: Amounts): string[] {
  const parts = (id: string) => Object.keys(elementsIn({ [id]: 1 }).elements).length;
  return Object.keys(of)
    .filter((id) => id !== 'H+' && id !== 'H2O')
    .sort((a, b) => parts(a) - parts(b));
}

const gcd = (a: number, b: number): number => (b < 1e-6 ? a : gcd(b, a % b));

/**
 * Writes a change over components in the forms that are in the solution. Positive counts are made, negative used up.
 * Solids are given by formula with their count; the rest is balanced with dissolved forms, H+ or OH-, and water.
 */
function write(
  solids: readonly (readonly [count: number, formula: string])[],
  change: Amounts,
  solution: Solution,
): Equation | null {
  const rest: Record<string, number> = { ...change };
  const counts = new Map<string, number>();
  for (const [count, formula] of solids) {
    counts.set(formula, (counts.get(formula) ?? 0) + count);
    addAmounts(rest, solidById.get(formula)?.of ?? { [`${formula}(s)`]: 1 }, -count);
  }
  for (let round = 0; round < 4; round++) {
    for (const component of settleOrder(rest)) {
      const amount = rest[component] ?? 0;
      if (Math.abs(amount) < 1e-9) continue;
      if (component.endsWith('(s)')) {
        const formula = component.slice(0, -3);
        counts.set(formula, (counts.get(formula) ?? 0) + amount);
        delete rest[component];
        continue;
      }
      const form = mainForm(component, solution);
      counts.set(form.id, (counts.get(form.id) ?? 0) + amount);
      addAmounts(rest, form.of, -amount);
    }
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

/** Less solid than this made or lost, mol, is not worth an equation. */
const WORTH_MOL = 1e-6;

/**
 * The equations of one step: each redox reaction that ran, and each solid that formed or dissolved.
 * @param before the solution before the step, for what was used up; `after`, for what was made.
 */
export function equationsOf(
  taken: readonly ReactionTaken[],
  before: { readonly solids: Amounts; readonly species: Solution },
  after: { readonly solids: Amounts; readonly species: Solution },
): Equation[] {
  const seen = taken.filter((r) => r.mol > WORTH_MOL);
  const out: (Equation | null)[] = seen.map((r) =>
    write([], r.change, { ...after.species, ...strongest(before.species, after.species) }),
  );
  for (const id of new Set([...Object.keys(before.solids), ...Object.keys(after.solids)])) {
    const made = (after.solids[id] ?? 0) - (before.solids[id] ?? 0);
    if (Math.abs(made) < WORTH_MOL || !solidById.has(id)) continue;
    const acidity = { 'H+': after.species['H+'] ?? 0, 'OH-': after.species['OH-'] ?? 0 };
    out.push(write([[made > 0 ? 1 : -1, id]], {}, { ...(made > 0 ? before.species : after.species), ...acidity }));
  }
  return out.filter((e) => e !== null);
}

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
