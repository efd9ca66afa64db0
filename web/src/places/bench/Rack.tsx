import { clsx } from 'clsx';
import type { VesselView } from '#contract';
import { Tube } from '../../parts/Tube';

export function Rack({
  vessels,
  held,
  hold,
}: {
  vessels: readonly VesselView[];
  held: string | null;
  hold: (id: string) => void;
}) {
  return (
    <div className="relative mt-auto overflow-x-auto px-5 pt-1" tabIndex={0}>
      <div className="relative flex min-h-[176px] min-w-max items-end gap-2 px-2 pb-4" role="group" aria-label="Rack">
        <span
          aria-hidden
          className="absolute inset-x-0 top-[92px] h-2.5 rounded-sm"
          style={{ background: 'linear-gradient(var(--wood), var(--wood-deep))' }}
        />
        <span
          aria-hidden
          className="absolute inset-x-0 bottom-[14px] h-4 rounded-sm"
          style={{ background: 'linear-gradient(var(--wood), var(--wood-deep))' }}
        />
        {vessels.map((v, i) => (
          <button
            key={v.id}
            type="button"
            onClick={() => hold(v.id)}
            aria-pressed={v.id === held}
            aria-label={`Tube ${v.id}: ${v.drawing.text}${v.holds ? `. ${v.holds}` : ''}${i < 9 ? `. Key ${i + 1}` : ''}`}
            title={v.holds ?? v.family.map((f) => (f === 'sample' ? 'sample' : `tube ${f}`)).join(' → ')}
            className={clsx('relative flex w-[62px] flex-col items-center rounded-lg pt-2', v.id === held && 'bg-wash')}
          >
            <Tube drawing={v.drawing} className="pointer-events-none h-[150px]" text="" />
            <span
              className={clsx(
                'absolute top-[86px] min-w-6 rounded-md border px-1.5 text-xs leading-5 font-bold',
                v.id === held ? 'border-rust bg-rust text-on-rust' : 'border-[#b9ab97] bg-[#fdf9f1] text-[#20242d]',
              )}
            >
              {v.id}
            </span>
          </button>
        ))}
        {!vessels.length && <p className="self-center pl-4 text-sm text-muted">An empty rack.</p>}
      </div>
    </div>
  );
}
