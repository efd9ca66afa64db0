/** How strong the acids and bases of a structure are: Hammett's rule on benzene rings, induction on chains. */
import type { Molecule } from 'openchemlib';
import { IONISABLE, type IonisableRow, SIGMA, type Substituent } from './data/acidity';
import { matchesOf, type Structure } from './structure';

export interface Ionisable {
  readonly kind: 'acid' | 'base';
  readonly pKa: number;
}

const neighbours = (m: Molecule, atom: number): number[] =>
  Array.from({ length: m.getConnAtoms(atom) }, (_, i) => m.getConnAtom(atom, i));

const isElement = (m: Molecule, atom: number, symbol: string) => m.getAtomLabel(atom) === symbol;

function doubleBonded(m: Molecule, atom: number, symbol: string): boolean {
  return neighbours(m, atom).some((b, i) => isElement(m, b, symbol) && m.getConnBondOrder(atom, i) === 2);
}

/** What the atom `at` is to the ring atom `from`. */
function substituent(m: Molecule, at: number, from: number): Substituent {
  const rest = neighbours(m, at).filter((b) => b !== from);
  switch (m.getAtomLabel(at)) {
    case 'F':
    case 'Cl':
    case 'Br':
    case 'I':
      return m.getAtomLabel(at) as Substituent;
    case 'N':
      if (doubleBonded(m, at, 'O')) return 'nitro';
      return rest.some((b) => doubleBonded(m, b, 'O')) ? 'acylamino' : 'amino';
    case 'O':
      if (!rest.length) return 'hydroxyl';
      return rest.some((b) => doubleBonded(m, b, 'O')) ? 'acyloxyl' : 'alkoxyl';
    case 'S':
      if (!doubleBonded(m, at, 'O')) return 'other';
      return rest.some((b) => isElement(m, b, 'N')) ? 'sulfonamide' : 'sulfonyl';
    case 'C':
      if (doubleBonded(m, at, 'O')) return rest.filter((b) => isElement(m, b, 'O')).length > 1 ? 'carboxyl' : 'acyl';
      if (rest.some((b) => isElement(m, b, 'N') && m.getAtomPi(at) === 2)) return 'cyano';
      if (rest.filter((b) => isElement(m, b, 'F')).length === 3) return 'trifluoromethyl';
      return m.getAtomPi(at) === 0 ? 'alkyl' : 'other';
    default:
      return 'other';
  }
}

/** What all that stands on the rings of `atom`, but for its own group, adds to a pKa. */
function ringShift(m: Molecule, atom: number, { rho = 0, sigma, ortho }: IonisableRow): number {
  const rings = m.getRingSet();
  let shift = 0;
  for (let r = 0; r < rings.getSize(); r++) {
    const ring = rings.getRingAtoms(r);
    const here = ring.indexOf(atom);
    if (here < 0 || ring.length !== 6 || !rings.isAromatic(r)) continue;
    ring.forEach((other, i) => {
      const away = Math.min(Math.abs(i - here), 6 - Math.abs(i - here));
      if (away === 0) return;
      for (const at of neighbours(m, other)) {
        if (ring.includes(at) || m.isAromaticAtom(at)) continue;
        const what = substituent(m, at, other);
        const [meta, para, minus] = SIGMA[what];
        // What stands ortho acts much as it does para, where nothing else is known of it.
        const far = away === 2 ? meta : sigma === 'minus' ? minus : para;
        shift += away === 1 && ortho?.[what] !== undefined ? ortho[what] : -rho * far;
      }
    });
  }
  return shift;
}

/** Electron-drawing atoms on the carbon that carries the group. */
function drawing(m: Molecule, atom: number, group: readonly number[]): number {
  return neighbours(m, atom).filter(
    (b) => !group.includes(b) && (['F', 'Cl', 'Br', 'I', 'O'].includes(m.getAtomLabel(b)) || doubleBonded(m, b, 'O')),
  ).length;
}

function strength(s: Structure, row: IonisableRow, atoms: readonly number[]): number {
  const first = atoms[0]!;
  if (row.rho !== undefined) return row.pKa + ringShift(s.molecule, first, row);
  if (row.inductive !== undefined) return row.pKa + row.inductive * drawing(s.molecule, first, atoms);
  return row.pKa;
}

const known = new WeakMap<Structure, Ionisable[]>();

/** Every group that gives or takes a proton in water, with its pKa (of the conjugate acid, for a base). */
export function ionisableOf(s: Structure): Ionisable[] {
  let out = known.get(s);
  if (!out) {
    out = IONISABLE.flatMap((row) => {
      const closer = row.unless === undefined ? [] : matchesOf(s, row.unless).map(([first]) => first);
      return matchesOf(s, row.smarts)
        .filter(([first]) => !closer.includes(first))
        .map((atoms) => ({ kind: row.kind, pKa: strength(s, row, atoms) }));
    });
    known.set(s, out);
  }
  return out;
}

/**
 * Molecules of which a group or more carries a charge at this pH, relative to those of which none does; every group by itself. An
 * inner salt counts as charged.
 */
export function charged(s: Structure, pH: number): number {
  return ionisableOf(s).reduce((all, { kind, pKa }) => all * (1 + 10 ** (kind === 'acid' ? pH - pKa : pKa - pH)), 1) - 1;
}

/**
 * pKa of every proton that a compound as it stands can give, the strongest acid first: of a salt those that its acid has kept, and
 * those that its base has taken.
 */
export function protonsOf(s: Structure): number[] {
  const pKas = (kind: Ionisable['kind']) =>
    ionisableOf(s)
      .filter((i) => i.kind === kind)
      .map((i) => i.pKa)
      .sort((a, b) => a - b);
  const protons = s.salt?.protons ?? 0;
  if (protons < 0) return pKas('acid').slice(-protons);
  // The strongest bases are charged first.
  const taken = protons > 0 ? pKas('base').slice(-protons) : [];
  return [...pKas('acid'), ...taken].sort((a, b) => a - b);
}

export const strongest = (s: Structure, kind: Ionisable['kind']): number | undefined => {
  const values = ionisableOf(s)
    .filter((i) => i.kind === kind)
    .map((i) => i.pKa);
  return values.length ? (kind === 'acid' ? Math.min(...values) : Math.max(...values)) : undefined;
};
