/** Where the simulated bench and a real one part company: said to whoever relies on it. */
export interface Limit {
  readonly title: string;
  readonly text: string;
}

export const LIMITS: readonly Limit[] = [
  {
    title: 'Strong solutions',
    text: 'Activities follow Davies’ equation, which holds to about 0.5 mol/L; above that they are held constant. Crystals from saturated salts and what concentrated acids do are fitted to what is seen, and may not be right for other mixtures.',
  },
  {
    title: 'Strong acids',
    text: 'The acidity of acids over 1 mol/L rises by the slope of Hammett’s function alone. That carries fuming, oxidation by nitrate and hot sulfuric acid, not their exact strength. Their water is not counted.',
  },
  {
    title: 'Hot liquids',
    text: 'Constants are those of 25 °C. Where the heat of reaction is known (hydroxides, sulfides, halides, acids) they change with temperature; the others are taken as they are. Boiling is at 100 °C whatever is dissolved.',
  },
  {
    title: 'How fast',
    text: 'Slow precipitates, metals in acid, air, boiling off and sulfur running together follow times that are of the right order, not measured. A warm day or a scratched tube changes them by a factor of two. Hydroxides of chromium and tin(IV), basic cobalt salts and sulfides of nickel and cobalt age; precipitates of iron and zinc stay as they fell. Chromium(III) is green where it was bought so or was heated with sulfate or hydrochloric acid; else it stays violet.',
  },
  {
    title: 'What clings',
    text: 'A precipitate keeps a tenth of a millilitre of liquid and nothing else. Real ones carry other ions down with them; wash them more than you have to here.',
  },
  {
    title: 'Dry tests',
    text: 'Flames, beads, charcoal and the hard-glass tube go by tables of what each ion shows, with rules for mixtures, not by equilibrium.',
  },
  {
    title: 'Compounds',
    text: 'Groups react by half-lives of the right order; products are seen, not isolated. Outside the library melting and boiling points are estimates, good to some tens of degrees, and solubility in water to a factor of five: its word is right for about four in five; refractive indices to 0.03, densities to 0.05 g/mL. A derivative that no table lists shows its crystals but no melting point.',
  },
  {
    title: 'Values without a source',
    text: 'Some hundred and ten constants have no reviewed value known to us. Each says to what behaviour it was fitted: foxing species prints them all.',
  },
];
