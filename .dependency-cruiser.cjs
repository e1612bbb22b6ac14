/** Imports run one way through the house. */
const rooms = [
  'message',
  'pitch',
  'material',
  'study',
  'surface',
  'assign',
  'fingering',
  'buttons',
  'sticking',
  'together',
  'instrument',
  'realise',
  'notation',
  'chart',
  'compare',
  'syllabus',
  'call',
  'practice',
  'playback',
  'formats',
]
const later = (room) => rooms.slice(rooms.indexOf(room) + 1)

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      comment:
        'The core imports nothing outside itself, but for libraries as pure as it is: calendar days, memory, syntax of files.',
      severity: 'error',
      from: { path: '^core/' },
      to: { pathNot: ['^core/', '^node_modules/(date-fns|ts-fsrs|fast-xml-parser|fflate|midi-file|papaparse)/'] },
    },
    ...rooms.slice(0, -1).map((room) => ({
      name: `core-${room}-looks-back-only`,
      severity: 'error',
      from: { path: `^core/${room}/` },
      to: { path: `^core/(${later(room).join('|')})/` },
    })),
    {
      name: 'core-one-door',
      comment: 'Each folder of the core is entered through its index.',
      severity: 'error',
      from: { path: '^core/([^/]+)/' },
      to: { path: '^core/([^/]+)/', pathNot: ['^core/$1/', '^core/[^/]+/index\\.ts$'] },
    },
    {
      name: 'doors-of-the-core',
      severity: 'error',
      from: { path: '^(app|server|shared|cli)/' },
      to: { path: '^core/', pathNot: '^core/[^/]+/index\\.ts$' },
    },
    {
      name: 'door-of-the-desk',
      severity: 'error',
      from: { path: '^app/', pathNot: '^app/stores/desk/' },
      to: { path: '^app/stores/desk/', pathNot: '^app/stores/desk/index\\.ts$' },
    },
    {
      name: 'engraving-draws-what-the-core-says',
      severity: 'error',
      from: { path: '^engraving/' },
      to: { pathNot: ['^engraving/', '^core/[^/]+/index\\.ts$', '^node_modules/vexflow/'] },
    },
    {
      name: 'paper-knows-no-page-and-no-server',
      severity: 'error',
      from: { path: '^paper/' },
      to: { path: '^(app|server|shared|cli|words)/' },
    },
    { name: 'app-not-server', severity: 'error', from: { path: '^app/' }, to: { path: '^server/' } },
    { name: 'server-not-app', severity: 'error', from: { path: '^server/' }, to: { path: '^app/' } },
    {
      name: 'app-without-joi',
      comment: 'Schemas are the doors\u2019 business; the page sends and the server checks.',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^shared/(schemas|fault)\\.ts$' },
    },
    {
      name: 'only-the-database-speaks-sql',
      severity: 'error',
      from: { path: '^server/', pathNot: '^server/db/' },
      to: { path: 'node_modules/pg/' },
    },
    {
      name: 'no-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^#(imports|components|app)$|^nitropack' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.imports.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default', 'types'] },
  },
}
