/** Tests on the dry sample: flame, bead, charcoal, heating in a hard-glass tube. */
import { addAmounts, type Amounts, gasById, overComponents, parseCombination, speciesById } from '../matter/catalogue';
import {
  AMMONIUM_FIRES,
  BEADS,
  type DecompositionRow,
  DECOMPOSITIONS,
  HEATED_SALTS,
  DRY_COLOURS,
  FLAMES,
  OXIDES,
  SUBLIMATES,
  TINTS,
  VOLATILITY,
} from '../matter/data/dry';
import { parseSalt } from '../matter/salts';
import type { Observation } from '../senses/vocabulary';
import type { OpOf } from './ops';
import type { Sample } from './sample';
import { emptyVessel, type Vessel } from './vessel';

type Colour = Observation['colour'];

const has = (matter: Amounts, id: string) => (matter[id] ?? 0) > 1e-9;

/** Moles that take part in a flame, as a share of everything but water. */
export function flameTest(matter: Amounts, op: OpOf<'flame'>): Observation[] {
  const through = op.through ?? 'none';
  const total = Object.entries(matter).reduce((s, [id, mol]) => (id === 'H2O' || id === 'H+' ? s : s + Math.max(0, mol)), 0);
  const chloride = has(matter, 'Cl-') || has(matter, 'Br-') || has(matter, 'NO3-');
  const volatility = chloride ? 1 : Math.min(1, ...Object.keys(VOLATILITY).map((id) => (has(matter, id) ? VOLATILITY[id]! : 1)));
  let best: (typeof FLAMES)[number] | null = null;
  let most = 0.25;
  for (const row of FLAMES) {
    let share = total > 0 ? Math.max(0, matter[row.component] ?? 0) / total : 0;
    if (row.component === 'Na+' && op.wire === 'dirty') share += 0.02;
    const colour = through === 'cobalt-glass' ? row.glass : row.colour;
    const light = share * 100 * row.brightness * (row.component === 'Na+' ? 1 : volatility);
    if (colour !== 'none' && light / 4 > most) {
      most = light / 4;
      best = row;
    }
  }
  if (!best) return [{ channel: 'flame', colour: 'none', through }];
  const colour = (through === 'cobalt-glass' ? best.glass : best.colour) as Colour;
  return [{ channel: 'flame', colour, through, duration: best.duration }];
}

export function beadTest(matter: Amounts, op: OpOf<'bead'>): Observation[] {
  const which = (op.zone === 'oxidising' ? 0 : 2) + (op.look === 'hot' ? 0 : 1);
  let colour: string = 'colourless';
  let most = 0;
  for (const row of BEADS) {
    const amount = row.components.reduce((s, id) => s + Math.max(0, matter[id] ?? 0), 0) * row.strength;
    if (amount > most) {
      most = amount;
      colour = row.colours[which]!;
    }
  }
  return [{ channel: 'bead', zone: op.zone, look: op.look, colour: colour as Colour }];
}

export function charcoalTest(matter: Amounts, op: OpOf<'charcoal'>): Observation[] {
  const metals = Object.keys(OXIDES).filter((id) => has(matter, id));
  const telling = metals.filter((id) => !['Na+', 'K+', 'Li+'].includes(id));
  const shown = telling.length ? telling : metals;
  const residue = OXIDES[shown.sort((a, b) => (matter[b] ?? 0) - (matter[a] ?? 0))[0] ?? '']?.charcoal ?? 'none';
  const colours = new Set(shown.map((id) => OXIDES[id]!.charcoal));
  const dark = [...colours].find((c) => c !== 'white' && c !== 'none');
  const out: Observation[] = [{ channel: 'solid', look: 'cold', colour: (dark ?? residue) as Colour }];
  if (op.then) {
    const white = !dark;
    const acidic = has(matter, 'PO4^3-') || has(matter, 'H3BO3') || has(matter, 'H2SiO3');
    const tint = shown.map((id) => OXIDES[id]!.cobalt).find((c) => c !== undefined);
    const colour = !white ? dark! : acidic && tint !== 'pink' ? 'blue' : (tint ?? 'grey');
    out.push({ channel: 'solid', event: 'colour-changed', look: 'cold', colour: colour as Colour });
  }
  return out;
}

/** Colour of a dry solid made of these salts. */
export function dryColour(sample: Extract<Sample, { kind: 'solid' }>): string {
  let word = 'white';
  let most = 0;
  for (const { formula, grams } of sample.salts) {
    const salt = parseSalt(formula);
    const own = DRY_COLOURS[salt.formula] ?? tint(salt.ions, salt.water > 0);
    if (own !== 'white' && grams > most) {
      most = grams;
      word = own;
    }
  }
  return word;
}

function tint(ions: Readonly<Record<string, number>>, hydrated: boolean): string {
  for (const id of Object.keys(ions)) if (TINTS[id]) return TINTS[id][hydrated ? 0 : 1];
  return 'white';
}

function over(text: string): Record<string, number> {
  const sum: Record<string, number> = {};
  for (const [count, token] of parseCombination(text))
    addAmounts(sum, token.endsWith('(s)') ? { [token]: 1 } : (speciesById.get(token)?.of ?? overComponents(token)), count);
  return sum;
}

export interface DryHeated {
  readonly vessel: Vessel;
  readonly see: Observation[];
}

/** Heats a part of the sample in a hard-glass tube, gently or strongly. */
export function dryHeat(sample: Extract<Sample, { kind: 'solid' }>, op: OpOf<'dry-heat'>): DryHeated {
  const matter = addAmounts({}, sample.perGram, op.grams);
  const gas: Record<string, number> = {};
  const given: Record<string, number> = {};
  const see: Observation[] = [];
  const before = dryColour(sample);
  const events: Observation['event'][] = [];
  let residue: string | undefined;

  const leave = (id: string, mol: number, of: Amounts) => {
    gas[id] = (gas[id] ?? 0) + mol;
    addAmounts(matter, of, -mol);
    addAmounts(given, of, mol);
  };

  /** Takes one reaction so many times: what it makes stays, its gases leave. */
  const change = (row: Pick<DecompositionRow, 'from' | 'to' | 'gases' | 'events' | 'residue'>, times: number) => {
    addAmounts(matter, addAmounts(over(row.to), over(row.from), -1), times);
    delete matter['H2O'];
    for (const id of row.gases) {
      const made = parseCombination(row.to).find(([, token]) => token === id)?.[0] ?? 1;
      leave(id, made * times, gasById.get(id)!.of);
    }
    events.push(...(row.events ?? []));
    residue = row.residue ?? residue;
  };

  const crystal = matter['H2O'] ?? 0;
  const bound = crystalWater(sample, op.grams);
  const fires = AMMONIUM_FIRES.some((f) => has(matter, f.anion)) && has(matter, 'NH3');
  const watery = fires || bound > 1e-5 || (has(matter, 'CO3^2-') && (matter['H+'] ?? 0) > 1e-6);
  if (crystal > 0) addAmounts(given, { H2O: crystal });
  delete matter['H2O'];

  const sublimed = SUBLIMATES.find((s) => s.needs.every((id) => has(matter, id)));
  const ammonium = has(matter, 'NH3') && (matter['H+'] ?? 0) > 0;
  const fire = ammonium ? AMMONIUM_FIRES.find((f) => has(matter, f.anion)) : undefined;
  if (fire) {
    const from = over(fire.from);
    const burnt = Math.min(matter['NH3']! / from['NH3']!, matter[fire.anion]! / from[fire.anion]!);
    change(fire, burnt);
  } else if (ammonium && !sublimed) leave('NH3', matter['NH3']!, gasById.get('NH3')!.of);

  for (const salt of HEATED_SALTS)
    if (salt.hydrated === bound > 1e-5 && salt.needs.every((id) => has(matter, id))) events.push(salt.event);

  for (const row of DECOMPOSITIONS) {
    if (!has(matter, row.anion) || (row.strong && !op.strong)) continue;
    if (row.cations && !row.cations.some((id) => has(matter, id))) continue;
    if (row.not?.some((id) => has(matter, id))) continue;
    change(row, matter[row.anion]! / over(row.from)[row.anion]!);
  }
  if (has(matter, 'CO3^2-')) {
    const metals = Object.keys(OXIDES).filter((id) => has(matter, id));
    const goes = metals.some((id) => OXIDES[id]!.carbonate === 'gentle' || (op.strong && OXIDES[id]!.carbonate === 'strong'));
    const spare = Math.max(0, matter['H+'] ?? 0);
    const mol = goes ? matter['CO3^2-']! : Math.min(matter['CO3^2-']!, spare / 2);
    if (mol > 1e-7) leave('CO2', mol, gasById.get('CO2')!.of);
  }
  const acidSalt =
    bound > 1e-5 && has(matter, 'Cl-') && ['Al3+', 'Fe3+', 'Mg2+', 'Zn2+', 'Cr3+', 'Bi3+', 'Sn2+'].some((id) => has(matter, id));
  if (acidSalt) leave('HCl', matter['Cl-']! * 0.3, gasById.get('HCl')!.of);

  if (watery) see.push({ channel: 'droplets', event: 'formed' });
  else see.push({ channel: 'droplets', event: 'none' });
  for (const [id, mol] of Object.entries(gas)) {
    const colour = gasById.get(id)!.senses.colour ?? 'colourless';
    if (mol > 1e-6) see.push({ channel: 'gas', event: 'evolved', colour: colour as Colour });
  }
  if (sublimed) {
    see.push({ channel: 'sublimate', event: 'formed', colour: sublimed.colour as Colour });
    events.push('sublimed');
  } else if (has(matter, 'S(s)')) see.push({ channel: 'sublimate', event: 'formed', colour: 'yellow' });
  else see.push({ channel: 'sublimate', event: 'none' });

  const looks = residueColours(sample, matter, Object.keys(gas).length > 0, bound > 1e-5, before, residue);
  for (const event of new Set(events)) see.push({ channel: 'solid', event: event! });
  for (const look of ['hot', 'cold'] as const) {
    const colour = looks[look];
    see.push({ channel: 'solid', look, colour: colour as Colour, event: colour === before ? 'unchanged' : 'colour-changed' });
  }
  return {
    see,
    vessel: { ...emptyVessel(op.to), amounts: matter, gas, given, celsius: op.strong ? 600 : 250 },
  };
}

function crystalWater(sample: Extract<Sample, { kind: 'solid' }>, grams: number): number {
  return sample.salts.reduce((sum, s) => {
    const salt = parseSalt(s.formula);
    return sum + (salt.water * s.grams * grams) / sample.grams / salt.molarMass;
  }, 0);
}

function residueColours(
  sample: Extract<Sample, { kind: 'solid' }>,
  matter: Amounts,
  decomposed: boolean,
  dried: boolean,
  before: string,
  residue: string | undefined,
): { hot: string; cold: string } {
  if (residue) return { hot: residue, cold: residue };
  const metals = Object.keys(OXIDES).filter((id) => has(matter, id));
  const oxide = metals.map((id) => OXIDES[id]!).find((o) => o.cold !== 'white' || o.hot !== 'white');
  // What is left is an oxide where no anion that survives the heat is there to hold the metal.
  const kept = ['SO4^2-', 'Cl-', 'Br-', 'I-', 'PO4^3-', 'F-', 'CrO4^2-', 'AsO4^3-', 'HS-'].some((id) => has(matter, id));
  const bare = !kept;
  if (oxide && bare && (decomposed || sample.salts.some((s) => parseSalt(s.formula).formula.includes('O'))))
    return { hot: oxide.hot, cold: oxide.cold };
  if (dried) {
    const ions = Object.keys(matter).find((id) => TINTS[id]);
    const dry = ions ? TINTS[ions]![1] : before;
    return { hot: dry, cold: dry };
  }
  return { hot: before, cold: before };
}
