/** Acid and base strengths of groups, and what substituents do to them. */

/**
 * Hammett constants: meta, para, and para with a lone pair to draw on (σ⁻). C. Hansch, A. Leo, R. W. Taft, A survey of
 * Hammett substituent constants, Chem. Rev. 1991, 91, 165; rounded.
 */
export const SIGMA = {
  nitro: [0.71, 0.78, 1.27],
  cyano: [0.56, 0.66, 1.0],
  acyl: [0.38, 0.5, 0.84],
  carboxyl: [0.37, 0.45, 0.77],
  sulfonyl: [0.6, 0.7, 1.13],
  sulfonamide: [0.53, 0.6, 0.94],
  trifluoromethyl: [0.43, 0.54, 0.65],
  F: [0.34, 0.06, -0.03],
  Cl: [0.37, 0.23, 0.19],
  Br: [0.39, 0.23, 0.25],
  I: [0.35, 0.18, 0.27],
  hydroxyl: [0.12, -0.37, -0.37],
  alkoxyl: [0.12, -0.27, -0.26],
  acyloxyl: [0.39, 0.31, 0.3],
  amino: [-0.16, -0.66, -0.15],
  acylamino: [0.21, 0, 0],
  alkyl: [-0.07, -0.17, -0.17],
  other: [0, 0, 0],
} as const satisfies Readonly<Record<string, readonly [meta: number, para: number, paraMinus: number]>>;

export type Substituent = keyof typeof SIGMA;

export interface IonisableRow {
  readonly smarts: string;
  /** A closer pattern that takes the place of this one where both begin at the same atom. */
  readonly unless?: string;
  /** pKa of the acid, or of the base's conjugate acid, in water at 25 °C. */
  readonly pKa: number;
  readonly kind: 'acid' | 'base';
  /** Hammett's ρ for substituents on the ring that carries the group, with σ or σ⁻. */
  readonly rho?: number;
  readonly sigma?: 'plain' | 'minus';
  /** What a neighbour on the ring adds to the pKa, in place of what it would do from the para position. */
  readonly ortho?: Readonly<Partial<Record<Substituent, number>>>;
  /** Change for each electron-drawing atom (halogen, oxygen, nitrogen of a nitro group) two bonds from the carbon. */
  readonly inductive?: number;
}

/** Of benzoic acids: what CRC gives for each less 4.20. */
const BESIDE_CARBOXYL: Readonly<Partial<Record<Substituent, number>>> = {
  hydroxyl: -1.22, nitro: -2.03, F: -0.93, Cl: -1.31, Br: -1.35, I: -1.34, alkyl: -0.29, alkoxyl: -0.11, acyloxyl: -0.7, carboxyl: -1.26, acyl: -0.9, amino: 0.6,
};

const HINDERED = 'c1([OX2H])c([CX4]([#6])([#6])[#6])cccc1[CX4]([#6])([#6])[#6]';

/**
 * Parent values from the CRC Handbook, 95th ed., section 5; ρ from L. P. Hammett, Physical Organic Chemistry. The
 * inductive steps are fitted to the chloroacetic and hydroxy acids. The first atom of a pattern is the one that carries
 * the chain or ring.
 */
export const IONISABLE: readonly IonisableRow[] = [
  { smarts: 'c[CX3](=O)[OX2H]', pKa: 4.2, kind: 'acid', rho: 1, sigma: 'plain', ortho: BESIDE_CARBOXYL },
  { smarts: '[#6;!a][CX3](=O)[OX2H]', pKa: 4.8, kind: 'acid', inductive: -1.1 },
  { smarts: '[CX3;H1](=O)[OX2H]', pKa: 3.75, kind: 'acid' },
  { smarts: '[SX4](=O)(=O)[OX2H]', pKa: -1, kind: 'acid' },
  { smarts: '[CX3](=O)[NX3;H1][SX4](=O)=O', pKa: 1.6, kind: 'acid' },
  { smarts: 'c[OX2H]', unless: HINDERED, pKa: 9.99, kind: 'acid', rho: 2.2, sigma: 'minus' },
  // Two tert-butyl groups keep water from the anion: 2,6-di-tert-butylphenol.
  { smarts: HINDERED, pKa: 12, kind: 'acid', rho: 2.2, sigma: 'minus' },
  { smarts: '[CX3]([OX2H])=[CX3][OX2H]', pKa: 4.1, kind: 'acid' },
  { smarts: '[SX4](=O)(=O)[NX3;H1,H2]', pKa: 10.1, kind: 'acid' },
  { smarts: '[CX3](=O)[NX3;H1][CX3]=O', pKa: 9.6, kind: 'acid' },
  { smarts: '[#6][CX3](=O)[CX4;H1,H2][CX3](=O)[#6]', pKa: 9, kind: 'acid' },
  // In a ring of six the two carbonyls draw together.
  { smarts: '[CX3]1(=O)[CX4;H1,H2][CX3](=O)[#6][#6][#6]1', pKa: 5.2, kind: 'acid' },
  { smarts: '[CX4;H1,H2]1[CX3](=O)[NX3][CX3](=O)[NX3][CX3]1=O', pKa: 4, kind: 'acid' },
  { smarts: '[CX4;H1,H2,H3][N+](=O)[O-]', pKa: 10.2, kind: 'acid' },
  { smarts: '[CX3]=[NX2][OX2H]', pKa: 11.5, kind: 'acid' },
  { smarts: '[CX3](=O)[NX3;H1][OX2H]', pKa: 8.8, kind: 'acid' },
  { smarts: 'c[SX2H]', pKa: 6.6, kind: 'acid', rho: 2.2, sigma: 'minus' },
  { smarts: '[CX4][SX2H]', pKa: 10.6, kind: 'acid' },
  { smarts: '[CX4][NX3;H2]', pKa: 10.6, kind: 'base' },
  { smarts: '[CX4][NX3;H1][CX4]', pKa: 10.9, kind: 'base' },
  { smarts: '[CX4][NX3;H0]([CX4])[CX4]', pKa: 10, kind: 'base' },
  { smarts: 'c[NX3;H2]', pKa: 4.6, kind: 'base', rho: 2.9, sigma: 'minus' },
  { smarts: 'c[NX3;H1;!a][CX4]', pKa: 4.85, kind: 'base', rho: 2.9, sigma: 'minus' },
  { smarts: 'c[NX3;H0;!a]([CX4])[CX4]', pKa: 5.15, kind: 'base', rho: 2.9, sigma: 'minus' },
  { smarts: 'c[NX3;H1;!a]c', pKa: 0.8, kind: 'base', rho: 2.9, sigma: 'minus' },
  { smarts: '[n;X2;!$([#7]~[#7]);!$([#7]~[#6]~[#7]);!$([#7]~[#6]~[#6]~[n])]', pKa: 5.2, kind: 'base' },
  // A second nitrogen in the ring draws, unless it gives its own pair, as imidazole's and an amino group's do.
  { smarts: '[n;X2]~[n;X2]', pKa: 1.5, kind: 'base' },
  { smarts: '[n;X2]~c~[n;X2]', pKa: 1.5, kind: 'base' },
  { smarts: '[n;X2]~c~c~[n;X2]', pKa: 1, kind: 'base' },
  { smarts: '[n;X2]1c[nH]cc1', pKa: 7, kind: 'base' },
  { smarts: '[n;X2]~c-[NX3;H2]', pKa: 6.9, kind: 'base' },
  { smarts: 'c1([NX3;H2])nc([NX3;H2])nc([NX3;H2])n1', pKa: 5, kind: 'base' },
  { smarts: '[NX3;H1]([#6])[NX3;H2]', pKa: 5.2, kind: 'base' },
  { smarts: '[CX3](=[NX2])([NX3])[NX3;H2]', pKa: 13.6, kind: 'base' },
];
