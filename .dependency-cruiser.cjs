/** The rules of the house: matter flows one way. */
const CORE_ORDER = [
  'vocabulary',
  'matter',
  'equilibrium',
  'reactions',
  'organic',
  'bench',
  'senses',
  'scheme',
  'record',
  'reasoning',
  'report',
  'planning',
  'practice',
  'exchange',
  'finding',
];

const upward = CORE_ORDER.slice(0, -1).map((folder, i) => ({
  name: `core-${folder}-looks-down`,
  severity: 'error',
  from: { path: `^core/src/${folder}/` },
  to: { path: CORE_ORDER.slice(i + 1).map((later) => `^core/src/${later}/`) },
}));

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...upward,
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/src' },
      to: { path: ['^(atlas|contract|cli|server|web|e2e|launcher)/', 'node_modules/(react|express|pg|node-pg-migrate)/'] },
    },
    { name: 'core-no-node', severity: 'error', from: { path: '^core/src' }, to: { dependencyTypes: ['core'] } },
    {
      name: 'web-through-contract',
      severity: 'error',
      from: { path: '^web/src/' },
      to: { path: '^(server|launcher|cli|atlas)/' },
    },
    { name: 'server-not-web', severity: 'error', from: { path: '^server/src/' }, to: { path: '^(web|cli|launcher|e2e)/' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(node_modules|\\.css$)' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.json'], conditionNames: ['import', 'node', 'default'] },
  },
};
