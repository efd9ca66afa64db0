/**
 * Structural features: what a piece of a molecule is called, and how it is found. Patterns are SMARTS as OpenChemLib reads
 * them, several where one does not suffice; a feature counts the different sets of atoms that match. Features know nothing of tests.
 */

/** Elements beside carbon, hydrogen and oxygen that a sodium fusion can tell. */
export const ELEMENT_NAMES = { N: 'nitrogen', S: 'sulfur', Cl: 'chlorine', Br: 'bromine', I: 'iodine', F: 'fluorine', P: 'phosphorus' } as const;
export type TestedElement = keyof typeof ELEMENT_NAMES;
export const TESTED_ELEMENTS = Object.keys(ELEMENT_NAMES) as TestedElement[];

/** Functional groups that a person concludes to. */
export const GROUPS = {
  alkene: { name: 'alkene', smarts: '[C;!a]=[C;!a]' },
  alkyne: { name: 'alkyne', smarts: '[CX2]#[CX2]' },
  'alcohol-primary': { name: 'primary alcohol', smarts: '[CX4;H2,H3][OX2H]' },
  'alcohol-secondary': { name: 'secondary alcohol', smarts: '[CX4;H1][OX2H]' },
  'alcohol-tertiary': { name: 'tertiary alcohol', smarts: '[CX4;H0][OX2H]' },
  phenol: { name: 'phenol', smarts: 'c[OX2H]' },
  aldehyde: { name: 'aldehyde', smarts: ['[CX3;H1]([#6])=O', '[CX3;H2]=O'] },
  ketone: { name: 'ketone', smarts: '[#6;!$(C=O)][CX3](=O)[#6]' },
  'carboxylic-acid': { name: 'carboxylic acid', smarts: '[CX3](=O)[OX2H]' },
  ester: { name: 'ester', smarts: '[CX3](=O)[OX2][#6;!$(C=O)]' },
  anhydride: { name: 'acid anhydride', smarts: '[CX3](=O)[OX2][CX3]=O' },
  'acid-halide': { name: 'acid halide', smarts: '[CX3](=O)[Cl,Br]' },
  amide: { name: 'amide', smarts: '[CX3](=O)[NX3]' },
  thioamide: { name: 'thioamide', smarts: '[CX3](=S)[NX3]' },
  nitrile: { name: 'nitrile', smarts: '[CX2]#[NX1]' },
  'amine-primary': { name: 'primary amine', smarts: '[NX3;H2]-[CX4]' },
  'amine-primary-aryl': { name: 'primary aromatic amine', smarts: '[NX3;H2]-[c;!$([#6]~[n;X2])]' },
  'amine-secondary': { name: 'secondary amine', smarts: '[#6;!$(C=[O,S,N])][NX3;H1;!a][#6;!$(C=[O,S,N])]' },
  'amine-tertiary': { name: 'tertiary amine', smarts: '[#6;!$(C=[O,S,N])][NX3;H0;!a]([#6;!$(C=[O,S,N])])[#6;!$(C=[O,S,N])]' },
  'aza-aromatic': { name: 'aromatic ring nitrogen', smarts: '[n;X2]' },
  hydrazine: { name: 'hydrazine', smarts: '[NX3;H2][NX3]' },
  oxime: { name: 'oxime', smarts: '[CX3]=[NX2][OX2H]' },
  nitro: { name: 'nitro group', smarts: '[N+](=O)[O-]' },
  azo: { name: 'azo group', smarts: '[#6]N=N[#6]' },
  'alkyl-halide': { name: 'alkyl halide', smarts: '[CX4][Cl,Br,I]' },
  'aryl-halide': { name: 'aryl halide', smarts: ['c[Cl,Br,I]', '[CX3;!a](=[C;!a])[Cl,Br,I]'] },
  thiol: { name: 'thiol', smarts: '[#6;!$(C=O)][SX2H]' },
  thioether: { name: 'thioether', smarts: '[#6][SX2;!a][#6]' },
  'sulfonic-acid': { name: 'sulfonic acid', smarts: '[SX4](=O)(=O)[OX2H]' },
  sulfonamide: { name: 'sulfonamide', smarts: '[SX4](=O)(=O)[NX3]' },
  ether: { name: 'ether', smarts: '[#6;!$(C=O)][OX2;!a][#6;!$(C=O)]' },
  quinone: { name: 'quinone', smarts: 'O=[#6]1[#6]=,:[#6][#6](=O)[#6]=,:[#6]1' },
} as const;

export type Group = keyof typeof GROUPS | 'carbohydrate';

/** Surroundings on which the pace of a reaction, or the colour of its product, hangs. */
export const SURROUNDINGS = {
  benzene: 'c1ccccc1',
  naphthalene: 'c1ccc2ccccc2c1',
  anthracene: 'c1ccc2cc3ccccc3cc2c1',
  biphenyl: 'c1ccccc1-c1ccccc1',
  thiophene: 'c1ccsc1',
  furan: 'c1ccoc1',
  pyrrole: 'c1cc[nH]c1',
  'halogen-poor-alkene': '[C;!a]([F,Cl,Br])=[C;!a]([F,Cl,Br])[F,Cl,Br]',
  /** Two rings that a carbonyl and a bond hold flat. */
  fluorenone: 'O=C1c2ccccc2-c2ccccc12',
  'electron-poor-alkene': '[C;!a]=[C;!a]-[CX3](=O)',
  enol: '[CX3;!a]([OX2H])=[C;!a]',
  enediol: '[CX3]([OX2H])=[CX3][OX2H]',
  'terminal-alkyne': '[CX2;H1]#[CX2]',
  'active-methylene': '[CX3](=O)[CX4;H1,H2][CX3](=O)',
  'benzylic-alcohol': 'c[CX4][OX2H]',
  'allylic-alcohol': '[C;!a]=[C;!a][CX4][OX2H]',
  'methyl-carbinol': '[CX4;H3][CX4;H1][OX2H]',
  ethanol: '[CX4;H3][CX4;H2][OX2H]',
  'methyl-ketone': '[CX4;H3][CX3](=O)[#6]',
  acetaldehyde: '[CX4;H3][CX3;H1]=O',
  'aryl-aldehyde': 'c[CX3;H1]=O',
  enal: '[C;!a]=[C;!a][CX3;H1]=O',
  'alkyl-aldehyde': ['[CX3;H1]([CX4])=O', '[C;!a]=[C;!a][CX3;H1]=O', '[CX3;H2]=O'],
  'aryl-ketone': 'c[CX3](=O)[#6]',
  enone: '[C;!a]=[C;!a][CX3](=O)[#6]',
  'diaryl-ketone': 'c[CX3](=O)c',
  diketone: '[#6][CX3](=O)[CX3](=O)[#6]',
  'vicinal-diol': '[OX2H][CX4][CX4][OX2H]',
  'amino-alcohol': '[OX2H][CX4][CX4][NX3;H1,H2;!$(NC=O)]',
  acyloin: '[OX2H][CX4][CX3](=O)[#6]',
  'formic-acid': '[CX3;H1](=O)[OX2H]',
  formate: '[CX3;H1](=O)[OX2][#6]',
  'alpha-hydroxy-acid': '[OX2H][CX4][CX3](=O)[OX2H]',
  'hemiacetal-ring': '[OX2H][CX4;H1;R][OX2;R]',
  ketose: ['[OX2][CX4;H0;R]([CX4])[OX2;R]', '[OX2H][CX4;H2][CX3](=O)[CX4;H1][OX2H]'],
  'ring-ketone': '[CX4;R][CX3;R](=O)[CX4;R]',
  biuret: '[NX3][CX3](=O)[NX3][CX3](=O)[NX3]',
  'two-peptide-bonds': '[CX3](=O)[NX3;H1][CX4][CX3](=O)[NX3;H1][CX4][CX3]=O',
  'hemiketal-ring': '[OX2H][CX4;H0;R]([CX4])[OX2;R]',
  glycoside: '[OX2;!R][CX4;R][OX2;R]',
  'glycosidic-oxygen': '[OX2;H0;!R][CX4;R][OX2;R]',
  acetal: '[OX2;H0][CX4;H1,H2][OX2;H0]',
  ketal: '[OX2;H0][CX4;H0]([#6])([#6])[OX2;H0]',
  imine: '[CX3;!a]=[NX2;!a][#6]',
  'gem-diol': '[OX2H][CX4][OX2H]',
  'hydroxamic-acid': '[CX3](=O)[NX3][OX2H]',
  nitroso: '[#6][NX2]=O',
  'nitrite-ester': '[#6][OX2][NX2]=O',
  'nitrate-ester': '[#6][OX2][N+](=O)[O-]',
  perchlorate: '[OX2][Cl](=O)(=O)=O',
  'azo-nitrile': '[CX2](#[NX1])[CX4][NX2]=[NX2]',
  tetrazole: 'c1nnn[nH]1',
  'vinyl-halide-poly': '[Cl,Br][C;!a]=[C;!a]([Cl,Br])[Cl,Br]',
  catechol: '[OX2H]c1:c([OX2H]):c:c:c:c1',
  resorcinol: '[OX2H]c1:c:c([OX2H]):c:c:c1',
  hydroquinone: '[OX2H]c1:c:c:c([OX2H]):c:c1',
  aminophenol: '[NX3;H2]c1:c:c:c([OX2H]):c:c1',
  pyrogallol: '[OX2H]c1:c([OX2H]):c([OX2H]):c:c:c1',
  salicyl: '[OX2H]c1:c([CX3]=O):c:c:c:c1',
  'nitro-phenol': '[OX2H]c1:c([N+](=O)[O-]):c:c:c:c1',
  'para-nitro-phenol': '[OX2H]c1:c:c:c([N+](=O)[O-]):c:c1',
  anthranilic: ['[NX3;H2]c1:c([CX3]=O):c:c:c:c1', '[NX3;H2]c1:c([N+](=O)[O-]):c:c:c:c1'],
  'alkyl-phenol': ['[OX2H]c1:c([CX4]):c:c:c:c1', '[OX2H]c1:c:c:c([CX4]):c:c1'],
  'alpha-naphthol': '[OX2H]c1:c:c:c:c2:c1:c:c:c:c2',
  'hindered-phenol': '[OX2H]c1:c([CX4;H0]):c:c:c:c1([CX4;H0])',
  'free-ortho': ['[OX2H]c:[c;H1]', '[NX3;H2]c:[c;H1]'],
  'free-para': ['[OX2H]c1:c:c:[c;H1]:c:c1', '[NX3;H2]c1:c:c:[c;H1]:c:c1'],
  'aryl-ring-para-free': '[OX2H]c1:c:c:[c;H1]:c:c1',
  urethane: '[NX3][CX3](=O)[OX2]',
  'carbonate-ester': '[#6][OX2][CX3](=O)[OX2][#6]',
  lactam: '[CX3;R](=O)[NX3;R]',
  /** Between two groups on the ring: attack at the carbonyl is barred. */
  'hindered-acyl': 'O=[CX3]-c1:c([CX4]):c:c:c:c1[CX4]',
  'primary-amide': '[CX3](=O)[NX3;H2]',
  anilide: '[CX3](=O)[NX3;H1]c',
  'alkyl-amide': ['[CX3](=O)[NX3;H1][CX4]', '[CX3](=O)[NX3;H0]([CX4])[CX4]'],
  urea: '[NX3][CX3](=O)[NX3]',
  'open-urea': '[NX3;H2][CX3](=O)[NX3]',
  thiourea: '[NX3][CX3](=S)[NX3]',
  imide: '[CX3](=O)[NX3;H1][CX3]=O',
  'aryl-amine-secondary': 'c[NX3;H1;!a][#6;!$(C=[O,S,N])]',
  'diaryl-amine': 'c[NX3;H1;!a]c',
  'aryl-amine-tertiary': 'c[NX3;H0;!a]([CX4])[CX4]',
  'alkyl-amine': ['[NX3;H2][CX4]', '[CX4][NX3;H1][CX4]', '[CX4][NX3;H0]([CX4])[CX4]'],
  'amino-acid': ['[NX3;H2][CX4][CX3](=O)[OX2H]', '[CX4][NX3;H1][CX4][CX3](=O)[OX2H]'],
  'nitro-aryl': 'c[N+](=O)[O-]',
  'nitro-alkyl': '[CX4][N+](=O)[O-]',
  azide: '[#6]N=[N+]=[N-]',
  diazo: '[#6]=[N+]=[N-]',
  diazonium: '[#6][N+]#N',
  peroxide: '[OX2][OX2]',
  'halide-methyl-primary': '[CX4;H2,H3;!$(C-C=C);!$(C-c);!$(C-C=O);!$(C-[CX4;H0]([#6])([#6])[#6])][Cl,Br,I]',
  'halide-neopentyl': '[CX4;H2;$(C-[CX4;H0]([#6])([#6])[#6])][Cl,Br,I]',
  'halide-secondary': '[CX4;H1;!R;!$(C-C=C);!$(C-c);!$(C([Cl,Br,I])[Cl,Br,I])][Cl,Br,I]',
  'halide-secondary-ring': '[CX4;H1;R;!$(C-C=C);!$(C-c);!$(C([Cl,Br,I])[Cl,Br,I])][Cl,Br,I]',
  'halide-tertiary': '[CX4;H0;!$(C([Cl,Br,I,F])[Cl,Br,I,F])][Cl,Br,I]',
  'halide-allylic': '[C;!a]=[C;!a][CX4][Cl,Br,I]',
  'halide-benzylic': 'c[CX4][Cl,Br,I]',
  'halide-alpha-carbonyl': '[CX3](=O)[CX4][Cl,Br,I]',
  'halide-geminal': '[Cl,Br,I][CX4][Cl,Br,I]',
  'halide-vicinal': '[Cl,Br,I][CX4][CX4][Cl,Br,I]',
  'halide-nitro-aryl': '[Cl,Br]c1:c(:c:c([N+](=O)[O-]):c:c1)[N+](=O)[O-]',
  'sulfonamide-nh': '[SX4](=O)(=O)[NX3;H1,H2]',
  'sulfonamide-primary': '[SX4](=O)(=O)[NX3;H2]',
  'sulfonyl-chloride': '[SX4](=O)(=O)[Cl]',
} as const;

/** How a person calls an element or a group; undefined for anything else. */
export const holdingName = (id: string): string | undefined =>
  (ELEMENT_NAMES as Readonly<Record<string, string>>)[id] ?? (id === 'carbohydrate' ? 'carbohydrate' : (GROUPS as Readonly<Record<string, { name: string }>>)[id]?.name);

/** Ions of a salt, which no pattern of its organic part finds. */
export type SaltFeature = 'halide-ion' | 'ammonium-ion' | 'carboxylate-ion' | 'quaternary-ion';

export type Surrounding = keyof typeof SURROUNDINGS;
export type Feature = Group | Surrounding | SaltFeature;

/**
 * What OpenChemLib's increments miss of log P, for each group: a nitrogen between ring and chains, a hydroxyl that is bound
 * within its ring, a nitro group on a ring. Fitted to N,N-dimethylaniline 2.31, N,N-diethylaniline 3.31, methyl salicylate 2.55,
 * salicylaldehyde 1.81, nitrobenzene 1.85, 1,3-dinitrobenzene 1.49, 4-nitroaniline 1.39 and 4-nitrotoluene 2.37 (C. Hansch et al., Exploring QSAR, ACS, 1995).
 */
export const PARTITION_STEPS: readonly (readonly [feature: Feature, step: number])[] = [
  ['aryl-amine-tertiary', 0.85],
  ['salicyl', 0.9],
  ['nitro-aryl', 1],
];
