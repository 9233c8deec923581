import fc from 'fast-check';
import { modelToy } from '../model';
import { planOf } from '../plan';
import { addParts, newToy } from '../toy';
import { bestQuestion, stitchRow, ticksOf, tickAt, whereItIs, type Counted } from './index';
import { share } from '../../bench/share';

let n = 0;
const newId = () => `w${++n}`;
const NOTHING: Counted = {
  part: null,
  rounds: null,
  from: 'start',
  made: null,
  left: null,
  edge: null,
  last: null,
};

/** One move of the hook: into so many of the round below, so many made. */
type Move = 'sc' | 'inc' | 'dec';
const EATS = { sc: 1, inc: 1, dec: 2 };
const MAKES = { sc: 1, inc: 2, dec: 1 };
interface Round {
  text: string;
  moves: Move[];
  ridge: boolean;
}

/** Rounds made up move by move, so that everything seen on the piece can be counted without a fabric. */
const rounds: fc.Arbitrary<Round[]> = fc
  .tuple(
    fc.integer({ min: 5, max: 8 }),
    fc.array(fc.tuple(fc.constantFrom('grow', 'plain', 'ridge', 'shrink', 'uneven'), fc.nat(3)), {
      minLength: 3,
      maxLength: 9,
    }),
  )
  .map(([start, shapes]) => {
    const made: Round[] = [
      { text: `${start} sc in ring`, moves: Array<Move>(start).fill('sc'), ridge: false },
    ];
    let count = start;
    for (const [shape, k] of shapes) {
      const times = start;
      const each = Math.floor(count / times);
      const rest = count - each * times;
      const repeat = (plain: number, move: Move): Round => ({
        text: `(${plain > 0 ? `${plain} sc, ` : ''}${move}) x${times}${rest > 0 ? `, ${rest} sc` : ''}`,
        moves: [
          ...Array.from({ length: times }, () => [...Array<Move>(plain).fill('sc'), move]).flat(),
          ...Array<Move>(rest).fill('sc'),
        ],
        ridge: false,
      });
      let round: Round = { text: `${count} sc`, moves: Array<Move>(count).fill('sc'), ridge: false };
      if (shape === 'grow' && count < 60) round = repeat(each - 1, 'inc');
      if (shape === 'shrink' && each >= 2) round = repeat(each - 2, 'dec');
      if (shape === 'uneven' && count > k + 2)
        round = {
          text: `${k > 0 ? `${k} sc, ` : ''}inc, ${count - k - 1} sc`,
          moves: [...Array<Move>(k).fill('sc'), 'inc', ...Array<Move>(count - k - 1).fill('sc')],
          ridge: false,
        };
      if (shape === 'ridge') round = { ...round, text: `BLO: ${round.text}`, ridge: true };
      made.push(round);
      count = round.moves.reduce((sum, m) => sum + MAKES[m], 0);
    }
    return made;
  });

interface Seen extends Omit<Counted, 'part' | 'from' | 'rounds'> {
  round: number;
  ridge: number | null;
}

/** Everything that can be seen on a piece, at every stitch, by moves alone. */
function everySight(all: readonly Round[]): Seen[] {
  const out: Seen[] = [];
  let before = 0;
  all.forEach((round, index) => {
    const ridge = all.findLastIndex((r, i) => i < index && r.ridge);
    let [made, eaten] = [0, 0];
    const see = (last: Seen['last']) =>
      out.push({
        round: index,
        made,
        left: index === 0 ? null : before - eaten,
        edge: made + (index === 0 ? 0 : before - eaten),
        ridge: ridge < 0 ? null : index - ridge,
        last,
      });
    const whole = round.moves.reduce((sum, m) => sum + MAKES[m], 0);
    see(null);
    for (const move of round.moves) {
      eaten += EATS[move];
      for (let k = 0; k < MAKES[move]; k++) {
        made += 1;
        if (made === whole) break;
        see(move === 'dec' ? 'decrease' : move === 'inc' && k === 1 ? 'increase' : 'one in one');
      }
    }
    before = whole;
  });
  const ridge = all.findLastIndex((r) => r.ridge);
  out.push({
    round: all.length,
    made: 0,
    left: before,
    edge: before,
    ridge: ridge < 0 ? null : all.length - ridge,
    last: null,
  });
  return out;
}

const toyOf = (all: readonly Round[]) =>
  addParts(
    newToy('W', newId),
    `Ball (rust, 3.0 mm hook)\n${all.map((r, i) => `R${i + 1}: ${r.text}`).join('\n')}`,
    newId,
  );
const FACTS = ['rounds', 'made', 'left', 'edge', 'last'] as const;

describe('where am I', () => {
  it(`${share(1000)} situations of generated parts: the answers are all that fit and no others, told by moves alone`, () => {
    const seen = { one: 0, many: 0 };
    fc.assert(
      fc.property(
        rounds,
        fc.nat(),
        fc.subarray([...FACTS], { minLength: 1 }),
        fc.boolean(),
        (all, pick, facts, byRidge) => {
          const model = modelToy(toyOf(all));
          const sights = everySight(all);
          const truth = sights[pick % sights.length];
          const from = byRidge && truth.ridge !== null ? ('ridge' as const) : ('start' as const);
          const rows = (s: Seen) => (from === 'ridge' ? s.ridge : s.round);
          const fact = (s: Seen, what: (typeof FACTS)[number]) => (what === 'rounds' ? rows(s) : s[what]);
          const counted: Counted = {
            ...NOTHING,
            from,
            ...Object.fromEntries(facts.map((what) => [what, fact(truth, what)])),
          };
          const told = facts.filter((what) => fact(truth, what) !== null);
          const fits = sights.filter((s) => told.every((what) => fact(s, what) === fact(truth, what)));
          const answers = whereItIs(model, counted);
          const places = (list: readonly { round: number; made: number | null }[]) =>
            list.map((a) => `${a.round}/${a.made}`).sort();
          expect(places(answers)).toEqual(places(fits));
          expect(answers.every((a) => a.off === null)).toBe(true);
          seen[answers.length === 1 ? 'one' : 'many'] += 1;
          // What it asks next parts the answers.
          const next = bestQuestion(model, counted, answers);
          if (next) expect(new Set(fits.map((s) => fact(s, next))).size).toBeGreaterThan(1);
        },
      ),
      { numRuns: share(1000), seed: 20 },
    );
    expect(Math.min(seen.one, seen.many)).toBeGreaterThan(share(80));
  });

  it('one counted too many: where nothing fits as it is, the true place is among the answers and says what is off', () => {
    let off = 0;
    fc.assert(
      fc.property(
        rounds,
        fc.nat(),
        fc.constantFrom('made', 'left', 'edge'),
        fc.constantFrom(1, -1),
        (all, pick, what, by) => {
          const sights = everySight(all).filter((s) => s.left !== null && s.round < all.length);
          const truth = sights[pick % sights.length];
          const { round, made, left, edge } = truth;
          const counted: Counted = { ...NOTHING, rounds: round, made, left, edge };
          const answers = whereItIs(modelToy(toyOf(all)), { ...counted, [what]: truth[what]! + by });
          const here = answers.find((a) => a.round === truth.round && a.made === truth.made);
          if (answers.some((a) => a.off === null)) return;
          off += 1;
          expect(here?.off).toEqual({ what, by: -by });
        },
      ),
      { numRuns: 100, seed: 21 },
    );
    expect(off).toBeGreaterThan(60);
  });

  it('a round by hand: (2 sc, inc) x6 over eighteen, after the first increase fourteen and a stitch are left', () => {
    const toy = addParts(
      newToy('W', newId),
      'Ball\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: (2 sc, inc) x6 (24)\nR5: (2 sc, invdec) x6 (18)',
      newId,
    );
    const model = modelToy(toy);
    const row = stitchRow(model.parts[0].fabric, 3);
    expect(row.slice(0, 5).map((s) => [s.into, s.shares, s.left])).toEqual([
      [1, false, 17],
      [1, false, 16],
      [1, false, 15],
      [1, true, 15],
      [1, false, 14],
    ]);
    expect(row).toHaveLength(24);
    const shrinking = stitchRow(model.parts[0].fabric, 4);
    expect([shrinking[2].into, shrinking[2].invisible, shrinking[2].left]).toEqual([2, true, 20]);
    expect(stitchRow(model.parts[0].fabric, 0).map((s) => s.left)).toEqual(Array(6).fill(null));
    // Through one loop alone: told; what is round a post or covers a loop is no choice of loops.
    const loops =
      'Ear\nR1: 6 sc in ring\nR2: inc x6 (12)\nR3: 2 sc BLO, 2 sc FLO, inc BLO, 2 FPdc, invdec, 3 sc (12)';
    const told = modelToy(addParts(newToy('E', newId), loops, newId)).parts[0].fabric;
    const letter = { back: 'b', front: 'f' };
    expect(
      stitchRow(told, 2)
        .map((s) => (s.loop ? letter[s.loop] : '.'))
        .join(''),
    ).toBe('bbffbb......');
    // The answer leads to the tick of the round.
    const [answer] = whereItIs(model, { ...NOTHING, rounds: 3, made: 4 });
    const ticks = ticksOf(planOf(model));
    expect(tickAt(ticks, answer, model.parts[0].copies[0].id)?.round?.label).toBe('R4');
    const end = whereItIs(model, { ...NOTHING, rounds: 5 }).filter((a) => a.made === 0);
    expect(end).toHaveLength(1);
    expect(tickAt(ticks, end[0], model.parts[0].copies[0].id)?.round).toBeNull();
  });
});
