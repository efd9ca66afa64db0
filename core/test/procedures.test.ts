/** The tests as the schools do them, on single salts and a few mixtures: amounts that are too small or too great show here. */
import { rulesOfSchool } from '#core/reasoning/atlas';
import type { School } from '#core/scheme/model';
import { World } from '#core/scheme/world';
import type { Observation } from '#core/vocabulary/observation';
import { MIXED_PROCEDURES } from './facts/mixed-procedures';
import { PROCEDURES } from './facts/procedures';

const worlds = new Map<string, World>();
function worldOf(school: School, salts: string): World {
  const key = `${school} ${salts}`;
  if (!worlds.has(key)) {
    const sample = { salts: salts.split('+').map((formula) => ({ formula, grams: 2 })) };
    worlds.set(key, new World(sample, school, rulesOfSchool(school)));
  }
  return worlds.get(key)!;
}

const says = (o: Observation, thing: string) =>
  thing.split(' ').every((word) => Object.values(o).some((value) => word.split('|').includes(String(value))));

const agrees = (seen: readonly Observation[], thing: string) =>
  thing.startsWith('not ') ? !seen.some((o) => says(o, thing.slice(4))) : seen.some((o) => says(o, thing));

describe.each([...Object.entries(PROCEDURES), ...Object.entries(MIXED_PROCEDURES)])('%s', (school, lines) => {
  test.each(
    lines
      .trim()
      .split('\n')
      .map((line) => line.trim().split(': ')),
  )('%s on %s: %s', (id, salts, expected) => {
    const { see } = worldOf(school as School, salts!).result(id!);
    expect(
      expected!
        .split('; ')
        .filter((thing) => !agrees(see, thing))
        .map((thing) => [thing, see]),
    ).toEqual([]);
  });
});
