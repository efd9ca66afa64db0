import { useQuery } from '@tanstack/react-query';
import type { Scheme } from '#core/scheme/model';
import type { EquationsView } from '#contract';
import { Formula } from '../../parts/Formula';
import { api } from '../../state/api';

type Side = EquationsView['equations'][number]['left'];

function Terms({ of }: { of: Side }) {
  return of.map(({ count, formula, solid }, i) => (
    <span key={formula} className="whitespace-nowrap">
      {i > 0 && ' + '}
      {count > 1 && `${count} `}
      <Formula of={formula} />
      {solid && <span className="text-muted">(s)</span>}
    </span>
  ));
}

/** What reacts, as it ran in the simulator on a sample that shows the sign. */
export function Equations({ test, scheme }: { test: string; scheme: Scheme }) {
  const { data, error, refetch } = useQuery({
    queryKey: ['handbook', 'equations', test, scheme],
    queryFn: () => api.equationsOf(test),
  });
  if (data?.length === 0) return null;
  return (
    <section aria-label="Equations" className="mt-6">
      <h2 className="label font-sans">What reacts</h2>
      {!data && !error && <p className="mt-1 text-sm text-muted">Loading the equations …</p>}
      {error && (
        <p role="alert" className="mt-1 text-sm">
          {error.message}{' '}
          <button type="button" className="min-h-11 font-bold text-rust underline" onClick={() => void refetch()}>
            Try again
          </button>
        </p>
      )}
      <dl className="mt-1 space-y-2 text-sm">
        {data?.map(({ suspect, equations }) => (
          <div key={suspect}>
            <dt className="font-bold">
              <Formula of={suspect} />
            </dt>
            {equations.map((e, i) => (
              <dd key={i}>
                <Terms of={e.left} /> → <Terms of={e.right} />
              </dd>
            ))}
          </div>
        ))}
      </dl>
    </section>
  );
}
