/** A report as plain text: Markdown to be pasted anywhere, and the entries as CSV. */
import { toCsv } from './csv';
import { nameOf } from '../senses/names';
import { type CaseReport, type ReportRow, sayClaim, sayEntries } from './report';

/** Characters that mean something to Markdown or to a page that shows it. */
const plain = (text: string) => text.replaceAll(/[\\`*_[\]<>|#]/g, String.raw`\$&`).replaceAll(/\s+/g, ' ');
const struck = ({ struck: reason }: ReportRow, text: string) => (reason && text ? `~~${text}~~` : text);
const date = (iso: string) => iso.slice(0, 16).replace('T', ' ');

function row(r: ReportRow): string {
  const observation = [
    struck(r, plain(r.observation)),
    r.blank && `Blank: ${plain(r.blank)}`,
    r.unsure && '(uncertain)',
    r.struck && `Struck: ${plain(r.struck)}`,
  ];
  const test = [`**${plain(r.test)}**`, ...r.done.map(plain)].join(' ');
  return `| ${r.number} | ${test} | ${observation.filter(Boolean).join(' ')} | ${struck(r, plain(r.inference))} |`;
}

function conclusion(report: CaseReport): string[] {
  if (!report.signed) return [];
  return [
    '',
    '## Conclusion',
    '',
    ...report.found.map((f) => `- ${plain(sayClaim(f))} (${sayEntries(f.evidence)})`),
    ...report.absent.map((a) => `- ${plain(nameOf(a.of))} absent (${sayEntries(a.entries)})`),
    ...(report.formula ? ['', `Proposed: ${plain(report.formula)}`] : []),
    ...(report.remarks ? ['', plain(report.remarks)] : []),
    '',
    `Signed ${plain(report.signed.by)}, ${date(report.signed.at)} UTC`,
  ];
}

/** The report as Markdown. */
export function markdownOf(report: CaseReport): string {
  return [
    `# Report on ${plain(report.name)}`,
    '',
    `${plain(report.look)}; ${report.what}; opened ${date(report.opened)} UTC; ${report.amount}`,
    '',
    ...report.rules.map((r) => `- ${plain(r)}`),
    '',
    '| No. | Test | Observation | Inference |',
    '| --- | --- | --- | --- |',
    ...report.rows.map(row),
    ...conclusion(report),
    ...(report.simulated ? ['', report.simulated] : []),
    '',
  ].join('\n');
}

/** The entries as CSV. */
export function csvOf({ rows }: CaseReport): string {
  const table = rows.map((r) => ({
    number: r.number,
    time: r.at,
    arrived: r.arrived ?? '',
    who: r.who,
    test: r.test,
    tube: r.tube ?? '',
    done: r.done.join(' '),
    observation: r.observation,
    blank: r.blank ?? '',
    inference: r.inference,
    sure: r.unsure ? 'no' : 'yes',
    struck: r.struck ?? '',
    photos: r.photos.map((p) => p.photo).join(' '),
  }));
  return toCsv(table);
}
