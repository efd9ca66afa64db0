import { clsx } from 'clsx';
import { Link, useParams } from 'react-router';
import { ION_NAMES } from '#core/matter/data/components';
import { testById } from '#core/scheme/tests';
import type { EntryView, SuspectView } from '#contract';
import { Formula } from '../../parts/Formula';
import { Mark, MARK_WORDS } from '../../parts/Mark';
import { Blank, Heading } from '../../parts/ui';
import { sayAll } from '../../parts/words';
import { useOpenCase } from '../../shell/CaseShell';
import { useCaseId } from '../../state/case';

function Cell({ suspect, entry }: { suspect: SuspectView; entry: number }) {
  const b = suspect.because.find((x) => x.entry === entry);
  if (!b) return <td className="text-center text-faint">·</td>;
  const forIt = b.speaks === 'for';
  return (
    <td className="p-0.5">
      <span
        title={b.text}
        className={clsx(
          'block rounded-md py-1.5 text-center text-xs font-bold',
          forIt ? 'bg-[#e2b89c] text-[#4a1d08]' : 'bg-[#55667a] text-white',
        )}
      >
        {forIt ? 'for' : 'against'}
      </span>
    </td>
  );
}

function Matrix({
  suspects,
  entries,
  chosen,
}: {
  suspects: readonly SuspectView[];
  entries: readonly EntryView[];
  chosen: string;
}) {
  const id = useCaseId();
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-separate border-spacing-x-0.5 border-spacing-y-0.5 text-sm">
        <thead>
          <tr>
            <th scope="col" className="sr-only">
              Ion
            </th>
            {entries.map((e) => (
              <th
                scope="col"
                key={e.number}
                className="min-w-16 px-1 pb-1 align-bottom font-normal"
                title={testById.get(e.test)?.title}
              >
                <span className="block font-display text-lg leading-none text-rust">{e.number}</span>
                <span className="text-xs text-muted">{(testById.get(e.test)?.title ?? 'Free').split(/[ ,]/)[0]}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {suspects.map((s) => (
            <tr key={s.ion} className={clsx(s.ion === chosen && 'bg-wash')}>
              <th scope="row" className="text-left">
                <Link
                  to={`/cases/${id}/suspects/${encodeURIComponent(s.ion)}`}
                  aria-current={s.ion === chosen ? 'true' : undefined}
                  className={clsx(
                    'inline-flex min-h-9 items-center gap-2 rounded-lg px-2 font-bold',
                    s.state === 'hinted' ? 'text-rust-deep' : s.state === 'ruled-out' ? 'text-faint' : '',
                  )}
                >
                  <Mark state={s.state} /> <Formula of={s.ion} />{' '}
                  <span className="text-xs font-normal text-muted">{MARK_WORDS[s.state]}</span>
                </Link>
              </th>
              {entries.map((e) => (
                <Cell key={e.number} suspect={s} entry={e.number} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const ORDER = { hinted: 0, open: 1, 'ruled-out': 2 } as const;

export function Suspects() {
  const { view } = useOpenCase();
  const chosenParam = useParams()['ion'];
  const caseId = useCaseId();
  const sorted = [...view.suspects].sort((a, b) => ORDER[a.state] - ORDER[b.state]);
  const chosen = sorted.find((s) => s.ion === chosenParam) ?? sorted[0]!;
  const entries = view.entries.filter((e) => !e.struck && testById.has(e.test));
  return (
    <div className="grid grow lg:grid-cols-[minmax(0,1fr)_380px]">
      <section className="min-w-0 p-6">
        <Heading note="Each entry speaks for an ion when it shows what that ion gives and some others do not, and against it when the ion would have shown and did not.">
          Suspects
        </Heading>
        {entries.length ? (
          <Matrix suspects={sorted} entries={entries} chosen={chosen.ion} />
        ) : (
          <Blank title="Nothing to go on yet">
            Write down what a standard test shows, and it will speak for or against each ion here.
          </Blank>
        )}
      </section>
      <aside className="border-rule bg-paper p-6 max-lg:border-t lg:border-l" aria-label="Evidence">
        <h2 className="flex items-center gap-3 text-2xl first-letter:uppercase">
          <Mark state={chosen.state} size={22} /> {ION_NAMES[chosen.ion]}
        </h2>
        <p className="mt-1 text-muted">
          <Formula of={chosen.ion} /> is <strong>{MARK_WORDS[chosen.state]}</strong>
          {chosen.state === 'hinted'
            ? ': it may be present.'
            : chosen.state === 'open'
              ? ': nothing speaks against it.'
              : ': a test that would have shown it did not.'}
        </p>
        <ol className="mt-4 divide-y divide-rule border-y border-rule">
          {chosen.because.map((b) => {
            const entry = view.entries[b.entry - 1];
            return (
              <li key={b.entry} className="flex gap-3 py-3 text-sm">
                <span className="w-6 shrink-0 font-display text-lg leading-tight text-rust">{b.entry}</span>
                <span>
                  <strong className={b.speaks === 'for' ? 'text-rust-deep' : 'text-muted'}>Speaks {b.speaks}.</strong> {b.text}
                  {entry && <span className="block text-muted">You wrote: {sayAll(entry.observed) || entry.note}</span>}
                </span>
              </li>
            );
          })}
          {!chosen.because.length && <li className="py-3 text-sm text-muted">No entry bears on it.</li>}
        </ol>
        <Link to={`/cases/${caseId}/bench`} className="mt-4 inline-flex min-h-11 items-center font-bold text-rust underline">
          Back to the bench
        </Link>
      </aside>
    </div>
  );
}
