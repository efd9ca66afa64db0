import { Archive, ArchiveRestore, Trash2 } from 'lucide-react';
import { formatDistanceToNow } from 'date-fns/formatDistanceToNow';
import { Link } from 'react-router';
import type { ListedCase } from '#contract';
import { Formula } from '../../parts/Formula';
import { Confirm } from '../../parts/Confirm';
import { Mark } from '../../parts/Mark';
import { progressOf } from './listing';

const FIRST_SUSPECTS = 6;
const ACT = 'inline-flex min-h-11 items-center gap-1.5 rounded-lg px-2.5 text-xs text-muted hover:bg-wash';

interface Props {
  readonly of: ListedCase;
  readonly archive: (archived: boolean) => void;
  readonly drop: () => void;
}

/** One case in the list. */
export function Sheet({ of: c, archive, drop }: Props) {
  return (
    <li className="relative">
      <Link
        to={`/cases/${c.id}/${c.concluded ? 'ledger' : 'bench'}`}
        className="flex h-full flex-col rounded-xl border border-rule bg-paper p-5 shadow-[0_1px_0_var(--rule)] hover:border-rust"
      >
        <div className="flex items-baseline justify-between gap-3">
          <h2 className="text-2xl">{c.name}</h2>
          <span className="text-sm text-muted">{progressOf(c)}</span>
        </div>
        <p className="font-display text-lg text-muted italic">{c.look}</p>
        <p className="mt-3 text-sm text-muted">
          {c.kind === 'real' ? 'Real' : 'Simulated unknown'} {c.matter} · {c.entries} {c.entries === 1 ? 'entry' : 'entries'} ·{' '}
          {c.left.toFixed(2)} {c.unit} left
          {c.takenIn && ` · imported, begun by ${c.takenIn.author}`}
        </p>
        <p className="mt-3 flex min-h-7 flex-wrap items-center gap-x-4 gap-y-1 text-rust">
          {c.hinted.slice(0, FIRST_SUSPECTS).map((ion) => (
            <span key={ion} className="inline-flex items-center gap-1.5 font-bold">
              <Mark state={c.concluded ? 'confirmed' : 'hinted'} /> <Formula of={ion} />
            </span>
          ))}
          {c.hinted.length > FIRST_SUSPECTS && (
            <span className="text-sm text-muted">and {c.hinted.length - FIRST_SUSPECTS} more</span>
          )}
          {!c.hinted.length && <span className="text-sm text-muted">No ions or groups yet</span>}
        </p>
        <p className="mt-auto pt-4 text-xs text-faint">
          last worked {formatDistanceToNow(new Date(c.updatedAt), { addSuffix: true })}
        </p>
      </Link>
      <span className="absolute right-2 bottom-1.5 flex">
        {c.archived && (
          <Confirm
            trigger={
              <button type="button" className={ACT} aria-label={`Delete ${c.name}`}>
                <Trash2 size={15} aria-hidden /> Delete
              </button>
            }
            title={`Delete ${c.name}?`}
            act="Delete permanently"
            done={drop}
          >
            Its record, its photos and its report go with it and cannot be brought back. Export it from the report first if you
            may want it again.
          </Confirm>
        )}
        <button
          type="button"
          onClick={() => archive(!c.archived)}
          className={ACT}
          aria-label={`${c.archived ? 'Restore' : 'Archive'} ${c.name}`}
        >
          {c.archived ? <ArchiveRestore size={15} aria-hidden /> : <Archive size={15} aria-hidden />}
          {c.archived ? 'Restore' : 'Archive'}
        </button>
      </span>
    </li>
  );
}
