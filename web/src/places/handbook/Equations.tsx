import { useQuery } from '@tanstack/react-query';
import type { Scheme } from '#core/scheme/model';
import { Formula } from '../../parts/Formula';
import { Terms } from '../../parts/Terms';
import { api } from '../../state/api';

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
                <Terms of={e} />
              </dd>
            ))}
          </div>
        ))}
      </dl>
    </section>
  );
}
