/** One of the things that a sample may be. */
export interface Member {
  /** What it would be found to hold: ions of a salt; elements and groups of a compound. */
  readonly holds: readonly string[];
  /** Its name, where the same holdings may have several. */
  readonly name?: string;
  /** Made of several: its outcomes are composed first, and simulated only when it comes to it. */
  readonly composed: boolean;
  /** Stands for all that hold this and have no name here: what it shows is judged by what the named ones show. */
  readonly unlisted?: boolean;
  /** Place of the member that is the same but for what does not belong to it: it is that which an entry is held against. */
  readonly apartFrom?: number;
}

/** A sample of one bottle, known for what it is. */
export const isPlain = ({ composed, unlisted }: Member): boolean => !composed && !unlisted;
