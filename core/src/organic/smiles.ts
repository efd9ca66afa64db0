/** Reads SMILES, and refuses in words what cannot be a sample. */
import { Molecule } from 'openchemlib';

export class StructureError extends Error {}

const MOST_ATOMS = 100;
/** Longer than any SMILES of so many atoms. */
const MOST_CHARACTERS = 400;
/** What a SMILES is written with. */
const WRITTEN = /^[A-Za-z0-9@+\-[\]()=#$:./\\%*]*$/;

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

/** Metals whose ions may stand beside an organic one. */
const SALT_METALS: Readonly<Record<number, string>> = { 3: 'Li', 11: 'Na', 19: 'K', 20: 'Ca' };

/** Brackets and parentheses that do not pair are passed over by the parser. */
function unpaired(smiles: string): boolean {
  const open: string[] = [];
  for (const c of smiles) {
    if (c === '(' || c === '[') open.push(c);
    else if ((c === ')' && open.pop() !== '(') || (c === ']' && open.pop() !== '[')) return true;
  }
  return open.length > 0;
}

/** Reads one molecule or ion. @throws StructureError */
export function readSmiles(smiles: string): Molecule {
  const shown = smiles.length > 60 ? `${smiles.slice(0, 60)}…` : smiles;
  if (smiles.length > MOST_CHARACTERS)
    throw new StructureError(`the SMILES has ${smiles.length} characters; at most ${MOST_CHARACTERS} are read`);
  if (!WRITTEN.test(smiles))
    throw new StructureError(`"${shown}" holds characters that no SMILES has, such as a space, a line break or a picture`);
  if (smiles.includes('*')) throw new StructureError(`"${shown}": * stands for any atom; write which one`);
  if (unpaired(smiles)) throw new StructureError(`"${shown}": its brackets do not pair; check ( ) and [ ]`);
  let molecule: Molecule;
  try {
    // Without coordinates the parser keeps no configuration, and maleic acid would be fumaric acid.
    molecule = Molecule.fromSmiles(smiles, { noCoordinates: !/[@/\\]/.test(smiles) });
  } catch (error) {
    const why = (error instanceof Error ? error.message : String(error)).replace(/^.*?SmilesParser: /, '');
    throw new StructureError(`"${shown}" cannot be read as SMILES (${why}); check brackets, ring numbers and element symbols`);
  }
  if (molecule.getAllAtoms() === 0) throw new StructureError('the SMILES is empty; write a structure, such as CC(=O)O');
  if (molecule.getAllAtoms() > MOST_ATOMS)
    throw new StructureError(`${molecule.getAllAtoms()} heavy atoms are too many; at most ${MOST_ATOMS} are supported`);
  checkAtoms(molecule, shown);
  return molecule;
}

function checkAtoms(molecule: Molecule, shown: string): void {
  for (let a = 0; a < molecule.getAllAtoms(); a++) {
    const label = molecule.getAtomLabel(a);
    if (molecule.getAtomMass(a) > 0)
      throw new StructureError(`"${shown}": isotopes react alike here; write ${label} without a mass number`);
    if (molecule.getAtomRadical(a) > 0)
      throw new StructureError(
        `"${shown}": an atom of ${label} lacks a hydrogen or a bond, as in a radical or a ring that cannot be aromatic`,
      );
    if (molecule.getOccupiedValence(a) > molecule.getMaxValence(a))
      throw new StructureError(`"${shown}": an atom of ${label} has too many bonds`);
  }
}

/** Atoms by element, hydrogen included. @throws StructureError for an element outside the model. */
export function countAtoms(molecule: Molecule): Record<string, number> {
  const atoms: Record<string, number> = {};
  const add = (symbol: string, n: number) => n > 0 && (atoms[symbol] = (atoms[symbol] ?? 0) + n);
  for (let a = 0; a < molecule.getAllAtoms(); a++) {
    const ion = molecule.getAtomCharge(a) > 0 ? SALT_METALS[molecule.getAtomicNo(a)] : undefined;
    const symbol = ELEMENTS[molecule.getAtomicNo(a)] ?? ion;
    if (!symbol)
      throw new StructureError(
        `${molecule.getAtomLabel(a)} is not supported; an organic compound here holds only ${Object.values(ELEMENTS).join(', ')}: no metals but the ions of ${Object.values(SALT_METALS).join(', ')}`,
      );
    add(symbol, 1);
    add('H', molecule.getImplicitHydrogens(a));
  }
  return atoms;
}

export function chargeOf(molecule: Molecule): number {
  let sum = 0;
  for (let a = 0; a < molecule.getAllAtoms(); a++) sum += molecule.getAtomCharge(a);
  return sum;
}
