import type { Basis, PartForm } from './form';
import type { Vec3 } from './vectors';

/** What of a form its points, bounds and volume follow from. */
export type Shape = Pick<
  PartForm,
  'basis' | 'r' | 'z' | 'straight' | 'longRad' | 'axis' | 'direction' | 'gauge'
>;

type Size = Pick<PartForm, 'widthMm' | 'depthMm' | 'heightMm'>;

/** Volume and area of the side between two neighbouring rings, mm3 and mm2. */
interface Slice {
  volume: number;
  area: number;
}

/** All that differs between the models of a part. */
interface Model {
  /** the point of ring i at an angle in the working direction */
  point: (form: Shape, i: number, angleRad: number) => Vec3;
  /** between ring i - 1 and ring i; `r`, `z` and `straight` as in a form */
  slice: (rings: Pick<PartForm, 'r' | 'z' | 'straight'>, i: number) => Slice;
  size: (form: Shape, thicknessMm: number) => Size;
  /** walls lie on one another: no room inside */
  pressed: boolean;
}

/** Volume by frusta (a polygon would lose up to a sixth). Source: frustum of a cone, and of a prism for the straights. */
function roundSlice({ r, z, straight }: Pick<PartForm, 'r' | 'z' | 'straight'>, i: number): Slice {
  const dz = z[i] - z[i - 1];
  const flat = (straight[i] + straight[i - 1]) / 2;
  return {
    volume:
      (Math.PI / 3) * dz * (r[i] * r[i] + r[i] * r[i - 1] + r[i - 1] * r[i - 1]) +
      flat * dz * (r[i] + r[i - 1]),
    area: (Math.PI * (r[i] + r[i - 1]) + 2 * flat) * Math.hypot(dz, r[i] - r[i - 1]),
  };
}

/** A flat piece has both its faces and nothing inside. */
const flatSlice: Model['slice'] = ({ r, z }, i) => ({
  volume: 0,
  area: 2 * (r[i] + r[i - 1]) * (z[i] - z[i - 1]),
});

/** Across, with the long way along x before it is turned: on an oval, equal angles are equal lengths of fabric. */
function acrossPoint({ r, straight, longRad }: Shape, i: number, angleRad: number): [number, number] {
  const angle = angleRad - longRad;
  return straight[i] > 0
    ? ovalPoint(r[i], straight[i], angle)
    : [r[i] * Math.cos(angle), r[i] * Math.sin(angle)];
}

const ovalModelPoint: Model['point'] = (form, i, angleRad) => {
  const [x, y] = acrossPoint(form, i, angleRad);
  const [c, s] = [Math.cos(form.longRad), Math.sin(form.longRad)];
  return [c * x - s * y, form.direction * (s * x + c * y), form.z[i]];
};

/** Half a gap between the halves of a folded part, in stitches. */
const FOLD_GAP = 0.3;

/** Folded over its long way: both halves hang from the fold, a thickness apart. */
const foldedPoint: Model['point'] = (form, i, angleRad) => {
  const [along, across] = acrossPoint(form, i, angleRad);
  const { stitchMm } = form.gauge;
  const gap = FOLD_GAP * stitchMm * Math.min(1, Math.abs(across) / stitchMm) * Math.sign(across);
  const [c, s] = [Math.cos(form.longRad), Math.sin(form.longRad)];
  return [c * along - s * gap, form.direction * (s * along + c * gap), Math.abs(across)];
};

const bentPoint: Model['point'] = (form, i, angleRad) => {
  const [px, py, z] = ovalModelPoint(form, i, angleRad);
  if (!form.axis) return [px, py, z];
  const { centre, rotation: m } = form.axis;
  const k = 9 * i;
  return [
    centre[3 * i] + m[k] * px + m[k + 1] * py,
    centre[3 * i + 1] + m[k + 3] * px + m[k + 4] * py,
    centre[3 * i + 2] + m[k + 6] * px + m[k + 7] * py,
  ];
};

/** Rings about a straight axis: the widest, and as high as they lie. Never thinner than the fabric. */
const ringSize: Model['size'] = ({ r, z, straight }, thicknessMm) => {
  const widthMm = r.reduce((most, radius, i) => Math.max(most, 2 * radius + straight[i]), 0);
  const deep = r.reduce((most, radius) => Math.max(most, 2 * radius), 0);
  return {
    widthMm,
    depthMm: Math.min(widthMm, Math.max(deep, thicknessMm)),
    heightMm: Math.max(Math.max(...z) - Math.min(...z), thicknessMm),
  };
};

const AROUND = 48;

/** Measured over its points, across along and square to the long way or to the bend; a sheet has an end as well. */
const pointSize =
  (around: number): Model['size'] =>
  (form, thicknessMm) => {
    const low = [Infinity, Infinity, Infinity];
    const high = [-Infinity, -Infinity, -Infinity];
    const end = form.axis ? form.axis.centre.length - 3 : 0;
    const turn = form.axis
      ? Math.atan2(form.axis.centre[end + 1], form.axis.centre[end])
      : form.direction * form.longRad;
    const [c, s] = [Math.cos(turn), Math.sin(turn)];
    for (let i = 0; i < form.r.length; i++)
      for (let k = 0; k < AROUND; k++) {
        const [x, y, height] = ringPoint(form, i, (2 * Math.PI * k) / around);
        [c * x + s * y, c * y - s * x, height].forEach((at, way) => {
          low[way] = Math.min(low[way], at);
          high[way] = Math.max(high[way], at);
        });
      }
    const across = [high[0] - low[0], high[1] - low[1]].sort((a, b) => b - a);
    return {
      widthMm: across[0],
      depthMm: Math.max(across[1], thicknessMm),
      heightMm: Math.max(high[2] - low[2], thicknessMm),
    };
  };

const round = { point: ovalModelPoint, slice: roundSlice, size: ringSize, pressed: false };

/** The only switch between the models of a part; a model without a line does not compile. */
const MODELS: Record<Basis, Model> = {
  'ring model': round,
  'oval model': round,
  flattened: { ...round, pressed: true },
  'bent ring model': { ...round, point: bentPoint, size: pointSize(AROUND) },
  folded: {
    ...round,
    point: foldedPoint,
    // Hung over its fold, a disc is as tall as its radius.
    size: (form, thicknessMm) => ({
      ...pointSize(AROUND)(form, thicknessMm),
      heightMm: form.r.reduce((a, b) => Math.max(a, b), 0),
    }),
    pressed: true,
  },
  'flat rows': {
    point: ({ r, z, direction }, i, angleRad) => [direction * (angleRad / Math.PI - 1) * r[i], 0, z[i]],
    slice: flatSlice,
    size: pointSize(AROUND - 1),
    pressed: false,
  },
  chain: {
    point: ({ z }, i) => [0, 0, z[i]],
    slice: flatSlice,
    size: ({ r, z }, thicknessMm) => ({
      widthMm: 2 * Math.max(...r),
      depthMm: thicknessMm,
      heightMm: z[z.length - 1],
    }),
    pressed: false,
  },
};

/** The point of ring i at an angle in the working direction, mm. */
export const ringPoint = (form: Shape, i: number, angleRad: number): Vec3 =>
  MODELS[form.basis].point(form, i, angleRad);

/** The point of a form at an angle in the working direction and a row coordinate in rings (0 = the start); straight between rings, held at both ends. */
export function surfacePoint(form: Shape, angleRad: number, row: number): Vec3 {
  const last = form.r.length - 1;
  if (last < 0) return [0, 0, 0];
  const x = Math.max(0, Math.min(last, row));
  const i = Math.min(Math.max(0, last - 1), Math.floor(x));
  const f = x - i;
  if (form.basis === 'ring model') {
    // The plain ring is asked for thousands of times a picture.
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

/** Volume inside and area of the side of all rings, in mm3 and mm2. */
export function measure(rings: Pick<PartForm, 'r' | 'z' | 'straight'>, basis: Basis): Slice {
  let [volume, area] = [0, 0];
  for (let i = 1; i < rings.r.length; i++) {
    const slice = MODELS[basis].slice(rings, i);
    volume += slice.volume;
    area += slice.area;
  }
  return { volume, area };
}

/** Whether walls lie on one another, so that nothing has room inside. */
export const isPressed = (basis: Basis): boolean => MODELS[basis].pressed;

/** Share of a part's inner volume between its start and the tops of round `index` (0-based), 0 to 1; 0 where there is none. */
export function shareBelow(form: Pick<PartForm, 'basis' | 'r' | 'z' | 'straight'>, index: number): number {
  const all = measure(form, form.basis).volume;
  const upTo = index + 2;
  const below = {
    r: form.r.slice(0, upTo),
    z: form.z.slice(0, upTo),
    straight: form.straight.slice(0, upTo),
  };
  return all > 0 ? Math.max(0, Math.min(1, measure(below, form.basis).volume / all)) : 0;
}

/** How large a form is: the longer and the shorter way across, and along the axis; never thinner than its fabric. mm. */
export const extents = (form: Shape, thicknessMm: number): Size => MODELS[form.basis].size(form, thicknessMm);
