/**
 * What tells a compound from others with the same groups, after B. S. Furniss et al., Vogel's Textbook of Practical Organic Chemistry,
 * 5th ed., ch. 9 and 10: points, constants, equivalents, and derivatives.
 */
import type { Pattern, StandardTest, When } from '../model';
import { classTest, type Row } from './class-test';
import { ALCOHOL_RED, anyPpt, liquid, turned } from './steps';

/** Whatever was said of it. */
const solidSeen: Pattern = { channel: 'solid' };
const liquidSeen: Pattern = { channel: 'solution' };

const LIQUID: When = { tests: ['compound-look'], shows: liquidSeen, against: solidSeen, otherwise: 'it is a solid' };
const SOLID: When = { tests: ['compound-look'], shows: solidSeen, against: liquidSeen, otherwise: 'it is a liquid' };
const CARBONYL: When = { tests: ['dnp'], shows: anyPpt, otherwise: 'no aldehyde or ketone was found' };
const ACID: When = { tests: ['litmus', 'solubility-nahco3-5pc'], shows: [turned('blue-litmus', 'red'), { channel: 'gas', event: 'evolved' }], otherwise: 'no acid was found' };
const ALCOHOL: When = { tests: ['cerium-nitrate'], shows: liquid(ALCOHOL_RED), otherwise: 'cerium nitrate showed no alcohol' };
const AMINE: When = { tests: ['solubility-hcl-5pc', 'nitrous-acid', 'sulfonyl-chloride'], shows: [{ channel: 'solubility', event: ['soluble', 'partly-soluble'] }, { channel: 'gas', event: 'evolved' }, anyPpt], otherwise: 'no amine was found' };
const PHENOL: When = { tests: ['iron-iii-chloride'], shows: { channel: 'solution', colour: ['violet', 'blue', 'green', 'red', 'red-brown', 'brown', 'crimson', 'dark-green', 'deep-blue'], event: 'colour-changed' }, otherwise: 'iron(III) chloride showed no phenol' };
const ESTER: When = { tests: ['hydroxamate', 'base-hydrolysis-ammonia'], shows: [{ channel: 'solution', colour: ['crimson', 'violet', 'red'] }, turned('red-litmus', 'blue')], otherwise: 'nothing was found that water takes apart' };

const READINGS: readonly StandardTest[] = [
  classTest({ id: 'melting-point', reads: 'melts', title: 'Melting point', station: 'points', watch: ['temperature'], alone: true, materials: ['capillaries, bath or block, thermometer'],
    when: SOLID, after: ['nitrogen-iron', 'sulfur-lead', 'halogen-silver'], closes: true,
    purpose: 'A sharp range shows that the compound is pure, and which of the candidates it may be.',
    how: 'Dry, powder, fill 3 mm of a capillary. Heat fast to 20 °C below, then 2 °C a minute; write the first drop and the last crystal.',
    caution: 'A hot oil bath burns: no water in it.', mistaken: 'Heated too fast it reads high; damp or impure it reads low and wide.' }),
  classTest({ id: 'boiling-point', reads: 'boils', title: 'Boiling point', station: 'points', watch: ['temperature'], alone: true, materials: ['small tube, inverted capillary, bath, thermometer'],
    when: LIQUID, after: ['nitrogen-iron', 'sulfur-lead', 'halogen-silver'], closes: true,
    purpose: 'The boiling point of the liquid, corrected to standard pressure.',
    how: 'Half a millilitre in a small tube with an inverted capillary. Heat until bubbles stream, let cool: read as the liquid enters the capillary.',
    caution: 'Vapours burn: bath, no flame, hood.' }),
  classTest({ id: 'refractive-index', title: 'Refractive index', station: 'points', watch: ['measurement'], alone: true, materials: ['refractometer at 20 °C, soft tissue, ethanol'], when: LIQUID,
    purpose: 'Four figures that tell liquids of like boiling point apart, and whether they are pure.',
    how: 'Two drops on the clean prism, close, set the border to the cross; read to 0.0005. Add 0.00045 for every degree above 20 °C.',
    caution: 'Nothing that bites glass or eyes on the prism; no metal tip.', mistaken: 'A prism not wiped dry, or a liquid that evaporates at the edge, reads wrong.' }),
  classTest({ id: 'density', title: 'Density', station: 'points', watch: ['measurement'], alone: true, materials: ['1 mL pipette, small stoppered tube, balance'], when: LIQUID,
    purpose: 'Heavier than water: halogen, or several oxygens or a nitro group.',
    how: 'Weigh a stoppered tube, run in 1.00 mL at 20 °C and weigh again.', caution: 'Never pipette by mouth.', mistaken: 'A drop on the outside of the pipette is counted too.' }),
  classTest({ id: 'neutralisation-equivalent', title: 'Neutralisation equivalent', station: 'points', watch: ['measurement'], alone: true, materials: ['burette, sodium hydroxide 0.100 M, phenolphthalein, ethanol'], when: ACID,
    purpose: 'Grams of an acid for a mole of alkali: its molar mass over the number of its acid groups.',
    how: 'Weigh 0.200 g to the milligram into 20 mL of ethanol and water. Titrate with 0.100 M sodium hydroxide until pink stays half a minute. Equivalent = 1000 × grams ÷ (mL × 0.100).',
    caution: 'Alkali hurts eyes: goggles.', mistaken: 'Water in the crystals raises it; carbon dioxide from the air fades the pink.' }),
  classTest({ id: 'saponification-equivalent', title: 'Saponification equivalent', station: 'points', watch: ['measurement'], alone: true, materials: ['burette, hydrochloric acid 0.500 M, potassium hydroxide 0.5 M in ethanol, phenolphthalein, reflux condenser'], when: ESTER,
    purpose: 'Grams of an ester for a mole of alkali that it takes up.',
    how: 'Boil 0.500 g under reflux for 45 minutes with 25.00 mL of 0.5 M alcoholic alkali; run a blank beside it. Titrate both with 0.500 M acid; the difference counts. Equivalent = 1000 × grams ÷ (difference × 0.500).',
    caution: 'Hot alcoholic alkali burns skin and catches fire: bath, goggles.', mistaken: 'Without a blank the alkali that glass and air have used is counted as ester.' }),
];

/** A solid made to be filtered, crystallised, dried and melted. */
const made = (row: Omit<Row, 'station' | 'watch' | 'optional' | 'how'> & { readonly how: string }): StandardTest =>
  classTest({ ...row, station: 'derivatives', watch: ['precipitate', 'temperature'], alone: true, optional: true, closes: true, how: `${row.how} Filter, crystallise until the melting point no longer changes, dry, and melt a little of it.` });

const DERIVATIVES: readonly StandardTest[] = [
  made({ id: 'semicarbazone', title: 'Semicarbazone derivative', when: CARBONYL, materials: ['semicarbazide hydrochloride, sodium acetate'],
    purpose: 'Crystals of an aldehyde or ketone whose melting point tells which.',
    how: 'Dissolve 0.3 g of semicarbazide hydrochloride and 0.45 g of sodium acetate in 3 mL of water, add 0.3 g in ethanol until just clear, warm 10 minutes, cool in ice.', caution: 'Semicarbazide is harmful: gloves.' }),
  made({ id: 'dinitrophenylhydrazone', title: '2,4-Dinitrophenylhydrazone derivative', when: CARBONYL, materials: ['2,4-dinitrophenylhydrazine in acid'],
    purpose: 'The orange solid of the carbonyl test, washed and crystallised: its melting point tells which.',
    how: 'Add 0.3 g in ethanol to 20 mL of the reagent; stand 15 minutes. Wash with dilute acid and with water.', caution: 'Dry 2,4-dinitrophenylhydrazine may explode: keep it wet.', mistaken: 'Acid left in the crystals lowers the melting point.' }),
  made({ id: 'oxime', title: 'Oxime derivative', when: CARBONYL, materials: ['hydroxylamine hydrochloride, sodium hydroxide'],
    purpose: 'Crystals of an aldehyde or ketone; good where the semicarbazone melts too high.',
    how: 'Warm 0.3 g with 0.3 g of hydroxylamine hydrochloride and 2 mL of 10 % sodium hydroxide in ethanol for 15 minutes; dilute, cool in ice.', caution: 'Hydroxylamine is corrosive, and explodes when heated dry: gloves, never to dryness.' }),
  made({ id: 'anilide', title: 'Anilide derivative', when: ACID, materials: ['thionyl chloride, aniline, toluene'],
    purpose: 'Crystals of a carboxylic acid by way of its chloride.',
    how: 'Boil 0.3 g under reflux with 1 mL of thionyl chloride for 20 minutes; cool, add slowly to 0.6 g of aniline in 5 mL of toluene; wash with dilute acid, alkali and water.', caution: 'Thionyl chloride fumes and burns; aniline goes through the skin: hood, gloves.', hazard: 'high' }),
  made({ id: 'amide', title: 'Amide derivative', when: ACID, materials: ['thionyl chloride, ammonia conc.'],
    purpose: 'Crystals of a carboxylic acid by way of its chloride.',
    how: 'Boil 0.3 g under reflux with 1 mL of thionyl chloride for 20 minutes; cool, drop into 5 mL of ice-cold concentrated ammonia.', caution: 'Thionyl chloride and ammonia react violently: drop by drop, in ice, in the hood.', hazard: 'high' }),
  made({ id: 'dinitrobenzoate', title: '3,5-Dinitrobenzoate derivative', when: ALCOHOL, materials: ['3,5-dinitrobenzoyl chloride, pyridine'],
    purpose: 'Crystals of an alcohol; dry alcohol only.',
    how: 'Warm 0.3 g with 0.6 g of 3,5-dinitrobenzoyl chloride and 2 drops of pyridine for 10 minutes; shake with 10 mL of sodium carbonate solution.', caution: 'The chloride burns; pyridine is harmful: hood.' }),
  made({ id: 'benzoyl-derivative', title: 'Benzoyl derivative', when: AMINE, materials: ['benzoyl chloride, sodium hydroxide, 10 %'],
    purpose: 'Crystals of a primary or secondary amine, or of a phenol.',
    how: 'Shake 0.3 g with 5 mL of 10 % sodium hydroxide and 0.5 mL of benzoyl chloride, a little at a time, until its smell has gone.', caution: 'Benzoyl chloride burns and makes eyes water: hood, gloves.' }),
  made({ id: 'acetyl-derivative', title: 'Acetyl derivative', when: AMINE, materials: ['acetic anhydride, sodium acetate'],
    purpose: 'Crystals of a primary or secondary amine.',
    how: 'Dissolve 0.3 g in 5 mL of dilute hydrochloric acid, add 0.5 mL of acetic anhydride and at once 1 g of sodium acetate in 3 mL of water; shake, cool in ice.', caution: 'Acetic anhydride burns: hood.' }),
  made({ id: 'picrate', title: 'Picrate derivative', when: AMINE, materials: ['picric acid, saturated in ethanol'],
    purpose: 'Yellow crystals of an amine, above all a tertiary one, or of a hydrocarbon of several rings.',
    how: 'Add 0.3 g in hot ethanol to 5 mL of the saturated reagent, boil a minute, cool slowly.', caution: 'Dry picric acid and its salts of metals explode: keep it wet, no metal spatula, never scrape a dry crust.', hazard: 'high' }),
  made({ id: 'aryloxyacetic-acid', title: 'Aryloxyacetic acid derivative', when: PHENOL, materials: ['chloroacetic acid, sodium hydroxide'],
    purpose: 'Crystals of a phenol, which can also be titrated.',
    how: 'Heat 0.3 g with 0.3 g of chloroacetic acid and 2 mL of 33 % sodium hydroxide in boiling water for an hour; acidify, take up in ether, shake out with carbonate, acidify.', caution: 'Chloroacetic acid burns and is poisonous through the skin: gloves.' }),
  made({ id: 'bromo-derivative', title: 'Bromo derivative', when: PHENOL, materials: ['bromine in acetic acid'],
    purpose: 'Crystals of a phenol or an aromatic amine.',
    how: 'Drop bromine in acetic acid into 0.3 g in acetic acid until yellow stays; pour into water.', caution: 'Bromine burns deeply: hood, gloves, thiosulfate at hand.', hazard: 'high' }),
  made({ id: 'acid-by-hydrolysis', title: 'Hydrolysis to the acid', when: ESTER, materials: ['sodium hydroxide, 20 %', 'hydrochloric acid', 'reflux condenser'],
    purpose: 'The acid of an ester, amide, nitrile or acid chloride, which is then known by its melting point.',
    how: 'Boil 0.3 g under reflux with 5 mL of 20 % sodium hydroxide for an hour or until no oil is left; cool, acidify.', caution: 'Hot strong alkali bumps: boiling stones, goggles.' }),
];

export const IDENTITY: readonly StandardTest[] = [...READINGS, ...DERIVATIVES];
