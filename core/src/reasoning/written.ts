/** Which fields of an observation are written at all: what weighing it and imagining it have in common. */
import { type Channel, channelRow, type ChannelRow, CHANNELS } from '../vocabulary/channels';
import type { Observation } from '../vocabulary/observation';
import { WRITTEN } from './data/rates';
import { QUALIFIERS } from './shown';

export const GONE: ReadonlySet<string | undefined> = new Set(['dissolved', 'partly-dissolved']);
/** °C over which a reading that is quite wrong may lie. */
export const SCALE_CELSIUS = 400;
export const SCALE_PH = 15;
/** Where an instrument is read quite wrong, in its own spreads. */
export const SCALE_VALUE = 100;

/** Probability of a field: that it is written, times that it says so. */
export const field = (rate: number, written: unknown, says: () => number): number =>
  written === undefined ? 1 - rate : rate * says();

/** The qualifiers that a channel has, and the words there are for each. */
export const QUALIFIERS_OF = new Map(
  Object.entries<ChannelRow>(CHANNELS).map(([channel, { fields }]) => [
    channel,
    QUALIFIERS.flatMap((name) => {
      const all = fields[name];
      return all && 'length' in all ? [{ name, words: all.filter((word) => word !== 'none') }] : [];
    }),
  ]),
);

/** How often it is written what happened: always, where there is nothing else to write. */
export const eventWritten = (channel: Channel): number =>
  Object.keys(channelRow(channel).fields).length === 1 ? 1 : WRITTEN.event;

/** How often an amount is written. */
export const amountWritten = (amount: Observation['amount']): number =>
  amount === 'trace' ? WRITTEN.traceAmount : WRITTEN.amount;

/** How often a colour is written, by what is said to have happened; a flame of which none is told is no flame. */
export const colourWritten = ({ channel, event }: Pick<Observation, 'channel' | 'event'>): number =>
  channel === 'flame' ? 1 : GONE.has(event) ? WRITTEN.colourOfGone : WRITTEN.colour;
