/** Ids and places in addresses: one that cannot be is answered as one that is not there. */
import * as z from 'zod';
import { HttpProblem } from './problem';

const uuid = z.uuid();

/** @throws HttpProblem */
export function caseId(value: unknown): string {
  const id = uuid.safeParse(value);
  if (!id.success) throw new HttpProblem('not-found', 'There is no such case; go back to your cases.');
  return id.data;
}

/** The number of the last event that who asks knows. */
export const afterSchema = z.coerce.number<string>().int().nonnegative().default(0);
