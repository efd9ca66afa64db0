/** What all that is printed shares: two faces, formulas, rules and notes. */
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfmake from 'pdfmake';
import type { Content, ContentText, TDocumentDefinitions } from 'pdfmake/interfaces';
import { typeset } from '#core/matter/formula';

const find = createRequire(import.meta.url);
const beside = (module: string, ...path: string[]) => join(dirname(find.resolve(`${module}/package.json`)), ...path);
const atkinson = (cut: string) => beside('@fontsource/atkinson-hyperlegible', 'files', `atkinson-hyperlegible-latin-${cut}.woff`);
const dejavu = (cut: string) => beside('dejavu-fonts-ttf', 'ttf', `DejaVuSans${cut}.ttf`);

/** Where the text face has no sign for a character, the other has most that are written in laboratories. */
const FONTS = {
  Atkinson: {
    normal: atkinson('400-normal'),
    bold: atkinson('700-normal'),
    italics: atkinson('400-italic'),
    bolditalics: atkinson('700-italic'),
  },
  DejaVu: { normal: dejavu(''), bold: dejavu('-Bold'), italics: dejavu('-Oblique'), bolditalics: dejavu('-BoldOblique') },
};

const OTHER_SIGNS = /([^\n -\u00ff\u0152\u0153\u02c6\u02dc\u2010-\u2026\u2030\u2039\u203a\u20ac\u2122\u2212]+)/u;

export type Run = string | { text: string; font?: string; sub?: boolean; sup?: boolean; bold?: boolean };

/** Text in runs, each in a face that has its signs. */
export const set = (text: string): Run[] =>
  text
    .split(OTHER_SIGNS)
    .map((run, i) => (i % 2 ? { text: run, font: 'DejaVu' } : run))
    .filter((run) => run !== '');

export const formula = (of: string): Run[] =>
  typeset(of).map(({ text, shift }) => (shift === 'none' ? text : { text, sub: shift === 'sub', sup: shift === 'sup' }));

export const MUTED = '#5f564d';
export const RULE = '#b9ae9f';

export const note = (text: string): ContentText => ({ text: set(text), color: MUTED, fontSize: 8, margin: [0, 1, 0, 0] });
export const LINES = {
  hLineWidth: (i: number) => (i === 0 ? 0 : i === 1 ? 1 : 0.5),
  vLineWidth: () => 0,
  hLineColor: () => RULE,
  paddingLeft: (i: number) => (i ? 6 : 0),
  paddingRight: () => 6,
  paddingTop: () => 4,
  paddingBottom: () => 4,
};

export const heading = (text: string): Content => ({ text, bold: true, fontSize: 13, margin: [0, 14, 0, 4], headlineLevel: 1 });

pdfmake.setFonts(FONTS);
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path: string) => Object.values(FONTS).some((cuts) => Object.values(cuts).includes(path)));

/** A page: its margins, its text, and a foot with its name and number. */
export const PAGE = {
  pageSize: 'A4',
  pageMargins: [40, 44, 40, 48],
  defaultStyle: { font: 'Atkinson', fontSize: 9.5, lineHeight: 1.12 },
  // A heading is not left alone at the foot of a page.
  pageBreakBefore: (node, query) => node.headlineLevel === 1 && query.getFollowingNodesOnPage().length === 0,
} as const satisfies Partial<TDocumentDefinitions>;

export const footOf =
  (name: string) =>
  (page: number, of: number): Content => ({
    margin: [40, 12, 40, 0],
    columns: [note(name), { ...note(`page ${page} of ${of}`), alignment: 'right' }],
  });

/** @returns the bytes of the PDF. */
export const rendered = async (definition: TDocumentDefinitions): Promise<Uint8Array> =>
  new Uint8Array(await pdfmake.createPdf(definition).getBuffer());
