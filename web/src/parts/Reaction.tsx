import { useQuery } from '@tanstack/react-query';
import { testById } from '#core/scheme/tests';
import { api } from '../state/api';
import { Terms } from './Terms';

const MOST = 2;

/** The equations by which a test shows a suspect, as the simulator ran them; nothing where there is none. */
export function Reaction({ test, suspect }: { test: string; suspect: string }) {
  const { data } = useQuery({
    queryKey: ['handbook', 'equations', test],
    queryFn: () => api.equationsOf(test),
    enabled: testById.has(test),
    staleTime: Infinity,
  });
  const equations = data?.find((e) => e.suspect === suspect)?.equations ?? [];
  if (!equations.length) return null;
  return (
    <span className="mt-0.5 block text-muted">
      {equations.slice(0, MOST).map((equation, i) => (
        <span key={i} className="block">
          <Terms of={equation} />
        </span>
      ))}
    </span>
  );
}
