/** `./foxing test [part]`: every check, and one line at the end. */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import * as z from 'zod';
import { buildWeb } from './web';
import { UserError } from './errors';
import { ensureChromium, ensurePostgres } from './packages';
import { run, say } from './run';

const FOLDERS = ['core', 'atlas', 'contract', 'cli', 'server', 'web', 'launcher', 'bench', 'e2e'];

interface Count {
  readonly passed: number;
  readonly failed: number;
}

const npx = (args: readonly string[], env: NodeJS.ProcessEnv = {}) =>
  run('npx', ['--no-install', ...args], { env: { npm_config_update_notifier: 'false', ...env } });

/** A tool that passes or fails as a whole. */
const tool = (name: string, start: () => ReturnType<typeof run>) => async (): Promise<Count> => {
  say(`${name} …`);
  const { code } = await start();
  return code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
};

const jestReport = z.object({ numPassedTests: z.number(), numFailedTests: z.number(), numRuntimeErrorTestSuites: z.number() });
const playwrightReport = z.object({ stats: z.object({ expected: z.number(), unexpected: z.number(), flaky: z.number() }) });

async function withReport(work: (file: string) => Promise<unknown>): Promise<unknown> {
  const folder = mkdtempSync(join(tmpdir(), 'foxing-report-'));
  const file = join(folder, 'report.json');
  try {
    await work(file);
    return JSON.parse(readFileSync(file, 'utf8')) as unknown;
  } catch {
    return null;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** The tests of these folders, in one run that keeps all cores busy. */
const jest =
  (...folders: readonly string[]) =>
  async (): Promise<Count> => {
    say(`tests: ${folders.join(', ')} …`);
    const report = await withReport((file) =>
      npx(['jest', '--json', `--outputFile=${file}`, ...folders.map((folder) => `${folder}/test/`)]),
    );
    const read = jestReport.safeParse(report);
    if (!read.success) return { passed: 0, failed: 1 };
    return { passed: read.data.numPassedTests, failed: read.data.numFailedTests + read.data.numRuntimeErrorTestSuites };
  };

const browser = async (): Promise<Count> => {
  say('the interface, in a browser …');
  const report = await withReport((file) =>
    npx(['playwright', 'test', '--config', 'e2e/playwright.config.ts'], { PLAYWRIGHT_JSON_OUTPUT_FILE: file }),
  );
  const read = playwrightReport.safeParse(report);
  if (!read.success) return { passed: 0, failed: 1 };
  const { expected, unexpected, flaky } = read.data.stats;
  return { passed: expected, failed: unexpected + flaky };
};

const CHECKS: readonly (() => Promise<Count>)[] = [
  tool('types', () => run('npm', ['run', '--silent', 'types'])),
  tool('lint', () => npx(['oxlint', '--quiet'])),
  tool('format', () => npx(['oxfmt', '--check'])),
  tool('dependency rules', () => npx(['depcruise', ...FOLDERS, '--config', '.dependency-cruiser.cjs'])),
];

const added = (counts: readonly Count[]): Count =>
  counts.reduce((a, b) => ({ passed: a.passed + b.passed, failed: a.failed + b.failed }), { passed: 0, failed: 0 });

const oneByOne = (work: readonly (() => Promise<Count>)[]) => async (): Promise<Count> => {
  const counts: Count[] = [];
  for (const one of work) counts.push(await one());
  return added(counts);
};

const beside =
  (...work: readonly (() => Promise<Count>)[]) =>
  async (): Promise<Count> =>
    added(await Promise.all(work.map((one) => one())));

const withChromium = async (): Promise<Count> => {
  await ensureChromium();
  return { passed: 0, failed: 0 };
};

const PARTS: Readonly<Record<string, () => Promise<Count>>> = {
  checks: oneByOne(CHECKS),
  core: jest('core', 'cli'),
  server: jest('launcher', 'server'),
  web: jest('web'),
  e2e: oneByOne([withChromium, browser]),
};

/** Checks and installing wait for nothing and share the cores with the tests; the browser has them to itself. */
const ALL = oneByOne([beside(withChromium, oneByOne(CHECKS), jest('core', 'cli', 'launcher', 'server', 'web')), browser]);

export async function test(args: readonly string[]): Promise<number> {
  const [part, ...more] = args;
  if (more.length || (part !== undefined && !Object.hasOwn(PARTS, part)))
    throw new UserError(`test takes one of ${Object.keys(PARTS).join(', ')}, or nothing for all; not "${args.join(' ')}"`);
  const onDatabase = part === undefined || ['server', 'web', 'e2e'].includes(part);
  if (onDatabase) await ensurePostgres();
  const built = part === undefined || part === 'e2e' ? buildWeb() : undefined;
  const work = async () => {
    await built;
    return (part === undefined ? ALL : PARTS[part]!)();
  };
  const { passed, failed } = await (onDatabase ? (await import('./throwaway')).withDemoOnce(work) : work());
  process.stdout.write(`${passed} passed, ${failed} failed\n`);
  return failed ? 1 : 0;
}
