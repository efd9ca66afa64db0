/** The operations that a bench script or a person can ask for. Each is defined in a file of its own in `operations/`. */
import type { Received } from '../vocabulary/received';
import * as z from 'zod';
import { OPERATIONS } from './operations/index';
import type { Operation } from './operations/operation';

type Definition = (typeof OPERATIONS)[keyof typeof OPERATIONS];
type Schema = Definition['schema'];

export const opSchema = z.discriminatedUnion(
  'op',
  Object.values(OPERATIONS).map(({ schema }) => schema) as [Schema, ...Schema[]],
);

export type Op = Received<z.infer<typeof opSchema>>;
export type OpOf<K extends Op['op']> = Extract<Op, { op: K }>;

export const definitionOf = (op: Op): Operation<Op> => OPERATIONS[op.op];

const named = (op: Op, fields: readonly string[]): string[] => {
  const values: Readonly<Record<string, unknown>> = op;
  return fields.map((f) => values[f]).filter((v): v is string => typeof v === 'string' && v !== 'sample');
};

/** The fields that name the vessels that an operation works on. */
export const placeFields = (op: Op): readonly string[] => definitionOf(op).places;

/** The vessels that an operation works on. */
export const placesIn = (op: Op): string[] => named(op, placeFields(op));

/** Every vessel that an operation touches. */
export const vesselsIn = (op: Op): string[] => named(op, [...placeFields(op), 'unrinsed']);

/** The vessel in which what an operation does is seen. */
export function workedOn(op: Op): string | null {
  const { seenIn } = definitionOf(op);
  return seenIn === undefined ? null : (named(op, [seenIn])[0] ?? null);
}

/** The vessel that an operation fills with something fresh. */
export function filledBy(op: Op): string | null {
  const { fills } = definitionOf(op);
  return fills === undefined ? null : (named(op, [fills])[0] ?? null);
}

/** Ids of the bottles that an operation opens. */
export const reagentsIn = (op: Op): readonly string[] => definitionOf(op).reagents?.(op) ?? [];
