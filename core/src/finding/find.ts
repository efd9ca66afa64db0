/** Whatever has a name, found by any of its names: tests, ions, elements, functional groups, bottles, compounds and places. */
import MiniSearch from 'minisearch';
import { ION_NAMES as IONS } from '../matter/data/components';
import { REAGENTS } from '../matter/data/reagents';
import { GROUPS, TESTED_ELEMENTS } from '../organic/data/features';
import { LIBRARY_ROWS } from '../organic/data/library';
import { stationOf, STATIONS, TESTS } from '../scheme/tests';
import type { Scheme } from '../scheme/model';
import { nameOf } from '../senses/names';
import { COMPOUND_NAMES, ELEMENT_NAMES, GROUP_NAMES, ION_NAMES, PLACE_NAMES, REAGENT_NAMES } from './data/other-names';
import { TEST_NAMES } from './data/test-names';
import { tellingWords, wordsOf } from './words';

export const KINDS = ['test', 'ion', 'element', 'group', 'reagent', 'compound', 'place'] as const;
export type Kind = (typeof KINDS)[number];

export interface Found {
  readonly kind: Kind;
  readonly id: string;
  readonly title: string;
}

interface Entry extends Found {
  /** Everything that it is called, its title first. */
  readonly names: readonly string[];
  /** What else is said of it. */
  readonly about: string;
}

type Names = ReadonlyMap<string, readonly string[]>;

function table(rows: string): Names {
  return new Map(
    rows
      .trim()
      .split('\n')
      .map((row) => {
        const [id, names] = row.split('|') as [string, string];
        return [id, names.split(';').map((name) => name.trim())];
      }),
  );
}

const testNames = table(TEST_NAMES);

/** Other names of a standard test, as manuals have them. */
export const otherNamesOf = (test: string): readonly string[] => testNames.get(test) ?? [];

function tests(): Entry[] {
  return TESTS.map((t) => {
    const stations = (Object.keys(STATIONS) as Scheme[]).flatMap((scheme) => STATIONS[scheme][stationOf(t, scheme) ?? ''] ?? []);
    const about = [t.purpose, t.mistaken ?? '', ...new Set(stations)].join(' ');
    return { kind: 'test', id: t.id, title: t.title, names: [t.title, ...otherNamesOf(t.id)], about };
  });
}

/** A formula with its charge in the ways in which it is typed. */
function spellings(ion: string): string[] {
  const [, body, count, sign] = /^(.*?)(?:\^?(\d?))([+-])$/.exec(ion) ?? [];
  if (body === undefined || sign === undefined) return [ion];
  const signs = sign.repeat(Number(count || 1));
  return [ion, body, `${body}${signs}`, `${body} ${count ?? ''}${sign}`, `${body}${count ?? ''}${sign}`];
}

function suspects(): Entry[] {
  const ions = table(ION_NAMES);
  const elements = table(ELEMENT_NAMES);
  const groups = table(GROUP_NAMES);
  const capital = (name: string) => name.charAt(0).toUpperCase() + name.slice(1);
  return [
    ...Object.entries(IONS).map(([id, name]): Entry => {
      const names = [name, `${name} ion`, ...spellings(id), ...(ions.get(id) ?? [])];
      return { kind: 'ion', id, title: capital(name), names, about: '' };
    }),
    ...TESTED_ELEMENTS.map((id): Entry => {
      const names = [nameOf(id), id, ...(elements.get(id) ?? [])];
      return { kind: 'element', id, title: capital(nameOf(id)), names, about: 'element in a compound' };
    }),
    ...Object.keys(GROUPS).map((id): Entry => {
      const names = [nameOf(id), ...(groups.get(id) ?? [])];
      return { kind: 'group', id, title: capital(nameOf(id)), names, about: 'functional group' };
    }),
  ];
}

const STRENGTHS: readonly (readonly [RegExp, readonly string[]])[] = [
  [/-conc$|-glacial$/, ['concentrated', 'strong']],
  [/-[12]M$/, ['dilute']],
  [/-solid$/, ['solid']],
];

function bottles(): Entry[] {
  const others = table(REAGENT_NAMES);
  return REAGENTS.map(({ id, name }): Entry => {
    const beginning = [...others.keys()].filter((of) => id.startsWith(of)).sort((a, b) => b.length - a.length)[0];
    const plain = name.split(',')[0]!;
    const called = [plain, ...(others.get(beginning ?? '') ?? [])];
    const strengths = STRENGTHS.filter(([ending]) => ending.test(id)).flatMap(([, words]) => words);
    const names = [name, id, ...called, ...strengths.flatMap((s) => called.map((c) => `${s} ${c}`))];
    return { kind: 'reagent', id, title: name, names, about: 'bottle reagent' };
  });
}

function compounds(): Entry[] {
  const others = table(COMPOUND_NAMES);
  return LIBRARY_ROWS.trim()
    .split('\n')
    .map((row): Entry => {
      const [name, smiles] = row.split('|') as [string, string];
      return { kind: 'compound', id: name, title: name, names: [name, smiles, ...(others.get(name) ?? [])], about: '' };
    });
}

function places(): Entry[] {
  return [...table(PLACE_NAMES)].map(([id, names]) => ({ kind: 'place', id, title: names[0]!, names, about: '' }));
}

/** Where two are equally well named, what is looked for more often comes first. */
const WEIGHT: Readonly<Record<Kind, number>> = {
  test: 1.15,
  ion: 1.2,
  element: 1.1,
  group: 1.1,
  reagent: 0.9,
  compound: 0.8,
  place: 1,
};
/**
 * A title or another name that is just what was typed, and one that begins with it, come before all that only has the words in it. What
 * tests are called besides is often no more than what is used in them.
 */
const TITLE = 1000;
const NAME: Readonly<Record<Kind, number>> = {
  test: 120,
  ion: 400,
  element: 400,
  group: 400,
  reagent: 400,
  compound: 400,
  place: 400,
};
const BEGINS = 100;
/** Words shorter than this are not completed, and those shorter than that not corrected. */
const COMPLETED = 2;
const CORRECTED = 5;
/** Letters that may be wrong, as a share of a word. */
const MISTAKES = 0.2;
const ENOUGH = 5;

interface Indexed extends Entry {
  readonly key: number;
  readonly phrases: readonly string[];
}

interface Index {
  readonly entries: readonly Indexed[];
  readonly search: MiniSearch;
}

const phrase = (text: string): string => wordsOf(text).join(' ');

function build(): Index {
  const all = [...tests(), ...suspects(), ...bottles(), ...compounds(), ...places()];
  const entries = all.map((entry, key): Indexed => ({ ...entry, key, phrases: entry.names.map(phrase) }));
  const search = new MiniSearch({
    idField: 'key',
    fields: ['title', 'names', 'about'],
    tokenize: wordsOf,
    processTerm: (word) => word,
    extractField: (entry: Indexed, field) => (field === 'names' ? entry.names.join(' ; ') : entry[field as keyof Indexed]),
    searchOptions: {
      boost: { title: 3, names: 2, about: 0.4 },
      prefix: (word) => word.length >= COMPLETED && !/^\d/.test(word),
      fuzzy: (word) => (word.length >= CORRECTED ? MISTAKES : false),
      weights: { prefix: 0.6, fuzzy: 0.3 },
    },
  });
  search.addAll(entries);
  return { entries, search };
}

let index: Index | undefined;

/**
 * What is meant by some words, best first.
 * @param most how many at most.
 * @param kinds those that are looked for; all by default.
 */
export function find(words: string, most = 20, kinds: readonly Kind[] = KINDS): Found[] {
  const { entries, search } = (index ??= build());
  const typed = wordsOf(words);
  if (!typed.length) return [];
  const whole = typed.join(' ');
  const telling = tellingWords(typed).join(' ');
  const scores = new Map<number, number>();
  const all = search.search(telling, { combineWith: 'AND' });
  for (const { id, score } of all) scores.set(id, score + BEGINS);
  if (all.length < ENOUGH) for (const { id, score } of search.search(telling)) scores.set(id, scores.get(id) ?? score);
  const add = (key: number, more: number) => scores.set(key, (scores.get(key) ?? 0) + more);
  // What has the common words too (a test, to confirm) is a little likelier to be meant.
  if (telling !== whole) for (const { id, score } of search.search(whole)) if (scores.has(id)) add(id, score);
  for (const { key, kind, phrases } of entries) {
    const named = Math.max(phrases.indexOf(whole), phrases.indexOf(telling));
    if (named >= 0) add(key, named === 0 ? TITLE : NAME[kind]);
    else if (phrases.some((p) => p.startsWith(`${whole} `))) add(key, BEGINS);
  }
  return [...scores]
    .map(([key, score]) => ({ entry: entries[key]!, score: score * WEIGHT[entries[key]!.kind] }))
    .filter(({ entry }) => kinds.includes(entry.kind))
    .sort((a, b) => b.score - a.score)
    .slice(0, most)
    .map(({ entry: { kind, id, title } }) => ({ kind, id, title }));
}
