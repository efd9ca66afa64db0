/** What a tap on the form makes of the list of what was seen. */
import { type Choice, type FormLine, isJoined, sameTap, saysNothing } from '#core/scheme/form';
import { type Observation, reworded, wordsOf } from '#core/vocabulary/observation';

type List = readonly Observation[];

const inLine = (o: Observation, line: FormLine): boolean =>
  Object.entries(line.fixed).every(([field, word]) => wordsOf(o)[field] === word);

/** Those of a list that belong to a line of the form, by their places in the list. */
export const placesOf = (list: List, line: FormLine): number[] => list.flatMap((o, i) => (inLine(o, line) ? [i] : []));

const ownWords = (line: FormLine, { words }: Choice): [string, unknown][] =>
  Object.entries(words).filter(([field]) => !(field in line.fixed));

/** Does an observation say what a tap says? */
const says = (o: Observation, line: FormLine, choice: Choice): boolean =>
  inLine(o, line) &&
  (isJoined(line.channel)
    ? ownWords(line, choice).every(([field, word]) => wordsOf(o)[field] === word)
    : sameTap(o, choice.words));

export const isOn = (list: List, line: FormLine, choice: Choice): boolean => list.some((o) => says(o, line, choice));

/** In a channel whose words stand in one observation, the tap puts its word there or takes it out. */
function joined(list: List, line: FormLine, choice: Choice): Observation[] {
  const own = ownWords(line, choice);
  const out = isOn(list, line, choice);
  const known = list.find((o) => inLine(o, line)) ?? line.fixed;
  const now = reworded(
    known,
    Object.fromEntries(own.map(([field, word]) => [field, out ? undefined : word])) as Record<string, string>,
  );
  const left = Object.entries(now).some(([field, word]) => !(field in line.fixed) && word !== undefined);
  return [...list.filter((o) => !inLine(o, line)), ...(left ? [now] : [])];
}

/** Says what was tapped, or takes it back when it is said already; what happened takes the place of "nothing". */
export function tapped(list: List, line: FormLine, choice: Choice): Observation[] {
  if (isJoined(line.channel)) return joined(list, line, choice);
  if (isOn(list, line, choice)) return list.filter((o) => !says(o, line, choice));
  const nothing = saysNothing(choice.words);
  const kept = list.filter((o) => !inLine(o, line) || (!nothing && !saysNothing(o)));
  const { words } = choice;
  const before = kept.filter((o) => inLine(o, line)).at(-1);
  // A second colour of what has fallen already is what it turned to.
  const turned = words.channel === 'precipitate' && words.event === 'formed' && before?.colour !== undefined;
  return [...kept, turned ? reworded(words, { event: 'colour-changed' }) : words];
}

/** Says one of a list more closely, or takes that back. */
export const closer = (list: List, place: number, field: string, word: string | number | undefined): Observation[] =>
  list.map((o, i) => (i === place ? reworded(o, { [field]: word }) : o));
