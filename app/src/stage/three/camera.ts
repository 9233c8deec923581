import type { Projection } from '@hoppla/core/picture';
import { Matrix4, OrthographicCamera } from 'three';
import { type Vec3 } from '@hoppla/core/form';
import type { Placement } from '@hoppla/core/join';
import { type Detail } from './yarn';

/** Fabric lies so far inside the stitches, stitch widths. */
export const INSET = 0.16;

/** From so many px of the screen a stitch is drawn with so many faces. */
const FROM_PX = { fine: 15, coarse: 6 };

export const detailAt = (px: number): Detail =>
  px >= FROM_PX.fine ? 'fine' : px >= FROM_PX.coarse ? 'coarse' : 'least';

/** The camera and the turned world of a projection: orthographic, one mm is `pxPerMm` px everywhere (decision 33). */
export function cameraOf(
  projection: Projection,
  width: number,
  height: number,
): { camera: OrthographicCamera; world: Matrix4 } {
  const { rows, pivot, pxPerMm, x, y } = projection;
  const camera = new OrthographicCamera(
    -x / pxPerMm,
    (width - x) / pxPerMm,
    y / pxPerMm,
    -(height - y) / pxPerMm,
    -2000,
    2000,
  );
  camera.updateProjectionMatrix();
  camera.updateMatrixWorld();
  const world = matrixOf(rows, [0, 0, 0]).multiply(
    new Matrix4().makeTranslation(-pivot[0], -pivot[1], -pivot[2]),
  );
  return { camera, world };
}

export function matrixOf(rows: Placement['rows'], shift: Vec3): Matrix4 {
  const [a, b, c] = rows;
  return new Matrix4().set(
    a[0],
    a[1],
    a[2],
    shift[0],
    b[0],
    b[1],
    b[2],
    shift[1],
    c[0],
    c[1],
    c[2],
    shift[2],
    0,
    0,
    0,
    1,
  );
}
