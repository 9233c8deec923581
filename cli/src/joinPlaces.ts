import { ringPoint, type Vec3 } from '@hoppla/core/form';
import { move, type Placed } from '@hoppla/core/join';

const round = (value: number): number => Math.round(value * 100) / 100;

/** Where points of a host stand on the whole toy, by their middle: round from its front, degrees, and above its lowest point, mm. */
export function heightAndTurn(host: Placed, points: readonly Vec3[]) {
  const at = middle(points.length > 0 ? points.map((p) => move(host.placement, p)) : [[0, 0, 0]]);
  const rings = ringsOf(host);
  const about = middle(rings);
  return {
    angleDeg: round((Math.atan2(at[0] - about[0], at[2] - about[2]) * 180) / Math.PI),
    heightMm: round(at[1] - Math.min(...rings.map((p) => p[1]))),
  };
}

const middle = (points: readonly Vec3[]): Vec3 => {
  const sum = points.reduce((a, b): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]], [0, 0, 0] as Vec3);
  return [sum[0] / points.length, sum[1] / points.length, sum[2] / points.length];
};

/** Points of a placed piece's rings, mm. */
export const ringsOf = ({ form, placement }: Placed): Vec3[] =>
  Array.from({ length: form.r.length * 16 }, (_, k) =>
    move(placement, ringPoint(form, Math.floor(k / 16), ((k % 16) * Math.PI) / 8)),
  );
