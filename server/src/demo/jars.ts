/** The bindery cabinet: unlabelled jars of a made-up workshop. All people and places are invented. */
import type { SampleSpec } from '#core/bench/sample';
import type { Jar } from '#contract';

const compound = (smiles: string, grams = 5): SampleSpec => ({ smiles, grams });
const salt = (formula: string, grams = 3): SampleSpec => ({ salts: [{ formula, grams }] });

const mixture = (grams: Readonly<Record<string, number>>): SampleSpec => ({
  salts: Object.entries(grams).map(([formula, g]) => ({ formula, grams: g })),
});

export const JARS: readonly (Omit<Jar, 'matter' | 'level'> & { readonly sample: SampleSpec })[] = [
  { id: 'jar-02', name: 'Jar 2', look: 'small colourless crystals', story: 'From the shelf of sizes, beside the gelatine.', sample: salt('NH4Al(SO4)2·12H2O') },
  { id: 'jar-05', name: 'Jar 5', look: 'heavy white crystals', story: 'Stopper waxed shut; a skull drawn on the lid by hand.', sample: salt('Pb(NO3)2') },
  { id: 'jar-07', name: 'Jar 7', look: 'blue-green crystals', story: 'Found with the mordants for leather dyeing.', sample: salt('NiSO4·6H2O') },
  { id: 'jar-09', name: 'Jar 9', look: 'deep-blue crystals', story: 'Half used; the spoon is stained blue.', sample: salt('CuSO4·5H2O') },
  { id: 'jar-11', name: 'Jar 11', look: 'white needles', story: 'In the drawer of cleaning salts, damp at the bottom.', sample: salt('MgSO4·7H2O') },
  { id: 'jar-12', name: 'Jar 12', look: 'white powder', story: 'The label was eaten by silverfish, all but a comma.', sample: salt('BaCl2·2H2O') },
  { id: 'jar-16', name: 'Jar 16', look: 'colourless plates', story: 'Brown glass, kept from the light.', sample: salt('AgNO3') },
  { id: 'jar-18', name: 'Jar 18', look: 'white cubes', story: 'From the photographer who rented the back room.', sample: salt('KI') },
  { id: 'jar-21', name: 'Jar 21', look: 'white crusted powder', story: 'A cleaning salt, caked hard.', sample: salt('Na2CO3·10H2O') },
  { id: 'jar-24', name: 'Jar 24', look: 'green and white grains', story: 'Two powders that were swept up together.', sample: mixture({ 'NiSO4·6H2O': 2, 'Mg(NO3)2·6H2O': 1 }) },
  { id: 'jar-27', name: 'Jar 27', look: 'fine white powder', story: 'Labelled “bone”, in pencil.', sample: mixture({ 'Ca3(PO4)2': 2, 'MgCl2·6H2O': 1 }) },
  { id: 'jar-30', name: 'Jar 30', look: 'violet crystals', story: 'From the tanner’s shelf.', sample: salt('KCr(SO4)2·12H2O') },
  { id: 'jar-23', name: 'Jar 23', look: 'pale-violet crystals', story: 'An ink maker’s jar with a horn spatula.', sample: salt('Fe(NO3)3·9H2O') },
  { id: 'jar-01', name: 'Jar 1', look: 'white cubes', story: 'By the wash basin, beside the curing crock.', sample: salt('NaCl') },
  { id: 'jar-03', name: 'Jar 3', look: 'soft white powder', story: 'A tin of filler for the gilder, with a bone folder in it.', sample: salt('CaCO3') },
  { id: 'jar-04', name: 'Jar 4', look: 'clear crystals', story: 'The photographer’s fixing salt, he said.', sample: salt('Na2S2O3·5H2O') },
  { id: 'jar-06', name: 'Jar 6', look: 'orange crystals', story: 'For hardening glue; gloves lie on the lid.', sample: salt('K2Cr2O7') },
  { id: 'jar-08', name: 'Jar 8', look: 'heavy white powder', story: 'The pigment drawer, wrapped in oiled paper.', sample: salt('Pb3(CO3)2(OH)2') },
  { id: 'jar-10', name: 'Jar 10', look: 'green powder', story: 'Scraped from a copper plate, by the look of it.', sample: salt('Cu2CO3(OH)2') },
  { id: 'jar-13', name: 'Jar 13', look: 'pale-green crystals', story: 'Ink maker’s vitriol, browned at the rim.', sample: mixture({ 'FeSO4·7H2O': 2.7, 'Fe2(SO4)3': 0.3 }) },
  { id: 'jar-14', name: 'Jar 14', look: 'pink crystals', story: 'A weather-glass maker left it.', sample: salt('CoCl2·6H2O') },
  { id: 'jar-15', name: 'Jar 15', look: 'yellow crystals', story: 'From the blueprint room, light-proof.', sample: salt('K4Fe(CN)6·3H2O') },
  { id: 'jar-17', name: 'Jar 17', look: 'white crystals', story: 'Fireworks for the guild’s feast: a red star is drawn on it.', sample: salt('Sr(NO3)2') },
  { id: 'jar-19', name: 'Jar 19', look: 'pale-pink crystals', story: 'Drier for the varnish.', sample: salt('MnSO4·4H2O') },
  { id: 'jar-20', name: 'Jar 20', look: 'white crystals', story: 'For soldering the clasps; it pulls water.', sample: mixture({ 'ZnCl2': 1.5, NH4Cl: 1.5 }) },
  { id: 'jar-22', name: 'Jar 22', look: 'white powder', story: 'Two tins tipped into one, says a note.', sample: mixture({ CaCO3: 2, NaCl: 1 }) },
  { id: 'jar-25', name: 'Jar 25', look: 'white and blue grains', story: 'Sweepings of the bench by the window.', sample: mixture({ 'CuSO4·5H2O': 1.5, 'Al2(SO4)3·18H2O': 1.5 }) },
  { id: 'phial-41', name: 'Phial 41', look: 'white needles', story: 'From the box of the photograph cleaner; smells of nothing.', sample: compound('NC(N)=S') },
  { id: 'phial-42', name: 'Phial 42', look: 'white leaflets', story: 'The apothecary next door left it, corked, in blue paper.', sample: compound('CC(=O)Nc1ccc(Br)cc1') },
  { id: 'phial-43', name: 'Phial 43', look: 'white glittering plates', story: 'Between the spices for paste, with a trace of balsam.', sample: compound('OC(=O)/C=C/c1ccccc1') },
  { id: 'phial-44', name: 'Phial 44', look: 'colourless liquid', story: 'Glass stopper, varnish on the neck.', sample: compound('CCC(C)=O') },
  { id: 'phial-45', name: 'Phial 45', look: 'fine white powder', story: 'Labelled “for the paste”, sticky at the rim.', sample: compound('OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O') },
  { id: 'phial-46', name: 'Phial 46', look: 'heavy colourless liquid', story: 'Brown glass, a sweet smell in the drawer.', sample: compound('ClC(Cl)Cl') },
  { id: 'phial-47', name: 'Phial 47', look: 'yellow needles', story: 'A dyer’s sample, wrapped twice.', sample: compound('Nc1ccc(cc1)[N+](=O)[O-]') },
  { id: 'phial-48', name: 'Phial 48', look: 'white crystals', story: 'From the pest cupboard, a faint smell of phenol.', sample: compound('Oc1ccc(Cl)cc1Cl') },
  { id: 'phial-49', name: 'Phial 49', look: 'brown oily liquid', story: 'From the dyer’s box; the cork is stained.', sample: compound('Nc1ccccc1') },
  { id: 'phial-50', name: 'Phial 50', look: 'white needles', story: 'In the medicine chest, “for the feet”.', sample: compound('OC(=O)c1ccccc1O') },
];
