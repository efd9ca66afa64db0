import { find, KINDS } from '#core/finding/find';
import { TESTS } from '#core/scheme/tests';
import { QUERIES } from './find.queries';

const queries = QUERIES.trim()
  .split('\n')
  .map((line) => line.split('|') as [typed: string, meant: string]);

const FIRST = 5;

test('what people type finds what they mean among the first five', () => {
  const missed = queries.filter(([typed, meant]) => !find(typed, FIRST).some(({ kind, id }) => `${kind}:${id}` === meant));
  expect({ n: queries.length, missed: missed.length <= 0.03 * queries.length ? [] : missed }).toEqual({
    n: expect.any(Number) as number,
    missed: [],
  });
  expect(queries.length).toBeGreaterThanOrEqual(200);
});

test('every test is the first to be found by its title, in capitals and with a letter wrong too', () => {
  const titles = new Map(TESTS.map((t) => [t.title, t]));
  for (const title of titles.keys()) {
    expect(find(title, 1)[0]).toMatchObject({ kind: 'test', title });
    expect(find(title.toUpperCase(), 1)[0]).toMatchObject({ title });
    const wrong = title.replace(/([a-z]{3})[a-z]([a-z]{4})/, '$1$2');
    expect(find(wrong, FIRST).map((f) => f.title)).toContain(title);
  }
});

test('only the kinds that are asked for; nothing for nothing', () => {
  for (const kind of KINDS)
    for (const found of find('silver nitrate acid alcohol practice chlorine', 40, [kind])) expect(found.kind).toBe(kind);
  for (const words of ['', '  ', '…', 'xqzvwk']) expect(find(words)).toEqual([]);
});
