/** `./foxing bench`: how long the solver and a whole run take, and how they compare with the plain reference solver. */
import { runScript } from '#core/senses/script';
import { pose } from '#core/equilibrium/system';
import { solve } from '#core/equilibrium/solver';
import { addAmounts, overComponents } from '#core/matter/catalogue';
import { solvePlainly } from '../core/test/reference';

const VESSELS: readonly (readonly [name: string, molar: Readonly<Record<string, number>>])[] = [
  ['ammoniacal copper', { 'Cu2+': 0.05, 'SO4^2-': 0.05, NH3: 2, 'NH4+': 0.1, 'Cl-': 0.1 }],
  ['silver and lead chlorides', { 'Ag+': 0.05, 'Pb2+': 0.05, 'NO3-': 0.15, 'H+': 0.3, 'Cl-': 0.3 }],
  ['second group', { 'Cu2+': 0.02, 'Cd2+': 0.02, 'Bi3+': 0.01, 'Pb2+': 0.005, 'Cl-': 0.42, 'H+': 0.5, 'S2-': 0.1 }],
  [
    'third group',
    {
      'Fe3+': 0.02,
      'Al3+': 0.02,
      'Cr3+': 0.02,
      'Zn2+': 0.02,
      'Mg2+': 0.02,
      'Ca2+': 0.02,
      NH3: 1,
      'NH4+': 0.5,
      'Cl-': 0.8,
      'NO3-': 0.02,
    },
  ],
  [
    'phosphate in the third group',
    { 'Fe3+': 0.02, 'Ca2+': 0.02, 'Mg2+': 0.02, 'Na+': 0.3, 'PO4^3-': 0.05, NH3: 0.5, 'NH4+': 0.5, 'Cl-': 0.79 },
  ],
  [
    'everything in one tube',
    {
      'Ag+': 0.01,
      'Pb2+': 0.01,
      'Cu2+': 0.01,
      'Cd2+': 0.01,
      'Fe3+': 0.01,
      'Al3+': 0.01,
      'Zn2+': 0.01,
      'Ni2+': 0.01,
      'Ba2+': 0.01,
      'Mg2+': 0.01,
      'NO3-': 0.6,
      'Cl-': 0.05,
      'SO4^2-': 0.01,
      'NH4+': 0.44,
    },
  ],
];

const GROUPS = {
  sample: {
    solution: { 'Ag+': 0.02, 'Cu2+': 0.02, 'Fe3+': 0.02, 'Zn2+': 0.02, 'Ba2+': 0.02, 'Mg2+': 0.02, 'NO3-': 0.24 },
    mL: 20,
    acid: 0.3,
  },
  steps: [
    { op: 'take', to: 'A', from: 'sample', mL: 3 },
    { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', drops: 8 },
    { op: 'centrifuge', vessel: 'A' },
    { op: 'decant', from: 'A', to: 'B' },
    { op: 'pass', to: 'B', gas: 'hydrogen-sulfide', minutes: 5 },
    { op: 'centrifuge', vessel: 'B' },
    { op: 'decant', from: 'B', to: 'C' },
    { op: 'heat', vessel: 'C', to: 'boil', minutes: 5 },
    { op: 'add', to: 'C', reagent: 'nitric-acid-6M', drops: 6 },
    { op: 'heat', vessel: 'C', to: 'boil', minutes: 3 },
    { op: 'add', to: 'C', reagent: 'ammonium-chloride-2M', mL: 1 },
    { op: 'add', to: 'C', reagent: 'ammonia-6M', mL: 1 },
    { op: 'centrifuge', vessel: 'C' },
    { op: 'decant', from: 'C', to: 'D' },
    { op: 'pass', to: 'D', gas: 'hydrogen-sulfide', minutes: 3 },
    { op: 'centrifuge', vessel: 'D' },
    { op: 'decant', from: 'D', to: 'E' },
    { op: 'add', to: 'E', reagent: 'ammonium-carbonate-1M', drops: 10 },
    { op: 'centrifuge', vessel: 'E' },
    { op: 'decant', from: 'E', to: 'F' },
    { op: 'add', to: 'F', reagent: 'sodium-phosphate-0.3M', drops: 8 },
    { op: 'stand', vessel: 'F', minutes: 10 },
  ],
};

function times(work: () => unknown, rounds: number): { median: number; worst: number } {
  for (let i = 0; i < 5; i++) work();
  const all: number[] = [];
  for (let i = 0; i < rounds; i++) {
    const start = performance.now();
    work();
    all.push(performance.now() - start);
  }
  all.sort((a, b) => a - b);
  return { median: all[Math.floor(all.length / 2)]!, worst: all.at(-1)! };
}

const ms = (value: number) => `${value.toFixed(3)} ms`;

export function bench(): number {
  for (const [name, molar] of VESSELS) {
    const amounts: Record<string, number> = {};
    for (const [id, m] of Object.entries(molar)) addAmounts(amounts, overComponents(id), m);
    const { problem } = pose(amounts, { litres: 1, celsius: 25, pressure: 1 });
    const ours = times(() => solve(problem), 200);
    const plain = times(() => solvePlainly(problem), 10);
    const size = `${problem.totals.length} components, ${problem.lnBeta.length} species, ${problem.phaseLnK.length} phases`;
    process.stdout.write(
      `${name} (${size}): median ${ms(ours.median)}, worst ${ms(ours.worst)}; plain ${ms(plain.median)}, ratio ${(plain.median / ours.median).toFixed(0)}\n`,
    );
  }
  const whole = times(() => runScript(GROUPS), 20);
  process.stdout.write(`six-group run of ${GROUPS.steps.length} steps: median ${ms(whole.median)}, worst ${ms(whole.worst)}\n`);
  return 0;
}
