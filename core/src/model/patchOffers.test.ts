import { addParts, newToy } from '../toy';
import { acceptEyes, acceptNeedle, modelToy, patches, patchOffers, patchSaid, sculptSaid } from './index';

let n = 0;
const newId = () => `f${++n}`;
const HEAD = `R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5: (3 sc, inc) x6 (30)
R6: (4 sc, inc) x6 (36)
R7-14: sc around (36)`;
const END = 'R15: (4 sc, dec) x6 (30)\nR16: (3 sc, dec) x6 (24)';
const toyOf = (notes: string, before = '') =>
  acceptEyes(
    addParts(
      newToy('T', newId),
      `${before}Head\n${HEAD}\nInsert 8 mm eyes between R9 and R10, 7 between.\n${notes}\n${END}`,
      newId,
    ),
    newId,
  ).toy;

describe('felt and needle in a page’s words', () => {
  it.each<[string, ReturnType<typeof patchSaid>]>([
    [
      'Cut two ovals of felt 12 x 16 mm for under the eyes.',
      { work: 'under the eyes', shape: 'oval', size: { widthMm: 12, heightMm: 16, one: false } },
    ],
    [
      'Sew a felt circle, 3 cm across, on the belly',
      { work: 'belly', shape: 'circle', size: { widthMm: 30, heightMm: 30, one: true } },
    ],
    [
      'sew pink felt cheeks (1/2 inch) on',
      { work: 'cheeks', shape: null, size: { widthMm: 12.7, heightMm: 12.7, one: true } },
    ],
    [
      'Lay felt of 1½ x 2 in on the tummy',
      { work: 'belly', shape: null, size: { widthMm: 38.1, heightMm: 50.8, one: false } },
    ],
    ['Cut a teardrop of felt for each eyelid.', { work: 'lids', shape: 'drop', size: null }],
    ['Cut 2 in white felt for under the eyes.', { work: 'under the eyes', shape: null, size: null }],
    [
      'Felt cheeks, 2 in across',
      { work: 'cheeks', shape: null, size: { widthMm: 50.8, heightMm: 50.8, one: true } },
    ],
    ['felt', { work: null, shape: null, size: null }],
    ['Needle felt the face.', null],
    ['Insert the eyes and see how it felted ball', null],
    ['Sew the ears on.', null],
  ])('%s', (line, said) => expect(patchSaid(line)).toEqual(said));

  it.each<[string, ReturnType<typeof sculptSaid>]>([
    ['Sculpt the face: in at A, out at D.', 'eyes'],
    ['Sink the eyes in with a long needle', 'eyes'],
    ['Pull the eyes together a little.', 'eyes'],
    ['Make a navel with one stitch, tighten.', 'divot'],
    ['Pull the base up with a thread through the top', 'tie'],
    ['Pull the ring tight.', null],
    ['Sew the eyes on.', null],
    ['The needle goes through both loops.', null],
  ])('%s', (line, work) => expect(sculptSaid(line)).toBe(work));

  it('felt with its size at the eyes is taken with the page; what says less is offered and told as left', () => {
    const { toy, taken, left } = acceptNeedle(
      toyOf(
        'Cut two ovals of felt 12 x 16 mm, put them under the eyes.\nSew pink felt cheeks on.\nSculpt the eyes.',
      ),
      newId,
    );
    expect(taken.map((t) => t.feature.name)).toEqual(['Eye whites']);
    expect(left.map((t) => t.feature.name)).toEqual(['Cheeks', 'Eyes drawn in']);
    expect([taken[0].feature.colour, left[0].feature.colour]).toEqual(['#f1eee6', '#e39aaf']);
    const [{ feature, sides, fault }] = patches(modelToy(toy));
    expect([feature.shape, feature.widthMm, feature.heightMm, fault]).toEqual(['oval', 12, 16, null]);
    expect(sides.flatMap((s) => s.pieces.flatMap((p) => p.holes.map((h) => h.of)))).toEqual([
      'left eye',
      'right eye',
    ]);
    expect(patchOffers(modelToy(toy), modelToy(toy).parts[0], newId).map((o) => o.feature.name)).toEqual([
      'Cheeks',
      'Eyes drawn in',
    ]);
  });

  it('a size that only the materials say is used where they speak of one piece of felt', () => {
    const listed = 'Otter\n\nMaterials:\n* yarn\n* white felt: 2 circles, 20 mm across\n\n';
    const toy = toyOf('Push the posts through the felt circles first.', listed);
    const [found] = patchOffers(modelToy(toy), modelToy(toy).parts[0], newId);
    expect(found.feature).toMatchObject({ kind: 'patch', shape: 'circle', widthMm: 20 });
    expect(found.placed).toBe(true);
  });
});
