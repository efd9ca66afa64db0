/** Faults of technique and of judgement, with what comes of each. */
export const FAULTS = {
  'dry-paper': {
    name: 'Dry paper at the mouth',
    consequence: 'A gas must dissolve before it changes a colour: dry paper stays as it is whatever comes off.',
  },
  'dirty-wire': {
    name: 'The wire was not clean',
    consequence: 'Sodium from the wire colours every flame yellow and hides what is weaker.',
  },
  excess: {
    name: 'Far more reagent than the test takes',
    consequence: 'An excess can take back what was to be seen: precipitates dissolve, chlorine bleaches, and everything is thinner.',
  },
  unwashed: {
    name: 'A precipitate was not washed',
    consequence: 'Mother liquor clings to it: what is found next may come from the liquid, not from the solid.',
  },
  'sulfide-left': {
    name: 'Sulfide was not boiled off',
    consequence: 'With ammonia the sulfides of later groups fall at once, among the hydroxides.',
  },
  'extract-unboiled': {
    name: 'The acid extract was not boiled before silver nitrate',
    consequence: 'Cyanide and sulfide give precipitates with silver that pass for halides.',
  },
  'wrong-acid': {
    name: 'The acid brought in what the reagent precipitates',
    consequence: 'A precipitate falls with every sample, and tells nothing.',
  },
  'stopped-early': {
    name: 'The other elements were not tested for',
    consequence: 'Elements occur together: after one is found the others are still owed.',
  },
  'old-reagent': {
    name: 'An aged reagent',
    consequence: 'Iron(II) goes over to iron(III) on standing: rings and colours come late, weak, or from the reagent itself.',
  },
  'too-early': {
    name: 'Claimed as certain before it was proved',
    consequence: 'The entries that were named hint at it; none of them proves it.',
  },
  misread: {
    name: 'A colour was misread',
    consequence: 'What was written points to something else than what was there.',
  },
  overlooked: {
    name: 'Something small was overlooked',
    consequence: 'What is little can still be what is asked for.',
  },
} as const;
export type FaultKind = keyof typeof FAULTS;

/** Bottles that have stood too long, and the fresh ones. */
export const AGED_BOTTLES: Readonly<Record<string, string>> = { 'iron-ii-sulfate-aged-0.5M': 'iron-ii-sulfate-fresh-0.5M' };
/** Bottles that bring sulfide into an acid solution, to be boiled out again. */
export const SULFIDE_BOTTLES: readonly string[] = ['thioacetamide-1M'];
/** From this many times the procedure's amount on a reagent is in excess. */
export const FAR_TOO_MUCH = 2.5;
/** Colours further apart than this in words are not the same to a careful eye. */
export const ANOTHER_COLOUR = 0.11;
/** Colours nearer than this are not told apart in two pictures: about twice what a trained eye tells side by side, in OKLab. */
export const LOOKS_ALIKE = 0.03;
