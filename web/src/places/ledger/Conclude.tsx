import { X } from 'lucide-react';
import { useState } from 'react';
import { bearingOn, beforeSigning, type Claim, formulaAgainst } from '#core/reasoning/before-signing';
import { nameOf } from '#core/senses/names';
import { decibansOf, strengthOf } from '../../parts/strength';
import type { CaseView, SuspectView } from '#contract';
import { entryTitle } from '../../parts/entry-title';
import { ChoiceField, TextArea, TextField, Wrong } from '../../parts/fields';
import { Mark } from '../../parts/Mark';
import { Button, Chip } from '../../parts/ui';
import { type OpenCase, useReasoning } from '../../state/case';
import { suspectChoices } from '../suspects/choices';
import { inOrder } from '../suspects/order';

const CLAIMS = [
  { value: 'confirmed', name: 'present' },
  { value: 'may-be-present', name: 'may be present' },
];

const STANDING: readonly SuspectView['state'][] = ['conflict', 'confirmed', 'indicated', 'hinted'];

/** Entries to tick as evidence: those that bear on the suspect first, with what they weigh; the rest after them. */
function EvidenceTicks({
  view,
  suspect,
  ticked,
  change,
}: {
  view: CaseView;
  suspect: SuspectView | undefined;
  ticked: readonly number[];
  change: (ticked: number[]) => void;
}) {
  const standing = view.entries.filter((e) => !e.struck).map((e) => e.number);
  const bearing = suspect ? bearingOn(suspect).filter((b) => standing.includes(b.entry)) : [];
  const rest = standing.filter((n) => !bearing.some((b) => b.entry === n));
  const tick = (n: number) => change(ticked.includes(n) ? ticked.filter((t) => t !== n) : [...ticked, n].sort((a, b) => a - b));
  const named = (n: number) => entryTitle(view.entries[n - 1]!);
  return (
    <fieldset className="mt-3">
      <legend className="text-sm text-muted">Entries that show it{bearing.length > 0 && ', the strongest evidence first'}</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {bearing.map(({ entry, decibans }) => (
          <Chip key={entry} small on={ticked.includes(entry)} onClick={() => tick(entry)}>
            <strong>{entry}</strong> {named(entry)}
            <span className="opacity-80" title={decibansOf(decibans)}>
              {strengthOf(decibans)}
            </span>
          </Chip>
        ))}
        {rest.map((n) => (
          <Chip key={n} small on={ticked.includes(n)} onClick={() => tick(n)} title={named(n)}>
            <strong>{n}</strong> {bearing.length ? '' : named(n)}
          </Chip>
        ))}
        {!standing.length && <p className="text-sm text-muted">No entry yet could show it.</p>}
      </div>
    </fieldset>
  );
}

/** What a reader would ask before it is signed. */
function BeforeSigning({ said }: { said: readonly string[] }) {
  if (!said.length) return null;
  return (
    <div role="status" className="mt-4 rounded-lg border border-rust bg-paper px-4 py-3 text-sm">
      <h3 className="font-sans font-bold">Before you sign</h3>
      <ul className="mt-1 list-disc space-y-0.5 pl-5">
        {said.map((s) => (
          <li key={s}>{s.charAt(0).toUpperCase() + s.slice(1).replace(/\.$/, '')}.</li>
        ))}
      </ul>
      <p className="mt-1 text-muted">You can sign all the same: it is your report.</p>
    </div>
  );
}

/** Ion by ion, each with the entries that show it; what is left unexplained is told before it is signed. */
export function Conclude({ view, append }: { view: CaseView; append: OpenCase['append'] }) {
  const { data } = useReasoning(view);
  const [found, setFound] = useState<Claim[]>([]);
  const [ion, setIon] = useState<string>('');
  const [claim, setClaim] = useState<Claim['claim']>('confirmed');
  const [evidence, setEvidence] = useState<number[]>([]);
  const [formula, setFormula] = useState('');
  const [remarks, setRemarks] = useState('');
  const [signed, setSigned] = useState('');
  const [said, setSaid] = useState<string | null>(null);

  const compound = view.summary.matter === 'compound';
  const what = compound ? 'Element or group' : 'Ion';
  const reasoned = data?.waiting === null ? data : null;
  const suspects = reasoned?.suspects ?? [];
  const likely = inOrder(suspects).filter((s) => STANDING.includes(s.state) && !found.some((f) => f.ion === s.id));
  const asked = [
    ...(reasoned && found.length
      ? beforeSigning({
          claims: found,
          suspects,
          conflicts: reasoned.conflicts,
          entries: view.entries.filter((e) => !e.struck).map((e) => e.number),
        })
      : []),
    ...(compound || !found.length ? [] : formulaAgainst(formula, found)),
  ];

  const choose = (id: string) => {
    setIon(id);
    setEvidence([]);
    setSaid(null);
  };
  const addIon = () => {
    if (!ion) return setSaid(`Choose an ${what.toLowerCase()}.`);
    if (!evidence.length) return setSaid('Tick the entries that show it.');
    setFound([...found.filter((f) => f.ion !== ion), { ion, claim, evidence }]);
    choose('');
  };
  const sign = async () => {
    if (!found.length) return setSaid(`Add at least one ${what.toLowerCase()} with its evidence.`);
    if (!signed.trim()) return setSaid('Sign with your name.');
    setSaid(null);
    await append({
      kind: 'conclusion',
      payload: {
        found: found.map((f) => ({ ...f, evidence: [...f.evidence] })),
        signed: signed.trim(),
        ...(formula.trim() && { formula: formula.trim() }),
        ...(remarks.trim() && { remarks: remarks.trim() }),
      },
    });
  };

  return (
    <section aria-label="Conclude" className="no-print mt-8 border-t border-rule pt-6">
      <h2 className="text-2xl">Conclude</h2>
      <p className="text-sm text-muted">
        State separately what is proved and what may be present, and tick the entries for each.
      </p>
      <ul className="mt-3 space-y-1">
        {found.map((f) => (
          <li key={f.ion} className="flex max-w-xl items-center justify-between gap-3 rounded-lg bg-wash pl-3 text-sm">
            <span>
              <strong>{nameOf(f.ion)}</strong> {f.claim === 'confirmed' ? 'present' : 'may be present'}, entries{' '}
              {f.evidence.join(', ')}
            </span>
            <button
              type="button"
              className="grid size-11 place-items-center"
              aria-label={`Take ${nameOf(f.ion)} out`}
              onClick={() => setFound(found.filter((x) => x !== f))}
            >
              <X size={15} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {likely.length > 0 && (
        <div className="mt-3 flex flex-wrap gap-1.5" role="group" aria-label="Standing out">
          {likely.map((s) => (
            <Chip key={s.id} small on={ion === s.id} onClick={() => choose(s.id)}>
              <Mark state={s.state} /> {nameOf(s.id)}
            </Chip>
          ))}
        </div>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <ChoiceField
          label={what}
          labelClass="text-muted"
          options={suspectChoices(view.summary.matter, 'choose …')}
          value={ion}
          onChange={(e) => choose(e.target.value)}
        />
        <ChoiceField
          label="Claim"
          labelClass="text-muted"
          options={CLAIMS}
          value={claim}
          onChange={(e) => setClaim(e.target.value as Claim['claim'])}
        />
        <Button onClick={addIon}>Add the {what.toLowerCase()}</Button>
      </div>
      {ion && <EvidenceTicks view={view} suspect={suspects.find((s) => s.id === ion)} ticked={evidence} change={setEvidence} />}
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
      <BeforeSigning said={asked} />
      <Wrong>{said}</Wrong>
      <Button look="solid" className="mt-4" onClick={() => void sign()}>
        Sign the report
      </Button>
    </section>
  );
}
