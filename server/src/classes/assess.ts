/** Unknowns weighed before they are set: how hard each is, which two cannot be told apart, and sets drawn so that all can. */
import difficulties from '#difficulty' with { type: 'json' };
import { loadCompounds } from '#atlas';
import { LIBRARY } from '#core/organic/library';
import { difficultiesFrom } from '#core/practice/difficulties';
import { CompoundSpace } from '#core/reasoning/compounds';
import { difficultyOf, partedBy } from '#core/reasoning/difficulty';
import { type Difficulty, hardness } from '#core/reasoning/hardness';
import { FORMS } from '#core/reasoning/hypotheses';
import { weightOf } from '#core/reasoning/priors';
import { testsOf } from '#core/scheme/tests';
import type { SampleSpec } from '#core/bench/sample';
import type { DrawingOfSet, DrawnSet, Untold, UnknownSample } from '#contract';
import { alone, nameOfUnknown, type Placed, placed } from '../../../atlas/src/placed';

const TABLE = difficultiesFrom(difficulties);
/** Decibans from which two are told apart: twenty to one. */
const TOLD = 13;
const COMPOUND_GRAMS = 3;

/** Do the allowed tests tell two apart? A salt and a compound are told apart by the first look. */
function told(a: Placed, b: Placed, tests: readonly string[]): boolean {
  if (a.space !== b.space) return true;
  let decibans = 0;
  return tests.some((test) => (decibans += partedBy(a.space, a.member, b.member, test)) >= TOLD);
}

const allOf = (p: Placed) => testsOf(p.space.scheme).map((t) => t.id);

/** The test, of those not allowed, that best tells two apart. */
function tellingTest(a: Placed, b: Placed, allowed: readonly string[]): string | null {
  const best = allOf(a)
    .filter((t) => !allowed.includes(t))
    .map((t) => [t, partedBy(a.space, a.member, b.member, t)] as const)
    .sort((x, y) => y[1] - x[1])[0];
  return best && best[1] >= TOLD / 2 ? best[0] : null;
}

function untoldIn(all: readonly (Placed | null)[], allowed: readonly string[] | null): Untold[] {
  const out: Untold[] = [];
  for (const [b, second] of all.entries())
    for (const [a, first] of all.slice(0, b).entries()) {
      if (!first || !second || (first.space === second.space && first.member === second.member)) continue;
      const tests = allowed ?? allOf(first);
      if (!told(first, second, tests)) out.push({ a, b, by: tellingTest(first, second, tests) });
    }
  return out;
}

const difficultyIn = (at: Placed, allowed: readonly string[] | null): Difficulty =>
  (allowed === null ? TABLE[at.name] : undefined) ?? difficultyOf(at.space, at.member, allowed && new Set(allowed));

/** A sample with what it takes to find it; null where nothing known is like it. */
export interface Weighed {
  readonly name: string;
  readonly difficulty: Difficulty | null;
}

/** Samples with how hard they are, and which two of them the allowed tests do not tell apart. */
export interface Assessed {
  readonly weighed: readonly Weighed[];
  readonly untold: readonly Untold[];
}

export async function assess(samples: readonly SampleSpec[], tests: readonly string[] | null): Promise<Assessed> {
  const each = (await Promise.all(samples.map((s) => placed([s])))).flat();
  const weighed = samples.map((sample, i): Weighed => {
    const at = each[i];
    return { name: at?.name ?? nameOfUnknown(sample), difficulty: at ? difficultyIn(at, tests) : null };
  });
  return { weighed, untold: untoldIn(await placed(samples), tests) };
}

/** Salts that are met so seldom that nobody sets them. */
const COMMONEST_SHARE = 0.6;
/** Candidates that are looked at for each that is wanted, and beyond. */
const MORE = 12;

async function candidates(matter: DrawingOfSet['matter']): Promise<{ placed: Placed; unknown: UnknownSample }[]> {
  if (matter === 'compound') {
    const compounds = new CompoundSpace(await loadCompounds());
    return LIBRARY.map(({ smiles, name }, member) => ({
      placed: { space: compounds, member, name },
      unknown: { smiles, grams: COMPOUND_GRAMS },
    }));
  }
  const salts = await alone();
  const all = salts.members.flatMap(({ salts: [form] }, member) => {
    const { sample, ions } = FORMS[form!]!;
    return 'salts' in sample && ions.length === 2
      ? [
          {
            placed: { space: salts, member, name: salts.called(member) },
            unknown: { salts: [...sample.salts] },
            weight: weightOf(FORMS[form!]!),
          },
        ]
      : [];
  });
  return all.sort((a, b) => b.weight - a.weight).slice(0, Math.round(all.length * COMMONEST_SHARE));
}

/** Unknowns of about equal difficulty that the allowed tests tell apart. @param random numbers in 0…1. */
export async function drawSet({ matter, count, tests, minutes }: DrawingOfSet, random: () => number): Promise<DrawnSet> {
  const all = (await candidates(matter)).filter((c) => (TABLE[c.placed.name]?.right ?? 0) > 0.5);
  const hard = (c: (typeof all)[number]) => hardness(TABLE[c.placed.name]!);
  const sorted = [...all].sort((a, b) => hard(a) - hard(b));
  const wanted = minutes ?? hard(sorted[Math.floor((0.2 + 0.6 * random()) * sorted.length)]!);
  const near = sorted
    .map((c) => ({ c, off: Math.abs(hard(c) - wanted) * (0.75 + 0.5 * random()) }))
    .sort((a, b) => a.off - b.off)
    .slice(0, count + MORE)
    .map(({ c }) => c);
  const taken: typeof near = [];
  for (const c of near) {
    if (taken.length === count) break;
    const allowed = tests ?? allOf(c.placed);
    if (taken.every((t) => told(t.placed, c.placed, allowed))) taken.push(c);
  }
  // Where the allowed tests tell too few apart, the rest are given all the same, and named.
  for (const c of near) if (taken.length < count && !taken.includes(c)) taken.push(c);
  const unknowns = taken.map(({ placed: at, unknown }) => ({ name: at.name, unknown, difficulty: difficultyIn(at, tests) }));
  return {
    unknowns,
    untold: untoldIn(
      taken.map((c) => c.placed),
      tests,
    ),
  };
}
