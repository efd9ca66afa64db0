import type { HouseRules } from '#core/scheme/rules';
import { saysWhatFollows } from '../src/places/bench/help';

type Kind = 'simulated' | 'real';
const SOME_SET = '8a4f0c1e-6f39-4a67-9d0b-0a7f0f4f2f11';

const says = (kind: Kind, help: HouseRules['help'], ownFirst: boolean, set: string | null): boolean =>
  saysWhatFollows({ rules: { help, ownFirst }, summary: { kind, set } });

test('what follows is said where the house lets it be said, and nowhere else', () => {
  const table = (['simulated', 'real'] as const).map((kind) =>
    (['none', 'signs', 'words'] as const).map((help) => says(kind, help, false, null)),
  );
  expect(table).toEqual([
    [false, false, true],
    [false, true, true],
  ]);
  for (const kind of ['simulated', 'real'] as const)
    for (const help of ['none', 'signs', 'words'] as const) {
      expect([kind, help, says(kind, help, true, null)]).toEqual([kind, help, false]);
      expect([kind, help, says(kind, help, false, SOME_SET)]).toEqual([kind, help, false]);
    }
});
