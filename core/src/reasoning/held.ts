/** What the members of a space hold and are, as numbers: for what goes through all of them again and again. */
import type { Space } from './space';

export interface Held {
  /** Places, among the suspects, of what all members hold, one member after another; and where each begins, and the last ends. */
  readonly places: Uint16Array;
  readonly from: Uint32Array;
  /** By member, one number for all that hold the same. */
  readonly alike: Uint32Array;
  /** By member, whether it is composed: 1 or 0. */
  readonly composed: Uint8Array;
  /** How many are. */
  readonly mixtures: number;
  /** By member, whether it is of no list: 1 or 0. */
  readonly unlisted: Uint8Array;
  /** By suspect, whether one of those holds it: 1 or 0. */
  readonly inUnlisted: Uint8Array;
}

const known = new WeakMap<Space, Held>();

export function heldIn(space: Space): Held {
  let held = known.get(space);
  if (!held) known.set(space, (held = readHeld(space)));
  return held;
}

function readHeld({ suspects, members }: Space): Held {
  const placeOf = new Map(suspects.map((id, i) => [id, i]));
  const from = new Uint32Array(members.length + 1);
  for (let m = 0; m < members.length; m++) from[m + 1] = from[m]! + members[m]!.holds.length;
  const places = new Uint16Array(from.at(-1)!);
  const alike = new Uint32Array(members.length);
  const numbers = new Map<string, number>();
  const composed = new Uint8Array(members.length);
  const unlisted = new Uint8Array(members.length);
  const inUnlisted = new Uint8Array(suspects.length);
  members.forEach((member, m) => {
    composed[m] = member.composed ? 1 : 0;
    unlisted[m] = member.unlisted ? 1 : 0;
    const held = places.subarray(from[m]!, from[m + 1]!);
    held.set(member.holds.map((id) => placeOf.get(id)!));
    if (member.unlisted) for (const at of held) inUnlisted[at] = 1;
    const all = held.toSorted().join(' ');
    if (!numbers.has(all)) numbers.set(all, numbers.size);
    alike[m] = numbers.get(all)!;
  });
  return { places, from, alike, composed, mixtures: members.filter((m) => m.composed).length, unlisted, inUnlisted };
}

/** Mixtures that hold the same as this member, in other pairings. */
export function twinsOf(space: Space, member: number): number[] {
  const { alike, composed } = heldIn(space);
  const twins: number[] = [];
  for (let m = 0; m < alike.length; m++) if (alike[m] === alike[member] && m !== member && composed[m]) twins.push(m);
  return twins;
}
