/** What a tap on the form makes of the list of what was seen. */
import { type Choice, type FormLine, sameTap, saysNothing } from '#core/scheme/form';
import { type Observation, reworded } from '#core/vocabulary/observation';

type List = readonly Observation[];

const inLine = (o: Observation, line: FormLine): boolean =>
  Object.entries(line.fixed).every(([field, word]) => (o as unknown as Record<string, unknown>)[field] === word);

/** Those of a list that belong to a line of the form, by their places in the list. */
export const placesOf = (list: List, line: FormLine): number[] => list.flatMap((o, i) => (inLine(o, line) ? [i] : []));

export const isOn = (list: List, line: FormLine, { words }: Choice): boolean =>
  list.some((o) => inLine(o, line) && sameTap(o, words));

/** Says what was tapped, or takes it back when it is said already; what happened takes the place of "nothing". */
export function tapped(list: List, line: FormLine, choice: Choice): Observation[] {
  if (isOn(list, line, choice)) return list.filter((o) => !(inLine(o, line) && sameTap(o, choice.words)));
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
