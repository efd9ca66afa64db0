/** The report on a case as a document: everything that is printed, and nothing of how it is set. */
import { type CaseState, type DoneOperation, type Entry, leftOf, type Photo, reportOf } from '../record/state';
import { entryTitle } from '../record/procedure';
import type { EquationOf } from '../record/result';
import { DEFAULT_RULES, type HouseRules, QUESTIONS, answerTo } from '../scheme/rules';
import { sayOp } from '../scheme/say';
import { stepsOf, testById } from '../scheme/tests';
import { nameOf } from '../senses/names';
import { sayAll, sayBlank, sayInferred } from '../senses/sentences';
import { calledVessel, type FlowNode, flowOf } from './flow';

export interface ReportRow {
  readonly number: number;
  readonly test: string;
  /** ISO time. */
  /** When it was written down. */
  readonly at: string;
  /** When it arrived at the server, where that was later. */
  readonly arrived: string | null;
  readonly who: string;
  readonly tube: string | null;
  /** What was done, with amounts, a sentence each. */
  readonly done: readonly string[];
  readonly observation: string;
  readonly blank: string | null;
  readonly inference: string;
  readonly unsure: boolean;
  /** Why it is struck. */
  readonly struck: string | null;
  /** What reacted, where that may be known. */
  readonly equations: readonly EquationOf[];
  readonly photos: readonly Pick<Photo, 'photo' | 'width' | 'height' | 'caption'>[];
}

export interface ReportClaim {
  readonly of: string;
  readonly claim: 'confirmed' | 'may-be-present';
  readonly evidence: readonly number[];
  /** How the tests that are named as evidence show it. */
  readonly equations: readonly EquationOf[];
}

/** The equations by which a test shows a suspect, as the handbook has them. */
export type EquationsFor = (test: string, suspect: string) => readonly EquationOf[];

export interface CaseReport {
  readonly name: string;
  readonly look: string;
  /** "real salt", "simulated compound". */
  readonly what: string;
  readonly matter: 'salt' | 'compound';
  readonly opened: string;
  readonly amount: string;
  /** All who wrote in the record. */
  readonly who: readonly string[];
  /** The rules in force, where the house has answered other than by default. */
  readonly rules: readonly string[];
  readonly rows: readonly ReportRow[];
  readonly flow: FlowNode | null;
  readonly found: readonly ReportClaim[];
  /** Said to be absent, with the entries that say so. */
  readonly absent: readonly { readonly of: string; readonly entries: readonly number[] }[];
  readonly formula: string | null;
  readonly remarks: string | null;
  readonly signed: { readonly by: string; readonly at: string } | null;
  /** Reports that were signed before and taken back or returned. */
  readonly superseded: number;
  readonly marks: CaseState['marks'];
  readonly identity: string | null;
  /** What of it is not of a real bench. */
  readonly simulated: string | null;
}

const said = (op: DoneOperation, rules: HouseRules): string => {
  const test = op.test === undefined ? undefined : testById.get(op.test);
  const own = test && op.run ? stepsOf(test, rules)[op.run.step]?.say : undefined;
  return own ?? sayOp(op.op, calledVessel);
};

function rowOf(entry: Entry, state: CaseState, known: boolean): ReportRow {
  const done = state.operations.filter((o) => entry.working.operations.includes(o.seq));
  return {
    number: entry.number,
    test: entryTitle(state, entry),
    at: entry.done ?? entry.at,
    arrived: entry.done === undefined ? null : entry.at,
    who: entry.who,
    tube: entry.vessel === undefined ? null : calledVessel(entry.vessel),
    done: [...new Set(done.map((o) => said(o, state.rules)))],
    observation: [sayAll(entry.observed), entry.note].filter(Boolean).join(' '),
    blank: entry.blank ? sayBlank(entry) : null,
    inference: [sayInferred(entry.infers), entry.inference].filter(Boolean).join(' '),
    unsure: entry.confidence === 'unsure',
    struck: entry.struck?.reason ?? null,
    equations: known ? done.flatMap((o) => o.result?.equations ?? []) : [],
    photos: state.photos.filter((p) => p.entry === entry.number),
  };
}

function rulesInForce({ rules, subject }: CaseState): string[] {
  const answered = QUESTIONS.filter((q) => subject.matter === 'salt' || q.id !== 'cation-scheme').filter(
    (q) => q.id === 'cation-scheme' || answerTo(rules, q.id) !== answerTo(DEFAULT_RULES, q.id),
  );
  return [
    ...answered.map((q) => `${q.ask}: ${q.options.find((o) => o.id === answerTo(rules, q.id))!.name}`),
    `One drop: ${rules.dropML} mL`,
    ...(rules.restrictedReagents.length ? [`Reagents not allowed here: ${rules.restrictedReagents.length}`] : []),
    ...(rules.notes ? [rules.notes] : []),
  ];
}

function absentIn(entries: readonly Entry[]): CaseReport['absent'] {
  const by = new Map<string, number[]>();
  for (const e of entries.filter((x) => !x.struck))
    for (const i of e.infers ?? []) if (i.says === 'absent') by.set(i.of, [...(by.get(i.of) ?? []), e.number]);
  return [...by].map(([of, list]) => ({ of, entries: list }));
}

const SIMULATED =
  'The sample, the tubes and all that they showed were computed by Foxing from a model of the bench; what is written was seen there, not in a laboratory.';

/** Equations that several tests share are written once. */
const distinct = (equations: readonly EquationOf[]): EquationOf[] => [
  ...new Map(equations.map((e) => [JSON.stringify(e), e])).values(),
];

/**
 * @param opened ISO time at which the case was begun.
 * @param equationsFor the handbook's; none by default.
 */
export function reportOn(state: CaseState, opened: string, equationsFor: EquationsFor = () => []): CaseReport {
  const { subject } = state;
  const simulated = subject.kind === 'simulated';
  const known = state.status === 'opened-up';
  const report = reportOf(state);
  return {
    name: subject.name,
    look: subject.look,
    what: `${subject.kind} ${subject.matter}`,
    matter: subject.matter,
    opened,
    amount: `${subject.amount} ${subject.unit}, ${leftOf(state)} ${subject.unit} left`,
    who: [...new Set([...state.entries.map((e) => e.who), ...(report ? [report.signed] : [])])],
    rules: rulesInForce(state),
    rows: state.entries.map((e) => rowOf(e, state, known)),
    flow: flowOf(state),
    found: (report?.found ?? []).map(({ ion, claim, evidence }) => ({
      of: ion,
      claim,
      evidence,
      equations: distinct(evidence.flatMap((n) => equationsFor(state.entries[n - 1]!.test, ion))),
    })),
    absent: absentIn(state.entries),
    formula: report?.formula ?? null,
    remarks: report?.remarks ?? null,
    signed: report ? { by: report.signed, at: report.at } : null,
    superseded: report ? state.reports.length - 1 : state.reports.length,
    marks: state.marks,
    identity: known ? state.identity : null,
    simulated: simulated ? SIMULATED : null,
  };
}

/** A claim as a sentence without its evidence. */
export const sayClaim = ({ of, claim }: ReportClaim): string =>
  `${nameOf(of)} ${claim === 'confirmed' ? 'present' : 'may be present'}`;

/** Numbers as "entries 3, 5 and 7". */
export function sayEntries(numbers: readonly number[]): string {
  const list = numbers.map(String);
  const last = list.pop()!;
  return list.length ? `entries ${list.join(', ')} and ${last}` : `entry ${last}`;
}
