import fc from 'fast-check';
import { typeset } from '#core/matter/formula';
import { sayAll } from '#core/senses/sentences';
import { percent } from '../src/places/suspects/percent';

test('formulas are set with their sub- and superscripts', () => {
  const set = (text: string) =>
    typeset(text)
      .map((r) => (r.shift === 'sub' ? `_${r.text}` : r.shift === 'sup' ? `^${r.text}` : r.text))
      .join('');
  expect(set('SO4^2-')).toBe('SO_4^2−');
  expect(set('Cu2+')).toBe('Cu^2+');
  expect(set('NH4Al(SO4)2·12H2O')).toBe('NH_4Al(SO_4)_2·12H_2O');
  expect(set('NO3-')).toBe('NO_3^−');
});

test('observations are said as a person would', () => {
  expect(sayAll([{ channel: 'precipitate', event: 'formed', colour: 'pale-green', texture: 'gelatinous' }])).toBe(
    'Gelatinous pale green precipitate.',
  );
  expect(
    sayAll([
      { channel: 'precipitate', event: 'none' },
      { channel: 'solution', event: 'unchanged' },
    ]),
  ).toBe('No precipitate; liquid unchanged.');
  expect(sayAll([{ channel: 'paper', paper: 'red-litmus', event: 'changed', colour: 'blue' }])).toBe('Red litmus turned blue.');
});

test('a probability is said as people say it, and never as a certainty', () => {
  expect([0.5, 0.123, 0.995, 0.04, 0.99999, 0.00001].map(percent)).toEqual([
    '50 %',
    '12 %',
    '99.5 %',
    '4.0 %',
    '> 99.9 %',
    '< 0.1 %',
  ]);
  fc.assert(fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (p) => !/^(100|0(\.0)?) /.test(percent(p))));
});
