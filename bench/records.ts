/**
 * The records that were written by hand from textbooks, judged: how many are right, and whether anything true is ruled out or
 * anything else confirmed. `./foxing bench records`; two to three minutes.
 */
import { loadAtlas, loadCompounds } from '#atlas';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { isElement } from '#core/reasoning/kinds';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { SCHOOLS } from '#core/scheme/model';
import { settled } from '../cli/src/reason';
import { entriesOf, isRight, type Written } from '../core/test/records/record';
import { RECORDS } from '../core/test/records/sets';

const TOP = 3;
const say = (line: string) => process.stdout.write(`${line}\n`);

export async function benchRecords(): Promise<number> {
  const atlas = await loadAtlas((line) => process.stderr.write(`${line}\n`));
  const spaces = new Map<string | undefined, Space>(
    SCHOOLS.map((s) => [s, new SaltSpace(atlas, rulesOfSchool(s), { cations: 2, anions: 2 })]),
  );
  spaces.set(undefined, new CompoundSpace(await loadCompounds()));
  for (const [set, records] of Object.entries<readonly Written[]>(RECORDS)) {
    let [right, among, ruledOut, confirmed] = [0, 0, 0, 0];
    const missed: string[] = [];
    const times: number[] = [];
    for (const record of records) {
      const start = performance.now();
      const { candidates, suspects } = settled(spaces.get(record.school)!, entriesOf(record), start);
      times.push(performance.now() - start);
      if (isRight(record, candidates[0]!)) right++;
      else missed.push(record.title);
      if (candidates.slice(0, TOP).some((c) => isRight(record, c))) among++;
      if (suspects.some(({ id, state }) => state === 'ruled-out' && record.truth.includes(id))) ruledOut++;
      if (
        suspects.some(({ id, state }) => state === 'confirmed' && !record.truth.includes(id) && (record.school || isElement(id)))
      )
        confirmed++;
    }
    const median = times.sort((a, b) => a - b)[times.length >> 1]!;
    say(
      `${set}: ${right} of ${records.length} right, ${among} among ${TOP}; in ${ruledOut} something true ruled out, in ${confirmed} ` +
        `something else confirmed; ${median.toFixed(0)} ms in the middle${missed.length ? `; not first: ${missed.join('; ')}` : ''}`,
    );
  }
  return 0;
}
