import path from 'node:path';

/** The rooms of core from left to right: a module may use those to its left. */
const ROOMS = [
  'result|provenance|region',
  'quantity',
  'record',
  'connections',
  'fittings',
  'walls',
  'site',
  'job',
  'derived',
  'edits',
  'assembly',
  'routes|methods|parts|proof|hydraulics',
  'falls',
  'checks',
  'plan',
  'patterns',
  'demo',
];

/** Tests, benches and the helpers that only tests use may look to the right. */
const TEST_FILES = String.raw`\.(test|bench)\.tsx?$|^core/src/test/|/test/`;

/** What one feature of the interface may take of another: the frame of every station, the list of ways, shared panels. */
const SEAMS = [
  'desk/(hole-steps|name-block|region-choice|seam-key|stations|strip)',
  'routes/',
  'bench/bench-link',
  'bench/catalogue/(list-file|send-own)',
  'holes/(port-choice|tank-row)',
];

const arrows = ROOMS.slice(0, -1).map((room, index) => ({
  name: `core-arrow-${room.replaceAll('|', '-')}`,
  comment: `${room} may not use what stands to its right`,
  severity: 'error',
  from: { path: `^core/src/(${room})(/|\\.ts$)`, pathNot: TEST_FILES },
  to: { path: `^core/src/(${ROOMS.slice(index + 1).join('|')})(/|\\.ts$)` },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
const config = {
  forbidden: [
    ...arrows,
    {
      name: 'the-proof-counts-by-itself',
      comment:
        'what proves a list may know neither how it is made, nor in which ways things are made, nor what a joint is said to need',
      severity: 'error',
      from: { path: '^core/src/proof/', pathNot: TEST_FILES },
      to: { path: '^core/src/(methods/|parts/(?!list/)|connections/(mate\\.ts|families/|make-up/))' },
    },
    { name: 'core-not-to-web', severity: 'error', from: { path: '^core/' }, to: { path: '^web/' } },
    {
      name: 'core-knows-no-platform',
      severity: 'error',
      from: { path: '^core/src/', pathNot: TEST_FILES },
      // Pure functions of a small package are no platform.
      to: { dependencyTypes: ['core', 'npm', 'npm-dev'], pathNot: 'node_modules/(fastest-levenshtein|dequal)/' },
    },
    {
      name: 'web-through-the-index',
      severity: 'error',
      from: { path: '^(web|e2e)/' },
      // What only tests use is no part of the index.
      to: { path: '^core/src/', pathNot: '^core/src/(index\\.ts$|test/)' },
    },
    {
      name: 'drawing-geometry-knows-no-react',
      severity: 'error',
      from: { path: '^web/src/drawing/geometry/' },
      to: { path: 'react|\\.tsx$' },
    },
    {
      name: 'database-only-on-the-server',
      comment: 'screens see the database through pages, actions and the API; a type is no dependency',
      severity: 'error',
      from: { path: '^web/src/(features|ui|drawing)/' },
      to: { path: '^web/src/server/db/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'tables-know-no-api',
      comment: 'the repository stores core types; what is sent over a wire is the business of the API',
      severity: 'error',
      from: { path: '^web/src/server/db/', pathNot: TEST_FILES },
      to: { path: '^web/src/server/api/' },
    },
    {
      name: 'shared-rooms-know-no-feature',
      comment: 'the store, the workers, the parts of the interface and the drawing serve every feature',
      severity: 'error',
      from: { path: '^web/src/(store|workers|ui|drawing|cutting)/', pathNot: TEST_FILES },
      to: { path: '^web/src/(features|app)/' },
    },
    {
      name: 'features-through-seams',
      comment: 'a feature uses another only by what is named here: the frame, the way list, and three shared panels',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/', pathNot: TEST_FILES },
      to: {
        path: '^web/src/features/',
        pathNot: ['^web/src/features/$1/', ...SEAMS.map((seam) => `^web/src/features/${seam}`)],
      },
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    { name: 'not-to-unresolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(\\.next|test-results)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: path.join(import.meta.dirname, 'tsconfig.depcruise.json') },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      mainFields: ['module', 'main', 'types'],
    },
  },
};

export default config;
