import { typeset } from '#core/matter/formula';
import { isSaidInWords, nameOf } from '#core/senses/names';

/** A formula, ion or element with its sub- and superscripts, read aloud by its name; a group by its name. */
export function Formula({ of }: { of: string }) {
  if (isSaidInWords(of)) return <span>{nameOf(of)}</span>;
  return (
    <span className="whitespace-nowrap" aria-label={nameOf(of)} role="img">
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
