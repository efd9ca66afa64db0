import { clsx } from 'clsx';
import { Link } from 'react-router';
import type { CaseView } from '#contract';
import { entryTitle } from '../../parts/entry-title';
import { Formula } from '../../parts/Formula';
import { Mark } from '../../parts/Mark';
import { sayAll, sayInferred } from '#core/senses/sentences';
import { useCaseId, useReasoning } from '../../state/case';
import { OlderThanRecord } from '../suspects/OlderThanRecord';
import { inOrder } from '../suspects/order';

const SHOWN = 4;

export function BriefLedger({ view, acknowledged }: { view: CaseView; acknowledged: number }) {
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
                <strong>{entryTitle(e)}.</strong> {sayAll(e.observed)} {e.note}{' '}
                {e.number > acknowledged && <strong className="text-rust-deep">Waits to be sent. </strong>}
                <span className="text-muted">
                  {sayInferred(e.infers)} {e.inference}
                </span>
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

/** What the record proves, in a line; the whole of it is one press away. */
export function BriefSuspects({ view }: { view: CaseView }) {
  const id = useCaseId();
  const { data, error, isFetching, isLookingFurther, isOld, behind } = useReasoning(view);
  const shown = data && !data.waiting ? inOrder(data.suspects).filter((s) => s.state !== 'open' && s.state !== 'ruled-out') : [];
  const ruledOut = data && !data.waiting ? data.suspects.filter((s) => s.state === 'ruled-out').length : 0;
  return (
    <section aria-label="Suspects in brief" className="mt-6" aria-busy={isFetching || isLookingFurther}>
      <h2 className="label font-sans">Suspects</h2>
      {data?.waiting && (
        <p className="mt-1 text-sm text-muted">
          Write what entry {data.waiting.join(', ')} tells you; then Foxing says what it thinks.
        </p>
      )}
      {isOld && <OlderThanRecord behind={behind} />}
      {!data && <p className="mt-1 text-sm text-muted">{error ? error.message : 'Weighing the evidence …'}</p>}
      {data && !data.waiting && (
        <>
          <ul className="mt-1 flex flex-wrap gap-x-1 gap-y-0.5">
            {shown.map((s) => (
              <li key={s.id}>
                <Link
                  to={`/cases/${id}/suspects/${encodeURIComponent(s.id)}`}
                  className="inline-flex min-h-9 items-center gap-1.5 rounded-lg bg-wash px-2 text-sm font-bold text-rust-deep"
                >
                  <Mark state={s.state} /> <Formula of={s.id} />
                </Link>
              </li>
            ))}
          </ul>
          <p className="mt-1 text-sm text-muted">
            {shown.length ? '' : 'Nothing is indicated yet. '}
            {ruledOut > 0 && `${ruledOut} ruled out. `}
            {data.conflicts.length > 0 && <strong className="text-rust-deep">There is a conflict to resolve. </strong>}
            <Link to={`/cases/${id}/suspects`} className="font-bold text-rust underline">
              Show all
            </Link>
          </p>
        </>
      )}
    </section>
  );
}
