/** A structure as a drawing. */
import { Molecule } from 'openchemlib';
import { structureOf } from './structure';

/**
 * SVG of a structure, in ink that a style sheet can turn.
 * @param width px. @param height px.
 * @throws StructureError
 */
export function drawStructure(smiles: string, width = 220, height = 150): string {
  const { smiles: checked } = structureOf(smiles);
  const molecule = Molecule.fromSmiles(checked);
  molecule.inventCoordinates();
  return molecule.toSVG(width, height, 'structure', {
    autoCrop: true,
    autoCropMargin: 8,
    suppressChiralText: true,
    suppressESR: true,
    suppressCIPParity: true,
    noStereoProblem: true,
    noColorOnESRAndCIP: true,
  });
}
