import Rotate from 'lucide-react-native/icons/rotate-3d';
import { lazy, Suspense, useMemo, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Circle, G, Path } from 'react-native-svg';
import type { Vec3 } from '@hoppla/core/form';
import { move, type Placed } from '@hoppla/core/join';
import { modelOf, type PartModel, type ToyModel } from '@hoppla/core/model';
import { type UnitWords } from '@hoppla/core/words';
import { Mat, MatText, Press, Words, type MatView } from '../controls';
import { usePalette } from '../theme';
import { useGestures } from './gestures';
import { heldProjection, shifted, turnedBy, zoomedBy, STRAIGHT, type Hold, type SetHold } from './hold';
import { LookSheet } from './LookSheet';
import { Picker, type Pick } from './picker';
import { apartWords, pointOfPick, readingWords, walked } from './reading';
import { sceneOf } from './scene';
import { keyOf, shownOf, stitchAt, type Shown } from './shown';
import { StageReading } from './StageReading';
import { ToyPicture } from './ToyPicture';
import { useLooks } from './useLooks';
import { project, rowsOf, viewName, type Projection } from './view';
import type { Tint } from './three/drawing';
import { screenWords } from '../words';

const say = screenWords.stage;
const StageCanvas = lazy(() => import('./three/StageCanvas'));

export interface StageProps {
  width: number;
  height: number;
  /** spoken name of the picture */
  label: string;
  /** what stands on the mat; usually one toy */
  toys: readonly { model: ToyModel; placed: readonly Placed[] }[];
  units: UnitWords;
  /** px of the toy's own 0, 0 at rest, and the station's scale */
  rest: { x: number; y: number; pxPerMm: number };
  /** px at which the rulers begin at rest */
  rulers: { x: number; y: number } | null;
  hold: Hold;
  setHold: SetHold;
  bare?: boolean;
  /** rounds that are already there, by piece (`keyOf`) */
  upTo?: Record<string, number>;
  /** rounds that mean something to the station, by piece (`keyOf`) */
  marks?: readonly { piece: string; round: number; colour: string; share: number }[];
  /** drawn over the toy, in px */
  overlay?: (projection: Projection) => ReactNode;
  /** stands in the lower right corner while nothing is read */
  corner?: ReactNode;
  /** what can be done with a place that was touched; null where nothing can */
  action?: (pick: Pick, piece: Placed) => PickAction | null;
  /** only looked at: a shelf, a picture beside a text */
  still?: boolean;
}

export interface PickAction {
  label: string;
  run: () => void;
}

type Finger = { x: number; y: number; finger: boolean } | null;

/** The toy on the mat, stitch by stitch: turned, counted, touched and measured. */
export function Stage(props: StageProps) {
  const { width, height, toys, rest, hold, setHold, still = false } = props;
  const c = usePalette();
  const element = useRef<HTMLElement>(null);
  const loupe = useRef<HTMLCanvasElement>(null);
  const [drawn, setDrawn] = useState<'not yet' | 'drawn' | 'cannot'>('not yet');
  const [finger, setFinger] = useState<Finger>(null);
  const [chosen, setChosen] = useState<Pick | null>(null);
  const [measuring, setMeasuring] = useState<{ from: Pick | null } | null>(null);
  const [looking, setLooking] = useState(false);
  const middle = { x: width / 2, y: height / 2 };
  const pieces = usePieces(props);
  const rows = useMemo(() => rowsOf({ yaw: hold.yaw, pitch: hold.pitch }), [hold.yaw, hold.pitch]);
  const pivot = useMemo(() => pivotOf(toys.flatMap((t) => t.placed)), [toys]);
  const projection = useMemo(
    () =>
      heldProjection(
        {
          pivot,
          pxPerMm: rest.pxPerMm,
          x: rest.x + pivot[0] * rest.pxPerMm,
          y: rest.y - pivot[1] * rest.pxPerMm,
        },
        rows,
        hold,
        { x: width / 2, y: height / 2 },
      ),
    [pivot, rest.pxPerMm, rest.x, rest.y, rows, hold, width, height],
  );
  const cutDepth = hold.cut ? 0 : 1e6;
  const picker = useMemo(
    () => (still ? null : new Picker(pieces, projection, cutDepth)),
    [still, pieces, projection, cutDepth],
  );
  const over = finger && picker ? picker.at(finger.x, finger.y) : null;
  // A pick of a fabric that has changed since means nothing any more.
  const kept = chosen && stands(pieces, chosen) ? chosen : null;
  const from = measuring?.from && stands(pieces, measuring.from) ? measuring.from : null;
  const read = over ?? kept;
  const choose = (pick: Pick | null) => {
    setChosen(pick);
    if (pick && measuring && !from) setMeasuring({ from: pick });
  };
  useGestures(
    element,
    { setHold, middle, over: setFinger, tap: (p) => choose(picker?.at(p.x, p.y) ?? null) },
    !still,
  );
  const tints = tintsOf(pieces, props.marks ?? [], read, c);
  const tintsAre = JSON.stringify([props.marks, read, c.tape]);
  const many = pieces.length > 1;
  const words = read ? readingWords(modelAt(toys, pieces[read.piece]), pieces[read.piece], read, many) : null;
  const action = kept && !measuring ? (props.action?.(kept, pieces[kept.piece].placed) ?? null) : null;
  const act = action && {
    label: action.label,
    run: () => {
      setChosen(null);
      action.run();
    },
  };
  const measured = from && read && read !== from ? apartWords(pieces, from, read, props.units) : null;
  const view: MatView = {
    pxPerMm: projection.pxPerMm,
    originX: shifted(hold, { x: props.rulers?.x ?? 0, y: 0 }, middle).x,
    originY: shifted(hold, { x: 0, y: props.rulers?.y ?? 0 }, middle).y,
  };
  const keys = (event: { key: string; shiftKey: boolean; preventDefault: () => void }) => {
    const turn = event.shiftKey ? KEY_TURNS[event.key] : undefined;
    if (turn) setHold((h) => turnedBy(h, ...turn));
    else if (event.key.startsWith('Arrow')) {
      const next = walkedInSight(pieces, kept, event.key, projection);
      setChosen(next);
      if (next) setHold((h) => turnedTo(h, pieces[next.piece], next));
    } else if (event.key === '+' || event.key === '=') setHold((h) => zoomedBy(h, 1.25, middle, middle));
    else if (event.key === '-') setHold((h) => zoomedBy(h, 0.8, middle, middle));
    else if (event.key === 'Enter' && act) act.run();
    else if (event.key === 'Enter' && kept) choose(kept);
    else if (event.key === 'Home') setHold(() => STRAIGHT);
    else if (event.key === 'Escape' && (kept || measuring)) {
      setChosen(null);
      setMeasuring(null);
    } else return;
    event.preventDefault();
  };
  const focusable = still
    ? {}
    : { tabIndex: 0, role: 'application', 'aria-label': `${props.label}. ${say.how}`, onKeyDown: keys };
  return (
    <View style={{ width, height }}>
      <View
        ref={element as never}
        {...(focusable as object)}
        style={
          {
            width,
            height,
            overflow: 'hidden',
            ...(still ? {} : { touchAction: 'none', userSelect: 'none', cursor: 'grab' }),
          } as object
        }
      >
        <Mat
          width={width}
          height={height}
          view={view}
          label={props.label}
          rulers={props.rulers !== null}
          stage={
            drawn === 'cannot' || toys.every((t) => t.placed.length === 0) ? null : (
              <Suspense fallback={null}>
                <StageCanvas
                  pieces={pieces}
                  projection={projection}
                  width={width}
                  height={height}
                  cutDepth={cutDepth}
                  tints={tints}
                  tintsAre={tintsAre}
                  loupe={finger?.finger && over ? { x: finger.x, y: finger.y, canvas: loupe } : null}
                  onDrawn={() => setDrawn((now) => (pieces.length > 0 && now === 'not yet' ? 'drawn' : now))}
                  onFail={() => setDrawn('cannot')}
                />
              </Suspense>
            )
          }
        >
          {drawn === 'drawn'
            ? null
            : toys.map((toy) => (
                <FlatToy
                  key={toy.model.toy.id}
                  {...toy}
                  projection={projection}
                  bare={props.bare}
                  upTo={props.upTo}
                />
              ))}
          {props.overlay?.(projection)}
          {read ? <RoundMarks piece={pieces[read.piece]} pick={read} projection={projection} /> : null}
          {from && read ? (
            <Measured
              a={project(projection, pointOfPick(pieces[from.piece], from))}
              b={project(projection, pointOfPick(pieces[read.piece], read))}
            />
          ) : null}
        </Mat>
      </View>
      {still ? null : (
        <>
          {words || measuring ? null : (
            <View style={{ position: 'absolute', right: 2, bottom: 2 }}>{props.corner}</View>
          )}
          <StageReading
            words={words}
            action={act}
            measuring={measuring !== null}
            hasFrom={from !== null}
            measured={measured}
            onEnd={() => setMeasuring(null)}
            width={width}
          />
          <Loupe
            canvas={loupe}
            at={finger?.finger && over && drawn === 'drawn' ? finger : null}
            width={width}
            height={height}
          />
          <View
            style={{ position: 'absolute', right: 2, top: props.rulers ? 24 : 2, alignItems: 'flex-end' }}
            pointerEvents="box-none"
          >
            <Press
              label={say.look}
              onPress={() => setLooking(true)}
              style={{ backgroundColor: c.matDeep, width: 44, height: 44, alignItems: 'center' }}
            >
              <Rotate color={c.matInk} size={22} strokeWidth={1.9} />
            </Press>
            {viewName(hold) === 'front' && hold.zoom === 1 && hold.panX === 0 && hold.panY === 0 ? null : (
              <Press
                label={say.toFront}
                onPress={() => setHold((h) => ({ ...STRAIGHT, cut: h.cut }))}
                style={{ backgroundColor: c.matDeep, paddingHorizontal: 10, marginTop: 2 }}
              >
                <Words
                  fontSize={14}
                  color={c.matInk}
                >{`${viewName(hold) ? say.views[viewName(hold)!] : say.turned} ↺`}</Words>
              </Press>
            )}
          </View>
        </>
      )}
      {looking ? (
        <LookSheet
          hold={hold}
          setHold={setHold}
          rest={rest}
          measuring={measuring !== null}
          onMeasure={(on) => (setMeasuring(on ? { from: null } : null), setChosen(null))}
          onClose={() => setLooking(false)}
        />
      ) : null}
    </View>
  );
}

const KEY_TURNS: Record<string, [number, number]> = {
  ArrowLeft: [Math.PI / 12, 0],
  ArrowRight: [-Math.PI / 12, 0],
  ArrowUp: [0, -Math.PI / 12],
  ArrowDown: [0, Math.PI / 12],
};

/** The pieces with their looks. */
function usePieces({ toys, bare, upTo }: StageProps): readonly Shown[] {
  const wanted = new Map<PartModel, ToyModel>();
  for (const { model, placed } of toys)
    for (const piece of placed) wanted.set(modelOf(model, piece.part), model);
  const looks = useLooks([...wanted].map(([part, model]) => ({ part, model })));
  return toys.flatMap(({ model, placed }) =>
    placed.flatMap((piece) => {
      const found = looks.get(modelOf(model, piece.part));
      return found ? [shownOf(model, piece, found, { bare, upTo: upTo?.[keyOf(piece)] })] : [];
    }),
  );
}

const modelAt = (toys: StageProps['toys'], shown: Shown): ToyModel =>
  (toys.find((t) => shown.key.startsWith(`${t.model.toy.id}/`)) ?? toys[0]).model;

const stands = (pieces: readonly Shown[], pick: Pick): boolean => {
  const piece = pieces[pick.piece];
  if (!piece || pick.stitch * 3 >= piece.looks.middles.length) return false;
  const at = stitchAt(piece, pick.stitch);
  return at.layer === pick.layer && at.round === pick.round;
};

/** The middle of what stands there: it is turned about. */
function pivotOf(placed: readonly Placed[]): Vec3 {
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

/** What is drawn flat until the stage is there, or where it cannot be. */
function FlatToy({
  model,
  placed,
  projection,
  bare,
  upTo,
}: {
  model: ToyModel;
  placed: readonly Placed[];
  projection: Projection;
  bare?: boolean;
  upTo?: Record<string, number>;
}) {
  const scene = useMemo(
    () => sceneOf(model, placed, projection.rows, upTo ?? {}),
    [model, placed, projection.rows, upTo],
  );
  const origin = project(projection, [0, 0, 0]);
  return <ToyPicture scene={scene} x={origin.x} y={origin.y} pxPerMm={projection.pxPerMm} bare={bare} />;
}

/** The round that is read is lit, every fifth stitch of it marked, and the stitch itself most. */
function tintsOf(
  pieces: readonly Shown[],
  marks: NonNullable<StageProps['marks']>,
  read: Pick | null,
  c: ReturnType<typeof usePalette>,
): ReadonlyMap<string, Tint> {
  const tints = new Map<string, Tint>();
  pieces.forEach((piece, i) => {
    const own = marks.filter((m) => m.piece === keyOf(piece.placed));
    const lit = read?.piece === i ? read : null;
    if (own.length === 0 && !lit) return;
    tints.set(piece.key, (stitch) => {
      const at = stitchAt(piece, stitch);
      if (lit && at.layer === lit.layer && at.round === lit.round) {
        if (lit.at === 'middle' && stitch === lit.stitch) return { colour: c.pinMat, share: 0.9 };
        return (at.index + 1) % 5 === 0 ? { colour: c.tapeInk, share: 0.8 } : { colour: c.tape, share: 0.8 };
      }
      return at.layer === 0 ? (own.find((m) => m.round === at.round) ?? null) : null;
    });
  });
  return tints;
}

/** Numbers along the round that is read, on the side that is seen, and a sign at the place itself. */
function RoundMarks({ piece, pick, projection }: { piece: Shown; pick: Pick; projection: Projection }) {
  const c = usePalette();
  const { fabric } = piece.placed.form;
  const round = (pick.layer ? fabric.layers[pick.layer - 1].rounds : fabric.rounds)[pick.round];
  const first = pick.stitch - stitchAt(piece, pick.stitch).index;
  const seen = (k: number) =>
    project(
      projection,
      move(piece.placed.placement, [
        piece.looks.middles[3 * k],
        piece.looks.middles[3 * k + 1],
        piece.looks.middles[3 * k + 2],
      ]),
    );
  const axis = project(
    projection,
    move(piece.placed.placement, [0, 0, piece.placed.form.z[pick.round + 1] ?? 0]),
  );
  const numbers = [];
  for (let j = 4; j < round.count; j += 5) {
    const p = seen(first + j);
    if (p.depth > axis.depth + 0.2 && j !== pick.index) numbers.push({ p, n: j + 1 });
  }
  const at = project(projection, pointOfPick(piece, pick));
  return (
    <G>
      {numbers.map(({ p, n }) => (
        <MatText
          key={n}
          x={p.x}
          y={p.y + 4}
          size={12}
          anchor="middle"
          number
          halo={c.tapeInk}
          colour={c.tapeHi}
        >
          {String(n)}
        </MatText>
      ))}
      <Circle
        cx={at.x}
        cy={at.y}
        r={pick.at === 'hole' ? 5 : 8}
        fill="none"
        stroke={c.tapeInk}
        strokeWidth={4.6}
      />
      <Circle
        cx={at.x}
        cy={at.y}
        r={pick.at === 'hole' ? 5 : 8}
        fill="none"
        stroke={c.pinMat}
        strokeWidth={2.6}
      />
    </G>
  );
}

function Measured({ a, b }: { a: { x: number; y: number }; b: { x: number; y: number } }) {
  const c = usePalette();
  const d = `M${a.x} ${a.y}L${b.x} ${b.y}`;
  return (
    <G>
      <Path d={d} stroke={c.tapeInk} strokeWidth={5} strokeLinecap="round" />
      <Path d={d} stroke={c.tape} strokeWidth={2.6} strokeLinecap="round" />
      <Circle cx={a.x} cy={a.y} r={5} fill={c.tape} stroke={c.tapeInk} strokeWidth={1.6} />
    </G>
  );
}

const LOUPE_PX = 132;

/** What lies under the finger, larger and above it. */
function Loupe({
  canvas,
  at,
  width,
  height,
}: {
  canvas: React.RefObject<HTMLCanvasElement | null>;
  at: { x: number; y: number } | null;
  width: number;
  height: number;
}) {
  const c = usePalette();
  // Above the finger, or beside it where the mat is low.
  const above = at !== null && at.y > LOUPE_PX + 40;
  const left = !at
    ? 0
    : above
      ? Math.max(4, Math.min(width - LOUPE_PX - 4, at.x - LOUPE_PX / 2))
      : at.x > width / 2
        ? at.x - LOUPE_PX - 46
        : at.x + 46;
  const top = !at
    ? 0
    : above
      ? at.y - LOUPE_PX - 34
      : Math.max(2, Math.min(height - LOUPE_PX - 40, at.y - LOUPE_PX / 2));
  return (
    <View
      pointerEvents="none"
      style={{
        position: 'absolute',
        left,
        top,
        width: LOUPE_PX,
        height: LOUPE_PX,
        borderRadius: LOUPE_PX / 2,
        overflow: 'hidden',
        borderWidth: 3,
        borderColor: c.tape,
        backgroundColor: c.mat,
        display: at ? 'flex' : 'none',
      }}
    >
      <canvas
        ref={canvas}
        width={LOUPE_PX * 2}
        height={LOUPE_PX * 2}
        style={{ width: LOUPE_PX, height: LOUPE_PX }}
        aria-hidden
      />
      <View
        style={{
          position: 'absolute',
          left: LOUPE_PX / 2 - 9,
          top: LOUPE_PX / 2 - 9,
          width: 12,
          height: 12,
          borderRadius: 6,
          borderWidth: 2,
          borderColor: c.pinMat,
        }}
      />
    </View>
  );
}

/** Walks as the screen shows it: right is right, up is up. */
function walkedInSight(
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
function turnedTo(hold: Hold, piece: Shown, pick: Pick): Hold {
  const k = 3 * pick.stitch;
  const { form, placement } = piece.placed;
  const { middles } = piece.looks;
  const axis = move(placement, [0, 0, middles[k + 2]]);
  const p = move(placement, [middles[k], middles[k + 1], middles[k + 2]]);
  const [x, z] = [p[0] - axis[0], p[2] - axis[2]];
  if (form.section !== 'ring' || Math.hypot(x, z) < 0.4 * form.gauge.stitchMm) return hold;
  const seen = Math.atan2(x, z) - hold.yaw;
  const off = Math.atan2(Math.sin(seen), Math.cos(seen));
  return Math.abs(off) > Math.PI / 3 ? { ...hold, yaw: hold.yaw + off } : hold;
}
