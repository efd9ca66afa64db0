/** The library of compounds, read from its table. */
import { HAZARDS, LIBRARY_ROWS } from './data/library';
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
  readonly hazards: readonly string[];
  /** Where the values come from. */
  readonly source: string;
}

export const LIBRARY_SOURCE = 'CRC Handbook of Chemistry and Physics, 95th ed.';
const WATER = { s: 'soluble', p: 'partly', i: 'insoluble' } as const;

function temperature(text: string): Temperature | undefined {
  if (text === '-') return undefined;
  return { celsius: Number.parseFloat(text), decomposes: text.includes('d'), uncertain: text.includes('~') };
}

function row(line: string): Compound {
  const [name, smiles, melting, boiling, water, hazards] = line.split('|') as [string, string, string, string, string, string];
  const melts = temperature(melting);
  const boils = temperature(boiling);
  return {
    name,
    smiles,
    ...(melts && { melts }),
    ...(boils && { boils }),
    inWater: WATER[water as keyof typeof WATER],
    hazards: [...hazards].map((letter) => HAZARDS[letter]!),
    source: LIBRARY_SOURCE,
  };
}

export const LIBRARY: readonly Compound[] = LIBRARY_ROWS.trim().split('\n').map(row);

export const compoundByName: ReadonlyMap<string, Compound> = new Map(LIBRARY.map((c) => [c.name, c]));

let byKey: Map<string, Compound> | undefined;

/** The library's compound of this structure, however the SMILES is written. @throws StructureError */
export function inLibrary(smiles: string): Compound | undefined {
  byKey ??= new Map(LIBRARY.map((c) => [structureOf(c.smiles).key, c]));
  return byKey.get(structureOf(smiles).key);
}
