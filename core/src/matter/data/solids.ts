import type { Colour, Texture } from '../../vocabulary/words';
import type { SourceKey } from './sources';

export interface SolidTraits {
  /** sRGB of the moist solid where the word's own colour is not close enough. */
  readonly hex?: string;
  /** Time constant of its formation when left standing cold, in minutes; absent when at once. */
  readonly slow?: number;
  /** Forms only in a hot liquid, at or above this temperature in °C. */
  readonly hot?: number;
  /**
   * Forms slowly, with this time constant in minutes when cold, where another solid can hold its matter meanwhile: a carbonate
   * that becomes an oxide.
   */
  readonly ripens?: number;
  /** It ripens so only from complexes of this component, which hold its metal back. */
  readonly from?: string;
  /** Once formed it dissolves only slowly: minutes for most of it when cold; absent when at once. */
  readonly stays?: number;
  /**
   * Dissolution enthalpy, kJ/mol; of hydroxides, oxides and sulfides from heats of formation (CRC), of basic salts and lakes as
   * much for each OH. Mercury and copper have none: those of their complexes and basic salts,
   * on which what falls first hangs, are not known well enough. Aluminium has half of its own, for what it hydrolyses to when hot,
   * and which keeps it clear, is not in the model.
   */
  readonly enthalpy?: number;
  /** No oxidant takes it up unless there is so much of one of these, mol/L. */
  readonly yields?: Readonly<Record<string, number>>;
  /** A metal that is put in as a nail, a turning or a ribbon. */
  readonly piece?: true;
  /** A metal that others plate out on, or that plates out. */
  readonly plates?: true;
  /** Passes through filter paper. */
  readonly colloid?: true;
  /** A colloid that runs together: half-lives boiling and cold, minutes. */
  readonly flocculates?: { readonly hot: number; readonly cold: number };
  /** A lake: a dye held on this solid, which must be there first. */
  readonly on?: string;
  /** mg per mL from which on it is seen as a cloud; by its scattering power when absent. */
  readonly cloud?: number;
  /** Scattering power beside a common white precipitate (1). */
  readonly covers?: number;
}

/**
 * Solids in equilibrium with a solution: formula, what it dissolves to over the components, log10 of that ion product
 * at 25 °C and zero ionic strength, colour word and texture of the fresh precipitate, source of the constant.
 */
export type SolidRow = readonly [
  formula: string, of: string, logK: number, colour: Colour, texture: Texture, source: SourceKey, traits?: SolidTraits,
];

export const SOLIDS: readonly SolidRow[] = [
  // Silver
  ['AgCl', 'Ag+ + Cl-', -9.75, 'white', 'curdy', 'NIST46', { enthalpy: 65, cloud: 0.005 }],
  ['AgBr', 'Ag+ + Br-', -12.3, 'cream', 'curdy', 'NIST46', { enthalpy: 84, cloud: 0.003 }],
  ['AgI', 'Ag+ + I-', -16.08, 'yellow', 'curdy', 'NIST46', { hex: '#ecdf8e', enthalpy: 112, cloud: 0.003 }],
  ['Ag2CO3', '2 Ag+ + CO3^2-', -11.09, 'pale-yellow', 'fine', 'NIST46', { enthalpy: 39.9 }],
  ['Ag2O', '2 Ag+ - 2 H+', 12.58, 'brown', 'fine', 'BM', { ripens: 40, hex: '#5f4330', enthalpy: -43.5 }],
  ['Ag2CrO4', '2 Ag+ + CrO4^2-', -11.92, 'red-brown', 'fine', 'NIST46', { hex: '#8f3423' }],
  ['Ag3PO4', '3 Ag+ + PO4^3-', -17.59, 'yellow', 'fine', 'NIST46'],
  ['Ag3AsO4', '3 Ag+ + AsO4^3-', -22.0, 'red-brown', 'fine', 'CRC', { hex: '#7d4632' }],
  ['Ag3AsO3', '3 Ag+ + H3AsO3 - 3 H+', 14.0, 'yellow', 'fine', 'FIT', { hex: '#e6cf5a' }],
  ['Ag2SO4', '2 Ag+ + SO4^2-', -4.83, 'white', 'crystalline', 'NIST46'],
  ['Ag2SO3', '2 Ag+ + SO3^2-', -13.82, 'white', 'crystalline', 'CRC'],
  ['AgNO2', 'Ag+ + NO2-', -3.22, 'white', 'crystalline', 'CRC'],
  ['AgSCN', 'Ag+ + SCN-', -11.97, 'white', 'curdy', 'NIST46', { cloud: 0.003 }],
  ['AgCN', 'Ag+ + CN-', -15.66, 'white', 'curdy', 'NIST46'],
  ['Ag2C2O4', '2 Ag+ + C2O4^2-', -11.27, 'white', 'curdy', 'CRC'],
  ['AgCH3COO', 'Ag+ + CH3COO-', -2.71, 'white', 'crystalline', 'CRC'],
  ['Ag2S', '2 Ag+ + HS- - H+', -36.25, 'black', 'fine', 'MYERS', { enthalpy: 226.2 }],
  ['Ag4Fe(CN)6', '4 Ag+ + Fe(CN)6^4-', -44.1, 'white', 'gelatinous', 'LANGE'],
  ['Ag3Fe(CN)6', '3 Ag+ + Fe(CN)6^3-', -24.0, 'orange', 'flocculent', 'FIT'],
  ['AgH2BO3', 'Ag+ + H3BO3 - H+', 5.0, 'white', 'fine', 'FIT'],
  ['Ag2S2O3', '2 Ag+ + S2O3^2-', -14.6, 'white', 'curdy', 'FIT'],
  ['Ag2C4H4O6', '2 Ag+ + C4H4O6^2-', -8.3, 'white', 'curdy', 'FIT'],
  ['AgIO3', 'Ag+ + IO3-', -7.5, 'white', 'curdy', 'CRC'],

  // Lead
  ['PbCl2', 'Pb2+ + 2 Cl-', -4.78, 'white', 'crystalline', 'NIST46', { enthalpy: 25 }],
  ['PbBr2', 'Pb2+ + 2 Br-', -5.18, 'white', 'crystalline', 'CRC', { enthalpy: 36 }],
  ['PbI2', 'Pb2+ + 2 I-', -8.1, 'yellow', 'spangles', 'NIST46', { enthalpy: 63, hex: '#f2b705' }],
  ['PbSO4', 'Pb2+ + SO4^2-', -7.79, 'white', 'fine', 'NIST46', { enthalpy: 10 }],
  ['PbCO3', 'Pb2+ + CO3^2-', -13.13, 'white', 'fine', 'NIST46'],
  ['PbCrO4', 'Pb2+ + CrO4^2-', -12.6, 'yellow', 'fine', 'NIST46', { hex: '#f4c430' }],
  ['Pb(OH)2', 'Pb2+ - 2 H+', 13.1, 'white', 'flocculent', 'BM', { enthalpy: -57.5 }],
  ['PbS', 'Pb2+ + HS- - H+', -13.54, 'black', 'fine', 'MYERS', { enthalpy: 81.1 }],
  ['Pb3(PO4)2', '3 Pb2+ + 2 PO4^3-', -43.5, 'white', 'fine', 'NIST46'],
  ['PbHPO4', 'Pb2+ + PO4^3- + H+', -23.8, 'white', 'fine', 'LANGE'],
  ['PbC2O4', 'Pb2+ + C2O4^2-', -9.32, 'white', 'fine', 'LANGE'],
  ['PbF2', 'Pb2+ + 2 F-', -7.48, 'white', 'fine', 'CRC'],
  ['PbSO3', 'Pb2+ + SO3^2-', -12.1, 'white', 'fine', 'FIT'],
  ['PbS2O3', 'Pb2+ + S2O3^2-', -6.4, 'white', 'fine', 'LANGE'],
  ['Pb(SCN)2', 'Pb2+ + 2 SCN-', -4.7, 'white', 'crystalline', 'LANGE'],
  ['Pb2Fe(CN)6', '2 Pb2+ + Fe(CN)6^4-', -18.0, 'white', 'fine', 'LANGE'],
  ['PbHAsO4', 'Pb2+ + AsO4^3- + H+', -23.0, 'white', 'fine', 'FIT'],
  ['PbC4H4O6', 'Pb2+ + C4H4O6^2-', -6.0, 'white', 'crystalline', 'FIT'],
  ['Pb(IO3)2', 'Pb2+ + 2 IO3-', -12.6, 'white', 'fine', 'CRC'],

  // Mercury
  ['Hg2Cl2', 'Hg2^2+ + 2 Cl-', -17.91, 'white', 'fine', 'NIST46'],
  ['Hg2Br2', 'Hg2^2+ + 2 Br-', -22.2, 'white', 'fine', 'NIST46'],
  ['Hg2I2', 'Hg2^2+ + 2 I-', -28.3, 'dirty-green', 'fine', 'NIST46', { hex: '#a9a543' }],
  ['Hg2SO4', 'Hg2^2+ + SO4^2-', -6.13, 'white', 'crystalline', 'NIST46'],
  ['Hg2CO3', 'Hg2^2+ + CO3^2-', -16.05, 'pale-yellow', 'fine', 'LANGE'],
  ['Hg2CrO4', 'Hg2^2+ + CrO4^2-', -8.7, 'red-brown', 'fine', 'LANGE'],
  ['HgO', 'Hg2+ - 2 H+', 2.56, 'yellow', 'fine', 'BM', { hex: '#eeb13c' }],
  // Hot dilute nitric acid leaves it; with chloride it goes.
  ['HgS', 'Hg2+ + HS- - H+', -38.7, 'black', 'fine', 'MYERS', { yields: { 'Cl-': 0.5, Cl2: 1e-3, Br2: 1e-3 } }],
  ['HgI2', 'Hg2+ + 2 I-', -28.1, 'orange-red', 'fine', 'NIST46', { hex: '#e0482a' }],
  ['HgNH2NO3', 'Hg2+ + NH3 + NO3- - H+', -11.5, 'white', 'fine', 'FIT'],
  ['HgHPO4', 'Hg2+ + PO4^3- + H+', -25.5, 'white', 'fine', 'FIT'],
  ['HgNH2Cl', 'Hg2+ + NH3 + Cl- - H+', -12.5, 'white', 'fine', 'FIT'],
  ['Hg2NI·H2O', '2 Hg2+ + NH3 + I- - 3 H+', -22.0, 'red-brown', 'flocculent', 'FIT', { hex: '#9c5328' }],
  ['CoHg(SCN)4', 'Co2+ + Hg2+ + 4 SCN-', -27.0, 'deep-blue', 'crystalline', 'FIT'],

  // Copper, cadmium, bismuth
  // How slowly it ripens from acetate, and the heat from which copper oxide forms, are fitted to a warm solution of the acetate that stays clear.
  ['Cu(OH)2', 'Cu2+ - 2 H+', 8.6, 'pale-blue', 'gelatinous', 'BM', { ripens: 4000, from: 'CH3COO-', hex: '#8fc4dc' }],
  ['CuO', 'Cu2+ - 2 H+', 7.65, 'black', 'fine', 'BM', { hot: 85 }],
  ['Cu2(OH)2CO3', '2 Cu2+ + CO3^2- - 2 H+', -5.5, 'blue-green', 'flocculent', 'NIST46', { hex: '#86c5c0' }],
  ['Cu4(OH)6SO4', '4 Cu2+ + SO4^2- - 6 H+', 18.5, 'pale-blue', 'gelatinous', 'FIT', { hex: '#a3d0dd' }],
  ['CuS', 'Cu2+ + HS- - H+', -22.22, 'black', 'fine', 'MYERS', { enthalpy: 100.3 }],
  ['Cu2S', '2 Cu+ + HS- - H+', -34.6, 'black', 'fine', 'CRC'],
  ['CuI', 'Cu+ + I-', -11.9, 'off-white', 'fine', 'NIST46'],
  ['CuCl', 'Cu+ + Cl-', -6.73, 'white', 'fine', 'NIST46'],
  ['CuBr', 'Cu+ + Br-', -8.2, 'white', 'fine', 'CRC'],
  ['CuSCN', 'Cu+ + SCN-', -14.0, 'white', 'fine', 'NIST46'],
  ['CuCN', 'Cu+ + CN-', -19.5, 'white', 'fine', 'NIST46'],
  ['Cu2O', '2 Cu+ - 2 H+', -1.7, 'red', 'fine', 'CRC', { hex: '#b5482f' }],
  ['Cu(SCN)2', 'Cu2+ + 2 SCN-', -6.4, 'black', 'fine', 'FIT'],
  ['Cu2Fe(CN)6', '2 Cu2+ + Fe(CN)6^4-', -15.9, 'red-brown', 'gelatinous', 'NIST46', { hex: '#8c3a2a' }],
  ['CuC2O4', 'Cu2+ + C2O4^2-', -9.35, 'pale-blue', 'fine', 'CRC'],
  ['Cu3(PO4)2', '3 Cu2+ + 2 PO4^3-', -36.85, 'pale-blue', 'gelatinous', 'CRC', { hex: '#9ad2e2' }],
  ['Cu3(AsO4)2', '3 Cu2+ + 2 AsO4^3-', -35.1, 'pale-green', 'flocculent', 'CRC'],
  ['CuCrO4', 'Cu2+ + CrO4^2-', -5.44, 'red-brown', 'fine', 'LANGE'],
  ['CuHAsO3', 'Cu2+ + H3AsO3 - 2 H+', 5.0, 'green', 'flocculent', 'FIT'],
  ['Cd(OH)2', 'Cd2+ - 2 H+', 13.65, 'white', 'gelatinous', 'BM', { enthalpy: -86.9 }],
  ['CdCO3', 'Cd2+ + CO3^2-', -12.0, 'white', 'fine', 'NIST46'],
  ['CdS', 'Cd2+ + HS- - H+', -13.12, 'yellow', 'fine', 'MYERS', { hex: '#f2c12e', enthalpy: 68.4 }],
  ['CdC2O4', 'Cd2+ + C2O4^2-', -7.85, 'white', 'crystalline', 'CRC'],
  ['Cd2Fe(CN)6', '2 Cd2+ + Fe(CN)6^4-', -17.0, 'white', 'fine', 'LANGE'],
  ['Cd3(PO4)2', '3 Cd2+ + 2 PO4^3-', -32.6, 'white', 'fine', 'CRC'],
  ['Bi(OH)3', 'Bi3+ - 3 H+', 4.0, 'white', 'flocculent', 'FIT', { enthalpy: -65 }],
  ['BiOCl', 'Bi3+ + Cl- - 2 H+', -7.2, 'white', 'fine', 'BARD'],
  ['BiOBr', 'Bi3+ + Br- - 2 H+', -7.4, 'white', 'fine', 'LANGE'],
  ['BiONO3', 'Bi3+ + NO3- - 2 H+', -1.2, 'white', 'fine', 'FIT'],
  ['BiPO4', 'Bi3+ + PO4^3-', -23.0, 'white', 'fine', 'CRC'],
  ['(BiO)2CO3', '2 Bi3+ + CO3^2- - 4 H+', -11.0, 'white', 'fine', 'FIT'],
  ['Bi2S3', '2 Bi3+ + 3 HS- - 3 H+', -58.0, 'dark-brown', 'fine', 'LANGE', { hex: '#33221a' }],
  ['BiI3', 'Bi3+ + 3 I-', -18.1, 'black', 'fine', 'CRC', { hex: '#2b2321' }],
  ['BiOI', 'Bi3+ + I- - 2 H+', -9.0, 'orange', 'fine', 'FIT', { hex: '#c9603a' }],
  ['Bi2(C2O4)3', '2 Bi3+ + 3 C2O4^2-', -35.4, 'white', 'fine', 'LANGE'],
  ['Bi2O2CrO4', '2 Bi3+ + CrO4^2- - 4 H+', -13.0, 'yellow', 'fine', 'FIT'],

  // Arsenic, antimony, tin
  ['As2S3', '2 H3AsO3 + 3 HS- + 3 H+', -44.9, 'yellow', 'fine', 'EARY', { hex: '#f4d94a', enthalpy: 347 }],
  ['As2S5', '2 AsO4^3- + 5 HS- + 11 H+', -111.0, 'yellow', 'fine', 'FIT', { hot: 60 }],
  ['Sb(OH)3', 'Sb(OH)3', -4.3, 'white', 'flocculent', 'BM'],
  ['SbOCl', 'Sb(OH)3 + H+ + Cl-', -6.2, 'white', 'flocculent', 'FIT'],
  ['Sb2S3', '2 Sb(OH)3 + 3 HS- + 3 H+', -47.5, 'orange', 'flocculent', 'FIT', { hex: '#e2622a' }],
  ['Sn(OH)2', 'Sn2+ - 2 H+', 2.1, 'white', 'gelatinous', 'BM', { enthalpy: -19.4 }],
  ['SnS', 'Sn2+ + HS- - H+', -12.02, 'brown', 'fine', 'MYERS', { hex: '#5a3a26', enthalpy: 73.6 }],
  // Tin(IV) in dilute hydrochloric acid stays clear for hours, and falls when it is boiled or neutralised.
  ['Sn(OH)4', 'Sn(OH)6^2- + 2 H+', -22.0, 'white', 'gelatinous', 'FIT', { ripens: 3000, from: 'Cl-' }],
  ['SnS2', 'Sn(OH)6^2- + 2 HS- + 4 H+', -44.3, 'yellow', 'flocculent', 'FIT', { hex: '#cfa53a' }],
  ['Sn2Fe(CN)6', '2 Sn2+ + Fe(CN)6^4-', -20.0, 'white', 'gelatinous', 'FIT'],
  ['SnHPO4', 'Sn2+ + PO4^3- + H+', -24.0, 'white', 'gelatinous', 'FIT'],
  ['SnC2O4', 'Sn2+ + C2O4^2-', -9.0, 'white', 'crystalline', 'FIT'],

  // Aluminium, chromium, iron
  ['Al(OH)3', 'Al3+ - 3 H+', 9.5, 'white', 'gelatinous', 'BM', { enthalpy: -60 }],
  ['AlPO4', 'Al3+ + PO4^3-', -20.0, 'white', 'gelatinous', 'CRC'],
  ['AlAsO4', 'Al3+ + AsO4^3-', -15.8, 'white', 'gelatinous', 'LANGE'],
  ['Al4(OH)9(C22H11O9)', '4 Al3+ + C22H14O9 - 12 H+', 18.5, 'red', 'flocculent', 'FIT', { hex: '#c0293d', covers: 12, on: 'Al(OH)3', enthalpy: -240 }],
  ['Cr(OH)3', 'Cr3+ - 3 H+', 12.0, 'dirty-green', 'gelatinous', 'BM', { hex: '#7f9a86' }],
  // What chromium hydroxide becomes in days, or while it is boiled; its times are uncertain, of the order of what is seen.
  ['CrO(OH)', 'Cr3+ - 3 H+', 9.35, 'dirty-green', 'gelatinous', 'RAI', { slow: 4500, stays: 10, hex: '#7f9a86' }],
  ['CrPO4', 'Cr3+ + PO4^3-', -22.6, 'green', 'gelatinous', 'LANGE'],
  // As it has just fallen; 2.7 to 4 are given for what has aged, and which of these a bench sees is uncertain.
  ['Fe(OH)3', 'Fe3+ - 3 H+', 4.9, 'red-brown', 'gelatinous', 'NIST46', { ripens: 400, from: 'CH3COO-', hex: '#93401f', enthalpy: -83 }],
  ['FePO4', 'Fe3+ + PO4^3-', -23.5, 'buff', 'gelatinous', 'NIST46', { hex: '#efe3c0', enthalpy: -10 }],
  // What fresh iron(III) hydroxide takes up of phosphate.
  ['Fe3(OH)3(PO4)2', '3 Fe3+ + 2 PO4^3- - 3 H+', -46.5, 'buff', 'gelatinous', 'FIT', { on: 'Fe(OH)3', enthalpy: -103 }],
  ['FeAsO4', 'Fe3+ + AsO4^3-', -20.2, 'buff', 'gelatinous', 'CRC', { hex: '#e6dcb4' }],
  ['Fe4(Fe(CN)6)3', '4 Fe3+ + 3 Fe(CN)6^4-', -51.8, 'deep-blue', 'fine', 'FIT', { hex: '#13285f', covers: 6 }],
  ['Fe3(Fe(CN)6)2', '3 Fe2+ + 2 Fe(CN)6^3-', -34.0, 'deep-blue', 'fine', 'FIT', { hex: '#13285f', covers: 6 }],
  ['K2FeFe(CN)6', '2 K+ + Fe2+ + Fe(CN)6^4-', -13.0, 'pale-blue', 'fine', 'FIT', { hex: '#b9d3e6' }],
  ['Fe(OH)2', 'Fe2+ - 2 H+', 13.0, 'dirty-green', 'gelatinous', 'BM', { hex: '#8a9b79', enthalpy: -91.8 }],
  ['FeCO3', 'Fe2+ + CO3^2-', -10.45, 'pale-green', 'fine', 'NIST46', { hex: '#cfd6bd' }],
  ['FeS', 'Fe2+ + HS- - H+', -4.24, 'black', 'fine', 'MYERS', { enthalpy: -6.7 }],
  ['FeC2O4', 'Fe2+ + C2O4^2-', -6.5, 'yellow', 'crystalline', 'CRC', { slow: 5 }],
  ['Fe3(PO4)2', '3 Fe2+ + 2 PO4^3-', -36.0, 'pale-blue', 'gelatinous', 'NIST46'],

  // Zinc, manganese, cobalt, nickel
  ['Zn(OH)2', 'Zn2+ - 2 H+', 12.45, 'white', 'gelatinous', 'BM', { enthalpy: -83.7 }],
  ['ZnCO3', 'Zn2+ + CO3^2-', -10.3, 'white', 'fine', 'NIST46'],
  ['ZnS', 'Zn2+ + HS- - H+', -8.54, 'white', 'flocculent', 'MYERS', { enthalpy: 34.5 }],
  ['Zn(CN)2', 'Zn2+ + 2 CN-', -15.5, 'white', 'flocculent', 'LANGE'],
  ['Zn2Fe(CN)6', '2 Zn2+ + Fe(CN)6^4-', -15.7, 'white', 'gelatinous', 'NIST46'],
  ['Zn3(Fe(CN)6)2', '3 Zn2+ + 2 Fe(CN)6^3-', -18.0, 'brown', 'fine', 'FIT', { hex: '#a5702f' }],
  ['ZnC2O4', 'Zn2+ + C2O4^2-', -8.86, 'white', 'crystalline', 'CRC'],
  ['Zn3(PO4)2', '3 Zn2+ + 2 PO4^3-', -33.5, 'white', 'gelatinous', 'NIST46'],
  ['ZnHg(SCN)4', 'Zn2+ + Hg2+ + 4 SCN-', -26.5, 'white', 'crystalline', 'FIT'],
  ['Mn(OH)2', 'Mn2+ - 2 H+', 15.2, 'off-white', 'gelatinous', 'BM', { hex: '#f3e9dc', enthalpy: -97.1 }],
  ['MnCO3', 'Mn2+ + CO3^2-', -10.6, 'buff', 'fine', 'NIST46', { hex: '#efe0d2' }],
  ['MnS', 'Mn2+ + HS- - H+', 3.46, 'buff', 'flocculent', 'MYERS', { hex: '#edc9b4', enthalpy: -24.2 }],
  ['MnNH4PO4', 'Mn2+ + NH3 + PO4^3- + H+', -21.2, 'pink', 'crystalline', 'FIT', { hex: '#f3dcd8' }],
  // The tables' -25.3 would keep it in dilute hydrochloric acid; phosphatising baths hold 0.1 mol/L of it at pH 2.4.
  ['MnHPO4', 'Mn2+ + PO4^3- + H+', -19.0, 'off-white', 'fine', 'FIT'],
  ['Mn2Fe(CN)6', '2 Mn2+ + Fe(CN)6^4-', -13.0, 'off-white', 'fine', 'LANGE'],
  ['MnC2O4', 'Mn2+ + C2O4^2-', -6.77, 'white', 'crystalline', 'CRC', { slow: 10 }],
  // Blue basic salts fall first; warmth and alkali turn them into the pink hydroxide.
  ['Co2(OH)3Cl', '2 Co2+ + Cl- - 3 H+', 17.5, 'blue', 'gelatinous', 'FIT', { hex: '#5b86bd', enthalpy: -135 }],
  ['Co2(OH)3NO3', '2 Co2+ + NO3- - 3 H+', 17.5, 'blue', 'gelatinous', 'FIT', { hex: '#5b86bd', enthalpy: -135 }],
  ['Co4(OH)6SO4', '4 Co2+ + SO4^2- - 6 H+', 35.0, 'blue', 'gelatinous', 'FIT', { hex: '#5b86bd', enthalpy: -270 }],
  ['Co(OH)2', 'Co2+ - 2 H+', 13.1, 'pink', 'gelatinous', 'BM', { ripens: 60, hex: '#d98fa6', enthalpy: -90.2 }],
  ['CoCO3', 'Co2+ + CO3^2-', -10.0, 'pink', 'fine', 'NIST46', { hex: '#d58fab' }],
  ['CoS', 'Co2+ + HS- - H+', -7.5, 'black', 'fine', 'MYERS', { stays: 240, enthalpy: 7 }],
  ['CoC2O4', 'Co2+ + C2O4^2-', -7.2, 'pink', 'crystalline', 'LANGE'],
  ['Co3(PO4)2', '3 Co2+ + 2 PO4^3-', -34.7, 'violet', 'fine', 'CRC', { hex: '#a58bc0' }],
  ['Co(CN)2', 'Co2+ + 2 CN-', -17, 'red-brown', 'flocculent', 'FIT', { hex: '#9a5f3c' }],
  ['Co2Fe(CN)6', '2 Co2+ + Fe(CN)6^4-', -14.7, 'green', 'fine', 'LANGE', { hex: '#7f9c78' }],
  ['Ni(OH)2', 'Ni2+ - 2 H+', 12.0, 'pale-green', 'gelatinous', 'BM', { hex: '#a9d6a4', enthalpy: -96 }],
  ['NiCO3', 'Ni2+ + CO3^2-', -6.85, 'pale-green', 'fine', 'CRC', { hex: '#b6dbb4' }],
  ['NiS', 'Ni2+ + HS- - H+', -5.6, 'black', 'fine', 'LANGE', { stays: 240, enthalpy: 10.4 }],
  ['NiC2O4', 'Ni2+ + C2O4^2-', -9.4, 'pale-green', 'fine', 'LANGE', { slow: 5 }],
  ['Ni(C4H7N2O2)2', 'Ni2+ + 2 C4H8N2O2 - 2 H+', -2.4, 'red', 'flocculent', 'NIST46', { hex: '#d02a4c', covers: 5 }],
  ['Ni3(PO4)2', '3 Ni2+ + 2 PO4^3-', -31.3, 'pale-green', 'fine', 'CRC'],
  ['Ni(CN)2', 'Ni2+ + 2 CN-', -22.5, 'pale-green', 'gelatinous', 'LANGE'],
  ['Ni2Fe(CN)6', '2 Ni2+ + Fe(CN)6^4-', -14.9, 'pale-green', 'fine', 'LANGE'],

  // Alkaline earths
  ['BaSO4', 'Ba2+ + SO4^2-', -9.97, 'white', 'fine', 'NIST46', { enthalpy: 26, cloud: 0.01 }],
  ['BaCO3', 'Ba2+ + CO3^2-', -8.57, 'white', 'fine', 'NIST46'],
  ['BaCrO4', 'Ba2+ + CrO4^2-', -9.67, 'yellow', 'fine', 'NIST46', { hex: '#f1e16b' }],
  ['BaC2O4', 'Ba2+ + C2O4^2-', -6.8, 'white', 'crystalline', 'LANGE'],
  ['Ba3(PO4)2', '3 Ba2+ + 2 PO4^3-', -22.5, 'white', 'flocculent', 'LANGE'],
  ['BaHPO4', 'Ba2+ + PO4^3- + H+', -19.8, 'white', 'crystalline', 'NIST46'],
  ['BaF2', 'Ba2+ + 2 F-', -5.8, 'white', 'fine', 'NIST46'],
  ['BaSO3', 'Ba2+ + SO3^2-', -9.3, 'white', 'fine', 'CRC'],
  ['BaS2O3', 'Ba2+ + S2O3^2-', -4.8, 'white', 'crystalline', 'LANGE'],
  ['Ba(BO2)2', 'Ba2+ + 2 H3BO3 - 2 H+', 12.5, 'white', 'fine', 'FIT'],
  ['BaC4H4O6', 'Ba2+ + C4H4O6^2-', -4.4, 'white', 'crystalline', 'FIT'],
  ['BaSiO3', 'Ba2+ + H2SiO3 - 2 H+', 16.0, 'white', 'gelatinous', 'FIT'],
  ['Ba3(AsO4)2', '3 Ba2+ + 2 AsO4^3-', -24.0, 'white', 'fine', 'FIT'],
  ['SrSO4', 'Sr2+ + SO4^2-', -6.5, 'white', 'fine', 'NIST46', { slow: 2 }],
  ['SrCO3', 'Sr2+ + CO3^2-', -9.27, 'white', 'fine', 'NIST46'],
  ['SrCrO4', 'Sr2+ + CrO4^2-', -4.65, 'yellow', 'fine', 'CRC'],
  ['SrC2O4', 'Sr2+ + C2O4^2-', -6.4, 'white', 'crystalline', 'NIST46'],
  ['SrHPO4', 'Sr2+ + PO4^3- + H+', -19.3, 'white', 'crystalline', 'NIST46'],
  ['Sr3(PO4)2', '3 Sr2+ + 2 PO4^3-', -27.4, 'white', 'flocculent', 'LANGE'],
  ['SrF2', 'Sr2+ + 2 F-', -8.5, 'white', 'fine', 'NIST46', { slow: 3 }],
  ['SrSO3', 'Sr2+ + SO3^2-', -7.4, 'white', 'fine', 'LANGE'],
  ['CaSO4·2H2O', 'Ca2+ + SO4^2-', -4.61, 'white', 'crystalline', 'NIST46', { slow: 10 }],
  ['CaCO3', 'Ca2+ + CO3^2-', -8.48, 'white', 'fine', 'NIST46'],
  ['CaC2O4·H2O', 'Ca2+ + C2O4^2-', -8.69, 'white', 'crystalline', 'NIST46'],
  ['CaCrO4', 'Ca2+ + CrO4^2-', -3.15, 'yellow', 'crystalline', 'CRC'],
  ['CaHPO4·2H2O', 'Ca2+ + PO4^3- + H+', -19.0, 'white', 'crystalline', 'NIST46'],
  ['Ca3(PO4)2', '3 Ca2+ + 2 PO4^3-', -28.9, 'white', 'flocculent', 'NIST46'],
  ['CaF2', 'Ca2+ + 2 F-', -10.5, 'white', 'gelatinous', 'NIST46', { slow: 1 }],
  ['CaSO3', 'Ca2+ + SO3^2-', -6.6, 'white', 'crystalline', 'NIST46'],
  ['K2CaFe(CN)6', '2 K+ + Ca2+ + Fe(CN)6^4-', -7.5, 'white', 'fine', 'FIT', { slow: 1 }],
  ['(NH4)2CaFe(CN)6', '2 NH3 + 2 H+ + Ca2+ + Fe(CN)6^4-', -26, 'white', 'crystalline', 'FIT', { slow: 1 }],
  ['CaC4H4O6', 'Ca2+ + C4H4O6^2-', -6.0, 'white', 'crystalline', 'CRC', { slow: 8 }],
  ['Ca(OH)2', 'Ca2+ - 2 H+', 22.8, 'white', 'flocculent', 'BM', { enthalpy: -129.3 }],
  ['CaSiO3', 'Ca2+ + H2SiO3 - 2 H+', 15.0, 'white', 'gelatinous', 'FIT'],
  ['Ca(BO2)2', 'Ca2+ + 2 H3BO3 - 2 H+', 13, 'white', 'fine', 'FIT'],
  ['Ca3(AsO4)2', '3 Ca2+ + 2 AsO4^3-', -18.2, 'white', 'fine', 'LANGE'],
  ['CaMoO4', 'Ca2+ + MoO4^2-', -7.95, 'white', 'fine', 'CRC'],
  ['Mg(OH)2', 'Mg2+ - 2 H+', 17.7, 'white', 'gelatinous', 'FIT', { enthalpy: -114.1 }],
  ['MgCO3·3H2O', 'Mg2+ + CO3^2-', -5.2, 'white', 'flocculent', 'NIST46', { slow: 1500 }],
  ['Mg2CO3(OH)2·3H2O', '2 Mg2+ + CO3^2- - 2 H+', 14, 'white', 'gelatinous', 'FIT'],
  ['MgNH4PO4·6H2O', 'Mg2+ + NH3 + PO4^3- + H+', -22.4, 'white', 'crystalline', 'NIST46', { slow: 3 }],
  ['MgNH4AsO4·6H2O', 'Mg2+ + NH3 + AsO4^3- + H+', -21.8, 'white', 'crystalline', 'FIT', { slow: 3 }],
  ['MgHPO4·3H2O', 'Mg2+ + PO4^3- + H+', -18.2, 'white', 'crystalline', 'NIST46', { slow: 5 }],
  ['Mg3(PO4)2', '3 Mg2+ + 2 PO4^3-', -25.2, 'white', 'flocculent', 'NIST46'],
  ['MgF2', 'Mg2+ + 2 F-', -8.2, 'white', 'gelatinous', 'NIST46', { slow: 5 }],
  ['MgC2O4·2H2O', 'Mg2+ + C2O4^2-', -5.32, 'white', 'crystalline', 'CRC', { slow: 120 }],
  ['Mg2(OH)3(C12H8N3O4)', '2 Mg2+ + C12H9N3O4 - 4 H+', 27.0, 'blue', 'flocculent', 'FIT', { hex: '#436fbb', covers: 12, on: 'Mg(OH)2', enthalpy: -171 }],
  ['MgSiO3', 'Mg2+ + H2SiO3 - 2 H+', 13.0, 'white', 'gelatinous', 'FIT'],

  // Soluble salts that crystallise from strong solutions: their products are those of solutions saturated at 25 °C (CRC) in
  // this activity model, and so hold only with it; enthalpies of solution from CRC.
  ['KNO3', 'K+ + NO3-', 0.71, 'white', 'crystalline', 'CRC', { enthalpy: 34.9 }],
  ['KClO3', 'K+ + ClO3-', -0.62, 'white', 'crystalline', 'CRC', { enthalpy: 41.4 }],
  ['K2SO4', '2 K+ + SO4^2-', -0.75, 'white', 'crystalline', 'CRC', { enthalpy: 23.8 }],
  ['KMnO4', 'K+ + MnO4-', -0.93, 'violet', 'crystalline', 'CRC', { enthalpy: 43.6 }],
  ['K2Cr2O7', '2 K+ + 2 CrO4^2- + 2 H+', -15.78, 'orange', 'crystalline', 'CRC', { enthalpy: 66.5 }],
  ['NaCl', 'Na+ + Cl-', 1.2, 'white', 'crystalline', 'CRC', { enthalpy: 3.9 }],
  // Between its solubility in water and that in concentrated hydrochloric acid, which this activity model cannot have both.
  ['BaCl2·2H2O', 'Ba2+ + 2 Cl-', -0.1, 'white', 'crystalline', 'FIT', { enthalpy: 20.6 }],
  ['Ba(NO3)2', 'Ba2+ + 2 NO3-', -1.47, 'white', 'crystalline', 'CRC', { enthalpy: 40 }],
  ['HgCl2', 'Hg2+ + 2 Cl-', -14.57, 'white', 'crystalline', 'CRC', { enthalpy: 80 }],

  // Alkali metals and others
  ['K2NaCo(NO2)6', '2 K+ + Na+ + Co(NO2)6^3-', -10.66, 'yellow', 'crystalline', 'LANGE', { slow: 2, hex: '#f0c52b' }],
  ['(NH4)2NaCo(NO2)6', '2 NH3 + 2 H+ + Na+ + Co(NO2)6^3-', -28.5, 'yellow', 'crystalline', 'FIT', { slow: 2, hex: '#f0c52b' }],
  ['KHC4H4O6', 'K+ + H+ + C4H4O6^2-', -7.87, 'white', 'crystalline', 'CRC', { slow: 5 }],
  ['NH4HC4H4O6', 'NH3 + 2 H+ + C4H4O6^2-', -16.6, 'white', 'crystalline', 'FIT', { slow: 8 }],
  // How slowly it falls in the cold is uncertain: fitted to books that have it fall only from strong solutions or when boiled.
  ['Li3PO4', '3 Li+ + PO4^3-', -10.63, 'white', 'fine', 'CRC', { slow: 30 }],
  ['Li2CO3', '2 Li+ + CO3^2-', -2.5, 'white', 'crystalline', 'CRC', { enthalpy: -18 }],
  ['LiF', 'Li+ + F-', -2.74, 'white', 'fine', 'CRC'],
  ['Na2SiF6', '2 Na+ + H2SiO3 + 4 H+ + 6 F-', -31.0, 'white', 'gelatinous', 'FIT'],
  ['H2SiO3', 'H2SiO3', -2.7, 'white', 'gelatinous', 'NIST46', { slow: 4 }],
  ['H3BO3', 'H3BO3', -0.03, 'white', 'spangles', 'CRC', { enthalpy: 22 }],
  ['(NH4)3PMo12O40', '3 NH3 + PO4^3- + 12 MoO4^2- + 27 H+', -164.5, 'yellow', 'crystalline', 'FIT', { hex: '#f4cf1d', hot: 35 }],
  ['(NH4)3AsMo12O40', '3 NH3 + AsO4^3- + 12 MoO4^2- + 27 H+', -161.0, 'yellow', 'crystalline', 'FIT', { hex: '#f4cf1d', hot: 75 }],
  ['I2', 'I2', -2.87, 'black', 'crystalline', 'CRC', { hex: '#3b3440', enthalpy: 28.5 }],
  ['Zr(OH)4', 'Zr(OH)4', -2.0, 'white', 'gelatinous', 'FIT'],
];

/**
 * Solids that no solution is in equilibrium with: they come and go by redox, heat or addition only.
 * Formula, colour word, texture, traits.
 */
export type InertRow = readonly [formula: string, colour: Colour, texture: Texture, traits?: SolidTraits];

export const INERT_SOLIDS: readonly InertRow[] = [
  ['S', 'pale-yellow', 'fine', { colloid: true, flocculates: { hot: 0.35, cold: 20 }, hex: '#f3edc4' }],
  // Tar of a compound that was not wholly charred, by its rough formula.
  ['CH', 'brown', 'fine', { colloid: true, hex: '#6b4424', covers: 3 }],
  ['Ag', 'grey', 'fine', { hex: '#73706d', plates: true }],
  ['Hg', 'grey', 'fine', { hex: '#6f6c69', plates: true }],
  ['Cu', 'red-brown', 'granular', { hex: '#a2523a', plates: true, piece: true }],
  ['Cd', 'grey', 'granular', { plates: true }],
  ['Ni', 'grey', 'fine', { plates: true, hex: '#5c5a58' }],
  ['Co', 'grey', 'fine', { plates: true, hex: '#5c5a58' }],
  ['Pb', 'grey', 'granular', { plates: true }],
  ['Bi', 'black', 'fine', { plates: true }],
  ['Sb', 'black', 'flocculent', { plates: true }],
  ['As', 'dark-brown', 'flocculent', { plates: true }],
  ['Sn', 'grey', 'granular', { plates: true }],
  ['Zn', 'grey', 'granular', { plates: true, piece: true }],
  ['Al', 'silver', 'granular', { plates: true, piece: true }],
  ['Mg', 'silver', 'granular', { plates: true, piece: true }],
  ['Fe', 'grey', 'granular', { plates: true, piece: true }],
  // Aged tin(IV) hydroxide: neither acid nor alkali takes it up again.
  ['SnO2', 'white', 'gelatinous'],
  ['MnO2', 'dark-brown', 'fine', { hex: '#38271d', covers: 3 }],
  ['PbO2', 'dark-brown', 'fine', { hex: '#3a261a', covers: 3 }],
  ['NaBiO3', 'brown', 'fine', { hex: '#8a5a1c' }],
  ['CoO(OH)', 'dark-brown', 'fine', { hex: '#3f2c22', covers: 2 }],
  ['NiO(OH)', 'black', 'fine', { covers: 2 }],
  ['C', 'black', 'fine'],
];
