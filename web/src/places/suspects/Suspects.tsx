import { clsx } from 'clsx';
import { lazy, type ReactNode, Suspense } from 'react';
import { Link, useParams } from 'react-router';
import type { CaseView, SuspectView } from '#contract';
import { Formula, nameOf } from '../../parts/Formula';
import { Mark, MARK_WORDS } from '../../parts/Mark';
import { Blank, Button, Heading } from '../../parts/ui';
import { sayAll } from '../../parts/words';
import { useOpenCase } from '../../shell/CaseShell';
import { useCaseId, useReasoning } from '../../state/case';
import { Candidates } from './Candidates';
import { Matrix } from './Matrix';
import { Next } from './Next';
import { inOrder } from './order';
import type { Reasoned } from './reasoned';
import { testTitle } from './titles';

const PAGE = 'mx-auto w-full max-w-[90rem] px-5 py-6';
const Waterfall = lazy(() => import('./Waterfall'));

const percent = (p: number) =>
  p > 0.9995 ? '> 99.9 %' : p < 0.0005 ? '< 0.1 %' : `${(100 * p).toFixed(p > 0.1 && p < 0.99 ? 0 : 1)} %`;

function Suspect({ s, chosen }: { s: SuspectView; chosen: boolean }) {
  const id = useCaseId();
  return (
    <li>
      <Link
        to={`/cases/${id}/suspects/${encodeURIComponent(s.id)}`}
        aria-current={chosen ? 'true' : undefined}
        className={clsx(
          'flex min-h-11 items-center gap-2.5 rounded-lg px-2.5 text-sm',
          chosen ? 'bg-wash' : 'hover:bg-wash',
          s.state === 'ruled-out' ? 'text-faint' : s.state === 'open' ? '' : 'text-rust-deep',
        )}
      >
        <Mark state={s.state} />
        <span className="min-w-20 font-bold">
          <Formula of={s.id} />
        </span>
        <span className="grow text-xs text-muted">{MARK_WORDS[s.state]}</span>
        <span className="text-xs tabular-nums">{percent(s.probability)}</span>
      </Link>
    </li>
  );
}

function Evidence({ s, view }: { s: SuspectView; view: CaseView }) {
  const id = useCaseId();
  const because = s.because.filter((b) => Math.abs(b.decibans) >= 1);
  return (
    <section aria-label="Evidence" className="min-w-0">
      <h2 className="flex flex-wrap items-center gap-3 text-2xl">
        <Mark state={s.state} size={20} /> <Formula of={s.id} />
        <span className="text-lg text-muted italic">{nameOf(s.id)}</span>
      </h2>
      <p className="mt-1 text-sm">
        <strong>{MARK_WORDS[s.state]}</strong>, {percent(s.probability)}. {MEANING[s.state]}{' '}
        {s.proof && (
          <Link
            className="inline-flex min-h-11 items-center font-bold text-rust underline"
            to={`/cases/${id}/bench?test=${s.proof}`}
          >
            {testTitle(s.proof)}
          </Link>
        )}
      </p>
      {because.length > 0 ? (
        <>
          <Suspense fallback={<p className="mt-3 text-sm text-muted">Drawing …</p>}>
            <Waterfall suspect={s} entries={view.entries} />
          </Suspense>
          <ol className="mt-2 divide-y divide-rule border-t border-rule text-sm" aria-label="Because">
            {because.map((b) => {
              const entry = view.entries[b.entry - 1];
              return (
                <li key={b.entry} className="flex gap-3 py-2">
                  <span className="w-7 shrink-0 font-display text-lg leading-tight text-rust">{b.entry}</span>
                  <span className="grow">
                    {b.text} <span className="text-muted">{entry && sayAll(entry.observed)}</span>
                  </span>
                  <span className={clsx('shrink-0 font-bold tabular-nums', b.decibans > 0 ? 'text-rust' : 'text-slate')}>
                    {b.decibans > 0 ? '+' : '−'}
                    {Math.abs(b.decibans).toFixed(1)} dB
                  </span>
                </li>
              );
            })}
          </ol>
        </>
      ) : (
        <p className="mt-3 text-sm text-muted">No entry bears on it yet.</p>
      )}
    </section>
  );
}

const MEANING: Readonly<Record<SuspectView['state'], string>> = {
  open: 'Nothing decides it yet.',
  hinted: 'It may be present; its own test is still to come.',
  indicated: 'Its group or class test was positive and nothing contradicts; it wants its confirmatory test.',
  confirmed: 'A test that proves it was positive, the rest agrees, and no conflict is open.',
  'ruled-out': 'A test that would have shown it did not.',
  conflict: 'Two results cannot both be right: settle it before you conclude.',
};

function Conflicts({ reasoned }: { reasoned: Reasoned }) {
  const id = useCaseId();
  if (!reasoned.conflicts.length) return null;
  return (
    <section aria-label="Conflicts" className="mb-6 rounded-xl border border-rust bg-paper p-4">
      <h2 className="text-xl">Results that cannot both be right</h2>
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
                Settle it: {testTitle(c.settle)}
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
  const { data, error, isFetching, isLookingFurther, refetch } = useReasoning(view);
  if (error)
    return (
      <Plain>
        <Blank title="The reasoning did not arrive">
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
  const sorted = inOrder(data.candidates);
  const wanted = params['ion'] ? decodeURIComponent(params['ion']) : undefined;
  const chosen = sorted.find((s) => s.id === wanted) ?? sorted[0]!;
  const [best] = data.identities;
  const compound = view.summary.matter === 'compound';
  return (
    <div className={PAGE}>
      <Heading
        note={
          view.entries.length
            ? `What the entries prove, each with its weight. “Confirmed” needs more than likelihood: a test that proves the ${compound ? 'element or group' : 'ion'}, and no open conflict.`
            : `Nothing is written yet: every ${compound ? 'element and group' : 'ion'} is open. The tests worth most are listed below.`
        }
      >
        Suspects
        {(isFetching || isLookingFurther) && (
          <span role="status" className="ml-3 text-base text-muted italic">
            {isFetching ? 'weighing …' : 'looking further among mixtures …'}
          </span>
        )}
      </Heading>
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
        <nav aria-label="All suspects" className="lg:max-h-[70dvh] lg:overflow-y-auto">
          <ul>
            {sorted.map((s) => (
              <Suspect key={s.id} s={s} chosen={s.id === chosen.id} />
            ))}
          </ul>
        </nav>
        <Evidence s={chosen} view={view} />
        <Next reasoned={data} view={view} />
      </div>
      <Matrix candidates={sorted} entries={view.entries} chosen={chosen.id} />
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
