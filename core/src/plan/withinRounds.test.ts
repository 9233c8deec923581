import { modelToy } from '../model';
import { addParts, changeSettings, newToy, sayYarn, setPause, type Toy } from '../toy';
import { courseOf } from '../address';
import { lanesOf, planOf, type Step } from './index';

let n = 0;
const newId = () => `w${++n}`;
const page = (text: string): Toy =>
  changeSettings(addParts(newToy('T', newId), text, newId), { age: '3 years and over' });
type Rounds = Extract<Step, { kind: 'rounds' }>;
const roundsOf = (toy: Toy) =>
  planOf(modelToy(toy))
    .steps.filter((s): s is Rounds => s.kind === 'rounds')
    .flatMap((s) => s.ticks);
const moves = (toy: Toy) => {
  const model = modelToy(toy);
  return lanesOf(model, planOf(model)).rows.flatMap((r) => r.along);
};
const SPOT =
  'Back (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: 5 sc, with white: 4 sc, with rust: 9 sc\nR5: 5 sc, with white: 4 sc, with rust: 9 sc\nR6-9: sc around\nfasten off';

describe('colours inside a round', () => {
  it('each is told with the stitch behind which it comes; new yarn takes time and two ends, what lies in reach none', () => {
    const ticks = roundsOf(page(SPOT));
    const changed = ticks.filter((t) => t.changes.length > 0);
    expect(changed.map((t) => [t.label, t.changes])).toEqual([
      [
        'R4',
        [
          { after: 5, to: 'white', joined: true },
          { after: 9, to: 'rust', joined: false },
        ],
      ],
      [
        'R5',
        [
          { after: 5, to: 'white', joined: false },
          { after: 9, to: 'rust', joined: false },
        ],
      ],
    ]);
    // 18 stitches at 22 a minute, and half a minute for the white that is new.
    expect(changed.map((t) => t.minutes)).toEqual([
      expect.closeTo(18 / 22 + 0.5, 6),
      expect.closeTo(18 / 22, 6),
    ]);
    expect(moves(page(SPOT))).toEqual(
      expect.arrayContaining([
        'R4: white after 5, rust after 9; new yarn, two ends of 10 cm',
        'R5: white after 5, rust after 9',
        'Each colour begins in the last pull-through of the stitch before.',
      ]),
    );
  });

  it('a change at the start of a round stays a step of its own, and is not told twice', () => {
    const toy = page(SPOT.replace('R6-9: sc around', 'R6: with plum: sc around\nR7-9: sc around'));
    const { steps } = planOf(modelToy(toy));
    expect(steps.filter((s) => s.kind === 'colour').map((s) => s.content)).toEqual(['plum']);
    expect(roundsOf(toy).find((t) => t.label === 'R6')!.changes).toEqual([]);
  });

  it('a pause inside the round parts them: each is told once, on its side', () => {
    const toy = page(SPOT.replace('fasten off', 'R10: (sc, dec) x6\nR11: dec x6\nstuff\nclose'));
    const model = modelToy(toy);
    const stuff = planOf(model).steps.find((s) => s.kind === 'stuff')!;
    const [part] = model.parts;
    // Filled, for the test, after seven stitches of R5: behind the white, before the rust.
    const paused = setPause(toy, stuff.key, { at: courseOf(part.fabric, 4), stitches: 7 });
    const { steps } = planOf(modelToy(paused));
    const begun = steps.find((s) => s.kind === 'begin-round')!;
    expect(begun.changes.map((c) => c.after)).toEqual([5]);
    const rest = roundsOf(paused).find((t) => t.label === 'R5')!;
    expect(rest.changes.map((c) => c.after)).toEqual([9]);
    const whole = roundsOf(toy).find((t) => t.label === 'R5')!;
    expect(begun.minutes + rest.minutes).toBeCloseTo(whole.minutes, 6);
  });
});

describe('counts and the marker', () => {
  const CUP =
    'Cup (rust, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-11: sc around\nR12-13: inc around\nfasten off';
  const counted = (toy: Toy) => roundsOf(toy).flatMap((t) => (t.counted ? [t.label] : []));
  it('a round is counted where the count changes and every fourth plain round; where stitches are hard to see each time', () => {
    const toy = page(CUP);
    expect(counted(toy)).toEqual(['R1', 'R2', 'R6', 'R10', 'R12', 'R13']);
    expect(counted(sayYarn(toy, toy.palette[0], { hardToSee: true }))).toHaveLength(13);
    expect(counted(sayYarn(toy, toy.palette[0], { hardToSee: false }))).toHaveLength(6);
  });

  it('a spiral moves its marker, joined rounds show their start', () => {
    expect(
      moves(page(CUP)).some((m) => /^Count R1 6, R2 12, .*; the marker goes up with each round$/.test(m)),
    ).toBe(true);
    const joined = page(
      'Cup (rust, 3.0 mm hook)\nR1: 6 sc in ring, join\nR2: inc x6, join\nR3-5: sc around, join\nfasten off',
    );
    expect(modelToy(joined).parts[0].fabric.rounds.every((r) => r.joined)).toBe(true);
    expect(moves(joined).filter((m) => m.startsWith('Count'))).toEqual(['Count R1 6, R2 12']);
  });
});
