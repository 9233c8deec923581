import { useEffect, useRef, type RefObject } from 'react';
import { turnedBy, zoomedBy, type SetHold } from './hold';

interface Point {
  x: number;
  y: number;
}

export interface GestureAnswers {
  setHold: SetHold;
  middle: Point;
  /** something is under a resting pointer or a waiting finger; null when it has gone */
  over: (at: (Point & { finger: boolean }) | null) => void;
  tap: (at: Point) => void;
  /** whether a press there takes hold of something that is then drawn along, instead of turning the toy */
  grabs: (at: Point) => boolean;
  drag: (at: Point) => void;
}

/** A finger that waits so long reads instead of turning, ms; one that moves so far turns, px. */
const WAIT_MS = 320;
const MOVED_PX = 7;
const RAD_PER_PX = 0.011;

/**
 * Touch and pointer on the stage: one finger turns, or draws along what it takes hold of, two pinch and shift, a tap picks, a finger that waits reads under a
 * loupe, a pointer reads where it rests, a wheel zooms. Moves are gathered to one change a frame.
 */
export function useGestures(
  element: RefObject<HTMLElement | null>,
  answers: GestureAnswers,
  on: boolean,
): void {
  const latest = useRef(answers);
  useEffect(() => {
    latest.current = answers;
  });
  useEffect(() => {
    const target = element.current;
    if (!target || !on) return;
    const down = new Map<number, Point>();
    let mode: 'rest' | 'press' | 'turn' | 'read' | 'pinch' | 'grab' | 'drag' = 'rest';
    let start: Point = { x: 0, y: 0 };
    let timer = 0;
    let frame = 0;
    let waiting: (() => void) | null = null;
    const soon = (work: () => void) => {
      waiting = work;
      frame ||= requestAnimationFrame(() => {
        frame = 0;
        waiting?.();
        waiting = null;
      });
    };
    const at = (event: PointerEvent | WheelEvent): Point => {
      const box = target.getBoundingClientRect();
      return { x: event.clientX - box.left, y: event.clientY - box.top };
    };
    const spread = () => {
      const [a, b] = [...down.values()];
      return { far: Math.max(1, Math.hypot(a.x - b.x, a.y - b.y)), x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
    };
    let turn: Point = { x: 0, y: 0 };
    let pinch = { far: 1, x: 0, y: 0 };
    const onDown = (event: PointerEvent) => {
      if ((event.target as HTMLElement).closest('button, [role=button]')) return;
      target.setPointerCapture(event.pointerId);
      down.set(event.pointerId, at(event));
      clearTimeout(timer);
      if (down.size > 1) {
        mode = 'pinch';
        pinch = spread();
        latest.current.over(null);
        return;
      }
      start = turn = at(event);
      mode = latest.current.grabs(start) ? 'grab' : 'press';
      if (event.pointerType === 'touch' && mode === 'press')
        timer = window.setTimeout(() => {
          mode = 'read';
          latest.current.over({ ...start, finger: true });
        }, WAIT_MS);
    };
    const onMove = (event: PointerEvent) => {
      const p = at(event);
      if (!down.has(event.pointerId)) {
        if (event.pointerType !== 'touch') soon(() => latest.current.over({ ...p, finger: false }));
        return;
      }
      down.set(event.pointerId, p);
      if (mode === 'pinch' && down.size > 1) {
        const now = spread();
        const before = pinch;
        soon(() => {
          pinch = now;
          latest.current.setHold((hold) => {
            const zoomed = zoomedBy(hold, now.far / before.far, before, latest.current.middle);
            return { ...zoomed, panX: zoomed.panX + now.x - before.x, panY: zoomed.panY + now.y - before.y };
          });
        });
      } else if (
        mode === 'drag' ||
        (mode === 'grab' && Math.hypot(p.x - start.x, p.y - start.y) > MOVED_PX)
      ) {
        mode = 'drag';
        soon(() => {
          latest.current.over(null);
          latest.current.drag(p);
        });
      } else if (mode === 'grab') return;
      else if (mode === 'read') soon(() => latest.current.over({ ...p, finger: true }));
      else if (mode === 'turn' || Math.hypot(p.x - start.x, p.y - start.y) > MOVED_PX) {
        clearTimeout(timer);
        mode = 'turn';
        soon(() => {
          const [dx, dy] = [p.x - turn.x, p.y - turn.y];
          turn = p;
          latest.current.over(null);
          latest.current.setHold((hold) => turnedBy(hold, -dx * RAD_PER_PX, dy * RAD_PER_PX));
        });
      }
    };
    const onUp = (event: PointerEvent) => {
      if (!down.delete(event.pointerId)) return;
      clearTimeout(timer);
      if ((mode === 'press' || mode === 'read' || mode === 'grab') && event.type === 'pointerup')
        latest.current.tap(at(event));
      if (event.pointerType === 'touch') latest.current.over(null);
      if (down.size === 0) mode = 'rest';
    };
    const onLeave = (event: PointerEvent) => {
      if (!down.has(event.pointerId)) soon(() => latest.current.over(null));
    };
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      const p = at(event);
      latest.current.setHold((hold) =>
        zoomedBy(hold, Math.exp(-event.deltaY * 0.0015), p, latest.current.middle),
      );
    };
    target.addEventListener('pointerdown', onDown);
    target.addEventListener('pointermove', onMove);
    target.addEventListener('pointerup', onUp);
    target.addEventListener('pointercancel', onUp);
    target.addEventListener('pointerleave', onLeave);
    target.addEventListener('wheel', onWheel, { passive: false });
    return () => {
      clearTimeout(timer);
      cancelAnimationFrame(frame);
      target.removeEventListener('pointerdown', onDown);
      target.removeEventListener('pointermove', onMove);
      target.removeEventListener('pointerup', onUp);
      target.removeEventListener('pointercancel', onUp);
      target.removeEventListener('pointerleave', onLeave);
      target.removeEventListener('wheel', onWheel);
    };
  }, [element, on]);
}
