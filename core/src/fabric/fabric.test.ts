import { read } from '../notation';
import { buildFabric, KINDS, MOST_STITCHES } from './index';

const build = (text: string) =>
  buildFabric(
    read(text, { terms: 'us' }).parts[0],
    text.split('\n').map((_, i) => `m${i}`),
  );
const parents = (text: string) => {
  const f = build(text);
  const { from, count } = f.rounds[f.rounds.length - 1];
  const below = f.rounds[f.rounds.length - 2].from;
  return Array.from({ length: count }, (_, j) => [
    f.parentFrom[from + j] - below,
    f.parentTo[from + j] - below,
  ]);
};

describe('fabric', () => {
  it('gives an increase two children of one parent, set half a stitch to both sides', () => {
    expect(parents('R1: 3 sc in ring\nR2: sc, inc, sc')).toEqual([
      [0, 1],
      [1, 2],
      [1, 2],
      [2, 3],
    ]);
    const f = build('R1: 3 sc in ring\nR2: sc, inc, sc');
    expect(Array.from(f.offset.slice(3))).toEqual([0, -0.5, 0.5, 0]);
  });
  it('gives a decrease two parents, passes skipped stitches over, and puts several into one', () => {
    expect(parents('R1: 4 sc in ring\nR2: dec x2')).toEqual([
      [0, 2],
      [2, 4],
    ]);
    expect(parents('R1: 4 sc in ring\nR2: skip 1, 3 sc')).toEqual([
      [1, 2],
      [2, 3],
      [3, 4],
    ]);
    expect(parents('R1: 2 sc in ring\nR2: (hdc, dc, hdc) in next, sc')).toEqual([
      [0, 1],
      [0, 1],
      [0, 1],
      [1, 2],
    ]);
  });
  it('remembers kinds, marks and the number of each round', () => {
    const f = build('R1: 4 sc in ring\nR2-3: 2 hdc, 2 dc');
    expect(f.rounds.map((r) => [r.label, r.mark, r.nth])).toEqual([
      ['R1', 'm0', 0],
      ['R2', 'm1', 0],
      ['R3', 'm1', 1],
    ]);
    expect(Array.from(f.kind.slice(4, 8), (k) => KINDS[k])).toEqual(['hdc', 'hdc', 'dc', 'dc']);
  });
  it('a round that does not add up changes the yarn all the same', () => {
    const yarns = (round: string) => {
      const { parts } = read(`Leaf (red)\nR1: 6 sc in ring (6)\nR2: ${round}\nR3: 5 sc`, { terms: 'us' });
      const { colour, colours, rounds } = buildFabric(parts[0], []);
      return [...colour.slice(rounds[2].from)].map((c) => colours[c]);
    };
    for (const round of ['2 sc, with moss: 3 sc', '(sc, with moss: sc) x2, sc', 'with moss: 5 sc'])
      expect(yarns(round)).toEqual(Array(5).fill('moss'));
    expect(yarns('5 sc')).toEqual(Array(5).fill('red'));
  });

  it('spreads a round that does not add up evenly, so that it can be drawn while it is written', () => {
    const f = build('R1: 6 sc in ring\nR2: (2 sc, inc) x5');
    expect(f.rounds[1].count).toBe(20);
    for (let s = 6; s < 26; s++) expect(f.parentFrom[s]).toBe(Math.floor(((s - 6) * 6) / 20));
  });
  it('stops building, not counting, at absurd sizes', () => {
    const f = build('R1: 6 sc in ring\nR2: inc x999999');
    expect(f.cut).toBe(true);
    expect(f.stitches).toBeLessThanOrEqual(MOST_STITCHES);
  });
});
