import { lazy, Suspense, useState } from 'react';
import type { PhotoView } from '#contract';
import { photoAddress } from '../../state/photos';

const PhotoDialog = lazy(async () => ({ default: (await import('./PhotoDialog')).PhotoDialog }));

const titleOf = ({ caption, entry }: PhotoView) => caption ?? (entry === null ? 'Photo' : `Photo of entry ${entry}`);

/** Photos, small; pressed, each opens for its colours to be read. */
export function Thumbs({ caseId, of }: { caseId: string; of: readonly PhotoView[] }) {
  const [open, setOpen] = useState<PhotoView | null>(null);
  if (!of.length) return null;
  return (
    <>
      <ul className="mt-1.5 flex flex-wrap gap-1.5">
        {of.map((p) => (
          <li key={p.photo}>
            <button
              type="button"
              onClick={() => setOpen(p)}
              className="block overflow-hidden rounded-md border border-rule hover:border-rust"
            >
              <img
                src={photoAddress(caseId, p.photo, 'small')}
                alt={titleOf(p)}
                loading="lazy"
                className="h-14 w-auto"
                width={Math.round((56 * p.width) / p.height)}
                height={56}
              />
            </button>
          </li>
        ))}
      </ul>
      {open && (
        <Suspense>
          <PhotoDialog shown={{ address: photoAddress(caseId, open.photo), title: titleOf(open) }} close={() => setOpen(null)} />
        </Suspense>
      )}
    </>
  );
}
