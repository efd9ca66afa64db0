/** From the matter in a vessel to the numbers that the solver takes, and back. */
import { type Amounts, type Gas, gases, type Solid, solids, type Species, species, speciesById } from '../matter/catalogue';
import type { Nearby, Problem } from './problem';
import { solve } from './solver';

const R = 8.314462618e-3; // kJ/(mol K), CODATA 2018
const T0 = 298.15;
/** Debye–Hückel A at 25 °C in log10 units. Source: NIST46, introduction. */
const DAVIES_A = 0.509;
/** Davies' equation is held constant above this ionic strength, mol/L. */
const DAVIES_CEILING = 0.5;
/**
 * How fast −log10 of the hydrogen-ion activity rises above 1 mol/L of acid, per mol/L: the slope of Hammett's
 * acidity function for hydrochloric, nitric and sulfuric acids. Source: CRC, section 8, rounded.
 */
const ACIDITY_SLOPE = 0.3;
/** Ethanol in a mixture: mol/L when pure, and relative permittivities of it and of water (CRC, section 6). */
const ETHANOL = { id: 'C2H6O', molar: 17.1, permittivity: 24.9 };
const WATER_PERMITTIVITY = 78.4;
/**
 * Born's term for an ion of radius 0.2 nm, for each unit of charge squared and of inverse permittivity. The radius is fitted: a
 * fortieth of the calcium sulfate that water holds stays in half ethanol (VOGEL says only that it falls).
 */
const BORN = 140;
const DORMANT = 1e-11;

export interface Layer {
  readonly litres: number;
  /** Distribution ratio by species id. */
  readonly partition: Readonly<Record<string, number>>;
}

export interface Conditions {
  readonly litres: number;
  readonly celsius: number;
  /** Largest partial pressure that a gas may hold in the liquid, atm; absent for a closed vessel. */
  readonly pressure?: number;
  /** Solids that may not form now (too slow, too cold). */
  readonly withheld?: ReadonlySet<string>;
  readonly layer?: Layer;
}

export interface Equilibrium {
  /** mol/L of every species present. */
  readonly concentrations: ReadonlyMap<string, number>;
  /** mol of each solid. */
  readonly solids: Readonly<Record<string, number>>;
  /** mol of each gas driven out. */
  readonly gases: Readonly<Record<string, number>>;
  /** mol of each species in the immiscible layer. */
  readonly inLayer: Readonly<Record<string, number>>;
  /** ln activity of each component that is present. */
  readonly lnActivity: ReadonlyMap<string, number>;
}

interface Shape {
  readonly components: readonly string[];
  readonly species: readonly Species[];
  readonly nu: Float64Array;
  readonly charges: Float64Array;
  readonly hydrogen: number;
  readonly solids: readonly Solid[];
  readonly gases: readonly Gas[];
  /** What may form of these, by which of them are withheld and whether gases may go. */
  readonly phases: Map<string, Phases>;
}

interface Phases {
  readonly solids: readonly Solid[];
  readonly gases: readonly Gas[];
  readonly nu: Float64Array;
}

const shapes = new Map<string, Shape>();

type Composed = { readonly of: Amounts };
/** With the components that each is made of. */
const withParts = <T extends Composed>(list: readonly T[]) =>
  list.map((one) => ({ one, parts: Object.keys(one.of).filter((id) => id !== 'H2O') }));
const [ALL_SPECIES, ALL_SOLIDS, ALL_GASES] = [withParts(species), withParts(solids), withParts(gases)];
const madeOf = <T>(list: readonly { one: T; parts: readonly string[] }[], present: ReadonlySet<string>): T[] =>
  list.flatMap(({ one, parts }) => (parts.every((id) => present.has(id)) ? [one] : []));

/** Stoichiometry over the components, row-major. */
function rowsOver(components: readonly string[], list: readonly Composed[]): Float64Array {
  const nu = new Float64Array(list.length * components.length);
  list.forEach(({ of }, i) => components.forEach((id, j) => (nu[i * components.length + j] = of[id] ?? 0)));
  return nu;
}

function shapeFor(components: readonly string[]): Shape {
  const key = components.join(' ');
  const known = shapes.get(key);
  if (known) return known;
  const present = new Set(components);
  const list = madeOf(ALL_SPECIES, present);
  const shape: Shape = {
    components,
    species: list,
    nu: rowsOver(components, list),
    charges: Float64Array.from(list.map((s) => s.charge)),
    hydrogen: list.findIndex((s) => s.id === 'H+'),
    solids: madeOf(ALL_SOLIDS, present),
    gases: madeOf(ALL_GASES, present),
    phases: new Map(),
  };
  if (shapes.size > 4000) shapes.clear();
  shapes.set(key, shape);
  return shape;
}

function phasesOf(shape: Shape, withheld: ReadonlySet<string> | undefined, open: boolean): Phases {
  const may = shape.solids.map((s) => !withheld?.has(s.id));
  const key = `${may.map(Number).join('')}${open ? ' open' : ''}`;
  let phases = shape.phases.get(key);
  if (!phases) {
    const [formable, leaving] = [shape.solids.filter((_, i) => may[i]), open ? shape.gases : []];
    phases = { solids: formable, gases: leaving, nu: rowsOver(shape.components, [...formable, ...leaving]) };
    shape.phases.set(key, phases);
  }
  return phases;
}

/** ln K at a temperature by van 't Hoff's equation, the enthalpy taken as constant. */
export function lnKAt(lnK: number, enthalpy: number, celsius: number): number {
  return enthalpy === 0 ? lnK : lnK - (enthalpy / R) * (1 / (celsius + 273.15) - 1 / T0);
}

/** What a molar concentration of ethanol adds to ln γ of an ion for each unit of its charge squared. */
function bornOf(molar: number): number {
  const share = Math.min(1, molar / ETHANOL.molar);
  const permittivity = WATER_PERMITTIVITY + share * (ETHANOL.permittivity - WATER_PERMITTIVITY);
  return BORN * (1 / permittivity - 1 / WATER_PERMITTIVITY);
}

/** Sum of the squared charges of the ions that a solid gives; those that it takes up count against them. */
const chargesOf = (of: Amounts): number =>
  Object.entries(of).reduce((sum, [id, count]) => sum + count * (speciesById.get(id)?.charge ?? 0) ** 2, 0);

function activityModel(shape: Shape, layered: number) {
  const { charges, hydrogen } = shape;
  const aqueous = charges.length;
  return (c: Float64Array, lnGamma: Float64Array, steepness: Float64Array) => {
    let ionic = 0;
    for (let i = 0; i < aqueous; i++) ionic += c[i]! * charges[i]! * charges[i]!;
    ionic = Math.min(ionic / 2, DAVIES_CEILING);
    const root = Math.sqrt(ionic);
    const factor = -Math.LN10 * DAVIES_A * (root / (1 + root) - 0.3 * ionic);
    for (let i = 0; i < aqueous; i++) lnGamma[i] = factor * charges[i]! * charges[i]!;
    if (hydrogen >= 0) {
      const strong = Math.min(c[hydrogen]!, 40) - 1;
      if (strong > 0) {
        lnGamma[hydrogen]! += Math.LN10 * ACIDITY_SLOPE * strong;
        steepness[hydrogen] = Math.LN10 * ACIDITY_SLOPE * (strong + 1);
      } else steepness[hydrogen] = 0;
    }
    for (let i = aqueous; i < aqueous + layered; i++) lnGamma[i] = 0;
  };
}

interface Posed {
  readonly problem: Problem;
  readonly components: readonly string[];
  readonly species: readonly Species[];
  readonly layered: readonly Species[];
  readonly solids: readonly Solid[];
  readonly gases: readonly Gas[];
}

/** The numbers of a vessel, as the solver takes them. */
export function pose(amounts: Amounts, at: Conditions): Posed {
  const components = ['H+'];
  for (const id of Object.keys(amounts).sort()) {
    if (id === 'H2O' || id === 'H+' || id.endsWith('(s)')) continue;
    if (Math.abs(amounts[id]!) > DORMANT * at.litres) components.push(id);
  }
  const shape = shapeFor(components);
  const n = components.length;
  const totals = new Float64Array(n);
  components.forEach((id, j) => (totals[j] = (amounts[id] ?? 0) / at.litres));

  const layered = at.layer ? shape.species.filter((s) => at.layer!.partition[s.id] !== undefined) : [];
  const rows = shape.species.length + layered.length;
  const lnBeta = new Float64Array(rows);
  let nu = shape.nu;
  shape.species.forEach((s, i) => (lnBeta[i] = lnKAt(s.lnBeta, s.enthalpy, at.celsius)));
  if (layered.length) {
    nu = new Float64Array(rows * n);
    nu.set(shape.nu);
    layered.forEach((s, k) => {
      const row = shape.species.length + k;
      const ratio = (at.layer!.partition[s.id]! * at.layer!.litres) / at.litres;
      lnBeta[row] = lnKAt(s.lnBeta, s.enthalpy, at.celsius) + Math.log(ratio);
      components.forEach((id, j) => (nu[row * n + j] = s.of[id] ?? 0));
    });
  }

  const { solids: formable, gases: open, nu: phaseNu } = phasesOf(shape, at.withheld, at.pressure !== undefined);
  // Ions and their pairs are driven out of ethanol alike: what it changes is the solid's side.
  const driven = bornOf((amounts[ETHANOL.id] ?? 0) / at.litres);
  const phaseLnK = new Float64Array(formable.length + open.length);
  formable.forEach((s, k) => {
    phaseLnK[k] = lnKAt(s.lnK, s.traits.enthalpy ?? 0, at.celsius) - (driven && driven * chargesOf(s.of));
  });
  open.forEach((g, i) => {
    phaseLnK[formable.length + i] = lnKAt(g.lnK, g.enthalpy, at.celsius) + Math.log(at.pressure!);
  });

  return {
    problem: { totals, lnBeta, nu, phaseLnK, phaseNu, activity: activityModel(shape, layered.length) },
    components,
    species: shape.species,
    layered,
    solids: formable,
    gases: open,
  };
}

/** Where an equilibrium lies, in the numbers of a problem like it. */
function nearbyIn({ problem, components, species, layered, solids, gases }: Posed, at: Equilibrium, litres: number): Nearby {
  const n = components.length;
  const lnActivity = new Float64Array(n);
  components.forEach((id, j) => {
    lnActivity[j] = at.lnActivity.get(id) ?? Math.log(Math.max(Math.abs(problem.totals[j]!), 1e-7)) - 3;
  });
  const lnConcentrations = problem.lnBeta.slice();
  for (let i = 0; i < lnConcentrations.length; i++) {
    const known =
      i < species.length ? at.concentrations.get(species[i]!.id) : (at.inLayer[layered[i - species.length]!.id] ?? 0) / litres;
    if (known! > 0) lnConcentrations[i] = Math.log(known!);
    else {
      for (let j = 0; j < n; j++) lnConcentrations[i]! += problem.nu[i * n + j]! * lnActivity[j]!;
      lnConcentrations[i] = Math.min(lnConcentrations[i]!, 0);
    }
  }
  const phases = new Float64Array(solids.length + gases.length);
  solids.forEach((s, k) => (phases[k] = (at.solids[s.id] ?? 0) / litres));
  gases.forEach((g, k) => (phases[solids.length + k] = (at.gases[g.id] ?? 0) / litres));
  return { lnActivity, lnConcentrations, phases };
}

/**
 * Equilibrium of everything in a vessel.
 * @param amounts mol over components, solids included; inert solids (`X(s)`) and water take no part.
 * @param near an equilibrium of about the same matter, from which this one is found sooner.
 * @throws NotConverged from the solver.
 */
export function equilibrate(amounts: Amounts, at: Conditions, near?: Equilibrium): Equilibrium {
  const posed = pose(amounts, at);
  const { problem, components, species: aqueous, layered, solids: formable, gases: open } = posed;
  const found = solve(problem, near && nearbyIn(posed, near, at.litres));
  const collect = (count: number, from: number, id: (k: number) => string) => {
    const out: Record<string, number> = {};
    for (let k = 0; k < count; k++) {
      const mol = found.phases[from + k]! * at.litres;
      if (mol > 0) out[id(k)] = mol;
    }
    return out;
  };
  const inLayer: Record<string, number> = {};
  layered.forEach((s, k) => {
    inLayer[s.id] = found.concentrations[aqueous.length + k]! * at.litres;
  });
  return {
    concentrations: new Map(aqueous.map((s, i) => [s.id, found.concentrations[i]!])),
    solids: collect(formable.length, 0, (k) => formable[k]!.id),
    gases: collect(open.length, formable.length, (k) => open[k]!.id),
    inLayer,
    lnActivity: new Map(components.map((id, j) => [id, found.lnActivity[j]!])),
  };
}
