/** What a list says of a case. */
import type { CaseDigest } from '#core/record/view';
import type { CaseSummary } from '#contract';
import type { TakenIn } from './store';

interface Standing {
  readonly id: string;
  readonly createdAt: Date;
  readonly takenIn: TakenIn | null;
  readonly set: string | null;
}

export const summaryOf = ({ id, createdAt, takenIn, set }: Standing, { last: _, ...digest }: CaseDigest): CaseSummary => ({
  id,
  createdAt: createdAt.toISOString(),
  ...digest,
  hinted: [...digest.hinted],
  takenIn: takenIn && { at: takenIn.at, author: takenIn.author },
  set,
});
