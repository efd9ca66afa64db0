/** What a case says in words, for the search. */
import { applyEvent, type CaseState, openCase } from '#core/record/case';
import { lastWords, type Words } from '#core/record/words';
import { stampOf } from '#core/exchange/case-file';
import type { EventBody } from './chain';

/** All that the events of a case say in words. */
export function wordsOf(bodies: readonly EventBody[]): Words[] {
  let state: CaseState | null = null;
  const words: Words[] = [];
  for (const body of bodies) {
    const { event } = body;
    const stamp = stampOf(body);
    state = state ? applyEvent(state, event, stamp) : openCase(event, stamp);
    const said = lastWords(state, event.kind);
    if (said) words.push(said);
  }
  return words;
}
