/**
 * Sodium fusion: the elements of a compound turned into sodium salts, by yields that hang on how it was done. The yields
 * and their dependence are by judgement, made to agree with what Vogel (5th ed., section 9.3) warns of.
 */
import { FUSED_IONS, LYE, NEEDS, SODIUM, TOGETHER } from './data/fusion';
import { isSolid, pointsOf } from './melting';
import { StructureError } from './smiles';
import type { Structure } from './structure';

export interface FusionConditions {
  /** For each tube. */
  readonly sodium_mg: number;
  readonly sample_mg: number;
  readonly gentle_minutes: number;
  readonly red_hot: boolean;
  readonly tubes: number;
  readonly water_mL: number;
  readonly boil_to_mL: number;
  /** Compound dropped on melted sodium, or laid over it cold. */
  readonly order?: 'melt-first' | 'cover' | undefined;
  /** Pressed dry of its oil between papers. */
  readonly dried?: boolean | undefined;
  /** Gauze over the dish as the hot tube goes in. */
  readonly covered?: boolean | undefined;
}

/** Carbon that was not broken down to the end and passes the paper, as an inert solid. */
export const TAR = 'CH(s)';

export interface Fused {
  /** mol of ions in the filtered extract, neutral as a whole. */
  readonly ions: Readonly<Record<string, number>>;
  /** mol of carbon that passes the paper as brown tar. */
  readonly tar: number;
  readonly mL: number;
  readonly good: boolean;
}

/** Decomposed to less than this, the extract is brown. */
const CLEAN = 0.86;
/** mL that stay on the paper. */
const ON_PAPER = 0.2;

/** A compound that must not meet hot sodium. */
export function refusal(s: Structure): string | undefined {
  const carbons = s.atoms['C'] ?? 0;
  const halogens = (s.atoms['Cl'] ?? 0) + (s.atoms['Br'] ?? 0) + (s.atoms['I'] ?? 0);
  if (s.has('nitrate-ester')) return 'nitrate esters explode when heated';
  if (s.has('perchlorate')) return 'perchlorates explode with anything that burns';
  if (s.has('azo-nitrile')) return 'azo nitriles burst into gas when heated';
  if (s.has('tetrazole')) return 'tetrazoles explode when heated';
  if (s.has('nitro-alkyl')) return 'nitroalkanes explode with hot sodium';
  if (s.has('azide')) return 'azides explode when heated';
  if (s.has('diazo', 'diazonium')) return 'diazo compounds explode when heated';
  if (s.has('peroxide')) return 'peroxides explode when heated';
  if (s.count('nitro') >= 3) return 'compounds with several nitro groups explode when heated';
  if (s.has('halide-geminal', 'vinyl-halide-poly') || (s.has('alkyl-halide') && halogens > 1 && halogens >= carbons))
    return 'polyhalogenated compounds, such as chloroform and carbon tetrachloride, explode with sodium';
  return undefined;
}

/** mol of anions, from mol of atoms that were broken out; `supply` of sodium as a share of what is needed. */
function ionsOf(atoms: (element: string) => number, supply: number): Map<string, number> {
  const ions = new Map(FUSED_IONS.map(({ ion, of, yield: share }) => [ion, Math.min(...of.map(atoms)) * share]));
  const scarce = Math.min(1, Math.max(0, 1 - (supply - 0.6) / 0.9));
  const together = Math.min(...TOGETHER.of.map((ion) => ions.get(ion)!)) * scarce;
  for (const ion of TOGETHER.of) ions.set(ion, ions.get(ion)! - together);
  return ions.set(TOGETHER.ion, together);
}

const chargeOf = new Map<string, number>([...FUSED_IONS, TOGETHER].map(({ ion, charge }) => [ion, charge]));
const LEAST_MOL = 1e-12;

/** The anions with the sodium that holds them, and what is left of it as hydroxide. */
function withLye(anions: ReadonlyMap<string, number>, sodium: number): Record<string, number> {
  const made = [...anions].filter(([, mol]) => mol > LEAST_MOL);
  const bound = made.reduce((sum, [ion, mol]) => sum + mol * chargeOf.get(ion)!, 0);
  const lye = { [LYE.base]: sodium - bound, [LYE.metal]: sodium };
  return Object.fromEntries([...made, ...Object.entries(lye).filter(([, mol]) => mol > LEAST_MOL)]);
}

/**
 * Fuses a compound with sodium and makes the filtered extract.
 * @throws StructureError for a compound that must not be fused so, or amounts that cannot be.
 */
export function fuse(s: Structure, how: FusionConditions): Fused {
  const barred = refusal(s);
  if (barred)
    throw new StructureError(
      `this compound must not be fused with sodium: ${barred}. Leave it out and use the tests that need no fusion`,
    );
  if (how.boil_to_mL > how.water_mL) throw new StructureError('boil_to_mL: boil the water down, not up; give less than water_mL');
  if (how.boil_to_mL <= ON_PAPER)
    throw new StructureError(`boil_to_mL: so little stays on the paper; keep more than ${ON_PAPER} mL`);

  const compound = how.sample_mg / 1000 / s.molarMass;
  const sodium = (how.sodium_mg / 1000 / SODIUM) * (how.dried === false ? 0.7 : 1);
  const needed = Object.entries(NEEDS).reduce((sum, [e, n]) => sum + n * (s.atoms[e] ?? 0), 0);
  const supply = sodium / (compound * needed);

  const boils = pointsOf(s).boils ?? 300;
  const flighty = Math.min(0.9, Math.max(isSolid(s) ? 0.05 : 0.15, (330 - boils) / 300)) * (how.order === 'cover' ? 0.5 : 1);
  const kept = 1 - flighty * Math.exp(-how.gentle_minutes / 0.7);
  const heat = how.red_hot ? 1 : Math.min(0.5, 0.3 + 0.05 * how.gentle_minutes);
  const decomposed = Math.min(supply, heat * (1 - Math.exp(-2.2 * supply)));
  const spat = how.covered === false ? 0.85 : 1;

  const atoms = (e: string) => (s.atoms[e] ?? 0) * compound * kept * decomposed * spat * how.tubes;
  const allSodium = (how.sodium_mg / 1000 / SODIUM) * how.tubes * spat;

  return {
    ions: withLye(ionsOf(atoms, supply), allSodium),
    tar: atoms('C') * Math.max(0, (CLEAN - decomposed) / Math.max(decomposed, 0.05)) * 0.3,
    mL: how.boil_to_mL - ON_PAPER,
    good: decomposed >= CLEAN && kept >= 0.5,
  };
}
