/** Human labels for the controlled vocabulary. */
import type { Channel, Observation } from '#core/senses/vocabulary';

export const CHANNEL_WORDS: Readonly<Record<Channel, string>> = {
  solution: 'Liquid',
  precipitate: 'Precipitate',
  layer: 'Layer',
  gas: 'Gas',
  smell: 'Smell',
  paper: 'Paper',
  splint: 'Splint',
  limewater: 'Lime water',
  fumes: 'Fumes at a rod',
  flame: 'Flame',
  bead: 'Bead',
  solid: 'Dry solid',
  sublimate: 'Sublimate',
  droplets: 'Water droplets',
  ring: 'Ring',
  deposit: 'Deposit',
  soot: 'Soot',
  extract: 'Extract',
  solubility: 'Solubility',
  heat: 'Warmth',
  temperature: 'Temperature',
};

const plain = (s: string) => s.replaceAll('-', ' ');

/** An observation as a clause: "gelatinous pale-green precipitate, formed". */
export function sayObservation(o: Observation): string {
  const colour = o.colour && o.colour !== 'none' ? plain(o.colour) : '';
  switch (o.channel) {
    case 'precipitate':
      if (o.event === 'none') return 'no precipitate';
      if (o.event === 'dissolved') return `${colour} precipitate dissolved`.trim();
      return [o.amount, o.texture, colour, 'precipitate', o.event && o.event !== 'formed' ? `(${plain(o.event)})` : '']
        .filter(Boolean)
        .join(' ');
    case 'solution':
      if (o.event === 'unchanged' && !colour) return 'liquid unchanged';
      return [o.clarity === 'cloudy' ? 'cloudy' : '', colour, 'liquid', o.event === 'unchanged' ? '(unchanged)' : '']
        .filter(Boolean)
        .join(' ');
    case 'flame':
      return colour
        ? `${colour} flame${o.duration === 'flash' ? ', a flash' : ''}${o.through === 'cobalt-glass' ? ' through cobalt glass' : ''}`
        : 'no flame colour';
    case 'paper':
      return `${plain(o.paper ?? 'paper')} ${o.event === 'changed' ? `turned ${colour || 'colour'}` : 'unchanged'}`;
    case 'gas':
      return o.event === 'none'
        ? 'no gas'
        : [o.vigour ?? '', colour === 'colourless' ? '' : colour, 'gas'].filter(Boolean).join(' ');
    case 'smell':
      return o.smell === 'none' || !o.smell ? 'no smell' : `smell: ${plain(o.smell)}`;
    case 'ring':
    case 'sublimate':
    case 'droplets':
    case 'layer':
    case 'deposit':
      return o.event === 'none'
        ? `no ${CHANNEL_WORDS[o.channel].toLowerCase()}`
        : [colour, o.position ?? '', CHANNEL_WORDS[o.channel].toLowerCase()].filter(Boolean).join(' ');
    case 'solid':
      return [
        colour,
        'solid',
        o.look ?? '',
        o.event && o.event !== 'unchanged' ? `(${plain(o.event)})` : o.event === 'unchanged' ? '(unchanged)' : '',
      ]
        .filter(Boolean)
        .join(' ');
    case 'temperature':
      return o.event === 'none'
        ? 'no reading'
        : [plain(o.event ?? ''), o.celsius !== undefined ? `${o.celsius}${o.to !== undefined ? ` to ${o.to}` : ''} °C` : '']
            .filter(Boolean)
            .join(' ');
    case 'extract':
      return [
        o.clarity ?? '',
        colour,
        'extract',
        o.event === 'repeat-fusion' ? '(to be repeated)' : o.event === 'good' ? '(good)' : '',
      ]
        .filter(Boolean)
        .join(' ');
    case 'solubility':
      return plain(o.event ?? '');
    case 'soot':
      return o.event === 'sooty' ? 'burns with a sooty flame' : 'burns with a clean flame';
    case 'splint':
      return `${o.splint ?? ''} splint ${plain(o.event ?? '')}`.trim();
    default:
      return [CHANNEL_WORDS[o.channel].toLowerCase(), colour, plain(o.event ?? ''), o.look ?? ''].filter(Boolean).join(' ');
  }
}

export const sayAll = (list: readonly Observation[]): string => {
  const text = list.map(sayObservation).join('; ');
  return text ? `${text[0]!.toUpperCase()}${text.slice(1)}.` : '';
};
