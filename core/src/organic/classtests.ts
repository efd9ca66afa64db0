/** What a classification test shows on a structure: how far each of its groups reacts in the time, and what that looks like. */
import { asRead } from '../vocabulary/readings';
import type { Observation } from '../vocabulary/observation';
import { type MeltingConditions, boilingRange, isSolid, meltingRange, pointsOf } from './melting';
import { type PhysicalTest, type Solvent, SOLVENT_ROWS, type SolventRow } from './data/physical';
import type { Reaction, Reactivity } from './data/reactivity';
import { densityOf, refractiveIndexOf } from './constants';
import type { DerivativeRow } from './data/derivatives';
import { derivativeOf } from './derivatives';
import { titrate } from './equivalents';
import { OXIDES } from '../matter/data/dry';
import { ownPH, solubilityIn } from './solubility';
import { type Structure, structureOf } from './structure';
import { derivativeTest, physicalTest, reagentTest } from './testids';
import { protonsOf } from './acidity';

export type Grade = 'strong' | 'weak' | 'slow' | 'negative';

export interface ClassTestResult {
  readonly see: readonly Observation[];
  readonly grade: Grade;
}

/** Less than this of a reaction is not seen. */
const VISIBLE = 0.1;
const WEAK = 0.45;
/** What does not dissolve in a watery reagent meets it only at its surface. */
const HETEROGENEOUS = 4;

function paceOf(s: Structure, r: Reaction, test: Reactivity): number {
  const halfLife = typeof r.halfLife === 'number' ? r.halfLife : r.halfLife(s);
  return test.medium === 'water' && solubilityIn(s, 'water') === 'insoluble' ? halfLife * HETEROGENEOUS : halfLife;
}

function amountOf(extent: number): Observation['amount'] {
  if (extent < 0.2) return 'trace';
  if (extent < WEAK) return 'slight';
  return extent < 0.85 ? 'moderate' : 'heavy';
}

function measured(o: Observation, extent: number, halfLife: number): Observation {
  if (o.channel === 'precipitate' && o.event === 'formed') return { ...o, amount: amountOf(extent) };
  if (o.channel === 'gas' && o.event === 'evolved')
    return { ...o, vigour: halfLife < 0.1 ? 'vigorous' : halfLife < 1 ? 'brisk' : 'slow' };
  return o;
}

function react(s: Structure, test: Reactivity): ClassTestResult {
  let fastest: { reaction: Reaction; halfLife: number } | undefined;
  for (const reaction of test.reactions) {
    if (!s.has(...reaction.of) || (reaction.unless && s.has(...reaction.unless))) continue;
    const halfLife = paceOf(s, reaction, test);
    if (!fastest || halfLife < fastest.halfLife) fastest = { reaction, halfLife };
  }
  const extent = fastest ? 1 - 2 ** (-test.wait / fastest.halfLife) : 0;
  if (!fastest || extent < VISIBLE) return { see: test.blank, grade: 'negative' };
  const { gives } = fastest.reaction;
  const see = (typeof gives === 'function' ? gives(s, extent) : gives).map((o) => measured(o, extent, fastest.halfLife));
  return { see, grade: extent < WEAK ? 'weak' : fastest.halfLife > test.wait / 4 ? 'slow' : 'strong' };
}

/** Carbon in rings and double bonds burns with soot: pairs of π electrons for each carbon. */
const SOOTY = 0.3;

/** A small acid or amide falls apart to gases; what has chains, rings or many hydroxyls leaves carbon. By judgement. */
const chars = (s: Structure): boolean => {
  const hydroxyls = s.count('alcohol-primary') + s.count('alcohol-secondary') + s.count('alcohol-tertiary');
  if (s.has('carbohydrate', 'amino-acid', 'sulfonic-acid')) return true;
  if (hydroxyls > 0 && hydroxyls + s.count('carboxylic-acid') > 2) return true;
  return pointsOf(s).decomposes && ((s.atoms['C'] ?? 0) > 3 || s.aromaticRings > 0 || hydroxyls > 0);
};

function ignition(s: Structure): Observation[] {
  const carbons = s.atoms['C'] ?? 0;
  const carbonPi = 3 * s.aromaticRings + s.count('alkene') + 2 * s.count('alkyne');
  const halogens = (s.atoms['Cl'] ?? 0) + (s.atoms['Br'] ?? 0) + (s.atoms['I'] ?? 0);
  const sooty = (carbonPi + 0.5 * halogens) / carbons >= SOOTY;
  const out: Observation[] = [];
  if (isSolid(s))
    out.push({
      channel: 'solid',
      event: chars(s) ? 'charred' : 'melted',
    });
  const ash = s.salt?.metal && OXIDES[`${s.salt.metal}${s.salt.metal === 'Ca' ? '2' : ''}+`];
  if (ash) out.push({ channel: 'solid', colour: ash.cold });
  out.push({
    channel: 'soot',
    event: sooty ? 'sooty' : 'clean',
    colour: sooty ? 'yellow' : (s.atoms['O'] ?? 0) * 3 >= carbons ? 'pale-blue' : 'yellow',
  });
  return out;
}

/** Copper takes up chlorine, bromine or iodine and colours the flame; some compounds of nitrogen do for a moment. */
function copperWire(s: Structure): Observation[] {
  const halogen = (['Cl', 'Br', 'I'] as const).some((x) => (s.atoms[x] ?? 0) > 0);
  if (halogen) return [{ channel: 'flame', colour: 'green', through: 'none', duration: 'lasting' }];
  if (s.has('urea', 'thiourea')) return [{ channel: 'flame', colour: 'blue-green', through: 'none', duration: 'flash' }];
  return [{ channel: 'flame', colour: 'none', through: 'none' }];
}

/** pH of the acid that a halide or anhydride becomes on damp paper. */
const WATERED = 2;
/** A salt of a weak acid turns red litmus from this pH on. */
const ALKALINE_SALT = 8.9;
/** Aromatic amines are too weak bases to carry the paper's own buffer with them; pyridine does. */
const ALKALINE_BASE = 9.2;

function litmus(s: Structure): Observation[] {
  const pH = s.has('acid-halide', 'anhydride', 'sulfonyl-chloride') ? WATERED : ownPH(s);
  const red = pH < 5.2;
  const blue = pH > (s.salt ? ALKALINE_SALT : ALKALINE_BASE);
  return [
    { channel: 'paper', paper: 'blue-litmus', event: red ? 'changed' : 'unchanged', colour: red ? 'red' : 'blue' },
    { channel: 'paper', paper: 'red-litmus', event: blue ? 'changed' : 'unchanged', colour: blue ? 'blue' : 'red' },
  ];
}

function solubility(s: Structure, solvent: Solvent): Observation[] {
  const event = solubilityIn(s, solvent);
  const out: Observation[] = [{ channel: 'solubility', event }];
  const { fizzes, chars }: SolventRow = SOLVENT_ROWS[solvent];
  const freed = fizzes && event === 'soluble' && (protonsOf(s)[0] ?? 14) < 6;
  if (freed) out.push({ channel: 'gas', event: 'evolved', colour: 'colourless', vigour: 'slow' });
  if (chars && s.has('carbohydrate')) out.push({ channel: 'solid', event: 'charred', colour: 'black' });
  return out;
}

/** Groups that absorb visible light, alone or pushed by a neighbour. */
export function colourOf(s: Structure): NonNullable<Observation['colour']> {
  if (s.has('azo')) return 'orange';
  const pushed = s.has('nitro-aryl') && s.has('amine-primary-aryl', 'aryl-amine-tertiary', 'nitro-phenol');
  if (pushed || s.has('quinone')) return 'yellow';
  if (s.count('nitro') > 1 && s.has('phenol')) return 'yellow';
  const wide = s.has('diketone') || (s.count('enone') > 1 && s.aromaticRings > 1) || s.has('fluorenone');
  if (wide || (s.has('nitro-aryl') && !isSolid(s)) || (s.has('enone') && s.aromaticRings > 1)) return 'pale-yellow';
  if ((s.atoms['I'] ?? 0) >= 3) return 'yellow';
  return isSolid(s) ? 'white' : 'colourless';
}

function smellOf(s: Structure): NonNullable<Observation['smell']> {
  const carbons = s.atoms['C'] ?? 0;
  if ((pointsOf(s).boils ?? 400) > 260) return 'none';
  if (s.has('thiol')) return 'garlic';
  if (s.has('alkyl-amine') && carbons <= 8 && !s.has('carboxylic-acid')) return 'ammonia';
  if (s.has('acid-halide', 'anhydride', 'formic-acid')) return 'pungent';
  if (s.has('carboxylic-acid') && carbons <= 6 && !isSolid(s)) return carbons <= 2 ? 'vinegar' : 'pungent';
  if (s.has('aryl-aldehyde') || (s.aromaticRings === 1 && s.has('nitrile', 'nitro') && !isSolid(s)))
    return 'bitter-almond-do-not-smell';
  if (s.has('ester') && !isSolid(s)) return 'fruity';
  if (s.has('alkyl-aldehyde') && carbons <= 6) return 'pungent';
  return 'none';
}

function look(s: Structure): Observation[] {
  const colour = colourOf(s);
  const shown: Observation = isSolid(s)
    ? { channel: 'solid', event: 'unchanged', colour }
    : { channel: 'solution', event: 'unchanged', colour, clarity: 'clear' };
  return [shown, { channel: 'smell', smell: smellOf(s) }];
}

function melting(s: Structure, how: MeltingConditions): Observation[] {
  const range = meltingRange(s, how);
  if (!range) return [{ channel: 'temperature', event: 'none' }];
  return [{ channel: 'temperature', event: range.decomposes ? 'decomposes' : 'melts', celsius: range.from, to: range.to }];
}

function boiling(s: Structure): Observation[] {
  const range = boilingRange(s);
  return range
    ? [{ channel: 'temperature', event: 'boils', celsius: range.from, to: range.to }]
    : [{ channel: 'temperature', event: 'none' }];
}

const NO_MEASUREMENT: Observation[] = [{ channel: 'measurement', event: 'none' }];
const measurement = (event: 'refractive-index' | 'density', value: number): Observation[] => [
  { channel: 'measurement', event, value },
];

function derivative(s: Structure, row: DerivativeRow): ClassTestResult {
  const made = derivativeOf(s, row);
  if (!made) return { see: [{ channel: 'precipitate', event: 'none' }], grade: 'negative' };
  const crystals: Observation = { channel: 'precipitate', event: 'formed', colour: row.colour, texture: 'crystalline' };
  const { melts } = made;
  const point: Observation[] = melts
    ? [
        {
          channel: 'temperature',
          event: melts.decomposes ? 'decomposes' : 'melts',
          celsius: melts.celsius - 1,
          to: melts.celsius,
        },
      ]
    : [];
  return { see: [crystals, ...point], grade: 'strong' };
}

function physical({ does }: PhysicalTest, s: Structure, how: MeltingConditions): Observation[] {
  if (typeof does === 'object') return solubility(s, does.dissolve);
  switch (does) {
    case 'look':
      return look(s);
    case 'ignite':
      return ignition(s);
    case 'copper-wire':
      return copperWire(s);
    case 'litmus':
      return litmus(s);
    case 'melt':
      return melting(s, how);
    case 'boil':
      return boiling(s);
    case 'refractive-index':
      return isSolid(s) ? NO_MEASUREMENT : measurement(does, asRead('refractive-index', refractiveIndexOf(s).value));
    case 'density':
      return isSolid(s) ? NO_MEASUREMENT : measurement(does, asRead('density', densityOf(s).value));
    case 'neutralisation-equivalent':
    case 'saponification-equivalent': {
      const read = titrate([{ structure: s, share: 1 }], does);
      return read
        ? [{ channel: 'measurement', event: does, value: read.equivalent, grams: read.grams, mL: read.mL }]
        : NO_MEASUREMENT;
    }
  }
}

/**
 * Runs a classification test.
 * @param test an id of `ORGANIC_TEST_IDS`.
 */
export function classTest(s: Structure, test: string, how: MeltingConditions = {}): ClassTestResult {
  const plain = physicalTest.get(test);
  if (plain) return { see: physical(plain, s, how), grade: 'strong' };
  const row = derivativeTest.get(test);
  return row ? derivative(s, row) : react(s, reagentTest.get(test)!);
}

/** The compound that is run beside the sample. */
export const controlFor = (test: string, which: 'positive' | 'negative'): Structure =>
  structureOf((physicalTest.get(test) ?? derivativeTest.get(test) ?? reagentTest.get(test))![which]);
