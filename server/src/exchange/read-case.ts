/** A case read from a file, from the outside in. */
import { type CaseFile, CaseFileError, readCaseFile, stateOf } from '#core/exchange/case-file';
import type { CaseState } from '#core/record/case';
import type { Words } from '#core/record/words';
import { brokenAt, canonical, type EventBody, type LinkedEvent } from '../cases/chain';
import { wordsOf } from '../cases/words';
import { keepable } from '../http/keepable';

export interface ReadCase {
  readonly id: string;
  /** Its identity was left out. */
  readonly sealed: boolean;
  readonly state: CaseState;
  readonly links: readonly LinkedEvent[];
  readonly words: readonly Words[];
}

function parsed(bytes: Uint8Array): unknown {
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw new CaseFileError('the file is neither a case in JSON nor an .eln archive');
  }
  if (!keepable(value)) throw new CaseFileError('it holds characters or keys that cannot be kept, or is nested too deep');
  return value;
}

/** The chain as it was written. @throws CaseFileError where it is broken. */
function linksOf(raw: unknown, file: CaseFile): LinkedEvent[] {
  const events = (raw as { events: { body: EventBody; hash: string }[] }).events;
  let before = { seq: 0, hash: '' };
  return events.map(({ body, hash }, i) => {
    const text = canonical(body);
    if (canonical(file.events[i]!.body) !== text) throw new CaseFileError(`event ${i + 1} holds fields that are not known here`);
    const row = { case_id: file.case, seq: body.seq, id: body.id, body: text, hash };
    const broken = brokenAt(row, before, file.sealed);
    if (broken) throw new CaseFileError(broken);
    before = { seq: body.seq, hash };
    return { body, text, hash };
  });
}

/**
 * Reads a case in JSON: its form, its chain, and what it says. Done in a thread, for a long record takes a second or two.
 * @throws CaseFileError saying what is wrong with the file.
 */
export function readCase(bytes: Uint8Array): ReadCase {
  const raw = parsed(bytes);
  const file = readCaseFile(raw);
  const links = linksOf(raw, file);
  const state = stateOf(file);
  if (file.sealed !== (state.subject.kind === 'simulated' && state.status !== 'opened-up'))
    throw new CaseFileError('it says "sealed" of a case that is not, or the other way round');
  return { id: file.case, sealed: file.sealed, state, links, words: wordsOf(links.map((l) => l.body)) };
}
