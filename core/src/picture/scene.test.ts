import { type Placed } from '../join';
import { rill, modelToy } from '../model';
import { addParts, newToy, setFeature } from '../toy';
import { sceneOf } from './scene';
import { rowsOf, VIEWS } from './view';
import { shade } from './colour';
import { standAlone } from './standAlone';

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

describe('a ball in two yarns', () => {
  const BALL = `Ball (2x, sand, ring = crown)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
Change to brown.
R4: 9 sc, with sand 9 sc (18)
R5-7: with brown sc around (18)
R8: (sc, dec) x6 (12)
R9: dec x6 (6)
close`;
  const [SAND, BROWN, BLUE] = ['#d0b080', '#704830', '#204080'];
  const toy = addParts(
    newToy('Ball', () => `b${++n}`),
    BALL,
    () => `b${++n}`,
  );
  const painted = modelToy({
    ...toy,
    palette: toy.palette.map((y) => ({ ...y, colour: y.slot === 'sand' ? SAND : BROWN })),
    parts: toy.parts.map((p) => ({
      ...p,
      copies: p.copies.map((c, k) => (k === 1 ? { ...c, palette: { brown: BLUE } } : c)),
    })),
  });
  const seenFrom = (copy: number, turn: keyof typeof VIEWS) =>
    sceneOf(painted, [standAlone(painted.pieces[copy])], rowsOf(VIEWS[turn])).layers[0];

  it('has every stitch in its own yarn, the second copy in its own blue', () => {
    for (const [copy, own] of [BROWN, BLUE].entries()) {
      const layer = seenFrom(copy, 'front');
      const inYarn = (yarn: string) =>
        layer.stitches
          .filter(({ fill }) =>
            [...Array(14).keys()].some((k) => fill === shade(yarn, 0.5 + (0.78 * (k + 0.5)) / 14)),
          )
          .reduce((sum, { d }) => sum + d.split('M').length - 1, 0);
      const all = layer.stitches.reduce((sum, { d }) => sum + d.split('M').length - 1, 0);
      expect(inYarn(SAND)).toBeGreaterThan(0);
      expect(inYarn(own)).toBeGreaterThan(inYarn(SAND));
      expect(inYarn(SAND) + inYarn(own)).toBe(all);
      expect(new Set(layer.ground.map((g) => g.yarn))).toEqual(new Set([SAND, own]));
    }
  });

  it('has the yarn of its crown in front where it is seen from above, the other from below', () => {
    expect(seenFrom(0, 'top').ground.map((g) => g.yarn)).toEqual([BROWN, SAND]);
    expect(seenFrom(0, 'under').ground.map((g) => g.yarn)).toEqual([SAND, BROWN]);
  });
});
