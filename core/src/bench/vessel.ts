/** A vessel and the matter in it. Plain data: an operation returns a new vessel. */
import type { Amounts } from '../matter/catalogue';
import type { Colour } from '../vocabulary/words';
import type { SolidSample } from './sample';
import { SOLVENTS } from '../matter/data/reagents';

export interface LayerState {
  readonly solvent: string;
  readonly mL: number;
  /** mol of each dissolved species. */
  readonly solutes: Readonly<Record<string, number>>;
}

/** A heavier acid that was poured down the side and lies below without mixing. */
export interface Beneath {
  readonly mL: number;
  /** What `mixingHeat` its reagent has. */
  readonly mixingHeat: number;
  readonly amounts: Amounts;
}

/** Of a dry sample that was heated, a salt, or several that act on each other. */
export interface HeatedPart {
  readonly sample: SolidSample;
  /** mol over components of what is left. */
  readonly matter: Amounts;
  /** mol of each gas that left. */
  readonly gas: Amounts;
  /** It had water of crystallisation. */
  readonly hydrated: boolean;
  readonly events: readonly ('melted' | 'charred' | 'swelled' | 'decrepitated' | 'sublimed')[];
  readonly sublimate?: Colour;
  /** Colour of the residue where the reaction decides it. */
  readonly residue?: Colour;
}

/** What heating a part of the dry sample brought about. */
export interface DryHeated {
  readonly sample: SolidSample;
  /** In the order of their mass, the most first. */
  readonly parts: readonly HeatedPart[];
  /** Water settled on the cool wall. */
  readonly watery: boolean;
}

/** What a vessel holds at most, mL. */
export const CAPACITY_ML = { tube: 20, beaker: 100, dish: 60 } as const;
export type VesselKind = keyof typeof CAPACITY_ML;

export interface Vessel {
  readonly id: string;
  /** A tube unless it says otherwise. */
  readonly kind?: VesselKind;
  /** Volume of the aqueous liquid. */
  readonly mL: number;
  readonly celsius: number;
  /** Everything in it, mol over components; solids included, the layer and what lies beneath apart. */
  readonly amounts: Amounts;
  /** mol of each solid that is there, equilibrium solids only; inert ones stand in `amounts` as `X(s)`. */
  readonly solids: Readonly<Record<string, number>>;
  /** mol/L of each species. */
  readonly species: Readonly<Record<string, number>>;
  readonly pH: number | null;
  /** mol of each inert solid that lies in pieces: metal as it was put in, sulfur that has run together. */
  readonly lumps?: Readonly<Record<string, number>>;
  readonly layer?: LayerState;
  readonly beneath?: Beneath;
  /** mol of each gas in the mouth of the vessel, and partial pressures over the liquid in atm. */
  readonly gas: Readonly<Record<string, number>>;
  readonly vapour: Readonly<Record<string, number>>;
  /** mol over components that has left as gas, less what was taken from the air. */
  readonly lost: Amounts;
  /** Has it settled? */
  readonly settled: boolean;
  /** What dry heat did in it. */
  readonly heated?: DryHeated;
}

export const ROOM_CELSIUS = 25;
export const BOILING_CELSIUS = 100;
/** Water is not a component of the solver, but its atoms are counted: mol per litre of a dilute solution. */
export const WATER_PER_LITRE = 55.3;

export function emptyVessel(id: string): Vessel {
  return {
    id,
    mL: 0,
    celsius: ROOM_CELSIUS,
    amounts: {},
    solids: {},
    species: {},
    pH: null,
    gas: {},
    vapour: {},
    lost: {},
    settled: true,
  };
}

export const solventById = new Map(SOLVENTS.map((s) => [s.id, s]));

export function isEmpty(vessel: Vessel): boolean {
  return vessel.mL <= 0 && Object.keys(vessel.amounts).length === 0 && !vessel.layer;
}
