import { testTitle } from '#core/scheme/tests';
import type { EntryView } from '#contract';

/** What an entry is called: its test; in free work what was done. */
export const entryTitle = ({ test, called }: Pick<EntryView, 'test' | 'called'>): string => called ?? testTitle(test);
