import type { Projection } from '@hoppla/core/picture';
import type { Vec3 } from '@hoppla/core/form';
import { move, moveRigid, type Placed } from '@hoppla/core/join';
import { type Hold } from './hold';
import { type Pick } from './picker';
import { walked } from './reading';
import { stitchAt, type Shown } from './shown';

export const KEY_TURNS: Record<string, [number, number]> = {
  ArrowLeft: [Math.PI / 12, 0],
  ArrowRight: [-Math.PI / 12, 0],
  ArrowUp: [0, -Math.PI / 12],
  ArrowDown: [0, Math.PI / 12],
};

export const stands = (pieces: readonly Shown[], pick: Pick): boolean => {
  const piece = pieces[pick.piece];
  if (!piece || pick.stitch * 3 >= piece.looks.middles.length) return false;
  const at = stitchAt(piece, pick.stitch);
  return at.layer === pick.layer && at.round === pick.round;
};

/** The middle of what stands there: it is turned about. */
export function pivotOf(placed: readonly Placed[]): Vec3 {
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (const { form, placement } of placed) {
    const last = form.r.length - 1;
    for (const i of [0, Math.floor(last / 2), last]) {
      const r = form.r[i] + form.straight[i] / 2;
      const at = move(
        placement,
        form.axis
          ? [form.axis.centre[3 * i], form.axis.centre[3 * i + 1], form.axis.centre[3 * i + 2]]
          : [0, 0, form.z[i] ?? 0],
      );
      for (let k = 0; k < 3; k++) {
        low[k] = Math.min(low[k], at[k] - r);
        high[k] = Math.max(high[k], at[k] + r);
      }
    }
  }
  return placed.length ? ([0, 1, 2].map((k) => (low[k] + high[k]) / 2) as unknown as Vec3) : [0, 0, 0];
}

/** Walks as the screen shows it: right is right, up is up. */
export function walkedInSight(
  pieces: readonly Shown[],
  from: Pick | null,
  key: string,
  projection: Projection,
): Pick | null {
  if (!from) return walked(pieces, null, key, 1, 1);
  const piece = pieces[from.piece];
  const { form } = piece.placed;
  const up =
    projection.rows[1][0] * piece.placed.placement.rows[0][2] +
      projection.rows[1][1] * piece.placed.placement.rows[1][2] +
      projection.rows[1][2] * piece.placed.placement.rows[2][2] >=
    0
      ? 1
      : -1;
  // Seen with the ring up, numbers grow to the right for right-handed work (decision 16).
  const grows = form.direction < 0 === up < 0 ? 1 : -1;
  return walked(pieces, from, key, grows, up);
}

/** Turns the toy until a stitch is in sight. */
export function turnedTo(hold: Hold, piece: Shown, pick: Pick): Hold {
  const k = 3 * pick.stitch;
  const { form, placement } = piece.placed;
  const { middles } = piece.looks;
  const axis = move(placement, [0, 0, middles[k + 2]]);
  const p = moveRigid(placement, [middles[k], middles[k + 1], middles[k + 2]]);
  const [x, z] = [p[0] - axis[0], p[2] - axis[2]];
  if (form.section !== 'ring' || Math.hypot(x, z) < 0.4 * form.gauge.stitchMm) return hold;
  const seen = Math.atan2(x, z) - hold.yaw;
  const off = Math.atan2(Math.sin(seen), Math.cos(seen));
  return Math.abs(off) > Math.PI / 3 ? { ...hold, yaw: hold.yaw + off } : hold;
}
