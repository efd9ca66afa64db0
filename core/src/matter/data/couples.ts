import type { SourceKey } from './sources';

/** When a couple may act; what is absent is not asked. */
export interface Gate {
  /** Temperature at least, °C. */
  readonly warm?: number;
  /** log10 of the hydrogen-ion activity, at least and at most. */
  readonly acid?: number;
  readonly alkaline?: number;
  /** Only with these couples. */
  readonly only?: readonly string[];
  /** Never with these couples. */
  readonly not?: readonly string[];
  /** log10 of the activity of the electron giver below which it is too scarce to react at a rate that shows. */
  readonly scarce?: number;
  /** Only where this solid lies, which speeds it and stays as it is. */
  readonly beside?: string;
  /** mol/L at least, and at most, of a species. */
  readonly least?: Readonly<Record<string, number>>;
  readonly most?: Readonly<Record<string, number>>;
  /** Minutes for most of it to happen at 25 °C, or at the temperature that `warm` asks for; absent when at once. */
  readonly slow?: number;
  /** kJ/mol; the usual where absent. */
  readonly activation?: number;
  /** A product that speeds it: mol/L that double its pace. */
  readonly quickens?: Readonly<Record<string, number>>;
}

/**
 * Half-reactions written as reductions. Participants are species, gases (as dissolved), or solids marked `(s)`.
 * `oxidant` gates the couple taking electrons, `reductant` the couple giving them; `never` closes a side.
 */
export interface CoupleRow {
  readonly id: string;
  readonly half: string;
  /** Standard reduction potential at 25 °C, V. */
  readonly volts: number;
  readonly source: SourceKey;
  readonly oxidant?: Gate | 'never';
  readonly reductant?: Gate | 'never';
}

const NEVER = 'never';
const metal = (id: string, half: string, volts: number): CoupleRow => ({ id, half, volts, source: 'BARD', reductant: { not: ['O2/H2O', 'O2/H2O on iron', 'H2O2/H2O', 'CO2/C2O4', 'SO4/SO2', 'S/H2S', 'CO2/HCOO'] },
  oxidant: { not: ['I2/I-', 'Br2/Br-', 'Cl2/Cl-', 'SO4/SO2', 'S/H2S', 'MnO2/Mn', 'CO2/C2O4', 'CO2/C2O4 by permanganate', 'C2O4/C4H4O6 in acid', 'NO3/HNO2', 'FeCN', 'SO2/S2O3', 'SO4/SCN'] },
});

export const COUPLES: readonly CoupleRow[] = [
  // Halogens
  { id: 'I2/I-', half: 'I2 + 2 e- = 2 I-', volts: 0.621, source: 'BARD' },
  { id: 'Br2/Br-', half: 'Br2 + 2 e- = 2 Br-', volts: 1.087, source: 'BARD', reductant: { not: ['NO3/NO', 'Cr2O7/Cr', 'H2O2/H2O', 'HNO2/NO', 'Fe3/Fe2'] } },
  { id: 'Cl2/Cl-', half: 'Cl2 + 2 e- = 2 Cl-', volts: 1.396, source: 'BARD', reductant: { warm: 35, acid: 0, only: ['MnO2/Mn', 'MnO4/Mn', 'PbO2/Pb', 'Co3/Co2', 'Ni3/Ni2'] } },
  { id: 'Cl2/Cl- conc', half: 'Cl2 + 2 e- = 2 Cl-', volts: 1.396, source: 'BARD', oxidant: NEVER, reductant: { acid: 1.5, only: ['MnO4/Mn', 'PbO2/Pb', 'Co3/Co2', 'Ni3/Ni2'] } },
  { id: 'ClO/Cl', half: 'ClO- + 2 H+ + 2 e- = Cl- + H2O', volts: 1.715, source: 'BARD', reductant: NEVER, oxidant: { alkaline: -7 } },
  { id: 'ClO3/Cl dilute', half: 'ClO3- + 6 H+ + 6 e- = Cl- + 3 H2O', volts: 1.45, source: 'BARD', reductant: NEVER, oxidant: { acid: -4, only: ['NO3/HNO2', 'SO4/SO2'] } },
  { id: 'ClO3/Cl', half: 'ClO3- + 6 H+ + 6 e- = Cl- + 3 H2O', volts: 1.45, source: 'BARD', reductant: NEVER, oxidant: { acid: -0.5, not: ['Br2/Br-', 'Cl2/Cl-', 'MnO4/Mn', 'Cr2O7/Cr', 'MnO2/Mn'] } },
  { id: 'IO3/I2', half: '2 IO3- + 12 H+ + 10 e- = I2 + 6 H2O', volts: 1.195, source: 'BARD', oxidant: { acid: -5 }, reductant: { only: ['Cl2/Cl-', 'ClO/Cl'] } },

  // Nitrogen
  // That it takes 1 mol/L is uncertain: hot nitric acid of some 2 mol/L dissolves sulfides, a nitrate in warm dilute acid is not seen to.
  { id: 'NO3/NO', half: 'NO3- + 4 H+ + 3 e- = NO + 2 H2O', volts: 0.957, source: 'BARD', reductant: NEVER, oxidant: { warm: 60, acid: -0.4, least: { 'NO3-': 1 }, not: ['I2/I-', 'Cl2/Cl-', 'MnO4/Mn', 'MnO2/Mn', 'FeCN', 'SO2/S2O3', 'NO3/HNO2', 'SO4/SCN', 'Al3/Al', 'Zn2/Zn', 'Mg2/Mg'] } },
  // Oxalic and tartaric acids go when they are evaporated with the concentrated acid, thiocyanate when it is boiled with the dilute.
  { id: 'NO3/NO on organic acids', half: 'NO3- + 4 H+ + 3 e- = NO + 2 H2O', volts: 0.957, source: 'BARD', reductant: NEVER, oxidant: { warm: 90, acid: 0.8, least: { 'NO3-': 4 }, slow: 1, only: ['CO2/C2O4', 'CO2/HCOO', 'C2O4/C4H4O6 in acid'] } },
  { id: 'NO3/NO on thiocyanate', half: 'NO3- + 4 H+ + 3 e- = NO + 2 H2O', volts: 0.957, source: 'BARD', reductant: NEVER, oxidant: { warm: 90, acid: -0.4, least: { 'NO3-': 0.8 }, slow: 1, only: ['SO4/SCN'] } },
  // A metal in cold dilute nitric acid gives ammonium and no hydrogen that pops.
  { id: 'NO3/NH4 by a metal', half: 'NO3- + 10 H+ + 8 e- = NH4+ + 3 H2O', volts: 0.882, source: 'BARD', reductant: NEVER, oxidant: { acid: -1, least: { 'NO3-': 0.3 }, only: ['Zn2/Zn', 'Fe2/Fe', 'Sn2/Sn'] } },
  { id: 'NO3/HNO2 by zinc', half: 'NO3- + 3 H+ + 2 e- = HNO2 + H2O', volts: 0.934, source: 'BARD', reductant: NEVER, oxidant: { acid: -6, alkaline: -2, slow: 6, only: ['Zn2/Zn'] } },
  // A few drops of nitric acid, boiled: iron(II) needs less acid than the rest.
  { id: 'NO3/NO boiled', half: 'NO3- + 4 H+ + 3 e- = NO + 2 H2O', volts: 0.957, source: 'BARD', reductant: NEVER, oxidant: { warm: 90, acid: -1, only: ['Fe3/Fe2'] } },
  { id: 'NO3/NO conc', half: 'NO3- + 4 H+ + 3 e- = NO + 2 H2O', volts: 0.957, source: 'BARD', reductant: NEVER, oxidant: { acid: 2.2, not: ['I2/I-', 'Br2/Br-', 'Cl2/Cl-', 'FeCN', 'NO3/HNO2', 'SO4/SCN', 'Al3/Al', 'Fe2/Fe'] } },
  // Nitric acid of 2 mol/L leaves iodide and bromide alone; some 5 mol/L take iodide, and bromide when hot; the concentrated takes it cold. Where between them is judgement.
  { id: 'NO3/NO conc, iodide', half: 'NO3- + 4 H+ + 3 e- = NO + 2 H2O', volts: 0.957, source: 'BARD', reductant: NEVER, oxidant: { acid: 1.4, least: { 'NO3-': 3.5 }, only: ['I2/I-'] } },
  { id: 'NO3/NO conc, bromide', half: 'NO3- + 4 H+ + 3 e- = NO + 2 H2O', volts: 0.957, source: 'BARD', reductant: NEVER, oxidant: { acid: 3.4, only: ['Br2/Br-'] } },
  { id: 'NO3/NO hot, bromide', half: 'NO3- + 4 H+ + 3 e- = NO + 2 H2O', volts: 0.957, source: 'BARD', reductant: NEVER, oxidant: { warm: 60, acid: 2.2, only: ['Br2/Br-'] } },
  { id: 'HNO2/NO', half: 'HNO2 + H+ + e- = NO + H2O', volts: 0.996, source: 'BARD', reductant: NEVER, oxidant: { acid: -5.5, not: ['I2/I-', 'Br2/Br-', 'Cl2/Cl-', 'CO2/C2O4', 'SO4/SO2', 'FeCN', 'Cu2/Cu', 'Cu2/Cu+', 'NO3/HNO2', 'SO4/SCN'] } },
  { id: 'HNO2/NO on iodide', half: 'HNO2 + H+ + e- = NO + H2O', volts: 0.996, source: 'BARD', reductant: NEVER, oxidant: { acid: -5.5, slow: 0.4, only: ['I2/I-'] } },
  { id: 'HNO2/NO self', half: 'HNO2 + H+ + e- = NO + H2O', volts: 0.996, source: 'BARD', reductant: NEVER, oxidant: { only: ['NO3/HNO2 self'], slow: 3 } },
  { id: 'NO3/HNO2 self', half: 'NO3- + 3 H+ + 2 e- = HNO2 + H2O', volts: 0.934, source: 'BARD', oxidant: NEVER, reductant: { scarce: -2, only: ['HNO2/NO self'] } },
  { id: 'NO3/HNO2', half: 'NO3- + 3 H+ + 2 e- = HNO2 + H2O', volts: 0.934, source: 'BARD', oxidant: NEVER, reductant: { acid: -2.5, only: ['MnO4/Mn', 'Cr2O7/Cr', 'Br2/Br-', 'Cl2/Cl-', 'PbO2/Pb', 'H2O2/H2O', 'ClO3/Cl dilute'] } },

  { id: 'NO3/NH3', half: 'NO3- + 9 H+ + 8 e- = NH3 + 3 H2O', volts: 0.807, source: 'BARD', reductant: NEVER, oxidant: { alkaline: -11.3, warm: 50, only: ['Zn2/Zn', 'Mg2/Mg', 'Al3/Al'] } },
  { id: 'NO2/NH3', half: 'NO2- + 7 H+ + 6 e- = NH3 + 2 H2O', volts: 0.806, source: 'BARD', reductant: NEVER, oxidant: { alkaline: -11.3, warm: 50, only: ['Zn2/Zn', 'Mg2/Mg', 'Al3/Al'] } },

  // Sulfur
  { id: 'S/H2S', half: 'S(s) + 2 H+ + 2 e- = H2S', volts: 0.144, source: 'BARD', oxidant: NEVER, reductant: { scarce: -25.5, not: ['CO2/C2O4', 'O2/H2O', 'SO4/SO2'] } },
  { id: 'S2/HS', half: 'S2^2- + 2 H+ + 2 e- = 2 HS-', volts: 0.31, source: 'LANGE', oxidant: { alkaline: -7, only: ['Sn4/Sn2'] }, reductant: NEVER },
  { id: 'SO4/H2S', half: 'SO4^2- + 10 H+ + 8 e- = H2S + 4 H2O', volts: 0.303, source: 'BARD', oxidant: NEVER, reductant: { only: ['H2O2/H2O', 'ClO/Cl'] } },
  { id: 'SO4/SO2', half: 'SO4^2- + 4 H+ + 2 e- = SO2 + 2 H2O', volts: 0.158, source: 'BARD', oxidant: { warm: 50, acid: 5.5, only: ['I2/I-', 'Br2/Br-', 'Cu2/Cu'] }, reductant: { alkaline: 5, not: ['Ag+/Ag', 'HNO2/NO', 'Sn2/Sn', 'Pb2/Pb', 'Bi3/Bi', 'S/H2S', 'FeCN', 'Sb/Sb', 'AsO3/As'] } },
  { id: 'SO4/SO2 conc', half: 'SO4^2- + 4 H+ + 2 e- = SO2 + 2 H2O', volts: 0.7, source: 'FIT', reductant: NEVER, oxidant: { acid: 5.5, only: ['I2/I-', 'S/H2S'] } },
  { id: 'SO4/SO2 conc, bromide', half: 'SO4^2- + 4 H+ + 2 e- = SO2 + 2 H2O', volts: 0.7, source: 'FIT', reductant: NEVER, oxidant: { acid: 5.5, slow: 1, only: ['Br2/Br-'] } },
  { id: 'SO2/S', half: 'SO2 + 4 H+ + 4 e- = S(s) + 2 H2O', volts: 0.5, source: 'BARD', reductant: NEVER, oxidant: { acid: -4, slow: 2, only: ['S/H2S', 'Sn4/Sn2'] } },
  { id: 'SO2/H2S', half: 'SO2 + 6 H+ + 6 e- = H2S + 2 H2O', volts: 0.381, source: 'BARD', reductant: NEVER, oxidant: { acid: -2.5, slow: 2, only: ['Zn2/Zn', 'Mg2/Mg', 'Sn2/Sn'] } },
  { id: 'S2O3/S', half: 'S2O3^2- + 6 H+ + 4 e- = 2 S(s) + 3 H2O', volts: 0.5, source: 'BARD', reductant: NEVER, oxidant: { acid: -3, only: ['SO2/S2O3'], slow: 1 } },
  { id: 'SO2/S2O3', half: '2 SO2 + 2 H+ + 4 e- = S2O3^2- + H2O', volts: 0.4, source: 'BARD', oxidant: NEVER, reductant: { acid: -3, only: ['S2O3/S'] } },
  { id: 'S4O6/S2O3', half: 'S4O6^2- + 2 e- = 2 S2O3^2-', volts: 0.08, source: 'BARD', oxidant: NEVER, reductant: { only: ['I2/I-', 'Cu2/Cu+', 'Br2/Br-', 'FeCN'] } },
  // The violet complex lasts for a minute or two.
  { id: 'S4O6/S2O3 by iron', half: 'S4O6^2- + 2 e- = 2 S2O3^2-', volts: 0.08, source: 'BARD', oxidant: NEVER, reductant: { slow: 0.7, only: ['Fe3/Fe2'] } },
  // From the free energies of the CRC tables.
  { id: 'SO4/SCN', half: 'SO4^2- + HCN + 7 H+ + 6 e- = SCN- + 4 H2O', volts: 0.399, source: 'CRC', oxidant: NEVER, reductant: { only: ['NO3/NO on thiocyanate', 'MnO4/Mn', 'Br2/Br-', 'Cl2/Cl-', 'ClO/Cl'] } },
  { id: 'SO4/S2O3', half: '2 SO4^2- + 10 H+ + 8 e- = S2O3^2- + 5 H2O', volts: 0.29, source: 'BARD', oxidant: NEVER, reductant: { only: ['Cl2/Cl-', 'MnO4/Mn', 'Cr2O7/Cr', 'H2O2/H2O', 'ClO/Cl'] } },

  // Carbon
  { id: 'CO2/C2O4', half: '2 CO2 + 2 H+ + 2 e- = H2C2O4', volts: -0.49, source: 'BARD', oxidant: NEVER, reductant: { warm: 50, only: ['MnO2/Mn', 'Cr2O7/Cr', 'PbO2/Pb', 'MnO4/MnO2', 'NO3/NO on organic acids'] } },
  // Slow to start in the cold, and quickened by the manganese(II) that it makes.
  { id: 'CO2/C2O4 by permanganate', half: '2 CO2 + 2 H+ + 2 e- = H2C2O4', volts: -0.49, source: 'BARD', oxidant: NEVER, reductant: { slow: 6, activation: 75, quickens: { 'Mn2+': 1e-4 }, only: ['MnO4/Mn'] } },
  // From the free energies of the CRC tables; what lies between, acetaldehyde, is not in the model.
  { id: 'acetic acid/ethanol', half: 'CH3COOH + 4 H+ + 4 e- = C2H6O + H2O', volts: 0.058, source: 'CRC', oxidant: NEVER, reductant: { warm: 45, acid: -1.2, slow: 2, only: ['Cr2O7/Cr', 'MnO4/Mn'] } },
  { id: 'CO2/HCOO', half: 'CO2 + 2 H+ + 2 e- = HCOOH', volts: -0.2, source: 'BARD', oxidant: NEVER, reductant: { warm: 60, only: ['Ag+/Ag', 'HgCl2/Hg2Cl2', 'MnO4/Mn', 'MnO4/MnO2', 'NO3/NO on organic acids'] } },
  { id: 'C2O4/C4H4O6', half: '2 C2O4^2- + 8 H+ + 6 e- = C4H4O6^2- + 2 H2O', volts: 0.1, source: 'FIT', oxidant: NEVER, reductant: { warm: 55, alkaline: -8.5, slow: 3, only: ['Ag+/Ag', 'MnO4/MnO2'] } },
  { id: 'C2O4/C4H4O6 in acid', half: '2 C2O4^2- + 8 H+ + 6 e- = C4H4O6^2- + 2 H2O', volts: 0.1, source: 'FIT', oxidant: NEVER, reductant: { warm: 55, acid: -2, slow: 1, only: ['MnO4/Mn', 'Cr2O7/Cr', 'NO3/NO on organic acids'] } },
  { id: 'CNO/CN', half: 'CNO- + 2 H+ + 2 e- = CN- + H2O', volts: -0.14, source: 'CRC', oxidant: NEVER, reductant: { only: ['ClO/Cl', 'Cl2/Cl-', 'Br2/Br-', 'Cu2/Cu+', 'MnO4/MnO2', 'H2O2/H2O'] } },
  { id: 'FeCN', half: 'Fe(CN)6^3- + e- = Fe(CN)6^4-', volts: 0.361, source: 'BARD', reductant: { only: ['Cl2/Cl-', 'Br2/Br-', 'MnO4/Mn', 'H2O2/H2O', 'Cr2O7/Cr', 'HNO2/NO'] } },

  { id: 'diphenylamine', half: 'C12H10N + H+ + e- = C12H11N', volts: 0.76, source: 'LANGE', oxidant: NEVER, reductant: { acid: 1, only: ['NO3/NO conc', 'HNO2/NO', 'MnO4/Mn', 'Cr2O7/Cr', 'Cl2/Cl-', 'ClO3/Cl'] } },

  // Oxygen
  { id: 'O2/H2O', half: 'O2 + 4 H+ + 4 e- = 2 H2O', volts: 1.229, source: 'BARD', reductant: NEVER, oxidant: { slow: 8, only: ['MnO2/Mn', 'Co3/Co2', 'Co3/Co2 ammine', 'SO4/SO2'] } },
  // Warm water holds less air, which takes back most of what warmth gives.
  { id: 'O2/H2O on iron', half: 'O2 + 4 H+ + 4 e- = 2 H2O', volts: 1.229, source: 'BARD', reductant: NEVER, oxidant: { alkaline: -3.5, slow: 8, activation: 10, only: ['Fe3/Fe2'] } },
  { id: 'H2O2/H2O', half: 'H2O2 + 2 H+ + 2 e- = 2 H2O', volts: 1.763, source: 'BARD', reductant: NEVER, oxidant: { not: ['I2/I-', 'Cl2/Cl-', 'Br2/Br-', 'MnO4/Mn', 'MnO4/MnO2', 'NO3/HNO2', 'SO4/SCN'] } },
  // A minute or so in cold dilute acid.
  { id: 'H2O2/H2O on iodide', half: 'H2O2 + 2 H+ + 2 e- = 2 H2O', volts: 1.763, source: 'BARD', reductant: NEVER, oxidant: { slow: 1.5, only: ['I2/I-'] } },
  { id: 'O2/H2O2', half: 'O2 + 2 H+ + 2 e- = H2O2', volts: 0.695, source: 'BARD', oxidant: NEVER, reductant: { only: ['MnO4/Mn', 'MnO4/MnO2', 'MnO2/Mn', 'PbO2/Pb', 'ClO/Cl', 'Cl2/Cl-'] } },
  // Peroxide gives electrons in alkali.
  { id: 'O2/H2O2 in alkali', half: 'O2 + 2 H+ + 2 e- = H2O2', volts: 0.695, source: 'BARD', oxidant: NEVER, reductant: { alkaline: -8.5, only: ['Ag+/Ag', 'FeCN', 'Hg2+/Hg'] } },

  // Manganese, chromium, lead, bismuth in high states
  { id: 'MnO4/Mn', half: 'MnO4- + 8 H+ + 5 e- = Mn2+ + 4 H2O', volts: 1.507, source: 'BARD', oxidant: { acid: -3.5 }, reductant: { acid: -0.6, only: ['BiO3/Bi', 'PbO2/Pb'] } },
  { id: 'MnO4/MnO2', half: 'MnO4- + 4 H+ + 3 e- = MnO2(s) + 2 H2O', volts: 1.692, source: 'BARD', oxidant: { alkaline: -3.5, acid: -13.2 }, reductant: NEVER },
  // What permanganate makes of manganese(II) where there is little acid.
  { id: 'MnO4/MnO2 on manganese', half: 'MnO4- + 4 H+ + 3 e- = MnO2(s) + 2 H2O', volts: 1.692, source: 'BARD', oxidant: { alkaline: -1.5, slow: 1, only: ['MnO2/Mn by permanganate'] }, reductant: NEVER },
  { id: 'MnO2/Mn by permanganate', half: 'MnO2(s) + 4 H+ + 2 e- = Mn2+ + 2 H2O', volts: 1.23, source: 'BARD', oxidant: NEVER, reductant: { only: ['MnO4/MnO2 on manganese'] } },
  // In strong alkali permanganate takes one electron only; green manganate falls apart when the alkali is neutralised.
  { id: 'MnO4/manganate', half: 'MnO4- + e- = MnO4^2-', volts: 0.558, source: 'BARD', oxidant: { alkaline: -13.2, not: ['O2/H2O2', 'MnO2/Mn'] }, reductant: { acid: -13, only: ['manganate/MnO2'] } },
  { id: 'manganate/MnO2', half: 'MnO4^2- + 4 H+ + 2 e- = MnO2(s) + 2 H2O', volts: 2.27, source: 'BARD', oxidant: { acid: -13 }, reductant: NEVER },
  { id: 'MnO2/Mn', half: 'MnO2(s) + 4 H+ + 2 e- = Mn2+ + 2 H2O', volts: 1.23, source: 'BARD', oxidant: { acid: -1.5, not: ['MnO4/Mn', 'Br2/Br-'] }, reductant: { alkaline: -8, only: ['O2/H2O', 'H2O2/H2O', 'ClO/Cl', 'Br2/Br-', 'Cl2/Cl-'] } },
  { id: 'MnO2/Mn sulfide', half: 'MnO2(s) + 4 H+ + 2 e- = Mn2+ + 2 H2O', volts: 1.23, source: 'BARD', oxidant: { only: ['S/H2S'] }, reductant: NEVER },
  // What sulfurous acid makes of it is green: it holds the sulfate that forms. The potential is that of chromium(III) and the complex's constant, 4.6 (NIST46).
  { id: 'Cr2O7/CrSO4', half: 'Cr2O7^2- + 2 SO4^2- + 14 H+ + 6 e- = 2 CrSO4+ + 7 H2O', volts: 1.45, source: 'NIST46', oxidant: { acid: -4, only: ['SO4/SO2'] }, reductant: NEVER },
  { id: 'Cr2O7/Cr', half: 'Cr2O7^2- + 14 H+ + 6 e- = 2 Cr3+ + 7 H2O', volts: 1.36, source: 'BARD', oxidant: { acid: -4 }, reductant: { alkaline: -8.5, only: ['H2O2/H2O', 'ClO/Cl', 'Br2/Br-', 'PbO2/Pb'] } },
  { id: 'PbO2/Pb', half: 'PbO2(s) + 4 H+ + 2 e- = Pb2+ + 2 H2O', volts: 1.468, source: 'BARD', oxidant: { acid: -1 }, reductant: { alkaline: -9, only: ['ClO/Cl', 'Br2/Br-', 'Cl2/Cl-'] } },
  // Boiled in acetic acid it frees bromine and iodine, and leaves chloride.
  { id: 'PbO2/Pb in acetic acid', half: 'PbO2(s) + 4 H+ + 2 e- = Pb2+ + 2 H2O', volts: 1.468, source: 'BARD', oxidant: { warm: 80, acid: -5.5, slow: 2, only: ['Br2/Br-', 'I2/I-'] }, reductant: NEVER },
  { id: 'BiO3/Bi', half: 'NaBiO3(s) + 6 H+ + 2 e- = Bi3+ + Na+ + 3 H2O', volts: 1.8, source: 'FIT', oxidant: { acid: -1.5 }, reductant: NEVER },

  // Iron, cobalt, nickel, copper, tin, arsenic, mercury
  { id: 'Fe3/Fe2', half: 'Fe3+ + e- = Fe2+', volts: 0.771, source: 'BARD', oxidant: { not: ['FeCN', 'SO2/S2O3', 'Ag+/Ag', 'Hg2/Hg', 'AsO4/AsO3', 'S/H2S', 'SO4/SCN'] }, reductant: { not: ['FeCN', 'Ag+/Ag', 'Hg2/Hg', 'HgCl2/Hg2Cl2', 'I2/I-'] } },
  { id: 'Fe3/Fe2 by silver', half: 'Fe3+ + e- = Fe2+', volts: 0.771, source: 'BARD', oxidant: NEVER, reductant: { slow: 3, only: ['Ag+/Ag'] } },
  { id: 'Fe3/Fe2 by sulfide', half: 'Fe3+ + e- = Fe2+', volts: 0.771, source: 'BARD', oxidant: { only: ['S/H2S'], slow: 0.35 }, reductant: NEVER },
  { id: 'Co3/Co2', half: 'CoO(OH)(s) + 3 H+ + e- = Co2+ + 2 H2O', volts: 1.75, source: 'CRC', oxidant: { acid: -4 }, reductant: { alkaline: -8.5, only: ['H2O2/H2O', 'ClO/Cl', 'Br2/Br-', 'Cl2/Cl-'] } },
  { id: 'Co3/Co2 ammine', half: 'Co(NH3)6^3+ + e- = Co(NH3)6^2+', volts: 0.058, source: 'BARD', oxidant: NEVER, reductant: { only: ['O2/H2O', 'H2O2/H2O'] } },
  { id: 'Ni3/Ni2', half: 'NiO(OH)(s) + 3 H+ + e- = Ni2+ + 2 H2O', volts: 2.0, source: 'CRC', oxidant: { acid: -4 }, reductant: { alkaline: -8.5, only: ['ClO/Cl', 'Br2/Br-', 'Cl2/Cl-'] } },
  { id: 'Cu2/Cu+', half: 'Cu2+ + e- = Cu+', volts: 0.159, source: 'BARD', oxidant: { only: ['I2/I-', 'S4O6/S2O3', 'Sn4/Sn2', 'CNO/CN', 'SO4/SO2'] }, reductant: { not: ['SO4/SO2 conc', 'O2/H2O'] } },
  { id: 'Cu2/Cu', half: 'Cu2+ + 2 e- = Cu(s)', volts: 0.34, source: 'BARD', oxidant: { only: ['Zn2/Zn', 'Mg2/Mg', 'Al3/Al laid bare', 'Fe2/Fe', 'Pb2/Pb', 'Sn2/Sn'] }, reductant: { only: ['NO3/NO', 'NO3/NO conc', 'SO4/SO2', 'Ag+/Ag', 'Hg2/Hg', 'Fe3/Fe2', 'Hg2+/Hg'] } },
  // From -0.93 V for stannite (BARD) with the hydrolysis of tin(II); SnCl6(2-) is fitted to +0.14 V in 1 M hydrochloric acid (BARD).
  { id: 'Sn4/Sn2', half: 'Sn(OH)6^2- + 6 H+ + 2 e- = Sn2+ + 6 H2O', volts: 0.815, source: 'BARD', oxidant: { only: ['Fe2/Fe', 'Zn2/Zn', 'Mg2/Mg'] }, reductant: { not: ['SO4/SO2', 'S/H2S', 'AsO4/AsO3', 'NO3/NO', 'FeCN', 'SO2/S', 'Pb2/Pb', 'Bi3/Bi'] } },
  { id: 'Sn4/Sn2 stannite', half: 'Sn(OH)6^2- + 6 H+ + 2 e- = Sn2+ + 6 H2O', volts: 0.815, source: 'BARD', oxidant: NEVER, reductant: { alkaline: -8, only: ['Bi3/Bi'] } },
  { id: 'AsO4/AsO3', half: 'H3AsO4 + 2 H+ + 2 e- = H3AsO3 + H2O', volts: 0.56, source: 'BARD', oxidant: { acid: 0, only: ['I2/I-', 'S/H2S', 'SO4/SO2'] }, reductant: { only: ['I2/I-', 'Br2/Br-', 'Cl2/Cl-', 'MnO4/Mn', 'Cr2O7/Cr', 'H2O2/H2O', 'NO3/NO', 'NO3/NO conc', 'ClO/Cl'] } },
  { id: 'HgCl2/Hg2Cl2', half: '2 Hg2+ + 2 e- = Hg2^2+', volts: 0.91, source: 'BARD', oxidant: { only: ['Sn4/Sn2', 'CO2/HCOO', 'Hg2/Hg'] }, reductant: { only: ['Hg2/Hg', 'NO3/NO', 'NO3/NO conc', 'Br2/Br-', 'Cl2/Cl-'] } },
  { id: 'Hg2/Hg', half: 'Hg2^2+ + 2 e- = 2 Hg(s)', volts: 0.796, source: 'BARD', oxidant: { only: ['HgCl2/Hg2Cl2', 'Sn4/Sn2', 'Cu2/Cu', 'Zn2/Zn', 'Fe2/Fe', 'Mg2/Mg'] }, reductant: { only: ['HgCl2/Hg2Cl2', 'NO3/NO', 'NO3/NO conc'] } },
  { id: 'Hg2+/Hg', half: 'Hg2+ + 2 e- = Hg(s)', volts: 0.853, source: 'BARD', oxidant: { only: ['Cu2/Cu', 'Zn2/Zn', 'Fe2/Fe', 'Mg2/Mg'] }, reductant: NEVER },
  { id: 'Bi3/Bi', half: 'Bi3+ + 3 e- = Bi(s)', volts: 0.308, source: 'BARD', oxidant: { only: ['Sn4/Sn2 stannite', 'Zn2/Zn', 'Mg2/Mg', 'Fe2/Fe', 'Sn2/Sn'] }, reductant: { only: ['NO3/NO', 'NO3/NO conc'] } },
  { id: 'Sb/Sb', half: 'Sb(OH)3 + 3 H+ + 3 e- = Sb(s) + 3 H2O', volts: 0.23, source: 'BARD', oxidant: { only: ['Zn2/Zn', 'Mg2/Mg', 'Fe2/Fe', 'Sn2/Sn'] }, reductant: { only: ['NO3/NO', 'NO3/NO conc'] } },
  { id: 'AsO3/As', half: 'H3AsO3 + 3 H+ + 3 e- = As(s) + 3 H2O', volts: 0.24, source: 'BARD', oxidant: { warm: 50, only: ['Sn4/Sn2', 'Zn2/Zn', 'Mg2/Mg'] }, reductant: { only: ['NO3/NO', 'NO3/NO conc'] } },
  metal('Ag+/Ag', 'Ag+ + e- = Ag(s)', 0.7996),
  { id: 'Cd2/Cd', half: 'Cd2+ + 2 e- = Cd(s)', volts: -0.403, source: 'BARD', oxidant: { only: ['Zn2/Zn', 'Mg2/Mg', 'Al3/Al laid bare'] }, reductant: NEVER },
  { id: 'Ni2/Ni', half: 'Ni2+ + 2 e- = Ni(s)', volts: -0.257, source: 'BARD', oxidant: { slow: 20, only: ['Zn2/Zn', 'Mg2/Mg', 'Al3/Al laid bare'] }, reductant: NEVER },
  { id: 'Co2/Co', half: 'Co2+ + 2 e- = Co(s)', volts: -0.277, source: 'BARD', oxidant: { slow: 20, only: ['Zn2/Zn', 'Mg2/Mg', 'Al3/Al laid bare'] }, reductant: NEVER },
  metal('Pb2/Pb', 'Pb2+ + 2 e- = Pb(s)', -0.126),
  { id: 'Sn2/Sn', half: 'Sn2+ + 2 e- = Sn(s)', volts: -0.137, source: 'BARD', oxidant: { only: ['Zn2/Zn', 'Mg2/Mg'] }, reductant: { not: ['O2/H2O', 'O2/H2O on iron', 'H2O2/H2O', 'CO2/C2O4', 'SO4/SO2', 'S/H2S', 'CO2/HCOO'] } },
  metal('Fe2/Fe', 'Fe2+ + 2 e- = Fe(s)', -0.44),
  metal('Zn2/Zn', 'Zn2+ + 2 e- = Zn(s)', -0.762),
  // Its skin of oxide keeps it from a copper or mercury salt until chloride or alkali opens it, and from nitric acid.
  { id: 'Al3/Al', half: 'Al3+ + 3 e- = Al(s)', volts: -1.676, source: 'BARD', oxidant: NEVER, reductant: { only: ['H+/H2', 'H+/H2 on aluminium', 'NO3/NH3', 'NO2/NH3'], most: { 'NO3-': 1.5 } } },
  { id: 'Al3/Al laid bare', half: 'Al3+ + 3 e- = Al(s)', volts: -1.676, source: 'BARD', oxidant: NEVER, reductant: { only: ['Cu2/Cu', 'Cd2/Cd', 'Ni2/Ni', 'Co2/Co', 'Ag+/Ag', 'Hg2/Hg', 'Hg2+/Hg', 'Pb2/Pb', 'Sn2/Sn', 'Bi3/Bi', 'Sb/Sb', 'AsO3/As'], least: { 'Cl-': 0.02 } } },
  metal('Mg2/Mg', 'Mg2+ + 2 e- = Mg(s)', -2.356),
  { id: 'H+/H2', half: '2 H+ + 2 e- = H2', volts: 0, source: 'BARD', reductant: NEVER, oxidant: { acid: -4, most: { 'NO3-': 0.5 }, only: ['Zn2/Zn', 'Al3/Al'] } },
  { id: 'H+/H2 on magnesium', half: '2 H+ + 2 e- = H2', volts: 0, source: 'BARD', reductant: NEVER, oxidant: { acid: -7, only: ['Mg2/Mg'] } },
  { id: 'H+/H2 in alkali', half: '2 H+ + 2 e- = H2', volts: 0, source: 'BARD', reductant: NEVER, oxidant: { alkaline: -11.3, warm: 50, only: ['Zn2/Zn'] } },
  { id: 'H+/H2 on aluminium', half: '2 H+ + 2 e- = H2', volts: 0, source: 'BARD', reductant: NEVER, oxidant: { alkaline: -12, only: ['Al3/Al'] } },
  { id: 'H+/H2 hot', half: '2 H+ + 2 e- = H2', volts: 0, source: 'BARD', reductant: NEVER, oxidant: { warm: 70, slow: 15, only: ['Mg2/Mg'] } },
  { id: 'H+/H2 on iron', half: '2 H+ + 2 e- = H2', volts: 0, source: 'BARD', reductant: NEVER, oxidant: { acid: -4, most: { 'NO3-': 0.5 }, slow: 200, only: ['Fe2/Fe', 'Sn2/Sn'] } },
];

/**
 * Changes that are slow rather than uphill: what turns into what (water makes up the balance),
 * at which temperature and acidity, and how fast.
 */
export interface ConversionRow {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  /** Half-life in minutes at 25 °C, or at the temperature that the gate's `warm` asks for, or at `at`. */
  readonly halfLife: number;
  /** °C at which the half-life is given. */
  readonly at?: number;
  /** kJ/mol; the usual where absent. */
  readonly activation?: number;
  readonly gate: Gate;
  readonly source: SourceKey;
}

export const CONVERSIONS: readonly ConversionRow[] = [
  { id: 'thioacetamide in acid or base', from: 'CH3CSNH2', to: 'HS- + H+ + CH3CONH2', halfLife: 1.5, at: 80, gate: { warm: 55 }, source: 'VOGEL' },
  { id: 'acetamide in alkali', from: 'CH3CONH2 + OH-', to: 'CH3COO- + NH3', halfLife: 8, gate: { warm: 90, alkaline: -11.5 }, source: 'VOGEL' },
  { id: 'peroxochromate fades', from: '4 CrO5 + 12 H+', to: '4 Cr3+ + 7 O2', halfLife: 3, activation: 85, gate: { acid: -6 }, source: 'FIT' },
  { id: 'peroxide on boiling', from: '2 H2O2', to: 'O2', halfLife: 1, gate: { warm: 90 }, source: 'COTTON' },
  { id: 'peroxide on boiling, in base', from: '2 HO2-', to: 'O2 + 2 OH-', halfLife: 0.4, gate: { warm: 90 }, source: 'COTTON' },
  { id: 'peroxide on manganese dioxide', from: '2 H2O2', to: 'O2', halfLife: 0.3, gate: { beside: 'MnO2(s)' }, source: 'COTTON' },
  { id: 'ammonium and nitrite, boiled', from: 'NH4+ + NO2-', to: 'N2', halfLife: 2, gate: { warm: 80 }, source: 'VOGEL' },
  { id: 'nitrous acid and sulfamic acid', from: 'HNO2 + NH2SO3-', to: 'N2 + SO4^2- + H+', halfLife: 0.1, gate: {}, source: 'VOGEL' },
  { id: 'hexanitritocobaltate in acid', from: 'Co(NO2)6^3-', to: 'Co2+ + 5 NO2- + NO2', halfLife: 5, gate: { acid: -1 }, source: 'COTTON' },
  { id: 'green chromium(III) chloride lets go in water', from: 'CrCl2+', to: 'Cr3+ + 2 Cl-', halfLife: 1500, gate: {}, source: 'FIT' },
  { id: 'green chromium(III) chloride lets go as it is neutralised', from: 'CrCl2OH', to: 'CrOH^2+ + 2 Cl-', halfLife: 0.05, gate: { alkaline: -4.5 }, source: 'FIT' },
  { id: 'chromium(III) turns green in hot hydrochloric acid', from: 'Cr3+ + 2 Cl-', to: 'CrCl2+', halfLife: 2, gate: { warm: 60, acid: -1, least: { 'Cl-': 0.5 } }, source: 'COTTON' },
  { id: 'chromium(III) sulfate turns green when hot', from: 'Cr3+ + SO4^2-', to: 'CrSO4+', halfLife: 2, gate: { warm: 60, acid: -4.5 }, source: 'VOGEL' },
  { id: 'green chromium(III) sulfate lets go as it is neutralised', from: 'CrSO4OH', to: 'CrOH^2+ + SO4^2-', halfLife: 0.05, gate: { alkaline: -4.5 }, source: 'FIT' },
  { id: 'silver thiosulfate darkens', from: 'Ag2S2O3', to: '2 Ag+ + HS- + SO4^2- + H+', halfLife: 1.5, gate: {}, source: 'VOGEL' },
  { id: 'lead thiosulfate darkens when boiled', from: 'PbS2O3', to: 'Pb2+ + HS- + SO4^2- + H+', halfLife: 3, gate: { warm: 80 }, source: 'VOGEL' },
  { id: 'azo coupling of nitrous acid', from: 'C16H16N2O3S + HNO2', to: 'C16H13N3O3S', halfLife: 0.3, gate: { acid: -5 }, source: 'VOGEL' },
  { id: 'iron(II) hydroxide takes up cyanide', from: 'Fe(OH)2 + 6 CN-', to: 'Fe(CN)6^4- + 2 OH-', halfLife: 5, gate: {}, source: 'COTTON' },
  { id: 'iron(II) sulfide takes up cyanide', from: 'FeS + 6 CN-', to: 'Fe(CN)6^4- + S2-', halfLife: 10, gate: {}, source: 'COTTON' },
  { id: 'cyanide and polysulfide', from: 'CN- + S2^2-', to: 'SCN- + S2-', halfLife: 1, gate: {}, source: 'VOGEL' },
  { id: 'polysulfide in acid', from: 'S2^2- + H+', to: 'S(s) + HS-', halfLife: 0.05, gate: { acid: -6.5 }, source: 'VOGEL' },
  { id: 'acetic acid and ethanol, in strong acid', from: 'CH3COOH + C2H6O', to: 'C4H8O2', halfLife: 2, gate: { warm: 45, acid: 0.5 }, source: 'VOGEL' },
  { id: 'tin(IV) hydroxide ages', from: 'Sn(OH)4', to: 'SnO2(s)', halfLife: 4, gate: { warm: 90 }, source: 'VOGEL' },
  { id: 'formate and hot concentrated acid', from: 'HCOOH', to: 'CO', halfLife: 0.3, gate: { warm: 45, acid: 4.5 }, source: 'VOGEL' },
  { id: 'oxalate and hot concentrated acid', from: 'H2C2O4', to: 'CO + CO2', halfLife: 0.5, gate: { warm: 45, acid: 4.5 }, source: 'VOGEL' },
  { id: 'hexacyanoferrate(II) and hot concentrated acid', from: 'H2Fe(CN)6^2-', to: 'Fe2+ + 6 NH3 + 6 CO - 4 H+', halfLife: 0.5, gate: { warm: 45, acid: 4 }, source: 'VOGEL' },
  { id: 'tartrate and hot concentrated acid', from: 'H2C4H4O6', to: '2 C(s) + CO + CO2', halfLife: 4, gate: { warm: 55, acid: 4 }, source: 'VOGEL' },
  { id: 'chlorate and concentrated acid', from: '4 ClO3- + 4 H+', to: '4 ClO2 + O2', halfLife: 0.3, gate: { acid: 4 }, source: 'FIT' },
  { id: 'nitric acid fumes', from: '4 NO3- + 4 H+', to: '4 NO2 + O2', halfLife: 6, gate: { warm: 60, acid: 5 }, source: 'VOGEL' },
];
