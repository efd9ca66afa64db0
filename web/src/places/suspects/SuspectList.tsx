import { clsx } from 'clsx';
import { ChevronDown } from 'lucide-react';
import { Link } from 'react-router';
import type { SuspectView } from '#contract';
import { Formula } from '../../parts/Formula';
import { Mark, MARK_WORDS } from '../../parts/Mark';
import { useCaseId } from '../../state/case';
import { percent } from './percent';

/** Of those still open, so many are shown when the record has moved them. */
const MOST_OPEN = 5;
const isCation = (id: string) => id.endsWith('+');

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
        <span className="text-xs whitespace-nowrap tabular-nums">{percent(s.probability)}</span>
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

function Folded({ name, of, chosen }: { name: string; of: readonly SuspectView[]; chosen: SuspectView }) {
  if (!of.length) return null;
  return (
    <details className="group" open={of.includes(chosen)}>
      <summary className="flex min-h-11 cursor-pointer items-center px-2.5 text-sm font-bold text-rust">
        {name} ({of.length})
        <ChevronDown size={16} className="ml-1 group-open:rotate-180" aria-hidden />
      </summary>
      <Rows of={of} chosen={chosen} />
    </details>
  );
}

/** The record has moved it up by so many decibans, or it is at least this likely. */
const MOVED_UP = 5;
const LIKELY = 0.02;
const hasMoved = (s: SuspectView) => s.probability >= LIKELY || s.because.reduce((sum, b) => sum + b.decibans, 0) >= MOVED_UP;

/** Those that the record has moved; the rest is one line, and what is ruled out another. */
export function SuspectList({ of, chosen, compound }: { of: readonly SuspectView[]; chosen: SuspectView; compound: boolean }) {
  const out = of.filter((s) => s.state === 'ruled-out');
  const open = of.filter((s) => s.state === 'open');
  // Many that one colour moved a little say less than their number: the likeliest stand for them.
  const moved = open.filter(hasMoved).slice(0, MOST_OPEN);
  const still = open.filter((s) => !moved.includes(s));
  return (
    <nav aria-label="All suspects" className="lg:max-h-[70dvh] lg:overflow-y-auto">
      <Rows of={[...of.filter((s) => s.state !== 'ruled-out' && s.state !== 'open'), ...moved]} chosen={chosen} />
      {compound ? (
        <Folded name="Undecided" of={still} chosen={chosen} />
      ) : (
        <>
          <Folded name="Cations undecided" of={still.filter((s) => isCation(s.id))} chosen={chosen} />
          <Folded name="Anions undecided" of={still.filter((s) => !isCation(s.id))} chosen={chosen} />
        </>
      )}
      <Folded name="Ruled out" of={out} chosen={chosen} />
    </nav>
  );
}
