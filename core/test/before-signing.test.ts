import { beforeSigning, bearingOn, type Claim, formulaAgainst, type Standing } from '#core/reasoning/before-signing';

const stands = (id: string, state: Standing['state'], ...because: [entry: number, decibans: number][]): Standing => ({
  id,
  state,
  because: because.map(([entry, decibans]) => ({ entry, decibans })),
});
const claims = (ion: string, evidence: readonly number[], claim: Claim['claim'] = 'confirmed'): Claim => ({
  ion,
  claim,
  evidence,
});

const SUSPECTS = [
  stands('Ni2+', 'confirmed', [1, 15], [4, -2], [5, 20]),
  stands('SO4^2-', 'indicated', [2, 12]),
  stands('Cl-', 'ruled-out', [3, -14]),
  stands('K+', 'hinted', [6, 8]),
];
const about = (list: readonly Claim[], conflicts: readonly { text: string }[] = []) =>
  beforeSigning({ claims: list, suspects: SUSPECTS, conflicts, entries: [1, 2, 3, 4, 5, 6] });

test('a report that hangs together is left alone', () => {
  const whole = [claims('Ni2+', [1, 5]), claims('SO4^2-', [2], 'may-be-present'), claims('K+', [6], 'may-be-present')];
  expect(about(whole)).toEqual([]);
  expect(formulaAgainst('NiSO4·6H2O', whole)).toEqual([]);
});

test('what is left unexplained, claimed too early or against the record is said', () => {
  expect(about([claims('Ni2+', [1, 5])])).toEqual([
    'sulfate is indicated by the record, and not in the report',
    'entries 2, 6 point to something that the report does not claim',
  ]);
  expect(about([claims('Ni2+', [4]), claims('SO4^2-', [2]), claims('K+', [6]), claims('Cl-', [3])])).toEqual([
    'nothing in entry 4 speaks much for nickel(II)',
    'sulfate is claimed as present; so far it is indicated',
    'potassium is claimed as present; so far it is hinted',
    'chloride is claimed, and the record rules it out',
  ]);
  expect(about([claims('Ni2+', [5])], [{ text: 'Entry 3 does not go with entry 2.' }])[0]).toMatch(
    /^A conflict is open: Entry 3/,
  );
  expect(bearingOn(SUSPECTS[0]!).map((b) => b.entry)).toEqual([5, 1, 4]);
});

test('a formula is held against the ions that are claimed', () => {
  const found = [claims('Ni2+', [1]), claims('Cl-', [2])];
  expect(formulaAgainst('NiSO4·6H2O', found)).toEqual([
    'the formula holds sulfate, which is not among what you found',
    'chloride is claimed as present and is not in the formula',
  ]);
  expect(formulaAgainst('NiSO4, KCl', [...found, claims('K+', [3]), claims('SO4^2-', [4])])).toEqual([]);
  expect(formulaAgainst('', found)).toEqual([]);
  expect(formulaAgainst('Qq3', found)[0]).toMatch(/Qq3/);
});
