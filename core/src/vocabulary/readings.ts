/**
 * How finely each kind of number is read off the bench by eye, thermometer, balance, burette or clock. Nothing that is sent of a
 * sample says more: of a sealed one the last digits would name it.
 */
export const READ_TO = {
  /** °C: a bath at a glance. */
  bath: 5,
  /** °C: a thermometer while a sample melts or boils. */
  thermometer: 1,
  /** mL: a meniscus in a test tube, to a drop. */
  meniscus: 0.05,
  /** mL: a burette. */
  burette: 0.05,
  /** g/mol: what is worked out from a burette. */
  equivalent: 1,
  /** g: what comes out of an extraction, dried on paper. */
  recovered: 0.1,
  /** g or mL: what was weighed or measured out, as it was asked for. */
  portion: 1e-6,
  /** min: a clock on the wall. */
  clock: 0.1,
  'refractive-index': 0.0001,
  /** g/mL: a pycnometer. */
  density: 0.001,
} as const;

export type Reading = keyof typeof READ_TO;

/** Digits that a reading keeps, so that a decimal fraction is written as one. */
const DIGITS = 6;

/** A number as it is read, in the unit in which it is given. */
export const asRead = (reading: Reading, value: number): number =>
  Number((Math.round(value / READ_TO[reading]) * READ_TO[reading]).toFixed(DIGITS));
