/** Which command was asked for. Commands are loaded when named, so that the headless ones start fast. `start.ts` bundles this. */
import { bundleOf } from '../../atlas/src/bundle';
import type * as BenchAppending from '../../bench/appending';
import type * as BenchFuzz from '../../bench/fuzz';
import type * as BenchInterface from '../../bench/interface';
import type * as BenchKills from '../../bench/kills';
import type * as BenchLoad from '../../bench/load';
import type * as BenchReasoning from '../../bench/reasoning';
import type * as BenchRecords from '../../bench/records';
import type * as BenchSecrecy from '../../bench/secrecy';
import type * as BenchSolver from '../../bench/solver';
import type * as Manual from '../../core/src/bench/operations/manual';
import type * as Atlas from '../../cli/src/atlas';
import type * as Find from '../../cli/src/find';
import type * as Predict from '../../cli/src/predict';
import type * as Reason from '../../cli/src/reason';
import type * as Sim from '../../cli/src/sim';
import type * as Solve from '../../cli/src/solve';
import type * as Species from '../../cli/src/species';
import type * as Backup from './backup';
import type * as Demo from './demo';
import type * as Passphrase from './passphrase';
import type * as Serve from './serve';
import type * as Test from './test';
import type * as Verify from './verify';
import { isUserError, UserError } from './errors';

const HELP = `Usage: ./foxing <command>

  demo [--reset]     install what is missing, build, and serve the demo; Ctrl-C stops it
  start              serve what the database holds, without the demo cases; an empty one begins with its administrator
  serve              serve a laboratory, other machines over TLS; ./foxing help serve lists what it takes
  verify             recompute the hash chains of all cases of the database
  backup FILE        write the whole database into one file, also while people work
  restore FILE       fill an empty database from such a file
  passphrase LOGIN   give somebody a new passphrase, the administrator too; it is printed
  test [part]        run the checks: all, or core, server, web, e2e
  sim SCRIPT.json …  run bench scripts on a simulated sample; ./foxing help operations lists what a step may be
  deduce RECORD.json what a record of observations proves
  advise RECORD.json the tests worth doing next
  solve SAMPLE.json  work a simulated sample to a conclusion; --all singles|mixtures|compounds|unlisted for a whole set
  predict --salt F   the outcome of every standard test; --smiles S for an organic compound
  find WORDS         the tests, ions, bottles, compounds and places that go by a name
  atlas              build the atlases anew when the data has changed; --difficulties works out anew how hard every unknown is
  species            print the thermodynamic data in use
  bench [what]       print the solver's times; of reasoning, how well whole sets are worked (--quick for some); of records, how well
                     those written by hand from textbooks are judged; of append, load
                     (--people, --instructors, --minutes, --servers), fuzz (--requests) and kills (--kills, --people), how the
                     server bears them;
                     of secrecy (--salts), what sealed work tells a student;
                     of interface, what a person waits for in the browser
`;

/** A command runs from a bundle: among hundreds of modules a call costs more, and so does finding them. */
const bundled = async <M>(module: string): Promise<M> =>
  (await import(await bundleOf(new URL(`../../${module}.ts`, import.meta.url)))) as M;

/** What measures, by its name. */
const BENCHES: Readonly<Record<string, (args: readonly string[]) => Promise<number>>> = {
  solver: async () => (await bundled<typeof BenchSolver>('bench/solver')).bench(),
  reasoning: async (args) => (await bundled<typeof BenchReasoning>('bench/reasoning')).benchReasoning(args.includes('--quick')),
  records: async () => (await bundled<typeof BenchRecords>('bench/records')).benchRecords(),
  append: async () => (await bundled<typeof BenchAppending>('bench/appending')).benchAppend(),
  interface: async () => (await bundled<typeof BenchInterface>('bench/interface')).benchInterface(),
  load: async (args) => (await bundled<typeof BenchLoad>('bench/load')).benchLoad(args),
  kills: async (args) => (await bundled<typeof BenchKills>('bench/kills')).benchKills(args),
  secrecy: async (args) => (await bundled<typeof BenchSecrecy>('bench/secrecy')).benchSecrecy(args),
  fuzz: async (args) => (await bundled<typeof BenchFuzz>('bench/fuzz')).benchFuzz(args),
};

function bench([name = 'solver', ...rest]: readonly string[]): Promise<number> {
  const chosen = Object.hasOwn(BENCHES, name) ? BENCHES[name] : undefined;
  if (!chosen) throw new UserError(`bench takes one of ${Object.keys(BENCHES).join(', ')}; not "${name}"`);
  return chosen(rest);
}

async function run(argv: readonly string[]): Promise<number> {
  const [command, ...rest] = argv;
  switch (command) {
    case 'demo':
    case 'start':
      return (await bundled<typeof Demo>('launcher/src/demo')).demo(rest, command);
    case 'serve':
      return (await bundled<typeof Serve>('launcher/src/serve')).serve(rest);
    case 'verify':
      return (await bundled<typeof Verify>('launcher/src/verify')).verify(rest);
    case 'backup':
      return (await bundled<typeof Backup>('launcher/src/backup')).backup(rest);
    case 'restore':
      return (await bundled<typeof Backup>('launcher/src/backup')).restore(rest);
    case 'passphrase':
      return (await bundled<typeof Passphrase>('launcher/src/passphrase')).passphrase(rest);
    case 'test':
      return (await bundled<typeof Test>('launcher/src/test')).test(rest);
    case 'sim':
      return (await bundled<typeof Sim>('cli/src/sim')).sim(rest);
    case 'deduce':
      return (await bundled<typeof Reason>('cli/src/reason')).deduce(rest);
    case 'advise':
      return (await bundled<typeof Reason>('cli/src/reason')).advise(rest);
    case 'solve':
      return (await bundled<typeof Solve>('cli/src/solve')).solveCommand(rest);
    case 'predict':
      return (await bundled<typeof Predict>('cli/src/predict')).predict(rest);
    case 'atlas':
      return (await bundled<typeof Atlas>('cli/src/atlas')).atlas(rest);
    case 'find':
      return (await bundled<typeof Find>('cli/src/find')).find(rest);
    case 'species':
      return (await bundled<typeof Species>('cli/src/species')).species();
    case 'bench':
      return bench(rest);
    case 'help':
      if (rest[0] === 'serve') {
        process.stdout.write((await bundled<typeof Serve>('launcher/src/serve')).SERVE_HELP);
        return 0;
      }
      if (rest[0] !== 'operations') break;
      process.stdout.write(`${(await bundled<typeof Manual>('core/src/bench/operations/manual')).manualText()}\n`);
      return 0;
    case undefined:
    case '--help':
      break;
    default:
      throw new UserError(`there is no command "${command}"; ./foxing help lists them`);
  }
  process.stdout.write(HELP);
  return 0;
}

// `./foxing species | head`: who has read enough goes away, and nothing is wrong.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
  process.exit(0);
});

try {
  process.exitCode = await run(process.argv.slice(2));
} catch (error) {
  const known = isUserError(error);
  const said = known
    ? error.message
    : `something went wrong that should not: ${error instanceof Error ? error.message : String(error)}`;
  process.stderr.write(`foxing: ${said.replaceAll(/\s*\n\s*/g, ' ')}\n`);
  // For whoever mends it.
  if (!known && process.env['FOXING_TRACE'] && error instanceof Error) process.stderr.write(`${error.stack}\n`);
  process.exitCode = known ? error.exitCode : 1;
}
