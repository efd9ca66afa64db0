import { PLACE_NAMES, stepsOf } from '#core/scheme/tests';
import type { StandardTest } from '#core/scheme/model';
import type { CaseView, VesselView } from '#contract';
import { Reckoner } from './Reckoner';
import { Steps, type StepsProps } from './Steps';

interface PanelProps extends Omit<StepsProps, 'test'> {
  test: StandardTest | null;
  held: VesselView | null;
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

/** Where the contents of the tube came from, back to the sample. */
function Family({ held }: { held: VesselView | null }) {
  if (!held) return <p className="text-sm text-faint">No tube selected</p>;
  const called = (id: string) => (id === 'sample' ? 'sample' : (PLACE_NAMES[id.replace(/-\d+$/, '')] ?? `tube ${id}`));
  return (
    <p className="text-sm text-faint">
      {held.family.map((f, i) => (
        <span key={f}>
          {i > 0 && ' → '}
          {f === held.id ? <strong className="text-muted">{called(f)}</strong> : called(f)}
        </span>
      ))}
    </p>
  );
}

/** Where the tube in hand came from, how much is in it, and the arithmetic of it. */
export function TubeFacts({ view, held }: { view: CaseView; held: VesselView | null }) {
  return (
    <>
      <Family held={held} />
      <Measures held={held} />
      {held && <Reckoner view={view} held={held} />}
    </>
  );
}

/** The tube in hand, and the steps of a standard test done one by one; or free work. */
export function TestPanel(props: PanelProps) {
  const { test, view, held, simple } = props;
  const inTube = !test || stepsOf(test, view.rules).some((s) => s.op.op !== 'test' && s.op.op !== 'fuse');
  return (
    <div className="min-w-0">
      <h1 className={simple ? 'sr-only' : 'text-[27px] leading-tight'}>
        {test ? test.title : held ? `Tube ${held.id}` : 'A clear bench'}
      </h1>
      {inTube && !simple && <TubeFacts view={view} held={held} />}
      {!simple && <hr className="my-3 border-rule" />}
      {test ? (
        <Steps key={test.id} {...props} test={test} />
      ) : (
        <p className="text-sm text-muted">
          {simple
            ? 'Choose a test to be led through it, or work freely with rack and tray.'
            : 'Choose a test on the route to be led through it, or work freely with the reagents and actions below. Say what you see on the right.'}
        </p>
      )}
    </div>
  );
}
