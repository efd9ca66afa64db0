import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { REAGENTS } from '#core/matter/data/reagents';
import { type HouseRules as Rules, houseRulesSchema, QUESTIONS } from '#core/scheme/rules';
import { TESTS } from '#core/scheme/tests';
import { Check, ChoiceField, TextArea, TextField, Wrong } from '../../parts/fields';
import { Blank, Button, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';

const HELP = [
  { value: 'none', name: 'None: only the steps' },
  { value: 'signs', name: 'What to look for in each test' },
  { value: 'words', name: 'Also words for what is there, in simulated cases' },
];

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
      <ChoiceField
        label={label}
        labelClass="text-muted"
        options={[
          { value: '', name: 'choose…' },
          ...all.filter((a) => !chosen.includes(a.id)).map((a) => ({ value: a.id, name: a.name })),
        ]}
        value=""
        onChange={(e) => e.target.value && change([...chosen, e.target.value])}
      />
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
      toast('House rules saved.');
    } catch (error) {
      toast.error(error instanceof Error ? error.message : 'The house rules could not be saved.');
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
            <ChoiceField
              key={q.id}
              label={q.ask}
              labelClass="font-bold"
              note={q.why}
              options={q.options.map((o, i) => ({ value: o.id, name: i === 0 ? `${o.name} (usual)` : o.name }))}
              value={draft.answers[q.id] ?? q.options[0]!.id}
              onChange={(e) => set({ answers: { ...draft.answers, [q.id]: e.target.value } })}
            />
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
          <TextField
            label="Size of a drop, mL"
            labelClass="font-bold"
            note="Count the drops in a millilitre: twenty make 0.05 mL."
            inputMode="decimal"
            value={drop}
            onChange={(e) => {
              setDrop(e.target.value);
              setProblem(null);
            }}
          />
          <ChoiceField
            label="Help"
            labelClass="font-bold"
            options={HELP}
            value={draft.help}
            onChange={(e) => set({ help: e.target.value as Rules['help'] })}
          />
          <Check
            label={<strong>My own inference first: Foxing’s stays hidden until mine is written</strong>}
            on={draft.ownFirst}
            change={(ownFirst) => set({ ownFirst })}
          />
          <TextArea
            label="Local safety notes"
            className="md:col-span-2"
            labelClass="font-bold"
            note="Shown before the first step of every test: where the eyewash is, whom to call, which waste goes where."
            rows={4}
            maxLength={4000}
            value={draft.notes}
            onChange={(e) => set({ notes: e.target.value })}
          />
        </div>
      </section>
      <Wrong>{problem}</Wrong>
      <div className="sticky bottom-0 flex gap-3 border-t border-rule bg-ground py-3">
        <Button look="solid" type="submit" disabled={saving}>
          Save
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
          <Blank title="The house rules could not be loaded">
            <p>{error.message}</p>
            <Button className="mt-4" onClick={() => void refetch()}>
              Try again
            </Button>
          </Blank>
        ) : (
          <Blank title="Loading the house rules …" />
        )}
      </main>
    </div>
  );
}
