import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { SCHOOLS } from '#core/scheme/model';
import { STATIONS, stationOf, testsOf } from '#core/scheme/tests';
import type { DrawnSet, Person, Unknown } from '#contract';
import { Check, ChoiceField, TextField, Wrong } from '../../parts/fields';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';
import { type Matter, Unknowns } from './Unknowns';

const SCHOOL = SCHOOLS[0];

/** Which tests may be done, by their stations. */
function Allowed({ matter, off, toggle }: { matter: Matter; off: ReadonlySet<string>; toggle: (station: string) => void }) {
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

/** Who gets which: in turn, so that two side by side do not get the same, unless it is said otherwise. */
function Dealing({
  people,
  count,
  given,
  change,
}: {
  people: readonly Person[];
  count: number;
  given: Readonly<Record<string, number>>;
  change: (given: Record<string, number>) => void;
}) {
  const options = Array.from({ length: count }, (_, i) => ({ value: i, name: `Unknown ${i + 1}` }));
  return (
    <details className="mt-3">
      <summary className="flex min-h-11 cursor-pointer items-center text-sm font-bold">Who gets which</summary>
      <div className="grid gap-2 sm:grid-cols-3 lg:grid-cols-4">
        {people.map((p, i) => (
          <ChoiceField
            key={p.id}
            label={p.name}
            value={given[p.id] ?? i % count}
            onChange={(e) => change({ ...given, [p.id]: Number(e.target.value) })}
            options={options}
          />
        ))}
      </div>
    </details>
  );
}

/** Unknowns drawn to be about equally hard, or chosen, and set for a class. */
export function NewWork({ classId, people, done }: { classId: string; people: readonly Person[]; done: () => void }) {
  const [title, setTitle] = useState('Unknown salts');
  const [matter, setMatter] = useState<Matter>('salt');
  const [count, setCount] = useState('8');
  const [minutes, setMinutes] = useState('90');
  const [reasoning, setReasoning] = useState(false);
  const [off, setOff] = useState<ReadonlySet<string>>(new Set());
  const [unknowns, setUnknowns] = useState<readonly Unknown[]>([]);
  const [weighed, setWeighed] = useState<DrawnSet | null>(null);
  const [given, setGiven] = useState<Readonly<Record<string, number>>>({});
  const scheme = matter === 'salt' ? SCHOOL : ('organic' as const);
  const tests = off.size
    ? testsOf(scheme)
        .filter((t) => !off.has(stationOf(t, scheme)!))
        .map((t) => t.id)
    : null;
  const choose = (list: readonly Unknown[]) => {
    setUnknowns(list);
    setWeighed(null);
    setGiven({});
  };
  const known = (set: DrawnSet) => {
    choose(set.unknowns.map((u) => u.unknown));
    setWeighed(set);
  };
  const draw = useMutation({
    mutationFn: () => api.drawSet({ matter, count: Number(count), tests, minutes: null }),
    onSuccess: known,
  });
  const weigh = useMutation({ mutationFn: () => api.assess(unknowns, tests), onSuccess: setWeighed });
  const set = useMutation({
    mutationFn: () =>
      api.setWork(classId, {
        title,
        unknowns: [...unknowns],
        given,
        terms: { tests, reasoning },
        minutes: minutes.trim() ? Number(minutes) : null,
      }),
    onSuccess: done,
  });
  const error = draw.error ?? weigh.error ?? set.error;
  return (
    <section aria-label="New assignment" className="mb-8 rounded-xl border border-rule bg-paper p-5">
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Name" value={title} onChange={(e) => setTitle(e.target.value)} />
        <ChoiceField
          label="What"
          value={matter}
          onChange={(e) => {
            setMatter(e.target.value as Matter);
            setOff(new Set());
            choose([]);
          }}
          options={[
            { value: 'salt', name: 'Salts' },
            { value: 'compound', name: 'Organic compounds' },
          ]}
        />
        <TextField
          label="Minutes until it closes"
          inputMode="numeric"
          note="Leave this empty for no end."
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
            setWeighed(null);
          }}
        />
        <Check label="Students may see Foxing’s own reasoning" on={reasoning} change={setReasoning} />
      </div>
      <h3 className="label mt-4 font-sans">Unknowns</h3>
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          label="How many different ones"
          className="w-44"
          inputMode="numeric"
          value={count}
          onChange={(e) => setCount(e.target.value)}
        />
        <Button onClick={() => draw.mutate()} disabled={draw.isPending}>
          {draw.isPending ? 'Drawing …' : draw.data ? 'Draw others' : 'Draw the unknowns'}
        </Button>
      </div>
      <Unknowns matter={matter} unknowns={unknowns} change={choose} weighed={weighed} />
      {unknowns.length > 1 && people.length > 0 && (
        <Dealing people={people} count={unknowns.length} given={given} change={setGiven} />
      )}
      {error && <Wrong>{error.message}</Wrong>}
      <div className="mt-3 flex flex-wrap gap-2">
        {unknowns.length > 0 && (
          <>
            {!weighed && (
              <Button onClick={() => weigh.mutate()} disabled={weigh.isPending}>
                {weigh.isPending ? 'Estimating …' : 'Estimate the difficulty'}
              </Button>
            )}
            <Button look="solid" onClick={() => set.mutate()} disabled={set.isPending}>
              {set.isPending ? 'Saving …' : 'Assign'}
            </Button>
          </>
        )}
        <Button look="quiet" onClick={done}>
          Cancel
        </Button>
      </div>
    </section>
  );
}
