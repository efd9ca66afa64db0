/** The building blocks of every aqueous species, and how the ions of a sample are made of them. */

/** Component ids; each is its own formula unless `COMPONENT_FORMULAS` says otherwise. */
export const COMPONENTS = [
  'Na+', 'K+', 'Li+', 'NH3',
  'Ag+', 'Pb2+', 'Hg2^2+', 'Hg2+', 'Cu2+', 'Cu+', 'Cd2+', 'Bi3+', 'H3AsO3', 'Sb(OH)3', 'Sn2+', 'Sn(OH)6^2-',
  'Al3+', 'Cr3+', 'Fe3+', 'Fe2+', 'Zn2+', 'Mn2+', 'Co2+', 'Ni2+', 'Ba2+', 'Sr2+', 'Ca2+', 'Mg2+',
  'CO3^2-', 'SO3^2-', 'HS-', 'S2^2-', 'S2O3^2-', 'S4O6^2-', 'NO2-', 'CH3COO-', 'HCOO-', 'C2O4^2-', 'F-', 'Cl-', 'Br-', 'I-',
  'NO3-', 'ClO3-', 'IO3-', 'SO4^2-', 'PO4^3-', 'H3BO3', 'CrO4^2-', 'MnO4-', 'MnO4^2-', 'SCN-', 'CN-', 'CNO-', 'Fe(CN)6^4-', 'Fe(CN)6^3-',
  'H2SiO3', 'AsO4^3-', 'C4H4O6^2-', 'MoO4^2-', 'Co(NO2)6^3-', 'Co(NH3)6^3+', 'CrCl2+', 'CrSO4+', 'Fe(CN)5NO^2-', 'NH2SO3-',
  'Cl2', 'Br2', 'I2', 'H2O2', 'NO', 'NO2', 'CO', 'ClO2', 'O2', 'H2', 'N2', 'N2O',
  'C4H8N2O2', 'C22H14O9', 'C12H9N3O4', 'C6H10O5', 'CH3CSNH2', 'CH3CONH2', 'C12H11N', 'C12H10N', 'C16H16N2O3S', 'C16H13N3O3S', 'Zr(OH)4', 'C14H8O4', 'C5H12O', 'C2H6O', 'C4H8O2',
] as const;

export type ComponentId = 'H+' | (typeof COMPONENTS)[number];

/**
 * Ions that a sample may hold, over the components. H2O makes up the balance of oxygen.
 * An ion that is itself a component is not listed.
 */
export const IONS: Readonly<Record<string, string>> = {
  'NH4+': 'NH3 + H+',
  'As3+': 'H3AsO3 + 3 H+',
  'Sb3+': 'Sb(OH)3 + 3 H+',
  'Sn4+': 'Sn(OH)6^2- + 6 H+',
  'HCO3-': 'CO3^2- + H+',
  'S2-': 'HS- - H+',
  'BO3^3-': 'H3BO3 - 3 H+',
  'Cr2O7^2-': '2 CrO4^2- + 2 H+',
  'SiO3^2-': 'H2SiO3 - 2 H+',
  'OH-': '- H+',
  'HSO4-': 'SO4^2- + H+',
  'HPO4^2-': 'PO4^3- + H+',
  'H2PO4-': 'PO4^3- + 2 H+',
  'HSO3-': 'SO3^2- + H+',
  'HC2O4-': 'C2O4^2- + H+',
  'B4O7^2-': '4 H3BO3 - 2 H+',
  'HF2-': '2 F- + H+',
  'HC4H4O6-': 'C4H4O6^2- + H+',
};

/** Complexes that form and let go so slowly that they are components, and what they are made of. */
export const SLOW_COMPLEXES: Readonly<Record<string, string>> = { 'CrCl2+': 'Cr3+ + 2 Cl-', 'CrSO4+': 'Cr3+ + SO4^2-' };

/** Oxides of a metal in two states, over components. */
export const MIXED_OXIDES: Readonly<Record<string, string>> = {
  Pb3O4: '2 Pb2+ + PbO2(s) - 4 H+',
  Fe3O4: 'Fe2+ + 2 Fe3+ - 8 H+',
  Mn3O4: '2 Mn2+ + MnO2(s) - 4 H+',
  Co3O4: 'Co2+ + 2 CoO(OH)(s) - 2 H+',
};

/** Salts that bring such a complex along, one in each formula unit. COTTON. */
export const BOUND_IN: Readonly<Record<string, string>> = { 'CrCl3·6H2O': 'CrCl2+' };

/** The ions a salt may be asked to be made of, in the order in which they are listed to a person. */
export const CATIONS = [
  'NH4+', 'Na+', 'K+', 'Li+', 'Ag+', 'Pb2+', 'Hg2^2+', 'Hg2+', 'Cu2+', 'Cd2+', 'Bi3+', 'As3+', 'Sb3+', 'Sn2+', 'Sn4+',
  'Al3+', 'Cr3+', 'Fe3+', 'Fe2+', 'Zn2+', 'Mn2+', 'Co2+', 'Ni2+', 'Ba2+', 'Sr2+', 'Ca2+', 'Mg2+',
] as const;

export const ANIONS = [
  'CO3^2-', 'HCO3-', 'SO3^2-', 'S2-', 'S2O3^2-', 'NO2-', 'CH3COO-', 'HCOO-', 'C2O4^2-', 'F-', 'Cl-', 'Br-', 'I-', 'NO3-',
  'ClO3-', 'SO4^2-', 'PO4^3-', 'BO3^3-', 'CrO4^2-', 'Cr2O7^2-', 'MnO4-', 'SCN-', 'CN-', 'Fe(CN)6^4-', 'Fe(CN)6^3-', 'SiO3^2-', 'AsO4^3-', 'C4H4O6^2-',
] as const;

/** Names for people. */
export const ION_NAMES: Readonly<Record<string, string>> = {
  'NH4+': 'ammonium', 'Na+': 'sodium', 'K+': 'potassium', 'Li+': 'lithium', 'Ag+': 'silver', 'Pb2+': 'lead(II)',
  'Hg2^2+': 'mercury(I)', 'Hg2+': 'mercury(II)', 'Cu2+': 'copper(II)', 'Cd2+': 'cadmium', 'Bi3+': 'bismuth(III)',
  'As3+': 'arsenic(III)', 'Sb3+': 'antimony(III)', 'Sn2+': 'tin(II)', 'Sn4+': 'tin(IV)', 'Al3+': 'aluminium',
  'Cr3+': 'chromium(III)', 'Fe3+': 'iron(III)', 'Fe2+': 'iron(II)', 'Zn2+': 'zinc', 'Mn2+': 'manganese(II)',
  'Co2+': 'cobalt(II)', 'Ni2+': 'nickel(II)', 'Ba2+': 'barium', 'Sr2+': 'strontium', 'Ca2+': 'calcium', 'Mg2+': 'magnesium',
  'CO3^2-': 'carbonate', 'HCO3-': 'hydrogencarbonate', 'SO3^2-': 'sulfite', 'S2-': 'sulfide', 'S2O3^2-': 'thiosulfate',
  'NO2-': 'nitrite', 'CH3COO-': 'acetate', 'HCOO-': 'formate', 'C2O4^2-': 'oxalate', 'F-': 'fluoride', 'Cl-': 'chloride',
  'Br-': 'bromide', 'I-': 'iodide', 'NO3-': 'nitrate', 'ClO3-': 'chlorate', 'SO4^2-': 'sulfate', 'PO4^3-': 'phosphate',
  'BO3^3-': 'borate', 'CrO4^2-': 'chromate', 'Cr2O7^2-': 'dichromate', 'MnO4-': 'permanganate', 'SCN-': 'thiocyanate',
  'CN-': 'cyanide', 'Fe(CN)6^4-': 'hexacyanoferrate(II)', 'Fe(CN)6^3-': 'hexacyanoferrate(III)', 'SiO3^2-': 'silicate',
  'AsO4^3-': 'arsenate', 'C4H4O6^2-': 'tartrate',
};
