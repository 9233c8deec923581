import { frameAt, holeTag, middleOf, pointOf, polarOf, type Polar } from '../address';
import {
  directionsOfHead,
  faceDirection,
  schoolsOf,
  wordsContext,
  type EyePair,
  type EyesAt,
  type Head,
  type Nose,
  type NoseAt,
} from '../feature';
import { DISC_OVER_WASHER_MM } from '../figures';
import { dot, sub, type Vec3 } from '../form';
import { planOf, satinThreadMm, stepCheckWords, type PostsTask } from '../plan';
import { headOf, type PartModel, type ToyModel } from '../model';
import { faceWords, safetyWords, unitWords, type UnitWords } from '../words';
import { escaped } from './escaped';

const say = faceWords.map;

/** What is drawn at most, mm: it fits between the margins of A4 and of Letter. */
const MOST = { wide: 180, tall: 150 };
const MARGIN = 14;
const BAR_MM = 50;
const INK = '#0b211d';
/** Lines that are measured on paper have colours of their own, so that nothing else can be taken for them. */
export const MEASURED_COLOURS = { bar: '#0a2d29', apart: '#1848b4' } as const;

/** One part's face as it is now. */
interface Faced {
  model: ToyModel;
  part: PartModel;
  head: Head;
  eyes: EyePair;
  at: EyesAt;
  nose: { nose: Nose; at: NoseAt } | null;
  units: UnitWords;
}

const sharesACopy = (a: { copy: string | null }, b: { copy: string | null }): boolean =>
  a.copy === null || b.copy === null || a.copy === b.copy;

/** The faces of a toy that can be drawn: every pair of eyes that has its round. */
function facesIn(model: ToyModel, partId?: string): Faced[] {
  return model.eyes.flatMap(({ eyes, state }) => {
    const part = model.parts.find((p) => p.part.id === eyes.part);
    if (!part || state.state === 'homeless' || (partId !== undefined && partId !== eyes.part)) return [];
    const own = model.noses.find((n) => n.nose.part === eyes.part && sharesACopy(n.nose, eyes));
    return [
      {
        model,
        part,
        head: headOf(model, part),
        eyes,
        at: state,
        nose: own && own.state.state !== 'homeless' ? { nose: own.nose, at: own.state } : null,
        units: unitWords(model.toy.settings.units),
      },
    ];
  });
}

/** The face of each part that has eyes, from the front in true size: one SVG a pair of eyes, its lengths in mm. */
export function faceMapSvgs(model: ToyModel): { name: string; svg: string }[] {
  return facesIn(model).map((face) => ({ name: face.part.name, svg: drawingOf(face) }));
}

/**
 * The face map of one part as an HTML document that prints in true size on A4 and Letter: the face from the front, places in every school asked for (all of
 * them without `schools`), when, what to have ready, the checks before the click, and templates to cut. `null` when the part has no eyes on it.
 */
export function faceMapHtml(model: ToyModel, partId: string, schools?: readonly string[]): string | null {
  const face = facesIn(model, partId)[0];
  if (!face) return null;
  const { part, head, eyes, at, units } = face;
  const { window, spacing } = at;
  const words = schoolsOf(wordsContext(head, eyes.pair.centre.by, eyes), at).filter(
    (s) => !schools || schools.includes(s.id),
  );
  const round = (n: number | null) => (n === null ? say.never : `R${n}`);
  const step = planOf(model).steps.find((s): s is PostsTask => s.kind === 'eyes' && s.feature === eyes.id);
  const templates = templatesOf(face);
  const list = (items: readonly string[]) =>
    `<ul>${items.map((i) => `<li>${escaped(i)}</li>`).join('')}</ul>`;
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(model.toy.name)}: ${say.title}</title><style>${STYLE}</style></head>
<body><header><h1>${escaped(`${model.toy.name}. ${say.heading(part.name)}`)}</h1><p>${say.trueSize} ${say.seen}</p></header>
${drawingOf(face)}
<p class="lead" data-apart="${spacing.straightMm.value.toFixed(3)}">${escaped(say.straight(units.length(spacing.straightMm.value), units.bare(spacing.straightMm.low), units.bare(spacing.straightMm.high)))}. ${escaped(at.names.map((n) => tagOf(n)).join(' · '))}${eyes.pair.linked ? '' : `. ${say.crooked}`}</p>
<div class="two"><section><h2>${say.schools}</h2>${list(words.map((w) => w.words))}</section>
<section><h2>${say.window}</h2><p>${window.known ? say.windowOf(round(window.first), round(window.lastComfortable), round(window.lastPossible)) : faceWords.windowNotKnown}${window.into ? ` ${say.into(round(window.into.round), window.into.stitches)}` : ''}</p><h2>${say.ready}</h2>${list(readyFor(face))}</section></div>
${step && step.checks.length ? `<section><h2>${say.checks}</h2><ul class="boxes">${step.checks.map((c) => `<li><i></i>${escaped(stepCheckWords(step, c, model))}</li>`).join('')}</ul></section>` : ''}
${templates.length ? `<section class="cut"><h2>${say.cut}</h2>${templateSvg(templates)}</section>` : ''}
<footer>${eyes.making === 'safety eye' || face.nose?.nose.making === 'safety nose' ? `${say.age} ` : ''}${escaped(safetyWords.caution)}</footer></body></html>
`;
}

const tagOf = (name: Parameters<typeof holeTag>[0]): string => {
  const { rounds, stitches } = holeTag(name);
  return `${rounds} | ${stitches}`;
};

function readyFor({ eyes, at, nose, units }: Faced): string[] {
  const ready: string[] = [];
  if (eyes.making === 'safety eye')
    ready.push(say.eyes(String(eyes.eyeMm), String(eyes.postMm), String(eyes.washerMm)));
  else ready.push(say.embroidered(String(eyes.eyeMm), units.end(satinThreadMm(eyes.eyeMm, eyes.eyeMm))));
  if (eyes.making === 'safety eye' && at.retention.band !== 3)
    ready.push(say.discs(2, String(eyes.washerMm + DISC_OVER_WASHER_MM)));
  if (eyes.felt) ready.push(say.felt(2, String(eyes.felt.mm)));
  if (nose) {
    const { nose: n } = nose;
    ready.push(
      n.making === 'safety nose'
        ? say.nose(String(n.widthMm), String(n.heightMm), String(n.postMm), String(n.washerMm))
        : say.embroideredNose(
            String(n.widthMm),
            String(n.heightMm),
            units.end(satinThreadMm(n.widthMm, n.heightMm)),
          ),
    );
    if (n.felt) ready.push(say.felt(1, String(n.felt.mm)));
  }
  return [...ready, say.always];
}

/** Felt to cut: how wide, the hole for the post, and what it is. */
function templatesOf({ eyes, at, nose }: Faced): { mm: number; holeMm: number; label: string }[] {
  const twice = <T>(x: T): T[] => [x, x];
  return [
    ...(eyes.felt
      ? twice({
          mm: eyes.felt.mm,
          holeMm: eyes.making === 'safety eye' ? eyes.postMm : 0,
          label: say.feltLabel(String(eyes.felt.mm)),
        })
      : []),
    ...(eyes.making === 'safety eye' && at.retention.band !== 3
      ? twice({
          mm: eyes.washerMm + DISC_OVER_WASHER_MM,
          holeMm: eyes.postMm,
          label: say.discLabel(String(eyes.washerMm + DISC_OVER_WASHER_MM)),
        })
      : []),
    ...(nose?.nose.felt
      ? [
          {
            mm: nose.nose.felt.mm,
            holeMm: nose.nose.making === 'safety nose' ? nose.nose.postMm : 0,
            label: say.feltLabel(String(nose.nose.felt.mm)),
          },
        ]
      : []),
  ];
}

function templateSvg(templates: readonly { mm: number; holeMm: number; label: string }[]): string {
  let x = 2;
  let y = 2;
  let row = 0;
  const drawn = templates.map(({ mm, holeMm, label }) => {
    if (x + mm > MOST.wide) [x, y, row] = [2, y + row + 8, 0];
    const [cx, cy] = [x + mm / 2, y + mm / 2];
    x += mm + 6;
    row = Math.max(row, mm);
    return `<circle cx="${f(cx)}" cy="${f(cy)}" r="${f(mm / 2)}" fill="none" stroke="${INK}" stroke-width=".35"/>${holeMm ? `<circle cx="${f(cx)}" cy="${f(cy)}" r="${f(holeMm / 2)}" fill="none" stroke="${INK}" stroke-width=".3" stroke-dasharray="1 .8"/>` : ''}<text x="${f(cx)}" y="${f(y + mm + 4)}" font-size="3" text-anchor="middle" fill="${INK}">${escaped(label)}</text>`;
  });
  return svg(MOST.wide, y + row + 6, drawn.join(''), say.cut);
}

const f = (n: number): string => n.toFixed(3);
const svg = (width: number, height: number, inner: string, label: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${f(width)}mm" height="${f(height)}mm" viewBox="0 0 ${f(width)} ${f(height)}" role="img" aria-label="${escaped(label)}" font-family="Martian Mono, monospace">${inner}</svg>`;

/** A polar place as seen from the front: mm to the right of the face line and down from the part's middle; `near` on the side that is seen. */
interface FrontView {
  see: (polar: Polar) => { x: number; y: number; near: boolean };
  point: (p: Vec3) => { x: number; y: number };
}

function frontView({ head, eyes, at }: Faced): FrontView {
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

function drawingOf(face: Faced): string {
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
    things(face, view, x, y),
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

function barAt(x: number, y: number): string {
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

const STYLE = `
@page{margin:12mm}
*{box-sizing:border-box}
body{font:10pt/1.35 "Atkinson Hyperlegible Next","Atkinson Hyperlegible",Verdana,sans-serif;color:#0b211d;max-width:186mm;margin:0 auto;padding:0}
@media screen{body{padding:6mm 4mm}}
h1{font-size:18pt;line-height:1.15;margin:0}h2{font-size:11.5pt;margin:3mm 0 1mm;break-after:avoid}
header p,p{margin:0 0 1.5mm}header p{color:#436058}
svg{display:block;margin:2mm auto 0;max-width:none}
.lead{font-weight:700;font-variant-numeric:tabular-nums}
.two{display:flex;gap:8mm}.two section{flex:1}
ul{margin:0;padding-left:4.5mm}li{break-inside:avoid}
.boxes{list-style:none;padding:0;columns:2;column-gap:8mm}.boxes i{display:inline-block;width:3.6mm;height:3.6mm;border:.3mm solid #0b211d;margin-right:2mm;vertical-align:-.6mm}
.cut{break-inside:avoid}.cut svg{margin-left:0}
footer{margin-top:4mm;border-top:.4mm solid #0b211d;padding-top:1.5mm;color:#436058;font-size:8.5pt}
`;
