import { clsx } from 'clsx';
import { format } from 'date-fns';
import type { CaseView, EntryView, PhotoView } from '#contract';
import { entryTitle } from '../../parts/entry-title';
import { Formula } from '../../parts/Formula';
import { Mark } from '../../parts/Mark';
import { Thumbs } from '../../parts/photo/Thumbs';
import { ReasonDialog } from '../../parts/ReasonDialog';
import { Blank, Heading } from '../../parts/ui';
import { sayAll, sayBlank, sayInferred } from '#core/senses/sentences';
import { type OpenCase, useCaseId, useOpenCase } from '../../state/case';
import { isAtWork } from '../../shell/Standing';
import { Conclude } from './Conclude';

function Strike({ entry, append }: { entry: EntryView; append: OpenCase['append'] }) {
  const { number } = entry;
  return (
    <ReasonDialog
      trigger={
        <button
          type="button"
          aria-label={`Strike entry ${number}`}
          className="no-print min-h-9 rounded-md px-2 text-xs text-muted underline hover:bg-wash"
        >
          strike
        </button>
      }
      title={`Strike entry ${number}`}
      act="Strike it"
      leave="Cancel"
      done={(reason) => append({ kind: 'strike', payload: { entry: number, reason } })}
    >
      It stays in the ledger, struck through, with your reason. Nothing is concluded from it any more.
    </ReasonDialog>
  );
}

interface RowProps {
  readonly entry: EntryView;
  readonly photos: readonly PhotoView[];
  /** Not at the server yet. */
  readonly waits: boolean;
  readonly open: boolean;
  readonly append: OpenCase['append'];
}

function Row({ entry, photos, waits, append, open }: RowProps) {
  const caseId = useCaseId();
  const struck = entry.struck && 'line-through decoration-rust text-faint';
  return (
    <tr id={`entry-${entry.number}`} className="border-t border-rule align-top">
      <th scope="row" className="py-2.5 pr-3 text-left font-display text-xl leading-none font-normal text-rust">
        {entry.number}
      </th>
      <td className="py-2.5 pr-5">
        <span className={clsx('font-bold', struck)}>{entryTitle(entry)}</span>
        <span className="block text-xs text-muted">
          {entry.vessel && `tube ${entry.vessel} · `}
          {format(new Date(entry.done ?? entry.at), 'd MMM, HH:mm')}
          {entry.done && `, arrived ${format(new Date(entry.at), 'd MMM, HH:mm')}`}
          {waits && <strong className="text-rust-deep"> · waits to be sent</strong>}
        </span>
      </td>
      <td className="py-2.5 pr-5">
        <span className={clsx(struck)}>
          {sayAll(entry.observed)} {entry.note}
        </span>
        {entry.blank && <span className="block text-xs text-muted">blank: {sayBlank(entry)}</span>}
        {entry.confidence === 'unsure' && <span className="block text-xs text-muted">uncertain</span>}
        {entry.struck && <span className="block text-xs text-rust-deep">struck: {entry.struck.reason}</span>}
        <Thumbs caseId={caseId} of={photos} />
      </td>
      <td className="py-2.5">
        <span className={clsx(struck)}>{[sayInferred(entry.infers), entry.inference].filter(Boolean).join(' ') || '–'}</span>
      </td>
      <td className="no-print w-14 py-1">{!entry.struck && open && <Strike entry={entry} append={append} />}</td>
    </tr>
  );
}

function Verdict({ report, matter }: { report: NonNullable<CaseView['report']>; matter: CaseView['summary']['matter'] }) {
  return (
    <section aria-label="Conclusion" className="mt-8 rounded-xl border border-rule p-5 print:border-black">
      <h2 className="text-2xl">Conclusion</h2>
      <ul className="mt-2 space-y-1.5">
        {report.found.map((f) => (
          <li key={f.ion} className="flex flex-wrap items-center gap-x-2">
            <Mark state={f.claim === 'confirmed' ? 'confirmed' : 'hinted'} />
            <strong>
              <Formula of={f.ion} />
            </strong>
            <span>
              {f.claim === 'confirmed' ? 'present' : 'may be present'}; evidence:{' '}
              {f.evidence.map((n, i) => (
                <span key={n}>
                  {i > 0 && ', '}
                  <a href={`#entry-${n}`} className="text-rust underline">
                    {n}
                  </a>
                </span>
              ))}
            </span>
          </li>
        ))}
      </ul>
      {report.formula && (
        <p className="mt-3">
          {matter === 'compound' ? (
            <>Proposed compound: {report.formula}</>
          ) : (
            <>
              Proposed formula: <Formula of={report.formula} />
            </>
          )}
        </p>
      )}
      {report.remarks && <p className="mt-2 text-muted">{report.remarks}</p>}
      <p className="mt-4 border-t border-rule pt-3 text-sm">
        Signed <em className="font-display text-lg">{report.signed}</em>, {format(new Date(report.at), 'd MMMM yyyy, HH:mm')}
      </p>
    </section>
  );
}

export function Ledger() {
  const { view, acknowledged, append } = useOpenCase();
  const { summary, entries, report } = view;
  const working = isAtWork(view);
  return (
    <article className="mx-auto w-full max-w-5xl bg-paper px-6 py-8 sm:my-6 sm:rounded-xl sm:border sm:border-rule sm:px-10 print:my-0 print:border-0 print:p-0">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <Heading
          note={
            <>
              {summary.look} · {summary.kind === 'real' ? 'real' : 'simulated unknown'} {summary.matter} · begun{' '}
              {format(new Date(summary.createdAt), 'd MMMM yyyy')} · {summary.left.toFixed(2)} of {summary.of} {summary.unit} left
            </>
          }
        >
          Ledger of {summary.name}
        </Heading>
      </div>
      {entries.length ? (
        <div className="overflow-x-auto">
          <table className="w-full min-w-[38rem] text-sm">
            <thead>
              <tr className="text-left">
                <th scope="col" className="label w-10 pb-2">
                  No.
                </th>
                <th scope="col" className="label w-[26%] pb-2">
                  Test
                </th>
                <th scope="col" className="label w-[36%] pb-2">
                  Observation
                </th>
                <th scope="col" className="label pb-2">
                  Inference
                </th>
                <th scope="col" className="no-print">
                  <span className="sr-only">Strike</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {entries.map((e) => (
                <Row
                  key={e.number}
                  entry={e}
                  photos={view.photos.filter((p) => p.entry === e.number)}
                  waits={e.number > acknowledged}
                  append={append}
                  open={working}
                />
              ))}
            </tbody>
          </table>
        </div>
      ) : (
        <Blank title="No entries yet">Work at the bench and record your observations; every entry appears here.</Blank>
      )}
      {report && <Verdict report={report} matter={summary.matter} />}
      {entries.length > 0 && working && <Conclude view={view} append={append} />}
    </article>
  );
}
