/** What it says that nothing was seen: of every test, for everything of which it has a sign. */
import { loadAtlas, loadCompounds } from '#atlas';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { isPlain } from '#core/reasoning/member';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { type Scheme, SCHOOLS, type Sign, type StandardTest } from '#core/scheme/model';
import { showsSign, stationOf, testsOf } from '#core/scheme/tests';
import { nothingIn, type Observation, reworded } from '#core/vocabulary/observation';

/** Decibans that *nothing* weighs at the least, between a sample that holds a thing and shows it, and one that does not hold it. */
const LEAST = 10;

/** Why *nothing* weighs less where it does. */
const FAINT: Readonly<Record<string, string>> = {
  'flame Pb2+': 'pale blue in a blue flame',
  'flame K+': 'a violet that sodium hides',
  'flame-cobalt-glass K+': 'a violet that is faint through blue glass',
  'flame BO3^3-': 'a green that sodium hides',
  'borate-flame BO3^3-': 'a green edge, soon gone',
  'borate-extract-flame BO3^3-': 'a green edge, soon gone',
  'last-flame Na+': 'a flash, where little is left at the end of a scheme',
  'concentrated-acid I-': 'nearly everything gives some gas with the acid',
  'magneson Mg2+': 'a slight lake',
  'calcium-oxalate Ca2+': 'little is left in the last group',
  'strontium-sulfate Sr2+': 'little is left in the last group',
  'cadmium-sulfide Cd2+': 'little is left after copper is bound',
  'tin-division Sn2+': 'a slight precipitate',
  'silver-acid SCN-': 'thiocyanate holds silver, so that the precipitate goes again in its excess',
  'silicate-acid SiO3^2-': 'the jelly is slight, and slow to set',
  'bismuth-water Sb3+': 'a slight precipitate',
  'hydroxide Cr3+': 'acetate holds chromium back',
  'heating C4H4O6^2-': 'most solids change in the flame',
};

/** The first of the words that a pattern accepts. */
const firstOf = <T>(words: T | readonly T[] | undefined): T | undefined => [words].flat()[0] as T | undefined;

/** *Nothing*, in the channel of a sign that is not of looks. */
function nothingFor({ see }: Sign): Observation | undefined {
  const { channel, paper, splint } = see.find((o) => o.channel !== 'solution' && o.channel !== 'solid') ?? see[0]!;
  const [nothing] = nothingIn(channel);
  return nothing && reworded(nothing, { ...(paper && { paper: firstOf(paper) }), ...(splint && { splint: firstOf(splint) }) });
}

/** Decibans of *nothing*, between what does not hold the thing and what holds it and shows it on every bench. */
function weightOfNothing(space: Space, test: StandardTest, of: string, nothing: Observation): number | null {
  const { p } = space.read(test.id, [nothing]);
  const signs = test.signs!.filter((s) => s.of.includes(of));
  const [holding, without] = [
    { p: 0, weight: 0 },
    { p: 0, weight: 0 },
  ];
  space.members.forEach((member, m) => {
    if (!isPlain(member)) return;
    const holds = member.holds.includes(of);
    if (holds && !space.shows(m, test.id).every((seen) => signs.some((s) => showsSign(seen, s)))) return;
    const weight = Math.exp(space.lnPrior[m]!);
    const sum = holds ? holding : without;
    sum.p += weight * p[m]!;
    sum.weight += weight;
  });
  if (!holding.weight) return null;
  return 10 * Math.log10(without.p / without.weight / (holding.p / holding.weight));
}

const spaceOf = async (scheme: Scheme): Promise<Space> =>
  scheme === 'organic'
    ? new CompoundSpace(await loadCompounds())
    : new SaltSpace(await loadAtlas(), rulesOfSchool(scheme), { cations: 1, anions: 1 });

test('*nothing* tells in every test that suits', async () => {
  const faint = new Set<string>();
  let told = 0;
  for (const scheme of [...SCHOOLS, 'organic'] as const) {
    const space = await spaceOf(scheme);
    for (const standard of testsOf(scheme).filter((t) => stationOf(t, scheme) !== 'look')) {
      const asked = new Map<string, { of: string; nothing: Observation }>();
      for (const sign of standard.signs ?? []) {
        const nothing = nothingFor(sign);
        if (nothing) for (const of of sign.of) asked.set(`${of} ${nothing.channel}`, { of, nothing });
      }
      for (const { of, nothing } of asked.values()) {
        const weight = weightOfNothing(space, standard, of, nothing);
        if (weight !== null) told++;
        if (weight !== null && weight < LEAST) faint.add(`${standard.id} ${of}`);
      }
    }
  }
  expect([...faint].sort()).toEqual(Object.keys(FAINT).sort());
  expect(told).toBeGreaterThan(600);
});
