/** Unknowns drawn at random by how hard they are, and what the label of any sample may say of how it looks. */
import { openBench, perform } from '../bench/bench';
import type { SampleSpec } from '../bench/sample';
import { strongest } from '../organic/acidity';
import type { Wash } from '../organic/data/washes';
import { shakeOut } from '../organic/extraction';
import { LIBRARY } from '../organic/library';
import { isSolid } from '../organic/melting';
import { solubilityIn } from '../organic/solubility';
import { observe } from '../senses/perceive';
import { sayAll } from '../senses/sentences';
import { groupsOf, type Structure, structureOf } from '../organic/structure';
import type { Level } from './data/levels';
import { FORMS, type Form } from './hypotheses';
import { weightOf } from './priors';

const COMMON_SHARE = 0.25;
const COMPOUND_GRAMS = 5;
const MOST_GROUPS = 1;

const byCommonness = [...FORMS].sort((a, b) => weightOf(b) - weightOf(a));
const common = byCommonness.filter((f) => f.ions.length === 2).slice(0, Math.round(FORMS.length * COMMON_SHARE));

/** Picks by weight. @param random a number in 0…1. */
function pick(forms: readonly Form[], random: () => number): Form {
  let left = random() * forms.reduce((sum, f) => sum + weightOf(f), 0);
  return forms.find((f) => (left -= weightOf(f)) <= 0) ?? forms.at(-1)!;
}

const salts = ({ sample }: Form) => ('salts' in sample ? sample.salts : []);

/** Two salts that share no ion, the one twice as much as the other. */
function mixed(random: () => number): SampleSpec {
  const one = pick(common, random);
  const other = pick(
    common.filter((f) => !f.ions.some((ion) => one.ions.includes(ion))),
    random,
  );
  return { salts: [...salts(one).map((s) => ({ ...s, grams: 2 })), ...salts(other).map((s) => ({ ...s, grams: 1 }))] };
}

/** One of the library that fits, each as likely; what is not drawn is not read. @param fits what some of it does. */
function fromLibrary(fits: (s: Structure) => boolean, random: () => number): string {
  for (;;) {
    const { smiles } = LIBRARY[Math.floor(random() * LIBRARY.length)]!;
    if (fits(structureOf(smiles))) return smiles;
  }
}

function compound(few: boolean, random: () => number): SampleSpec {
  const fits = (s: Structure) => {
    const groups = groupsOf(s).length;
    return groups > 0 && groups <= MOST_GROUPS === few;
  };
  return { smiles: fromLibrary(fits, random), grams: COMPOUND_GRAMS };
}

/** Grams of each of three solids, none of which water takes, nor out of ether. */
const PART_GRAMS = 2;
const LEAST_LOG_P = 1;

/** An acid that hydrogencarbonate takes out of ether, a base that dilute acid does, and a solid that neither does nor alkali. */
const PARTED: readonly ((s: Structure, acid: number | undefined, base: number | undefined) => boolean)[] = [
  (s, acid, base) => acid !== undefined && acid < 5 && base === undefined && isTaken(s, 'nahco3-5pc'),
  (s, acid, base) => acid === undefined && base !== undefined && base > 3.5 && isTaken(s, 'hcl-5pc'),
  (s, acid, base) => acid === undefined && base === undefined && solubilityIn(s, 'naoh-5pc') === 'insoluble',
];

/** Do three washings take nearly all of it? Not of a fatty acid, whose soap they do not dissolve. */
function isTaken({ smiles }: Structure, wash: Wash): boolean {
  const { ether } = shakeOut([{ smiles, grams: PART_GRAMS }], wash, 3);
  return ether.reduce((sum, { grams }) => sum + grams, 0) < 0.02 * PART_GRAMS;
}

function toBeParted(random: () => number): SampleSpec {
  const parted = (s: Structure) =>
    s.salt === undefined &&
    isSolid(s) &&
    s.logP >= LEAST_LOG_P &&
    groupsOf(s).length > 0 &&
    solubilityIn(s, 'water') === 'insoluble';
  return {
    compounds: PARTED.map((fits) => ({
      smiles: fromLibrary((s) => parted(s) && fits(s, strongest(s, 'acid'), strongest(s, 'base')), random),
      grams: PART_GRAMS,
    })),
  };
}

/** @param random numbers in 0…1. */
export function drawUnknown(level: Level, random: () => number): SampleSpec {
  switch (level) {
    case 'common-salt':
      return pick(common, random).sample;
    case 'any-salt':
      return FORMS[Math.floor(random() * FORMS.length)]!.sample;
    case 'mixture':
      return mixed(random);
    case 'simple-compound':
      return compound(true, random);
    case 'any-compound':
      return compound(false, random);
    case 'compounds-to-part':
      return toBeParted(random);
  }
}

/**
 * What anyone sees of a sample before the first test: its label says no more.
 * @throws BenchError when there is no such sample.
 */
export function looksLike(sample: SampleSpec): string {
  const bench = openBench(sample);
  const op =
    'salts' in sample ? ({ op: 'take-solid', to: 'A', grams: 0.05 } as const) : ({ op: 'test', test: 'compound-look' } as const);
  const seen = observe(perform(bench, op).happened).filter((o) => o.channel === 'solid' || o.channel === 'solution');
  return sayAll(seen).slice(0, -1).toLowerCase() || 'not remarkable';
}
