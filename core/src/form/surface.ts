import type { PartForm } from './form';
import type { Vec3 } from './vectors';

type Sections = Pick<
  PartForm,
  'r' | 'z' | 'straight' | 'section' | 'longRad' | 'axis' | 'folded' | 'direction' | 'gauge'
>;

/** The point of a form at an angle in the working direction and a row coordinate in rings (0 = the start); straight between rings, held at both ends. */
export function surfacePoint(form: Sections, angleRad: number, row: number): Vec3 {
  const last = form.r.length - 1;
  if (last < 0) return [0, 0, 0];
  const x = Math.max(0, Math.min(last, row));
  const i = Math.min(Math.max(0, last - 1), Math.floor(x));
  const f = x - i;
  if (
    !form.axis &&
    form.section === 'ring' &&
    !form.folded &&
    form.straight[i] === 0 &&
    (f === 0 || form.straight[i + 1] === 0)
  ) {
    const r = f === 0 ? form.r[i] : form.r[i] * (1 - f) + form.r[i + 1] * f;
    const z = f === 0 ? form.z[i] : form.z[i] * (1 - f) + form.z[i + 1] * f;
    const theta = form.direction * angleRad;
    return [r * Math.cos(theta), r * Math.sin(theta), z];
  }
  const a = ringPoint(form, i, angleRad);
  if (f === 0) return a;
  const b = ringPoint(form, i + 1, angleRad);
  return [a[0] + f * (b[0] - a[0]), a[1] + f * (b[1] - a[1]), a[2] + f * (b[2] - a[2])];
}

/** The point of one ring at an angle; on an oval, equal angles are equal lengths of fabric. */
export function ringPoint(form: Sections, i: number, angleRad: number): Vec3 {
  const r = form.r[i];
  const z = form.z[i];
  if (form.section === 'cord') return [0, 0, z];
  if (form.section === 'sheet') return [form.direction * (angleRad / Math.PI - 1) * r, 0, z];
  const [x, y] =
    form.straight[i] > 0
      ? ovalPoint(r, form.straight[i], angleRad - form.longRad)
      : [r * Math.cos(angleRad - form.longRad), r * Math.sin(angleRad - form.longRad)];
  const [c, s] = [Math.cos(form.longRad), Math.sin(form.longRad)];
  const px = c * x - s * y;
  const py = form.direction * (s * x + c * y);
  if (form.folded) {
    // Folded over its long way: both halves hang from the fold, a thickness apart.
    const across = c * (form.direction * py) - s * px;
    const along = c * px + s * (form.direction * py);
    const gap =
      0.3 * form.gauge.stitchMm * Math.min(1, Math.abs(across) / form.gauge.stitchMm) * Math.sign(across);
    return [c * along - s * gap, form.direction * (s * along + c * gap), Math.abs(across)];
  }
  if (!form.axis) return [px, py, z];
  const { centre, rotation: m } = form.axis;
  const k = 9 * i;
  return [
    centre[3 * i] + m[k] * px + m[k + 1] * py,
    centre[3 * i + 1] + m[k + 3] * px + m[k + 4] * py,
    centre[3 * i + 2] + m[k + 6] * px + m[k + 7] * py,
  ];
}

/** A point of an oval of two half circles r and two straights, its long way along x, at a fraction of its length. */
function ovalPoint(r: number, straight: number, angle: number): [number, number] {
  const turns = angle / (2 * Math.PI);
  const length = 2 * Math.PI * r + 2 * straight;
  let s = (turns - Math.floor(turns)) * length;
  const quarter = (Math.PI * r) / 2;
  const half = straight / 2;
  if (s <= quarter) return [half + r * Math.cos(s / r || 0), r * Math.sin(s / r || 0)];
  s -= quarter;
  if (s <= straight) return [half - s, r];
  s -= straight;
  if (s <= 2 * quarter) return [-half - r * Math.sin(s / r || 0), r * Math.cos(s / r || 0)];
  s -= 2 * quarter;
  if (s <= straight) return [-half + s, -r];
  s -= straight;
  return [half + r * Math.sin(s / r || 0), -r * Math.cos(s / r || 0)];
}

/** Half of how wide a ring is seen from its wide side, mm. */
export const halfWidth = (form: Pick<PartForm, 'r' | 'straight'>, i: number): number =>
  form.r[i] + form.straight[i] / 2;

/** Volume by frusta (a polygon would lose up to a sixth) and area of the side, in mm3 and mm2; a sheet has both its faces. */
export function measure(
  r: Float64Array,
  z: Float64Array,
  straight: Float64Array,
  section: PartForm['section'],
): { volume: number; area: number } {
  let volume = 0;
  let area = 0;
  for (let i = 1; i < r.length; i++) {
    const dz = z[i] - z[i - 1];
    const flat = (straight[i] + straight[i - 1]) / 2;
    if (section === 'ring') {
      volume +=
        (Math.PI / 3) * dz * (r[i] * r[i] + r[i] * r[i - 1] + r[i - 1] * r[i - 1]) +
        flat * dz * (r[i] + r[i - 1]);
      area += (Math.PI * (r[i] + r[i - 1]) + 2 * flat) * Math.hypot(dz, r[i] - r[i - 1]);
    } else area += 2 * (r[i] + r[i - 1]) * dz;
  }
  return { volume, area };
}

const AROUND = 48;

/** How large a form is: the longer and the shorter way across, and along the axis; never thinner than its fabric. */
export function extents(
  form: Sections,
  thicknessMm: number,
): Pick<PartForm, 'widthMm' | 'depthMm' | 'heightMm'> {
  const { r, z, straight } = form;
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  const meet = (p: Vec3) => {
    for (let k = 0; k < 3; k++) {
      if (p[k] < low[k]) low[k] = p[k];
      if (p[k] > high[k]) high[k] = p[k];
    }
  };
  if (form.section === 'ring' && !form.axis && !form.folded) {
    let most = 0;
    let deep = 0;
    for (let i = 0; i < r.length; i++) {
      most = Math.max(most, 2 * r[i] + straight[i]);
      deep = Math.max(deep, 2 * r[i]);
      meet([0, 0, z[i]]);
    }
    return {
      widthMm: most,
      depthMm: Math.min(most, Math.max(deep, thicknessMm)),
      heightMm: Math.max(high[2] - low[2], thicknessMm),
    };
  }
  if (form.section === 'cord')
    return { widthMm: 2 * Math.max(...r), depthMm: thicknessMm, heightMm: z[z.length - 1] };
  // Across is measured along and square to the long way, or to the bend.
  const end = form.axis ? form.axis.centre.length - 3 : 0;
  const turn = form.axis
    ? Math.atan2(form.axis.centre[end + 1], form.axis.centre[end])
    : form.direction * form.longRad;
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const square = ([x, y, height]: Vec3): Vec3 => [c * x + s * y, c * y - s * x, height];
  for (let i = 0; i < r.length; i++)
    for (let k = 0; k < AROUND; k++)
      meet(square(ringPoint(form, i, (2 * Math.PI * k) / (form.section === 'sheet' ? AROUND - 1 : AROUND))));
  const across = [high[0] - low[0], high[1] - low[1]].sort((a, b) => b - a);
  return {
    widthMm: across[0],
    depthMm: Math.max(across[1], thicknessMm),
    heightMm: Math.max(high[2] - low[2], thicknessMm),
  };
}
