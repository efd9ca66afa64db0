/** What follows from one entry alone, against what a teacher lets stand in the third column of a report. */
import { loadAtlas, loadCompounds } from '#atlas';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { followsFrom } from '#core/reasoning/follows';
import { inTest } from '#core/reasoning/handbook';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { testById } from '#core/scheme/tests';
import { entriesOf } from './records/record';

const only = { cations: 1, anions: 1 };
const spaces: Record<'salt' | 'compound', () => Promise<Space>> = {
  salt: async () => new SaltSpace(await loadAtlas(), rulesOfSchool('no-sulfide'), only),
  compound: async () => new CompoundSpace(await loadCompounds()),
};

/** What has to be offered, and what must not be; `?` may be present, `+` present, `-` absent. Written before it was run. */
type Row = readonly [entry: string, offered: string, never?: string];

const SALT: readonly Row[] = [
  ['silver-acid: precipitate formed white curdy', 'Cl-?', 'I-? Br-+ SO4^2-?'],
  ['silver-acid: precipitate formed yellow', 'I-?', 'Cl-?'],
  ['silver-acid: precipitate none', 'Cl-- Br-- ', 'NO3-- SO4^2--'],
  ['barium-acid: precipitate formed white', 'SO4^2-+', 'CO3^2-?'],
  ['barium-acid: precipitate none', 'SO4^2--', 'CO3^2-- PO4^3--'],
  ['dilute-acid: gas evolved colourless brisk', 'CO3^2-?', 'Cl-?'],
  ['dilute-acid: gas none', 'CO3^2-- SO3^2--', 'Cl-- SO4^2--'],
  ['hydroxide: precipitate formed blue gelatinous', 'Cu2+?', 'Zn2+? Al3+- Fe3+?'],
  ['hydroxide: precipitate formed red-brown gelatinous; precipitate persists red-brown', 'Fe3+?', 'Cu2+? Al3+?'],
  ['hydroxide: precipitate formed white gelatinous; precipitate dissolved', 'Zn2+? Al3+?', 'Mg2+? Fe3+?'],
  ['ammonia: precipitate none; solution unchanged', 'Cu2+- Fe3+- Al3+-', 'Na+- K+-'],
  ['flame: flame yellow lasting', 'Na+?', 'K+? Na++'],
  ['flame: flame crimson', 'Sr2+? Li+?', 'Na+? K+-'],
  ['flame: flame none', 'Na+- Sr2+- Ca2+-', 'Zn2+- NH4+- Pb2+-'],
  ['ammonium: paper red-litmus changed blue; smell ammonia', 'NH4++', 'NO3-?'],
  ['ammonium: paper red-litmus unchanged', 'NH4+-'],
  ['brown-ring: ring formed brown', 'NO3-+', 'Cl-?'],
  ['brown-ring: ring none', 'NO3--', 'Cl--'],
  ['iron-thiocyanate: solution red', 'Fe3++', 'Fe2+?'],
  ['molybdate: precipitate formed yellow', 'PO4^3-+', 'SO4^2-?'],
];

const COMPOUND: readonly Row[] = [
  ['dnp: precipitate formed orange', 'ketone? aldehyde?', 'ester? alcohol-primary?'],
  ['dnp: precipitate none', 'ketone- aldehyde-', 'ester-'],
  ['ammoniacal-silver: deposit formed silver', 'aldehyde?', 'ketone?'],
  ['nitrogen-iron: precipitate formed deep-blue', 'N+', 'S?'],
  ['nitrogen-iron: precipitate none', 'N-', 'S-'],
  ['sulfur-nitroprusside: solution violet', 'S+', 'N?'],
  ['iron-iii-chloride: solution violet', 'phenol+', 'alcohol-primary?'],
  ['iron-iii-chloride: solution unchanged', 'phenol-', 'ketone-'],
  ['iodoform: precipitate formed yellow', 'ketone?', 'N?'],
  ['copper-wire-halogen: flame green', 'Cl? Br?', 'N?'],
];

const MARKS = { '?': 'may-be-present', '+': 'present', '-': 'absent' } as const;
const asked = (text = '') =>
  text
    .split(' ')
    .filter(Boolean)
    .map((word) => `${word.slice(0, -1)} ${MARKS[word.at(-1) as keyof typeof MARKS]}`);

test.each([
  ['salt', SALT],
  ['compound', COMPOUND],
] as const)('what follows from one entry on a %s', async (kind, rows) => {
  const space = await spaces[kind]();
  const wrong = rows.flatMap(([text, offered, never]) => {
    const [{ test: id, observed } = { test: '', observed: [] }] = entriesOf({ title: '', truth: [], entries: text });
    const follows = followsFrom(space.scheme, testById.get(id)!, observed, inTest(space, id));
    const said = follows.flatMap(({ of, says }) => of.map((one) => `${one} ${says}`));
    const missing = asked(offered).filter((one) => !said.includes(one));
    const false_ = asked(never).filter((one) => said.includes(one));
    return missing.length || false_.length ? [{ text, missing, false: false_, said }] : [];
  });
  expect(wrong).toEqual([]);
});

test('nothing follows from nothing, nor from what cannot be seen in the test', async () => {
  const space = await spaces.salt();
  const flame = testById.get('flame')!;
  const given = inTest(space, 'flame');
  expect(followsFrom('no-sulfide', flame, [], given)).toEqual([]);
  expect(followsFrom('no-sulfide', flame, [{ channel: 'limewater', event: 'cloudy' }], given)).toEqual([]);
  expect(followsFrom('no-sulfide', flame, [{ channel: 'flame', colour: 'crimson' }], [])).toEqual([]);
});
