const swc = (jsx) => [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: jsx, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        react: { runtime: 'automatic' },
      },
    },
    module: { type: 'commonjs' },
  },
];

const shared = (extra) => ({
  transformIgnorePatterns: [
    '/node_modules/(?!(@formkit|@nestjs|@tanstack|any-ascii|d3-shape|d3-path|nanoid)/)',
  ],
  testPathIgnorePatterns: ['/node_modules/', '/dist/', '/dist-types/'],
  ...extra,
});

/** Jest reads every workspace from its TypeScript source: no build is needed to run the unit tests. */
export default {
  // one for each core of the smallest machine it is run on
  maxWorkers: 2,
  // a form filled in letter by letter takes its time on a busy machine
  testTimeout: 20_000,
  projects: [
    shared({
      displayName: 'packages',
      setupFiles: ['<rootDir>/jest.setup.packages.ts'],
      testMatch: ['<rootDir>/packages/*/src/**/*.test.ts', '<rootDir>/architecture/*.test.ts'],
      testEnvironment: 'node',
      testEnvironmentOptions: { customExportConditions: ['@hot-bead/source', 'node', 'require', 'default'] },
      transform: { '^.+\\.[cm]?[jt]sx?$': swc(false) },
    }),
    shared({
      displayName: 'server',
      globalSetup: '<rootDir>/jest.build-server.mjs',
      testMatch: ['<rootDir>/apps/server/{src,test}/**/*.test.ts'],
      testEnvironment: 'node',
      testEnvironmentOptions: { customExportConditions: ['@hot-bead/source', 'node', 'require', 'default'] },
      transform: { '^.+\\.[cm]?[jt]sx?$': swc(false) },
    }),
    shared({
      displayName: 'web',
      testMatch: ['<rootDir>/apps/web/src/**/*.test.ts?(x)'],
      testEnvironment: 'jsdom',
      testEnvironmentOptions: {
        customExportConditions: ['@hot-bead/source', 'browser', 'require', 'default'],
      },
      setupFiles: ['<rootDir>/jest.setup.web.ts'],
      setupFilesAfterEnv: ['@testing-library/jest-dom'],
      moduleNameMapper: { '\\.css$|\\?worker&url$': '<rootDir>/apps/web/test/empty-style.ts' },
      transform: { '^.+\\.[cm]?[jt]sx?$': swc(true) },
    }),
  ],
};
