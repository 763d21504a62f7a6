/**
 * Imports go one way: core ← contract ← server, web; and inside core from the formula outwards, in the order of its
 * wings and of the folders within each.
 */
const order = [
  'common',
  'matter/formula',
  'matter/substances',
  'matter/structure',
  'matter/equation',
  'solution/equilibrium',
  'solution/preparation',
  'safety',
  'vessel',
  'seeing/appearance',
  'seeing/observation',
  'seeing/benchTests',
  'seeing/rack',
  'seeing/judgement',
  'measuring',
  'planning/schedule',
  'planning/procedure',
  'planning/alternatives',
  'planning/shelf',
  'planning/prep',
  'planning/waste',
  'studies/shift',
  'studies/dish',
  'studies/electrolysis',
  'studies/identify',
  'studies/gas',
  'studies/cycle',
  'studies/practice',
  'labday/settings',
  'labday/day',
  'labday/prep',
  'labday/bench',
  'labday/judge',
  'labday/cells',
  'labday/access',
  'report/dayReport',
  'report/worksheet',
  'report/exchange',
  'report/sources',
  'commands',
];

/** The layers of the web, the topmost first: each imports only what lies below it. */
const layers = ['shell', 'features', 'shared', 'data'];

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      comment: 'core knows nothing of server, web, Node or the DOM',
      severity: 'error',
      from: { path: '^core/src' },
      to: { path: '^(contract|server|web|scripts|e2e)/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/src' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'contract-not-sides',
      comment: 'what is agreed knows neither who asks nor who answers',
      severity: 'error',
      from: { path: '^contract/src' },
      to: { path: '^(server|web|e2e|scripts)/' },
    },
    {
      name: 'server-not-web',
      severity: 'error',
      from: { path: '^server/src' },
      to: { path: '^(web|e2e)/' },
    },
    {
      name: 'web-not-server',
      severity: 'error',
      from: { path: '^web/src' },
      to: { path: '^(server|e2e|scripts)/' },
    },
    ...layers.slice(1).map((layer, index) => ({
      name: `web-${layer}-looks-down`,
      comment: `${layer}/ imports nothing of ${layers.slice(0, index + 1).join('/, ')}/`,
      severity: 'error',
      from: { path: `^web/src/${layer}/` },
      to: { path: `^web/src/(${layers.slice(0, index + 1).join('|')})/` },
    })),
    {
      name: 'features-stand-apart',
      comment: 'a feature imports another by its public file alone',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/' },
      to: { path: '^web/src/features/', pathNot: ['^web/src/features/$1/', '/public\\.ts$'] },
    },
    {
      name: 'data-without-components',
      severity: 'error',
      from: { path: '^web/src/data/' },
      to: { path: '\\.(tsx|css)$' },
    },
    {
      name: 'core-by-its-doors',
      comment: 'outside core, a folder of core is imported by its index',
      severity: 'error',
      from: { path: '^(contract|server|web)/src' },
      to: { path: '^core/src/', pathNot: '/index\\.ts$' },
    },
    {
      name: 'doors-are-for-outside',
      comment: 'inside core, the module itself is imported',
      severity: 'error',
      from: { path: '^core/src/' },
      to: {
        path: '^core/src/.+/index\\.ts$',
        pathNot: '^core/src/.+/(rules|faults|library)/index\\.ts$',
      },
    },
    ...order.map((folder, index) => ({
      name: `core-${folder.replace('/', '-')}-looks-inward`,
      comment: `${folder} may import only what stands before it: ${order.slice(0, index).join(', ')}`,
      severity: 'error',
      from: { path: `^core/src/${folder}/` },
      to: {
        path: `^core/src/(${order.slice(index + 1).join('|') || 'nothing-stands-after-this'})/`,
      },
    })),
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.css'],
    },
  },
};
