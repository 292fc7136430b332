// Workers of one run share what was made for it.
process.env['OUTFIT_TEST_RUN'] ??= `${process.pid}-${Date.now()}`;

/** Packages, server, the scripts of the house, and what of the web application computes. What a person sees is Playwright's, in e2e/. */
export default {
  // A server of the demo takes seconds to start, and four times as long on a slow machine beside other work.
  testTimeout: 60_000,
  maxWorkers: '100%',
  globalTeardown: '<rootDir>/apps/server/test/teardown.mjs',
  projects: [
    'packages/core',
    'packages/drawing',
    'packages/formats',
    'packages/market',
    'packages/demo',
    'apps/server',
    'apps/web',
    'scripts',
  ].map((dir) => ({
    displayName: dir.split('/').at(-1),
    rootDir: '.',
    roots: [`<rootDir>/${dir}/test`],
    testMatch: ['**/*.test.ts'],
    testEnvironment: 'node',
    extensionsToTreatAsEsm: ['.ts'],
    moduleNameMapper: {
      '^@outfit/core/basket$': '<rootDir>/packages/core/src/basket/solver.ts',
      '^@outfit/core/wardrobe$': '<rootDir>/packages/core/src/wardrobe/index.ts',
      '^@outfit/core/bench$': '<rootDir>/packages/core/src/bench/index.ts',
      '^@outfit/core/ideas$': '<rootDir>/packages/core/src/ideas/index.ts',
      '^@outfit/core/lineup$': '<rootDir>/packages/core/src/lineup/index.ts',
      '^@outfit/core/parcels$': '<rootDir>/packages/core/src/parcels/index.ts',
      '^@outfit/formats/kept$': '<rootDir>/packages/formats/src/kept/index.ts',
      '^@outfit/(core|drawing|formats|market|demo)$': '<rootDir>/packages/$1/src/index.ts',
      '^(\\.{1,2}/.*)\\.js$': '$1',
      '^@/(.*)$': '<rootDir>/apps/web/src/$1',
    },
    transform: {
      '^.+\\.ts$': [
        '@swc/jest',
        {
          jsc: {
            target: 'es2022',
            parser: { syntax: 'typescript', decorators: true },
            transform: { legacyDecorator: true, decoratorMetadata: true },
            keepClassNames: true,
          },
          module: { type: 'es6' },
        },
      ],
    },
  })),
};
