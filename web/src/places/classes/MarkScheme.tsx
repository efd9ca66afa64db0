import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { toast } from 'sonner';
import { nameOf } from '#core/senses/names';
import { sayObservation } from '#core/senses/sentences';
import type { PartScheme } from '#contract';
import { TextField, Wrong } from '../../parts/fields';
import { Blank, Button } from '../../parts/ui';
import { api } from '../../state/api';

interface Editing {
  readonly scheme: readonly PartScheme[];
  readonly change: (scheme: PartScheme[]) => void;
}

function Line({
  label,
  children,
  marks,
  change,
}: {
  label: string;
  children: ReactNode;
  marks: number;
  change: (marks: number) => void;
}) {
  return (
    <li className="grid grid-cols-[1fr_5rem] items-center gap-x-4">
      <span className={marks ? undefined : 'text-muted line-through'}>{children}</span>
      <TextField
        label={`Marks for ${label}`}
        labelClass="sr-only"
        type="number"
        min={0}
        max={20}
        step={0.5}
        value={marks}
        onChange={(e) => change(Number(e.target.value))}
      />
    </li>
  );
}

function MoreIons({ letter, add }: { letter: string; add: (ion: string) => void }) {
  const [ion, setIon] = useState('');
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (ion.trim()) add(ion.trim());
        setIon('');
      }}
    >
      <TextField
        label={`Another ion that follows from (${letter})`}
        className="w-64"
        placeholder="Cu2+"
        autoComplete="off"
        value={ion}
        onChange={(e) => setIon(e.target.value)}
      />
      <Button type="submit" look="quiet">
        <Plus size={16} aria-hidden /> Add
      </Button>
    </form>
  );
}

/** What each part is worth, to be changed; what gets no marks does not count. */
export function MarkScheme({ scheme, change }: Editing) {
  const alter = (letter: string, to: (part: PartScheme) => PartScheme) =>
    change(scheme.map((p) => (p.letter === letter ? to(p) : p)));
  const marked = <T extends { marks: number }>(list: readonly T[], i: number, marks: number): T[] =>
    list.map((x, j) => (i === j ? { ...x, marks } : x));
  const sum = scheme
    .flatMap((p) => [...p.shows, ...(p.owed ? [p.owed] : []), ...p.infers])
    .reduce((all, { marks }) => all + marks, 0);
  return (
    <>
      <ol className="mt-4 space-y-3 text-sm" aria-label="Mark scheme">
        {scheme.map((p) => (
          <li key={p.letter} className="border-t border-rule pt-2">
            <strong>({p.letter})</strong> <span className="text-muted">{p.does.join(' ')}</span>
            <ul className="mt-1 space-y-1">
              {p.shows.map(({ see, marks }, i) => (
                <Line
                  key={`see ${i}`}
                  label={`(${p.letter}) ${sayObservation(see)}`}
                  marks={marks}
                  change={(m) => alter(p.letter, (part) => ({ ...part, shows: marked(part.shows, i, m) }))}
                >
                  {sayObservation(see)}
                </Line>
              ))}
              {!p.shows.length && <li className="text-muted">nothing to be seen</li>}
              {p.owed && (
                <Line
                  label={`(${p.letter}) the gas`}
                  marks={p.owed.marks}
                  change={(m) => alter(p.letter, (part) => ({ ...part, owed: part.owed && { ...part.owed, marks: m } }))}
                >
                  Gas owed a test: {p.owed.name}, {p.owed.see.map(sayObservation).join('; ')}
                </Line>
              )}
              {p.infers.map(({ ion, marks }, i) => (
                <Line
                  key={`ion ${ion}`}
                  label={`(${p.letter}) ${nameOf(ion)}`}
                  marks={marks}
                  change={(m) => alter(p.letter, (part) => ({ ...part, infers: marked(part.infers, i, m) }))}
                >
                  follows: {nameOf(ion)}
                </Line>
              ))}
            </ul>
            <MoreIons
              letter={p.letter}
              add={(ion) => alter(p.letter, (part) => ({ ...part, infers: [...part.infers, { ion, marks: 1 }] }))}
            />
          </li>
        ))}
      </ol>
      <p className="mt-3 font-bold">{sum} marks in all</p>
    </>
  );
}

/** The scheme of a paper that was set: what is changed holds for every report that is marked from then on. */
export function SetScheme({ id }: { id: string }) {
  const queries = useQueryClient();
  const { data, error } = useQuery({ queryKey: ['set', id, 'scheme'], queryFn: () => api.scheme(id), staleTime: Infinity });
  const [changed, setChanged] = useState<PartScheme[] | null>(null);
  const keep = useMutation({
    mutationFn: (scheme: PartScheme[]) => api.changeSet(id, { scheme }),
    onSuccess: () => {
      setChanged(null);
      void queries.invalidateQueries({ queryKey: ['marks'] });
      void queries.invalidateQueries({ queryKey: ['set', id, 'scheme'] });
      toast.success('Saved: reports are marked by it from now on.');
    },
  });
  if (error) return <Blank title="The mark scheme could not be loaded">{error.message}</Blank>;
  if (!data) return <Blank title="Loading the mark scheme …" />;
  return (
    <section aria-label="Mark scheme of the paper">
      <p className="text-sm text-muted">As running the paper gave it. Candidates do not see it.</p>
      <MarkScheme scheme={changed ?? data} change={setChanged} />
      {keep.error && <Wrong>{keep.error.message}</Wrong>}
      <div className="mt-3 flex gap-2">
        <Button look="solid" disabled={!changed || keep.isPending} onClick={() => changed && keep.mutate(changed)}>
          Save changes
        </Button>
        {changed && (
          <Button look="quiet" onClick={() => setChanged(null)}>
            Discard changes
          </Button>
        )}
      </div>
    </section>
  );
}
