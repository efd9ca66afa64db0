import { type Follows, followsFrom } from '#core/reasoning/follows';
import type { StandardTest } from '#core/scheme/model';
import type { Observation } from '#core/vocabulary/observation';
import { plainWord } from '#core/vocabulary/words';
import type { CaseView } from '#contract';
import { useMemo } from 'react';
import { Formula } from '../../parts/Formula';
import { Chip } from '../../parts/ui';
import { useGiven } from '../../state/expected';
import type { Inferred } from './Inferring';
import { schemeOfCase } from './Route';

/** Where it is said what follows: at a real bench, or where the house helps with words; not where one's own inference comes first. */
export const saysWhatFollows = ({ rules, summary }: CaseView): boolean =>
  !rules.ownFirst && (summary.kind === 'real' || rules.help === 'words');

interface Props {
  view: CaseView;
  test: StandardTest;
  observed: readonly Observation[];
  infers: readonly Inferred[];
  change: (infers: Inferred[]) => void;
}

const keyOf = ({ of, says }: Follows): string => [...of, says].join(' ');

/** What follows from what was seen, each inference written down by one press. */
export function Following({ view, test, observed, infers, change }: Props) {
  const given = useGiven(test, view.rules);
  const scheme = schemeOfCase(view);
  const offered = useMemo(() => followsFrom(scheme, test, observed, given), [scheme, test, observed, given]);
  if (!offered.length) return null;
  const said = (of: string, says: Follows['says']) => infers.some((i) => i.of === of && i.says === says);
  const without = (ids: readonly string[]) => infers.filter((i) => !ids.includes(i.of));
  return (
    <div role="group" aria-label="What follows" className="mt-2 flex flex-wrap items-center gap-1">
      <span className="label mr-1 font-sans">It follows</span>
      {offered.map((one) => {
        const on = one.of.every((id) => said(id, one.says));
        return (
          <Chip
            key={keyOf(one)}
            small
            on={on}
            onClick={() => change(on ? without(one.of) : [...without(one.of), ...one.of.map((of) => ({ of, says: one.says }))])}
          >
            {one.of.map((id, i) => (
              <span key={id}>
                {i > 0 && ', '}
                <Formula of={id} />
              </span>
            ))}{' '}
            {plainWord(one.says)}
          </Chip>
        );
      })}
    </div>
  );
}
