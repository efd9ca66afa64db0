/** An observation: a channel of the table, and words for what was noticed in it. */
import * as z from 'zod';
import { type Channel, channelRow, CHANNELS, type Field } from './channels';

type Fields<C extends Channel> = (typeof CHANNELS)[C]['fields'];
type AnyField = { [C in Channel]: keyof Fields<C> }[Channel];
type Value<F> = F extends readonly (infer Word)[] ? Word : number;

/** Fields of other channels can be asked for and are absent. */
export type ObservationOf<C extends Channel> = { readonly channel: C } & {
  readonly [F in keyof Fields<C>]?: Value<Fields<C>[F]> | undefined;
} & { readonly [F in Exclude<AnyField, keyof Fields<C>>]?: undefined };

/** One observation in the controlled vocabulary. */
export type Observation = { [C in Channel]: ObservationOf<C> }[Channel];

/** The words of an observation by their fields, as the table of channels names them. */
export type Words = Readonly<Record<string, string | number | undefined>>;

/** The same observation, for what goes through the fields of a table. */
export const wordsOf = (o: Observation): Words => o as unknown as Words;

/** An observation of words that come from the table of channels; nothing is checked. */
export const observationOf = (words: Readonly<Record<string, unknown>>): Observation => words as unknown as Observation;

export type { Channel };
export { CHANNELS };

export const CHANNEL_IDS = Object.keys(CHANNELS) as [Channel, ...Channel[]];

function fieldSchema(channel: Channel, field: string, options: Field) {
  if ('least' in options) {
    const number = options.whole ? z.int() : z.number();
    return number.min(options.least).max(options.most);
  }
  return z.enum([...options], {
    error: ({ input }) => `"${String(input)}" is no ${field} of ${channel}: use ${options.join(', ')}`,
  });
}

const schemas = CHANNEL_IDS.map((channel) =>
  z.strictObject({
    channel: z.literal(channel),
    ...Object.fromEntries(
      Object.entries(channelRow(channel).fields).map(([field, options]) => [
        field,
        fieldSchema(channel, field, options).optional(),
      ]),
    ),
  }),
);

// Zod cannot follow a union that is made from a table; the type above is made from the same one.
export const observationSchema = z.discriminatedUnion('channel', schemas as [(typeof schemas)[0]]) as unknown as z.ZodType<
  Observation,
  Observation
>;

/** What is written for a channel in which nothing was seen. */
export const nothingIn = (channel: Channel): Observation[] =>
  channelRow(channel).nothing.map((words) => ({ channel, ...words }) as Observation);

/** Tells of nothing having happened: that nothing more is said than the channel's row says of nothing. */
export function isNothing(o: Observation): boolean {
  switch (o.channel) {
    case 'flame':
      return o.colour === undefined || o.colour === 'none';
    case 'smell':
      return o.smell === undefined || o.smell === 'none';
    case 'limewater':
      return o.event === 'clear';
    case 'solution':
    case 'solid':
      return false;
    default:
      return o.event === 'none' || o.event === 'unchanged';
  }
}

/** The same observation with other words; the caller answers for their belonging to the channel. */
export const reworded = (o: Observation, words: Readonly<Partial<Record<AnyField, string | number>>>): Observation =>
  ({ ...o, ...words }) as Observation;
