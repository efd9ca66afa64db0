/** Why an entry speaks for or against a suspect, in chemistry. */
import { signsOfTest, titleOfTest } from '../scheme/procedure';
import { nameOf } from '../senses/names';
import { sayObservation } from '../senses/sentences';
import { isNothing, type Observation, observationOf } from '../vocabulary/observation';
import { shownBy, watched } from './entries';
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
  const sign = signsOfTest(test).find((s) => s.of.includes(suspect));
  if (!sign) return undefined;
  const plain = sign.see.map((pattern) =>
    Object.fromEntries(Object.entries(pattern).map(([field, of]) => [field, Array.isArray(of) ? (of as unknown[])[0] : of])),
  );
  return plain.map((o) => sayObservation(observationOf(o))).join(', ');
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const verb = (names: readonly string[], one: string, many: string) => (names.length === 1 ? one : many);

/**
 * One or two sentences, after the title of the test: what was seen and what it is a sign of, as the test is taught; what would have been
 * seen; or that it speaks only indirectly, by how common a thing is among samples that show it.
 * @param k place of the entry in the evidence.
 * @param i place of the suspect.
 */
export function because(posterior: Posterior, k: number, i: number, speaksFor: boolean): string {
  const { space, evidence } = posterior;
  const { entry } = evidence[k]!;
  const id = space.suspects[i]!;
  const name = nameOf(id);
  const saw = `${titleOfTest(entry.test)}: ${said(watched(entry)).toLowerCase()}`;
  const shown = shownBy(entry);
  const push = posterior.push(k);
  const others = shown
    .filter((other) => other !== id && kindOf(other) === kindOf(id))
    .sort((a, b) => push[space.suspects.indexOf(b)]! - push[space.suspects.indexOf(a)]!)
    .slice(0, NAMED - 1)
    .map(nameOf);
  const give = verb(others, 'gives', 'give');
  if (shown.includes(id)) {
    const alike = others.length ? ` ${capital(listed(others))} ${give} the same or nearly so.` : '';
    return `${saw}, as ${name} gives.${alike}`;
  }
  const sign = signOf(entry.test, id);
  if (sign && !speaksFor) return `${saw}. ${capital(name)} would give ${sign}.`;
  const cause = others.length ? `, as ${listed(others)} ${give}` : '';
  return speaksFor
    ? `${saw}${cause}. Indirectly this speaks for ${name}: others would more often show something else.`
    : `${saw}${cause}. Samples with ${name} seldom show this.`;
}
