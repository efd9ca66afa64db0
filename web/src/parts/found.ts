/** Where what was found is looked at. */
import type { Found, Kind } from '#core/finding/find';
import { stationOf, testById } from '#core/scheme/tests';

const KIND_NAMES: Readonly<Record<Exclude<Kind, 'test'>, string>> = {
  ion: 'Ion',
  element: 'Element',
  group: 'Functional group',
  reagent: 'Reagent',
  compound: 'Compound',
  place: 'Place',
};

/** Tests of salts and of compounds may have the same title. */
const isForCompounds = ({ id }: Found): boolean => stationOf(testById.get(id)!, 'organic') !== undefined;

export function kindName(found: Found): string {
  if (found.kind !== 'test') return KIND_NAMES[found.kind];
  return isForCompounds(found) ? 'Test for compounds' : 'Test for salts';
}

/** Is it of use on a sample of this kind? */
export const suits = (found: Found, matter: 'salt' | 'compound'): boolean =>
  found.kind !== 'test' || isForCompounds(found) === (matter === 'compound');

/**
 * The address of something found; a reagent is looked up among the tests that use it.
 * @param caseId the case that is open: tests and reagents are then found on its bench.
 */
export function addressOf({ kind, id }: Found, caseId?: string): string {
  switch (kind) {
    case 'test':
      return caseId === undefined ? `/handbook/tests/${id}` : `/cases/${caseId}/bench?test=${id}`;
    case 'ion':
    case 'element':
    case 'group':
      return caseId === undefined
        ? `/handbook/suspects/${encodeURIComponent(id)}`
        : `/cases/${caseId}/suspects/${encodeURIComponent(id)}`;
    case 'reagent':
      return caseId === undefined ? `/handbook?find=${encodeURIComponent(id)}` : `/cases/${caseId}/bench`;
    case 'compound':
      return `/compounds?find=${encodeURIComponent(id)}`;
    case 'place':
      return `/${id}`;
  }
}
