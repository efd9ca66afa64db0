import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { normalBoiling, stemCorrection } from '#core/organic/thermometer';
import { Check, ChoiceField, TextField } from '../../parts/fields';
import { api } from '../../state/api';

/** How the melting point is taken. */
export interface Melting {
  readonly rate: number;
  readonly damp: boolean;
  /** SMILES of a reference ground with it; empty for none. */
  readonly mixedWith: string;
}

export const USUAL_MELTING: Melting = { rate: 2, damp: false, mixedWith: '' };

export const meltingFields = ({ rate, damp, mixedWith }: Melting) => ({
  rate,
  ...(damp && { damp }),
  ...(mixedWith && { 'mixed-with': mixedWith }),
});

const RATES = [
  { value: 2, name: '2 °C a minute near the end' },
  { value: 5, name: '5 °C a minute, in a hurry' },
  { value: 15, name: '15 °C a minute, flame high' },
];

const USUAL = { reading: '', outside: '0', kPa: '101.3' };

/** A reading of one's own thermometer, corrected for its stem and, for a boiling point, for the pressure. */
export function Corrected({ of }: { of: 'melting' | 'boiling' }) {
  const [given, setGiven] = useState(USUAL);
  const [reading, outside, kPa] = [Number(given.reading), Number(given.outside), Number(given.kPa)];
  const usable = given.reading.trim() !== '' && Number.isFinite(reading) && outside >= 0 && kPa >= 50 && kPa <= 120;
  const stem = reading + stemCorrection(reading, outside);
  const corrected = of === 'boiling' ? normalBoiling(stem, kPa) : stem;
  const input = (name: string, key: keyof typeof USUAL) => (
    <TextField
      label={name}
      inputMode="decimal"
      value={given[key]}
      onChange={(e) => setGiven({ ...given, [key]: e.target.value })}
    />
  );
  return (
    <div
      className="mt-3 grid gap-3 rounded-lg bg-wash p-3 text-sm sm:grid-cols-2"
      role="group"
      aria-label="The reading, corrected"
    >
      {input('Read, °C', 'reading')}
      {input('Degrees of thread outside the bath', 'outside')}
      {of === 'boiling' && input('Pressure, kPa', 'kPa')}
      <p className="self-end" aria-live="polite">
        {usable ? (
          <>
            Write <strong className="tabular-nums">{corrected.toFixed(1)} °C</strong>
          </>
        ) : (
          'Give the reading in °C, and a pressure from 50 to 120 kPa.'
        )}
      </p>
    </div>
  );
}

/** The small apparatus: heating rate, dry or damp, alone or ground with a reference; for a real reading, its correction. */
export function MeltingOptions({ options, change, real }: { options: Melting; change: (o: Melting) => void; real: boolean }) {
  const { data } = useQuery({ queryKey: ['compounds'], queryFn: api.compounds });
  const solids = data?.filter((c) => (c.melts ?? -273) > 25) ?? [];
  if (real) return <Corrected of="melting" />;
  return (
    <div className="mt-3 grid gap-3 rounded-lg bg-wash p-3 text-sm sm:grid-cols-2" role="group" aria-label="How it is taken">
      <ChoiceField
        label="Heating"
        options={RATES}
        value={options.rate}
        onChange={(e) => change({ ...options, rate: Number(e.target.value) })}
      />
      <ChoiceField
        label="Ground with a reference"
        options={[
          { value: '', name: 'nothing: the sample alone' },
          ...solids.map((c) => ({ value: c.smiles, name: `${c.name} (${c.melts} °C)`, key: `${c.name} ${c.smiles}` })),
        ]}
        value={options.mixedWith}
        onChange={(e) => change({ ...options, mixedWith: e.target.value })}
      />
      <Check label="not dried first" on={options.damp} change={(damp) => change({ ...options, damp })} />
    </div>
  );
}
