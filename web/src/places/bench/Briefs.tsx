import { clsx } from 'clsx';
import { Link } from 'react-router';
import { testById } from '#core/scheme/tests';
import type { CaseView } from '#contract';
import { Formula } from '../../parts/Formula';
import { Mark } from '../../parts/Mark';
import { sayAll } from '../../parts/words';
import { useCaseId } from '../../state/case';

const SHOWN = 4;

export function BriefLedger({ view }: { view: CaseView }) {
  const id = useCaseId();
  return (
    <section aria-label="Ledger in brief" className="mt-6">
      <h2 className="label font-sans">Ledger</h2>
      {!view.entries.length && <p className="mt-1 text-sm text-muted">Nothing written yet.</p>}
      <ol className="mt-1 divide-y divide-rule border-t border-rule">
        {view.entries
          .slice(-SHOWN)
          .reverse()
          .map((e) => (
            <li key={e.number} className={clsx('flex gap-3 py-2 text-sm', e.struck && 'text-faint line-through')}>
              <span className="w-6 shrink-0 font-display text-lg leading-tight text-rust">{e.number}</span>
              <span>
                <strong>{testById.get(e.test)?.title ?? 'Free work'}.</strong> {sayAll(e.observed)} {e.note}{' '}
                <span className="text-muted">{e.inference}</span>
              </span>
            </li>
          ))}
      </ol>
      {view.entries.length > SHOWN && (
        <Link to={`/cases/${id}/ledger`} className="inline-flex min-h-11 items-center text-sm font-bold text-rust underline">
          All {view.entries.length} entries
        </Link>
      )}
    </section>
  );
}

const ORDER = { hinted: 0, open: 1, 'ruled-out': 2 } as const;

export function BriefSuspects({ view }: { view: CaseView }) {
  const id = useCaseId();
  const sorted = [...view.suspects].sort((a, b) => ORDER[a.state] - ORDER[b.state]);
  return (
    <section aria-label="Suspects in brief" className="mt-6">
      <h2 className="label font-sans">Suspects</h2>
      <ul className="mt-1 flex flex-wrap gap-x-1 gap-y-0.5">
        {sorted.map((s) => (
          <li key={s.ion}>
            <Link
              to={`/cases/${id}/suspects/${encodeURIComponent(s.ion)}`}
              className={clsx(
                'inline-flex min-h-9 items-center gap-1.5 rounded-lg px-2 text-sm font-bold hover:bg-wash',
                s.state === 'hinted' ? 'bg-wash text-rust-deep' : s.state === 'ruled-out' ? 'text-faint' : 'text-ink',
              )}
            >
              <Mark state={s.state} /> <Formula of={s.ion} />
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
