/** What can be kept as JSON in a database. */
const DEEPEST = 24;
export const isText = (value: string) => !value.includes('\0') && value.isWellFormed();

/** Can this be kept as JSON in a database: no NUL, no halves of characters, no keys that mean something to a program? */
export function keepable(value: unknown, depth = 0): boolean {
  if (typeof value === 'string') return isText(value);
  if (typeof value !== 'object' || value === null) return true;
  if (depth > DEEPEST) return false;
  return Object.entries(value).every(([k, v]) => isText(k) && k !== '__proto__' && keepable(v, depth + 1));
}
