import type { ListedCase } from '#contract';
import { listed } from '../src/places/cases/listing';

const one = (name: string, more: Partial<ListedCase> = {}): ListedCase => ({
  id: name,
  createdAt: '2026-01-01T00:00:00Z',
  updatedAt: '2026-01-01T00:00:00Z',
  name,
  look: 'white powder',
  kind: 'simulated',
  matter: 'salt',
  entries: 0,
  left: 2,
  of: 3,
  unit: 'g',
  minutes: 0,
  hinted: [],
  status: 'open',
  concluded: false,
  takenIn: null,
  set: null,
  archived: false,
  ...more,
});
const CASES = [
  one('Jar 10', { updatedAt: '2026-03-01T00:00:00Z', look: 'blue-green crystals', hinted: ['Ni2+'], entries: 3 }),
  one('Jar 9', { updatedAt: '2026-04-01T00:00:00Z', concluded: true }),
  one('Phial 2', { matter: 'compound', createdAt: '2026-05-01T00:00:00Z' }),
  one('Jar 1', { archived: true }),
];
const names = (text: string, sort: 'worked' | 'begun' | 'name' = 'worked', archived = false) =>
  listed(CASES, { text, sort, archived }).map((c) => c.name);

test('cases are found by the beginnings of their words, in the order that is asked for', () => {
  expect(names('')).toEqual(['Jar 9', 'Jar 10', 'Phial 2']);
  expect(names('', 'begun')[0]).toBe('Phial 2');
  expect(names('', 'name')).toEqual(['Jar 9', 'Jar 10', 'Phial 2']);
  expect(names('green jar')).toEqual(['Jar 10']);
  expect(names('ni2')).toEqual(['Jar 10']);
  expect(names('prog')).toEqual(['Jar 10']);
  expect(names('compound')).toEqual(['Phial 2']);
  expect(names('reen')).toEqual([]);
  expect(names('', 'worked', true)).toEqual(['Jar 1']);
});
