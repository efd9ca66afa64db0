import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { REAGENTS } from '#core/matter/data/reagents';
import { type HouseRules as Rules, houseRulesSchema, QUESTIONS } from '#core/scheme/rules';
import { TESTS } from '#core/scheme/tests';
import { Blank, Button, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';

const field = 'mt-1 block min-h-11 w-full rounded-lg border border-rule bg-card px-3 text-ink';

const HELP = [
  { id: 'none', name: 'None: only the steps' },
  { id: 'signs', name: 'What to look for in each test' },
  { id: 'words', name: 'Also words for what is there, in simulated cases' },
] as const;

/** Reagents or tests that are not allowed here: chosen from a list, taken back by a press. */
function Restricted({
  label,
  all,
  chosen,
  change,
}: {
  label: string;
  all: readonly { readonly id: string; readonly name: string }[];
  chosen: readonly string[];
  change: (ids: string[]) => void;
}) {
  const name = (id: string) => all.find((a) => a.id === id)?.name ?? id;
  return (
    <div>
      <label className="block text-sm text-muted">
        {label}
        <select className={field} value="" onChange={(e) => e.target.value && change([...chosen, e.target.value])}>
          <option value="">choose…</option>
          {all
            .filter((a) => !chosen.includes(a.id))
            .map((a) => (
              <option key={a.id} value={a.id}>
                {a.name}
              </option>
            ))}
        </select>
      </label>
      <ul className="mt-2 flex flex-wrap gap-1.5">
        {chosen.map((id) => (
          <li key={id}>
            <Button onClick={() => change(chosen.filter((c) => c !== id))} aria-label={`Allow ${name(id)} again`}>
              {name(id)} ×
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Form({ rules }: { rules: Rules }) {
  const [draft, setDraft] = useState(rules);
  const [drop, setDrop] = useState(String(rules.dropML));
  const [problem, setProblem] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const queries = useQueryClient();
  const set = (part: Partial<Rules>) => setDraft((d) => ({ ...d, ...part }));
  const checkDrop = () => {
    const parsed = houseRulesSchema.shape.dropML.safeParse(Number(drop));
    setProblem(parsed.success ? null : `Drop size: ${parsed.error.issues[0]!.message}; give mL, such as 0.05.`);
    if (parsed.success) set({ dropML: parsed.data });
    return parsed.success;
  };
  const save = async () => {
    if (!checkDrop()) return;
    setSaving(true);
    try {
      queries.setQueryData(['house-rules'], await api.saveRules({ ...draft, dropML: Number(drop) }));
      void queries.invalidateQueries({ queryKey: ['case'] });
      toast('House rules kept.');
    } catch (error) {
      toast.error(error instanceof Error ? error.message : 'The house rules were not kept.');
    }
    setSaving(false);
  };
  return (
    <form
      className="space-y-10"
      onSubmit={(e) => {
        e.preventDefault();
        void save();
      }}
    >
      <section aria-labelledby="schools">
        <h2 id="schools" className="text-2xl">
          Where practice differs
        </h2>
        <div className="mt-3 grid gap-x-8 gap-y-5 md:grid-cols-2">
          {QUESTIONS.map((q) => (
            <div key={q.id}>
              <label className="block text-sm font-bold" htmlFor={q.id}>
                {q.ask}
              </label>
              <select
                id={q.id}
                className={field}
                value={draft.answers[q.id] ?? q.options[0]!.id}
                onChange={(e) => set({ answers: { ...draft.answers, [q.id]: e.target.value } })}
              >
                {q.options.map((o, i) => (
                  <option key={o.id} value={o.id}>
                    {o.name}
                    {i === 0 ? ' (usual)' : ''}
                  </option>
                ))}
              </select>
              <p className="mt-1 text-sm text-muted">{q.why}</p>
            </div>
          ))}
        </div>
      </section>
      <section aria-labelledby="limits">
        <h2 id="limits" className="text-2xl">
          What is not allowed here
        </h2>
        <p className="mt-1 max-w-2xl text-sm text-muted">
          Restricted reagents and tests are greyed at the bench, with the reason and a substitute. Mercury, carbon disulfide and
          carbon tetrachloride are for simulated samples only in any case.
        </p>
        <div className="mt-3 grid gap-8 md:grid-cols-2">
          <Restricted
            label="Restrict a reagent"
            all={REAGENTS}
            chosen={draft.restrictedReagents}
            change={(restrictedReagents) => set({ restrictedReagents })}
          />
          <Restricted
            label="Restrict a test"
            all={TESTS.map((t) => ({ id: t.id, name: t.title }))}
            chosen={draft.restrictedTests}
            change={(restrictedTests) => set({ restrictedTests })}
          />
        </div>
      </section>
      <section aria-labelledby="bench-rules">
        <h2 id="bench-rules" className="text-2xl">
          At the bench
        </h2>
        <div className="mt-3 grid gap-x-8 gap-y-5 md:grid-cols-2">
          <label className="block text-sm font-bold">
            Size of a drop, mL
            <input
              className={field}
              inputMode="decimal"
              value={drop}
              onChange={(e) => {
                setDrop(e.target.value);
                setProblem(null);
              }}
            />
            <span className="mt-1 block text-sm font-normal text-muted">
              Count the drops in a millilitre: twenty make 0.05 mL.
            </span>
          </label>
          <div>
            <label className="block text-sm font-bold" htmlFor="help">
              Help
            </label>
            <select
              id="help"
              className={field}
              value={draft.help}
              onChange={(e) => set({ help: e.target.value as Rules['help'] })}
            >
              {HELP.map((h) => (
                <option key={h.id} value={h.id}>
                  {h.name}
                </option>
              ))}
            </select>
          </div>
          <label className="flex min-h-11 items-center gap-3 text-sm font-bold">
            <input
              type="checkbox"
              className="size-5 accent-(--rust)"
              checked={draft.ownFirst}
              onChange={(e) => set({ ownFirst: e.target.checked })}
            />
            My own inference first: Foxing’s stays hidden until mine is written
          </label>
          <label className="block text-sm font-bold md:col-span-2">
            Local safety notes
            <textarea
              className={`${field} min-h-28 py-2`}
              maxLength={4000}
              value={draft.notes}
              onChange={(e) => set({ notes: e.target.value })}
            />
            <span className="mt-1 block text-sm font-normal text-muted">
              Shown before the first step of every test: where the eyewash is, whom to call, which waste goes where.
            </span>
          </label>
        </div>
      </section>
      {problem && (
        <p role="alert" className="text-rust-deep">
          {problem}
        </p>
      )}
      <div className="sticky bottom-0 flex gap-3 border-t border-rule bg-ground py-3">
        <Button look="solid" type="submit" disabled={saving}>
          Keep these rules
        </Button>
        <Link to="/cases" className="inline-flex min-h-11 items-center px-3 text-sm font-bold text-rust underline">
          Back to the cases
        </Link>
      </div>
    </form>
  );
}

export function HouseRules() {
  const { data, error, refetch } = useQuery({ queryKey: ['house-rules'], queryFn: api.rules });
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-5xl px-5 py-8">
        <Heading note="How your laboratory works. Foxing follows these; they never stand above your supervisor and your laboratory’s own rules.">
          House rules
        </Heading>
        {data ? (
          <Form rules={data} />
        ) : error ? (
          <Blank title="The house rules did not open">
            <p>{error.message}</p>
            <Button className="mt-4" onClick={() => void refetch()}>
              Try again
            </Button>
          </Blank>
        ) : (
          <Blank title="Fetching the house rules …" />
        )}
      </main>
    </div>
  );
}
