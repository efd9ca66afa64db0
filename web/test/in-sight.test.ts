import type { Showing } from '#contract';
import { isAlone, tubeAskedAbout } from '../src/places/bench/in-sight';

const scene = (is: 'flame' | 'bead' | 'charcoal' | 'hard-glass' | 'paper') =>
  ({ title: 'x', text: '', scene: { is } }) as unknown as Showing;

test.each(['flame', 'bead', 'charcoal', 'hard-glass'] as const)(
  'over a %s nothing is asked of a tube that is not in sight',
  (is) => {
    expect(isAlone(scene(is))).toBe(true);
    expect(tubeAskedAbout({ held: 'A', showing: scene(is) })).toBeNull();
  },
);

test.each([
  ['the tube in hand, with nothing beside it', { held: 'A', showing: null }, 'A'],
  ['the tube in hand, a paper held to it', { held: 'A', showing: scene('paper') }, 'A'],
  ['a tube of the test in hand', { held: 'B', showing: null, tubes: { 1: 'B' } }, 'B'],
  ['a tube of another test', { held: 'A', showing: null, tubes: { 1: 'B' } }, null],
  ['no tube', { held: null, showing: null }, null],
])('%s', (_, hand, asked) => expect(tubeAskedAbout(hand)).toBe(asked));
