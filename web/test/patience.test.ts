import { ApiError } from '../src/state/api-error';
import { isWorthAnother, pauseAfter, whileBusy } from '../src/state/patience';

const problem = (code: ApiError['code'], retryAfter?: number) => new ApiError('words', code, retryAfter);

test.each([
  ['busy', true],
  ['away', true],
  ['offline', true],
  ['too-many', true],
  ['forbidden', false],
  ['not-found', false],
  ['bad-input', false],
  ['stale', true],
  ['signed-out', false],
  ['internal', false],
] as const)('what is refused is not asked again, what is only for now is: %s %s', (code, passes) => {
  expect([isWorthAnother(0, problem(code)), isWorthAnother(20, problem(code))]).toEqual([passes, false]);
});

test('the pause grows, and is never shorter than the server asks for', () => {
  const pauses = [0, 1, 2, 9].map((tries) => pauseAfter(problem('busy'), tries));
  expect(pauses).toEqual([...pauses].sort((a, b) => a - b));
  expect(pauseAfter(problem('too-many', 30), 0)).toBe(30000);
  expect(pauseAfter(problem('too-many', 30), 9)).toBe(30000);
});

test('what was not done for want of a free hand is asked for until it is; anything else is said at once', async () => {
  let asked = 0;
  const after = (times: number, code: ApiError['code']) => async () => {
    if (++asked <= times) throw problem(code);
    return 'done';
  };
  expect(await whileBusy(after(2, 'busy'))).toBe('done');
  expect(asked).toBe(3);
  asked = 0;
  await expect(whileBusy(after(1, 'away'))).rejects.toMatchObject({ code: 'away' });
  expect(asked).toBe(1);
});
