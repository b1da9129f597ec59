/** The walls of the house. */
const wall = (name, from, to, comment) => ({ name, severity: 'error', comment, from, to });

module.exports = {
  forbidden: [
    wall('no-cycles', {}, { circular: true }, 'No import cycles anywhere.'),
    wall(
      'core-stands-alone',
      { path: '^src/core' },
      { path: '^src/(app|ui|server|workers)' },
      'core imports nothing from the rooms above it.',
    ),
    wall(
      'core-is-pure',
      { path: '^src/core' },
      { path: 'node_modules/(react|next|sequelize|pg|pino|zustand)/' },
      'core knows no React, Next or database.',
    ),
    wall(
      'units-know-no-heat-pump',
      { path: '^src/core/units' },
      { path: '^src/core/(?!units)' },
      'units depend on nothing else in core.',
    ),
    wall(
      'circuit-knows-no-heat-pump',
      { path: '^src/core/circuit' },
      { path: '^src/core/(?!units|circuit)' },
      'circuit depends on units only.',
    ),
    wall(
      'devices-know-no-wiring',
      { path: '^src/core/devices' },
      { path: '^src/core/(wiring|startup|setup|crossing|simulation)' },
      'devices know no wiring.',
    ),
    wall(
      'only-server-speaks-sql',
      { path: '^src/(?!server)' },
      { path: 'node_modules/(sequelize|pg|umzug)/' },
      'Only server imports Sequelize.',
    ),
    wall(
      'ui-below-app',
      { path: '^src/ui' },
      { path: '^src/(app|server)' },
      'ui is used by pages, and knows none of them.',
    ),
    wall(
      'client-off-the-server',
      { path: '^src/(ui|workers)' },
      { path: '^src/server' },
      'The browser never loads server code.',
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.tsx?$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
