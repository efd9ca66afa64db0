/** What people call an ion, element or group. */
import { ION_NAMES } from '../matter/data/components';
import { holdingName } from '../organic/data/features';

export const nameOf = (id: string): string => ION_NAMES[id] ?? holdingName(id) ?? id;
