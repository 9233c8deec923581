import type { Spot } from '../address';
import type { OnPart } from './feature';
import type { FeatureKind } from './kinds';

/** Which side of the toy a line goes over: as both its ends look, or a direction of the toy. */
export type LineOver = 'outside' | 'top' | 'back' | 'front' | 'left' | 'right';

export const LINES_OVER: readonly LineOver[] = ['outside', 'top', 'back', 'front', 'left', 'right'];

/** A spot with the part that it is on. */
export interface SpotOn extends Spot, OnPart {}

/**
 * Fins, spikes or loops crocheted into the surface along a line that is straight in space, from a spot of a part to a spot of the same or
 * of another part that is joined to it.
 */
export interface SurfaceWork extends OnPart {
  kind: 'surface';
  id: string;
  name: string;
  place: Spot;
  end: SpotOn;
  over: LineOver;
  /** so many of them at equal gaps, the first at the beginning, the last at the end */
  stations: number;
  /** what is worked at each, as it is written, in the toy's terms */
  motif: string;
  /** #rrggbb */
  colour: string;
  /** the hook it is worked with, mm; null: the part's own gauge */
  hookMm: number | null;
  /** mirrored on the other side of the toy */
  twin: boolean;
}

export const surface: FeatureKind<SurfaceWork> = {
  onRounds: (f, of) => ({
    ...f,
    place: { ...f.place, course: of(f.part)(f.place.course) },
    end: { ...f.end, course: of(f.end.part)(f.end.course) },
  }),
  parts: (f) => [f.part, f.end.part],
  spots: (f) => [f.place],
  thing: () => null,
  grams: () => 0,
};
