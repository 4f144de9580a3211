// Imports go downwards only: each room may reach the rooms below it in this list, never one above or beside it.
const rooms = ['app', 'ui', 'workers', 'devices', 'store', 'formats', 'core'];
const upwards = rooms.slice(1).map((room, i) => ({
  name: `${room}-reaches-up`,
  severity: 'error',
  comment: `${room}/ may import only from itself and the rooms below it.`,
  from: { path: `^${room}/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: `^(${[...rooms.slice(0, i + 1), 'bin', 'demo', 'tests'].join('|')})/` },
}));
/** The rooms of core/, from the top down. */
const coreRooms = [
  'entry',
  'drawing',
  'proof',
  'ledger',
  'measure',
  'commands',
  'checks',
  'wording',
  'figures',
  'usual',
  'model',
  'reading',
  'build',
  'practices',
  'physics',
  'people',
  'signature',
  'random',
  'record',
  'units',
];
const coreUpwards = coreRooms.slice(1).map((room, i) => ({
  name: `core-${room}-reaches-up`,
  severity: 'error',
  comment: `core/${room}/ may import only from itself and the rooms of core/ below it.`,
  from: { path: `^core/${room}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${coreRooms.slice(0, i + 1).join('|')})/` },
}));
/** The rooms of ui/, from the top down. */
const uiRooms = ['shell', 'stages', 'charts', 'components', 'sync', 'theme', 'texts'];
const uiUpwards = uiRooms.slice(1).map((room, i) => ({
  name: `ui-${room}-reaches-up`,
  severity: 'error',
  comment: `ui/${room}/ may import only from itself and the rooms of ui/ below it.`,
  from: { path: `^ui/${room}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^ui/(${uiRooms.slice(0, i + 1).join('|')})/` },
}));
module.exports = {
  forbidden: [
    ...upwards,
    ...coreUpwards,
    ...uiUpwards,
    {
      name: 'sync-knows-no-framework',
      severity: 'error',
      comment: 'What is sent, kept and heard is worked without React; hooks only listen to it.',
      from: { path: '^ui/sync/', pathNot: '(\\.tsx|/use[A-Z][A-Za-z]*\\.ts)$' },
      to: { path: 'node_modules/(react|next|@mui|swr)/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core/ reaches no machine, no framework, no database.',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { path: '(^|node_modules/)(react|next|sequelize|pg|@mui|@emotion|pdfkit)(/|$)', pathNot: '^core/' },
    },
    {
      name: 'core-no-node',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'sql-only-in-store',
      severity: 'error',
      comment: 'store/ is the only room that knows SQL; the demo loads in one transaction of it.',
      from: { pathNot: '^(store|demo|tests)/' },
      to: { path: 'node_modules/(sequelize|pg|umzug)/' },
    },
    { name: 'interface-never-reaches-store', severity: 'error', from: { path: '^ui/' }, to: { path: '^store/' } },
    {
      name: 'no-circles',
      severity: 'error',
      comment: 'Neither code nor types go in a circle.',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(\\.next|\\.data)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
  },
};
