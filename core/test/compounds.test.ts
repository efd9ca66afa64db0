import { gunzipSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { advise } from '#core/reasoning/advise';
import { rulesFor } from '#core/reasoning/atlas';
import type { RecordEntry } from '#core/reasoning/entries';

import { infer } from '#core/reasoning/infer';
import { type Observer, perfect, seeded, student } from '#core/reasoning/student';

import { parting } from '#core/reasoning/settle';
import { type CompoundAtlas, compoundLeaf } from '#core/reasoning/compound-atlas';
import { CompoundSpace, isBeyond } from '#core/reasoning/compounds';
import { isPlain } from '#core/reasoning/member';
import { compoundByName } from '#core/organic/library';
import { ORGANIC_TESTS } from '#core/scheme/data/organic';
import { routeOf, setAside } from '#core/scheme/route';
import { showsSign } from '#core/scheme/tests';

import { solve } from '#core/reasoning/solve';

import { holdingsOf } from '#core/organic/structure';
import type { Observation } from '#core/vocabulary/observation';

const entry = (number: number, test: string, ...observed: Observation[]): RecordEntry => ({ number, test, observed });

describe('an organic compound', () => {
  const file = new URL('../../atlas/compounds.json.gz', import.meta.url);
  const space = new CompoundSpace(JSON.parse(gunzipSync(readFileSync(file)).toString()) as CompoundAtlas);
  const at = (name: string) => space.members.findIndex((m) => m.name === name);
  const record = (name: string, tests: readonly string[]) => tests.map((t, i) => entry(i + 1, t, ...space.outline(at(name), t)));

  test.each(['4-bromoacetanilide', 'thiourea', 'toluene'])('the atlas is what the simulator shows today: %s', (name) => {
    const leaf = compoundLeaf({ smiles: compoundByName.get(name)!.smiles });
    for (const [id, seen] of Object.entries(leaf.usual)) expect({ id, seen }).toEqual({ id, seen: space.outline(at(name), id) });
  });

  test('every test has a compound that shows its sign and one that does not', () => {
    for (const t of ORGANIC_TESTS) {
      const { tests, outcomes } = space.atlas;
      expect(new Set(tests[t.id]).size).toBeGreaterThan(1);
      const signs = t.signs ?? [];
      for (const suspect of new Set(signs.flatMap((sign) => sign.of))) {
        const its = signs.filter((sign) => sign.of.includes(suspect));
        const listed = space.members.filter(isPlain);
        const showing = listed.map((_, i) => its.some((sign) => showsSign(outcomes[tests[t.id]![i]!]!, sign)));
        const shows = listed.some((m, i) => m.holds.includes(suspect) && showing[i]);
        const not = listed.some((m, i) => !m.holds.includes(suspect) && !showing[i]);
        expect({ test: t.id, suspect, shows, not }).toEqual({ test: t.id, suspect, shows: true, not: true });
      }
    }
  });

  test.each(['systematic', 'advised'] as const)(
    'is found by the %s route, by a perfect observer and mostly by a student',
    (way) => {
      const names = ['4-bromoacetanilide', 'sulfanilamide', 'benzaldehyde', 'cinnamic acid', '1-butanol'];
      // Advice is dear: an amide and an acid.
      const some = way === 'advised' ? names.filter((_, i) => i % 3 === 0) : names;
      const found = (observer: Observer) =>
        some.filter((name) => {
          const { smiles } = compoundByName.get(name)!;
          const done = solve(space, { smiles, grams: 5 }, way, observer);
          expect([name, done.confirmed.filter((c) => !holdingsOf(smiles).includes(c))]).toEqual([name, []]);
          return done.inference.candidates.slice(0, 5).some((i) => i.name === name);
        });
      expect(found(perfect)).toEqual(some);
      expect(found(student(seeded(11))).length).toBeGreaterThanOrEqual(Math.floor(some.length * 0.75));
    },
  );

  test('the elements set tests aside, with the reason; the advisor works on what is left', () => {
    const known = record('cinnamic acid', [
      'compound-look',
      'sodium-fusion',
      'nitrogen-iron',
      'nitrogen-with-sulfur',
      'sulfur-nitroprusside',
      'sulfur-lead',
      'halogen-silver',
      'copper-wire-halogen',
    ]);
    const route = routeOf(known, rulesFor('organic'), true, 'organic');
    const aside = setAside(route);
    for (const id of ['azo-coupling', 'carbylamine', 'lead-acetate-thiol', 'silver-nitrate-ethanol', 'halogen-layer'])
      expect(aside).toContain(id);
    expect(route.flatMap((s) => s.stops).find((s) => s.test.id === 'carbylamine')!.standing).toMatchObject({
      reason: expect.stringMatching(/no nitrogen was found/) as string,
    });
    const next = advise(
      space,
      infer(space, known),
      { rules: rulesFor('organic'), simulated: true, done: new Set(known.map((e) => e.test)), aside },
      20,
    );
    expect(next.length).toBeGreaterThan(3);
    for (const a of next) expect(aside).not.toContain(a.test);
    const later = [...known, ...record('cinnamic acid', ['solubility-water', 'litmus', 'solubility-nahco3-5pc'])];
    const few = parting(space, infer(space, later), {
      rules: rulesFor('organic'),
      simulated: true,
      done: new Set(later.map((e) => e.test)),
      aside,
    });
    expect(few!.splits.length).toBeGreaterThan(1);
  });

  test('what a record leaves out sets no test aside', () => {
    const standing = (id: string, ...entries: RecordEntry[]) =>
      routeOf(entries, rulesFor('organic'), true, 'organic')
        .flatMap((s) => s.stops)
        .find((s) => s.test.id === id)!.standing.is;
    const look = (...observed: Observation[]) => entry(1, 'compound-look', ...observed);
    const smell: Observation = { channel: 'smell', smell: 'none' };
    for (const id of ['melting-point', 'boiling-point']) expect([id, standing(id, look(smell))]).toEqual([id, 'to-come']);
    expect(standing('boiling-point', look(smell, { channel: 'solid', colour: 'white' }))).toBe('skipped');
    const blue = entry(1, 'nitrogen-iron', { channel: 'precipitate', colour: 'deep-blue' });
    const green = entry(1, 'nitrogen-iron', { channel: 'precipitate', colour: 'dirty-green' });
    expect([standing('azo-coupling', blue), standing('azo-coupling', green)]).toEqual(['to-come', 'skipped']);
  });

  test('beyond the library: the record fits none, and elements and groups are judged apart', () => {
    const unknown = (smiles: string, melts?: number) => {
      const leaf = compoundLeaf({ smiles, ...(melts !== undefined && { melts }) }).usual;
      return Object.keys(leaf).map((id, i) => entry(i + 1, id, ...leaf[id]!));
    };
    const iodo = infer(space, unknown('CCOC(=O)c1ccc(I)cc1'));
    expect(isBeyond(space, iodo.weights)).toBe(true);
    const stands = (id: string) => iodo.suspects.find((c) => c.id === id)!;
    for (const id of ['I', 'aryl-halide', 'ester']) expect([id, stands(id).probability > 0.8]).toEqual([id, true]);
    for (const id of ['N', 'S', 'Br', 'aldehyde', 'nitro', 'carbohydrate'])
      expect([id, stands(id).probability < 0.1]).toEqual([id, true]);
    for (const id of ['I', 'aryl-halide', 'ester']) expect(stands(id).state).not.toBe('ruled-out');
    const amide = infer(space, unknown('CC(=O)Nc1ccc(cc1)C(C)(C)C', 174)).suspects;
    expect(amide.find((c) => c.id === 'N')!.state).toBe('indicated');
    expect(amide.find((c) => c.id === 'amide')!.probability).toBeGreaterThan(0.5);
    // No listed compound has these three together.
    const three = infer(space, unknown('NS(=O)(=O)c1ccc(Cl)cc1', 146)).suspects;
    for (const id of ['N', 'S', 'Cl']) expect([id, three.find((c) => c.id === id)!.probability > 0.5]).toEqual([id, true]);
    const known = record('thiourea', ['compound-look', 'nitrogen-iron', 'sulfur-lead', 'solubility-water', 'melting-point']);
    expect(isBeyond(space, infer(space, known).weights)).toBe(false);
  });

  test('a compound of one’s own list takes part with the temperature that was given', () => {
    const of = { name: '4-tert-butylacetanilide', smiles: 'CC(=O)Nc1ccc(cc1)C(C)(C)C', melts: 174 };
    const leaf = compoundLeaf(of);
    const wider = new CompoundSpace(space.atlas, [{ of, leaf }]);
    const entries = [
      'nitrogen-iron',
      'halogen-silver',
      'sulfur-lead',
      'solubility-water',
      'solubility-naoh-5pc',
      'melting-point',
    ].map((id, i) => entry(i + 1, id, ...leaf.usual[id]!));
    expect(infer(wider, entries).candidates[0]!.name).toBe(of.name);
  });
});
