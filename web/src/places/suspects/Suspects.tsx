import { testTitle } from '#core/scheme/tests';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { Formula } from '../../parts/Formula';
import { Blank, Button, Heading } from '../../parts/ui';
import { useCaseId, useOpenCase, useReasoning } from '../../state/case';
import { Candidates } from './Candidates';
import { Evidence } from './Evidence';
import { Matrix } from './Matrix';
import { Next } from './Next';
import { OlderThanRecord } from './OlderThanRecord';
import { inOrder } from './order';
import { percent } from './percent';
import type { Reasoned } from './reasoned';
import { SuspectList } from './SuspectList';

const PAGE = 'mx-auto w-full max-w-[90rem] px-5 py-6';

function Conflicts({ reasoned }: { reasoned: Reasoned }) {
  const id = useCaseId();
  if (!reasoned.conflicts.length) return null;
  return (
    <section aria-label="Conflicts" className="mb-6 rounded-xl border border-rust bg-paper p-4">
      <h2 className="text-xl">Conflicting results</h2>
      <ul className="mt-2 space-y-2 text-sm">
        {reasoned.conflicts.map((c) => (
          <li key={c.entry} className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <span>
              {c.text} It bears on{' '}
              {c.ions.slice(0, 6).map((ion, i) => (
                <span key={ion}>
                  {i > 0 && ', '}
                  <Formula of={ion} />
                </span>
              ))}
              {c.ions.length > 6 && ' and others'}.
            </span>
            {c.settle && (
              <Link
                className="inline-flex min-h-11 items-center font-bold text-rust underline"
                to={`/cases/${id}/bench?test=${c.settle}`}
              >
                Resolve it: {testTitle(c.settle)}
              </Link>
            )}
            <Link className="inline-flex min-h-11 items-center font-bold text-rust underline" to={`/cases/${id}/ledger`}>
              Strike an entry
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Waiting({ entries }: { entries: readonly number[] }) {
  const id = useCaseId();
  return (
    <Blank title="Your own inference first">
      <p>
        The house rules hide Foxing’s reasoning until you have written what {entries.length === 1 ? 'entry' : 'entries'}{' '}
        {entries.join(', ')} {entries.length === 1 ? 'tells' : 'tell'} you.
      </p>
      <Link className="mt-3 inline-block font-bold text-rust underline" to={`/cases/${id}/ledger`}>
        To the ledger
      </Link>
    </Blank>
  );
}

/** The place while there is nothing to show in it. */
const Plain = ({ children }: { children: ReactNode }) => (
  <div className={PAGE}>
    <Heading>Suspects</Heading>
    {children}
  </div>
);

export function Suspects() {
  const { view } = useOpenCase();
  const params = useParams();
  const { data, error, isFetching, isLookingFurther, isOld, behind, refetch } = useReasoning(view);
  if (error)
    return (
      <Plain>
        <Blank title="The reasoning could not be loaded">
          <p>{error.message}</p>
          <Button className="mt-4" onClick={() => void refetch()}>
            Try again
          </Button>
        </Blank>
      </Plain>
    );
  if (!data)
    return (
      <Plain>
        <Blank title="Weighing the evidence …" />
      </Plain>
    );
  if (data.waiting)
    return (
      <Plain>
        <Waiting entries={data.waiting} />
      </Plain>
    );
  const sorted = inOrder(data.suspects);
  const wanted = params['ion'] ? decodeURIComponent(params['ion']) : undefined;
  const chosen = sorted.find((s) => s.id === wanted) ?? sorted[0]!;
  const [best] = data.candidates;
  const compound = view.summary.matter === 'compound';
  return (
    <div className={PAGE}>
      <Heading
        note={
          view.entries.length
            ? `What the entries prove, each with its weight. “Confirmed” needs more than likelihood: a test that proves the ${compound ? 'element or group' : 'ion'}, and no open conflict.`
            : `Nothing is written yet: every ${compound ? 'element and group' : 'ion'} is open. The best next tests are listed below.`
        }
      >
        Suspects
        {(isFetching || isLookingFurther) && (
          <span role="status" className="ml-3 text-base text-muted italic">
            {isFetching
              ? 'weighing …'
              : data.first
                ? 'a first look, while many are waiting; a closer one follows …'
                : 'looking further among mixtures …'}
          </span>
        )}
      </Heading>
      {isOld && <OlderThanRecord behind={behind} />}
      <Conflicts reasoned={data} />
      {compound && view.entries.length > 0 && <Candidates reasoned={data} view={view} />}
      {!compound && best && view.entries.length > 0 && (
        <p className="mb-4 text-sm">
          Likeliest of all:{' '}
          {best.ions.map((ion, i) => (
            <span key={ion}>
              {i > 0 && ', '}
              <Formula of={ion} />
            </span>
          ))}{' '}
          <span className="text-muted">({percent(best.probability)})</span>
        </p>
      )}
      <div className="grid gap-6 lg:grid-cols-[17rem_minmax(0,1fr)_21rem]">
        <SuspectList of={sorted} chosen={chosen} compound={compound} />
        <Evidence s={chosen} view={view} />
        <Next reasoned={data} view={view} />
      </div>
      <Matrix suspects={sorted} entries={view.entries} chosen={chosen.id} />
      {data.unused.length > 0 && (
        <section aria-label="Not used" className="mt-6 text-sm text-muted">
          <h2 className="label font-sans">Not used</h2>
          <ul className="mt-1">
            {data.unused.map((u, i) => (
              <li key={i}>
                Entry {u.entry}: {u.why}.
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
