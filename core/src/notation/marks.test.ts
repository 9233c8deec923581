import fc from 'fast-check';
import { markText, replaceText } from './index';

let n = 0;
const newMark = () => `m${++n}`;

describe('marks of lines through a text that is written anew', () => {
  const kept = (before: string, after: string): (number | null)[] => {
    const old = markText(before, newMark);
    return replaceText(old, after, newMark).marks.map((mark) => {
      const at = old.marks.indexOf(mark);
      return at < 0 ? null : at;
    });
  };
  it.each<[string, string, string, (number | null)[]]>([
    ['one line without a label, another word', 'Ear\n6 sc\n9 sc', 'Ear\n6 dc\n9 sc', [0, 1, 2]],
    ['two of them', 'Ear\n6 sc\n7 sc\n9 sc', 'Ear\n6 dc\n7 dc\n9 sc', [0, 1, 2, 3]],
    ['one becomes two: neither is surely it', 'Ear\n6 sc\n9 sc', 'Ear\n3 sc\n3 dc\n9 sc', [0, null, null, 2]],
    [
      'another round in its place',
      'R1: 6 sc\nR2: 9 sc\nR3: 9 sc',
      'R1: 6 sc\nR7: 8 sc\nR3: 9 sc',
      [0, null, 2],
    ],
    ['the same round worked otherwise', 'R1: 6 sc\nR2: 9 sc', 'R1: 6 sc\nR2: 9 dc', [0, 1]],
    ['one that moved, one anew', 'a\nb\nc\nd', 'a\nc\nb\nd', [0, 2, 1, 3]],
    ['all anew', '6 sc\n9 sc', '6 dc\n9 dc', [0, 1]],
    ['one behind all', '6 sc', '6 sc\n9 sc', [0, null]],
  ])('%s', (_, before, after, told) => expect(kept(before, after)).toEqual(told));

  it('no mark is given twice, a line that stays has its own, and there are as many as lines', () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('6 sc', 'R2: 9 sc', 'R3: 9 sc', 'stuff', '', 'inc x6'), { maxLength: 8 }),
        fc.array(fc.constantFrom('6 sc', 'R2: 9 dc', 'R4: 9 sc', 'close', '', 'inc x6'), { maxLength: 8 }),
        (before, after) => {
          const old = markText(before.join('\n'), newMark);
          const { marks } = replaceText(old, after.join('\n'), newMark);
          expect([new Set(marks).size, marks.length]).toEqual([marks.length, Math.max(1, after.length)]);
          expect(replaceText(old, old.text, newMark).marks).toEqual(old.marks);
        },
      ),
      { numRuns: 400, seed: 3 },
    ));
});
