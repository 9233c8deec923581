import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

interface Told {
  failureMessage: string | null;
  testResults: { fullName: string; status: string; failureMessages: string[] }[];
}

/** What the runner tells Jest of a file, in a process of its own. */
function run(source: string, pattern = ''): Told {
  const file = join(mkdtempSync(join(tmpdir(), 'hoppla-units-')), 'made.test.mjs');
  writeFileSync(file, source);
  const program = `require(${JSON.stringify(resolve(__dirname, 'jest-bundled.cjs'))})(
    { testTimeout: 300, testNamePattern: ${JSON.stringify(pattern)} },
    { rootDir: '/', testMatch: [] }, {}, {}, ${JSON.stringify(file)}
  ).then((told) => console.log(JSON.stringify(told)))`;
  const { stdout, stderr } = spawnSync(process.execPath, ['-e', program], { encoding: 'utf8' });
  if (stderr) throw new Error(stderr);
  return JSON.parse(stdout) as Told;
}
const endings = ({ testResults }: Told): string[] =>
  testResults.map(({ fullName, status }) => `${fullName}: ${status}`);

test('each test is told with its end, and what failed with its reason', () => {
  const told = run(`
    describe('a ball', () => {
      let rounds = 0;
      beforeEach(() => (rounds += 1));
      test('is round', () => expect(rounds).toBe(1));
      test('is square', () => expect(rounds).toBe(4));
      test.skip('is blue', () => expect(1).toBe(2));
      test.each([6, 7])('of %i', (n) => expect(n).toBe(6));
      test('never ends', () => new Promise(() => {}));
      test('is counted', () => { expect.assertions(2); expect(1).toBe(1); });
      test('is called back', (done) => { setTimeout(done, 1); });
    });`);
  expect(endings(told)).toEqual([
    'a ball is round: passed',
    'a ball is square: failed',
    'a ball is blue: pending',
    'a ball of 6: passed',
    'a ball of 7: failed',
    'a ball never ends: failed',
    'a ball is counted: failed',
    'a ball is called back: passed',
  ]);
  expect(told.testResults[1]!.failureMessages.join()).toMatch(/Expected: .*4[^]*Received: .*2/);
  expect(told.testResults[5]!.failureMessages.join()).toContain('Exceeded timeout of 300 ms');
});

test('what nobody waited for fails the test that ran, and what fails around the tests the file', () => {
  const told = run(`
    test('rejects', async () => {
      void Promise.reject(new Error('lost yarn'));
      await new Promise((resolve) => setTimeout(resolve, 20));
    });
    test('throws late', async () => {
      setTimeout(() => { throw new Error('late yarn'); }, 1);
      await new Promise((resolve) => setTimeout(resolve, 20));
    });
    test('is fine', () => {});
    afterAll(() => { throw new Error('no end sewn in'); });`);
  expect(endings(told)).toEqual(['rejects: failed', 'throws late: failed', 'is fine: passed']);
  expect(told.testResults[0]!.failureMessages.join()).toContain('lost yarn');
  expect(told.failureMessage).toContain('no end sewn in');
});

test('a file that cannot be loaded is no file without tests', () => {
  expect(() => run(`throw new Error('no hook');`)).toThrow('no hook');
});

test('of those with another name none is run', () => {
  const told = run(`test('one', () => {}); test('two', () => { throw new Error(); });`, 'ONE');
  expect(endings(told)).toEqual(['one: passed', 'two: pending']);
});
