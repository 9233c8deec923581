import { pointOf, type Polar } from '../address';
import type { Vec3 } from '../form';
import { move, type Placed, type Placement } from '../join';

/** How the toy is held before the viewer: turned about its upright line, then tipped towards the viewer, radians; 0, 0 is its front. */
export interface Turn {
  yaw: number;
  pitch: number;
}

export type Rows = Placement['rows'];

/** The looks that have a name. Left and right are the toy's own. */
export const VIEWS = {
  front: { yaw: 0, pitch: 0 },
  back: { yaw: Math.PI, pitch: 0 },
  left: { yaw: Math.PI / 2, pitch: 0 },
  right: { yaw: -Math.PI / 2, pitch: 0 },
  top: { yaw: 0, pitch: Math.PI / 2 },
  under: { yaw: 0, pitch: -Math.PI / 2 },
} as const satisfies Record<string, Turn>;
export type ViewName = keyof typeof VIEWS;

/** The name of a turn, null between the names. */
export function viewName(turn: Turn): ViewName | null {
  const near = (a: number, b: number) => Math.abs(Math.atan2(Math.sin(a - b), Math.cos(a - b))) < 0.01;
  return (
    (Object.keys(VIEWS) as ViewName[]).find(
      (name) => near(VIEWS[name].yaw, turn.yaw) && near(VIEWS[name].pitch, turn.pitch),
    ) ?? null
  );
}

/** The rotation of a turn: x to the right, y up, z towards the viewer. Always proper. */
export function rowsOf({ yaw, pitch }: Turn): Rows {
  const [c, s] = [Math.cos(yaw), Math.sin(yaw)];
  const [cp, sp] = [Math.cos(pitch), Math.sin(pitch)];
  return [
    [c, 0, -s],
    [-s * sp, cp, -c * sp],
    [s * cp, sp, c * cp],
  ];
}

/** From mm of the toy's world to px of the mat: turned about `pivot`, which stands at px x, y. */
export interface Projection {
  rows: Rows;
  pivot: Vec3;
  pxPerMm: number;
  x: number;
  y: number;
}

/** A point on the mat: px, and how near it is to the viewer, mm. */
export interface Seen {
  x: number;
  y: number;
  depth: number;
}

export function project({ rows, pivot, pxPerMm, x, y }: Projection, p: Vec3): Seen {
  const [a, b, c] = [p[0] - pivot[0], p[1] - pivot[1], p[2] - pivot[2]];
  return {
    x: x + pxPerMm * (rows[0][0] * a + rows[0][1] * b + rows[0][2] * c),
    y: y - pxPerMm * (rows[1][0] * a + rows[1][1] * b + rows[1][2] * c),
    depth: rows[2][0] * a + rows[2][1] * b + rows[2][2] * c,
  };
}

/** A point of the ring model of a placed part as it is seen; `near` is false on the far side of its axis. */
export function seenAt(projection: Projection, piece: Placed, polar: Polar): Seen & { near: boolean } {
  const p = pointOf(piece.form, polar);
  const seen = project(projection, move(piece.placement, p));
  return {
    ...seen,
    near: seen.depth >= project(projection, move(piece.placement, [0, 0, p[2]])).depth - 0.2,
  };
}
