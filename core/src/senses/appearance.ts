/** What a vessel looks like, and what changed between two looks. */
import { coveringPower, lumpsOf, visibleSolids } from '../bench/solids';
import { solventById, type Vessel } from '../bench/vessel';
import { junctionZones } from '../bench/junction';
import { type Amounts, gasById, inertById, inertSolids } from '../matter/catalogue';
import { LAYER_SPECTRA } from '../matter/data/reagents';
import { type Band, SPECTRA } from '../matter/data/spectra';
import type { Observation } from '../vocabulary/observation';
import type { Amount, Colour, Texture, Vigour } from '../vocabulary/words';
import { type Absorber, LAYER_COLOURLESS_WITHIN, liquidWord, mixedSolid, SOLID_WORDS, solidWord, transmitted } from './colour';

const bandsOf = new Map<string, readonly Band[]>(SPECTRA.map(([id, , ...bands]) => [id, bands]));

/** More solid than before by this much, mg, is seen as forming. */
const NOTICED_MG = 0.05;

export interface Appearance {
  readonly liquid?: { readonly hex: string; readonly word: Colour; readonly cloudy: boolean };
  readonly solid?: {
    readonly hex: string;
    readonly word: Colour;
    readonly texture: Texture;
    readonly amount: Amount;
    readonly mg: number;
    /** mg per mL of liquid. */
    readonly density: number;
  };
  readonly layer?: { readonly hex: string; readonly word: Colour; readonly position: 'upper' | 'lower' };
  /** At the junction with a liquid beneath: null when nothing shows there, absent when there is no junction. */
  readonly ring?: { readonly hex: string; readonly word: Colour } | null;
}

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

function amountWord(density: number): Amount {
  if (density < 0.25) return 'trace';
  if (density < 1) return 'slight';
  return density < 6 ? 'moderate' : 'heavy';
}

/** A liquid above a junction where this word or the liquid's own is seen has no ring. */
const PLAIN: readonly Colour[] = ['colourless', 'white', 'off-white'];

/** What is visible now, a ring at a junction with an acid beneath too. */
export function appearance(vessel: Vessel): Appearance {
  const seen = plainAppearance(vessel);
  const zones = junctionZones(vessel);
  if (!zones.length) return seen;
  const shows = zones
    .map(plainAppearance)
    .flatMap((z) => [z.liquid, z.solid])
    .find((part) => part && !PLAIN.includes(part.word) && part.word !== seen.liquid?.word);
  return { ...seen, ring: shows ? { hex: shows.hex, word: shows.word } : null };
}

function plainAppearance(vessel: Vessel): Appearance {
  const out: { -readonly [K in keyof Appearance]: Appearance[K] } = {};
  const volume = Math.max(vessel.mL, 0.2);
  const parts = visibleSolids(vessel);
  const colloid = parts.some((p) => p.traits.colloid && !p.lumped);
  if (vessel.mL > 0) {
    const hex = liquidHex(vessel);
    out.liquid = { hex, word: liquidWord(hex), cloudy: colloid || (parts.length > 0 && !vessel.settled) };
  }
  if (parts.length) {
    const hexOf = (p: (typeof parts)[number]) => p.traits.hex ?? SOLID_WORDS[p.colour] ?? '#ffffff';
    const hex = mixedSolid(parts.map((p) => ({ hex: hexOf(p), weight: coveringPower(p) })));
    const mg = parts.reduce((s, p) => s + p.mg, 0);
    const density = parts.reduce((s, p) => s + p.mg * Math.max(1, (p.traits.covers ?? 1) / 3), 0) / volume;
    out.solid = {
      hex,
      word: parts.every((p) => p.formula === parts[0]!.formula) ? parts[0]!.colour : solidWord(hex),
      texture: parts[0]!.texture,
      amount: amountWord(density),
      mg,
      density,
    };
  }
  const solvent = vessel.layer && solventById.get(vessel.layer.solvent);
  if (solvent) {
    const hex = layerHex(vessel);
    out.layer = { hex, word: liquidWord(hex, LAYER_COLOURLESS_WITHIN), position: solvent.density < 1 ? 'upper' : 'lower' };
  }
  return out;
}

/** Everything visible, as `look` reports it. */
export function describe(seen: Appearance): Observation[] {
  const out: Observation[] = [];
  if (seen.liquid)
    out.push({
      channel: 'solution',
      colour: seen.liquid.word,
      clarity: seen.liquid.cloudy ? 'cloudy' : 'clear',
    });
  out.push(
    seen.solid
      ? {
          channel: 'precipitate',
          event: 'persists',
          colour: seen.solid.word,
          texture: seen.solid.texture,
          amount: seen.solid.amount,
        }
      : { channel: 'precipitate', event: 'none' },
  );
  if (seen.layer)
    out.push({
      channel: 'layer',
      event: 'present',
      colour: seen.layer.word,
      position: seen.layer.position,
    });
  out.push(...ringSeen(seen));
  return out;
}

function ringSeen(seen: Appearance): Observation[] {
  if (seen.ring === undefined) return [];
  return [seen.ring ? { channel: 'ring', event: 'formed', colour: seen.ring.word } : { channel: 'ring', event: 'none' }];
}

/** What changed between two looks at the same vessel. */
export function changes(before: Appearance, after: Appearance): Observation[] {
  const out: Observation[] = [];
  const had = before.solid;
  const has = after.solid;
  const look = has && {
    colour: has.word,
    texture: has.texture,
    amount: has.amount,
  };
  if (has && !had) out.push({ channel: 'precipitate', event: 'formed', ...look });
  else if (had && !has) out.push({ channel: 'precipitate', event: 'dissolved', colour: had.word });
  else if (has && had) {
    if (has.word !== had.word) out.push({ channel: 'precipitate', event: 'colour-changed', ...look });
    if (has.mg > had.mg * 1.25 + NOTICED_MG) out.push({ channel: 'precipitate', event: 'formed', ...look });
    else if (has.mg < had.mg * 0.6) out.push({ channel: 'precipitate', event: 'partly-dissolved', ...look });
  } else out.push({ channel: 'precipitate', event: 'none' });
  if (after.liquid)
    out.push({
      channel: 'solution',
      event: !before.liquid ? 'mixed' : before.liquid.word === after.liquid.word ? 'unchanged' : 'colour-changed',
      colour: after.liquid.word,
      clarity: after.liquid.cloudy ? 'cloudy' : 'clear',
    });
  if (after.layer && (before.layer?.word !== after.layer.word || !before.layer))
    out.push({
      channel: 'layer',
      event: 'present',
      colour: after.layer.word,
      position: after.layer.position,
    });
  if (!before.ring) out.push(...ringSeen(after));
  return out;
}

const METALS = inertSolids.filter((s) => s.traits.plates).map((s) => s.id);
/** mol of a metal from which on its film on another is seen. */
const FILM_MOL = 1e-7;

/** Metals that lie on a piece of another. */
function platedOn(vessel: Vessel): string[] {
  if (!METALS.some((id) => lumpsOf(vessel, id) > 0)) return [];
  return METALS.filter((id) => (vessel.amounts[`${id}(s)`] ?? 0) - lumpsOf(vessel, id) > FILM_MOL);
}

/** Metal that lies on a piece of another. */
export const filmSeen = (vessel: Vessel): Observation[] =>
  platedOn(vessel)
    .slice(0, 1)
    .map((id) => ({ channel: 'deposit', event: 'formed', colour: inertById.get(id)!.colour }));

/** Metal that came out on a piece of another metal. */
export function depositSeen(before: Vessel, after: Vessel): Observation[] {
  const fresh = platedOn(after).find((id) => !platedOn(before).includes(id));
  return fresh ? [{ channel: 'deposit', event: 'formed', colour: inertById.get(fresh)!.colour }] : [];
}

const BUBBLES_MOL = 1.5e-5;

/** Partial pressure of a coloured vapour over a hot liquid at which it shows, atm. */
const COLOURED_ATM = 0.0015;
const HOT_CELSIUS = 45;

/** Bubbles and coloured fumes: `fresh` left in this step, mol. */
export function gasSeen(fresh: Amounts, vessel: Vessel): Observation[] {
  const out: Observation[] = [];
  let most = 0;
  for (const [id, mol] of Object.entries(fresh)) {
    const colour = gasById.get(id)!.senses.colour;
    if (colour && mol > 2e-6) out.push({ channel: 'gas', event: 'evolved', colour: colour, vigour: vigour(mol) });
    else if (mol > BUBBLES_MOL) most += mol;
  }
  const vapour = vessel.celsius >= HOT_CELSIUS ? vessel.vapour : {};
  for (const [id, atm] of Object.entries(vapour)) {
    const colour = gasById.get(id)!.senses.colour;
    if (colour && atm > COLOURED_ATM && !out.some((o) => o.colour === colour))
      out.push({ channel: 'gas', event: 'evolved', colour: colour, vigour: 'slow' });
  }
  if (most > 0) out.push({ channel: 'gas', event: 'evolved', colour: 'colourless', vigour: vigour(most) });
  return out;
}

function vigour(mol: number): Vigour {
  if (mol < 5e-5) return 'slow';
  return mol < 4e-4 ? 'brisk' : 'vigorous';
}
