import fc from 'fast-check';
import { printedText, type PrintedRun } from './printedText';

const LETTER = 5;
const TALL = 10;

/** A line of words at a place, a run a word as printers write them. */
function line(text: string, x: number, y: number): PrintedRun[] {
  let at = x;
  return text.split(' ').map((word) => {
    const run = { text: word, x: at, y, width: word.length * LETTER, height: TALL };
    at += (word.length + 1) * LETTER;
    return run;
  });
}

const column = (lines: readonly string[], x: number, top: number): PrintedRun[] =>
  lines.flatMap((text, i) => line(text, x, top - 14 * i));

const HEAD = ['Head (make 1, sand yarn)', 'R1: 6 sc in ring (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)'];
const BODY = ['Body (make 1, sand yarn)', 'R1: 8 sc in ring (8)', 'R2: inc x8 (16)', 'R3: (sc, inc) x8 (24)'];

describe('printed pages', () => {
  it('one column is read from top to bottom, whatever the order of its runs', () =>
    expect(printedText([[...column(HEAD, 50, 700)].reverse()])).toBe(HEAD.join('\n')));

  it('two columns are read one after the other, under a title over both', () => {
    const title = line('A crab and its shell, for a rainy afternoon by the window with tea', 50, 740);
    const page = [...title, ...column(HEAD, 50, 700), ...column(BODY, 300, 700)];
    expect(printedText([page]).split('\n')).toEqual([
      'A crab and its shell, for a rainy afternoon by the window with tea',
      '',
      ...HEAD,
      '',
      ...BODY,
    ]);
  });

  it('columns whose lines do not stand level are columns all the same', () => {
    const page = [...column(HEAD, 50, 700), ...column(BODY, 300, 693)];
    expect(printedText([page])).toBe([...HEAD, '', ...BODY].join('\n'));
  });

  it('a table with labels and counts stays a table: tabs between its cells', () => {
    const rows = [
      ['R1', '6 sc in magic ring', '6'],
      ['R2', 'inc in each stitch', '12'],
      ['R3', '(sc, inc) six times', '18'],
      ['R4', 'sc in each stitch', '18'],
    ];
    const page = rows.flatMap(([a, b, c], i) => [
      ...line(a, 50, 700 - 14 * i),
      ...line(b, 120, 700 - 14 * i),
      ...line(c, 400, 700 - 14 * i),
    ]);
    expect(printedText([page]).split('\n')).toEqual(rows.map((r) => r.join('\t')));
  });

  it('room between lines is an empty line, pages follow each other', () => {
    const page = [...column(HEAD, 50, 700), ...column(BODY, 50, 600)];
    expect(printedText([page, column(['Sew the head on.'], 50, 700)])).toBe(
      [...HEAD, '', ...BODY, '', 'Sew the head on.'].join('\n'),
    );
  });

  it('letters that a printer has set apart by less than a space stay one word', () => {
    const runs = [
      { text: 'R', x: 50, y: 700, width: 5, height: TALL },
      { text: '1:', x: 55.4, y: 700.4, width: 8, height: TALL },
      { text: '6 sc', x: 67, y: 700, width: 20, height: TALL },
    ];
    expect(printedText([runs])).toBe('R1: 6 sc');
  });

  it('a picture of words has none', () => expect(printedText([[], []])).toBe(''));

  it('every word of any two columns comes out once, in its column’s order', () => {
    const words = fc.array(fc.constantFrom('sc', 'inc', 'dec', 'R4:', '(18)', 'stuff', 'in', 'each'), {
      minLength: 4,
      maxLength: 7,
    });
    const lines = fc.array(words, { minLength: 4, maxLength: 12 });
    fc.assert(
      fc.property(lines, lines, fc.integer({ min: 0, max: 9 }), (a, b, lower) => {
        const [left, right] = [a, b].map((c) => c.map((w) => w.join(' ')));
        const page = [...column(left, 40, 700), ...column(right, 330, 700 - lower)];
        const found = printedText([page])
          .split('\n')
          .filter((l) => l !== '');
        expect(found).toEqual([...left, ...right]);
      }),
    );
  });
});
