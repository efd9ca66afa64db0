/** How the pace of a change depends on temperature. */

const R = 8.314462618e-3; // kJ/(mol K), CODATA 2018
const KELVIN = 273.15;

/** Activation energy of a homogeneous reaction where none is known, kJ/mol: it doubles its pace in some ten degrees. By judgement. */
const USUAL_KJ = 50;

/**
 * How many times faster a change is at one temperature than at another, by Arrhenius.
 * @param celsius temperature now, °C.
 * @param reference temperature at which its time is given, °C.
 * @param activation kJ/mol.
 */
export function hurry(celsius: number, reference: number, activation = USUAL_KJ): number {
  return Math.exp((activation / R) * (1 / (reference + KELVIN) - 1 / (celsius + KELVIN)));
}
