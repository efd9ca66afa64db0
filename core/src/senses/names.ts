/** What people call an ion, element or group. */
import { ION_NAMES } from '../matter/data/components';
import { holdingName } from '../organic/data/features';

export const nameOf = (id: string): string => ION_NAMES[id] ?? holdingName(id) ?? id;

/** A functional group is said in words, not set as a formula. */
export const isSaidInWords = (id: string): boolean => holdingName(id) !== undefined && !/^[A-Z]/.test(id);
