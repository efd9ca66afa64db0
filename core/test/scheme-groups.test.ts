/** Every form of every ion through each school's whole scheme: what falls in which group, and of what colour. */
import { loadAtlas } from '#atlas';
import { type Atlas, FORMS, rowsIn, rulesOfSchool } from '#core/reasoning/atlas';
import type { School } from '#core/scheme/model';
import type { Observation } from '#core/vocabulary/observation';
import { BESIDE, FALLS, HIDDEN, WITHOUT_SULFIDE } from './facts/scheme-groups';

const GROUPS: Readonly<Record<School, readonly string[]>> = {
  'six-group': ['group-1', 'group-2', 'group-3', 'group-4', 'group-5', 'magnesium-phosphate'],
  'semi-micro': ['group-1', 'group-2', 'group-3-sulfide', 'group-5', 'magnesium-phosphate'],
  'no-sulfide': ['group-1', 'ammonia-division', 'group-5', 'magnesium-phosphate'],
};

const lines = (table: string) => table.trim().split('\n');

/** Rows of `test: what brings it: colours`, and whatever follows. */
function rows(table: string): readonly { test: string; what: readonly string[]; colours: readonly string[] }[] {
  return lines(table).map((line) => {
    const [test = '', what = '', colours = ''] = line.split(': ');
    return { test, what: what.split(' '), colours: colours.split('|') };
  });
}
const falls = rows(FALLS);
const beside = rows(BESIDE);
const withoutSulfide = rows(WITHOUT_SULFIDE);
const hidden = new Set(
  lines(HIDDEN).flatMap((line) => {
    const [school, test, samples = ''] = line.split(': ');
    return samples.split(' ').map((sample) => `${school} ${test} ${sample}`);
  }),
);

/** What lies in the tube at the end: traces that are carried over count nothing. */
function lying(seen: readonly Observation[]): string[] {
  const colours = new Set<string>();
  for (const o of seen) {
    if (o.channel !== 'precipitate' || !o.colour) continue;
    if (o.event === 'dissolved') colours.delete(o.colour);
    else if ((o.event === 'formed' || o.event === 'persists') && o.amount !== 'trace') colours.add(o.colour);
  }
  return [...colours];
}

const coloursOf = (table: ReturnType<typeof rows>, test: string, ions: readonly string[]) =>
  table.filter((row) => row.test === test && row.what.some((id) => ions.includes(id))).flatMap(({ colours }) => colours);

function misplaced(atlas: Atlas, school: School): { right: number; wrong: string[] } {
  const wrong: string[] = [];
  let right = 0;
  for (const test of GROUPS[school]) {
    const outcomes = rowsIn(atlas, school, test, rulesOfSchool(school))![0]!;
    for (const [i, { name, ions }] of FORMS.entries()) {
      const found = lying(atlas.outcomes[outcomes[i]!]!);
      const wanted = coloursOf(falls, test, ions);
      const allowed = [
        ...coloursOf(beside, test, ions),
        ...(school === 'no-sulfide' ? coloursOf(withoutSulfide, test, ions) : []),
      ];
      const asWritten = wanted.length ? found.some((c) => wanted.includes(c)) : found.every((c) => allowed.includes(c));
      if (asWritten !== hidden.has(`${school} ${test} ${name}`)) right++;
      else wrong.push(`${test} ${name}: ${found.join(', ') || 'nothing'} lies there; written: ${wanted.join('|') || 'nothing'}`);
    }
  }
  return { right, wrong };
}

test.each(Object.keys(GROUPS) as School[])('%s: what falls where', async (school) => {
  const { right, wrong } = misplaced(await loadAtlas(), school);
  expect(wrong).toEqual([]);
  expect(right).toBe(GROUPS[school].length * FORMS.length);
});
