import { attackCommands } from './commands.fuzz';

test('600 command lines over hostile texts: an answer, an exit code, and never a number that is none (npm run fuzz tries 20,000)', () =>
  expect(attackCommands(600, Number.POSITIVE_INFINITY)).toEqual([]));
