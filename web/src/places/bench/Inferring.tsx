import { SAID, type Said } from '#core/record/events';
import { shownBy } from '#core/reasoning/entries';
import { nameOf } from '#core/senses/names';
import type { Observation } from '#core/vocabulary/observation';
import { plainWord } from '#core/vocabulary/words';
import type { CaseView, SuspectView } from '#contract';
import { ChoiceField } from '../../parts/fields';
import { Formula } from '../../parts/Formula';
import { Chip } from '../../parts/ui';
import { suspectChoices } from '../suspects/choices';

export interface Inferred {
  readonly of: string;
  readonly says: Said;
}

const OPTIONS = SAID.map((value) => ({ value, name: plainWord(value) }));
/** Of the suspects that stand out, so many are offered beside those whose sign was seen. */
const ALSO_OFFERED = 4;

interface Props {
  matter: CaseView['summary']['matter'];
  test: string;
  observed: readonly Observation[];
  suspects: ReadonlyMap<string, SuspectView>;
  infers: readonly Inferred[];
  change: (infers: Inferred[]) => void;
}

/** Which suspects an entry speaks of, and how strongly: those whose sign it shows are offered first. */
export function Inferring({ matter, test, observed, suspects, infers, change }: Props) {
  const signed = shownBy({ number: 0, test, observed });
  const standing = [...suspects.values()]
    .filter((s) => s.state !== 'open' && s.state !== 'ruled-out' && !signed.includes(s.id))
    .sort((a, b) => b.probability - a.probability)
    .slice(0, ALSO_OFFERED)
    .map((s) => s.id);
  const offered = [...new Set([...infers.map((i) => i.of), ...signed, ...standing])];
  const without = (id: string) => infers.filter((i) => i.of !== id);
  const add = (id: string) => change([...without(id), { of: id, says: 'may-be-present' }]);
  return (
    <div role="group" aria-label="What it says of" className="mt-2">
      <p className="text-sm text-muted">It speaks of</p>
      <div className="mt-1 flex flex-wrap gap-1">
        {offered.map((id) => {
          const on = infers.some((i) => i.of === id);
          return (
            <Chip key={id} small on={on} onClick={() => (on ? change(without(id)) : add(id))}>
              <Formula of={id} />
            </Chip>
          );
        })}
      </div>
      <ChoiceField
        label="Another suspect"
        labelClass="sr-only"
        value=""
        onChange={(e) => e.target.value && add(e.target.value)}
        options={suspectChoices(matter, offered.length ? 'another …' : 'choose …')}
      />
      {infers.map(({ of, says }) => (
        <ChoiceField
          key={of}
          label={nameOf(of)}
          className="mt-1"
          labelClass="text-muted"
          options={OPTIONS}
          value={says}
          onChange={(e) => change(infers.map((i) => (i.of === of ? { of, says: e.target.value as Said } : i)))}
        />
      ))}
    </div>
  );
}
