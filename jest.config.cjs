/** Two projects in one run: core, server, cli and scripts in Node; the app in jest-expo's web environment. */
const node = {
  displayName: 'node',
  testEnvironment: 'node',
  roots: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/cli', '<rootDir>/scripts'],
  testMatch: ['**/*.test.ts', '**/*.test.mjs'],
  // Globals of a test's own room are looked up by name each time; given to the modules, arithmetic is four times as fast.
  sandboxInjectedGlobals: [
    'Math',
    'Map',
    'Set',
    'Array',
    'Number',
    'Object',
    'String',
    'Float64Array',
    'Int32Array',
  ],
  extensionsToTreatAsEsm: [],
  moduleNameMapper: { '^@hoppla/core/(.*)$': '<rootDir>/core/src/$1/index.ts' },
  transform: {
    '\\.ts$': '<rootDir>/scripts/jest-esbuild.cjs',
    '\\.mjs$': '<rootDir>/scripts/jest-esbuild.cjs',
    // Its readers of meshes read back what is given away.
    '/three/.*\\.js$': '<rootDir>/scripts/jest-esbuild.cjs',
  },
  transformIgnorePatterns: ['/node_modules/(?!three/)'],
  moduleFileExtensions: ['ts', 'mjs', 'js', 'json', 'cjs', 'node'],
};

const app = {
  displayName: 'app',
  preset: 'jest-expo/web',
  rootDir: 'app',
  testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/src/**/*.test.tsx'],
  setupFiles: ['<rootDir>/jest-browser.cjs'],
  testEnvironmentOptions: { customExportConditions: ['require'] },
  // three is large and plain: esbuild turns it in a second.
  transform: {
    '/three/build/.*\\.js$': '<rootDir>/../scripts/jest-esbuild.cjs',
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
module.exports = { projects: [node, app], testTimeout: 30_000 };
