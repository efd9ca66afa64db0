/** Boiling, warming and boiling down: followed in strides, with what the vapour carries off. */
import { addAmounts } from '../matter/catalogue';
import { equationsOf } from '../reactions/equations';
import type { ReactionTaken } from '../reactions/redox';
import { BenchError } from './error';
import type { OpOf } from './ops';
import { letReact } from './reacting';
import { runTogether } from './solids';
import { boilDown, carryOff, STEAM_MOL_PER_ML } from './vapour';
import { BOILING_CELSIUS, isEmpty, type Vessel, WATER_PER_LITRE } from './vessel';
import { changed, happenedIn, type Worked } from './wet';

const WARM_CELSIUS = 60;
/** Share of a tube's liquid that a minute of gentle boiling takes, and the most that boiling takes before one stops. */
const BOILED_SHARE = 0.03;
const MOST_BOILED = 0.5;
/** mol of air that a minute takes past a warm liquid. Uncertain: an order of magnitude. */
const DRAUGHT_MOL = 1e-3;
/** Boiling and warming are followed in strides of no more than so many minutes. */
const STRIDE_MINUTES = 1;
/** While it comes to the boil, what is driven out easily goes before slower things happen, minutes. */
const HEATING_UP_MINUTES = 0.3;

export function heat(vessel: Vessel, op: OpOf<'heat'>): Worked {
  if (isEmpty(vessel)) throw new BenchError(`vessel: ${vessel.id} is empty; put something in it before heating`);
  if (vessel.mL <= 0) throw new BenchError(`vessel: ${vessel.id} holds only a solid; use "dry-heat" for a solid`);
  const minutes = op.minutes ?? 1;
  const warm = op.to === 'warm';
  if (op.stoppered && !warm)
    throw new BenchError('stoppered: only what is warmed in a water bath may be stoppered; steam needs a way out');
  const steam = warm ? 0 : Math.min(vessel.mL * MOST_BOILED, vessel.mL * BOILED_SHARE * minutes);
  const draught = op.stoppered ? 0 : DRAUGHT_MOL;
  const streamOf = (time: number) => (warm ? draught * time : (steam * STEAM_MOL_PER_ML * time) / minutes);
  const celsius = warm ? WARM_CELSIUS : BOILING_CELSIUS;
  const taken: ReactionTaken[] = [];
  let now = letReact({ ...vessel, celsius }, { minutes: 0, mixed: true }).vessel;
  now = carryOff(now, streamOf(Math.min(HEATING_UP_MINUTES, minutes)));
  const strides = Math.ceil(minutes / STRIDE_MINUTES);
  for (let i = 0; i < strides; i++) {
    const time = minutes / strides;
    const step = letReact(boilDown(now, steam / strides), { minutes: time, mixed: true, pressure: 1 });
    taken.push(...step.taken);
    const carried = carryOff(step.vessel, streamOf(time));
    now = letReact(carried, { minutes: 0, mixed: true, pressure: 1 }).vessel;
  }
  now = runTogether(now, minutes);
  return { vessel: now, happened: happenedIn(vessel, now, minutes, true), equations: () => equationsOf(taken, vessel, now) };
}

/** What is left of a liquid when it is called dry, mL. */
const DRY_ML = 0.05;
/** Gases that a drying residue gives up are held to this, atm. */
const DRYING_ATM = 0.003;

/** mol/L of sulfuric acid that fumes. */
const FUMING_MOLAR = 17.5;

/** mL to which the sulfuric acid in a liquid is boiled down until it fumes. @throws BenchError when there is none. */
function acidLeft(vessel: Vessel): number {
  const mol = Math.min(vessel.amounts['SO4^2-'] ?? 0, (vessel.amounts['H+'] ?? 0) / 2);
  const mL = (mol / FUMING_MOLAR) * 1000;
  if (mL < DRY_ML) throw new BenchError(`fumes: there is too little sulfuric acid in ${vessel.id}; add some first`);
  return mL;
}

/** The same without its last water. */
function withoutWater(vessel: Vessel): Vessel {
  const water = Math.max(0, vessel.amounts['H2O'] ?? 0);
  return {
    ...vessel,
    mL: 0,
    amounts: addAmounts({ ...vessel.amounts }, { H2O: -water }),
    lost: addAmounts({ ...vessel.lost }, { H2O: water }),
  };
}

/** The solids that dry matter is, as they come out of the last of a liquid. */
export function dryResidue(vessel: Vessel): Vessel {
  const wet = addAmounts({ ...vessel.amounts }, { H2O: (DRY_ML / 1000) * WATER_PER_LITRE });
  const lost = addAmounts({ ...vessel.lost }, { H2O: -(DRY_ML / 1000) * WATER_PER_LITRE });
  return withoutWater(letReact({ ...vessel, mL: DRY_ML, amounts: wet, lost }, { minutes: 2, pressure: DRYING_ATM }).vessel);
}

export function evaporate(vessel: Vessel, op: OpOf<'evaporate'>): Worked {
  if (vessel.mL <= 0) throw new BenchError(`vessel: ${vessel.id} has no liquid to evaporate`);
  const target = op.fumes ? acidLeft(vessel) : op.dry ? 0 : op.to_mL;
  if (target === undefined) throw new BenchError('evaporate: give "to_mL", "dry": true or "fumes": true');
  if (target >= vessel.mL) throw new BenchError(`to_mL: vessel ${vessel.id} already holds only ${vessel.mL.toFixed(2)} mL`);
  let now: Vessel = letReact({ ...vessel, celsius: BOILING_CELSIUS }, { minutes: HEATING_UP_MINUTES }).vessel;
  while (now.mL > Math.max(target, DRY_ML) + 1e-9) {
    const steam = now.mL - Math.max(now.mL * 0.6, Math.max(target, DRY_ML));
    const carried = carryOff(now, steam * STEAM_MOL_PER_ML);
    now = letReact(boilDown(carried, steam), { minutes: 2, pressure: 1 }).vessel;
  }
  if (target === 0) now = withoutWater(letReact(now, { minutes: 2, pressure: DRYING_ATM }).vessel);
  if (op.fumes) now = letReact(now, { minutes: 2, pressure: DRYING_ATM }).vessel;
  const out = changed(vessel, runTogether(now, 5));
  return op.fumes ? { ...out, happened: [...out.happened, { what: 'white-fumes' }] } : out;
}
