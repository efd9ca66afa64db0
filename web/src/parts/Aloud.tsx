import { Volume2 } from 'lucide-react';
import { useEffect } from 'react';

const speech = (): SpeechSynthesis | undefined => ('speechSynthesis' in window ? window.speechSynthesis : undefined);

/** Reads a text with the browser's own voice; pressed again, from its beginning. */
export function Aloud({ text, what }: { text: string; what: string }) {
  useEffect(() => () => speech()?.cancel(), [text]);
  if (!speech()) return null;
  const read = () => {
    speech()!.cancel();
    speech()!.speak(Object.assign(new SpeechSynthesisUtterance(text), { lang: 'en' }));
  };
  return (
    <button
      type="button"
      aria-label={`Read ${what} aloud`}
      title="Read aloud"
      className="grid size-11 shrink-0 place-items-center rounded-lg hover:bg-wash"
      onClick={read}
    >
      <Volume2 size={18} />
    </button>
  );
}
