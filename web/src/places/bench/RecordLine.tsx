import { clsx } from 'clsx';
import { MoreHorizontal } from 'lucide-react';
import { useState } from 'react';
import type { Choice, FormLine } from '#core/scheme/form';
import { channelRow } from '#core/vocabulary/channels';
import { type Observation, wordsOf } from '#core/vocabulary/observation';
import { plainWord } from '#core/vocabulary/words';
import { ChoiceField, TextField } from '../../parts/fields';
import { swatchOf } from '../../parts/swatch';
import { Chip } from '../../parts/ui';
import { closer, isOn, placesOf, tapped } from './noting';

const wordOf = (o: Observation, field: string): unknown => wordsOf(o)[field];

/** "Red litmus", "Bead, oxidising, hot". */
export function lineName({ channel, fixed }: FormLine): string {
  if (fixed.paper) return PAPER_NAMES[fixed.paper] ?? plainWord(fixed.paper);
  const ways = ['paper', 'splint', 'zone', 'look', 'through'].map((f) => wordOf(fixed, f)).filter((w) => w && w !== 'none');
  const { label } = channelRow(channel);
  return [label, ...ways.map((w) => plainWord(String(w)))].join(', ');
}

/** The one word of a tap. */
export function tapWord({ words }: Choice): string {
  if (words.colour === 'none') return words.channel === 'solid' ? 'nothing left' : 'no colour';
  if (words.event === 'none' || words.smell === 'none') return 'none';
  return plainWord(words.colour ?? words.smell ?? words.event ?? '');
}

/** Papers as they are called at the head of their lines. */
const PAPER_NAMES: Readonly<Record<string, string>> = {
  'lead-acetate': 'Lead acetate paper',
  dichromate: 'Dichromate paper',
  'starch-iodide': 'Starch iodide paper',
  'blue-litmus': 'Blue litmus',
  'red-litmus': 'Red litmus',
  'universal-indicator': 'Universal indicator',
};

/** About how wide a chip is, px: enough to tell how many fit in a row. */
const chipWidth = (choice: Choice) => 7.6 * tapWord(choice).length + (swatchOf(choice.words) ? 28 : 0) + 32;
const MORE_WIDTH = 44;
/** Of the name that stands before a folded line, px. */
const NAME_WIDTH = 92;

function fitting(choices: readonly Choice[], width: number): number {
  let left = width - NAME_WIDTH - MORE_WIDTH;
  const count = choices.findIndex((c) => (left -= chipWidth(c)) < 0);
  return count < 0 ? choices.length : Math.max(1, count);
}

interface Props {
  line: FormLine;
  observed: readonly Observation[];
  open: boolean;
  setOpen: (open: boolean) => void;
  /** Of the form, px. */
  width: number;
  /** The letter of each choice while one records by keys. */
  letters: ReadonlyMap<Choice, string> | null;
  change: (observed: Observation[]) => void;
}

/** The choices that a line shows, as folded or open as it is; what was said is always among them. */
export function shownOf({ line, observed, open, width }: Pick<Props, 'line' | 'observed' | 'open' | 'width'>): readonly Choice[] {
  if (open) return line.first.length ? line.first : line.rest;
  const whole = line.first.length ? line.first : line.rest;
  const row = whole.slice(0, fitting(whole, width));
  const said = [...line.first, ...line.rest].filter((c) => isOn(observed, line, c) && !row.includes(c));
  return [...row, ...said];
}

export function RecordLine(props: Props) {
  const { line, observed, open, setOpen, letters, change } = props;
  const [all, setAll] = useState(false);
  const name = lineName(line);
  const row = shownOf(props);
  const shown = all ? [...row, ...line.rest.filter((c) => !row.includes(c))] : row;
  const hidden = line.first.length + line.rest.length - shown.length;
  const last = placesOf(observed, line).at(-1);
  const spoken = last === undefined ? null : observed[last]!;
  const readings = Object.entries(channelRow(line.channel).fields).flatMap(([field, of]) =>
    'least' in of && (field !== 'pH' || line.fixed.paper === 'universal-indicator') ? [{ field, ...of }] : [],
  );
  const say = (field: string, word: string | number | undefined) => {
    if (spoken) change(closer(observed, last!, field, word));
    else if (word !== undefined) change([...observed, { ...line.fixed, [field]: word } as Observation]);
  };
  return (
    <div role="group" aria-label={name} className={clsx('py-0.5', !open && 'flex items-center gap-2')}>
      <p className={clsx('label font-sans', open ? 'leading-5' : 'w-[84px] shrink-0 leading-tight')}>{name}</p>
      <div className={clsx('min-w-0', !open && 'grow')}>
        <div className="flex flex-wrap gap-1">
          {shown.map((c) => (
            <Chip
              key={tapWord(c)}
              small
              on={isOn(observed, line, c)}
              swatch={swatchOf(c.words)}
              aria-label={`${name}: ${tapWord(c)}`}
              onClick={() => change(tapped(observed, line, c))}
            >
              {letters?.has(c) && (
                <kbd className="rounded border border-current px-1 font-sans text-xs font-bold">{letters.get(c)}</kbd>
              )}
              {tapWord(c)}
            </Chip>
          ))}
          {hidden > 0 && !all && (
            <Chip
              small
              on={false}
              aria-label={`${name}: more words`}
              title="more"
              onClick={() => (open || !line.first.length ? setAll(true) : setOpen(true))}
            >
              <MoreHorizontal size={16} aria-hidden />
            </Chip>
          )}
        </div>
        {(readings.length > 0 || (spoken && line.details.length > 0 && spoken.event !== 'none')) && (
          <div className={clsx('mt-1 flex flex-wrap gap-2', readings.length > 0 && 'items-end')}>
            {readings.map(({ field, label, step }) => (
              <TextField
                key={field}
                label={label}
                className="w-28"
                labelClass="text-muted"
                type="number"
                inputMode="decimal"
                step={step}
                value={String((spoken && wordOf(spoken, field)) ?? '')}
                onChange={(e) =>
                  say(
                    field,
                    e.target.value === '' || !Number.isFinite(Number(e.target.value)) ? undefined : Number(e.target.value),
                  )
                }
              />
            ))}
            {spoken &&
              spoken.event !== 'none' &&
              line.details.map(({ field, options }) => (
                <ChoiceField
                  key={field}
                  label={field}
                  labelClass="sr-only"
                  className="w-32"
                  value={String(wordOf(spoken, field) ?? '')}
                  options={[{ value: '', name: `${field} …` }, ...options.map((o) => ({ value: o, name: plainWord(o) }))]}
                  onChange={(e) => say(field, e.target.value || undefined)}
                />
              ))}
          </div>
        )}
      </div>
    </div>
  );
}
