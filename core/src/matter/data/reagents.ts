/** The bottles on the shelf: what is in them, and what a person should know before opening one. */

export type Waste =
  'mercury waste' | 'silver waste' | 'chromium waste' | 'halogenated solvents' | 'solvents' | 'heavy-metal waste';

export interface ReagentRow {
  readonly id: string;
  readonly name: string;
  /** Contents of a solution in mol/L of ions or compounds; must be neutral. */
  readonly solution?: Readonly<Record<string, number>>;
  /** Formula of a solid, weighed out; of an alloy the mass fractions of its metals. */
  readonly solid?: string | Readonly<Record<string, number>>;
  /** An immiscible liquid. */
  readonly solvent?: string;
  /** Solids held in suspension, mol/L. */
  readonly suspended?: Readonly<Record<string, number>>;
  readonly caution?: string;
  /** A real danger, for which a test that uses it stands back. */
  readonly hazard?: 'high';
  /** The stream into which what it was used in goes. */
  readonly waste?: Waste;
  /** Rise in °C when equal volumes of it and of water meet, over four. Uncertain: from its heat of dilution (CRC), rounded. */
  readonly mixingHeat?: number;
  /** Restricted by default, with the reason. */
  readonly restricted?: string;
}

const ACID = 'Corrosive: goggles and gloves; add it to water, never water to it.';
const BASE = 'Corrosive, worst of all to eyes: goggles.';
const HOOD = 'Work in the hood; the vapour hurts eyes and lungs.';
const TOXIC = 'Toxic: gloves, no skin contact, into the heavy-metal waste.';
const OXIDISER = 'Strong oxidiser: keep away from anything that burns.';
const STAINS = 'Stains skin and cloth; an oxidiser.';
const FLAMMABLE = 'Highly flammable: no flame nearby.';

/** What makes a reagent basic, and what free acid is, in a solution. */
export const BASES: readonly string[] = ['OH-', 'NH3', 'CO3^2-'];
export const ACID_PART = 'H+';
export const FREE_ACID: readonly string[] = ['H+', 'HSO4-'];

export const REAGENTS: readonly ReagentRow[] = [
  { id: 'water', name: 'Water, distilled', solution: {} },
  { id: 'hydrochloric-acid-2M', name: 'Hydrochloric acid, 2 M', solution: { 'H+': 2, 'Cl-': 2 }, caution: ACID },
  { id: 'hydrochloric-acid-6M', name: 'Hydrochloric acid, 6 M', solution: { 'H+': 6, 'Cl-': 6 }, caution: ACID },
  { id: 'hydrochloric-acid-conc', name: 'Hydrochloric acid, conc.', solution: { 'H+': 12, 'Cl-': 12 }, caution: HOOD },
  { id: 'nitric-acid-2M', name: 'Nitric acid, 2 M', solution: { 'H+': 2, 'NO3-': 2 }, caution: ACID },
  { id: 'nitric-acid-6M', name: 'Nitric acid, 6 M', solution: { 'H+': 6, 'NO3-': 6 }, caution: ACID },
  { id: 'nitric-acid-conc', name: 'Nitric acid, conc.', solution: { 'H+': 15.8, 'NO3-': 15.8 }, caution: HOOD },
  { id: 'sulfuric-acid-1M', name: 'Sulfuric acid, 1 M', solution: { 'H+': 2, 'SO4^2-': 1 }, caution: ACID },
  { id: 'sulfuric-acid-conc', name: 'Sulfuric acid, conc.', solution: { 'H+': 36, 'SO4^2-': 18 }, mixingHeat: 200, caution: `${ACID} It grows very hot with water.` },
  { id: 'acetic-acid-2M', name: 'Acetic acid, 2 M', solution: { 'CH3COO-': 2, 'H+': 2 } },
  { id: 'acetic-acid-glacial', name: 'Acetic acid, glacial', solution: { 'CH3COO-': 17.4, 'H+': 17.4 }, caution: HOOD },
  { id: 'sodium-hydroxide-2M', name: 'Sodium hydroxide, 2 M', solution: { 'Na+': 2, 'OH-': 2 }, caution: BASE },
  { id: 'sodium-hydroxide-6M', name: 'Sodium hydroxide, 6 M', solution: { 'Na+': 6, 'OH-': 6 }, caution: BASE },
  { id: 'ammonia-2M', name: 'Ammonia, 2 M', solution: { NH3: 2 } },
  { id: 'ammonia-6M', name: 'Ammonia, 6 M', solution: { NH3: 6 }, caution: HOOD },
  { id: 'ammonia-conc', name: 'Ammonia, conc.', solution: { NH3: 14.8 }, caution: HOOD },
  { id: 'lime-water', name: 'Lime water', solution: { 'Ca2+': 0.02, 'OH-': 0.04 } },
  { id: 'sodium-carbonate-1M', name: 'Sodium carbonate, 1 M', solution: { 'Na+': 2, 'CO3^2-': 1 } },
  { id: 'sodium-carbonate-solid', name: 'Sodium carbonate, solid', solid: 'Na2CO3' },
  { id: 'sodium-hydrogencarbonate-solid', name: 'Sodium hydrogencarbonate, solid', solid: 'NaHCO3' },
  { id: 'sodium-acetate-1M', name: 'Sodium acetate, 1 M', solution: { 'Na+': 1, 'CH3COO-': 1 } },
  { id: 'ammonium-chloride-2M', name: 'Ammonium chloride, 2 M', solution: { 'NH4+': 2, 'Cl-': 2 } },
  { id: 'ammonium-chloride-solid', name: 'Ammonium chloride, solid', solid: 'NH4Cl' },
  { id: 'ammonium-carbonate-1M', name: 'Ammonium carbonate, 1 M', solution: { 'NH4+': 2, 'CO3^2-': 1 } },
  { id: 'ammonium-acetate-3M', name: 'Ammonium acetate, 3 M', solution: { 'NH4+': 3, 'CH3COO-': 3 } },
  { id: 'ammonium-sulfide-1M', name: 'Ammonium sulfide, 1 M', solution: { NH3: 2, 'HS-': 1, 'H+': 1 }, caution: `${HOOD} Gives toxic hydrogen sulfide with acid.`, hazard: 'high' },
  { id: 'yellow-ammonium-sulfide-1M', name: 'Ammonium sulfide, yellow, 1 M', solution: { NH3: 2, 'HS-': 0.6, 'S2^2-': 0.2, 'H+': 1 }, caution: `${HOOD} Gives toxic hydrogen sulfide with acid.`, hazard: 'high' },
  { id: 'ammonium-oxalate-0.25M', name: 'Ammonium oxalate, 0.25 M', solution: { 'NH4+': 0.5, 'C2O4^2-': 0.25 }, caution: 'Harmful if swallowed.' },
  { id: 'ammonium-molybdate-reagent', name: 'Ammonium molybdate reagent', solution: { 'NH4+': 1.5, 'MoO4^2-': 0.4, 'NO3-': 3.2, 'H+': 2.5 }, caution: ACID },
  { id: 'ammonium-thiocyanate-0.5M', name: 'Ammonium thiocyanate, 0.5 M', solution: { 'NH4+': 0.5, 'SCN-': 0.5 }, caution: 'Never with strong hot acid.' },
  { id: 'ammonium-sulfate-1M', name: 'Ammonium sulfate, 1 M', solution: { 'NH4+': 2, 'SO4^2-': 1 } },
  { id: 'sodium-phosphate-0.3M', name: 'Disodium hydrogenphosphate, 0.3 M', solution: { 'Na+': 0.6, 'HPO4^2-': 0.3 } },
  { id: 'magnesia-mixture', name: 'Magnesia mixture', solution: { 'Mg2+': 0.5, 'NH4+': 1.9, 'Cl-': 2.9, NH3: 1.5 } },
  { id: 'silver-nitrate-0.1M', name: 'Silver nitrate, 0.1 M', solution: { 'Ag+': 0.1, 'NO3-': 0.1 }, caution: `${STAINS} Into the silver waste.`, waste: 'silver waste' },
  { id: 'barium-chloride-0.25M', name: 'Barium chloride, 0.25 M', solution: { 'Ba2+': 0.25, 'Cl-': 0.5 }, caution: TOXIC, waste: 'heavy-metal waste' },
  { id: 'barium-nitrate-0.1M', name: 'Barium nitrate, 0.1 M', solution: { 'Ba2+': 0.1, 'NO3-': 0.2 }, caution: TOXIC, waste: 'heavy-metal waste' },
  { id: 'calcium-chloride-0.5M', name: 'Calcium chloride, 0.5 M', solution: { 'Ca2+': 0.5, 'Cl-': 1 } },
  { id: 'lead-acetate-0.1M', name: 'Lead acetate, 0.1 M', solution: { 'Pb2+': 0.1, 'CH3COO-': 0.2 }, caution: TOXIC, waste: 'heavy-metal waste' },
  { id: 'potassium-iodide-0.1M', name: 'Potassium iodide, 0.1 M', solution: { 'K+': 0.1, 'I-': 0.1 } },
  { id: 'potassium-chromate-0.1M', name: 'Potassium chromate, 0.1 M', solution: { 'K+': 0.2, 'CrO4^2-': 0.1 }, caution: 'Carcinogen: gloves; into the chromium waste.', waste: 'chromium waste' },
  { id: 'potassium-dichromate-acid-0.05M', name: 'Potassium dichromate in acid, 0.05 M', solution: { 'K+': 0.1, 'Cr2O7^2-': 0.05, 'H+': 2, 'SO4^2-': 1 }, caution: 'Carcinogen and oxidiser: gloves; into the chromium waste.', waste: 'chromium waste' },
  { id: 'potassium-dichromate-solid', name: 'Potassium dichromate, solid', solid: 'K2Cr2O7', caution: 'Carcinogen and oxidiser: gloves; into the chromium waste.', waste: 'chromium waste' },
  { id: 'potassium-permanganate-0.02M', name: 'Potassium permanganate, 0.02 M', solution: { 'K+': 0.02, 'MnO4-': 0.02 }, caution: STAINS },
  { id: 'potassium-hexacyanoferrate-ii-0.1M', name: 'Potassium hexacyanoferrate(II), 0.1 M', solution: { 'K+': 0.4, 'Fe(CN)6^4-': 0.1 }, caution: 'Never with hot strong acid.' },
  { id: 'potassium-hexacyanoferrate-iii-0.1M', name: 'Potassium hexacyanoferrate(III), 0.1 M', solution: { 'K+': 0.3, 'Fe(CN)6^3-': 0.1 }, caution: 'Never with hot strong acid.' },
  { id: 'iron-ii-sulfate-fresh-0.5M', name: 'Iron(II) sulfate, fresh, 0.5 M', solution: { 'Fe2+': 0.5, 'SO4^2-': 0.55, 'H+': 0.1 } },
  { id: 'iron-ii-sulfate-aged-0.5M', name: 'Iron(II) sulfate, aged, 0.5 M', solution: { 'Fe2+': 0.35, 'Fe3+': 0.15, 'SO4^2-': 0.6, 'H+': 0.05 } },
  { id: 'iron-ii-sulfate-solid', name: 'Iron(II) sulfate, solid', solid: 'FeSO4·7H2O' },
  { id: 'iron-iii-chloride-0.1M', name: 'Iron(III) chloride, 0.1 M', solution: { 'Fe3+': 0.1, 'Cl-': 0.35, 'H+': 0.05 } },
  { id: 'tin-ii-chloride-0.1M', name: 'Tin(II) chloride, 0.1 M', solution: { 'Sn2+': 0.1, 'Cl-': 1.2, 'H+': 1 }, waste: 'heavy-metal waste' },
  { id: 'mercury-ii-chloride-0.1M', name: 'Mercury(II) chloride, 0.1 M', solution: { 'Hg2+': 0.1, 'Cl-': 0.2 }, caution: `Very toxic. ${TOXIC}`, restricted: 'Mercury is for simulation only unless your laboratory allows it.', waste: 'mercury waste', hazard: 'high' },
  { id: 'cobalt-ii-nitrate-0.1M', name: 'Cobalt(II) nitrate, 0.1 M', solution: { 'Co2+': 0.1, 'NO3-': 0.2 }, caution: TOXIC, waste: 'heavy-metal waste' },
  { id: 'copper-ii-sulfate-0.1M', name: 'Copper(II) sulfate, 0.1 M', solution: { 'Cu2+': 0.1, 'SO4^2-': 0.1 } },
  { id: 'sodium-nitroprusside-1pc', name: 'Sodium nitroprusside, 1 %', solution: { 'Na+': 0.067, 'Fe(CN)5NO^2-': 0.0335 }, caution: TOXIC, waste: 'heavy-metal waste' },
  { id: 'dimethylglyoxime-1pc', name: 'Dimethylglyoxime, 1 % in ethanol', solution: { C4H8N2O2: 0.086 }, caution: FLAMMABLE },
  { id: 'aluminon-0.1pc', name: 'Aluminon, 0.1 %', solution: { C22H14O9: 0.0021, NH3: 0.0063 } },
  { id: 'magneson-0.01pc', name: 'Magneson, 0.01 % in base', solution: { C12H9N3O4: 0.0004, 'Na+': 0.5, 'OH-': 0.5 }, caution: BASE },
  { id: 'cadmium-carbonate-suspension', name: 'Cadmium carbonate suspension', solution: {}, suspended: { CdCO3: 0.3 }, caution: TOXIC, waste: 'heavy-metal waste' },
  { id: 'sodium-hexanitritocobaltate-iii', name: 'Sodium hexanitritocobaltate(III), fresh', solution: { 'Na+': 1.2, 'Co(NO2)6^3-': 0.3, 'NO2-': 0.3 }, waste: 'heavy-metal waste' },
  { id: 'hydrogen-peroxide-6pc', name: 'Hydrogen peroxide, 6 %', solution: { H2O2: 1.8 }, caution: OXIDISER },
  { id: 'chlorine-water', name: 'Chlorine water', solution: { Cl2: 0.06 }, caution: HOOD, hazard: 'high' },
  { id: 'bromine-water', name: 'Bromine water', solution: { Br2: 0.15 }, caution: `${HOOD} Burns skin.` },
  { id: 'iodine-solution', name: 'Iodine solution, 0.05 M', solution: { 'K+': 0.15, 'I-': 0.15, I2: 0.05 }, caution: STAINS },
  { id: 'starch-0.5pc', name: 'Starch, 0.5 %', solution: { C6H10O5: 0.002 } },
  { id: 'bleach-acidified', name: 'Bleach, acidified', solution: { Cl2: 0.1, 'Na+': 0.1, 'Cl-': 0.1, 'H+': 0.2, 'NO3-': 0.2 }, caution: HOOD },
  { id: 'manganese-dioxide-solid', name: 'Manganese dioxide, solid', solid: 'MnO2', caution: OXIDISER },
  { id: 'sodium-bismuthate-solid', name: 'Sodium bismuthate, solid', solid: 'NaBiO3', caution: OXIDISER, waste: 'heavy-metal waste' },
  { id: 'lead-dioxide-solid', name: 'Lead dioxide, solid', solid: 'PbO2', caution: `${OXIDISER} ${TOXIC}`, waste: 'heavy-metal waste' },
  { id: 'sulfamic-acid-0.5M', name: 'Sulfamic acid, 0.5 M', solution: { 'H+': 0.5, 'NH2SO3-': 0.5 } },
  { id: 'sodium-nitrite-1M', name: 'Sodium nitrite, 1 M', solution: { 'Na+': 1, 'NO2-': 1 }, caution: 'Toxic; poisonous brown fumes with acid: hood.' },
  { id: 'potassium-cyanide-0.5M', name: 'Potassium cyanide, 0.5 M', solution: { 'K+': 0.5, 'CN-': 0.5 }, caution: `Deadly: never with acid. ${HOOD}`, restricted: 'Cyanide is for simulation only: no teaching bench needs it.', waste: 'heavy-metal waste', hazard: 'high' },
  { id: 'ethanol-96pc', name: 'Ethanol, 96 %', solution: { C2H6O: 16.5 }, caution: FLAMMABLE },
  { id: 'devarda-alloy', name: "Devarda's alloy", solid: { Cu: 0.5, Al: 0.45, Zn: 0.05 }, caution: 'Gives hydrogen with alkali: no flame nearby.' },
  { id: 'aluminium-turnings', name: 'Aluminium turnings', solid: 'Al' },
  { id: 'copper-turnings', name: 'Copper turnings', solid: 'Cu' },
  { id: 'zinc-granules', name: 'Zinc granules', solid: 'Zn' },
  { id: 'magnesium-ribbon', name: 'Magnesium ribbon', solid: 'Mg', caution: 'Burns with a blinding flame.' },
  { id: 'iron-nail', name: 'Iron nail', solid: 'Fe' },
  { id: 'sodium-sulfite-solid', name: 'Sodium sulfite, solid', solid: 'Na2SO3' },
  { id: 'sodium-fluoride-solid', name: 'Sodium fluoride, solid', solid: 'NaF', caution: `${TOXIC} Never with acid in glass.` },
  { id: 'sodium-chloride-solid', name: 'Sodium chloride, solid', solid: 'NaCl' },
  { id: 'thioacetamide-1M', name: 'Thioacetamide, 1 M', solution: { CH3CSNH2: 1 }, caution: `Suspected carcinogen: gloves. ${HOOD}` },
  { id: 'sodium-stannite-fresh', name: 'Sodium stannite, fresh', solution: { 'Sn2+': 0.1, 'Na+': 2, 'Cl-': 0.2, 'OH-': 2 }, caution: BASE },
  { id: 'nessler-reagent', name: "Nessler's reagent", solution: { 'Hg2+': 0.1, 'K+': 2.9, 'I-': 0.7, 'OH-': 2.4 }, caution: `Very toxic. ${TOXIC}`, restricted: 'Mercury is for simulation only unless your laboratory allows it.', waste: 'mercury waste' },
  { id: 'diphenylamine-reagent', name: 'Diphenylamine in sulfuric acid', solution: { C12H11N: 0.03, 'H+': 34, 'SO4^2-': 17 }, caution: ACID },
  { id: 'griess-reagent', name: 'Griess reagent', solution: { C16H16N2O3S: 0.02, 'CH3COO-': 3, 'H+': 3 } },
  { id: 'zirconium-alizarin', name: 'Zirconium–alizarin', solution: { 'Zr(OH)4': 0.002, C14H8O4: 0.0015, 'H+': 0.5, 'Cl-': 0.5 } },
  { id: 'amyl-alcohol', name: 'Amyl alcohol', solvent: 'amyl-alcohol', caution: FLAMMABLE, waste: 'solvents' },
  { id: 'cyclohexane', name: 'Cyclohexane', solvent: 'cyclohexane', caution: FLAMMABLE, waste: 'solvents' },
  { id: 'dichloromethane', name: 'Dichloromethane', solvent: 'dichloromethane', caution: HOOD, waste: 'halogenated solvents' },
  { id: 'carbon-disulfide', name: 'Carbon disulfide', solvent: 'carbon-disulfide', caution: `Poisonous, and its vapour catches fire on a hot plate. ${HOOD}`, restricted: 'Poisonous and extremely flammable: use cyclohexane.', waste: 'solvents' },
  { id: 'carbon-tetrachloride', name: 'Carbon tetrachloride', solvent: 'carbon-tetrachloride', caution: `Poisonous to the liver. ${HOOD}`, restricted: 'Poisonous and banned from teaching: use cyclohexane.', waste: 'halogenated solvents' },
];

export interface SolventRow {
  readonly id: string;
  readonly name: string;
  /** g/mL at 25 °C. */
  readonly density: number;
  /** Distribution ratios, concentration in the layer over that in water, by species. */
  readonly partition: Readonly<Record<string, number>>;
}

/** Immiscible liquids. Sources: CRC (densities); VOGEL and SANDER-derived ratios rounded to one figure. */
export const SOLVENTS: readonly SolventRow[] = [
  { id: 'cyclohexane', name: 'cyclohexane', density: 0.779, partition: { I2: 80, Br2: 15, Cl2: 8 } },
  { id: 'dichloromethane', name: 'dichloromethane', density: 1.326, partition: { I2: 90, Br2: 25, Cl2: 9 } },
  { id: 'carbon-disulfide', name: 'carbon disulfide', density: 1.263, partition: { I2: 600, Br2: 80, Cl2: 12 } },
  { id: 'carbon-tetrachloride', name: 'carbon tetrachloride', density: 1.594, partition: { I2: 85, Br2: 27, Cl2: 10 } },
  { id: 'amyl-alcohol', name: 'amyl alcohol', density: 0.814, partition: { I2: 230, Br2: 30, 'Co(SCN)4^2-': 60, CrO5: 40, 'Fe(SCN)3': 20 } },
];

/** Absorption of a solute in a layer where it differs from that in water: solute, bands as in `SPECTRA`. */
export const LAYER_SPECTRA: Readonly<Record<string, readonly (readonly [number, number, number])[]>> = {
  I2: [[523, 920, 75]],
  Br2: [
    [415, 210, 95],
    [480, 60, 85],
  ],
};
