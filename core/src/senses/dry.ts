/** What the dry tests show: flame, bead, charcoal, a solid before and after heat. */
import { has } from '../bench/dry';
import type { OpOf } from '../bench/ops';
import type { SolidSample } from '../bench/sample';
import type { DryHeated, HeatedPart } from '../bench/vessel';
import { addAmounts, type Amounts, gasById } from '../matter/catalogue';
import {
  BEADS,
  BLUE_GLASS,
  CARRIED,
  CHARCOAL_SMELLS,
  DRY_COLOURS,
  FLAMES,
  FREED,
  HOT_COLOURS,
  OXIDES,
  SURVIVORS,
  TINTS,
  VOLATILE,
  VOLATILITY,
  WITH_WATER,
} from '../matter/data/dry';
import { compositionKey, parseFormula } from '../matter/formula';
import { parseSalt } from '../matter/salts';
import type { Observation } from '../vocabulary/observation';
import type { Colour } from '../vocabulary/words';
import { lab, sampleOf } from './colour';

/** No part of a dry solid by themselves: they take no part in a flame, and are no residue. */
const COLOURLESS_PARTS: readonly string[] = ['H2O', 'H+'];
/** Brightness, of 100 for pure sodium chloride, below which a flame is not told from the burner's own, over four. */
const FLAME_LEAST = 0.25;
/** What has less than this share of the brightest's light is not seen beside it: violet and blue are lost in sodium's yellow, red and green are not. By judgement, fitted to what books say of salts of equal weight. */
const MASKED = { dark: 0.08, bright: 0.015 };
const DARK: readonly Colour[] = ['violet', 'pale-blue'];

/** mol of free acid for each mol of water above which an acid is strong enough to set boric acid free as a vapour. By judgement. */
const STRONG_ACID = 0.3;
const acidity = (matter: Amounts): number => (matter['H+'] ?? 0) / Math.max(matter['H2O'] ?? 0, 1e-9);

interface Light {
  readonly colour: Colour;
  readonly duration: 'flash' | 'lasting';
  /** Beside 100 for pure sodium chloride, over four. */
  readonly light: number;
}

/** Moles that take part in a flame, as a share of everything but water. */
export function flameSeen(matter: Amounts, op: OpOf<'flame'>): Observation[] {
  const through = op.through ?? 'none';
  const total = Object.entries(matter).reduce((s, [id, mol]) => (COLOURLESS_PARTS.includes(id) ? s : s + Math.max(0, mol)), 0);
  const helped = VOLATILE.some((id) => has(matter, id));
  const volatility = helped ? 1 : Math.min(1, ...Object.keys(VOLATILITY).map((id) => (has(matter, id) ? VOLATILITY[id]! : 1)));
  const carried = CARRIED.filter(
    ({ component, by }) => acidity(matter) > STRONG_ACID && has(matter, component) && by.some((id) => has(matter, id)),
  );
  const lights = FLAMES.flatMap((row): Light[] => {
    const vapour = carried.find(({ component }) => component === row.component);
    if (vapour)
      return [{ colour: through === 'cobalt-glass' ? row.glass : row.colour, duration: 'lasting', light: vapour.light }];
    const dirt = op.wire === 'dirty' ? (row.onDirtyWire ?? 0) : 0;
    const share = (total > 0 ? Math.max(0, matter[row.component] ?? 0) / total : 0) + dirt;
    const colour = through === 'cobalt-glass' ? row.glass : row.colour;
    const light = (share * 100 * row.brightness * (row.anySalt ? 1 : volatility)) / 4;
    return colour !== 'none' && light > FLAME_LEAST ? [{ colour, duration: row.duration, light }] : [];
  }).sort((a, b) => b.light - a.light);
  // What is much fainter than the brightest is lost in it.
  const seen = lights.filter(({ colour, light }, i) => {
    const least = DARK.includes(colour) ? MASKED.dark : MASKED.bright;
    return light > least * lights[0]!.light && lights.findIndex((l) => l.colour === colour) === i;
  });
  if (!seen.length) return [{ channel: 'flame', through, colour: 'none' }];
  return seen.map(({ colour, duration }) => ({ channel: 'flame', through, colour, duration }));
}

export function beadSeen(matter: Amounts, op: OpOf<'bead'>): Observation[] {
  const which = (op.zone === 'oxidising' ? 0 : 2) + (op.look === 'hot' ? 0 : 1);
  let colour: Colour = 'colourless';
  let most = 0;
  for (const row of BEADS) {
    const amount = row.components.reduce((s, id) => s + Math.max(0, matter[id] ?? 0), 0) * row.strength;
    if (amount > most) {
      most = amount;
      colour = row.colours[which]!;
    }
  }
  return [{ channel: 'bead', zone: op.zone, look: op.look, colour }];
}

const PALE: readonly Colour[] = ['white', 'none'];

export function charcoalSeen(matter: Amounts, op: OpOf<'charcoal'>): Observation[] {
  const metals = Object.keys(OXIDES).filter((id) => has(matter, id));
  const telling = metals.filter((id) => !OXIDES[id]!.overlooked);
  const shown = (telling.length ? telling : metals).sort((a, b) => (matter[b] ?? 0) - (matter[a] ?? 0)).map((id) => OXIDES[id]!);
  const dark = shown.map((o) => o.charcoal).find((c) => !PALE.includes(c));
  const residue = dark ?? shown[0]?.charcoal ?? 'none';
  const film = shown.find((o) => o.film !== undefined)?.film;
  const out: Observation[] = [
    { channel: 'solid', look: 'cold', colour: residue },
    ...Object.entries(CHARCOAL_SMELLS).flatMap(([id, smell]) => (has(matter, id) ? [{ channel: 'smell', smell } as const] : [])),
    ...(film ? [{ channel: 'sublimate', event: 'formed', colour: film } as const] : []),
  ];
  if (op.then) {
    const tinted = shown.find((o) => o.cobalt !== undefined);
    const glass = BLUE_GLASS.some((id) => has(matter, id)) && !tinted?.keepsColour;
    const colour = dark ?? (glass ? 'blue' : (tinted?.cobalt ?? 'grey'));
    out.push({ channel: 'solid', event: 'colour-changed', look: 'cold', colour });
  }
  return out;
}

/** A powder that is less than this share of a mixture is not told by its grains. Uncertain. */
const TOLD_SHARE = 0.05;

const byComposition = (colours: Readonly<Record<string, Colour>>): ReadonlyMap<string, Colour> =>
  new Map(Object.entries(colours).map(([formula, colour]) => [compositionKey(parseFormula(formula)), colour]));
const dryColours = byComposition(DRY_COLOURS);
const hotColours = byComposition(HOT_COLOURS);
/** However its formula is written. */
const colourIn = (colours: ReadonlyMap<string, Colour>, formula: string): Colour | undefined =>
  colours.get(compositionKey(parseFormula(formula)));

/** Colours of the grains of a powder, the most of it first, those with a colour before white. */
export function grainColours(sample: SolidSample): Colour[] {
  const grams = new Map<Colour, number>();
  for (const s of sample.salts) {
    const salt = parseSalt(s.formula);
    const colour =
      colourIn(dryColours, salt.formula) ??
      tint(salt.ions, salt.water > 0 || Object.keys(salt.ions).some((id) => WITH_WATER.has(id)));
    grams.set(colour, (grams.get(colour) ?? 0) + s.grams);
  }
  const told = [...grams].filter(([, g]) => g >= TOLD_SHARE * sample.grams);
  return told
    .sort(([one, g], [other, h]) => Number(one === 'white') - Number(other === 'white') || h - g)
    .map(([colour]) => colour);
}

/** The colour by which a powder is known at a glance. */
export const dryColour = (sample: SolidSample): Colour => grainColours(sample)[0] ?? 'white';

function tint(ions: Readonly<Record<string, number>>, hydrated: boolean): Colour {
  for (const id of Object.keys(ions)) if (TINTS[id]) return TINTS[id][hydrated ? 0 : 1];
  return 'white';
}

/** Less of a gas than this, mol, is not noticed at the mouth of a heated tube: of one without colour some bubbles' worth. By judgement. */
const NOTICED_MOL = { coloured: 1e-6, colourless: 2e-5 };

/** Parts that show beside the others. */
const toldOf = ({ sample, parts }: DryHeated): readonly HeatedPart[] =>
  parts.filter((part) => part.sample.grams >= TOLD_SHARE * sample.grams);

function gasesSeen({ parts }: DryHeated): Observation[] {
  const all = parts.reduce<Record<string, number>>((sum, { gas }) => addAmounts(sum, gas), {});
  return Object.entries(all).flatMap(([id, mol]): Observation[] => {
    const { colour } = gasById.get(id)!.senses;
    const noticed = mol > (colour ? NOTICED_MOL.coloured : NOTICED_MOL.colourless);
    return noticed ? [{ channel: 'gas', event: 'evolved', colour: colour ?? 'colourless' }] : [];
  });
}

/** What was seen while a dry solid was heated. */
export function heatedSeen(heated: DryHeated): Observation[] {
  const see: Observation[] = [{ channel: 'droplets', event: heated.watery ? 'formed' : 'none' }, ...gasesSeen(heated)];
  const sublimate = onCoolWall(heated);
  see.push(sublimate ? { channel: 'sublimate', event: 'formed', colour: sublimate } : { channel: 'sublimate', event: 'none' });
  for (const event of new Set(toldOf(heated).flatMap(({ events }) => events))) see.push({ channel: 'solid', event });
  if (residueColours(heated).cold === 'none') return [...see, leftSeen(heated, 'cold')];
  return [...see, leftSeen(heated, 'hot'), leftSeen(heated, 'cold')];
}

/** What is left on the floor of the tube, hot or cold. */
function leftSeen(heated: DryHeated, look: keyof Looks): Observation {
  const colour = residueColours(heated)[look];
  // Where nothing is left, it is not looked at twice.
  if (colour === 'none') return { channel: 'solid', look: 'cold', colour };
  return { channel: 'solid', look, colour, event: colour === dryColour(heated.sample) ? 'unchanged' : 'colour-changed' };
}

/** °C above which what was heated still has the colour that it has when hot. By judgement: too hot to touch, no longer glowing. */
const STILL_HOT = 150;

/** What lies in a tube in which a dry solid was heated, looked at again. */
export function lyingSeen(heated: DryHeated, celsius: number): Observation[] {
  const wall = onCoolWall(heated);
  return [
    leftSeen(heated, celsius > STILL_HOT ? 'hot' : 'cold'),
    ...(wall ? [{ channel: 'sublimate', event: 'formed', colour: wall } as const] : []),
  ];
}

/** What settled on the cool wall, if anything did. */
export function onCoolWall(heated: DryHeated): Colour | undefined {
  for (const { sublimate, matter } of toldOf(heated)) {
    const freed = Object.keys(FREED).find((id) => has(matter, id));
    const colour = sublimate ?? (freed === undefined ? undefined : FREED[freed]);
    if (colour !== undefined) return colour;
  }
  return undefined;
}

interface Looks {
  readonly hot: Colour;
  readonly cold: Colour;
}

const lightness = (colour: Colour): number => lab(sampleOf(colour) ?? '#ffffff').l;

const NOT_LEFT: Looks = { hot: 'none', cold: 'none' };

/** What is left after heating, while hot and when it has cooled: of several parts that which has a colour, the darkest first. */
export function residueColours(heated: DryHeated): Looks {
  const left = toldOf(heated)
    .map(partLooks)
    .filter(({ cold }) => cold !== 'none')
    .sort((one, other) => lightness(one.cold) - lightness(other.cold));
  const coloured = (look: keyof Looks) => left.find((looks) => looks[look] !== 'white');
  return coloured('cold') ?? coloured('hot') ?? left[0] ?? NOT_LEFT;
}

/** Less than this, mol, is not seen to be left in a tube. */
const LEFT_MOL = 1e-6;

function partLooks({ sample, matter, gas, hydrated, residue }: HeatedPart): Looks {
  if (!Object.entries(matter).some(([id, mol]) => !COLOURLESS_PARTS.includes(id) && mol > LEFT_MOL)) return NOT_LEFT;
  const before = dryColour(sample);
  if (residue) return { hot: residue, cold: residue };
  const oxides = Object.keys(OXIDES).filter((id) => has(matter, id) || has(matter, `${OXIDES[id]!.metal}(s)`));
  const oxide = oxides.map((id) => OXIDES[id]!).find((o) => o.cold !== 'white' || o.hot !== 'white');
  // Where acid is missing an oxide lies beside what survives.
  const bare = !SURVIVORS.some((id) => has(matter, id)) || (!!oxide && -(matter['H+'] ?? 0) > OXIDE_SHARE * metalIn(matter));
  const decomposed = Object.keys(gas).length > 0;
  if (oxide && bare && (decomposed || sample.salts.some((s) => parseSalt(s.formula).formula.includes('O'))))
    return { hot: oxide.hot, cold: oxide.cold };
  const cold = hydrated ? (withoutWater(sample) ?? tintOf(matter) ?? before) : before;
  const hot = sample.salts.map((s) => colourIn(hotColours, anhydrous(s.formula))).find((colour) => colour !== undefined);
  return { hot: hot ?? cold, cold };
}

/** Acid that is missing for each mol of metal, above which the oxide shows. By judgement. */
const OXIDE_SHARE = 0.2;
const metalIn = (matter: Amounts): number => Object.keys(OXIDES).reduce((sum, id) => sum + Math.max(0, matter[id] ?? 0), 0);

const anhydrous = (formula: string): string => parseSalt(formula).formula.replace(/·\d*H2O$/, '');

/** The colour of the one salt of a sample when its water has gone, where it is known. */
const withoutWater = ({ salts }: SolidSample): Colour | undefined =>
  salts.length === 1 ? colourIn(dryColours, anhydrous(salts[0]!.formula)) : undefined;

function tintOf(matter: Amounts): Colour | undefined {
  const tinted = Object.keys(matter).find((id) => TINTS[id]);
  return tinted === undefined ? undefined : TINTS[tinted]![1];
}
