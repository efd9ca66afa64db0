/** Observations as a chemist would write them down. */
import { channelRow } from '../vocabulary/channels';
import type { Observation } from '../vocabulary/observation';
import { plainWord } from '../vocabulary/words';

const join = (...parts: (string | false | undefined)[]): string => parts.filter(Boolean).join(' ');
const bracketed = (event: string | undefined, unless?: string): string | false =>
  event !== undefined && event !== unless && `(${plainWord(event)})`;

/** An observation as a clause, such as "gelatinous pale green precipitate". */
export function sayObservation(o: Observation): string {
  const label = channelRow(o.channel).label.toLowerCase();
  const colour = o.colour && o.colour !== 'none' ? plainWord(o.colour) : '';
  switch (o.channel) {
    case 'precipitate':
      if (o.event === 'none') return 'no precipitate';
      if (o.event === 'dissolved') return join(colour, 'precipitate dissolved');
      return join(o.amount, o.texture, colour, 'precipitate', bracketed(o.event, 'formed'));
    case 'solution':
      if (o.event === 'unchanged' && !colour) return 'liquid unchanged';
      return join(o.clarity === 'cloudy' && 'cloudy', colour, 'liquid', o.event === 'unchanged' && '(unchanged)');
    case 'flame': {
      if (!colour) return 'no flame colour';
      const flash = o.duration === 'flash' ? ', a flash' : '';
      return `${colour} flame${flash}${o.through === 'cobalt-glass' ? ' through cobalt glass' : ''}`;
    }
    case 'paper':
      return `${plainWord(o.paper ?? 'paper')} ${o.event === 'changed' ? `turned ${colour || 'colour'}` : 'unchanged'}`;
    case 'gas':
      return o.event === 'none' ? 'no gas' : join(o.vigour, colour !== 'colourless' && colour, 'gas');
    case 'smell':
      return o.smell === 'none' || !o.smell ? 'no smell' : `smell: ${plainWord(o.smell)}`;
    case 'ring':
    case 'sublimate':
    case 'droplets':
    case 'layer':
    case 'deposit':
      return o.event === 'none' ? `no ${label}` : join(colour, o.position, label);
    case 'solid':
      return join(colour, 'solid', o.look, bracketed(o.event));
    case 'temperature': {
      if (o.event === 'none') return 'no reading';
      const range = o.celsius !== undefined && `${o.celsius}${o.to === undefined ? '' : ` to ${o.to}`} °C`;
      return join(o.event && plainWord(o.event), range);
    }
    case 'measurement': {
      if (o.event === 'none') return 'no measurement';
      const weighed = o.grams !== undefined && o.mL !== undefined && `(${o.grams} g took ${o.mL} mL)`;
      return join(
        plainWord(o.event ?? label),
        o.value !== undefined && String(o.value),
        o.event === 'density' && 'g/mL',
        weighed,
      );
    }
    case 'extract': {
      const judged = o.event === 'repeat-fusion' ? '(to be repeated)' : o.event === 'good' && '(good)';
      return join(o.clarity, colour, 'extract', judged);
    }
    case 'solubility':
      return plainWord(o.event ?? '');
    case 'soot':
      return o.event === 'sooty' ? 'burns with a sooty flame' : 'burns with a clean flame';
    case 'splint':
      return join(o.splint, 'splint', plainWord(o.event ?? ''));
    case 'bead':
      return join(label, colour, o.look);
    case 'limewater':
      return join(label, plainWord(o.event ?? ''));
    case 'fumes':
      return o.event === 'none' ? 'no fumes at a rod' : 'white fumes at a rod';
    case 'heat':
      return o.event === 'none' ? 'no change of warmth' : join('grows', o.event);
  }
}

/** Several observations as a sentence. */
export function sayAll(list: readonly Observation[]): string {
  const text = list.map(sayObservation).join('; ');
  return text && `${text[0]!.toUpperCase()}${text.slice(1)}.`;
}
