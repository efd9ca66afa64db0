/** The colour of something in a photo, corrected by a white card beside it and told in the words of the vocabulary. */
import { converter, formatHex, type Oklab } from 'culori';
import type { Colour } from '../vocabulary/words';
import { lab, liquidSampleOf, liquidSamples, namingDistance, opaqueSamples, type Sample, sampleOf } from './colour';

/** RGBA, four bytes a pixel, row by row, as a canvas gives it. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** In pixels from the upper left corner. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Light as the camera measured it, linear, each 0 to 1. */
export type Light = readonly [red: number, green: number, blue: number];

/** Something done to every part of a light. */
export const eachPart = ([r, g, b]: Light, of: (part: number, i: 0 | 1 | 2) => number): Light => [of(r, 0), of(g, 1), of(b, 2)];

/** Linear light of an sRGB byte. Source: IEC 61966-2-1. */
const LINEAR = Float64Array.from({ length: 256 }, (_, i) => {
  const v = i / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
});

/** Of all pixels around a spot the lightest and darkest tenths are left out: glints, grains and specks. */
const LEFT_OUT = 0.1;

/** Mean without the brightest and the darkest; the list is sorted. */
function trimmedMean(values: number[]): number {
  const sorted = values.sort((a, b) => a - b);
  const cut = Math.floor(sorted.length * LEFT_OUT);
  const kept = sorted.slice(cut, sorted.length - cut);
  return kept.reduce((sum, v) => sum + v, 0) / Math.max(1, kept.length);
}

/** The light around a spot. */
export function lightAt({ width, height, data }: Picture, { x, y }: Spot, radius: number): Light {
  const channels: [number[], number[], number[]] = [[], [], []];
  for (let row = Math.max(0, Math.ceil(y - radius)); row <= Math.min(height - 1, y + radius); row++)
    for (let column = Math.max(0, Math.ceil(x - radius)); column <= Math.min(width - 1, x + radius); column++) {
      if ((column - x) ** 2 + (row - y) ** 2 > radius * radius) continue;
      const at = 4 * (row * width + column);
      channels.forEach((c, i) => c.push(LINEAR[data[at + i]!]!));
    }
  const [red, green, blue] = channels;
  return [trimmedMean(red), trimmedMean(green), trimmedMean(blue)];
}

/** Share of the light that a matt white card gives back, by judgement: printing papers and cards lie between 0.85 and 0.95. */
export const CARD_WHITE = 0.92;
/** A card darker than this, or so light that the camera was blinded, is no reference. */
const DARKEST_CARD = 0.08;
const BLINDED = 0.995;

export interface Word {
  readonly word: Colour;
  /** How far the colour is from what the word stands for; 0.1 is about a neighbour. */
  readonly distance: number;
}

export type Reading =
  /** Without a card that can be trusted there is no telling. */
  | { readonly known: false; readonly why: string }
  | {
      readonly known: true;
      /** As it would look in white light, sRGB. */
      readonly hex: string;
      /** The two nearest words, the nearest first. */
      readonly words: readonly [Word, Word];
      /** How far it is from each colour that is expected here, the nearest first. */
      readonly expected: readonly Word[];
    };

const toOklab = converter('oklab');
const clamp = (v: number) => Math.min(1, Math.max(0, v));

const nearestOf = (colour: Oklab, samples: readonly Sample[]): Word[] => {
  const least = new Map<Colour, number>();
  for (const [word, sample] of samples) {
    const d = namingDistance(colour, sample);
    if (d < (least.get(word) ?? Infinity)) least.set(word, d);
  }
  return [...least].map(([word, distance]) => ({ word, distance })).sort((a, b) => a.distance - b.distance);
};

const CLEAR: Sample = ['colourless', lab('#ffffff')];

/** What a colour is called, nearest first. */
const wordsFor = (colour: Oklab, of: 'solid' | 'liquid'): Word[] =>
  nearestOf(colour, of === 'solid' ? opaqueSamples : [CLEAR, ...liquidSamples]);

export interface Asked {
  /** Light of what is asked about, and of the card. */
  readonly patch: Light;
  readonly card: Light | null;
  readonly of: 'solid' | 'liquid';
  readonly expected?: readonly Colour[];
}

const NO_CARD =
  'Point at the white card close beside the tube: without it the lamp and the camera cannot be told from the colour.';

/** What may be said of a colour. It advises; what is written stays the person's. */
export function readColour({ patch, card, of, expected = [] }: Asked): Reading {
  if (!card) return { known: false, why: NO_CARD };
  if (Math.max(...card) < DARKEST_CARD)
    return {
      known: false,
      why: 'What you took for the card is dark; point at the card itself, or take the photo in more light.',
    };
  if (card.some((v) => v > BLINDED))
    return { known: false, why: 'The card is too bright in this photo for its colour to be measured; take it in less light.' };
  // Behind a liquid it is the card that shines through; a solid gives back light of its own.
  const white = of === 'liquid' ? 1 : CARD_WHITE;
  const [r, g, b] = eachPart(patch, (v, i) => clamp((v / card[i]) * white));
  const linear = { mode: 'lrgb' as const, r, g, b };
  const colour = toOklab(linear);
  const [first, second] = wordsFor(colour, of) as [Word, Word, ...Word[]];
  const swatch = of === 'solid' ? sampleOf : liquidSampleOf;
  const awaited = expected.flatMap((word) => {
    const known = wordsFor(colour, of).find((w) => w.word === word);
    const hex = swatch(word);
    return known ?? (hex ? { word, distance: namingDistance(colour, lab(hex)) } : []);
  });
  return {
    known: true,
    hex: formatHex(linear),
    words: [first, second],
    expected: [...awaited].sort((a, b2) => a.distance - b2.distance),
  };
}
