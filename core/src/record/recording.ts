/** An event that a person asks for, as it will stand in the record, on a bench that is at hand. */
import type { SampleSpec } from '../bench/sample';
import type { HouseRules } from '../scheme/rules';
import type { CaseState } from './case';
import type { CaseEvent, RecordedEvent, RecordedOf } from './events';
import { judge, workingOf } from './judge';
import { carryOut, type Working } from './working';

/** What a sample is, in words: formulas by mass, a solution's ions by mol/L, or a structure. */
export function nameSample(sample: SampleSpec): string {
  if ('salts' in sample)
    return sample.salts.map((s) => `${s.formula}${sample.salts.length > 1 ? ` (${s.grams} g)` : ''}`).join(', ');
  if ('smiles' in sample) return sample.smiles;
  if ('compounds' in sample) return sample.compounds.map((c) => `${c.smiles} (${c.grams} g)`).join(', ');
  return Object.entries(sample.solution)
    .map(([ion, molar]) => `${ion} ${molar} mol/L`)
    .join(', ');
}

/** What a label says, and what the bench behind it knows of itself. */
export function openedEvent(
  { bench, real }: Working,
  label: { readonly name: string; readonly look: string; readonly sealed?: string },
  rules: HouseRules,
  chemistry: string,
): RecordedOf<'opened'> {
  const { kind } = bench.sample;
  return {
    kind: 'opened',
    payload: {
      subject: {
        kind: real ? 'real' : 'simulated',
        matter: kind === 'compound' ? 'compound' : 'salt',
        amount: bench.left,
        unit: kind === 'solution' ? 'mL' : 'g',
        ...label,
      },
      rules,
      ...(!real && { chemistry }),
    },
  };
}

/**
 * @param sample shown when the case is opened up; null for a real one.
 * @throws BenchError when the event may not come now, or cannot be done.
 */
export function recorded(
  state: CaseState,
  working: Working,
  asked: CaseEvent,
  { chemistry, sample }: { readonly chemistry: string; readonly sample: SampleSpec | null },
): { readonly event: RecordedEvent; readonly working: Working } {
  const event = judge(state, asked);
  switch (event.kind) {
    case 'operation': {
      const done = carryOut(working, event.payload.op);
      const version = working.real ? {} : { chemistry };
      return { event: { ...event, result: { ...done.result, ...version } }, working: done.working };
    }
    case 'entry':
      return { event: { ...event, result: workingOf(state, event.payload) }, working };
    case 'opened-up':
      return { event: { ...event, result: { identity: nameSample(sample!) } }, working };
    default:
      return { event, working };
  }
}
