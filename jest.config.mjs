const swc = [
  '@swc/jest',
  { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022', transform: { react: { runtime: 'automatic' } } } },
];
const common = {
  setupFiles: ['<rootDir>/tests/seed.ts'],
  transform: { '^.+\\.(t|j)sx?$': swc },
  // Jest takes no .mjs through require: the same library in its other form.
  moduleNameMapper: { '^d3$': '<rootDir>/node_modules/d3/dist/d3.js' },
  // This package ships ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!@noble/)'],
};
export default {
  projects: [
    { ...common, displayName: 'unit', testMatch: ['<rootDir>/{core,formats,bin,ui}/**/*.test.ts'] },
    { ...common, displayName: 'routes', testMatch: ['<rootDir>/tests/routes/**/*.test.ts'] },
    { ...common, displayName: 'commands', testMatch: ['<rootDir>/tests/commands/**/*.test.ts'] },
    { ...common, displayName: 'integration', testMatch: ['<rootDir>/tests/integration/**/*.test.ts'] },
  ],
};
