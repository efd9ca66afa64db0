/**
 * A vessel as it is drawn, and the same in words. A drawing is made from the words alone, so that nothing can be read from its
 * numbers that a person could not have written down.
 */
import { asRead } from '../vocabulary/readings';
import { atMouth } from '../bench/mouth';
import type { Sample } from '../bench/sample';
import type { Vessel } from '../bench/vessel';
import { gasById } from '../matter/catalogue';
import type { Observation } from '../vocabulary/observation';
import { type Amount, type Colour, plainWord, type Texture, type Vigour } from '../vocabulary/words';
import { type Appearance, appearance } from './appearance';
import { liquidSampleOf, sampleOf } from './colour';
import type { Drawing } from './drawn';
import { dryColour, grainColours, onCoolWall, residueColours } from './dry';

/** What is seen of a vessel, in words; volumes are those that were put in. */
export interface Sight {
  readonly mL: number;
  readonly liquid?: { readonly colour: Colour; readonly cloudy: boolean };
  readonly solid?: { readonly colour: Colour; readonly texture: Texture; readonly amount: Amount; readonly settled: boolean };
  readonly layer?: { readonly colour: Colour; readonly mL: number; readonly position: 'upper' | 'lower' };
  /** A heavier liquid below, and the ring at the junction if there is one. */
  readonly beneath?: { readonly mL: number; readonly ring?: Colour };
  readonly dry?: Colour;
  /** Other grains in a powder that was swept together. */
  readonly grains?: readonly Colour[];
  readonly sublimate?: Colour;
  readonly droplets?: boolean;
  readonly bubbling?: Vigour;
  readonly fumes?: Colour;
}

/** The height of a solid in the tube, as a share of it. */
const FILL: Readonly<Record<Amount, number>> = { trace: 0.1, slight: 0.18, moderate: 0.3, heavy: 0.48 };
const DRY_FILL = 0.12;
const BUBBLES: Readonly<Record<Vigour, number>> = { slow: 1, brisk: 2, vigorous: 3 };
const AMOUNT: Readonly<Record<Amount, string>> = { trace: 'a trace of', slight: 'a little', moderate: 'some', heavy: 'much' };

const swatch = (colour: Colour): string => sampleOf(colour) ?? '#ffffff';
const liquid = (colour: Colour): string => liquidSampleOf(colour) ?? '#ffffff';

/** A sight in words, such as "pale blue clear liquid, much gelatinous pale green solid at the bottom". */
export function sightText(s: Sight): string {
  const layer = s.layer && `${plainWord(s.layer.colour)} layer ${s.layer.position === 'upper' ? 'on top' : 'below'}`;
  const parts = [
    s.dry &&
      (s.grains?.length ? `dry ${[s.dry, ...s.grains].map(plainWord).join(' and ')} grains` : `dry ${plainWord(s.dry)} solid`),
    s.layer?.position === 'upper' && layer,
    s.liquid && `${plainWord(s.liquid.colour)} ${s.liquid.cloudy ? 'cloudy' : 'clear'} liquid`,
    s.beneath?.ring && `${plainWord(s.beneath.ring)} ring at the junction`,
    s.layer?.position === 'lower' && layer,
    s.solid &&
      `${AMOUNT[s.solid.amount]} ${s.solid.texture} ${plainWord(s.solid.colour)} solid ${s.solid.settled ? 'at the bottom' : 'hanging in the liquid'}`,
    s.sublimate && `${plainWord(s.sublimate)} on the cool wall`,
    s.droplets && 'droplets on the wall',
    s.fumes && `${plainWord(s.fumes)} fumes`,
  ].filter((part) => typeof part === 'string');
  return parts.join(', ') || 'empty tube';
}

export function drawSight(s: Sight): Drawing {
  return {
    mL: asRead('meniscus', s.mL),
    droplets: !!s.droplets,
    bubbles: s.bubbling ? BUBBLES[s.bubbling] : 0,
    ...(s.liquid && { liquid: { hex: liquid(s.liquid.colour), cloudy: s.liquid.cloudy } }),
    ...(s.solid && {
      solid: { hex: swatch(s.solid.colour), texture: s.solid.texture, fill: FILL[s.solid.amount], hanging: !s.solid.settled },
    }),
    ...(s.layer && { layer: { hex: liquid(s.layer.colour), mL: asRead('meniscus', s.layer.mL), position: s.layer.position } }),
    ...(s.beneath && {
      beneath: { mL: asRead('meniscus', s.beneath.mL), ...(s.beneath.ring && { ring: liquid(s.beneath.ring) }) },
    }),
    ...(s.dry && {
      dry: { hex: swatch(s.dry), fill: DRY_FILL, ...(s.grains?.length && { grains: s.grains.map(swatch) }) },
    }),
    ...(s.sublimate && { sublimate: swatch(s.sublimate) }),
    ...(s.fumes && { fumes: swatch(s.fumes) }),
    text: sightText(s),
  };
}

/** A vessel that is no longer worked on has ceased to bubble. */
export const stilled = (d: Drawing): Drawing => (d.bubbles ? { ...d, bubbles: 0 } : d);

/** What is said of a drawing, bubbles and all. */
export const drawingText = ({ text, bubbles }: Drawing): string => (bubbles ? `${text}, bubbles` : text);

/** A drawing without the words for its colours and textures, for a person who is to find them. */
export function plainText(d: Drawing): string {
  const parts = [
    d.dry && 'a dry solid',
    d.layer?.position === 'upper' && 'a layer on top',
    d.liquid && 'a liquid',
    d.layer?.position === 'lower' && 'a layer below',
    d.beneath && 'a heavier liquid beneath',
    d.solid && 'a solid',
    d.sublimate && 'something on the cool wall',
  ].filter((part) => typeof part === 'string');
  return parts.join(', ') || 'empty tube';
}

/** A dry solid shows its hot colour above this. */
const HOT_CELSIUS = 150;
/** Partial pressure at the mouth from which a coloured gas is seen, atm. */
const FUMING_ATM = 0.004;

function dryWord(vessel: Vessel, sample: Sample): Colour | undefined {
  if (vessel.mL > 0 || sample.kind !== 'solid') return undefined;
  if (!vessel.heated) return dryColour(sample);
  const { hot, cold } = residueColours(vessel.heated);
  const left = vessel.celsius > HOT_CELSIUS ? hot : cold;
  return left === 'none' ? undefined : left;
}

function fumesOver(vessel: Vessel): Colour | undefined {
  for (const [id, atm] of atMouth(vessel)) {
    const { colour } = gasById.get(id)!.senses;
    if (colour && atm > FUMING_ATM) return colour;
  }
  return undefined;
}

const solidIn = ({ solid }: Appearance, settled: boolean): Pick<Sight, 'solid'> =>
  solid ? { solid: { colour: solid.word, texture: solid.texture, amount: solid.amount, settled } } : {};

/**
 * What is seen of a vessel of the simulated bench.
 * @param noticed what the operation just done on it showed; empty for another vessel.
 */
export function sightOf(vessel: Vessel, sample: Sample, noticed: readonly Observation[]): Sight {
  const seen = appearance(vessel);
  const dry = dryWord(vessel, sample);
  const gas = noticed.find((o) => o.channel === 'gas' && o.event === 'evolved');
  const fumes = fumesOver(vessel);
  const sublimate = vessel.heated && onCoolWall(vessel.heated);
  return {
    mL: vessel.mL,
    ...(seen.liquid && { liquid: { colour: seen.liquid.word, cloudy: seen.liquid.cloudy } }),
    ...(!dry && solidIn(seen, vessel.settled)),
    ...(vessel.layer && seen.layer && { layer: { colour: seen.layer.word, mL: vessel.layer.mL, position: seen.layer.position } }),
    ...(vessel.beneath && { beneath: { mL: vessel.beneath.mL, ...(seen.ring && { ring: seen.ring.word }) } }),
    ...(dry && { dry }),
    ...(dry && !vessel.heated && sample.kind === 'solid' && { grains: grainColours(sample).slice(1) }),
    ...(sublimate && { sublimate }),
    ...(vessel.heated?.watery && { droplets: true }),
    ...(gas && { bubbling: gas.vigour ?? 'slow' }),
    ...(fumes && { fumes }),
  };
}

/** A tube of a real sample: Foxing knows how much was put in, not how it looks. */
export function plainDrawing(vessel: Vessel): Drawing {
  const dry = vessel.mL <= 0;
  return {
    mL: asRead('meniscus', vessel.mL),
    droplets: false,
    bubbles: 0,
    ...(dry ? { dry: { hex: '#d8d2c6', fill: DRY_FILL } } : { liquid: { hex: '#e6e1d6', cloudy: false } }),
    text: dry ? 'a dry solid, yours to look at' : `${vessel.mL.toFixed(1)} mL, yours to look at`,
  };
}
