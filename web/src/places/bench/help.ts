import type { CaseView } from '#contract';

interface Asked {
  readonly rules: Pick<CaseView['rules'], 'help' | 'ownFirst'>;
  readonly summary: Pick<CaseView['summary'], 'kind' | 'set'>;
}

/**
 * Is it said what follows from an entry? At a real bench unless the house gives no help, at a simulated one where it helps with words;
 * never where one's own inference comes first, nor in work that was set, in which one reasons oneself.
 */
export function saysWhatFollows({ rules, summary }: Asked): boolean {
  if (rules.ownFirst || summary.set !== null) return false;
  return rules.help === 'words' || (summary.kind === 'real' && rules.help !== 'none');
}
