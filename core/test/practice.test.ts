import difficulties from '#difficulty' with { type: 'json' };
import { loadAtlas, loadCompounds } from '#atlas';
import { branch } from '#core/practice/branch';
import { FAULTS } from '#core/practice/data/faults';
import { SKILL_IDS, type SkillId } from '#core/practice/data/skills';
import { type Answering, rightOf, scoreOf } from '#core/practice/drill';
import { drillOf } from '#core/practice/drills/drills';
import { ladder } from '#core/practice/graded';
import { type Difficulties, judgeAnswer } from '#core/practice/rung';
import { answered, nextSkill, type Skills, standingOf } from '#core/practice/learning';
import { techniqueOf } from '#core/practice/technique';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { isElement } from '#core/reasoning/kinds';
import { difficultyOf } from '#core/reasoning/difficulty';
import { hardness } from '#core/reasoning/hardness';
import { solve } from '#core/reasoning/solve';
import { SaltSpace } from '#core/reasoning/space';
import { seeded, student } from '#core/reasoning/student';
import type { Subject } from '#core/record/working';
import { CaseAtWork, salt } from './casework';

const TABLE = difficulties as unknown as Difficulties;
const sampleIn = (subject: Subject) => ('sample' in subject ? subject.sample : { salts: [] });
const DAY = 24 * 3600e3;

test('every drill can be drawn again and again: never the same at once, one answer right, none worth more', () => {
  const random = seeded(11);
  for (const skill of SKILL_IDS) {
    let before: string | undefined;
    const keys = new Set<string>();
    for (let i = 0; i < 6; i++) {
      const drill = drillOf(skill, random, before);
      expect(drill.key).not.toBe(before);
      keys.add((before = drill.key));
      expect(drill.why).not.toBe('');
      const { answering } = drill;
      if (answering.by === 'number') {
        expect(scoreOf(drill, answering.right)).toBe(1);
        expect(scoreOf(drill, answering.right * 1.05)).toBe(0.5);
        expect(scoreOf(drill, answering.right * 2)).toBe(0);
        continue;
      }
      const credits = answering.choices.map((c) => scoreOf(drill, c.id));
      expect([skill, credits.filter((c) => c === 1).length]).toEqual([skill, 1]);
      expect(Math.min(...credits)).toBeGreaterThanOrEqual(0);
      expect(scoreOf(drill, 'nothing of the kind')).toBe(0);
    }
    expect([skill, keys.size >= 3]).toEqual([skill, true]);
  }
});

test('drills say what textbooks say', () => {
  const random = seeded(5);
  const wanted: Readonly<Record<string, readonly [SkillId, RegExp, RegExp]>> = {
    'AgCl is white': ['precipitate-colour', /Cl.* with silver nitrate/, /white/],
    'zinc dissolves in sodium hydroxide': ['dissolving', /^Zn.* with sodium hydroxide/, /dissolved/],
    'magnesium does not': ['dissolving', /^Mg.* with sodium hydroxide/, /^(?!.*dissolved).*$/],
    'carbon dioxide clouds lime water': ['gas', /carbon dioxide.*lime water/, /lime water turned cloudy/],
    'hydrogen sulfide blackens lead paper': ['gas', /hydrogen sulfide.*lead/, /lead acetate turned (black|dark brown|brown)/],
    'strontium is crimson': ['flame', /It is strontium/, /crimson/],
    'nickel is green': ['liquid-colour', /solution of Ni/, /green/],
  };
  for (const [what, [skill, which, says]] of Object.entries(wanted)) {
    let why = '';
    for (let i = 0; i < 500 && !which.test(why); i++) why = drillOf(skill, random).why;
    expect([what, which.test(why), says.test(why)]).toEqual([what, true, true]);
  }
});

test('a near miss of a colour costs less than a gross one', () => {
  const random = seeded(3);
  const choicesOf = (a: Answering) => (a.by === 'number' ? [] : a.choices);
  let drill = drillOf('precipitate-colour', random);
  while (rightOf(drill) !== 'pale yellow' && rightOf(drill) !== 'cream') drill = drillOf('precipitate-colour', random);
  const credit = (label: string) => choicesOf(drill.answering).find((c) => c.label === label)?.credit;
  const near = credit(rightOf(drill) === 'cream' ? 'pale yellow' : 'cream') ?? credit('off white');
  expect(near).toBeGreaterThan(0);
  expect(near).toBeLessThan(1);
});

/** A learner who is good at everything but one skill until a day on which it was learnt. */
function fortnight(weak: SkillId, learnt: number): { readonly byDay: readonly Skills[]; readonly asked: readonly SkillId[][] } {
  const random = seeded(2);
  let skills: Skills = {};
  const byDay: Skills[] = [];
  const asked: SkillId[][] = [];
  for (let day = 0; day < 14; day++) {
    const today: SkillId[] = [];
    for (let i = 0; i < 25; i++) {
      const now = new Date(Date.UTC(2026, 0, 1) + day * DAY + i * 24e3);
      const skill = nextSkill(skills, now, today.at(-1));
      const good = skill === weak && day < learnt ? 0.2 : 0.95;
      skills = answered(skills, skill, String(i), random() < good ? 1 : 0, now);
      today.push(skill);
    }
    byDay.push(skills);
    asked.push(today);
  }
  return { byDay, asked };
}

test('in a fortnight the map of skills shows what is shaky, asks for it most, and sees it become steady', () => {
  const { byDay, asked } = fortnight('flame', 7);
  expect(standingOf(byDay[6]!.flame)).toBe('shaky');
  expect(Object.keys(byDay[0]!).length).toBeGreaterThanOrEqual(10);
  const firstWeek = asked.slice(0, 7).flat();
  const times = (skill: SkillId) => firstWeek.filter((s) => s === skill).length;
  const others = SKILL_IDS.filter((s) => s !== 'flame').map(times);
  expect(times('flame')).toBeGreaterThan(Math.max(...others));
  const last = byDay[13]!;
  expect(standingOf(last.flame)).not.toBe('shaky');
  expect(SKILL_IDS.filter((s) => standingOf(last[s]) === 'steady').length).toBeGreaterThanOrEqual(10);
  // From the device's storage dates come back as text.
  const stored = JSON.parse(JSON.stringify(last)) as Skills;
  expect(nextSkill(stored, new Date(Date.UTC(2026, 0, 16)))).toBe(nextSkill(last, new Date(Date.UTC(2026, 0, 16))));
  for (const today of asked) for (const [i, skill] of today.entries()) expect(skill).not.toBe(today[i - 1]);
});

test('the difficulties that are kept are those that are computed', async () => {
  const space = new SaltSpace(await loadAtlas(), rulesOfSchool('no-sulfide'), { cations: 1, anions: 1 });
  for (const name of ['NaCl', 'Mg3(BO3)2', 'K3Fe(CN)6']) {
    const m = space.members.findIndex((_, i) => space.called(i) === name);
    expect([name, difficultyOf(space, m)]).toEqual([name, TABLE[name]]);
  }
});

test('every rung is harder than the one before, and a student who reads as students do gets through the salts in order', async () => {
  const rungs = ladder(TABLE);
  const mean = (r: (typeof rungs)[number]) => r.samples.reduce((sum, s) => sum + hardness(s.difficulty), 0) / r.samples.length;
  expect(rungs.map((r) => [r.id, r.samples.length >= 3])).toEqual(rungs.map((r) => [r.id, true]));
  const salts = rungs.slice(0, 5);
  const compounds = rungs.slice(5);
  for (const ladderOf of [salts, compounds])
    for (const [i, rung] of ladderOf.entries()) if (i) expect(mean(rung)).toBeGreaterThan(mean(ladderOf[i - 1]!));

  const space = new SaltSpace(await loadAtlas(), rulesOfSchool('no-sulfide'), { cations: 1, anions: 1 });
  for (const [i, rung] of salts.slice(0, 3).entries()) {
    const passed = rung.samples.slice(0, 2).some(({ sample, truth }, n) => {
      const { found } = solve(space, sample, 'systematic', student(seeded(40 + 10 * i + n)));
      return judgeAnswer(truth, found).passed;
    });
    expect([rung.id, passed]).toEqual([rung.id, true]);
  }
  const library = new CompoundSpace(await loadCompounds());
  for (const [i, rung] of compounds.slice(0, 2).entries()) {
    const passed = rung.samples.slice(0, 2).some(({ sample, truth }, n) => {
      const { inference } = solve(library, sample, 'systematic', student(seeded(90 + 10 * i + n)));
      const likely = inference.suspects.filter((s) => s.probability >= 0.5 && isElement(s.id)).map((s) => s.id);
      return judgeAnswer(truth, likely).passed;
    });
    expect([rung.id, passed]).toEqual([rung.id, true]);
  }
});

test('what if: dry paper held damp turns blue, a dirty wire cleaned lets violet show, and the case is as it was', () => {
  const dry = new CaseAtWork(salt('NH4Cl')).work(
    { op: 'take-solid', to: 'A', grams: 0.1 },
    { op: 'add', to: 'A', reagent: 'sodium-hydroxide-2M', mL: 1 },
    { op: 'heat', vessel: 'A', to: 'warm', minutes: 2 },
    { op: 'paper', vessel: 'A', paper: 'red-litmus', where: 'mouth', damp: false },
  );
  const before = JSON.stringify(dry.state);
  const [fault] = techniqueOf(dry.state);
  expect(FAULTS[fault!.kind].name).toBe('Dry paper at the mouth');
  const [step] = branch(sampleIn(salt('NH4Cl')), dry.state, fault!.well!);
  expect([step!.own.seen, step!.other[0]!.seen]).toEqual([['red litmus unchanged'], ['red litmus turned blue']]);
  expect(JSON.stringify(dry.state)).toBe(before);

  const wire = new CaseAtWork(salt('KCl')).work({ op: 'flame', from: 'sample', wire: 'dirty' });
  const [burnt] = branch(sampleIn(salt('KCl')), wire.state, techniqueOf(wire.state)[0]!.well!);
  expect(burnt!.own.seen.join()).toContain('yellow');
  expect(burnt!.other[0]!.seen.join()).not.toContain('yellow');
});

test('what if: an operation left out, done otherwise, or one that cannot be, with all that follows', () => {
  const at = new CaseAtWork(salt('AgNO3')).work(
    { op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 },
    { op: 'take', to: 'A', from: 'S', mL: 1 },
    { op: 'add', to: 'A', reagent: 'hydrochloric-acid-2M', drops: 4 },
    { op: 'add', to: 'A', reagent: 'ammonia-6M', mL: 1 },
  );
  const acid = at.state.operations[2]!.seq;
  const sample = sampleIn(salt('AgNO3'));
  const [left, after] = branch(sample, at.state, { [acid]: [] });
  expect(left!.own.seen.join()).toContain('white precipitate');
  expect(left!.other).toEqual([]);
  expect(after!.own.seen.join()).toContain('dissolved');
  expect(after!.other[0]!.seen.join()).not.toContain('dissolved');
  const [iodide] = branch(sample, at.state, { [acid]: [{ op: 'add', to: 'A', reagent: 'potassium-iodide-0.1M', drops: 4 }] });
  expect(iodide!.other[0]!.seen.join()).toMatch(/yellow precipitate/);
  const bottle = { [acid]: [{ op: 'add' as const, to: 'A', reagent: 'no-such-bottle', drops: 1 }] };
  expect(branch(sample, at.state, bottle)[0]!.other[0]!.refused).toContain('no-such-bottle');
  const [refused] = branch(sample, at.state, { [acid]: [{ op: 'decant', from: 'Q', to: 'B' }] });
  expect(refused!.other[0]!.refused).toContain('Q');
  expect(() => branch(sample, at.state, { 999: [] })).toThrow('no such operation');
});
