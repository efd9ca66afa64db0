/** What was washed out of a mixture of compounds: each portion can be worked in a case of its own. */
import type { Wash } from '../organic/data/washes';
import type { CaseState } from './case';

export interface Portion {
  readonly id: string;
  readonly wash: Wash;
  /** Did anything fall or part when the washings were set free? */
  readonly formed: boolean;
}

export const portionsOf = ({ operations }: CaseState): Portion[] =>
  operations.flatMap(({ op, result }) => {
    if (op.op !== 'shake-out' || !result) return [];
    const formed = !result.see.some((o) => o.channel === 'precipitate' && o.event === 'none');
    return [{ id: op.portion, wash: op.with, formed }];
  });
