import { clsx } from 'clsx';
import { ChevronDown } from 'lucide-react';
import { Link } from 'react-router';
import type { SuspectView } from '#contract';
import { Formula } from '../../parts/Formula';
import { Mark, MARK_WORDS } from '../../parts/Mark';
import { useCaseId } from '../../state/case';
import { percent } from './percent';

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

const Rows = ({ of, chosen }: { of: readonly SuspectView[]; chosen: SuspectView }) => (
  <ul>
    {of.map((s) => (
      <Suspect key={s.id} s={s} chosen={s.id === chosen.id} />
    ))}
  </ul>
);

/** Every suspect with its state; those that are ruled out are folded away. */
export function SuspectList({ of, chosen }: { of: readonly SuspectView[]; chosen: SuspectView }) {
  const out = of.filter((s) => s.state === 'ruled-out');
  return (
    <nav aria-label="All suspects" className="lg:max-h-[70dvh] lg:overflow-y-auto">
      <Rows of={of.filter((s) => s.state !== 'ruled-out')} chosen={chosen} />
      {out.length > 0 && (
        <details className="group" open={chosen.state === 'ruled-out'}>
          <summary className="flex min-h-11 cursor-pointer items-center px-2.5 text-sm font-bold text-rust">
            Ruled out ({out.length})
            <ChevronDown size={16} className="ml-1 group-open:rotate-180" aria-hidden />
          </summary>
          <Rows of={out} chosen={chosen} />
        </details>
      )}
    </nav>
  );
}
