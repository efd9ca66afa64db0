import type { Action } from '../src/state/keys';

// What a browser has and Node has not, before the settings that are kept in it are made.
const kept = new Map<string, string>();
const localStorage = {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
  removeItem: (key: string) => void kept.delete(key),
};
Object.assign(globalThis, { window: { localStorage } });
const { ACTIONS, keyFor, keyName, takenBy, useKeySettings } = await import('../src/state/keys');

const actions = Object.keys(ACTIONS) as Action[];

test('no two actions share a key, and each is told in words', () => {
  const keys = actions.flatMap((a) => ACTIONS[a].key.split(','));
  expect(new Set(keys).size).toBe(keys.length);
  for (const action of actions) {
    expect(takenBy(ACTIONS[action].key, action, {})).toBeUndefined();
    expect(keyName(ACTIONS[action].key)).not.toMatch(/slash|,/);
  }
});

test('a key that is changed is the person’s own; given back, nothing of it is kept', () => {
  const { setKey } = useKeySettings.getState();
  const own = () => useKeySettings.getState().own;
  setKey('heat', 'x');
  expect(keyFor('heat', own())).toBe('x');
  expect(takenBy('x', 'cool', own())).toBe('heat');
  expect(takenBy('h', 'cool', own())).toBeUndefined();
  expect(takenBy('3', 'cool', own())).toBe('hold-tube');
  expect(kept.get('foxing-keys')).toContain('"heat":"x"');
  setKey('heat', 'h');
  expect(own()).toEqual({});
});
