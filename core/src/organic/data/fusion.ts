/** What sodium makes of the elements of a compound. Needs and yields by judgement, after Vogel (5th ed., section 9.3). */

/** Sodium, g/mol. */
export const SODIUM = 22.99;

/** mol of sodium that an atom needs: what binds strongly first, oxygen and carbon in part. */
export const NEEDS: Readonly<Record<string, number>> = { N: 1, S: 2, Cl: 1, Br: 1, I: 1, F: 1, P: 3, O: 0.5, C: 0.05 };

export interface FusedIon {
  readonly ion: string;
  /** Elements of which it takes an atom each; the scarcest decides. */
  readonly of: readonly string[];
  /** Negative charges. */
  readonly charge: number;
  /** Share of the element that ends in the extract when everything was right. */
  readonly yield: number;
}

export const FUSED_IONS: readonly FusedIon[] = [
  { ion: 'CN-', of: ['N', 'C'], charge: 1, yield: 0.7 },
  { ion: 'S2-', of: ['S'], charge: 2, yield: 0.85 },
  { ion: 'PO4^3-', of: ['P'], charge: 3, yield: 0.8 },
  ...['Cl', 'Br', 'I', 'F'].map((x) => ({ ion: `${x}-`, of: [x], charge: 1, yield: 0.95 })),
];

/** Where sodium is scarce these two stay together. */
export const TOGETHER = { of: ['CN-', 'S2-'], ion: 'SCN-', charge: 1 } as const;

export const LYE = { metal: 'Na+', base: 'OH-' } as const;
