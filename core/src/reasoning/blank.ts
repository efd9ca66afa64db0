/** What the reagents of a test show by themselves, beside which *nothing* and *unchanged* are said of a sample. */
import { signsOfTest, testOf } from '../scheme/procedure';
import type { Channel } from '../vocabulary/channels';
import { isNothing, type Observation } from '../vocabulary/observation';
import { isPlain, type Member } from './member';
import { type Shown, shownByChannel } from './shown';
import { GONE } from './written';

/** Less common than this it is one sample's way, not the reagents'. */
const COMMON = 0.3;

/** What is compared: amounts and textures hang on what is taken, and the colour of what has dissolved is not there to be seen. */
const lookOf = ({ channel, event, colour, smell, paper, splint, look }: Observation): string =>
  [channel, event, GONE.has(event) ? '' : colour, smell, paper, splint, look].join(' ');

/** The end of the tube counts: what passes on the way to it is not compared. */
const isPassing = ({ stage }: Shown): boolean => stage === 'gone' || stage === 'on-the-way';

/** Samples of which it is known what a test usually shows. */
export interface Samples {
  readonly members: readonly Member[];
  readonly lnPrior: Float64Array;
  /** The usual outcome, quickly. */
  outline(m: number, test: string): readonly Observation[];
}

interface Look {
  readonly weight: number;
  readonly shown: readonly Observation[];
}

/** Procedures without a name are never all there. */
const MOST_KNOWN = 600;
const known = new WeakMap<Samples, Map<string, readonly Observation[]>>();

/**
 * Channel by channel, what a test shows of most samples that hold nothing it looks for; nothing of a channel in which they differ too
 * much.
 */
export function blankOf(samples: Samples, test: string): readonly Observation[] {
  let ofSamples = known.get(samples);
  if (!ofSamples) known.set(samples, (ofSamples = new Map()));
  let blank = ofSamples.get(test);
  if (!blank) {
    ofSamples.set(test, (blank = commonLooks(samples, test)));
    if (ofSamples.size > MOST_KNOWN) ofSamples.delete(ofSamples.keys().next().value!);
  }
  return blank;
}

function commonLooks(samples: Samples, test: string): readonly Observation[] {
  const wanted = new Set(signsOfTest(test).flatMap((sign) => sign.of));
  const looks = new Map<Channel, Map<string, Look>>();
  let all = 0;
  samples.members.forEach((member, m) => {
    if (!isPlain(member) || member.holds.some((id) => wanted.has(id))) return;
    const weight = Math.exp(samples.lnPrior[m]!);
    all += weight;
    for (const [channel, things] of shownByChannel(testOf(test)!, samples.outline(m, test)).byChannel) {
      const shown = things.filter((s) => !isPassing(s)).map((s) => s.o);
      const key = shown.map(lookOf).join('; ');
      const ofChannel = looks.get(channel) ?? new Map<string, Look>();
      looks.set(channel, ofChannel.set(key, { weight: weight + (ofChannel.get(key)?.weight ?? 0), shown }));
    }
  });
  return [...looks.values()].flatMap((ofChannel) => {
    const most = [...ofChannel.values()].reduce((a, b) => (b.weight > a.weight ? b : a));
    return most.weight >= COMMON * all ? most.shown : [];
  });
}

/**
 * Does a channel show no more than the reagents do by themselves, though they show something?
 * @param shown of one channel.
 */
export const isAsBlank = (shown: readonly Shown[], blank: readonly Observation[]): boolean =>
  shown.some((s) => !s.nothing) &&
  shown.every((s) => {
    const { o, nothing, sign } = s;
    if (nothing || isPassing(s)) return true;
    return !sign && blank.some((b) => b.channel === o.channel && (o.event === 'unchanged' || lookOf(b) === lookOf(o)));
  });

/** *Nothing*, or *unchanged* without a word of how it looks. */
export const saysNothing = (o: Observation): boolean => isNothing(o) || (o.event === 'unchanged' && o.colour === undefined);
