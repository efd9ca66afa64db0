/** A preparation in words and as a table. */
import Papa from 'papaparse';
import { PICTOGRAM_WORDS } from './data/labels';
import type { Bottle, Preparation } from './preparation';
import type { Amount } from './solutions';

/** Three figures, as one weighs and measures. */
export const figures = (v: number): string => String(Number(v.toPrecision(3)));

function sayPart({ what, amount, unit, first }: Amount): string {
  const much = `${figures(amount)} ${unit} of ${what}`;
  return first ? `${figures(first.take)} mL of a solution of ${much} in ${first.mL} mL` : much;
}

/** How a bottle is made, as a sentence. */
export function sayRecipe({ parts, make, unit, into, note }: Bottle): string {
  if (!parts.length) return note ?? `Put out ${figures(make)} ${unit} as it is.`;
  const acid = into === 'water' ? `make up with water to ${figures(make)} mL` : `make up with ${into} to ${figures(make)} mL`;
  return [`${parts.map(sayPart).join(' and ')}; ${acid}.`, note].filter(Boolean).join(' ');
}

/** Hazards in words; what the caution says anyhow is not said twice. */
export function sayHazards({ pictograms, caution }: Bottle): string {
  const words = pictograms.map((p) => PICTOGRAM_WORDS[p]).filter((w) => !caution?.toLowerCase().startsWith(w));
  const text = [words.join(', '), caution].filter(Boolean).join('. ');
  return text && text[0]!.toUpperCase() + text.slice(1);
}

/** The bottles as CSV (RFC 4180). */
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
  return `${Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}
