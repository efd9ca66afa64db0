/** What happened in a tube: something fell, dissolved, or was only the reagent. */
import { reagentById } from '../../bench/contents';
import { lower } from '../../scheme/say';
import { sayObservation } from '../../senses/sentences';
import { COLOURED_BOTTLES, EXCESSES, PRECIPITANTS, QUIET_SALTS } from '../data/drilled';
import { type Choice, type Maker, oneOf } from '../drill';
import { add, anySalt, inSolution, seenAs } from './worked';

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
const LITTLE = 3;
const PLENTY = 40;

export const dissolving: Maker = (random) => {
  const wanted = oneOf(random, Object.keys(DISSOLVING));
  const salt = anySalt(random);
  const reagent = oneOf(random, EXCESSES);
  const more = wanted === 'too-little' ? LITTLE : PLENTY;
  const [, first, then] = inSolution(salt, add(reagent, LITTLE), add(reagent, more)) ?? [];
  if (!first?.drawing.solid || !then) return null;
  const event = seenAs(then, 'precipitate')?.event;
  const right =
    !then.drawing.solid && !then.drawing.liquid?.cloudy
      ? 'wholly'
      : event === 'partly-dissolved'
        ? 'partly'
        : more === LITTLE
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
      { caption: `After ${LITTLE} drops`, drawing: first.drawing },
      { caption: `After ${LITTLE + more} drops`, drawing: then.drawing },
    ],
    answering: { by: 'choice', choices: choices(DISSOLVING, right, { [right === 'partly' ? 'wholly' : 'partly']: 0.4 }) },
    why:
      right === 'too-little'
        ? `${salt}: ${2 * LITTLE} drops are no excess; add a good deal more before saying that it stays.`
        : `${salt} with ${bottle}: ${then.see.map(sayObservation).join('; ')}.`,
  };
};

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
  if (!alike && said(tube) === said(without)) return null;
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
