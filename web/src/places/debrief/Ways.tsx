import { testTitle } from '#core/scheme/tests';
import { useMutation } from '@tanstack/react-query';
import type { WayView } from '#contract';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';

function Way({ title, way }: { title: string; way: WayView }) {
  return (
    <div className="min-w-0 flex-1">
      <h3 className="font-sans font-bold">
        {title}: {way.tests.length} {way.tests.length === 1 ? 'test' : 'tests'}, {way.minutes} minutes
      </h3>
      <ol className="list-inside list-decimal text-muted" aria-label={title}>
        {way.tests.map((t) => (
          <li key={t}>{testTitle(t)}</li>
        ))}
      </ol>
    </div>
  );
}

/** The solver's path from the same start beside one's own. */
export function Ways({ id }: { id: string }) {
  const ways = useMutation({ mutationFn: () => api.ways(id) });
  const { data } = ways;
  return (
    <section aria-label="A shorter way" className="mt-6 text-sm">
      <h2 className="label font-sans">Was there a shorter way?</h2>
      {!data && (
        <Button className="mt-2" onClick={() => ways.mutate()} disabled={ways.isPending}>
          {ways.isPending ? 'Working …' : 'Show a shorter route'}
        </Button>
      )}
      {ways.error && <p className="mt-2 text-rust-deep">{ways.error.message}</p>}
      {data && (
        <div className="mt-2 flex flex-wrap gap-6">
          <Way title="Yours" way={data.own} />
          {data.shorter ? (
            <Way title="With the best test each time" way={data.shorter} />
          ) : (
            <p className="flex-1 text-muted">Of a mixture it is not worked out: that takes the solver too long.</p>
          )}
        </div>
      )}
    </section>
  );
}
