import { Camera } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { lightAt, type Picture, readColour, type Spot } from '#core/senses/colour-reading';
import type { Colour } from '#core/vocabulary/words';
import type { Drawing } from '#contract';
import { TextField } from '../fields';
import { Button, Chip } from '../ui';
import { ColourReading } from './ColourReading';
import { radiusIn, readPicture, takeSimulated } from './picture';
import { type Aim, Spots } from './Spots';

type Of = 'solid' | 'liquid';

interface Props {
  readonly close: () => void;
  /** A photo that is kept already; absent while one is to be taken. */
  readonly shown?: { readonly address: string; readonly title: string };
  /** The tube that the simulated camera can photograph. */
  readonly drawing?: Drawing | null;
  /** Colours that are awaited here. */
  readonly expected?: Readonly<Record<Of, readonly Colour[]>>;
  readonly say?: (of: Of, word: Colour) => void;
  readonly keep?: (picture: Blob, size: { width: number; height: number }, caption: string) => Promise<unknown>;
}

/** A picture in hand, and where its light is measured. */
interface InHand {
  readonly blob: Blob;
  readonly address: string;
  readonly picture: Picture;
}

const AIMS: Readonly<Record<Aim, string>> = { tube: 'the tube', card: 'the white card' };

function useInHand() {
  const [inHand, setInHand] = useState<InHand | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  useEffect(() => () => void (inHand && URL.revokeObjectURL(inHand.address)), [inHand]);
  const take = useCallback(async (blob: Blob): Promise<void> => {
    try {
      setInHand({ blob, picture: await readPicture(blob), address: URL.createObjectURL(blob) });
      setWrong(null);
    } catch (error) {
      setWrong((error as Error).message);
    }
  }, []);
  return { inHand, wrong, take };
}

function Source({ take, simulated }: { take: (blob: Blob) => void; simulated: (() => void) | null }) {
  return (
    <div className="grid gap-3 rounded-xl border border-dashed border-rule p-6 text-center">
      <p className="text-sm text-muted">
        Hold a white card close behind the tube, both in the same light, and let the camera see both.
      </p>
      <div className="flex flex-wrap justify-center gap-3">
        <label className="inline-flex min-h-11 cursor-pointer items-center gap-2 rounded-lg bg-rust px-4 text-sm font-bold text-on-rust focus-within:outline-2">
          <Camera size={16} aria-hidden /> Take or choose a photo
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            className="sr-only"
            onChange={(e) => e.target.files?.[0] && take(e.target.files[0])}
          />
        </label>
        {simulated && <Button onClick={simulated}>Simulated camera</Button>}
      </div>
    </div>
  );
}

/** A photo of what is in hand: its colour told against the white card, and kept with the entry. */
export function PhotoDialog({ close, shown, drawing, expected, say, keep }: Props) {
  const { inHand, wrong, take } = useInHand();
  const [spots, setSpots] = useState<Partial<Record<Aim, Spot>>>({});
  const [aim, setAim] = useState<Aim>('tube');
  const [of, setOf] = useState<Of>(drawing?.solid || drawing?.dry ? 'solid' : 'liquid');
  const [caption, setCaption] = useState('');
  const [busy, setBusy] = useState(false);
  const address = shown?.address;
  useEffect(() => {
    if (address !== undefined) void fetch(address).then(async (r) => take(await r.blob()));
  }, [address, take]);
  const picture = inHand?.picture;
  const reading = useMemo(() => {
    if (!picture || !spots.tube) return null;
    const at = (spot: Spot) => lightAt(picture, spot, radiusIn(picture));
    return readColour({
      patch: at(spots.tube),
      card: spots.card ? at(spots.card) : null,
      of,
      ...(expected && { expected: expected[of] }),
    });
  }, [picture, spots, of, expected]);
  const place = (which: Aim, spot: Spot) => {
    setSpots((s) => ({ ...s, [which]: spot }));
    if (which === 'tube' && !spots.card) setAim('card');
  };
  const simulate = async () => {
    const { picture: blob, on, card } = await takeSimulated(drawing!);
    await take(blob);
    setSpots({ tube: on, card });
  };
  const keepIt = async () => {
    setBusy(true);
    await keep!(inHand!.blob, { width: picture!.width, height: picture!.height }, caption.trim());
    setBusy(false);
    close();
  };
  return (
    <Dialog.Root open onOpenChange={(on) => !on && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[94dvh] w-[min(96vw,52rem)] -translate-1/2 overflow-y-auto rounded-2xl bg-paper p-5 shadow-2xl">
          <Dialog.Title className="text-2xl">{shown?.title ?? 'Photo'}</Dialog.Title>
          <Dialog.Description className="mt-1 mb-3 text-sm text-muted">
            Point at the tube and at the white card beside it. Foxing names the nearest colour; the observation is yours.
          </Dialog.Description>
          {wrong && (
            <p role="alert" className="mb-3 text-sm text-rust-deep">
              {wrong}
            </p>
          )}
          {!picture && !shown && <Source take={(blob) => void take(blob)} simulated={drawing ? () => void simulate() : null} />}
          {picture && inHand && (
            <div className="grid gap-4 md:grid-cols-[minmax(0,1fr)_18rem]">
              <Spots
                address={inHand.address}
                width={picture.width}
                height={picture.height}
                spots={spots}
                aim={aim}
                radius={radiusIn(picture)}
                place={place}
              />
              <div className="space-y-3">
                <div role="group" aria-label="Tap sets" className="flex flex-wrap items-center gap-1">
                  <span className="label mr-1 font-sans">Point at</span>
                  {(Object.keys(AIMS) as Aim[]).map((a) => (
                    <Chip key={a} small on={aim === a} onClick={() => setAim(a)}>
                      {AIMS[a]}
                    </Chip>
                  ))}
                </div>
                <div role="group" aria-label="It is" className="flex flex-wrap items-center gap-1">
                  <span className="label mr-1 font-sans">It is a</span>
                  {(['solid', 'liquid'] as const).map((o) => (
                    <Chip key={o} small on={of === o} onClick={() => setOf(o)}>
                      {o}
                    </Chip>
                  ))}
                </div>
                {reading ? (
                  <ColourReading reading={reading} of={of} say={say && ((word) => say(of, word))} />
                ) : (
                  <p className="text-sm text-muted">Tap what you ask about, then the card.</p>
                )}
                {keep && (
                  <TextField
                    label="Caption"
                    labelClass="text-muted"
                    value={caption}
                    maxLength={200}
                    onChange={(e) => setCaption(e.target.value)}
                  />
                )}
              </div>
            </div>
          )}
          <div className="mt-4 flex gap-3">
            {keep && picture && (
              <Button look="solid" disabled={busy} onClick={() => void keepIt()}>
                Keep the photo
              </Button>
            )}
            <Dialog.Close asChild>
              <Button>{keep && picture ? 'Cancel' : 'Close'}</Button>
            </Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
