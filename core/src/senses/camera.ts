/**
 * A small simulated camera: it photographs a drawn tube before a white card, in light that is tinted and uneven, with the noise
 * of a cheap sensor. It stands in for a device in the demo and in tests, and knows nothing of how colours are read.
 */
import { converter, parse } from 'culori';
import { CARD_WHITE, eachPart, type Light, type Picture, type Spot } from './colour-reading';
import type { Drawing } from './drawn';

export interface Lighting {
  /** Of the lamp as the camera balances it, by channel; 1 is white. */
  readonly tint: Light;
  /** How much lighter the right edge is than the left, as a share; and the foot than the top. */
  readonly across: number;
  readonly down: number;
  /** Light of the card in the middle, linear, 0 to 1. */
  readonly exposure: number;
  /** Standard deviation of the sensor's noise, linear. */
  readonly noise: number;
}

export const DAYLIGHT: Lighting = { tint: [1, 1, 1], across: 0, down: 0, exposure: 0.7, noise: 0.004 };

/** A lamp and a camera such as one meets in a laboratory: warm to cool, uneven by a third, noisy. */
export function someLighting(random: () => number): Lighting {
  const between = (low: number, high: number) => low + (high - low) * random();
  const warmth = between(-0.28, 0.28);
  return {
    tint: [1 + warmth, 1 + between(-0.06, 0.06), 1 - warmth],
    across: between(-0.35, 0.35),
    down: between(-0.25, 0.25),
    exposure: between(0.4, 0.62),
    noise: between(0.003, 0.02),
  };
}

export interface Photograph extends Picture {
  /** Where the liquid, the solid and the card beside them are to be found. */
  readonly liquid: Spot | null;
  readonly solid: Spot | null;
  readonly card: Spot;
}

const WIDTH = 240;
const HEIGHT = 180;
/** The tube in the picture. */
const TUBE = { x: 120, radius: 17, top: 20, bottom: 155 };
const CARD = { left: 55, right: 185, top: 10, bottom: 165 };
const FULL_ML = 6;
const BENCH: Light = [0.16, 0.12, 0.09];
const WHITE: Light = [1, 1, 1];
/** A powder or a precipitate is not of one shade: by so much of its light. */
const GRAIN = 0.05;

const toLinear = converter('lrgb');
const lightOf = (hex: string): Light => {
  const { r, g, b } = toLinear(parse(hex)!);
  return [r, g, b];
};

/** sRGB byte of linear light. Source: IEC 61966-2-1. */
const byte = (v: number) => 255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);

/** Near enough to a normal distribution: the sum of four even ones, with variance 1. */
const normal = (random: () => number) => (random() + random() + random() + random() - 2) * Math.sqrt(3);

interface Levels {
  readonly liquidTop: number;
  readonly solidTop: number;
}

function levelsOf({ mL, liquid, solid, dry }: Drawing): Levels {
  const { top, bottom } = TUBE;
  const share = solid?.fill ?? dry?.fill ?? 0;
  const height = liquid ? Math.min(1, Math.max(0.3, mL / FULL_ML)) * (bottom - top) : 0;
  return { liquidTop: bottom - height, solidTop: bottom - Math.max(share > 0 ? 20 : 0, share * (bottom - top)) };
}

/** What gives light back at a place, and how much of it a curved glass lets through there. */
function scene(drawing: Drawing) {
  const { liquidTop, solidTop } = levelsOf(drawing);
  const opaque = drawing.solid?.hex ?? drawing.dry?.hex;
  const solid = opaque === undefined ? null : lightOf(opaque);
  const liquid = drawing.liquid ? lightOf(drawing.liquid.hex) : WHITE;
  return (x: number, y: number, grain: number): Light => {
    const onCard = x > CARD.left && x < CARD.right && y > CARD.top && y < CARD.bottom;
    const behind: Light = onCard ? [CARD_WHITE, CARD_WHITE, CARD_WHITE] : BENCH;
    const aside = Math.abs(x - TUBE.x) / TUBE.radius;
    if (aside >= 1 || y < TUBE.top || y > TUBE.bottom) return behind;
    if (aside > 0.62 && aside < 0.7 && x < TUBE.x) return [0.95, 0.95, 0.95];
    const glass = aside > 0.8 ? 1 - 1.6 * (aside - 0.8) : 1;
    if (solid && y > solidTop) return eachPart(solid, (v) => v * glass * (1 + GRAIN * grain));
    return eachPart(behind, (v, i) => v * (y > liquidTop ? liquid[i] : 1) * glass);
  };
}

/** @param random numbers from 0 to 1: the same numbers give the same photo. */
export function photograph(drawing: Drawing, lighting: Lighting, random: () => number): Photograph {
  const { tint, across, down, exposure, noise } = lighting;
  const at = scene(drawing);
  const data = new Uint8ClampedArray(4 * WIDTH * HEIGHT);
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      const lamp = (exposure / CARD_WHITE) * (1 + across * (x / WIDTH - 0.5)) * (1 + down * (y / HEIGHT - 0.5));
      const light = at(x, y, normal(random));
      const pixel = 4 * (y * WIDTH + x);
      for (let i = 0; i < 3; i++)
        data[pixel + i] = byte(Math.min(1, Math.max(0, light[i]! * lamp * tint[i]! + noise * normal(random))));
      data[pixel + 3] = 255;
    }
  const { liquidTop, solidTop } = levelsOf(drawing);
  const solidThere = drawing.solid ?? drawing.dry;
  const middle = (top: number, bottom: number): Spot => ({ x: TUBE.x, y: Math.round((top + bottom) / 2) });
  const solid = solidThere ? middle(solidTop, TUBE.bottom) : null;
  const liquid = drawing.liquid && liquidTop < solidTop ? middle(liquidTop, solidThere ? solidTop : TUBE.bottom) : null;
  const seen = solid ?? liquid ?? middle(TUBE.top, TUBE.bottom);
  return { width: WIDTH, height: HEIGHT, data, liquid, solid, card: { x: TUBE.x + TUBE.radius + 11, y: seen.y } };
}

/** Within this of a spot all is of one thing, pixels. */
export const SPOT_RADIUS = 5;
