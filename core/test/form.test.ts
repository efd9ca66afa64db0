import { loadAtlas, loadCompounds } from '#atlas';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { inTest, type WhatSuspectGives } from '#core/reasoning/handbook';
import { ownSigns } from '#core/reasoning/look-for';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { formOf, nothingOf } from '#core/scheme/form';
import type { StandardTest } from '#core/scheme/model';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { fits, showsSign, stepsOf, TESTS } from '#core/scheme/tests';
import { sayAll } from '#core/senses/sentences';
import type { Observation } from '#core/vocabulary/observation';

let spaces: Space[];
beforeAll(async () => {
  const atlas = await loadAtlas();
  const schools = (['no-sulfide', 'six-group', 'semi-micro'] as const).map(
    (school) => new SaltSpace(atlas, rulesOfSchool(school), { cations: 1, anions: 1 }),
  );
  spaces = [...schools, new CompoundSpace(await loadCompounds())];
});

const givenIn = (test: StandardTest): WhatSuspectGives[] => {
  const space = spaces.find((s) => s.knows(test.id));
  return space ? inTest(space, test.id) : [];
};
const seenIn = (given: readonly WhatSuspectGives[]) =>
  given.flatMap((g) => g.outcomes.flatMap((o) => o.see.map((see) => ({ see, weight: o.samples / g.samples }))));

describe('the form of a test', () => {
  test.each(TESTS.map((t) => [t.id, t] as const))('%s: what it asks for is shown at once, what cannot be is not', (_, t) => {
    const seen = seenIn(givenIn(t));
    const form = formOf(t, DEFAULT_RULES, seen);
    expect(form.lines.map((l) => l.channel)).toEqual(expect.arrayContaining([...new Set(t.watch)]));
    const first = form.lines.flatMap((l) => l.first.map((c) => c.words));
    for (const sign of t.signs ?? [])
      for (const pattern of sign.see.filter((p) => t.watch.includes(p.channel) && (p.colour ?? p.smell) !== undefined)) {
        const words = [pattern.colour ?? pattern.smell].flat();
        const told = words.filter((w) => first.some((o) => o.channel === pattern.channel && (o.colour === w || o.smell === w)));
        const given = words.filter(
          (w, i) =>
            i === 0 ||
            seen.some(
              (s) =>
                s.see.channel === pattern.channel && s.see.event === pattern.event && (s.see.colour === w || s.see.smell === w),
            ),
        );
        expect([t.id, pattern.channel, told]).toEqual([t.id, pattern.channel, expect.arrayContaining(given)]);
      }
    const heats = stepsOf(t, DEFAULT_RULES).some((s) => s.op.op === 'dry-heat' || s.op.op === 'charcoal');
    const all = [...form.lines, ...form.more].flatMap((l) => [...l.first, ...l.rest]);
    if (!heats && !t.watch.includes('bead')) expect(all.filter((c) => c.words.look !== undefined)).toEqual([]);
    if (!heats) expect(all.filter((c) => ['sublimed', 'decrepitated'].includes(c.words.event ?? ''))).toEqual([]);
    for (const o of nothingOf(form)) expect(sayAll([o])).toMatch(/^No |unchanged|clear|none/i);
  });

  test('what is still possible comes first', () => {
    const t = TESTS.find((x) => x.id === 'silver-acid')!;
    const yellow: Observation = { channel: 'precipitate', event: 'formed', colour: 'yellow' };
    const [line] = formOf(t, DEFAULT_RULES, [...seenIn(givenIn(t)), { see: yellow, weight: 1000 }]).lines;
    expect(line!.first[0]!.words).toEqual(yellow);
  });
});

test('what to look for: no line joins what looks different, and every suspect of a sign has one of its own', () => {
  let lines = 0;
  for (const t of TESTS) {
    const given = givenIn(t);
    const signs = ownSigns(t, given);
    lines += signs.length;
    const asked = new Set(t.signs?.flatMap((s) => s.of));
    expect([t.id, new Set(signs.flatMap((s) => s.of))]).toEqual([t.id, asked]);
    for (const line of signs)
      for (const id of line.of) {
        const mine = given.find((g) => g.suspect === id)?.outcomes ?? [];
        const shown = mine.filter((o) => t.signs!.some((s) => s.of.includes(id) && showsSign(o.see, s)));
        if (!shown.length) continue;
        const colours = line.see.map((o) => o.colour);
        // Some sample that holds it shows just these colours in just these channels.
        const so = shown.some((o) =>
          line.see.every((l, i) => o.see.some((x) => fits(x, { channel: l.channel } as never) && x.colour === colours[i])),
        );
        expect([t.id, id, line.text, so]).toEqual([t.id, id, line.text, true]);
      }
  }
  expect(lines).toBeGreaterThan(150);
});
