/** Drills judged by rules written apart from them: one answer that what is shown decides, and right by equivalents. */
import { parseSalt } from '#core/matter/salts';
import { type Drill, rightOf } from '#core/practice/drill';
import { drillOf } from '#core/practice/drills/drills';
import type { SkillId } from '#core/practice/data/skills';
import { lab } from '#core/senses/colour';
import { seeded } from '#core/reasoning/student';

function rounds(skill: SkillId, count: number): Drill[] {
  const random = seeded(31);
  const out: Drill[] = [];
  for (let i = 0; i < count; i++) out.push(drillOf(skill, random, out.at(-1)?.key));
  return out;
}

/** Euclid's distance in OKLab; a trained eye tells about 0.02 side by side (Ottosson, 2020). */
function apart(a: string, b: string): number {
  const [p, q] = [lab(a), lab(b)];
  return Math.hypot(p.l - q.l, p.a - q.a, p.b - q.b);
}

const optionsOf = ({ answering }: Drill) => (answering.by === 'number' ? [] : answering.choices.map((c) => c.label));

test('lithium and strontium, which look the same in a flame, are one answer; every other metal is one by itself', () => {
  for (const drill of rounds('flame', 60)) {
    const options = optionsOf(drill);
    expect(options).toContain('lithium or strontium');
    expect(options.some((o) => o === 'lithium' || o === 'strontium')).toBe(false);
    const metal = /It is (\w+)/.exec(drill.why)![1]!;
    expect(rightOf(drill).split(' or ')).toContain(metal);
    if (/ or /.test(rightOf(drill))) expect(drill.why).toMatch(/would look the same; a second test/);
  }
});

/** mol/L of base in the bottles that dissolve precipitates. */
const STRENGTH: Readonly<Record<string, number>> = { 'sodium hydroxide, 2 M': 2, 'ammonia, 6 M': 6 };
const CHARGE = /(?:\^?(\d)?\+)$/;

test('too little was added is right below what the metal alone takes, and never where there is an excess', () => {
  const all = rounds('dissolving', 60);
  expect(all.filter((d) => /Too little/.test(rightOf(d))).length).toBeGreaterThan(5);
  for (const drill of all) {
    const salt = /^(\S+?):? /.exec(drill.why)![1]!;
    const strength = Object.entries(STRENGTH).find(([name]) => drill.ask.includes(name))![1];
    const drops = Number(/After (\d+) drops/.exec(drill.exhibits[1]!.caption)![1]);
    // A millilitre of 0.3 g in 15 mL; the metal of the highest charge.
    const { ions, molarMass } = parseSalt(salt);
    const charge = Math.max(
      ...Object.entries(ions).map(([id, n]) => (id.endsWith('+') ? n * Number(CHARGE.exec(id)?.[1] ?? 1) : 0)),
    );
    const equivalents = (strength * drops * 0.05e-3) / ((0.02 / molarMass) * charge);
    if (/Too little/.test(rightOf(drill))) expect([salt, equivalents < 1.5]).toEqual([salt, true]);
    else expect([salt, equivalents > 5]).toEqual([salt, true]);
  }
});

test('of two tubes that look the same neither is asked for', () => {
  for (const drill of rounds('find-colour', 40)) {
    const right = drill.exhibits.find((e) => e.caption === rightOf(drill))!;
    for (const other of drill.exhibits) {
      if (other === right) continue;
      expect([drill.why, apart(right.drawing!.solid!.hex, other.drawing!.solid!.hex) > 0.02]).toEqual([drill.why, true]);
    }
  }
});

test('no word is offered beside the right one that says what looks the same', () => {
  for (const drill of rounds('precipitate-colour', 60)) {
    const [right, options] = [rightOf(drill), optionsOf(drill)];
    if (right === 'off white') for (const same of ['white', 'cream']) expect(options).not.toContain(same);
    if (right === 'white' || right === 'cream') expect(options).not.toContain('off white');
  }
});

test('the blank and the sample are either the same, or differ so that it is seen', () => {
  for (const drill of rounds('blank', 40)) {
    const [sample, blank] = drill.exhibits.map((e) => e.drawing!);
    const same = JSON.stringify([sample!.liquid, sample!.solid]) === JSON.stringify([blank!.liquid, blank!.solid]);
    const differ =
      !!sample!.solid !== !!blank!.solid ||
      sample!.liquid?.cloudy !== blank!.liquid?.cloudy ||
      (!!sample!.liquid && !!blank!.liquid && apart(sample!.liquid.hex, blank!.liquid.hex) > 0.02) ||
      (!!sample!.solid && !!blank!.solid && apart(sample!.solid.hex, blank!.solid.hex) > 0.02);
    expect([drill.why, /own/.test(rightOf(drill)) ? same : differ]).toEqual([drill.why, true]);
  }
});
