import { availableParallelism } from 'node:os';

export default {
  // Plain Node in threads that live on: modules are loaded, and warm, once a thread rather than once a file.
  runner: 'jest-light-runner',
  roots: ['core', 'server', 'web', 'cli', 'launcher'].map((folder) => `<rootDir>/${folder}/test`),
  setupFiles: ['<rootDir>/launcher/jest/typescript.js'],
  extensionsToTreatAsEsm: ['.ts'],
  testMatch: ['**/*.test.ts'],
  testSequencer: '<rootDir>/launcher/jest/sequencer.js',
  // Many tests wait for a server or a database: one more than there are cores keeps these busy.
  maxWorkers: availableParallelism() + 1,
};
