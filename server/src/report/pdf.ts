/** The report set on paper: A4, selectable text, its own fonts; heads repeat, rows do not split. */
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import sharp from 'sharp';
import type { EquationOf } from '#core/record/result';
import { drawFlow } from '#core/report/flow-drawing';
import { type CaseReport, type ReportClaim, type ReportRow, sayEntries } from '#core/report/report';
import { isSaidInWords, nameOf } from '#core/senses/names';
import { footOf, formula, heading, LINES, MUTED, note, PAGE, rendered, type Run, set } from '../paper/paper';

export interface Printing {
  readonly report: CaseReport;
  readonly length: 'short' | 'full';
  /** JPEGs by hash. */
  readonly photos: ReadonlyMap<string, Uint8Array>;
}

const side = (parts: EquationOf['left']): Run[] =>
  parts.flatMap(([n, of], i) => [...(i ? [' + '] : []), ...(n > 1 ? [`${n} `] : []), ...formula(of)]);
const equation = ({ left, right }: EquationOf): Content => ({
  text: [...side(left), ...set(' → '), ...side(right)],
  fontSize: 8,
  margin: [0, 1, 0, 0],
});

const PHOTO = 112;

function pictures({ photos }: ReportRow, images: ReadonlySet<string>): Content[] {
  return photos.flatMap((p): Content[] =>
    images.has(p.photo)
      ? [{ image: p.photo, fit: [PHOTO, PHOTO], margin: [0, 3, 0, 0] }, ...(p.caption ? [note(p.caption)] : [])]
      : [note('A photo that is not kept here.')],
  );
}

const when = (iso: string) => `${iso.slice(0, 10)} ${iso.slice(11, 16)}`;

function row(r: ReportRow, length: Printing['length'], images: ReadonlySet<string>): TableCell[] {
  const struck = r.struck === null ? {} : { decoration: 'lineThrough' as const, color: MUTED };
  const full = length === 'full';
  return [
    { text: String(r.number), bold: true },
    {
      stack: [
        { text: set(r.test), bold: true, ...struck },
        ...(full && r.done.length
          ? [{ text: set(r.done.join(' ')), fontSize: 8.5, margin: [0, 1, 0, 0] as [number, number, number, number] }]
          : []),
        ...(full ? r.equations.map(equation) : []),
        note(`${r.tube ? `${r.tube}, ` : ''}${when(r.at)}${r.arrived === null ? '' : `, arrived ${when(r.arrived)}`}`),
      ],
    },
    {
      stack: [
        { text: set(r.observation), ...struck },
        ...(r.blank === null ? [] : [note(`Blank: ${r.blank}`)]),
        ...(r.unsure ? [note('uncertain')] : []),
        ...(r.struck === null ? [] : [note(`Struck: ${r.struck}`)]),
        ...(full ? pictures(r, images) : []),
      ],
    },
    { text: set(r.inference || '–'), ...struck },
  ];
}

function record({ report, length }: Printing, images: ReadonlySet<string>): Content {
  if (!report.rows.length) return note('Nothing was written down.');
  const head = ['No.', 'Test: what was done', 'Observation', 'Inference'].map((text) => ({ text, bold: true, color: MUTED }));
  return {
    layout: LINES,
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: [20, '*', '*', '*'],
      body: [head, ...report.rows.map((r) => row(r, length, images))],
    },
  };
}

/** Of an ion its formula and name; of a group the name alone. */
const named = (of: string): Run[] =>
  isSaidInWords(of) ? [{ text: nameOf(of), bold: true }] : [...formula(of), ...(nameOf(of) === of ? [] : [` (${nameOf(of)})`])];

const claimed = (c: ReportClaim): Content => ({
  stack: [
    { text: [...named(c.of), c.claim === 'confirmed' ? ' present; ' : ' may be present; ', `${sayEntries(c.evidence)}.`] },
    ...c.equations.map(equation),
  ],
});

function conclusion({ report }: Printing): Content[] {
  if (!report.signed) return [heading('Conclusion'), note('Not signed: no conclusion was drawn when this was printed.')];
  const absent = report.absent.map((a): Content => ({ text: [...named(a.of), ` absent; ${sayEntries(a.entries)}.`] }));
  return [
    heading('Conclusion'),
    { ul: [...report.found.map(claimed), ...absent] },
    ...(report.formula
      ? [
          {
            text: ['Proposed: ', ...(report.matter === 'salt' ? formula(report.formula) : set(report.formula))],
            margin: [0, 6, 0, 0] as [number, number, number, number],
          },
        ]
      : []),
    ...(report.remarks ? [{ text: set(report.remarks), margin: [0, 6, 0, 0] as [number, number, number, number] }] : []),
    ...(report.identity ? [note(`It was: ${report.identity}`)] : []),
    ...(report.superseded ? [note(`Earlier reports, withdrawn or returned: ${report.superseded}.`)] : []),
    ...(report.marks ? [note(`Marks: ${report.marks.marks} of ${report.marks.of}. ${report.marks.remarks ?? ''}`)] : []),
    {
      margin: [0, 18, 0, 0],
      unbreakable: true,
      columns: [
        { text: [`Signed `, { text: report.signed.by, bold: true }, `, ${when(report.signed.at)} UTC`] },
        { text: 'Seen by ______________________________', alignment: 'right' },
      ],
    },
  ];
}

const PORTRAIT = { width: 515, height: 690 };
const LANDSCAPE = { width: 762, height: 440 };
/** Smaller than this a flow is set on its side. */
const LEGIBLE = 0.8;

function flow({ report, length }: Printing): Content[] {
  if (length === 'short' || !report.flow) return [];
  const drawing = drawFlow(report.flow);
  const aside = PORTRAIT.width / drawing.width < LEGIBLE;
  const page = aside ? LANDSCAPE : PORTRAIT;
  const scale = Math.min(1, page.width / drawing.width);
  const sheets = drawing.sheets(page.height / scale);
  return sheets.map(({ svg, width, height }, i): Content => {
    const fit = Math.min(scale, page.height / height);
    return {
      unbreakable: true,
      ...((aside || i > 0) && { pageBreak: 'before' }),
      ...(aside && { pageOrientation: 'landscape' }),
      stack: [
        heading(`The separation as it was done${i ? ', continued' : ''}`),
        { svg, width: width * fit, height: height * fit },
      ],
    };
  });
}

function about({ report, length }: Printing): Content[] {
  const line = (name: string, value: string): Content => ({ text: [{ text: `${name}: `, color: MUTED }, ...set(value)] });
  return [
    { text: set(`Report on ${report.name}`), bold: true, fontSize: 20 },
    { text: set(report.look), italics: true, margin: [0, 0, 0, 6] },
    line('Sample', `${report.what}, ${report.amount}`),
    line('Begun', `${when(report.opened)} UTC`),
    ...(report.who.length ? [line('By', report.who.join(', '))] : []),
    ...(length === 'full' ? [line('Rules in force', report.rules.join('; '))] : []),
    { text: '', margin: [0, 6, 0, 0] },
  ];
}

/** Photos no larger than paper shows. */
const PRINTED = 480;

async function printed(photos: Printing['photos']): Promise<Record<string, string>> {
  const small = await Promise.all(
    [...photos].map(async ([hash, bytes]) => {
      const jpeg = await sharp(bytes).resize({ width: PRINTED, height: PRINTED, fit: 'inside' }).jpeg({ quality: 82 }).toBuffer();
      return [hash, `data:image/jpeg;base64,${jpeg.toString('base64')}`] as const;
    }),
  );
  return Object.fromEntries(small);
}

/** @returns the bytes of the PDF. */
export async function pdfOf(printing: Printing): Promise<Uint8Array> {
  const { report } = printing;
  const images = await printed(printing.photos);
  const definition: TDocumentDefinitions = {
    ...PAGE,
    info: { title: `Report on ${report.name}`, ...(report.signed && { author: report.signed.by }), creator: 'Foxing' },
    images,
    footer: footOf(`Report on ${report.name}`),
    content: [
      ...about(printing),
      record(printing, new Set(Object.keys(images))),
      ...conclusion(printing),
      ...flow(printing),
      ...(report.simulated ? [{ ...note(report.simulated), margin: [0, 12, 0, 0] as [number, number, number, number] }] : []),
    ],
  };
  return rendered(definition);
}
