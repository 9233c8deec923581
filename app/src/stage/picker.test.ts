import { type Projection, standAlone, VIEWS, project, rowsOf, viewName } from '@hoppla/core/picture';
import { cameraOf } from './three/camera';
import {
  BufferAttribute,
  BufferGeometry,
  DoubleSide,
  Mesh,
  MeshBasicMaterial,
  Raycaster,
  Vector3,
} from 'three';
import { looksOf, unit, type Vec3 } from '@hoppla/core/form';
import { moveRigid } from '@hoppla/core/join';
import { modelOf, modelToy, rill } from '@hoppla/core/model';
import { heldProjection, STRAIGHT, turnedBy, zoomedBy } from './hold';
import { addParts, changeSettings, newToy } from '@hoppla/core/toy';
import { Picker } from './picker';
import { apart, readingWords, walked } from './reading';
import { stitchIndex } from './draped';
import { shownOf, stitchAt, type Shown } from './shown';

let n = 0;
const model = modelToy(rill(() => `i${++n}`));
const pieces: Shown[] = model.placed.map((placed) =>
  shownOf(model, placed, looksOf(placed.form, modelOf(model, placed.part).part.fill, 'relaxed')),
);
const [WIDTH, HEIGHT] = [390, 338];
const at = (yaw: number, pitch: number): Projection => ({
  rows: rowsOf({ yaw, pitch }),
  pivot: [0, -70, 0],
  pxPerMm: 2.1,
  x: WIDTH / 2,
  y: HEIGHT / 2,
});
const worldMiddle = (piece: Shown, s: number): Vec3 =>
  moveRigid(piece.placed.placement, [
    piece.looks.middles[3 * s],
    piece.looks.middles[3 * s + 1],
    piece.looks.middles[3 * s + 2],
  ]);

/** The toy's fabric as plain meshes, to ask three itself what a ray meets first. */
const meshes = pieces.map((piece) => {
  const geometry = new BufferGeometry();
  const points = Float32Array.from(piece.looks.points);
  for (let k = 0; k < points.length; k += 3)
    points.set(moveRigid(piece.placed.placement, [points[k], points[k + 1], points[k + 2]]), k);
  geometry.setAttribute('position', new BufferAttribute(points, 3));
  geometry.setIndex(new BufferAttribute(Uint32Array.from(piece.looks.triangles), 1));
  const mesh = new Mesh(geometry, new MeshBasicMaterial({ side: DoubleSide }));
  mesh.updateMatrixWorld();
  return mesh;
});

/** Numbers from 0 to 1, the same each time. */
function* numbers(seed: number): Generator<number> {
  for (let s = seed; ;) yield (s = (Math.imul(s, 1103515245) + 12345) >>> 0) / 4294967296;
}

describe('touching the otter', () => {
  it('finds the very stitch at its own pixel, computed from the camera’s matrices, in eight views; hidden ones never', () => {
    const random = numbers(5);
    const next = () => random.next().value as number;
    let [exact, neighbour, wrong, hidden, foundHidden] = [0, 0, 0, 0, 0];
    for (const [yaw, pitch] of [
      [0, 0],
      [Math.PI, 0],
      [Math.PI / 2, 0],
      [-Math.PI / 2, 0],
      [0, Math.PI / 2],
      [0, -Math.PI / 2],
      [0.6, 0.4],
      [-2.2, -0.3],
    ]) {
      const projection = at(yaw, pitch);
      const picker = new Picker(pieces, projection);
      const { camera, world } = cameraOf(projection, WIDTH, HEIGHT);
      const towards = new Vector3(...projection.rows[2]);
      let seen = 0;
      for (let tries = 0; seen < 40 && tries < 4000; tries++) {
        const piece = Math.floor(next() * pieces.length);
        const s = Math.floor(next() * (pieces[piece].looks.middles.length / 3));
        const p = new Vector3(...worldMiddle(pieces[piece], s));
        const clip = p.clone().applyMatrix4(world).project(camera);
        const [x, y] = [((clip.x + 1) / 2) * WIDTH, ((1 - clip.y) / 2) * HEIGHT];
        const hit = new Raycaster(
          p.clone().addScaledVector(towards, 500),
          towards.clone().negate(),
        ).intersectObjects(meshes)[0];
        const before = hit ? hit.point.clone().sub(p).dot(towards) : -Infinity;
        const w = pieces[piece].placed.form.gauge.stitchMm;
        const pick = picker.at(x, y, false);
        if (hit && before > w) {
          // Something lies well before it.
          hidden++;
          if (pick?.piece === piece && pick.stitch === s) foundHidden++;
          continue;
        }
        // Steep fabric at the outline is not what a finger means.
        const steep = !hit || Math.abs(hit.face!.normal.dot(towards)) < 0.3;
        if (Math.abs(before) > 0.25 * w || meshes[piece] !== hit.object || steep) continue;
        seen++;
        if (pick?.piece === piece && pick.stitch === s) exact++;
        else if (pick && p.distanceTo(new Vector3(...worldMiddle(pieces[pick.piece], pick.stitch))) < 1.7 * w)
          neighbour++;
        else wrong++;
      }
      expect(seen).toBe(40);
    }
    process.stdout.write(
      `  picking: ${exact} of ${exact + neighbour + wrong} exact, ${neighbour} a neighbour, ${wrong} wrong; of ${hidden} hidden ${foundHidden} found\n`,
    );
    expect(exact / (exact + neighbour + wrong)).toBeGreaterThanOrEqual(0.98);
    expect([wrong, foundHidden]).toEqual([0, 0]);
    expect(hidden).toBeGreaterThan(120);
  });

  it('finds the hole between two feet, and nothing beside the toy', () => {
    const projection = at(0, 0);
    const head = pieces.findIndex((p) => modelOf(model, p.placed.part).name === 'Body');
    const picker = new Picker([pieces[head]], projection);
    const { placed, looks } = pieces[head];
    let right = 0;
    let asked = 0;
    for (const round of [8, 12, 16]) {
      const { count } = placed.form.fabric.rounds[round];
      for (let j = 1; j < count; j++) {
        const [a, b] = [
          stitchIndex(pieces[head].placed.form, 0, round, j - 1),
          stitchIndex(pieces[head].placed.form, 0, round, j),
        ];
        const foot = [0, 1, 2].map(
          (k) => (looks.feet[3 * a + k] + looks.feet[3 * b + k]) / 2,
        ) as unknown as Vec3;
        const p = project(projection, moveRigid(placed.placement, foot));
        const out = unit([foot[0], foot[1], 0]);
        if (
          project(projection, moveRigid(placed.placement, [foot[0] + out[0], foot[1] + out[1], foot[2]]))
            .depth -
            p.depth <
          0.5
        )
          continue;
        asked++;
        const pick = picker.at(p.x, p.y);
        if (pick?.at === 'hole' && pick.round === round && pick.index === j) right++;
      }
    }
    expect(asked).toBeGreaterThan(20);
    expect(right / asked).toBeGreaterThanOrEqual(0.95);
    expect(picker.at(2, 2)).toBeNull();
  });

  it('says what was touched, walks on into the next round of a spiral, and measures on the ring model', () => {
    const body = pieces.findIndex((p) => modelOf(model, p.placed.part).name === 'Body');
    const piece = pieces[body];
    const { count } = piece.placed.form.fabric.rounds[9];
    const pick = (round: number, index: number) => ({
      piece: body,
      stitch: stitchIndex(piece.placed.form, 0, round, index),
      layer: 0,
      round,
      index,
      at: 'middle' as const,
    });
    expect(readingWords(model, piece, pick(9, 4), false)).toMatchObject({
      rounds: 'R10',
      stitches: '5',
      spoken: `R10, stitch 5 of ${count}`,
    });
    expect(readingWords(model, piece, { ...pick(9, 0), at: 'hole' }, true)).toMatchObject({
      rounds: 'R9·10',
      stitches: `${count}·1`,
    });
    const on = walked(pieces, pick(9, count - 1), 'ArrowRight', 1, 1)!;
    expect([on.round, on.index, stitchAt(piece, on.stitch)]).toEqual([
      10,
      0,
      { layer: 0, round: 10, index: 0 },
    ]);
    const far = apart(pieces, pick(9, 0), pick(11, 6));
    expect(far).toMatchObject({ rounds: 2 });
    expect(far.alongMm!).toBeGreaterThan(far.straightMm - 1e-6);
    // Two rounds up and about six stitches on: 2 x 4 mm and 6 x 4.35 mm, less what the lean takes.
    expect(far.straightMm).toBeGreaterThan(15);
    expect(far.straightMm).toBeLessThan(30);
  });
});

describe('holding', () => {
  it('keeps what is under the fingers where it is while it is zoomed, and names the straight views', () => {
    const middle = { x: 195, y: 150 };
    const rest = { pivot: [0, 0, 0] as Vec3, pxPerMm: 2, x: 120, y: 100 };
    const where = (hold: typeof STRAIGHT) =>
      project(heldProjection(rest, rowsOf(hold), hold, middle), [10, 5, 0]);
    const before = where(STRAIGHT);
    const zoomed = zoomedBy(STRAIGHT, 2, before, middle);
    expect(where(zoomed).x).toBeCloseTo(before.x, 6);
    expect(where(zoomed).y).toBeCloseTo(before.y, 6);
    expect(viewName(turnedBy(STRAIGHT, Math.PI / 2, 0))).toBe('left');
    expect(viewName(turnedBy(STRAIGHT, 2 * Math.PI, 0))).toBe('front');
    expect(viewName(turnedBy(STRAIGHT, 0.3, 0))).toBeNull();
    for (const turn of Object.values(VIEWS)) {
      const [a, b, c] = rowsOf(turn);
      expect(
        a[0] * (b[1] * c[2] - b[2] * c[1]) -
          a[1] * (b[0] * c[2] - b[2] * c[0]) +
          a[2] * (b[0] * c[1] - b[1] * c[0]),
      ).toBeCloseTo(1, 12);
    }
  });
});

it('a tall stitch is called as its maker calls it: a double of the US is a treble in the UK', () => {
  const said = (terms: 'us' | 'uk', text: string) => {
    const toy = addParts(
      changeSettings(
        newToy('T', () => `t${++n}`),
        { terms },
      ),
      text,
      () => `t${++n}`,
    );
    const one = modelToy(toy);
    const placed = standAlone({
      ...one.parts[0],
      part: one.parts[0].part.id,
      copy: one.parts[0].copies[0].id,
      frontRad: 0,
    });
    const shown = shownOf(one, placed, looksOf(placed.form, 'medium', 'relaxed'));
    return readingWords(
      one,
      shown,
      { piece: 0, stitch: 6, layer: 0, round: 1, at: 'middle', index: 0 },
      false,
    ).spoken;
  };
  expect(said('us', 'P\nR1: 6 sc in ring (6)\nR2: 6 dc (6)\nR3: 6 sc (6)')).toMatch(/, double crochet$/);
  expect(said('uk', 'P\nR1: 6 dc in ring (6)\nR2: 6 tr (6)\nR3: 6 dc (6)')).toMatch(/, treble crochet$/);
  expect(said('uk', 'P\nR1: 6 dc in ring (6)\nR2: 6 dc (6)\nR3: 6 dc (6)')).toMatch(/of 6$/);
});
