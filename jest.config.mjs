const shared = {
  transform: {
    '\\.m?[jt]sx?$': [
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
  // Packages stay as they are, but for those that ship as ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!(uuid|d3-[a-z-]+|internmap)/)'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  testEnvironment: 'node',
};

export default {
  // For slow or busy machines: no test asserts a duration.
  testTimeout: 60_000,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testMatch: ['<rootDir>/src/core/**/*.test.ts', '<rootDir>/bin/**/*.test.ts', '<rootDir>/src/ui/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'components',
      testEnvironment: '<rootDir>/tests/browser-environment.mjs',
      testMatch: ['<rootDir>/src/ui/**/*.test.tsx'],
    },
    {
      ...shared,
      displayName: 'server',
      setupFiles: ['<rootDir>/tests/own-database.mjs'],
      testMatch: [
        '<rootDir>/src/server/**/*.test.ts',
        '<rootDir>/src/app/**/*.test.ts',
        '<rootDir>/tests/attack/**/*.test.ts',
      ],
    },
  ],
};
