/**
 * Runs a test file of `.cache/units` (see bundle-tests.mjs) in Node itself. Jest would give each file a room of its own, in which the
 * whole core is evaluated anew, every global is looked up by name, and nothing is kept of what V8 has compiled: half of
 * the time. What the files share here is the modules; nothing in the core keeps anything that an answer depends on
 * (`remembered.test.ts` holds it for the reader).
 */
const { pathToFileURL } = require('node:url');
const { createEmptyTestResult } = require('@jest/test-result');
const { expect } = require('expect');
const circus = require('jest-circus');
const { formatResultsErrors } = require('jest-message-util');

const { describe, test, beforeAll, beforeEach, afterAll, afterEach } = circus;
const setTimeout = (testTimeout) => circus.setState({ ...circus.getState(), testTimeout });
const hooks = { beforeAll, beforeEach, afterAll, afterEach };
const given = { expect, describe, test, it: test, ...hooks, jest: { setTimeout } };

/** What nobody waited for fails the test that runs, or else the file. */
function lost(error) {
  const { currentlyRunningTest, unhandledErrors } = circus.getState();
  (currentlyRunningTest?.errors ?? unhandledErrors).push(error);
}

/** Does the work of one file, and listens meanwhile. */
async function heard(work) {
  const events = ['uncaughtException', 'unhandledRejection'];
  for (const event of events) process.on(event, lost);
  try {
    return await work();
  } finally {
    for (const event of events) process.off(event, lost);
  }
}

/** A test that said how often it would expect something, and did not. */
function expectedAsSaid() {
  for (const { error } of expect.extractExpectedAssertionsErrors()) throw error;
}

/** One test as Jest tells it. */
function told({ testPath, status, errors, ...result }) {
  const [, ...names] = testPath;
  const ended = errors.length ? 'failed' : 'passed';
  return {
    ...result,
    ...{ ancestorTitles: names.slice(0, -1), title: names.at(-1), fullName: names.join(' ') },
    ...{ status: status === 'done' ? ended : 'pending', failureMessages: errors, failureDetails: [] },
  };
}

module.exports = async (globalConfig, config, _environment, _runtime, path) => {
  circus.resetState();
  setTimeout(globalConfig.testTimeout);
  const pattern = globalConfig.testNamePattern;
  circus.setState({ ...circus.getState(), testNamePattern: pattern ? new RegExp(pattern, 'i') : null });
  Object.assign(globalThis, given);
  afterEach(expectedAsSaid);
  const { testResults, unhandledErrors } = await heard(async () => {
    // Watched, a file is imported anew; once is enough else, and its faults are told at the place where they were written.
    await import(pathToFileURL(path) + (globalConfig.watch || globalConfig.watchAll ? `?${Date.now()}` : ''));
    return circus.run();
  });
  const results = testResults.map(told);
  const count = (status) => results.filter((result) => result.status === status).length;
  return {
    ...createEmptyTestResult(),
    ...{ testFilePath: path, testResults: results },
    ...{ numFailingTests: count('failed'), numPassingTests: count('passed') },
    numPendingTests: count('pending'),
    ...(unhandledErrors.length && { testExecError: { message: '', stack: unhandledErrors.join('\n\n') } }),
    failureMessage:
      [...unhandledErrors, formatResultsErrors(results, config, globalConfig, path) ?? '']
        .join('\n\n')
        .trim() || null,
  };
};
