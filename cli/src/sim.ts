import { BenchError } from '#core/bench/error';
import { runScript } from '#core/senses/script';
import { NotConverged } from '#core/equilibrium/solver';
import { UserError } from '#launcher/errors';
import { readJson } from './input';

/** `./foxing sim SCRIPT.json …`: what is seen after every step; several files, one document a line. */
export function sim(files: readonly string[]): number {
  if (!files.length) throw new UserError('sim: name at least one bench script, or - for standard input');
  let code = 0;
  for (const file of files) {
    try {
      process.stdout.write(`${JSON.stringify(runScript(readJson(file, 'sim')), null, files.length === 1 ? 2 : 0)}\n`);
    } catch (error) {
      if (!(error instanceof UserError || error instanceof BenchError || error instanceof NotConverged)) throw error;
      code = 2;
      if (files.length > 1) process.stdout.write(`${JSON.stringify({ error: error.message })}\n`);
      process.stderr.write(`foxing: ${files.length > 1 ? `${file}: ` : ''}${error.message}\n`);
    }
  }
  return code;
}
