import { clsx } from 'clsx';
import type { ButtonHTMLAttributes, ReactNode, Ref } from 'react';

type Look = 'solid' | 'outline' | 'quiet';

const LOOKS: Readonly<Record<Look, string>> = {
  solid: 'bg-rust text-on-rust hover:bg-rust-deep',
  outline: 'border border-rule bg-paper hover:border-rust',
  quiet: 'hover:bg-wash',
};

/** Every pressable thing at the bench is at least 44 px high. */
export function Button({
  look = 'outline',
  className,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look; ref?: Ref<HTMLButtonElement> }) {
  return (
    <button
      type="button"
      className={clsx(
        'inline-flex min-h-11 items-center justify-center gap-2 rounded-lg px-4 text-sm font-bold transition-colors disabled:opacity-45',
        LOOKS[look],
        className,
      )}
      {...rest}
    />
  );
}

/** A choice that is on or off. Many of them stand closer together when they are small. */
export function Chip({
  on,
  small = false,
  swatch,
  children,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { on: boolean; small?: boolean; swatch?: string | undefined; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={clsx(
        'inline-flex items-center gap-2 border text-sm transition-colors',
        small ? 'chip-small rounded-xl px-2.5' : 'min-h-11 rounded-full px-3.5',
        on ? 'border-slate bg-slate text-on-slate' : 'border-rule bg-paper hover:border-rust',
      )}
      {...rest}
    >
      {swatch && <span aria-hidden className="size-5 rounded-md border border-black/20" style={{ background: swatch }} />}
      {children}
    </button>
  );
}

/** A tab over what it opens. */
export const TAB_LOOK =
  'min-h-11 rounded-t-lg px-4 text-sm font-bold text-muted data-[state=active]:bg-wash data-[state=active]:text-rust-deep';

export function Heading({ children, note }: { children: ReactNode; note?: ReactNode }) {
  return (
    <header className="mb-5">
      <h1 className="text-3xl">{children}</h1>
      {note && <p className="mt-1 max-w-2xl text-sm text-muted">{note}</p>}
    </header>
  );
}

/** Loading, empty and error states look alike and say what to do. */
export function Blank({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="mx-auto max-w-md px-6 py-16 text-center">
      <h2 className="text-2xl">{title}</h2>
      {children && <div className="mt-2 text-muted">{children}</div>}
    </div>
  );
}
