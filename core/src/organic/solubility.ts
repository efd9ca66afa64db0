/** Solubility from structure and size: the neutral molecule by its partition and melting point, and what a charge adds. */
import { MoleculeProperties } from 'openchemlib';
import { charged, ionisableOf, protonsOf, strongest } from './acidity';
import { inLibrary } from './library';
import { pointsOf } from './melting';
import type { Feature } from './data/features';
import { type Structure, structureOf, unsaturation } from './structure';
import { type Solvent, SOLVENT_ROWS, type SolventRow } from './data/physical';

export type Solubility = 'soluble' | 'partly-soluble' | 'insoluble';

/** g/L: 0.1 g in 3 mL, and what is seen to dissolve in part. */
const SOLUBLE = 30;
const PARTLY = 9;
/** g/L between which the library's words lie. */
const BANDS = { soluble: [SOLUBLE, Infinity], partly: [PARTLY, SOLUBLE], insoluble: [0, PARTLY] } as const;
/** mol/L that the salt of an organic ion reaches before its own solubility ends it; less for long chains. By judgement. */
const SALT = 1.5;

/**
 * Where OpenChemLib's increments miss, in log units of solubility for each group: fitted to the solubilities of the library's
 * compounds. Hydrogen bonds within a ring hold a molecule out of water, phenolic hydroxyls draw it in, an
 * inner salt has a stronger lattice than its melting point tells.
 */
const STEPS: readonly (readonly [feature: Feature, step: number])[] = [
  ['phenol', 0.6],
  ['anthranilic', -0.7],
  ['nitro-phenol', -0.7],
  ['amino-acid', -1.2],
];

/**
 * Solubility of the uncharged molecule in water, mol/L: half way, in logarithms, between S. H. Yalkowsky, S. C. Valvani, J. Pharm.
 * Sci. 1980, 69, 912 (log S = 0.5 − 0.01 (mp − 25) − log P, the partition an estimate) and OpenChemLib's increments. Over 792
 * compounds outside the library (J. Huuskonen, J. Chem. Inf. Comput. Sci. 2000, 40, 773; many are drugs) it is off by a factor of
 * seven in the root mean square; each of the two alone by twelve and by seven, and the second may have been fitted to them.
 */
function estimatedInWater(s: Structure): number {
  const { melts } = pointsOf(s);
  const crystal = 0.01 * Math.max(0, Math.min(melts ?? 150, 250) - 25);
  const steps = STEPS.reduce(
    (sum, [feature, step]) => sum + step * s.count(feature),
    innerSalt(s) && !s.has('amino-acid') ? -1.2 : 0,
  );
  const byPartition = 0.5 - crystal - s.logP + steps;
  return 10 ** ((byPartition + new MoleculeProperties(s.molecule).logS) / 2);
}

/** Of all that was measured to dissolve in water, mol/L, what carries no charge. */
const unchargedOf = (s: Structure, molar: number): number =>
  molar /
  (1 +
    charged(
      s,
      balancedPH(s, () => molar),
    ));

const known = new WeakMap<Structure, number>();

/**
 * Solubility of the uncharged molecule in water, mol/L: as it was measured, else the estimate; moved into what the library's word
 * allows.
 */
export function inWaterNeutral(s: Structure): number {
  if (s.salt) return inWaterNeutral(structureOf(s.salt.free));
  let molar = known.get(s);
  if (molar !== undefined) return molar;
  const listed = inLibrary(s.smiles);
  const logS = listed?.logS;
  molar = logS === undefined ? estimatedInWater(s) : unchargedOf(s, 10 ** logS);
  if (listed?.inWater) {
    const [least, most] = BANDS[listed.inWater];
    // What dissolves sets the pH, which sets what dissolves.
    for (let i = 0; i < 20; i++) {
      const grams = dissolved(s, molar, ownPHOf(s, molar));
      if (grams >= least && grams < most) break;
      molar *= (grams < least ? least * 1.1 : most * 0.8) / grams;
    }
  }
  known.set(s, molar);
  return molar;
}

/** Solubility in water at a pH, g/L. */
export const inWater = (s: Structure, pH: number): number =>
  s.salt?.organic === 'quaternary' ? saltLimit(s) * s.molarMass : dissolved(s, inWaterNeutral(s), pH);

/** mol/L that the charged form reaches. */
const saltLimit = (s: Structure): number => SALT * Math.min(1, 10 ** (0.35 * (13 - (s.atoms['C'] ?? 0))));

function dissolved(s: Structure, neutral: number, pH: number): number {
  const salt = saltLimit(s);
  const ions = Math.min(salt, neutral * charged(s, pH));
  return Math.max(neutral, ions + Math.min(neutral, salt)) * s.molarMass;
}

/** mol/L of a salt whose pH is asked for. */
const SALT_MOLAR = 0.2;
const AMMONIUM_PKA = 9.25;

/** A proton held no more tightly than this makes the salt of an acid an acid salt. */
const ACID_SALT_PKA = 6.5;

/** pH of a salt's solution: half way between what its ions would have. */
function saltPH(s: Structure): number {
  const { organic, ammonium } = s.salt!;
  const acid = strongest(s, 'acid');
  const base = strongest(s, 'base');
  const kept = protonsOf(s)[0];
  const strength = Math.log10(SALT_MOLAR);
  if (organic === 'quaternary') return 7;
  if (organic === 'protonated') return Math.max(1, ((kept ?? 1) - strength) / 2);
  // An acid salt lies half way between what it has given and what it can still give.
  if (kept !== undefined && kept < ACID_SALT_PKA) return ((acid ?? kept) + kept) / 2;
  if (ammonium) return (AMMONIUM_PKA + (acid ?? 10)) / 2;
  const taker = Math.max(acid ?? 10, base !== undefined && acid !== undefined && base > acid ? base : -Infinity);
  return Math.min(13, Math.max(7, 7 + (taker + strength) / 2));
}

/** pH of the sample's own solution in water, at most 0.3 mol/L. */
export const ownPH = (s: Structure): number => (s.salt ? saltPH(s) : ownPHOf(s, inWaterNeutral(s)));

/** mol/L of a sample in water, at most: 0.1 g in 3 mL. */
const MOST_MOLAR = 0.3;

/**
 * pH at which the charges of the sample and of water cancel.
 * @param dissolves mol/L in all that are dissolved at a pH.
 */
function balancedPH(s: Structure, dissolves: (pH: number) => number): number {
  const groups = ionisableOf(s);
  const charge = (pH: number) => {
    const each = groups.reduce(
      (sum, { kind, pKa }) => sum + (kind === 'base' ? 1 / (1 + 10 ** (pH - pKa)) : -1 / (1 + 10 ** (pKa - pH))),
      0,
    );
    return 10 ** -pH - 10 ** (pH - 14) + Math.min(MOST_MOLAR, dissolves(pH)) * each;
  };
  let [low, high] = [-1, 15];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (charge(middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

const ownPHOf = (s: Structure, neutral: number) => balancedPH(s, (pH) => neutral * (1 + charged(s, pH)));

const word = (gramsPerLitre: number): Solubility =>
  gramsPerLitre >= SOLUBLE ? 'soluble' : gramsPerLitre >= PARTLY ? 'partly-soluble' : 'insoluble';

/** Acid and base in one molecule, the one strong enough to charge the other. */
function innerSalt(s: Structure): boolean {
  const [acid, base] = [strongest(s, 'acid'), strongest(s, 'base')];
  return acid !== undefined && base !== undefined && acid < 7 && base > acid;
}

/** Below this log P a compound stays out of ether; between the two it goes in part. Every carboxyl after the first counts against it. */
const ETHER = { out: -1.2, part: -0.75, carboxyl: 0.2 };

function inEther(s: Structure): Solubility {
  if (s.salt || innerSalt(s) || s.has('sulfonic-acid', 'carbohydrate')) return 'insoluble';
  const likes = s.logP - ETHER.carboxyl * Math.max(0, s.count('carboxylic-acid') - 1);
  if (likes < ETHER.out) return 'insoluble';
  return likes < ETHER.part ? 'partly-soluble' : 'soluble';
}

/** Takes a proton from, or reacts with, cold concentrated sulfuric acid: whatever has a lone pair on O, N or S, or a π bond outside a ring. */
function inSulfuricAcid(s: Structure): Solubility {
  const basic = (['O', 'N', 'S', 'P'] as const).some((e) => (s.atoms[e] ?? 0) > 0);
  const methyls = s.aromaticRings > 0 && unsaturation(s) === 4 ? (s.atoms['C'] ?? 0) - 6 : 0;
  if (basic || s.has('thiophene') || s.has('alkene', 'alkyne') || methyls >= 3) return 'soluble';
  return 'insoluble';
}

export function solubilityIn(s: Structure, solvent: Solvent): Solubility {
  const { kind, pH, opens }: SolventRow = SOLVENT_ROWS[solvent];
  if (kind === 'ether') return inEther(s);
  if (kind === 'sulfuric-acid') return inSulfuricAcid(s);
  if (opens && s.has('acid-halide', 'anhydride')) return 'soluble';
  // What is measured of a salt is the salt's own, which its free acid does not tell.
  const listed = s.salt && pH === undefined ? inLibrary(s.smiles)?.inWater : undefined;
  if (listed) return listed === 'partly' ? 'partly-soluble' : listed;
  return word(inWater(s, pH ?? ownPH(s)));
}
