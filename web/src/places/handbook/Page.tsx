import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { stationOf, testById } from '#core/scheme/tests';
import type { GivenView } from '#contract';
import { Formula } from '../../parts/Formula';
import { Blank, Button } from '../../parts/ui';
import { sayAll } from '#core/senses/sentences';
import { TopBar } from '../../shell/TopBar';

export function Page({ children }: { children: ReactNode }) {
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-6xl px-5 py-8">
        {children}
      </main>
    </div>
  );
}

export const BackToHandbook = () => (
  <Link to="/handbook" className="inline-flex min-h-11 items-center text-sm font-bold text-rust underline">
    The whole handbook
  </Link>
);

/** The table while it is fetched, or when it did not come. */
export function Fetched<T>({
  data,
  error,
  again,
  children,
}: {
  data: T | undefined;
  error: Error | null;
  again: () => void;
  children: (data: T) => ReactNode;
}) {
  if (data) return children(data);
  if (!error) return <Blank title="Loading the table …" />;
  return (
    <Blank title="The table could not be loaded">
      <p>{error.message}</p>
      <Button className="mt-4" onClick={again}>
        Try again
      </Button>
    </Blank>
  );
}

const SHOWN = 3;
const OTHERWISE = 1;
const isSalt = (test: string) => stationOf(testById.get(test)!, 'organic') === undefined;

/** What the samples that hold something show: in most of them this, in some that. */
export function Outcomes({ given }: { given: GivenView }) {
  const rest = given.outcomes.slice(SHOWN);
  return (
    <ul className="space-y-0.5">
      {given.outcomes.slice(0, SHOWN).map((o, i) => (
        <li key={i}>
          {sayAll(o.see) || 'Nothing to be seen.'}
          {given.outcomes.length > 1 && (
            <span className="text-xs text-muted">
              {' '}
              {o.samples} of {given.samples}
              {i > 0 && (
                <>
                  , such as{' '}
                  {o.such.map((name, k) => (
                    <span key={name}>
                      {k > 0 && ', '}
                      {isSalt(given.test) ? <Formula of={name} /> : name}
                    </span>
                  ))}
                </>
              )}
            </span>
          )}
        </li>
      ))}
      {rest.length > 0 && (
        <li className="text-xs text-muted">
          and {rest.length} other {rest.length === 1 ? 'outcome' : 'outcomes'} in {rest.reduce((sum, o) => sum + o.samples, 0)}{' '}
          more
        </li>
      )}
      {given.otherwise.slice(0, OTHERWISE).map((o, i) => (
        <li key={`otherwise ${i}`} className="text-xs text-muted">
          With other amounts or more or less patience, in {o.samples} of {given.samples}: {sayAll(o.see) || 'nothing to be seen.'}
        </li>
      ))}
    </ul>
  );
}
