import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { clsx } from 'clsx';
import { GripVertical, Lock, LockOpen } from 'lucide-react';
import { Link } from 'react-router';
import { useCaseId } from '../../state/case';
import type { Decided } from '../../state/plan';
import type { Plan, PlannedTest } from '../../state/use-plan';
import { clock, MINUTE_MS } from './clock';
import { tintOf } from './TimeLine';

interface RowProps {
  readonly of: PlannedTest;
  readonly from: string;
  readonly tint: string;
  readonly fixed: boolean;
  readonly late: boolean;
  readonly fix: () => void;
}

function Row({ of, from, tint, fixed, late, fix }: RowProps) {
  const caseId = useCaseId();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: of.id,
  });
  const moved = transform ? `translate3d(${Math.round(transform.x)}px, ${Math.round(transform.y)}px, 0)` : undefined;
  return (
    <li
      ref={setNodeRef}
      style={{ transform: moved, transition }}
      className={clsx(
        'flex items-center gap-1 border-b border-rule bg-paper',
        isDragging && 'relative z-10 shadow-lg',
        late && 'text-faint',
      )}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${of.title}`}
        className="no-print grid size-11 shrink-0 cursor-grab touch-none place-items-center text-muted"
      >
        <GripVertical size={16} aria-hidden />
      </button>
      <span aria-hidden className="mr-2 size-3 shrink-0 rounded-[3px] border border-black/25" style={{ background: tint }} />
      <span className="w-24 shrink-0 text-sm tabular-nums">
        {clock(from, of.start)}–{clock(from, of.end)}
      </span>
      <Link className="min-w-0 grow truncate py-2 text-sm font-bold hover:underline" to={`/cases/${caseId}/bench?test=${of.id}`}>
        {of.title}
        {late && <span className="font-normal"> · after the end</span>}
      </Link>
      <span className="text-xs text-muted tabular-nums">{Math.round(of.end - of.start)} min</span>
      <button
        type="button"
        onClick={fix}
        aria-pressed={fixed}
        aria-label={fixed ? `Let ${of.title} go` : `Fix ${of.title} at this time`}
        title={fixed ? 'Fixed at this time; press to release' : 'Fix it at this time'}
        className="no-print grid size-11 shrink-0 place-items-center text-muted aria-pressed:text-rust-deep"
      >
        {fixed ? <Lock size={16} aria-hidden /> : <LockOpen size={16} aria-hidden />}
      </button>
    </li>
  );
}

interface Props {
  readonly plan: Plan;
  readonly inOrder: readonly PlannedTest[];
  readonly decided: Decided;
  readonly decide: (change: Partial<Decided>) => void;
}

/** The tests in the order in which they begin; dragged, or moved by keys, they are begun in the order asked for. */
export function TestOrder({ plan, inOrder, decided, decide }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = inOrder.map((t) => t.id);
  const end = decided.ends === null ? Infinity : (new Date(decided.ends).getTime() - new Date(plan.from).getTime()) / MINUTE_MS;
  const moved = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const to = ids.indexOf(String(over.id));
    const order = arrayMove(ids, ids.indexOf(String(active.id)), to);
    decide({ order: order.slice(0, Math.max(to + 1, decided.order.length)) });
  };
  const fix = (t: PlannedTest) => {
    const { [t.id]: known, ...rest } = decided.fixed;
    const at = new Date(new Date(plan.from).getTime() + t.start * MINUTE_MS).toISOString();
    decide({ fixed: known === undefined ? { ...rest, [t.id]: at } : rest });
  };
  return (
    <section aria-label="Tests in order">
      <h2 className="label font-sans">In this order; drag to change it</h2>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved}>
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol className="mt-1 border-t border-rule">
            {inOrder.map((t, i) => (
              <Row
                key={t.id}
                of={t}
                from={plan.from}
                tint={tintOf(i)}
                fixed={t.id in decided.fixed}
                late={t.start >= end}
                fix={() => fix(t)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </section>
  );
}
