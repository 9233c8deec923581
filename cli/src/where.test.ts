import { run } from './main';

const PAGE = `Ball (rust, 3.0 mm hook)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4-6: sc around (18)
close`;
const where = (...args: string[]) => run(['where', '-', ...args], () => PAGE);

describe('hoppla where', () => {
  it('one place where the counts decide, several with the next question where they do not', () => {
    expect(where('--rounds', '2', '--made', '4')).toEqual({
      out: 'Ball: R3, 4 of 18 made\n',
      err: '',
      code: 0,
    });
    const several = where('--left', '7', '--last', 'one in one');
    expect(several.out.split('\n').length).toBeGreaterThan(3);
    expect(several.err).toMatch(/count (rounds|made|edge) next/);
    expect(JSON.parse(where('--rounds', '6', '--json').out)).toMatchObject({
      places: [{ part: 'Ball', round: null, made: 0, of: null, off: null }],
      ask: null,
    });
  });
  it('one off is told, nothing that fits is exit 1, what is no count is a wrong call', () => {
    expect(where('--rounds', '3', '--made', '4', '--left', '13').out).toMatch(
      /R4, 4 of 18 made \(only with left \+1\)/,
    );
    expect(where('--rounds', '40')).toMatchObject({ out: '', code: 1 });
    expect(where('--rounds', 'nine').code).toBe(2);
    expect(where('--part', 'Tail', '--rounds', '1').err).toContain('There are: Ball.');
    expect(where('--last', 'picot').code).toBe(2);
  });
});
