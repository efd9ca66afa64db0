/** What is held up beside a tube: papers, splints, lime water, a flame. */
import type { Op } from '../../bench/ops';
import type { Scene } from '../../senses/drawn';
import { showingOf } from '../../senses/showing';
import { sayObservation } from '../../senses/sentences';
import { isNothing } from '../../vocabulary/observation';
import { FLAME_SALTS, GAS_MAKERS } from '../data/drilled';
import { GAS_TESTS } from '../gas-tests';
import { type Exhibit, type Maker, oneOf, shuffled } from '../drill';
import { add, seenAs, work, type Worked } from './worked';

const sceneOf = (op: Op, { see }: Worked): Scene | undefined => showingOf(op, see)?.scene;

const BASIC = { acid: 'Still acid', just: 'Just basic', far: 'Far too basic' } as const;
const MOST_BASE = 26;

export const justBasic: Maker = (random) => {
  const drops = 1 + Math.floor(random() * MOST_BASE);
  const read: Op = { op: 'paper', vessel: 'A', paper: 'universal-indicator', where: 'liquid', damp: false };
  const acid = 4 + Math.floor(random() * 8);
  const done = work({ solution: { 'Na+': 0.1, 'Cl-': 0.1 }, mL: 10 }, [
    { op: 'take', to: 'A', from: 'sample', mL: 1 },
    add('hydrochloric-acid-2M', acid),
    add('ammonia-2M', drops),
    read,
  ]);
  const last = done?.at(-1);
  const pH = last && seenAs(last, 'paper')?.pH;
  const scene = last && sceneOf(read, last);
  if (pH === undefined || !scene) return null;
  const right = pH < 7 ? 'acid' : pH <= 9 ? 'just' : 'far';
  return {
    skill: 'just-basic',
    key: `${pH}`,
    ask: 'Ammonia is added drop by drop. Is the solution just basic?',
    exhibits: [{ caption: 'Universal indicator paper, before and after', scene }],
    answering: {
      by: 'choice',
      choices: Object.entries(BASIC).map(([id, label]) => ({
        id,
        label,
        credit: id === right ? 1 : (right === 'just') !== (id === 'just') && Math.abs(pH - 7) <= 1.5 ? 0.4 : 0,
      })),
    },
    why: `The paper reads about pH ${pH}.`,
  };
};

interface Held extends Exhibit {
  readonly says: string;
  /** Something came of it. */
  readonly happened: boolean;
}

type GasMaker = (typeof GAS_MAKERS)[number];

/** Everything that can be held at the mouth, each to a tube worked anew; null where one cannot be done. */
function heldTo(maker: GasMaker): Held[] | null {
  const make: Op[] = [
    { op: 'take-solid', to: 'A', grams: 0.2 },
    add(maker.with, 30),
    ...('then' in maker ? [{ op: 'add' as const, to: 'A', reagent: maker.then, grams: 0.3 }] : []),
    ...(maker.gas === 'ammonia' ? [{ op: 'heat' as const, vessel: 'A', to: 'warm' as const, minutes: 2 }] : []),
  ];
  const out = GAS_TESTS.map(({ name, on }) => {
    const op = on('A');
    const last = work({ salts: [{ formula: maker.formula, grams: 2 }] }, [...make, op])?.at(-1);
    const scene = last && sceneOf(op, last);
    if (!scene) return null;
    const happened = last.see.some((o) => !isNothing(o) && o.event !== 'unchanged');
    return { caption: name[0]!.toUpperCase() + name.slice(1), scene, happened, says: last.see.map(sayObservation).join('; ') };
  });
  return out.some((e) => !e) ? null : (out as Held[]);
}

const held = new Map<string, ReturnType<typeof heldTo>>();
function heldOnce(maker: GasMaker): ReturnType<typeof heldTo> {
  let known = held.get(maker.gas);
  if (known === undefined) held.set(maker.gas, (known = heldTo(maker)));
  return known;
}

const SHOWN_AT_ONCE = 5;
const CREDIT_FOR_LIKE = 0.6;

export const gas: Maker = (random) => {
  const maker = oneOf(random, GAS_MAKERS);
  const all = heldOnce(maker);
  if (!all) return null;
  const changed = all.filter(({ says }, i) => GAS_MAKERS.some((m) => m !== maker && heldOnce(m)?.[i]?.says !== says));
  const shown = shuffled(random, changed).slice(0, SHOWN_AT_ONCE);
  const indices = shown.map((s) => all.indexOf(s));
  const alikeTo = (other: GasMaker) => {
    const theirs = heldOnce(other);
    return theirs ? indices.filter((i) => theirs[i]!.says === all[i]!.says).length / indices.length : 0;
  };
  // One that nothing shown tells apart from it could be said as well.
  if (GAS_MAKERS.some((m) => m !== maker && alikeTo(m) === 1)) return null;
  // Nor is one named because nothing happens.
  if (!shown.some((s) => s.happened)) return null;
  return {
    skill: 'gas',
    key: `${maker.gas} ${indices.join('')}`,
    ask: 'Which gas comes off?',
    exhibits: shown.map(({ caption, scene }) => ({ caption, scene: scene! })),
    answering: {
      by: 'choice',
      choices: GAS_MAKERS.map((m) => ({ id: m.gas, label: m.gas, credit: m === maker ? 1 : CREDIT_FOR_LIKE * alikeTo(m) ** 2 })),
    },
    why: `It is ${maker.gas}: ${shown.map((s) => s.says).join('; ')}.`,
  };
};

type FlameMetal = keyof typeof FLAME_SALTS;
const FLAMES = Object.keys(FLAME_SALTS) as FlameMetal[];

interface Flame {
  readonly exhibits: readonly Exhibit[];
  readonly says: string;
  /** The same for flames that no eye tells apart, whatever the order in which their colours come. */
  readonly look: string;
}

/** Grams of common salt beside a gram of the other: as much as clings to everything. */
const SODA_GRAMS = 0.05;

function flameOf(metal: FlameMetal, soda: boolean): Flame | null {
  const salts = [{ formula: FLAME_SALTS[metal], grams: 1 }, ...(soda ? [{ formula: 'NaCl', grams: SODA_GRAMS }] : [])];
  const ops: Op[] = [
    { op: 'flame', from: 'sample', wire: 'clean' },
    { op: 'flame', from: 'sample', wire: 'clean', through: 'cobalt-glass' },
  ];
  const done = work({ salts }, ops);
  const scenes = done?.map((d, i) => sceneOf(ops[i]!, d));
  if (!done || scenes!.some((s) => !s)) return null;
  return {
    exhibits: [
      { caption: 'Seen with the bare eye', scene: scenes![0]! },
      { caption: 'Through cobalt glass', scene: scenes![1]! },
    ],
    says: done.flatMap((d) => d.see.map(sayObservation)).join('; '),
    look: scenes!
      .map((scene) => (scene!.is === 'flame' ? scene!.lights.map(({ hex, flash }) => `${hex} ${flash}`).sort() : []).join())
      .join(' / '),
  };
}

const flames = new Map<string, Flame | null>();
function flameOnce(metal: FlameMetal, soda: boolean): Flame | null {
  const key = `${metal} ${soda}`;
  if (!flames.has(key)) flames.set(key, flameOf(metal, soda));
  return flames.get(key)!;
}

const orOf = (metals: readonly string[]) => metals.join(' or ');

export const flame: Maker = (random) => {
  const metal = oneOf(random, FLAMES);
  const soda = metal !== 'sodium' && random() < 0.5;
  const found = flameOnce(metal, soda);
  if (!found) return null;
  const offered = FLAMES.filter((m) => !soda || m !== 'sodium');
  // What looks the same is one answer: nothing that is shown tells them apart.
  const looks = [...new Set(offered.map((m) => flameOnce(m, soda)?.look))];
  const groups = looks.map((look) => offered.filter((m) => flameOnce(m, soda)?.look === look));
  const alike = groups.find((group) => group.includes(metal))!;
  return {
    skill: 'flame',
    key: `${metal} ${soda}`,
    ask: soda
      ? 'There is a little sodium in everything. Which metal colours this flame besides?'
      : 'Which metal colours this flame?',
    exhibits: found.exhibits,
    answering: {
      by: 'choice',
      choices: groups.map((group) => ({ id: orOf(group), label: orOf(group), credit: group === alike ? 1 : 0 })),
    },
    why: `It is ${metal}: ${found.says}.${
      alike.length > 1
        ? ` ${alike
            .filter((m) => m !== metal)
            .map((m) => `${m[0]!.toUpperCase()}${m.slice(1)}`)
            .join(' and ')} would look the same; a second test tells them apart.`
        : ''
    }`,
  };
};
