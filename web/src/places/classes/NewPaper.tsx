import { useMutation } from '@tanstack/react-query';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { Op } from '#core/bench/ops';
import { REAGENTS } from '#core/matter/data/reagents';
import type { Tubes } from '#core/practice/paper-form';
import type { Paper, PartScheme } from '#contract';
import { ChoiceField, TextArea, TextField, Wrong } from '../../parts/fields';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';
import { MarkScheme } from './MarkScheme';
import { saltsIn } from './salts-in';

interface Draft {
  readonly take: string;
  readonly reagent: string;
  readonly mL: string;
  readonly then: 'nothing' | 'warm' | 'boil';
}

const BOTTLES = REAGENTS.filter((r) => !r.restricted).map((r) => ({ value: r.id, name: r.name }));
const FIRST: Draft = { take: '2', reagent: 'sodium-hydroxide-2M', mL: '2', then: 'nothing' };
const isSolid = (id: string) => REAGENTS.some((r) => r.id === id && r.solid !== undefined);
const letterOf = (i: number) => String.fromCharCode(97 + i);

function opsOf({ take, reagent, mL, then }: Draft, letter: string): Op[] {
  const amount = isSolid(reagent) ? { grams: Number(mL) } : { mL: Number(mL) };
  return [
    { op: 'take', to: letter, from: 'Q', mL: Number(take) },
    { op: 'add', to: letter, reagent, ...amount },
    ...(then === 'nothing' ? [] : [{ op: 'heat' as const, vessel: letter, to: then, minutes: 2 }]),
  ];
}

/** A paper with its parts; running it gives the mark scheme. */
export function NewPaper({ classId, done }: { classId: string; done: () => void }) {
  const [title, setTitle] = useState('Paper: solution Q');
  const [salts, setSalts] = useState('CuSO4·5H2O 1.5');
  const [mL, setML] = useState('50');
  const [parts, setParts] = useState<readonly Draft[]>([FIRST]);
  const paper = (): Paper => ({
    title,
    mL: Number(mL),
    salts: saltsIn(salts),
    parts: parts.map((p, i) => ({ letter: letterOf(i), ops: opsOf(p, letterOf(i)) })),
  });
  const [tubes, setTubes] = useState<Tubes>('simulated');
  const [scheme, setScheme] = useState<PartScheme[] | null>(null);
  const run = useMutation({ mutationFn: () => api.paperScheme(paper()), onSuccess: setScheme });
  const set = useMutation({
    mutationFn: () => api.setWork(classId, { title, paper: paper(), scheme, tubes, terms: {} }),
    onSuccess: done,
  });
  const change = (i: number, to: Partial<Draft>) => {
    setParts(parts.map((p, j) => (i === j ? { ...p, ...to } : p)));
    setScheme(null);
  };
  const error = run.error ?? set.error;
  return (
    <section aria-label="New practical paper" className="mb-8 rounded-xl border border-rule bg-paper p-5">
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Title" value={title} onChange={(e) => setTitle(e.target.value)} />
        <TextField
          label="Solution Q, mL"
          inputMode="decimal"
          value={mL}
          onChange={(e) => {
            setML(e.target.value);
            setScheme(null);
          }}
        />
        <TextArea
          label="What is in it"
          note="A formula and grams, a line each. Candidates are not told."
          value={salts}
          onChange={(e) => {
            setSalts(e.target.value);
            setScheme(null);
          }}
        />
        <ChoiceField
          label="It is worked"
          note={tubes === 'real' ? 'The candidates write what they see into an answer book.' : undefined}
          value={tubes}
          onChange={(e) => setTubes(e.target.value as Tubes)}
          options={[
            { value: 'simulated', name: 'on the simulated bench' },
            { value: 'real', name: 'with real tubes' },
          ]}
        />
      </div>
      <ol className="mt-4 space-y-3" aria-label="Parts of the paper">
        {parts.map((p, i) => (
          <li key={i} className="flex flex-wrap items-end gap-2 border-t border-rule pt-2">
            <strong className="flex min-h-11 w-8 items-center">({letterOf(i)})</strong>
            <TextField
              className="w-24"
              label="mL of Q"
              inputMode="decimal"
              value={p.take}
              onChange={(e) => change(i, { take: e.target.value })}
            />
            <ChoiceField
              label="Add"
              className="w-56"
              value={p.reagent}
              onChange={(e) => change(i, { reagent: e.target.value })}
              options={BOTTLES}
            />
            <TextField
              className="w-24"
              label={isSolid(p.reagent) ? 'grams' : 'mL'}
              inputMode="decimal"
              value={p.mL}
              onChange={(e) => change(i, { mL: e.target.value })}
            />
            <ChoiceField
              label="Then"
              value={p.then}
              onChange={(e) => change(i, { then: e.target.value as Draft['then'] })}
              options={[
                { value: 'nothing', name: 'nothing more' },
                { value: 'warm', name: 'warm it' },
                { value: 'boil', name: 'boil it' },
              ]}
            />
            {parts.length > 1 && (
              <Button
                look="quiet"
                aria-label={`Remove part ${letterOf(i)}`}
                onClick={() => {
                  setParts(parts.filter((_, j) => j !== i));
                  setScheme(null);
                }}
              >
                <X size={16} aria-hidden />
              </Button>
            )}
          </li>
        ))}
      </ol>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button
          onClick={() => {
            setParts([...parts, FIRST]);
            setScheme(null);
          }}
          disabled={parts.length >= 15}
        >
          <Plus size={16} aria-hidden /> Another part
        </Button>
        <Button onClick={() => run.mutate()} disabled={run.isPending}>
          Run it for the mark scheme
        </Button>
        {scheme && (
          <Button look="solid" onClick={() => set.mutate()} disabled={set.isPending}>
            Assign
          </Button>
        )}
        <Button look="quiet" onClick={done}>
          Cancel
        </Button>
      </div>
      {error && <Wrong>{error.message}</Wrong>}
      {scheme && <MarkScheme scheme={scheme} change={setScheme} />}
    </section>
  );
}
