/** The bindery cabinet: unlabelled jars of a made-up workshop. All people and places are invented. */
import type { SampleSpec } from '#core/bench/sample';
import type { Jar } from '#contract';

const salt = (formula: string, grams = 3): SampleSpec => ({ salts: [{ formula, grams }] });

export const JARS: readonly (Jar & { readonly sample: SampleSpec })[] = [
  { id: 'jar-02', name: 'Jar 2', look: 'small colourless crystals', story: 'From the shelf of sizes, beside the gelatine.', sample: salt('NH4Al(SO4)2·12H2O') },
  { id: 'jar-05', name: 'Jar 5', look: 'heavy white crystals', story: 'Stopper waxed shut; a skull drawn on the lid by hand.', sample: salt('Pb(NO3)2') },
  { id: 'jar-07', name: 'Jar 7', look: 'blue-green crystals', story: 'Found with the mordants for leather dyeing.', sample: salt('NiSO4·6H2O') },
  { id: 'jar-09', name: 'Jar 9', look: 'deep-blue crystals', story: 'Half used; the spoon is stained blue.', sample: salt('CuSO4·5H2O') },
  { id: 'jar-11', name: 'Jar 11', look: 'white needles', story: 'In the drawer of cleaning salts, damp at the bottom.', sample: salt('MgSO4·7H2O') },
  { id: 'jar-12', name: 'Jar 12', look: 'white powder', story: 'The label was eaten by silverfish, all but a comma.', sample: salt('BaCl2·2H2O') },
  { id: 'jar-16', name: 'Jar 16', look: 'colourless plates', story: 'Brown glass, kept from the light.', sample: salt('AgNO3') },
  { id: 'jar-18', name: 'Jar 18', look: 'white cubes', story: 'From the photographer who rented the back room.', sample: salt('KI') },
  { id: 'jar-21', name: 'Jar 21', look: 'white crusted powder', story: 'A cleaning salt, caked hard.', sample: salt('Na2CO3·10H2O') },
  { id: 'jar-23', name: 'Jar 23', look: 'pale-violet crystals', story: 'An ink maker’s jar with a horn spatula.', sample: salt('Fe(NO3)3·9H2O') },
];
