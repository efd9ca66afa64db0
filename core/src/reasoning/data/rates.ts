/**
 * How people write down what they see: rates, by judgement, of one model that both draws records and weighs them. A rate is the
 * probability of what it names, once for each thing or entry.
 */
import type { Channel } from '../../vocabulary/observation';
import type { Colour } from '../../vocabulary/words';

/** The test went wrong as a whole (wrong bottle, dirty tube, another's tube): what is written belongs to some other sample. */
export const MISHAP = { sure: 0.03, unsure: 0.2, besideBlank: 0.01 };

/**
 * Of what is to be seen, what is mentioned at all. Of liquids, gases, pungent smells, papers and precipitates that a test is not about the
 * rates are near those counted in 99 records of single salts, most of them our own; a gas beside a coloured one could not be counted.
 */
export const MENTIONED = {
  /** In the channel that the test is about; a liquid that is looked at, or that is a sign. */
  asked: 0.95,
  /** In its other channels. */
  other: 0.6,
  /** A gas without colour, a paper or a precipitate that is no sign; a liquid that is looked at and holds a precipitate. */
  beside: 0.2,
  /** A coloured liquid without a precipitate, where it is no sign. */
  liquid: 0.3,
  /** Any other liquid; a gas without colour beside one that has some, and that it is pungent. */
  goesWithout: 0.05,
  /** What an instrument was read for; it is not overlooked either. */
  reading: 0.99,
  /** A solid that stays as it is when heated. */
  unremarkable: 0.35,
  /** What is left after heating, hot or cold, where it has changed: of 38 such looks in the same records 14 were told. As a sign it counts as striking. */
  oneLook: 0.4,
  /** White grains among coloured ones. */
  among: 0.35,
  /**
   * One of the colours of a flame that has several: of twelve in seven of these records and others eight were told. And sodium's among
   * them, which hides the others: two of two, and by judgement.
   */
  oneFlame: 0.65,
  maskingFlame: 0.9,
  /** One of the colours of grains that have several: of a powder some say one. */
  oneKind: 0.8,
  /** One of several coloured gases in one tube, of which the darker hides the other; a weak one with colour, a strong one without. */
  oneGas: 0.6,
  /** What strikes one, though it is not what the test is about: a smell, a coloured gas, a sublimate, charring. */
  striking: 0.8,
  /** A smell that chokes or stinks, of which hardly anybody is silent: by judgement, it was there too seldom to be counted. */
  stinking: 0.92,
  /** A gas that was smelled or held something over, and was not seen. */
  sensed: 0.4,
  /** That nothing happened. */
  nothing: 0.6,
  /** What fell and dissolved again. */
  passed: 0.6,
  /** A stage on the way to another colour of the same solid, or to its end: mostly the last is told. */
  onTheWay: 0.35,
  /** What is left of a solid, beside that a part of it dissolved. */
  leftOver: 0.4,
  /** That a precipitate dissolved, where a coloured liquid is left to tell of. */
  intoColour: 0.7,
};

/** That there is nothing is said of a channel of which the test shows nothing at all. */
export const NOTHING_SAID = 0.3;

/** Where a tube shows no more than the reagents do by themselves, so many say that nothing happened, and so many are silent. By judgement. */
export const AS_BLANK = { said: 0.35, silent: 0.25 };

/** A thing is told once more, as when a white precipitate is said to form and then to persist. */
export const TOLD_AGAIN = 0.3;

/** Shown, and written down as nothing; `led`: a gas has to be led into limewater, long enough and not too long, as textbooks warn. */
export const OVERLOOKED = { plain: 0.012, weak: 0.12, trace: 0.3, faint: 0.4, passed: 0.25, led: 0.06 };

/** Written down without anything of the kind to be seen, by channel; 0.01 for the others. */
export const IMAGINED: Readonly<Partial<Record<Channel, number>>> = {
  solution: 0.04,
  gas: 0.03,
  smell: 0.03,
  solid: 0.03,
  flame: 0.03,
  paper: 0.008,
  splint: 0.006,
  limewater: 0.006,
  soot: 0.05,
};
export const IMAGINED_ELSE = 0.012;

/**
 * Fields that are written at all, where there is something to write; of what dissolved few tell the colour once more. In 106 records an
 * amount stood by 2 of 245 precipitates, most of them our own; that there is but a trace is told oftener, by judgement.
 */
export const WRITTEN = { colour: 0.9, colourOfGone: 0.4, event: 0.9, texture: 0.35, amount: 0.05, traceAmount: 0.35, vigour: 0.25, clarity: 0.4, duration: 0.4, pH: 0.7, qualifier: 0.75 };

/** Share of these rates at which a field is written of a thing that shows nothing of the kind. */
export const UNASKED = 0.3;

/** A word that is written is the right one; else it is one of the others. */
export const RIGHT = { texture: 0.6, amount: 0.6, vigour: 0.6, clarity: 0.92, duration: 0.85, smell: 0.85, event: 0.94 };

/** Of amounts and vigour a word is so much less often written for one that lies a step farther off. */
export const FARTHER = 0.15;

/**
 * Colours: words are mistaken as e falls with their distance over this width, wider where colours are hot or shine; and now and then
 * any word is written.
 */
export const COLOUR = { width: 0.055, liquid: 1.25, hot: 1.6, flame: 1.3, slip: 0.02, acceptedAlike: 0.2 };

/** How readily a word for a colour is taken, relative to the plain words; and the right word beside the near ones. */
export const READILY: Readonly<Partial<Record<Colour, number>>> = {
  'off-white': 0.4, buff: 0.25, cream: 0.5, 'orange-red': 0.35, crimson: 0.35, 'blue-green': 0.5, 'dirty-green': 0.3, 'dark-brown': 0.5, 'red-brown': 0.7,
  silver: 0.3, 'apple-green': 0.3, 'brick-red': 0.35, 'pale-yellow': 0.7, 'pale-blue': 0.7, 'pale-green': 0.7, 'deep-blue': 0.6, 'dark-green': 0.5, pink: 0.7, violet: 0.7,
};
export const RIGHT_COLOUR = 2;

/**
 * Brown, grey, black and their like are colours of surfaces beside brighter ones, which a light cannot have (CIE 17-22-057, "related
 * colour"): hardly anybody writes them of a flame, nor those of powders. How hardly is judgement.
 */
export const NOT_OF_LIGHT: ReadonlySet<Colour> = new Set([
  'brown', 'red-brown', 'dark-brown', 'grey', 'black', 'silver', 'off-white', 'buff', 'cream', 'dirty-green', 'dark-green',
]);
export const OF_LIGHT_ALL_THE_SAME = 0.05;

/**
 * °C by which readings of one compound scatter, heated too fast or not quite pure, and how often any other is written; pH likewise.
 * Where a compound decomposes hangs on how fast it is heated, and books differ by tens of degrees.
 */
export const READINGS = { celsius: 2, careless: { rate: 0.1, celsius: 6 }, decomposing: { rate: 0.5, celsius: 15 }, pH: 0.9, wrong: 0.005 };

/** Sodium of a dirty wire or of the air hides a flame that is weak, and one that lasts; and so many of the flames imagined are its. */
export const SODIUM_FLAME = { weak: 0.3, lasting: 0.06, imagined: 0.85 };

/** The colour of the liquid is told of a precipitate that is not there, or of a precipitate that of the liquid. */
export const BORROWED = 0.03;

/** A layer of which nothing but its colour is told is called the liquid. */
export const LAYER_AS_LIQUID = 0.15;

/** The same test written once more says the same without another look. */
export const REPEATED = 0.7;

/**
 * What two salts show together is not what each shows, in so many tests, as long as they were not simulated. Of 3700 entries that
 * fitted what was composed (the forty likeliest mixtures of fourteen records) 7 in 100 were less than a third as likely once simulated.
 */
export const TOGETHER = { otherwise: 0.06, hidden: 0.2 };
