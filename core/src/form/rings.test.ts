import { buildFabric } from '../fabric';
import { gaugeOf } from '../gauge';
import { markText, read } from '../notation';
import { formOf, solveRings, windowOf, workingDirection, type RingInput } from './index';

const W = 5;
const H = 4.5;
const FLAT = (6 * W) / (2 * Math.PI);
const solve = (counts: number[], more: Partial<RingInput> = {}, h = H) => solveRings({ counts, heightsMm: counts.map(() => h), stitchMm: W, roundMm: h, startRadiusMm: 0, closed: false, stretch: 0, ...more });
const volume = ({ r, z }: { r: Float64Array; z: Float64Array }) => r.reduce((v, _, i) => (i ? v + (Math.PI / 3) * (z[i] - z[i - 1]) * (r[i] ** 2 + r[i] * r[i - 1] + r[i - 1] ** 2) : 0), 0);
const sphere = (R: number) => {
  const n = Math.round((Math.PI * R) / H);
  return Array.from({ length: n - 1 }, (_, i) => Math.max(3, Math.round((2 * Math.PI * R * Math.sin((Math.PI * (i + 1)) / n)) / W)));
};
const within = (got: number, ideal: number, percent: number) => expect(Math.abs(got / ideal - 1) * 100).toBeLessThanOrEqual(percent);

/** The test table of the house's geometry, section 4, rows of the ring model: quantity, ideal, got, tolerance in percent. */
describe('ring model', () => {
  it.each([6, 12])('DISC of %i rounds lies flat', (n) => {
    const s = solve(Array.from({ length: n }, (_, i) => 6 * (i + 1)), {}, FLAT);
    within(s.r[n], n === 6 ? 28.65 : 57.3, 1);
    expect(Math.max(...s.z) - Math.min(...s.z)).toBeLessThan(0.02 * W);
  });

  it.each([[12, 1], [24, 0.5], [48, 0.5]])('TUBE of %i', (n, percent) => {
    const s = solve(Array.from({ length: 20 }, () => n), { startRadiusMm: null });
    within(s.r[10], (n * W) / (2 * Math.PI), percent);
    within(s.z[15] - s.z[5], 45, 1);
  });

  it.each([20, 30, 60])('SPHERE of %i mm', (R) => {
    const at = (stretch: number) => solve(sphere(R), { closed: true, stretch });
    const radius = (stretch: number) => (Math.max(...at(stretch).r) / R - 1) * 100;
    expect(radius(0.01)).toBeGreaterThan(-1);
    expect(radius(0.01)).toBeLessThan(2);
    expect(radius(0.04)).toBeGreaterThan(2.5);
    expect(radius(0.04)).toBeLessThan(5.5);
    expect(Math.abs(radius(0))).toBeLessThan(3);
    within(volume(at(0.01)), (4 / 3) * Math.PI * R ** 3, 5);
  });

  it.each([[2, 20.7], [3, 32], [4, 45]])('CONE of %i increases', (k, degrees) => {
    const s = solve(Array.from({ length: 15 }, (_, i) => 6 + k * i));
    const angle = (Math.atan2(s.r[12] - s.r[6], s.z[12] - s.z[6]) * 180) / Math.PI;
    expect(Math.abs(angle - degrees)).toBeLessThan(1);
  });

  it('BAG of two discs', () => {
    const up = Array.from({ length: 30 }, (_, i) => 6 * (i + 1));
    const s = solve([...up, ...up.slice(0, 29).reverse()], { closed: true, stretch: 0.005, gathering: 0.002, bendStiffness: 0 }, FLAT);
    const most = Math.max(...s.r);
    within(most, 0.7627 * 30 * FLAT, 2);
    within(volume(s), (2 / 3) * Math.PI * 30 * FLAT * most ** 2, 4);
  });

  it('WILD: 2,000 generated parts stay finite and bounded, and the same input gives the same bytes', () => {
    let seed = 7;
    const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) >>> 0) / 4294967296;
    let unsettled = 0;
    for (let part = 0; part < 2000; part++) {
      const rounds = 1 + Math.floor(random() * 20);
      let n = 3 + Math.floor(random() * 10);
      const counts = Array.from({ length: rounds }, () => (n = Math.max(1, Math.min(150, Math.round(n * (0.3 + random() * 1.9))))));
      const stretch = [0, 0.01, 0.03, 0.06][part % 4];
      const closed = part % 3 > 0;
      const s = solve(counts, { stretch, closed });
      const heights = rounds * H + (closed ? H * 0.35 : 0);
      for (let i = 0; i < s.r.length; i++) {
        expect(Number.isFinite(s.r[i]) && Number.isFinite(s.z[i])).toBe(true);
        expect(s.r[i]).toBeLessThanOrEqual((1.2 * Math.max(...counts) * W) / (2 * Math.PI) + W);
      }
      expect(Math.max(...s.z) - Math.min(...s.z)).toBeLessThanOrEqual(1.1 * heights);
      if (!s.converged) unsettled++;
      if (part % 100 === 0) expect(Array.from(solve(counts, { stretch, closed }).z)).toEqual(Array.from(s.z));
    }
    expect(unsettled).toBeLessThanOrEqual(20);
  });
});

const form = (text: string, settings: Partial<Parameters<typeof gaugeOf>[0]> = {}, wrongSideOut = false) => {
  const marked = markText(text, () => 'm');
  const gauge = gaugeOf({ hookMm: 3, stitchMm: W, roundMm: H, leanStitches: 0, hand: 'right', yarnUnder: false, ...settings });
  return formOf(buildFabric(read(text, { terms: 'us' }).parts[0], marked.marks), gauge, { fill: 'empty', wrongSideOut });
};
const TUBE = 'R1: ch 30, join (30)\nR2-11: sc around (30)';

describe('form', () => {
  it.each([-0.2, -0.35])('LEAN of %f stitches a round drifts so much a round and changes no volume', (lean) => {
    const leaning = form(TUBE, { leanStitches: lean });
    const drift = ((leaning.phase[10] - leaning.phase[0]) / 10 / (2 * Math.PI)) * 30;
    expect(Math.abs(drift - lean)).toBeLessThan(0.02);
    within(leaning.volumeCm3, form(TUBE).volumeCm3, 0.5);
  });

  it('decides the direction once: left hands and the wrong side each mirror it', () => {
    expect([workingDirection('right', false), workingDirection('left', false), workingDirection('right', true), workingDirection('left', true)]).toEqual([-1, 1, 1, -1]);
    expect(Array.from(form(TUBE, { hand: 'left' }).r)).toEqual(Array.from(form(TUBE).r));
  });

  it('states a tube by hand: 30 x 5 / pi = 47.7 mm across, ten rounds 45 mm tall', () => {
    const tube = form(TUBE);
    expect(tube.widthMm).toBeCloseTo(47.75, 1);
    expect(tube.rounds[10].heightMm - tube.rounds[0].heightMm).toBeCloseTo(45, 1);
    expect(tube.rounds[5].ringMm).toBeCloseTo(47.75, 1);
    // Pulled open by hand: 1.25 times that.
    expect(tube.rounds[5].pulledMm).toBeCloseTo(59.68, 1);
  });

  it('finds the window of a piece of work at the worst end, and never later for a larger need', () => {
    const head = form('R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: sc around\nR6: (2 sc, dec) x6\nR7: (sc, dec) x6\nR8: dec x6\nclose');
    // n x 5 / pi x 1.25 x 0.97 (measured gauge): 24 -> 46.3, 18 -> 34.7, 12 -> 23.2, 6 -> 11.6 mm
    expect(windowOf(head, 5, 24, 16)).toEqual({ first: 5, lastComfortable: 6, lastPossible: 7, openingMm: expect.closeTo(34.73, 1) });
    expect(windowOf(head, 5, 60, 50)).toMatchObject({ lastComfortable: null, lastPossible: null, openingMm: null });
    let last = 99;
    for (let need = 5; need < 60; need++) {
      const now = windowOf(head, 5, need, need).lastPossible ?? 0;
      expect(now).toBeLessThanOrEqual(last);
      last = now;
    }
  });
});
