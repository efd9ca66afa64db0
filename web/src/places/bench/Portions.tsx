import { WASH_NAMES } from '#core/bench/operations/shake-out';
import type { CaseView } from '#contract';
import { useBegin } from '../../state/begin';
import { useCaseId } from '../../state/case';

/** What was washed out of a mixture: each portion is worked in a case of its own, what stayed in the ether goes on here. */
export function Portions({ portions, set }: { portions: CaseView['portions']; set: boolean }) {
  const id = useCaseId();
  const { create } = useBegin();
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
              disabled={create.isPending}
              onClick={() => create.mutate({ portion: { case: id, id: p.id } })}
            >
              Work it in a case of its own
            </button>
          )}
        </p>
      ))}
      <p className="text-muted">The compound that stayed in the ether is worked here.</p>
      {create.error && (
        <p role="alert" className="basis-full text-rust-deep">
          {create.error.message}
        </p>
      )}
    </section>
  );
}
