/** The ways in which an operation can be done otherwise. */
import { reagentById } from '../bench/contents';
import type { Op } from '../bench/ops';
import { scaled } from './technique';

/** Another way to do an operation, for a person to choose. */
export interface Variation {
  readonly say: string;
  readonly ops: readonly Op[];
}

const TIMES = [
  { say: 'half as much', by: 0.5 },
  { say: 'twice as much', by: 2 },
  { say: 'five times as much', by: 5 },
] as const;

const BEFORE = (vessel: string): Variation[] => [
  { say: 'boiled before it', ops: [{ op: 'heat', vessel, to: 'boil', minutes: 3 }] },
  { say: 'washed before it', ops: [{ op: 'wash', vessel, with: 'water', mL: 1, times: 2 }] },
];

/** The ways in which an operation can be done otherwise, the plainest first. */
export function variationsOf(op: Op): Variation[] {
  const out: Variation[] = [];
  const say = (text: string, ...ops: readonly Op[]) => out.push({ say: text, ops });
  switch (op.op) {
    case 'add':
      if (!op.until) for (const { say: text, by } of TIMES) say(text, scaled(op, by));
      for (const { say: text, ops } of BEFORE(op.to)) say(text, ...ops, op);
      break;
    case 'take':
      for (const { say: text, by } of TIMES) say(text, scaled(op, by));
      break;
    case 'heat':
      if (op.to !== 'boil') say('boiled', { ...op, to: 'boil' });
      if (op.to !== 'warm') say('only warmed', { ...op, to: 'warm' });
      say('for longer', { ...op, minutes: 3 * (op.minutes ?? 1) });
      break;
    case 'pass':
    case 'stand':
      say('for longer', { ...op, minutes: 3 * op.minutes });
      break;
    case 'paper':
      if (op.where === 'mouth') say(op.damp ? 'with dry paper' : 'with damp paper', { ...op, damp: !op.damp });
      break;
    case 'flame':
      say(op.wire === 'dirty' ? 'with a clean wire' : 'with a wire that is not clean', {
        ...op,
        wire: op.wire === 'dirty' ? 'clean' : 'dirty',
      });
      break;
    case 'wash':
      say('with more washings', { ...op, times: op.times + 2 });
      break;
    case 'test':
      if (op.control === undefined) say('the control that shows it', { ...op, control: 'positive' });
      break;
    case 'set-up':
    case 'take-solid':
    case 'dissolve':
    case 'evaporate':
    case 'lead':
    case 'cool':
    case 'shake':
    case 'centrifuge':
    case 'decant':
    case 'filter':
    case 'splint':
    case 'limewater':
    case 'smell':
    case 'look':
    case 'rod':
    case 'bead':
    case 'dry-heat':
    case 'charcoal':
    case 'carbonate-extract':
    case 'fuse':
    case 'shake-out':
    case 'work-on':
    case 'ignite':
      break;
    default:
      op satisfies never;
  }
  say('left out');
  return out;
}

/** The same addition from another bottle. */
export const fromBottle = (op: Extract<Op, { op: 'add' }>, reagent: string): Variation => ({
  say: `with ${reagentById(reagent).name} instead`,
  ops: [{ ...op, reagent }],
});
