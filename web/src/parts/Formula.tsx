import { ION_NAMES } from '#core/matter/data/components';
import { typeset } from '#core/matter/formula';

/** A formula or ion with its sub- and superscripts; read aloud by its name when it has one. */
export function Formula({ of }: { of: string }) {
  return (
    <span className="whitespace-nowrap" aria-label={ION_NAMES[of] ?? of} role="img">
      {typeset(of).map((run, i) =>
        run.shift === 'sub' ? (
          <sub key={i}>{run.text}</sub>
        ) : run.shift === 'sup' ? (
          <sup key={i}>{run.text}</sup>
        ) : (
          <span key={i}>{run.text}</span>
        ),
      )}
    </span>
  );
}
