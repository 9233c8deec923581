import { addParts, newToy, setFeature } from '../toy';
import { acceptEyes, acceptStitches, marksOn, modelToy, stitchings, stitchOffers, worksSaid } from './index';

let n = 0;
const newId = () => `o${++n}`;
const HEAD = `R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5: (3 sc, inc) x6 (30)
R6: (4 sc, inc) x6 (36)
R7-14: sc around (36)`;
const END = 'R15: (4 sc, dec) x6 (30)\nR16: (3 sc, dec) x6 (24)';
const toyOf = (notes: string) =>
  acceptEyes(
    addParts(
      newToy('T', newId),
      `Head\n${HEAD}\nInsert 8 mm eyes between R9 and R10, 7 between.\n${notes}\n${END}`,
      newId,
    ),
    newId,
  ).toy;
describe('what a text asks to be stitched', () => {
  it.each<[string, string[]]>([
    ['Embroider a smile between the eyes on round 13.', ['smile']],
    ['Embroider a V-shaped mouth.', ['mouth V']],
    ['Embroider the lips in red', ['lips']],
    ['With black yarn, stitch a mouth on R13 and two eyebrows above the eyes.', ['mouth line', 'brows']],
    ['Sew two pink cheek ticks each side with 2 strands.', ['cheeks']],
    ['Embroider the nose with brown thread', ['nose']],
    ['Add whiskers and freckles', ['whiskers', 'freckles']],
    ['Insert the safety nose between R11 and R12.', []],
    ['Sew the muzzle on below the eyes.', []],
    ['Attach the ears.', []],
    ['She starts at the nose and is worked back to the tip of the tail.', []],
    ['sew the head on the open body, nose forward, R10 to R14', []],
    ['Sew the mouth on round 13.', ['mouth line']],
    ['nose: 3 stitches in pink over the ring', ['nose']],
    ['Leave a tail.', []],
    ['Sew the felt cheeks on.', []],
  ])('%s', (line, works) => expect(worksSaid(line)).toEqual(works));

  it('stands on the round that it says, in its strands and yarn; without a round it is offered at its usual place', () => {
    const toy = toyOf('Embroider a smile on round 13 with 3 strands.\nStitch the cheeks.');
    const [mouth, cheeks] = stitchOffers(modelToy(toy), modelToy(toy).parts[0], newId);
    expect([mouth.work, mouth.placed, mouth.feature.thread.strands]).toEqual(['smile', true, 3]);
    expect([cheeks.work, cheeks.placed]).toEqual(['cheeks', false]);
    const model = modelToy(setFeature(toy, mouth.feature));
    const [{ sides, fault }] = stitchings(model);
    expect(fault).toBeNull();
    expect(sides[0].places[0].name.round).toEqual([13, 13]);
    expect(marksOn(model, model.parts[0]).eyes).not.toBeNull();
  });

  it('between two rounds it stands between them; what is there already, or said twice, is offered once or not at all', () => {
    const toy = toyOf('Embroider a mouth between R12 and R13.\nThe mouth is stitched in black.');
    const offers = stitchOffers(modelToy(toy), modelToy(toy).parts[0], newId);
    expect(offers.map((o) => [o.work, o.placed])).toEqual([['mouth line', true]]);
    const taken = setFeature(toy, offers[0].feature);
    expect(stitchings(modelToy(taken))[0].sides[0].places[0].name.round).toEqual([12, 13]);
    expect(stitchOffers(modelToy(taken), modelToy(taken).parts[0], newId)).toEqual([]);
  });

  it('what is a part of its own is not stitched as well', () => {
    const toy = addParts(
      toyOf('Stitch the cheeks side by side below the eyes.'),
      'Cheek (2x)\nR1: 6 sc in ring (6)',
      newId,
    );
    expect(stitchOffers(modelToy(toy), modelToy(toy).parts[0], newId)).toEqual([]);
  });

  it('taken with the page: only what says on which round; the rest is told as left', () => {
    const { toy, taken, left } = acceptStitches(
      toyOf('Embroider a mouth on round 13.\nStitch eyebrows.'),
      newId,
    );
    expect(taken.map((o) => o.work)).toEqual(['mouth line']);
    expect(left.map((o) => o.work)).toEqual(['brows']);
    expect(stitchings(modelToy(toy)).map((s) => s.feature.name)).toEqual(['Mouth']);
  });
});
