import { spawn, spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('../../', import.meta.url));

export const say = (line: string) => void process.stderr.write(`foxing: ${line}\n`);

export const isRoot = () => process.getuid?.() === 0;

export function has(command: string): boolean {
  return spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0;
}

export interface RunOptions {
  readonly uid?: number;
  readonly gid?: number;
  readonly env?: NodeJS.ProcessEnv;
  /** Keep its output to ourselves; it is returned either way. */
  readonly quiet?: boolean;
  /** In a group of its own: a terminal's Ctrl-C does not reach it. */
  readonly apart?: boolean;
  /** Do not listen to it: for programs that leave a daemon behind, which would hold the pipe open. */
  readonly detachedOutput?: boolean;
}

/** Runs a program to its end. */
export function run(
  command: string,
  args: readonly string[],
  options: RunOptions = {},
): Promise<{ code: number; output: string }> {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: options.uid === undefined ? ROOT : '/',
      env: { ...process.env, ...options.env },
      detached: options.apart ?? false,
      stdio: options.detachedOutput ? 'ignore' : ['ignore', 'pipe', 'pipe'],
      ...(options.uid !== undefined && { uid: options.uid, gid: options.gid }),
    });
    let output = '';
    const take = (chunk: Buffer) => {
      output += chunk.toString();
      if (!options.quiet) process.stderr.write(chunk);
    };
    child.stdout?.on('data', take);
    child.stderr?.on('data', take);
    child.on('error', (error) => resolve({ code: 127, output: error.message }));
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}
