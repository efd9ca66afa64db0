import fc from 'fast-check';
import { observation } from './any';
import { sayAll, sayBlank, sayInferred, sayObservation } from '#core/senses/sentences';
import { CHANNELS, channelRow, eventsOf } from '#core/vocabulary/channels';
import {
  type Channel,
  CHANNEL_IDS,
  isNothing,
  nothingIn,
  type Observation,
  observationSchema,
} from '#core/vocabulary/observation';
import { COLOURS } from '#core/vocabulary/words';

describe('the table of channels', () => {
  test('the schema takes what the table allows, and gives it back as it was', () => {
    fc.assert(
      fc.property(observation, (o) => expect(observationSchema.parse(o)).toEqual(o)),
      { numRuns: 400 },
    );
  });

  test.each(CHANNEL_IDS)('%s: a field of another channel, or a word of another field, is refused by its name', (channel) => {
    const { fields } = channelRow(channel);
    const others = new Set(CHANNEL_IDS.flatMap((c) => Object.keys(channelRow(c).fields)));
    for (const field of others) {
      const issue = observationSchema.safeParse({ channel, [field]: 'no-such-word' }).error!.issues[0]!;
      const told = JSON.stringify([issue.path, issue.message]);
      expect(told).toContain(field);
      if (field in fields && !('least' in fields[field]!)) expect(told).toMatch(/no-such-word.* is no .*: use /);
    }
  });

  test('an unknown channel is refused, and nothing that a program might mistake for one is known', () => {
    for (const channel of ['', 'constructor', '__proto__', 'precipitates', 'Flame'])
      expect(observationSchema.safeParse({ channel }).success).toBe(false);
  });

  test('what stands for nothing is taken for nothing, and is said', () => {
    const silent: readonly Channel[] = ['solution', 'solid'];
    for (const channel of CHANNEL_IDS)
      for (const o of nothingIn(channel)) {
        expect(observationSchema.parse(o)).toEqual(o);
        if (!silent.includes(channel)) expect([channel, isNothing(o)]).toEqual([channel, true]);
        expect(sayObservation(o)).toMatch(/^(no|.*unchanged|.*clear)/);
      }
  });

  test('colours that are offered are words for colours, each once, and every event can be said of its channel', () => {
    for (const channel of CHANNEL_IDS) {
      const { colours = [] } = channelRow(channel);
      expect(new Set(colours).size).toBe(colours.length);
      for (const colour of colours) expect(COLOURS).toContain(colour);
      for (const event of eventsOf(channel)) expect(observationSchema.safeParse({ channel, event }).success).toBe(true);
    }
    expect(Object.keys(CHANNELS)).toEqual(CHANNEL_IDS);
  });
});

describe('sentences', () => {
  test('whatever can be observed is said in plain words, without a trace of the program', () => {
    fc.assert(
      fc.property(observation, (o) => {
        const text = sayAll([o]);
        expect(text).not.toMatch(/undefined|null|NaN|\[object|\(\)|\s{2}|[a-z]-[a-z]/);
        if (text) expect(text).toMatch(/^[A-Z0-9(].*\.$|^[-−\d]/);
      }),
      { numRuns: 600 },
    );
  });

  test.each<[Observation[], string]>([
    [
      [{ channel: 'precipitate', event: 'formed', colour: 'white', texture: 'curdy', amount: 'heavy' }],
      'Heavy curdy white precipitate.',
    ],
    [[{ channel: 'precipitate', event: 'partly-dissolved', colour: 'black' }], 'Black precipitate dissolved in part.'],
    [[{ channel: 'solution', event: 'colour-changed', colour: 'deep-blue', clarity: 'clear' }], 'Deep blue liquid.'],
    [
      [{ channel: 'flame', colour: 'crimson', through: 'cobalt-glass', duration: 'flash' }],
      'Crimson flame, a flash through cobalt glass.',
    ],
    [[{ channel: 'gas', event: 'evolved', colour: 'colourless', vigour: 'brisk' }], 'Gas briskly.'],
    [[{ channel: 'temperature', event: 'melts', celsius: 121, to: 122 }], 'Melts 121 to 122 °C.'],
    [
      [
        { channel: 'layer', event: 'present', colour: 'violet', position: 'upper' },
        { channel: 'gas', event: 'none' },
      ],
      'Violet upper layer; no gas.',
    ],
    [[{ channel: 'splint', splint: 'glowing', event: 'relit' }], 'Glowing splint was rekindled.'],
    [[{ channel: 'limewater', event: 'cloudy-then-clear' }], 'Lime water turned cloudy, then clear again.'],
    [
      [
        { channel: 'precipitate', event: 'formed', colour: 'white', texture: 'curdy', amount: 'moderate' },
        { channel: 'precipitate', event: 'dissolved', colour: 'white' },
        { channel: 'solution', colour: 'colourless' },
      ],
      'Curdy white precipitate, which dissolved; colourless liquid.',
    ],
    [
      [
        { channel: 'precipitate', event: 'formed', colour: 'dirty-green' },
        { channel: 'precipitate', event: 'colour-changed', colour: 'red-brown' },
        { channel: 'precipitate', event: 'persists' },
      ],
      'Dirty green precipitate, which turned red brown and stayed.',
    ],
    [
      [
        { channel: 'flame', colour: 'yellow', through: 'none' },
        { channel: 'flame', colour: 'violet', through: 'none', duration: 'flash' },
      ],
      'Yellow flame, then violet, a flash.',
    ],
    [
      [
        { channel: 'solid', colour: 'yellow', look: 'hot' },
        { channel: 'solid', colour: 'white', look: 'cold' },
      ],
      'Yellow solid when hot, white when cold.',
    ],
    [[{ channel: 'smell', smell: 'pungent' }], 'Pungent smell.'],
    [[], ''],
  ])('%j', (list, text) => expect(sayAll(list)).toBe(text));

  test('a blank and what an entry says of suspects are told in a line each', () => {
    const white: Observation[] = [{ channel: 'precipitate', event: 'formed', colour: 'white' }];
    expect(sayBlank({ observed: white, blank: white })).toBe('the same.');
    expect(sayBlank({ observed: white, blank: [{ channel: 'precipitate', event: 'none' }] })).toBe('no precipitate.');
    const infers = [
      { of: 'Ni2+', says: 'may-be-present' },
      { of: 'Cl-', says: 'absent' },
    ];
    expect(sayInferred(infers)).toBe('Nickel(II) may be present; chloride absent.');
    expect(sayInferred()).toBe('');
  });
});
