import { movedJoin as moved, turn, type StoredJoin, type JoinMove, type JoinSite } from '../join';
import { addParts, newToy, setJoin, type Toy } from '../toy';
import { hostsFor, joinedUsually, modelOf, modelToy, rill } from './index';

let n = 0;
const newId = () => `i${++n}`;
const model = modelToy(rill(newId));
const named = (name: string) =>
  model.sites.find((s) => model.parts.find((p) => p.part.id === s.join.guest.part)!.name === name)!;

const movedJoin = (so: typeof model, join: StoredJoin, site: JoinSite, move: JoinMove) =>
  moved(
    so.placed.find((p) => p.part === join.at.part && p.copy === join.at.copy)!,
    join,
    site,
    move,
  );

describe('moves of a join say where they lead', () => {
  const { join, sites } = named('Arm');
  it('up on a body that stands on its ring is further from the ring', () => {
    expect(movedJoin(model, join, sites[0], 'up')!.rounds).toBe('R23·24');
    expect(movedJoin(model, join, sites[0], 'down')!.rounds).toBe('R21·22');
  });
  it('closer and further move both twins alike', () => {
    const apart = (move: 'closer' | 'further' | 'keep') => {
      const moved = setJoin(model.toy, movedJoin(model, join, sites[0], move)!.join);
      const [a, b] = modelToy(moved).sites.find((s) => s.join.id === join.id)!.sites;
      const turn = Math.abs(a.polar.angleRad - b.polar.angleRad);
      return Math.min(turn, 2 * Math.PI - turn);
    };
    expect(apart('closer')).toBeLessThan(apart('keep'));
    expect(apart('further')).toBeGreaterThan(apart('keep'));
  });
  it('left and right are the toy’s own: a snout moved to its left comes to the right of the picture', () => {
    const snout = named('Snout');
    const x = (move: 'left' | 'right') => {
      const moved = modelToy(setJoin(model.toy, movedJoin(model, snout.join, snout.sites[0], move)!.join));
      return moved.placed.find((p) => p.part === snout.join.guest.part)!.placement.shift[0];
    };
    expect(x('left')).toBeGreaterThan(x('right'));
  });
  it('stops at the ends of the part', () => {
    const far = { ...sites[0], round: 1 };
    expect(movedJoin(model, join, far, 'down')).toBeNull();
  });
});

describe('the usual place of a part', () => {
  const BALL =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-9: sc around\nR10: (2 sc, dec) x6\nR11: (sc, dec) x6\nR12: dec x6\nclose';
  const LIMB = 'R1: 6 sc in ring\nR2-6: sc around';
  const toyOf = (...parts: string[]) => addParts(newToy('T', newId), parts.join('\n\n'), newId);
  const joined = (toy: Toy) => {
    const whole = modelToy(joinedUsually(toy, newId));
    const site = (name: string) => whole.sites.find((s) => modelOf(whole, s.join.guest.part).name === name)!;
    return { whole, site };
  };
  const height = (of: ReturnType<typeof joined>['whole'], name: string) =>
    of.placed.find((p) => modelOf(of, p.part).name === name)!.placement.shift[1];

  it('goes by what the part is called: ears high and up, arms hanging, a tail behind, a snout in front', () => {
    const { whole, site } = joined(
      toyOf(
        `Head (ring = crown)\n${BALL}`,
        `Body (ring = sole)\n${BALL.replace(/\nR12.*close/, '\nleave open')}`,
        `Ears (2x, ring = tip)\n${LIMB}`,
        `Arms (2x, ring = tip)\n${LIMB}`,
        `Legs (2x, ring = sole)\n${LIMB}`,
        `Tail (ring = tip)\n${LIMB}`,
        `Snout (ring = nose)\nR1: 6 sc in ring\nR2: inc x6\nR3: sc around`,
      ),
    );
    expect(whole.loose).toEqual([]);
    expect(whole.joinFaults).toEqual([]);
    for (const name of ['Ears', 'Arms', 'Legs']) expect(site(name).sites).toHaveLength(2);
    for (const name of ['Tail', 'Snout', 'Body']) expect(site(name).sites).toHaveLength(1);
    expect(height(whole, 'Ears')).toBeGreaterThan(height(whole, 'Snout'));
    expect(height(whole, 'Arms')).toBeGreaterThan(height(whole, 'Legs'));
    const at = (name: string) => whole.placed.find((p) => modelOf(whole, p.part).name === name)!;
    // Down, forward and back are the toy's: the way out of the ring is where each part points.
    const points = (name: string) => turn(at(name).placement, [0, 0, -1]);
    expect(points('Arms')[1]).toBeLessThan(-0.5);
    expect(points('Ears')[1]).toBeGreaterThan(0.5);
    expect(points('Snout')[2]).toBeGreaterThan(0.95);
    expect(points('Tail')[2]).toBeLessThan(-0.7);
  });
  it('never takes a hole that is taken', () => {
    const { whole } = joined(
      toyOf(
        `Body (ring = sole)\n${BALL}`,
        `Arm (2x)\n${LIMB}`,
        `Wing (2x)\n${LIMB}`,
        `Flipper (2x)\n${LIMB}`,
      ),
    );
    const points = whole.sites.flatMap((s) => s.sites.map((x) => x.placement.shift));
    expect(points).toHaveLength(6);
    points.forEach((p, i) =>
      points
        .slice(i + 1)
        .forEach((q) => expect(Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2])).toBeGreaterThan(4)),
    );
  });
  it('a part of no known name stands in front, a pair of them on both sides', () => {
    const { whole, site } = joined(toyOf(`Head\n${BALL}`, `Lump (2x)\n${LIMB}`, `Knob\n${LIMB}`));
    const [a, b] = site('Lump').sites.map((s) => s.placement.shift);
    expect(a[0] * b[0]).toBeLessThan(0);
    expect(Math.abs(site('Knob').sites[0].placement.shift[0])).toBeLessThan(3);
    expect(whole.loose).toEqual([]);
  });
  it('a host that hangs on a part is not offered for it', () => {
    const toy = joinedUsually(
      toyOf(`Head\n${BALL}`, `Body (ring = sole)\n${BALL}`, `Arm (2x)\n${LIMB}`),
      newId,
    );
    const whole = modelToy(toy);
    const body = whole.parts.find((p) => p.name === 'Body')!;
    const head = whole.parts.find((p) => p.name === 'Head')!;
    const [top, hung] = whole.toy.joins.some((j) => j.guest.part === body.part.id)
      ? [head, body]
      : [body, head];
    expect(hostsFor(whole, top).map((p) => p.name)).not.toContain(hung.name);
    expect(hostsFor(whole, top)).toEqual([]);
  });
});
