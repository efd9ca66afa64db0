import { testTitle } from '#core/scheme/tests';
import { clsx } from 'clsx';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import type { CaseView, SuspectView } from '#contract';
import { nameOf } from '#core/senses/names';
import { decibansOf, strengthOf } from '../../parts/strength';
import { Formula } from '../../parts/Formula';
import { Reaction } from '../../parts/Reaction';
import { Mark, MARK_WORDS } from '../../parts/Mark';
import { useCaseId } from '../../state/case';
import { percent } from './percent';

const Waterfall = lazy(() => import('./Waterfall'));

const MEANING: Readonly<Record<SuspectView['state'], string>> = {
  open: 'No entry points to it or against it yet.',
  hinted: 'There is preliminary evidence only; its own test is still to be done.',
  indicated: 'Its group or class test fits and nothing contradicts it. To confirm it, a test that proves it is needed.',
  confirmed: 'A test that proves it was positive, the other entries agree, and there is no open conflict.',
  'ruled-out': 'A test that would have shown it was negative.',
  conflict: 'Two results cannot both be right: resolve this before you conclude.',
};

/** What proves it only with a blank beside it. */
const WITH_BLANK: Readonly<Record<string, string>> = { 'Na+': 'Its lasting flame proves it where a clean wire shows none. ' };

/** From here on it is worth saying what the tests of elements and groups tell without the names. */
const DIFFERS = 0.03;

/** Where one suspect stands, and the entries that brought it there. */
export function Evidence({ s, view }: { s: SuspectView; view: CaseView }) {
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
        {s.state === 'indicated' && WITH_BLANK[s.id]}
        {s.proof && (
          <Link className="font-bold text-rust underline" to={`/cases/${id}/bench?test=${s.proof}`}>
            {testTitle(s.proof)}
          </Link>
        )}
      </p>
      {Math.abs(s.probability - s.unnamed) >= DIFFERS && (
        <p className="mt-1 text-sm text-muted">
          By the tests of elements and groups alone {percent(s.unnamed)}; the rest is what the likeliest compounds hold. No name
          confirms a group or rules one out.
        </p>
      )}
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
                    {b.text}
                    {entry && b.decibans > 0 && <Reaction test={entry.test} suspect={s.id} />}
                  </span>
                  <span
                    title={decibansOf(b.decibans)}
                    className={clsx('shrink-0 font-bold', b.decibans > 0 ? 'text-rust' : 'text-slate')}
                  >
                    {strengthOf(b.decibans)}
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
