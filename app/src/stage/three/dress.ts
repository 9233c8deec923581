import {
  CylinderGeometry,
  Mesh,
  Matrix4,
  Quaternion,
  SphereGeometry,
  Vector3,
  type ShaderMaterial,
} from 'three';
import { add, cross, scale, type Vec3 } from '@hoppla/core/form';
import type { ShownEye } from '../shown';

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
