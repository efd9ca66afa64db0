import type { Reading, Word } from '#core/senses/colour-reading';
import { liquidSampleOf, sampleOf } from '#core/senses/colour';
import { type Colour, plainWord } from '#core/vocabulary/words';
import { Chip } from '../ui';

/** Words nearer to one another than this cannot be told apart by a photo. */
const CLOSE = 0.02;

const nearness = (distance: number): string =>
  distance < 0.03 ? 'very near' : distance < 0.08 ? 'near' : distance < 0.16 ? 'off' : 'far off';

interface Props {
  readonly reading: Reading;
  readonly of: 'solid' | 'liquid';
  /** Takes a word into what is being written; absent where nothing is. */
  readonly say: ((word: Colour) => void) | undefined;
}

function Named({ word: { word, distance }, of, say }: { word: Word } & Pick<Props, 'of' | 'say'>) {
  const swatch = of === 'solid' ? sampleOf(word) : liquidSampleOf(word);
  return (
    <li className="flex items-center gap-2">
      {say ? (
        <Chip small on={false} swatch={swatch} onClick={() => say(word)} title="Add to the observation">
          {plainWord(word)}
        </Chip>
      ) : (
        <span className="inline-flex items-center gap-2 font-bold">
          <span aria-hidden className="size-5 rounded-md border border-black/20" style={{ background: swatch }} />{' '}
          {plainWord(word)}
        </span>
      )}
      <span className="text-sm text-muted">{nearness(distance)}</span>
    </li>
  );
}

/** What may be said of the colour in a photo; the word is the person's. */
export function ColourReading({ reading, of, say }: Props) {
  if (!reading.known)
    return (
      <p role="status" className="text-sm">
        {reading.why}
      </p>
    );
  const [first, second] = reading.words;
  return (
    <div aria-live="polite" className="space-y-3">
      <div className="flex items-center gap-3">
        <span
          role="img"
          aria-label={`The colour in white light: ${reading.hex}`}
          className="size-14 shrink-0 rounded-lg border border-black/25"
          style={{ background: reading.hex }}
        />
        <p className="text-sm">
          In white light it is nearest to <strong>{plainWord(first.word)}</strong>, then to{' '}
          <strong>{plainWord(second.word)}</strong>.
          {second.distance - first.distance < CLOSE && ' The two are too near for a photo to decide: look for yourself.'}
        </p>
      </div>
      <ul aria-label="Nearest words" className="flex flex-wrap gap-x-4 gap-y-1">
        {[first, second].map((w) => (
          <Named key={w.word} word={w} of={of} say={say} />
        ))}
      </ul>
      {reading.expected.length > 0 && (
        <div>
          <h3 className="label font-sans">Of what this test can show</h3>
          <ul aria-label="Expected colours" className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
            {reading.expected.slice(0, 5).map((w) => (
              <Named key={w.word} word={w} of={of} say={say} />
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}
