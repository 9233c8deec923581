import { addParts, newToy } from '../toy';
import { acceptEyes, modelToy } from './index';

let n = 0;
const newId = () => `id${++n}`;
const HEAD = `R1: 6 sc in MR (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-10: sc around (24)`;
const page = (note: string, materials = '', after = 'R11: (2 sc, dec) x6 (18)') =>
  addParts(newToy('T', newId), `Auk\n\n${materials}\n\nHead\n${HEAD}\n${note}\n${after}`, newId);
const placed = (note: string, materials = '') => {
  const { toy, taken } = acceptEyes(page(note, materials), newId);
  const [eyes] = modelToy(toy).eyes;
  return {
    taken,
    eyes: eyes?.eyes ?? null,
    names: eyes && eyes.state.state !== 'homeless' ? eyes.state.names : [],
  };
};

describe('eyes that a page names', () => {
  it('stand where it says, of the size that the note says', () => {
    const { eyes, names } = placed('Insert the 8 mm eyes between R6 and R7, 6 between.', 'eyes 10 mm');
    expect(eyes?.eyeMm).toBe(8);
    expect(names.map((x) => x.round)).toEqual([
      [6, 7],
      [6, 7],
    ]);
    expect(eyes?.pair.between).toBe(6);
  });
  it('have the size of the materials where the note says none, and the note’s own words where they are spread', () => {
    const said =
      'Stop here and put the eyes in. Mine sit between rounds 6 and 7 with 4 stitches between them.';
    expect(placed(said, 'one pair of 12 mm safety eyes').eyes).toMatchObject({
      eyeMm: 12,
      pair: { between: 4 },
    });
  });
  it.each([
    ['two ways to count', 'eyes between R6 and R7, 6 stitches apart', ''],
    ['no round', 'eyes here, 6 between', ''],
    ['of no known make', 'glue on googly eyes between R6 and R7, 6 between', ''],
    ['a round that is not there', 'eyes between R60 and R61, 6 between', ''],
  ])('are left to the maker, and told: %s', (_, note, materials) => {
    const { eyes, taken } = placed(note, materials);
    expect(eyes).toBeNull();
    expect(taken).toEqual([expect.objectContaining({ pair: null })]);
  });
  it('two sizes in the materials decide nothing', () => {
    const usual = placed('eyes between R6 and R7, 6 between').eyes;
    const two = placed('eyes between R6 and R7, 6 between', '8 mm eyes, and 12 mm eyes for the big one').eyes;
    expect(two?.eyeMm).toBe(usual?.eyeMm);
  });
  it('are not placed twice', () => {
    const once = acceptEyes(page('8 mm eyes between R6 and R7, 6 between'), newId).toy;
    expect(acceptEyes(once, newId)).toEqual({ toy: once, taken: [] });
  });
});
