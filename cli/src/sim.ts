import { readFileSync } from 'node:fs';
import { BenchError } from '#core/bench/error';
import { runScript } from '#core/senses/script';
import { NotConverged } from '#core/equilibrium/solver';
import { UserError } from '#launcher/errors';

function readScript(file: string): unknown {
  let text: string;
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    throw new BenchError(`${file}: cannot be read (${(error as NodeJS.ErrnoException).code})`);
  }
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new BenchError(`${file}: is not JSON (${(error as Error).message})`);
  }
}

/** `./foxing sim SCRIPT.json …`: what is seen after every step; several files, one document a line. */
export function sim(files: readonly string[]): number {
  if (!files.length) throw new UserError('sim: name at least one bench script, or - for standard input');
  let code = 0;
  for (const file of files) {
    try {
      process.stdout.write(`${JSON.stringify(runScript(readScript(file)), null, files.length === 1 ? 2 : 0)}\n`);
    } catch (error) {
      if (!(error instanceof BenchError || error instanceof NotConverged)) throw error;
      code = 2;
      if (files.length > 1) process.stdout.write(`${JSON.stringify({ error: error.message })}\n`);
      process.stderr.write(`foxing: ${files.length > 1 ? `${file}: ` : ''}${error.message}\n`);
    }
  }
  return code;
}
