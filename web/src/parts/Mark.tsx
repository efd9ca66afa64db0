/** The evidence marks: one family of glyphs wherever an ion appears, readable without colour. */
export type MarkState = 'open' | 'hinted' | 'indicated' | 'confirmed' | 'ruled-out' | 'conflict';

export const MARK_WORDS: Readonly<Record<MarkState, string>> = {
  open: 'undecided',
  hinted: 'possible',
  indicated: 'indicated',
  confirmed: 'confirmed',
  'ruled-out': 'ruled out',
  conflict: 'conflict',
};

export function Mark({ state, size = 14 }: { state: MarkState; size?: number }) {
  const ring = (
    <circle
      cx="8"
      cy="8"
      r="6"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
      strokeDasharray={state === 'hinted' ? '1.6 2.2' : undefined}
    />
  );
  return (
    <svg width={size} height={size} viewBox="0 0 16 16" role="img" aria-label={MARK_WORDS[state]} className="shrink-0">
      {state === 'confirmed' ? <circle cx="8" cy="8" r="6.5" fill="currentColor" /> : ring}
      {state === 'indicated' && <path d="M8 2 A6 6 0 0 0 8 14 Z" fill="currentColor" />}
      {state === 'ruled-out' && <path d="M3 13 L13 3" stroke="currentColor" strokeWidth="1.6" />}
      {state === 'conflict' && (
        <>
          <path d="M8 2 A6 6 0 0 0 8 14 Z" fill="var(--slate)" />
          <path d="M8 2 A6 6 0 0 1 8 14 Z" fill="var(--rust)" />
        </>
      )}
    </svg>
  );
}
