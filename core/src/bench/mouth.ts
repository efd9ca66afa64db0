/** What is held to the mouth of a vessel or dipped into it: papers, splints, lime water, rods, the nose. */
import { gasById } from '../matter/catalogue';
import type { Observation } from '../senses/vocabulary';
import type { OpOf } from './ops';
import type { Vessel } from './vessel';

/** The mouth of a tube holds about this many mol of gas at 1 atm. */
const MOUTH_MOL = 4e-4;
const NOTICEABLE_ATM = 1e-4;
/** A waft tells a gas from this partial pressure on, atm. */
const SMELT_ATM = 3e-4;

/** Partial pressures at the mouth, atm. */
export function atMouth(vessel: Vessel): Map<string, number> {
  const out = new Map<string, number>();
  for (const [id, atm] of Object.entries(vessel.vapour)) out.set(id, Math.min(1, atm));
  for (const [id, mol] of Object.entries(vessel.gas)) out.set(id, Math.max(out.get(id) ?? 0, Math.min(1, mol / MOUTH_MOL)));
  return out;
}

const present = (vessel: Vessel, least = NOTICEABLE_ATM) =>
  [...atMouth(vessel)].filter(([, atm]) => atm >= least).map(([id, atm]) => ({ ...gasById.get(id)!.senses, id, atm }));

const INDICATOR = [
  'red',
  'red',
  'red',
  'orange-red',
  'orange',
  'orange',
  'yellow',
  'green',
  'blue-green',
  'blue-green',
  'blue',
  'deep-blue',
  'violet',
  'violet',
  'violet',
] as const;

function inLiquid(vessel: Vessel, paper: OpOf<'paper'>['paper']): Observation {
  const pH = vessel.pH ?? 7;
  const c = vessel.species;
  const iodine =
    (c['I3-'] ?? 0) +
    (c['I2'] ?? 0) +
    (c['Cl2'] ?? 0) +
    (c['HOCl'] ?? 0) +
    (c['ClO-'] ?? 0) +
    (c['Br2'] ?? 0) +
    (c['HNO2'] ?? 0) * 0.1;
  const base = { channel: 'paper', paper } as const;
  switch (paper) {
    case 'red-litmus':
      return pH > 8 ? { ...base, event: 'changed', colour: 'blue' } : { ...base, event: 'unchanged', colour: 'red' };
    case 'blue-litmus':
      return pH < 5.2 ? { ...base, event: 'changed', colour: 'red' } : { ...base, event: 'unchanged', colour: 'blue' };
    case 'universal-indicator': {
      const whole = Math.min(14, Math.max(0, Math.round(pH)));
      return { ...base, event: 'changed', colour: INDICATOR[whole]!, pH: whole };
    }
    case 'lead-acetate':
      return (c['HS-'] ?? 0) + (c['H2S'] ?? 0) > 1e-5
        ? { ...base, event: 'changed', colour: 'black' }
        : { ...base, event: 'unchanged', colour: 'white' };
    case 'starch-iodide':
      return iodine > 1e-5
        ? { ...base, event: 'changed', colour: 'deep-blue' }
        : { ...base, event: 'unchanged', colour: 'white' };
    case 'dichromate':
      return (c['SO2'] ?? 0) + (c['HSO3-'] ?? 0) > 1e-4
        ? { ...base, event: 'changed', colour: 'green' }
        : { ...base, event: 'unchanged', colour: 'orange' };
  }
}

export function paperTest(vessel: Vessel, op: OpOf<'paper'>): Observation {
  if (op.where === 'liquid') return inLiquid(vessel, op.paper);
  const base = { channel: 'paper', paper: op.paper } as const;
  const gases = op.damp ? present(vessel) : [];
  const has = (pick: (g: (typeof gases)[number]) => unknown) => gases.some(pick);
  const strength = (kind: string) =>
    Math.max(0, ...gases.filter((g) => g.litmus === kind).map((g) => g.atm * (g.id === 'CO2' ? WEAK_ACID : 1)));
  const acid = strength('acid');
  const alkaline = strength('alkaline');
  switch (op.paper) {
    case 'red-litmus':
      if (strength('bleaches') > 3e-3) return { ...base, event: 'changed', colour: 'white' };
      return alkaline > acid ? { ...base, event: 'changed', colour: 'blue' } : { ...base, event: 'unchanged', colour: 'red' };
    case 'blue-litmus':
      if (strength('bleaches') > 3e-3) return { ...base, event: 'changed', colour: 'white' };
      return acid > Math.max(alkaline, acidNeeded(gases))
        ? { ...base, event: 'changed', colour: 'red' }
        : { ...base, event: 'unchanged', colour: 'blue' };
    case 'lead-acetate':
      return has((g) => g.lead)
        ? { ...base, event: 'changed', colour: 'black' }
        : { ...base, event: 'unchanged', colour: 'white' };
    case 'dichromate':
      return has((g) => g.dichromate && g.atm > 5e-4)
        ? { ...base, event: 'changed', colour: 'green' }
        : { ...base, event: 'unchanged', colour: 'orange' };
    case 'starch-iodide':
      return has((g) => g.iodide)
        ? { ...base, event: 'changed', colour: 'deep-blue' }
        : { ...base, event: 'unchanged', colour: 'white' };
    case 'universal-indicator':
      return alkaline > acid
        ? { ...base, event: 'changed', colour: 'blue', pH: 10 }
        : acid > 0
          ? { ...base, event: 'changed', colour: 'orange-red', pH: 3 }
          : { ...base, event: 'unchanged', colour: 'green', pH: 7 };
  }
}

/** How much carbon dioxide counts on litmus beside a strong acid or ammonia. */
const WEAK_ACID = 0.1;

/** Carbon dioxide is so weak an acid that only a strong stream of it reddens damp litmus. */
function acidNeeded(gases: readonly { id: string; atm: number; litmus?: string }[]): number {
  return gases.every((g) => g.litmus !== 'acid' || g.id === 'CO2') ? 0.03 : 0;
}

export function splintTest(vessel: Vessel, op: OpOf<'splint'>): Observation {
  const gases = present(vessel, 0.2);
  const base = { channel: 'splint', splint: op.splint } as const;
  const effects = gases.map((g) => g.splint);
  if (op.splint === 'glowing') return { ...base, event: effects.includes('relit') ? 'relit' : 'unchanged' };
  if (effects.includes('pop')) return { ...base, event: 'pop' };
  return { ...base, event: effects.includes('extinguished') ? 'extinguished' : 'unchanged' };
}

export function limewaterTest(vessel: Vessel): Observation {
  const mol = Math.max(
    ...[...atMouth(vessel)].map(([id, atm]) =>
      gasById.get(id)!.senses.limewater ? (atm > 0.02 ? (vessel.gas[id] ?? 1e-5) : 0) : 0,
    ),
    0,
  );
  if (mol <= 0) return { channel: 'limewater', event: 'clear' };
  return { channel: 'limewater', event: mol > 2e-3 ? 'cloudy-then-clear' : 'cloudy' };
}

export function smellTest(vessel: Vessel): Observation {
  const strongest = present(vessel, SMELT_ATM)
    .filter((g) => g.smell)
    .sort((a, b) => (b.deadly ? 9 : b.atm) - (a.deadly ? 9 : a.atm))[0];
  return { channel: 'smell', smell: (strongest?.smell ?? 'none') as Observation['smell'] };
}

export function rodTest(vessel: Vessel, op: OpOf<'rod'>): Observation {
  const fumes = present(vessel, 5e-4).some((g) => g.rod === op.dipped);
  return { channel: 'fumes', event: fumes ? 'white-fumes' : 'none' };
}
