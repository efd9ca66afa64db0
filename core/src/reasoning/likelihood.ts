/**
 * How likely a record is, given what a sample would show. People mistake near colours, overlook weak things and now and
 * then get a whole test wrong; every probability here is such a rate, by judgement.
 */
import { wordDistance } from '../senses/colour';
import { isNothing, type Observation } from '../vocabulary/observation';
import type { Colour } from '../vocabulary/words';

const SAME_COLOUR = 0.93;
/** Colour words nearer than this are easily taken one for the other; farther than the second, hardly ever. */
const NEAR = 0.1;
const FAR = 0.22;
const NEAR_COLOUR = 0.06;
const OTHER_COLOUR = 0.008;
const WRONG_COLOUR = 0.002;
const SAME_EVENT = 0.96;
const KIN_EVENT = 0.4;
const CONTRARY_EVENT = 0.015;
const OTHER_TEXTURE = 0.6;
/** °C by which readings of one compound scatter, and how often one is quite wrong. */
const THERMOMETER = 2;
const OFF_RANGE = 0.002;
const OVERLOOKED = 0.015;
const OVERLOOKED_WEAK = 0.12;
/** Something else of the same kind was written down, and this was left out. */
const LEFT_OUT = 0.2;
/** The same thing in the same colour was written down once for all its stages. */
const SUMMED_UP = 0.8;
/** What dissolved again is not there at the end, and need not be spoken of. */
const UNMENTIONED = 0.5;
const SPURIOUS = 0.008;
/** A paper, a splint or lime water that turned is hardly ever imagined. */
const SPURIOUS_AT_MOUTH = 0.002;
const AT_MOUTH: ReadonlySet<string> = new Set(['paper', 'splint', 'limewater', 'fumes']);
/** One salt of a mixture hides what the other shows. */
const HIDDEN = 0.1;
/** The whole test went wrong: dirty tube, wrong bottle. */
const BOTCHED = 0.01;
const BOTCHED_ENTRY = 0.02;
/** Less likely than this, and a record is taken for a mistake. */
export const SURPRISING = 0.04;
/** The same for a rough composition of two salts, which forgives more. */
export const SURPRISING_LOOSE = 0.12;

/** Of a titration, as a share of its value; of what an instrument shows, in its own unit. By judgement. */
const spreadOf = (of: Observation['event'], value: number) =>
  of === 'refractive-index' ? 0.002 : of === 'density' ? 0.01 : 0.02 * value;

const nearness = new Map<string, number>();

function colourFactor(a: Colour, b: Colour): number {
  if (a === b) return SAME_COLOUR;
  const key = a < b ? `${a} ${b}` : `${b} ${a}`;
  let p = nearness.get(key);
  if (p === undefined) {
    const d = wordDistance(a, b);
    p = d <= NEAR ? NEAR_COLOUR : d <= FAR ? OTHER_COLOUR : WRONG_COLOUR;
    nearness.set(key, p);
  }
  return p;
}

const PRESENT = new Set(['formed', 'persists', 'colour-changed']);
const GONE = new Set(['dissolved', 'partly-dissolved']);
const CLOUDS = new Set(['cloudy', 'cloudy-then-clear']);
const kin = (a: string, b: string) => [PRESENT, GONE, CLOUDS].some((set) => set.has(a) && set.has(b));

const isWeak = (o: Observation) => o.amount === 'trace' || o.amount === 'slight' || o.vigour === 'slow';

/** What has to be the same for two observations to be about one thing. */
export const subjectOf = (o: Observation) =>
  `${o.channel} ${o.paper ?? ''} ${o.splint ?? ''} ${o.look ?? ''} ${o.zone ?? ''} ${o.through === 'cobalt-glass' ? 'glass' : ''}`;

/** How well a recorded observation answers to an expected one of the same thing. */
function answers(r: Observation, e: Observation): number {
  let p = 1;
  // Whether a liquid changed depends on when one began to look; its colour does not.
  if (r.channel !== 'solution' && r.event !== undefined && e.event !== undefined)
    p *= r.event === e.event ? SAME_EVENT : kin(r.event, e.event) ? KIN_EVENT : CONTRARY_EVENT;
  // Of what dissolved, the colour was seen before; of what did not happen there is none.
  if (r.colour !== undefined && e.colour !== undefined && !GONE.has(r.event ?? '')) p *= colourFactor(r.colour, e.colour);
  if (r.texture !== undefined && e.texture !== undefined && r.texture !== e.texture) p *= OTHER_TEXTURE;
  if (r.smell !== undefined && e.smell !== undefined) p *= r.smell === e.smell ? SAME_EVENT : OTHER_COLOUR;
  if (r.celsius !== undefined && e.celsius !== undefined)
    p *= Math.exp(-0.5 * (((r.to ?? r.celsius) - (e.to ?? e.celsius)) / THERMOMETER) ** 2) + OFF_RANGE;
  if (r.value !== undefined && e.value !== undefined)
    p *= Math.exp(-0.5 * ((r.value - e.value) / spreadOf(e.event, e.value)) ** 2) + OFF_RANGE;
  if (r.pH !== undefined && e.pH !== undefined) p *= Math.exp(-0.5 * ((r.pH - e.pH) / 0.8) ** 2) + 0.001;
  return p;
}

/** Written down though nothing of the kind was to be expected; two salts may also make together what neither shows alone. */
function spurious(r: Observation, loose: boolean): number {
  if (AT_MOUTH.has(r.channel)) return SPURIOUS_AT_MOUTH;
  return loose ? SPURIOUS * 2 : SPURIOUS;
}

/**
 * Natural logarithm of the probability of what was recorded.
 * @param loose the expectation is a rough composition of two salts, in which one may hide the other.
 */
export function read(recorded: readonly Observation[], expected: readonly Observation[], loose = false): number {
  let p = 1;
  const said = new Map<string, Observation[]>();
  for (const r of recorded) said.set(subjectOf(r), [...(said.get(subjectOf(r)) ?? []), r]);
  for (const [key, list] of said) {
    const all = expected.filter((e) => subjectOf(e) === key);
    const shown = all.filter((e) => !isNothing(e));
    const spoken = list.filter((r) => !isNothing(r));
    if (!spoken.length) {
      for (const e of shown)
        p *= GONE.has(e.event ?? '') ? UNMENTIONED : loose ? HIDDEN : isWeak(e) ? OVERLOOKED_WEAK : OVERLOOKED;
      if (!shown.length) p *= SAME_EVENT;
      continue;
    }
    const left = [...shown];
    for (const r of spoken) {
      let best = -1;
      let most = 0;
      left.forEach((e, i) => {
        const a = answers(r, e);
        if (a > most) [best, most] = [i, a];
      });
      const unforeseen = spurious(r, loose);
      if (best < 0 || most < unforeseen) p *= unforeseen;
      else {
        p *= loose ? Math.max(most, 0.05) : most;
        left.splice(best, 1);
      }
    }
    for (const e of left) {
      const summed = spoken.some((r) => r.colour !== undefined && r.colour === e.colour);
      p *= summed
        ? SUMMED_UP
        : GONE.has(e.event ?? '')
          ? UNMENTIONED
          : loose
            ? 0.5
            : spoken.length < shown.length
              ? LEFT_OUT
              : isWeak(e)
                ? OVERLOOKED_WEAK
                : OVERLOOKED;
    }
  }
  const share = BOTCHED * BOTCHED_ENTRY;
  return Math.log((1 - BOTCHED) * p + share);
}
