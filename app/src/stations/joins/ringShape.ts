/** A ring of slots seen from above, front at the bottom: px, and which way it is worked. */
export interface RingShape {
  size: number;
  slots: number;
  /** the place that looks to the front, in slots from the round's start */
  front: number;
  /** 1 anticlockwise, towards the toy's left; -1 clockwise */
  sense: 1 | -1;
}

export interface Px {
  x: number;
  y: number;
}

/** Radii as shares of half the picture. */
export const RADII = { in: 0.46, out: 0.68, grip: 0.72, surplus: 0.82, number: 0.37, name: 0.87, way: 0.9 };

/** px of a place on the ring: so many slots from its start, a share of half the picture from the middle. */
export function ringAt({ size, slots, front, sense }: RingShape, coord: number, radius: number): Px {
  const turn = (sense * 2 * Math.PI * (coord - front)) / slots;
  const r = (radius * size) / 2;
  return { x: size / 2 + r * Math.sin(turn), y: size / 2 + r * Math.cos(turn) };
}

/** The place of a px on the ring, 0 to the number of slots, and how far from the middle it is. */
export function ringPlace({ size, slots, front, sense }: RingShape, { x, y }: Px) {
  const [dx, dy] = [x - size / 2, y - size / 2];
  const coord = front + (sense * Math.atan2(dx, dy) * slots) / (2 * Math.PI);
  return { coord: ((coord % slots) + slots) % slots, radius: Math.hypot(dx, dy) / (size / 2) };
}

const p = ({ x, y }: Px): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

/** An arc from one place to another, as the round is worked. */
export function ringArc(ring: RingShape, from: number, to: number, radius: number, begin = 'M'): string {
  const r = (radius * ring.size) / 2;
  const large = Math.abs(to - from) > ring.slots / 2 ? 1 : 0;
  // On the screen y grows down: anticlockwise is the sweep of nought.
  const sweep = (ring.sense === 1) === to > from ? 0 : 1;
  return `${begin}${p(ringAt(ring, from, radius))}A${r.toFixed(1)} ${r.toFixed(1)} 0 ${large} ${sweep} ${p(ringAt(ring, to, radius))}`;
}

/** One slot, or several side by side, as a piece of the ring; what is too much stands outside it. */
export function ringPiece(ring: RingShape, from: number, to: number, surplus = false): string {
  const [inner, outer] = surplus ? [RADII.out + 0.02, RADII.surplus] : [RADII.in, RADII.out];
  return `${ringArc(ring, from, to, outer)}${ringArc(ring, to, from, inner, 'L')}z`;
}

/** The stitch of a slot, a layer above another. */
export function ringStitch(ring: RingShape, slot: number, layer: number, of: number): string {
  const room = (RADII.out - RADII.in) / (of + 1);
  const top = RADII.in + room * (layer + 1.2);
  const [a, b, c] = [
    ringAt(ring, slot + 0.24, top - room * 0.55),
    ringAt(ring, slot + 0.5, top),
    ringAt(ring, slot + 0.76, top - room * 0.55),
  ];
  return `M${p(a)}L${p(b)}L${p(c)}`;
}

/** A bracket that grips slots from inside, round them, and back inside. */
export function ringBracket(ring: RingShape, from: number, to: number): string {
  const [a, b] = [ringAt(ring, from, RADII.in - 0.04), ringAt(ring, to, RADII.in - 0.04)];
  return `M${p(a)}${ringArc(ring, from, to, RADII.grip, 'L')}L${p(b)}`;
}
