/**
 * Records as a person would write them, from textbooks, before anything was run. An entry is `test: thing; thing`, a thing a channel
 * and words; `solid blue` stands for `{ channel: 'solid', colour: 'blue' }`. A test with `?` was written as unsure.
 */
import { channelRow } from '#core/vocabulary/channels';
import { type Channel, type Observation, observationSchema, reworded } from '#core/vocabulary/observation';
import type { Candidate } from '#core/reasoning/infer';
import type { RecordEntry } from '#core/reasoning/entries';
import type { School } from '#core/scheme/model';

export interface Written {
  readonly title: string;
  /** Of a salt; a compound has none. */
  readonly school?: School;
  /** Ions, or elements and groups. */
  readonly truth: readonly string[];
  readonly name?: string;
  readonly entries: string;
}

function observed(text: string): Observation {
  const [channel, ...words] = text.trim().split(/\s+/) as [Channel, ...string[]];
  const fields: Record<string, string | number> = {};
  for (const word of words) {
    const number = Number(word);
    const field = Object.entries(channelRow(channel).fields).find(([name, of]) =>
      'least' in of ? !Number.isNaN(number) && !(name in fields) : of.includes(word) && !(name in fields),
    );
    if (!field) throw new Error(`"${word}" is no word of ${channel}`);
    fields[field[0]] = 'least' in field[1] ? number : word;
  }
  return observationSchema.parse(reworded({ channel }, fields));
}

/** Is this what the record was written of? Of a compound the name has to be right, of a salt its ions. */
export const isRight = ({ name, truth }: Written, of: Candidate): boolean =>
  name === undefined ? [...of.ions].sort().join() === [...truth].sort().join() : of.name === name;

export const entriesOf = ({ entries }: Written): RecordEntry[] =>
  entries
    .trim()
    .split('\n')
    .map((line, i) => {
      const [test, things] = line.trim().split(': ') as [string, string];
      return {
        number: i + 1,
        test: test.replace('?', ''),
        observed: things.split(';').map(observed),
        ...(test.endsWith('?') && { confidence: 'unsure' as const }),
      };
    });
