/** What the server refuses, or that it cannot be reached, in words and as a code. */
import type { Problem } from '#contract';

export class ApiError extends Error {
  constructor(
    message: string,
    readonly code: Problem['code'] | 'offline',
    /** Seconds after which the server wants to be asked again. */
    readonly retryAfter?: number,
  ) {
    super(message);
  }
}
