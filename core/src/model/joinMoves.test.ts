import { freeCopies, movedJoin as moved, usualJoin, type Join, type JoinMove, type JoinSite } from '../join';
import { addParts, newToy, setJoin } from '../toy';
import { modelToy, rill } from './index';

let n = 0;
const newId = () => `i${++n}`;
const model = modelToy(rill(newId));
const named = (name: string) =>
  model.sites.find((s) => model.parts.find((p) => p.part.id === s.join.guest.part)!.name === name)!;

const movedJoin = (so: typeof model, join: Join, site: JoinSite, move: JoinMove) =>
  moved(
    so.pieces.find((p) => p.part === join.at.part && p.copy === join.at.copy)!,
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

test('a usual pair stands on both sides of the widest round, a single part in front of it', () => {
  const toy = addParts(
    newToy('T', newId),
    'Head\nR1: 6 sc in ring\nR2: inc x6\nR3-5: sc around\nR6: dec x6\nclose\n\nEar (2x)\nR1: 6 sc in ring\n\nNose (1x)\nR1: 5 sc in ring',
    newId,
  );
  const made = modelToy(toy);
  const [, ear, nose] = made.parts;
  const pair = modelToy(
    setJoin(toy, usualJoin(made.pieces[0], { part: ear.part.id, free: freeCopies([], ear.copies) }, 'a')),
  ).sites[0].sites;
  expect(pair).toHaveLength(2);
  expect(pair[0].name!.of).toBe(12);
  const [front] = modelToy(
    setJoin(toy, usualJoin(made.pieces[0], { part: nose.part.id, free: freeCopies([], nose.copies) }, 'b')),
  ).sites[0].sites;
  const off = front.polar.angleRad - made.pieces[0].frontRad;
  expect(Math.abs(off - Math.round(off / (2 * Math.PI)) * 2 * Math.PI)).toBeLessThan((2 * Math.PI) / 12);
});
