/** Imports go one way: core ← server, core ← web; and inside core from the formula outwards. */
const order = [
  'formula',
  'substances',
  'structure',
  'equation',
  'equilibrium',
  'solution',
  'vessel',
  'appearance',
  'observation',
  'measurement',
  'safety',
  'schedule',
  'procedure',
  'stock',
  'prep',
  'waste',
  'shift',
  'dish',
  'electrolysis',
  'identify',
  'gas',
  'cycle',
  'practice',
  'labday',
];

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      comment: 'core knows nothing of server, web, Node or the DOM',
      severity: 'error',
      from: { path: '^core/src' },
      to: { path: '^(server|web|scripts|e2e)/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/src' },
      to: { dependencyTypes: ['core'] },
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
    {
      name: 'core-by-its-index',
      comment: 'nothing outside core imports deeper than its index',
      severity: 'error',
      from: { path: '^(server|web)/src' },
      to: { path: '^core/src/.+/' },
    },
    ...order.map((folder, index) => ({
      name: `core-${folder}-looks-inward`,
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
