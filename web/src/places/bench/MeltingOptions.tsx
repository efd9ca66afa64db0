import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { normalBoiling, stemCorrection } from '#core/organic/thermometer';
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
  { rate: 2, name: '2 °C a minute near the end' },
  { rate: 5, name: '5 °C a minute, in a hurry' },
  { rate: 15, name: '15 °C a minute, flame high' },
] as const;

const field = 'mt-1 block min-h-11 w-full rounded-lg border border-rule bg-card px-3 text-ink';
const USUAL = { reading: '', outside: '0', kPa: '101.3' };

/** A reading of one's own thermometer, corrected for its stem and, for a boiling point, for the pressure. */
export function Corrected({ of }: { of: 'melting' | 'boiling' }) {
  const [given, setGiven] = useState(USUAL);
  const [reading, outside, kPa] = [Number(given.reading), Number(given.outside), Number(given.kPa)];
  const usable = given.reading.trim() !== '' && Number.isFinite(reading) && outside >= 0 && kPa >= 50 && kPa <= 120;
  const stem = reading + stemCorrection(reading, outside);
  const corrected = of === 'boiling' ? normalBoiling(stem, kPa) : stem;
  const input = (name: string, key: keyof typeof USUAL) => (
    <label>
      {name}
      <input
        className={field}
        inputMode="decimal"
        value={given[key]}
        onChange={(e) => setGiven({ ...given, [key]: e.target.value })}
      />
    </label>
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
      <label>
        Heating
        <select className={field} value={options.rate} onChange={(e) => change({ ...options, rate: Number(e.target.value) })}>
          {RATES.map((r) => (
            <option key={r.rate} value={r.rate}>
              {r.name}
            </option>
          ))}
        </select>
      </label>
      <label>
        Ground with a reference
        <select className={field} value={options.mixedWith} onChange={(e) => change({ ...options, mixedWith: e.target.value })}>
          <option value="">nothing: the sample alone</option>
          {solids.map((c) => (
            <option key={`${c.name} ${c.smiles}`} value={c.smiles}>
              {c.name} ({c.melts} °C)
            </option>
          ))}
        </select>
      </label>
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-(--rust)"
          checked={options.damp}
          onChange={(e) => change({ ...options, damp: e.target.checked })}
        />
        not dried first
      </label>
    </div>
  );
}
