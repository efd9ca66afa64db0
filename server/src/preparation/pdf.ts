/** What a preparation room prints: the list, the labels for the bottles, and apart from them the key to the unknowns. */
import type { Content, TableCell } from 'pdfmake/interfaces';
import { drawPictogram } from '#core/planning/pictograms';
import type { Bottle, Preparation } from '#core/planning/preparation';
import { figures, sayHazards, sayRecipe } from '#core/planning/words';
import { footOf, heading, LINES, MUTED, note, PAGE, rendered, set } from '../paper/paper';

export interface PreparationPaper {
  readonly preparation: Preparation;
  readonly paper: 'sheet' | 'labels' | 'key';
  /** ISO date of the session. */
  readonly on: string;
}

const table = (head: readonly string[], widths: (string | number)[], rows: TableCell[][]): Content => ({
  layout: LINES,
  table: {
    headerRows: 1,
    dontBreakRows: true,
    widths,
    body: [head.map((text) => ({ text, bold: true, color: MUTED })), ...rows],
  },
});

const bottleRow = (b: Bottle): TableCell[] => [
  { text: set(b.name), bold: true },
  { text: `${figures(b.needed)} ${b.unit}`, alignment: 'right' },
  { text: `${figures(b.make)} ${b.unit}`, alignment: 'right', bold: true },
  { text: set(sayRecipe(b)) },
  { text: b.fresh ? 'on the day' : (b.keepsUntil ?? '') },
];

function sheet({ bottles, short, waste, apparatus, minutes }: Preparation): Content[] {
  const shortly: Content[] = short.length
    ? [
        heading('What is short'),
        {
          ul: short.map((s) => ({
            text: set(`${s.what}: ${figures(s.needed)} ${s.unit} needed, ${figures(s.there)} there (${s.why})`),
          })),
        },
      ]
    : [];
  return [
    note(
      `In this order; about ${Math.ceil(minutes / 5) * 5} minutes for one person. Check every step against your own laboratory’s rules.`,
    ),
    ...shortly,
    heading('Bottles'),
    table(['Bottle', 'Needed', 'Make', 'How', 'Keeps until'], [110, 48, 48, '*', 58], bottles.map(bottleRow)),
    heading('At every bench, and the spare ones'),
    { text: set(apparatus.map((a) => a.what).join('; ')) },
    heading('Waste'),
    { ul: waste.map((w) => ({ text: set(`${w.stream}: about ${figures(w.mL)} mL`) })) },
  ];
}

const SIGN = 30;

function label(b: Bottle, on: string): TableCell {
  return {
    margin: [4, 4, 4, 4],
    stack: [
      { text: set(b.name), bold: true, fontSize: 13 },
      { columns: b.pictograms.map((p) => ({ svg: drawPictogram(p, SIGN), width: SIGN + 4 })), margin: [0, 3, 0, 3] },
      { text: set(sayHazards(b)), fontSize: 8 },
      note(
        `For ${on}${b.keepsUntil ? `; keeps until ${b.fresh ? 'the end of that day' : b.keepsUntil}` : ''}. Made by ____________`,
      ),
    ],
  };
}

const LABEL_LINES = { hLineWidth: () => 0.5, vLineWidth: () => 0.5, hLineColor: () => '#999999', vLineColor: () => '#999999' };

function labels({ bottles }: Preparation, on: string): Content[] {
  const rows: TableCell[][] = [];
  for (let i = 0; i < bottles.length; i += 2)
    rows.push([label(bottles[i]!, on), bottles[i + 1] ? label(bottles[i + 1]!, on) : '']);
  return [{ layout: LABEL_LINES, table: { dontBreakRows: true, widths: ['*', '*'], body: rows } }];
}

const key = ({ key: rows }: Preparation): Content[] => [
  note('To be kept apart from the bottles, and from whoever works them.'),
  table(
    ['Bottle', 'Bench', 'What is in it', 'Grams'],
    [50, 50, '*', 60],
    rows.map((k) => [{ text: k.bottle, bold: true }, String(k.bench), { text: set(k.sample) }, figures(k.grams)]),
  ),
];

const TITLES = { sheet: 'Preparation', labels: 'Labels', key: 'Key to the unknowns' } as const;

/** @returns the bytes of the PDF. */
export function preparationPdf({ preparation, paper, on }: PreparationPaper): Promise<Uint8Array> {
  const title = `${TITLES[paper]} for ${on}`;
  const parts = { sheet: () => sheet(preparation), labels: () => labels(preparation, on), key: () => key(preparation) };
  return rendered({
    ...PAGE,
    info: { title, creator: 'Foxing' },
    footer: footOf(title),
    content: [{ text: title, bold: true, fontSize: 20, margin: [0, 0, 0, 6] }, ...parts[paper]()],
  });
}
