/** Kinds of suspects, and lists of them in words. */
import { ANIONS, CATIONS } from '../matter/data/components';
import { TESTED_ELEMENTS, type TestedElement } from '../organic/data/features';

const KINDS = new Map([CATIONS, ANIONS, TESTED_ELEMENTS].flatMap((ids, kind) => ids.map((id): [string, number] => [id, kind])));
const GROUP = -1;
/** Cations are weighed against cations, anions, elements and groups against their own kind. */
export const kindOf = (id: string): number => KINDS.get(id) ?? GROUP;

export const isElement = (id: string): id is TestedElement => (TESTED_ELEMENTS as readonly string[]).includes(id);

/** `a, b and c`. */
export const listed = (names: readonly string[]) =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`;
