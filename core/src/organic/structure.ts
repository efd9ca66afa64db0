/** A molecule as chemistry sees it: elements, features, and how its groups act on each other. */
import { type Molecule, MoleculeProperties, SmilesParser, SSSearcher } from 'openchemlib';
import { readCompound, type Salt } from './salts';
import {
  type Feature,
  type Group,
  GROUPS,
  PARTITION_STEPS,
  SURROUNDINGS,
  TESTED_ELEMENTS,
  type TestedElement,
} from './data/features';

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
  /** Estimated logarithm of the octanol–water partition, by OpenChemLib's increments and `PARTITION_STEPS`. */
  readonly logP: number;
  count(feature: Feature): number;
  has(...any: readonly Feature[]): boolean;
  /** Atoms of every place where a feature is found, in the order of its pattern. */
  places(feature: Feature): number[][];
  /** The parsed molecule, of a salt its organic part without charge; not to be changed. */
  readonly molecule: Molecule;
  readonly salt?: Salt;
}

const parser = new SmilesParser({ smartsMode: 'smarts' });
const queries = new Map<string, Molecule>();
const searcher = new SSSearcher();

function matches(molecule: Molecule, smarts: string): number[][] {
  let query = queries.get(smarts);
  if (!query) queries.set(smarts, (query = parser.parseMolecule(smarts)));
  searcher.setMol(query, molecule);
  searcher.findFragmentInMolecule({ countMode: 'overlapping' });
  // What a pattern only excludes has no atom.
  return searcher.getMatchList().map((atoms) => atoms.filter((a) => a >= 0));
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
 * @throws StructureError saying why it is not supported.
 */
export function structureOf(smiles: string): Structure {
  const text = smiles.trim();
  const before = known.get(text);
  if (before) return before;
  const { molecule, atoms, molarMass, key, salt } = readCompound(text);
  const counts = new Map<string, number>();
  const count = (feature: Feature): number => {
    let n = counts.get(feature);
    if (n === undefined)
      counts.set(
        feature,
        (n =
          OF_THE_WHOLE[feature]?.(structure) ??
          patternsOf(feature).reduce((n, smarts) => n + matches(molecule, smarts).length, 0)),
      );
    return n;
  };
  let logP: number | undefined;
  const structure: Structure = {
    smiles: text,
    key,
    formula: hill(atoms),
    molarMass,
    atoms,
    aromaticRings: molecule.getAromaticRingCount(),
    get logP() {
      return (logP ??= PARTITION_STEPS.reduce(
        (sum, [feature, step]) => sum + step * count(feature),
        new MoleculeProperties(molecule).logP,
      ));
    },
    count,
    places: (feature) => patternsOf(feature).flatMap((smarts) => matches(molecule, smarts)),
    has: (...any) => any.some((f) => count(f) > 0),
    molecule,
    ...(salt && { salt }),
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

/** Features that no pattern finds. */
const OF_THE_WHOLE: Readonly<Partial<Record<Feature, (s: Structure) => number>>> = {
  carbohydrate: sugars,
  'halide-ion': ({ salt }) => (salt?.halide ? 1 : 0),
  'ammonium-ion': ({ salt }) => (salt?.ammonium ? 1 : 0),
  'quaternary-ion': ({ salt }) => (salt?.organic === 'quaternary' ? 1 : 0),
  'carboxylate-ion': (s) => (s.salt?.organic === 'deprotonated' ? s.count('carboxylic-acid') : 0),
};

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
