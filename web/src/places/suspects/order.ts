import type { SuspectView } from '#contract';

const ORDER = { conflict: 0, confirmed: 1, indicated: 2, hinted: 3, open: 4, 'ruled-out': 5 } as const;

/** Conflicts first, what is settled against last; the likelier before the less. */
export const inOrder = (list: readonly SuspectView[]) =>
  [...list].sort((a, b) => ORDER[a.state] - ORDER[b.state] || b.probability - a.probability);
