import { readFileSync, readdirSync } from 'node:fs';
import { loadAtlas, loadCompounds } from '#atlas';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { usable, watched } from '#core/reasoning/entries';
import { evidenceOf, isUnexplained } from '#core/reasoning/evidence';
import { infer } from '#core/reasoning/infer';
import { parseRecord } from '#core/reasoning/record';
import { SaltSpace } from '#core/reasoning/space';
const [id, ...names] = process.argv.slice(2);
const dir = '/work/shared/records/';
const test = JSON.parse(readFileSync(dir + readdirSync(dir).find((f) => f.startsWith(id!))!, 'utf8'));
const record = parseRecord(test.record);
const space = record.kind === 'compound' ? new CompoundSpace(await loadCompounds()) : new SaltSpace(await loadAtlas(), rulesOfSchool(record.school), record.limits);
const until = Date.now() + 4000;
const inf = infer(space, record.entries, { least: 20, most: 60, stopped: () => Date.now() > until });
console.log(test.title, inf.candidates.slice(0, 5).map((c) => `${c.name ?? c.ions.join(' ')} ${c.probability.toFixed(3)} against ${c.against}`));
console.log(inf.conflicts.map((c) => `${c.entry} [${c.ions}] ${c.against}`), inf.suspects.filter((s) => s.state !== 'open' && s.state !== 'ruled-out').map((s) => `${s.id} ${s.state} ${s.probability.toFixed(2)}`));
const { used } = usable(space, record.entries);
const w = evidenceOf(space, used, { least: 20, most: 60, stopped: () => Date.now() > until + 4000 });
const total = (m: number) => w.evidence.reduce((s, e) => s + e.ln[m]!, space.lnPrior[m]!);
const order = Array.from(space.lnPrior.keys()).sort((a, b) => total(b) - total(a));
const wanted = [...names.flatMap((n) => order.filter((m) => space.called(m) === n || space.members[m]!.holds.join(' ') === n).slice(0, 1)), ...order.slice(0, 4)];
for (const m of wanted) {
  console.log('\n', space.called(m), space.members[m]!.holds.join(' '), 'prior', space.lnPrior[m]!.toFixed(1), 'total', total(m).toFixed(1), w.simulated.has(m) ? 'simulated' : '');
  for (const e of w.evidence) console.log('   ', e.entry.test.padEnd(22), e.ln[m]!.toFixed(1), isUnexplained(e, m) ? 'X' : ' ', 'p', e.p[m]!.toExponential(1), 'any', e.anyhow.toExponential(1), '|', watched(e.entry).map((o) => Object.values(o).join(' ')).join('; '), '<=', space.outline(m, e.entry.test).map((o) => Object.values(o).join(' ')).join('; '));
}
