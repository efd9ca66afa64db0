import { gunzipSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { advise } from '#core/reasoning/advise';
import { answerKey, OTHER_ANSWERS, rulesFor } from '#core/reasoning/atlas';
import type { RecordEntry } from '#core/reasoning/entries';

import { infer } from '#core/reasoning/infer';
import { type Observer, perfect, seeded, student } from '#core/reasoning/student';

import { parting } from '#core/reasoning/settle';
import { type CompoundAtlas, compoundLeaf } from '#core/reasoning/compound-atlas';
import { CompoundSpace, isBeyond } from '#core/reasoning/compounds';
import { whatSuspectGives } from '#core/reasoning/handbook';
import { isPlain } from '#core/reasoning/member';
import { asideBy } from '#core/reasoning/premises';
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

  // Advice is dear: one is worked by it.
  test.each([
    ['systematic', ['4-bromoacetanilide', 'cinnamic acid', '1-butanol']],
    ['advised', ['4-bromoacetanilide']],
  ] as const)('is found by the %s route, by a perfect observer and mostly by a student', (way, names) => {
    const found = (observer: Observer) =>
      names.filter((name) => {
        const { smiles } = compoundByName.get(name)!;
        const done = solve(space, { smiles, grams: 5 }, way, observer);
        expect([name, done.confirmed.filter((c) => !holdingsOf(smiles).includes(c))]).toEqual([name, []]);
        return done.inference.candidates.slice(0, 5).some((i) => i.name === name);
      });
    expect(found(perfect)).toEqual(names);
    expect(found(student(seeded(11))).length).toBeGreaterThanOrEqual(names.length * 0.6);
  });

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

  const underHouseRule = ({ question, option }: (typeof OTHER_ANSWERS)[number]) => {
    const tests = Object.keys(space.atlas.otherwise[answerKey(question, option)]!);
    const other = new CompoundSpace(space.atlas, [], { ...rulesFor('organic'), answers: { [question]: option } });
    const shows = (of: CompoundSpace, m: number) => JSON.stringify(tests.map((t) => of.outline(m, t)));
    const differing = space.atlas.compounds.flatMap((_, m) => (shows(other, m) === shows(space, m) ? [] : [m]));
    return { question, option, tests, other, differing };
  };

  test.each(OTHER_ANSWERS.map(underHouseRule).filter(({ differing }) => differing.length))(
    'a perfect observer under $question = $option never has what is there ruled out',
    ({ tests, other, differing }) => {
      for (const m of differing.filter((_, i) => i % 25 === 0)) {
        const record = ['compound-look', ...tests].map((t, i) => entry(i + 1, t, ...other.outline(m, t)));
        const out = infer(other, record).suspects.filter(
          ({ id, state }) => state === 'ruled-out' && other.members[m]!.holds.includes(id),
        );
        expect([other.called(m), out]).toEqual([other.called(m), []]);
      }
    },
  );

  test('nitric acid as the oxidant of the layer test finds iodide, and not bromide', () => {
    const other = new CompoundSpace(space.atlas, [], { ...rulesFor('organic'), answers: { 'layer-oxidant': 'nitric-acid' } });
    const layer = (name: string) => other.outline(at(name), 'halogen-layer').find((o) => o.channel === 'layer')!.colour;
    expect(['iodobenzene', 'bromobenzene'].map(layer)).toEqual(['violet', 'colourless']);
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
    for (const id of ['N', 'S', 'aldehyde', 'nitro', 'carbohydrate'])
      expect([id, stands(id).probability < 0.1]).toEqual([id, true]);
    // Methyl 4-bromobenzoate is listed, and alike in all but its halogen.
    expect(stands('Br').probability).toBeLessThan(0.25);
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

  test('beyond the library: worked to the end, elements and groups are found; nothing that is there is ruled out', () => {
    for (const smiles of ['CCCc1ccc(O)c(Br)c1', 'CCC(=O)c1cccc(N)c1']) {
      const { inference, confirmed } = solve(space, { smiles, grams: 5 }, 'advised', perfect);
      const truth = holdingsOf(smiles);
      const likely = inference.suspects.flatMap((c) => (c.probability >= 0.5 ? [c.id] : []));
      expect([smiles, likely.sort()]).toEqual([smiles, [...truth].sort()]);
      expect([smiles, confirmed.filter((id) => !truth.includes(id))]).toEqual([smiles, []]);
      expect(inference.suspects.filter((c) => c.state === 'ruled-out' && truth.includes(c.id))).toEqual([]);
    }
  });

  test('of all that is not listed the shares add up; two groups that no listed compound has together are among it', () => {
    const unlisted = space.members.filter((m) => m.unlisted);
    const sum = space.members.reduce((all, m, i) => (m.unlisted ? all + Math.exp(space.lnPrior[i]!) : all), 0);
    const whole = [...space.lnPrior].reduce((all, ln) => all + Math.exp(ln), 0);
    expect([whole, sum < 0.5]).toEqual([expect.closeTo(1, 9), true]);
    const holding =
      (...ids: string[]) =>
      (m: { holds: readonly string[] }) =>
        ids.every((id) => m.holds.includes(id));
    expect(space.members.filter(isPlain).some(holding('nitrile', 'alcohol-tertiary'))).toBe(false);
    expect(unlisted.some(holding('nitrile', 'alcohol-tertiary', 'N'))).toBe(true);
    for (const m of unlisted.filter(holding('alkyl-halide')))
      expect([m.holds, ['Cl', 'Br', 'I'].some((x) => m.holds.includes(x))]).toEqual([m.holds, true]);
  });

  test('no name confirms a group: what the tests of groups leave open stays open', () => {
    const tests = [
      'compound-look',
      'nitrogen-iron',
      'halogen-silver',
      'sulfur-lead',
      'cerium-nitrate',
      'boiling-point',
      'density',
    ];
    const { candidates, suspects } = infer(space, record('1-hexanol', [...tests, 'refractive-index', 'dinitrobenzoate']));
    const primary = suspects.find((c) => c.id === 'alcohol-primary')!;
    expect([candidates[0]!.name, candidates[0]!.probability > 0.95]).toEqual(['1-hexanol', true]);
    expect([primary.probability > 0.99, primary.unnamed < 0.99, primary.state]).toEqual([true, true, 'indicated']);
  });

  test('what one entry sets aside is open again where the rest says otherwise, but not what it did not make', () => {
    const nothing: Observation = { channel: 'precipitate', event: 'none' };
    const entries = [
      entry(1, 'nitrogen-iron', { channel: 'precipitate', colour: 'dirty-green' }),
      entry(2, 'halogen-silver', nothing),
      ...['solubility-water', 'litmus', 'solubility-hcl-5pc'].map((t, i) =>
        entry(3 + i, t, ...space.outline(at('hexylamine'), t)),
      ),
      entry(6, 'copper-wire-halogen', { channel: 'flame', colour: 'green', duration: 'lasting' }),
    ];
    const route = routeOf(entries, rulesFor('organic'), true, 'organic');
    const aside = asideBy(space, route, infer(space, entries).suspects);
    expect([...setAside(route)]).toEqual(expect.arrayContaining(['nitrous-acid', 'halogen-ammonia']));
    expect([aside.has('nitrous-acid'), aside.has('halogen-ammonia')]).toEqual([false, true]);
  });

  test('the handbook counts each compound of the library once', () => {
    const ketones = space.members.filter((m) => isPlain(m) && m.holds.includes('ketone'));
    expect(whatSuspectGives(space, 'dnp', 'ketone').samples).toBe(ketones.length);
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
