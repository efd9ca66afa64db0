import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { sayAll, sayBlank, sayInferred } from '#core/senses/sentences';
import type { CaseView, EntryView, PaperView } from '#contract';
import { Blank, Button, Heading } from '../../parts/ui';
import { isAtWork } from '../../shell/Standing';
import { api } from '../../state/api';
import { type OpenCase, useCaseId, useOpenCase } from '../../state/case';
import { Record } from '../bench/Record';

function Written({ entry }: { entry: EntryView }) {
  const infers = [sayInferred(entry.infers), entry.inference].filter(Boolean).join(' ');
  return (
    <li className={entry.struck ? 'text-faint line-through' : undefined}>
      <span className="mr-2 font-display text-lg text-rust">{entry.number}</span>
      {[sayAll(entry.observed), entry.note, entry.blank && `Blank: ${sayBlank(entry)}`].filter(Boolean).join(' ')}
      {infers && <span className="text-muted"> – {infers}</span>}
    </li>
  );
}

interface PartProps {
  readonly part: PaperView['parts'][number];
  readonly view: CaseView;
  readonly append: OpenCase['append'];
  /** It is being written about. */
  readonly open: boolean;
  readonly setOpen: (open: boolean) => void;
}

function Part({ part: { letter, does, ops }, view, append, open, setOpen }: PartProps) {
  const [busy, setBusy] = useState(false);
  const tube = view.vessels.find((v) => v.id === letter) ?? null;
  const entries = view.entries.filter((e) => e.vessel === letter);
  const done = async () => {
    setBusy(true);
    for (const op of ops) if (!(await append({ kind: 'operation', payload: { op } }))) break;
    setBusy(false);
    setOpen(true);
  };
  return (
    <li className="grid grid-cols-[2.5rem_1fr] border-t border-rule py-4">
      <strong>({letter})</strong>
      <section aria-label={`Part ${letter}`}>
        <ul className="space-y-1">
          {does.map((d, i) => (
            <li key={i}>{d}</li>
          ))}
        </ul>
        {entries.length > 0 && (
          <ul className="mt-2 space-y-1 text-sm" aria-label={`Written on ${letter}`}>
            {entries.map((e) => (
              <Written key={e.number} entry={e} />
            ))}
          </ul>
        )}
        {isAtWork(view) && !open && (
          <Button className="mt-2" disabled={busy} onClick={() => (tube ? setOpen(true) : void done())}>
            {!tube ? 'I have done this' : entries.length ? 'Write more' : 'Write what you saw'}
          </Button>
        )}
        {open && tube && isAtWork(view) && (
          <div className="mt-3 rounded-xl border border-rule bg-paper p-4">
            <Record key={letter} view={view} test={null} held={tube} append={append} />
          </div>
        )}
      </section>
    </li>
  );
}

/** A paper that is worked with real tubes: part by part, what was done, what was seen and what follows. */
export function AnswerBook() {
  const { view, append } = useOpenCase();
  const { set } = view.summary;
  const { data, error } = useQuery({ queryKey: ['paper', set], queryFn: () => api.paper(set!), enabled: set !== null });
  const [open, setOpen] = useState<string | null>(null);
  const caseId = useCaseId();
  if (set === null) return <Blank title="This case is not a practical paper" />;
  if (error) return <Blank title="The paper could not be loaded">{error.message}</Blank>;
  if (!data) return <Blank title="Loading the paper …" />;
  return (
    <div className="mx-auto w-full max-w-3xl grow px-5 py-8">
      <Heading
        note={`You have ${data.mL} mL of solution Q. Each part is done in a fresh tube; record what you see. Test gases as they come off, and write down how.`}
      >
        {data.title}
      </Heading>
      <ol className="mt-5" aria-label="Parts">
        {data.parts.map((p) => (
          <Part
            key={p.letter}
            part={p}
            view={view}
            append={append}
            open={open === p.letter}
            setOpen={(on) => setOpen(on ? p.letter : null)}
          />
        ))}
      </ol>
      <p className="border-t border-rule pt-3 text-sm text-muted">
        Wear eye protection, and follow your laboratory’s own rules and your supervisor.
      </p>
      <p className="mt-4">
        <Link className="font-bold text-rust underline" to={`/cases/${caseId}/ledger`}>
          Conclude and sign in the ledger
        </Link>
      </p>
    </div>
  );
}
