import { FREE_WORK, testTitle } from '#core/scheme/tests';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { Op } from '#core/bench/ops';
import { REAGENTS } from '#core/matter/data/reagents';
import type { BranchPoint, BranchStep, Scene as Shown } from '#core/practice/branch';
import { fromBottle, variationsOf } from '#core/practice/variations';
import { FAULTS } from '#core/practice/data/faults';
import type { Fault, Instead } from '#core/practice/technique';
import { ChoiceField } from '../../parts/fields';
import { Scene } from '../../parts/scenes/Scene';
import { Tube } from '../../parts/Tube';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';

function Side({ shown, name }: { shown: Shown; name: string }) {
  const drawing = shown.showing?.tubes?.find((t) => t.of === 'sample')?.drawing ?? shown.drawing;
  const held = shown.showing?.scene;
  return (
    <figure className="min-w-0 flex-1 rounded-lg border border-rule bg-paper p-3 text-sm">
      <div className="flex h-44 justify-center gap-2 rounded bg-white text-[#20242d]">
        {drawing && <Tube drawing={drawing} className="h-full" text={`${name}: ${drawing.text}`} />}
        {held && (
          <div className="h-full w-28">
            <Scene scene={held} text={`${name}: ${shown.showing!.text}`} />
          </div>
        )}
      </div>
      <figcaption className="pt-2">
        <span className="block">{shown.say}</span>
        <strong className="block first-letter:capitalize">
          {shown.refused ? `It cannot be done so: ${shown.refused}` : shown.seen.join('; ') || 'Nothing to be seen'}
        </strong>
      </figcaption>
    </figure>
  );
}

function Beside({ steps }: { steps: readonly BranchStep[] }) {
  return (
    <div className="mt-4" role="group" aria-label="The two tubes">
      <div className="flex gap-3 text-sm font-bold">
        <span className="flex-1">As you did it</span>
        <span className="flex-1">What would have been</span>
      </div>
      <ol className="mt-2 space-y-3">
        {steps.map(({ seq, own, other }) => (
          <li key={seq} className="flex gap-3">
            <Side shown={own} name="As you did it" />
            {other.length ? (
              <div className="flex min-w-0 flex-1 flex-col gap-2">
                {other.map((o, i) => (
                  <Side key={i} shown={o} name="What would have been" />
                ))}
              </div>
            ) : (
              <p className="flex-1 rounded-lg border border-dashed border-rule p-3 text-sm text-muted">Left out.</p>
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}

const asked = (instead: Instead) => Object.entries(instead).map(([seq, ops]) => ({ seq: Number(seq), ops: [...ops] }));

/** The bench of the case, branched at any of its operations; the case stays as it is. */
export function WhatIf({ id, points, faults }: { id: string; points: readonly BranchPoint[]; faults: readonly Fault[] }) {
  const well = faults.filter((f) => f.well);
  const [seq, setSeq] = useState<number | null>(null);
  const [way, setWay] = useState('0');
  const [bottle, setBottle] = useState('');
  const branch = useMutation({ mutationFn: (instead: Instead) => api.branch(id, asked(instead)) });
  const point = points.find((p) => p.seq === seq);
  const ways = point ? variationsOf(point.op) : [];
  const chosen: readonly Op[] | undefined =
    point?.op.op === 'add' && bottle ? fromBottle(point.op, bottle).ops : ways[Number(way)]?.ops;
  return (
    <section aria-label="What if" className="mt-6">
      <h2 className="label font-sans">What if it had been done otherwise?</h2>
      <p className="text-sm text-muted">The bench is worked again in a second tube from there on. Your record stays as it is.</p>
      {well.length > 0 && (
        <div className="mt-2 flex flex-wrap gap-2">
          {well.map((f, i) => (
            <Button key={i} onClick={() => branch.mutate(f.well!)}>
              Done well: {FAULTS[f.kind].name.toLowerCase()} · {f.of}
            </Button>
          ))}
        </div>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-2">
        <ChoiceField
          label="At this operation"
          className="max-w-xl"
          value={seq === null ? '' : String(seq)}
          onChange={(e) => {
            setSeq(e.target.value ? Number(e.target.value) : null);
            setWay('0');
            setBottle('');
          }}
          options={[
            { value: '', name: 'Choose one' },
            ...points.map((p) => ({ value: String(p.seq), name: p.say, group: testTitle(p.test ?? FREE_WORK) })),
          ]}
        />
        {point && (
          <ChoiceField
            label="Instead"
            value={way}
            onChange={(e) => setWay(e.target.value)}
            disabled={bottle !== ''}
            options={ways.map((w, i) => ({ value: String(i), name: w.say }))}
          />
        )}
        {point?.op.op === 'add' && (
          <ChoiceField
            label="Or another bottle"
            value={bottle}
            onChange={(e) => setBottle(e.target.value)}
            options={[{ value: '', name: 'The same' }, ...REAGENTS.map((r) => ({ value: r.id, name: r.name }))]}
          />
        )}
        <Button look="solid" disabled={!chosen || branch.isPending} onClick={() => branch.mutate({ [seq!]: chosen! })}>
          Show beside mine
        </Button>
      </div>
      {branch.error && <p className="mt-2 text-sm text-rust-deep">{branch.error.message}</p>}
      {branch.data && <Beside steps={branch.data} />}
    </section>
  );
}
