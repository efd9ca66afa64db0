import { type Action, ACTIONS, keyFor, keyName, takenBy, useKeySettings } from '../src/state/keys';

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
  setKey('heat', 'h');
  expect(own()).toEqual({});
});
