/** The library of compounds, read from its table. */
import { SOLUBILITY_ROWS } from './data/dissolves';
import { ENANTIOMER_ROWS, HAZARDS, LIBRARY_ROWS } from './data/library';
import { MORE_ROWS } from './data/library-more';
import { structureOf } from './structure';

export interface Temperature {
  readonly celsius: number;
  readonly decomposes: boolean;
  /** The sources differ, or we are unsure. */
  readonly uncertain: boolean;
}

export interface Compound {
  readonly name: string;
  readonly smiles: string;
  readonly melts?: Temperature;
  readonly boils?: Temperature;
  readonly inWater?: 'soluble' | 'partly' | 'insoluble';
  /** log of the measured solubility in water at room temperature, mol/L. */
  readonly logS?: number;
  readonly hazards: readonly string[];
  /** Is it one of those that are handed out oftenest, whose values were looked up? */
  readonly usual: boolean;
  /** Where the values come from. */
  readonly source: string;
}

export const LIBRARY_SOURCE = 'CRC Handbook of Chemistry and Physics, 95th ed.';
/** Of rows that nobody has looked up. */
const FROM_MEMORY = 'from memory, not looked up again';
const WATER = { s: 'soluble', p: 'partly', i: 'insoluble' } as const;

/** Reads a temperature of the tables. */
export function temperatureIn(text: string): Temperature | undefined {
  if (text === '-') return undefined;
  return { celsius: Number.parseFloat(text), decomposes: text.includes('d'), uncertain: text.includes('~') };
}

const measured: ReadonlyMap<string, number> = new Map(
  SOLUBILITY_ROWS.trim()
    .split('\n')
    .map((line) => {
      const [name, logS] = line.split('|') as [string, string];
      return [name, Number(logS)];
    }),
);

function row(line: string, source: string): Compound {
  const [name, smiles, melting, boiling, water, hazards] = line.split('|') as [string, string, string, string, string, string];
  const melts = temperatureIn(melting);
  const boils = temperatureIn(boiling);
  return {
    name,
    smiles,
    ...(melts && { melts }),
    ...(boils && { boils }),
    inWater: WATER[water as keyof typeof WATER],
    ...(measured.has(name) && { logS: measured.get(name)! }),
    hazards: [...hazards].map((letter) => HAZARDS[letter]!),
    usual: source === LIBRARY_SOURCE,
    source,
  };
}

const read = (rows: string, source: string): Compound[] =>
  rows
    .trim()
    .split('\n')
    .map((line) => row(line, source));

export const LIBRARY: readonly Compound[] = [...read(LIBRARY_ROWS, LIBRARY_SOURCE), ...read(MORE_ROWS, FROM_MEMORY)];

export const compoundByName: ReadonlyMap<string, Compound> = new Map(LIBRARY.map((c) => [c.name, c]));

const keyOf = (smiles: string) => structureOf(smiles).key;
const flat = (smiles: string) => smiles.replaceAll('@', '');
const mirrored = (smiles: string) => smiles.replace(/@@?/g, (mark) => (mark === '@' ? '@@' : '@'));

/** Atoms but hydrogen, in the order of the alphabet: the same for all ways to write a structure, and read without parsing it. */
const heavyAtoms = (smiles: string): string =>
  [...smiles.matchAll(/\[\d*([A-Za-z][a-z]?)[^\]]*\]|(Cl|Br|[A-Za-z])/g)]
    .map(([, bracketed, plain]) => (bracketed ?? plain)!.toLowerCase())
    .filter((atom) => atom !== 'h')
    .sort()
    .join(' ');

const isomers = new Map<string, Compound[]>();
for (const compound of LIBRARY) {
  const atoms = heavyAtoms(compound.smiles);
  if (!isomers.get(atoms)?.push(compound)) isomers.set(atoms, [compound]);
}

/**
 * The library's compound of this structure, however the SMILES is written. A mirror image is the same compound here; where only
 * one of the two names its centres, that is overlooked, but not what stands across a double bond.
 * @throws StructureError
 */
export function inLibrary(smiles: string): Compound | undefined {
  const among = isomers.get(heavyAtoms(smiles)) ?? [];
  const [key, mirroredKey, flatKey] = [smiles, mirrored(smiles), flat(smiles)].map(keyOf);
  const exact = among.find((c) => keyOf(c.smiles) === key) ?? among.find((c) => keyOf(c.smiles) === mirroredKey);
  if (exact) return exact;
  const alike = among.filter((c) => keyOf(flat(c.smiles)) === flatKey && (!smiles.includes('@') || !c.smiles.includes('@')));
  return alike.length === 1 ? alike[0] : undefined;
}

const enantiomers: ReadonlyMap<string, readonly [racemate: Temperature, enantiomer: Temperature]> = new Map(
  ENANTIOMER_ROWS.trim()
    .split('\n')
    .map((line) => {
      const [name, ...points] = line.split('|') as [string, string, string];
      return [name, points.map((text) => temperatureIn(text)!) as [Temperature, Temperature]];
    }),
);

/** Where a library compound melts when it is written so: a racemate where no centre is named. */
export function meltsAs(compound: Compound, smiles: string): Temperature | undefined {
  const [racemate, enantiomer] = enantiomers.get(compound.name) ?? [];
  return (smiles.includes('@') ? enantiomer : racemate) ?? compound.melts;
}
