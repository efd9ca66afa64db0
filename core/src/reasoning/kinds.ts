/** Kinds of suspects, and lists of them in words. */
import { ANIONS, CATIONS } from '../matter/data/components';
import { TESTED_ELEMENTS } from '../organic/data/features';

const KINDS: readonly ReadonlySet<string>[] = [new Set(CATIONS), new Set(ANIONS), new Set(TESTED_ELEMENTS)];
/** Cations are weighed against cations, anions, elements and groups against their own kind. */
export const kindOf = (id: string): number => KINDS.findIndex((kind) => kind.has(id));

/** `a, b and c`. */
export const listed = (names: readonly string[]) =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`;
