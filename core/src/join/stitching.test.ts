import { fillBetween, fillingOf, modelToy } from '../model';
import { planOf, stepWords } from '../plan';
import { addParts, newToy, setJoin } from '../toy';
import {
  holePlace,
  lastFilled,
  newJoin,
  seamEndMm,
  seamKind,
  wholeEdge,
  type Edge,
  type SewnJoin,
} from './index';

let n = 0;
const newId = () => `q${++n}`;
const BALL =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6-11: sc around\nR12: (3 sc, dec) x6\nR13: (2 sc, dec) x6\nR14: (sc, dec) x6\nR15: dec x6\nstuff\nclose';
const PARTS = [
  `Body (5 mm hook, ring = sole)\n${BALL}`,
  'Arm (2x, 5 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-8: sc around\nstuff softly\nfasten off',
  'Fin (5 mm hook)\nR1: ch 9, 8 sc (8)\nR2: ch 1, turn, 8 sc (8)\nR3: ch 1, turn, 8 sc (8)\nfasten off',
  'Cord (5 mm hook)\nch 20\nfasten off',
].join('\n\n');

const toy = addParts(newToy('T', newId), PARTS, newId);
const model = modelToy(toy);
const sewn = (part: number, edge: Edge, more: Partial<SewnJoin> = {}) => {
  const { part: own, copies } = model.parts[part];
  return newJoin({
    id: `join ${part}`,
    guest: { part: own.id, copy: copies[0].id },
    at: holePlace(model.pieces[0], 7, 4),
    edge,
    ...more,
  });
};
const site = (part: number, edge: Edge) => modelToy(setJoin(toy, sewn(part, edge))).sites[0].sites[0];

describe('how a seam is sewn, by its edge', () => {
  it.each([
    ['a ring on the surface', 1, wholeEdge('open'), 'invisible', 12],
    ['a ring pressed flat', 1, wholeEdge('flattened'), 'back', 6],
    ['a ring pinched to a bow', 1, wholeEdge('pinched'), 'back', 6],
    ['the last row of a flat piece, which stays 8', 2, wholeEdge('open'), 'invisible', 8],
    ['the side of its rows', 2, wholeEdge('open', 'side'), 'mattress', 3],
    ['the end of a chain', 3, wholeEdge('open', 'chain end'), 'chain end', 2],
  ] as const)('%s', (_, part, edge, kind, stitches) => {
    const found = site(part, edge);
    expect(seamKind(found)).toBe(kind);
    expect(found.guestEdge).toBe(stitches);
    expect(found.seam).toHaveLength(stitches);
  });
  it('ends of yarn by hand, up to the next 5 cm', () => {
    expect(seamEndMm('mattress', 10, 5)).toBe(400); // 3.5 x 10 x 5 + 200 = 375
    expect(seamEndMm('invisible', 24, 4.35)).toBe(550); // 3 x 24 x 4.35 + 200 = 513.2
    expect(seamEndMm('chain end', 2, 5)).toBe(250);
  });
  it('the last fill is what the two rounds next to the edge hold: of an even tube of ten, a fifth', () => {
    const tube = addParts(
      newToy('T', newId),
      'Tube (5 mm hook)\nR1: ch 24, join (24)\nR2-11: ch 1, sc around, sl st to join (24)\nstuff softly\nfasten off',
      newId,
    );
    const model = modelToy(tube);
    const [part] = model.parts;
    const { from, to } = lastFilled(part.form, wholeEdge('open'));
    expect([from, to]).toEqual([9, 10]);
    const share = fillBetween(model, part, from, to).fillG.value / fillingOf(model, part).fillG.value;
    const height = (i: number) => part.form.z[i];
    expect(share).toBeCloseTo((height(11) - height(9)) / height(11), 1);
  });
});

describe('whose yarn sews', () => {
  it('one end of the body that sews both arms is as long as both seams; theirs are only woven in', () => {
    const arms = model.parts[1].copies;
    const pair = sewn(1, wholeEdge('open'), {
      twin: { copy: arms[1].id, at: null },
      seam: { twice: true, yarn: 'host', startAt: null },
    });
    const plan = planOf(modelToy(setJoin(toy, pair)));
    const tails = (part: number) =>
      plan.steps.flatMap((s) =>
        (s.kind === 'close' || s.kind === 'fasten-off') && s.part === model.parts[part].part.id
          ? [s.tailMm]
          : [],
      );
    // 12 stitches of 7.25 mm, twice round: 2 x 3 x 12 x 7.25 + 200 = 722, two of them; before that the 6 are gathered twice (nobody has said for whom it is), 2 x 1.6 x 6 x 7.25 = 139: 1583.
    expect(tails(0)).toEqual([1600]);
    expect(tails(1)).toEqual([150, 150]);
  });
  it('the pause counts the seam’s own stitches, also where the host has more', () => {
    const open = BALL.replace(/\nR14[^]*/, '\nstuff\nleave open');
    const tube = addParts(
      newToy('T', newId),
      `Body (5 mm hook)\n${open}\n\nNeck (5 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-6: sc around\nstuff\nleave open`,
      newId,
    );
    const [body, neck] = modelToy(tube).pieces;
    const { rounds } = body.form.fabric;
    const last = rounds[rounds.length - 1];
    const joined = modelToy(
      setJoin(
        tube,
        newJoin({
          id: 'neck',
          guest: { part: neck.part, copy: neck.copy },
          at: {
            part: body.part,
            copy: body.copy,
            course: { mark: last.mark, nth: last.nth, layer: 0 },
            at: 'edge',
            index: 0,
            of: 18,
          },
        }),
      ),
    );
    // 12 to 18: eighteen stitches in the seam, six of the neck's taking two.
    expect(joined.sites[0].sites[0].seam).toHaveLength(18);
    const sew = planOf(joined).steps.find((s) => s.kind === 'sew')!;
    expect(stepWords(sew, joined).detail).toContain('stop after stitch 12 of 18');
  });
});
