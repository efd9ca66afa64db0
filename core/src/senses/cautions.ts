/**
 * Warnings and remarks. They rest on what was done and what was seen, never on what is in the tube: a warning that a person
 * could not have given would tell the unknown.
 */
import type { Op, OpOf } from '../bench/ops';
import { reagentById } from '../bench/contents';
import { ACID_PART } from '../matter/data/reagents';
import type { Observation } from '../vocabulary/observation';
import type { Colour, Smell } from '../vocabulary/words';

const FUMES: Readonly<Partial<Record<Colour, string>>> = {
  brown: 'Brown fumes are poisonous: work in the hood.',
  'red-brown': 'Red-brown vapour attacks eyes and lungs: work in the hood.',
  'pale-green': 'A pale-green gas attacks the lungs: work in the hood.',
  yellow: 'A yellow gas may explode: stop heating, keep behind the screen.',
  violet: 'Violet vapour attacks the eyes: work in the hood.',
};

const SMELT: Readonly<Partial<Record<Smell, string>>> = {
  'rotten-eggs': 'What smells of rotten eggs is poisonous and dulls the nose: work in the hood.',
  'bitter-almond-do-not-smell': 'Do not smell it again: stop, hood, and call your supervisor.',
};

const ACID_ON_UNKNOWN =
  'Acid on an unknown may set free a poisonous gas, hydrogen sulfide or hydrogen cyanide among them: work in the hood.';
/** mg of sodium in a tube, and times as much as of the compound, beyond which it is dangerous. By judgement, after Vogel (9.3): 30 to 50 mg. */
const FUSION_MG = { most: 150, times: 3 };
const MUCH_SODIUM =
  'This is far more sodium than the compound needs: what is left over burns and explodes as the tube goes into the water. Take a piece the size of a grain of rice, some 50 mg, on about as much of the compound, behind the screen; ethanol first if any is left.';
const ETHER = 'Ether takes fire from a flame across the bench: put all flames out, work in the hood, and vent the funnel often.';
/** mol/L from which an acid frees weak acids at once. */
const STRONG_ACID = 1;

/** Warnings for an operation, from the reagent and from what it showed. */
export function warningsFor(op: Op, see: readonly Observation[]): string[] {
  const out: string[] = [];
  if (op.op === 'add') {
    const reagent = reagentById(op.reagent);
    if (reagent.restricted) out.push(`${reagent.name}: ${reagent.restricted}`);
    if ((reagent.solution?.[ACID_PART] ?? 0) >= STRONG_ACID) out.push(ACID_ON_UNKNOWN);
  }
  if (op.op === 'shake-out') out.push(ETHER);
  if (op.op === 'fuse' && (op.sodium_mg > FUSION_MG.most || op.sodium_mg > FUSION_MG.times * op.sample_mg)) out.push(MUCH_SODIUM);
  if (op.op === 'paper' && op.where === 'mouth' && !op.damp) out.push('A dry paper shows nothing: damp it.');
  for (const o of see) {
    const warning = (o.channel === 'gas' && o.colour && FUMES[o.colour]) || (o.channel === 'smell' && o.smell && SMELT[o.smell]);
    if (warning) out.push(warning);
  }
  return [...new Set(out)];
}

/** Minutes of gentle heat under which a volatile compound boils away. */
const GENTLE_MINUTES = 1;

/** What a sodium fusion teaches, from how it was done and how the extract looks. */
export function fusionRemarks(op: OpOf<'fuse'>, see: readonly Observation[]): string[] {
  const out: string[] = [];
  if (op.sodium_mg < op.sample_mg)
    out.push('less sodium than compound: nitrogen and sulfur, if there are both, stay together as thiocyanate');
  if (!op.red_hot) out.push('never red hot: much of a compound is not broken down');
  if (op.gentle_minutes < GENTLE_MINUTES)
    out.push('heated fast at first: a volatile compound boils away before it meets the sodium');
  if (op.dried === false) out.push('the sodium was not pressed dry: oil and crust take its place and smoke');
  if (op.covered === false) out.push('the dish was not covered: left-over sodium spits, and some of the melt with it');
  if (op.tubes < 2) out.push('only one tube: two or three make an extract that lasts for all tests');
  if (op.boil_to_mL > op.water_mL * 0.6) out.push('hardly boiled down: the extract is thin');
  if (see.some((o) => o.channel === 'extract' && o.event === 'repeat-fusion'))
    out.push('not clear and colourless: the fusion was incomplete. Do it again.');
  return out;
}
