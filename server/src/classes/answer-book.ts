/** An examination paper printed empty: instructions, and room for what is seen and what follows. */
import type { Content } from 'pdfmake/interfaces';
import type { PaperView } from '#contract';
import { footOf, heading, LINES, note, PAGE, rendered, set } from '../paper/paper';

/** Height of the room for an answer, pt. */
const ROOM = 78;
const CAUTION =
  'Wear eye protection. Follow the rules of your laboratory and your supervisor. Gases are tested for as they come off, and what was used is written down.';

const partRow = ({ letter, does }: PaperView['parts'][number]): Content[] => [
  { text: `(${letter})`, bold: true },
  { stack: does.map((d) => ({ text: set(d) })) },
  { text: '', margin: [0, ROOM / 2, 0, ROOM / 2] },
  { text: '' },
];

/** @returns the bytes of the PDF. */
export function answerBook({ title, mL, parts }: PaperView): Promise<Uint8Array> {
  const head = ['', 'What to do', 'What you see, and tests for gases', 'What follows'].map((text) => ({ text, bold: true }));
  return rendered({
    ...PAGE,
    info: { title },
    footer: footOf(title),
    content: [
      { text: set(title), fontSize: 20, margin: [0, 0, 0, 4] },
      { columns: [note('Name'), note('Date'), note('Bench')], margin: [0, 6, 0, 10] },
      { text: set(`You have ${mL} mL of solution Q. Each part is done in a fresh tube.`) },
      note(CAUTION),
      heading('Parts'),
      {
        table: { headerRows: 1, widths: [18, 170, '*', 130], dontBreakRows: true, body: [head, ...parts.map(partRow)] },
        layout: LINES,
      },
      heading('Conclusions'),
      note('Name the ions that you have found, each with the parts that prove it.'),
      ...Array.from({ length: 5 }, (): Content => ({
        canvas: [{ type: 'line', x1: 0, y1: 24, x2: 515, y2: 24, lineWidth: 0.5 }],
      })),
    ],
  });
}
