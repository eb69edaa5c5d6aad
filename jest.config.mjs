/** Unit tests stand beside their files; tests under src/data need the database that scripts/test.mjs starts. */
export default {
  testEnvironment: 'node',
  testTimeout: 60_000,
  // Left to itself Jest keeps a core free, on two of them that is half.
  maxWorkers: '100%',
  roots: ['<rootDir>/src'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^server-only$': '<rootDir>/src/data/testing/empty.ts',
    '\\.module\\.css$': '<rootDir>/src/data/testing/empty.ts',
  },
  transform: {
    '^.+\\.(t|j|mj)sx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          target: 'es2022',
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(fast-check|pure-rand|@scure|@noble)/)'],
  cacheDirectory: '<rootDir>/.cache/jest',
};
