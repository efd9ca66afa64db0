/** Which command was asked for. Commands are loaded when named, so that the headless ones start fast. */
import { UserError } from './errors';

const HELP = `Usage: ./foxing <command>

  demo [--reset]     install what is missing, build, and serve the demo; Ctrl-C stops it
  start              serve what the database holds, without the demo cases
  test [part]        run the checks: all, or core, server, web, e2e
  sim SCRIPT.json …  run bench scripts on a simulated sample
  species            print the thermodynamic data in use
  bench              print the solver's times
`;

async function run(argv: readonly string[]): Promise<number> {
  const [command, ...rest] = argv;
  switch (command) {
    case 'demo':
    case 'start':
      return (await import('./demo')).demo(rest, command);
    case 'test':
      return (await import('./test')).test(rest);
    case 'sim':
      return (await import('../../cli/src/sim')).sim(rest);
    case 'species':
      return (await import('../../cli/src/species')).species();
    case 'bench':
      return (await import('../../bench/solver')).bench();
    case undefined:
    case 'help':
    case '--help':
      process.stdout.write(HELP);
      return 0;
    default:
      throw new UserError(`there is no command "${command}"; ./foxing help lists them`);
  }
}

try {
  process.exitCode = await run(process.argv.slice(2));
} catch (error) {
  if (!(error instanceof UserError)) throw error;
  process.stderr.write(`foxing: ${error.message}\n`);
  process.exitCode = error.exitCode;
}
