/** Observers who write a record: one who sees everything, and one who leaves out, mistakes and imagines as the model of them says. */
import type { StandardTest } from '../scheme/model';
import { type Channel, channelRow, eventsOf } from '../vocabulary/channels';
import { isNothing, nothingIn, type Observation, observationOf, reworded } from '../vocabulary/observation';
import { AMOUNTS, COLOURS, SMELLS, TEXTURES, VIGOURS } from '../vocabulary/words';
import { AS_BLANK, LAYER_AS_LIQUID, NOTHING_SAID, READINGS, RIGHT, TOLD_AGAIN, UNASKED, WRITTEN } from './data/rates';
import { happeningsOf, hasScale, imaginedColour, imaginedIn, SUPPOSED } from './imagined';
import { carelessOf, colourTold, distinctIn, paperReadAs, spreadOf } from './observer';
import { isAsBlank, saysNothing } from './blank';
import { calledLiquid, isBareLayer } from './layer-as-liquid';
import { overlookedOf, qualifierOf, type Shown, shownByChannel, shownIn } from './shown';
import { amountIs, eventIs, smellIs, textureIs, vigourIs } from './words';
import { amountWritten, colourWritten, eventWritten, QUALIFIERS_OF, SCALE_CELSIUS, SCALE_PH, SCALE_VALUE } from './written';

/** @param blank what the reagents show by themselves; by default they show nothing. */
export type Observer = (test: StandardTest, seen: readonly Observation[], blank?: readonly Observation[]) => Observation[];

/** Writes down all that there is. */
export const perfect: Observer = (_test, seen) => [...seen];

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

/** One of the options, each as often as it is likely. */
function drawn<T>(random: () => number, options: readonly T[], likely: (option: T) => number): T {
  const shares = options.map(likely);
  let at = random() * shares.reduce((sum, p) => sum + p, 0);
  return options.find((_, i) => (at -= shares[i]!) < 0) ?? options.at(-1)!;
}

const normal = (random: () => number) => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** What is written also of things that show nothing of the kind. */
const SPARE: ReadonlySet<string> = new Set(['texture', 'amount', 'vigour']);

const SOME_COLOUR = COLOURS.filter((c) => c !== 'none');
const SOME_SMELL = SMELLS.filter((s) => s !== 'none');
/** What a pH paper can be read as. */
const SCALE = Array.from({ length: SCALE_PH }, (_, pH) => pH);

/** What was left out is not there. */
const withoutBlanks = (o: Observation): Observation =>
  observationOf(Object.fromEntries(Object.entries(o).filter(([, word]) => word !== undefined)));

/** Someone who leaves out, mistakes and imagines at the model's rates. */
export function student(random: () => number): Observer {
  const chance = (p: number) => random() < p;
  const write = (s: Shown): Observation => {
    const { o } = s;
    if (s.nothing) return chance(imaginedIn(o.channel)) ? imagine(o.channel) : o;
    if (chance(overlookedOf(s))) return nothingIn(o.channel)[0] ?? o;
    const words: Record<string, string | number | undefined> = {};
    const over = <T extends string>(name: string, rate: number, options: readonly T[], says: (word: T) => number) => {
      if (name in o) words[name] = chance(rate) ? drawn(random, options, says) : undefined;
      else if (SPARE.has(name) && name in channelRow(o.channel).fields && chance(UNASKED * rate)) words[name] = oneOf(options);
    };
    over('event', eventWritten(o.channel), eventsOf(o.channel), (w) =>
      isNothing({ ...o, event: w } as Observation) ? 0 : eventIs(o.channel, w, o.event!),
    );
    const event = words['event'] as Observation['event'];
    over('colour', colourWritten({ ...o, event }), COLOURS, (w) => (w === 'none' ? 0 : colourTold(w, event, o, s.alike)));
    over('texture', WRITTEN.texture, TEXTURES, (w) => textureIs(w, o.texture!));
    over('amount', amountWritten(o.amount), AMOUNTS, (w) => amountIs(w, o.amount!));
    over('vigour', WRITTEN.vigour, VIGOURS, (w) => vigourIs(w, o.vigour!));
    over('smell', 1, SMELLS, (w) => (w === 'none' ? 0 : smellIs(w, o.smell!)));
    over('clarity', WRITTEN.clarity, ['clear', 'cloudy'], (w) => (w === o.clarity ? RIGHT.clarity : 1 - RIGHT.clarity));
    over('duration', WRITTEN.duration, ['lasting', 'flash'], (w) => (w === o.duration ? RIGHT.duration : 1 - RIGHT.duration));
    for (const { name, words: all } of QUALIFIERS_OF.get(o.channel)!)
      if (qualifierOf(o, name) === undefined) words[name] = chance(UNASKED * WRITTEN.qualifier) ? oneOf(all) : undefined;
      else if (!chance(WRITTEN.qualifier)) words[name] = undefined;
    if (o.celsius !== undefined) {
      const off = Math.round(
        chance(READINGS.wrong)
          ? (random() - 0.5) * SCALE_CELSIUS
          : normal(random) * (chance(carelessOf(o).rate) ? carelessOf(o).celsius : READINGS.celsius),
      );
      words['celsius'] = o.celsius + off;
      if (o.to !== undefined) words['to'] = o.to + off;
    }
    const { pH } = o;
    if (pH !== undefined) words['pH'] = chance(WRITTEN.pH) ? drawn(random, SCALE, (read) => paperReadAs(read, pH)) : undefined;
    if (o.value !== undefined) {
      const spreads = chance(READINGS.wrong) ? (random() - 0.5) * SCALE_VALUE : normal(random);
      words['value'] = o.value + spreads * spreadOf(o.event, o.value);
    }
    const told = withoutBlanks(reworded(o, words));
    return s.sign && saysNothing(told) ? reworded(told, { colour: o.colour }) : told;
  };
  const oneOf = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!;
  const imagine = (channel: Channel): Observation => {
    const { fields } = channelRow(channel);
    const events = happeningsOf(channel);
    const qualifiers = QUALIFIERS_OF.get(channel)!.filter(() => chance(WRITTEN.qualifier));
    const of = reworded({ channel }, Object.fromEntries(qualifiers.map(({ name, words }) => [name, oneOf(words)])));
    return reworded(of, {
      ...(events.length && chance(eventWritten(channel)) && { event: oneOf(events) }),
      ...('colour' in fields &&
        chance(colourWritten({ channel })) && {
          colour: drawn(random, SOME_COLOUR, (c) => imaginedColour(c, of)),
        }),
      ...(hasScale(of) && chance(WRITTEN.pH) && { pH: oneOf(SCALE) }),
      ...('smell' in fields && { smell: oneOf(SOME_SMELL) }),
      ...Object.fromEntries(
        SUPPOSED.filter(({ name, rate }) => name in fields && chance(rate)).map(({ name, words, says }) => [
          name,
          drawn(random, words, says),
        ]),
      ),
    });
  };
  /** Where a channel shows no more than the reagents do, some say so, and some nothing. */
  const briefly = (channel: Channel): Observation[] | null => {
    const at = random();
    if (at >= AS_BLANK.said + AS_BLANK.silent) return null;
    if (at >= AS_BLANK.said) return [];
    const clear = channel === 'solution' && chance(WRITTEN.clarity);
    return nothingIn(channel)
      .slice(0, 1)
      .map((o) => reworded(o, clear ? { clarity: 'clear' } : {}));
  };
  return (test, seen, blank = []) => {
    const out: Observation[] = [];
    const { byChannel: things } = shownByChannel(test, seen);
    const brief = new Map(
      [...things].flatMap(([channel, list]) => {
        const told = isAsBlank(list, blank) ? briefly(channel) : null;
        return told ? [[channel, told] as const] : [];
      }),
    );
    for (const s of shownIn(test, seen)) {
      if (brief.has(s.o.channel) || !chance(s.mentioned)) continue;
      out.push(write(s));
      if (chance(TOLD_AGAIN)) out.push(write(s));
    }
    out.push(...[...brief.values()].flat());
    for (const channel of test.watch) {
      if (brief.has(channel)) continue;
      if (chance(imaginedIn(channel)) && channel !== 'temperature') out.push(imagine(channel));
      if (!seen.some((o) => o.channel === channel) && chance(NOTHING_SAID))
        out.push(...nothingIn(channel).filter(isNothing).slice(0, 1));
    }
    const written = distinctIn(out);
    const told = written.map((o) => (isBareLayer(o, written) && chance(LAYER_AS_LIQUID) ? calledLiquid(o) : o));
    return told.length ? told : seen.slice(0, 1).map((o) => (isNothing(o) ? o : write(shownIn(test, [o])[0]!)));
  };
}
