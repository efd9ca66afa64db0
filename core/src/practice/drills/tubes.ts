/** What happened in a tube: something fell, dissolved, or was only the reagent. */
import { DROP_ML, reagentById } from '../../bench/contents';
import { speciesById } from '../../matter/catalogue';
import { BASES } from '../../matter/data/reagents';
import { parseSalt } from '../../matter/salts';
import { lower } from '../../bench/operations/sentences';
import { lab, namingDistance } from '../../senses/colour';
import type { Drawing } from '../../senses/drawn';
import { sayObservation } from '../../senses/sentences';
import { LOOKS_ALIKE } from '../data/faults';
import { COLOURED_BOTTLES, EXCESSES, PRECIPITANTS, QUIET_SALTS } from '../data/drilled';
import { type Choice, type Maker, oneOf } from '../drill';
import { add, anySalt, GRAMS_IN_TUBE, inSolution, seenAs } from './worked';

/** Choices of which one is right; `near` says what another is worth. */
const choices = (all: Readonly<Record<string, string>>, right: string, near: Readonly<Record<string, number>> = {}): Choice[] =>
  Object.entries(all).map(([id, label]) => ({ id, label, credit: id === right ? 1 : (near[id] ?? 0) }));

const FORMS = {
  precipitate: 'a precipitate',
  coloured: 'a coloured, clear solution',
  nothing: 'neither: clear and colourless',
};

export const form: Maker = (random) => {
  const wanted = oneOf(random, Object.keys(FORMS));
  const salt = random() < 0.3 ? oneOf(random, QUIET_SALTS) : anySalt(random);
  const reagent = oneOf(random, PRECIPITANTS);
  const result = inSolution(salt, add(reagent, 4))?.at(-1);
  if (!result) return null;
  const { liquid, solid } = result.drawing;
  const colour = seenAs(result, 'solution')?.colour;
  const fell = !!solid || !!liquid?.cloudy;
  const right = fell ? 'precipitate' : colour && colour !== 'colourless' && colour !== 'none' ? 'coloured' : 'nothing';
  if (right !== wanted) return null;
  return {
    skill: 'form',
    key: `${right} ${salt} ${reagent}`,
    ask: 'What is in the tube?',
    exhibits: [{ caption: 'After four drops', drawing: result.drawing }],
    answering: { by: 'choice', choices: choices(FORMS, right) },
    why: `${salt} with ${lower(reagentById(reagent).name)}: ${result.see.map(sayObservation).join('; ') || 'nothing to be seen'}.`,
  };
};

const DISSOLVING = {
  wholly: 'It dissolved wholly',
  partly: 'It dissolved in part',
  not: 'It does not dissolve',
  'too-little': 'Too little was added to say',
};
/** Drops that bring the precipitate down, and then to see whether it stays; or hardly any of either. */
const DROPS = { plenty: { first: 3, then: 40 }, little: { first: 1, then: 1 } } as const;
/** Equivalents of base for the metal, up to which nothing can be said of an excess, and from which it is one. */
const EQUIVALENTS = { tooLittle: 1.2, excess: 8 } as const;

/** Equivalents of base in so many drops for the metal in the tube: mol of base over mol of metal times its charge. */
function equivalentsOf(salt: string, reagent: string, drops: number): number {
  const { ions, molarMass } = parseSalt(salt);
  const charge = Math.max(...Object.keys(ions).map((id) => ions[id]! * (speciesById.get(id)?.charge ?? 0)));
  const metal = (GRAMS_IN_TUBE / molarMass) * charge;
  const solution = reagentById(reagent).solution ?? {};
  const base = BASES.reduce((sum, id) => sum + (solution[id] ?? 0), 0);
  return (base * drops * DROP_ML) / 1000 / metal;
}

export const dissolving: Maker = (random) => {
  const wanted = oneOf(random, Object.keys(DISSOLVING));
  const salt = anySalt(random);
  const reagent = oneOf(random, EXCESSES);
  const drops = wanted === 'too-little' ? DROPS.little : DROPS.plenty;
  const equivalents = equivalentsOf(salt, reagent, drops.first + drops.then);
  if (wanted === 'too-little' ? equivalents > EQUIVALENTS.tooLittle : equivalents < EQUIVALENTS.excess) return null;
  const [, first, then] = inSolution(salt, add(reagent, drops.first), add(reagent, drops.then)) ?? [];
  if (!first?.drawing.solid || !then) return null;
  const event = seenAs(then, 'precipitate')?.event;
  const right =
    !then.drawing.solid && !then.drawing.liquid?.cloudy
      ? 'wholly'
      : event === 'partly-dissolved'
        ? 'partly'
        : wanted === 'too-little'
          ? 'too-little'
          : 'not';
  // What dissolves in part only is seldom.
  if (right !== wanted && wanted !== 'partly') return null;
  const bottle = lower(reagentById(reagent).name);
  return {
    skill: 'dissolving',
    key: `${right} ${salt} ${reagent}`,
    ask: `Did the precipitate dissolve in an excess of ${bottle}?`,
    exhibits: [
      { caption: drops.first === 1 ? 'After a drop' : `After ${drops.first} drops`, drawing: first.drawing },
      { caption: `After ${drops.first + drops.then} drops`, drawing: then.drawing },
    ],
    answering: { by: 'choice', choices: choices(DISSOLVING, right, { [right === 'partly' ? 'wholly' : 'partly']: 0.4 }) },
    why:
      right === 'too-little'
        ? `${salt}: ${drops.first + drops.then} drops of ${bottle} are not even enough for all of the metal; add a good deal more before saying that it stays.`
        : `${salt} with ${bottle}: ${then.see.map(sayObservation).join('; ')}.`,
  };
};

const nearHex = (a: string | undefined, b: string | undefined): boolean =>
  a === undefined || b === undefined ? a === b : namingDistance(lab(a), lab(b)) <= LOOKS_ALIKE;
/** Do two tubes look the same, side by side? */
const looksLike = (a: Drawing, b: Drawing): boolean =>
  nearHex(a.liquid?.hex, b.liquid?.hex) && nearHex(a.solid?.hex, b.solid?.hex) && a.liquid?.cloudy === b.liquid?.cloudy;

const BLANK = { reagent: 'Only the reagent’s own', sample: 'The sample did something' };

export const blank: Maker = (random) => {
  const salt = random() < 0.5 ? oneOf(random, QUIET_SALTS) : anySalt(random);
  const reagent = oneOf(random, COLOURED_BOTTLES);
  const tube = inSolution(salt, add(reagent, 3))?.at(-1);
  const without = inSolution('NaNO3', add(reagent, 3))?.at(-1);
  if (!tube || !without) return null;
  const look = ({ drawing: { liquid, solid } }: typeof tube) => JSON.stringify([liquid, solid]);
  const alike = look(tube) === look(without);
  const said = (t: typeof tube) => JSON.stringify(t.see);
  // A difference that no eye sees is not asked about.
  if (!alike && (said(tube) === said(without) || looksLike(tube.drawing, without.drawing))) return null;
  const right = alike ? 'reagent' : 'sample';
  return {
    skill: 'blank',
    key: `${salt} ${reagent}`,
    ask: 'Is what you see the reagent’s own colour, or did the sample do something?',
    exhibits: [
      { caption: 'The sample', drawing: tube.drawing },
      { caption: 'The blank', drawing: without.drawing },
    ],
    answering: { by: 'choice', choices: choices(BLANK, right) },
    why: alike
      ? `${reagentById(reagent).name} is coloured: with ${salt} the tube looks as the blank does.`
      : `${salt} with ${lower(reagentById(reagent).name)}: ${tube.see.map(sayObservation).join('; ')}.`,
  };
};
