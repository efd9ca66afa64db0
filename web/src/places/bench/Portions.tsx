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
    <section aria-label="Portions" className="mx-5 mb-3 flex flex-wrap items-center gap-2 text-sm">
      {portions.map((p) => (
        <p key={p.id} className="flex min-h-11 items-center rounded-lg border border-rule bg-card pl-3">
          <span className="pr-3">
            <b>Portion {p.id}</b> {p.formed ? 'from' : 'nothing from'} {WASH_NAMES[p.wash]}
          </span>
          {p.formed && !set && (
            <button
              type="button"
              className="min-h-11 rounded-r-lg border-l border-rule px-3 font-bold hover:bg-wash disabled:opacity-45"
              disabled={begin.isPending}
              onClick={() => begin.mutate(p.id)}
            >
              Work it in a case of its own
            </button>
          )}
        </p>
      ))}
      <p className="text-muted">What stayed in the ether goes on here.</p>
      {begin.error && (
        <p role="alert" className="basis-full text-rust-deep">
          {begin.error.message}
        </p>
      )}
    </section>
  );
}
