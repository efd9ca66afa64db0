import { X } from 'lucide-react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { toast } from 'sonner';
import { sampleOf } from '#core/senses/colour';
import { sayObservation } from '#core/senses/sentences';
import { channelRow, eventsOf } from '#core/vocabulary/channels';
import { type Channel, CHANNEL_IDS, nothingIn, type Observation, reworded } from '#core/vocabulary/observation';
import { plainWord } from '#core/vocabulary/words';
import type { StandardTest } from '#core/scheme/model';
import { stepsOf } from '#core/scheme/tests';
import type { CaseView, VesselView } from '#contract';
import { Check, TextField } from '../../parts/fields';
import { Button, Chip } from '../../parts/ui';
import type { OpenCase } from '../../state/case';

interface Props {
  view: CaseView;
  test: StandardTest | null;
  held: VesselView | null;
  append: OpenCase['append'];
}

/** Done with nothing in a tube of the rack. */
const OUTSIDE: ReadonlySet<string> = new Set(['test', 'flame', 'bead', 'charcoal']);

const FREE: readonly Channel[] = ['precipitate', 'solution', 'gas', 'layer', 'heat'];

function channelsFor(test: StandardTest | null, all: boolean): Channel[] {
  const first = test ? [...test.watch] : [...FREE];
  return all ? [...new Set([...first, ...CHANNEL_IDS])] : first;
}

/** How many colours are shown before "more colours". */
const FIRST_COLOURS = 9;

/** Fields of a channel that are picked under a heading of their own, and those that are read off an instrument. */
function fieldsOf(channel: Channel) {
  const { fields, headings = {} } = channelRow(channel);
  const picked = Object.entries(headings).map(([field, name]) => ({ field, name, options: fields[field] as readonly string[] }));
  const readings = Object.entries(fields).flatMap(([field, of]) => ('least' in of ? [{ field, ...of }] : []));
  return { picked, readings };
}

const wordOf = (o: Observation, field: string): unknown => (o as unknown as Readonly<Record<string, unknown>>)[field];

function Group({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div role="group" aria-label={name} className="mt-2 flex flex-wrap gap-1.5">
      {children}
    </div>
  );
}

/** What was seen, in the controlled vocabulary: a few taps, then written down. */
export function Record({ view, test, held, append }: Props) {
  const [list, setList] = useState<Observation[]>([]);
  const [now, setNow] = useState<Observation | null>(null);
  const [all, setAll] = useState(false);
  const [allColours, setAllColours] = useState(false);
  const [note, setNote] = useState('');
  const [inference, setInference] = useState('');
  const [unsure, setUnsure] = useState(false);
  const [busy, setBusy] = useState(false);

  const inTube = !test || stepsOf(test, view.rules).some((s) => !OUTSIDE.has(s.op.op));
  const said = now && (now.event || now.colour || now.smell || now.pH !== undefined) ? [...list, now] : list;
  /** Says a word of what is being noticed, or takes it back when it is said already. */
  const set = (field: string, word: string | number | undefined) =>
    setNow((o) => o && reworded(o, { [field]: wordOf(o, field) === word ? undefined : word }));
  const number = (field: string, text: string) =>
    setNow((o) => o && reworded(o, { [field]: text === '' || !Number.isFinite(Number(text)) ? undefined : Number(text) }));
  const choose = (channel: Channel) => {
    setList(said);
    setNow(now?.channel === channel && said === list ? null : { channel });
  };
  const nothing = () => {
    setNow(null);
    setList(channelsFor(test, false).flatMap(nothingIn));
  };
  const fillIn = () => {
    setNow(null);
    setList([...list, ...(view.words ?? [])].slice(0, 20));
  };
  const write = async () => {
    if (!said.length && !note.trim()) {
      toast('Say what you see first; “nothing happened” counts too.');
      return;
    }
    setBusy(true);
    const done = await append({
      kind: 'entry',
      payload: {
        test: test?.id ?? 'free',
        ...(held && inTube && { vessel: held.id }),
        observed: said,
        ...(note.trim() && { note: note.trim() }),
        ...(inference.trim() && { inference: inference.trim() }),
        ...(unsure && { confidence: 'unsure' as const }),
      },
    });
    setBusy(false);
    if (!done) return;
    setList([]);
    setNow(null);
    setNote('');
    setInference('');
    setUnsure(false);
  };
  useHotkeys('n', nothing, [test]);
  useHotkeys(
    'shift+1,shift+2,shift+3,shift+4,shift+5',
    (event) => {
      const channel = channelsFor(test, all)[Number(event.code.slice(-1)) - 1];
      if (channel) choose(channel);
    },
    [test, all, said],
  );
  useHotkeys('r', () => void write(), [said, note, inference, unsure, test, held]);

  const events = now ? eventsOf(now.channel) : [];
  const colours = now ? (channelRow(now.channel).colours ?? []) : [];
  const { picked, readings } = now && now.event !== 'none' ? fieldsOf(now.channel) : { picked: [], readings: [] };
  return (
    <section aria-label="Record what you see">
      <h2 className="label font-sans">What do you see{held && inTube ? ` in ${held.id}` : ''}?</h2>
      <Group name="What changed">
        {channelsFor(test, all).map((c) => (
          <Chip key={c} on={now?.channel === c} onClick={() => choose(c)}>
            {channelRow(c).label}
          </Chip>
        ))}
        <Chip on={false} onClick={nothing} title="Key n">
          Nothing happened
        </Chip>
        {view.words && view.words.length > 0 && (
          <Chip on={false} onClick={fillIn}>
            Fill in what is there
          </Chip>
        )}
        {!all && (
          <Chip on={false} onClick={() => setAll(true)}>
            more…
          </Chip>
        )}
      </Group>
      {now && events.length > 0 && (
        <Group name="What happened">
          {events.map((e) => (
            <Chip key={e} on={now.event === e} onClick={() => set('event', e)}>
              {plainWord(e)}
            </Chip>
          ))}
        </Group>
      )}
      {now && colours.length > 0 && now.event !== 'none' && (
        <Group name="Colour">
          {(allColours ? colours : colours.slice(0, FIRST_COLOURS)).map((c) => (
            <Chip key={c} on={now.colour === c} swatch={sampleOf(c) ?? '#fff'} onClick={() => set('colour', c)}>
              {c === 'none' ? 'no colour' : plainWord(c)}
            </Chip>
          ))}
          {!allColours && colours.length > FIRST_COLOURS && (
            <Chip on={false} onClick={() => setAllColours(true)}>
              more colours…
            </Chip>
          )}
        </Group>
      )}
      {now &&
        picked.map(({ field, name, options }) => (
          <Group key={field} name={name}>
            {options.map((o) => (
              <Chip key={o} on={wordOf(now, field) === o} onClick={() => set(field, o)}>
                {field === 'through' && o === 'none' ? 'bare eye' : plainWord(o)}
              </Chip>
            ))}
          </Group>
        ))}
      {now && readings.length > 0 && (
        <div className="mt-2 flex flex-wrap gap-3">
          {readings.map(({ field, label, step }) => (
            <TextField
              key={field}
              label={label}
              className="w-28"
              labelClass="text-muted"
              type="number"
              step={step}
              value={String(wordOf(now, field) ?? '')}
              onChange={(e) => number(field, e.target.value)}
            />
          ))}
        </div>
      )}
      {said.length > 0 && (
        <ul className="mt-3 space-y-1" aria-label="To be written">
          {said.map((o, i) => (
            <li key={i} className="flex items-center justify-between gap-2 rounded-lg bg-wash pl-3 text-sm">
              {sayObservation(o)}
              <button
                type="button"
                aria-label={`Take back: ${sayObservation(o)}`}
                className="grid size-10 place-items-center"
                onClick={() => {
                  setList(said.filter((_, k) => k !== i));
                  setNow(null);
                }}
              >
                <X size={14} />
              </button>
            </li>
          ))}
        </ul>
      )}
      <TextField
        label="In your own words"
        className="mt-3"
        labelClass="text-muted"
        value={note}
        onChange={(e) => setNote(e.target.value)}
        maxLength={600}
      />
      <TextField
        label="What it tells you"
        className="mt-2"
        labelClass="text-muted"
        value={inference}
        onChange={(e) => setInference(e.target.value)}
        maxLength={600}
      />
      <div className="mt-3 flex items-center gap-4">
        <Button look="solid" disabled={busy} onClick={() => void write()}>
          Write entry {view.entries.length + 1}
        </Button>
        <Check label="not sure" on={unsure} change={setUnsure} />
      </div>
    </section>
  );
}
