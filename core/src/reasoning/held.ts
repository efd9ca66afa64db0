/** What the members of a space hold, as numbers: for what goes through all of them again and again. */
import type { Space } from './space';

/** Places, among the suspects, of what all members hold, one member after another; and where each begins, and the last ends. */
export interface Held {
  readonly places: Uint16Array;
  readonly from: Uint32Array;
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
  let at = 0;
  for (const { holds } of members) for (const id of holds) places[at++] = placeOf.get(id)!;
  return { places, from };
}

/** Mixtures that hold the same as this member, in other pairings. */
export function twinsOf(space: Space, member: number): number[] {
  const { places, from } = heldIn(space);
  const [first, end] = [from[member]!, from[member + 1]!];
  const isHeld = new Uint8Array(space.suspects.length);
  for (let at = first; at < end; at++) isHeld[places[at]!] = 1;
  const twins: number[] = [];
  for (let m = 0; m < space.members.length; m++) {
    let at = from[m]!;
    const after = from[m + 1]!;
    if (after - at !== end - first || m === member) continue;
    while (at < after && isHeld[places[at]!]) at++;
    if (at === after && space.members[m]!.composed) twins.push(m);
  }
  return twins;
}
