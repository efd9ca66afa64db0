/** What is only for now is asked for again: as often, and as late, as the server says. */
import { ApiError } from './api-error';

/** `stale`: a reading that crossed with a writing; asked again it is answered. */
const PASSES: ReadonlySet<ApiError['code']> = new Set(['offline', 'away', 'busy', 'too-many', 'stale']);
const FIRST_PAUSE_MS = 400;
const LONGEST_PAUSE_MS = 8000;
/** Times that a reading is asked for again before it is said that it did not arrive. */
const MOST_TRIES = 5;

/** Is it worth reading again? What was refused is not. */
const mayPass = (error: unknown): boolean => !(error instanceof ApiError) || PASSES.has(error.code);

/** Milliseconds to wait. @param tries that were made before. */
export function pauseAfter(error: unknown, tries: number): number {
  const wanted = error instanceof ApiError ? (error.retryAfter ?? 0) * 1000 : 0;
  return Math.max(wanted, Math.min(LONGEST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** tries));
}

/** @param tries that failed already. */
export const isWorthAnother = (tries: number, error: unknown): boolean => mayPass(error) && tries < MOST_TRIES;

/** Repeats what was not done because the server had its hands full. @throws whatever else goes wrong, at once. */
export async function whileBusy<T>(ask: () => Promise<T>, signal?: AbortSignal): Promise<T> {
  for (let tries = 0; ; tries++) {
    try {
      return await ask();
    } catch (error) {
      if (!(error instanceof ApiError) || error.code !== 'busy' || tries >= MOST_TRIES || signal?.aborted) throw error;
      await new Promise((resolve) => setTimeout(resolve, pauseAfter(error, tries)));
    }
  }
}
