/** Watches over the server and the private database: what died is started again. */
import { type ChildProcess, spawn } from 'node:child_process';
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

/** Starts the server once. @throws UserError when it cannot be started at all. */
async function launch(settings: ServerSettings): Promise<{ child: ChildProcess; url: string }> {
  const child = spawn(process.execPath, [await bundleOf(MAIN)], {
    cwd: ROOT,
    env: { ...process.env, FOXING_SERVER: JSON.stringify(settings) },
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
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
    return new UserError(`port ${port} is taken: stop what listens there, or choose another with PORT=… ./foxing demo`, 1);
  if (code === 'EACCES')
    return new UserError(`port ${port} may not be opened by this user: choose one above 1024 with PORT=…`, 1);
  return new Error(message);
}

export class Supervisor {
  private child: ChildProcess | null = null;
  private stopping = false;
  private watch: NodeJS.Timeout | undefined;
  private reviving = false;

  private constructor(
    private readonly settings: ServerSettings,
    private readonly cluster: Cluster | null,
    readonly url: string,
  ) {}

  /** @throws UserError when the server cannot be started at all. */
  static async start(settings: ServerSettings, cluster: Cluster | null): Promise<Supervisor> {
    const { child, url } = await launch(settings);
    const supervisor = new Supervisor(settings, cluster, url);
    supervisor.adopt(child);
    supervisor.watch = setInterval(() => void supervisor.lookAtDatabase(), LOOK_MS);
    return supervisor;
  }

  private adopt(child: ChildProcess): void {
    this.child = child;
    const since = Date.now();
    child.once('exit', () => void this.replace(Date.now() - since > STEADY_MS ? FIRST_PAUSE_MS : FIRST_PAUSE_MS * 2));
  }

  private async replace(first: number): Promise<void> {
    this.child = null;
    for (let wait = first; !this.stopping; wait = Math.min(wait * 2, LONGEST_PAUSE_MS)) {
      say('the server ended unexpectedly; it is started again …');
      await pause(wait);
      if (this.stopping) return;
      try {
        this.adopt((await launch(this.settings)).child);
        return;
      } catch (error) {
        say(error instanceof Error ? error.message : String(error));
      }
    }
  }

  private async lookAtDatabase(): Promise<void> {
    if (!this.cluster || this.stopping || this.reviving || this.cluster.runs()) return;
    this.reviving = true;
    say('the database ended unexpectedly; it is started again …');
    try {
      await this.cluster.revive();
    } catch (error) {
      say(error instanceof Error ? error.message : String(error));
    } finally {
      this.reviving = false;
    }
  }

  /** The server's process; undefined while there is none. */
  get serverPid(): number | undefined {
    return this.child?.pid;
  }

  /** Lets the server finish what is under way. */
  async stop(): Promise<void> {
    this.stopping = true;
    clearInterval(this.watch);
    const { child } = this;
    if (!child || child.exitCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    const late = setTimeout(() => child.kill('SIGKILL'), DRAIN_MS);
    await gone;
    clearTimeout(late);
  }
}
