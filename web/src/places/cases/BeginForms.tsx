import { useQuery } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { lazy, type ReactNode, Suspense, useEffect, useState } from 'react';
import type { z } from 'zod';
import { FormulaError } from '#core/matter/formula';
import { parseSalt } from '#core/matter/salts';
import {
  MOST_SALTS,
  type OwnSalts as Salts,
  ownSaltsSchema,
  type OwnStructure as Structure,
  ownStructureSchema,
  type RealSample as Real,
  realSampleSchema,
} from '#contract';
import { ChoiceField, TextField, Wrong } from '../../parts/fields';
import { Formula } from '../../parts/Formula';
import { Structure as Drawing } from '../../parts/Structure';
import { Button } from '../../parts/ui';
import { drawingOf } from '../../state/api';

const StructureEditor = lazy(() => import('./StructureEditor'));

/** A few fields that begin a case together; what is wrong with them is told before anything is sent. */
function BeginForm<T extends z.ZodType>({
  name,
  title,
  note,
  schema,
  read,
  begin,
  submit,
  busy,
  columns,
  className,
  children,
}: {
  name: string;
  title: string;
  note: string;
  schema: T;
  read: (form: FormData) => unknown;
  begin: (given: z.infer<T>) => void;
  submit: string;
  busy: boolean;
  columns: string;
  className?: string;
  children: ReactNode;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <form
      className={className}
      aria-label={name}
      onSubmit={(e) => {
        e.preventDefault();
        const parsed = schema.safeParse(read(new FormData(e.currentTarget)));
        setProblem(parsed.success ? null : parsed.error.issues[0]!.message);
        if (parsed.success) begin(parsed.data);
      }}
    >
      <h3 className="text-xl">{title}</h3>
      <p className="mt-1 text-sm text-muted">{note}</p>
      <div className={clsx('mt-2 grid gap-3 text-muted', columns)}>{children}</div>
      <Wrong>{problem}</Wrong>
      <Button className="mt-3" type="submit" disabled={busy}>
        {submit}
      </Button>
    </form>
  );
}

const KINDS = [
  { value: 'salt', name: 'salt or mixture' },
  { value: 'compound', name: 'organic compound' },
];

/** A sample that really stands on the bench: Foxing leads, counts and records; the eyes are yours. */
export function RealSample({ create, busy }: { create: (real: Real) => void; busy: boolean }) {
  return (
    <BeginForm
      name="A real sample"
      title="A real sample on your bench"
      note="Foxing leads you through the tests, counts, times and reasons; what is seen, you say."
      schema={realSampleSchema}
      read={(form) => ({ ...Object.fromEntries(form), grams: Number(form.get('grams')) })}
      begin={create}
      submit="Begin with the real sample"
      busy={busy}
      columns="sm:grid-cols-[1fr_1.2fr_5rem_11.5rem]"
      className="mt-4"
    >
      <TextField label="Name or number" name="name" maxLength={60} />
      <TextField label="What it looks like" name="look" maxLength={80} />
      <TextField label="Grams" name="grams" inputMode="decimal" />
      <ChoiceField label="Kind" name="matter" options={KINDS} defaultValue="salt" />
    </BeginForm>
  );
}

/** A formula as it is read: its ions, or what is wrong with it. */
function Ions({ of }: { of: string }) {
  const text = of.trim();
  if (!text) return null;
  try {
    const ions = Object.keys(parseSalt(text).ions);
    return (
      <span className="inline-flex gap-2 font-bold text-rust-deep">
        {ions.map((ion) => (
          <Formula key={ion} of={ion} />
        ))}
      </span>
    );
  } catch (error) {
    return (
      <span className="text-rust-deep">{error instanceof FormulaError ? error.message : 'not a salt that Foxing knows'}</span>
    );
  }
}

/** Salts by their formulas and masses, as an unknown for whoever works it. */
export function OwnSalts({ create, busy }: { create: (salts: Salts) => void; busy: boolean }) {
  const [parts, setParts] = useState([{ formula: '', grams: '2' }]);
  const set = (i: number, change: Partial<(typeof parts)[number]>) =>
    setParts(parts.map((p, k) => (k === i ? { ...p, ...change } : p)));
  return (
    <BeginForm
      name="A salt of your own"
      title="A salt or a mixture, simulated"
      note="Set an unknown by formula and mass; the case shows only the label."
      schema={ownSaltsSchema}
      read={(form) => ({ name: form.get('name'), salts: parts.map((p) => ({ formula: p.formula, grams: Number(p.grams) })) })}
      begin={create}
      submit="Begin with this salt"
      busy={busy}
      columns="sm:grid-cols-[1fr_2fr]"
      className="mt-5 border-t border-rule pt-4"
    >
      <TextField label="Label" name="name" maxLength={60} />
      <div className="space-y-2">
        {parts.map((p, i) => (
          <div key={i} className="grid grid-cols-[1fr_5.5rem] gap-2">
            <TextField
              label={i ? `Formula ${i + 1}` : 'Formula'}
              value={p.formula}
              maxLength={80}
              autoComplete="off"
              spellCheck={false}
              onChange={(e) => set(i, { formula: e.target.value })}
              note={<Ions of={p.formula} />}
            />
            <TextField
              label={i ? `Grams ${i + 1}` : 'Grams'}
              value={p.grams}
              inputMode="decimal"
              onChange={(e) => set(i, { grams: e.target.value })}
            />
          </div>
        ))}
        {parts.length < MOST_SALTS && (
          <Button look="quiet" onClick={() => setParts([...parts, { formula: '', grams: '1' }])}>
            Another salt with it
          </Button>
        )}
      </div>
    </BeginForm>
  );
}

/** Any structure as an unknown, for whoever sets it: the label should not tell. */
export function OwnStructure({ create, busy }: { create: (structure: Structure) => void; busy: boolean }) {
  const [smiles, setSmiles] = useState('');
  const [drawing, setDrawing] = useState(false);
  return (
    <BeginForm
      name="A structure of your own"
      title="Any organic structure, simulated"
      note="Set an unknown for someone else, drawn or by its SMILES; the case shows only the label."
      schema={ownStructureSchema}
      read={(form) => ({ ...Object.fromEntries(form), grams: 5 })}
      begin={create}
      submit="Begin with this structure"
      busy={busy}
      columns="sm:grid-cols-[1fr_2fr]"
      className="mt-5 border-t border-rule pt-4"
    >
      <TextField label="Label" name="name" maxLength={60} />
      <div>
        <TextField
          label="SMILES"
          name="smiles"
          maxLength={500}
          autoComplete="off"
          spellCheck={false}
          value={smiles}
          onChange={(e) => setSmiles(e.target.value)}
        />
        <AsTyped smiles={smiles} />
        {drawing ? (
          <Suspense fallback={<p className="mt-2 text-sm">Loading the editor …</p>}>
            <StructureEditor smiles={smiles} change={setSmiles} />
          </Suspense>
        ) : (
          <Button look="quiet" className="mt-1" onClick={() => setDrawing(true)}>
            Draw it instead
          </Button>
        )}
      </div>
    </BeginForm>
  );
}

const TYPING_MS = 400;

/** The structure drawn as it is typed; nothing while it cannot be read. */
function AsTyped({ smiles }: { smiles: string }) {
  const [settled, setSettled] = useState('');
  useEffect(() => {
    const wait = setTimeout(() => setSettled(smiles.trim()), TYPING_MS);
    return () => clearTimeout(wait);
  }, [smiles]);
  const { data } = useQuery({
    queryKey: ['drawing', settled],
    queryFn: async () => ((await fetch(drawingOf(settled))).ok ? settled : ''),
    enabled: settled !== '',
    staleTime: Infinity,
  });
  if (!settled || data === undefined) return null;
  if (!data) return <p className="mt-1 text-sm text-rust-deep">This cannot be read as a structure yet.</p>;
  return <Drawing smiles={data} name="what you typed" className="mt-2 h-24 rounded-lg bg-white p-1" />;
}
