/**
 * Floors of a part of the sources, from the ground up; each room is a folder. A room imports from floors below it only,
 * never from its own floor or above.
 */
const FLOORS = {
  core: [
    'units',
    'border circuit',
    'access',
    'job',
    'control safety nameplates',
    'devices',
    'wiring',
    'strips',
    'balance service',
    'setup model',
    'instrument causes',
    'startup simulation',
    'diagnosis check',
    'changeout job-list new-job samples',
    'truck practice',
    'handover',
    'formats',
    'label sync',
  ],
  ui: [
    'storage requests theme loading tour',
    'kit degrees person',
    'offline',
    'job weather',
    'findings label meter stop-work truck',
    'fields',
    'crew ruler practice',
    'startup service setup simulate changeout library',
    'balance strips survey wiring job-list',
    'diagnose',
    'handover',
    'shell',
  ],
};

/** The walls of the house. */
const wall = (name, from, to, comment) => ({ name, severity: 'error', comment, from, to });

/** Walls between the floors of a part, and one that asks a new room for its floor. */
const floorWalls = (part) => {
  const floors = FLOORS[part].map((rooms) => rooms.split(' '));
  const above = (at) => floors.slice(at).flat();
  return [
    wall(
      `${part}-room-without-floor`,
      { path: `^src/${part}/(?!(${floors.flat().join('|')})/)[^/]+/` },
      {},
      'Add the room to FLOORS.',
    ),
    ...floors.flatMap((rooms, at) =>
      rooms.map((room) =>
        wall(
          `${part}-${room}-imports-downward`,
          { path: `^src/${part}/${room}/` },
          {
            path: `^src/${part}/(${above(at)
              .filter((other) => other !== room)
              .join('|')})/`,
          },
          `${room} imports from floors below it only.`,
        ),
      ),
    ),
  ];
};

module.exports = {
  forbidden: [
    wall('no-cycles', {}, { circular: true }, 'No import cycles anywhere.'),
    {
      ...wall(
        'no-room-cycles',
        { path: '^src/(core|ui)/[^/]+$' },
        { circular: true },
        'No import cycles between rooms.',
      ),
      scope: 'folder',
    },
    ...floorWalls('core'),
    ...floorWalls('ui'),
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
      { path: '^src/core/(wiring|startup|setup|balance|simulation)' },
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
