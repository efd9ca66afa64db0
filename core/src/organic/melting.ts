/** Melting and boiling points: from the library, else estimated; and what a small apparatus shows of them. */
import { asRead } from '../vocabulary/readings';
import { BOILING, CONTRIBUTIONS, MELTING } from './data/points';
import { inLibrary, meltsAs } from './library';
import { boilingAt } from './thermometer';
import { matchesOf, type Structure, structureOf } from './structure';

export interface Points {
  /** °C; absent where the compound decomposes or sublimes first. */
  readonly melts?: number;
  readonly boils?: number;
  readonly decomposes: boolean;
  /** By group contributions rather than from the library; see `ESTIMATE_ERROR`. */
  readonly estimated: boolean;
}

/** Sums below this mean no more than that a point is very low. */
const LEAST_SUM = 1.3;
const pointAt = ({ scale }: { readonly scale: number }, sum: number): number =>
  Math.round(scale * Math.log(Math.max(LEAST_SUM, sum)) - 273.15);

/** Boiling and melting points from groups alone, °C. */
export function estimatedPoints(s: Structure): { melts: number; boils: number } {
  let boils: number = BOILING.constant;
  let melts: number = MELTING.constant;
  for (const row of CONTRIBUTIONS) {
    const n = matchesOf(s, row.smarts).length;
    boils += n * row.boils;
    melts += n * row.melts;
  }
  return { melts: pointAt(MELTING, melts), boils: pointAt(BOILING, boils) };
}

/** An estimate is told as a range this wide to each side, °C: about half of its error, so that it is not taken for a measurement. */
const TOLD_WITHIN = { melts: 20, boils: 10 } as const;
/** Inner salts and sugars fall apart rather than melt, and not below this, °C. */
const FALLS_APART = 180;
const fallsApart = (s: Structure): boolean => s.has('amino-acid', 'carbohydrate');

const known = new Map<string, Points>();

export function pointsOf(s: Structure): Points {
  let out = known.get(s.key);
  if (out) return out;
  const listed = inLibrary(s.smiles);
  if (s.salt && !listed) {
    // Ions hold together: a metal's salt chars before it melts, an amine's melts high or falls apart.
    const melts = s.salt.metal ? undefined : Math.max(180, estimatedPoints(s).melts + 60);
    known.set(s.key, (out = { ...(melts !== undefined && { melts }), decomposes: true, estimated: true }));
    return out;
  }
  const melts = listed && meltsAs(listed, s.smiles);
  const guess = melts && listed?.boils ? undefined : estimatedPoints(s);
  out = listed
    ? {
        ...(melts && { melts: melts.celsius }),
        ...(listed.boils && { boils: listed.boils.celsius }),
        decomposes: !!(melts?.decomposes ?? listed.boils?.decomposes),
        estimated: false,
      }
    : fallsApart(s)
      ? { melts: Math.max(FALLS_APART, guess!.melts), decomposes: true, estimated: true }
      : { ...guess!, decomposes: guess!.boils > 450, estimated: true };
  known.set(s.key, out);
  return out;
}

const ROOM = 25;
export const isSolid = (s: Structure): boolean => s.salt !== undefined || (pointsOf(s).melts ?? -273) > ROOM;

/** Molar entropy of melting of a rigid molecule, J/(mol K). Walden's rule. */
const MELTING_ENTROPY = 56.5;
const R = 8.314;

export interface MeltingConditions {
  /** °C per minute near the melting point; 2 is right. */
  readonly rate?: number;
  /** Mole fraction of something else in it. */
  readonly impurity?: number;
  /** Not dried: water counts as an impurity. */
  readonly damp?: boolean;
  /** SMILES of a reference that was ground with it, half and half. */
  readonly mixedWith?: string;
}

/** Mole fraction of water in a sample that was not dried. By judgement. */
const DAMP = 0.04;
/** °C by which the thermometer lags for each °C per minute over the right rate. By judgement. */
const LAG = 0.35;
const RIGHT_RATE = 2;

export interface Range {
  readonly from: number;
  readonly to: number;
  readonly decomposes: boolean;
}

/**
 * The range in which a sample in a capillary is seen to melt, °C.
 * @returns undefined for what is liquid at room temperature or gives no melting point.
 */
export function meltingRange(s: Structure, how: MeltingConditions = {}): Range | undefined {
  const { melts, decomposes, estimated } = pointsOf(s);
  if (melts === undefined || melts <= ROOM) return undefined;
  const other = how.mixedWith === undefined ? undefined : structureOf(how.mixedWith);
  const foreign = (how.impurity ?? 0) + (how.damp ? DAMP : 0) + (other && other.key !== s.key ? 0.5 : 0);
  const kelvin = melts + 273.15;
  // Freezing-point depression, ln(1 − x) kept so that half and half stays finite.
  const fall = Math.min(kelvin * 0.25, (-R * kelvin * Math.log(1 - foreign)) / MELTING_ENTROPY);
  const lag = LAG * Math.max(0, (how.rate ?? RIGHT_RATE) - RIGHT_RATE);
  const unsure = estimated ? TOLD_WITHIN.melts : 0;
  const to = melts - 0.6 * fall + lag + unsure;
  const width = 1 + 0.5 * fall + lag * 0.6 + 2 * unsure;
  return { from: asRead('thermometer', to - width), to: asRead('thermometer', to), decomposes };
}

/** Boiling range in a micro tube at a pressure in kPa, °C; undefined where it decomposes or is not liquid below 350 °C. */
export function boilingRange(s: Structure, kPa = 101.3): Range | undefined {
  const { boils, decomposes, estimated } = pointsOf(s);
  if (boils === undefined || boils > 350 || isSolid(s)) return undefined;
  const at = boilingAt(boils, kPa);
  const unsure = estimated ? TOLD_WITHIN.boils : 0;
  return { from: asRead('thermometer', at - 1 - unsure), to: asRead('thermometer', at + 0.5 + unsure), decomposes };
}
