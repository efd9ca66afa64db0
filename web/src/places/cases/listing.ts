/** Which cases a list shows, and in which order. */
import type { ListedCase } from '#contract';

export const SORTS = {
  worked: { name: 'last worked first', by: (a: ListedCase, b: ListedCase) => b.updatedAt.localeCompare(a.updatedAt) },
  begun: { name: 'newest first', by: (a: ListedCase, b: ListedCase) => b.createdAt.localeCompare(a.createdAt) },
  name: { name: 'by name', by: (a: ListedCase, b: ListedCase) => a.name.localeCompare(b.name, undefined, { numeric: true }) },
} as const;
export type Sort = keyof typeof SORTS;

/** How far a case is. */
export const progressOf = (c: ListedCase): 'concluded' | 'in progress' | 'not begun' =>
  c.concluded ? 'concluded' : c.entries ? 'in progress' : 'not begun';

export interface Asked {
  readonly text: string;
  readonly sort: Sort;
  readonly archived: boolean;
}

/** Every word that is typed must begin a word of the case's name, look, kind, state or suspects. */
export function listed(cases: readonly ListedCase[], { text, sort, archived }: Asked): ListedCase[] {
  const wanted = text.toLowerCase().split(/\s+/).filter(Boolean);
  const told = (c: ListedCase) =>
    [c.name, c.look, c.kind, c.matter, progressOf(c), ...c.hinted]
      .join(' ')
      .toLowerCase()
      .split(/[\s-]+/);
  return cases
    .filter((c) => c.archived === archived && wanted.every((w) => told(c).some((word) => word.startsWith(w))))
    .sort(SORTS[sort].by);
}
