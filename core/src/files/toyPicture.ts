import { type ToyModel } from '../model';
import { layOut, roomOf, rowsOf, sceneOf, VIEWS, type Scene, type ViewName } from '../picture';
import { escaped } from './escaped';

/** A toy drawn from a side: its SVG, how large it is, mm on paper, and how much of its true size that is, from 0 to 1. */
export interface ToyPicture {
  svg: string;
  wideMm: number;
  tallMm: number;
  scale: number;
}

/** Room about the toy, mm. */
const MARGIN_MM = 2;

/** Layers of a scene as SVG, farther pieces first; without its stitches where it is small. */
const layersSvg = (scene: Scene, stitches: boolean): string =>
  scene.layers
    .map((l) => {
      const cloth = (over: boolean) =>
        l.patches
          .filter((p) => p.isOver === over)
          .map(
            (p) =>
              `<path d="${p.d}" fill="${escaped(p.colour)}" stroke="#000" stroke-opacity=".25" stroke-width=".4"/>`,
          )
          .join('');
      const eyes = l.eyes
        .map(
          (e) =>
            `${e.felt ? `<circle cx="${n(e.x)}" cy="${n(e.y)}" r="${n(e.felt.r)}" fill="${escaped(e.felt.colour)}"/>` : ''}<ellipse cx="${n(e.x)}" cy="${n(e.y)}" rx="${n(e.r)}" ry="${n(e.r * e.tall)}" fill="${escaped(e.colour)}"/>${e.embroidered ? '' : `<ellipse cx="${n(e.x - e.r * 0.34)}" cy="${n(e.y - e.r * e.tall * 0.36)}" rx="${n(e.r * 0.24)}" ry="${n(e.r * e.tall * 0.19)}" fill="#fff"/>`}`,
        )
        .join('');
      const threads = l.threads
        .map(
          (t) =>
            `<path d="${t.d}" fill="none" stroke="${escaped(t.colour)}" stroke-width="${n(t.width)}" stroke-linecap="round" stroke-linejoin="round"/>`,
        )
        .join('');
      const drawn = stitches
        ? l.stitches.map((s) => `<path d="${s.d}" fill="${escaped(s.fill)}"/>`).join('')
        : '';
      // Without its stitches the ground is the fabric itself.
      const ground = l.ground
        .map(
          ({ d, yarn, shadow }) =>
            `<path d="${d}" fill="${escaped(stitches ? shadow : yarn)}" stroke="${escaped(shadow)}" stroke-width=".9" stroke-linejoin="round"/>`,
        )
        .join('');
      return `${ground}${drawn}${cloth(false)}${threads}${eyes}${cloth(true)}`;
    })
    .join('');

const n = (v: number): string => v.toFixed(2);

/**
 * A toy from one side as SVG, loose pieces beside it. In true size where it fits into `mostWide` × `mostTall` mm, else as large as it may be.
 * `null` where nothing is there to draw.
 */
export function toyPicture(
  model: ToyModel,
  view: ViewName,
  {
    mostWide,
    mostTall,
    stitches,
    mostScale = 1,
  }: { mostWide: number; mostTall: number; stitches: boolean; mostScale?: number },
): ToyPicture | null {
  const placed = layOut(model, true);
  if (placed.length === 0) return null;
  const scene = sceneOf(model, placed, rowsOf(VIEWS[view]));
  const { left, right, top, bottom } = view === 'front' ? roomOf(model, placed) : scene;
  const [wide, tall] = [right - left + 2 * MARGIN_MM, bottom - top + 2 * MARGIN_MM];
  const scale = Math.min(mostScale, mostWide / wide, mostTall / tall);
  const [wideMm, tallMm] = [wide * scale, tall * scale];
  const box = [left - MARGIN_MM, top - MARGIN_MM, wide, tall].map(n).join(' ');
  return {
    svg: `<svg width="${n(wideMm)}mm" height="${n(tallMm)}mm" viewBox="${box}" role="img" aria-label="${escaped(model.toy.name)}">${layersSvg(scene, stitches)}</svg>`,
    wideMm,
    tallMm,
    scale,
  };
}
