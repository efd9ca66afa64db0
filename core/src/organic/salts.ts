/** Salts of organic acids and bases: which ions there are, and the uncharged compound whose chemistry they share. */
import { Molecule } from 'openchemlib';
import { chargeOf, countAtoms, readSmiles, StructureError } from './smiles';

type Halide = 'Cl' | 'Br' | 'I';

/** Ions and acids that may stand beside an organic one, by the SMILES they are written with. */
const COUNTERS: Readonly<Record<string, { readonly halide?: Halide; readonly metal?: string; readonly ammonium?: true }>> = {
  '[Cl-]': { halide: 'Cl' },
  '[Br-]': { halide: 'Br' },
  '[I-]': { halide: 'I' },
  Cl: { halide: 'Cl' },
  Br: { halide: 'Br' },
  I: { halide: 'I' },
  '[Li+]': { metal: 'Li' },
  '[Na+]': { metal: 'Na' },
  '[K+]': { metal: 'K' },
  '[Ca+2]': { metal: 'Ca' },
  '[Ca++]': { metal: 'Ca' },
  '[NH4+]': { ammonium: true },
  'OS(=O)(=O)O': {},
  'OS(O)(=O)=O': {},
  '[O-]S(=O)(=O)[O-]': {},
  '[O-]S([O-])(=O)=O': {},
  'OS(=O)(=O)[O-]': {},
  O: {},
};

export interface Salt {
  /** SMILES of the compound without its proton, or with the one that it gave. */
  readonly free: string;
  readonly halide?: Halide;
  readonly metal?: string;
  /** With ammonium itself. */
  readonly ammonium: boolean;
  /** Protons that the organic part has beyond the uncharged compound; negative for an acid that has lost some. */
  readonly protons: number;
  /** The base has taken a proton; the acid has lost one; or a charge that no proton takes away. */
  readonly organic: 'protonated' | 'deprotonated' | 'quaternary';
}

export interface ReadCompound {
  /** The organic part, without what a proton charges. */
  readonly molecule: Molecule;
  readonly atoms: Readonly<Record<string, number>>;
  /** g/mol. */
  readonly molarMass: number;
  readonly key: string;
  readonly salt?: Salt;
}

const neighbours = (m: Molecule, a: number): number[] => Array.from({ length: m.getConnAtoms(a) }, (_, i) => m.getConnAtom(a, i));

/** Of OpenChemLib: rings, parities and all else that is asked of a molecule. */
const ALL_HELPERS = Molecule.cHelperCIP;

/** Takes away the charges that protons made, and leaves those of nitro groups and the like. */
function withoutProtons(molecule: Molecule): { free: Molecule; gained: number; lost: number; fixed: number } {
  const charges = Array.from({ length: molecule.getAllAtoms() }, (_, a) => molecule.getAtomCharge(a));
  const taken: number[] = [];
  let gained = 0;
  let lost = 0;
  let fixed = 0;
  charges.forEach((charge, a) => {
    if (!charge || neighbours(molecule, a).some((b) => charges[b]! * charge < 0)) return;
    if (charge > 0 && molecule.getAllHydrogens(a) === 0) {
      fixed += charge;
      return;
    }
    if (charge > 0) gained += charge;
    else lost -= charge;
    taken.push(a);
  });
  if (!taken.length) return { free: molecule, gained, lost, fixed };
  const free = molecule.getCompactCopy();
  for (const a of taken) free.setAtomCharge(a, 0);
  free.ensureHelperArrays(ALL_HELPERS);
  return { free, gained, lost, fixed };
}

const SEVERAL = 'several molecules in one structure: give one compound, or one salt with its ions';

/**
 * Reads a compound or a salt.
 * @throws StructureError for what is neither.
 */
export function readCompound(text: string): ReadCompound {
  const parts = text.split('.');
  const organicParts = parts.filter((p) => !Object.hasOwn(COUNTERS, p));
  const counters = parts.filter((p) => Object.hasOwn(COUNTERS, p));
  const whole = readSmiles(text);
  const atoms = countAtoms(whole);
  if (!organicParts.length || !atoms['C'])
    throw new StructureError('there is no carbon in it; an organic compound has at least one');
  if (new Set(organicParts).size > 1) throw new StructureError(SEVERAL);
  const charge = chargeOf(whole);
  if (charge !== 0)
    throw new StructureError(
      `its charges do not add up to nothing (${charge > 0 ? '+' : ''}${charge}); write the other ion too, such as .[Na+] or .[Cl-]`,
    );
  const { free, gained, lost, fixed } = withoutProtons(readSmiles(organicParts[0]!));
  const common = { atoms, molarMass: whole.getMolecularFormula().relativeWeight };
  if (!counters.length) {
    if (organicParts.length > 1) throw new StructureError(SEVERAL);
    return { ...common, molecule: free, key: free.getIDCode() };
  }
  const kinds = counters.map((c) => COUNTERS[c]!);
  /** Acids that stand beside a base uncharged have given it their proton. */
  const given = counters.filter((c) => c === 'Cl' || c === 'Br' || c === 'I' || c.startsWith('OS(')).length;
  const metal = kinds.find((k) => k.metal)?.metal;
  const halide = kinds.find((k) => k.halide)?.halide;
  const ammonium = kinds.some((k) => k.ammonium);
  const organic = fixed > 0 ? 'quaternary' : lost > gained || metal || ammonium ? 'deprotonated' : 'protonated';
  if (counters.every((c) => c === 'O')) return { ...common, molecule: free, key: whole.getIDCode() };
  return {
    ...common,
    molecule: free,
    key: whole.getIDCode(),
    salt: {
      free: free.toIsomericSmiles(),
      protons: (gained - lost + (lost > gained ? 0 : given)) / organicParts.length,
      ammonium,
      organic,
      ...(halide && { halide }),
      ...(metal && { metal }),
    },
  };
}
