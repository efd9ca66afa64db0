/** Words as they are compared: one spelling, one way of writing numbers and formulas. */

/** American and older spellings, and words that are written apart or together. */
const SPELLINGS: readonly (readonly [RegExp, string])[] = [
  [/sulph/g, 'sulf'],
  [/\baluminum/g, 'aluminium'],
  [/\bcesium/g, 'caesium'],
  [/color/g, 'colour'],
  [/\bodor/g, 'odour'],
  [/\bvapor/g, 'vapour'],
  [/\bgray/g, 'grey'],
  [/(\w{3})iz(e|ed|es|er|ing|ation)\b/g, '$1is$2'],
  [/\bneutrali[sz]/g, 'neutralis'],
  [/hydrolyz/g, 'hydrolys'],
  [/\blime ?water/g, 'lime water'],
  [/\bhydrogen carbonate/g, 'hydrogencarbonate'],
  [/\bconc\.?(?=\s|$)/g, 'concentrated'],
  [/\bdil\.?(?=\s|$)/g, 'dilute'],
];

const LETTERS: Readonly<Record<string, string>> = { α: 'alpha', β: 'beta', γ: 'gamma', '≡': '#', '−': '-', '–': ' ' };

/** Numbers of groups and oxidation states, however they are written. */
const NUMBERS: Readonly<Record<string, string>> = Object.fromEntries(
  ['i first 1st one', 'ii second 2nd two', 'iii third 3rd three', 'iv fourth 4th four', 'v fifth 5th five', 'vi sixth 6th six']
    .flatMap((forms, at) => forms.split(' ').map((form) => [form, String(at + 1)] as const))
    .concat([
      ['iia', '2a'],
      ['iib', '2b'],
      ['iiia', '3a'],
      ['iiib', '3b'],
    ]),
);

/** The words of a text in the order in which they stand, in the spelling in which they are compared. */
export function wordsOf(text: string): string[] {
  let plain = text.normalize('NFKD').toLowerCase();
  plain = plain.replace(/[̀-ͯ'’‘^]/g, '').replace(/[αβγ≡−–]/g, (c) => LETTERS[c]!);
  for (const [from, to] of SPELLINGS) plain = plain.replace(from, to);
  return plain
    .replace(/([\p{L}\d])-(?=[\p{L}\d])/gu, '$1 ')
    .split(/[^\p{L}\d+\-=#%.°]+/u)
    .map((word) => word.replace(/^[.\-=]+|[.=]+$/g, ''))
    .filter(Boolean)
    .map((word) => NUMBERS[word] ?? word);
}

/** Words that every question has, and that tell nothing of what is looked for. */
const IDLE: ReadonlySet<string> = new Set(
  'a an and any are at by can do does for from give gives has have how in is it of on or that the this to what which with'.split(
    ' ',
  ),
);
/** Words that almost every title has. */
const COMMON: ReadonlySet<string> = new Set([
  'test',
  'tests',
  'testing',
  'reaction',
  'reagent',
  'ion',
  'ions',
  'group',
  'confirm',
  'detect',
]);

/** What is looked for: the words that tell something, or all of them where none does. */
export function tellingWords(words: readonly string[]): readonly string[] {
  const telling = words.filter((w) => !IDLE.has(w));
  const rare = telling.filter((w) => !COMMON.has(w));
  return rare.length ? rare : telling.length ? telling : words;
}
