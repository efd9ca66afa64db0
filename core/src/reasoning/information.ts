/** What the outcome of a test tells, when who writes it down may take one outcome for another. */
import type { StandardTest } from '../scheme/model';
import { isNothing, type Observation } from '../vocabulary/observation';
import { probabilityOf } from './observer';
import type { Space } from './space';

/** Outcomes that are told apart one by one; the rest go with the likest. */
export const OUTCOMES = 10;

/** Readings of a thermometer that are told apart, °C. */
const READING = 5;
const degrees = (o: Observation) => o.celsius !== undefined && `about ${Math.round(o.celsius / READING) * READING} °C`;

/** What an outcome looks like in the coarse: the things a person tells apart at a glance. */
function coarse(seen: readonly Observation[]): string {
  const noticed = seen
    .filter((o) => !isNothing(o))
    .map((o) => [o.colour, o.smell, o.paper ?? o.splint ?? o.channel, o.event, degrees(o)].filter(Boolean).join(' '));
  return noticed.sort().join('; ').replaceAll('-', ' ') || 'nothing';
}

const words = new WeakMap<readonly Observation[], string>();

function coarseWord(seen: readonly Observation[]): string {
  let word = words.get(seen);
  if (word === undefined) words.set(seen, (word = coarse(seen)));
  return word;
}

type Outcome = readonly Observation[];

/** How often one outcome is taken for another, in a test. */
const mistaken = new WeakMap<Outcome, WeakMap<Outcome, { readonly test: string; readonly like: number }>>();

/** How easily one outcome is taken for another by who writes it down: 1 for the same. */
function likeness(test: StandardTest, a: Outcome, b: Outcome): number {
  if (a === b) return 1;
  let of = mistaken.get(a);
  if (!of) mistaken.set(a, (of = new WeakMap()));
  let known = of.get(b);
  if (known?.test !== test.id) {
    known = { test: test.id, like: Math.min(1, probabilityOf(test, a, b) / probabilityOf(test, a, a)) };
    of.set(b, known);
  }
  return known.like;
}

/** Members that are alike in what a test shows of them, with their share. */
export interface Group {
  readonly seen: readonly Observation[];
  readonly word: string;
  readonly members: [member: number, share: number][];
  share: number;
}

export function groupsOf(space: Space, test: StandardTest, drawn: ReadonlyMap<number, number>): Group[] {
  const groups = new Map<string, Group>();
  for (const [m, share] of drawn) {
    const seen = space.outline(m, test.id);
    const word = coarseWord(seen);
    const group = groups.get(word);
    if (group) {
      group.members.push([m, share]);
      group.share += share;
    } else groups.set(word, { seen, word, members: [[m, share]], share });
  }
  return [...groups.values()].sort((a, b) => b.share - a.share);
}

/**
 * Bits that the outcome of a test tells about the answers to a question, when outcomes are mistaken for one another.
 * @param answer what the question's answer is for a member.
 */
export function information(test: StandardTest, groups: readonly Group[], answer: (m: number) => string): number {
  const told = groups.slice(0, OUTCOMES);
  const like = told.map((a) => told.map((b) => likeness(test, b.seen, a.seen)));
  const bitsOf = (shares: readonly number[]) => {
    const all = shares.reduce((x, y) => x + y, 0);
    return shares.reduce((bits, share, i) => {
      if (share <= 0) return bits;
      const taken = shares.reduce((sum, other, j) => sum + (other / all) * like[i]![j]!, 0);
      return bits - (share / all) * Math.log2(Math.min(1, taken));
    }, 0);
  };
  const byAnswer = new Map<string, number[]>();
  told.forEach(({ members }, g) => {
    for (const [m, share] of members) {
      const key = answer(m);
      let shares = byAnswer.get(key);
      if (!shares) byAnswer.set(key, (shares = new Array<number>(told.length).fill(0)));
      shares[g]! += share;
    }
  });
  const whole = told.reduce((sum, { share }) => sum + share, 0);
  const within = [...byAnswer.values()].reduce(
    (bits, shares) => bits + (shares.reduce((x, y) => x + y, 0) / whole) * bitsOf(shares),
    0,
  );
  return Math.max(0, bitsOf(told.map(({ share }) => share)) - within);
}
