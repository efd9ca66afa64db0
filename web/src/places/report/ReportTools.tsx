import { ClipboardCopy, Download, FileText, Printer } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { toast } from 'sonner';
import type { CaseReport } from '#core/report/report';
import { markdownOf } from '#core/report/text';
import { Button, Chip } from '../../parts/ui';
import { exportAddress, pdfAddress } from '../../state/api';

/** Entries and conclusion; or with what was done, rules, photos and the separation. */
export type Length = 'short' | 'full';

const FORMATS = [
  { format: 'eln', name: 'Archive for laboratory notebooks (.eln)', note: 'all of it, with photos' },
  { format: 'json', name: 'The case as JSON', note: 'the record with its chain' },
  { format: 'csv', name: 'Entries as CSV', note: 'for a spreadsheet' },
  { format: 'md', name: 'Report as Markdown', note: 'for any text' },
] as const;

interface Props {
  readonly caseId: string;
  readonly report: CaseReport;
  readonly length: Length;
  readonly setLength: (length: Length) => void;
}

export function ReportTools({ caseId, report, length, setLength }: Props) {
  const copy = () =>
    navigator.clipboard.writeText(markdownOf(report)).then(
      () => toast('The report is copied as text.'),
      () => toast.error('This browser does not allow copying. Export the Markdown file instead.'),
    );
  return (
    <div className="no-print mb-6 flex flex-wrap items-center gap-2 border-b border-rule pb-4">
      <div role="group" aria-label="Length" className="mr-auto flex gap-1">
        {(['full', 'short'] as const).map((l) => (
          <Chip key={l} on={length === l} onClick={() => setLength(l)}>
            {l === 'full' ? 'Full' : 'Short'}
          </Chip>
        ))}
      </div>
      <a
        href={pdfAddress(caseId, length)}
        target="_blank"
        rel="noreferrer"
        className="inline-flex min-h-11 items-center gap-2 rounded-lg bg-rust px-4 text-sm font-bold text-on-rust hover:bg-rust-deep"
      >
        <FileText size={16} aria-hidden /> PDF
      </a>
      <Button onClick={() => window.print()}>
        <Printer size={16} aria-hidden /> Print
      </Button>
      <Button onClick={() => void copy()}>
        <ClipboardCopy size={16} aria-hidden /> Copy as text
      </Button>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>
          <Button>
            <Download size={16} aria-hidden /> Export
          </Button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" className="z-50 rounded-xl border border-rule bg-paper p-1.5 shadow-xl">
            {FORMATS.map(({ format, name, note }) => (
              <DropdownMenu.Item key={format} asChild>
                <a
                  href={exportAddress(caseId, format)}
                  download
                  className="block min-h-11 rounded-lg px-3 py-1.5 text-sm outline-none data-[highlighted]:bg-wash"
                >
                  {name}
                  <span className="block text-xs text-muted">{note}</span>
                </a>
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </div>
  );
}
