import fc from 'fast-check';
import { modelToy, rill } from '../model';
import { duplicatePart, movePart } from './index';

let n = 0;
const id = () => `q${++n}`;
const toy = rill(id);
const names = (t: typeof toy) => modelToy(t).parts.map((p) => p.name);

it('a part moves along the row and nothing else changes', () =>
  fc.assert(
    fc.property(fc.nat(toy.parts.length - 1), fc.integer({ min: -9, max: 9 }), (at, by) => {
      const moved = movePart(toy, toy.parts[at].id, by);
      const to = Math.max(0, Math.min(toy.parts.length - 1, at + by));
      expect(moved.parts[to]).toBe(toy.parts[at]);
      expect(moved.parts.filter((p) => p !== toy.parts[at])).toEqual(toy.parts.filter((_, i) => i !== at));
      expect({ ...moved, parts: [] }).toEqual({ ...toy, parts: [] });
    }),
    { numRuns: 60, seed: 2 },
  ));

it('the same part again: its rounds, its fill and pose, a name and marks of its own, nothing put on it', () => {
  const head = modelToy(toy).parts.find((p) => p.name === 'Head')!;
  const twice = duplicatePart(toy, head.part.id, { from: 'Head', to: 'Head 2' }, id);
  expect(names(twice)).toEqual(names(toy).flatMap((name) => (name === 'Head' ? ['Head', 'Head 2'] : [name])));
  const made = modelToy(twice).parts.find((p) => p.name === 'Head 2')!;
  expect(made.fabric.rounds.map((r) => r.count)).toEqual(head.fabric.rounds.map((r) => r.count));
  expect([made.part.fill, made.part.pose, made.part.gauge]).toEqual([
    head.part.fill,
    head.part.pose,
    head.part.gauge,
  ]);
  expect(made.part.marks.filter((m) => head.part.marks.includes(m))).toEqual([]);
  expect([twice.features.length, twice.joins.length]).toEqual([toy.features.length, toy.joins.length]);
  const thrice = duplicatePart(twice, head.part.id, { from: 'Head', to: 'Head 3' }, id);
  expect(names(thrice).filter((name) => name.startsWith('Head'))).toEqual(['Head', 'Head 3', 'Head 2']);
  expect(duplicatePart(toy, 'nobody', { from: 'x', to: 'y' }, id)).toBe(toy);
});
