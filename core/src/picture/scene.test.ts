import { type Placed } from '../join';
import { rill, modelToy } from '../model';
import { setFeature } from '../toy';
import { sceneOf } from './scene';
import { rowsOf, VIEWS } from './view';

let n = 0;
const model = modelToy(rill(() => `i${++n}`));

/** The same piece, of which nothing was drawn before. */
const unknown = (piece: Placed): Placed => ({ ...piece, form: { ...piece.form } });

describe('the picture of the otter', () => {
  const scene = sceneOf(model, model.placed);
  it('draws farther pieces first: the tail behind the body, the snout over the head', () => {
    const order = scene.layers.map((l) => model.parts.find((p) => p.part.id === l.part)!.name);
    expect(order.indexOf('Tail')).toBeLessThan(order.indexOf('Body'));
    expect(order.indexOf('Head')).toBeLessThan(order.indexOf('Snout'));
    expect(order.indexOf('Body')).toBeLessThan(order.indexOf('Arm'));
  });
  it('is the same every time, and its size is the toy’s', () => {
    const anew = model.placed.map(unknown);
    expect(JSON.stringify(sceneOf(model, anew))).toBe(JSON.stringify(scene));
    const head = model.parts.find((p) => p.name === 'Head')!;
    expect(scene.right - scene.left).toBeGreaterThan(head.form.widthMm);
    expect(scene.bottom - scene.top).toBeGreaterThan(100);
  });
  it('shows two eyes from the front and none from behind the head', () => {
    expect(scene.layers.flatMap((l) => l.eyes)).toHaveLength(2);
    const side = sceneOf(model, model.placed, rowsOf(VIEWS.left));
    expect(side.layers.flatMap((l) => l.eyes).length).toBeLessThanOrEqual(1);
  });
  it('draws the fabric anew only where it is seen otherwise, and then truly', () => {
    const { toy } = model;
    const dyed = modelToy({ ...toy, palette: toy.palette.map((yarn) => ({ ...yarn, colour: '#204080' })) });
    const named = (name: string) => model.parts.find((p) => p.name === name)!.part;
    const body = named('Body');
    const started = { [`${body.id}/${body.copies[0].id}`]: 9 };
    const ways = [
      [model, undefined, {}],
      [model, rowsOf(VIEWS.left), {}],
      [dyed, undefined, {}],
      [model, undefined, started],
      [model, undefined, {}],
    ] as const;
    const pictures = ways.map(([of, from, upTo]) => {
      const anew = model.placed.map(unknown);
      const picture = sceneOf(of, model.placed, from, upTo);
      expect(picture).toEqual(sceneOf(of, anew, from, upTo));
      return JSON.stringify(picture);
    });
    expect(new Set(pictures).size).toBe(4);
    const eyes = toy.features.find((f) => f.kind === 'eyes')!;
    const other = modelToy(setFeature(toy, { ...eyes, colour: '#a03010' }));
    const [before, after] = [model, other].map((of) => sceneOf(of, model.placed));
    expect(after).not.toEqual(before);
    after.layers.forEach((layer, i) => expect(layer.stitches).toBe(before.layers[i].stitches));
    // Put together anew, and one ear a little along: it alone is drawn.
    const { placement, ...ear } = model.placed.find((p) => p.part === named('Ear').id)!;
    const moved = model.placed.map((p) =>
      p.part === ear.part && p.copy === ear.copy
        ? { ...ear, placement: { ...placement, shift: [1, 2, 3] as const } }
        : { ...p, placement: { ...p.placement } },
    );
    const away = sceneOf(model, moved);
    expect(away).toEqual(sceneOf(model, moved.map(unknown)));
    expect(away.layers.filter((l) => !before.layers.some((b) => b.stitches === l.stitches))).toHaveLength(1);
  });
});
