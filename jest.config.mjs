/** Unit tests: core, data, server and the project's own rules. The browser's tests are in e2e/. */
export default {
  testEnvironment: 'node',
  // On two processors its own default is one.
  maxWorkers: '100%',
  // Only a test that hangs comes to this: how fast a machine is, no test says.
  testTimeout: 300_000,
  roots: ['<rootDir>/src', '<rootDir>/tests'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform: {
    '^.+\\.(tsx?|m?js)$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  // Published as modules only.
  transformIgnorePatterns: ['/node_modules/(?!(d3-[a-z-]+|internmap|clipper2-ts|polylabel|tinyqueue)/)'],
  moduleNameMapper: {
    '\\.module\\.css$': '<rootDir>/tests/styleSheet.ts',
    '^@/(.*)$': '<rootDir>/src/$1',
    '^server-only$': '<rootDir>/tests/serverOnly.ts',
  },
};
