import { clsx } from 'clsx';
import { Check, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import type { Op } from '#core/bench/ops';
import { freeTubes, onVessels, type StandardTest } from '#core/scheme/tests';
import type { CaseView, VesselView } from '#contract';
import { Button } from '../../parts/ui';

interface Props {
  test: StandardTest | null;
  view: CaseView;
  held: VesselView | null;
  perform: (op: Op) => Promise<CaseView | null>;
}

function Measures({ held }: { held: VesselView | null }) {
  if (!held) return null;
  const items = [
    ...(held.drawing.mL > 0 ? [{ value: `${held.drawing.mL.toFixed(2)} mL`, name: 'in the tube' }] : []),
    ...(held.lastReagent ? [{ value: `${held.drops} ${held.drops === 1 ? 'drop' : 'drops'}`, name: held.lastReagent }] : []),
    { value: `${held.celsius} °C`, name: held.celsius > 30 ? 'hot' : 'at rest' },
  ];
  return (
    <dl className="mt-2 flex flex-wrap gap-x-7 gap-y-1">
      {items.map((i) => (
        <div key={i.name} className="flex flex-col-reverse">
          <dt className="max-w-36 truncate text-xs text-faint">{i.name}</dt>
          <dd className="font-display text-2xl leading-tight tabular-nums">{i.value}</dd>
        </div>
      ))}
    </dl>
  );
}

function Family({ held }: { held: VesselView | null }) {
  if (!held) return <p className="text-sm text-faint">No tube in hand</p>;
  return (
    <p className="text-sm text-faint">
      {held.family.map((f, i) => (
        <span key={f}>
          {i > 0 && ' → '}
          {f === 'sample' ? (
            'sample'
          ) : f === held.id ? (
            <strong className="text-muted">tube {f}</strong>
          ) : f === 'S' ? (
            'original solution'
          ) : (
            `tube ${f}`
          )}
        </span>
      ))}
    </p>
  );
}

/** The steps of a standard test, done one by one; or free work. */
export function TestPanel({ test, view, held, perform }: Props) {
  return (
    <div className="min-w-0">
      <Family held={held} />
      <h1 className="text-[27px] leading-tight">{test ? test.title : held ? `Tube ${held.id}` : 'A clear bench'}</h1>
      <Measures held={held} />
      <hr className="my-3 border-rule" />
      {test ? (
        <Steps key={test.id} test={test} view={view} perform={perform} />
      ) : (
        <p className="text-sm text-muted">
          Choose a test on the route to be led through it, or work freely with the reagents and actions below. Say what you see on
          the right.
        </p>
      )}
    </div>
  );
}

function Steps({ test, view, perform }: { test: StandardTest; view: CaseView; perform: Props['perform'] }) {
  const [done, setDone] = useState(0);
  const [busy, setBusy] = useState(false);
  const [names] = useState(() => {
    const [a, b] = freeTubes(
      view.vessels.map((v) => v.id),
      2,
    ) as [string, string];
    return { '1': a, '2': b };
  });
  const noSolution = test.needsSolution && !view.vessels.some((v) => v.id === 'S');
  const finished = done >= test.steps.length;
  const doNext = async () => {
    setBusy(true);
    const after = await perform(onVessels(test.steps[done]!.op, names));
    if (after) setDone((n) => n + 1);
    setBusy(false);
  };
  return (
    <div>
      <p className="text-sm">{test.purpose}</p>
      {test.caution && (
        <p className="mt-2 flex gap-2 text-sm text-rust-deep">
          <TriangleAlert size={17} className="mt-0.5 shrink-0" aria-hidden /> {test.caution}
        </p>
      )}
      <ol className="mt-3 space-y-1 text-sm">
        {test.steps.map((s, i) => (
          <li key={i} className={clsx('flex gap-2 rounded-md px-2 py-1', i === done ? 'bg-wash' : i > done && 'text-muted')}>
            <span className="w-5 shrink-0 text-right tabular-nums" aria-hidden>
              {i < done ? <Check size={15} className="mt-0.5 ml-auto text-sage" /> : i + 1}
            </span>
            <span>
              {s.say}
              {s.why && i === done && <span className="block text-muted">{s.why}</span>}
            </span>
          </li>
        ))}
      </ol>
      {noSolution ? (
        <p className="mt-3 text-sm text-rust-deep">This test needs the original solution: do “Look and dissolve” first.</p>
      ) : finished ? (
        <p className="mt-3 text-sm font-bold text-sage">Done. Say what you saw on the right.</p>
      ) : (
        <Button look="solid" className="mt-3" disabled={busy} onClick={() => void doNext()}>
          Do step {done + 1}
        </Button>
      )}
    </div>
  );
}
