/** Colours: of precipitates, of solutions, among their neighbours. */
import { reagentById } from '../../bench/contents';
import { lower } from '../../bench/operations/sentences';
import { lab, liquidSamples, namingDistance, opaqueSamples, wordDistance } from '../../senses/colour';
import { type Colour, plainWord } from '../../vocabulary/words';
import { ANOTHER_COLOUR, LOOKS_ALIKE } from '../data/faults';
import { PRECIPITANTS } from '../data/drilled';
import { type Choice, type Drill, type Maker, oneOf, type Random, shuffled } from '../drill';
import { add, anySalt, inSolution, seenAs, type Worked } from './worked';

const MOST_CREDIT_OF_A_MISS = 0.7;
/** A neighbour's word costs little, one that no careful eye would say costs all. */
const creditOf = (said: Colour, is: Colour): number =>
  said === is ? 1 : Math.max(0, MOST_CREDIT_OF_A_MISS * (1 - wordDistance(said, is) / ANOTHER_COLOUR));

/** The right word among its nearest neighbours and some that are far away; a word for what looks the same is not among them. */
function words(is: Colour, all: readonly Colour[], random: Random): Choice[] {
  const others = [...new Set(all)]
    .filter((w) => wordDistance(w, is) > LOOKS_ALIKE)
    .sort((a, b) => wordDistance(a, is) - wordDistance(b, is));
  const far = shuffled(random, others.slice(3)).slice(0, 2);
  return shuffled(random, [is, ...others.slice(0, 3), ...far]).map((w) => ({
    id: w,
    label: plainWord(w),
    credit: creditOf(w, is),
  }));
}

interface Fallen {
  readonly salt: string;
  readonly reagent: string;
  readonly colour: Colour;
  readonly result: Worked;
}

/** Something that falls when a bottle is added to a salt's solution. */
function fallen(random: Random): Fallen | null {
  const salt = anySalt(random);
  const reagent = oneOf(random, PRECIPITANTS);
  const result = inSolution(salt, add(reagent, 6))?.at(-1);
  const seen = result && seenAs(result, 'precipitate');
  const colour = seen?.event === 'formed' ? seen.colour : undefined;
  return result?.drawing.solid && colour && colour !== 'none' ? { salt, reagent, colour, result } : null;
}

const saidOf = ({ salt, reagent, colour }: Fallen) => `${salt} with ${lower(reagentById(reagent).name)}: ${plainWord(colour)}.`;

export const precipitateColour: Maker = (random): Drill | null => {
  const found = fallen(random);
  if (!found) return null;
  return {
    skill: 'precipitate-colour',
    key: `${found.colour}`,
    ask: 'Which colour has the precipitate?',
    exhibits: [{ caption: 'A tube, on white card', drawing: found.result.drawing }],
    answering: {
      by: 'choice',
      choices: words(
        found.colour,
        opaqueSamples.map(([w]) => w),
        random,
      ),
    },
    why: saidOf(found),
  };
};

export const liquidColour: Maker = (random) => {
  const salt = anySalt(random);
  const result = inSolution(salt)?.at(-1);
  const hex = result?.drawing.liquid?.hex;
  const seen = result && seenAs(result, 'solution');
  const colour = seen?.colour;
  if (!hex || !colour || colour === 'none') return null;
  // Most salts are colourless: of those only some.
  if (colour === 'colourless' && random() > 0.1) return null;
  return {
    skill: 'liquid-colour',
    key: colour,
    ask: 'Which colour has the solution?',
    exhibits: [{ caption: 'A tube, on white card', drawing: result.drawing }],
    answering: {
      by: 'choice',
      choices: words(
        colour,
        liquidSamples.map(([w]) => w),
        random,
      ),
    },
    why: `A solution of ${salt}: ${plainWord(colour)}.`,
  };
};

const TUBES = 4;
/** Tubes that are worked anew for each drill, beside those that stand there already. */
const DRAWS = 8;
const shelf = new Map<Colour, Fallen>();

export const findColour: Maker = (random) => {
  for (let i = 0; i < DRAWS; i++) {
    const one = fallen(random);
    if (one) shelf.set(one.colour, one);
  }
  const wanted = oneOf(random, [...shelf.keys()]);
  if (!wanted || shelf.size < TUBES) return null;
  const hexOf = (colour: Colour) => shelf.get(colour)!.result.drawing.solid!.hex;
  // Of two tubes that look the same neither could be called the one.
  const looksAlike = (a: Colour, b: Colour) => namingDistance(lab(hexOf(a)), lab(hexOf(b))) <= LOOKS_ALIKE;
  const near = [...shelf.keys()]
    .filter((c) => c === wanted || !(looksAlike(c, wanted) || wordDistance(c, wanted) <= LOOKS_ALIKE))
    .sort((a, b) => wordDistance(a, wanted) - wordDistance(b, wanted))
    .slice(0, TUBES);
  if (near.length < TUBES) return null;
  const tubes = shuffled(random, near);
  const letter = (i: number) => String.fromCharCode(65 + i);
  return {
    skill: 'find-colour',
    key: `${wanted}`,
    ask: `Which of these is ${plainWord(wanted)}?`,
    exhibits: tubes.map((c, i) => ({ caption: letter(i), drawing: shelf.get(c)!.result.drawing })),
    answering: {
      by: 'exhibit',
      choices: tubes.map((c, i) => ({ id: letter(i), label: letter(i), credit: creditOf(c, wanted) })),
    },
    why: tubes.map((c, i) => `${letter(i)}: ${plainWord(c)}`).join('; ') + '.',
  };
};
