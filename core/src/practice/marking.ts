/** Marks that are proposed for a report, and what came of a set: who took what for what, and which unknowns part the class. */
import { FREE_WORK, testTitle } from '../scheme/tests';
import type { CaseState } from '../record/case';
import { nameOf } from '../senses/names';
import type { ClaimVerdict, Debrief } from './debrief';

export interface MarkLine {
  readonly for: 'claim' | 'observation';
  readonly of: string;
  readonly verdict: string;
  readonly marks: number;
  readonly outOf: number;
}

/** Marks for a claim: what is there and proved is worth most, what may be there half; a wrong claim takes one away. */
const CLAIM_MARKS = 4;
const CLAIMS: Readonly<Record<ClaimVerdict, { readonly say: string; readonly marks: number; readonly outOf: number }>> = {
  right: { say: 'right', marks: CLAIM_MARKS, outOf: CLAIM_MARKS },
  'too-early': { say: 'right, but the evidence only points to it', marks: CLAIM_MARKS / 2, outOf: CLAIM_MARKS },
  possible: { say: 'said to be possible, with evidence', marks: CLAIM_MARKS / 2, outOf: CLAIM_MARKS },
  unsupported: { say: 'is there, but no entry that was named shows it', marks: 0, outOf: CLAIM_MARKS },
  wrong: { say: 'wrong', marks: -1, outOf: 0 },
  missed: { say: 'missing', marks: 0, outOf: CLAIM_MARKS },
  'missed-though-proved': { say: 'missing, though it was proved', marks: 0, outOf: CLAIM_MARKS },
};
/** Marks for having seen, and written down, something that shows an ion, element or group that is there: once, however often it was. */
const OBSERVATION_MARKS = 2;

/** The marks that there are to have depend on what is there, not on how much was written or claimed. */
export function proposedMarks({ claims }: Pick<Debrief, 'claims'>): MarkLine[] {
  const there = claims.filter((c) => c.verdict !== 'wrong');
  return [
    ...claims.map((c): MarkLine => {
      const { say, marks, outOf } = CLAIMS[c.verdict];
      return { for: 'claim', of: nameOf(c.of), verdict: say, marks, outOf };
    }),
    ...there.map(({ of, observed }): MarkLine => ({
      for: 'observation',
      of: `A sign of ${nameOf(of)}`,
      verdict: observed ? 'seen and written down' : 'in no entry',
      marks: observed ? OBSERVATION_MARKS : 0,
      outOf: OBSERVATION_MARKS,
    })),
  ];
}

export const sumOf = (lines: readonly MarkLine[]) => ({
  marks: Math.max(
    0,
    lines.reduce((sum, l) => sum + l.marks, 0),
  ),
  of: lines.reduce((sum, l) => sum + l.outOf, 0),
});

export interface Reported {
  readonly student: string;
  readonly identity: string;
  readonly truth: readonly string[];
  readonly claimed: readonly string[];
  /** What was written, entry by entry. */
  readonly words: readonly string[];
}

/** What is there and was not claimed, against what was claimed in its place: of the same kind. */
export function confusionsIn(reports: readonly Reported[], kindOf: (id: string) => string) {
  const counts = new Map<string, { there: string; claimed: string; count: number }>();
  for (const { truth, claimed } of reports) {
    const missed = truth.filter((t) => !claimed.includes(t));
    const wrong = claimed.filter((c) => !truth.includes(c));
    for (const there of missed)
      for (const taken of wrong) {
        if (kindOf(there) !== kindOf(taken)) continue;
        const key = `${there} ${taken}`;
        const known = counts.get(key) ?? { there, claimed: taken, count: 0 };
        counts.set(key, { ...known, count: known.count + 1 });
      }
  }
  return [...counts.values()].sort((a, b) => b.count - a.count);
}

const isRight = ({ truth, claimed }: Reported) => truth.length === claimed.length && truth.every((t) => claimed.includes(t));

/**
 * By unknown: share of wholly right reports, and the discrimination: that share in the better half of the class less that in the
 * other, where both have it.
 */
export function itemsIn(reports: readonly Reported[]) {
  const score = new Map<string, number[]>();
  for (const r of reports) score.set(r.student, [...(score.get(r.student) ?? []), Number(isRight(r))]);
  const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;
  const ranked = [...score].map(([student, all]) => [student, mean(all)] as const).sort((a, b) => b[1] - a[1]);
  const better = new Set(ranked.slice(0, Math.ceil(ranked.length / 2)).map(([s]) => s));
  const by = grouped(reports);
  return [...by].map(([identity, list]) => {
    const share = (of: readonly Reported[]) => (of.length ? mean(of.map((r) => Number(isRight(r)))) : null);
    const [up, down] = [share(list.filter((r) => better.has(r.student))), share(list.filter((r) => !better.has(r.student)))];
    return {
      identity,
      reports: list.length,
      right: share(list)!,
      discrimination: up === null || down === null ? null : up - down,
    };
  });
}

function grouped(reports: readonly Reported[]): Map<string, Reported[]> {
  const out = new Map<string, Reported[]>();
  for (const r of reports) out.set(r.identity, [...(out.get(r.identity) ?? []), r]);
  return out;
}

/** Minutes that went to each test, of a case on the average, the longest first. */
export function timeIn(states: readonly CaseState[]) {
  const minutes = new Map<string, number>();
  for (const { operations } of states)
    for (const { test = FREE_WORK, result } of operations)
      minutes.set(testTitle(test), (minutes.get(testTitle(test)) ?? 0) + (result?.minutes ?? 0) / states.length);
  return [...minutes]
    .map(([test, spent]) => ({ test, minutes: Math.round(10 * spent) / 10 }))
    .sort((a, b) => b.minutes - a.minutes);
}

/** Words in a row that are taken together. */
const SHINGLE = 5;
/** Share of them that two reports of different unknowns have in common, from which it is worth a look. */
const ALIKE = 0.4;
const LEAST = 6;

const shingles = (words: readonly string[]): string[] => {
  const all =
    words
      .join(' ')
      .toLowerCase()
      .match(/[\p{L}\p{N}]+/gu) ?? [];
  return all.slice(SHINGLE - 1).map((_, i) => all.slice(i, i + SHINGLE).join(' '));
};

/** Pairs of reports of different unknowns that say much the same in the same words. */
export function alikeIn(reports: readonly Reported[]) {
  const read = reports.map((r) => ({ ...r, said: shingles(r.words) }));
  const out: { a: string; b: string; share: number; example: string }[] = [];
  for (const [j, b] of read.entries())
    for (const a of read.slice(0, j)) {
      if (a.identity === b.identity || a.student === b.student) continue;
      const theirs = new Set(b.said);
      const common = [...new Set(a.said)].filter((s) => theirs.has(s));
      const fewest = Math.min(new Set(a.said).size, theirs.size);
      const share = fewest ? common.length / fewest : 0;
      if (common.length >= LEAST && share >= ALIKE) out.push({ a: a.student, b: b.student, share, example: common[0]! });
    }
  return out.sort((x, y) => y.share - x.share);
}
