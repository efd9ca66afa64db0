/** Forms in which salts stand in bottles, beside the plain salt of two ions. */

/**
 * Forms beside the plain salt of two ions: what is in one portion (formulas, with parts by mass where there are several), and the ions
 * that are to be found.
 */
export interface FormRow {
  readonly of: string | Readonly<Record<string, number>>;
  readonly ions: string;
}

const form = (of: FormRow['of'], ions: string): FormRow => ({ of, ions });

export const MORE_FORMS: readonly FormRow[] = [
  // Other hydrates, and salts without their water
  form('CuSO4', 'Cu2+ SO4^2-'), form('CuCl2', 'Cu2+ Cl-'), form('Na2CO3·10H2O', 'Na+ CO3^2-'), form('Na2SO4·10H2O', 'Na+ SO4^2-'),
  form('Na2S2O3·5H2O', 'Na+ S2O3^2-'), form('NaCH3COO·3H2O', 'Na+ CH3COO-'), form('MgSO4·7H2O', 'Mg2+ SO4^2-'), form('ZnSO4·7H2O', 'Zn2+ SO4^2-'),
  form('CoSO4·7H2O', 'Co2+ SO4^2-'), form('NiSO4·7H2O', 'Ni2+ SO4^2-'), form('MnSO4·4H2O', 'Mn2+ SO4^2-'), form('Al2(SO4)3·18H2O', 'Al3+ SO4^2-'),
  form('CaCl2', 'Ca2+ Cl-'), form('CaCl2·2H2O', 'Ca2+ Cl-'), form('BaCl2·2H2O', 'Ba2+ Cl-'), form('SrCl2·6H2O', 'Sr2+ Cl-'), form('FeCl3', 'Fe3+ Cl-'),
  form('AlCl3', 'Al3+ Cl-'), form('CaSO4·2H2O', 'Ca2+ SO4^2-'), form('Ca(NO3)2·4H2O', 'Ca2+ NO3-'), form('Zn(CH3COO)2·2H2O', 'Zn2+ CH3COO-'),
  form('Pb(CH3COO)2·3H2O', 'Pb2+ CH3COO-'), form('Mn(CH3COO)2·4H2O', 'Mn2+ CH3COO-'), form('Na2S·9H2O', 'Na+ S2-'), form('SnCl2·2H2O', 'Sn2+ Cl-'),
  form('(NH4)2C2O4·H2O', 'NH4+ C2O4^2-'), form('K2C2O4·H2O', 'K+ C2O4^2-'),
  // Acid salts
  form('NaHSO4', 'Na+ SO4^2-'), form('KHSO4', 'K+ SO4^2-'), form('Na2HPO4·12H2O', 'Na+ PO4^3-'), form('NaH2PO4·2H2O', 'Na+ PO4^3-'),
  form('KH2PO4', 'K+ PO4^3-'), form('KHC4H4O6', 'K+ C4H4O6^2-'),
  // Basic carbonates and other basic salts
  form('Cu2CO3(OH)2', 'Cu2+ CO3^2-'), form('Pb3(CO3)2(OH)2', 'Pb2+ CO3^2-'), form('Ni3(CO3)(OH)4', 'Ni2+ CO3^2-'), form('Co2(CO3)(OH)2', 'Co2+ CO3^2-'),
  form({ MgCO3: 0.8, 'Mg(OH)2': 0.2 }, 'Mg2+ CO3^2-'), form({ ZnCO3: 0.6, 'Zn(OH)2': 0.4 }, 'Zn2+ CO3^2-'),
  form('(BiO)2CO3', 'Bi3+ CO3^2-'), form('BiONO3', 'Bi3+ NO3-'), form('BiOCl', 'Bi3+ Cl-'),
  // Double salts
  form('KAl(SO4)2·12H2O', 'Al3+ K+ SO4^2-'), form('KCr(SO4)2·12H2O', 'Cr3+ K+ SO4^2-'), form('NH4Al(SO4)2·12H2O', 'Al3+ NH4+ SO4^2-'),
  form('NH4Fe(SO4)2·12H2O', 'Fe3+ NH4+ SO4^2-'), form('(NH4)2Fe(SO4)2·6H2O', 'Fe2+ NH4+ SO4^2-'), form('MgNH4PO4·6H2O', 'Mg2+ NH4+ PO4^3-'),
  form('CaMg(CO3)2', 'Ca2+ Mg2+ CO3^2-'), form('KNaC4H4O6·4H2O', 'K+ Na+ C4H4O6^2-'),
  // Oxides, hydroxides, arsenite
  form('CuO', 'Cu2+'), form('ZnO', 'Zn2+'), form('MgO', 'Mg2+'), form('CaO', 'Ca2+'), form('PbO', 'Pb2+'), form('PbO2', 'Pb2+'),
  form('Fe2O3', 'Fe3+'), form('MnO2', 'Mn2+'), form('HgO', 'Hg2+'), form('Bi2O3', 'Bi3+'), form('As2O3', 'As3+'), form('Sb2O3', 'Sb3+'),
  form('Ca(OH)2', 'Ca2+'), form('Mg(OH)2', 'Mg2+'), form('Ba(OH)2·8H2O', 'Ba2+'), form('NaOH', 'Na+'), form('KOH', 'K+'), form('Al(OH)3', 'Al3+'),
  form({ As2O3: 0.55, NaOH: 0.45 }, 'As3+ Na+'),
  // Weathered
  form({ Na2SO3: 0.8, Na2SO4: 0.2 }, 'Na+ SO3^2-'), form({ 'FeSO4·7H2O': 0.9, 'Fe2(SO4)3': 0.1 }, 'Fe2+ SO4^2-'),
  form({ '(NH4)2Fe(SO4)2·6H2O': 0.93, 'Fe2(SO4)3': 0.07 }, 'Fe2+ NH4+ SO4^2-'), form({ NaNO2: 0.85, NaNO3: 0.15 }, 'Na+ NO2-'),
];
