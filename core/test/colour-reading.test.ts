import { formatHex, parse, type Rgb } from 'culori';
import { DAYLIGHT, photograph, someLighting, SPOT_RADIUS } from '#core/senses/camera';
import { LIQUID_WORDS, liquidWord, sampleOf, SOLID_WORDS, solidWord } from '#core/senses/colour';
import { lightAt, readColour } from '#core/senses/colour-reading';
import type { Drawing } from '#core/senses/drawn';
import { seeded } from '#core/reasoning/student';
import type { Colour } from '#core/vocabulary/words';

const EMPTY: Drawing = { mL: 3, droplets: false, bubbles: 0, text: '' };
const solidTube = (hex: string): Drawing => ({
  ...EMPTY,
  liquid: { hex: '#ffffff', cloudy: false },
  solid: { hex, texture: 'fine', fill: 0.3, hanging: false },
});
const liquidTube = (hex: string): Drawing => ({ ...EMPTY, liquid: { hex, cloudy: false } });

/** Colours around those that the words stand for, as far off as one precipitate is from the next. */
const JITTER = 9;
function coloursOf(of: 'solid' | 'liquid', random: () => number): string[] {
  const samples =
    of === 'solid'
      ? Object.entries(SOLID_WORDS).flatMap(([w, hex]) => (w === 'silver' ? [] : [hex]))
      : Object.values(LIQUID_WORDS).flat();
  const near = (hex: string) => {
    const { r, g, b } = parse(hex) as Rgb;
    const moved = (v: number) => Math.min(1, Math.max(0, v + ((random() - 0.5) * 2 * JITTER) / 255));
    return formatHex({ mode: 'rgb', r: moved(r), g: moved(g), b: moved(b) });
  };
  return samples.map(near);
}

/** How often the first word is that of the colour itself, and one of the first two; shares of all photos. */
function measured(of: 'solid' | 'liquid', corrected: boolean) {
  const random = seeded(20261126);
  const seen = coloursOf(of, random).map((hex) => {
    const shot = photograph(of === 'solid' ? solidTube(hex) : liquidTube(hex), someLighting(random), random);
    const patch = lightAt(shot, (of === 'solid' ? shot.solid : shot.liquid)!, SPOT_RADIUS);
    const card = corrected ? lightAt(shot, shot.card, SPOT_RADIUS) : ([0.5, 0.5, 0.5] as const);
    const reading = readColour({ patch, card, of });
    if (!reading.known) throw new Error(reading.why);
    const word = of === 'solid' ? solidWord(hex) : liquidWord(hex);
    return reading.words.findIndex((w) => w.word === word);
  });
  const share = (most: number) => seen.filter((at) => at >= 0 && at < most).length / seen.length;
  return { first: share(1), either: share(2) };
}

const withCard = { solid: measured('solid', true), liquid: measured('liquid', true) };

test.each(['solid', 'liquid'] as const)('a %s before a white card is called by its word in most lights', (of) => {
  const { first, either } = withCard[of];
  expect(first).toBeGreaterThanOrEqual(0.85);
  expect(either).toBeGreaterThanOrEqual(0.97);
});

test('an uncorrected guess is worse, which is why none is given without a card', () => {
  expect(measured('solid', false).first).toBeLessThan(withCard.solid.first - 0.08);
});

test('silver halides are told apart under a warm lamp: white, cream, yellow', () => {
  const lamp = { ...DAYLIGHT, tint: [1.25, 1, 0.7] as const, across: 0.2, noise: 0.01, exposure: 0.5 };
  const halides: Colour[] = ['white', 'cream', 'pale-yellow'];
  for (const word of halides) {
    const shot = photograph(solidTube(sampleOf(word)!), lamp, seeded(5));
    const reading = readColour({
      patch: lightAt(shot, shot.solid!, SPOT_RADIUS),
      card: lightAt(shot, shot.card, SPOT_RADIUS),
      of: 'solid',
      expected: halides,
    });
    expect(reading).toMatchObject({ known: true, expected: [{ word }, {}, {}] });
  }
});

test('without a card, or with one that cannot be measured, nothing is said', () => {
  const patch = [0.4, 0.4, 0.3] as const;
  expect(readColour({ patch, card: null, of: 'solid' })).toMatchObject({
    known: false,
    why: expect.stringMatching(/white card/),
  });
  expect(readColour({ patch, card: [0.01, 0.02, 0.01], of: 'solid' })).toMatchObject({
    known: false,
    why: expect.stringMatching(/dark/),
  });
  expect(readColour({ patch, card: [1, 1, 0.9], of: 'solid' })).toMatchObject({
    known: false,
    why: expect.stringMatching(/bright/),
  });
});
