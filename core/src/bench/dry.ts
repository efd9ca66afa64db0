/** What heat does to the dry sample in a hard-glass tube. */
import { addAmounts, type Amounts, gasById, overComponents, parseCombination, speciesById } from '../matter/catalogue';
import {
  ACID_LOST,
  AMMONIUM,
  AMMONIUM_FIRES,
  CARBONATE,
  CONDENSING,
  type DecompositionRow,
  DECOMPOSITIONS,
  HEATED_SALTS,
  OXIDES,
  SUBLIMATES,
} from '../matter/data/dry';
import { parseSalt, parted } from '../matter/salts';
import type { Colour } from '../vocabulary/words';
import type { OpOf } from './ops';
import { type SolidSample, solidOf } from './sample';
import { dryResidue } from './heating';
import { BenchError } from './error';
import { emptyVessel, type HeatedPart, isEmpty, ROOM_CELSIUS, type Vessel } from './vessel';
import type { Worked } from './wet';

/** Less of a component than this, mol, is not there. */
export const has = (matter: Amounts, id: string): boolean => (matter[id] ?? 0) > 1e-9;
/** Water of crystallisation and gases below these, mol, do not show. */
const WATER_MOL = 1e-5;
const GAS_MOL = 1e-7;

function over(text: string): Record<string, number> {
  const sum: Record<string, number> = {};
  for (const [count, token] of parseCombination(text))
    addAmounts(sum, token.endsWith('(s)') ? { [token]: 1 } : (speciesById.get(token)?.of ?? overComponents(token)), count);
  return sum;
}

const STRONG_CELSIUS = 600;
const GENTLE_CELSIUS = 250;

/** A portion of the sample as heat takes it apart. */
class Heating {
  readonly matter: Record<string, number>;
  readonly gas: Record<string, number> = {};
  readonly lost: Record<string, number> = {};
  readonly events: HeatedPart['events'][number][] = [];
  residue: Colour | undefined;

  /** @param matter mol over components; it is not changed. */
  constructor(
    matter: Amounts,
    private readonly strong: boolean,
  ) {
    this.matter = { ...matter };
  }

  has(id: string): boolean {
    return has(this.matter, id);
  }

  leave(id: string, mol: number): void {
    const { of } = gasById.get(id)!;
    this.gas[id] = (this.gas[id] ?? 0) + mol;
    addAmounts(this.matter, of, -mol);
    addAmounts(this.lost, of, mol);
  }

  dry(): void {
    const crystal = this.matter['H2O'] ?? 0;
    if (crystal > 0) addAmounts(this.lost, { H2O: crystal });
    delete this.matter['H2O'];
  }

  /** Takes one reaction so many times: what it makes stays, its gases leave. */
  private change(row: Pick<DecompositionRow, 'from' | 'to' | 'gases' | 'events' | 'residue'>, times: number): void {
    addAmounts(this.matter, addAmounts(over(row.to), over(row.from), -1), times);
    delete this.matter['H2O'];
    for (const id of row.gases) {
      const made = parseCombination(row.to).find(([, token]) => token === id)?.[0] ?? 1;
      this.leave(id, made * times);
    }
    this.events.push(...(row.events ?? []));
    this.residue = row.residue ?? this.residue;
  }

  /** Ammonium burns with its anion, sublimes with it, or leaves as ammonia, which what is basic beside it drives out. */
  ammonium(sublimes: boolean): void {
    const { base, acid } = AMMONIUM;
    if (!this.has(base)) return;
    const fire = AMMONIUM_FIRES.find((f) => this.has(f.anion));
    if (fire) {
      const from = over(fire.from);
      this.change(fire, Math.min(this.matter[base]! / from[base]!, this.matter[fire.anion]! / from[fire.anion]!));
    }
    const left = this.matter[base]!;
    const carbonate = this.carbonateGoes('gentle') ? 0 : (this.matter[CARBONATE.anion] ?? 0);
    const driven = left - (this.matter[acid] ?? 0) + CARBONATE.acidEach * carbonate;
    const mol = sublimes ? Math.min(left, driven) : left;
    if (mol > GAS_MOL) this.leave(base, mol);
  }

  decompose(): void {
    for (const row of DECOMPOSITIONS) {
      if (!this.has(row.anion) || (row.strong && !this.strong)) continue;
      if (row.cations && !row.cations.some((id) => this.has(id))) continue;
      if (row.not?.some((id) => this.has(id))) continue;
      const most = this.matter[row.anion]! / over(row.from)[row.anion]!;
      const times = row.oxide ? Math.min(most, -(this.matter['H+'] ?? 0) / over(row.to)['H+']!) : most;
      if (times > 0) this.change(row, times);
    }
  }

  private carbonateGoes(ease: 'gentle' | 'strong'): boolean {
    return Object.keys(OXIDES).some((id) => this.has(id) && OXIDES[id]!.carbonate === ease);
  }

  carbonate(): void {
    const { anion, gas, acid, acidEach } = CARBONATE;
    if (!this.has(anion)) return;
    const goes = this.carbonateGoes('gentle') || (!!this.strong && this.carbonateGoes('strong'));
    const spare = Math.max(0, this.matter[acid] ?? 0) / acidEach;
    const mol = goes ? this.matter[anion]! : Math.min(this.matter[anion]!, spare);
    if (mol > GAS_MOL) this.leave(gas, mol);
  }

  /** Goes to the cool wall: all of it over a strong flame, too little to miss over a gentle one. */
  sublime(of: Amounts): void {
    if (!this.strong) return;
    const times = Math.min(...Object.entries(of).map(([id, count]) => (id === 'H+' ? Infinity : this.matter[id]! / count)));
    addAmounts(this.matter, of, -times);
    addAmounts(this.lost, of, times);
  }

  /** An acid salt runs together with loss of water. @returns whether it did. */
  condense(): boolean {
    const acid = (this.matter['H+'] ?? 0) > GAS_MOL;
    const goes = Object.entries(CONDENSING).some(
      ([id, { strong, alone }]) =>
        this.has(id) && (this.strong || !strong) && (acid || (!!alone && (this.matter['H+'] ?? 0) > -GAS_MOL)),
    );
    if (goes) this.events.push('melted');
    return goes;
  }

  acidWithWater(hydrated: boolean): void {
    const { anion, cations, gas, share } = ACID_LOST;
    if (hydrated && this.has(anion) && cations.some((id) => this.has(id))) this.leave(gas, this.matter[anion]! * share);
  }

  private sublimate() {
    return SUBLIMATES.find(({ of }) => Object.keys(of).every((id) => id === 'H+' || this.has(id)));
  }

  /** All that heat does, in the order of temperature. @returns what settles on the cool wall. */
  through(hydrated: boolean) {
    this.dry();
    this.ammonium(!!this.sublimate());
    for (const salt of HEATED_SALTS)
      if (salt.hydrated === hydrated && salt.needs.every((id) => this.has(id))) this.events.push(salt.event);
    this.decompose();
    this.carbonate();
    this.acidWithWater(hydrated);
    const sublimate = this.sublimate();
    if (sublimate) {
      this.sublime(sublimate.of);
      this.events.push('sublimed');
    }
    return sublimate;
  }
}

const contents = (sample: SolidSample): Amounts => parted(sample.perGram);

/** Do they act on each other when heated: ammonium and what it burns with or is driven out by, a carbonate and an acid salt? */
function actTogether(one: SolidSample, other: SolidSample): boolean {
  const meetsAmmonium = (b: Amounts) => AMMONIUM_FIRES.some((f) => has(b, f.anion)) || (b[AMMONIUM.acid] ?? 0) < 0;
  const act = (a: Amounts, b: Amounts) =>
    (has(a, AMMONIUM.base) && meetsAmmonium(b)) || (has(a, CARBONATE.anion) && has(b, CARBONATE.acid));
  const [a, b] = [contents(one), contents(other)];
  return act(a, b) || act(b, a);
}

/** What is less than this share of a sample does not change what becomes of the rest. Uncertain. */
const ACTING_SHARE = 0.05;

/** The salts of a sample, those that act on each other as one; the most first. */
function partsOf({ salts, grams }: SolidSample): SolidSample[] {
  const acts = (part: SolidSample) => part.grams >= ACTING_SHARE * grams;
  const parts = salts.reduce<SolidSample[]>((found, salt) => {
    const alone = solidOf([salt]);
    const meets = found.filter((part) => acts(part) && acts(alone) && actTogether(part, alone));
    return [...found.filter((part) => !meets.includes(part)), solidOf([...meets.flatMap((part) => part.salts), salt])];
  }, []);
  return parts.sort((a, b) => b.grams - a.grams);
}

interface Heated {
  readonly part: HeatedPart;
  readonly lost: Amounts;
  readonly watery: boolean;
}

function heatPart(sample: SolidSample, op: OpOf<'dry-heat'>): Heated {
  const heating = new Heating(addAmounts({}, parted(sample.perGram), op.grams), !!op.strong);
  const hydrated = crystalWater(sample, op.grams) > WATER_MOL;
  const fires = heating.has(AMMONIUM.base) && AMMONIUM_FIRES.some((f) => heating.has(f.anion));
  const acid = heating.matter[CARBONATE.acid] ?? 0;
  // A hydroxide gives up half of its hydrogen and oxygen as water, an oxide none.
  const basic = acid < 0 && (heating.matter['H2O'] ?? 0) + acid / 2 > WATER_MOL;
  const acidSalt = heating.has(CARBONATE.anion) && (heating.matter[CARBONATE.acid] ?? 0) > 1e-6;
  const sublimate = heating.through(hydrated);
  const condensed = heating.condense();
  const { matter, gas, lost, events, residue } = heating;
  const colours = { ...(sublimate && { sublimate: sublimate.colour }), ...(residue && { residue }) };
  return {
    part: { sample, matter, gas, hydrated, events, ...colours },
    lost,
    watery: fires || hydrated || acidSalt || basic || condensed,
  };
}

/** Heats a part of the sample in a hard-glass tube, gently or strongly: each salt as if alone, but for those that act on each other. */
export function dryHeat(sample: SolidSample, op: OpOf<'dry-heat'>): Vessel {
  const heated = partsOf(sample).map((part) => heatPart(part, { ...op, grams: (op.grams * part.grams) / sample.grams }));
  const parts = heated.map(({ part }) => part);
  const sum = (of: readonly Amounts[]) => of.reduce<Record<string, number>>((all, amounts) => addAmounts(all, amounts), {});
  return {
    ...emptyVessel(op.to),
    amounts: sum(parts.map(({ matter }) => matter)),
    gas: sum(parts.map(({ gas }) => gas)),
    lost: sum(heated.map(({ lost }) => lost)),
    celsius: op.strong ? STRONG_CELSIUS : GENTLE_CELSIUS,
    heated: { sample, parts, watery: heated.some(({ watery }) => watery) },
  };
}

/** Burns off in the open at a red heat. */
const BURNS = ['C(s)', 'S(s)'];
/** mol of a sublimate that is seen as smoke. */
const SMOKE_MOL = 1e-5;

/**
 * Heats a dry residue to redness and lets it cool. That oxides made so dissolve more slowly than fresh ones is not followed.
 * @throws BenchError where there is liquid left, or nothing.
 */
export function ignite(vessel: Vessel): Worked {
  if (vessel.mL > 0) throw new BenchError(`vessel: ${vessel.id} still holds liquid; evaporate it to dryness first`);
  if (isEmpty(vessel)) throw new BenchError(`vessel: ${vessel.id} is empty; there is nothing to ignite`);
  if (vessel.kind === 'beaker') throw new BenchError(`vessel: a beaker cracks at a red heat; evaporate in a dish instead`);
  const heating = new Heating(vessel.amounts, true);
  const ammonium = heating.matter[AMMONIUM.base] ?? 0;
  // One goes after another: what is left of the first lets the next be seen.
  for (let left = SUBLIMATES.length; left > 0 && heating.through(false); left--);
  for (const id of BURNS) {
    const mol = heating.matter[id] ?? 0;
    if (mol <= 0) continue;
    addAmounts(heating.matter, { [id]: -mol });
    addAmounts(heating.lost, { [id]: mol });
  }
  const { heated: _, ...before } = vessel;
  const lost = addAmounts({ ...vessel.lost }, heating.lost);
  const after = dryResidue({ ...before, amounts: heating.matter, gas: {}, lost, celsius: ROOM_CELSIUS });
  const smoke = ammonium - (heating.matter[AMMONIUM.base] ?? 0) > SMOKE_MOL ? [{ what: 'white-fumes' as const }] : [];
  return {
    vessel: after,
    happened: [{ what: 'change', from: vessel, to: after }, { what: 'gas', left: heating.gas, vessel: after }, ...smoke],
  };
}

function crystalWater(sample: SolidSample, grams: number): number {
  return sample.salts.reduce((sum, s) => {
    const salt = parseSalt(s.formula);
    return sum + (salt.water * s.grams * grams) / sample.grams / salt.molarMass;
  }, 0);
}
