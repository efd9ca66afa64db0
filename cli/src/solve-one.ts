/** One sample, worked and judged against what was in it. */
import type { SampleSpec } from '#core/bench/sample';
import { advise } from '#core/reasoning/advise';
import { type Atlas, rulesFor, rulesOfSchool } from '#core/reasoning/atlas';
import type { CompoundAtlas } from '#core/reasoning/compound-atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { isElement } from '#core/reasoning/kinds';
import { isCation } from '#core/reasoning/hypotheses';
import { infer } from '#core/reasoning/infer';
import { type Observer, perfect, seeded, student } from '#core/reasoning/student';
import { solve, type WayOfWorking } from '#core/reasoning/solve';
import { SaltSpace, type Space } from '#core/reasoning/space';
import type { School } from '#core/scheme/model';
import { testsOf } from '#core/scheme/tests';

export interface Job {
  readonly sample: SampleSpec;
  /** What is to be found: ions, or elements and groups. */
  readonly truth: readonly string[];
  /** The compound's name in the library, if it has one there. */
  readonly name?: string;
  readonly way: WayOfWorking;
  readonly school: School;
  readonly observer: 'perfect' | 'student';
  readonly seed: number;
  /** May it be a mixture? */
  readonly mixed: boolean;
}

export interface Outcome {
  readonly name: string;
  readonly cations: readonly string[];
  readonly anions: readonly string[];
  readonly elements: readonly string[];
  readonly groups: readonly string[];
  /** The likeliest compounds, best first. */
  readonly compounds: readonly string[];
  readonly correct: boolean;
  readonly elementsRight: boolean;
  readonly groupsRight: boolean;
  readonly tests: number;
  readonly minutes: number;
  readonly sample_mg: number;
  readonly confirmed: readonly string[];
  readonly wrongConfirmed: readonly string[];
  /** What is in it and was ruled out. */
  readonly trueRuledOut: readonly string[];
  /** Bits of the best first test. */
  readonly mostBits: number;
  /** How likely each suspect was thought to be, along the way and at the end, and whether it was there. */
  readonly said: readonly { readonly p: number; readonly there: boolean }[];
  readonly log: readonly unknown[];
}

export interface Atlases {
  readonly salts?: Atlas;
  readonly compounds?: CompoundAtlas;
}

const spaces = new Map<string, Space>();

function spaceFor(atlases: Atlases, { sample, school, mixed }: Job): Space {
  const compound = 'smiles' in sample;
  const key = compound ? 'compound' : `${school} ${mixed}`;
  let space = spaces.get(key);
  if (!space) {
    const limits = mixed ? { cations: 2, anions: 2 } : { cations: 1, anions: 1 };
    space = compound ? new CompoundSpace(atlases.compounds!) : new SaltSpace(atlases.salts!, rulesOfSchool(school), limits);
    spaces.set(key, space);
  }
  return space;
}

const same = (a: readonly string[], b: readonly string[]) => a.length === b.length && a.every((x) => b.includes(x));
const nameOf = (sample: SampleSpec) =>
  'salts' in sample ? sample.salts.map((s) => s.formula).join(' + ') : 'smiles' in sample ? sample.smiles : 'solution';

/** Far from the seeds of observers: the same seed reads the same way, however the bench differs. */
const BENCH_SEED = 7919;

/** Who writes, and by what each of a student's tests differs from the usual. */
const workerOf = ({ observer, seed }: Job): [writes: Observer, random?: () => number] =>
  observer === 'perfect' ? [perfect] : [student(seeded(seed)), seeded(BENCH_SEED + seed)];

/**
 * By group, the signs that tests have of it. Of an ether, or where in a molecule a halogen stands, there is none; an alkene and an
 * alkyne have the same, so that nothing tells which of them it is.
 */
const SIGNS: ReadonlyMap<string, string> = testsOf('organic')
  .flatMap((t) => (t.signs ?? []).flatMap((sign, i) => sign.of.map((id) => [id, `${t.id} ${i}`] as const)))
  .reduce((all, [id, sign]) => all.set(id, `${all.get(id) ?? ''}; ${sign}`), new Map<string, string>());
const toldApart = (groups: readonly string[]) => [...new Set(groups.flatMap((g) => SIGNS.get(g) ?? []))];

/** Candidates that are called right when the compound is among them. */
const TOP = 5;

export function workOn(atlases: Atlases, job: Job): Outcome {
  const space = spaceFor(atlases, job);
  const compound = space.scheme === 'organic';
  const bounds = { rules: rulesFor(space.scheme), simulated: true, done: new Set<string>() };
  const mostBits = Math.max(...advise(space, infer(space, []), bounds, 300).map((a) => a.bits));
  const done = solve(space, job.sample, job.way, ...workerOf(job));
  const likely = done.inference.suspects.filter((c) => c.probability >= 0.5).map((c) => c.id);
  const found = compound ? likely : done.found;
  const elements = found.filter(isElement);
  const groups = compound ? found.filter((f) => !isElement(f)) : [];
  const compounds = done.inference.candidates.flatMap((i) => (i.name === undefined ? [] : [i.name]));
  const elementsRight = same(elements, job.truth.filter(isElement));
  const groupsRight = same(toldApart(groups), toldApart(job.truth.filter((t) => !isElement(t))));
  return {
    name: job.name ?? nameOf(job.sample),
    cations: compound ? [] : found.filter(isCation),
    anions: compound ? [] : found.filter((i) => !isCation(i)),
    elements: compound ? elements : [],
    groups,
    compounds: compounds.slice(0, TOP),
    correct: !compound
      ? same(found, job.truth)
      : job.name === undefined
        ? elementsRight && groupsRight
        : compounds.slice(0, TOP).includes(job.name),
    elementsRight,
    groupsRight,
    tests: done.tests,
    minutes: done.minutes,
    sample_mg: done.sample_mg,
    confirmed: done.confirmed,
    wrongConfirmed: done.confirmed.filter((i) => !job.truth.includes(i)),
    trueRuledOut: done.inference.suspects.filter((s) => s.state === 'ruled-out' && job.truth.includes(s.id)).map((s) => s.id),
    mostBits,
    said: done.thoughts.flat().map((c) => ({ p: c.probability, there: job.truth.includes(c.id) })),
    log: done.log,
  };
}
