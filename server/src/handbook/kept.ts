/** Tables of the handbook that were worked out once. */
import { LRUCache } from 'lru-cache';
import type { Scheme } from '#core/scheme/model';

const KEPT_TESTS = 300;

export interface InScheme {
  readonly scheme: Scheme;
  readonly test: string;
}

/** What was worked out for a test in a scheme; what failed is worked out again when it is next asked for. */
export class Kept<T extends object> {
  private readonly found = new LRUCache<string, Promise<T>>({ max: KEPT_TESTS });

  of({ scheme, test }: InScheme, workOut: () => Promise<T>): Promise<T> {
    const key = `${scheme} ${test}`;
    const known = this.found.get(key) ?? workOut();
    if (!this.found.has(key)) {
      this.found.set(key, known);
      known.catch(() => this.found.delete(key));
    }
    return known;
  }
}
