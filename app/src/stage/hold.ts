import type { Projection, Turn } from '@hoppla/core/picture';
import { useState } from 'react';

/** How the toy is held and looked at on a mat: its turn, and beside the station's own scale a zoom and a shift in px. */
export interface Hold extends Turn {
  zoom: number;
  panX: number;
  panY: number;
  /** the half nearer to the viewer is taken away */
  cut: boolean;
}

export const STRAIGHT: Hold = { yaw: 0, pitch: 0, zoom: 1, panX: 0, panY: 0, cut: false };
export const ZOOM = { least: 0.5, most: 6 };
const MOST_PITCH = Math.PI / 2;

export type SetHold = (change: (hold: Hold) => Hold) => void;

/** A hold that a station keeps, so that what it draws beside the toy can follow it. */
export function useHold(): [Hold, SetHold] {
  return useState<Hold>(STRAIGHT);
}

export const turnedBy = (hold: Hold, yaw: number, pitch: number): Hold => ({
  ...hold,
  yaw: hold.yaw + yaw,
  pitch: Math.max(-MOST_PITCH, Math.min(MOST_PITCH, hold.pitch + pitch)),
});

/** Zooms about a px of the mat, so that what is there stays there; `middle` is the mat's own middle. */
export function zoomedBy(
  hold: Hold,
  by: number,
  at: { x: number; y: number },
  middle: { x: number; y: number },
): Hold {
  const zoom = Math.max(ZOOM.least, Math.min(ZOOM.most, hold.zoom * by));
  const k = zoom / hold.zoom;
  return {
    ...hold,
    zoom,
    panX: (hold.panX - (at.x - middle.x)) * k + (at.x - middle.x),
    panY: (hold.panY - (at.y - middle.y)) * k + (at.y - middle.y),
  };
}

/** Where a px of the mat at rest is drawn. */
export const shifted = (hold: Hold, p: { x: number; y: number }, middle: { x: number; y: number }) => ({
  x: middle.x + (p.x - middle.x) * hold.zoom + hold.panX,
  y: middle.y + (p.y - middle.y) * hold.zoom + hold.panY,
});

/** The station's own projection, held. */
export function heldProjection(
  rest: Omit<Projection, 'rows'>,
  rows: Projection['rows'],
  hold: Hold,
  middle: { x: number; y: number },
): Projection {
  return { rows, pivot: rest.pivot, pxPerMm: rest.pxPerMm * hold.zoom, ...shifted(hold, rest, middle) };
}
