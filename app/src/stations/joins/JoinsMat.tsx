import {
  type Projection,
  VIEWS,
  type ViewName,
  boundsOf,
  layOut,
  project,
  roomOf,
} from '@hoppla/core/picture';
import { useEffect, useMemo } from 'react';
import type { Vec3 } from '@hoppla/core/form';
import { Circle, G, Path } from 'react-native-svg';
import type { Exits, JoinSite, OnToy, Placed } from '@hoppla/core/join';
import { move, moveBack, moveRigid, pieceKey } from '@hoppla/core/join';
import { takenApart, type SurfaceSite, type ToyModel } from '@hoppla/core/model';
import type { UnitWords } from '@hoppla/core/words';
import { MatText, RULER } from '../../controls';
import { Stage, useHold, type Pick, type PickAction } from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as say } from '../../words';
import { Sides } from './Sides';
import { TipHandle } from './TipHandle';

/** How the whole toy is looked at: taken apart along its seams, its left laid over its right. */
export interface Looks {
  apart: boolean;
  sides: boolean;
}

export interface Looking {
  looks: Looks;
  setLooks: (looks: Looks) => void;
}

/** What is shown of the chosen join: its seams with the stitch of the first that is lit, or the holes of one that runs through its host. */
export interface ChosenJoin {
  sites: readonly JoinSite[];
  exits: Exits | null;
  stitch: number | null;
}

/** So far a piece stands off its host when the toy is taken apart, mm. */
const APART_MM = 28;

interface MatProps {
  width: number;
  height: number;
  host: { part: string; copy: string } | null;
  chosen: ChosenJoin;
  looks: Looks;
  /** the side from which the chosen work is seen; null leaves the toy as it is held */
  from: ViewName | null;
  /** the lines of the chosen work on the surface */
  lines: readonly SurfaceSite[];
  /** the first seam's guest is pointed elsewhere */
  aimed: (way: Vec3) => void;
  action: (pick: Pick, piece: Placed) => PickAction | null;
  onTouch: (piece: Placed) => void;
}

/** The whole toy on the mat, loose pieces beside it, with the seam and the pins of the chosen join. */
export function JoinsMat(props: MatProps) {
  const { width, height, host, chosen, looks, from, lines, aimed, action, onTouch } = props;
  const { model, toy, units } = useToy();
  const { apart } = looks;
  const placed = useMemo(() => (apart ? takenApart(model, APART_MM) : layOut(model, true)), [model, apart]);
  const toys = useMemo(() => [{ model, placed }], [model, placed]);
  const [hold, setHold] = useHold();
  useEffect(() => {
    if (from) setHold((now) => ({ ...now, ...VIEWS[from] }));
  }, [from, setHold]);
  const view = useMemo(
    () => viewOf(apart ? boundsOf(placed) : roomOf(model, placed), width, height),
    [apart, model, placed, width, height],
  );
  const measured = sizeWords(model, units);
  const own = apart ? undefined : placed.find((p) => host && pieceKey(p) === pieceKey(host));
  const [first] = chosen.sites;
  return (
    <Stage
      width={width}
      height={height}
      label={model.placed.length > 0 ? `${toy.name}: ${measured}` : toy.name}
      toys={toys}
      units={units}
      {...view}
      hold={hold}
      setHold={setHold}
      action={action}
      onTouch={onTouch}
      handles={(projection) =>
        own && first ? <TipHandle site={first} host={own} projection={projection} onAim={aimed} /> : null
      }
      overlay={(projection) => (
        <>
          {looks.sides ? <Sides model={model} projection={projection} /> : null}
          {apart
            ? null
            : lines.map((site, k) => <Line key={k} site={site} placed={placed} projection={projection} />)}
          {own ? <Chosen {...chosen} host={own} projection={projection} /> : null}
          {model.placed.length > 0 ? <Size x={width} y={height} words={measured} /> : null}
        </>
      )}
    />
  );
}

/** In the lower right corner. */
const Size = ({ x, y, words }: { x: number; y: number; words: string }) => (
  <MatText x={x - 8} y={y - 10} size={14} anchor="end" number>
    {words}
  </MatText>
);

/** How large the toy is, of what is put together. */
function sizeWords(model: ToyModel, units: UnitWords): string {
  const { left, right, top, bottom } = boundsOf(model.placed);
  return say.bench.size(units.bare(right - left), units.bare(bottom - top), units.of);
}

/** The chosen join on its host; the stitch that is walked to is of the first seam. */
function Chosen({ sites, exits, stitch, ...at }: ChosenJoin & { host: Placed; projection: Projection }) {
  return (
    <>
      {sites.map((site, k) => (
        <Seam key={site.copy} site={site} {...at} stitch={k === 0 ? stitch : null} />
      ))}
      {exits ? <Way exits={exits} {...at} /> : null}
    </>
  );
}

/** A line over the toy with its stations: those on the far side of the toy are seen through it. */
function Line({
  site,
  placed,
  projection,
}: {
  site: SurfaceSite;
  placed: readonly Placed[];
  projection: Projection;
}) {
  const c = usePalette();
  // A loose piece is shown beside the toy, not where it was worked out.
  const shown = ({ piece, point }: OnToy) => {
    const here = placed.find((p) => pieceKey(p) === pieceKey(piece)) ?? piece;
    return project(projection, moveRigid(here.placement, moveBack(piece.placement, point)));
  };
  const at = site.line.path.map(shown);
  const d = at.map((p, k) => `${k === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('');
  return (
    <G>
      <Path d={d} stroke="#0B1D3E" strokeWidth={4.2} fill="none" strokeOpacity={0.55} />
      <Path d={d} stroke={c.pinMat} strokeWidth={2} fill="none" strokeDasharray="5 4" />
      {site.stations.map((s, k) => {
        const p = shown(s.at);
        return (
          <G key={k}>
            <Circle cx={p.x} cy={p.y} r={5} fill="#0B1D3E" />
            <Circle cx={p.x} cy={p.y} r={3.4} fill={c.pinMat} />
          </G>
        );
      })}
    </G>
  );
}

/** The way of what runs through its host: from hole to hole, seen through the fabric. */
function Way({ exits, host, projection }: { exits: Exits; host: Placed; projection: Projection }) {
  const c = usePalette();
  const [a, b] = [exits.first, exits.other].map((e) => project(projection, move(host.placement, e.point)));
  const d = `M${a.x.toFixed(1)} ${a.y.toFixed(1)}L${b.x.toFixed(1)} ${b.y.toFixed(1)}`;
  return (
    <G>
      <Path d={d} stroke="#0B1D3E" strokeWidth={4.2} strokeOpacity={0.55} />
      <Path d={d} stroke={c.pinMat} strokeWidth={2} strokeDasharray="5 4" />
      {[a, b].map((p, k) => (
        <G key={k}>
          <Circle cx={p.x} cy={p.y} r={5} fill="#0B1D3E" />
          <Circle cx={p.x} cy={p.y} r={3.4} fill={c.pinMat} />
        </G>
      ))}
    </G>
  );
}

/** Everything in sight, the toy's own middle under the nought of the ruler. */
function viewOf({ left, right, top, bottom }: ReturnType<typeof boundsOf>, width: number, height: number) {
  const pxPerMm = Math.min(
    (width - RULER.left - 20) / (right - left),
    (height - RULER.top - 18) / (bottom - top),
    6,
  );
  const x = RULER.left + (width - RULER.left) / 2 - ((left + right) / 2) * pxPerMm;
  const y = RULER.top + 8;
  return { rest: { x, y: y - top * pxPerMm, pxPerMm }, rulers: { x, y } };
}

/** A seam on the toy: its line, its pins, and the stitch that is walked to. */
function Seam({
  site,
  host,
  projection,
  stitch,
}: {
  site: JoinSite;
  host: Placed;
  projection: Projection;
  stitch: number | null;
}) {
  const c = usePalette();
  const at = site.seam.map((s) => project(projection, move(host.placement, s.hostPoint)));
  if (at.length === 0) return null;
  const ring = site.how !== 'surface' || site.join.edge.layers === 1;
  const d = at.map((p, k) => `${k === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('');
  const pins = site.pins.map(
    (pin) => at[site.seam.findIndex((s) => s.edge === pin.edge && s.name === pin.name)],
  );
  const lit = stitch === null ? null : at[stitch];
  return (
    <G>
      <Path d={ring ? `${d}z` : d} stroke="#0B1D3E" strokeWidth={4.2} fill="none" strokeOpacity={0.55} />
      <Path d={ring ? `${d}z` : d} stroke={c.pinMat} strokeWidth={2} fill="none" strokeOpacity={0.9} />
      {pins.map((p, k) =>
        p ? (
          <G key={k}>
            <Circle cx={p.x} cy={p.y} r={5} fill="#0B1D3E" />
            <Circle cx={p.x} cy={p.y} r={3.4} fill={c.pinMat} />
          </G>
        ) : null,
      )}
      {lit ? (
        <G>
          <Path d={`M${lit.x - 9} ${lit.y}h18M${lit.x} ${lit.y - 9}v18`} stroke="#0B1D3E" strokeWidth={5.6} />
          <Path d={`M${lit.x - 9} ${lit.y}h18M${lit.x} ${lit.y - 9}v18`} stroke={c.tape} strokeWidth={2.6} />
        </G>
      ) : null}
    </G>
  );
}
