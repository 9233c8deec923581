import { courseOf, middleOf, type Polar, type Spot } from '../address';
import { SCULPT, type Figure } from '../figures';
import { distance, dot, sub, type Vec3 } from '../form';
import { ranged } from '../gauge';
import { chartAt } from './chart';
import type { FaceMarks, ThreadPlace } from './faceCanvas';
import type { OnPart, ThreadEnd } from './feature';
import { headWidthMm, type Head } from './head';
import type { PostAt } from './patching';
import type { Sculpt, SculptWork } from './sculpt';
import { evened, upOfFace } from './stitching';
import { lineMm, straight, type ThreadLine } from './threadPath';

/** The way of the needle, once round. */
export interface SculptWay {
  /** stretches through the inside, from place to place */
  inside: readonly (readonly [Vec3, Vec3])[];
  /** stretches over the fabric */
  over: readonly ThreadLine[];
  insideMm: number;
  overMm: number;
  /** all passes, mm */
  mm: number;
  /** from post to post, mm; null where the needle does not go round eyes */
  eyesMm: number | null;
  /** the shortest needle at the gauge's worst end, mm: longer than its longest way inside, and than the head is wide where it goes from side to side */
  needleMm: number;
}

/** A number that nobody has measured, with how far it may be off. */
export interface Estimate {
  value: number;
  low: number;
  high: number;
}

/** What the pull is thought to do; an estimate, never a measurement. Mm. */
export interface SculptEstimate {
  /** how far the eyes are apart after it; null where none are drawn together */
  apartMm: Estimate | null;
  /** how deep an eye sinks, the fabric dips or the base rises */
  deepMm: Estimate;
}

/** Thread over the fabric past an eye lies on the side of it that is said. */
function overLine(
  head: Head,
  f: Sculpt,
  marks: FaceMarks,
  posts: readonly PostAt[],
  a: Polar,
  b: Polar,
): ThreadLine {
  const { form } = head;
  const plain = straight(form, a, b);
  const own = upOfFace(head, marks);
  for (const post of posts) {
    if (post.is === 'nose') continue;
    const chart = chartAt(form, own, post.polar, post.radiusMm + 2);
    const near = plain.some((at) => Math.hypot(...chart.flat(at)) < post.radiusMm);
    if (!near) continue;
    const inwards = post.is === 'left eye' ? -1 : 1;
    const via = chart.lay([inwards * (f.loop === 'inner' ? 1 : -1) * (post.radiusMm + 1), 0]);
    return [...straight(form, a, via), ...straight(form, via, b).slice(1)];
  }
  return plain;
}

/** The way of the needle through places: inside and over the fabric by turns, and back to the first. */
export function sculptWay(
  head: Head,
  f: Sculpt,
  places: readonly ThreadPlace[],
  marks: FaceMarks,
  posts: readonly PostAt[],
): SculptWay {
  const legs = places.map((from, i) => ({ from, to: places[(i + 1) % places.length], isIn: i % 2 === 0 }));
  const inside = legs.filter((l) => l.isIn).map((l) => [l.from.point, l.to.point] as const);
  const over = legs
    .filter((l) => !l.isIn)
    .map((l) => overLine(head, f, marks, posts, l.from.polar, l.to.polar));
  const longs = inside.map(([a, b]) => distance(a, b));
  const insideMm = longs.reduce((a, b) => a + b, 0);
  const overMm = over.reduce((sum, line) => sum + lineMm(head.form, line), 0);
  const longest = Math.max(0, ...longs);
  const isAcross = f.work === 'eyes';
  return {
    inside,
    over,
    insideMm,
    overMm,
    mm: f.passes * (insideMm + overMm),
    eyesMm: isAcross && marks.eyes ? marks.eyes.spacing.straightMm.value : null,
    needleMm:
      ranged(Math.max(longest, isAcross ? headWidthMm(head) : 0), head.form.gauge).high +
      SCULPT.needleOverMm.value,
  };
}

/** What all passes do together, as a share of what the first does. */
const together = (passes: number): number => (1 - SCULPT.perPass ** passes) / (1 - SCULPT.perPass);

const times = (f: Figure, by: number): Estimate => ({
  value: f.value * by,
  low: (f.low ?? f.value) * by,
  high: (f.high ?? f.value) * by,
});

/** What the pull is thought to do: each figure with the range in which nobody knows better. Source: `figures`, SCULPT. */
export function sculptEstimate(head: Head, f: Sculpt, way: SculptWay, eyeMm: number): SculptEstimate {
  const passes = together(f.passes);
  if (f.work === 'eyes' && way.eyesMm !== null) {
    const drawn = times(SCULPT.drawn, passes);
    const left = (share: number) => way.eyesMm! * (1 - Math.min(0.6, share));
    return {
      apartMm: { value: left(drawn.value), low: left(drawn.high), high: left(drawn.low) },
      deepMm: times(SCULPT.sunk, passes * eyeMm),
    };
  }
  if (f.work === 'tie') {
    const long = Math.max(0, ...way.inside.map(([a, b]) => distance(a, b)));
    return { apartMm: null, deepMm: times(SCULPT.rise, passes * long) };
  }
  return { apartMm: null, deepMm: times(SCULPT.dip, passes * head.form.gauge.stitchMm) };
}

/** A hole of the middle of the face near an end of the part. */
function holeOn(head: Head, marks: FaceMarks, round: number, on: number): Spot {
  const { form } = head;
  const { count } = form.fabric.rounds[round];
  const own = upOfFace(head, marks);
  // The round's hole that looks most to the front.
  const ahead = Array.from({ length: count }, (_, k) => {
    const angle = (2 * Math.PI * k) / count;
    return dot([Math.cos(angle), form.direction * Math.sin(angle), 0], own.front);
  });
  const index = ahead.indexOf(Math.max(...ahead));
  return { course: courseOf(form.fabric, round), at: 'hole', index: (index + on + count) % count, of: count };
}

const at = (from: ThreadEnd['from'], across = 0, down = 0): ThreadEnd => ({ from, across, down });

/** Needle sculpting of a kind on a head: where it usually goes in and out. */
export function newSculpt(
  head: Head,
  marks: FaceMarks,
  ids: { id: string; name: string; colour: string } & OnPart,
  work: SculptWork,
  eyeMm: number,
): Sculpt {
  const { roundMm } = head.form.gauge;
  const rim = Math.ceil(eyeMm / roundMm) / 2 + 0.5;
  const last = head.form.fabric.rounds.length - 1;
  const ends: Record<SculptWork, () => ThreadEnd[]> = {
    eyes: () => [
      at('left eye', 0, rim),
      at('right eye', 0, rim),
      at('right eye', 0, -rim),
      at('left eye', 0, -rim),
    ],
    divot: () => [at('face', 0.5, 0), at('face', -0.5, 0)],
    tie: () => {
      const [near, far] = [Math.min(1, last), Math.max(0, last - 1)];
      const [base, top] = ringIsUp(head, marks) ? [far, near] : [near, far];
      return [
        at(holeOn(head, marks, base, 0)),
        at(holeOn(head, marks, top, 0)),
        at(holeOn(head, marks, top, 1)),
        at(holeOn(head, marks, base, 1)),
      ];
    },
  };
  const made: Sculpt = {
    kind: 'sculpt',
    ...ids,
    work,
    ends: ends[work](),
    twin: 'none',
    passes: work === 'eyes' ? 2 : 1,
    loop: 'outer',
  };
  return work === 'eyes' ? evened(head, made, marks) : made;
}

/** Whether the part's start is above its middle. */
function ringIsUp(head: Head, marks: FaceMarks): boolean {
  const { form } = head;
  const start: Vec3 = [0, 0, form.z[0]];
  return dot(sub(start, middleOf(form)), upOfFace(head, marks).up) >= 0;
}
