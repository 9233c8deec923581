import { frameAt, holeName, pointOf, polarOf, type Polar } from '../address';
import { cross, dot, sub, unit, type PartForm, type Vec3 } from '../form';
import { pieceKey, toyDirections, type JoinSite } from '../join';
import { modelOf, type ToyModel } from '../model';
import { sheetWords as say } from '../words';
import { escaped, inline } from './escaped';
import { f, INK, MEASURED_COLOURS, svg } from './faceDrawing';

/** Room round a seam, and the most that fits on a page beside its words, mm. */
const MARGIN = 9;
const MOST_WIDE = 120;
/** A place that is turned away further than that is not seen, as the cosine of its angle. */
const SEEN = 0.12;
/** Letters of rounds and of stitches, mm. */
const LETTERS = { round: 2.6, edge: 2.3 };
/** How far a stitch's number stands off its dot, mm. */
const OFF = 2.4;

/** Places of a host seen straight from outside, upright as the toy stands: mm to the right and down from the middle of the seam. */
function viewOf(form: PartForm, polar: Polar, up: Vec3, front: Vec3) {
  const middle = pointOf(form, polar);
  const { normal } = frameAt(form, polar);
  // On top of the toy or under it there is no up: there the front is below.
  const high = Math.abs(dot(up, normal)) > 0.9 ? ([-front[0], -front[1], -front[2]] as Vec3) : up;
  const along = dot(high, normal);
  const upright = unit(sub(high, [normal[0] * along, normal[1] * along, normal[2] * along]));
  const right = cross(upright, normal);
  return {
    point: (p: Vec3) => ({ x: dot(sub(p, middle), right), y: -dot(sub(p, middle), upright) }),
    seen: (at: Polar) => dot(frameAt(form, at).normal, normal) > SEEN,
  };
}

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

interface RoundLine {
  svg: string;
  /** between which rounds, and where that is written, mm */
  name: string;
  y: number;
  /** a stitch of the seam lies on it */
  sewn: boolean;
}

/** The line between two rounds with its holes, as far as it lies in the box. */
function roundLine(
  form: PartForm,
  round: number,
  view: ReturnType<typeof viewOf>,
  box: Box,
  sewn: boolean,
): RoundLine[] {
  const { count } = form.fabric.rounds[round];
  const holes = Array.from({ length: count }, (_, k) => {
    const polar = polarOf(form, round, k, 'hole');
    return { k, ...view.point(pointOf(form, polar)), seen: view.seen(polar) };
  })
    .filter((h) => h.seen && h.x >= box.left && h.x <= box.right && h.y >= box.top && h.y <= box.bottom)
    .sort((a, b) => a.x - b.x);
  if (holes.length === 0) return [];
  const way = holes.map((h, i) => `${i === 0 ? 'M' : 'L'}${f(h.x)} ${f(h.y)}`).join('');
  const dots = holes.map((h) => `<circle cx="${f(h.x)}" cy="${f(h.y)}" r=".4"/>`).join('');
  return [
    {
      svg: `<path d="${way}" fill="none" stroke="${INK}" stroke-opacity=".25" stroke-width=".2"/><g fill="${INK}" fill-opacity=".55">${dots}</g>`,
      name: `R${holeName(form, round, holes[0].k).round.join('·')}`,
      y: holes[0].y,
      sewn,
    },
  ];
}

/** Names of the lines at their left ends, of those first on which stitches lie; one that would lie over another is left out. */
function namesOf(lines: readonly RoundLine[], left: number): string {
  const written: number[] = [];
  return [...lines]
    .sort((a, b) => Number(b.sewn) - Number(a.sewn))
    .filter(({ y }) => {
      const free = written.every((other) => Math.abs(other - y) >= LETTERS.round);
      if (free) written.push(y);
      return free;
    })
    .map(
      ({ name, y }) =>
        `<text x="${f(left - 1.5)}" y="${f(y + LETTERS.round / 3)}" font-size="${LETTERS.round}" text-anchor="end">${name}</text>`,
    )
    .join('');
}

/** The stitches of the seam, numbered as they stand in the edge, in the order in which they are sewn; a ring is a pin. */
function seamMarks(site: JoinSite, points: readonly { x: number; y: number }[]): string {
  const middle = {
    x: points.reduce((sum, p) => sum + p.x, 0) / points.length,
    y: points.reduce((sum, p) => sum + p.y, 0) / points.length,
  };
  const pinned = new Set(site.pins.map((p) => JSON.stringify(p.name)));
  const way = points.map((p, i) => `${i === 0 ? 'M' : 'L'}${f(p.x)} ${f(p.y)}`).join('');
  const marks = site.seam.map((s, i) => {
    const { x, y } = points[i];
    const far = Math.hypot(x - middle.x, y - middle.y) || 1;
    const [tx, ty] = [x + ((x - middle.x) / far) * OFF, y + ((y - middle.y) / far) * OFF + 0.8];
    const pin = pinned.has(JSON.stringify(s.name))
      ? `<circle cx="${f(x)}" cy="${f(y)}" r="1.5" fill="none" stroke="${MEASURED_COLOURS.apart}" stroke-width=".35"/>`
      : '';
    return `${pin}<circle cx="${f(x)}" cy="${f(y)}" r="${i === 0 ? 1 : 0.7}" fill="${INK}" data-edge="${s.edge}"/><text x="${f(tx)}" y="${f(ty)}" font-size="${LETTERS.edge}" text-anchor="middle" font-weight="${i === 0 ? 700 : 500}">${s.edge}</text>`;
  });
  return `<path d="${way}" fill="none" stroke="${INK}" stroke-width=".3" stroke-dasharray="1 .8"/>${marks.join('')}`;
}

/**
 * Where a piece is sewn onto the surface of another, in true size as seen straight from outside: the holes of the host's rounds, and the seam
 * stitch by stitch. Null where no seam is sewn; a sentence where the seam goes round an end or is wider than a page.
 */
export function joinMap(
  model: ToyModel,
  join: string,
  copy: string,
): { svg: string } | { none: string } | null {
  const site = model.sites.find((s) => s.join.id === join)?.sites.find((s) => s.copy === copy);
  const host = site && model.placed.find((p) => pieceKey(p) === pieceKey(site.join.at));
  if (!site || !host || site.seam.length === 0) return null;
  if (site.how !== 'surface') return { none: say.joinMapNone.end };
  const { form } = modelOf(model, site.join.at.part);
  const { up, front } = toyDirections(host);
  const view = viewOf(form, site.polar, up, front);
  const points = site.seam.map((s) => view.point(s.hostPoint));
  const box: Box = {
    left: Math.min(...points.map((p) => p.x)) - MARGIN,
    right: Math.max(...points.map((p) => p.x)) + MARGIN,
    top: Math.min(...points.map((p) => p.y)) - MARGIN / 2,
    bottom: Math.max(...points.map((p) => p.y)) + MARGIN / 2,
  };
  const names = 14;
  // The names of the outermost lines reach a little over them.
  const [wide, tall] = [box.right - box.left + names, box.bottom - box.top + LETTERS.round];
  if (wide > MOST_WIDE) return { none: say.joinMapNone.wide };
  const rounds = site.seam.map((s) => s.round);
  const [from, to] = [
    Math.max(1, Math.min(...rounds) - 1),
    Math.min(form.fabric.rounds.length - 1, Math.max(...rounds) + 2),
  ];
  const lines = Array.from({ length: Math.max(0, to - from + 1) }, (_, k) =>
    roundLine(form, from + k, view, box, rounds.includes(from + k)),
  ).flat();
  const drawn = `<g transform="translate(${f(names - box.left)} ${f(LETTERS.round / 2 - box.top)})">${lines.map((l) => l.svg).join('')}${namesOf(lines, box.left)}${seamMarks(site, points)}</g>`;
  return { svg: svg(wide, tall, drawn, say.joinMap) };
}

/** The map of a seam within a sheet, or why it has none; how it is to be read is told once. */
export function joinMapHtml(
  model: ToyModel,
  sewn: { join: string; copy: string },
  told: Set<string>,
): string {
  const map = joinMap(model, sewn.join, sewn.copy);
  if (!map) return '';
  const words = 'svg' in map ? say.joinMapHow : map.none;
  const small = told.has(words) ? '' : `<small>${escaped(words)}</small>`;
  told.add(words);
  if ('svg' in map) return `<span class="seam-map">${inline(map.svg)}${small}</span>`;
  return small === '' ? '' : `<br>${small}`;
}
