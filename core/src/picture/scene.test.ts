import { rill, modelToy } from '../model';
import { sceneOf } from './scene';
import { rowsOf, VIEWS } from './view';

let n = 0;
const model = modelToy(rill(() => `i${++n}`));

describe('the picture of the otter', () => {
  const scene = sceneOf(model, model.placed);
  it('draws farther pieces first: the tail behind the body, the snout over the head', () => {
    const order = scene.layers.map((l) => model.parts.find((p) => p.part.id === l.part)!.name);
    expect(order.indexOf('Tail')).toBeLessThan(order.indexOf('Body'));
    expect(order.indexOf('Head')).toBeLessThan(order.indexOf('Snout'));
    expect(order.indexOf('Body')).toBeLessThan(order.indexOf('Arm'));
  });
  it('is the same every time, and its size is the toy’s', () => {
    expect(JSON.stringify(sceneOf(model, model.placed))).toBe(JSON.stringify(scene));
    const head = model.parts.find((p) => p.name === 'Head')!;
    expect(scene.right - scene.left).toBeGreaterThan(head.form.widthMm);
    expect(scene.bottom - scene.top).toBeGreaterThan(100);
  });
  it('shows two eyes from the front and none from behind the head', () => {
    expect(scene.layers.flatMap((l) => l.eyes)).toHaveLength(2);
    const side = sceneOf(model, model.placed, rowsOf(VIEWS.left));
    expect(side.layers.flatMap((l) => l.eyes).length).toBeLessThanOrEqual(1);
  });
});
