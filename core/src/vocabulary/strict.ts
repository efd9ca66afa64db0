/** Objects in files that people write: a key that is not known is an error that names the likely one. */
import { distance } from 'fastest-levenshtein';
import * as z from 'zod';

/** Slips of the fingers in a word, at most, by its length. */
const slipsIn = (word: string) => Math.max(2, Math.floor(word.length / 3));

/** The word that was probably meant, if one is near enough. */
export function likely(word: string, known: readonly string[]): string | undefined {
  const [best] = known.map((k) => [distance(word.toLowerCase(), k.toLowerCase()), k] as const).sort((a, b) => a[0] - b[0]);
  return best && best[0] <= slipsIn(word) ? best[1] : undefined;
}

/** What is said of keys that are not known. */
export function sayUnknownKeys(keys: readonly string[], known: readonly string[]): string {
  const [key = ''] = keys;
  const meant = likely(key, known);
  return `there is no "${key}" here; ${meant ? `did you mean "${meant}"?` : `there are ${known.join(', ')}`}`;
}

/** An object with these fields and no others. */
export const strictly = <S extends z.ZodRawShape>(shape: S) =>
  z.strictObject(shape, {
    error: (issue) => (issue.code === 'unrecognized_keys' ? sayUnknownKeys(issue.keys, Object.keys(shape)) : undefined),
  });
