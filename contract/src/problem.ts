/** What went wrong, for a person and for a program. */
import type { Received } from '#core/vocabulary/received';
import * as z from 'zod';

/** RFC 9457 problem details, with a stable code and what to do. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number(),
  code: z.enum(['bad-input', 'not-found', 'stale', 'forbidden', 'signed-out', 'too-many', 'busy', 'away', 'internal']),
  detail: z.string(),
  /** Of the request, to be told to the administrator; absent where no server answered. */
  tag: z.string().optional(),
});
export type Problem = Received<z.infer<typeof problemSchema>>;
