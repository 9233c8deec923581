import { ringPoint, type Vec3 } from '../form';
import { move, moveBack, pieceKey, type CaughtSite, type Placed } from '../join';
import { planOf } from '../plan';
import { addParts, mendPart, newToy, type Toy } from '../toy';
import {
  asymmetryOf,
  dappleFile,
  gapsOf,
  joinRoundsOf,
  modelOf,
  modelToy,
  spreadEvenly,
  withClamp,
  writtenRound,
  type JoinRound,
  type ToyModel,
} from './index';
import { share } from '../../bench/share';

let n = 0;
const newId = () => `c${++n}`;
let seed = 7;
const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) & 0x7fffffff) / 0x7fffffff;
const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));

/** A body of so many stitches round whose last round catches what is written, with wings and a foot to catch. */
function toyOf(written: string, { around = 24, wings = 2, feet = 2 } = {}): Toy {
  const up = around / 6;
  const rounds = ['R1: 6 sc in ring', 'R2: inc x6'];
  for (let k = 3; k <= up; k++) rounds.push(`R${k}: (${k - 2} sc, inc) x6`);
  const body = [
    `Body (3.0 mm hook, ring = crown)`,
    ...rounds,
    `R${up + 1}-${up + 4}: sc around`,
    `R${up + 5}: ${written}`,
  ].join('\n');
  const limb = (name: string, made: number, most: number) =>
    `${name} (${made}x, 3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: inc x${most - 6}${12 - most > 0 ? `, ${12 - most} sc` : ''}\nR3-7: sc around\nfasten off`;
  return addParts(
    newToy('T', newId),
    [limb('Wing', wings, 8), limb('Foot', feet, 8), body].join('\n\n'),
    newId,
  );
}
const roundOf = (toy: Toy): { model: ToyModel; round: JoinRound } => {
  const model = modelToy(toy);
  const body = model.parts.find((p) => p.name === 'Body')!;
  const [round] = joinRoundsOf(
    body,
    model.pieces.find((p) => p.part === body.part.id)!,
  );
  return { model, round };
};

/** What a join round says, read by the test's own plain reader: runs of stitches and what is over how many. */
function plainly(text: string): { slots: number; clamps: { name: string; at: number; over: number }[] } {
  let at = 0;
  const clamps = text.split(',').flatMap((word) => {
    const caught = /^\s*(\w+) over (\d+)\s*$/.exec(word);
    if (caught) {
      const clamp = { name: caught[1], at, over: Number(caught[2]) };
      at += clamp.over;
      return [clamp];
    }
    const run = /^\s*(?:(\d+) )?sc\s*$/.exec(word);
    if (!run) throw new Error(word);
    at += Number(run[1] ?? 1);
    return [];
  });
  return { slots: at, clamps };
}

test(`${share(1200)} join rounds: from text to slots, moved on the ring, out as text and read again are the same ring; what does not fit is refused`, () => {
  let edits = 0;
  for (let k = 0; k < share(1200); k++) {
    const around = 6 * between(3, 6);
    const names = ['wing', 'foot', 'wing', 'foot'].slice(0, between(1, 4));
    const overs = names.map(() => between(2, 4));
    let free = around - overs.reduce((a, b) => a + b, 0);
    const gaps = [
      ...names.map(() => {
        const g = Math.min(free, between(0, 5));
        free -= g;
        return g;
      }),
      free,
    ];
    const words = [
      ...names.flatMap((name, i) => [...(gaps[i] ? [`${gaps[i]} sc`] : []), `${name} over ${overs[i]}`]),
      ...(free ? [`${free} sc`] : []),
    ].join(', ');
    const toy = toyOf(words, { around });
    const { model, round } = roundOf(toy);
    expect({ slots: round.slots, clamps: round.clamps }).toEqual(plainly(words));
    expect(gapsOf(round)).toEqual(gaps);
    const body = model.parts.find((p) => p.name === 'Body')!;
    const which = between(0, names.length - 1);
    const edit = [{ by: 1 }, { by: -1 }, { wider: 1 }, { wider: -1 }][between(0, 3)];
    const moved = withClamp(round, which, edit);
    const room =
      edit.by === -1 ? gaps[which] : edit.by === 1 || edit.wider === 1 ? gaps[which + 1] : overs[which] - 1;
    expect(moved !== null).toBe(room > 0);
    if (!moved) continue;
    edits++;
    const change = writtenRound(body, round, moved)!;
    const again = roundOf(mendPart(toy, body.part.id, [change], newId)).round;
    expect(again.clamps).toEqual(moved);
    expect(again.slots).toBe(around);
  }
  expect(edits).toBeGreaterThan(share(480));
});

test('slots are counted towards the toy’s left on a crown that a right hand worked, to its right on a sole or by a left hand', () => {
  const of = (ring: string, hand: 'right' | 'left') => {
    const toy = toyOf('4 sc, wing over 4, 16 sc');
    const parts = toy.parts.map((p) => ({ ...p, text: p.text.replace('ring = crown', `ring = ${ring}`) }));
    const gauges = toy.gauges.map((g) => ({ ...g, hand }));
    return roundOf({ ...toy, parts, gauges }).round.growsLeft;
  };
  expect([of('crown', 'right'), of('sole', 'right'), of('crown', 'left')]).toEqual([1, -1, -1]);
});

describe('symmetry of a join round', () => {
  it.each([
    ['3 sc, wing over 4, 2 sc, foot over 3, 3 sc, foot over 3, 2 sc, wing over 4', 0],
    ['2 sc, wing over 3, 4 sc, foot over 3, 2 sc, foot over 3, 4 sc, wing over 3', 0],
    ['2 sc, wing over 3, 5 sc, foot over 3, 2 sc, foot over 3, 3 sc, wing over 3', 2],
    ['2 sc, wing over 3, 5 sc, foot over 2, 2 sc, foot over 3, 4 sc, wing over 3', null],
    ['wing over 12, 12 sc', 0],
  ])('%s differs by %s', (words, differs) => {
    expect(asymmetryOf(roundOf(toyOf(words)).round)).toBe(differs);
  });
  it('spread evenly, no two gaps differ by more than one, and each clamp keeps its width and its turn', () => {
    for (const words of [
      'wing over 3, foot over 2, wing over 3, 16 sc',
      '5 sc, wing over 4, foot over 4, 11 sc',
    ]) {
      const { round } = roundOf(toyOf(words));
      const even = spreadEvenly(round);
      expect(even.map((c) => [c.name, c.over])).toEqual(round.clamps.map((c) => [c.name, c.over]));
      const gaps = gapsOf({ ...round, clamps: even });
      const joined = [...gaps.slice(1, -1), gaps[0] + gaps.at(-1)!];
      expect(Math.max(...joined) - Math.min(...joined)).toBeLessThanOrEqual(1);
    }
  });
  it('a round of repeats is not written over: it is changed as text', () => {
    const toy = toyOf('(4 sc, wing over 2) x4', { wings: 4 });
    const { model, round } = roundOf(toy);
    expect(round.clamps.map((c) => c.at)).toEqual([4, 10, 16, 22]);
    expect(
      writtenRound(
        model.parts.find((p) => p.name === 'Body')!,
        round,
        round.clamps,
      ),
    ).toBeNull();
  });
});

/** Distance of a point from the line of a round, mm: the round is a fine polygon of the test's own. */
function fromRing(host: Placed, ring: number, p: Vec3): number {
  const own = moveBack(host.placement, p);
  let least = Infinity;
  for (let k = 0; k < 720; k++) {
    const q = ringPoint(host.form, ring, (k * Math.PI) / 360);
    least = Math.min(least, Math.hypot(own[0] - q[0], own[1] - q[1], own[2] - q[2]));
  }
  return least;
}

describe('caught parts stand where their round catches them', () => {
  const check = (model: ToyModel, site: CaughtSite) => {
    const host = model.placed.find((p) => pieceKey(p) === pieceKey(site.join.at))!;
    const guest = model.placed.find((p) => p.part === site.join.guest.part && p.copy === site.copy)!;
    const ring = guest.form.fabric.rounds.length;
    const edge = Array.from({ length: 32 }, (_, k) =>
      move(
        guest.placement,
        ringPoint(guest.form, Math.min(ring, guest.form.r.length - 1), (k * Math.PI) / 16),
      ),
    );
    return { host, guest, edge };
  };

  it('wings, feet: the edge along the round within 1 mm (a spiral round climbs meanwhile), the tip straight out within 5 degrees, pairs alike', () => {
    for (let k = 0; k < 40; k++) {
      const around = 6 * between(3, 6);
      const [a, b] = [between(2, 4), between(0, 2)];
      const free = around - 16 - 2 * a - 2 * b;
      if (free < 0) continue;
      const words = [
        `${a} sc`,
        'wing over 4',
        ...(b ? [`${b} sc`] : []),
        'foot over 4',
        ...(free ? [`${free} sc`] : []),
        'foot over 4',
        ...(b ? [`${b} sc`] : []),
        'wing over 4',
        `${a} sc`,
      ].join(', ');
      const model = modelToy(toyOf(words, { around }));
      expect(model.caught).toHaveLength(4);
      expect(model.loose).toEqual([]);
      for (const { join, sites } of model.caught) {
        const { host, guest, edge } = check(model, sites[0]);
        const climb = host.form.gauge.roundMm / 2;
        for (const p of edge) expect(fromRing(host, join.round, p)).toBeLessThan(1 + climb);
        const tip = moveBack(host.placement, move(guest.placement, ringPoint(guest.form, 0, 0)));
        const middle = edge
          .map((p) => moveBack(host.placement, p))
          .reduce((s, p) => [s[0] + p[0] / 32, s[1] + p[1] / 32, s[2] + p[2] / 32] as Vec3, [
            0, 0, 0,
          ] as Vec3);
        const way = tip.map((x, i) => x - middle[i]);
        const out = sites[0].direction;
        const cos = way.reduce((s, x, i) => s + x * out[i], 0) / Math.hypot(...way);
        expect((Math.acos(Math.min(1, cos)) * 180) / Math.PI).toBeLessThan(5);
        // Away from the host's axis.
        expect(Math.hypot(tip[0], tip[1])).toBeGreaterThan(Math.hypot(middle[0], middle[1]) + 5);
      }
    }
  });

  it('every copy caught in turn, a chain by its end, and a part caught in rows stand there as well', () => {
    const limb = (made: number) =>
      `Leg (${made}x, 3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2-5: sc around`;
    const of = (...parts: string[]) => modelToy(addParts(newToy('T', newId), parts.join('\n\n'), newId));
    const body = 'Body (3.0 mm hook, ring = sole)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6';
    const each = of(limb(6), `${body}\nR4: sc 3 through each leg (18)\nclose`);
    expect(each.parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'))).toEqual([]);
    expect(each.caught.map((c) => [c.join.first, c.sites.length])).toEqual(
      [0, 3, 6, 9, 12, 15].map((at) => [at, 1]),
    );
    const chain = of('Tail (3.0 mm hook)\nch 12', `${body}\nR4: tail over 2, 16 sc (18)\nclose`);
    expect([chain.joinFaults, chain.loose, chain.caught[0].sites[0].guestEdge]).toEqual([[], [], 2]);
    const rows = of(
      limb(1),
      'Flag (3.0 mm hook)\nch 11, turn\nRow 1: 10 sc (10)\nRow 2: 2 sc, leg over 3, 5 sc (10)',
    );
    expect([rows.joinFaults, rows.loose]).toEqual([[], []]);
  });

  it('a copy more than the text makes is told with both numbers and left out; a copy that is caught is not offered to be sewn', () => {
    const model = modelToy(toyOf('4 sc, wing over 4, 4 sc, wing over 4, 4 sc, wing over 4'));
    expect(model.caught).toHaveLength(2);
    expect(model.caughtFaults).toMatchObject([{ name: 'wing', caught: 3, made: 2 }]);
    expect(planOf(model).trouble).toContainEqual(
      expect.objectContaining({ what: 'more caught', caught: 3, made: 2 }),
    );
  });

  it('the whole snail stands: foot under the shell, neck and tail on opposite sides, stalks on the neck, nothing loose', () => {
    const model = modelToy(dappleFile(newId).toy);
    expect([model.loose, model.joinFaults, model.caughtFaults]).toEqual([[], [], []]);
    const middle = (name: string): Vec3 => {
      const piece = model.placed.find((p) => modelOf(model, p.part).name === name)!;
      const points = Array.from(piece.form.r, (_, ring) =>
        [0, 1, 2, 3].map((q) => move(piece.placement, ringPoint(piece.form, ring, (q * Math.PI) / 2))),
      ).flat();
      return [0, 1, 2].map((i) => points.reduce((s, p) => s + p[i], 0) / points.length) as unknown as Vec3;
    };
    const [shell, foot, neck, tail] = ['Shell', 'Foot', 'Neck', 'Tail'].map(middle);
    expect(foot[1]).toBeLessThan(shell[1] - 10);
    const from = (p: Vec3) => [p[0] - shell[0], p[2] - shell[2]];
    const [a, b] = [from(neck), from(tail)];
    const cos = (a[0] * b[0] + a[1] * b[1]) / (Math.hypot(...a) * Math.hypot(...b));
    expect(cos).toBeLessThan(-0.8);
    expect(model.placed).toHaveLength(6);
  });
});
