import { ball, box, drum, fitsCylinder, type Corners } from './cylinder';

const CYLINDER = { diameterMm: 31.7, deepMm: 57.1, shallowMm: 25.4 };
const fits = (corners: Corners) => fitsCylinder(CYLINDER, corners);

describe('the small-parts cylinder, by hand', () => {
  it.each<[string, Corners, boolean]>([
    ['a ball of 31 mm', ball(31), true],
    ['a ball of 32.5 mm', ball(32.5), false],
    ['a rod of 64 mm from the deep corner to the far rim (65.3)', box(64, 0.2, 0.2), true],
    ['a rod of 66.5 mm', box(66.5, 0.2, 0.2), false],
    ['a drum as wide as it and 25 mm high', drum(31.6, 25), true],
    ['a drum as wide as it and 27 mm high: the floor is at 25.4 on its shallow side', drum(31.6, 27), false],
    ['a drum half as wide and 40 mm high goes to the deep side: 57.1 less its width', drum(15.8, 40), true],
    ['a drum half as wide and 56 mm high', drum(15.8, 56), false],
    ['a cube of 22 mm: 31.1 from corner to corner', box(22, 22, 22), true],
    ['a cube of 24 mm: 33.9', box(24, 24, 24), false],
    ['a flat square of 31 mm edge on: it stands, 31 wide', box(31, 31, 1), true],
    ['a flat disc of 31 mm', drum(31, 1), true],
    ['a flat disc of 33 mm: one way across it always lies level', drum(33, 1), false],
    ['a plate of 30 by 46, leaning: 47.4 of room', box(30, 46, 1), true],
    ['a plate of 30 by 49', box(30, 49, 1), false],
    ['a plate of 26 by 50, upright off the middle: 50.3 of depth there', box(26, 50, 1), true],
    ['a plate of 33 by 60', box(33, 60, 1), false],
    ['nothing at all', [], true],
  ])('%s', (_, corners, wanted) => expect(fits(corners)).toBe(wanted));

  it('turned beforehand it fits or not as before; larger never fits where smaller does not', () => {
    const turnedX = (corners: Corners, a: number): Corners =>
      corners.map(([x, y, z]) => [x, Math.cos(a) * y - Math.sin(a) * z, Math.sin(a) * y + Math.cos(a) * z]);
    const turnedY = (corners: Corners, a: number): Corners =>
      corners.map(([x, y, z]) => [Math.cos(a) * x + Math.sin(a) * z, y, Math.cos(a) * z - Math.sin(a) * x]);
    for (let k = 1; k < 6; k++) {
      expect(fits(turnedY(turnedX(box(63, 0.3, 0.3), 0.4 * k), 1.1 * k))).toBe(true);
      expect(fits(turnedY(turnedX(box(67, 0.3, 0.3), 0.4 * k), 1.1 * k))).toBe(false);
    }
    const sizes = [10, 20, 28, 36, 44].map((n) => fits(box(n, n * 0.6, n * 0.5)));
    expect(sizes.indexOf(false)).toBeGreaterThan(0);
    expect(sizes.slice(sizes.indexOf(false))).not.toContain(true);
  });
});
