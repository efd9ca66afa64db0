/** A test of a compound in a test tube, with a known positive and a known negative beside it. */
import type { OpOf } from '../../bench/ops';
import type { Channel } from '../../vocabulary/observation';
import type { Sign, StandardTest, Step, When } from '../model';

export interface Row {
  readonly id: string;
  readonly title: string;
  readonly station: string;
  readonly purpose: string;
  /** The procedure, for a person. */
  readonly how: string;
  readonly watch: readonly Channel[];
  readonly materials?: readonly string[];
  readonly signs?: readonly Sign[];
  readonly when?: When;
  readonly caution?: string;
  readonly care?: string;
  readonly hazard?: 'high';
  readonly reads?: StandardTest['reads'];
  readonly mistaken?: string;
  readonly after?: readonly string[];
  readonly closes?: true;
  readonly optional?: true;
  /** No sample is run beside it. */
  readonly alone?: true;
}

const run = (test: string, control?: 'positive' | 'negative'): OpOf<'test'> => ({ op: 'test', test, ...(control && { control }) });

/** A test with a known positive and a known negative beside the sample. */
export function classTest({ id, how, station, alone, ...rest }: Row): StandardTest {
  const beside: Step[] = alone ? [] : [
    { op: run(id, 'positive'), say: 'Positive control: the same with a compound that is known to react.', why: 'So that you know the reagent works, and what to look for.' },
    { op: run(id, 'negative'), say: 'Negative control: the same with a compound that does not react.', why: 'So that the colour of the reagent is not taken for a result.' },
  ];
  return { id, ...rest, station: { organic: station }, steps: [...beside, { op: run(id), say: how }] };
}
