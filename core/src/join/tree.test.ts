import { rill, modelToy, modelOf, usualFor } from '../model';
import { addParts, newToy, setJoin, type Toy } from '../toy';
import { cross, dot } from '../form';
import { move, sitesOf, type JoinSite, type Pin, type Placed, type SewnJoin } from './index';

let n = 0;
const model = modelToy(rill(() => `i${++n}`));
const named = (name: string): Placed[] => model.placed.filter((p) => modelOf(model, p.part).name === name);
const middle = (p: Placed) => move(p.placement, [0, 0, (p.form.z[0] + p.form.z[p.form.z.length - 1]) / 2]);
const seamsOf = (...of: Parameters<typeof sitesOf>) => sitesOf(...of) as JoinSite[];

describe('the assembled otter', () => {
  it('places every piece by a proper rotation, never a mirror image', () => {
    expect(model.placed).toHaveLength(10);
    expect(model.loose).toEqual([]);
    for (const {
      placement: { rows },
    } of model.placed) {
      expect(dot(cross(rows[0], rows[1]), rows[2])).toBeCloseTo(1, 9);
      for (const a of rows) expect(dot(a, a)).toBeCloseTo(1, 9);
    }
  });

  it('stands as an otter sits: head above body, ears above the snout, snout and legs in front, tail behind', () => {
    const at = (name: string) => named(name).map(middle)[0];
    expect(at('Head')[1]).toBeGreaterThan(at('Body')[1] + 30);
    expect(at('Ear')[1]).toBeGreaterThan(at('Snout')[1] + 10);
    expect(at('Snout')[2]).toBeGreaterThan(at('Head')[2] + 20);
    expect(at('Leg')[2]).toBeGreaterThan(at('Body')[2]);
    expect(at('Tail')[2]).toBeLessThan(at('Body')[2]);
  });

  it('mirrors twins in space: what the nearest hole misses is said and is under half a stitch cell', () => {
    for (const name of ['Ear', 'Arm', 'Leg']) {
      const [a, b] = named(name).map(middle);
      const join = model.sites.find((s) => modelOf(model, s.join.guest.part).name === name)!;
      const { missMm } = join.sites[1];
      // Half the diagonal of a cell of 4.35 by 4 mm.
      expect(missMm).toBeLessThan(Math.hypot(4.35, 4) / 2 + 0.01);
      expect(Math.abs(a[0] + b[0])).toBeLessThan(2 * missMm + 4);
      expect(Math.abs(a[1] - b[1])).toBeLessThan(2 * missMm + 4);
    }
  });

  it('gives four pins round the place: above, below, left and right as the toy has them', () => {
    const join = model.sites.find((s) => modelOf(model, s.join.guest.part).name === 'Arm')!;
    const host = model.placed.find((p) => p.part === join.join.at.part)!;
    const guest = model.pieces.find((p) => p.part === join.join.guest.part)!;
    const [site] = seamsOf(join.join, host, guest);
    const round = site.name!.round[1];
    // The body stands on its ring, so up is further from it.
    const at = (where: Pin['at']) => site.pins.find((p) => p.at === where)!.name;
    expect(site.pins).toHaveLength(4);
    expect(at('top').round[1]).toBeGreaterThan(round);
    expect(at('bottom').round[1]).toBeLessThan(round);
    // Right-handed and ring down, numbers grow towards the toy's right (decision 16).
    // An arm sits on the side: its other two pins are in front and behind.
    expect(at('front').stitch[0]).toBeGreaterThan(at('back').stitch[0] - site.hostEdge);
  });

  it('says nothing about a place whose round is gone', () => {
    const { join } = model.sites[1];
    const host = model.placed.find((p) => p.part === join.at.part)!;
    expect(
      seamsOf({ ...join, at: { ...join.at, course: { ...join.at.course, mark: 'gone' } } }, host, host),
    ).toEqual([]);
  });
});

describe('a tube that is a neck', () => {
  const ball =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-9: sc around\nR10: (2 sc, dec) x6\nstuff\nleave open';
  const base = addParts(
    newToy('T', () => `t${++n}`),
    `Head (ring = crown)\n${ball}\n\nBody (ring = sole)\n${ball}\n\nNeck (ring = tip)\nch 18, join to a ring\nR1-4: sc around (18)\nleave open`,
    () => `t${++n}`,
  );
  const on = (toy: Toy, guest: string, host: string): Toy => {
    const now = modelToy(toy);
    const part = (name: string) => now.parts.find((p) => p.name === name)!;
    return setJoin(
      toy,
      usualFor(now, part(guest), part(host), () => `t${++n}`)!,
    );
  };

  it('takes the head on the edge that the body has left free, and each piece stands on the one before', () => {
    const toy = on(on(base, 'Neck', 'Body'), 'Head', 'Neck');
    const now = modelToy(toy);
    expect(now.sites.map((s) => s.sites[0].how)).toEqual(['rim', 'rim']);
    expect(now.joinFaults).toEqual([]);
    const height = (name: string) => {
      const piece = now.placed.find((p) => modelOf(now, p.part).name === name)!;
      return middle(piece)[1];
    };
    const neck = now.parts.find((p) => p.name === 'Neck')!.form;
    expect(height('Neck')).toBeGreaterThan(height('Body'));
    expect(height('Head') - height('Neck')).toBeGreaterThan(neck.heightMm / 2);
  });

  it('an end that is sewn already says so when something else is put on it', () => {
    const toy = on(base, 'Neck', 'Body');
    const [join] = toy.joins;
    const head = modelToy(toy).parts.find((p) => p.name === 'Head')!.part;
    const second = {
      ...join,
      id: `t${++n}`,
      guest: { part: head.id, copy: head.copies[0].id },
    };
    expect(modelToy(setJoin(toy, second)).joinFaults).toEqual([{ join: second, fault: 'end taken' }]);
    // A stretch of an edge leaves the rest of it to others.
    const part = { ...second, edge: { ...(second as SewnJoin).edge, from: 1, to: 5 } };
    const half = { ...join, edge: { ...(join as SewnJoin).edge, from: 1, to: 9 } };
    expect(modelToy(setJoin(setJoin(toy, half), part)).joinFaults).toEqual([]);
  });
});
