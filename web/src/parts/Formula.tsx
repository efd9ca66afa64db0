import { typeset } from '#core/matter/formula';
import { holdingName } from '#core/organic/data/features';
import { nameOf } from '#core/senses/names';

/** A functional group is said in words, not set as a formula. */
const isGroup = (id: string) => holdingName(id) !== undefined && !/^[A-Z]/.test(id);

/** A formula, ion or element with its sub- and superscripts, read aloud by its name; a group by its name. */
export function Formula({ of }: { of: string }) {
  if (isGroup(of)) return <span>{nameOf(of)}</span>;
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
