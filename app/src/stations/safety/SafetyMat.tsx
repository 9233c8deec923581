import { type Projection, boundsOf, layOut, project } from '@hoppla/core/picture';
import { useMemo } from 'react';
import { Circle, G, Path, Rect } from 'react-native-svg';
import type { Vec3 } from '@hoppla/core/form';
import { move, pieceKey, type OfPiece, type Placed } from '@hoppla/core/join';
import { heldMarks, placeOfPoint, type HeldMark, type ToldPoint } from '@hoppla/core/safety';
import { MatText, RULER } from '../../controls';
import { Stage, useHold } from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.safety;
/** Under every line over the toy, so that it is seen on any yarn. */
const SHADOW = '#0B1D3E';

/** The toy with what holds drawn over it (seams, discs, buried ends, yarns that limbs turn on), and each point by its number. */
export function SafetyMat({
  points,
  width,
  height,
}: {
  /** in the order of their numbers */
  points: readonly ToldPoint[];
  width: number;
  height: number;
}) {
  const { model, toy, units } = useToy();
  const [hold, setHold] = useHold();
  const placed = useMemo(() => layOut(model, true), [model]);
  const toys = useMemo(() => [{ model, placed }], [model, placed]);
  const marks = useMemo(() => heldMarks(model), [model]);
  return (
    <Stage
      width={width}
      height={height}
      label={say.onToy(toy.name)}
      toys={toys}
      units={units}
      {...viewOf(placed, width, height)}
      hold={hold}
      setHold={setHold}
      overlay={(projection) => (
        <>
          {marks.map((mark, k) => (
            <Held key={k} mark={mark} at={shownBy(placed, mark.piece, projection)} k={projection.pxPerMm} />
          ))}
          <Numbers points={points} placed={placed} projection={projection} />
          <Legend marks={marks} y={height} />
        </>
      )}
    />
  );
}

/** Everything in sight, above the legend. */
function viewOf(placed: readonly Placed[], width: number, height: number) {
  const { left, right, top, bottom } = boundsOf(placed);
  const room = { x: width - RULER.left - 24, y: height - RULER.top - 34 };
  const pxPerMm = Math.min(room.x / Math.max(right - left, 10), room.y / Math.max(bottom - top, 10), 6);
  const x = RULER.left + (width - RULER.left) / 2 - ((left + right) / 2) * pxPerMm;
  return {
    rest: { x, y: RULER.top + 6 - top * pxPerMm, pxPerMm },
    rulers: { x, y: RULER.top + 6 },
  };
}

type At = (point: Vec3) => { x: number; y: number };

/** Where the points of a piece are drawn; null where the piece is not on the mat. */
function shownBy(placed: readonly Placed[], piece: OfPiece, projection: Projection): At | null {
  const host = placed.find((p) => pieceKey(p) === pieceKey(piece));
  return host ? (point) => project(projection, move(host.placement, point)) : null;
}

const lineOf = (points: readonly Vec3[], at: At): string =>
  points
    .map(at)
    .map((p, k) => `${k === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`)
    .join('');

/** One thing that holds: two lines beside each other for a seam sewn twice, dashes for what lies inside. */
function Held({ mark, at, k }: { mark: HeldMark; at: At | null; k: number }) {
  const c = usePalette();
  if (!at) return null;
  if (mark.is === 'disc') {
    const { x, y } = at(mark.points[0]);
    const r = (mark.mm / 2) * k;
    return (
      <G>
        <Circle cx={x} cy={y} r={r} stroke={SHADOW} strokeWidth={3.6} strokeOpacity={0.55} fill="none" />
        <Circle cx={x} cy={y} r={r} stroke={c.pinMat} strokeWidth={1.8} strokeDasharray="4 3" fill="none" />
      </G>
    );
  }
  const d = lineOf(mark.points, at);
  if (mark.is === 'seam') {
    const line = mark.ring ? `${d}z` : d;
    return (
      <G>
        <Path d={line} stroke={SHADOW} strokeWidth={mark.twice ? 6.6 : 3.6} strokeOpacity={0.6} fill="none" />
        <Path d={line} stroke={c.pinMat} strokeWidth={mark.twice ? 4.6 : 1.8} fill="none" />
        {mark.twice ? <Path d={line} stroke={SHADOW} strokeWidth={1.6} fill="none" /> : null}
      </G>
    );
  }
  return (
    <G>
      <Path d={d} stroke={SHADOW} strokeWidth={3.6} strokeOpacity={0.55} fill="none" />
      <Path
        d={d}
        stroke={c.pinMat}
        strokeWidth={1.8}
        strokeDasharray={mark.is === 'buried' ? '2 3' : '7 4'}
        fill="none"
      />
      {mark.points.map((p, i) => {
        const { x, y } = at(p);
        return mark.is === 'anchor' || i === 0 ? (
          <Circle key={i} cx={x} cy={y} r={3.4} fill={c.pinMat} stroke={SHADOW} strokeWidth={1.2} />
        ) : null;
      })}
    </G>
  );
}

/** The numbers of the points, each where it is seen; those at one place beside each other in one tag. */
function Numbers({
  points,
  placed,
  projection,
}: {
  points: readonly ToldPoint[];
  placed: readonly Placed[];
  projection: Projection;
}) {
  const c = usePalette();
  const { model } = useToy();
  const tags = gathered(
    points.flatMap((point, k) => {
      const place = placeOfPoint(model, point);
      const at = place && shownBy(placed, place.piece, projection);
      return place && at ? [{ ...at(place.point), no: k + 1, stop: point.weight === 'stop' }] : [];
    }),
  );
  return (
    <>
      {tags.map(({ x, y, nos, stop }) => {
        const told = nos.join(', ');
        const width = 12 + 8 * told.length;
        const ground = stop ? c.coral : c.tape;
        return (
          <G key={nos[0]}>
            <Rect
              x={x - width / 2}
              y={y - 11}
              width={width}
              height={22}
              rx={4}
              fill={ground}
              stroke={SHADOW}
              strokeWidth={1.5}
            />
            <MatText x={x} y={y + 5} size={14} anchor="middle" weight="800" colour={c.tapeInk} halo={ground}>
              {told}
            </MatText>
          </G>
        );
      })}
    </>
  );
}

interface Numbered {
  x: number;
  y: number;
  no: number;
  stop: boolean;
}

/** Numbers that would lie on each other become one tag at the first of them. */
function gathered(all: readonly Numbered[]): { x: number; y: number; nos: number[]; stop: boolean }[] {
  const tags: { x: number; y: number; nos: number[]; stop: boolean }[] = [];
  for (const { x, y, no, stop } of all) {
    const near = tags.find((t) => Math.abs(t.x - x) < 26 && Math.abs(t.y - y) < 24);
    if (!near) tags.push({ x, y, nos: [no], stop });
    else {
      near.nos.push(no);
      near.stop ||= stop;
    }
  }
  return tags;
}

/** What the lines mean, as far as they are drawn. */
function Legend({ marks, y }: { marks: readonly HeldMark[]; y: number }) {
  const has = (is: HeldMark['is']) => marks.some((m) => m.is === is);
  const seams = marks.flatMap((m) => (m.is === 'seam' ? [m.twice] : []));
  const told = [
    ...(seams.includes(true) ? [say.drawn.twice] : []),
    ...(seams.includes(false) ? [say.drawn.once] : []),
    ...(has('disc') ? [say.drawn.disc] : []),
    ...(has('anchor') ? [say.drawn.anchor] : []),
    ...(has('buried')
      ? [marks.some((m) => m.is === 'buried' && !m.said) ? say.drawn.buriedNot : say.drawn.buried]
      : []),
  ];
  return (
    <MatText x={RULER.left + 6} y={y - 9} size={13}>
      {told.join('   ')}
    </MatText>
  );
}
