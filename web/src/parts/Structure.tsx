import { clsx } from 'clsx';
import { drawingOf } from '../state/api';

/** A structure as it is drawn, on white in either theme. */
export function Structure({ smiles, name, className }: { smiles: string; name: string; className?: string }) {
  return (
    <img
      src={drawingOf(smiles)}
      alt={`Structure of ${name}`}
      loading="lazy"
      className={clsx('rounded-lg bg-white object-contain p-1', className)}
    />
  );
}
