/** Examination papers: parts to be worked in a fixed way, and the mark scheme that comes of running them. */
import { type Op, vesselsIn } from '../bench/ops';
import { parseFormula } from '../matter/formula';
import { parseSalt } from '../matter/salts';
import { isCation } from '../reasoning/hypotheses';
import { type CaseState, type DoneOperation, reportOf } from '../record/case';
import type { OperationResult } from '../record/result';
import { beginWorking, carryOut, type Working } from '../record/working';
import { sayOp } from '../scheme/say';
import { nameOf } from '../senses/names';
import { sayObservation } from '../senses/sentences';
import { isNothing, type Observation } from '../vocabulary/observation';
import { nearColour } from './debrief';
import { GAS_TESTS } from './gas-tests';
import type { MarkLine } from './marking';
import { type Paper, type PaperParts, type PartScheme, SOLUTION } from './paper-form';

const calledHere = (id: string) => (id === SOLUTION ? 'solution Q' : 'the tube');

/** A part as it is printed. */
export const partInWords = ({ ops }: PaperParts['parts'][number]): string[] => ops.map((op) => sayOp(op, calledHere));

/** How solution Q is made of the salts, before the candidates come. */
export const solutionOf = ({ salts, mL }: Paper): Op[] => [
  { op: 'set-up', vessel: SOLUTION, as: 'beaker' },
  {
    op: 'dissolve',
    to: SOLUTION,
    grams: Number(salts.reduce((sum, s) => sum + s.grams, 0).toPrecision(6)),
    in: 'water',
    mL,
  },
];

const happened = (o: Observation) => !isNothing(o) && o.event !== 'unchanged';
/** Observations of a part that earn a mark. */
const MOST_SHOWN = 3;
/** What a line is worth, until the instructor says otherwise. */
const LINE_MARKS = 1;

function distinctly(all: readonly Observation[]): Observation[] {
  const seen = new Set<string>();
  return all.filter((o) => {
    const key = sayObservation(o);
    return happened(o) && !seen.has(key) && !!seen.add(key);
  });
}

function owedAfter(working: Working, vessel: string): PartScheme['owed'] {
  for (const { name, tells, on } of GAS_TESTS) {
    const op = on(vessel);
    const see = carryOut(working, op).result.see.filter(happened);
    if (see.length) return { name, op, see, tells: [...tells], marks: LINE_MARKS };
  }
  return null;
}

type Reacted = OperationResult['equations'][number];

/** A metal by its symbol, another ion by its formula without the charge; within pairs and complexes too. */
function partOf(ion: string): RegExp {
  const elements = Object.keys(parseFormula(ion).elements);
  const isMetal = isCation(ion) && elements.length === 1;
  const core = isMetal ? elements[0]! : ion.replace(/\^?\d*[+-]$/, '');
  return new RegExp(`${core.replace(/[()]/g, '\\$&')}(?![a-z])`);
}

/** Ions that took part in what reacted: they stand on the left, and are not free again on the right. */
const reacting = (ions: readonly string[], equations: readonly Reacted[]): string[] =>
  ions.filter((ion) =>
    equations.some(
      ({ left, right }) => left.some(([, f]) => partOf(ion).test(f)) && !right.some(([, formula]) => formula === ion),
    ),
  );

/**
 * Runs every part on the sample.
 * @throws BenchError when a part cannot be done; the message says what to do instead.
 */
export function schemeOf(paper: Paper): PartScheme[] {
  const ions = [...new Set(paper.salts.flatMap((s) => Object.keys(parseSalt(s.formula).ions)))];
  const begun = beginWorking({ sample: { salts: paper.salts } });
  let working = solutionOf(paper).reduce((w, op) => carryOut(w, op).working, begun);
  return paper.parts.map((part) => {
    const { letter: tube, ops } = part;
    const see: Observation[] = [];
    const equations: Reacted[] = [];
    let gas = false;
    for (const op of ops) {
      const done = carryOut(working, op);
      working = done.working;
      see.push(...done.result.see);
      equations.push(...done.result.equations);
      gas ||= done.result.see.some((o) => o.channel === 'gas' && o.event === 'evolved');
    }
    const owed = gas ? owedAfter(working, tube) : null;
    const told = ions.filter((ion) => owed?.tells.includes(ion));
    return {
      letter: tube,
      does: partInWords(part),
      shows: distinctly(see)
        .slice(0, MOST_SHOWN)
        .map((o) => ({ see: o, marks: LINE_MARKS })),
      owed,
      infers: [...new Set([...reacting(ions, equations), ...told])].map((ion) => ({ ion, marks: LINE_MARKS })),
    };
  });
}

const sameTest = (a: Op, b: Op): boolean =>
  a.op === b.op &&
  (!('paper' in a) || a.paper === (b as typeof a).paper) &&
  (!('splint' in a) || a.splint === (b as typeof a).splint);

const isOn = ({ op }: DoneOperation, tube: string): boolean => vesselsIn(op).includes(tube);

/** Does what was written say what is to be seen? */
const agrees = (see: Observation, wrote: readonly Observation[]): boolean =>
  wrote.some((w) => w.channel === see.channel && w.event === see.event && nearColour(see, w));

/** Marks of a worked paper by its scheme, line by line. */
export function paperMarks(scheme: readonly PartScheme[], state: CaseState): MarkLine[] {
  const claimed = reportOf(state)?.found ?? [];
  return scheme.flatMap(({ letter: tube, shows, owed, infers }): MarkLine[] => {
    const entries = state.entries.filter((e) => !e.struck && e.vessel === tube);
    const wrote = entries.flatMap((e) => e.observed);
    const line = (kind: MarkLine['for'], of: string, outOf: number, got: boolean, missing: string): MarkLine => ({
      for: kind,
      of: `(${tube}) ${of}`,
      verdict: got ? 'right' : missing,
      marks: got ? outOf : 0,
      outOf,
    });
    // Over real tubes nobody but the candidate sees what is held to a gas: it counts as it was written down.
    const tested = (of: NonNullable<PartScheme['owed']>): boolean =>
      state.subject.kind === 'real'
        ? of.see.some((o) => agrees(o, wrote))
        : state.operations.some((o) => isOn(o, tube) && sameTest(o.op, of.op));
    // What nothing that was seen in the part bears out was guessed.
    const isBorneOut = !shows.length || shows.some(({ see }) => agrees(see, wrote)) || (owed !== null && tested(owed));
    const inferred = (ion: string): boolean =>
      isBorneOut &&
      (entries.some((e) => e.infers?.some((i) => i.of === ion && i.says !== 'absent')) ||
        claimed.some((c) => c.ion === ion && c.evidence.some((n) => entries.some((e) => e.number === n))));
    const spokenOf = (o: Observation) => wrote.some((w) => w.channel === o.channel && w.event === o.event);
    return [
      ...shows.map(({ see, marks }) =>
        line('observation', sayObservation(see), marks, agrees(see, wrote), spokenOf(see) ? 'misread' : 'missing'),
      ),
      ...(owed
        ? [line('observation', `gas tested with ${sayOwed(owed)}`, owed.marks, tested(owed), 'the gas was not tested for')]
        : []),
      ...infers.map(({ ion, marks }) => line('claim', nameOf(ion), marks, inferred(ion), 'missing')),
    ].filter((l) => l.outOf > 0);
  });
}

/** A test that a gas is owed, with what it shows. */
export const sayOwed = ({ name, see }: NonNullable<PartScheme['owed']>): string =>
  `${name}: ${see.map(sayObservation).join('; ')}`;
