/** Colour: from absorption to sRGB, and from sRGB to the words of the vocabulary. */
import { converter, differenceEuclidean, formatHex, parse } from 'culori';
import type { Band } from '../matter/data/spectra';

/** CIE standard illuminant D65, relative power from 380 to 780 nm by 10 nm. Source: CIE 15:2018, table 1. */
const D65 = [
  49.98, 54.65, 82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.8, 104.79, 107.69,
  104.41, 104.05, 100, 96.33, 95.79, 88.69, 90.01, 89.6, 87.7, 83.29, 83.7, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61, 74.35,
  61.6, 69.89, 75.09, 63.59, 46.42, 66.81, 63.38,
]; // prettier-ignore

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
const toOklab = converter('oklab');
const distance = differenceEuclidean('oklab');

const clamp = (v: number) => Math.min(1, Math.max(0, v));

/** A solute's bands and its concentration in mol/L. */
export interface Absorber {
  readonly bands: readonly Band[];
  readonly molar: number;
}

/** sRGB of white daylight through `pathCm` of liquid by Beer–Lambert's law. */
export function transmitted(absorbers: readonly Absorber[], pathCm = 1): string {
  if (!absorbers.length) return '#ffffff';
  let x = 0;
  let y = 0;
  let z = 0;
  for (const w of weights) {
    let absorbance = 0;
    for (const a of absorbers) {
      for (const [centre, epsilon, width] of a.bands) {
        const t = ((w.nm - centre) / width) * 2;
        absorbance += a.molar * epsilon * pathCm * Math.exp(-Math.LN2 * t * t);
      }
    }
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
  const channel = (pick: (c: { r: number; g: number; b: number }) => number) => {
    let ks = 0;
    for (const p of parts) {
      const rgb = converter('lrgb')(parse(p.hex)!);
      const reflectance = Math.min(0.98, Math.max(0.005, pick(rgb)));
      ks += (p.weight / total) * ((1 - reflectance) ** 2 / (2 * reflectance));
    }
    return 1 + ks - Math.sqrt(ks * ks + 2 * ks);
  };
  return formatHex({ mode: 'lrgb', r: channel((c) => c.r), g: channel((c) => c.g), b: channel((c) => c.b) });
}

/** Colour words for liquids, with the colour that each stands for in a tube before a white card. */
export const LIQUID_WORDS: Readonly<Record<string, string>> = {
  colourless: '#ffffff', 'pale-yellow': '#faf6c4', yellow: '#f3e05c', orange: '#f09a30', 'orange-red': '#e0581f', red: '#b8201a',
  crimson: '#9c1540', pink: '#f5c3d6', violet: '#8c46ad', 'pale-blue': '#cfe6f6', blue: '#6fa9e2', 'deep-blue': '#2140a6',
  'blue-green': '#86cfcb', 'pale-green': '#d3efd0', green: '#63b36c', 'dark-green': '#2c6a3c', brown: '#8d5c2b',
  'red-brown': '#8c3a1a', 'dark-brown': '#402512', black: '#100c0c',
}; // prettier-ignore

/** Colour words for solids. */
export const SOLID_WORDS: Readonly<Record<string, string>> = {
  white: '#fdfdfb', 'off-white': '#f3efe4', buff: '#ecd9bd', cream: '#f5eccb', 'pale-yellow': '#f5f0ad', yellow: '#f2d64b',
  orange: '#e8832a', 'orange-red': '#dd5530', red: '#c0302f', pink: '#eebcc8', violet: '#8f68b0', 'pale-blue': '#a9d3e6',
  blue: '#4f7fc8', 'deep-blue': '#1c3a8c', 'blue-green': '#7fc4bd', 'pale-green': '#b5dcb0', green: '#5fa060',
  'dark-green': '#2f5f3c', 'dirty-green': '#8a9a76', brown: '#7d5535', 'red-brown': '#8f4327', 'dark-brown': '#40291c',
  grey: '#8d8a86', black: '#1d1b1a', silver: '#c9c9c9',
}; // prettier-ignore

/** The word of a list nearest to a colour, in OKLab. */
export function nearestWord(hex: string, words: Readonly<Record<string, string>>): string {
  const colour = toOklab(parse(hex)!);
  let best = '';
  let least = Infinity;
  for (const [word, sample] of Object.entries(words)) {
    const d = distance(colour, parse(sample)!);
    if (d < least) {
      least = d;
      best = word;
    }
  }
  return best;
}

/** How far apart two colour words are, 0 for the same to about 1, in OKLab. */
export function wordDistance(a: string, b: string): number {
  if (a === b) return 0;
  const hexA = SOLID_WORDS[a] ?? LIQUID_WORDS[a];
  const hexB = SOLID_WORDS[b] ?? LIQUID_WORDS[b];
  return hexA && hexB ? distance(parse(hexA)!, parse(hexB)!) : 1;
}
