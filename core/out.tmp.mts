import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { SaltSpace } from '#core/reasoning/space';
const read = (n: string) => JSON.parse(gunzipSync(readFileSync(new URL(`../atlas/${n}.json.gz`, import.meta.url))).toString());
const [school, set, ...tests] = process.argv.slice(2);
const space: any = new SaltSpace(read('atlas'), rulesOfSchool(school as any), { cations: 2, anions: 2 });
const want = set!.split('+').map((x) => x.replace('/', '+')).sort().join();
const m = space.members.findIndex((m: any) => [...m.holds].sort().join() === want);
console.log(space.members[m]);
for (const t of tests) { console.log('##', t); for (const c of space.shows(m, t)) console.log(JSON.stringify(c).slice(0, 700)); }
