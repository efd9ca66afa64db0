/** Parts of the sentences in which operations are said. */
import { reagentName } from '../contents';

export const amount = (op: { drops?: number | undefined; mL?: number | undefined; grams?: number | undefined }): string =>
  op.drops !== undefined
    ? `${op.drops} ${op.drops === 1 ? 'drop' : 'drops'} of`
    : op.mL !== undefined
      ? `${op.mL} mL of`
      : op.grams !== undefined
        ? `${op.grams} g of`
        : 'some';

export const time = (minutes = 1): string => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`;
export const words = (id: string): string => id.replaceAll('-', ' ');

/** A name as it stands within a sentence. */
export const lower = (name: string): string => (/^[A-Z][a-z]/.test(name) ? name[0]!.toLowerCase() + name.slice(1) : name);

/** What is in a bottle as a sentence has it: its label's "Hydrochloric acid, 2 M" is "2 M hydrochloric acid". */
export function reagent(id: string): string {
  const [name, ...qualities] = reagentName(id).split(', ') as [string, ...string[]];
  return qualities.reduce((said, quality) => {
    const [first, ...solvent] = quality.replace(/^conc\.$/, 'concentrated').split(' in ') as [string, ...string[]];
    return [`${first} ${said}`, ...solvent].join(' in ');
  }, lower(name));
}

/** Is this the name of a vessel, and not of what is in it, such as "the original solution"? */
const isVessel = (name: string) => /\b(tube|beaker|dish)\b/.test(name);
export const from = (name: string): string => (isVessel(name) ? `from ${name}` : `of ${name}`);

/** @param how what is said of a vessel before its name. */
export const goesTo = (name: string, how: 'in' | 'into'): string => (isVessel(name) ? ` ${how} ${name}` : `; this is ${name}`);
