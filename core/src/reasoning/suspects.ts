/** Where each ion stands on what was recorded: open, hinted or ruled out, and the entries that did it. */
import type { Entry } from '../record/case';
import { wordDistance } from '../senses/colour';
import type { Observation } from '../senses/vocabulary';
import { type StandardTest, testById } from '../scheme/tests';
import { expected, isCation, SUSPECTS } from './expectations';

export interface Because {
  readonly entry: number;
  readonly speaks: 'for' | 'against';
  readonly text: string;
}

export interface Suspect {
  readonly ion: string;
  readonly state: 'open' | 'hinted' | 'ruled-out';
  readonly because: readonly Because[];
}

/** Colour words nearer than this may be taken one for the other. */
const NEAR = 0.095;

const POSITIVE: ReadonlySet<string> = new Set([
  'formed',
  'evolved',
  'changed',
  'present',
  'relit',
  'pop',
  'cloudy',
  'cloudy-then-clear',
  'white-fumes',
  'dissolved',
  'sublimed',
]);

/** Does this observation tell of something that happened, rather than of nothing? */
function isSignal(o: Observation): boolean {
  if (o.channel === 'flame' || o.channel === 'bead') return o.colour !== 'none' && o.colour !== 'colourless';
  if (o.channel === 'solution') return o.colour !== undefined && o.colour !== 'colourless';
  if (o.channel === 'smell') return o.smell !== 'none';
  if (o.channel === 'solid') return false;
  return o.event !== undefined && POSITIVE.has(o.event);
}

const ASPECTS = ['paper', 'splint', 'through', 'smell'] as const;

/** The same thing was looked at; what one of them leaves unsaid does not part them. */
const sameThing = (a: Observation, b: Observation) =>
  a.channel === b.channel && ASPECTS.every((k) => a[k] === undefined || b[k] === undefined || a[k] === b[k]);

const alike = (a: Observation, b: Observation) =>
  sameThing(a, b) &&
  (a.event === undefined ||
    b.event === undefined ||
    a.event === b.event ||
    (POSITIVE.has(a.event) && POSITIVE.has(b.event) && (a.event === 'dissolved') === (b.event === 'dissolved'))) &&
  (a.colour === undefined || b.colour === undefined || a.event === 'dissolved' || wordDistance(a.colour, b.colour) <= NEAR);

const label = (o: Observation) =>
  [o.colour, o.smell, o.paper ?? o.channel, o.event].filter(Boolean).join(' ').replaceAll('-', ' ');

/** Every ion that one entry lets us judge. */
function judge(entry: Entry, test: StandardTest, ion: string): Because | null {
  const wanted = expected(test, ion).filter(isSignal);
  const recorded = entry.observed;
  const first = (list: readonly Observation[]) => list.map(label)[0]!;
  const agree = recorded.filter((r) => isSignal(r) && wanted.some((w) => alike(r, w)));
  if (agree.length) {
    // What every ion shows alike says nothing: only a signal that some others lack is a hint.
    const telling = agree.filter((r) =>
      SUSPECTS.some((other) => speaksOf(test, other) && !expected(test, other).some((w) => isSignal(w) && alike(r, w))),
    );
    if (telling.length) return { entry: entry.number, speaks: 'for', text: `${test.title}: ${first(telling)}, as it gives.` };
    return null;
  }
  if (test.onlyHints) return null;
  const missed = wanted.filter((w) => w.event !== 'dissolved' && recorded.some((r) => denies(r, w)));
  if (missed.length && !recorded.some((r) => isSignal(r) && r.channel === missed[0]!.channel && hides(r, missed[0]!)))
    return { entry: entry.number, speaks: 'against', text: `${test.title}: it would have shown ${first(missed)}.` };
  return null;
}

/** Does a recorded observation say that the expected one was not there? */
function denies(recorded: Observation, wanted: Observation): boolean {
  if (!sameThing(recorded, wanted) && !(recorded.channel === wanted.channel && wanted.channel === 'smell')) return false;
  if (!isSignal(recorded)) return true;
  return recorded.colour !== undefined && wanted.colour !== undefined && wordDistance(recorded.colour, wanted.colour) > NEAR;
}

/** A stronger colour hides a pale one: sodium's yellow, a dark solid over a white one. */
function hides(recorded: Observation, wanted: Observation): boolean {
  if (recorded.channel === 'flame') return recorded.colour === 'yellow' || wanted.colour === 'pale-blue';
  const pale = ['white', 'off-white', 'cream', 'colourless', 'pale-yellow', 'pale-green', 'pale-blue'];
  return wanted.colour !== undefined && pale.includes(wanted.colour) && !pale.includes(recorded.colour ?? '');
}

const speaksOf = (test: StandardTest, ion: string) => test.about === 'both' || (test.about === 'cations') === isCation(ion);

/** Where every ion stands. Struck entries and entries without a standard test are left out. */
export function suspects(entries: readonly Entry[]): Suspect[] {
  return SUSPECTS.map((ion) => {
    const because: Because[] = [];
    for (const entry of entries) {
      const test = testById.get(entry.test);
      if (!test || entry.struck || !speaksOf(test, ion)) continue;
      const b = judge(entry, test, ion);
      if (b) because.push(b);
    }
    const against = because.some((b) => b.speaks === 'against');
    const state = against ? 'ruled-out' : because.length ? 'hinted' : 'open';
    return { ion, state, because };
  });
}
