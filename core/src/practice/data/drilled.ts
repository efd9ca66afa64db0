/** What drills are drawn from. */

/** Bottles of an ordinary bench, for what may fall or dissolve. */
export const PRECIPITANTS = [
  'sodium-hydroxide-2M',
  'ammonia-2M',
  'sodium-carbonate-1M',
  'hydrochloric-acid-2M',
  'sulfuric-acid-1M',
  'silver-nitrate-0.1M',
  'barium-chloride-0.25M',
  'potassium-iodide-0.1M',
  'potassium-chromate-0.1M',
  'potassium-hexacyanoferrate-ii-0.1M',
  'sodium-phosphate-0.3M',
  'ammonium-sulfide-1M',
  'ammonium-oxalate-0.25M',
  'lead-acetate-0.1M',
] as const;

/** Bottles of which an excess may take a precipitate back. */
export const EXCESSES = ['sodium-hydroxide-2M', 'ammonia-6M'] as const;

/** Bottles that have a colour of their own. */
export const COLOURED_BOTTLES = [
  'potassium-chromate-0.1M',
  'potassium-permanganate-0.02M',
  'iron-iii-chloride-0.1M',
  'copper-ii-sulfate-0.1M',
  'iodine-solution',
  'potassium-hexacyanoferrate-iii-0.1M',
  'potassium-dichromate-acid-0.05M',
  'cobalt-ii-nitrate-0.1M',
] as const;

/** Salts that go with nothing on the bench, for tubes in which nothing should happen. */
export const QUIET_SALTS = ['NaCl', 'KNO3', 'NaNO3', 'Na2SO4', 'KCl', 'NaCH3COO·3H2O'] as const;

/** Salts and bottles that give off one gas, by its usual making in a laboratory; a test holds what the papers show of each to it. */
export const GAS_MAKERS = [
  { gas: 'carbon dioxide', formula: 'Na2CO3', with: 'hydrochloric-acid-2M' },
  { gas: 'sulfur dioxide', formula: 'Na2SO3', with: 'hydrochloric-acid-6M' },
  { gas: 'hydrogen sulfide', formula: 'Na2S·9H2O', with: 'hydrochloric-acid-2M' },
  { gas: 'ammonia', formula: 'NH4Cl', with: 'sodium-hydroxide-6M' },
  { gas: 'nitrogen dioxide', formula: 'NaNO2', with: 'hydrochloric-acid-6M' },
  { gas: 'hydrogen', formula: 'NaCl', with: 'hydrochloric-acid-6M', then: 'zinc-granules' },
  { gas: 'oxygen', formula: 'NaCl', with: 'hydrogen-peroxide-6pc', then: 'manganese-dioxide-solid' },
] as const;

/** Metals that colour a flame, each in a salt. */
export const FLAME_SALTS = {
  lithium: 'LiCl',
  sodium: 'NaCl',
  potassium: 'KCl',
  calcium: 'CaCl2·2H2O',
  strontium: 'SrCl2·6H2O',
  barium: 'BaCl2·2H2O',
  copper: 'CuCl2·2H2O',
} as const;

/** Pairs of strengths of one bottle, mol/L. */
export const STRENGTHS = [
  { of: 'hydrochloric acid', strong: 12, weak: [6, 2, 1, 0.5] },
  { of: 'nitric acid', strong: 15.8, weak: [6, 2, 1] },
  { of: 'ammonia', strong: 14.8, weak: [6, 2, 1] },
  { of: 'sodium hydroxide', strong: 6, weak: [2, 1, 0.5] },
  { of: 'silver nitrate', strong: 0.5, weak: [0.1, 0.05] },
] as const;
