/** Processes, and proofs of which one a number stands for: numbers are given again to strangers. */
import { readFileSync, readlinkSync, realpathSync } from 'node:fs';

export interface ProcessMark {
  readonly pid: number;
  /** When it was started, in ticks since the machine was; the same number later is another process. */
  readonly started: string;
}

/** Time of start of a process, the 22nd field of /proc/PID/stat; undefined when there is none. */
function startOf(pid: number): string | undefined {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    // The name in parentheses may hold spaces; the fields are counted behind it.
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
  } catch {
    return undefined;
  }
}

export const markOf = (pid: number): ProcessMark => ({ pid, started: startOf(pid) ?? '' });

/** Is it the very process that was marked, still there? */
export const isAlive = ({ pid, started }: ProcessMark): boolean => started !== '' && startOf(pid) === started;

export function readMark(file: string): ProcessMark | null {
  try {
    const mark = JSON.parse(readFileSync(file, 'utf8')) as Partial<ProcessMark>;
    return typeof mark.pid === 'number' && typeof mark.started === 'string' ? (mark as ProcessMark) : null;
  } catch {
    return null;
  }
}

/** The database server that works in a folder, by its own pid file: proved by where that process is at home. */
export function postmasterIn(folder: string): ProcessMark | null {
  try {
    const pid = Number(readFileSync(`${folder}/postmaster.pid`, 'utf8').split('\n')[0]);
    return readlinkSync(`/proc/${pid}/cwd`) === realpathSync(folder) ? markOf(pid) : null;
  } catch {
    return null;
  }
}
