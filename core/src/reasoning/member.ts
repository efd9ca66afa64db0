/** One of the things that a sample may be. */
export interface Member {
  /** What it would be found to hold: ions of a salt; elements and groups of a compound. */
  readonly holds: readonly string[];
  /** Its name, where the same holdings may have several. */
  readonly name?: string;
  /** Made of several: its outcomes are composed first, and simulated only when it comes to it. */
  readonly composed: boolean;
  /** Place of the member that is the same but for what does not belong to it: it is that which an entry is held against. */
  readonly apartFrom?: number;
}

const keys = new WeakMap<Member, string>();

/** One text for all members that hold the same. */
export function holdings(member: Member): string {
  let key = keys.get(member);
  if (key === undefined) keys.set(member, (key = [...member.holds].sort().join(' ')));
  return key;
}
