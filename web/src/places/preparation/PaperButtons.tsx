import { FileText, Shuffle } from 'lucide-react';
import { toast } from 'sonner';
import type { Asked, Preparation } from '#core/planning/preparation';
import { bottlesCsv } from '#core/planning/words';
import { download } from '../../parts/download';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';

interface Props {
  readonly asked: Asked;
  readonly deal: number;
  readonly made: Preparation;
  readonly again: () => void;
}

/** What is printed for the room; the key to the unknowns by itself. */
export function PaperButtons({ asked, deal, made, again }: Props) {
  const print = (paper: 'sheet' | 'labels' | 'key') => () =>
    void api
      .printPreparation({
        asked: { ...asked, tests: [...asked.tests], unknowns: [...asked.unknowns], stock: [...asked.stock] },
        paper,
        deal,
      })
      .then((pdf) => download(pdf, `preparation-${paper}-${asked.on}.pdf`))
      .catch((error: Error) => toast.error(error.message));
  return (
    <div className="no-print mt-5 flex flex-wrap gap-2">
      <Button look="solid" onClick={print('sheet')}>
        <FileText size={16} aria-hidden /> List
      </Button>
      <Button onClick={print('labels')}>
        <FileText size={16} aria-hidden /> Labels
      </Button>
      <Button onClick={() => download(new Blob([bottlesCsv(made)], { type: 'text/csv' }), `preparation-${asked.on}.csv`)}>
        CSV
      </Button>
      {made.key.length > 0 && (
        <>
          <Button onClick={print('key')}>
            <FileText size={16} aria-hidden /> Print the key
          </Button>
          <Button onClick={again}>
            <Shuffle size={16} aria-hidden /> Shuffle
          </Button>
        </>
      )}
    </div>
  );
}
