/** Three projects in one run: core, server and cli bundled, in Node itself; the scripts, each in a room of its own; the app in jest-expo's web environment. */
const bundled = {
  displayName: 'node',
  testEnvironment: 'node',
  testRunner: '<rootDir>/scripts/jest-bundled.cjs',
  roots: ['<rootDir>/.cache/units'],
  testMatch: ['**/*.test.mjs'],
  moduleFileExtensions: ['mjs', 'js'],
};

const scripts = {
  displayName: 'scripts',
  testEnvironment: 'node',
  roots: ['<rootDir>/scripts'],
  testMatch: ['**/*.test.ts'],
  moduleNameMapper: { '^@hoppla/core/(.*)$': '<rootDir>/core/src/$1/index.ts' },
  transform: { '\\.(ts|mjs)$': '<rootDir>/scripts/jest-esbuild.cjs' },
  moduleFileExtensions: ['ts', 'mjs', 'js', 'json', 'cjs'],
};

const app = {
  displayName: 'app',
  preset: 'jest-expo/web',
  rootDir: 'app',
  testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/src/**/*.test.tsx'],
  setupFiles: ['<rootDir>/jest-browser.cjs'],
  testEnvironmentOptions: { customExportConditions: ['require'] },
  // The core, and packages that are plain JavaScript: esbuild turns them in a sixth of the time.
  transform: {
    '/core/.*\\.ts$': '<rootDir>/../scripts/jest-esbuild.cjs',
    '/node_modules/(three|@?tamagui|react-native-web)/.*\\.c?js$': '<rootDir>/../scripts/jest-esbuild.cjs',
    ...require('jest-expo/web/jest-preset').transform,
  },
  moduleNameMapper: {
    '^three$': '<rootDir>/../node_modules/three/build/three.module.js',
    '^@react-native-async-storage/async-storage$':
      '<rootDir>/../node_modules/@react-native-async-storage/async-storage/lib/module/jest/AsyncStorageMock.js',
  },
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|@react-native-async-storage|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|tamagui|@tamagui/.*|react-native-svg|three|standard-navigation))',
  ],
};

/** A busy machine is no fault: what is measured in time has its own numbers. */
module.exports = async () => {
  const { bundleTests } = await import('./scripts/bundle-tests.mjs');
  await bundleTests({ isWatching: process.argv.some((argument) => argument.startsWith('--watch')) });
  return { projects: [bundled, scripts, app], testTimeout: 30_000 };
};
