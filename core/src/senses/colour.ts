/** Colour: from absorption to sRGB, and from sRGB to the words of the vocabulary. */
import { converter, differenceEuclidean, formatHex, type Oklab, parse } from 'culori';
import type { Band } from '../matter/data/spectra';
import type { Colour } from '../vocabulary/words';

/** CIE standard illuminant D65, relative power from 380 to 780 nm by 10 nm. Source: CIE 15:2018, table 1. */
const D65 = [
  49.98, 54.65, 82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.8, 104.79, 107.69, 104.41,
  104.05, 100, 96.33, 95.79, 88.69, 90.01, 89.6, 87.7, 83.29, 83.7, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61, 74.35, 61.6, 69.89,
  75.09, 63.59, 46.42, 66.81, 63.38,
];

const FIRST_NM = 380;
const STEP_NM = 10;

/** Two-sided Gaussian lobe. */
const lobe = (nm: number, centre: number, below: number, above: number) => {
  const t = (nm - centre) / (nm < centre ? below : above);
  return Math.exp(-0.5 * t * t);
};

/**
 * CIE 1931 2° colour matching functions as sums of Gaussians. Source: C. Wyman, P.-P. Sloan and P. Shirley, Simple
 * analytic approximations to the CIE XYZ color matching functions, J. Computer Graphics Techniques 2013, 2, 1.
 */
const weights = D65.map((power, i) => {
  const nm = FIRST_NM + i * STEP_NM;
  const x = 1.056 * lobe(nm, 599.8, 37.9, 31) + 0.362 * lobe(nm, 442, 16, 26.7) - 0.065 * lobe(nm, 501.1, 20.4, 26.2);
  const y = 0.821 * lobe(nm, 568.8, 46.9, 40.5) + 0.286 * lobe(nm, 530.9, 16.3, 31.1);
  const z = 1.217 * lobe(nm, 437, 11.8, 36) + 0.681 * lobe(nm, 459, 26, 13.8);
  return { nm, x: x * power, y: y * power, z: z * power };
});
const whitePoint = weights.reduce((s, w) => ({ x: s.x + w.x, y: s.y + w.y, z: s.z + w.z }), { x: 0, y: 0, z: 0 });
/** D65 white in XYZ, to which the sums above are scaled so that no absorption is exactly white. */
const WHITE = { x: 0.95047, y: 1, z: 1.08883 };

const toRgb = converter('rgb');
const toLinear = converter('lrgb');
const toOklab = converter('oklab');
const distance = differenceEuclidean('oklab');

const clamp = (v: number) => Math.min(1, Math.max(0, v));

/** A solute's bands and its concentration in mol/L. */
export interface Absorber {
  readonly bands: readonly Band[];
  readonly molar: number;
}

const absorbed = new WeakMap<readonly Band[], Float64Array>();

/** Molar absorption by the bands, L/(mol cm), at each of the wavelengths summed over. */
function absorption(bands: readonly Band[]): Float64Array {
  let known = absorbed.get(bands);
  if (!known) {
    known = Float64Array.from(weights, ({ nm }) =>
      bands.reduce(
        (sum, [centre, epsilon, width]) => sum + epsilon * Math.exp(-Math.LN2 * (((nm - centre) / width) * 2) ** 2),
        0,
      ),
    );
    absorbed.set(bands, known);
  }
  return known;
}

/** Light goes through so much liquid in a common test tube held before a card, cm. */
const TUBE_CM = 1.5;

/** sRGB of white daylight through a tube of liquid by Beer–Lambert's law. */
export function transmitted(absorbers: readonly Absorber[]): string {
  if (!absorbers.length) return '#ffffff';
  let x = 0;
  let y = 0;
  let z = 0;
  for (const [i, w] of weights.entries()) {
    let absorbance = 0;
    for (const a of absorbers) absorbance += a.molar * absorption(a.bands)[i]! * TUBE_CM;
    const through = Math.pow(10, -absorbance);
    x += w.x * through;
    y += w.y * through;
    z += w.z * through;
  }
  const rgb = toRgb({
    mode: 'xyz65',
    x: (x / whitePoint.x) * WHITE.x,
    y: (y / whitePoint.y) * WHITE.y,
    z: (z / whitePoint.z) * WHITE.z,
  });
  return formatHex({ mode: 'rgb', r: clamp(rgb.r), g: clamp(rgb.g), b: clamp(rgb.b) });
}

/** Mixes opaque solids by Kubelka–Munk: `weight` is amount times scattering power. */
export function mixedSolid(parts: readonly { hex: string; weight: number }[]): string {
  const total = parts.reduce((s, p) => s + p.weight, 0);
  const lights = parts.map((p) => ({ rgb: toLinear(parse(p.hex)!), share: p.weight / total }));
  const channel = (pick: (c: { r: number; g: number; b: number }) => number) => {
    let ks = 0;
    for (const { rgb, share } of lights) {
      const reflectance = Math.min(0.98, Math.max(0.005, pick(rgb)));
      ks += share * ((1 - reflectance) ** 2 / (2 * reflectance));
    }
    return 1 + ks - Math.sqrt(ks * ks + 2 * ks);
  };
  return formatHex({ mode: 'lrgb', r: channel((c) => c.r), g: channel((c) => c.g), b: channel((c) => c.b) });
}

/** Colour words for liquids, each with colours that it stands for in a tube before a white card. */
export const LIQUID_WORDS: Readonly<Partial<Record<Colour, readonly string[]>>> = {
  'pale-yellow': ['#faf6c4', '#f8ffa6', '#fffdec', '#fbffe0', '#f4ffe4'],
  yellow: ['#f3e05c', '#ffff00', '#ffd000', '#ffc500', '#f6ff60'],
  orange: ['#f09a30', '#ff7c00', '#ffa000'],
  'orange-red': ['#e0581f', '#ff3b00', '#ff5100'],
  red: ['#b8201a', '#e60000', '#970000', '#f91c1c'],
  crimson: ['#49001c', '#9c1540', '#87003b', '#ac0061', '#d01060'],
  pink: ['#ff5eb3', '#f5c3d6', '#ffb5de', '#ffeef8', '#ffe6ea', '#ff9fab', '#ff9bf6'],
  violet: [
    '#24324a',
    '#2e0046',
    '#8c46ad',
    '#5b7a98',
    '#cdd7e2',
    '#d4008b',
    '#ff00c9',
    '#d77fea',
    '#5b0080',
    '#c54cce',
    '#b90067',
  ],
  'pale-blue': ['#c4d9fc', '#cfe6f6', '#caf8ff', '#f1fdff', '#eaedff', '#dff3ff', '#b3f3fc'],
  blue: ['#6fa9e2', '#00b4fe', '#00ccff', '#47a8f7', '#a5b1ff', '#8dd3ff', '#78dcff'],
  'deep-blue': ['#2140a6', '#30009e', '#316fea', '#001fe3', '#16003f'],
  'blue-green': ['#86cfcb', '#00ebe6', '#00b0a8', '#a0dcd4'],
  'pale-green': ['#d3efd0', '#e9fff0', '#effaf3', '#c5f9cb', '#d8f5e6'],
  green: ['#63b36c', '#00d89c', '#71d4a2', '#9dfdd1', '#82eb3e', '#00ab8c'],
  'dark-green': ['#2c6a3c', '#007125', '#315200', '#006447'],
  brown: ['#8d5c2b', '#d8c686', '#bfa05a', '#a06a20'],
  'red-brown': ['#8c3a1a', '#7b2a10', '#5b0000', '#300000'],
  'dark-brown': ['#402512', '#33190a', '#1e0a00'],
  black: ['#100c0c', '#000000'],
};

/** Colour words for solids. */
export const SOLID_WORDS: Readonly<Partial<Record<Colour, string>>> = {
  white: '#fdfdfb',
  'off-white': '#f3efe4',
  buff: '#ecd9bd',
  cream: '#f5eccb',
  'pale-yellow': '#f5f0ad',
  yellow: '#f2d64b',
  orange: '#e8832a',
  'orange-red': '#dd5530',
  red: '#c0302f',
  pink: '#eebcc8',
  violet: '#8f68b0',
  'pale-blue': '#a9d3e6',
  blue: '#4f7fc8',
  'deep-blue': '#1c3a8c',
  'blue-green': '#7fc4bd',
  'pale-green': '#b5dcb0',
  green: '#5fa060',
  'dark-green': '#2f5f3c',
  'dirty-green': '#8a9a76',
  brown: '#7d5535',
  'red-brown': '#8f4327',
  'dark-brown': '#40291c',
  grey: '#8d8a86',
  black: '#1d1b1a',
  silver: '#c9c9c9',
};

/**
 * How different two colours are named, in OKLab: hue counts for more than lightness, as it does when a person chooses
 * between words.
 */
export function namingDistance(p: Oklab, q: Oklab): number {
  const chromaP = Math.hypot(p.a, p.b);
  const chromaQ = Math.hypot(q.a, q.b);
  const chroma = chromaP - chromaQ;
  const apart = (p.a - q.a) ** 2 + (p.b - q.b) ** 2;
  const hue = Math.max(0, apart - chroma * chroma);
  return Math.sqrt((0.6 * (p.l - q.l)) ** 2 + 0.7 * chroma * chroma + 3 * hue);
}

export const lab = (hex: string): Oklab => toOklab(parse(hex)!);

export type Sample = readonly [word: Colour, lab: Oklab];

function nearest(colour: Oklab, samples: readonly Sample[]): Colour {
  let best: Colour = 'none';
  let least = Infinity;
  for (const [word, sample] of samples) {
    const d = namingDistance(colour, sample);
    if (d < least) {
      least = d;
      best = word;
    }
  }
  return best;
}

/** Black with something paler in it is still called black, and a white with black in it grey. */
const BETWEEN: readonly Sample[] = [
  ['black', lab('#2d2a28')],
  ['grey', lab('#a9a5a3')],
];

/** Silver is said of metal, never of a powder in a tube. */
export const opaqueSamples = [
  ...(Object.keys(SOLID_WORDS) as Colour[])
    .filter((word) => word !== 'silver')
    .map((word): Sample => [word, lab(SOLID_WORDS[word]!)]),
  ...BETWEEN,
];

/** The word for the colour of a solid. */
export const solidWord = (hex: string): Colour => nearest(lab(hex), opaqueSamples);

export const liquidSamples = (Object.keys(LIQUID_WORDS) as Colour[]).flatMap((word) =>
  LIQUID_WORDS[word]!.map((hex): Sample => [word, lab(hex)]),
);

/** A liquid this near to white passes for colourless, in OKLab: about what a trained eye tells beside a blank. */
const COLOURLESS_WITHIN = 0.008;
const NO_COLOUR = lab('#ffffff');

/** The same of a thin layer, which is judged beside another liquid and not beside a blank. By judgement. */
export const LAYER_COLOURLESS_WITHIN = 0.035;

/** The word for a liquid's colour. @param within distance from white, in OKLab, that passes for colourless. */
export function liquidWord(hex: string, within = COLOURLESS_WITHIN): Colour {
  const colour = lab(hex);
  return distance(colour, NO_COLOUR) < within ? 'colourless' : nearest(colour, liquidSamples);
}

/** The colour that a word stands for, for swatches. */
export function sampleOf(word: Colour): string | undefined {
  return word === 'colourless' || word === 'none' ? '#ffffff' : (EXTRA[word] ?? SOLID_WORDS[word] ?? LIQUID_WORDS[word]?.[0]);
}

/** The colour that a word stands for when it is said of a liquid. */
export const liquidSampleOf = (word: Colour): string | undefined => LIQUID_WORDS[word]?.[0] ?? sampleOf(word);

/** Words of flames and liquids that no solid is called by. */
const EXTRA: Readonly<Partial<Record<Colour, string>>> = { crimson: '#b01a45', 'apple-green': '#9fd356', 'brick-red': '#c1492e' };

/** How far apart two colour words are: 0 for the same, about 0.1 for neighbours. */
export function wordDistance(a: Colour, b: Colour): number {
  if (a === b) return 0;
  const hexA = sampleOf(a);
  const hexB = sampleOf(b);
  return hexA && hexB ? namingDistance(lab(hexA), lab(hexB)) : 1;
}
