import { addParts, newToy, setFeature } from '../toy';
import { modelToy, strandOffers, strandsSaid, strandWorks } from './index';

let n = 0;
const newId = () => `h${++n}`;
const toyOf = (note: string) =>
  addParts(
    newToy('T', newId),
    `Head\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6-12: sc around\n${note}`,
    newId,
  );

describe('strands in a page’s words', () => {
  it.each<[string, ReturnType<typeof strandsSaid>]>([
    ['Hair: 70 strands of 26 cm.', { name: 'Hair', count: 70, cutMm: 260 }],
    ['Cut twenty pieces of yarn, 8 in long, for the mane', { name: 'Mane', count: 20, cutMm: 203.2 }],
    ['Knot 12 lengths of 15 cm in for the beard', { name: 'Beard', count: 12, cutMm: 150 }],
    ['Hair: as long as you like.', null],
    ['Embroider the mouth with 2 strands, 10 cm.', null],
    ['Hair: 70 strands.', null],
  ])('%s', (line, said) => expect(strandsSaid(line)).toEqual(said));

  it.each([12, 40, 70, 120])(
    '%i strands: as near as even rows come, and what it comes to is told',
    (wanted) => {
      const toy = toyOf(`Hair: ${wanted} strands of 26 cm`);
      const [offer] = strandOffers(modelToy(toy), modelToy(toy).parts[0], newId);
      expect(offer).toMatchObject({ said: wanted, feature: { name: 'Hair', cutMm: 260 } });
      const taken = modelToy(setFeature(toy, offer.feature));
      const [state] = strandWorks(taken);
      expect(state.yarns).toBe(offer.yarns);
      expect(Math.abs(offer.yarns - wanted)).toBeLessThanOrEqual(0.1 * wanted);
      expect(strandOffers(taken, taken.parts[0], newId)).toEqual([]);
    },
  );
});
