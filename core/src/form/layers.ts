import { heightOf, type FabricLayer, type FabricRound } from '../fabric';
import type { Axis } from './bend';
import { ranged, type Ranged } from '../gauge';
import { formRange, type PartForm } from './form';
import { phasesOf } from './phases';
import { meanHeight, roundForms } from './rounds';
import { measure, ringPoint } from './shape';

/**
 * The forms of what is worked on a part: frills, edgings, tentacles, a second skin. Each begins on its host's ring, opens
 * as far as its stitches want and its height allows, and goes on the way it is worked, towards the open end.
 * A simple model of the house: a skirt that stands off as a cone; what does not fit into the cone ruffles (`fullness`).
 */
export function layerForms(host: PartForm): PartForm[] {
  return host.fabric.layers.map((layer) => layerForm(host, layer));
}

function layerForm(host: PartForm, layer: FabricLayer): PartForm {
  const { gauge, fabric } = host;
  const on = Math.max(0, Math.min(host.fabric.rounds.length - 1, layer.on));
  const rings = layer.rounds.length + 1;
  const r = new Float64Array(rings);
  const z = new Float64Array(rings);
  r[0] = host.r[on + 1] ?? 0;
  z[0] = host.z[on + 1] ?? 0;
  const straight = new Float64Array(rings).fill(host.straight[on + 1] ?? 0);
  layer.rounds.forEach((round, i) => {
    const h = meanHeight(fabric, round) * gauge.roundMm;
    const free = Math.max(0, round.count * gauge.stitchMm - 2 * straight[i + 1]) / (2 * Math.PI);
    r[i + 1] = Math.max(0, Math.max(r[i] - h, Math.min(r[i] + h, free)));
    z[i + 1] = z[i] + Math.sqrt(Math.max(0, h * h - (r[i + 1] - r[i]) ** 2));
  });
  const { area } = measure({ r, z, straight }, 'ring model');
  const base = host.fabric.rounds[on];
  const phase = phasesOf(
    fabric,
    layer.rounds,
    gauge.leanStitches,
    base ? { round: base, phase: host.phase[on] } : null,
  );
  const form: PartForm = {
    ...host,
    fabric: { ...fabric, rounds: layer.rounds, layers: [], closed: false },
    rounds: roundForms(layer.rounds, gauge, r, z, straight),
    r,
    z,
    straight,
    phase,
    closed: false,
    layers: [],
    axis: null,
    widthMm: 2 * Math.max(...r) + Math.max(...straight),
    depthMm: 2 * Math.max(...r),
    heightMm: z[rings - 1] - z[0],
    volumeCm3: 0,
    innerCm3: 0,
    areaCm2: area / 100,
  };
  return host.axis ? { ...form, axis: straightOn(host, host.axis, on, z) } : form;
}

/** On a bent part a layer goes straight on from the ring it stands on. */
function straightOn(host: PartForm, axis: Axis, on: number, z: Float64Array): Axis {
  const rings = z.length;
  const centre = new Float64Array(3 * rings);
  const rotation = new Float64Array(9 * rings);
  const at = ringPoint({ ...host, r: host.r.map(() => 0) }, on + 1, 0);
  const m = axis.rotation.subarray(9 * (on + 1), 9 * (on + 1) + 9);
  for (let i = 0; i < rings; i++) {
    const dz = z[i] - z[0];
    centre.set([at[0] + m[2] * dz, at[1] + m[5] * dz, at[2] + m[8] * dz], 3 * i);
    rotation.set(m, 9 * i);
  }
  return { centre, rotation };
}

/** How large a frill or an edging is: how long its last round is along the stitches, how deep it hangs or stands along the fabric at its deepest, mm, and how often its last round would fit into the room it has; from 1.1 on it ruffles. */
export interface LayerSize {
  edge: Ranged;
  deep: Ranged;
  fullness: number;
}

/** The size of what is worked on a part, from its form. Edge: stitches times their width; depth: the sum of the tallest stitches of its rounds. */
export function layerSize(layer: PartForm): LayerSize {
  const { across, along } = formRange(layer);
  const { rounds } = layer.fabric;
  const tallest = (r: FabricRound) =>
    Math.max(0, ...Array.from(layer.fabric.kind.slice(r.from, r.from + r.count), heightOf));
  const deepMm = rounds.reduce((sum, r) => sum + tallest(r) * layer.gauge.roundMm, 0);
  const last = rounds[rounds.length - 1];
  return {
    edge: ranged((last?.count ?? 0) * layer.gauge.stitchMm, across),
    deep: ranged(deepMm, along),
    fullness: layer.rounds[rounds.length - 1]?.fullness ?? 1,
  };
}
