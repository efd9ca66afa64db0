import { clsx } from 'clsx';
import { Link } from 'react-router';
import type { EntryView, SuspectView } from '#contract';
import { entryTitle } from '../../parts/entry-title';
import { Formula } from '../../parts/Formula';
import { Mark } from '../../parts/Mark';
import { useCaseId } from '../../state/case';

/** Strength of a cell, from the weight of the entry for the ion. */
function shade(decibans: number): string {
  const size = Math.abs(decibans);
  if (decibans > 0) return size > 10 ? 'bg-[#a04f28] text-white' : 'bg-[#e2b89c] text-[#4a1d08]';
  return size > 10 ? 'bg-[#3c4b5e] text-white' : 'bg-[#a9b5c4] text-[#1b2430]';
}

/** What is open is in the table only when an entry moved it as much, in decibans. */
const MOVED_OPEN = 5;

/** Entries across, ions down: which entry moved which ion, and by how much. */
export function Matrix({
  suspects,
  entries,
  chosen,
}: {
  suspects: readonly SuspectView[];
  entries: readonly EntryView[];
  chosen: string;
}) {
  const id = useCaseId();
  const used = entries.filter((e) => !e.struck);
  const rows = suspects.filter(
    (c) =>
      c.id === chosen ||
      (c.state !== 'ruled-out' && c.because.some((b) => Math.abs(b.decibans) >= (c.state === 'open' ? MOVED_OPEN : 1))),
  );
  if (!used.length || !rows.length) return null;
  return (
    <section aria-label="Entries and ions" className="mt-8">
      <h2 className="label font-sans">Strength of evidence by entry, in decibans</h2>
      <div className="mt-2 overflow-x-auto" tabIndex={0} role="region" aria-label="Table of entries and ions">
        <table className="border-separate border-spacing-0.5 text-sm">
          <thead>
            <tr>
              <th scope="col" className="sr-only">
                Ion
              </th>
              {used.map((e) => (
                <th scope="col" key={e.number} className="min-w-12 px-1 pb-1 align-bottom font-normal" title={entryTitle(e)}>
                  <span className="block font-display text-lg leading-none text-rust">{e.number}</span>
                  <span className="block max-w-20 truncate text-xs text-muted">{entryTitle(e)}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((c) => (
              <tr key={c.id} className={clsx(c.id === chosen && 'bg-wash')}>
                <th scope="row" className="px-2 py-1 text-left">
                  <Link
                    to={`/cases/${id}/suspects/${encodeURIComponent(c.id)}`}
                    className="inline-flex items-center gap-2 font-bold"
                  >
                    <Mark state={c.state} /> <Formula of={c.id} />
                  </Link>
                </th>
                {used.map((e) => {
                  const b = c.because.find((x) => x.entry === e.number);
                  return b && Math.abs(b.decibans) >= 1 ? (
                    <td
                      key={e.number}
                      className={clsx('rounded-md px-1.5 py-1 text-center text-xs font-bold tabular-nums', shade(b.decibans))}
                      title={b.text}
                    >
                      {b.decibans > 0 ? '+' : '−'}
                      {Math.abs(b.decibans).toFixed(0)}
                    </td>
                  ) : (
                    <td key={e.number} className="text-center text-faint">
                      ·
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
