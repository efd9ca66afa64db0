import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { WASH_NAMES } from '#core/scheme/say';
import type { CaseView } from '#contract';
import { api } from '../../state/api';
import { useCaseId } from '../../state/case';

/** What was washed out of a mixture: each portion is worked in a case of its own, what stayed in the ether goes on here. */
export function Portions({ portions, set }: { portions: CaseView['portions']; set: boolean }) {
  const id = useCaseId();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const begin = useMutation({
    mutationFn: (portion: string) => api.create({ portion: { case: id, id: portion } }),
    onSuccess: ({ summary }) => {
      void queries.invalidateQueries({ queryKey: ['cases'] });
      void navigate(`/cases/${summary.id}/bench`);
    },
  });
  return (
    <section aria-label="Portions" className="mx-5 mb-3 rounded-xl border border-rule bg-card px-4 py-2 text-sm">
      <p className="py-1 text-muted">What stayed in the ether goes on as the sample of this case.</p>
      <ul>
        {portions.map((p) => (
          <li key={p.id} className="flex min-h-11 flex-wrap items-center gap-x-3 border-t border-rule">
            <span className="font-bold">Portion {p.id}</span>
            <span className="grow text-muted">
              {p.formed ? 'set free from' : 'nothing was set free from'} {WASH_NAMES[p.wash]}
            </span>
            {p.formed && !set && (
              <button
                type="button"
                className="min-h-11 rounded-lg border border-rule px-3 font-bold hover:border-rust disabled:opacity-45"
                disabled={begin.isPending}
                onClick={() => begin.mutate(p.id)}
              >
                Work it in a case of its own
              </button>
            )}
          </li>
        ))}
      </ul>
      {begin.error && (
        <p role="alert" className="text-rust-deep">
          {begin.error.message}
        </p>
      )}
    </section>
  );
}
