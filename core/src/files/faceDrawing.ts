import { frameAt, middleOf, pointOf, polarOf, type Polar } from '../address';
import { directionsOfHead, faceDirection } from '../feature';
import { dot, sub, type Vec3 } from '../form';
import { type PartModel } from '../model';
import { faceWords } from '../words';
import { escaped } from './escaped';
import { MOST, type Faced, tagOf } from './faceMap';
import { patchPaths, threadPath, threadsOf } from './threadDrawing';

const say = faceWords.map;

const MARGIN = 14;

export const BAR_MM = 50;

export const INK = '#0b211d';

/** Lines that are measured on paper have colours of their own, so that nothing else can be taken for them. */
export const MEASURED_COLOURS = {
  bar: '#0a2d29',
  apart: '#1848b4',
  cut: '#7a1f5c',
  thread: '#6b1d4a',
} as const;

export const f = (n: number): string => n.toFixed(3);

export const svg = (width: number, height: number, inner: string, label: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${f(width)}mm" height="${f(height)}mm" viewBox="0 0 ${f(width)} ${f(height)}" role="img" aria-label="${escaped(label)}" font-family="Martian Mono, monospace">${inner}</svg>`;

/** A polar place as seen from the front: mm to the right of the face line and down from the part's middle; `near` on the side that is seen. */
export interface FrontView {
  see: (polar: Polar) => { x: number; y: number; near: boolean };
  point: (p: Vec3) => { x: number; y: number };
}

export function frontView({ head, eyes, at }: Faced): FrontView {
  const own = directionsOfHead(head, faceDirection(head, eyes.pair.centre.by, at.round, eyes.washerMm));
  const middle = middleOf(head.form);
  const point = (p: Vec3) => ({ x: dot(sub(p, middle), own.left), y: -dot(sub(p, middle), own.up) });
  return {
    point,
    see: (polar) => ({
      ...point(pointOf(head.form, polar)),
      near: dot(frameAt(head.form, polar).normal, own.front) > 0.08,
    }),
  };
}

const AROUND = 96;

export function drawingOf(face: Faced): string {
  const { part, at } = face;
  const { form } = part;
  const view = frontView(face);
  const points = Array.from({ length: form.r.length }, (_, row) =>
    Array.from({ length: AROUND }, (_, k) => view.see({ angleRad: (2 * Math.PI * k) / AROUND, row })),
  );
  const outline = hull(points.flat());
  const posts = at.points.map(view.point);
  const middleY = (posts[0].y + posts[1].y) / 2;
  const box = {
    left: Math.min(...outline.map((p) => p.x)),
    right: Math.max(...outline.map((p) => p.x)),
    top: Math.min(...outline.map((p) => p.y)),
    bottom: Math.max(...outline.map((p) => p.y)),
  };
  // The face line is the middle of the page; what does not fit is cut about the eye line.
  const half = Math.min(MOST.wide / 2, Math.max(-box.left, box.right) + MARGIN);
  const tall = Math.min(MOST.tall, box.bottom - box.top + 8);
  const top =
    tall < MOST.tall
      ? box.top - 4
      : Math.max(box.top - 4, Math.min(box.bottom + 4 - tall, middleY - tall / 2));
  const cut = half * 2 < Math.max(-box.left, box.right) * 2 || tall < box.bottom - box.top;
  const x = (mm: number) => f(mm + half);
  const y = (mm: number) => f(mm - top);
  const path = (list: readonly { x: number; y: number }[]) =>
    list.map((p, i) => `${i ? 'L' : 'M'}${x(p.x)} ${y(p.y)}`).join('');
  const wide = Math.max(half * 2, BAR_MM + 24);
  const shift = (wide - half * 2) / 2;
  const inner = [
    `<path d="${path(outline)}Z" fill="#f4f8f6" stroke="${INK}" stroke-width=".5"/>`,
    roundLines(part, points, x, y),
    `<path d="M${x(0)} 0V${f(tall)}" stroke="${INK}" stroke-width=".25" stroke-dasharray="2 1.5"/>`,
    eyeRound(face, view, x, y),
    patchPaths(face, view, x, y),
    things(face, view, x, y),
    threadsOf(face, view)
      .map((t) => threadPath(t, x, y))
      .join(''),
    eyesAndPosts(face, posts, x, y),
  ].join('');
  const bar = barAt(4, tall + 8);
  return svg(
    wide,
    tall + 14,
    `<g transform="translate(${f(shift)} 0)"><clipPath id="page"><rect x="0" y="0" width="${f(half * 2)}" height="${f(tall)}"/></clipPath><g clip-path="url(#page)">${inner}</g></g>${bar}${cut ? `<text x="${f(BAR_MM + 10)}" y="${f(tall + 10)}" font-size="3" fill="${INK}">${say.cropped}</text>` : ''}`,
    say.heading(part.name),
  );
}

/** Each round from the front, every fifth darker and named. */
function roundLines(
  part: PartModel,
  points: { x: number; y: number; near: boolean }[][],
  x: (n: number) => string,
  y: (n: number) => string,
): string {
  return part.form.rounds
    .map((round, i) => {
      const row = points[i + 1];
      let d = '';
      for (let k = 0; k <= row.length; k++) {
        const [p, before] = [row[k % row.length], row[(k + row.length - 1) % row.length]];
        if (p.near) d += `${k > 0 && before.near ? 'L' : 'M'}${x(p.x)} ${y(p.y)}`;
      }
      const fifth = round.number % 5 === 0;
      const seen = row.filter((p) => p.near);
      const left = seen.length ? seen.reduce((a, b) => (b.x < a.x ? b : a)) : null;
      return `<path d="${d}" fill="none" stroke="${INK}" stroke-width="${fifth ? 0.25 : 0.12}" stroke-opacity="${fifth ? 0.6 : 0.45}"/>${fifth && left ? `<text x="${x(left.x - 1.5)}" y="${y(left.y + 1)}" font-size="3" text-anchor="end" fill="${INK}">${escaped(round.label)}</text>` : ''}`;
    })
    .join('');
}

/** The stitches of the eyes' own round, numbered every five. */
function eyeRound(
  { part, at }: Faced,
  view: FrontView,
  x: (n: number) => string,
  y: (n: number) => string,
): string {
  const { count } = part.fabric.rounds[at.round];
  const reach = Math.floor(count / 2);
  const from = Math.round(at.centre) - reach;
  return Array.from({ length: 2 * reach }, (_, i) => {
    const [foot, top, middle] = [
      view.see(polarOf(part.form, at.round, from + i, 'hole')),
      view.see(polarOf(part.form, at.round, from + i + 1, 'hole')),
      view.see(polarOf(part.form, at.round, from + i + 0.5, 'middle')),
    ];
    if (!foot.near || !top.near) return '';
    const number = ((((from + i) % count) + count) % count) + 1;
    const v = `<path d="M${x(foot.x)} ${y(foot.y)}L${x(middle.x)} ${y(middle.y)}L${x(top.x)} ${y(top.y)}" fill="none" stroke="${INK}" stroke-width=".2"/>`;
    return number % 5 === 0 || number === 1
      ? `${v}<text x="${x(middle.x)}" y="${y(middle.y + 4.2)}" font-size="2.6" text-anchor="middle" fill="${INK}">${number}</text>`
      : v;
  }).join('');
}

function things(
  { head, nose }: Faced,
  view: FrontView,
  x: (n: number) => string,
  y: (n: number) => string,
): string {
  const others = head.things
    .filter((t) => t.kind === 'part')
    .map((t) => ({ t, p: view.see(t.polar) }))
    .filter(({ p }) => p.near)
    .flatMap(({ t, p }) =>
      t.twin
        ? [
            { t, p },
            { t, p: { ...p, x: -p.x } },
          ]
        : [{ t, p }],
    );
  const parts = others
    .map(
      ({ t, p }) =>
        `<circle cx="${x(p.x)}" cy="${y(p.y)}" r="${f(t.reachMm)}" fill="none" stroke="${INK}" stroke-width=".25" stroke-dasharray=".6 .9"/><text x="${x(p.x)}" y="${y(p.y + t.reachMm - 2)}" font-size="2.8" text-anchor="middle" fill="${INK}">${escaped(t.name)}</text>`,
    )
    .join('');
  if (!nose) return parts;
  const p = view.see(nose.at.polar);
  return `${parts}<ellipse cx="${x(p.x)}" cy="${y(p.y)}" rx="${f(nose.nose.widthMm / 2)}" ry="${f(nose.nose.heightMm / 2)}" fill="none" stroke="${INK}" stroke-width=".4"/>${cross(p, x, y, INK)}<text x="${x(p.x)}" y="${y(p.y + nose.nose.heightMm / 2 + 4)}" font-size="3" text-anchor="middle" fill="${INK}">${tagOf(nose.at.name)}</text>`;
}

const cross = (
  p: { x: number; y: number },
  x: (n: number) => string,
  y: (n: number) => string,
  colour: string,
): string =>
  `<path d="M${x(p.x - 1.6)} ${y(p.y)}H${x(p.x + 1.6)}M${x(p.x)} ${y(p.y - 1.6)}V${y(p.y + 1.6)}" stroke="${colour}" stroke-width=".3"/>`;

/** Eyes and washers at true size, their posts as crosses, how far apart, and what each is called. */
function eyesAndPosts(
  { eyes, at, units }: Faced,
  posts: readonly { x: number; y: number }[],
  x: (n: number) => string,
  y: (n: number) => string,
): string {
  const r = eyes.eyeMm / 2;
  const lift = Math.min(...posts.map((p) => p.y)) - Math.max(r, eyes.felt ? eyes.felt.mm / 2 : 0) - 4;
  // From post to post on the paper, lifted above the eyes.
  const [a, b] = posts[0].x <= posts[1].x ? posts : [posts[1], posts[0]];
  const tilt = b.y - a.y;
  const line = `<path d="M${x(a.x)} ${y(lift - Math.max(0, tilt))}L${x(b.x)} ${y(lift - Math.max(0, tilt) + tilt)}" stroke="${MEASURED_COLOURS.apart}" stroke-width=".35"/><path d="M${x(a.x)} ${y(lift - Math.max(0, tilt))}V${y(a.y)}M${x(b.x)} ${y(lift - Math.max(0, tilt) + tilt)}V${y(b.y)}" stroke="${INK}" stroke-width=".15" stroke-dasharray=".8 .8"/>`;
  const marks = posts
    .map((p, i) => {
      const own = `<circle cx="${x(p.x)}" cy="${y(p.y)}" r="${f(r)}" fill="#fff" fill-opacity=".6" stroke="${INK}" stroke-width=".4"/>`;
      const felt = eyes.felt
        ? `<circle cx="${x(p.x)}" cy="${y(p.y)}" r="${f(eyes.felt.mm / 2)}" fill="none" stroke="${INK}" stroke-width=".3"/>`
        : '';
      const washer =
        eyes.making === 'safety eye'
          ? `<circle cx="${x(p.x)}" cy="${y(p.y)}" r="${f(eyes.washerMm / 2)}" fill="none" stroke="${INK}" stroke-width=".25" stroke-dasharray="1.2 1"/>`
          : '';
      const below = Math.max(
        r,
        eyes.making === 'safety eye' ? eyes.washerMm / 2 : 0,
        (eyes.felt?.mm ?? 0) / 2,
      );
      // Long names of posts that stand close are set one below the other.
      const close = Math.abs(b.x - a.x) < 34 && i === 1 ? 4 : 0;
      return `${own}${felt}${washer}${cross(p, x, y, MEASURED_COLOURS.apart)}<text x="${x(p.x)}" y="${y(p.y + below + 7 + close)}" font-size="3.2" font-weight="600" text-anchor="middle" fill="${MEASURED_COLOURS.apart}" stroke="#f4f8f6" stroke-width="1" paint-order="stroke">${tagOf(at.names[i])}</text>`;
    })
    .join('');
  return `${line}<text x="${x((a.x + b.x) / 2)}" y="${y(lift - Math.max(0, tilt) + tilt / 2 - 1.5)}" font-size="4.5" font-weight="600" text-anchor="middle" fill="${MEASURED_COLOURS.apart}" stroke="#f4f8f6" stroke-width="1.2" paint-order="stroke">${units.length(at.spacing.straightMm.value)}</text>${marks}`;
}

export function barAt(x: number, y: number): string {
  const ticks = Array.from(
    { length: BAR_MM / 10 + 1 },
    (_, k) => `M${f(x + 10 * k)} ${f(y - (k % 5 === 0 ? 2.4 : 1.4))}V${f(y - 0.2)}`,
  ).join('');
  return `<path d="M${f(x)} ${f(y)}H${f(x + BAR_MM)}" stroke="${MEASURED_COLOURS.bar}" stroke-width=".5"/><path d="${ticks}" stroke="${INK}" stroke-width=".25"/><text x="${f(x + BAR_MM / 2)}" y="${f(y + 4)}" font-size="3" text-anchor="middle" fill="${INK}">${say.bar(BAR_MM)}</text>`;
}

/** The outline round points: Andrew's monotone chain. */
function hull(points: readonly { x: number; y: number }[]): { x: number; y: number }[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (list: readonly { x: number; y: number }[]) =>
    list.reduce<{ x: number; y: number }[]>((chain, p) => {
      while (chain.length > 1) {
        const [a, b] = chain.slice(-2);
        if ((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x) > 0) break;
        chain.pop();
      }
      chain.push(p);
      return chain;
    }, []);
  return [...half(sorted).slice(0, -1), ...half([...sorted].reverse()).slice(0, -1)];
}
