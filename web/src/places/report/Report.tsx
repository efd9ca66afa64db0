import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { drawFlow } from '#core/report/flow-drawing';
import { type CaseReport, sayEntries } from '#core/report/report';
import { Formula } from '../../parts/Formula';
import { Blank, Button } from '../../parts/ui';
import { api } from '../../state/api';
import { useCaseId, useOpenCase } from '../../state/case';
import { EquationLine, ReportRows } from './ReportRows';
import { type Length, ReportTools } from './ReportTools';

const when = (iso: string) => new Date(iso).toLocaleString(undefined, { dateStyle: 'long', timeStyle: 'short' });

function About({ report, length }: { report: CaseReport; length: Length }) {
  const lines: [string, string][] = [
    ['Sample', `${report.what}, ${report.amount}`],
    ['Begun', when(report.opened)],
    ...(report.who.length ? [['By', report.who.join(', ')] as [string, string]] : []),
    ...(length === 'full' ? [['Rules in force', report.rules.join('; ')] as [string, string]] : []),
  ];
  return (
    <header className="mb-5">
      <h1 className="text-3xl">Report on {report.name}</h1>
      <p className="font-display text-lg text-muted italic">{report.look}</p>
      <dl className="mt-2 text-sm">
        {lines.map(([name, value]) => (
          <div key={name}>
            <dt className="inline text-muted">{name}: </dt>
            <dd className="inline">{value}</dd>
          </div>
        ))}
      </dl>
    </header>
  );
}

function Conclusion({ report }: { report: CaseReport }) {
  const { signed, found, absent, formula, remarks, identity, marks } = report;
  if (!signed) return <p className="mt-6 text-sm text-muted">Not signed: no conclusion is drawn yet.</p>;
  return (
    <section aria-label="Conclusion" className="mt-6 break-inside-avoid">
      <h2 className="text-2xl">Conclusion</h2>
      <ul className="mt-1 list-disc pl-5">
        {found.map((f) => (
          <li key={f.of}>
            <Formula of={f.of} /> {f.claim === 'confirmed' ? 'present' : 'may be present'}; {sayEntries(f.evidence)}.
            {f.equations.map((e, i) => (
              <EquationLine key={i} of={e} />
            ))}
          </li>
        ))}
        {absent.map((a) => (
          <li key={a.of}>
            <Formula of={a.of} /> absent; {sayEntries(a.entries)}.
          </li>
        ))}
      </ul>
      {formula && <p className="mt-2">Proposed: {report.matter === 'salt' ? <Formula of={formula} /> : formula}</p>}
      {remarks && <p className="mt-2">{remarks}</p>}
      {identity && <p className="mt-2 text-sm text-muted">It was: {identity}</p>}
      {report.superseded > 0 && (
        <p className="mt-2 text-sm text-muted">Earlier reports, withdrawn or returned: {report.superseded}.</p>
      )}
      {marks && (
        <p className="mt-2 text-sm text-muted">
          Marks: {marks.marks} of {marks.of}. {marks.remarks}
        </p>
      )}
      <p className="mt-5 flex flex-wrap justify-between gap-4 border-t border-rule pt-3 text-sm">
        <span>
          Signed <em className="font-display text-lg">{signed.by}</em>, {when(signed.at)}
        </span>
        <span>Seen by ______________________________</span>
      </p>
    </section>
  );
}

/** Of one sheet on paper, points. */
const SHEET = 690;

function Flow({ report }: { report: CaseReport }) {
  if (!report.flow) return null;
  return (
    <section aria-label="Separation" className="mt-8 overflow-x-auto print:break-before-page">
      <h2 className="text-2xl">The separation as it was done</h2>
      {drawFlow(report.flow)
        .sheets(SHEET)
        .map(({ svg, width, height }, i) => (
          <img
            key={i}
            alt={`Flow of the separation, part ${i + 1}: the text of the tests above says the same`}
            src={`data:image/svg+xml;utf8,${encodeURIComponent(svg.replace('font-family="Atkinson"', 'font-family="sans-serif"'))}`}
            width={width}
            height={height}
            className="mt-2 max-w-none rounded bg-white p-2"
          />
        ))}
    </section>
  );
}

/** The whole case on a page that can be handed in. */
export function Report() {
  const { view } = useOpenCase();
  const id = useCaseId();
  const [length, setLength] = useState<Length>('full');
  const {
    data: report,
    error,
    refetch,
  } = useQuery({ queryKey: ['report', id, view.seq], queryFn: () => api.report(id), staleTime: Infinity });
  if (error && !report)
    return (
      <Blank title="The report could not be loaded">
        <p>{error.message}</p>
        <Button className="mt-4" onClick={() => void refetch()}>
          Try again
        </Button>
      </Blank>
    );
  if (!report) return <Blank title="Loading the report …" />;
  return (
    <article className="report mx-auto w-full max-w-4xl bg-paper px-6 py-8 sm:my-6 sm:rounded-xl sm:border sm:border-rule sm:px-10 print:my-0 print:max-w-none print:border-0 print:p-0">
      <ReportTools caseId={id} report={report} length={length} setLength={setLength} />
      <About report={report} length={length} />
      <ReportRows caseId={id} rows={report.rows} length={length} />
      <Conclusion report={report} />
      {length === 'full' && <Flow report={report} />}
      {report.simulated && <p className="mt-8 text-xs text-muted">{report.simulated}</p>}
    </article>
  );
}
