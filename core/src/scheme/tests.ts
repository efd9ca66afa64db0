/** The standard tests, found by id and laid on real tubes. */
import type { Op } from '../bench/ops';
import { type StandardTest, STATIONS, TESTS } from './data/tests';

export { STATIONS, TESTS };
export type { StandardTest };
export const testById: ReadonlyMap<string, StandardTest> = new Map(TESTS.map((t) => [t.id, t]));

const PLACES = ['to', 'from', 'vessel'] as const;

/** Puts real vessel names for the places of a procedure. */
export function onVessels(op: Op, names: Readonly<Record<string, string>>): Op {
  const out: Record<string, unknown> = { ...op };
  for (const field of PLACES) {
    const place = out[field];
    if (typeof place === 'string' && names[place] !== undefined) out[field] = names[place];
  }
  return out as Op;
}

/** The next free tube letters on a bench. */
export function freeTubes(taken: Iterable<string>, count: number): string[] {
  const used = new Set(taken);
  const out: string[] = [];
  for (let i = 0; out.length < count; i++) {
    const letter = String.fromCharCode(65 + (i % 26)) + (i >= 26 ? String(Math.floor(i / 26) + 1) : '');
    if (letter !== 'S' && !used.has(letter)) out.push(letter);
  }
  return out;
}
