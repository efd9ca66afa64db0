import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { evidenceOf } from '#core/reasoning/evidence';
import { SaltSpace } from '#core/reasoning/space';
import { usable } from '#core/reasoning/entries';
import { entriesOf } from './test/records/record';
import { HARDER as H } from './test/records/harder';
import { MIXTURES } from './test/records/mixtures';
const HARDER = [...H, ...MIXTURES];
const read = (n: string) => JSON.parse(gunzipSync(readFileSync(new URL(`../atlas/${n}.json.gz`, import.meta.url))).toString());
const [title, ...sets] = process.argv.slice(2);
const r = HARDER.find((x) => x.title.includes(title!))!;
const space: any = new SaltSpace(read('atlas'), rulesOfSchool(r.school!), { cations: 2, anions: 2 });
const w = evidenceOf(space, usable(space, entriesOf(r)).used, { least: 12, most: 40 });
for (const set of sets) {
  const want = set.split('+').map((x) => x.replace('/', '+')).sort().join();
  const ids: number[] = []; space.members.forEach((m: any, i: number) => { if ([...m.holds].sort().join() === want) ids.push(i); });
  const total = (i: number) => space.lnPrior[i] + w.evidence.reduce((a, e) => a + e.ln[i]!, 0);
  ids.sort((a, b) => total(b) - total(a));
  for (const i of ids.slice(0, 2)) console.log(want, space.members[i].name ?? JSON.stringify(space.members[i]).slice(0, 120), 'prior', space.lnPrior[i].toFixed(1), 'total', total(i).toFixed(1), w.simulated.has(i) ? 'sim' : 'rough', w.evidence.map((e) => e.entry.test + ' ' + e.ln[i]!.toFixed(1)).join(', '));
}
console.log('anyhow', w.evidence.map((e) => e.entry.test + ' ' + Math.log(e.anyhow).toFixed(1) + '/' + e.mishap).join(', '));
