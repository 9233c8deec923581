import {
  BufferAttribute,
  BufferGeometry,
  CylinderGeometry,
  Mesh,
  Matrix4,
  Quaternion,
  SphereGeometry,
  Vector3,
  type ShaderMaterial,
} from 'three';
import { add, cross, dot, scale, sub, unit, type Vec3 } from '@hoppla/core/form';
import type { ShownEye, ShownPatch } from '../shown';

/** Gives the paint of a colour: glossy plastic, or plain as felt and washers are. */
export type Paint = (finish: 'gloss' | 'plain', colour: string) => ShaderMaterial;

/** Felt's thickness and the washer's, and how deep inside the washer lies, mm. */
const FELT_MM = 1;
const WASHER = { thick: 1.2, deep: 2.4 };

/** Turns what is made with its axis along y so that it lies on the fabric. */
const lying = (normal: Vec3): Quaternion =>
  new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), new Vector3(...normal));

/** An eye or a nose of plastic, a dome of its own outline, and its washer inside, seen where the fabric is cut away. */
export function plastic(
  { at, normal, up, radius, halfHeight, washerRadius, colour, felt }: ShownEye,
  paint: Paint,
): Mesh[] {
  const dome = new Mesh(new SphereGeometry(1, 28, 20), paint('gloss', colour));
  const depth = Math.min(radius, halfHeight) * 0.62;
  dome.quaternion.setFromRotationMatrix(
    new Matrix4().makeBasis(new Vector3(...cross(up, normal)), new Vector3(...up), new Vector3(...normal)),
  );
  dome.scale.set(radius, halfHeight, depth);
  dome.position.set(...add(at, scale(normal, depth * 0.35 + (felt ? FELT_MM : 0))));
  const washer = new Mesh(
    new CylinderGeometry(washerRadius, washerRadius, WASHER.thick, 28),
    paint('plain', '#f4f1e6'),
  );
  washer.quaternion.copy(lying(normal));
  washer.position.set(...add(at, scale(normal, -WASHER.deep)));
  return [dome, washer];
}

/** A round of felt under an eye. */
export function feltRound(
  at: Vec3,
  normal: Vec3,
  { radius, colour }: NonNullable<ShownEye['felt']>,
  paint: Paint,
): Mesh {
  const round = new Mesh(new CylinderGeometry(radius, radius, FELT_MM, 40), paint('plain', colour));
  round.quaternion.copy(lying(normal));
  round.position.set(...add(at, scale(normal, FELT_MM)));
  return round;
}

/** How far the edge of cloth goes down to its fabric, mm. */
const EDGE_MM = 1.4;

/** A piece of cloth on the fabric, with its edge. */
export function cloth({ points, normals, triangles, edge, colour }: ShownPatch, paint: Paint): Mesh {
  const from = points.length - edge;
  const rim = points.slice(from).map((p, k) => sub(p, scale(normals[from + k], EDGE_MM)));
  const all = [...points, ...points.slice(from), ...rim];
  // The edge looks outwards: away from the middle, which is the first place.
  const out = points.slice(from).map((p, k) => {
    const way = sub(p, points[0]);
    return unit(sub(way, scale(normals[from + k], dot(way, normals[from + k]))), normals[from + k]);
  });
  const sides = Array.from({ length: edge }, (_, k) => {
    const [a, b] = [points.length + k, points.length + ((k + 1) % edge)];
    return [a, a + edge, b + edge, a, b + edge, b];
  }).flat();
  const shape = new BufferGeometry();
  shape.setAttribute('position', new BufferAttribute(Float32Array.from(all.flat()), 3));
  shape.setAttribute(
    'normal',
    new BufferAttribute(Float32Array.from([...normals, ...out, ...out].flat()), 3),
  );
  shape.setIndex([...triangles, ...sides]);
  return new Mesh(shape, paint('plain', colour));
}

/** The outline of what is embroidered instead. */
export function outline({ at, normal, up, radius, halfHeight, felt }: ShownEye): {
  points: Vec3[];
  normals: Vec3[];
} {
  const side = cross(up, normal);
  const points = Array.from({ length: 16 }, (_, k): Vec3 => {
    const a = (2 * Math.PI * k) / 16;
    return add(
      at,
      add(
        add(scale(side, radius * Math.cos(a)), scale(up, halfHeight * Math.sin(a))),
        scale(normal, 0.8 + (felt ? FELT_MM : 0)),
      ),
    );
  });
  return { points, normals: points.map(() => normal) };
}
