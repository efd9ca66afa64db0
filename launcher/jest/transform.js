/**
 * TypeScript for the tests. The context in which they run makes every look at a global slow; each module therefore takes the ones that
 * computing leans on into constants of its own.
 */
import swcJest from '@swc/jest';

const swc = swcJest.createTransformer({
  jsc: {
    parser: { syntax: 'typescript', tsx: true },
    target: 'es2022',
    transform: { react: { runtime: 'automatic' } },
    experimental: { keepImportAttributes: true },
  },
  module: { type: 'es6' },
});

// On the first line, so that no line number changes.
const TAKEN = 'const { Array, Infinity, JSON, Map, Math, Number, Object, Set } = globalThis;';
const withGlobals = (result) => ({ ...result, code: TAKEN + result.code });

export default {
  ...swc,
  getCacheKey: (...args) => `${swc.getCacheKey(...args)}-${TAKEN.length}`,
  process: (...args) => withGlobals(swc.process(...args)),
  processAsync: async (...args) => withGlobals(await swc.processAsync(...args)),
};
