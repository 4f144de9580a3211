const swc = ['@swc/jest', { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022', transform: { react: { runtime: 'automatic' } } } }];
const common = {
  transform: { '^.+\\.(t|j)sx?$': swc },
  // These packages ship ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!(d3|d3-[a-z-]+|internmap|delaunator|robust-predicates|@noble|eecircuit-engine)/)'],
};
export default {
  projects: [
    { ...common, displayName: 'unit', testMatch: ['<rootDir>/{core,formats,bin}/**/*.test.ts'] },
    { ...common, displayName: 'integration', testMatch: ['<rootDir>/tests/integration/**/*.test.ts'] },
  ],
};
