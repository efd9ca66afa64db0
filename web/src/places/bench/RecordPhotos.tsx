import { FREE_WORK } from '#core/scheme/tests';
import { Camera } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Form } from '#core/scheme/form';
import type { StandardTest } from '#core/scheme/model';
import type { Observation } from '#core/vocabulary/observation';
import type { Colour } from '#core/vocabulary/words';
import type { CaseView, VesselView } from '#contract';
import { Thumbs } from '../../parts/photo/Thumbs';
import { Chip } from '../../parts/ui';
import { type OpenCase, useCaseId } from '../../state/case';
import { keepHere, provisionalName } from '../../state/photos';
import { tapped } from './noting';

const PhotoDialog = lazy(async () => ({ default: (await import('../../parts/photo/PhotoDialog')).PhotoDialog }));

interface Props {
  view: CaseView;
  test: StandardTest | null;
  held: VesselView | null;
  form: Form;
  observed: readonly Observation[];
  change: (observed: readonly Observation[]) => void;
  append: OpenCase['append'];
}

/** Where colours of solids and of liquids are written, in this order. */
const LINES = { solid: ['precipitate', 'solid', 'deposit'], liquid: ['solution', 'layer', 'extract'] } as const;
type Of = keyof typeof LINES;

const linesOf = ({ lines }: Form, of: Of) => lines.filter((l) => (LINES[of] as readonly string[]).includes(l.channel));
const coloursIn = (form: Form, of: Of): Colour[] => [
  ...new Set(
    linesOf(form, of).flatMap((l) =>
      [...l.first, ...l.rest].flatMap(({ words: { colour } }) => (colour && colour !== 'none' ? [colour] : [])),
    ),
  ),
];

/** Photos that go with the next entry, and the camera. */
export function RecordPhotos({ view, test, held, form, observed, change, append }: Props) {
  const caseId = useCaseId();
  const [open, setOpen] = useState(false);
  const id = test?.id ?? FREE_WORK;
  const loose = view.photos.filter((p) => p.entry === null && p.test === id);
  const say = (of: Of, word: Colour) => {
    for (const line of linesOf(form, of)) {
      const choice = [...line.first, ...line.rest].find((c) => c.words.colour === word);
      if (choice) return change(tapped(observed, line, choice));
    }
  };
  const keep = async (picture: Blob, size: { width: number; height: number }, caption: string) => {
    const photo = provisionalName();
    keepHere(photo, picture);
    const payload = { photo, ...size, test: id, ...(held && { vessel: held.id }), ...(caption && { caption }) };
    return append({ kind: 'photo', payload }, picture);
  };
  return (
    <>
      <Chip small on={false} onClick={() => setOpen(true)}>
        <Camera size={14} aria-hidden /> Photo …
      </Chip>
      {loose.length > 0 && (
        <div role="group" aria-label="Photos for this entry" className="w-full">
          <Thumbs caseId={caseId} of={loose} />
        </div>
      )}
      {open && (
        <Suspense>
          <PhotoDialog
            close={() => setOpen(false)}
            drawing={view.summary.kind === 'simulated' ? (held?.drawing ?? null) : null}
            expected={{ solid: coloursIn(form, 'solid'), liquid: coloursIn(form, 'liquid') }}
            say={say}
            keep={keep}
          />
        </Suspense>
      )}
    </>
  );
}
