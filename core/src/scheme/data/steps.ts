/** Short ways to write the rows of the test library. */
import type { Op, OpOf } from '../../bench/ops';
import type { ChosenStep, DoStep, Pattern, School, Sign } from '../model';

export const step = (op: Op, why?: string): DoStep => ({ op, ...(why !== undefined && { why }) });

export const take = (mL = 0.5, from = '@', to = '1') => step({ op: 'take', to, from, mL });
export const pinch = (grams = 0.1, to = '1') => step({ op: 'take-solid', to, grams });
export const drops = (reagent: string, n: number, why?: string, to = '1') => step({ op: 'add', to, reagent, drops: n }, why);
export const pour = (reagent: string, mL: number, why?: string, to = '1') => step({ op: 'add', to, reagent, mL }, why);
export const put = (reagent: string, grams: number, why?: string, to = '1') => step({ op: 'add', to, reagent, grams }, why);
export const until = (reagent: string, end: OpOf<'add'>['until'], why?: string, to = '1', max_mL = 6) =>
  step({ op: 'add', to, reagent, until: end, max_mL }, why);
export const beneath = (reagent: string, mL: number, why?: string, to = '1') =>
  step({ op: 'add', to, reagent, mL, layered: true }, why);
export const warm = (minutes = 2, vessel = '1', why?: string) => step({ op: 'heat', vessel, to: 'warm', minutes }, why);
export const boil = (minutes = 2, vessel = '1', why?: string) => step({ op: 'heat', vessel, to: 'boil', minutes }, why);
export const evaporate = (to_mL: number, vessel = '1', why?: string) => step({ op: 'evaporate', vessel, to_mL }, why);
export const cool = (vessel = '1', why?: string) => step({ op: 'cool', vessel }, why);
export const shake = (vessel = '1', why?: string) => step({ op: 'shake', vessel }, why);
export const stand = (minutes: number, vessel = '1', why?: string) => step({ op: 'stand', vessel, minutes }, why);
export const spin = (vessel = '1', why?: string) => step({ op: 'centrifuge', vessel }, why);
export const decant = (to: string, from = '1', why?: string) => step({ op: 'decant', from, to }, why);
export const wash = (vessel: string, withWhat = 'water', why?: string) =>
  step({ op: 'wash', vessel, with: withWhat, mL: 1.5, times: 2 }, why);
export const look = (vessel = '1', why?: string) => step({ op: 'look', vessel }, why);
export const litmus = (colour: 'red' | 'blue', where: 'mouth' | 'liquid', vessel = '1') =>
  step({ op: 'paper', vessel, paper: `${colour}-litmus`, where, damp: true });
export const paper = (which: OpOf<'paper'>['paper'], vessel = '1', where: 'mouth' | 'liquid' = 'mouth') =>
  step({ op: 'paper', vessel, paper: which, where, damp: true });
export const splint = (which: 'lit' | 'glowing', vessel = '1') => step({ op: 'splint', vessel, splint: which });
export const limewater = (vessel = '1') => step({ op: 'limewater', vessel });
export const smell = (vessel = '1') => step({ op: 'smell', vessel });
export const rod = (dipped: OpOf<'rod'>['dipped'], vessel = '1') => step({ op: 'rod', vessel, dipped });
export const flame = (from = 'sample', through?: 'cobalt-glass') => step({ op: 'flame', from, ...(through && { through }) });
export const bead = (zone: 'oxidising' | 'reducing', hotOrCold: 'hot' | 'cold') =>
  step({ op: 'bead', from: 'sample', zone, look: hotOrCold });

/** Steps that only get the tube ready: what they show is not what the test shows, unless it is still there. */
export const ready = (...steps: readonly DoStep[]): DoStep[] => steps.map((s) => ({ ...s, prepares: true }));

/** The same addition with the reagent that the house rules name. */
export const chosen = (question: string, options: Readonly<Record<string, readonly DoStep[]>>): ChosenStep => ({
  question,
  of: options,
});

/** Sulfide from the source of the house: gas, thioacetamide or ammonium sulfide. */
export const sulfide = (to: string, acid = true): ChosenStep =>
  chosen('sulfide-source', {
    gas: [step({ op: 'pass', to, gas: 'hydrogen-sulfide', minutes: 4 }, 'Bubble by bubble, in the hood, until it smells of it.')],
    thioacetamide: [drops('thioacetamide-1M', 14, 'It gives hydrogen sulfide slowly when warm.', to), step({ op: 'heat', vessel: to, to: 'warm', minutes: 10, stoppered: true }, 'Boiling, or an open tube, would drive the sulfide off.'), cool(to)],
    'ammonium-sulfide': [
      drops('ammonium-sulfide-1M', 10, undefined, to),
      ...(acid
        ? [until('hydrochloric-acid-2M', 'just-acidic', 'The acid sets hydrogen sulfide free.', to), drops('hydrochloric-acid-2M', 4, undefined, to)]
        : []),
    ],
  });

type Many<T> = T | readonly T[];
type Colour = NonNullable<Pattern['colour']>;

export const ppt = (colour: Colour): Pattern => ({ channel: 'precipitate', event: ['formed', 'colour-changed', 'persists'], colour });
export const anyPpt: Pattern = { channel: 'precipitate', event: ['formed', 'colour-changed', 'persists', 'partly-dissolved'] };
export const gone: Pattern = { channel: 'precipitate', event: ['dissolved', 'partly-dissolved'] };
/** Cerium nitrate with an alcohol. */
export const ALCOHOL_RED: Pattern['colour'] = ['red', 'orange-red'];
export const liquid = (colour: Pattern['colour']): Pattern => ({ channel: 'solution', colour });
export const layer = (colour: Colour): Pattern => ({ channel: 'layer', event: 'present', colour });
export const gas = (colour?: Colour): Pattern => ({ channel: 'gas', event: 'evolved', ...(colour && { colour }) });
export const turned = (which: NonNullable<Pattern['paper']>, colour: Colour): Pattern => ({ channel: 'paper', paper: which, event: 'changed', colour });
export const flameOf = (colour: Colour): Pattern => ({ channel: 'flame', colour });

export const sign = (of: Many<string>, see: Many<Pattern>, not?: Many<Pattern>): Sign => ({
  of: [of].flat(),
  see: [see].flat(),
  ...(not && { not: [not].flat() }),
});
export const proof = (of: Many<string>, see: Many<Pattern>, not?: Many<Pattern>): Sign => ({ ...sign(of, see, not), proves: true });

/** The same station or tube in the two schools with sulfide. */
export const bySulfide = <T>(of: T): Partial<Record<School, T>> => ({ 'six-group': of, 'semi-micro': of });
export const bySchool = (sixGroup: string, semiMicro: string, noSulfide: string): Record<School, string> => ({
  'six-group': sixGroup,
  'semi-micro': semiMicro,
  'no-sulfide': noSulfide,
});
