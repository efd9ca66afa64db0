/** Passphrases as they are kept: scrypt, salted, worked out in threads that nothing else waits for. */
import type { Crew } from '../workers/crew';
import { type HashingTasks, USUAL_COST } from '../workers/hashing';

const SECONDS = 10;

export class Passphrases {
  /** @param cost binary logarithm of the work factor; less than the usual only where nothing is guarded. */
  constructor(
    private readonly crew: Crew<HashingTasks>,
    private readonly cost = USUAL_COST,
  ) {}

  /** As it is kept. @throws HttpProblem `busy` when too many wait. */
  hashed(passphrase: string): Promise<string> {
    return this.crew.run('hash', { passphrase, cost: this.cost }, { seconds: SECONDS });
  }

  /** @param kept null where there is nobody: it takes as long. @throws HttpProblem `busy` when too many wait. */
  is(passphrase: string, kept: string | null): Promise<boolean> {
    return this.crew.run('compare', { passphrase, kept, cost: this.cost }, { seconds: SECONDS });
  }
}
