import { paperMarks, partInWords, sayOwed, schemeOf, solutionOf } from '#core/practice/paper';
import type { Paper } from '#core/practice/paper-form';
import type { CaseEvent } from '#core/record/events';
import type { Op } from '#core/bench/ops';
import type { Observation } from '#core/vocabulary/observation';
import { sayObservation } from '#core/senses/sentences';
import { CaseAtWork } from './casework';

const take = (tube: string, mL = 2): Op => ({ op: 'take', to: tube, from: 'Q', mL });
const add = (tube: string, reagent: string, mL: number): Op => ({ op: 'add', to: tube, reagent, mL });

/** As an examination would set it: parts (a) to (g), fixed volumes, two gases owed. */
const PAPER: Paper = {
  title: 'A green solution',
  mL: 60,
  salts: [
    { formula: 'CuSO4·5H2O', grams: 2 },
    { formula: 'NH4Cl', grams: 1.5 },
  ],
  parts: [
    { letter: 'a', ops: [take('a'), add('a', 'sodium-hydroxide-2M', 2), { op: 'heat', vessel: 'a', to: 'warm', minutes: 2 }] },
    { letter: 'b', ops: [take('b'), add('b', 'ammonia-6M', 2)] },
    { letter: 'c', ops: [take('c'), add('c', 'nitric-acid-2M', 1), add('c', 'barium-nitrate-0.1M', 1)] },
    { letter: 'd', ops: [take('d'), add('d', 'nitric-acid-2M', 1), add('d', 'silver-nitrate-0.1M', 1)] },
    { letter: 'e', ops: [take('e'), add('e', 'potassium-iodide-0.1M', 1)] },
    {
      letter: 'f',
      ops: [take('f'), add('f', 'hydrochloric-acid-6M', 2), { op: 'add', to: 'f', reagent: 'zinc-granules', grams: 0.5 }],
    },
    { letter: 'g', ops: [take('g'), add('g', 'potassium-hexacyanoferrate-ii-0.1M', 0.5)] },
  ],
};

const says = (letter: string) => {
  const part = schemeOf(PAPER).find((p) => p.letter === letter)!;
  return {
    shows: part.shows.map((s) => sayObservation(s.see)).join('; '),
    owed: part.owed && sayOwed(part.owed),
    infers: part.infers.map((i) => i.ion),
  };
};

test('the scheme of a paper says what a textbook says: what is seen, the gas that is owed a test, and what follows', () => {
  expect(partInWords(PAPER.parts[1]!)).toEqual([
    'Transfer 2 mL of solution Q to the tube.',
    'Add 2 mL of 6 M ammonia to the tube.',
  ]);
  const a = says('a');
  expect(a.shows).toMatch(/blue precipitate/);
  expect(a.owed).toBe('damp red litmus: red litmus turned blue');
  expect(a.infers).toEqual(expect.arrayContaining(['Cu2+', 'NH4+']));
  expect(says('b').shows).toMatch(/deep blue/);
  expect([says('c').shows, says('c').infers]).toEqual([expect.stringMatching(/white precipitate/), ['SO4^2-']]);
  expect([says('d').shows, says('d').infers]).toEqual([expect.stringMatching(/white precipitate/), ['Cl-']]);
  expect(says('f').owed).toBe('a lit splint: lit splint gave a pop');
  expect(says('g').shows).toMatch(/red brown precipitate/);
});

test('a worked paper is marked by it: full marks for all of it, one lost for the hydrogen that was not tested for', () => {
  const scheme = schemeOf(PAPER);
  const worked = (skipping: string | null) => {
    const at = new CaseAtWork({ sample: { salts: PAPER.salts } }).work(...solutionOf(PAPER));
    for (const { letter, ops } of PAPER.parts) {
      at.work(...ops);
      const part = scheme.find((p) => p.letter === letter)!;
      if (part.owed && letter !== skipping) at.work(part.owed.op);
      const infers = part.infers.map(({ ion: of }) => ({ of, says: 'present' as const }));
      const entry: CaseEvent = {
        kind: 'entry',
        payload: {
          test: 'free',
          vessel: letter,
          observed: part.shows.map((s) => s.see),
          note: letter,
          ...(infers.length && { infers }),
        },
      };
      at.do(entry);
    }
    return paperMarks(scheme, at.state);
  };
  const all = worked(null);
  expect(all.length).toBeGreaterThan(12);
  expect(all.filter((l) => l.marks < l.outOf)).toEqual([]);
  const lost = worked('f').filter((l) => l.marks < l.outOf);
  expect(lost.map((l) => [l.of, l.verdict])).toEqual([
    ['(f) gas tested with a lit splint: lit splint gave a pop', 'the gas was not tested for'],
  ]);
});

test('with real tubes the gas test counts as it was written; a line that is worth nothing does not count', () => {
  const scheme = schemeOf(PAPER).map((p) =>
    p.letter === 'f' && p.owed
      ? { ...p, shows: p.shows.map((s) => ({ ...s, marks: 0 })), owed: { ...p.owed, marks: 2 }, infers: [] }
      : p,
  );
  const marked = (...observed: Observation[]) => {
    const at = new CaseAtWork({ real: { grams: 3.5, matter: 'salt' } }).work(...solutionOf(PAPER), ...PAPER.parts[5]!.ops);
    at.do({ kind: 'entry', payload: { test: 'free', vessel: 'f', observed, note: 'f' } });
    return paperMarks(scheme, at.state).filter((l) => l.of.startsWith('(f)'));
  };
  const owed = scheme.find((p) => p.letter === 'f')!.owed!;
  expect(marked().map((l) => [l.marks, l.outOf])).toEqual([[0, 2]]);
  expect(marked(...owed.see).map((l) => [l.marks, l.outOf])).toEqual([[2, 2]]);
});
