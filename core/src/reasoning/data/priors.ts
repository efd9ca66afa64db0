/** How common ions and forms are among the unknowns of a teaching laboratory. By judgement. */

/** What an ion not named here counts: 1. */
export const COMMONNESS: Readonly<Record<string, number>> = {
  'Na+': 4, 'K+': 3, 'NH4+': 3, 'Cu2+': 3, 'Fe2+': 2, 'Fe3+': 2, 'Zn2+': 3, 'Mg2+': 3, 'Ca2+': 3, 'Ba2+': 3, 'Al3+': 2, 'Pb2+': 3,
  'Ni2+': 2, 'Co2+': 2, 'Mn2+': 2, 'Sr2+': 2, 'Ag+': 1.5, 'Cr3+': 1.5, 'Li+': 0.7, 'Cd2+': 1.2, 'Hg2+': 0.6, 'Hg2^2+': 0.5, 'Bi3+': 0.9,
  'Sn2+': 0.9, 'Sn4+': 0.4, 'Sb3+': 0.7, 'As3+': 0.7,
  'Cl-': 4, 'SO4^2-': 4, 'NO3-': 4, 'CO3^2-': 3, 'CH3COO-': 2, 'Br-': 2, 'I-': 2, 'PO4^3-': 1.5, 'SO3^2-': 1.5, 'S2-': 1.5, 'NO2-': 1.2,
  'C2O4^2-': 1.2, 'S2O3^2-': 1.2, 'HCO3-': 2, 'CrO4^2-': 1.2, 'Cr2O7^2-': 1.2, 'F-': 0.8, 'BO3^3-': 1.2, 'HCOO-': 0.6, 'ClO3-': 0.5, 'MnO4-': 0.8,
  'SCN-': 0.7, 'CN-': 0.2, 'Fe(CN)6^4-': 0.6, 'Fe(CN)6^3-': 0.6, 'SiO3^2-': 0.5, 'AsO4^3-': 0.4, 'C4H4O6^2-': 0.8,
};

/** Anions that are met as salts of the alkali metals and of ammonium, and much less often with other metals. */
export const ALKALI_SALTS: ReadonlySet<string> = new Set(['Br-', 'I-', 'NO2-', 'SO3^2-', 'S2O3^2-', 'F-', 'HCOO-', 'ClO3-', 'C2O4^2-', 'PO4^3-', 'BO3^3-', 'AsO4^3-', 'SCN-', 'C4H4O6^2-', 'CrO4^2-']);
export const ALKALI: ReadonlySet<string> = new Set(['Na+', 'K+', 'NH4+', 'Li+']);
export const WITH_OTHER_METALS = 0.35;

/** What stands for the anion that an oxide or hydroxide lacks. */
export const NO_ANION = 4;

/** How often a form is met beside the plain salt of the same ions. */
export const SHARES: Readonly<Record<string, number>> = {
  'CuSO4': 0.2, 'CuCl2': 0.2, 'Na2CO3·10H2O': 0.5, 'Na2SO4·10H2O': 0.5, 'Na2S2O3·5H2O': 3,
  'NaCH3COO·3H2O': 2, 'MgSO4·7H2O': 3, 'ZnSO4·7H2O': 3, 'CoSO4·7H2O': 1, 'NiSO4·7H2O': 0.7,
  'MnSO4·4H2O': 0.7, 'Al2(SO4)3·18H2O': 3, 'CaCl2': 0.7, 'CaCl2·2H2O': 1, 'BaCl2·2H2O': 3,
  'SrCl2·6H2O': 3, 'FeCl3': 0.5, 'AlCl3': 0.2, 'CaSO4·2H2O': 2, 'Ca(NO3)2·4H2O': 2,
  'Zn(CH3COO)2·2H2O': 2, 'Pb(CH3COO)2·3H2O': 3, 'Mn(CH3COO)2·4H2O': 1, 'Na2S·9H2O': 2, 'SnCl2·2H2O': 3,
  '(NH4)2C2O4·H2O': 2, 'K2C2O4·H2O': 2, 'NaHSO4': 0.3, 'KHSO4': 0.3, 'Na2HPO4·12H2O': 2,
  'NaH2PO4·2H2O': 0.7, 'KH2PO4': 0.7, 'KHC4H4O6': 1, 'Cu2CO3(OH)2': 1, 'Pb3(CO3)2(OH)2': 0.4,
  'Ni3(CO3)(OH)4': 0.4, 'Co2(CO3)(OH)2': 0.4, 'MgCO3 with Mg(OH)2': 1, 'ZnCO3 with Zn(OH)2': 0.5, '(BiO)2CO3': 1,
  'BiONO3': 0.7, 'BiOCl': 0.4, 'KAl(SO4)2·12H2O': 1, 'KCr(SO4)2·12H2O': 1, 'NH4Al(SO4)2·12H2O': 0.3,
  'NH4Fe(SO4)2·12H2O': 0.4, '(NH4)2Fe(SO4)2·6H2O': 0.8, 'MgNH4PO4·6H2O': 0.1, 'CaMg(CO3)2': 0.3, 'KNaC4H4O6·4H2O': 1,
  'CuO': 0.3, 'ZnO': 0.4, 'MgO': 0.4, 'CaO': 0.3, 'PbO': 0.3,
  'PbO2': 0.1, 'Fe2O3': 0.3, 'MnO2': 0.4, 'HgO': 0.2, 'Bi2O3': 0.2,
  'As2O3': 0.4, 'Sb2O3': 0.4, 'Ca(OH)2': 0.6, 'Mg(OH)2': 0.3, 'Ba(OH)2·8H2O': 0.4,
  'NaOH': 0.3, 'KOH': 0.2, 'Al(OH)3': 0.3, 'As2O3 with NaOH': 0.3, 'Na2SO3 with Na2SO4': 0.5,
  'FeSO4·7H2O with Fe2(SO4)3': 0.5, '(NH4)2Fe(SO4)2·6H2O with Fe2(SO4)3': 0.3, 'NaNO2 with NaNO3': 0.3,
};

/**
 * Two salts that share an ion are set together so much more often. By judgement: 4 makes 44 of 100 mixtures share one, 12 makes 70;
 * of sixteen mixtures in records from textbooks twelve do.
 */
export const SHARING = 6;
/**
 * Two that dissolve and give a precipitate with each other are set together so much less often, for they cannot be worked as one
 * solution; and mol/L below which a salt counts as one that falls. By judgement.
 */
export const FALLS_OUT = 0.25;
export const SPARING = 0.02;

/** What comes into a solution from the tap, or from a tube that was not rinsed. */
export interface Trace {
  readonly salt: string;
  /** Beside 3 g of the sample. */
  readonly grams: number;
  /** Share of all samples. */
  readonly rate: number;
}

/**
 * From the tap, a tube not rinsed or an acid that is not pure: as salts that show nothing else to the solution. Where 0.4 g of the sample
 * go into 12 mL this makes about 120 mg/L of chloride or of sulfate: some times the 20 to 60 mg/L that we take for usual in town water (not
 * looked up). Grams and rates are judgement.
 */
export const TRACES: readonly Trace[] = [
  { salt: 'NaCl', grams: 0.017, rate: 0.01 },
  { salt: 'Na2SO4', grams: 0.017, rate: 0.01 },
];

/**
 * Compounds that teaching laboratories give out again and again, and how much oftener than others. By judgement, after records of our
 * own had left some of them level with rarer ones.
 */
export const OFTEN_GIVEN: ReadonlySet<string> = new Set([
  'methanol', 'ethanol', '1-propanol', '2-propanol', '1-butanol', '2-butanol', '2-methyl-2-propanol', 'cyclohexanol', 'benzyl alcohol', 'ethylene glycol', 'glycerol',
  'phenol', 'p-cresol', 'catechol', 'resorcinol', 'hydroquinone', '1-naphthol', '2-naphthol', '2-nitrophenol', '4-nitrophenol',
  'formaldehyde', 'acetaldehyde', 'benzaldehyde', 'salicylaldehyde', 'cinnamaldehyde', '4-methoxybenzaldehyde', 'vanillin', 'furfural',
  'acetone', '2-butanone', 'acetophenone', 'benzophenone', 'cyclohexanone',
  'formic acid', 'acetic acid', 'oxalic acid', 'oxalic acid dihydrate', 'malonic acid', 'succinic acid', 'adipic acid', 'tartaric acid', 'citric acid', 'benzoic acid',
  'salicylic acid', 'acetylsalicylic acid', 'phthalic acid', 'cinnamic acid', 'phenylacetic acid', '4-nitrobenzoic acid', '2-chlorobenzoic acid',
  'ethyl acetate', 'butyl acetate', 'methyl benzoate', 'ethyl benzoate', 'methyl salicylate', 'phenyl salicylate',
  'acetamide', 'benzamide', 'urea', 'thiourea', 'acetanilide', 'benzanilide',
  'diethylamine', 'triethylamine', 'aniline', 'o-toluidine', 'p-toluidine', 'N-methylaniline', 'N,N-dimethylaniline', 'diphenylamine', '1-naphthylamine',
  '4-chloroaniline', '4-bromoaniline', '3-nitroaniline', '4-nitroaniline', 'pyridine', 'nitrobenzene', '4-nitrotoluene', '1,3-dinitrobenzene',
  'dichloromethane', 'chloroform', 'carbon tetrachloride', '1-bromobutane', '2-chloro-2-methylpropane', 'benzyl chloride', 'chlorobenzene', 'bromobenzene',
  '1,4-dichlorobenzene', 'iodoform', 'hexane', 'cyclohexane', 'cyclohexene', 'toluene', 'naphthalene', 'anthracene', 'biphenyl',
  'glucose', 'fructose', 'sucrose', 'lactose', 'glycine', 'sulfanilic acid', 'p-toluenesulfonic acid', 'sulfanilamide',
]);
export const GIVEN_OFTENER = 2;
/** How often is a compound given out that is in the library but not among the usual ones, beside one of these. By judgement. */
export const GIVEN_SELDOM = 0.03;
