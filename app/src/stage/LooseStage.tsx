import { type Projection, project, rowsOf, viewName } from '@hoppla/core/picture';
import Rotate from 'lucide-react-native/icons/rotate-3d';
import { lazy, Suspense, useMemo, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { type Placed } from '@hoppla/core/join';
import { modelOf, type PartModel, type ToyModel } from '@hoppla/core/model';
import { type UnitWords } from '@hoppla/core/words';
import { Mat, Press, Words, type MatView } from '../controls';
import { usePalette } from '../theme';
import { useGestures } from './gestures';
import { grabbed, type Grab } from './grab';
import { heldProjection, shifted, turnedBy, zoomedBy, STRAIGHT, type Hold, type SetHold } from './hold';
import { LookSheet } from './LookSheet';
import { Picker, type Pick } from './picker';
import { apartWords, pointOfPick, readingWords } from './reading';
import { keyOf, shownOf, type Shown } from './shown';
import { StageReading } from './StageReading';
import { useLooks } from './useLooks';
import { screenWords } from '../words';
import { Loupe } from './Loupe';
import { RoundMarks, Measured } from './RoundMarks';
import { FlatToy, tintsOf } from './FlatToy';
import { KEY_TURNS, stands, pivotOf, walkedInSight, turnedTo } from './walking';

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
  /** controls that stand over the toy and follow it */
  handles?: (projection: Projection) => ReactNode;
  /** stands in the lower right corner while nothing is read */
  corner?: ReactNode;
  /** what can be done with a place that was touched; null where nothing can */
  action?: (pick: Pick, piece: Placed) => PickAction | null;
  /** what can be taken hold of and drawn along */
  grab?: Grab;
  /** a piece was touched */
  onTouch?: (piece: Placed) => void;
  /** only looked at: a shelf, a picture beside a text */
  still?: boolean;
}

export interface PickAction {
  label: string;
  run: () => void;
}

type Finger = { x: number; y: number; finger: boolean } | null;

/** The mat with everything on it, at letters of any size. */
export function LooseStage(props: StageProps) {
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
    if (pick && !measuring) props.onTouch?.(pieces[pick.piece].placed);
    if (pick && measuring && !from) setMeasuring({ from: pick });
  };
  const tap = (p: { x: number; y: number }) => choose(picker?.at(p.x, p.y) ?? null);
  const grab = grabbed(props.grab, projection, picker, pieces);
  useGestures(element, { setHold, middle, over: setFinger, tap, ...grab }, !still);
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
  // Numbers, so that the mat is the same while they are.
  const { x: originX, y: originY } = shifted(
    hold,
    { x: props.rulers?.x ?? 0, y: props.rulers?.y ?? 0 },
    middle,
  );
  const view: MatView = { pxPerMm: projection.pxPerMm, originX, originY };
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
          unit={props.units.of}
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
          {props.handles?.(projection)}
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
