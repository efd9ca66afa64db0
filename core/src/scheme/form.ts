/** The form on which a test is written down: what it can show, one choice each, the likely and the asked-for first. */
import { definitionOf, type Op } from '../bench/ops';
import { channelRow, CHANNELS } from '../vocabulary/channels';
import {
  type Channel,
  CHANNEL_IDS,
  isNothing,
  nothingIn,
  type Observation,
  type ObservationOf,
  reworded,
  observationOf,
  type Words,
  wordsOf,
} from '../vocabulary/observation';
import { HEATED, NOTICED, ONLY_HEATED } from './data/noticed';
import type { Pattern, StandardTest } from './model';
import type { HouseRules } from './rules';
import { stepsOf } from './tests';

/** Something that may be seen, by how likely it is beside the rest. */
export interface Seen {
  readonly see: Observation;
  readonly weight: number;
}

/** One tap: an observation as it is written when nothing more is said of it. */
export interface Choice {
  readonly words: Observation;
  /** A sign of the test speaks of it. */
  readonly asked: boolean;
  readonly weight: number;
}

/** What is said more closely of a choice that was made. */
export interface Detail {
  readonly field: string;
  readonly options: readonly string[];
}

/** A line of the form: a channel, seen in one way (a bead in one zone, one paper). */
export interface FormLine {
  readonly key: string;
  readonly channel: Channel;
  /** The words that all its choices share. */
  readonly fixed: Observation;
  /** Shown at once, and one tap away. */
  readonly first: readonly Choice[];
  readonly rest: readonly Choice[];
  readonly details: readonly Detail[];
}

export interface Form {
  readonly lines: readonly FormLine[];
  /** What the test is not about and may be noticed all the same. */
  readonly more: readonly FormLine[];
}

/** Words that say how one looked, and so make a line of their own. */
const WAYS = ['paper', 'splint', 'zone', 'through', 'look'] as const;
/** Words that are said more closely, in the order in which one says them. */
const CLOSER = ['texture', 'vigour', 'amount', 'clarity', 'position', 'duration'] as const;
/** Events that are themselves what is told, whatever the colour. */
const COLOUR_TOLD: readonly (string | undefined)[] = [undefined, 'formed', 'present', 'evolved', 'changed', 'colour-changed'];
const LOOKED_FOR = 10;
const USUAL = 4;

function channelsOf(ops: readonly Op[], watch: readonly Channel[]): Channel[] {
  const noticed = new Set([...watch, ...ops.flatMap((op) => NOTICED[op.op] ?? [])]);
  return CHANNEL_IDS.filter((c) => noticed.has(c));
}

/** Channels in which a colour and an event are two words of one observation, tapped apart. */
const JOINED: readonly Channel[] = ['extract', 'soot'];
export const isJoined = (channel: Channel): boolean => JOINED.includes(channel);

/** An observation as one taps it: what happened and in which colour. */
function headOf(o: Observation): Observation {
  const words = wordsOf(o);
  const { event, colour } = words;
  const row = channelRow(o.channel);
  const kept = ['smell', ...WAYS].filter((f) => words[f] !== undefined && f in row.fields);
  const head: Record<string, unknown> = Object.fromEntries([['channel', o.channel], ...kept.map((f) => [f, words[f]])]);
  // A precipitate that turned is there in its new colour; that it turned is said by what was there before it.
  if (event !== undefined)
    head['event'] = o.channel === 'precipitate' && colour !== undefined && event === 'colour-changed' ? 'formed' : event;
  const lies = o.channel === 'solution' || o.channel === 'solid';
  if (colour !== undefined && (lies || COLOUR_TOLD.includes(event as string | undefined))) head['colour'] = colour;
  // A liquid that is there in its colour: whether it was there before is not tapped.
  if (o.channel === 'solution' && colour !== undefined && event !== 'mixed') delete head['event'];
  if (o.channel === 'solid' && colour !== undefined && (event === 'colour-changed' || event === 'unchanged'))
    delete head['event'];
  return observationOf(head);
}

/** What is tapped for an observation, one after another. */
function headsOf(o: Observation): Observation[] {
  if (!isJoined(o.channel)) return [headOf(o)];
  const { channel, event, colour } = o as ObservationOf<'extract'>;
  return [...(event ? [{ channel, event }] : []), ...(colour ? [{ channel, colour }] : [])] as Observation[];
}

const keyOf = (o: Observation): string =>
  Object.entries(wordsOf(o))
    .filter(([, word]) => word !== undefined)
    .sort()
    .join();

/** Are both written by the same tap? */
export const sameTap = (a: Observation, b: Observation): boolean => keyOf(headOf(a)) === keyOf(headOf(b));

const wayOf = (o: Observation): Observation =>
  observationOf(
    Object.fromEntries([
      ['channel', o.channel],
      ...WAYS.filter((f) => wordsOf(o)[f] !== undefined && f in channelRow(o.channel).fields).map((f) => [f, wordsOf(o)[f]]),
    ]),
  );

/** Every observation that a pattern of a sign takes, as far as it says what happened. */
function acceptedBy(pattern: Pattern): Observation[] {
  let out: Record<string, unknown>[] = [{ channel: pattern.channel }];
  for (const field of ['event', 'colour', 'smell', ...WAYS]) {
    const words = new Map<string, unknown>(Object.entries(pattern)).get(field);
    if (words === undefined) continue;
    out = out.flatMap((o) => [words].flat().map((word) => ({ ...o, [field]: word })));
  }
  return out.filter((o) => Object.keys(o).length > 1).map(observationOf);
}

const EVENT_OF_COLOUR: Readonly<Partial<Record<Channel, string>>> = {
  precipitate: 'formed',
  sublimate: 'formed',
  ring: 'formed',
  deposit: 'formed',
  layer: 'present',
  gas: 'evolved',
  paper: 'changed',
};

/** Everything that can be tapped in a channel when it is seen in one way. */
function allOf(way: Observation, heated: boolean): Observation[] {
  const { fields, colours = [] } = channelRow(way.channel);
  const event = EVENT_OF_COLOUR[way.channel];
  const coloured = colours
    .filter((c) => c !== 'none' || way.channel === 'flame')
    .map((colour) => reworded(way, { ...(event !== undefined && { event }), colour }));
  const events = (Array.isArray(fields['event']) ? (fields['event'] as readonly string[]) : [])
    .filter((e) => coloured.length === 0 || !['formed', 'present', 'evolved', 'changed', 'colour-changed', 'mixed'].includes(e))
    .filter((e) => heated || way.channel !== 'solid' || !ONLY_HEATED.includes(e))
    .map((e) => reworded(way, { event: e }));
  const smells = way.channel === 'smell' ? (fields['smell'] as readonly string[]).map((smell) => reworded(way, { smell })) : [];
  return [...coloured, ...events, ...smells];
}

interface Making {
  readonly ops: readonly Op[];
  readonly test: StandardTest | null;
  readonly seen: readonly Seen[];
}

/** The ways in which a channel is seen in the operations of a test. */
function waysOf(channel: Channel, { ops, seen, test }: Making): Observation[] {
  const { fields } = CHANNELS[channel];
  const ways = new Map<string, Observation>();
  const put = (o: Observation) => ways.set(keyOf(wayOf(o)), wayOf(o));
  const ofOp = (op: Op): readonly Words[] =>
    (definitionOf(op).looks?.(op) ?? []).flatMap((look) => (look.channel === channel ? [look.words] : []));
  for (const words of ops.flatMap(ofOp)) put(observationOf({ channel, ...words }));
  if (!ways.size) for (const { see } of seen) if (see.channel === channel) put(see);
  if (!ways.size)
    for (const pattern of test?.signs?.flatMap((s) => s.see) ?? [])
      if (pattern.channel === channel) acceptedBy(pattern).forEach(put);
  // A way that names no paper says less than those that do.
  const named = [...ways.values()].filter((w) => Object.keys(w).length > 1);
  if (named.length) return named;
  if (channel === 'paper' && !test)
    return (fields as { paper: readonly string[] }).paper.map((paper) => ({ channel, paper }) as Observation);
  return [{ channel } as Observation];
}

function lineOf(way: Observation, { ops, test, seen }: Making): FormLine {
  const heated = ops.some((op) => HEATED.includes(op.op));
  const choices = new Map<string, { words: Observation; asked: boolean; weight: number }>();
  const within = (o: Observation) =>
    Object.entries(wordsOf(way)).every(([f, word]) => wordsOf(o)[f] === undefined || wordsOf(o)[f] === word);
  const put = (words: Observation, weight: number, asked = false) => {
    const whole = { ...words, ...way } as Observation;
    const known = choices.get(keyOf(whole)) ?? { words: whole, asked: false, weight: 0 };
    choices.set(keyOf(whole), { ...known, asked: known.asked || asked, weight: known.weight + weight });
  };
  const mine = seen.filter(({ see }) => see.channel === way.channel && within(see));
  for (const { see, weight } of mine) for (const head of headsOf(see)) put(head, weight);
  // The first word of a sign is asked for; what else would pass for it is, where samples show it.
  const shows = (head: Observation) => choices.has(keyOf({ ...head, ...way } as Observation));
  for (const pattern of test?.signs?.flatMap((s) => s.see) ?? [])
    if (pattern.channel === way.channel)
      for (const [rank, o] of acceptedBy(pattern).entries()) {
        if (!within(o)) continue;
        const formed = EVENT_OF_COLOUR[o.channel];
        const event = o.event ?? formed;
        const head = headOf(event === undefined ? o : reworded(o, { event }));
        put(head, 0, rank === 0 || shows(head));
        // What stayed or dissolved is told with the colour that it had.
        if (o.channel !== 'precipitate' || o.colour === undefined) continue;
        const coloured = headOf(reworded(o, { event: formed }));
        put(coloured, 0, rank === 0 || shows(coloured));
      }
  // Nothing can have happened to a solid that was only looked at.
  const [nothing] = heated || way.channel !== 'solid' ? nothingIn(way.channel) : [];
  if (nothing) put(headOf({ ...nothing, ...way } as Observation), 0, true);
  const ordered = [...choices.values()].sort((a, b) => b.weight - a.weight);
  // Where nothing is known of what is to be expected, the usual words stand beside those that are asked for.
  const usual = seen.length ? [] : allOf(way, heated).slice(0, test ? USUAL : LOOKED_FOR);
  const first = [
    ...usual.map((words) => choices.get(keyOf(words)) ?? { words, asked: false, weight: 0 }),
    ...ordered.filter((c, i) => (c.asked || i < LOOKED_FOR) && !usual.some((words) => keyOf(words) === keyOf(c.words))),
  ];
  const firstKeys = new Set(first.map((c) => keyOf(c.words)));
  const rest = [...ordered.map((c) => c.words), ...allOf(way, heated)]
    .filter((words) => !firstKeys.has(keyOf(words)))
    .filter((words, i, all) => all.findIndex((other) => keyOf(other) === keyOf(words)) === i)
    .map((words) => ({ words, asked: false, weight: choices.get(keyOf(words))?.weight ?? 0 }));
  return { key: keyOf(way), channel: way.channel, fixed: way, first, rest, details: detailsOf(way.channel, mine) };
}

/** The likelier of a detail's words first. */
function detailsOf(channel: Channel, seen: readonly Seen[]): Detail[] {
  const { fields } = channelRow(channel);
  return CLOSER.filter((field) => field in fields).map((field) => {
    const options = fields[field] as readonly string[];
    const weight = (word: string) => seen.reduce((sum, s) => (wordsOf(s.see)[field] === word ? sum + s.weight : sum), 0);
    return { field, options: [...options].sort((a, b) => weight(b) - weight(a)) };
  });
}

const FREE: readonly Channel[] = ['precipitate', 'solution', 'gas', 'layer', 'heat'];

/**
 * The form of a test, or of free work.
 * @param seen what samples show in it, those that are still possible weighing most.
 */
export function formOf(test: StandardTest | null, rules: HouseRules, seen: readonly Seen[]): Form {
  const ops = test ? stepsOf(test, rules).map((s) => s.op) : [];
  const making: Making = { ops, test, seen };
  const watch = test ? test.watch : FREE;
  const lines = (channels: readonly Channel[]) => channels.flatMap((c) => waysOf(c, making).map((way) => lineOf(way, making)));
  const possible = test ? channelsOf(ops, watch) : CHANNEL_IDS;
  return { lines: lines(watch), more: lines(possible.filter((c) => !watch.includes(c))) };
}

/** Does it say that nothing happened there? */
export const saysNothing = (o: Observation): boolean => isNothing(o) || (o.event === 'unchanged' && o.colour === undefined);

/** What is written when one looked for all that the test is about and saw nothing of it. */
export const nothingOf = (form: Form): Observation[] =>
  form.lines.flatMap(({ first }) =>
    first
      .filter(({ words }) => saysNothing(words))
      .slice(0, 1)
      .map((c) => c.words),
  );
