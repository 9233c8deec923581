import { FREE, type Fabric, type FabricRound } from '../../fabric';

interface Evenly {
  closed?: boolean;
  joined?: boolean;
  /** begins on a free edge */
  open?: boolean;
}

/** Spreads `count` stitches from `from` evenly on the `below` stitches before them; brothers stand side by side on their parent. */
function spread(
  { parentFrom, parentTo, offset }: Pick<Fabric, 'parentFrom' | 'parentTo' | 'offset'>,
  from: number,
  count: number,
  below: number,
): void {
  for (let j = 0; j < count; j++) {
    const low = Math.floor((j * below) / count);
    const high = Math.max(low + 1, Math.floor(((j + 1) * below) / count));
    parentFrom[from + j] = from - below + low;
    parentTo[from + j] = from - below + high;
  }
  for (let j = 0; j < count;) {
    let last = j;
    while (last + 1 < count && parentFrom[from + last + 1] === parentFrom[from + j]) last++;
    for (let k = j; k <= last; k++) offset[from + k] = k - j - (last - j) / 2;
    j = last + 1;
  }
}

/** A fabric of so many single crochets a round, each round spread evenly on the one below; for tests that begin from counts. */
export function evenFabric(
  counts: readonly number[],
  { closed = false, joined = false, open = false }: Evenly = {},
): Fabric {
  const stitches = counts.reduce((a, b) => a + b, 0);
  const parentFrom = new Int32Array(stitches);
  const parentTo = new Int32Array(stitches);
  const offset = new Float32Array(stitches);
  let from = 0;
  const rounds = counts.map((count, i): FabricRound => {
    if (i > 0) spread({ parentFrom, parentTo, offset }, from, count, counts[i - 1]);
    from += count;
    return {
      mark: `m${i}`,
      nth: 0,
      label: `R${i + 1}`,
      number: i + 1,
      kind: 'round',
      reading: i,
      from: from - count,
      count,
      unworked: 0,
      joined,
      turned: false,
      direction: 1,
      worked: [],
      clamps: [],
    };
  });
  return {
    rounds,
    layers: [],
    strands: [],
    stitches,
    kind: new Uint8Array(stitches),
    parentFrom,
    parentTo,
    offset,
    front: new Int32Array(stitches).fill(FREE),
    back: new Int32Array(stitches).fill(FREE),
    colour: new Uint8Array(stitches),
    colours: [''],
    start: { how: open ? 'given' : 'ring', chain: 0 },
    shape: 'rounds',
    closed,
    cut: false,
    conflicts: 0,
  };
}
