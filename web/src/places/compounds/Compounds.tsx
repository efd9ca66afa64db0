import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { find } from '#core/finding/find';
import { LIST_FORMATS, type ListFormat } from '#core/exchange/formats';
import type { CompoundView } from '#contract';
import { TextField } from '../../parts/fields';
import { nameOf } from '#core/senses/names';
import { Formula } from '../../parts/Formula';
import { Structure } from '../../parts/Structure';
import { Blank, Button, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api, listAddress } from '../../state/api';

const SHOWN = 60;
const FORMAT_NAMES: Readonly<Record<ListFormat, string>> = { smiles: 'SMILES', sdf: 'SDF', csv: 'CSV' };

function formatOf(file: string): ListFormat | null {
  const ending = file.toLowerCase().split('.').at(-1);
  if (ending === 'csv' || ending === 'tsv') return 'csv';
  if (ending === 'sdf' || ending === 'sd' || ending === 'mol') return 'sdf';
  return ending === 'smi' || ending === 'smiles' || ending === 'txt' ? 'smiles' : null;
}

function InAndOut({ own }: { own: number }) {
  const file = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const again = async () => {
    // A first answer that is still on its way knows nothing of the change, and would be taken for the new one.
    await queries.cancelQueries({ queryKey: ['compounds'] });
    void queries.invalidateQueries({ queryKey: ['compounds'] });
    void queries.invalidateQueries({ queryKey: ['reasoning'] });
  };
  const [refused, setRefused] = useState<readonly { at: number; why: string }[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const take = useMutation({
    mutationFn: api.importCompounds,
    onSuccess: (done) => {
      toast(`${done.taken} ${done.taken === 1 ? 'compound' : 'compounds'} imported into your own list.`);
      setRefused(done.refused);
      setProblem(null);
      void again();
    },
    onError: (error) => setProblem(error.message),
  });
  const empty = useMutation({ mutationFn: api.emptyOwnCompounds, onSuccess: again });
  const read = async (chosen: File | undefined) => {
    if (!chosen) return;
    const format = formatOf(chosen.name);
    if (!format) return setProblem(`${chosen.name}: name the file .smi, .sdf or .csv, so that Foxing knows how to read it.`);
    take.mutate({ format, text: await chosen.text() });
  };
  return (
    <section aria-label="Import and export" className="rounded-xl border border-rule bg-paper p-4 text-sm">
      <div className="flex flex-wrap items-center gap-3">
        <input
          ref={file}
          type="file"
          className="sr-only"
          aria-label="A list of compounds"
          accept=".smi,.smiles,.txt,.sdf,.sd,.mol,.csv,.tsv"
          onChange={(e) => {
            void read(e.target.files?.[0]);
            e.target.value = '';
          }}
        />
        <Button onClick={() => file.current?.click()} disabled={take.isPending}>
          Import a list …
        </Button>
        <span className="text-muted">Export:</span>
        {LIST_FORMATS.map((f) => (
          <a
            key={f}
            href={listAddress(f)}
            download
            className="inline-flex min-h-11 items-center px-1 font-bold text-rust underline"
          >
            {FORMAT_NAMES[f]}
          </a>
        ))}
        {own > 0 && (
          <Button look="quiet" onClick={() => empty.mutate()}>
            Delete my list of {own}
          </Button>
        )}
      </div>
      <p className="mt-2 text-muted">
        Your own list stands beside the library as candidates. SMILES: one structure and its name a line. CSV: a first line with
        smiles, and if you have them name, mp and bp in °C. SDF: molfiles.
      </p>
      {problem && (
        <p role="alert" className="mt-2 text-rust-deep">
          {problem}
        </p>
      )}
      {refused.length > 0 && (
        <ul aria-label="Not imported" className="mt-2 text-rust-deep">
          {refused.map((r) => (
            <li key={r.at}>
              {r.at}: {r.why}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const degrees = (celsius: number) => `${String(celsius).replace('-', '−')} °C`;

function Card({ of: c }: { of: CompoundView }) {
  const points = [
    c.melts !== undefined && `melts ${degrees(c.melts)}`,
    c.boils !== undefined && `boils ${degrees(c.boils)}`,
    c.decomposes && 'decomposes',
    c.uncertain && 'sources differ',
  ].filter(Boolean);
  return (
    <li className="flex gap-3 rounded-xl border border-rule bg-paper p-3 text-sm">
      <Structure smiles={c.smiles} name={c.name} className="h-24 w-32 shrink-0" />
      <div className="min-w-0">
        <h2 className="text-lg leading-tight">{c.name}</h2>
        <p>
          <Formula of={c.formula} />
          {' · '}
          <span className="text-muted">{c.holds.map(nameOf).join(', ') || 'no group that a test shows'}</span>
        </p>
        <p className="text-muted">{points.join('; ')}</p>
        {c.hard && <p className="text-muted">to find it: {c.hard}</p>}
        {c.inWater && <p className="text-muted">in water: {c.inWater}</p>}
        {c.hazards.length > 0 && <p className="text-rust-deep">{c.hazards.join('; ')}</p>}
        <p className="text-xs text-faint">{c.source}</p>
      </div>
    </li>
  );
}

/** The library of compounds and one's own, to search, to take in and to take out. */
export function Compounds() {
  const { data, error, refetch } = useQuery({ queryKey: ['compounds'], queryFn: api.compounds });
  const [search, setSearch] = useSearchParams();
  const wanted = search.get('find') ?? '';
  const asked = useDeferredValue(wanted.trim().toLowerCase());
  const found = useMemo(() => {
    if (!asked) return data ?? [];
    const all = data ?? [];
    const plain = all.filter(
      (c) =>
        c.name.toLowerCase().includes(asked) ||
        c.formula.toLowerCase() === asked ||
        c.holds.some((h) => nameOf(h).toLowerCase().includes(asked)),
    );
    if (plain.length) return plain;
    return find(asked, SHOWN, ['compound']).flatMap(({ id }) => all.find((c) => c.name === id) ?? []);
  }, [data, asked]);
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-6xl px-5 py-8">
        <Heading note="Structures, melting and boiling points, solubility and hazards of common laboratory compounds. Your supplier’s safety data sheet comes first.">
          Compounds
        </Heading>
        <InAndOut own={data?.filter((c) => c.own).length ?? 0} />
        <TextField
          label="Find by name, formula, element or group"
          className="mt-5 max-w-md"
          labelClass="text-muted"
          type="search"
          value={wanted}
          onChange={(e) => setSearch(e.target.value ? { find: e.target.value } : {}, { replace: true })}
        />
        {error && (
          <Blank title="The compounds could not be loaded">
            <p>{error.message}</p>
            <Button className="mt-4" onClick={() => void refetch()}>
              Try again
            </Button>
          </Blank>
        )}
        {!data && !error && <Blank title="Loading the compounds …" />}
        {data && (
          <p className="mt-3 text-sm text-muted" aria-live="polite">
            {found.length} of {data.length}
            {found.length > SHOWN && `; the first ${SHOWN} are shown`}
          </p>
        )}
        <ul className="mt-2 grid gap-3 md:grid-cols-2 xl:grid-cols-3">
          {found.slice(0, SHOWN).map((c) => (
            <Card key={`${c.name} ${c.smiles}`} of={c} />
          ))}
        </ul>
        {data && !found.length && <Blank title="No results">Try a shorter word, a formula, or a group such as “ester”.</Blank>}
      </main>
    </div>
  );
}
