import { slotOfStitch } from '@hoppla/core/form';
import type { Shown } from '../shown';
import { rgb } from './yarn';
import { JITTER } from './drawing';

/** Colours of stitches that mean something: by piece, then by stitch; `null` is its own yarn. */
export type Tint = (stitch: number) => { colour: string; share: number } | null;

/** The yarn of every leg, a little lighter or darker stitch by stitch. */
export function yarnColours({ looks, placed, colours, key }: Shown): Float32Array {
  const out = new Float32Array(3 * looks.legOf.length);
  const yarns = colours.map(rgb);
  let seed = 2166136261;
  for (let i = 0; i < key.length; i++) seed = Math.imul(seed ^ key.charCodeAt(i), 16777619);
  for (let k = 0; k < looks.legOf.length; k++) {
    const s = looks.legOf[k];
    const yarn = yarns[slotOfStitch(placed.form, looks, s)] ?? yarns[0];
    const light = 1 + JITTER * (2 * noise(seed, s) - 1);
    out[3 * k] = yarn.r * light;
    out[3 * k + 1] = yarn.g * light;
    out[3 * k + 2] = yarn.b * light;
  }
  return out;
}

/** 0 to 1, the same for the same stitch. */
function noise(seed: number, s: number): number {
  let h = Math.imul(seed ^ s, 2246822519);
  h = Math.imul(h ^ (h >>> 13), 3266489917);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}

/** The slot of most stitches. */
export function mainSlot({ placed }: Shown): number {
  const count = new Map<number, number>();
  for (const c of placed.form.fabric.colour) count.set(c, (count.get(c) ?? 0) + 1);
  return [...count].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 0;
}
