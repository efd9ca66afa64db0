/** How salts are written as they stand in the bottle. */

/** Salts that are kept with water of crystallisation; the colour of the dry salt hangs on it. CRC. */
export const HYDRATES: Readonly<Record<string, string>> = {
  'Cu2+ SO4^2-': '5',
  'Cu2+ Cl-': '2',
  'Cu2+ NO3-': '3',
  'Cu2+ CH3COO-': '1',
  'Fe2+ SO4^2-': '7',
  'Fe3+ NO3-': '9',
  'Mn2+ SO4^2-': '1',
  'Mn2+ Cl-': '4',
  'Cr3+ SO4^2-': '18',
  'Cr3+ NO3-': '9',
};

/** Soluble salts of these cations with these anions are kept with six molecules of water where nothing else is said. */
export const HYDRATED: ReadonlySet<string> = new Set([
  'Ni2+',
  'Co2+',
  'Fe2+',
  'Fe3+',
  'Cr3+',
  'Mn2+',
  'Cu2+',
  'Mg2+',
  'Zn2+',
  'Al3+',
  'Ca2+',
]);
export const HYDRATING: ReadonlySet<string> = new Set(['Cl-', 'Br-', 'NO3-', 'SO4^2-', 'CH3COO-']);

/** Where the plain formula is not what stands in the bottle. */
export const USUAL: Readonly<Record<string, string>> = { 'Na+ BO3^3-': 'Na2B4O7·10H2O' };

/** Formulas of ions without their charge, where the digit before the sign is not all of it. */
export const WITHOUT_CHARGE: Readonly<Record<string, string>> = { 'NH4+': 'NH4', 'S2-': 'S' };
