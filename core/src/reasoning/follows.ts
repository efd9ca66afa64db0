/** What follows from one entry alone, whatever else is recorded: the third column of a report. */
import type { Said } from '../record/events';
import type { Scheme, StandardTest } from '../scheme/model';
import { signsOfTest } from '../scheme/procedure';
import type { Observation } from '../vocabulary/observation';
import { blankOf, type Samples } from './blank';
import { showsPart, signsShown, watched } from './entries';
import { probabilityOf } from './observer';
import { isFaint } from './states';

/** What is said of one suspect, or at once of several. */
export interface Follows {
  readonly of: readonly string[];
  readonly says: Said;
}

/** What the samples that hold a suspect show in a test, and how many show it. */
export interface Shows {
  readonly suspect: string;
  readonly outcomes: readonly { readonly see: readonly Observation[]; readonly samples: number }[];
}

/** So many times as likely with a suspect as without is worth a word; so many times less likely, and it is absent. */
const WORTH_A_WORD = 2;
const ABSENT = 10;
/** More than these are not told from each other by one entry. */
const MOST_PRESENT = 3;
/** More than these absent at once are a table, not an inference. */
const MOST_ABSENT = 8;

/** What every suspect gives, as samples that hold that suspect. */
function samplesOf(given: readonly Shows[]): Samples {
  const all = given.flatMap(({ suspect, outcomes }) => outcomes.map(({ see, samples }) => ({ suspect, see, samples })));
  return {
    members: all.map(({ suspect }) => ({ holds: [suspect], composed: false })),
    lnPrior: Float64Array.from(all, ({ samples }) => Math.log(samples)),
    outline: (m) => all[m]!.see,
  };
}

const samplesFor = new WeakMap<readonly Shows[], Samples>();

/** What the reagents show by themselves, as far as can be told from what every suspect gives. */
function blankIn(given: readonly Shows[], test: string): readonly Observation[] {
  let samples = samplesFor.get(given);
  if (!samples) samplesFor.set(given, (samples = samplesOf(given)));
  return blankOf(samples, test);
}

/**
 * What an entry of a test says by itself of what the test is for: what it shows a sign of, the likeliest first; where it shows no sign,
 * what would have shown itself, for one thing may hide another.
 * @param given what every suspect shows in the test.
 */
export function followsFrom(
  scheme: Scheme,
  test: StandardTest,
  observed: readonly Observation[],
  given: readonly Shows[],
): Follows[] {
  const entry = { number: 0, test: test.id, observed };
  const told = watched(entry);
  if (!told.length) return [];
  const blank = blankIn(given, test.id);
  const common = new Map(given.map(({ suspect, outcomes }) => [suspect, outcomes.reduce((sum, o) => sum + o.samples, 0)]));
  const likelihoods = new Map(
    given.map(({ suspect, outcomes }) => [
      suspect,
      outcomes.reduce((sum, o) => sum + o.samples * probabilityOf(test, told, o.see, { blank }), 0) / common.get(suspect)!,
    ]),
  );
  const mean = [...likelihoods.values()].reduce((a, b) => a + b, 0) / likelihoods.size;
  const asked = [...new Set(signsOfTest(test.id).flatMap((s) => s.of))].filter((id) => likelihoods.has(id));
  const ratio = (id: string): number => likelihoods.get(id)! / mean;
  const odds = (id: string): number => likelihoods.get(id)! * common.get(id)!;
  const isProved = (id: string) => signsShown(entry, id).some((sign) => sign.proves && !isFaint({ scheme }, test, sign));
  const shown = asked
    .filter((id) => (signsShown(entry, id).length || showsPart(entry, id)) && ratio(id) >= WORTH_A_WORD)
    .sort((a, b) => odds(b) - odds(a))
    .slice(0, MOST_PRESENT);
  // What several would show proves none of them.
  const says = (id: string): Said => (shown.length === 1 && isProved(id) ? 'present' : 'may-be-present');
  if (shown.length) return shown.map((id) => ({ of: [id], says: says(id) }));
  const missing = asked.filter((id) => ratio(id) <= 1 / ABSENT);
  return missing.length && missing.length <= MOST_ABSENT ? [{ of: missing, says: 'absent' }] : [];
}
