import fc from 'fast-check';
import { modelToy, rill } from '../model';
import { addParts, duplicatePart, movePart, newToy, partInto } from './index';

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

describe('a part into another toy', () => {
  const model = modelToy(toy);
  const head = model.parts.find((p) => p.name === 'Head')!;
  const last = (t: typeof toy) => modelToy(t).parts.at(-1)!;

  it('in that toy’s terms, with its own gauge and yarns, under a name that is free there', () => {
    const bare = newToy('Gull', id);
    const uk = addParts(
      { ...bare, settings: { ...bare.settings, terms: 'uk' } },
      'Wing (rust)\nR1: 6 dc in ring (6)',
      id,
    );
    expect(uk.settings.terms).toBe('uk');
    const with_ = partInto(toy, head.part.id, uk, id);
    const made = last(with_);
    expect([made.name, with_.settings.terms, with_.parts.length]).toEqual(['Head', 'uk', 2]);
    expect(made.fabric.rounds.map((r) => r.count)).toEqual(head.fabric.rounds.map((r) => r.count));
    expect(made.reading.problems.filter((p) => p.severity === 'error')).toEqual([]);
    expect([made.gauge.stitchMm, made.form.widthMm, made.part.fill, made.part.pose]).toEqual([
      head.gauge.stitchMm,
      head.form.widthMm,
      head.part.fill,
      head.part.pose,
    ]);
    // Nothing of the first one is shared, and its own toy's first part is as it was.
    expect(made.part.marks.filter((m) => head.part.marks.includes(m))).toEqual([]);
    expect([with_.parts[0], with_.features, with_.joins]).toEqual([uk.parts[0], [], []]);
    const twice = partInto(toy, head.part.id, with_, id);
    expect([last(twice).name, twice.gauges.length]).toEqual(['Head 2', with_.gauges.length]);
  });

  it('a yarn that the other toy has not comes along as it is; one that it has is its own', () => {
    const dyed = { ...toy, palette: toy.palette.map((y) => ({ ...y, colour: '#123456', strands: 2 })) };
    const made = partInto(dyed, head.part.id, newToy('Gull', id), id);
    expect(made.palette.map((y) => [y.slot, y.colour, y.strands])).toContainEqual(['rust', '#123456', 2]);
    const has = addParts(newToy('Gull', id), 'Wing (rust)\nR1: 6 sc in ring (6)', id);
    expect(partInto(dyed, head.part.id, has, id).palette).toEqual(has.palette);
  });

  it('into a toy without parts its terms come along: an all-dc part is what it was', () => {
    const uk = addParts(
      { ...newToy('A', id), settings: { ...newToy('A', id).settings, terms: 'us' } },
      'Mat\nR1: 12 dc in ring (12)\nR2: inc x12 (24)',
      id,
    );
    const us = { ...uk, settings: { ...uk.settings, terms: 'us' as const } };
    const made = partInto(us, us.parts[0].id, newToy('B', id), id);
    expect([made.settings.terms, made.parts[0].text]).toEqual(['us', us.parts[0].text]);
    expect(partInto(us, 'nobody', made, id)).toBe(made);
  });
});
