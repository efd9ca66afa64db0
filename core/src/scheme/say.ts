/** Operations in words, short and imperative, for a person at the bench. */
import { definitionOf, type Op } from '../bench/ops';

/** @param tube what a vessel is called here, or what is in it. */
export const sayOp = (op: Op, tube: (id: string) => string): string => definitionOf(op).say(op, tube);

/** Minutes for which a person waits and may do something else; 0 where there is no wait. */
export const waitOf = (op: Op): number => definitionOf(op).wait?.(op) ?? 0;
