import type { Projection } from '@hoppla/core/picture';
import { type Tint } from './yarnTint';
import { useEffect, useRef, type RefObject } from 'react';
import { kept } from '@hoppla/core/kept';
import type { Shown } from '../shown';
import { Drawing, type Haste } from './drawing';

export interface StageCanvasProps {
  pieces: readonly Shown[];
  projection: Projection;
  width: number;
  height: number;
  cutDepth: number;
  tints: ReadonlyMap<string, Tint>;
  /** changes when the tints do */
  tintsAre: string;
  /** a picture of the finger's surroundings is drawn into it after each drawing; px of the mat */
  loupe: { x: number; y: number; canvas: RefObject<HTMLCanvasElement | null> } | null;
  onDrawn: () => void;
  /** the browser has no graphics for it, or lost them */
  onFail: () => void;
}

/** A picture that takes longer than so many ms to be shown is drawn with fewer faces while it is turned, and without legs if that is not enough; after so many ms of rest, in full. */
const SLOW_MS = 70;
const REST_MS = 220;
/** An eye that is moved where pictures take long is drawn after so many ms: longer than a picture that is still on its way. */
const DRESS_REST_MS = 700;
/** How much a loupe makes larger. */
const LOUPE_SCALE = 2.2;

/** The toy in three dimensions: drawn when something has changed, never by itself. The one door to three. */
export default function StageCanvas(props: StageCanvasProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const drawing = useRef<Drawing | null>(null);
  const latest = useRef(props);
  const frame = useRef(0);
  const drawn = useRef('');
  const dressed = useRef('');
  const turn = useRef('');
  const slow = useRef<Haste>(0);
  const rest = useRef(0);
  useEffect(() => {
    latest.current = props;
    if (!drawing.current && canvas.current) {
      try {
        drawing.current = new Drawing(canvas.current);
        canvas.current.addEventListener('webglcontextlost', () => latest.current.onFail());
      } catch {
        latest.current.onFail();
        return;
      }
    }
    const now = signature(props);
    const dress = JSON.stringify(props.pieces.map((p) => p.dress));
    if (now === drawn.current && dress === dressed.current) return;
    const onlyDress = now === drawn.current;
    drawn.current = now;
    dressed.current = dress;
    if (onlyDress && slow.current) {
      // An eye is being moved where pictures take long: its rim follows the finger at once, the eye itself when the finger rests.
      clearTimeout(rest.current);
      rest.current = window.setTimeout(
        () => drawing.current && canvas.current && draw(drawing.current, canvas.current, latest.current, 0),
        DRESS_REST_MS,
      );
      return;
    }
    const turned = JSON.stringify(props.projection);
    const moving = turned !== turn.current && turn.current !== '';
    turn.current = turned;
    frame.current ||= requestAnimationFrame(() => {
      frame.current = 0;
      if (!drawing.current || !canvas.current) return;
      const haste = moving ? slow.current : 0;
      clearTimeout(rest.current);
      draw(drawing.current, canvas.current, latest.current, haste);
      drawing.current.drawnIn((ms) => {
        if (ms > SLOW_MS) slow.current = Math.max(slow.current, Math.min(2, haste + 1)) as Haste;
        // At rest it is drawn in full; the rest begins when this picture has been shown.
        clearTimeout(rest.current);
        if (haste)
          rest.current = window.setTimeout(
            () =>
              drawing.current && canvas.current && draw(drawing.current, canvas.current, latest.current, 0),
            REST_MS,
          );
      });
    });
  });
  useEffect(
    () => () => {
      cancelAnimationFrame(frame.current);
      clearTimeout(rest.current);
      drawing.current?.dispose();
      drawing.current = null;
      drawn.current = '';
    },
    [],
  );
  return (
    <canvas
      ref={canvas}
      style={{ position: 'absolute', left: 0, top: 0, width: props.width, height: props.height }}
      aria-hidden
    />
  );
}

let count = 0;
/** A number of its own for a thing, the same as long as it lives. */
const numberOf = kept((_thing: object): number => ++count);

/** All that a picture depends on but for eyes and threads, in one word: the same word needs no new picture. */
function signature({
  pieces,
  projection,
  width,
  height,
  cutDepth,
  tintsAre,
  loupe,
}: StageCanvasProps): string {
  return JSON.stringify([
    pieces.map((p) => [p.key, numberOf(p.looks), p.colours, p.upTo, p.placed.placement]),
    projection,
    width,
    height,
    cutDepth,
    tintsAre,
    loupe && [loupe.x, loupe.y],
  ]);
}

function draw(
  drawing: Drawing,
  canvas: HTMLCanvasElement,
  { pieces, projection, width, height, cutDepth, tints, loupe, onDrawn }: StageCanvasProps,
  haste: Haste,
): void {
  const began = performance.now();
  drawing.show(pieces, projection.pxPerMm, haste);
  for (const piece of pieces) drawing.tint(piece.key, tints.get(piece.key) ?? null);
  drawing.render(projection, width, height, cutDepth);
  if (loupe?.canvas.current) magnify(canvas, loupe.canvas.current, loupe, width);
  // For whoever measures: what the last picture cost.
  Object.assign(canvas.dataset, {
    pictures: Number(canvas.dataset.pictures ?? 0) + 1,
    triangles: drawing.cost.triangles,
    calls: drawing.cost.calls,
    ms: (performance.now() - began).toFixed(1),
  });
  onDrawn();
}

/** Draws the surroundings of a px larger, in the same task as the picture itself: a canvas forgets afterwards. */
function magnify(
  from: HTMLCanvasElement,
  to: HTMLCanvasElement,
  at: { x: number; y: number },
  width: number,
): void {
  const ratio = from.width / width;
  const size = (to.width / (LOUPE_SCALE * Math.max(1, to.width / Math.max(1, to.clientWidth)))) * ratio;
  const context = to.getContext('2d');
  if (!context) return;
  context.clearRect(0, 0, to.width, to.height);
  context.drawImage(
    from,
    at.x * ratio - size / 2,
    at.y * ratio - size / 2,
    size,
    size,
    0,
    0,
    to.width,
    to.height,
  );
}
