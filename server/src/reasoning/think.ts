/** The thinking itself: what a record proves and what to do next. */
import { loadAtlas, loadCompounds } from '#atlas';
import { advise, type Advice, type Bounds, proving } from '#core/reasoning/advise';
import { type CompoundLeaf, compoundLeaf, CompoundSpace, isBeyond, judgedApart, type Possible } from '#core/reasoning/compounds';
import type { RecordEntry } from '#core/reasoning/entries';
import { type Suspect, infer, type Inference, PROMPT, type State, THOROUGH } from '#core/reasoning/infer';
import { parting, settling } from '#core/reasoning/settle';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { routeOf, setAside } from '#core/scheme/route';
import { type HouseRules, schoolOf } from '#core/scheme/rules';
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

export type Answer = Omit<Extract<ReasoningView, { waiting: null }>, 'waiting'>;

const LIMITS = { cations: 2, anions: 2 };
/** More than are shown: the sample that is left may not do for all of them. */
const ADVICE = 12;
const UNPROVED: ReadonlySet<State> = new Set(['hinted', 'indicated']);
const EFFORTS = { prompt: PROMPT, thorough: THOROUGH };
const spaces = new Map<string, Space>();
const leaves = new Map<string, CompoundLeaf>();

function ownLeaf(of: Possible): CompoundLeaf {
  const key = JSON.stringify(of);
  let leaf = leaves.get(key);
  if (!leaf) leaves.set(key, (leaf = compoundLeaf(of)));
  return leaf;
}

async function saltSpace(rules: HouseRules): Promise<Space> {
  const school = schoolOf(rules);
  let space = spaces.get(school);
  if (!space) spaces.set(school, (space = new SaltSpace(await loadAtlas(), school, LIMITS)));
  return space;
}

let compounds: { readonly key: string; readonly space: CompoundSpace } | undefined;

async function compoundSpace(own: readonly Possible[]): Promise<CompoundSpace> {
  const key = JSON.stringify(own);
  if (compounds?.key !== key) {
    const atlas = await loadCompounds();
    compounds = {
      key,
      space: new CompoundSpace(
        atlas,
        own.map((of) => ({ of, leaf: ownLeaf(of) })),
      ),
    };
  }
  return compounds.space;
}

const adviceView = (a: Advice): AdviceView => ({ ...a, splits: [...a.splits] });

async function answer(
  space: Space,
  inference: Inference,
  suspects: readonly Suspect[],
  bounds: Bounds,
  beyond: boolean,
  own: readonly Possible[],
): Promise<Answer> {
  const known = space.scheme === 'organic' ? [...own.map(ownView), ...(await libraryView())] : [];
  const few = space.scheme === 'organic' ? parting(space, inference, bounds) : null;
  return {
    suspects: suspects.map((c) => ({
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
      settle: settling(space, inference, c, bounds)?.test ?? null,
    })),
    unused: [...inference.unused],
    next: advise(space, inference, bounds, ADVICE).map(adviceView),
    further: false,
  };
}

/** @param stopped asked now and then: true when nobody waits for the answer any more. */
export async function think(
  { entries, rules, simulated, matter, own, effort }: Question,
  stopped: () => boolean,
): Promise<Answer> {
  const done = new Set(entries.map((e) => e.test));
  if (matter === 'salt') {
    const space = await saltSpace(rules);
    const inference = infer(space, entries, { ...EFFORTS[effort], stopped });
    const found = await answer(space, inference, inference.suspects, { rules, simulated, done }, false, []);
    return { ...found, further: effort === 'prompt' && inference.doubtful };
  }
  const space = await compoundSpace(own);
  const inference = infer(space, entries);
  const beyond = isBeyond(inference, entries);
  const aside = setAside(routeOf(entries, rules, simulated, 'organic'));
  return answer(
    space,
    inference,
    beyond ? apart(space, inference, entries) : inference.suspects,
    { rules, simulated, done, aside },
    beyond,
    own,
  );
}

/** Where each element and group stands when no compound that is known explains the record. */
function apart(space: CompoundSpace, inference: Inference, entries: readonly RecordEntry[]): Suspect[] {
  const probabilities = judgedApart(space, entries);
  return inference.suspects.map((c, i) => {
    const probability = probabilities[i]!;
    const state = probability >= 0.9 ? 'indicated' : probability <= 0.01 ? 'ruled-out' : probability > 0.5 ? 'hinted' : 'open';
    return { ...c, probability, state };
  });
}
