/** What of a record is searched: every entry and every report, in words. */
import { testTitle } from '../scheme/tests';
import { nameOf } from '../senses/names';
import { sayAll, sayBlank, sayInferred } from '../senses/sentences';
import type { CaseState, Entry, Report } from './case';

export interface Words {
  /** Of the event that said it. */
  readonly seq: number;
  /** Of the entry; null for a report. */
  readonly number: number | null;
  readonly words: string;
}

const joined = (...parts: readonly (string | false | undefined)[]) => parts.filter(Boolean).join(' ');

/** An entry in words; how a suspect is called and its formula are both found. */
const entryWords = (e: Entry): string =>
  joined(
    `${testTitle(e.test)}:`,
    sayAll(e.observed),
    e.note,
    e.blank && `Blank: ${sayBlank(e)}`,
    sayInferred(e.infers),
    e.infers?.map((i) => i.of).join(' '),
    e.inference,
    e.vessel !== undefined && `Tube ${e.vessel}.`,
  );

const reportWords = (r: Report): string =>
  joined(
    'Report:',
    ...r.found.map((f) => `${nameOf(f.ion)} (${f.ion}) ${f.claim === 'confirmed' ? 'present' : 'may be present'};`),
    r.formula,
    r.remarks,
    `signed ${r.signed}`,
  );

/** What the last event of a case said in words; null when it said nothing. */
export function lastWords(state: CaseState, kind: string): Words | null {
  if (kind === 'entry') {
    const entry = state.entries.at(-1)!;
    return { seq: state.seq, number: entry.number, words: entryWords(entry) };
  }
  return kind === 'conclusion' ? { seq: state.seq, number: null, words: reportWords(state.reports.at(-1)!) } : null;
}
