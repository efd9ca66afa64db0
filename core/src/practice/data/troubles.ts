/**
 * What makes an unknown harder, as textbooks of qualitative analysis list it: coloured ions hide colours, amphoteric hydroxides
 * dissolve again, interfering anions bring down the later groups with the iron group, and metals of one group have to be parted.
 */
export const COLOURED_IONS: readonly string[] = ['Cu2+', 'Cr3+', 'Fe3+', 'Fe2+', 'Mn2+', 'Co2+', 'Ni2+', 'CrO4^2-', 'Cr2O7^2-', 'MnO4-', 'Fe(CN)6^3-', 'Fe(CN)6^4-'];
export const AMPHOTERIC_METALS: readonly string[] = ['Al3+', 'Zn2+', 'Pb2+', 'Sn2+', 'Sn4+', 'Sb3+', 'As3+'];
export const INTERFERING_ANIONS: readonly string[] = ['PO4^3-', 'C2O4^2-', 'F-', 'BO3^3-', 'C4H4O6^2-', 'SiO3^2-', 'AsO4^3-'];

/** Two metals of one group, as two salts that share their anion. */
export const OF_ONE_GROUP: readonly (readonly [string, string])[] = [
  ['Ba(NO3)2', 'Sr(NO3)2'],
  ['Sr(NO3)2', 'Ca(NO3)2·6H2O'],
  ['CuSO4·5H2O', 'CdSO4'],
  ['Fe(NO3)3·9H2O', 'Al(NO3)3·6H2O'],
  ['NiSO4·6H2O', 'CoSO4·6H2O'],
  ['ZnSO4·6H2O', 'MnSO4·H2O'],
  ['AgNO3', 'Pb(NO3)2'],
  ['Cu(NO3)2·3H2O', 'Bi(NO3)3'],
  ['FeCl3·6H2O', 'AlCl3·6H2O'],
  ['Ni(NO3)2·6H2O', 'Co(NO3)2·6H2O'],
  ['BaCl2', 'CaCl2·6H2O'],
];

/** Names of the rungs, in the order in which the troubles are met. */
export const RUNGS = {
  plain: 'Plain salts',
  coloured: 'A coloured ion',
  amphoteric: 'An amphoteric metal',
  interfering: 'An interfering anion',
  group: 'Two metals of one group',
  'one-element': 'A compound with one element besides carbon',
  'sulfur-nitrogen': 'Sulfur beside nitrogen',
  'two-elements': 'A halogen beside another element',
  'poor-fusion': 'A compound that boils off before it is fused',
} as const;
export type RungId = keyof typeof RUNGS;
