/**
 * Hazard pictograms of the bottles, by the usual classification of what is in them at that strength. By judgement after
 * suppliers' labels: the safety data sheet of your own bottle decides.
 */
export const PICTOGRAMS = ['flame', 'oxidising', 'corrosive', 'toxic', 'harmful', 'health', 'environment'] as const;
export type Pictogram = (typeof PICTOGRAMS)[number];

export const PICTOGRAM_WORDS: Readonly<Record<Pictogram, string>> = {
  flame: 'flammable',
  oxidising: 'oxidising',
  corrosive: 'corrosive',
  toxic: 'toxic',
  harmful: 'harmful or irritating',
  health: 'serious danger to health',
  environment: 'dangerous to water life',
};

const CORROSIVE =
  'hydrochloric-acid-6M hydrochloric-acid-conc nitric-acid-2M nitric-acid-6M nitric-acid-conc sulfuric-acid-1M sulfuric-acid-conc acetic-acid-glacial sodium-hydroxide-2M sodium-hydroxide-6M ammonia-6M ammonia-conc ammonium-sulfide-1M yellow-ammonium-sulfide-1M ammonium-molybdate-reagent potassium-dichromate-acid-0.05M magneson-0.01pc sodium-stannite-fresh nessler-reagent diphenylamine-reagent bromine-water';
const BY_PICTOGRAM: Readonly<Record<Pictogram, string>> = {
  flame:
    'ethanol-96pc dimethylglyoxime-1pc acetic-acid-glacial amyl-alcohol cyclohexane carbon-disulfide aluminium-turnings magnesium-ribbon devarda-alloy zinc-granules',
  oxidising: 'nitric-acid-conc manganese-dioxide-solid sodium-bismuthate-solid lead-dioxide-solid sodium-nitrite-1M',
  corrosive: CORROSIVE,
  toxic:
    'barium-chloride-0.25M barium-nitrate-0.1M mercury-ii-chloride-0.1M nessler-reagent potassium-cyanide-0.5M chlorine-water bromine-water sodium-fluoride-solid carbon-tetrachloride sodium-nitrite-1M nitric-acid-conc diphenylamine-reagent ammonium-sulfide-1M yellow-ammonium-sulfide-1M sodium-nitroprusside-1pc',
  harmful:
    'hydrochloric-acid-2M ammonia-2M acetic-acid-2M sodium-carbonate-1M sodium-carbonate-solid ammonium-chloride-solid ammonium-chloride-2M ammonium-thiocyanate-0.5M ammonium-oxalate-0.25M copper-ii-sulfate-0.1M iron-ii-sulfate-solid iron-ii-sulfate-fresh-0.5M iron-ii-sulfate-aged-0.5M iron-iii-chloride-0.1M hydrogen-peroxide-6pc lime-water silver-nitrate-0.1M tin-ii-chloride-0.1M amyl-alcohol cyclohexane dichloromethane thioacetamide-1M griess-reagent manganese-dioxide-solid lead-dioxide-solid bleach-acidified calcium-chloride-0.5M',
  health:
    'potassium-chromate-0.1M potassium-dichromate-acid-0.05M lead-acetate-0.1M lead-dioxide-solid cobalt-ii-nitrate-0.1M thioacetamide-1M dichloromethane carbon-disulfide carbon-tetrachloride cyclohexane cadmium-carbonate-suspension sodium-hexanitritocobaltate-iii mercury-ii-chloride-0.1M nessler-reagent',
  environment:
    'silver-nitrate-0.1M lead-acetate-0.1M potassium-chromate-0.1M potassium-dichromate-acid-0.05M copper-ii-sulfate-0.1M mercury-ii-chloride-0.1M nessler-reagent potassium-permanganate-0.02M zinc-granules cadmium-carbonate-suspension lead-dioxide-solid cyclohexane bleach-acidified sodium-nitrite-1M cobalt-ii-nitrate-0.1M',
};

/** The pictograms of a bottle. */
export const pictogramsOf = (reagent: string): Pictogram[] =>
  PICTOGRAMS.filter((p) => BY_PICTOGRAM[p].split(' ').includes(reagent));
