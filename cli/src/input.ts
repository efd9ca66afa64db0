/** What the commands read: files, standard input, options. */
import { readFileSync } from 'node:fs';
import { UserError } from '#launcher/errors';

/** @throws UserError with one clear line. */
export function readJson(file: string | undefined, what: string): unknown {
  if (file === undefined) throw new UserError(`${what}: name a file, or - for standard input`);
  let text: string;
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    throw new UserError(`${file}: cannot be read (${(error as NodeJS.ErrnoException).code})`);
  }
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new UserError(`${file}: is not JSON (${(error as Error).message})`);
  }
}

export interface Arguments {
  readonly files: readonly string[];
  readonly options: Readonly<Record<string, string>>;
}

/** Splits `--name value` from the rest. @throws UserError for an option that is not known or has no value. */
export function readArguments(argv: readonly string[], known: readonly string[]): Arguments {
  const files: string[] = [];
  const options: Record<string, string> = {};
  for (let i = 0; i < argv.length; i++) {
    const arg = argv[i]!;
    if (!arg.startsWith('--')) {
      files.push(arg);
      continue;
    }
    const [name, inline] = arg.slice(2).split('=', 2) as [string, string | undefined];
    if (!known.includes(name))
      throw new UserError(`--${name}: there is no such option here; use ${known.map((k) => `--${k}`).join(', ')}`);
    const value = inline ?? argv[++i];
    if (value === undefined) throw new UserError(`--${name}: give a value after it`);
    options[name] = value;
  }
  return { files, options };
}

/** @throws UserError naming what is accepted. */
export function oneOf<T extends string>(name: string, given: string | undefined, options: readonly T[], fallback: T): T {
  if (given === undefined) return fallback;
  const found = options.find((o) => o === given);
  if (!found) throw new UserError(`--${name}: "${given}" is not one of ${options.join(', ')}`);
  return found;
}

export function whole(name: string, given: string | undefined, fallback: number): number {
  if (given === undefined) return fallback;
  const n = Number(given);
  if (!Number.isInteger(n) || n < 0) throw new UserError(`--${name}: give a whole number, not "${given}"`);
  return n;
}

export const print = (document: unknown) => void process.stdout.write(`${JSON.stringify(document, null, 2)}\n`);
