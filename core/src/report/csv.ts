/** Tables as CSV (RFC 4180) that a spreadsheet opens as it was meant. */
import Papa from 'papaparse';

/** Spreadsheets take a file for UTF-8 only when it begins with this. */
const BYTE_ORDER_MARK = '\uFEFF';

/** One line a row, the names of the fields first; what a spreadsheet would take for a formula is made harmless with an apostrophe. */
export const toCsv = (rows: readonly Readonly<Record<string, unknown>>[], fields?: readonly string[]): string =>
  `${BYTE_ORDER_MARK}${Papa.unparse({ fields: [...(fields ?? Object.keys(rows[0] ?? {}))], data: [...rows] }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;

/** The apostrophe that `toCsv` puts before what looks like a formula. */
const ESCAPED = /^'(?=[=+\-@\t\r])/;

/** Rows of fields, whatever separates them; without the mark, blank lines and the apostrophes of `toCsv`. */
export const fromCsv = (text: string, most: number): string[][] =>
  Papa.parse<string[]>(text.replace(BYTE_ORDER_MARK, ''), { skipEmptyLines: 'greedy', preview: most }).data.map((row) =>
    row.map((field) => field.trim().replace(ESCAPED, '')),
  );
