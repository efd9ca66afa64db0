import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { sayDifficulty } from '#core/reasoning/difficulty';
import { SCHOOLS } from '#core/scheme/model';
import { STATIONS, stationOf, testsOf } from '#core/scheme/tests';
import type { DrawnSet } from '#contract';
import { Check, ChoiceField, TextField, Wrong } from '../../parts/fields';
import { Formula } from '../../parts/Formula';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';
import { testTitle } from '../suspects/titles';

const SCHOOL = SCHOOLS[0];

/** Which tests may be done, by their stations. */
function Allowed({
  matter,
  off,
  toggle,
}: {
  matter: 'salt' | 'compound';
  off: ReadonlySet<string>;
  toggle: (station: string) => void;
}) {
  const scheme = matter === 'salt' ? SCHOOL : 'organic';
  const stations = [...new Set(testsOf(scheme).map((t) => stationOf(t, scheme)!))];
  return (
    <fieldset className="sm:col-span-2">
      <legend className="label font-sans">Tests allowed</legend>
      <div className="flex flex-wrap gap-x-4">
        {stations.map((s) => (
          <Check key={s} label={STATIONS[scheme][s] ?? s} on={!off.has(s)} change={() => toggle(s)} />
        ))}
      </div>
    </fieldset>
  );
}

function Drawn({ set }: { set: DrawnSet }) {
  return (
    <div className="mt-4">
      <ol className="divide-y divide-rule text-sm" aria-label="Unknowns drawn">
        {set.unknowns.map((u, i) => (
          <li key={i} className="grid gap-x-4 py-1.5 sm:grid-cols-[12rem_1fr]">
            <strong>
              <Formula of={u.name} />
            </strong>
            <span className="text-muted">
              {u.difficulty ? sayDifficulty(u.difficulty) : 'nothing known is like it: how hard it is cannot be worked out'}
            </span>
          </li>
        ))}
      </ol>
      {set.untold.map(({ a, b, by }) => (
        <p key={`${a} ${b}`} role="alert" className="mt-2 text-sm text-rust-deep">
          The tests allowed do not tell <Formula of={set.unknowns[a]!.name} /> from <Formula of={set.unknowns[b]!.name} />
          {by ? `; “${testTitle(by)}” would.` : '.'}
        </p>
      ))}
      {!set.untold.length && <p className="mt-2 text-sm">The tests allowed tell all of them apart.</p>}
    </div>
  );
}

/** Draws unknowns of about equal difficulty and sets them. */
export function NewWork({ classId, done }: { classId: string; done: () => void }) {
  const [title, setTitle] = useState('Unknown salts');
  const [matter, setMatter] = useState<'salt' | 'compound'>('salt');
  const [count, setCount] = useState('8');
  const [minutes, setMinutes] = useState('90');
  const [reasoning, setReasoning] = useState(false);
  const [off, setOff] = useState<ReadonlySet<string>>(new Set());
  const scheme = matter === 'salt' ? SCHOOL : ('organic' as const);
  const tests = off.size
    ? testsOf(scheme)
        .filter((t) => !off.has(stationOf(t, scheme)!))
        .map((t) => t.id)
    : null;
  const draw = useMutation({ mutationFn: () => api.drawSet({ matter, count: Number(count), tests, minutes: null }) });
  const set = useMutation({
    mutationFn: (drawn: DrawnSet) =>
      api.setWork(classId, {
        title,
        unknowns: drawn.unknowns.map((u) => u.unknown),
        terms: { tests, reasoning },
        minutes: minutes.trim() ? Number(minutes) : null,
      }),
    onSuccess: done,
  });
  return (
    <section aria-label="Set work" className="mb-8 rounded-xl border border-rule bg-paper p-5">
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Name" value={title} onChange={(e) => setTitle(e.target.value)} />
        <ChoiceField
          label="What"
          value={matter}
          onChange={(e) => {
            setMatter(e.target.value as 'salt' | 'compound');
            setOff(new Set());
            draw.reset();
          }}
          options={[
            { value: 'salt', name: 'Salts' },
            { value: 'compound', name: 'Organic compounds' },
          ]}
        />
        <TextField
          label="How many different unknowns"
          inputMode="numeric"
          value={count}
          onChange={(e) => setCount(e.target.value)}
        />
        <TextField
          label="Minutes until it closes"
          inputMode="numeric"
          note="Leave it empty for no end."
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
        />
        <Allowed
          matter={matter}
          off={off}
          toggle={(s) => {
            const next = new Set(off);
            if (!next.delete(s)) next.add(s);
            setOff(next);
            draw.reset();
          }}
        />
        <Check label="Students may see Foxing’s own reasoning" on={reasoning} change={setReasoning} />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={() => draw.mutate()} disabled={draw.isPending}>
          {draw.isPending ? 'Drawing …' : draw.data ? 'Draw others' : 'Draw the unknowns'}
        </Button>
        {draw.data && (
          <Button look="solid" onClick={() => set.mutate(draw.data)} disabled={set.isPending}>
            {set.isPending ? 'Setting …' : 'Set them'}
          </Button>
        )}
        <Button look="quiet" onClick={done}>
          Leave it
        </Button>
      </div>
      {(draw.error ?? set.error) && <Wrong>{(draw.error ?? set.error)!.message}</Wrong>}
      {draw.data && <Drawn set={draw.data} />}
    </section>
  );
}
