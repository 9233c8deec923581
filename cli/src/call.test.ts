import { run } from './main';

const EAR = 'Ear\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\n';

test('numbers that no toy can have are refused with what can be, and nothing is worked with', () => {
  for (const [flag, value] of [
    ['--stitch', '1e12'],
    ['--round', '1e-12'],
    ['--lean', '-1e6'],
    ['--eye', '1e9'],
  ]) {
    const { out, err, code } = run(['face', '-', '--at', 'R3, 4 apart', flag, value], () => EAR);
    expect([out, code]).toEqual(['', 2]);
    expect(err).toMatch(
      new RegExp(`^${flag} takes [-\\d.]+ to \\d+; ${value} is none that a toy can have\\.\n$`),
    );
  }
});
