/** Watches over the server and the private database: what died is started again. */
import { type ChildProcess, spawn } from 'node:child_process';
import cluster from 'node:cluster';
import { bundleOf } from '../../atlas/src/bundle';
import { serverReportSchema, type ServerSettings } from '../../server/src/settings';
import type { Cluster } from './cluster';
import { UserError } from './errors';
import { ROOT, say } from './run';

const MAIN = new URL('../../server/src/main.ts', import.meta.url);
const LOOK_MS = 1000;
const FIRST_PAUSE_MS = 500;
const LONGEST_PAUSE_MS = 30000;
/** Having run so long, a server is no longer one that fails at its start. */
const STEADY_MS = 30000;
const DRAIN_MS = 12000;

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A server process by itself, or one of several that share a port. */
function start(bundle: string, settings: ServerSettings, isShared: boolean): ChildProcess {
  const env = { FOXING_SERVER: JSON.stringify(settings) };
  if (isShared) {
    cluster.setupPrimary({ exec: bundle, args: [], execArgv: [], cwd: ROOT, stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
    return cluster.fork(env).process;
  }
  const stdio = ['ignore', 'inherit', 'inherit', 'ipc'] as const;
  return spawn(process.execPath, [bundle], { cwd: ROOT, env: { ...process.env, ...env }, stdio: [...stdio] });
}

/** Starts a server process once. @throws UserError when it cannot be started at all. */
async function launch(settings: ServerSettings, isShared: boolean): Promise<{ child: ChildProcess; url: string }> {
  const child = start(await bundleOf(MAIN), settings, isShared);
  return new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('exit', (code) =>
      reject(
        new UserError(`the server ended at its start (${code ?? 'it was stopped'}); its reason stands above, if it gave one`, 1),
      ),
    );
    child.once('message', (message) => {
      const report = serverReportSchema.parse(message);
      if ('url' in report) resolve({ child, url: report.url });
      else reject(startProblem(settings.port, report.code, report.failed));
    });
  });
}

function startProblem(port: number, code: string | undefined, message: string): Error {
  if (code === 'EADDRINUSE')
    return new UserError(`port ${port} is taken: stop what listens there, or choose another with PORT=…`, 1);
  if (code === 'EACCES')
    return new UserError(`port ${port} may not be opened by this user: choose one above 1024 with PORT=…`, 1);
  return new Error(message);
}

export class Supervisor {
  private readonly children = new Set<ChildProcess>();
  private stopping = false;
  private watch: NodeJS.Timeout | undefined;
  private reviving = false;

  private constructor(
    private readonly settings: ServerSettings,
    private readonly database: Cluster | null,
    private readonly isShared: boolean,
    readonly url: string,
  ) {}

  /**
   * @param database where it is a private one, to be watched over as well.
   * @param processes that share the port.
   * @throws UserError when the server cannot be started at all.
   */
  static async start(settings: ServerSettings, database: Cluster | null, processes = 1): Promise<Supervisor> {
    const isShared = processes > 1;
    const { child, url } = await launch(settings, isShared);
    const supervisor = new Supervisor(settings, database, isShared, url);
    supervisor.adopt(child);
    for (let i = 1; i < processes; i++) supervisor.adopt((await launch(settings, isShared)).child);
    supervisor.watch = setInterval(() => void supervisor.lookAtDatabase(), LOOK_MS);
    return supervisor;
  }

  private adopt(child: ChildProcess): void {
    this.children.add(child);
    const since = Date.now();
    child.once('exit', () => {
      this.children.delete(child);
      void this.replace(Date.now() - since > STEADY_MS ? FIRST_PAUSE_MS : FIRST_PAUSE_MS * 2);
    });
  }

  private async replace(first: number): Promise<void> {
    for (let wait = first; !this.stopping; wait = Math.min(wait * 2, LONGEST_PAUSE_MS)) {
      say('a server process ended unexpectedly; it is started again …');
      await pause(wait);
      if (this.stopping) return;
      try {
        this.adopt((await launch(this.settings, this.isShared)).child);
        return;
      } catch (error) {
        say(error instanceof Error ? error.message : String(error));
      }
    }
  }

  private async lookAtDatabase(): Promise<void> {
    if (!this.database || this.stopping || this.reviving || this.database.runs()) return;
    this.reviving = true;
    say('the database ended unexpectedly; it is started again …');
    try {
      await this.database.revive();
    } catch (error) {
      say(error instanceof Error ? error.message : String(error));
    } finally {
      this.reviving = false;
    }
  }

  /** A process of the server; undefined while there is none. */
  get serverPid(): number | undefined {
    return [...this.children][0]?.pid;
  }

  /** Processes of the server. */
  get serverPids(): number[] {
    return [...this.children].map((c) => c.pid!);
  }

  /** Has every process read its certificate again. */
  renew(): void {
    for (const child of this.children) child.kill('SIGHUP');
  }

  /** Lets every process finish what is under way. */
  async stop(): Promise<void> {
    this.stopping = true;
    clearInterval(this.watch);
    await Promise.all(
      [...this.children].map(async (child) => {
        if (child.exitCode !== null) return;
        const gone = new Promise((resolve) => child.once('exit', resolve));
        child.kill('SIGTERM');
        const late = setTimeout(() => child.kill('SIGKILL'), DRAIN_MS);
        await gone;
        clearTimeout(late);
      }),
    );
  }
}
