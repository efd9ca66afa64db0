/** Corrections of what a thermometer reads. */

const R = 8.314;
/** Molar entropy of boiling, J/(mol K). Trouton's rule. */
const BOILING_ENTROPY = 88;
const STANDARD_KPA = 101.325;

/**
 * What to add to a reading because the thread outside the bath is cooler, °C. CRC, for mercury in glass.
 * @param degreesOutside length of the thread outside the bath, in degrees of its scale.
 */
export const stemCorrection = (reading: number, degreesOutside: number, room = 20): number =>
  0.00016 * degreesOutside * (reading - room);

/** Boiling point at another pressure, °C, by Clausius and Clapeyron with Trouton's rule. */
export function boilingAt(normal: number, kPa: number): number {
  const kelvin = normal + 273.15;
  return 1 / (1 / kelvin - (R / (BOILING_ENTROPY * kelvin)) * Math.log(kPa / STANDARD_KPA)) - 273.15;
}

/** Boiling point at standard pressure from one read at another, °C. */
export function normalBoiling(reading: number, kPa: number): number {
  const kelvin = reading + 273.15;
  return kelvin * (1 + (R / BOILING_ENTROPY) * Math.log(STANDARD_KPA / kPa)) - 273.15;
}
