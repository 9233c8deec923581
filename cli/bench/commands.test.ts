import { attackCommands } from './commands.fuzz';

test('300 command lines over hostile texts: an answer, an exit code, and never a number that is none (npm run fuzz tries 20,000)', () =>
  expect(attackCommands(300, Number.POSITIVE_INFINITY)).toEqual([]));
