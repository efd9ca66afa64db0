/** What a case says in words, for the search. */
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import { lastWords, type Words } from '#core/record/words';
import type { EventBody } from './chain';

/** All that the events of a case say in words. */
export function wordsOf(bodies: readonly EventBody[]): Words[] {
  let state: CaseState | null = null;
  const words: Words[] = [];
  for (const { event, seq, at, who } of bodies) {
    const stamp = { seq, at, who: who.name };
    state = state ? applyEvent(state, event, stamp) : openCase(event, stamp);
    const said = lastWords(state, event.kind);
    if (said) words.push(said);
  }
  return words;
}
