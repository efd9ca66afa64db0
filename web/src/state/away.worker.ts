/** Works out how a case will look when all that waits has arrived, beside the page. */
import { type Away, awayWith, foreseen } from '#core/exchange/away';
import type { Pending } from '#core/exchange/pending';
import { CASE_FORMAT, CASE_FORMAT_VERSION, type FiledEvent } from '#core/exchange/case-file';

export interface Asked {
  readonly turn: number;
  readonly id: string;
  readonly events: readonly FiledEvent[];
  readonly pending: readonly Pending[];
}

let known: { readonly id: string; readonly seq: number; readonly away: Away } | null = null;

function awayOf({ id, events }: Asked): Away {
  const seq = events.length;
  if (known?.id !== id || known.seq !== seq)
    known = {
      id,
      seq,
      away: awayWith({ format: CASE_FORMAT, version: CASE_FORMAT_VERSION, case: id, sealed: false, events }),
    };
  return known.away;
}

self.onmessage = ({ data }: MessageEvent<Asked>) => {
  try {
    const who = data.events[0]!.body.who.name;
    self.postMessage({ turn: data.turn, foreseen: foreseen(awayOf(data), data.pending, who) });
  } catch (error) {
    self.postMessage({ turn: data.turn, failed: String(error) });
  }
};
