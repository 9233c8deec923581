import { face } from './stitchCases';
import { movedNose, newNose, noseSaid, nosePut, resolveNose, type Nose, type NoseAt } from './index';

describe.each(['right', 'left'] as const)('a nose where its maker says, %s hand', (hand) => {
  const f = face({ hand, lean: -0.25 });
  const { eyes } = f.marks;
  const nose = newNose(f.head, { id: 'n', part: 'p', copy: null }, { round: eyes!.round, straightMm: 40 })!;
  const at = (n: Nose | null): NoseAt => {
    const state = n && resolveNose(f.head, n);
    if (!state || state.state === 'homeless') throw new Error('no place');
    return state;
  };
  const said = (words: string) => noseSaid(f.head, nose, f.marks, words, 1);

  it('so many rounds below the middle of the face, from an eye, or from its edge; half rounds go through a stitch', () => {
    const row = eyes!.names[0].round;
    expect(at(said('at the middle of the face, 3 rounds lower')).name.round).toEqual(row.map((r) => r + 3));
    const left = at(said('at the left eye, 2 rounds lower'));
    const eye = eyes!.points[eyes!.sides.indexOf('left')];
    expect(Math.hypot(left.point[0] - eye[0], left.point[1] - eye[1])).toBeLessThan(6);
    expect(left.name.round).toEqual(row.map((r) => r + 2));
    const through = at(said('at the middle of the face, 2½ rounds lower'));
    expect(through.name.round[0]).toBe(through.name.round[1]);
    expect(through.name.stitch[0]).toBe(through.name.stitch[1]);
    const inner = at(said('the inner edge of the right eye, 1 round lower'));
    expect(inner.name.round).toEqual(row.map((r) => r + 1));
  });

  it('what is not understood, or lies beyond the head, places nothing', () => {
    for (const words of [
      '',
      'somewhere nice',
      'at the nose, 1 round lower',
      'at the middle of the face, 40 rounds lower',
    ])
      expect(said(words)).toBeNull();
  });

  it('where it was touched is where it is, in a hole and through a stitch, round the start too; steps go on from there', () => {
    const { count } = f.head.form.fabric.rounds[10];
    for (const coord of [0, 1, 17, count - 1, count]) {
      const there = at(nosePut(f.head.form, nose, 10, coord, 'hole'));
      // The hole after so many stitches lies before the next one.
      expect([there.round, there.name.stitch[1]]).toEqual([10, (coord % count) + 1]);
    }
    const middle = nosePut(f.head.form, nose, 10, 16.5, 'middle');
    expect(at(middle).name).toMatchObject({ round: [11, 11], stitch: [17, 17] });
    expect(at(movedNose(f.head.form, middle, { rounds: 0, holes: 2 })).name.stitch).toEqual([19, 19]);
  });
});
