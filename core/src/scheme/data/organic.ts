/**
 * Tests of an organic compound, after B. S. Furniss et al., Vogel's Textbook of Practical Organic Chemistry, 5th ed., ch. 9:
 * look and solubility, sodium fusion and the elements, the groups, and the melting or boiling point. Amounts are for a test
 * tube; what a test shows is computed.
 */
import type { OpOf } from '../../bench/ops';
import type { Channel } from '../../vocabulary/observation';
import { EXTRACT_PLACE } from './stations';
import type { Pattern, Sign, StandardTest, Step, When } from '../model';
import { anyPpt, boil, chosen, cool, drops, gone, layer, liquid, look, pour, ppt, proof, put, shake, sign, stand, take, turned, until } from './steps';

const BLUES = ['blue', 'deep-blue', 'blue-green'] as const;
const REDS = ['red', 'red-brown', 'crimson', 'orange-red'] as const;
const PALE = ['white', 'off-white'] as const;
const solidSeen: Pattern = { channel: 'solid', event: 'unchanged' };
const liquidSeen: Pattern = { channel: 'solution', clarity: 'clear' };
const dissolved: Pattern = { channel: 'solubility', event: 'soluble' };
const dissolvedSome: Pattern = { channel: 'solubility', event: ['soluble', 'partly-soluble'] };

/** Elements decide which tests are worth doing. */
const NITROGEN: When = { tests: ['nitrogen-iron', 'nitrogen-with-sulfur'], shows: [ppt(BLUES[1]), { ...anyPpt, colour: [...BLUES] }, liquid(BLUES[1]), { channel: 'solution', colour: [...BLUES, ...REDS] }], otherwise: 'no nitrogen was found, so there is no amine, amide or nitro group' };
const SULFUR: When = { tests: ['sulfur-nitroprusside', 'sulfur-lead'], shows: [{ channel: 'solution', colour: ['violet', 'crimson'] }, { ...anyPpt, colour: ['black', 'dark-brown'] }], otherwise: 'no sulfur was found' };
const HALOGEN: When = { tests: ['halogen-silver', 'copper-wire-halogen'], shows: [anyPpt, { channel: 'flame', colour: ['green', 'blue-green', 'apple-green', 'pale-green', 'dark-green'], duration: 'lasting' }], otherwise: 'no chlorine, bromine or iodine was found' };
const CARBONYL: When = { tests: ['dnp', 'alpha-naphthol-acid'], shows: [anyPpt, { channel: 'ring', event: 'formed' }], otherwise: 'no carbonyl group and no sugar was found' };
const HYDROXYL: When = { tests: ['cerium-nitrate'], shows: liquid('red'), otherwise: 'cerium nitrate showed no alcohol' };

interface Row {
  readonly id: string;
  readonly title: string;
  readonly station: string;
  readonly purpose: string;
  /** The procedure, for a person. */
  readonly how: string;
  readonly watch: readonly Channel[];
  readonly materials?: readonly string[];
  readonly signs?: readonly Sign[];
  readonly when?: When;
  readonly caution?: string;
  readonly hazard?: 'high';
  readonly reads?: StandardTest['reads'];
  readonly mistaken?: string;
  readonly after?: readonly string[];
  readonly closes?: true;
  /** No sample is run beside it. */
  readonly alone?: true;
}

const run = (test: string, control?: 'positive' | 'negative'): OpOf<'test'> => ({ op: 'test', test, ...(control && { control }) });

/** A test with a known positive and a known negative beside the sample. */
function classTest({ id, how, station, alone, ...rest }: Row): StandardTest {
  const beside: Step[] = alone ? [] : [
    { op: run(id, 'positive'), say: 'Positive control: the same with a compound that is known to react.', why: 'So that you know the reagent works, and what to look for.' },
    { op: run(id, 'negative'), say: 'Negative control: the same with a compound that does not react.', why: 'So that the colour of the reagent is not taken for a result.' },
  ];
  return { id, ...rest, station: { organic: station }, steps: [...beside, { op: run(id), say: how }] };
}

const solubility = (id: string, title: string, how: string, purpose: string, extra: Partial<Row> = {}): StandardTest =>
  classTest({ id, title, station: 'solubility', how, purpose, watch: ['solubility', 'gas'], alone: true, ...extra });

const CHARACTER: readonly StandardTest[] = [
  classTest({ id: 'compound-look', title: 'Look at the compound', station: 'look', alone: true, watch: ['solid', 'solution', 'smell'],
    purpose: 'Solid or liquid, colour, and the smell by wafting. An old amine or phenol is browner than a pure one.',
    how: 'Look at a little on a watch glass against the white card. Waft with the hand, at arm’s length, once.',
    caution: 'Never smell what may be a cyanide, nor any acid chloride.', hazard: 'high' }),
  classTest({ id: 'ignition', title: 'Ignition', station: 'look', watch: ['soot', 'solid'],
    purpose: 'A sooty flame tells of rings and double bonds, a clear one of chains or much oxygen; what melts, chars or leaves ash.',
    how: 'Burn a drop or 50 mg on a porcelain lid: edge of the flame first, then strongly.',
    caution: 'Behind the screen, a very small amount: nitro compounds and peroxides flash.' }),
  classTest({ id: 'copper-wire-halogen', title: 'Copper wire', station: 'look', watch: ['flame'],
    purpose: 'A lasting green flame on oxidised copper: chlorine, bromine or iodine; fluorine does not show.',
    how: 'Heat the copper loop until it gives no green of its own, cool, dip it in the sample, and heat it again at the edge of the flame.',
    caution: 'Hood: some halogen compounds give poisonous vapours.',
    signs: [sign(['Cl', 'Br', 'I'], { channel: 'flame', colour: ['green', 'blue-green', 'apple-green'], duration: 'lasting' })],
    mistaken: 'A wire that is green before any sample touches it is contaminated: discard it. Urea, thiourea and some ring compounds of nitrogen give a green flash without halogen.' }),
  classTest({ id: 'litmus', title: 'Litmus on the solution', station: 'solubility', watch: ['paper'],
    purpose: 'Red: a carboxylic or sulfonic acid, or a strong phenol. Blue: an aliphatic amine.',
    how: 'Shake a little with 1 mL of water and put a drop on red and on blue litmus with the rod.',
    when: { tests: ['solubility-water'], shows: dissolvedSome, otherwise: 'it does not dissolve in water' },
    signs: [sign(['carboxylic-acid', 'sulfonic-acid'], turned('blue-litmus', 'red')), sign(['amine-primary', 'amine-secondary', 'amine-tertiary'], turned('red-litmus', 'blue'))] }),
  solubility('solubility-water', 'Solubility in water', 'Shake 0.1 g or 3 drops with 3 mL of water for a minute.', 'Small molecules with oxygen or nitrogen dissolve; five carbons to each such group is the border.'),
  solubility('solubility-ether', 'Solubility in ether', 'Shake 0.1 g or 3 drops with 3 mL of ether.', 'What dissolves in water but not in ether is a salt, a sugar or has many polar groups.', { caution: 'Ether: no flame in the room.', when: { tests: ['solubility-water'], shows: dissolvedSome, otherwise: 'it does not dissolve in water, so ether tells nothing' } }),
  solubility('solubility-naoh-5pc', 'Solubility in sodium hydroxide, 5 %', 'Shake 0.1 g or 3 drops with 3 mL of 5 % sodium hydroxide; compare with water.', 'Acids dissolve as salts: carboxylic acids, phenols, thiols, imides, some sulfonamides.',
    { caution: 'Sodium hydroxide hurts eyes: goggles.', signs: [sign(['carboxylic-acid', 'phenol', 'thiol', 'sulfonamide'], dissolved)] }),
  solubility('solubility-nahco3-5pc', 'Solubility in sodium hydrogencarbonate, 5 %', 'Shake 0.1 g or 3 drops with 3 mL of 5 % sodium hydrogencarbonate and look for fizzing.', 'Only acids stronger than carbonic acid dissolve: carboxylic and sulfonic acids, phenols with several nitro groups.',
    { when: { tests: ['solubility-naoh-5pc'], shows: dissolvedSome, otherwise: 'it does not dissolve in sodium hydroxide either' }, signs: [sign(['carboxylic-acid', 'sulfonic-acid'], [dissolved, { channel: 'gas', event: 'evolved' }])] }),
  solubility('solubility-hcl-5pc', 'Solubility in hydrochloric acid, 5 %', 'Shake 0.1 g or 3 drops with 3 mL of 5 % hydrochloric acid; compare with water.', 'Amines dissolve as salts; those with two aromatic rings do not.',
    { signs: [sign(['amine-primary', 'amine-primary-aryl', 'amine-secondary', 'amine-tertiary'], dissolved)] }),
  solubility('solubility-h2so4-conc', 'Solubility in concentrated sulfuric acid', 'Add 0.1 g or 3 drops to 3 mL of cold concentrated sulfuric acid, with care.', 'What has oxygen, nitrogen, sulfur or a double bond dissolves or reacts; alkanes, simple arenes and their halides do not.',
    { caution: 'Concentrated sulfuric acid: goggles, gloves, never water into it.', when: { tests: ['solubility-water'], shows: { channel: 'solubility', event: ['insoluble', 'partly-soluble'] }, otherwise: 'it dissolves in water already' } }),
];

const FUSION_CAUTION = 'Sodium burns and explodes with water: dry glass, dry hands, goggles, screen, hood, sand at hand, no water near until the tube is red hot. Never fuse a nitroalkane, azide, diazo compound, chloroform, carbon tetrachloride or the like: they explode with sodium. Left-over sodium spits as the tube breaks: cover the dish at once. Scraps of sodium go into 2-propanol, never into the sink.';

const ELEMENTS: readonly StandardTest[] = [
  { id: 'sodium-fusion', title: 'Sodium fusion', station: { organic: 'fusion' }, makes: [EXTRACT_PLACE], watch: ['extract'], caution: FUSION_CAUTION, hazard: 'high',
    purpose: 'Red-hot sodium turns nitrogen, sulfur and the halogens into sodium salts that water takes up: one extract for every element test.',
    materials: ['sodium under oil, knife, tweezers, drying papers', '2 or 3 ignition tubes and a holder', 'evaporating dish, distilled water, wire gauze', 'funnel, filter paper, glass rod'],
    steps: [{ op: { op: 'fuse', sodium_mg: 60, sample_mg: 40, gentle_minutes: 2, red_hot: true, tubes: 2, water_mL: 10, boil_to_mL: 3.5, order: 'melt-first', dried: true, covered: true } }],
    mistaken: 'A brown or cloudy extract means an incomplete fusion: do it again, or every test after it is worthless.' },
  { id: 'nitrogen-iron', title: 'Nitrogen with iron(II) sulfate', station: { organic: 'elements' }, start: EXTRACT_PLACE, watch: ['precipitate', 'solution'],
    purpose: 'Cyanide and iron(II) make hexacyanoferrate; with iron(III), in acid, Prussian blue.',
    caution: 'Hydrogen cyanide may come off as it is acidified: hood.', hazard: 'high',
    steps: [
      take(1, EXTRACT_PLACE),
      chosen('iron-ii-sulfate', { solid: [put('iron-ii-sulfate-solid', 0.1, 'No more than this: it must stay alkaline, or cyanide boils away. The green precipitate now is only iron hydroxide from the alkali.')], fresh: [pour('iron-ii-sulfate-fresh-0.5M', 1, 'The green precipitate now is only iron hydroxide from the alkali.')] }),
      boil(2, '1', 'Boiling in air makes the iron(III) that is needed.'), cool('1'),
      chosen('nitrogen-acid', { sulfuric: [pour('sulfuric-acid-1M', 4, 'Until the hydroxide has gone.')], hydrochloric: [pour('hydrochloric-acid-2M', 4, 'Until the hydroxide has gone.')], concentrated: [drops('hydrochloric-acid-conc', 18, 'Until the hydroxide has gone.')] }),
      boil(2, '1', 'Sulfide goes as gas, and with it what hides the blue.'), cool('1'),
      chosen('nitrogen-iron-iii', { weak: [drops('iron-iii-chloride-0.1M', 4, 'Only as the colour is weak without it.')], always: [drops('iron-iii-chloride-0.1M', 8)] }),
      stand(3), look('1'),
    ],
    signs: [proof('N', { ...anyPpt, colour: [...BLUES] }), proof('N', liquid('deep-blue')), sign('N', { channel: 'solution', colour: [...REDS] })],
    mistaken: 'A green precipitate from alkali alone is no nitrogen: it must stay blue in acid. Yellow iron(III) over a little blue reads as green. Red is thiocyanate: nitrogen and sulfur, with too little sodium.' },
  { id: 'nitrogen-with-sulfur', title: 'Nitrogen with sulfur: thiocyanate', station: { organic: 'elements' }, start: EXTRACT_PLACE, watch: ['solution'],
    purpose: 'Where sodium was scarce, nitrogen and sulfur stay together as thiocyanate: red with iron(III).', caution: 'Hydrogen sulfide and cyanide come off: hood.', hazard: 'high',
    steps: [take(0.4, EXTRACT_PLACE), pour('hydrochloric-acid-2M', 1), boil(2, '1', 'Free of sulfide.'), cool('1'), drops('iron-iii-chloride-0.1M', 6), look('1')],
    signs: [proof(['N', 'S'], { channel: 'solution', colour: [...REDS] })], mistaken: 'Iron(III) chloride is itself yellow to orange: compare with a blank. Fluoride bleaches the red.' },
  { id: 'sulfur-nitroprusside', title: 'Sulfur with nitroprusside', station: { organic: 'elements' }, start: EXTRACT_PLACE, watch: ['solution'],
    purpose: 'Sulfide turns nitroprusside violet, for a moment.', caution: 'Nitroprusside is toxic: gloves.',
    steps: [take(0.4, EXTRACT_PLACE), pour('water', 0.5), drops('sodium-nitroprusside-1pc', 3), look('1')],
    signs: [proof('S', { channel: 'solution', colour: ['violet', 'crimson'] })], mistaken: 'The violet fades: look at once. Thiocyanate gives none: a compound with nitrogen may hide its sulfur there.' },
  { id: 'sulfur-lead', title: 'Sulfur with lead acetate', station: { organic: 'elements' }, start: EXTRACT_PLACE, watch: ['precipitate'],
    purpose: 'Black lead sulfide from the extract in acetic acid.', caution: 'Lead: gloves, heavy-metal waste.',
    steps: [take(0.4, EXTRACT_PLACE), pour('acetic-acid-2M', 1.2, 'Acid to litmus, or white lead hydroxide falls.'), drops('lead-acetate-0.1M', 5), look('1')],
    signs: [proof('S', { ...anyPpt, colour: ['black', 'dark-brown'] })], mistaken: 'White is lead halide or hydroxide, not sulfide.' },
  { id: 'halogen-silver', title: 'Halogen with silver nitrate', station: { organic: 'elements' }, start: EXTRACT_PLACE, makes: ['XAg'], watch: ['precipitate'],
    purpose: 'The silver halide, from acid that was boiled free of cyanide and sulfide.', caution: 'Hydrogen cyanide and sulfide go off as it boils: hood.', hazard: 'high',
    steps: [
      take(0.6, EXTRACT_PLACE, 'XAg'), until('nitric-acid-2M', 'just-acidic', 'Acid first: alkali alone gives brown silver oxide.', 'XAg'), drops('nitric-acid-2M', 2, 'No more: hot strong nitric acid takes iodide to iodine.', 'XAg'),
      chosen('boil-before-silver', { always: [boil(6, 'XAg', 'Cyanide and sulfide must go, or they pose as a halide.')], 'if-found': [boil(6, 'XAg', 'As nitrogen or sulfur may be there.')] }),
      cool('XAg'), pour('silver-nitrate-0.1M', 0.6, undefined, 'XAg'), look('XAg'),
    ],
    signs: [sign('Cl', ppt(PALE[0])), sign('Br', { ...anyPpt, colour: ['cream', 'pale-yellow', 'off-white'] }), sign('I', { ...anyPpt, colour: ['yellow', 'pale-yellow'] })],
    mistaken: 'Pale yellow and yellow are argued over at every bench: ammonia, and the layer test, decide.' },
  { id: 'halogen-ammonia', title: 'Silver halide and ammonia', station: { organic: 'elements' }, start: 'XAg', watch: ['precipitate'],
    purpose: 'Chloride dissolves in dilute ammonia, bromide hardly, iodide not at all.',
    when: { tests: ['halogen-silver'], shows: anyPpt, otherwise: 'silver nitrate gave no precipitate' },
    steps: [{ op: { op: 'centrifuge', vessel: 'XAg' } }, { op: { op: 'decant', from: 'XAg', to: '2' }, why: 'The acid away: it would use up the ammonia.' }, pour('ammonia-2M', 3, undefined, 'XAg'), shake('XAg'), look('XAg')],
    signs: [proof('Cl', { channel: 'precipitate', event: 'dissolved' }), sign('Br', { channel: 'precipitate', event: ['persists', 'partly-dissolved'], colour: ['cream', 'pale-yellow', 'off-white', 'white'] }), sign('I', { channel: 'precipitate', event: 'persists', colour: ['yellow', 'pale-yellow'] })] },
  { id: 'halogen-layer', title: 'Oxidant and a layer', station: { organic: 'elements' }, start: EXTRACT_PLACE, watch: ['layer'],
    purpose: 'The arbiter: bromine colours the layer orange to brown, iodine violet, chlorine not.', caution: 'Chlorine: hood.', hazard: 'high',
    when: { tests: ['halogen-silver'], shows: anyPpt, otherwise: 'silver nitrate gave no precipitate' },
    steps: [
      take(0.4, EXTRACT_PLACE), until('sulfuric-acid-1M', 'just-acidic', 'Sulfuric, as nitric acid would take the iodide.'), drops('sulfuric-acid-1M', 2), boil(3), cool(),
      chosen('layer-solvent', { cyclohexane: [pour('cyclohexane', 1)], dichloromethane: [pour('dichloromethane', 1)], 'carbon-disulfide': [pour('carbon-disulfide', 1)], 'carbon-tetrachloride': [pour('carbon-tetrachloride', 1)] }),
      chosen('layer-oxidant', {
        'chlorine-water': [drops('chlorine-water', 10, 'Drop by drop, shaking: an excess bleaches iodine.'), shake(), drops('chlorine-water', 10), shake()],
        'bleach-acidified': [drops('bleach-acidified', 4), shake()],
        permanganate: [drops('sulfuric-acid-1M', 4), drops('potassium-permanganate-0.02M', 8), shake()],
        'nitric-acid': [drops('nitric-acid-conc', 10), shake()],
      }),
      look(),
    ],
    signs: [proof('Br', layer('orange')), proof('Br', { channel: 'layer', event: 'present', colour: ['yellow', 'orange', 'orange-red', 'brown', 'red-brown', 'pale-yellow'] }), proof('I', { channel: 'layer', event: 'present', colour: ['violet', 'pink', 'crimson'] })],
    mistaken: 'Iodine comes first and hides bromine: bleach it with more oxidant, and look again. Too much at once bleaches both.' },
  { id: 'phosphorus-molybdate', title: 'Phosphorus with molybdate', station: { organic: 'elements' }, start: EXTRACT_PLACE, watch: ['precipitate'],
    purpose: 'Phosphide and phosphate, oxidised with nitric acid, give yellow ammonium phosphomolybdate.', caution: 'Strong nitric acid: goggles, hood.',
    steps: [take(0.4, EXTRACT_PLACE), pour('nitric-acid-6M', 1), boil(2, '1', 'Cyanide and sulfide out, phosphide to phosphate.'), pour('ammonium-molybdate-reagent', 1), { op: { op: 'heat', vessel: '1', to: 'warm', minutes: 3 } }, stand(5), look('1')],
    signs: [proof('P', { ...anyPpt, colour: 'yellow' })], mistaken: 'Sulfide leaves pale-yellow sulfur in the acid, with or without phosphorus.' },
  { id: 'fluorine-zirconium', title: 'Fluorine with zirconium and alizarin', station: { organic: 'elements' }, start: EXTRACT_PLACE, watch: ['solution'],
    purpose: 'Fluoride takes zirconium from the red lake and leaves the dye yellow.',
    steps: [take(0.4, EXTRACT_PLACE), pour('acetic-acid-2M', 0.8, 'Weak acid, and cold: hydrogen fluoride must not boil away.'), drops('zirconium-alizarin', 3), stand(3), look('1')],
    signs: [proof('F', { channel: 'solution', colour: ['yellow', 'pale-yellow'] })], control: 'blank', mistaken: 'Sulfate and phosphate in quantity do the same.' },
];

const GROUPS: readonly StandardTest[] = [
  classTest({ id: 'bromine-addition', title: 'Bromine', station: 'unsaturation', watch: ['solution', 'precipitate'], materials: ['bromine, 2 % in dichloromethane or fresh bromine water'],
    purpose: 'Double and triple bonds take up bromine; phenols and aromatic amines exchange hydrogen for it.',
    how: 'Dissolve 50 mg or 2 drops in 1 mL of the solvent and add bromine solution drop by drop, shaking, until the colour stays; 2 minutes at most.',
    caution: 'Bromine burns skin and lungs: hood, gloves, thiosulfate at hand.',
    signs: [sign(['alkene', 'alkyne'], liquid('colourless'), [anyPpt]), sign(['phenol', 'amine-primary-aryl'], [liquid('colourless'), ppt('white')])],
    mistaken: 'Enols, aldehydes and thiols bleach it too. A double bond beside a carbonyl group takes it up slowly.' }),
  classTest({ id: 'permanganate', title: 'Cold permanganate', station: 'unsaturation', watch: ['precipitate', 'solution'], materials: ['potassium permanganate, 1 %'],
    purpose: 'Double and triple bonds, and all that oxidises easily, turn the violet to a brown precipitate.',
    how: 'Dissolve 50 mg or 2 drops in 2 mL of water or acetone, add 1 % permanganate drop by drop, shaking; look within 2 minutes.',
    signs: [sign(['alkene', 'alkyne', 'aldehyde', 'phenol', 'amine-primary-aryl'], { channel: 'precipitate', event: 'formed', colour: ['brown', 'dark-brown'] })],
    mistaken: 'Aldehydes, phenols, amines, thiols and formic acid do it as well: alone it proves no double bond.' }),
  classTest({ id: 'dnp', title: '2,4-Dinitrophenylhydrazine', station: 'carbonyl', watch: ['precipitate'], materials: ['2,4-dinitrophenylhydrazine reagent'],
    purpose: 'Aldehydes and ketones give a yellow to red precipitate, the redder the longer the conjugation.',
    how: 'Dissolve 50 mg or 2 drops in 1 mL of ethanol, add 2 mL of the reagent, shake; wait up to 10 minutes.',
    caution: 'The reagent is toxic and stains; dry it is explosive.', hazard: 'high',
    signs: [sign(['aldehyde', 'ketone', 'quinone'], { channel: 'precipitate', event: 'formed', colour: ['yellow', 'orange', 'orange-red', 'red'] })],
    mistaken: 'The reagent itself is orange: only a precipitate counts. Some alcohols are oxidised by it and give a little.' }),
  classTest({ id: 'ammoniacal-silver', title: 'Ammoniacal silver', station: 'carbonyl', watch: ['deposit', 'precipitate'], materials: ['silver nitrate, ammonia, sodium hydroxide: mixed now, not kept'], when: { ...CARBONYL, tests: [...CARBONYL.tests, 'iron-iii-chloride', 'solubility-nahco3-5pc'], shows: [anyPpt, { channel: 'ring', event: 'formed' }, { channel: 'solution', colour: ['brown', 'green', 'red-brown', 'red'] }, { channel: 'gas', event: 'evolved' }] },
    purpose: 'Aldehydes, reducing sugars and easily oxidised phenols deposit a mirror.',
    how: 'Into a clean tube: 1 mL of silver nitrate, a drop of sodium hydroxide, ammonia just until clear; add 50 mg or 2 drops, and stand in warm water for 10 minutes. Do not shake.',
    caution: 'On standing it forms silver nitride, which explodes: mix it fresh, acidify and pour it away at once.', hazard: 'high',
    signs: [sign(['aldehyde', 'carbohydrate'], { channel: 'deposit', event: 'formed', colour: ['silver', 'grey', 'black'] })] }),
  classTest({ id: 'copper-tartrate', title: 'Copper tartrate', station: 'carbonyl', watch: ['precipitate'], materials: ['copper sulfate, alkaline tartrate: mixed now'], when: CARBONYL,
    purpose: 'Aliphatic aldehydes and reducing sugars turn the deep blue to red copper(I) oxide; aromatic aldehydes do not.',
    how: 'Mix equal volumes of the two solutions, 1 mL in all; add 50 mg or 2 drops; 5 minutes in boiling water.',
    signs: [sign(['carbohydrate', 'aldehyde'], { channel: 'precipitate', event: 'formed', colour: ['red', 'orange', 'orange-red', 'brick-red'] })] }),
  classTest({ id: 'fuchsin-aldehyde', title: 'Decolourised fuchsin', station: 'carbonyl', watch: ['solution'], materials: ['fuchsin decolourised with sulfur dioxide'], when: CARBONYL,
    purpose: 'Aldehydes bring the violet back; ketones and sugars do not.',
    how: 'Add 2 drops or a little in ethanol to 2 mL of the reagent, in the cold; wait 10 minutes.',
    signs: [proof('aldehyde', { channel: 'solution', colour: ['violet', 'pink', 'crimson'] })], mistaken: 'Heat or alkali brings the pink back without any aldehyde.' }),
  classTest({ id: 'iodoform', title: 'Iodoform', station: 'carbonyl', watch: ['precipitate'], materials: ['iodine in potassium iodide, sodium hydroxide'],
    when: { tests: ['dnp', 'cerium-nitrate', 'chromic-acid'], shows: [anyPpt, { channel: 'solution', colour: ['red', 'green'] }], otherwise: 'neither carbonyl nor alcohol was found' },
    purpose: 'Methyl ketones, ethanal, ethanol and alcohols CH₃CH(OH)R give yellow iodoform.',
    how: 'Dissolve 2 drops or 50 mg in 1 mL of water or dioxane, add 1 mL of sodium hydroxide, then iodine until the colour stays; 5 minutes at 60 °C.',
    signs: [sign(['ketone', 'alcohol-secondary'], { channel: 'precipitate', event: 'formed', colour: ['yellow', 'pale-yellow'] })] }),
  classTest({ id: 'cerium-nitrate', title: 'Cerium(IV) nitrate', station: 'hydroxyl', watch: ['solution', 'precipitate'], materials: ['ammonium cerium(IV) nitrate in nitric acid'],
    purpose: 'Alcohols up to ten carbons turn the yellow to red; phenols give brown.',
    how: 'Add 2 drops or 50 mg in water or dioxane to 0.5 mL of the reagent; look at once.',
    signs: [proof(['alcohol-primary', 'alcohol-secondary', 'alcohol-tertiary'], { channel: 'solution', colour: ['red', 'orange-red'] }), sign('phenol', { channel: 'precipitate', event: 'formed', colour: ['brown', 'dark-brown'] })],
    mistaken: 'Aromatic amines are oxidised to dark colours.' }),
  classTest({ id: 'zinc-chloride-hcl', title: 'Zinc chloride in hydrochloric acid', station: 'hydroxyl', watch: ['solution', 'layer'], materials: ['zinc chloride in concentrated hydrochloric acid'], when: HYDROXYL,
    purpose: 'Tertiary and benzylic alcohols cloud at once, secondary within minutes, primary not in the cold.',
    how: 'Add 5 drops to 1 mL of the reagent, stopper, shake; watch for 8 minutes.', caution: 'Concentrated acid: hood, goggles.',
    signs: [sign(['alcohol-tertiary', 'alcohol-secondary'], { channel: 'solution', clarity: 'cloudy' })],
    mistaken: 'Only for alcohols that dissolve in the reagent, up to six or seven carbons.' }),
  classTest({ id: 'chromic-acid', title: 'Chromic acid in acetone', station: 'hydroxyl', watch: ['solution'], materials: ['chromium trioxide in sulfuric acid, acetone free of aldehyde'],
    purpose: 'Primary and secondary alcohols and aldehydes turn orange to green in seconds; tertiary alcohols and ketones do not.',
    how: 'Dissolve a drop or 20 mg in 1 mL of acetone, add a drop of the reagent; look within a minute.', caution: 'Chromium(VI) causes cancer: gloves, chromium waste.',
    signs: [sign(['alcohol-primary', 'alcohol-secondary', 'aldehyde'], { channel: 'solution', colour: ['green', 'blue-green', 'dark-green'] })] }),
  classTest({ id: 'iron-iii-chloride', title: 'Iron(III) chloride', station: 'hydroxyl', watch: ['solution'], materials: ['iron(III) chloride, 1 %, neutral'],
    purpose: 'Phenols and enols give violet, blue, green or red.',
    how: 'Dissolve 20 mg in 1 mL of water or ethanol, add 3 drops of neutral iron(III) chloride; look at once.',
    signs: [proof('phenol', { channel: 'solution', colour: ['violet', 'blue', 'green', 'red-brown', 'blue-green', 'deep-blue'] })],
    mistaken: 'Enols give red; crowded phenols and those with several nitro groups nothing.' }),
  classTest({ id: 'phthalein', title: 'Phthalein', station: 'hydroxyl', watch: ['solution'], materials: ['phthalic anhydride, concentrated sulfuric acid, sodium hydroxide'], when: { tests: ['iron-iii-chloride', 'solubility-naoh-5pc'], shows: [{ channel: 'solution', colour: ['violet', 'blue', 'green', 'red-brown', 'brown'] }, dissolved], otherwise: 'no sign of a phenol' },
    purpose: 'A phenol with its para place free makes a dye: phenol pink, resorcinol green and glowing.',
    how: 'Heat 50 mg with as much phthalic anhydride and 2 drops of concentrated sulfuric acid for 2 minutes, cool, pour into dilute sodium hydroxide.', caution: 'Hot concentrated acid: goggles, screen.',
    signs: [sign('phenol', { channel: 'solution', colour: ['pink', 'green', 'violet', 'blue-green'] })] }),
  classTest({ id: 'alpha-naphthol-acid', title: 'Alpha-naphthol and acid', station: 'carbonyl', watch: ['ring'], materials: ['1-naphthol, 10 % in ethanol', 'concentrated sulfuric acid'], when: { tests: ['solubility-water'], shows: dissolvedSome, otherwise: 'it does not dissolve in water, so it is no sugar' },
    purpose: 'All sugars give a violet ring over concentrated sulfuric acid.',
    how: 'Dissolve 20 mg in 1 mL of water, add 2 drops of 1-naphthol, and run 1 mL of concentrated sulfuric acid down the side. Do not shake.', caution: 'Concentrated sulfuric acid: goggles, gloves.',
    signs: [proof('carbohydrate', { channel: 'ring', event: 'formed', colour: ['violet', 'crimson', 'red'] })] }),
  classTest({ id: 'esterification-smell', title: 'Esterification', station: 'acids', watch: ['smell'], materials: ['ethanol, concentrated sulfuric acid'], when: { tests: ['solubility-nahco3-5pc', 'litmus'], shows: [dissolved, turned('blue-litmus', 'red')], otherwise: 'no sign of a carboxylic acid' },
    purpose: 'A carboxylic acid with ethanol and acid smells of fruit.',
    how: 'Warm 50 mg with 1 mL of ethanol and 3 drops of concentrated sulfuric acid for 10 minutes, pour into sodium carbonate solution, waft.', caution: 'Ethanol burns: hot water, no flame.',
    signs: [sign('carboxylic-acid', { channel: 'smell', smell: 'fruity' })] }),
  classTest({ id: 'hydroxamate', title: 'Hydroxamate', station: 'acids', watch: ['solution'], materials: ['hydroxylamine hydrochloride, sodium hydroxide in ethanol, iron(III) chloride, hydrochloric acid'],
    purpose: 'Esters, anhydrides and acid chlorides make a hydroxamic acid, crimson with iron(III).',
    how: 'Boil 50 mg or a drop with 1 mL of hydroxylamine in ethanol and 5 drops of sodium hydroxide for 5 minutes in the bath, cool, acidify, add a drop of iron(III) chloride.', caution: 'Ethanol burns: bath, no flame.',
    signs: [proof('ester', { channel: 'solution', colour: ['crimson', 'violet', 'red'] }), sign(['anhydride', 'acid-halide'], { channel: 'solution', colour: ['crimson', 'violet', 'red'] })],
    mistaken: 'What colours iron(III) chloride alone (enols, phenols) must be told apart by a blank without hydroxylamine.' }),
  classTest({ id: 'base-hydrolysis-ammonia', title: 'Boiling with alkali', station: 'nitrogen', watch: ['paper', 'smell'], materials: ['sodium hydroxide, 10 %', 'red litmus'], when: NITROGEN,
    purpose: 'Amides, ureas and, slowly, nitriles give off ammonia or an amine.',
    how: 'Boil 50 mg with 2 mL of 10 % sodium hydroxide for 10 minutes; damp red litmus at the mouth.', caution: 'Hot alkali spits: goggles, boiling chip.',
    signs: [sign(['amide', 'nitrile'], turned('red-litmus', 'blue'))], mistaken: 'A volatile amine turns litmus before it is boiled. Anilides give aniline, which does not.' }),
  classTest({ id: 'nitrous-acid', title: 'Nitrous acid', station: 'nitrogen', watch: ['gas', 'solution', 'layer', 'precipitate'], materials: ['sodium nitrite, hydrochloric acid, ice'], when: NITROGEN,
    purpose: 'Primary aliphatic amines fizz, primary aromatic ones stay clear in the cold, secondary ones give a yellow oil, aromatic tertiary ones orange and green.',
    how: 'Dissolve 50 mg or 2 drops in 2 mL of 2 M hydrochloric acid, cool in ice, add sodium nitrite solution drop by drop.', caution: 'Nitrosamines cause cancer: hood, gloves, and only this small amount.',
    signs: [sign('amine-primary', { channel: 'gas', event: 'evolved' }), proof('amine-secondary', { channel: 'layer', event: 'present', colour: ['yellow', 'orange'] })] }),
  classTest({ id: 'azo-coupling', title: 'Azo coupling', station: 'nitrogen', watch: ['precipitate'], materials: ['sodium nitrite, hydrochloric acid, ice', '2-naphthol in sodium hydroxide'], when: NITROGEN,
    purpose: 'A primary aromatic amine, diazotised, couples with 2-naphthol to an orange-red dye.',
    how: 'Dissolve 50 mg in 2 mL of 2 M hydrochloric acid, cool in ice, add cold sodium nitrite, then pour into cold 2-naphthol in alkali.', caution: 'Keep it below 5 °C; dry diazonium salts explode.', hazard: 'high',
    signs: [proof('amine-primary-aryl', { channel: 'precipitate', event: 'formed', colour: ['red', 'orange-red', 'orange'] })] }),
  classTest({ id: 'carbylamine', title: 'Carbylamine', station: 'nitrogen', watch: ['smell'], materials: ['chloroform, sodium hydroxide in ethanol'], when: NITROGEN,
    purpose: 'Primary amines give an isocyanide, with a smell that is not forgotten.',
    how: 'Warm a drop or 20 mg with 3 drops of chloroform and 1 mL of alcoholic alkali, waft once, then add acid in the hood.', caution: 'Isocyanides are poisonous, chloroform harmful: hood, tiny amounts; destroy with hydrochloric acid.', hazard: 'high',
    signs: [sign(['amine-primary', 'amine-primary-aryl'], { channel: 'smell', smell: 'pungent' })] }),
  classTest({ id: 'sulfonyl-chloride', title: 'Benzenesulfonyl chloride', station: 'nitrogen', watch: ['precipitate'], materials: ['benzenesulfonyl chloride, sodium hydroxide, hydrochloric acid'], when: NITROGEN,
    purpose: 'Primary amines: clear in alkali, solid with acid. Secondary: a solid that alkali leaves. Tertiary: nothing.',
    how: 'Shake 50 mg or 2 drops with 3 mL of 10 % alkali and 4 drops of the chloride for 5 minutes; look; then acidify.', caution: 'The chloride burns and makes eyes water: hood.',
    signs: [sign(['amine-primary', 'amine-primary-aryl'], { channel: 'precipitate', event: 'dissolved' }), sign('amine-secondary', { channel: 'precipitate', event: ['formed', 'persists'] }, gone)] }),
  classTest({ id: 'iron-ii-hydroxide-nitro', title: 'Iron(II) hydroxide', station: 'nitrogen', watch: ['precipitate'], materials: ['iron(II) ammonium sulfate, alcoholic potassium hydroxide'], when: NITROGEN,
    purpose: 'Nitro groups turn the green hydroxide red-brown.',
    how: 'Add 20 mg to 1.5 mL of fresh 5 % iron(II) ammonium sulfate, a drop of sulfuric acid, 1 mL of alcoholic alkali; stopper, shake; wait 10 minutes.',
    signs: [proof('nitro', { channel: 'precipitate', event: 'formed', colour: ['red-brown', 'brown'] })], mistaken: 'Air browns it from the top down: stopper the tube and look at the bottom. Quinones do it too.' }),
  classTest({ id: 'silver-nitrate-ethanol', title: 'Silver nitrate in ethanol', station: 'halogen', watch: ['precipitate'], materials: ['silver nitrate, 2 % in ethanol'], when: HALOGEN,
    purpose: 'Halogen on a tertiary, allylic or benzylic carbon, or in an acid chloride, falls at once; on other chains slowly or warm; on a ring never.',
    how: 'Add a drop or 50 mg in ethanol to 2 mL of the reagent; 2 minutes cold, then 5 in hot water.',
    signs: [proof('alkyl-halide', { channel: 'precipitate', event: 'formed' })], mistaken: 'Silver salts of some acids fall too: they go with a drop of nitric acid.' }),
  classTest({ id: 'sodium-iodide-acetone', title: 'Sodium iodide in acetone', station: 'halogen', watch: ['precipitate', 'solution'], materials: ['sodium iodide, 15 % in acetone'], when: HALOGEN,
    purpose: 'Chlorine and bromine on primary, allylic or benzylic carbon are exchanged, and sodium salt falls.',
    how: 'Add 2 drops or 50 mg in acetone to 1 mL of the reagent; 3 minutes cold, then 6 at 50 °C.', caution: 'Acetone burns: bath, no flame.',
    signs: [sign('alkyl-halide', { channel: 'precipitate', event: 'formed' })] }),
  classTest({ id: 'copper-citrate', title: 'Copper(II) citrate, boiled', station: 'carbonyl', watch: ['precipitate', 'solution'], materials: ['copper(II) citrate reagent'], when: CARBONYL,
    purpose: 'Reducing sugars and chain aldehydes give red copper(I) oxide; the reagent keeps.',
    how: 'Add 50 mg to 2 mL of the reagent; 5 minutes in boiling water.',
    signs: [sign('carbohydrate', { channel: 'precipitate', event: 'formed', colour: ['red', 'orange-red', 'orange'] })] }),
  classTest({ id: 'copper-acetate-acid', title: 'Copper(II) acetate in acetic acid', station: 'carbonyl', watch: ['precipitate'], materials: ['copper(II) acetate in 1 % acetic acid'], when: CARBONYL,
    purpose: 'Simple reducing sugars give red copper(I) oxide in three minutes; double sugars only after much longer.',
    how: 'Add 50 mg in water to 2 mL of the reagent; 3 minutes in boiling water, no longer.',
    signs: [sign('carbohydrate', { channel: 'precipitate', event: 'formed', colour: ['red', 'orange-red'] })], mistaken: 'Boiled too long, double sugars are split and answer too.' }),
  classTest({ id: 'resorcinol-acid', title: 'Resorcinol and hydrochloric acid', station: 'carbonyl', watch: ['solution'], materials: ['resorcinol, 0.05 % in 4 M hydrochloric acid'], when: CARBONYL,
    purpose: 'A ketose, free or in sucrose, is red in two minutes; an aldose only faintly pink.',
    how: 'Add 20 mg in water to 2 mL of the reagent; 2 minutes in boiling water.', caution: 'Acid: goggles.',
    signs: [sign('carbohydrate', liquid('red'))] }),
  classTest({ id: 'hydrogensulfite', title: 'Hydrogensulfite addition', station: 'carbonyl', watch: ['precipitate'], materials: ['sodium hydrogensulfite, saturated'], when: CARBONYL,
    purpose: 'Aldehydes, methyl ketones and small ring ketones crystallise with hydrogensulfite; others do not.',
    how: 'Shake 5 drops or 0.1 g in ethanol with 2 mL of cold saturated sodium hydrogensulfite; wait 5 minutes.', caution: 'Sulfur dioxide: hood.',
    signs: [sign(['aldehyde', 'ketone'], { channel: 'precipitate', event: 'formed', colour: 'white' })] }),
  classTest({ id: 'ninhydrin', title: 'Ninhydrin', station: 'nitrogen', watch: ['solution'], materials: ['ninhydrin, 0.2 % in water'], when: NITROGEN,
    purpose: 'Amino acids and primary amines are violet with warm ninhydrin, proline yellow.',
    how: 'Add 5 mg in water to 1 mL of the reagent; 3 minutes in boiling water.', caution: 'It stains skin for days: gloves.',
    signs: [sign('amine-primary', liquid('violet'))], mistaken: 'Fingerprints are enough for a colour: touch nothing.' }),
  classTest({ id: 'biuret', title: 'Copper(II) sulfate in alkali', station: 'nitrogen', watch: ['solution'], materials: ['sodium hydroxide, 10 %', 'copper(II) sulfate, 1 %'], when: NITROGEN,
    purpose: 'Two amide groups in a row, as in peptides and biuret, are violet with copper in alkali.',
    how: 'Dissolve 20 mg in 1 mL of sodium hydroxide and add 2 drops of copper sulfate.', caution: 'Alkali: goggles.',
    signs: [sign('amide', liquid('violet'))], mistaken: 'Ammonium salts turn it deep blue; too much copper hides the violet.' }),
  classTest({ id: 'lead-acetate-thiol', title: 'Lead acetate with the compound', station: 'sulfur', watch: ['precipitate'], materials: ['lead acetate in ethanol'], when: SULFUR,
    purpose: 'Thiols give a yellow lead salt; thioamides black sulfide.',
    how: 'Add a drop or 20 mg in ethanol to 1 mL of lead acetate; wait 3 minutes.', caution: 'Lead: gloves. Thiols stink: hood, bleach for the glass.',
    signs: [proof('thiol', { channel: 'precipitate', event: 'formed', colour: ['yellow', 'orange'] })] }),
];

const POINTS: readonly StandardTest[] = [
  classTest({ id: 'melting-point', reads: 'melts', title: 'Melting point', station: 'points', watch: ['temperature'], alone: true, materials: ['capillaries, bath or block, thermometer'],
    when: { tests: ['compound-look'], shows: solidSeen, otherwise: 'it is a liquid' }, after: ['nitrogen-iron', 'sulfur-lead', 'halogen-silver'], closes: true,
    purpose: 'A sharp range tells that it is pure, and which of the candidates it may be.',
    how: 'Dry, powder, fill 3 mm of a capillary. Heat fast to 20 °C below, then 2 °C a minute; write the first drop and the last crystal.',
    caution: 'A hot oil bath burns: no water in it.', mistaken: 'Heated too fast it reads high; damp or impure it reads low and wide.' }),
  classTest({ id: 'boiling-point', reads: 'boils', title: 'Boiling point', station: 'points', watch: ['temperature'], alone: true, materials: ['small tube, inverted capillary, bath, thermometer'],
    when: { tests: ['compound-look'], shows: liquidSeen, otherwise: 'it is a solid' }, after: ['nitrogen-iron', 'sulfur-lead', 'halogen-silver'], closes: true,
    purpose: 'The boiling point of the liquid, corrected to standard pressure.',
    how: 'Half a millilitre in a small tube with an inverted capillary. Heat until bubbles stream, let cool: read as the liquid enters the capillary.',
    caution: 'Vapours burn: bath, no flame, hood.' }),
];

export const ORGANIC_TESTS: readonly StandardTest[] = [...CHARACTER, ...ELEMENTS, ...GROUPS, ...POINTS];
