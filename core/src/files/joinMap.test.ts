import { modelToy, rill, type ToyModel } from '../model';
import { changeGauge, type Toy } from '../toy';
import { pieceKey } from '../join';
import { joinMap } from './joinMap';
import { sheetHtml } from './sheet';

let made = 0;
const newId = () => `id${++made}`;

interface Dot {
  edge: number;
  x: number;
  y: number;
}

/** The stitches of the seam as they are drawn, mm on the paper. */
const dotsOf = (svg: string): Dot[] =>
  [...svg.matchAll(/<circle cx="([\d.-]+)" cy="([\d.-]+)" r="[\d.]+" fill="[^"]+" data-edge="(\d+)"/g)].map(
    ([, x, y, edge]) => ({ edge: Number(edge), x: Number(x), y: Number(y) }),
  );

/** The map of a seam; empty where it has none. */
const drawn = (model: ToyModel, join: string, copy: string): string => {
  const map = joinMap(model, join, copy);
  return map && 'svg' in map ? map.svg : '';
};

/** Every seam on a surface with its map. */
const mapsOf = (model: ToyModel) =>
  model.sites.flatMap(({ join, sites }) =>
    sites.map((site) => ({ site, dots: dotsOf(drawn(model, join.id, site.copy)) })),
  );

const apart = (a: readonly number[], b: readonly number[]): number =>
  Math.hypot(...a.map((v, i) => v - b[i]));

const handed = (hand: 'left' | 'right'): Toy => {
  const toy = rill(newId);
  return toy.gauges.reduce((so, g) => changeGauge(so, g.id, { hand }), toy);
};

describe.each(['right', 'left'] as const)('maps of seams, %s-handed', (hand) => {
  const model = modelToy(handed(hand));
  const maps = mapsOf(model).filter((m) => m.site.how === 'surface');

  it('have a dot for each stitch, in the order in which they are sewn', () => {
    expect(maps.length).toBeGreaterThan(6);
    for (const { site, dots } of maps) expect(dots.map((d) => d.edge)).toEqual(site.seam.map((s) => s.edge));
  });

  it('are in true size: never longer than on the toy, and seldom much shorter', () => {
    for (const { site, dots } of maps)
      dots.slice(1).forEach((dot, i) => {
        const real = apart(site.seam[i + 1].hostPoint, site.seam[i].hostPoint);
        const drawn = apart([dot.x, dot.y], [dots[i].x, dots[i].y]);
        expect(drawn).toBeLessThanOrEqual(real + 0.01);
        if (real > 1) expect(drawn / real).toBeGreaterThan(0.45);
      });
    const all = maps.flatMap(({ site, dots }) =>
      dots
        .slice(1)
        .map((dot, i) => [
          apart([dot.x, dot.y], [dots[i].x, dots[i].y]),
          apart(site.seam[i + 1].hostPoint, site.seam[i].hostPoint),
        ]),
    );
    const sum = (k: 0 | 1) => all.reduce((total, pair) => total + pair[k], 0);
    expect(sum(0) / sum(1)).toBeGreaterThan(0.8);
  });

  it('stand upright, left and right as the toy’s pins have them', () => {
    let seen = 0;
    for (const { site, dots } of maps) {
      const at = (pin: string) => {
        const name = site.pins.find((p) => p.at === pin)?.name;
        const k = site.seam.findIndex((s) => JSON.stringify(s.name) === JSON.stringify(name));
        return k < 0 ? null : dots[k];
      };
      const [top, bottom, left, right] = ['top', 'bottom', 'left', 'right'].map(at);
      if (top && bottom) expect(top.y).toBeLessThan(bottom.y);
      if (!left || !right) continue;
      seen++;
      // Who looks at the toy's front has its left on the right.
      const host = model.placed.find((p) => pieceKey(p) === pieceKey(site.join.at))!;
      const fromFront =
        inFront(
          site.seam.map((s) => s.hostPoint),
          host.placement.rows,
        ) > 0;
      expect(left.x > right.x).toBe(fromFront);
    }
    expect(seen).toBeGreaterThan(2);
  });

  it('of a pair are as wide as each other, as far as their holes allow', () => {
    for (const { join, sites } of model.sites.filter((s) => s.sites.length === 2)) {
      const [a, b] = sites.map((s) => dotsOf(drawn(model, join.id, s.copy)));
      const wide = (dots: readonly Dot[]) =>
        Math.max(...dots.map((d) => d.x)) - Math.min(...dots.map((d) => d.x));
      expect(Math.abs(wide(a) - wide(b))).toBeLessThan(6);
    }
  });
});

/** How far in front of the host's own axis a seam lies, in the toy's world: more than 0 is on its front. */
function inFront(points: readonly (readonly number[])[], rows: readonly (readonly number[])[]): number {
  const middle = (i: number) => points.reduce((sum, p) => sum + p[i], 0) / points.length;
  return rows[2][0] * middle(0) + rows[2][1] * middle(1);
}

it('a seam round an end has none and it is said why, once; the sheet shows the others and says once how to read them', () => {
  const model = modelToy(rill(newId));
  const atEnd = model.sites.find((s) => s.sites[0]?.how !== 'surface')!;
  expect(joinMap(model, atEnd.join.id, atEnd.sites[0].copy)).toEqual({
    none: expect.stringMatching(/^No map: .* open end/),
  });
  expect(joinMap(model, 'no such join', 'x')).toBeNull();
  const html = sheetHtml(model);
  const often = (words: string) => html.split(words).length - 1;
  expect(often('class="seam-map"')).toBe(8);
  expect(often('It begins at the thick dot')).toBe(1);
  expect(often('No map: this seam goes round an open end')).toBe(1);
});

it('a seam that is wider than a page is said to be, and its list stands there', () => {
  const toy = rill(newId);
  const parts = toy.parts.map((part) => ({ ...part, text: part.text.replace('3.0 mm hook', '20 mm hook') }));
  const html = sheetHtml(modelToy({ ...toy, parts }));
  expect(html).toContain('No map: this seam is wider than a page');
  expect(html).toContain('Stitch of the edge at place on the host');
});
