/** Someone who looks: a perfect observer, or a student who misreads one observation in twenty. */
import { isNothing, nothingIn, type Observation, reworded } from '../vocabulary/observation';
import { COLOURS } from '../vocabulary/words';
import { wordDistance } from '../senses/colour';

export type Observer = (seen: readonly Observation[]) => Observation[];

export const perfect: Observer = (seen) => [...seen];

const MISREAD = 1 / 20;
const NEAR = 0.2;
/** °C by which a thermometer is misread. */
const READ_OFF = 5;

/** A small, well-spread generator (mulberry32): the same seed gives the same student. */
export function seeded(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

export function student(random: () => number): Observer {
  return (seen) => seen.map((o) => (random() < MISREAD ? misread(o, random) : o));
}

function misread(o: Observation, random: () => number): Observation {
  const overlooks = o.event !== undefined && !isNothing(o) && random() < 0.4;
  if (overlooks && ['precipitate', 'ring', 'sublimate', 'droplets', 'gas', 'deposit', 'layer'].includes(o.channel))
    return nothingIn(o.channel)[0]!;
  if (overlooks && o.channel === 'paper') return { channel: o.channel, event: 'unchanged', paper: o.paper };
  if (overlooks && o.channel === 'splint') return { channel: o.channel, event: 'unchanged', splint: o.splint };
  if (o.celsius !== undefined) {
    const off = random() < 0.5 ? -READ_OFF : READ_OFF;
    return reworded(o, { celsius: o.celsius + off, ...(o.to !== undefined && { to: o.to + off }) });
  }
  if (o.channel === 'solubility')
    return { ...o, event: o.event === 'partly-soluble' ? (random() < 0.5 ? 'soluble' : 'insoluble') : 'partly-soluble' };
  if (o.channel === 'smell') return { channel: 'smell', smell: o.smell === 'none' ? 'pungent' : 'none' };
  if (o.channel === 'flame' && o.colour === 'none') return { ...o, colour: 'yellow' };
  if (isNothing(o) && o.channel === 'precipitate')
    return { channel: 'precipitate', event: 'formed', colour: 'white', amount: 'slight' };
  if (o.colour === undefined) return o;
  const near = COLOURS.filter((c) => c !== o.colour && c !== 'none' && wordDistance(c, o.colour!) < NEAR);
  const colour = near[Math.floor(random() * near.length)];
  return colour ? reworded(o, { colour }) : o;
}
