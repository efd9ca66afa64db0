/** The solids of a vessel: how much there is, and whether it changed. */
import { inertById, inertSolids, solidById } from '../matter/catalogue';
import { molarMass, parseFormula } from '../matter/formula';
import type { SolidTraits } from '../matter/data/solids';
import type { Colour, Texture } from '../vocabulary/words';
import { BOILING_CELSIUS, type Vessel } from './vessel';

export interface SolidPart {
  readonly formula: string;
  readonly mg: number;
  readonly colour: Colour;
  readonly texture: Texture;
  readonly traits: SolidTraits;
  /** Does it lie in pieces: metal as it was put in, sulfur that has run together? */
  readonly lumped: boolean;
}

/** mol of an inert solid that lies in pieces. */
export const lumpsOf = ({ lumps, amounts }: Vessel, formula: string): number =>
  Math.min(lumps?.[formula] ?? 0, amounts[`${formula}(s)`] ?? 0);

const massCache = new Map<string, number>();
function gramsPerMol(formula: string): number {
  let mass = massCache.get(formula);
  if (mass === undefined) massCache.set(formula, (mass = molarMass(parseFormula(formula))));
  return mass;
}

export const coveringPower = ({ mg, traits }: SolidPart): number => mg * (traits.covers ?? 1);

/** The solids of a vessel with their masses, those that cover most first. */
export function solidParts(vessel: Vessel): SolidPart[] {
  const parts: SolidPart[] = [];
  const put = (formula: string, mol: number, lumped = false) => {
    const known = solidById.get(formula) ?? inertById.get(formula);
    if (!known || mol <= 0) return;
    const { colour, texture, traits } = known;
    parts.push({ formula, mg: mol * gramsPerMol(formula) * 1000, colour, texture, traits, lumped });
  };
  for (const [formula, mol] of Object.entries(vessel.solids)) put(formula, mol);
  for (const [id, mol] of Object.entries(vessel.amounts)) {
    if (!id.endsWith('(s)')) continue;
    const formula = id.slice(0, -3);
    const lumps = lumpsOf(vessel, formula);
    put(formula, mol - lumps);
    put(formula, lumps, true);
  }
  return parts.sort((a, b) => coveringPower(b) - coveringPower(a));
}

/** mg of a common precipitate per mL below which no one sees it. */
const VISIBLE_MG_PER_ML = 0.05;
/** A nail, a turning or a ribbon lies in the tube and is no precipitate. */
const isPiece = (part: SolidPart) => part.lumped && part.traits.piece === true;

/** mg per mL of a solid from which on it is seen. */
const sightLimit = ({ cloud, covers }: SolidTraits): number => cloud ?? VISIBLE_MG_PER_ML / (covers ?? 1);

/** Less of a new solid than this, mg per mL, does not come out: of a common one well under what is seen. Uncertain. */
export const nucleusLimit = ({ cloud, covers }: SolidTraits): number =>
  cloud !== undefined ? 0.9 * cloud : 0.02 / (covers ?? 1);

/** Volumes under this count as so much, mL. */
const LEAST_ML = 0.2;
const enough = (vessel: Vessel, part: SolidPart) => part.mg >= sightLimit(part.traits) * Math.max(vessel.mL, LEAST_ML);

/** Powders and precipitates of which there is enough to be seen. */
export const visibleSolids = (vessel: Vessel): SolidPart[] => solidParts(vessel).filter((p) => enough(vessel, p) && !isPiece(p));

/** Is anything solid to be seen in it, pieces of metal too? */
export const holdsSolid = (vessel: Vessel): boolean => solidParts(vessel).some((p) => enough(vessel, p));

/** A change of a solid by this share of all solids, and this many mg, is a change. */
const CHANGED_SHARE = 0.25;
const CHANGED_MG = 0.05;

/** Did the solids come, go or turn into others? */
export function solidsChanged(before: Vessel, after: Vessel): boolean {
  const had = visibleSolids(before);
  const has = visibleSolids(after);
  const least = CHANGED_MG + CHANGED_SHARE * had.reduce((sum, p) => sum + p.mg, 0);
  const mg = (parts: readonly SolidPart[], formula: string) =>
    parts.filter((p) => p.formula === formula).reduce((sum, p) => sum + p.mg, 0);
  return [...new Set([...had, ...has].map((p) => p.formula))].some((f) => Math.abs(mg(had, f) - mg(has, f)) > least);
}

const hydroxideMg = (vessel: Vessel): number =>
  visibleSolids(vessel).reduce((sum, { formula, mg }) => (formula.includes('OH') ? sum + mg : sum), 0);

/** Is there hydroxide or a basic salt of which this drop dissolved none? */
export function hydroxideStays(before: Vessel, after: Vessel): boolean {
  const left = hydroxideMg(after);
  return left > 0 && hydroxideMg(before) - left <= CHANGED_MG;
}

/** Is no hydroxide or basic salt to be seen? */
export const isFreeOfHydroxide = (vessel: Vessel): boolean => hydroxideMg(vessel) === 0;

/** What sulfur and the like become while a liquid stands or boils. */
export function runTogether(vessel: Vessel, minutes: number): Vessel {
  const lumps: Record<string, number> = { ...vessel.lumps };
  for (const { id, traits } of inertSolids) {
    const mol = vessel.amounts[`${id}(s)`] ?? 0;
    if (!traits.flocculates || mol <= 0) continue;
    const halfLife = vessel.celsius >= BOILING_CELSIUS ? traits.flocculates.hot : traits.flocculates.cold;
    const had = lumpsOf(vessel, id);
    lumps[id] = had + (mol - had) * (1 - Math.pow(0.5, minutes / halfLife));
  }
  return { ...vessel, lumps };
}
