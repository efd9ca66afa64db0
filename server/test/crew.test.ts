import { HttpProblem } from '../src/http/problem';
import { Crew } from '../src/workers/crew';
import type { tasks } from './spin';

const hired = () => Crew.hire<typeof tasks>(new URL('./spin.ts', import.meta.url), { threads: 1 });
const refusal = (error: unknown) => (error instanceof HttpProblem ? error.code : error);

test('the budget begins with the work: neither a cold thread nor those who came before count', async () => {
  const crew = await hired();
  const begun: string[] = [];
  const long = crew.run('spin', 1500, { seconds: 30, onBegin: () => void begun.push('long') });
  const short = crew.run('spin', 20, { seconds: 1, onBegin: () => void begun.push('short') });
  expect(await Promise.all([long, short])).toEqual([1500, 20]);
  expect(begun).toEqual(['long', 'short']);
  await crew.close();
});

test('work beyond its budget: asked for too much it is refused, else it is to be asked for again; others go on', async () => {
  const crew = await hired();
  const tooLong = 'Take less of it.';
  expect(await crew.run('spin', 60000, { seconds: 0.2, tooLong }).catch((e: unknown) => (e as HttpProblem).detail)).toBe(tooLong);
  expect(await crew.run('spin', 60000, { seconds: 0.2 }).catch(refusal)).toBe('busy');
  expect(await crew.run('spin', 1, { seconds: 5, tooLong })).toBe(1);
  await crew.close();
});

test('who waits when the crew is closed, or when too many wait, is to ask again', async () => {
  const crew = await hired();
  const asked = Array.from({ length: 500 }, () => crew.run('spin', 5000, { seconds: 30 }).catch(refusal));
  expect(await asked.at(-1)).toBe('busy');
  await crew.close();
  expect(new Set(await Promise.all(asked))).toEqual(new Set(['busy']));
});
