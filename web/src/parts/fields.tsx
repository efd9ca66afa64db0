import { clsx } from 'clsx';
import { type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, type TextareaHTMLAttributes, useId } from 'react';

const LOOK = 'mt-1 block min-h-11 w-full rounded-lg border border-rule bg-card px-3 text-ink';

interface Labelled {
  readonly label: ReactNode;
  /** Of the whole; what is typed into has one look everywhere. */
  readonly className?: string;
  readonly labelClass?: string;
  readonly note?: ReactNode;
}

/** A label above what it names, and a note below. */
function Named({
  label,
  className,
  labelClass,
  note,
  children,
}: Labelled & { children: (ids: { id: string; 'aria-describedby': string | undefined }) => ReactNode }) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className={clsx('block text-sm', labelClass)}>
        {label}
      </label>
      {children({ id, 'aria-describedby': note ? `${id}note` : undefined })}
      {note && (
        <p id={`${id}note`} className="mt-1 text-sm text-muted">
          {note}
        </p>
      )}
    </div>
  );
}

export function TextField({ label, className, labelClass, note, ...input }: Labelled & InputHTMLAttributes<HTMLInputElement>) {
  return <Named {...{ label, className, labelClass, note }}>{(ids) => <input {...ids} {...input} className={LOOK} />}</Named>;
}

export function TextArea({
  label,
  className,
  labelClass,
  note,
  ...area
}: Labelled & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return (
    <Named {...{ label, className, labelClass, note }}>
      {(ids) => <textarea {...ids} {...area} className={clsx(LOOK, 'py-2')} />}
    </Named>
  );
}

export interface Option {
  readonly value: string | number;
  readonly name: string;
  readonly key?: string;
  /** Options of one group stand together under its name. */
  readonly group?: string;
}

const listed = (options: readonly Option[]) =>
  options.map((o) => (
    <option key={o.key ?? o.value} value={o.value}>
      {o.name}
    </option>
  ));

export function ChoiceField({
  label,
  className,
  labelClass,
  note,
  options,
  ...select
}: Labelled & { options: readonly Option[] } & SelectHTMLAttributes<HTMLSelectElement>) {
  return (
    <Named {...{ label, className, labelClass, note }}>
      {(ids) => (
        <select {...ids} {...select} className={LOOK}>
          {listed(options.filter((o) => o.group === undefined))}
          {[...new Set(options.flatMap((o) => o.group ?? []))].map((group) => (
            <optgroup key={group} label={group}>
              {listed(options.filter((o) => o.group === group))}
            </optgroup>
          ))}
        </select>
      )}
    </Named>
  );
}

export function Check({ label, on, change }: { label: ReactNode; on: boolean; change: (on: boolean) => void }) {
  return (
    <label className="flex min-h-11 items-center gap-2 text-sm">
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-(--rust)"
        checked={on}
        onChange={(e) => change(e.target.checked)}
      />
      {label}
    </label>
  );
}

/** A number set by sliding, with its unit. */
export function Amount({
  label,
  unit,
  value,
  min,
  max,
  step,
  change,
}: {
  label: string;
  unit: string;
  value: number;
  min: number;
  max: number;
  step: number;
  change: (n: number) => void;
}) {
  return (
    <label className="block text-sm">
      {label}:{' '}
      <strong className="tabular-nums">
        {value} {unit}
      </strong>
      <input
        type="range"
        className="mt-1 block h-11 w-full accent-(--rust)"
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={(e) => change(Number(e.target.value))}
      />
    </label>
  );
}

/** What is wrong with what was typed. */
export function Wrong({ children }: { children: ReactNode }) {
  if (!children) return null;
  return (
    <p role="alert" className="mt-2 text-sm text-rust-deep">
      {children}
    </p>
  );
}
