/** What a vessel looks like, and what changed between two looks. */
import { gasById, inertById, solidById } from '../matter/catalogue';
import { LAYER_SPECTRA } from '../matter/data/reagents';
import type { Texture } from '../matter/data/solids';
import { type Band, SPECTRA } from '../matter/data/spectra';
import { molarMass, parseFormula } from '../matter/formula';
import { solventById, type Vessel } from '../bench/vessel';
import { type Absorber, liquidWord, mixedSolid, SOLID_WORDS, solidWord, transmitted } from './colour';
import type { Observation } from './vocabulary';

const bandsOf = new Map<string, readonly Band[]>(SPECTRA.map(([id, , ...bands]) => [id, bands]));

/** mg of a common precipitate per mL below which no one sees it. */
const VISIBLE_MG_PER_ML = 0.05;
/** More solid than before by this much, mg, is seen as forming. */
const NOTICED_MG = 0.05;

export interface SolidPart {
  readonly formula: string;
  readonly mg: number;
  readonly hex: string;
  readonly texture: Texture;
  readonly covers: number;
}

export interface Appearance {
  readonly liquid?: { readonly hex: string; readonly word: string; readonly cloudy: boolean };
  readonly solid?: {
    readonly hex: string;
    readonly word: string;
    readonly texture: Texture;
    readonly amount: 'trace' | 'slight' | 'moderate' | 'heavy';
    readonly mg: number;
    /** mg per mL of liquid. */
    readonly density: number;
  };
  readonly layer?: { readonly hex: string; readonly word: string; readonly position: 'upper' | 'lower' };
  /** At the junction with a liquid beneath: null when nothing shows there, absent when there is no junction. */
  readonly ring?: { readonly hex: string; readonly word: string } | null;
}

const massCache = new Map<string, number>();
function gramsPerMol(formula: string): number {
  let mass = massCache.get(formula);
  if (mass === undefined) massCache.set(formula, (mass = molarMass(parseFormula(formula))));
  return mass;
}

/** The solids of a vessel with their masses and looks, largest first. */
export function solidParts(vessel: Vessel): SolidPart[] {
  const parts: SolidPart[] = [];
  const put = (formula: string, mol: number) => {
    const known = solidById.get(formula) ?? inertById.get(formula);
    if (!known || mol <= 0) return;
    const { colour, texture, traits } = known;
    const hex = traits.hex ?? SOLID_WORDS[colour] ?? '#ffffff';
    parts.push({ formula, mg: mol * gramsPerMol(formula) * 1000, hex, texture, covers: traits.covers ?? 1 });
  };
  for (const [formula, mol] of Object.entries(vessel.solids)) put(formula, mol);
  for (const [id, mol] of Object.entries(vessel.amounts)) if (id.endsWith('(s)')) put(id.slice(0, -3), mol);
  return parts.sort((a, b) => b.mg * b.covers - a.mg * a.covers);
}

/** A nail, a turning or a ribbon lies in the tube; it is no precipitate. */
const PIECES = new Set(['Fe', 'Zn', 'Mg', 'Cu']);
const isPiece = (vessel: Vessel, formula: string) => PIECES.has(formula) && (vessel.amounts[`${formula}(s)`] ?? 0) > 1e-4;

function liquidHex(vessel: Vessel): string {
  const absorbers: Absorber[] = [];
  for (const [id, molar] of Object.entries(vessel.species)) {
    const bands = bandsOf.get(id);
    if (bands && molar > 1e-7) absorbers.push({ bands, molar });
  }
  return transmitted(absorbers);
}

function layerHex(vessel: Vessel): string {
  const layer = vessel.layer!;
  const absorbers: Absorber[] = [];
  for (const [id, mol] of Object.entries(layer.solutes)) {
    const bands = LAYER_SPECTRA[id] ?? bandsOf.get(id);
    if (bands) absorbers.push({ bands, molar: (mol * 1000) / layer.mL });
  }
  return transmitted(absorbers);
}

function amountWord(density: number): 'trace' | 'slight' | 'moderate' | 'heavy' {
  if (density < 0.25) return 'trace';
  if (density < 1) return 'slight';
  return density < 6 ? 'moderate' : 'heavy';
}

/** What is visible now. */
export function appearance(vessel: Vessel): Appearance {
  const out: { -readonly [K in keyof Appearance]: Appearance[K] } = {};
  const volume = Math.max(vessel.mL, 0.2);
  const parts = solidParts(vessel).filter((p) => (p.mg * p.covers) / volume >= VISIBLE_MG_PER_ML && !isPiece(vessel, p.formula));
  const colloid = parts.some((p) => (solidById.get(p.formula) ?? inertById.get(p.formula))!.traits.colloid);
  if (vessel.mL > 0) {
    const hex = liquidHex(vessel);
    out.liquid = {
      hex,
      word: liquidWord(hex),
      cloudy: colloid || (parts.length > 0 && !vessel.settled),
    };
  }
  if (parts.length) {
    const hex = mixedSolid(parts.map((p) => ({ hex: p.hex, weight: p.mg * p.covers })));
    const mg = parts.reduce((s, p) => s + p.mg, 0);
    const density = parts.reduce((s, p) => s + p.mg * Math.max(1, p.covers / 3), 0) / volume;
    out.solid = {
      hex,
      word: parts.length === 1 ? wordOf(parts[0]!) : solidWord(hex),
      texture: parts[0]!.texture,
      amount: amountWord(density),
      mg,
      density,
    };
  }
  const solvent = vessel.layer && solventById.get(vessel.layer.solvent);
  if (solvent) {
    const hex = layerHex(vessel);
    out.layer = { hex, word: liquidWord(hex), position: solvent.density < 1 ? 'upper' : 'lower' };
  }
  return out;
}

function wordOf(part: SolidPart): string {
  return (solidById.get(part.formula) ?? inertById.get(part.formula))!.colour;
}

/** Everything visible, as `look` reports it. */
export function describe(seen: Appearance): Observation[] {
  const out: Observation[] = [];
  if (seen.liquid)
    out.push({
      channel: 'solution',
      colour: seen.liquid.word as Observation['colour'],
      clarity: seen.liquid.cloudy ? 'cloudy' : 'clear',
    });
  out.push(
    seen.solid
      ? {
          channel: 'precipitate',
          event: 'persists',
          colour: seen.solid.word as Observation['colour'],
          texture: seen.solid.texture,
          amount: seen.solid.amount,
        }
      : { channel: 'precipitate', event: 'none' },
  );
  if (seen.layer)
    out.push({
      channel: 'layer',
      event: 'present',
      colour: seen.layer.word as Observation['colour'],
      position: seen.layer.position,
    });
  out.push(...ringSeen(seen));
  return out;
}

function ringSeen(seen: Appearance): Observation[] {
  if (seen.ring === undefined) return [];
  return [
    seen.ring
      ? { channel: 'ring', event: 'formed', colour: seen.ring.word as Observation['colour'] }
      : { channel: 'ring', event: 'none' },
  ];
}

/** What changed between two looks at the same vessel. */
export function changes(before: Appearance, after: Appearance): Observation[] {
  const out: Observation[] = [];
  const had = before.solid;
  const has = after.solid;
  const look = has && {
    colour: has.word as Observation['colour'],
    texture: has.texture,
    amount: has.amount,
  };
  if (has && !had) out.push({ channel: 'precipitate', event: 'formed', ...look });
  else if (had && !has) out.push({ channel: 'precipitate', event: 'dissolved', colour: had.word as Observation['colour'] });
  else if (has && had) {
    if (has.word !== had.word) out.push({ channel: 'precipitate', event: 'colour-changed', ...look });
    if (has.mg > had.mg * 1.25 + NOTICED_MG) out.push({ channel: 'precipitate', event: 'formed', ...look });
    else if (has.mg < had.mg * 0.6) out.push({ channel: 'precipitate', event: 'partly-dissolved', ...look });
  } else out.push({ channel: 'precipitate', event: 'none' });
  if (after.liquid)
    out.push({
      channel: 'solution',
      event: !before.liquid ? 'mixed' : before.liquid.word === after.liquid.word ? 'unchanged' : 'colour-changed',
      colour: after.liquid.word as Observation['colour'],
      clarity: after.liquid.cloudy ? 'cloudy' : 'clear',
    });
  if (after.layer && (before.layer?.word !== after.layer.word || !before.layer))
    out.push({
      channel: 'layer',
      event: 'present',
      colour: after.layer.word as Observation['colour'],
      position: after.layer.position,
    });
  if (!before.ring) out.push(...ringSeen(after));
  return out;
}

const METALS = ['Ag', 'Hg', 'Cu', 'Pb', 'Bi', 'Sb', 'As', 'Sn', 'Zn', 'Mg', 'Fe'];
const metalIn = (vessel: Vessel, id: string) => (vessel.amounts[`${id}(s)`] ?? 0) > 1e-7;

/** Metal that came out on a piece of another metal. */
export function depositSeen(before: Vessel, after: Vessel): Observation[] {
  const on = METALS.some((id) => metalIn(before, id) || (after.amounts[`${id}(s)`] ?? 0) > 1e-4);
  const fresh = METALS.filter((id) => metalIn(after, id) && !metalIn(before, id) && (after.amounts[`${id}(s)`] ?? 0) < 1e-4);
  if (!on || !fresh.length) return [];
  return [{ channel: 'deposit', event: 'formed', colour: inertById.get(fresh[0]!)!.colour as Observation['colour'] }];
}

const BUBBLES_MOL = 1.5e-5;

/** Partial pressure of a coloured vapour over a hot liquid at which it shows, atm. */
const COLOURED_ATM = 0.0015;
const HOT_CELSIUS = 45;

/** Bubbles and coloured fumes: `fresh` left in this step, mol. */
export function gasSeen(fresh: Readonly<Record<string, number>>, vessel: Vessel): Observation[] {
  const out: Observation[] = [];
  let most = 0;
  for (const [id, mol] of Object.entries(fresh)) {
    const colour = gasById.get(id)!.senses.colour;
    if (colour && mol > 2e-6)
      out.push({ channel: 'gas', event: 'evolved', colour: colour as Observation['colour'], vigour: vigour(mol) });
    else if (mol > BUBBLES_MOL) most += mol;
  }
  const vapour = vessel.celsius >= HOT_CELSIUS ? vessel.vapour : {};
  for (const [id, atm] of Object.entries(vapour)) {
    const colour = gasById.get(id)!.senses.colour;
    if (colour && atm > COLOURED_ATM && !out.some((o) => o.colour === colour))
      out.push({ channel: 'gas', event: 'evolved', colour: colour as Observation['colour'], vigour: 'slow' });
  }
  if (most > 0) out.push({ channel: 'gas', event: 'evolved', colour: 'colourless', vigour: vigour(most) });
  return out;
}

function vigour(mol: number): 'slow' | 'brisk' | 'vigorous' {
  if (mol < 5e-5) return 'slow';
  return mol < 4e-4 ? 'brisk' : 'vigorous';
}
