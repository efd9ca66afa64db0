/** Where what was found is looked at. */
import type { Found, Kind } from '#core/finding/find';

export const KIND_NAMES: Readonly<Record<Kind, string>> = {
  test: 'Test',
  ion: 'Ion',
  element: 'Element',
  group: 'Functional group',
  reagent: 'Reagent',
  compound: 'Compound',
  place: 'Place',
};

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
