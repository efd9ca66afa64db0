import { availableParallelism } from 'node:os';

const project = (name, folder) => ({
  displayName: name,
  testEnvironment: '<rootDir>/launcher/jest/environment.js',
  moduleNameMapper: { '^openchemlib$': '<rootDir>/launcher/jest/openchemlib.js' },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  roots: [`<rootDir>/${folder}`],
  testMatch: ['**/*.test.ts'],
  transform: { '^.+\\.(ts|tsx)$': '<rootDir>/launcher/jest/transform.js' },
});

export default {
  projects: [
    project('core', 'core/test'),
    project('server', 'server/test'),
    project('web', 'web/test'),
    project('cli', 'cli/test'),
    project('launcher', 'launcher/test'),
  ],
  testSequencer: '<rootDir>/launcher/jest/sequencer.js',
  testTimeout: 120000,
  // Many tests wait for a server or a database: one more than there are cores keeps these busy.
  maxWorkers: availableParallelism() + 1,
};
