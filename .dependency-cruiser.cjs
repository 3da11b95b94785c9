/** Arrows point one way: app → stations, places, api → ui, data, devices, workers, papers, threads → formats → words → core. */
const layers = {
  core: [],
  words: ['core'],
  formats: ['words', 'core'],
  workers: ['formats', 'words', 'core'],
  ui: ['words', 'core'],
  data: ['formats', 'words', 'core'],
  devices: ['formats', 'words', 'core'],
  threads: ['formats', 'words', 'core'],
  papers: ['ui', 'threads', 'formats', 'words', 'core'],
  api: ['data', 'devices', 'threads', 'formats', 'words', 'core'],
  stations: ['ui', 'data', 'devices', 'workers', 'papers', 'threads', 'formats', 'words', 'core'],
  places: ['ui', 'data', 'devices', 'workers', 'papers', 'threads', 'formats', 'words', 'core'],
}

/** Floors of the core: each rests only on those below it. */
const floors = ['base', 'parts', 'craft', 'record', 'work', 'views']

// Tests may use the demo shelf and the words to say what they expect.
const notTests = { pathNot: '\\.(test|testing)\\.tsx?$' }

module.exports = {
  forbidden: [
    ...Object.entries(layers).map(([layer, allowed]) => ({
      name: `${layer}-points-down`,
      severity: 'error',
      from: { path: `^src/${layer}/`, ...notTests },
      to: { path: '^src/', pathNot: [`^src/${layer}/`, ...allowed.map((one) => `^src/${one}/`), '^src/css\\.d\\.ts$'] },
    })),
    ...floors.map((floor, at) => ({
      name: `core-${floor}-rests-on-what-is-below`,
      severity: 'error',
      from: { path: `^src/core/${floor}/`, ...notTests },
      to: { path: '^src/core/', pathNot: floors.slice(0, at + 1).map((one) => `^src/core/${one}/`) },
    })),
    {
      name: 'core-knows-no-format',
      severity: 'error',
      comment: 'tests of the core included',
      from: { path: '^src/core/' },
      to: { path: '^src/formats/' },
    },
    {
      name: 'no-station-imports-another',
      severity: 'error',
      from: { path: '^src/stations/([^/]+)/' },
      to: { path: '^src/stations/([^/]+)/', pathNot: '^src/stations/$1/' },
    },
    {
      name: 'no-place-imports-another',
      severity: 'error',
      from: { path: '^src/places/([^/]+)/' },
      to: { path: '^src/places/([^/]+)/', pathNot: '^src/places/$1/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', ...notTests },
      to: { dependencyTypes: ['npm', 'core'], pathNot: 'node_modules/zod/' },
    },
    {
      name: 'no-schemas-in-the-browser',
      severity: 'error',
      comment:
        'Zod stays out of the first load: client code takes types from schemas, and fetches a schema when a form is submitted.',
      from: { path: '^src/(ui|stations|places|workers)/', pathNot: ['\\.test\\.tsx?$', '[aA]ctions\\.ts$'] },
      to: { path: '[sS]chema\\.ts$|/schema/|node_modules/zod/', dependencyTypesNot: ['type-only'], dynamic: false },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    { name: 'nothing-unresolved', severity: 'error', from: { path: '^src/' }, to: { couldNotResolve: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
    doNotFollow: { path: 'node_modules' },
  },
}
