/** What is said after a simulated case was opened up: what was shown against what was written, claims, and technique. */
import type { SampleSpec } from '../bench/sample';
import { parseSalt } from '../matter/salts';
import { holdingsOf } from '../organic/structure';
import { signsShown } from '../reasoning/entries';
import { type CaseState, type Entry, reportOf } from '../record/case';
import { accountOf } from '../scheme/account';
import type { Sign, StandardTest } from '../scheme/model';
import { showsSign, testById } from '../scheme/tests';
import { wordDistance } from '../senses/colour';
import { nameOf } from '../senses/names';
import { sayObservation } from '../senses/sentences';
import { type Channel, isNothing, type Observation } from '../vocabulary/observation';
import { ANOTHER_COLOUR } from './data/faults';
import { branchPoints, type BranchPoint } from './branch';
import { type Fault, techniqueOf } from './technique';

export type Verdict = 'agreed' | 'misread' | 'overlooked' | 'invented';

export interface ReadEntry {
  readonly number: number;
  readonly test: string;
  readonly verdict: Verdict;
  /** What was shown, and what was written, where they differ. */
  readonly shown: readonly string[];
  readonly wrote: readonly string[];
}

/**
 * - `right`: confirmed, and the entries that were named prove it;
 * - `too-early`: confirmed, but the entries that were named only point to it;
 * - `possible`: it may be present, and the entries that were named point to it;
 * - `unsupported`: it is there, but no entry that was named shows a sign of it;
 * - `wrong`: it is not there;
 * - `missed`, `missed-though-proved`: it is there and was not claimed.
 */
export type ClaimVerdict = 'right' | 'too-early' | 'possible' | 'unsupported' | 'wrong' | 'missed' | 'missed-though-proved';

export interface JudgedClaim {
  readonly of: string;
  readonly verdict: ClaimVerdict;
  /** It is there, and some entry that stands shows a sign of it: claimed or not. */
  readonly observed: boolean;
}

export interface Debrief {
  readonly entries: readonly ReadEntry[];
  readonly claims: readonly JudgedClaim[];
  readonly faults: readonly Fault[];
  /** Where it can be branched, to see what would have been. */
  readonly operations: readonly BranchPoint[];
}

/** Something that happened or is there. */
const isSomething = (o: Observation): boolean => !isNothing(o) && o.event !== 'unchanged';

/** Of the same colour to a careful eye, as far as both say one. */
export const nearColour = (a: Observation, b: Observation): boolean =>
  a.colour === undefined || b.colour === undefined || wordDistance(a.colour, b.colour) <= ANOTHER_COLOUR;

/** Small enough to be missed. */
const isSmall = ({ amount }: Observation) => amount === 'trace' || amount === 'slight';

interface Compared extends ReadEntry {
  readonly faults: readonly ('misread' | 'overlooked')[];
}

function compared(entry: Entry, state: CaseState): Compared | null {
  const test = testById.get(entry.test);
  if (!entry.working.operations.length || !test) return null;
  const operations = state.operations.filter((o) => entry.working.operations.includes(o.seq));
  const seen = operations.flatMap((o) => [...(o.result?.see ?? [])]);
  const shown = shownTo(entry, test, state).filter(isSomething);
  const wrote = entry.observed.filter(isSomething);
  const alike = (o: Observation) => wrote.filter((w) => w.channel === o.channel);
  const missed = shown.filter((o) => o.channel !== 'solution' && !alike(o).length);
  // Of several stages one may write the one that counts.
  const told = (channel: Channel) => shown.some((o) => o.channel === channel && alike(o).some((w) => nearColour(o, w)));
  const misread = shown.filter((o) => alike(o).length && !told(o.channel));
  const invented = wrote.filter((w) => !seen.some((o) => o.channel === w.channel));
  const verdict: Verdict = misread.length ? 'misread' : missed.length ? 'overlooked' : invented.length ? 'invented' : 'agreed';
  const say = (list: readonly Observation[]) => list.map(sayObservation);
  const differs = verdict !== 'agreed';
  return {
    number: entry.number,
    test: entry.test,
    verdict,
    shown: differs ? say([...misread, ...missed]) : [],
    wrote: differs ? say([...misread.flatMap(alike), ...invented]) : [],
    faults: [...(misread.length ? (['misread'] as const) : []), ...(missed.some(isSmall) ? (['overlooked'] as const) : [])],
  };
}

/** What the operations of an entry's working showed, by one account. */
const shownTo = (entry: Entry, test: StandardTest, state: CaseState): Observation[] =>
  accountOf(
    state.operations.filter((o) => entry.working.operations.includes(o.seq)),
    test,
    state.rules,
  );

/** Signs of something that an entry tells of; over a simulated sample only those that were to be seen as well. */
function signsBorneOut(entry: Entry, of: string, state: CaseState): Sign[] {
  const test = testById.get(entry.test);
  const told = signsShown(entry, of);
  if (!test || !told.length || state.subject.kind === 'real') return told;
  const shown = shownTo(entry, test, state);
  return told.filter((sign) => showsSign(shown, sign));
}

/** Claims against what is there and what the entries that stand for them show. */
function claimsOf(state: CaseState, truth: readonly string[]): JudgedClaim[] {
  const found = reportOf(state)?.found ?? [];
  const standing = state.entries.filter((e) => !e.struck);
  const points = (e: Entry, of: string) => signsBorneOut(e, of, state).length > 0;
  const proves = (e: Entry, of: string) =>
    e.confidence === 'sure' && signsBorneOut(e, of, state).some((s) => (s.proves && s.of.length === 1) || !provable(of));
  const there = (of: string, verdict: ClaimVerdict): JudgedClaim => ({
    of,
    verdict,
    observed: standing.some((e) => points(e, of)),
  });
  const claims = found.map(({ ion, claim, evidence }): JudgedClaim => {
    if (!truth.includes(ion)) return { of: ion, verdict: 'wrong', observed: false };
    const named = standing.filter((e) => evidence.includes(e.number));
    if (!named.some((e) => points(e, ion))) return there(ion, 'unsupported');
    if (claim === 'may-be-present') return there(ion, 'possible');
    return there(ion, named.some((e) => proves(e, ion)) ? 'right' : 'too-early');
  });
  const missed = truth.filter((t) => !found.some((f) => f.ion === t));
  return [...claims, ...missed.map((of) => there(of, standing.some((e) => proves(e, of)) ? 'missed-though-proved' : 'missed'))];
}

const provable = (id: string): boolean =>
  [...testById.values()].some((t) => t.signs?.some((s) => s.proves && s.of.length === 1 && s.of[0] === id));

/** Elements that were never tested for although one was claimed. */
function stoppedEarly(state: CaseState, elements: readonly string[]): Fault[] {
  const claimed = reportOf(state)?.found.filter((f) => elements.includes(f.ion)) ?? [];
  if (state.subject.matter !== 'compound' || !claimed.length) return [];
  const tests = (element: string) => [...testById.values()].filter((t) => t.signs?.some((s) => s.of.includes(element)));
  const done = new Set(state.entries.filter((e) => !e.struck).map((e) => e.test));
  const owed = elements.filter((e) => tests(e).length > 0 && !tests(e).some((t) => done.has(t.id)));
  return owed.length ? [{ kind: 'stopped-early', operations: [], entries: [], of: owed.map(nameOf).join(', ') }] : [];
}

/** Ions of a salt or a solution, elements and groups of a compound: what is there to be found. @throws FormulaError */
export function truthOf(sample: SampleSpec): string[] {
  if ('solution' in sample) return Object.keys(sample.solution);
  if ('salts' in sample) return [...new Set(sample.salts.flatMap((s) => Object.keys(parseSalt(s.formula).ions)))];
  const structures = 'smiles' in sample ? [sample.smiles] : sample.compounds.map((c) => c.smiles);
  return [...new Set(structures.flatMap(holdingsOf))];
}

/**
 * @param truth ions of a salt, or elements and groups of a compound, that are there.
 * @param elements that a sodium fusion is to find.
 */
export function debriefOf(state: CaseState, truth: readonly string[], elements: readonly string[]): Debrief {
  const entries = state.entries.filter((e) => !e.struck).flatMap((e) => compared(e, state) ?? []);
  const claims = claimsOf(state, truth);
  const isConfirmed = (of: string) => reportOf(state)?.found.some((f) => f.ion === of && f.claim === 'confirmed');
  const faults: Fault[] = [
    ...techniqueOf(state),
    ...entries.flatMap((e) =>
      e.faults.map((kind): Fault => ({ kind, operations: [], entries: [e.number], of: e.shown.join('; ') })),
    ),
    ...claims.flatMap((c): Fault[] =>
      c.verdict === 'too-early' || (c.verdict === 'unsupported' && isConfirmed(c.of))
        ? [{ kind: 'too-early', operations: [], entries: [], of: nameOf(c.of) }]
        : [],
    ),
    ...stoppedEarly(state, elements),
  ];
  return { entries: entries.map(({ faults: _, ...e }) => e), claims, faults, operations: branchPoints(state) };
}
