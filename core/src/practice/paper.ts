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
import { type Paper, type PaperParts, SOLUTION } from './paper-form';

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

export interface OwedTest {
  readonly name: string;
  readonly op: Op;
  readonly shows: string;
  readonly tells: readonly string[];
}

/** What a part is worth, and for what. */
export interface PartScheme {
  readonly letter: string;
  readonly does: readonly string[];
  readonly shows: readonly Observation[];
  /** The gas that comes off is owed a test. */
  readonly owed: OwedTest | null;
  /** Ions of the sample that took part. */
  readonly infers: readonly string[];
}

const happened = (o: Observation) => !isNothing(o) && o.event !== 'unchanged';
/** Observations of a part that earn a mark. */
const MOST_SHOWN = 3;

function distinctly(all: readonly Observation[]): Observation[] {
  const seen = new Set<string>();
  return all.filter((o) => {
    const key = sayObservation(o);
    return happened(o) && !seen.has(key) && !!seen.add(key);
  });
}

function owedAfter(working: Working, vessel: string): OwedTest | null {
  for (const { name, tells, on } of GAS_TESTS) {
    const op = on(vessel);
    const see = carryOut(working, op).result.see.filter(happened);
    if (see.length) return { name, op, shows: see.map(sayObservation).join('; '), tells };
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
      shows: distinctly(see).slice(0, MOST_SHOWN),
      owed,
      infers: [...new Set([...reacting(ions, equations), ...told])],
    };
  });
}

const sameTest = (a: Op, b: Op): boolean =>
  a.op === b.op &&
  (!('paper' in a) || a.paper === (b as typeof a).paper) &&
  (!('splint' in a) || a.splint === (b as typeof a).splint);

const isOn = ({ op }: DoneOperation, tube: string): boolean => vesselsIn(op).includes(tube);

/** Marks of a worked paper by its scheme, line by line. */
export function paperMarks(scheme: readonly PartScheme[], state: CaseState): MarkLine[] {
  const claimed = reportOf(state)?.found ?? [];
  return scheme.flatMap(({ letter: tube, shows, owed, infers }): MarkLine[] => {
    const entries = state.entries.filter((e) => !e.struck && e.vessel === tube);
    const wrote = entries.flatMap((e) => e.observed);
    const line = (kind: MarkLine['for'], of: string, got: boolean, missing: string): MarkLine => ({
      for: kind,
      of: `(${tube}) ${of}`,
      verdict: got ? 'right' : missing,
      marks: got ? 1 : 0,
      outOf: 1,
    });
    const tested = owed && state.operations.some((o) => isOn(o, tube) && sameTest(o.op, owed.op));
    const inferred = (ion: string) =>
      entries.some((e) => e.infers?.some((i) => i.of === ion && i.says !== 'absent')) ||
      claimed.some((c) => c.ion === ion && c.evidence.some((n) => entries.some((e) => e.number === n)));
    return [
      ...shows.map((o) => {
        const of = wrote.filter((w) => w.channel === o.channel && w.event === o.event);
        return line(
          'observation',
          sayObservation(o),
          of.some((w) => nearColour(o, w)),
          of.length ? 'misread' : 'missing',
        );
      }),
      ...(owed
        ? [line('observation', `gas tested with ${owed.name}: ${owed.shows}`, !!tested, 'the gas was not tested for')]
        : []),
      ...infers.map((ion) => line('claim', nameOf(ion), inferred(ion), 'missing')),
    ];
  });
}
