/**
 * How each bottle of the shelf is made. Concentrations are those of the bottles; solids and their hydrates as they are sold. After
 * VOGEL, appendix on reagents, where it gives a recipe; keeping times by judgement: your own laboratory's rule comes first.
 */

/** A concentrated liquid as it is bought. */
export interface StockLiquid {
  readonly name: string;
  readonly formula: string;
  /** g/mL at 20 °C. */
  readonly density: number;
  /** Mass fraction. */
  readonly fraction: number;
  /** An acid: it is poured into water, never water into it. kJ/mol given off as it is diluted, rounded, after the CRC's heats of dilution. */
  readonly acid?: { readonly heat: number };
}

/** Sources: CRC, densities of aqueous solutions; fractions as usually sold. */
export const STOCK_LIQUIDS: Readonly<Record<string, StockLiquid>> = {
  'hydrochloric-acid-conc': { name: 'hydrochloric acid, 37 %', formula: 'HCl', density: 1.18, fraction: 0.37, acid: { heat: 20 } },
  'nitric-acid-conc': { name: 'nitric acid, 70 %', formula: 'HNO3', density: 1.41, fraction: 0.705, acid: { heat: 20 } },
  'sulfuric-acid-conc': { name: 'sulfuric acid, 96 %', formula: 'H2SO4', density: 1.84, fraction: 0.96, acid: { heat: 90 } },
  'acetic-acid-glacial': { name: 'acetic acid, glacial', formula: 'CH3COOH', density: 1.049, fraction: 0.997, acid: { heat: 0 } },
  'ammonia-conc': { name: 'ammonia, 28 %', formula: 'NH3', density: 0.9, fraction: 0.28 },
  'hydrogen-peroxide-30pc': { name: 'hydrogen peroxide, 30 %', formula: 'H2O2', density: 1.11, fraction: 0.3 },
  'hypochlorite-5pc': { name: 'bleach, 5 %', formula: 'NaClO', density: 1.08, fraction: 0.05 },
};

/** mol of a solid or of a stock liquid in a litre of what is made. */
export type Part = { readonly solid: string; readonly molar: number } | { readonly liquid: string; readonly molar: number };

export interface Recipe {
  readonly parts: readonly Part[];
  readonly into?: 'ethanol' | 'concentrated sulfuric acid';
  /** Where an acid must not meet the other parts undiluted: how the two are brought together, each diluted by itself. */
  readonly meets?: string;
  readonly note?: string;
  /** Days that it keeps; 0 for the day on which it is made. */
  readonly days: number;
}

const YEAR = 365;
const solid = (formula: string, molar: number): Part => ({ solid: formula, molar });
const liquid = (stock: string, molar: number): Part => ({ liquid: stock, molar });
const made = (days: number, ...parts: readonly Part[]): Recipe => ({ parts, days });
const noted = (days: number, note: string, ...parts: readonly Part[]): Recipe => ({ parts, days, note });
const HCL = 'hydrochloric-acid-conc';
const HNO3 = 'nitric-acid-conc';
const H2SO4 = 'sulfuric-acid-conc';
const NH3 = 'ammonia-conc';
const ACETIC = 'acetic-acid-glacial';

export const RECIPES: Readonly<Record<string, Recipe>> = {
  'hydrochloric-acid-2M': made(YEAR, liquid(HCL, 2)),
  'hydrochloric-acid-6M': made(YEAR, liquid(HCL, 6)),
  'nitric-acid-2M': made(YEAR, liquid(HNO3, 2)),
  'nitric-acid-6M': made(YEAR, liquid(HNO3, 6)),
  'sulfuric-acid-1M': made(YEAR, liquid(H2SO4, 1)),
  'acetic-acid-2M': made(YEAR, liquid(ACETIC, 2)),
  'sodium-hydroxide-2M': noted(180, 'It grows hot; a plastic bottle.', solid('NaOH', 2)),
  'sodium-hydroxide-6M': noted(180, 'It grows very hot: a little at a time, in a bath of ice; a plastic bottle.', solid('NaOH', 6)),
  'ammonia-2M': made(180, liquid(NH3, 2)),
  'ammonia-6M': made(180, liquid(NH3, 6)),
  'lime-water': noted(30, 'Shake with an excess, let it settle, pour off the clear liquid and keep it closed.', solid('Ca(OH)2', 0.04)),
  'sodium-carbonate-1M': made(YEAR, solid('Na2CO3·10H2O', 1)),
  'sodium-acetate-1M': made(YEAR, solid('NaCH3COO·3H2O', 1)),
  'ammonium-chloride-2M': made(YEAR, solid('NH4Cl', 2)),
  'ammonium-carbonate-1M': noted(30, 'Not warmer than the hand.', solid('(NH4)2CO3', 1)),
  'ammonium-acetate-3M': made(180, solid('NH4CH3COO', 3)),
  'ammonium-sulfide-1M': noted(14, 'Lead hydrogen sulfide into half of the ammonia in the hood, then add the other half.', liquid(NH3, 2)),
  'yellow-ammonium-sulfide-1M': noted(14, 'Dissolve a little sulfur in ammonium sulfide.', liquid(NH3, 2), solid('S', 0.2)),
  'ammonium-oxalate-0.25M': made(YEAR, solid('(NH4)2C2O4·H2O', 0.25)),
  'ammonium-molybdate-reagent': {
    ...made(30, solid('(NH4)6Mo7O24·4H2O', 0.4 / 7), liquid(NH3, 1.2), liquid(HNO3, 3.2)),
    meets: 'In the hood, pour the molybdate slowly into the cold acid, stirring. Concentrated ammonia and concentrated nitric acid never meet: together they boil over.',
  },
  'ammonium-thiocyanate-0.5M': made(YEAR, solid('NH4SCN', 0.5)),
  'ammonium-sulfate-1M': made(YEAR, solid('(NH4)2SO4', 1)),
  'sodium-phosphate-0.3M': made(180, solid('Na2HPO4·12H2O', 0.3)),
  'magnesia-mixture': noted(180, 'Let it stand for a day and filter.', solid('MgCl2·6H2O', 0.5), solid('NH4Cl', 1.9), liquid(NH3, 1.5)),
  'silver-nitrate-0.1M': noted(YEAR, 'A brown bottle.', solid('AgNO3', 0.1)),
  'barium-chloride-0.25M': made(YEAR, solid('BaCl2·2H2O', 0.25)),
  'barium-nitrate-0.1M': made(YEAR, solid('Ba(NO3)2', 0.1)),
  'calcium-chloride-0.5M': made(YEAR, solid('CaCl2·2H2O', 0.5)),
  'lead-acetate-0.1M': noted(YEAR, 'A drop of acetic acid if it is cloudy.', solid('Pb(CH3COO)2·3H2O', 0.1)),
  'potassium-iodide-0.1M': noted(90, 'A brown bottle.', solid('KI', 0.1)),
  'potassium-chromate-0.1M': made(YEAR, solid('K2CrO4', 0.1)),
  'potassium-dichromate-acid-0.05M': made(YEAR, solid('K2Cr2O7', 0.05), liquid(H2SO4, 1)),
  'potassium-permanganate-0.02M': noted(90, 'A brown bottle.', solid('KMnO4', 0.02)),
  'potassium-hexacyanoferrate-ii-0.1M': made(60, solid('K4Fe(CN)6·3H2O', 0.1)),
  'potassium-hexacyanoferrate-iii-0.1M': noted(14, 'A brown bottle.', solid('K3Fe(CN)6', 0.1)),
  'iron-ii-sulfate-fresh-0.5M': noted(0, 'On the day, in water that was boiled and cooled.', solid('FeSO4·7H2O', 0.5), liquid(H2SO4, 0.05)),
  'iron-ii-sulfate-aged-0.5M': noted(YEAR, 'What is left of a fresh one.', solid('FeSO4·7H2O', 0.5), liquid(H2SO4, 0.05)),
  'iron-iii-chloride-0.1M': made(YEAR, solid('FeCl3·6H2O', 0.1), liquid(HCL, 0.05)),
  'tin-ii-chloride-0.1M': noted(30, 'It must be clear before it is made up. Put a grain of tin into the bottle.', solid('SnCl2·2H2O', 0.1), liquid(HCL, 1)),
  'mercury-ii-chloride-0.1M': made(YEAR, solid('HgCl2', 0.1)),
  'cobalt-ii-nitrate-0.1M': made(YEAR, solid('Co(NO3)2·6H2O', 0.1)),
  'copper-ii-sulfate-0.1M': made(YEAR, solid('CuSO4·5H2O', 0.1)),
  'sodium-nitroprusside-1pc': noted(3, 'In the dark.', solid('Na2Fe(CN)5NO·2H2O', 0.0335)),
  'dimethylglyoxime-1pc': { parts: [solid('C4H8N2O2', 0.086)], into: 'ethanol', days: YEAR },
  'aluminon-0.1pc': made(180, solid('C22H23N3O9', 0.0021)),
  'magneson-0.01pc': made(180, solid('C12H9N3O4', 0.0004), solid('NaOH', 0.5)),
  'cadmium-carbonate-suspension': noted(30, 'Precipitate it from the nitrate with carbonate, wash it, and shake it up before use.', solid('Cd(NO3)2·4H2O', 0.3), solid('Na2CO3', 0.3)),
  'sodium-hexanitritocobaltate-iii': noted(7, 'In the cold; filter.', solid('Na3Co(NO2)6', 0.3), solid('NaNO2', 0.3)),
  'hydrogen-peroxide-6pc': made(30, liquid('hydrogen-peroxide-30pc', 1.8)),
  'chlorine-water': noted(1, 'Lead chlorine into cold water in the hood; a brown bottle.'),
  'bromine-water': noted(60, 'Shake 0.8 mL of bromine with 100 mL of water in the hood; a brown bottle.'),
  'iodine-solution': made(180, solid('KI', 0.15), solid('I2', 0.05)),
  'starch-0.5pc': noted(3, 'As a paste into boiling water; boil for a minute.', solid('C6H10O5', 0.031)),
  'bleach-acidified': {
    ...made(0, liquid('hypochlorite-5pc', 0.1), liquid(HNO3, 0.2)),
    meets: 'In the hood, just before use, pour the diluted acid into the diluted bleach: chlorine comes off. Never let bleach meet the concentrated acid, and never close the bottle tightly.',
  },
  'sulfamic-acid-0.5M': made(90, solid('NH2SO3H', 0.5)),
  'sodium-nitrite-1M': made(30, solid('NaNO2', 1)),
  'potassium-cyanide-0.5M': noted(0, 'Not in a teaching laboratory.', solid('KCN', 0.5)),
  'thioacetamide-1M': noted(30, 'In the hood, with gloves.', solid('CH3CSNH2', 1)),
  'sodium-stannite-fresh': noted(0, 'The tin(II) chloride into the cold base until it is clear again.', solid('SnCl2·2H2O', 0.1), solid('NaOH', 2)),
  'nessler-reagent': noted(YEAR, 'The iodide of mercury in potassium iodide, then the base; let it settle.', solid('HgI2', 0.1), solid('KI', 0.5), solid('KOH', 2.4)),
  'diphenylamine-reagent': { parts: [solid('C12H11N', 0.03)], into: 'concentrated sulfuric acid', days: 90 },
  'griess-reagent': noted(7, 'The solids are sulfanilamide and N-(1-naphthyl)ethylenediamine dihydrochloride, which takes the place of 1-naphthylamine, a regulated carcinogen. A brown bottle, in the cold.', solid('C6H8N2O2S', 0.03), solid('C12H16N2Cl2', 0.002), liquid(ACETIC, 3)),
  'zirconium-alizarin': made(90, solid('ZrOCl2·8H2O', 0.002), solid('C14H8O4', 0.0015), liquid(HCL, 0.5)),
};
