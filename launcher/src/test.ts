/** `./foxing test [part]`: every check, and one line at the end. */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { z } from 'zod';
import { buildWeb } from './web';
import { UserError } from './errors';
import { ensureChromium, ensurePostgres } from './packages';
import { run, say } from './run';

interface Count {
  readonly passed: number;
  readonly failed: number;
}

const npx = (args: readonly string[], env: NodeJS.ProcessEnv = {}) =>
  run('npx', ['--no-install', ...args], { env: { npm_config_update_notifier: 'false', ...env } });

/** A tool that passes or fails as a whole. */
const tool = (name: string, args: readonly string[]) => async (): Promise<Count> => {
  say(`${name} …`);
  const { code } = await npx(args);
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

const jest = (project: string) => async (): Promise<Count> => {
  say(`${project} tests …`);
  const report = await withReport((file) =>
    npx(['jest', '--selectProjects', project, '--json', `--outputFile=${file}`, '--testLocationInResults'], {
      NODE_OPTIONS: '--experimental-vm-modules --no-warnings',
    }),
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

const PARTS: Readonly<Record<string, readonly (() => Promise<Count>)[]>> = {
  checks: [
    tool('types', ['tsc', '--noEmit']),
    tool('lint', ['eslint', '.']),
    tool('format', ['prettier', '--check', '--log-level', 'warn', '.']),
    tool('dependency rules', [
      'depcruise',
      'core',
      'contract',
      'cli',
      'server',
      'web',
      'launcher',
      'bench',
      '--config',
      '.dependency-cruiser.cjs',
    ]),
  ],
  core: [jest('core'), jest('cli')],
  server: [jest('launcher'), jest('server')],
  web: [jest('web')],
  e2e: [browser],
};

export async function test(args: readonly string[]): Promise<number> {
  const [part, ...more] = args;
  if (more.length || (part && !PARTS[part]))
    throw new UserError(`test takes one of ${Object.keys(PARTS).join(', ')}, or nothing for all; not "${args.join(' ')}"`);
  const chosen = part ? [part] : Object.keys(PARTS);
  if (chosen.includes('server') || chosen.includes('e2e')) await ensurePostgres();
  if (chosen.includes('e2e')) {
    await ensureChromium();
    await buildWeb();
  }
  const total = { passed: 0, failed: 0 };
  for (const name of chosen) {
    for (const check of PARTS[name]!) {
      const count = await check();
      total.passed += count.passed;
      total.failed += count.failed;
    }
  }
  process.stdout.write(`${total.passed} passed, ${total.failed} failed\n`);
  return total.failed ? 1 : 0;
}
