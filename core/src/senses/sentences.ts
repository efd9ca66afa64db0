/** Observations as a chemist would write them down. */
import { channelRow } from '../vocabulary/channels';
import type { Observation, ObservationOf } from '../vocabulary/observation';
import { plainWord, type Smell } from '../vocabulary/words';
import { nameOf } from './names';

const join = (...parts: (string | false | undefined)[]): string => parts.filter(Boolean).join(' ');
const coloured = ({ colour }: Observation): string => (colour && colour !== 'none' ? plainWord(colour) : '');

const SMELLS: Readonly<Record<Smell, string>> = {
  none: 'no smell',
  'rotten-eggs': 'smell of rotten eggs',
  pungent: 'pungent smell',
  'burning-sulfur': 'smell of burning sulfur',
  ammonia: 'smell of ammonia',
  vinegar: 'smell of vinegar',
  bleach: 'smell of bleach',
  fruity: 'fruity smell',
  garlic: 'smell of garlic',
  'bitter-almond-do-not-smell': 'smell of bitter almonds',
};

/** What became of a precipitate that was there. */
const FATES: Readonly<Record<string, string>> = {
  dissolved: 'dissolved',
  'partly-dissolved': 'dissolved in part',
  persists: 'stayed',
  'colour-changed': 'changed colour',
};
const fateOf = (o: Observation): string => {
  const colour = coloured(o);
  return o.event === 'colour-changed' && colour ? `turned ${colour}` : (FATES[o.event ?? ''] ?? '');
};

const SOLID_FATES: Readonly<Record<string, string>> = {
  unchanged: 'unchanged',
  melted: 'melted',
  sublimed: 'sublimed',
  decrepitated: 'decrepitated',
  charred: 'charred',
  swelled: 'swelled up',
  'colour-changed': 'changed colour',
};

const VIGOURS = { slow: 'slowly', brisk: 'briskly', vigorous: 'vigorously' } as const;
const SPLINTS = { pop: 'gave a pop', extinguished: 'went out', relit: 'was rekindled', unchanged: 'unchanged' } as const;
const LIMEWATER = {
  cloudy: 'turned cloudy',
  clear: 'stayed clear',
  'cloudy-then-clear': 'turned cloudy, then clear again',
} as const;

function sayPrecipitate(o: ObservationOf<'precipitate'>): string {
  if (o.event === 'none') return 'no precipitate';
  const colour = coloured(o);
  const fate = o.event && fateOf(o);
  if (fate) return join(o.event !== 'colour-changed' && colour, 'precipitate', fate);
  const amount = o.amount === 'trace' ? 'a trace of' : o.amount === 'moderate' ? undefined : o.amount;
  return join(amount, o.texture, colour, 'precipitate');
}

function saySolid(o: ObservationOf<'solid'>): string {
  const colour = coloured(o);
  const when = o.look && `when ${o.look}`;
  if (o.colour === 'none') return join('nothing left', when);
  if (o.event === undefined || (o.event === 'unchanged' && colour)) return join(colour, 'solid', when);
  if (o.event === 'colour-changed' && colour) return join('solid turned', colour, when);
  return join(colour, 'solid', SOLID_FATES[o.event], when);
}

function sayReading(o: ObservationOf<'temperature'>): string {
  if (o.event === 'none') return 'no reading';
  const range = o.celsius !== undefined && `${o.celsius}${o.to === undefined ? '' : ` to ${o.to}`} °C`;
  return join(o.event && plainWord(o.event), range);
}

function sayMeasurement(o: ObservationOf<'measurement'>): string {
  if (o.event === 'none') return 'no measurement';
  const weighed = o.grams !== undefined && o.mL !== undefined && `(${o.grams} g took ${o.mL} mL)`;
  const value = o.value !== undefined && String(o.value);
  return join(plainWord(o.event ?? 'measurement'), value, o.event === 'density' && 'g/mL', weighed);
}

/** An observation as a clause, such as "gelatinous pale green precipitate". */
export function sayObservation(o: Observation): string {
  const label = channelRow(o.channel).label.toLowerCase();
  const colour = coloured(o);
  switch (o.channel) {
    case 'precipitate':
      return sayPrecipitate(o);
    case 'solution':
      if (o.event === 'mixed') return join(colour, 'liquids mixed');
      if (!colour && o.clarity !== 'cloudy') return o.event === 'unchanged' ? 'liquid unchanged' : join(o.clarity, 'liquid');
      return join(o.clarity === 'cloudy' && 'cloudy', colour, 'liquid');
    case 'flame': {
      if (!colour) return 'no flame colour';
      const flash = o.duration === 'flash' ? ', a flash' : '';
      return `${colour} flame${flash}${o.through === 'cobalt-glass' ? ' through cobalt glass' : ''}`;
    }
    case 'paper': {
      const paper = plainWord(o.paper ?? 'paper');
      if (o.event !== 'changed') return join(paper, o.pH !== undefined ? `pH ${o.pH}` : 'unchanged');
      return join(paper, 'turned', colour || 'colour', o.pH !== undefined && `(pH ${o.pH})`);
    }
    case 'gas':
      return o.event === 'none' ? 'no gas' : join(colour !== 'colourless' && colour, 'gas', o.vigour && VIGOURS[o.vigour]);
    case 'smell':
      return SMELLS[o.smell ?? 'none'];
    case 'ring':
    case 'sublimate':
    case 'droplets':
    case 'layer':
    case 'deposit':
      return o.event === 'none' ? `no ${label}` : join(colour, o.position, label);
    case 'solid':
      return saySolid(o);
    case 'temperature':
      return sayReading(o);
    case 'measurement':
      return sayMeasurement(o);
    case 'extract': {
      const judged = o.event === 'repeat-fusion' ? '(to be repeated)' : o.event === 'good' && '(good)';
      return join(o.clarity, colour, 'extract', judged);
    }
    case 'solubility':
      return plainWord(o.event ?? 'solubility');
    case 'soot':
      return join('burns with a', o.event === 'clean' ? 'clean' : 'sooty', colour, 'flame');
    case 'splint':
      return join(o.splint, 'splint', o.event && SPLINTS[o.event]);
    case 'bead':
      return join(colour, label, o.look && `when ${o.look}`, o.zone && `(${o.zone} zone)`);
    case 'limewater':
      return join(label, o.event && LIMEWATER[o.event]);
    case 'fumes':
      return o.event === 'none' ? 'no fumes at a rod' : 'white fumes at a rod';
    case 'heat':
      return o.event === 'none' || !o.event ? 'no change of warmth' : `grows ${o.event}`;
  }
}

/** What is said of a thing that the clause before spoke of already; undefined when it is a thing of its own. */
function goingOn(before: Observation, o: Observation): string | undefined {
  if (before.channel === 'precipitate' && o.channel === 'precipitate' && before.event !== 'none' && o.event !== 'none') {
    const fate = fateOf(o);
    const again = before.event === 'formed' || before.event === undefined ? ', which ' : ' and ';
    if (fate) return `${again}${fate}`;
    return coloured(o) ? `, then ${join(o.texture, coloured(o))}` : undefined;
  }
  if (before.channel === 'flame' && o.channel === 'flame' && before.through === o.through && coloured(before) && coloured(o))
    return `, then ${coloured(o)}${o.duration === 'flash' ? ', a flash' : ''}`;
  if (before.channel === 'solid' && o.channel === 'solid' && before.look && o.look && before.look !== o.look && coloured(o))
    return `, ${coloured(o)} when ${o.look}`;
  return undefined;
}

/** Several observations as a sentence. */
export function sayAll(list: readonly Observation[]): string {
  const text = list.reduce((said, o, i) => {
    const on = i > 0 ? goingOn(list[i - 1]!, o) : undefined;
    return on ? said + on : `${said}${said && '; '}${sayObservation(o)}`;
  }, '');
  return text && `${text[0]!.toUpperCase()}${text.slice(1)}.`;
}

const lowered = (text: string) => text && `${text[0]!.toLowerCase()}${text.slice(1)}`;

/** What the blank beside an entry showed. */
export function sayBlank({
  observed,
  blank = [],
}: {
  observed: readonly Observation[];
  blank?: readonly Observation[] | undefined;
}): string {
  const same = sayAll(blank) === sayAll(observed);
  return same ? 'the same.' : lowered(sayAll(blank));
}

/** What an entry says of single suspects, as one writes it: "nickel(II) may be present; chloride absent." */
export function sayInferred(infers: readonly { readonly of: string; readonly says: string }[] = []): string {
  const text = infers.map(({ of, says }) => `${nameOf(of)} ${plainWord(says)}`).join('; ');
  return text && `${text[0]!.toUpperCase()}${text.slice(1)}.`;
}
