/** Derivatives: what a compound becomes, and where it melts. */
import { Molecule } from 'openchemlib';
import { ACIDS, ALCOHOLS, AMINES, CARBONYLS, type Change, type DerivativeRow, PHENOLS } from './data/derivatives';
import { type Compound, inLibrary, type Temperature, temperatureIn } from './library';
import { chargeOf } from './smiles';
import { matchesOf, type Structure, structureOf } from './structure';

const TABLES: readonly (readonly [rows: string, derivatives: readonly string[]])[] = [
  [CARBONYLS, ['semicarbazone', 'dinitrophenylhydrazone', 'oxime']],
  [ACIDS, ['anilide', 'amide']],
  [ALCOHOLS, ['dinitrobenzoate']],
  [PHENOLS, ['benzoyl-derivative', 'aryloxyacetic-acid', 'bromo-derivative']],
  [AMINES, ['acetyl-derivative', 'benzoyl-derivative', 'picrate']],
];

const key = (compound: string, derivative: string) => `${derivative} of ${compound}`;

/** By derivative and compound. */
const listed: ReadonlyMap<string, Temperature> = new Map(
  TABLES.flatMap(([rows, derivatives]) =>
    rows
      .trim()
      .split('\n')
      .flatMap((line) => {
        const [name, ...points] = line.split('|') as [string, ...string[]];
        return points.flatMap((text, i) => {
          const melts = temperatureIn(text);
          return melts ? [[key(name, derivatives[i]!), melts] as const] : [];
        });
      }),
  ),
);

/** Compound and derivative of every melting point that is listed. */
export const LISTED_DERIVATIVES: readonly string[] = [...listed.keys()];

/** Marks the atom at which a change is made, so that it is found again. */
const MARK = 1;
/** With more places than this no single product crystallises. */
const MOST_PLACES = 4;

function changed(molecule: Molecule, atoms: readonly number[], { at, loses, gains, double }: Change): Molecule {
  const copy = molecule.getCompactCopy();
  const root = atoms[at]!;
  const first = copy.addMolecule(Molecule.fromSmiles(gains))[0]!;
  copy.setBondOrder(copy.addBond(root, first), double ? 2 : 1);
  copy.setAtomMapNo(root, MARK, false);
  copy.deleteAtoms(loses.map((i) => atoms[i]!));
  const kept = copy
    .getFragments()
    .find((part) => Array.from({ length: part.getAllAtoms() }, (_, a) => part.getAtomMapNo(a)).includes(MARK))!;
  for (let a = 0; a < kept.getAllAtoms(); a++) kept.setAtomMapNo(a, 0, false);
  return kept;
}

/** SMILES of the derivative of a structure; null where it has no place for it, or a charge that no proton takes away: that stays in water. */
export function productOf(s: Structure, { changes }: DerivativeRow): string | null {
  if (chargeOf(s.molecule) !== 0) return null;
  let now = s;
  for (let places = 0; ; places++) {
    const next = changes.flatMap((change) =>
      matchesOf(now, change.smarts)
        .slice(0, 1)
        .map((atoms) => ({ change, atoms })),
    )[0];
    if (!next) return places ? now.smiles : null;
    if (places === MOST_PLACES) return null;
    now = structureOf(changed(now.molecule, next.atoms, next.change).toIsomericSmiles());
  }
}

export interface Derivative {
  /** Absent where neither the tables nor the library has the product. */
  readonly melts?: Temperature;
}

const ROOM = 25;
/** An oil is no derivative. */
const isLiquid = ({ melts, boils }: Compound) => (melts ? melts.celsius < ROOM : boils !== undefined);

/** @returns null where the compound gives no such derivative. */
export function derivativeOf(s: Structure, row: DerivativeRow): Derivative | null {
  const melts = listed.get(key(inLibrary(s.smiles)?.name ?? '', row.id));
  if (melts) return { melts };
  if (row.adductOf) return row.adductOf.some((smarts) => matchesOf(s, smarts).length > 0) ? {} : null;
  const product = productOf(s, row);
  if (product === null) return null;
  const known = inLibrary(product);
  if (known && isLiquid(known)) return null;
  return known?.melts ? { melts: known.melts } : {};
}
