import { type Projection, seenAt } from '@hoppla/core/picture';
import { Circle, G, Path, Rect } from 'react-native-svg';
import { polarOf, type Polar } from '@hoppla/core/address';
import type { EyePair, EyesAt, Head } from '@hoppla/core/feature';
import type { Placed } from '@hoppla/core/join';
import type { PartModel, Patched } from '@hoppla/core/model';
import { MatText, RULER } from '../../controls';
import { usePalette } from '../../theme';
import { ringIsUp } from './ringIsUp';
import type { EndAt, NeedledState } from './stitchEnds';

/** What is drawn over a face: its middle line and its rounds from the front, its eyes or the embroidery that is open. */
export function FaceOverlay({
  part,
  head,
  own,
  at,
  eyes,
  stitched,
  end,
  projection,
  cut,
  front,
  width,
  height,
}: {
  part: PartModel;
  head: Head;
  own: Placed;
  at: EyesAt | null;
  eyes: EyePair | null;
  stitched: NeedledState | null;
  end: EndAt;
  projection: Projection;
  cut: boolean;
  front: boolean;
  width: number;
  height: number;
}) {
  const eyed = at && !stitched && !cut ? at : null;
  return (
    <>
      {front ? (
        <Veil part={part} head={head} own={own} projection={projection} width={width} height={height} />
      ) : null}
      {front ? <FaceLine projection={projection} own={own} height={height} /> : null}
      {front ? <RoundNames part={part} own={own} projection={projection} /> : null}
      {stitched && !cut ? <NeedleWay own={own} stitched={stitched} projection={projection} /> : null}
      {stitched && !cut ? (
        <ThreadEnds own={own} stitched={stitched} end={end} projection={projection} />
      ) : null}
      {eyed ? <EyeRound own={own} at={eyed} projection={projection} width={width} /> : null}
      {eyed && eyes ? <EyeRims own={own} at={eyed} eyes={eyes} projection={projection} /> : null}
    </>
  );
}

/** What is not the head of a one-piece toy lies behind a veil: the face is made on the head alone. */
function Veil({
  part,
  head,
  own,
  projection,
  width,
  height,
}: {
  part: PartModel;
  head: Head;
  own: Placed;
  projection: Projection;
  width: number;
  height: number;
}) {
  const c = usePalette();
  const { from, to } = head.rounds;
  const last = part.fabric.rounds.length - 1;
  const yOf = (row: number) => seenAt(projection, own, { angleRad: own.frontRad, row }).y;
  const middle = yOf((from + to + 1) / 2);
  const ends = [...(from > 0 ? [yOf(from)] : []), ...(to < last ? [yOf(to + 1)] : [])];
  return ends.map((y) => (
    <Rect
      key={y}
      x={0}
      width={width}
      y={y > middle ? y : 0}
      height={Math.max(0, y > middle ? height - y : y)}
      fill={c.mat}
      fillOpacity={0.55}
    />
  ));
}

/** The middle of the face: the tape's own middle line runs on below it. */
function FaceLine({ projection, own, height }: { projection: Projection; own: Placed; height: number }) {
  const c = usePalette();
  const { x } = seenAt(projection, own, { angleRad: own.frontRad, row: own.form.r.length / 2 });
  return (
    <Path
      d={`M${x} ${RULER.top}V${height}`}
      stroke={c.matInk}
      strokeWidth={1.3}
      strokeDasharray="6 5"
      strokeOpacity={0.8}
    />
  );
}

/** The line between two rounds on which the eyes stand, where it is in sight. */
function EyeRound({
  own,
  at,
  projection,
  width,
}: {
  own: Placed;
  at: EyesAt;
  projection: Projection;
  width: number;
}) {
  const c = usePalette();
  const { count } = own.form.fabric.rounds[at.round];
  const points = Array.from({ length: 81 }, (_, k) =>
    seenAt(projection, own, polarOf(own.form, at.round, at.centre + ((k - 40) / 40) * (count / 2), 'hole')),
  );
  let d = '';
  points.forEach(
    (p, k) =>
      (d += p.near ? `${k > 0 && points[k - 1].near ? 'L' : 'M'}${p.x.toFixed(1)} ${p.y.toFixed(1)}` : ''),
  );
  const near = points.filter((p) => p.near);
  if (near.length < 2) return null;
  const end = near.reduce((a, b) => (b.x > a.x ? b : a));
  return (
    <G>
      <Path d={d} stroke={c.matDeep} strokeWidth={4.2} fill="none" />
      <Path d={d} stroke={c.tape} strokeWidth={2.6} fill="none" />
      <MatText
        x={Math.min(end.x + 6, width - 46)}
        y={end.y + 5}
        size={13}
        number
        colour={c.tape}
      >{`${at.names[0].round[0]}·${at.names[0].round[1]}`}</MatText>
    </G>
  );
}

function EyeRims({
  own,
  at,
  eyes,
  projection,
}: {
  own: Placed;
  at: EyesAt;
  eyes: EyePair;
  projection: Projection;
}) {
  const c = usePalette();
  return at.polar.map((polar, i) => {
    const { x, y, near } = seenAt(projection, own, polar);
    const r = (eyes.eyeMm / 2) * projection.pxPerMm + 3;
    return near ? (
      <G key={i}>
        <Circle cx={x} cy={y} r={r} stroke={c.matDeep} strokeWidth={4.2} fill="none" />
        <Circle cx={x} cy={y} r={r} stroke={c.tape} strokeWidth={2.6} fill="none" />
      </G>
    ) : null;
  });
}

/** The edge of what is laid on, and the way of a needle through the inside, of what is open. */
function NeedleWay({
  own,
  stitched,
  projection,
}: {
  own: Placed;
  stitched: NeedledState;
  projection: Projection;
}) {
  const c = usePalette();
  const seen = (polars: readonly Polar[]) => polars.map((polar) => seenAt(projection, own, polar));
  const path = (points: readonly { x: number; y: number }[]) =>
    points.map((p, i) => `${i ? 'L' : 'M'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('');
  const edges =
    stitched.feature.kind === 'patch'
      ? (stitched as Patched).sides.flatMap((side) => side.pieces.map((piece) => seen(piece.outline)))
      : [];
  const inside =
    stitched.feature.kind === 'sculpt' && stitched.sides[0]
      ? stitched.sides[0].places.flatMap((from, i, all) =>
          i % 2 === 0 ? [seen([from.polar, all[(i + 1) % all.length].polar])] : [],
        )
      : [];
  const lines = [
    ...edges
      .filter((edge) => edge.every((p) => p.near))
      .map((edge) => ({ d: `${path(edge)}Z`, dash: undefined })),
    ...inside.map((leg) => ({ d: path(leg), dash: '3 5' })),
  ];
  return lines.map(({ d, dash }) => (
    <G key={d}>
      <Path
        d={d}
        fill="none"
        stroke={c.matDeep}
        strokeWidth={3.4}
        strokeDasharray={dash}
        strokeOpacity={0.8}
      />
      <Path d={d} fill="none" stroke={c.threadMat} strokeWidth={1.8} strokeDasharray={dash} />
    </G>
  ));
}

/** The ends of the needle work that is open, as rings; the one that moves is the largest and has its number. */
function ThreadEnds({
  own,
  stitched: { sides },
  end,
  projection,
}: {
  own: Placed;
  stitched: NeedledState;
  end: EndAt;
  projection: Projection;
}) {
  const c = usePalette();
  return sides.flatMap((run, side) =>
    run.places.map((place, i) => {
      const { x, y, near } = seenAt(projection, own, place.polar);
      if (!near) return null;
      const chosen = side === end.side && i === end.end;
      const r = chosen ? 8 : 3.5;
      // A ring, so that the thread is seen in it; its number stands beside it.
      return (
        <G key={`${side} ${i}`}>
          <Circle cx={x} cy={y} r={r} fill="none" stroke={c.matDeep} strokeWidth={4.6} />
          <Circle cx={x} cy={y} r={r} fill="none" stroke={c.threadMat} strokeWidth={2.4} />
          {chosen ? (
            <MatText x={x + 11} y={y - 5} size={13} number colour={c.threadMat} halo={c.matDeep}>
              {String(i + 1)}
            </MatText>
          ) : null}
        </G>
      );
    }),
  );
}

/** Rounds ticked along the left outline, named every 5. */
function RoundNames({ part, own, projection }: { part: PartModel; own: Placed; projection: Projection }) {
  const c = usePalette();
  const sideways = part.form.direction * (ringIsUp(part) ? 1 : -1) * (Math.PI / 2);
  const rounds = part.form.rounds.map((r, i) => ({
    r,
    at: seenAt(projection, own, { angleRad: own.frontRad + sideways, row: i + 1 }),
  }));
  const middle = seenAt(projection, own, { angleRad: 0, row: 0 }).x;
  const flipped = rounds.some((x) => x.at.x > middle + 1);
  return (
    <G>
      {rounds.map(({ r, at: { x, y } }, i) => {
        if (i < 2 || i > rounds.length - 3) return null;
        const left = (flipped ? 2 * middle - x : x) - 5;
        return r.number % 5 === 0 ? (
          <G key={r.label}>
            <Path d={`M${left} ${y}h-11`} stroke={c.matInk} strokeWidth={1.6} />
            <MatText x={left - 14} y={y + 4.5} size={12} anchor="end" number>
              {r.label}
            </MatText>
          </G>
        ) : (
          <Path key={r.label} d={`M${left} ${y}h-6`} stroke={c.matInk2} strokeWidth={1} />
        );
      })}
    </G>
  );
}
