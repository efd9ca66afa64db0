import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { infer } from '#core/reasoning/infer';
import { SaltSpace } from '#core/reasoning/space';
import { entriesOf } from '../core/test/records/record';
import { HARDER } from '../core/test/records/harder';
import { HARDER_COMPOUNDS } from '../core/test/records/harder-compounds';
const read = (n: string) => JSON.parse(gunzipSync(readFileSync(new URL(`../atlas/${n}.json.gz`, import.meta.url))).toString());
const atlas = read('atlas');
const spaces = new Map<string, any>();
const only = process.argv[2];
for (const r of HARDER) { if (only && !r.title.includes(only)) continue;
  try {
  if (!spaces.has(r.school!)) spaces.set(r.school!, new SaltSpace(atlas, rulesOfSchool(r.school!), { cations: 2, anions: 2 }));
  const t = Date.now(); const out = infer(spaces.get(r.school!), entriesOf(r), { least: 12, most: 40 });
  const ok = [...out.candidates[0]!.ions].sort().join() === [...r.truth].sort().join();
  const ruled = out.suspects.filter((s: any) => r.truth.includes(s.id) && s.state === 'ruled-out').map((s: any) => s.id);
  const wrong = out.suspects.filter((s: any) => !r.truth.includes(s.id) && s.state === 'confirmed').map((s: any) => s.id);
  const ind = out.suspects.filter((s: any) => !r.truth.includes(s.id) && s.state === 'indicated').map((s: any) => s.id);
  console.log(ok ? 'OK ' : '-- ', r.title, Date.now() - t, 'ms', ok ? '' : out.candidates.slice(0, 4).map((c: any) => c.ions.join('+') + ' ' + c.probability.toFixed(2)).join(' | '), ruled.length ? 'RULED ' + ruled : '', wrong.length ? 'WRONG ' + wrong : '', ind.length ? 'ind ' + ind : '', r.truth.map((i) => i + ' ' + out.suspects.find((s: any) => s.id === i)?.state).join(', '));
  if (process.argv[3]) for (const c of out.candidates.slice(0,2)) console.log(JSON.stringify(c.against?.slice?.(0,5)), JSON.stringify(c).slice(0,600));
  } catch (e) { console.log('!! ', r.title, String(e).slice(0, 200)); }
}
const lib = new CompoundSpace(read('compounds'));
for (const r of HARDER_COMPOUNDS) { if (only && !r.title.includes(only)) continue;
  try {
  const out = infer(lib, entriesOf(r));
  const place = out.candidates.findIndex((c: any) => c.name === r.name);
  const ruled = out.suspects.filter((s: any) => r.truth.includes(s.id) && (s.state === 'ruled-out' || s.probability < 0.5)).map((s: any) => s.id + ' ' + s.probability.toFixed(2));
  const wrong = out.suspects.filter((s: any) => !r.truth.includes(s.id) && s.state === 'confirmed').map((s: any) => s.id);
  console.log(place >= 0 && place < 3 ? 'OK ' : '-- ', r.title, place, out.candidates.slice(0, 4).map((c: any) => c.name + ' ' + c.probability.toFixed(2)).join(' | '), ruled.length ? 'LOW ' + ruled : '', wrong.length ? 'conf ' + wrong : '');
  } catch (e) { console.log('!! ', r.title, String(e).slice(0, 200)); }
}
