/** Operations in words, short and imperative, for a person at the bench. */
import type { Wash } from '../organic/data/washes';
import { reagentName } from '../bench/contents';
import { waitForTest } from '../organic/testids';
import type { Op } from '../bench/ops';

const amount = (op: { drops?: number; mL?: number; grams?: number }) =>
  op.drops !== undefined
    ? `${op.drops} ${op.drops === 1 ? 'drop' : 'drops'} of`
    : op.mL !== undefined
      ? `${op.mL} mL of`
      : op.grams !== undefined
        ? `${op.grams} g of`
        : 'some';
const time = (minutes = 1) => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`;
const words = (id: string) => id.replaceAll('-', ' ');
/** A name as it stands within a sentence. */
export const lower = (name: string) => (/^[A-Z][a-z]/.test(name) ? name[0]!.toLowerCase() + name.slice(1) : name);

/** What is in a bottle as a sentence has it: its label's "Hydrochloric acid, 2 M" is "2 M hydrochloric acid". */
function reagent(id: string): string {
  const [name, ...qualities] = reagentName(id).split(', ') as [string, ...string[]];
  return qualities.reduce((said, quality) => {
    const [first, ...solvent] = quality.replace(/^conc\.$/, 'concentrated').split(' in ') as [string, ...string[]];
    return [`${first} ${said}`, ...solvent].join(' in ');
  }, lower(name));
}

const UNTIL = {
  'just-basic': 'drop by drop, stirring, until red litmus just turns blue',
  'just-acidic': 'drop by drop, stirring, until blue litmus just turns red',
  'in-excess': 'drop by drop, until nothing more happens',
};

export const WASH_NAMES: Readonly<Record<Wash, string>> = {
  'hcl-5pc': 'hydrochloric acid, 5 %',
  'nahco3-5pc': 'sodium hydrogencarbonate, 5 %',
  'naoh-5pc': 'sodium hydroxide, 5 %',
};

/** Is this the name of a vessel, and not of what is in it, such as "the original solution"? */
const isVessel = (name: string) => /\b(tube|beaker|dish)\b/.test(name);
const from = (name: string) => (isVessel(name) ? `from ${name}` : `of ${name}`);
/** @param how what is said of a vessel before its name. */
const goesTo = (name: string, how: 'in' | 'into') => (isVessel(name) ? ` ${how} ${name}` : `; this is ${name}`);

/** @param tube what a vessel is called here, or what is in it. */
export function sayOp(op: Op, tube: (id: string) => string): string {
  switch (op.op) {
    case 'take':
      return `Transfer ${op.mL} mL ${op.from === 'sample' ? 'of the sample' : from(tube(op.from))} to ${tube(op.to)}.`;
    case 'take-solid':
      return `Place ${op.grams} g of the dry sample in ${tube(op.to)}.`;
    case 'dissolve':
      return `Dissolve ${op.grams} g of the sample in ${op.mL} mL of ${reagent(op.in)} with ${op.warm ? 'warming' : 'shaking'}${goesTo(tube(op.to), 'in')}.`;
    case 'add':
      if (op.until) return `Add ${reagent(op.reagent)} to ${tube(op.to)} ${UNTIL[op.until]}.`;
      if (op.layered) return `Run ${amount(op)} ${reagent(op.reagent)} down the side of ${tube(op.to)}, without mixing.`;
      return `Add ${amount(op)} ${reagent(op.reagent)} to ${tube(op.to)}.`;
    case 'pass':
      return `Pass ${words(op.gas)} into ${tube(op.to)} for ${time(op.minutes)}.`;
    case 'heat':
      if (op.to === 'strong') return `Heat ${tube(op.vessel)} strongly for ${time(op.minutes)}.`;
      return op.to === 'warm'
        ? `Warm ${tube(op.vessel)} in a water bath for ${time(op.minutes)}.`
        : `Boil ${tube(op.vessel)} gently for ${time(op.minutes)}.`;
    case 'set-up':
      return `Set up a ${op.as}, ${op.vessel}.`;
    case 'lead':
      return `Pass the gas from ${tube(op.from)} into the liquid in ${tube(op.to)}.`;
    case 'evaporate':
      if (op.fumes) return `Evaporate ${tube(op.vessel)} in the hood until white fumes appear.`;
      return op.dry ? `Evaporate ${tube(op.vessel)} just to dryness.` : `Evaporate ${tube(op.vessel)} to ${op.to_mL} mL.`;
    case 'cool':
      return `Cool ${tube(op.vessel)} under the tap.`;
    case 'shake':
      return `Shake ${tube(op.vessel)}.`;
    case 'centrifuge':
      return `Centrifuge ${tube(op.vessel)} with a counterweight, then observe it.`;
    case 'stand':
      return `Leave ${tube(op.vessel)} to stand for ${time(op.minutes)}.`;
    case 'decant':
      return `Decant the supernatant from ${tube(op.from)}${goesTo(tube(op.to), 'into')}.`;
    case 'filter':
      return `Filter ${tube(op.from)}${goesTo(tube(op.to), 'into')}.`;
    case 'wash':
      return `Wash the solid in ${tube(op.vessel)} ${op.times === 2 ? 'twice' : `${op.times} times`} with ${op.mL} mL of ${reagent(op.with)}.`;
    case 'paper':
      return op.where === 'mouth'
        ? `Hold ${op.damp ? 'damp ' : 'dry '}${words(op.paper)} paper at the mouth of ${tube(op.vessel)}.`
        : `Put a drop of ${tube(op.vessel)} on ${words(op.paper)} paper with the rod.`;
    case 'splint':
      return `Hold a ${op.splint} splint at the mouth of ${tube(op.vessel)}.`;
    case 'limewater':
      return `Pass the gas from ${tube(op.vessel)} into lime water.`;
    case 'smell':
      return `Waft the vapour from ${tube(op.vessel)} towards your nose; do not inhale it directly.`;
    case 'look':
      return `Observe ${tube(op.vessel)} against a white and a black card.`;
    case 'rod':
      return `Hold a rod dipped in ${reagent(op.dipped)} at the mouth of ${tube(op.vessel)}.`;
    case 'flame':
      return `Hold ${op.from === 'sample' ? 'the salt' : tube(op.from)} on the ${op.wire === 'dirty' ? 'unclean' : 'clean'} wire in the edge of the flame${op.through === 'cobalt-glass' ? ', and look through cobalt glass' : ''}.`;
    case 'bead':
      return `Make a borax bead in the ${op.zone} flame and observe it ${op.look}.`;
    case 'dry-heat':
      return `Heat ${op.grams} g of the dry sample in hard-glass tube ${op.to}${op.strong ? ', gently and then to redness' : ''}.`;
    case 'charcoal':
      return op.then
        ? 'Moisten the residue on the charcoal with cobalt nitrate and heat it again.'
        : 'Heat the sample with sodium carbonate in the charcoal cavity with the blowpipe.';
    case 'carbonate-extract':
      return `Boil ${op.grams} g of the sample with sodium carbonate solution and filter${goesTo(tube(op.to), 'into')}.`;
    case 'fuse':
      return `Fuse ${op.sample_mg} mg with ${op.sodium_mg} mg of sodium in ${op.tubes === 1 ? 'one tube' : `each of ${op.tubes} tubes`}, take it up in ${op.water_mL} mL of water, boil it down to ${op.boil_to_mL} mL and filter it.`;
    case 'shake-out':
      return `Dissolve the sample in ether and shake it ${op.times === 1 ? 'once' : `${op.times} times`} with ${WASH_NAMES[op.with]}; set free what the washings hold, as ${op.portion}.`;
    case 'work-on':
      return `Put the rest aside as ${op.aside} and go on with ${op.portion}.`;
    case 'test':
      return op.control ? `Run the ${op.control} control beside it.` : 'Do the test on the sample.';
  }
}

/** Minutes for which a person waits and may do something else; 0 where there is no wait. */
export function waitOf(op: Op): number {
  if (op.op === 'stand' || op.op === 'heat') return op.minutes ?? 0;
  return op.op === 'test' && !op.control && waitForTest(op.test) >= 2 ? waitForTest(op.test) : 0;
}
