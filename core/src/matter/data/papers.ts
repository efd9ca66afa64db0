/** Test papers: their own colour, and what turns them. Ranges of litmus: VOGEL; least amounts by judgement, a drop on the paper. */
import type { Colour, Paper } from '../../vocabulary/words';
import type { GasSenses } from './gases';

export interface PaperRow {
  readonly id: Paper;
  readonly untouched: Colour;
  /** Turns at a pH above or below, by a drop of the liquid; at the mouth by the gases of that kind. */
  readonly turns?: { readonly by: 'acid' | 'alkaline'; readonly pH: number; readonly colour: Colour };
  /** Colours from pH 0 to 14. */
  readonly scale?: readonly Colour[];
  /** Species that turn it, each with its weight, from so many mol/L on. */
  readonly dissolved?: { readonly species: Readonly<Record<string, number>>; readonly least: number };
  /** A gas with this sense turns it, from so many atm on. */
  readonly gas?: { readonly sense: keyof GasSenses; readonly least: number };
  /** The colour that `dissolved` and `gas` give it. */
  readonly becomes?: Colour;
}

export const PAPER_ROWS: readonly PaperRow[] = [
  { id: 'red-litmus', untouched: 'red', turns: { by: 'alkaline', pH: 8, colour: 'blue' } },
  { id: 'blue-litmus', untouched: 'blue', turns: { by: 'acid', pH: 5.2, colour: 'red' } },
  {
    id: 'universal-indicator',
    untouched: 'green',
    scale: [
      'red', 'red', 'red', 'orange-red', 'orange', 'orange', 'yellow', 'green', 'blue-green', 'blue-green', 'blue', 'deep-blue', 'violet',
      'violet', 'violet',
    ],
  },
  {
    id: 'lead-acetate',
    untouched: 'white',
    dissolved: { species: { 'HS-': 1, H2S: 1 }, least: 1e-5 },
    gas: { sense: 'lead', least: 0 },
    becomes: 'black',
  },
  {
    id: 'dichromate',
    untouched: 'orange',
    dissolved: { species: { SO2: 1, 'HSO3-': 1 }, least: 1e-4 },
    gas: { sense: 'dichromate', least: 5e-4 },
    becomes: 'green',
  },
  {
    id: 'starch-iodide',
    untouched: 'white',
    dissolved: { species: { 'I3-': 1, I2: 1, Cl2: 1, HOCl: 1, 'ClO-': 1, Br2: 1, HNO2: 0.1 }, least: 1e-5 },
    gas: { sense: 'iodide', least: 0 },
    becomes: 'deep-blue',
  },
];
