import { Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { toast } from 'sonner';
import { type Choice, type Form, formOf, type FormLine, nothingOf } from '#core/scheme/form';
import type { StandardTest } from '#core/scheme/model';
import { FREE_WORK, stepsOf } from '#core/scheme/tests';
import { sayAll, sayInferred } from '#core/senses/sentences';
import type { CaseView, VesselView } from '#contract';
import { Check, TextField } from '../../parts/fields';
import { Button, Chip } from '../../parts/ui';
import { useWidth } from '../../parts/useWidth';
import type { OpenCase } from '../../state/case';
import { useCaseId } from '../../state/case';
import { draftKey, useDraft } from '../../state/draft';
import { useSeen, useSuspects } from '../../state/expected';
import { useKey, useKeySettings } from '../../state/keys';
import { Following } from './Following';
import { saysWhatFollows } from './help';
import { Inferring } from './Inferring';
import { tapped } from './noting';
import { RecordLine, shownOf } from './RecordLine';
import { RecordPhotos } from './RecordPhotos';

interface Props {
  view: CaseView;
  test: StandardTest | null;
  held: VesselView | null;
  append: OpenCase['append'];
}

/** Done with nothing in a tube of the rack. */
const OUTSIDE: ReadonlySet<string> = new Set(['test', 'flame', 'bead', 'charcoal']);
/** With more lines than this, none is unfolded until it is asked for. */
const MOST_UNFOLDED = 3;
const EMPTY: Form = { lines: [], more: [] };
const LETTERS = [...'abcdefghijklmopqstuvwxyz'];

/** A letter for every word in sight, in order; `n` and `r` keep what they do. */
function lettered(
  lines: readonly { line: FormLine; shown: readonly Choice[] }[],
): Map<Choice, { letter: string; line: FormLine }> {
  const all = lines.flatMap(({ line, shown }) => shown.map((choice) => ({ choice, line })));
  return new Map(all.slice(0, LETTERS.length).map(({ choice, line }, i) => [choice, { letter: LETTERS[i]!, line }]));
}

/** What was seen, on the form of the test: a few taps, then written down. */
export function Record({ view, test, held, append }: Props) {
  const { draft, change, drop } = useDraft(draftKey(useCaseId(), test?.id, held?.id));
  const { observed, blank, note, inference, infers, unsure } = draft;
  const suspects = useSuspects(view);
  const seen = useSeen(view, test);
  const form = useMemo(() => (seen ? formOf(test, view.rules, seen) : EMPTY), [test, view.rules, seen]);
  const [openLine, setOpenLine] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const [worded, setWorded] = useState(view.rules.ownFirst || note !== '' || inference !== '');
  const [busy, setBusy] = useState(false);
  const [into, width] = useWidth<HTMLDivElement>(300);
  const { recording, setRecording } = useKeySettings();

  const inTube = !test || stepsOf(test, view.rules).some((s) => !OUTSIDE.has(s.op.op));
  const lines = more ? [...form.lines, ...form.more] : form.lines;
  const isOpen = (line: FormLine) => (openLine ?? (form.lines.length <= MOST_UNFOLDED ? form.lines[0]?.key : null)) === line.key;
  const letters = lettered(lines.map((line) => ({ line, shown: shownOf({ line, observed, open: isOpen(line), width }) })));
  const said = sayAll(observed);
  const nothings = nothingOf(form);
  const nothing = () => change({ observed: nothings });

  const write = async () => {
    if (!observed.length && !note.trim()) {
      toast('Record an observation first; “No visible change” is one too.');
      return;
    }
    setBusy(true);
    const done = await append({
      kind: 'entry',
      payload: {
        test: test?.id ?? FREE_WORK,
        ...(held && inTube && { vessel: held.id }),
        observed: [...observed],
        ...(blank?.length && { blank: [...blank] }),
        ...(note.trim() && { note: note.trim() }),
        ...(inference.trim() && { inference: inference.trim() }),
        ...(infers.length && { infers: [...infers] }),
        ...(unsure && { confidence: 'unsure' as const }),
      },
    });
    setBusy(false);
    setRecording(false);
    if (done) drop();
  };
  useKey('nothing', nothing);
  useKey('record', () => setRecording(true));
  useHotkeys(
    '*',
    (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'Escape') setRecording(false);
      else if (event.key === 'Enter') void write();
      else if (event.key === 'n') nothing();
      else {
        const [choice, { line }] = [...letters].find(([, { letter }]) => letter === event.key) ?? [null, { line: null }];
        if (choice && line) change({ observed: tapped(observed, line, choice) });
        else return;
      }
      event.preventDefault();
    },
    { enabled: recording },
  );

  return (
    <section aria-label="Record what you see" className="flex flex-col">
      <div className="flex min-h-9 flex-wrap items-center justify-between gap-x-2">
        <h2 className="label font-sans">Record your observation{held && inTube ? ` (tube ${held.id})` : ''}</h2>
        {nothings.length > 0 && (
          <Chip small on={false} onClick={nothing} title="Nothing that was looked for was seen">
            No visible change
          </Chip>
        )}
      </div>
      {recording && (
        <p role="status" className="text-xs font-bold text-rust-deep">
          A letter for each word; Enter writes, Esc leaves.
        </p>
      )}
      <div ref={into} aria-busy={!seen} className={seen ? undefined : 'min-h-40'}>
        {lines.map((line) => (
          <RecordLine
            key={line.key}
            line={line}
            observed={observed}
            open={isOpen(line)}
            setOpen={(open) => setOpenLine(open ? line.key : '')}
            width={width}
            letters={recording ? new Map([...letters].map(([choice, { letter }]) => [choice, letter])) : null}
            change={(list) => change({ observed: list })}
          />
        ))}
      </div>
      <div className="mt-1 flex flex-wrap gap-1">
        {view.words && view.words.length > 0 && (
          <Chip small on={false} onClick={() => change({ observed: [...observed, ...(view.words ?? [])].slice(0, 20) })}>
            Fill in what is there
          </Chip>
        )}
        {!more && form.more.length > 0 && (
          <Chip small on={false} onClick={() => setMore(true)}>
            Something else …
          </Chip>
        )}
        {!worded && (
          <Chip small on={false} onClick={() => setWorded(true)}>
            In words …
          </Chip>
        )}
        <RecordPhotos
          view={view}
          test={test}
          held={held}
          form={form}
          observed={observed}
          change={(list) => change({ observed: list })}
          append={append}
        />
      </div>
      {worded && (
        <>
          <TextField
            label="In your own words"
            className="mt-2"
            labelClass="text-muted"
            value={note}
            onChange={(e) => change({ note: e.target.value })}
            maxLength={600}
          />
          <Inferring
            matter={view.summary.matter}
            test={test?.id ?? FREE_WORK}
            observed={observed}
            suspects={suspects}
            infers={infers}
            change={(list) => change({ infers: list })}
          />
          <TextField
            label="Inference"
            className="mt-2"
            labelClass="text-muted"
            value={inference}
            onChange={(e) => change({ inference: e.target.value })}
            maxLength={600}
          />
        </>
      )}
      {observed.length > 0 && (test?.control || worded) && (
        <div role="group" aria-label="Blank" className="mt-2 flex flex-wrap items-center gap-1">
          <span className="label mr-1 font-sans">My blank</span>
          {nothings.length > 0 && (
            <Chip
              small
              on={blank !== null && sayAll(blank) === sayAll(nothings)}
              onClick={() => change({ blank: blank && sayAll(blank) === sayAll(nothings) ? null : nothings })}
            >
              shows nothing
            </Chip>
          )}
          <Chip
            small
            on={blank !== null && sayAll(blank) === said}
            onClick={() => change({ blank: blank && sayAll(blank) === said ? null : observed })}
          >
            shows this too
          </Chip>
        </div>
      )}
      <div className="sticky bottom-0 max-lg:bottom-14 z-10 -mx-1 mt-2 bg-paper px-1 pt-1 pb-2">
        {test && saysWhatFollows(view) && (
          <Following view={view} test={test} observed={observed} infers={infers} change={(list) => change({ infers: list })} />
        )}
        {(said || infers.length > 0) && (
          <div
            className="mb-1.5 flex items-start justify-between gap-2 rounded-lg bg-wash py-1.5 pl-3 text-sm"
            aria-live="polite"
          >
            <p aria-label="To be written">
              {said} {infers.length > 0 && <span className="text-muted">{sayInferred(infers)}</span>}
            </p>
            <button
              type="button"
              aria-label="Clear"
              className="-my-1.5 grid size-9 shrink-0 place-items-center"
              onClick={() => change({ observed: [], infers: [] })}
            >
              <Undo2 size={15} />
            </button>
          </div>
        )}
        <div className="flex items-center gap-4">
          <Button look="solid" disabled={busy} onClick={() => void write()}>
            Write entry {view.entries.length + 1}
          </Button>
          <Check label="uncertain" on={unsure} change={(on) => change({ unsure: on })} />
        </div>
      </div>
    </section>
  );
}
