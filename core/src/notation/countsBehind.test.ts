import { countsBehind, withEquals } from './countsBehind';
import { right, told } from './cases/told';

const COLUMNS = [
  'r1 6 sc in ring 6',
  'r2 2 sc in each 12',
  'r3 [1 sc, inc] rep 6 18',
  'r4-r6 sc in each 18',
  'r7 dec, 16 sc 17',
];

describe('counts that stand last behind one blank', () => {
  it('are counts where every round ends with one', () => {
    expect(told('Gull', ...COLUMNS)).toEqual(right([[6, 12, 18, 18, 18, 18, 17]]));
  });

  it('are read by the number of the round alone', () => {
    const rows = [
      '1. 6 sc in MR 6',
      '2. 2 sc in each st 12',
      '3. (sc, inc) x6 18',
      '4. sc around 18',
      '5. inc, sc in next 17 19',
    ];
    expect(told('Gull', ...rows)).toEqual(right([[6, 12, 18, 18, 19]]));
  });

  it('are held against the work: one that is wrong is found', () => {
    const wrong = COLUMNS.map((row) => row.replace('rep 6 18', 'rep 6 17'));
    expect(told('Gull', ...wrong).errors).toContain('count-mismatch');
  });

  it.each([
    ['a number behind a stitch says how many', ['R1 mr 6', 'R2 inc 6', 'R3 sc 12', 'R4 sc 12', 'R5 dec 6']],
    ['one round ends without a number', [...COLUMNS, 'r8 sc around']],
    [
      'counts in brackets',
      ['R1: 6 sc in ring (6)', 'R2: inc x6 (12)', 'R3: sc around (12)', 'R4: dec x6 (6)'],
    ],
    ['too few rounds', COLUMNS.slice(0, 3)],
    ['what is needed', ['1. ball of yarn 50', '2. eyes 2', '3. hook 3', '4. buttons 4', '5. in each bag 6']],
  ])('are none: %s', (_, rows) => expect(countsBehind(rows.join('\n').toLowerCase())).toBe(false));

  it('a line keeps its length, and what is no round its words', () => {
    expect(withEquals('r1 6 sc in ring 6')).toBe('r1 6 sc in ring=6');
    for (const row of [...COLUMNS, 'beads at r7, 6', 'press flat, 4 sc through both 4'])
      expect(withEquals(row)).toHaveLength(row.length);
    expect(withEquals('press flat, 4 sc through both 4')).toBe('press flat, 4 sc through both 4');
  });
});
