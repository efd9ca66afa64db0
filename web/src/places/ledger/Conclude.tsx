import { useState } from 'react';
import { ANIONS, CATIONS } from '#core/matter/data/components';
import { GROUPS, TESTED_ELEMENTS } from '#core/organic/data/features';
import type { CaseView } from '#contract';
import { nameOf } from '#core/senses/names';
import { ChoiceField, TextArea, TextField, Wrong } from '../../parts/fields';
import { Button } from '../../parts/ui';
import type { OpenCase } from '../../state/case';

type Found = NonNullable<CaseView['report']>['found'][number];

function readEvidence(text: string): number[] {
  return [...new Set((text.match(/\d+/g) ?? []).map(Number))].filter((n) => n > 0);
}

const CLAIMS = [
  { value: 'confirmed', name: 'present' },
  { value: 'may-be-present', name: 'may be present' },
];

/** Ion by ion, each with the numbered entries that show it. */
export function Conclude({ view, append }: { view: CaseView; append: OpenCase['append'] }) {
  const [found, setFound] = useState<Found[]>([]);
  const [ion, setIon] = useState<string>('');
  const [claim, setClaim] = useState<Found['claim']>('confirmed');
  const [evidence, setEvidence] = useState('');
  const [formula, setFormula] = useState('');
  const [remarks, setRemarks] = useState('');
  const [signed, setSigned] = useState('');
  const [said, setSaid] = useState<string | null>(null);

  const compound = view.summary.matter === 'compound';
  const what = compound ? 'Element or group' : 'Ion';
  const choices: Readonly<Record<string, readonly string[]>> = compound
    ? { Elements: TESTED_ELEMENTS, Groups: ['carbohydrate', ...Object.keys(GROUPS)] }
    : { Cations: CATIONS, Anions: ANIONS };

  const addIon = () => {
    const numbers = readEvidence(evidence);
    if (!ion) return setSaid(`Choose an ${what.toLowerCase()}.`);
    if (!numbers.length) return setSaid('Name the entries that show it, such as 3, 4.');
    const missing = numbers.find((n) => !view.entries[n - 1] || view.entries[n - 1]!.struck);
    if (missing) return setSaid(`Entry ${missing} ${view.entries[missing - 1] ? 'is struck' : 'does not exist'}; name another.`);
    setFound([...found.filter((f) => f.ion !== ion), { ion, claim, evidence: numbers }]);
    setIon('');
    setEvidence('');
    setSaid(null);
  };
  const sign = async () => {
    if (!found.length) return setSaid(`Add at least one ${what.toLowerCase()} with its evidence.`);
    if (!signed.trim()) return setSaid('Sign with your name.');
    setSaid(null);
    await append({
      kind: 'conclusion',
      payload: {
        found,
        signed: signed.trim(),
        ...(formula.trim() && { formula: formula.trim() }),
        ...(remarks.trim() && { remarks: remarks.trim() }),
      },
    });
  };

  return (
    <section aria-label="Conclude" className="no-print mt-8 border-t border-rule pt-6">
      <h2 className="text-2xl">Conclude</h2>
      <p className="text-sm text-muted">Keep what is shown apart from what only may be there, and name the entries for each.</p>
      <ul className="mt-3 flex flex-wrap gap-2">
        {found.map((f) => (
          <li key={f.ion} className="rounded-full bg-wash px-3 py-1.5 text-sm">
            <strong>{nameOf(f.ion)}</strong> {f.claim === 'confirmed' ? 'present' : 'may be present'}, entries{' '}
            {f.evidence.join(', ')}{' '}
            <button
              type="button"
              className="underline"
              aria-label={`Take ${nameOf(f.ion)} out`}
              onClick={() => setFound(found.filter((x) => x !== f))}
            >
              remove
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <ChoiceField
          label={what}
          labelClass="text-muted"
          options={[
            { value: '', name: 'choose …' },
            ...Object.entries(choices).flatMap(([group, ids]) => ids.map((id) => ({ value: id, name: nameOf(id), group }))),
          ]}
          value={ion}
          onChange={(e) => setIon(e.target.value)}
        />
        <ChoiceField
          label="Claim"
          labelClass="text-muted"
          options={CLAIMS}
          value={claim}
          onChange={(e) => setClaim(e.target.value as Found['claim'])}
        />
        <TextField
          label="Evidence"
          className="w-40"
          labelClass="text-muted"
          value={evidence}
          placeholder="entries, e.g. 3, 5"
          onChange={(e) => setEvidence(e.target.value)}
        />
        <Button onClick={addIon}>Add the {what.toLowerCase()}</Button>
      </div>
      <div className="mt-4 grid gap-3 sm:grid-cols-2">
        <TextField
          label={compound ? 'Proposed compound' : 'Proposed formula'}
          labelClass="text-muted"
          value={formula}
          maxLength={80}
          onChange={(e) => setFormula(e.target.value)}
        />
        <TextField
          label="Signed"
          labelClass="text-muted"
          value={signed}
          maxLength={80}
          onChange={(e) => setSigned(e.target.value)}
        />
        <TextArea
          label="Remarks"
          className="sm:col-span-2"
          labelClass="text-muted"
          rows={2}
          value={remarks}
          maxLength={1000}
          onChange={(e) => setRemarks(e.target.value)}
        />
      </div>
      <Wrong>{said}</Wrong>
      <Button look="solid" className="mt-4" onClick={() => void sign()}>
        Sign the report
      </Button>
    </section>
  );
}
