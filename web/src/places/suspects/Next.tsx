import { testTitle } from '#core/scheme/tests';
import { Link } from 'react-router';
import { nextOn } from '#core/scheme/route';
import type { CaseView } from '#contract';
import { useCaseId } from '../../state/case';
import { useRoute } from '../bench/Route';
import type { Reasoned } from './reasoned';

/** The tests worth most now, and beside them the next stop of the school's own order. */
export function Next({ reasoned, view }: { reasoned: Reasoned; view: CaseView }) {
  const id = useCaseId();
  const systematic = nextOn(useRoute(view));
  return (
    <section aria-label="Next tests">
      <h2 className="label font-sans">Best next tests</h2>
      {!reasoned.next.length && <p className="mt-1 text-sm text-muted">No test that is left would tell more.</p>}
      <ol className="mt-1 space-y-2">
        {reasoned.next.map((a) => (
          <li key={a.test} className="rounded-xl border border-rule bg-paper p-3">
            <Link
              className="inline-flex min-h-9 items-center font-bold text-rust underline"
              to={`/cases/${id}/bench?test=${a.test}`}
            >
              {testTitle(a.test)}
            </Link>
            <p className="text-sm">{a.why}</p>
            {a.splits.length ? (
              <details className="text-sm text-muted">
                <summary className="flex min-h-9 cursor-pointer items-center">{a.sample_mg} mg; what it may show</summary>
                <p className="tabular-nums">
                  {a.bits.toFixed(2)} bits, as you would see it:{' '}
                  {a.splits.map((s) => `${s.outcome} (${Math.round(100 * s.probability)} %)`).join('; ')}.
                </p>
              </details>
            ) : (
              <p className="text-sm text-muted">{a.sample_mg} mg</p>
            )}
            {a.meanwhile && (
              <p className="text-sm text-muted">
                While you wait:{' '}
                <Link className="font-bold text-rust underline" to={`/cases/${id}/bench?test=${a.meanwhile}`}>
                  {testTitle(a.meanwhile)}
                </Link>
              </p>
            )}
          </li>
        ))}
      </ol>
      {systematic && (
        <p className="mt-4 text-sm">
          The next test of your scheme:{' '}
          <Link className="font-bold text-rust underline" to={`/cases/${id}/bench?test=${systematic.id}`}>
            {systematic.title}
          </Link>
          .{' '}
          <span className="text-muted">
            {reasoned.next.some((a) => a.test === systematic.id)
              ? 'It is among the best next tests.'
              : 'On the evidence it tells little now, and can wait.'}
          </span>
        </p>
      )}
    </section>
  );
}
