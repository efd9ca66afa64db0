/** Lists of compounds in open formats: SMILES, SDF (MDL molfiles with data) and CSV. */
import { Molecule } from 'openchemlib';
import { fromCsv, toCsv } from '../report/csv';
import type { ListFormat } from './formats';
import { StructureError } from '../organic/smiles';
import { structureOf } from '../organic/structure';

export interface Listed {
  readonly name: string;
  readonly smiles: string;
  /** °C. */
  readonly melts?: number;
  readonly boils?: number;
}

export interface ReadList {
  readonly compounds: readonly Listed[];
  /** Lines or records that could not be used, from 1, and why. */
  readonly refused: readonly { readonly at: number; readonly why: string }[];
}

const MOST = 2000;
const MOST_NAME = 80;
const MOST_SMILES = 500;

type Draft = { name?: string | undefined; smiles: string; melts?: string | undefined; boils?: string | undefined };

function celsius(text: string | undefined, field: string): number | undefined {
  if (text === undefined || !text.trim()) return undefined;
  const first = /^[−-]?\d+(?:[.,]\d+)?/.exec(text.trim());
  const n = first ? Number(first[0].replace(',', '.').replace('−', '-')) : NaN;
  if (!(n >= -273 && n <= 2000)) throw new StructureError(`${field}: "${text.trim()}" is no temperature; give °C, such as 114`);
  return n;
}

function listed({ name, smiles, melts, boils }: Draft, at: number): Listed {
  if (smiles.length > MOST_SMILES)
    throw new StructureError(`its SMILES has ${smiles.length} characters; at most ${MOST_SMILES} are read`);
  const s = structureOf(smiles);
  const [low, high] = [celsius(melts, 'melting point'), celsius(boils, 'boiling point')];
  return {
    name: (name?.trim() || `compound ${at} (${s.formula})`).slice(0, MOST_NAME),
    smiles: s.smiles,
    ...(low !== undefined && { melts: low }),
    ...(high !== undefined && { boils: high }),
  };
}

const HEADINGS: Readonly<Record<keyof Draft, RegExp>> = {
  name: /^(name|compound|title)$/i,
  smiles: /^(smiles|structure)$/i,
  melts: /^(mp|melt|melting)/i,
  boils: /^(bp|boil|boiling)/i,
};

function* csv(text: string): Generator<() => Draft> {
  const [heads = [], ...rows] = fromCsv(text, MOST + 2);
  const at = (key: keyof Draft) => heads.findIndex((h) => HEADINGS[key].test(h));
  if (at('smiles') < 0) throw new StructureError('the first line of a CSV names its columns; one of them must be "smiles"');
  for (const row of rows) {
    const get = (key: keyof Draft) => (at(key) < 0 ? undefined : row[at(key)]);
    yield () => ({ smiles: get('smiles') ?? '', name: get('name'), melts: get('melts'), boils: get('boils') });
  }
}

function* smilesLines(text: string): Generator<() => Draft> {
  for (const line of text.split(/\r?\n/)) {
    const [smiles, ...name] = line.trim().split(/\s+/);
    if (smiles && !smiles.startsWith('#')) yield () => ({ smiles, name: name.join(' ') });
  }
}

/** Of one structure. */
const MOST_ATOMS = 250;

/**
 * What a molfile says of its size, before it is parsed: a parser makes room for whatever is said.
 * @throws StructureError where that is too much, or more than the record has lines for.
 */
function checkCounts(lines: readonly string[]): void {
  const [atoms, bonds] = (
    lines.some((l) => /V3000\s*$/.test(l))
      ? (/^M {2}V30 COUNTS\s+(\d+)\s+(\d+)/.exec(lines.find((l) => l.startsWith('M  V30 COUNTS')) ?? '') ?? []).slice(1)
      : [lines[3]?.slice(0, 3), lines[3]?.slice(3, 6)]
  ).map(Number) as [number, number];
  if (!(atoms >= 1) || !(bonds >= 0)) throw new StructureError('its molfile does not say how many atoms and bonds it has');
  if (atoms > MOST_ATOMS || bonds > 2 * MOST_ATOMS)
    throw new StructureError(`it says that it has ${atoms} atoms and ${bonds} bonds; at most ${MOST_ATOMS} atoms are read`);
  if (atoms + bonds > lines.length)
    throw new StructureError(`it says that it has ${atoms} atoms and ${bonds} bonds, and has fewer lines`);
}

function* sdf(text: string): Generator<() => Draft> {
  for (const record of text.split(/^\$\$\$\$.*$/m)) {
    if (!record.trim()) continue;
    const lines = record.replace(/^\r?\n(?=[^\n]*\n[^\n]*\n[^\n]*\n.*V[23]000)/, '').split(/\r?\n/);
    const data = (name: RegExp) => {
      const i = lines.findIndex((l) => /^>.*<([^>]*)>/.test(l) && name.test(/<([^>]*)>/.exec(l)![1]!));
      return i < 0 ? undefined : lines[i + 1];
    };
    yield () => {
      const end = lines.findIndex((l) => l.startsWith('M  END'));
      if (end < 0) throw new StructureError('this record has no molfile: "M  END" is missing');
      checkCounts(lines.slice(0, end + 1));
      const molecule = Molecule.fromMolfile(lines.slice(0, end + 1).join('\n'));
      return {
        smiles: molecule.toIsomericSmiles(),
        name: lines[0]?.trim() || data(HEADINGS.name),
        melts: data(HEADINGS.melts),
        boils: data(HEADINGS.boils),
      };
    };
  }
}

const READERS: Readonly<Record<ListFormat, (text: string) => Generator<() => Draft>>> = { smiles: smilesLines, sdf, csv };

/**
 * Reads a list. What cannot be used is named with the reason; the rest is taken.
 * @throws StructureError when nothing of it can be read as that format, or there is too much.
 */
export function readList(text: string, format: ListFormat): ReadList {
  const compounds: Listed[] = [];
  const refused: { at: number; why: string }[] = [];
  let at = 0;
  for (const draft of READERS[format](text)) {
    at++;
    if (at > MOST) throw new StructureError(`a list holds at most ${MOST} compounds; split it`);
    try {
      compounds.push(listed(draft(), at));
    } catch (error) {
      refused.push({ at, why: error instanceof Error ? error.message : String(error) });
    }
  }
  if (!at) throw new StructureError('the list is empty');
  return { compounds, refused };
}

function molfile(c: Listed): string {
  const molecule = Molecule.fromSmiles(c.smiles);
  molecule.setName(c.name);
  const data = [
    ['NAME', c.name],
    ['SMILES', c.smiles],
    ['MELTING_POINT_C', c.melts],
    ['BOILING_POINT_C', c.boils],
  ].filter(([, value]) => value !== undefined);
  return `${molecule.toMolfile()}\n${data.map(([key, value]) => `>  <${key}>\n${value}\n`).join('\n')}\n$$$$\n`;
}

const WRITERS: Readonly<Record<ListFormat, (list: readonly Listed[]) => string>> = {
  smiles: (list) => list.map((c) => `${c.smiles}\t${c.name}\n`).join(''),
  csv: (list) =>
    toCsv(
      list.map((c) => ({ name: c.name, smiles: c.smiles, melting_point_C: c.melts ?? '', boiling_point_C: c.boils ?? '' })),
      ['name', 'smiles', 'melting_point_C', 'boiling_point_C'],
    ),
  sdf: (list) => list.map(molfile).join(''),
};

export const writeList = (list: readonly Listed[], format: ListFormat): string => WRITERS[format](list);
