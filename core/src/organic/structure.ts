/** A molecule as chemistry sees it: elements, features, and how its groups act on each other. */
import { Molecule, MoleculeProperties, SmilesParser, SSSearcher } from 'openchemlib';
import { type Feature, type Group, GROUPS, SURROUNDINGS, TESTED_ELEMENTS, type TestedElement } from './data/features';

export class StructureError extends Error {}

const MOST_ATOMS = 100;
/** Elements that the model of organic compounds knows, by atomic number. */
const ELEMENTS: Readonly<Record<number, string>> = {
  1: 'H',
  5: 'B',
  6: 'C',
  7: 'N',
  8: 'O',
  9: 'F',
  14: 'Si',
  15: 'P',
  16: 'S',
  17: 'Cl',
  34: 'Se',
  35: 'Br',
  53: 'I',
};

export interface Structure {
  readonly smiles: string;
  /** The same for every way to write the molecule. */
  readonly key: string;
  /** In Hill order. */
  readonly formula: string;
  /** g/mol. */
  readonly molarMass: number;
  readonly atoms: Readonly<Record<string, number>>;
  readonly aromaticRings: number;
  /** Estimated logarithm of the octanol–water partition, by OpenChemLib's increments. */
  readonly logP: number;
  count(feature: Feature): number;
  has(...any: readonly Feature[]): boolean;
  /** The parsed molecule; not to be changed. */
  readonly molecule: Molecule;
}

const parser = new SmilesParser({ smartsMode: 'smarts' });
const queries = new Map<string, Molecule>();
const searcher = new SSSearcher();

function matches(molecule: Molecule, smarts: string): number[][] {
  let query = queries.get(smarts);
  if (!query) queries.set(smarts, (query = parser.parseMolecule(smarts)));
  searcher.setMol(query, molecule);
  searcher.findFragmentInMolecule({ countMode: 'overlapping' });
  return searcher.getMatchList();
}

const patternsOf = (feature: string): readonly string[] => {
  const found =
    (GROUPS as Record<string, { smarts: string | readonly string[] }>)[feature]?.smarts ??
    (SURROUNDINGS as Record<string, string | readonly string[]>)[feature];
  if (found === undefined) throw new Error(`no such feature: ${feature}`);
  return typeof found === 'string' ? [found] : found;
};

/** Atoms of every place where a SMARTS pattern is found, in the order of the pattern. */
export const matchesOf = (s: Structure, smarts: string): number[][] => matches(s.molecule, smarts);

/** Brackets and parentheses that do not pair are passed over by the parser. */
function unpaired(smiles: string): boolean {
  const open: string[] = [];
  for (const c of smiles) {
    if (c === '(' || c === '[') open.push(c);
    else if ((c === ')' && open.pop() !== '(') || (c === ']' && open.pop() !== '[')) return true;
  }
  return open.length > 0;
}

function read(smiles: string): Molecule {
  if (unpaired(smiles)) throw new StructureError(`"${smiles}": its brackets do not pair; check ( ) and [ ]`);
  let molecule: Molecule;
  try {
    // Without coordinates the parser keeps no configuration, and maleic acid would be fumaric acid.
    molecule = Molecule.fromSmiles(smiles, { noCoordinates: !/[@/\\]/.test(smiles) });
  } catch (error) {
    const why = (error instanceof Error ? error.message : String(error)).replace(/^.*?SmilesParser: /, '');
    throw new StructureError(`"${smiles}" cannot be read as SMILES (${why}); check brackets, ring numbers and element symbols`);
  }
  if (molecule.getAllAtoms() === 0) throw new StructureError('the SMILES is empty; write a structure, such as CC(=O)O');
  if (molecule.getAllAtoms() > MOST_ATOMS)
    throw new StructureError(`${molecule.getAllAtoms()} heavy atoms are too many; at most ${MOST_ATOMS} are supported`);
  return molecule;
}

function countAtoms(molecule: Molecule): Record<string, number> {
  const atoms: Record<string, number> = {};
  const add = (symbol: string, n: number) => n > 0 && (atoms[symbol] = (atoms[symbol] ?? 0) + n);
  for (let a = 0; a < molecule.getAllAtoms(); a++) {
    const symbol = ELEMENTS[molecule.getAtomicNo(a)];
    if (!symbol)
      throw new StructureError(
        `${molecule.getAtomLabel(a)} is not supported; an organic compound here holds only ${Object.values(ELEMENTS).join(', ')}: no metals`,
      );
    add(symbol, 1);
    add('H', molecule.getImplicitHydrogens(a));
    if (molecule.getOccupiedValence(a) > molecule.getMaxValence(a))
      throw new StructureError(`an atom of ${symbol} has too many bonds; check the SMILES`);
  }
  if (!atoms['C']) throw new StructureError('there is no carbon in it; an organic compound has at least one');
  return atoms;
}

/** Carbon, hydrogen, then the rest by the alphabet. */
function hill(atoms: Readonly<Record<string, number>>): string {
  const order = [
    'C',
    'H',
    ...Object.keys(atoms)
      .filter((e) => e !== 'C' && e !== 'H')
      .sort(),
  ];
  return order.map((e) => (atoms[e] ? `${e}${atoms[e] > 1 ? atoms[e] : ''}` : '')).join('');
}

const known = new Map<string, Structure>();
const KEPT = 2000;

/**
 * Reads a SMILES.
 * @throws StructureError saying why it is not supported: unreadable, a metal, no carbon, too large.
 */
export function structureOf(smiles: string): Structure {
  const text = smiles.trim();
  const before = known.get(text);
  if (before) return before;
  const molecule = read(text);
  const atoms = countAtoms(molecule);
  const counts = new Map<string, number>();
  const count = (feature: Feature): number => {
    let n = counts.get(feature);
    if (n === undefined)
      counts.set(
        feature,
        (n =
          feature === 'carbohydrate'
            ? sugars(structure)
            : patternsOf(feature).reduce((n, smarts) => n + matches(molecule, smarts).length, 0)),
      );
    return n;
  };
  let logP: number | undefined;
  const structure: Structure = {
    smiles: text,
    key: molecule.getIDCode(),
    formula: hill(atoms),
    molarMass: molecule.getMolecularFormula().relativeWeight,
    atoms,
    aromaticRings: molecule.getAromaticRingCount(),
    get logP() {
      return (logP ??= new MoleculeProperties(molecule).logP);
    },
    count,
    has: (...any) => any.some((f) => count(f) > 0),
    molecule,
  };
  known.set(text, structure);
  if (known.size > KEPT) known.delete(known.keys().next().value!);
  return structure;
}

/** Sugars: an oxygen-bearing ring carbon beside the ring oxygen, or an open carbonyl, with three hydroxyls and more. */
function sugars(s: Structure): number {
  const hydroxyls = s.count('alcohol-primary') + s.count('alcohol-secondary');
  const open = s.has('aldehyde', 'ketone') && hydroxyls >= 3;
  const ring = s.count('hemiacetal-ring') + s.count('hemiketal-ring') + s.count('glycoside');
  return open ? 1 : hydroxyls >= 3 ? Math.min(ring, 1) : 0;
}

/** The groups of a structure that a person would name. */
export function groupsOf(s: Structure): Group[] {
  const plain = (Object.keys(GROUPS) as (keyof typeof GROUPS)[]).filter((g) => s.count(g) > 0);
  if (!s.count('carbohydrate')) return plain;
  return ['carbohydrate', ...plain.filter((g) => !g.startsWith('alcohol') && g !== 'ether')];
}

export const elementsOf = (s: Structure): TestedElement[] => TESTED_ELEMENTS.filter((e) => (s.atoms[e] ?? 0) > 0);

/** Elements and groups of a structure, as a person would report them. @throws StructureError */
export function holdingsOf(smiles: string): string[] {
  const s = structureOf(smiles);
  return [...elementsOf(s), ...groupsOf(s)];
}

/** Rings and double bonds. */
export function unsaturation({ atoms }: Structure): number {
  const n = (e: string) => atoms[e] ?? 0;
  return n('C') + 1 + (n('N') + n('P') - n('H') - n('F') - n('Cl') - n('Br') - n('I')) / 2;
}
