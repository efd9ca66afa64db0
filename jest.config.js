const project = (name, folder) => ({
  displayName: name,
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  roots: [`<rootDir>/${folder}`],
  testMatch: ['**/*.test.ts'],
  transform: {
    '^.+\\.(ts|tsx)$': [
      '@swc/jest',
      {
        jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022', transform: { react: { runtime: 'automatic' } } },
        module: { type: 'es6' },
      },
    ],
  },
});

export default {
  projects: [
    project('core', 'core/test'),
    project('server', 'server/test'),
    project('web', 'web/test'),
    project('cli', 'cli/test'),
    project('launcher', 'launcher/test'),
  ],
  testTimeout: 120000,
  maxWorkers: '100%',
};
