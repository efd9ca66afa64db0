import { ANIONS, CATIONS } from '#core/matter/data/components';
import { GROUPS, TESTED_ELEMENTS } from '#core/organic/data/features';
import { nameOf } from '#core/senses/names';
import type { CaseView } from '#contract';
import type { Option } from '../../parts/fields';

const ALL: Readonly<Record<CaseView['summary']['matter'], Readonly<Record<string, readonly string[]>>>> = {
  salt: { Cations: CATIONS, Anions: ANIONS },
  compound: { Elements: TESTED_ELEMENTS, Groups: ['carbohydrate', ...Object.keys(GROUPS)] },
};

/** Everything that may be claimed of a sample, to choose one. @param none what stands there until then. */
export const suspectChoices = (matter: CaseView['summary']['matter'], none: string): Option[] => [
  { value: '', name: none },
  ...Object.entries(ALL[matter]).flatMap(([group, ids]) => ids.map((id) => ({ value: id, name: nameOf(id), group }))),
];
