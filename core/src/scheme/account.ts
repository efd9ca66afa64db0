/** One account of all that the steps of a procedure showed. */
import { type Channel, type Observation, reworded } from '../vocabulary/observation';

/** What is told once, in the words of the last time. */
function kindOf({ channel, event, colour }: Observation): string | undefined {
  switch (channel) {
    case 'precipitate':
      if (event === 'persists' || event === 'formed') return `formed ${colour}`;
      return event === 'dissolved' ? `dissolved ${colour}` : event;
    case 'solution':
      return '';
    case 'gas':
      return `${event}${colour}`;
    case 'flame':
      return colour;
    case 'solid':
      // Of two powders swept together both are seen.
      return event === 'unchanged' ? `${event} ${colour}` : event;
    default:
      return event;
  }
}

/** One account of all that a procedure showed: the last look of the liquid, and everything else that happened. */
export function account(seen: readonly Observation[], watch: readonly Channel[]): Observation[] {
  const out = new Map<string, Observation>();
  for (const o of seen) {
    if (!watch.includes(o.channel)) continue;
    const { channel, paper = '', splint = '', look = '', zone = '', through = '' } = o;
    const kind = kindOf(o);
    const key = [channel, kind, paper, splint, look, zone, through].join(' ');
    const before = out.get(key);
    // A solid that was seen to form and is still there has formed.
    const stays = channel === 'precipitate' && o.event === 'persists' && before?.event === 'formed';
    out.delete(key);
    out.set(key, stays ? reworded(o, { event: 'formed' }) : o);
  }
  const list = [...out.values()];
  const nothing = (o: Observation) => o.event === 'none' || o.event === 'unchanged' || o.event === 'clear';
  const same = (a: Observation, b: Observation) =>
    a.channel === b.channel && a.paper === b.paper && a.splint === b.splint && a.look === b.look;
  return list.filter((o) => o.channel === 'solution' || !nothing(o) || !list.some((p) => p !== o && !nothing(p) && same(o, p)));
}
