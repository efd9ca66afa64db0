/** The arithmetic of making solutions. */
import { molarMass, parseFormula } from '../matter/formula';
import { type Part, STOCK_LIQUIDS } from './data/recipes';

/** Less than this cannot be weighed on the balance of a preparation room, g. */
export const LEAST_GRAMS = 0.1;
/** Less than this cannot be measured with a pipette of a preparation room, mL. */
export const LEAST_ML = 0.5;
/** By how much a solution that is made first is stronger. */
const STRONGER = [10, 100, 1000];

/** g of a solid for so many mL of a solution; more where it is not pure. */
export const gramsFor = (formula: string, molar: number, mL: number, purity = 1): number =>
  ((molar * mL) / 1000 / purity) * molarMass(parseFormula(formula));

/** mol/L of a concentrated liquid by its density (g/mL) and mass fraction. */
export const molarOf = (formula: string, density: number, fraction: number): number =>
  (1000 * density * fraction) / molarMass(parseFormula(formula));

/** mL of a stronger solution in so many mL of a weaker one. */
export const mLFor = (molar: number, mL: number, strong: number): number => (molar * mL) / strong;

export interface Amount {
  readonly what: string;
  readonly amount: number;
  readonly unit: 'g' | 'mL';
  /** The bottle of the stock that it is taken from: a formula, or the id of a liquid. */
  readonly stock: string;
  /** Too little to be measured: a solution so many times stronger is made first, of which so many mL are taken. */
  readonly first?: { readonly times: number; readonly mL: number; readonly take: number };
}

/** What is made first is made in this volume, mL. */
const FIRST_ML = 100;

function measured(what: string, stock: string, unit: 'g' | 'mL', amount: number, mL: number): Amount {
  const least = unit === 'g' ? LEAST_GRAMS : LEAST_ML;
  if (amount >= least) return { what, stock, unit, amount };
  for (const times of STRONGER) {
    const take = mL / times;
    const made = (amount / mL) * times * FIRST_ML;
    if (made >= least && take >= LEAST_ML) return { what, stock, unit, amount: made, first: { times, mL: FIRST_ML, take } };
  }
  return { what, stock, unit, amount };
}

/** How much of a part goes into so many mL. */
export function amountOf(part: Part, mL: number, purity: (stock: string) => number = () => 1): Amount {
  if ('solid' in part) {
    const grams = gramsFor(part.solid, part.molar, mL, purity(part.solid));
    return measured(part.solid, part.solid, 'g', grams, mL);
  }
  const liquid = STOCK_LIQUIDS[part.liquid]!;
  const strong = molarOf(liquid.formula, liquid.density, liquid.fraction);
  return measured(liquid.name, part.liquid, 'mL', mLFor(part.molar, mL, strong), mL);
}
