/** A preparation in words and as a table. */
import { toCsv } from '../report/csv';
import { PICTOGRAM_WORDS } from './data/labels';
import { type Part, RECIPES, STOCK_LIQUIDS } from './data/recipes';
import type { Bottle, Preparation } from './preparation';
import type { Amount } from './solutions';

/** Three figures, as one weighs and measures. */
export const figures = (v: number): string => String(Number(v.toPrecision(3)));

function sayPart({ what, amount, unit, first }: Amount): string {
  const much = `${figures(amount)} ${unit} of ${what}`;
  return first ? `${figures(first.take)} mL of a solution of ${much} in ${first.mL} mL of water` : much;
}

const isAcid = ({ stock }: Amount): boolean => STOCK_LIQUIDS[stock]?.acid !== undefined;

/** Beyond this rise by dilution, °C, what is made is cooled. */
const WARMS = 8;
/** kJ that warm a litre of water by a degree. */
const WATER_HEAT = 4.18;

/** By how much the acids of a recipe warm what is made, °C. */
const riseOf = (parts: readonly Part[]): number =>
  parts.reduce((sum, p) => sum + ('liquid' in p ? (p.molar * (STOCK_LIQUIDS[p.liquid]?.acid?.heat ?? 0)) / WATER_HEAT : 0), 0);

const joined = (parts: readonly Amount[]) => parts.map(sayPart).join(' and ');

/** An acid goes into water, slowly, and is cooled where it grows hot; what must not meet it undiluted is diluted by itself. */
function sayAcidRecipe({ id, parts, make }: Bottle): string {
  const recipe = RECIPES[id]!;
  const [acids, others] = [parts.filter(isAcid), parts.filter((p) => !isAcid(p))];
  const warms = riseOf(recipe.parts) > WARMS;
  const water = (share: number) => `${figures(make * share)} mL of water`;
  const pour = (share: number) =>
    `Pour ${joined(acids)} slowly into ${water(share)}${warms ? ' that stands in ice' : ''}, stirring: acid into water, never water into acid.`;
  const cool = warms ? ' Let it cool.' : '';
  const end = `Make up with water to ${figures(make)} mL.`;
  if (recipe.meets !== undefined) {
    const [liquids, solids] = [others.filter((p) => p.unit === 'mL'), others.filter((p) => p.unit === 'g')];
    const apart = `By itself, dilute ${joined(liquids)} with ${water(1 / 4)}${solids.length ? ` and dissolve ${joined(solids)} in it` : ''}.`;
    return `${pour(1 / 2)}${cool} ${apart} ${recipe.meets} ${end}`;
  }
  return [
    `${pour(1 / 2)}${cool}`,
    ...(others.length ? [`Add ${joined(others)} and stir until it has dissolved.`] : []),
    end,
  ].join(' ');
}

/** How a bottle is made, in the order in which it is mixed. */
export function sayRecipe(bottle: Bottle): string {
  const { parts, make, unit, into, note } = bottle;
  if (!parts.length) return note ?? `Put out ${figures(make)} ${unit} as it is.`;
  const how =
    into === 'water' && parts.some(isAcid)
      ? sayAcidRecipe(bottle)
      : `${joined(parts)}; make up with ${into} to ${figures(make)} mL.`;
  return [how, note].filter(Boolean).join(' ');
}

/** Hazards in words; what the caution says anyhow is not said twice. */
export function sayHazards({ pictograms, caution }: Bottle): string {
  const words = pictograms.map((p) => PICTOGRAM_WORDS[p]).filter((w) => !caution?.toLowerCase().startsWith(w));
  const text = [words.join(', '), caution].filter(Boolean).join('. ');
  return text && text[0]!.toUpperCase() + text.slice(1);
}

/** The bottles as CSV. */
export function bottlesCsv({ bottles }: Preparation): string {
  const rows = bottles.map((b) => ({
    bottle: b.name,
    'per bench': b.perBench,
    needed: b.needed,
    make: b.make,
    unit: b.unit,
    recipe: sayRecipe(b),
    'keeps until': b.keepsUntil ?? '',
    fresh: b.fresh ? 'yes' : 'no',
    hazards: sayHazards(b),
  }));
  return toCsv(rows);
}
