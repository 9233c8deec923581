import { forceLink, forceSimulation } from 'd3-force-3d';
import { polygonHull } from 'd3-polygon';
import {
  BufferAttribute,
  BufferGeometry,
  DoubleSide,
  Mesh,
  MeshBasicMaterial,
  Raycaster,
  Vector3,
} from 'three';
import { polarOf, pointOf, surfaceDistance } from '@hoppla/core/address';
import { buildFabric } from '@hoppla/core/fabric';
import { formOf, looksOf, meshOf, netOf, relax, type Net, type PartForm, type Vec3 } from '@hoppla/core/form';
import { gaugeOf } from '@hoppla/core/gauge';
import { moveRigid } from '@hoppla/core/join';
import { modelOf, modelToy, rill } from '@hoppla/core/model';
import { read } from '@hoppla/core/notation';
import { rowsOf, VIEWS, type Projection } from '@hoppla/core/picture';
import { hull } from '../../core/src/picture/paths';
import { Picker } from '../src/stage/picker';
import { shownOf } from '../src/stage/shown';
import { dijkstra } from './dijkstra';
import { spreadsOf, type Spread } from './spread';

/** One thing that we do beside what a product team would take for it. Milliseconds: the median, and from where to where nine of ten runs lie. */
export interface Compared {
  what: string;
  opponent: string;
  ours: Spread;
  theirs: Spread;
  /** how many times faster ours is */
  ratio: number;
  goal: number | null;
  /** what has to be said beside the ratio */
  note: string;
}

const compared = (
  what: string,
  opponent: string,
  [ours, theirs]: readonly [Spread, Spread],
  goal: number | null,
  note = '',
): Compared => ({ what, opponent, ours, theirs, ratio: theirs.median / ours.median, goal, note });

/** A closed ball of so many rounds, increases and decreases spread round it. */
function ballText(up: number, even: number): string {
  const rounds = ['R1: 6 sc in ring', 'R2: inc x6'];
  for (let k = 3; k <= up; k++) rounds.push(`R${k}: (${k - 2} sc, inc) x6`);
  rounds.push(`R${up + 1}-${up + even}: sc around`);
  for (let k = 1; k < up; k++)
    rounds.push(`R${up + even + k}: (${up - k - 1} sc, dec) x6`.replace('(0 sc, ', '('));
  return `${rounds.join('\n')}\nclose`;
}

const formOfText = (text: string): PartForm =>
  formOf(
    buildFabric(read(text, { terms: 'us' }).parts[0], []),
    gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false }),
    { fill: 'firm' },
  );

interface Link {
  source: number;
  target: number;
  rest: number;
}

/** Rows and posts of a net as plain springs: a post leans where two stitches share a parent, or one has two. */
function linksOf(net: Net, stitchMm: number): Link[] {
  const { before, parentFrom, parentTo, heightMm, offset, stitches } = net;
  const links: Link[] = [];
  for (let s = 0; s < stitches; s++) {
    if (before[s] !== s) links.push({ source: before[s], target: s, rest: stitchMm });
    const parents = parentTo[s] - parentFrom[s];
    for (let k = 0; k < parents; k++) {
      const aside = (k - (parents - 1) / 2 - offset[s]) * stitchMm;
      links.push({ source: parentFrom[s] + k, target: s, rest: Math.hypot(heightMm[s], aside) });
    }
  }
  return links;
}

const MOST_TICKS = 5000;
/** Both are done when a step moves the points by less than so many stitches, root of the mean square. */
const STILL = 1e-4;

/** Rows and posts of the same part from the same start by a general force library, until a step moves as little as it may in ours, and never more than some hundred ticks. */
function relaxing(up: number, even: number, runs: number): Compared {
  const form = formOfText(ballText(up, even));
  const net = netOf(form);
  const stitchMm = form.gauge.stitchMm;
  let ticks = 0;
  let moved = Infinity;
  const theirs = () => {
    const nodes = Array.from({ length: net.points }, (_, k) => ({
      x: net.start[3 * k],
      y: net.start[3 * k + 1],
      z: net.start[3 * k + 2],
    }));
    const force = forceLink(linksOf(net, stitchMm)).distance((l: Link) => l.rest);
    const simulation = forceSimulation(nodes, 3)
      .force('springs', force)
      .alphaDecay(0)
      .velocityDecay(0.4)
      .stop();
    for (ticks = 1; ticks <= MOST_TICKS; ticks++) {
      const before = nodes.map(({ x, y, z }) => [x, y, z]);
      simulation.tick();
      const square = nodes.reduce(
        (sum, { x, y, z }, k) =>
          sum + (x - before[k][0]) ** 2 + (y - before[k][1]) ** 2 + (z - before[k][2]) ** 2,
        0,
      );
      moved = Math.sqrt(square / nodes.length) / stitchMm;
      if (moved < STILL) break;
    }
  };
  const { iterations } = relax(form, 0.06, { tolerance: STILL });
  const spreads = spreadsOf(() => relax(form, 0.06, { tolerance: STILL }), theirs, runs, 5);
  const how =
    moved < STILL
      ? `they in ${ticks} ticks`
      : `they were not done in ${MOST_TICKS} ticks, which is counted as if they were (a tick still moved ${moved.toExponential(1)} stitches)`;
  return compared(
    `relaxing ${form.fabric.stitches} stitches until a step moves 1e-4 of one`,
    'd3-force-3d, rows and posts as springs, from the same start',
    spreads,
    10,
    `we are done in ${iterations} steps, with filling, bending and shear; ${how}, without`,
  );
}

/** A touch on the otter beside three's own ray through the same triangles. */
function picking(runs: number): Compared {
  let n = 0;
  const model = modelToy(rill(() => `o${++n}`));
  const shown = model.placed.map((placed) =>
    shownOf(model, placed, looksOf(placed.form, modelOf(model, placed.part).part.fill, 'relaxed')),
  );
  const [x, y] = [195, 169];
  const projection: Projection = { rows: rowsOf(VIEWS.front), pivot: [0, -70, 0], pxPerMm: 2.1, x, y };
  const meshes = shown.map(({ looks, placed }) => {
    const points = Float32Array.from(looks.points);
    for (let k = 0; k < points.length; k += 3)
      points.set(moveRigid(placed.placement, [points[k], points[k + 1], points[k + 2]]), k);
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(points, 3));
    geometry.setIndex(new BufferAttribute(Uint32Array.from(looks.triangles), 1));
    const mesh = new Mesh(geometry, new MeshBasicMaterial({ side: DoubleSide }));
    mesh.updateMatrixWorld();
    return mesh;
  });
  const place = (k: number) => [x + ((k * 37) % 90) - 45, y + ((k * 53) % 120) - 60] as const;
  const picker = new Picker(shown, projection);
  picker.at(x, y);
  const ray = (k: number) => {
    const [px, py] = place(k);
    const from = new Vector3((px - x) / 2.1, -70 - (py - y) / 2.1, 500);
    return new Raycaster(from, new Vector3(0, 0, -1)).intersectObjects(meshes)[0];
  };
  const spreads = spreadsOf((k) => picker.at(...place(k)), ray, runs);
  return compared(
    'which stitch a finger means, on the otter',
    'three’s Raycaster, which names a triangle',
    spreads,
    null,
  );
}

/** The points next to each over the edges of the triangles, and how far they are. */
function neighbours(points: readonly Vec3[], triangles: ArrayLike<number>): [number, number][][] {
  const apart = (a: number, b: number) => Math.hypot(...points[a].map((v, k) => v - points[b][k]));
  const next: [number, number][][] = points.map(() => []);
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k++) {
      const [a, b] = [triangles[t + k], triangles[t + ((k + 1) % 3)]];
      next[a].push([b, apart(a, b)]);
      next[b].push([a, apart(a, b)]);
    }
  return next;
}

/** Distances along the fabric beside Dijkstra’s way over the edges of the same triangles. */
function distances(runs: number): Compared {
  const form = formOfText(ballText(20, 24));
  const mesh = meshOf(form);
  const rounds = form.fabric.rounds;
  const points: Vec3[] = [];
  rounds.forEach((round, i) => {
    for (let j = 0; j < round.count; j++)
      points[mesh.first[i] + j] = pointOf(form, polarOf(form, i, j + 0.5, 'middle'));
  });
  if (mesh.centre >= 0) points[mesh.centre] = pointOf(form, { angleRad: 0, row: 0 });
  if (mesh.cap >= 0) points[mesh.cap] = pointOf(form, { angleRad: 0, row: form.r.length - 1 });
  const next = neighbours(points, mesh.triangles);
  const [low, high] = [Math.floor(rounds.length / 4), Math.floor((rounds.length * 3) / 4)];
  const ends = (k: number) => [
    mesh.first[low] + (k % rounds[low].count),
    mesh.first[high] + ((3 * k + 20) % rounds[high].count),
  ];
  let longer = 0;
  const answers: number[] = [];
  const ours = (k: number) => {
    const [a, b] = ends(k);
    answers[k] = surfaceDistance(
      form,
      polarOf(form, low, a - mesh.first[low] + 0.5, 'middle'),
      polarOf(form, high, b - mesh.first[high] + 0.5, 'middle'),
    );
  };
  const theirs = (k: number) => {
    const [a, b] = ends(k);
    longer = Math.max(longer, dijkstra(next, a, b) / answers[k] - 1);
  };
  const spreads = spreadsOf(ours, theirs, runs);
  return compared(
    `a distance along ${form.fabric.stitches} stitches`,
    'Dijkstra over the edges of the same triangles',
    spreads,
    null,
    `its ways are up to ${(100 * longer).toFixed(0)} % too long, ours go straight over the fabric`,
  );
}

/** The outline of a piece for the flat picture. */
function outlines(runs: number): Compared {
  const points = Array.from({ length: 4000 }, (_, k): [number, number] => {
    const [turn, r] = [k * 2.399963, Math.sqrt(k)];
    return [r * Math.cos(turn), r * Math.sin(turn) * 0.7];
  });
  const spreads = spreadsOf(
    () => hull([...points]),
    () => polygonHull([...points]),
    runs,
  );
  const same = hull([...points]).length === polygonHull([...points])!.length;
  return compared(
    'the outline of 4,000 points',
    'd3-polygon',
    spreads,
    null,
    same ? 'the same corners' : 'NOT the same corners',
  );
}

/** Reading and building beside the least that taking the same fabric from a file would cost. */
function reading(runs: number): Compared {
  const text = ballText(20, 24);
  const fabric = buildFabric(read(text, { terms: 'us' }).parts[0], []);
  const json = JSON.stringify(fabric, (_, v: unknown) =>
    ArrayBuffer.isView(v) ? Array.from(v as Int32Array) : v,
  );
  const ours = (k: number) => {
    const fresh = text.replace(/: /g, `:${' '.repeat(k + 1)}`);
    return buildFabric(read(fresh, { terms: 'us' }).parts[0], []);
  };
  const spreads = spreadsOf(ours, () => JSON.parse(json), runs);
  return compared(
    `reading ${text.length} letters and building ${fabric.stitches} stitches, every line new`,
    'JSON.parse of the finished fabric',
    spreads,
    null,
  );
}

/** Everything, each with its opponent in the same run. `quick`: without what takes long, for the guard. */
export const allCompared = (quick: boolean): Compared[] => [
  relaxing(12, 12, quick ? 1 : 3),
  ...(quick ? [] : [relaxing(20, 24, 1)]),
  picking(300),
  distances(quick ? 100 : 300),
  outlines(quick ? 100 : 300),
  reading(quick ? 30 : 60),
];
