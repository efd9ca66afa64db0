/** The case as it will look when what waits has arrived. */
import type { Foreseen } from '#core/exchange/away';
import { type CaseView, withChanges } from '#contract';

/** The known case with what is foreseen; what only the simulator can show stays as it was. */
export function ahead(known: CaseView, { changes, digest }: Foreseen): CaseView {
  const { olderChemistry, summary } = known;
  const next = withChanges(known, {
    ...changes,
    after: known.seq,
    olderChemistry,
    summary: { ...summary, ...digest, hinted: [...digest.hinted] },
  });
  if (summary.kind === 'real') return next;
  const { showing, words, fusion, active } = known;
  return { ...next, showing, fusion, active, ...(words && { words }) };
}
