/** Sets of samples to be worked: every form of a salt, mixtures as they are set, the library of compounds, and compounds beyond it. */
import { LIBRARY } from '#core/organic/library';
import { FORMS } from '#core/reasoning/hypotheses';
import { weightOf, weightTogether } from '#core/reasoning/priors';
import { MIXED } from '#core/reasoning/salt-members';
import { SHARING } from '#core/reasoning/data/priors';
import { holdingsOf } from '#core/organic/structure';
import { seeded } from '#core/reasoning/student';
import type { Job } from './solve-one';
import { UNLISTED } from './unlisted';

export const SETS = ['singles', 'mixtures', 'compounds', 'unlisted'] as const;
export type SetName = (typeof SETS)[number];

export interface Task extends Pick<Job, 'sample' | 'truth' | 'name' | 'seed' | 'mixed'> {
  /** How often it is met, relative to how often the set has it: belief is calibrated for what is met. */
  readonly weight: number;
}

/** A double salt: more than one cation or anion. */
const isDouble = (ions: readonly string[]) => ions.length > 2;

const singles = (count: number, seed: number): Task[] =>
  FORMS.slice(0, count).map((form, i) => ({
    sample: form.sample,
    truth: form.ions,
    seed: seed + i,
    mixed: isDouble(form.ions),
    weight: weightOf(form),
  }));

const compound = (smiles: string, seed: number): Task => ({
  sample: { smiles, grams: 5 },
  truth: holdingsOf(smiles),
  seed,
  mixed: false,
  weight: 1,
});

const compounds = (count: number, seed: number): Task[] =>
  LIBRARY.slice(0, count).map(({ name, smiles }, i) => ({ ...compound(smiles, seed + i), name }));

const unlisted = (count: number, seed: number): Task[] => UNLISTED.slice(0, count).map((smiles, i) => compound(smiles, seed + i));

/** Pairs that would destroy each other on the shelf. */
const OXIDISERS = new Set(['NO3-', 'NO2-', 'ClO3-', 'MnO4-', 'Cr2O7^2-', 'CrO4^2-', 'Fe(CN)6^3-']);
const REDUCERS = new Set([
  'SO3^2-',
  'S2-',
  'S2O3^2-',
  'I-',
  'HCOO-',
  'C2O4^2-',
  'SCN-',
  'CN-',
  'C4H4O6^2-',
  'Sn2+',
  'Fe2+',
  'As3+',
  'Sb3+',
  'Hg2^2+',
  'Fe(CN)6^4-',
]);
const ACIDIC = new Set(['Al3+', 'Cr3+', 'Fe3+', 'Bi3+', 'Sb3+', 'Sn2+', 'Sn4+', 'As3+', 'Hg2+', 'Hg2^2+']);
const BASIC = new Set(['CO3^2-', 'HCO3-', 'SO3^2-', 'S2-', 'S2O3^2-', 'NO2-', 'CN-', 'SiO3^2-']);

function destroys(ions: readonly string[]): boolean {
  const has = (set: ReadonlySet<string>) => ions.some((i) => set.has(i));
  return (
    (has(OXIDISERS) && has(REDUCERS)) ||
    (has(ACIDIC) && has(BASIC)) ||
    (ions.includes('NH4+') && (ions.includes('NO2-') || ions.includes('ClO3-') || ions.includes('MnO4-')))
  );
}

/** Drawn as often as they are set. */
function mixtures(count: number, seed: number): Task[] {
  const random = seeded(seed);
  const forms = MIXED.map((i) => FORMS[i]!);
  const pick = () => forms[Math.floor(random() * forms.length)]!;
  const most = SHARING * Math.max(...forms.map(weightOf)) ** 2;
  const out: Task[] = [];
  while (out.length < count) {
    const [a, b] = [pick(), pick()];
    const truth = [...new Set([...a.ions, ...b.ions])];
    if (a === b || destroys(truth) || random() * most >= weightTogether(a, b)) continue;
    out.push({
      sample: {
        salts: [
          { formula: a.name, grams: 1.5 },
          { formula: b.name, grams: 1.5 },
        ],
      },
      truth,
      seed: seed + out.length,
      mixed: true,
      weight: 1,
    });
  }
  return out;
}

const USUAL_MIXTURES = 50;

/** The samples of a set: all of it, or so many. */
export function samplesOf(set: SetName, seed: number, count?: number): Task[] {
  switch (set) {
    case 'singles':
      return singles(count ?? FORMS.length, seed);
    case 'mixtures':
      return mixtures(count ?? USUAL_MIXTURES, seed);
    case 'compounds':
      return compounds(count ?? LIBRARY.length, seed);
    case 'unlisted':
      return unlisted(count ?? UNLISTED.length, seed);
  }
}

/** How many possibilities there are for one sample of a set. */
export const possibilitiesOf = (set: SetName): number =>
  set === 'mixtures' ? MIXED.length ** 2 : set === 'singles' ? FORMS.length : LIBRARY.length;
