import { postTag } from '@hoppla/core/address';
import {
  edgeRange,
  isFlattened,
  pauseInSeam,
  pieceKey,
  seamEndMm,
  seamKind,
  sharedIn,
  type JoinSite,
  type SewnJoin,
  type Placed,
} from '@hoppla/core/join';
import {
  balanceOf,
  copyName,
  everyJoin,
  meetingsOf,
  meetingWords,
  marginRange,
  mendSentence,
  modelOf,
  standingWords,
  type ToyModel,
} from '@hoppla/core/model';
import { isUnder36 } from '@hoppla/core/safety';
import { joinWords, planWords, unitWords } from '@hoppla/core/words';
import type { Answer, Call } from './call';
import { caughtJson, caughtLine, drawnJson, drawnLine, nameOf } from './joinKinds';
import { heightAndTurn, ringsOf } from './joinPlaces';
import { surfaceJson, surfaceLines } from './joinSurface';
import { cliWords as say } from './words';

/** Seams stand off by more than this, mm, are told as gaps. */
const GAP_MM = 1;

/** Every join of a toy: edges, place, pins, seam map; loose pieces; balance. Exit 1 where a join cannot be made. */
export function joinsAnswer(model: ToyModel, call: Call): Answer {
  const code = model.joinFaults.length + model.caughtFaults.length > 0 ? 1 : 0;
  if (!call.flags.has('--json')) return { out: joinsText(model), err: faultLines(model), code };
  const placed = new Set(model.placed.map(pieceKey));
  const held = new Set(
    everyJoin(model).flatMap(({ join, sites }) =>
      sites.map((s) => pieceKey({ part: join.guest.part, copy: s.copy })),
    ),
  );
  const json = {
    pieces: model.pieces.map((p) => ({
      ...nameOf(model, p),
      placed: placed.has(pieceKey(p)),
      root: placed.has(pieceKey(p)) && !held.has(pieceKey(p)),
    })),
    joins: [
      ...model.sites.flatMap(({ join, sites }) => sites.map((site) => joinJson(model, join, site))),
      ...model.drawn.flatMap(({ sites }) => sites.map((site) => drawnJson(model, site))),
      ...model.caught.flatMap(({ sites }) => sites.map((site) => caughtJson(model, site))),
    ],
    loose: model.loose.map((p) => nameOf(model, p)),
    gaps: [
      ...model.joinFaults.map((f) => ({ join: f.join.id, what: f.fault })),
      ...model.caughtFaults.map((f) => ({ join: null, what: 'more caught than made', ...f })),
      ...model.sites.flatMap(({ join, sites }) =>
        sites
          .filter((s) => s.burial().gapMm > GAP_MM || s.seam.length === 0)
          .map((s) => ({
            join: join.id,
            what: s.seam.length === 0 ? 'no seam' : 'gap',
            mm: round(s.burial().gapMm),
          })),
      ),
    ],
    ...surfaceJson(model),
    meetings: meetingsOf(model).map((m) => ({
      what: m.what,
      mm: round(m.mm),
      words: meetingWords(model, m, UNITS),
    })),
    size: sizeOf(model),
    balance: balanceJson(model),
  };
  return { out: `${JSON.stringify(json, null, 2)}\n`, err: faultLines(model), code };
}

/** How the toy stands, with the range of its margin; null while nothing is put together. */
function balanceJson(model: ToyModel) {
  const balance = balanceOf(model);
  const range = marginRange(model);
  return (
    balance && {
      massG: round(balance.massG),
      assumed: balance.assumed,
      marginMm: round(balance.marginMm),
      marginRangeMm: [range!.low, range!.high].map(round),
      leansDeg: balance.leansDeg,
      tips: balance.tips,
      mend: mendSentence(model, UNITS),
      necks: balance.necks.map((n) => ({ join: n.join.id, gPerCm: round(n.gPerCm), wobbles: n.wobbles })),
    }
  );
}

const UNITS = unitWords('mm');
const round = (value: number): number => Math.round(value * 100) / 100;

const faultLines = (model: ToyModel): string =>
  [
    ...model.joinFaults.map(({ join, fault }) => {
      const [guest, host] = [join.guest.part, join.at.part].map((p) => modelOf(model, p).name);
      return planWords.joinFault[fault](guest, host);
    }),
    ...model.caughtFaults.map((f) =>
      planWords.moreCaught(modelOf(model, f.host.part).name, f.name, f.caught, f.made),
    ),
  ]
    .map((line) => `${line}\n`)
    .join('');

/** How a join is called for other programs. */
function kindOf(join: SewnJoin, site: JoinSite): string {
  return site.how === 'rim' ? 'edge to edge' : join.kind;
}

const aimJson = ({ aim }: SewnJoin, site: JoinSite) => ({
  tiltDeg: round(site.tiltDeg),
  towardDeg: round(site.towardDeg),
  turnDeg: aim.turnDeg,
  way: aim.way,
  heldOffDeg: round(site.heldOffDeg),
});

function joinJson(model: ToyModel, join: SewnJoin, site: JoinSite) {
  const guest = modelOf(model, join.guest.part);
  const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at))!;
  const kind = seamKind(site);
  const seamPoints = site.seam.map((s) => s.hostPoint);
  const twice = join.seam.twice || isUnder36(model.toy.settings.age);
  const range = edgeRange(guest.form, join.edge);
  const yarnOf = join.seam.yarn === 'host' ? modelOf(model, join.at.part) : guest;
  return {
    id: join.id,
    kind: kindOf(join, site),
    guest: nameOf(model, { part: join.guest.part, copy: site.copy }),
    host: nameOf(model, join.at),
    edge: {
      which: join.edge.which,
      ...range,
      count: site.guestEdge,
      layers: isFlattened(join.edge) ? 2 : 1,
      pinched: join.edge.pinched,
    },
    hostStitches: new Set(site.seam.map((s) => postTag(s.name))).size,
    place: {
      tag: site.name ? postTag(site.name) : null,
      words: placeWords(model, host, site),
      ...heightAndTurn(host, seamPoints),
    },
    aim: aimJson(join, site),
    pins: site.pins.map((p) => ({ at: p.at, tag: postTag(p.name), edge: p.edge })),
    seam: site.seam.map((s) => ({
      host: postTag(s.name),
      edge: s.edge,
      ...(s.under === null ? {} : { under: s.under }),
    })),
    shared: sharedIn(site.seam),
    startAt: site.seam[0]?.edge ?? null,
    stitch: kind,
    tailMm: seamEndMm(kind, site.guestEdge, yarnOf.gauge.stitchMm, twice),
    tailOf: join.seam.yarn,
    twice,
    pauseAfter: pauseInSeam(site, guest.form),
    gapMm: round(site.burial().gapMm),
    buriedMm: round(site.burial().buriedMm),
    missMirrorMm: round(site.missMm),
  };
}

function placeWords(model: ToyModel, host: Placed, site: JoinSite): string {
  if (site.name) return joinWords.place(postTag(site.name));
  const { label } = host.form.fabric.rounds[site.round];
  return site.how === 'rim'
    ? planWords.edgeToEdge(site.guestEdge, site.hostEdge)
    : planWords.roundTheEnd(label || modelOf(model, host.part).name);
}

function sizeOf(model: ToyModel) {
  const points = model.placed.flatMap(ringsOf);
  if (points.length === 0) return null;
  const span = (i: number) =>
    round(Math.max(...points.map((p) => p[i])) - Math.min(...points.map((p) => p[i])));
  return { widthMm: span(0), heightMm: span(1), depthMm: span(2) };
}

function joinsText(model: ToyModel): string {
  const lines = model.sites.flatMap(({ join, sites }) =>
    sites.flatMap((site) => {
      const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at))!;
      const guest = copyName(modelOf(model, join.guest.part), site.copy);
      const kind = seamKind(site);
      return [
        `${guest} on ${copyName(modelOf(model, join.at.part), join.at.copy)}: ${joinWords.edges[join.edge.which]}, ${site.guestEdge} stitches, ${placeWords(model, host, site)}; ${planWords.seamKinds[kind]}`,
        `  pins: ${site.pins.map((p) => `${p.at} ${postTag(p.name)}`).join(', ')}`,
        `  seam: ${site.seam.map((s) => `${s.edge}${s.under === null ? '' : `+${s.under}`} at ${postTag(s.name)}`).join(', ') || say.noSeam}`,
        ...(site.missMm > 0 ? [`  ${joinWords.mirror(UNITS.fine(site.missMm))}`] : []),
      ];
    }),
  );
  const size = sizeOf(model);
  const balance = balanceOf(model);
  return [
    ...lines,
    ...model.drawn.flatMap(({ sites }) => sites.map((site) => drawnLine(model, site))),
    ...model.caught.flatMap(({ sites }) => sites.map((site) => caughtLine(model, site))),
    ...surfaceLines(model),
    ...(model.loose.length
      ? [planWords.loose(model.loose.map((p) => copyName(modelOf(model, p.part), p.copy)))]
      : []),
    ...meetingsOf(model).map((m) => meetingWords(model, m, UNITS)),
    ...(size
      ? [
          `${size.widthMm.toFixed(0)} x ${size.heightMm.toFixed(0)} x ${size.depthMm.toFixed(0)} mm (wide x tall x deep)`,
        ]
      : []),
    ...(balance
      ? [
          `${standingWords(model, UNITS)} ${balance.massG.toFixed(0)} g.${balance.assumed ? ` ${joinWords.assumedYarn}` : ''}`,
        ]
      : []),
    ...[mendSentence(model, UNITS)].filter((x) => x !== null),
    ...(balance?.necks ?? [])
      .filter((n) => n.wobbles)
      .map((n) => joinWords.neck(`${n.gPerCm.toFixed(1)} g/cm`)),
  ]
    .map((line) => `${line}\n`)
    .join('');
}
