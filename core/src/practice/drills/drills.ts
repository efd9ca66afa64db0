/** All drills, by their skill. */
import type { SkillId } from '../data/skills';
import type { Drill, Maker, Random } from '../drill';
import { dilution, drops, portions } from './arithmetic';
import { findColour, liquidColour, precipitateColour } from './colours';
import { flame, gas, justBasic } from './held-up';
import { enough, nextTest } from './judgement';
import { blank, dissolving, form } from './tubes';

const MAKERS: Readonly<Record<SkillId, Maker>> = {
  'precipitate-colour': precipitateColour,
  'liquid-colour': liquidColour,
  'find-colour': findColour,
  form,
  dissolving,
  blank,
  'just-basic': justBasic,
  gas,
  flame,
  'next-test': nextTest,
  enough,
  drops,
  dilution,
  portions,
};

const DRAWS = 400;

/**
 * Works out a drill of a skill.
 * @param before the key of the last drill of this skill, which does not come again at once.
 * @throws Error when nothing came of many draws.
 */
export function drillOf(skill: SkillId, random: Random, before?: string): Drill {
  for (let i = 0; i < DRAWS; i++) {
    const drill = MAKERS[skill](random);
    if (drill && drill.key !== before) return drill;
  }
  throw new Error(`no drill of ${skill} could be worked out`);
}
