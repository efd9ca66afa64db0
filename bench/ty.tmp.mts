import { testsOf } from '#core/scheme/tests';
import { LIBRARY } from '#core/organic/library';
import { holdingsOf } from '#core/organic/structure';
const T = testsOf('organic');
for (const t of T)
  console.log(
    t.id,
    '|',
    typeof t.station === 'string' ? t.station : t.station.organic,
    '|',
    (t.signs ?? []).map((s: any) => s.of.join('+') + (s.proves ? '!' : '')).join(' ; '),
    t.closes ? 'CLOSES' : '',
  );
const tested = new Set(T.flatMap((t) => t.signs?.flatMap((s) => s.of) ?? []));
console.log(tested.size, [...tested].join(' '));
const n = new Map<string, number>();
const sets = new Map<string, number>();
for (const l of LIBRARY) {
  const h = holdingsOf(l.smiles);
  for (const x of h) n.set(x, (n.get(x) ?? 0) + 1);
  const k = h
    .filter((x) => tested.has(x) && x.length > 2)
    .sort()
    .join(' ');
  sets.set(k, (sets.get(k) ?? 0) + 1);
}
console.log(LIBRARY.length, [...n].map((x) => x.join(':')).join(' '));
console.log(
  sets.size,
  Math.max(...[...sets.keys()].map((k) => k.split(' ').length)),
  [...sets]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 60)
    .map((x) => x.join(':'))
    .join(' | '),
);
