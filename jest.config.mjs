const swc = [
  '@swc/jest',
  { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022', transform: { react: { runtime: 'automatic' } } } },
];
// This package asks for import.meta where it is not in production, which only modules know.
const asInProduction = [
  '@swc/jest',
  { jsc: { target: 'es2022', transform: { optimizer: { simplify: true, globals: { vars: { 'import.meta': '({})' } } } } } },
];
// Tests run in a context of their own, where each look at a global costs: these are handed to every module.
const handed = [
  'Math',
  'Number',
  'Object',
  'Array',
  'String',
  'Map',
  'Set',
  'JSON',
  'Float32Array',
  'Float64Array',
  'Uint8Array',
  'Buffer',
];
const common = {
  sandboxInjectedGlobals: handed,
  setupFiles: ['<rootDir>/tests/seed.ts'],
  transform: { '/@nanostores/i18n/': asInProduction, '^.+\\.(t|j)sx?$': swc },
  // Jest takes no .mjs through require: the same library in its other form.
  moduleNameMapper: { '^d3$': '<rootDir>/node_modules/d3/dist/d3.js' },
  // These packages ship ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!@noble/|nanostores/|@nanostores/)'],
};
// Some packages of the server have names of their own like those that are handed.
const outside = { sandboxInjectedGlobals: ['Math'], setupFiles: [...common.setupFiles, '<rootDir>/tests/across.ts'] };
export default {
  // A machine that is busy is no failure.
  testTimeout: 30000,
  projects: [
    { ...common, displayName: 'unit', testMatch: ['<rootDir>/{core,formats,devices,bin,ui}/**/*.test.ts'] },
    {
      ...common,
      displayName: 'components',
      // Packages for the browser have names of their own like these.
      sandboxInjectedGlobals: ['Math'],
      testEnvironment: 'jsdom',
      testMatch: ['<rootDir>/ui/**/*.test.tsx'],
      // d3 and the date adapter come in a form for Node; what only a browser has is put in by the setup.
      testEnvironmentOptions: { customExportConditions: ['node', 'require'] },
      setupFiles: [...common.setupFiles, '<rootDir>/tests/browserLike.ts'],
    },
    { ...common, ...outside, displayName: 'routes', testMatch: ['<rootDir>/tests/routes/**/*.test.ts'] },
    { ...common, displayName: 'commands', testMatch: ['<rootDir>/tests/commands/**/*.test.ts'] },
    { ...common, ...outside, displayName: 'integration', testMatch: ['<rootDir>/tests/integration/**/*.test.ts'] },
  ],
};
