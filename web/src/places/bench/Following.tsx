import { type Follows, followsFrom } from '#core/reasoning/follows';
import type { StandardTest } from '#core/scheme/model';
import { nameOf } from '#core/senses/names';
import type { Observation } from '#core/vocabulary/observation';
import { plainWord } from '#core/vocabulary/words';
import type { CaseView } from '#contract';
import { Fragment, useMemo } from 'react';
import { Formula } from '../../parts/Formula';
import { Chip } from '../../parts/ui';
import { useGiven } from '../../state/expected';
import type { Inferred } from './Inferring';
import { schemeOfCase } from './Route';

interface Props {
  view: CaseView;
  test: StandardTest;
  observed: readonly Observation[];
  infers: readonly Inferred[];
  change: (infers: Inferred[]) => void;
}

/** What follows from what was seen, each inference written down by one press; all of one entry say as much of what they name. */
export function Following({ view, test, observed, infers, change }: Props) {
  const given = useGiven(test, view.rules);
  const scheme = schemeOfCase(view);
  const offered = useMemo(() => followsFrom(scheme, test, observed, given), [scheme, test, observed, given]);
  const [first] = offered;
  if (!first) return null;
  const said = ({ of, says }: Follows) => of.every((id) => infers.some((i) => i.of === id && i.says === says));
  const without = (ids: readonly string[]) => infers.filter((i) => !ids.includes(i.of));
  const press = (one: Follows) =>
    change([...without(one.of), ...(said(one) ? [] : one.of.map((of) => ({ of, says: one.says })))]);
  return (
    <div role="group" aria-label="What follows" className="mb-1.5 flex flex-wrap items-center gap-1">
      {offered.map((one) => (
        <Chip
          key={one.of.join(' ')}
          small
          on={said(one)}
          aria-label={`${one.of.map(nameOf).join(', ')} ${plainWord(one.says)}`}
          onClick={() => press(one)}
        >
          <span>
            {one.of.map((id, i) => (
              <Fragment key={id}>
                {i > 0 && ', '}
                <Formula of={id} />
              </Fragment>
            ))}
          </span>
        </Chip>
      ))}
      <span className="text-sm text-muted" aria-hidden>
        {plainWord(first.says)}
      </span>
    </div>
  );
}
