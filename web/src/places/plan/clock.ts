export const MINUTE_MS = 60000;

/** The time of day so many minutes after another. */
export const clock = (from: string, minutes: number): string =>
  new Date(new Date(from).getTime() + minutes * MINUTE_MS).toLocaleTimeString(undefined, {
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });
