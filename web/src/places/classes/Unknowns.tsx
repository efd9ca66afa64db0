import { testTitle } from '#core/scheme/tests';
import { useQuery } from '@tanstack/react-query';
import { Plus, X } from 'lucide-react';
import { type ReactNode, useId, useState } from 'react';
import { sayDifficulty } from '#core/reasoning/hardness';
import type { DrawnSet, DrawnUnknown, Unknown } from '#contract';
import { ChoiceField, TextField } from '../../parts/fields';
import { Formula } from '../../parts/Formula';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';
import { saltsIn } from './salts-in';

export type Matter = 'salt' | 'compound';

function hardnessOf({ unknown, difficulty }: DrawnUnknown): string {
  if (difficulty) return sayDifficulty(difficulty);
  return 'jar' in unknown
    ? 'a closed jar: how hard it is would tell what is in it'
    : 'nothing known is like it: how hard it is cannot be worked out';
}

/** Grams of one that is typed without a mass. */
const GRAMS = 3;

/** @param name of a compound, once it is known. */
function Called({ unknown, name }: { unknown: Unknown; name: string | undefined }): ReactNode {
  const { data: jars } = useQuery({ queryKey: ['jars'], queryFn: api.jars });
  if ('jar' in unknown) return jars?.find((j) => j.id === unknown.jar)?.name ?? unknown.jar;
  if ('smiles' in unknown) return name ?? unknown.smiles;
  return unknown.salts.map((s, i) => (
    <span key={i}>
      {i > 0 && ' + '}
      {s.grams} g <Formula of={s.formula} />
    </span>
  ));
}

function OwnSample({ matter, add }: { matter: Matter; add: (unknown: Unknown) => void }) {
  const [text, setText] = useState('');
  const list = useId();
  const { data: compounds } = useQuery({ queryKey: ['compounds'], queryFn: api.compounds, enabled: matter === 'compound' });
  const read = (): Unknown =>
    matter === 'salt'
      ? { salts: saltsIn(text, GRAMS) }
      : { smiles: compounds?.find((c) => c.name === text.trim())?.smiles ?? text.trim(), grams: GRAMS };
  return (
    <form
      className="flex grow items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (!text.trim()) return;
        add(read());
        setText('');
      }}
    >
      <TextField
        className="grow"
        label={matter === 'salt' ? 'Formula and grams, more joined by +' : 'Name of a compound, or SMILES'}
        placeholder={matter === 'salt' ? 'CuSO4·5H2O 3 + NaCl 2' : 'acetanilide'}
        autoComplete="off"
        spellCheck={false}
        list={list}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <datalist id={list}>
        {compounds?.map((c) => (
          <option key={c.smiles} value={c.name} />
        ))}
      </datalist>
      <Button type="submit">
        <Plus size={16} aria-hidden /> Add
      </Button>
    </form>
  );
}

function FromTheCabinet({ matter, add }: { matter: Matter; add: (unknown: Unknown) => void }) {
  const { data: jars } = useQuery({ queryKey: ['jars'], queryFn: api.jars });
  const shelf = jars?.filter((j) => j.matter === matter) ?? [];
  if (!shelf.length) return null;
  return (
    <ChoiceField
      label="Add one from the cabinet"
      className="w-64"
      value=""
      onChange={(e) => e.target.value && add({ jar: e.target.value })}
      options={[{ value: '', name: 'choose …' }, ...shelf.map((j) => ({ value: j.id, name: `${j.name}, ${j.look}` }))]}
    />
  );
}

interface Props {
  readonly matter: Matter;
  readonly unknowns: readonly Unknown[];
  readonly change: (unknowns: Unknown[]) => void;
  /** How hard they are, once that was asked. */
  readonly weighed: DrawnSet | null;
}

/** The unknowns of a set: drawn, typed in or from the cabinet, and what is known of each. */
export function Unknowns({ matter, unknowns, change, weighed }: Props) {
  const add = (unknown: Unknown) => change([...unknowns, unknown]);
  const known = weighed?.unknowns;
  return (
    <>
      <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
        <OwnSample key={matter} matter={matter} add={add} />
        <FromTheCabinet matter={matter} add={add} />
      </div>
      {unknowns.length > 0 && (
        <ol className="mt-3 divide-y divide-rule text-sm" aria-label="Unknowns">
          {unknowns.map((unknown, i) => (
            <li key={i} className="grid grid-cols-[1fr_auto] items-center gap-x-4 sm:grid-cols-[13rem_1fr_auto]">
              <strong>
                {i + 1}. <Called unknown={unknown} name={known?.[i]!.name} />
              </strong>
              <span className="text-muted max-sm:order-last max-sm:col-span-2">{known && hardnessOf(known[i]!)}</span>
              <Button
                look="quiet"
                aria-label={`Remove unknown ${i + 1}`}
                onClick={() => change(unknowns.filter((_, j) => j !== i))}
              >
                <X size={16} aria-hidden />
              </Button>
            </li>
          ))}
        </ol>
      )}
      {weighed?.untold.map(({ a, b, by }) => (
        <p key={`${a} ${b}`} role="alert" className="mt-2 text-sm text-rust-deep">
          The tests allowed do not tell <Formula of={weighed.unknowns[a]!.name} /> from <Formula of={weighed.unknowns[b]!.name} />
          {by ? `; “${testTitle(by)}” would.` : '.'}
        </p>
      ))}
      {weighed && !weighed.untold.length && weighed.unknowns.length > 1 && (
        <p className="mt-2 text-sm">The tests allowed tell all of them apart.</p>
      )}
    </>
  );
}
