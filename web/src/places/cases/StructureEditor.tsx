import { CanvasEditor, Molecule } from 'openchemlib';
import { useEffect, useRef } from 'react';

function moleculeOf(smiles: string): Molecule {
  try {
    return Molecule.fromSmiles(smiles);
  } catch {
    // What cannot be read yet is drawn from nothing.
    return new Molecule(0, 0);
  }
}

/** The package's own editor: what is drawn is told as SMILES. */
export default function StructureEditor({ smiles, change }: { smiles: string; change: (smiles: string) => void }) {
  const place = useRef<HTMLDivElement>(null);
  const start = useRef(smiles);
  const tell = useRef(change);
  tell.current = change;
  useEffect(() => {
    const editor = new CanvasEditor(place.current!);
    editor.setMolecule(moleculeOf(start.current));
    editor.setOnChangeListener(({ type, isUserEvent }) => {
      if (type === 'molecule' && isUserEvent) tell.current(editor.getMolecule().toIsomericSmiles());
    });
    return () => editor.destroy();
  }, []);
  return (
    <div
      ref={place}
      role="application"
      aria-label="Draw the structure; the SMILES above says the same"
      className="mt-2 h-72 w-full overflow-hidden rounded-lg border border-rule bg-white"
    />
  );
}
