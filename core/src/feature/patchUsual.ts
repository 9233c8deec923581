import { distance, type Vec3 } from '../form';
import { chartAt, type Flat } from './chart';
import type { EyePair, OnFace, OnPart, ThreadEnd } from './feature';
import { half, type FaceMarks } from './faceCanvas';
import { headWidthMm, type Head } from './head';
import { MOST_PATCHED, type Patch } from './patch';
import { movedEnd, resolveStitching, upOfFace } from './stitching';

/** What a maker lays on with one tap. */
export const PATCH_WORKS = ['under the eyes', 'lids', 'cheeks', 'muzzle', 'belly', 'beak', 'spots'] as const;
export type PatchWork = (typeof PATCH_WORKS)[number];

type Made = Pick<Patch, 'shape' | 'widthMm' | 'heightMm' | 'ends'> &
  Partial<Pick<Patch, 'twin' | 'eyes' | 'seam'>>;

interface Room {
  eyeMm: number;
  widthMm: number;
  stitchMm: number;
  roundMm: number;
  eyed: boolean;
}

const end = (from: ThreadEnd['from'], across: number, down: number): ThreadEnd => ({
  from,
  across: half(across),
  down: half(down),
});

/** On a face without eyes an eye's place is so far to the side of its middle. */
const atEye = ({ eyed, widthMm, stitchMm }: Room, across: number, down: number): ThreadEnd =>
  eyed ? end('left eye', across, down) : end('face', (0.21 * widthMm) / stitchMm + across, down);

/** Where patches are usual, and how large. Judged: what makers' toys have in common. */
const WORKS: Record<PatchWork, (room: Room) => Made> = {
  'under the eyes': (room) => ({
    shape: 'oval',
    widthMm: Math.round(room.eyeMm * 1.5),
    heightMm: Math.round(room.eyeMm * 1.8),
    ends: [atEye(room, 0, 0)],
    twin: 'mirrored',
    seam: 'blanket',
  }),
  lids: (room) => ({
    shape: 'half',
    widthMm: Math.round(room.eyeMm * 1.4),
    heightMm: Math.round(room.eyeMm * 0.7),
    ends: [atEye(room, 0, -0.5)],
    twin: 'mirrored',
    eyes: 'over',
  }),
  cheeks: (room) => ({
    shape: 'circle',
    widthMm: Math.round(room.widthMm * 0.16),
    heightMm: Math.round(room.widthMm * 0.16),
    ends: [atEye(room, 1, (room.eyeMm / 2 + room.widthMm * 0.08) / room.roundMm + 0.5)],
    twin: 'mirrored',
  }),
  muzzle: (room) => ({
    shape: 'oval',
    widthMm: Math.round(room.widthMm * 0.42),
    heightMm: Math.round(room.widthMm * 0.3),
    ends: [end('face', 0, (room.widthMm * 0.2) / room.roundMm)],
  }),
  belly: (room) => ({
    shape: 'oval',
    widthMm: Math.round(room.widthMm * 0.5),
    heightMm: Math.round(room.widthMm * 0.6),
    ends: [end('face', 0, 0)],
  }),
  beak: (room) => ({
    shape: 'triangle',
    widthMm: Math.round(room.widthMm * 0.18),
    heightMm: Math.round(room.widthMm * 0.14),
    ends: [end('face', 0, (room.widthMm * 0.12) / room.roundMm)],
  }),
  spots: (room) => ({
    shape: 'circle',
    widthMm: Math.max(5, Math.round(room.widthMm * 0.1)),
    heightMm: Math.max(5, Math.round(room.widthMm * 0.1)),
    ends: [end('face', 0, 0)],
  }),
};

/** A patch of a kind at its usual place on a head. */
export function newPatch(
  head: Head,
  marks: FaceMarks,
  ids: { id: string; name: string; colour: string } & OnPart,
  work: PatchWork,
  eyes: EyePair | null,
): Patch {
  const widthMm = headWidthMm(head);
  const { stitchMm, roundMm } = head.form.gauge;
  const made = WORKS[work]({
    eyeMm: eyes?.eyeMm ?? Math.max(4, Math.round(0.17 * widthMm)),
    widthMm,
    stitchMm,
    roundMm,
    eyed: marks.eyes !== null,
  });
  return {
    kind: 'patch',
    ...ids,
    of: 'felt',
    path: null,
    turnDeg: 0,
    twin: 'none',
    eyes: 'under',
    seam: 'whip',
    ...made,
  };
}

/** How pieces or knots are scattered: how wide each is, how many, the least between two of them, how far about the first, all mm; the same seed scatters alike. */
export interface Scattering {
  wideMm: number;
  count: number;
  gapMm: number;
  withinMm: number;
  seed: number;
}

/** Tries for each piece before it is told that it does not fit. */
const TRIES = 60;

/**
 * Ends scattered about the first, no two pieces (nor their mirror images) nearer than the gap and none on an eye; fewer where no more fit. Each is a
 * place in half stitches, so that the maker can count to it.
 */
export function scattered(
  head: Head,
  f: Pick<OnFace, 'ends' | 'twin'>,
  marks: FaceMarks,
  s: Scattering,
): readonly ThreadEnd[] {
  const state = resolveStitching(head, { ends: f.ends.slice(0, 1), twin: 'none' }, marks);
  if (state.state !== 'at') return f.ends;
  const [first] = f.ends;
  const [middle] = state.runs[0].places;
  const chart = chartAt(head.form, upOfFace(head, marks), middle.polar, s.withinMm);
  const random = seededBy(s.seed);
  const apart = s.wideMm + s.gapMm;
  // Beside an eye from rim to rim.
  const { points: eyes, spacing } = marks.eyes ?? { points: [], spacing: null };
  const fromEye = (spacing ? spacing.straightMm.value - spacing.rimMm.value : 0) / 2 + s.wideMm / 2 + s.gapMm;
  const twin = typeof f.twin === 'string' ? f.twin : 'mirrored';
  const ends: ThreadEnd[] = [];
  const at: Vec3[] = [];
  const most = Math.min(s.count, MOST_PATCHED.pieces);
  for (let tries = 0; ends.length < most && tries < most * TRIES; tries++) {
    const [mm, a] = [s.withinMm * Math.sqrt(random()), 2 * Math.PI * random()];
    const aim: Flat = [mm * Math.cos(a), mm * Math.sin(a)];
    if (mm > chart.endsAt(aim)) continue;
    const moved = movedEnd(head, marks, first, chart.lay(aim));
    const place = resolveStitching(head, { ends: [moved], twin }, marks);
    if (place.state !== 'at') continue;
    const there = place.runs.map((run) => run.places[0].point);
    const [own, other] = there;
    if (other && distance(own, other) < apart) continue;
    if (there.some((p) => at.some((q) => distance(p, q) < apart))) continue;
    if (there.some((p) => eyes.some((eye) => distance(p, eye) < fromEye))) continue;
    ends.push(moved);
    at.push(...there);
  }
  return ends.length > 0 ? ends : f.ends.slice(0, 1);
}

/** Numbers from 0 to 1 that are the same for the same seed: a linear congruential generator, as in Numerical Recipes. */
function seededBy(seed: number): () => number {
  let state = Math.imul(seed + 1, 2654435761) >>> 0;
  return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 4294967296;
}
