import { clsx } from 'clsx';
import type { CaseReport, ReportRow } from '#core/report/report';
import { Formula } from '../../parts/Formula';
import { Blank } from '../../parts/ui';
import { photoAddress } from '../../state/photos';
import type { Length } from './ReportTools';

type Side = ReportRow['equations'][number]['left'];

const Terms = ({ of }: { of: Side }) =>
  of.map(([count, formula], i) => (
    <span key={formula}>
      {i > 0 && ' + '}
      {count > 1 && `${count} `}
      <Formula of={formula} />
    </span>
  ));

export const EquationLine = ({ of: { left, right } }: { of: ReportRow['equations'][number] }) => (
  <span className="block text-xs">
    <Terms of={left} /> → <Terms of={right} />
  </span>
);

function Done({ row }: { row: ReportRow }) {
  return (
    <>
      {row.done.length > 0 && <span className="block text-xs">{row.done.join(' ')}</span>}
      {row.equations.map((e, i) => (
        <EquationLine key={i} of={e} />
      ))}
    </>
  );
}

const time = (iso: string) => new Date(iso).toLocaleString(undefined, { dateStyle: 'short', timeStyle: 'short' });

function Row({ caseId, row, length }: { caseId: string; row: ReportRow; length: Length }) {
  const struck = row.struck !== null && 'line-through decoration-rust text-faint';
  return (
    <tr className="break-inside-avoid border-t border-rule align-top">
      <th scope="row" className="py-2 pr-3 text-left font-display text-xl leading-none font-normal text-rust">
        {row.number}
      </th>
      <td className="py-2 pr-4">
        <span className={clsx('font-bold', struck)}>{row.test}</span>
        {length === 'full' && <Done row={row} />}
        <span className="block text-xs text-muted">
          {row.tube && `${row.tube} · `}
          {time(row.at)}
          {row.arrived !== null && `, arrived ${time(row.arrived)}`}
        </span>
      </td>
      <td className="py-2 pr-4">
        <span className={clsx(struck)}>{row.observation}</span>
        {row.blank !== null && <span className="block text-xs text-muted">blank: {row.blank}</span>}
        {row.unsure && <span className="block text-xs text-muted">uncertain</span>}
        {row.struck !== null && <span className="block text-xs text-rust-deep">struck: {row.struck}</span>}
        {length === 'full' &&
          row.photos.map((p) => (
            <figure key={p.photo} className="mt-1.5">
              <img
                src={photoAddress(caseId, p.photo)}
                alt={p.caption ?? `Photo of entry ${row.number}`}
                loading="lazy"
                className="max-h-40 w-auto rounded border border-rule"
              />
              {p.caption && <figcaption className="text-xs text-muted">{p.caption}</figcaption>}
            </figure>
          ))}
      </td>
      <td className="py-2">
        <span className={clsx(struck)}>{row.inference || '–'}</span>
      </td>
    </tr>
  );
}

const HEADS = ['No.', 'Test: what was done', 'Observation', 'Inference'];

/** The record in its columns; on paper the head repeats and rows do not split. */
export function ReportRows({ caseId, rows, length }: { caseId: string; rows: CaseReport['rows']; length: Length }) {
  if (!rows.length) return <Blank title="No entries yet">The record is empty.</Blank>;
  return (
    <div className="overflow-x-auto print:overflow-visible">
      <table className="w-full min-w-[38rem] text-sm print:min-w-0">
        <thead>
          <tr className="text-left">
            {HEADS.map((head, i) => (
              <th key={head} scope="col" className={clsx('label pb-2', i === 0 ? 'w-10' : 'w-[31%]')}>
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <Row key={row.number} caseId={caseId} row={row} length={length} />
          ))}
        </tbody>
      </table>
    </div>
  );
}
