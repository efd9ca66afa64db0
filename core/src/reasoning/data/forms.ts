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

/**
 * Forms beside the plain salt of two ions: what weighs in one portion (formulas, with parts by mass where there are several), the ions
 * that are to be found, and how often it is met beside the plain salt of the same ions.
 */
export interface FormRow {
  readonly of: string | Readonly<Record<string, number>>;
  readonly ions: string;
  readonly share: number;
}

const form = (of: FormRow['of'], ions: string, share = 0.5): FormRow => ({ of, ions, share });

export const MORE_FORMS: readonly FormRow[] = [
  // Other hydrates, and salts without their water
  form('CuSO4', 'Cu2+ SO4^2-', 0.2), form('CuCl2', 'Cu2+ Cl-', 0.2), form('Na2CO3·10H2O', 'Na+ CO3^2-'), form('Na2SO4·10H2O', 'Na+ SO4^2-'),
  form('Na2S2O3·5H2O', 'Na+ S2O3^2-', 3), form('NaCH3COO·3H2O', 'Na+ CH3COO-', 2), form('MgSO4·7H2O', 'Mg2+ SO4^2-', 3), form('ZnSO4·7H2O', 'Zn2+ SO4^2-', 3),
  form('CoSO4·7H2O', 'Co2+ SO4^2-', 1), form('NiSO4·7H2O', 'Ni2+ SO4^2-', 0.7), form('MnSO4·4H2O', 'Mn2+ SO4^2-', 0.7), form('Al2(SO4)3·18H2O', 'Al3+ SO4^2-', 3),
  form('CaCl2', 'Ca2+ Cl-', 0.7), form('CaCl2·2H2O', 'Ca2+ Cl-', 1), form('BaCl2·2H2O', 'Ba2+ Cl-', 3), form('SrCl2·6H2O', 'Sr2+ Cl-', 3), form('FeCl3', 'Fe3+ Cl-', 0.5),
  form('AlCl3', 'Al3+ Cl-', 0.2), form('CaSO4·2H2O', 'Ca2+ SO4^2-', 2), form('Ca(NO3)2·4H2O', 'Ca2+ NO3-', 2), form('Zn(CH3COO)2·2H2O', 'Zn2+ CH3COO-', 2),
  form('Pb(CH3COO)2·3H2O', 'Pb2+ CH3COO-', 3), form('Mn(CH3COO)2·4H2O', 'Mn2+ CH3COO-', 1), form('Na2S·9H2O', 'Na+ S2-', 2), form('SnCl2·2H2O', 'Sn2+ Cl-', 3),
  form('(NH4)2C2O4·H2O', 'NH4+ C2O4^2-', 2), form('K2C2O4·H2O', 'K+ C2O4^2-', 2),
  // Acid salts
  form('NaHSO4', 'Na+ SO4^2-', 0.3), form('KHSO4', 'K+ SO4^2-', 0.3), form('Na2HPO4·12H2O', 'Na+ PO4^3-', 2), form('NaH2PO4·2H2O', 'Na+ PO4^3-', 0.7),
  form('KH2PO4', 'K+ PO4^3-', 0.7), form('KHC4H4O6', 'K+ C4H4O6^2-', 1),
  // Basic carbonates and other basic salts
  form('Cu2CO3(OH)2', 'Cu2+ CO3^2-', 1), form('Pb3(CO3)2(OH)2', 'Pb2+ CO3^2-', 0.4), form('Ni3(CO3)(OH)4', 'Ni2+ CO3^2-', 0.4), form('Co2(CO3)(OH)2', 'Co2+ CO3^2-', 0.4),
  form({ MgCO3: 0.8, 'Mg(OH)2': 0.2 }, 'Mg2+ CO3^2-', 1), form({ ZnCO3: 0.6, 'Zn(OH)2': 0.4 }, 'Zn2+ CO3^2-', 0.5),
  form('(BiO)2CO3', 'Bi3+ CO3^2-', 1), form('BiONO3', 'Bi3+ NO3-', 0.7), form('BiOCl', 'Bi3+ Cl-', 0.4),
  // Double salts
  form('KAl(SO4)2·12H2O', 'Al3+ K+ SO4^2-', 1), form('KCr(SO4)2·12H2O', 'Cr3+ K+ SO4^2-', 1), form('NH4Al(SO4)2·12H2O', 'Al3+ NH4+ SO4^2-', 0.3),
  form('NH4Fe(SO4)2·12H2O', 'Fe3+ NH4+ SO4^2-', 0.4), form('(NH4)2Fe(SO4)2·6H2O', 'Fe2+ NH4+ SO4^2-', 0.8), form('MgNH4PO4·6H2O', 'Mg2+ NH4+ PO4^3-', 0.1),
  form('CaMg(CO3)2', 'Ca2+ Mg2+ CO3^2-', 0.3), form('KNaC4H4O6·4H2O', 'K+ Na+ C4H4O6^2-', 1),
  // Oxides, hydroxides, arsenite
  form('CuO', 'Cu2+', 0.3), form('ZnO', 'Zn2+', 0.4), form('MgO', 'Mg2+', 0.4), form('CaO', 'Ca2+', 0.3), form('PbO', 'Pb2+', 0.3), form('PbO2', 'Pb2+', 0.1),
  form('Fe2O3', 'Fe3+', 0.3), form('MnO2', 'Mn2+', 0.4), form('HgO', 'Hg2+', 0.2), form('Bi2O3', 'Bi3+', 0.2), form('As2O3', 'As3+', 0.4), form('Sb2O3', 'Sb3+', 0.4),
  form('Ca(OH)2', 'Ca2+', 0.6), form('Mg(OH)2', 'Mg2+', 0.3), form('Ba(OH)2·8H2O', 'Ba2+', 0.4), form('NaOH', 'Na+', 0.3), form('KOH', 'K+', 0.2), form('Al(OH)3', 'Al3+', 0.3),
  form({ As2O3: 0.55, NaOH: 0.45 }, 'Na+ As3+', 0.3),
  // Weathered
  form({ Na2SO3: 0.8, Na2SO4: 0.2 }, 'Na+ SO3^2-', 0.5), form({ 'FeSO4·7H2O': 0.9, 'Fe2(SO4)3': 0.1 }, 'Fe2+ SO4^2-', 0.5),
  form({ '(NH4)2Fe(SO4)2·6H2O': 0.93, 'Fe2(SO4)3': 0.07 }, 'Fe2+ NH4+ SO4^2-', 0.3), form({ NaNO2: 0.85, NaNO3: 0.15 }, 'Na+ NO2-', 0.3),
];
