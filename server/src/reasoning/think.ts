/** The thinking itself: what a record proves and what to do next. */
import { LRUCache } from 'lru-cache';
import { loadAtlas, loadCompounds } from '#atlas';
import { advise, type Advice, proving } from '#core/reasoning/advise';
import { type Bounds, boundsOf } from '#core/reasoning/premises';
import { type CompoundLeaf, compoundLeaf, type Possible } from '#core/reasoning/compound-atlas';
import { CompoundSpace, isBeyond } from '#core/reasoning/compounds';
import { OTHER_ANSWERS } from '#core/reasoning/atlas';
import { type RecordEntry, underTheirTests } from '#core/reasoning/entries';
import { infer, type Inference, PROMPT, type State, SURE } from '#core/reasoning/infer';
import { parting, settlingTest } from '#core/reasoning/settle';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { answerTo, type HouseRules } from '#core/scheme/rules';
import type { AdviceView, Effort, ReasoningView } from '#contract';
import { libraryView, ownView } from '../compounds/view';

export interface Question {
  readonly entries: readonly RecordEntry[];
  readonly rules: HouseRules;
  readonly simulated: boolean;
  readonly matter: 'salt' | 'compound';
  /** The person's own compounds. */
  readonly own: readonly Possible[];
  readonly effort: Effort;
}

/** Milliseconds for working out what procedures without a name show on every salt. */
const WORKING_MS = { prompt: 1500, thorough: 8000 };
const STILL_WORKED = 'what was done is still being worked out for every salt; look again in a moment';

/** Entries of which it is known what was done would show, and those for which there was no time. */
function workedOut(space: SaltSpace, entries: readonly RecordEntry[], ms: number) {
  const until = performance.now() + ms;
  const isReady = ({ test }: RecordEntry) => space.isWorked(test) || (performance.now() < until && space.knows(test));
  const ready = entries.filter(isReady);
  return { ready, late: entries.filter((e) => !ready.includes(e)) };
}

/** How a first look words what only a closer one may say: it has considered single salts alone. */
const AT_FIRST: Readonly<Partial<Record<State, State>>> = { confirmed: 'indicated', 'ruled-out': 'open', conflict: 'hinted' };
const SINGLE = { cations: 1, anions: 1 };

export type Answer = Omit<Extract<ReasoningView, { waiting: null }>, 'waiting'>;

const LIMITS = { cations: 2, anions: 2 };
/** More than are shown: the sample that is left may not do for all of them. */
const ADVICE = 12;
const UNPROVED: ReadonlySet<State> = new Set(['hinted', 'indicated']);
const EFFORTS = { prompt: PROMPT, thorough: SURE };
/** Probability from which on what is likeliest may be taken for found. */
const FOUND = 0.95;
const leaves = new Map<string, CompoundLeaf>();

function ownLeaf(of: Possible): CompoundLeaf {
  const key = JSON.stringify(of);
  let leaf = leaves.get(key);
  if (!leaf) leaves.set(key, (leaf = compoundLeaf(of)));
  return leaf;
}

/** Spaces that are kept, of laboratories that work alike. */
const SPACES = 12;
/** The answers of the house rules on which outcomes hang. */
const answersIn = (rules: HouseRules): string =>
  JSON.stringify(['cation-scheme', ...OTHER_ANSWERS.map((a) => a.question)].map((question) => answerTo(rules, question)));

/** Spaces of one kind, by what they hang on. */
class Spaces<S extends Space & object> {
  private readonly known = new LRUCache<string, S>({ max: SPACES });

  async of(key: string, make: () => Promise<S>): Promise<S> {
    const before = this.known.get(key);
    if (before) return before;
    const space = await make();
    this.known.set(key, space);
    return space;
  }
}

const saltSpaces = new Spaces<SaltSpace>();
const compoundSpaces = new Spaces<CompoundSpace>();

const saltSpace = (rules: HouseRules, limits: typeof LIMITS): Promise<SaltSpace> =>
  saltSpaces.of(`salt ${limits.cations} ${answersIn(rules)}`, async () => new SaltSpace(await loadAtlas(), rules, limits));

const compoundSpace = (rules: HouseRules, own: readonly Possible[]): Promise<CompoundSpace> =>
  compoundSpaces.of(
    `compound ${answersIn(rules)} ${JSON.stringify(own)}`,
    async () =>
      new CompoundSpace(
        await loadCompounds(),
        own.map((of) => ({ of, leaf: ownLeaf(of) })),
        rules,
      ),
  );

const adviceView = (a: Advice): AdviceView => ({ ...a, splits: [...a.splits] });

async function answer(
  space: Space,
  entries: readonly RecordEntry[],
  inference: Inference,
  bounds: Bounds,
  beyond: boolean,
  own: readonly Possible[],
): Promise<Answer> {
  const known = space.scheme === 'organic' ? [...own.map(ownView), ...(await libraryView())] : [];
  const settling = new Map<string, string>();
  const settle = (conflict: Inference['conflicts'][number]) => {
    const about = conflict.ions.join(' ');
    const test = settling.get(about) ?? settlingTest(space, inference, entries, conflict, bounds);
    settling.set(about, test);
    return test;
  };
  const few = space.scheme === 'organic' ? parting(space, inference, bounds) : null;
  return {
    suspects: inference.suspects.map((c) => ({
      ...c,
      because: [...c.because],
      proof: (UNPROVED.has(c.state) && proving(space, c.id, bounds)) || null,
    })),
    candidates: inference.candidates.map(({ ions, probability, against, name }) => {
      const compound = name === undefined ? undefined : known.find((c) => c.name === name);
      return {
        ions: [...ions],
        probability,
        against: [...against],
        ...(name !== undefined && { name }),
        ...(compound && { compound }),
      };
    }),
    parting: few && adviceView(few),
    beyond,
    conflicts: inference.conflicts.map((c) => ({
      ...c,
      ions: [...c.ions],
      against: [...c.against],
      settle: settle(c),
    })),
    unused: [...inference.unused],
    next: advise(space, inference, bounds, ADVICE).map(adviceView),
    first: false,
    further: false,
  };
}

/** What a record says among single salts, for who would else wait long: nothing is settled by it, and a thorough look follows. */
async function firstLook({ entries: written, rules, simulated }: Question): Promise<Answer> {
  const space = await saltSpace(rules, SINGLE);
  // Who looks first does not wait for what has to be worked out first.
  const entries = underTheirTests(written, space.scheme, rules).filter((e) => space.isWorked(e.test));
  const inference = { ...infer(space, entries, { most: 0 }), conflicts: [] };
  const bounds = boundsOf(space, entries, inference, { rules, simulated });
  const found = await answer(space, entries, inference, bounds, false, []);
  const suspects = found.suspects.map((s) => ({ ...s, state: AT_FIRST[s.state] ?? s.state }));
  return { ...found, suspects, first: true, further: true };
}

/**
 * @param asksFirst whether a first answer will do; of compounds every look is quick.
 * @param stopped asked now and then: true when what there is will do.
 */
export async function think(question: Question, asksFirst: boolean, stopped: () => boolean): Promise<Answer> {
  const { rules, simulated, matter, own, effort } = question;
  if (matter === 'salt') {
    if (asksFirst) return firstLook(question);
    const space = await saltSpace(rules, LIMITS);
    const entries = underTheirTests(question.entries, space.scheme, rules);
    const { ready, late } = workedOut(space, entries, WORKING_MS[effort]);
    const inference = infer(space, ready, { ...EFFORTS[effort], stopped });
    const found = await answer(space, ready, inference, boundsOf(space, entries, inference, { rules, simulated }), false, []);
    const taken = inference.candidates[0]!.probability >= FOUND;
    const unused = [...found.unused, ...late.map(({ number: entry }) => ({ entry, why: STILL_WORKED }))];
    // While something is still being worked out it is a first answer, and is not remembered.
    const isFirst = late.length > 0;
    return { ...found, unused, first: isFirst, further: effort === 'prompt' && (isFirst || inference.doubtful || taken) };
  }
  const space = await compoundSpace(rules, own);
  const entries = underTheirTests(question.entries, space.scheme, rules);
  const inference = infer(space, entries);
  const bounds = boundsOf(space, entries, inference, { rules, simulated });
  return answer(space, entries, inference, bounds, isBeyond(space, inference.weights), own);
}
