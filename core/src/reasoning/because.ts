/** Why an entry speaks for or against a suspect, in chemistry. */
import { nameOf } from '../senses/names';
import { sayObservation } from '../senses/sentences';
import { testById, testTitle } from '../scheme/tests';
import { isNothing, type Observation } from '../vocabulary/observation';
import { watched } from './entries';
import { kindOf, listed } from './kinds';
import type { Posterior } from './posterior';

/** How many that an entry fits are named. */
const NAMED = 4;

function said(list: readonly Observation[]): string {
  const events = list.filter((o) => !isNothing(o));
  const text = (events.length ? events : list).slice(0, 2).map(sayObservation).join(', ');
  return text && `${text[0]!.toUpperCase()}${text.slice(1)}`;
}

/** What the suspect's sign in a test looks like, if it has one there. */
function signOf(test: string, suspect: string): string | undefined {
  const sign = testById.get(test)!.signs?.find((s) => s.of.includes(suspect));
  if (!sign) return undefined;
  const plain = sign.see.map((pattern) =>
    Object.fromEntries(Object.entries(pattern).map(([field, of]) => [field, Array.isArray(of) ? (of as unknown[])[0] : of])),
  );
  return plain.map((o) => sayObservation(o as unknown as Observation)).join(', ');
}

/**
 * @param k place of the entry in the evidence.
 * @param i place of the suspect.
 */
export function because(posterior: Posterior, k: number, i: number, speaksFor: boolean): string {
  const { space, evidence } = posterior;
  const { entry } = evidence[k]!;
  const id = space.suspects[i]!;
  const fits = posterior
    .fits(k)
    .map((place) => space.suspects[place]!)
    .filter((other) => kindOf(other) === kindOf(id));
  const saw = `${testTitle(entry.test)}: ${said(watched(entry)).toLowerCase()}`;
  if (speaksFor) {
    if (!fits.includes(id)) return `${saw} leaves less of what else it might be, and ${nameOf(id)} the likelier.`;
    const others = fits.filter((other) => other !== id).slice(0, NAMED - 1);
    return others.length
      ? `${saw} is shown by ${nameOf(id)}, and by ${listed(others.map(nameOf))}.`
      : `${saw} is shown by ${nameOf(id)}.`;
  }
  const sign = signOf(entry.test, id);
  if (sign) return `${saw}; ${nameOf(id)} gives ${sign}.`;
  const others = fits.slice(0, NAMED - 1);
  return others.length
    ? `${saw} is shown by ${listed(others.map(nameOf))}, not as a rule by ${nameOf(id)}.`
    : `${saw} is not what ${nameOf(id)} shows.`;
}
