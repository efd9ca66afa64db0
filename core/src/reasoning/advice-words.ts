/** Why a test is advised, as a teacher would say it. */
import type { StandardTest } from '../scheme/model';
import { nameOf } from '../senses/names';
import { sayObservation } from '../senses/sentences';
import { isNothing, type Observation } from '../vocabulary/observation';
import { type Group, OUTCOMES } from './information';
import { kindOf, listed } from './kinds';
import type { Space } from './space';

export type Hazard = 'low' | 'medium' | 'high';

const HAZARD_WORDS: Readonly<Record<Hazard, string>> = {
  low: 'no special hazard',
  medium: 'with care',
  high: 'hazardous: work in the hood',
};

const minutesOf = (minutes: number): string => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`;

/** Probabilities that differ by this between two outcomes are worth naming; of what the test is for, by less. */
const NAMED = 0.3;
const NAMED_OWN = 0.08;
const MOST_NAMED = 3;

/** What the outcomes tell apart, as a teacher would say it. */
export function reason(space: Space, test: StandardTest, groups: readonly Group[], minutes: number, hazard: Hazard): string {
  const shares = groups.slice(0, OUTCOMES).map(({ members, share }) => {
    const held = new Map<string, number>();
    for (const [m, w] of members) for (const id of space.members[m]!.holds) held.set(id, (held.get(id) ?? 0) + w / share);
    return held;
  });
  const own = new Set((test.signs ?? []).flatMap((sign) => sign.of));
  const told = space.suspects
    .map((id) => {
      const values = shares.map((held) => held.get(id) ?? 0);
      return {
        id,
        spread: Math.max(...values) - Math.min(...values),
        weight: groups.reduce((sum, g, k) => sum + g.share * (values[k] ?? 0), 0),
      };
    })
    .sort((a, b) => b.spread * b.weight - a.spread * a.weight);
  const telling = told
    .filter(({ id, spread }) => (own.size ? own.has(id) && spread >= NAMED_OWN : spread >= NAMED))
    .filter(({ id }, _, all) => kindOf(id) === kindOf(all[0]!.id))
    .slice(0, MOST_NAMED)
    .map(({ id }) => nameOf(id));
  const tells =
    telling.length === 0
      ? 'Narrows down what the sample may contain'
      : telling.length === 1
        ? `Shows whether ${telling[0]!} is present`
        : `Distinguishes ${telling[0]!} from ${listed(telling.slice(1))}`;
  return `${tells}; ${minutesOf(minutes)}; ${HAZARD_WORDS[hazard]}.`;
}

export const proof = (ids: readonly string[], minutes: number, hazard: Hazard): string =>
  `Confirms ${listed(ids.map(nameOf))}, if present; ${minutesOf(minutes)}; ${HAZARD_WORDS[hazard]}.`;

/** Asked of every compound, whatever points to it. */
export const owed = (ids: readonly string[], minutes: number, hazard: Hazard): string =>
  `Every report states whether ${listed(ids.map(nameOf))} ${ids.length === 1 ? 'is' : 'are'} present; ${minutesOf(minutes)}; ${HAZARD_WORDS[hazard]}.`;

/** What it makes is what these start from. */
export const opens = (tests: readonly StandardTest[], minutes: number, hazard: Hazard): string =>
  `Prepares for ${listed(tests.map((t) => t.title))}; ${minutesOf(minutes)}; ${HAZARD_WORDS[hazard]}.`;

/** What may be seen, without that of which nothing is. */
export const outcome = (seen: readonly Observation[]): string =>
  [...new Set(seen.filter((o) => !isNothing(o)).map(sayObservation))].join(', ') || 'nothing';
