import type { Colour, Smell } from '../../vocabulary/words';
import type { SourceKey } from './sources';

export interface GasSenses {
  /** Colour of the gas in air as a vocabulary word; absent when it cannot be seen. */
  readonly colour?: Colour;
  readonly smell?: Smell;
  /** On damp litmus. */
  readonly litmus?: 'acid' | 'alkaline' | 'bleaches';
  /** So weak an acid that only a strong stream of it, atm, reddens damp litmus; beside another it counts for a tenth. */
  readonly weakAcid?: number;
  /** Blackens lead acetate, greens dichromate, blues starch-iodide, clouds lime water. */
  readonly lead?: true;
  readonly dichromate?: true;
  readonly iodide?: true;
  readonly limewater?: true;
  /** White fumes with a rod dipped in this. */
  readonly rod?: 'ammonia-conc' | 'hydrochloric-acid-conc';
  /** At a splint. */
  readonly splint?: 'pop' | 'relit' | 'extinguished';
  /** Made at a junction, it rises and colours the liquid above. */
  readonly rises?: true;
  /** A waft of it is never to be taken. */
  readonly deadly?: true;
}

/**
 * Gases: formula, over the components, log10 of that product at a partial pressure of 1 atm and 25 °C, source,
 * enthalpy of dissolution from the gas into those components (kJ/mol), what the senses and papers tell.
 */
export type GasRow = readonly [formula: string, of: string, logK: number, source: SourceKey, enthalpy: number, senses: GasSenses];

export const GASES: readonly GasRow[] = [
  ['CO2', 'CO3^2- + 2 H+', -18.15, 'SANDER', -4, { litmus: 'acid', weakAcid: 0.03, limewater: true, splint: 'extinguished' }],
  ['SO2', 'SO3^2- + 2 H+', -8.94, 'SANDER', -26, { smell: 'burning-sulfur', litmus: 'acid', dichromate: true, limewater: true }],
  ['H2S', 'HS- + H+', -8.01, 'SANDER', 5, { smell: 'rotten-eggs', litmus: 'acid', lead: true, dichromate: true }],
  ['NH3', 'NH3', 1.77, 'SANDER', -35, { smell: 'ammonia', litmus: 'alkaline', rod: 'hydrochloric-acid-conc' }],
  ['HCl', 'H+ + Cl-', 6.3, 'SANDER', -75, { smell: 'pungent', litmus: 'acid', rod: 'ammonia-conc' }],
  ['HBr', 'H+ + Br-', 8.86, 'SANDER', -85, { smell: 'pungent', litmus: 'acid', rod: 'ammonia-conc' }],
  ['HI', 'H+ + I-', 9.4, 'SANDER', -82, { smell: 'pungent', litmus: 'acid', rod: 'ammonia-conc' }],
  ['HF', 'H+ + F-', 0.98, 'SANDER', -61, { smell: 'pungent', litmus: 'acid', rod: 'ammonia-conc' }],
  ['SiF4', 'H2SiO3 + 4 H+ + 4 F-', -16.0, 'FIT', -40, { smell: 'pungent', litmus: 'acid' }],
  ['HNO3', 'H+ + NO3-', 6.5, 'SANDER', -72, { smell: 'pungent', litmus: 'acid', rod: 'ammonia-conc' }],
  ['HCN', 'CN- + H+', -8.3, 'SANDER', 2, { smell: 'bitter-almond-do-not-smell', litmus: 'acid', deadly: true }],
  ['CH3COOH', 'CH3COO- + H+', -1.06, 'SANDER', -52, { smell: 'vinegar', litmus: 'acid' }],
  ['C4H8O2', 'C4H8O2', 0.77, 'SANDER', -44, { smell: 'fruity' }],
  ['HCOOH', 'HCOO- + H+', 0.2, 'SANDER', -47, { smell: 'pungent', litmus: 'acid' }],
  ['NO', 'NO', -2.72, 'SANDER', -12, { rises: true, colour: 'brown', smell: 'pungent', litmus: 'acid', iodide: true }],
  ['NO2', 'NO2', -1.9, 'SANDER', -20, { colour: 'brown', smell: 'pungent', litmus: 'acid', iodide: true }],
  ['Cl2', 'Cl2', -1.03, 'SANDER', -20, { colour: 'pale-green', smell: 'bleach', litmus: 'bleaches', iodide: true }],
  ['Br2', 'Br2', -0.15, 'SANDER', -37, { colour: 'red-brown', smell: 'pungent', litmus: 'bleaches', iodide: true }],
  ['I2', 'I2', 0.52, 'SANDER', -34, { colour: 'violet', smell: 'pungent', iodide: true }],
  ['ClO2', 'ClO2', 0.0, 'SANDER', -27, { colour: 'yellow', smell: 'bleach', litmus: 'bleaches', iodide: true }],
  ['CrO2Cl2', 'CrO4^2- + 2 Cl- + 4 H+', 10.3, 'FIT', -30, { colour: 'red-brown', smell: 'pungent', litmus: 'acid', iodide: true }],
  ['CO', 'CO', -3.02, 'SANDER', -11, {}],
  ['O2', 'O2', -2.9, 'SANDER', -12, { splint: 'relit' }],
  ['H2', 'H2', -3.11, 'SANDER', -4, { splint: 'pop' }],
  ['N2O', 'N2O', -1.61, 'SANDER', -20, { splint: 'relit' }],
  ['N2', 'N2', -3.19, 'SANDER', -11, { splint: 'extinguished' }],
];
