/** What of a case is sent to who reads it. */
import { changesSince, chemistryOf, digestOf } from '#core/record/view';
import type { CaseChanges, Person } from '#contract';
import type { CaseDocument } from './documents';
import { summaryOf } from './summary';

const ELSEWHERE = 'its sample is sealed and stayed where the case was begun';

/** Why a case that was taken in cannot be gone on with; null when it can. */
export const sealedElsewhere = ({ takenIn }: CaseDocument): string | null => (takenIn?.sealed ? ELSEWHERE : null);

/**
 * What the reader may see of all that happened after an event.
 * @param version of the simulator now.
 */
export function changesFor(document: CaseDocument, after: number, reader: Person, version: string): CaseChanges {
  const { state } = document;
  const chemistry = chemistryOf(state);
  const changes = changesSince(state, after, reader.id === document.owner ? 'owner' : 'examiner');
  return {
    ...changes,
    after,
    readOnly: changes.readOnly ?? sealedElsewhere(document),
    summary: summaryOf(document, digestOf(state)),
    olderChemistry: chemistry !== null && chemistry !== version,
  };
}
