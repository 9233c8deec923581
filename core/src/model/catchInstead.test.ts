import { addParts, newToy, type Toy } from '../toy';
import { caughtInstead, joinedUsually, modelToy } from './index';

let n = 0;
const newId = () => `i${++n}`;

describe('what is sewn on is caught in the round instead', () => {
  const ball =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-9: sc around\nR10: (2 sc, dec) x6\nstuff\nleave open';
  const wing =
    'Wing (2x, 3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: (2 sc, inc) x2\nR3-7: sc around\nfasten off';
  // The body is listed first: what it catches has to be there before it.
  const sewn = joinedUsually(
    addParts(newToy('T', newId), `Body (3.0 mm hook, ring = sole)\n${ball}\n\n${wing}`, newId),
    newId,
  );
  const at = (toy: Toy) => modelToy(toy).sites[0];

  it('both of a pair: the range is unfolded, the round written, the seam gone, the places kept within a stitch', () => {
    const model = modelToy(sewn);
    const { join, sites } = at(sewn);
    const toy = caughtInstead(model, join, sites, newId);
    if (typeof toy === 'string') throw new Error(toy);
    const now = modelToy(toy);
    expect(now.parts.map((p) => p.name)).toEqual(['Wing', 'Body']);
    expect(now.parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'))).toEqual([]);
    expect([toy.joins, now.loose, now.caught.length]).toEqual([[], [], 2]);
    const body = now.parts.find((p) => p.name === 'Body')!;
    expect(body.fabric.rounds.map((r) => r.count)).toEqual(
      model.parts.find((p) => p.name === 'Body')!.fabric.rounds.map((r) => r.count),
    );
    now.caught.forEach(({ join: c }) => expect(c).toMatchObject({ round: sites[0].round, over: 4 }));
    const middles = now.caught.map(({ join: c }) => c.first + 2);
    const wanted = sites.map((s) => s.index).sort((a, b) => a - b);
    middles.forEach((m, k) => expect(Math.abs(m - wanted[k])).toBeLessThanOrEqual(1.5));
  });

  it('a chain is caught by its end, over two slots', () => {
    const chain = joinedUsually(
      addParts(
        newToy('T', newId),
        `Body (3.0 mm hook, ring = sole)\n${ball}\n\nString (3.0 mm hook)\nch 12`,
        newId,
      ),
      newId,
    );
    const { join, sites } = at(chain);
    const toy = caughtInstead(modelToy(chain), join, sites, newId);
    if (typeof toy === 'string') throw new Error(toy);
    expect(modelToy(toy).caught.map((c) => [c.join.over, c.sites.length])).toEqual([[2, 1]]);
  });

  it('a change of colour before the first stitch stays where it is', () => {
    const striped = joinedUsually(
      addParts(
        newToy('T', newId),
        `${wing}\n\nBody (sand, 3.0 mm hook, ring = sole)\n${ball.replace('R5-9: sc', 'R5-9: with berry: sc')}`,
        newId,
      ),
      newId,
    );
    const { join, sites } = at(striped);
    const toy = caughtInstead(modelToy(striped), join, sites, newId);
    if (typeof toy === 'string') throw new Error(toy);
    const { text } = toy.parts.find((p) => p.id === join.at.part)!;
    expect(text).toMatch(/^R\d: with berry: (\d sc, )?wing over 4, .*wing over 4/m);
    expect(modelToy(toy).caught).toHaveLength(2);
  });

  it('a round of increases, an end, or one that is taken says why, and nothing is changed', () => {
    const model = modelToy(sewn);
    const { join, sites } = at(sewn);
    const low = sites.map((s) => ({ ...s, round: 2 }));
    expect(caughtInstead(model, join, low, newId)).toBe('not of one stitch');
    expect(caughtInstead(model, join, [{ ...sites[0], how: 'end' }], newId)).toBe('at an end');
    expect(caughtInstead(model, join, [sites[0], sites[0]], newId)).toBe('no room');
  });
});
