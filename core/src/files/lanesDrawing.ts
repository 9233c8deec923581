import type { ToyModel } from '../model';
import { chartOf, mergePath, planOf, spreadOut, type Chart, type ChartLane, type Knot } from '../plan';
import { language, sheetWords as say, type UnitWords, unitWords } from '../words';
import { escaped } from './escaped';

/** Room on a page, mm: A4 landscape less its margins, and what stands beside a strand. */
const PAGE = { wide: 269, left: 3, top: 9, lane: 15, mostLane: 19, mostRoundMm: 4.2 } as const;

/** Between the middles of two signs, mm. */
const KNOT_MM = 4.6;

const f = (mm: number): string => mm.toFixed(2).replace(/\.?0+$/, '');

/** Numbers of everything that is done, from left to right, as the list beside the picture has them. */
interface Numbered {
  n: number;
  title: string;
}

interface Page {
  chart: Chart;
  /** mm a round */
  k: number;
  /** mm between lanes */
  lane: number;
  units: UnitWords;
  numbers: Map<string, number>;
}

const x = ({ k }: Page, along: number): number => PAGE.left + along * k;
const y = ({ lane }: Page, n: number): number => PAGE.top + lane * (n + 0.62);

/** A knot on its strand with its number; those at one spot stand beside each other. Never by colour alone: a rest is a hexagon, all else a circle. */
function knotSvg(
  page: Page,
  { rests, key, window, sign }: Knot,
  { cx, cy }: { cx: number; cy: number },
): string {
  const r = 2;
  const hexagon = Array.from(
    { length: 6 },
    (_, i) =>
      `${f(cx + r * 1.15 * Math.sin((i * Math.PI) / 3))},${f(cy - r * 1.15 * Math.cos((i * Math.PI) / 3))}`,
  ).join(' ');
  const shape = rests
    ? `<polygon points="${hexagon}" fill="#FFD426" stroke="#1D1B05" stroke-width=".4"/>`
    : `<circle cx="${f(cx)}" cy="${f(cy)}" r="${r}" fill="#fff" stroke="#0B211D" stroke-width=".4"/>`;
  const number = `<text x="${f(cx)}" y="${f(cy + 0.85)}" font-size="2.3" text-anchor="middle" font-weight="700">${page.numbers.get(key)}</text>`;
  const when = sign === 'pause' ? windowSvg(page, window, cy + 3.1) : '';
  return when + shape + number;
}

/** When it could be done: a full line in comfort, a broken one as far as it is possible at all. */
function windowSvg(page: Page, window: Knot['window'], at: number): string {
  if (!window) return '';
  const line = (a: number, b: number, dash: string) =>
    b > a
      ? `<path d="M${f(x(page, a))} ${f(at)}H${f(x(page, b))}" stroke="#1848B4" stroke-width=".5"${dash} fill="none"/>`
      : '';
  const end = window.last ?? window.first;
  const comfortable = window.comfortable ?? window.first;
  const tick = (a: number) =>
    `<path d="M${f(x(page, a))} ${f(at - 0.8)}v1.6" stroke="#1848B4" stroke-width=".4"/>`;
  return (
    line(window.first, comfortable, '') +
    line(comfortable, end, ' stroke-dasharray=".8 .8"') +
    tick(window.first) +
    tick(end)
  );
}

/** One part: its strand with a tick for each round, its name, its knots, its loose ends with their lengths. */
function laneSvg(page: Page, lane: ChartLane): string {
  const at = y(page, lane.lane);
  const [from, to, until] = [x(page, lane.from), x(page, lane.from + lane.rounds), x(page, lane.until)];
  const spots = spreadOut(
    lane.knots.map((knot) => x(page, knot.along)),
    KNOT_MM,
  );
  const ticks = Array.from({ length: lane.rounds }, (_, i) => {
    const long = (i + 1) % 5 === 0;
    return `M${f(x(page, lane.from + i + 1))} ${f(at - (long ? 1.6 : 0.9))}v${long ? 3.2 : 1.8}`;
  }).join('');
  const marks = lane.marks
    .filter((_, i) => page.k >= 1.2 || i % 2 === 1)
    .map(
      (m) =>
        `<text x="${f(x(page, m.along))}" y="${f(at + 5.6)}" font-size="2" text-anchor="middle" fill="#436058">${escaped(m.label)}</text>`,
    )
    .join('');
  const loose = (at2: number, mm: number, toward: -1 | 1) =>
    mm > 0
      ? `<path d="M${f(at2)} ${f(at)}q${toward * 1.2} 2.600 ${toward * 0.4} 4.400" stroke="${lane.yarn}" stroke-width=".7" fill="none"/>`
      : '';
  return [
    until > to
      ? `<path d="M${f(to)} ${f(at)}H${f(until)}" stroke="#6C877E" stroke-width=".6" stroke-dasharray=".2 1.4" stroke-linecap="round"/>`
      : '',
    `<path d="M${f(from)} ${f(at)}H${f(to)}" stroke="#0B211D" stroke-width="2.200"/>`,
    `<path d="M${f(from)} ${f(at)}H${f(to)}" stroke="${lane.yarn}" stroke-width="1.600"/>`,
    `<path d="${ticks}" stroke="#0B211D" stroke-width=".25"/>`,
    loose(from, lane.startMm, -1),
    loose(to, lane.lastMm, 1),
    marks,
    nameSvg(page, lane, { from, to, at }),
    ...lane.knots.map((knot, i) => knotSvg(page, knot, { cx: spots[i], cy: at })),
  ].join('');
}

/** The part's name with its two ends, over its strand; ends at the right where the page would cut them. */
function nameSvg(
  page: Page,
  lane: ChartLane,
  { from, at }: { from: number; to: number; at: number },
): string {
  const ends = [lane.startMm, lane.lastMm].filter((mm) => mm > 0).map((mm) => page.units.end(mm));
  const words = `${escaped(lane.name)}<tspan font-weight="400" fill="#436058"> ${escaped(ends.join(' … '))}</tspan>`;
  const late = from > PAGE.wide - 45;
  return `<text x="${f(late ? PAGE.wide : from)}" y="${f(at - 3.6)}" font-size="2.9" font-weight="700"${late ? ' text-anchor="end"' : ''}>${words}</text>`;
}

function mergesSvg(page: Page): string {
  return page.chart.merges
    .map((merge) => {
      const at = x(page, merge.along);
      const host = y(page, merge.to ?? page.chart.lanes.length);
      const guest = merge.from === null ? host : y(page, merge.from);
      const joins = merge.from !== null && merge.to !== null && merge.from !== merge.to;
      const curve = joins
        ? `<path d="${mergePath([at, guest], [at + 2.4 * page.k, host])}" stroke="${merge.yarn ?? '#0B211D'}" stroke-width="1.100" fill="none"/>`
        : '';
      const [cx, cy] = joins ? [at + 2.4 * page.k, host] : [at, host];
      return `${curve}<rect x="${f(cx - 1.9)}" y="${f(cy - 1.9)}" width="3.800" height="3.800" fill="#fff" stroke="#1848B4" stroke-width=".4"/><text x="${f(cx)}" y="${f(cy + 0.85)}" font-size="2.300" text-anchor="middle" font-weight="700">${page.numbers.get(merge.key)}</text>`;
    })
    .join('');
}

/** Everything that is done, in the order of the picture. */
function numbered(chart: Chart): (Numbered & { key: string })[] {
  const knots = chart.lanes.flatMap((l) => l.knots);
  return [...knots, ...chart.merges]
    .map((one, order) => ({ one, order }))
    .sort((a, b) => a.one.along - b.one.along || a.order - b.order)
    .map(({ one }, i) => ({ key: one.key, n: i + 1, title: one.title }));
}

function pageOf(model: ToyModel): Page & { list: Numbered[] } {
  const chart = chartOf(model, planOf(model));
  const list = numbered(chart);
  return {
    chart,
    k: Math.min(PAGE.mostRoundMm, (PAGE.wide - 2 * PAGE.left) / Math.max(1, chart.long)),
    lane: Math.min(PAGE.mostLane, Math.max(11, 125 / (chart.lanes.length + 1))),
    units: unitWords(model.toy.settings.units),
    numbers: new Map(list.map((l) => [l.key, l.n])),
    list,
  };
}

/** The lanes of a toy as one SVG, mm. */
export function lanesSvg(model: ToyModel): string {
  return svgOf(pageOf(model), model);
}

function svgOf(page: Page, model: ToyModel): string {
  const high = PAGE.top + page.lane * (page.chart.lanes.length + 1) + 2;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${PAGE.wide}mm" height="${f(high)}mm" viewBox="0 0 ${PAGE.wide} ${f(high)}" font-family="'Atkinson Hyperlegible Next','Atkinson Hyperlegible',Verdana,sans-serif" fill="#0B211D"><title>${escaped(say.lanesOf(model.toy.name))}</title>${page.chart.lanes.map((l) => laneSvg(page, l)).join('')}${mergesSvg(page)}</svg>`;
}

/** The lanes with the list of their numbers, on one A4 page lying, for the wall. */
export function lanesHtml(model: ToyModel): string {
  const page = pageOf(model);
  const items = page.list.map(({ n, title }) => `<li value="${n}">${escaped(title)}</li>`).join('');
  return `<!doctype html>
<html lang="${language()}"><head><meta charset="utf-8"><title>${escaped(say.lanesOf(model.toy.name))}</title><style>
@page{size:A4 landscape;margin:12mm 14mm}
body{font:8.5pt/1.3 "Atkinson Hyperlegible Next","Atkinson Hyperlegible",Verdana,sans-serif;color:#0b211d;margin:0;max-width:269mm}
h1{font-size:16pt;margin:0}p{margin:0 0 1mm;color:#436058}
ol{columns:4;column-gap:5mm;margin:1mm 0 0;padding-left:6mm}li{break-inside:avoid}
svg{display:block;max-width:100%;height:auto}
</style></head><body><h1>${escaped(model.toy.name)}</h1><p>${escaped(say.lanesHow)}</p>${svgOf(page, model)}<ol>${items}</ol></body></html>
`;
}
