import { heightOf, KINDS, type Fabric } from '../fabric';
import { DISC_OVER_WASHER_MM } from '../figures';
import type { PartForm } from '../form';
import { numberSaid } from '../words';
import type { EyePair } from './feature';

/** Why nobody can tell how a washer fits. */
export type NotKnown =
  'hook not known' | 'hook not said' | 'washer not known' | 'chain space' | 'skipped stitches';

/** 1 = stop, 2 = backing disc advised, 3 = covers well. */
export type Band = 1 | 2 | 3;

/** Washer against the widest opening of the stretched fabric at its posts. */
export interface Retention {
  washerMm: number;
  /** washer over opening, at the gauge as it is */
  index: number;
  /** at the worst and at the best end of the gauge's range */
  worst: number;
  best: number;
  /** the widest the stretched fabric opens at a post at the worst end, mm */
  openingMm: number;
  /** the smallest washer that is no stop in this fabric, and the largest hook with which this one is none, at the worst end, mm */
  needs: { washerMm: number; hookMm: number };
  /** of the worst end; null where it is not known, which never passes a check */
  band: Band | null;
  why: NotKnown | null;
  /** the gauge is only assumed, and a measured one could lift the band (decision 42) */
  liftable: boolean;
}

/** The smallest index of bands 2 and 3. Source: the house's safety page, "washer and fabric". */
export const RETENTION_BANDS = { backing: 1.2, covers: 1.6 } as const;

/** An index in figures, never rounded up over the edge of a band: two places, cut off. */
export const indexSaid = (index: number): string => numberSaid(Math.floor(index * 100 + 1e-9) / 100);

const bandOf = (index: number): Band =>
  index < RETENTION_BANDS.backing ? 1 : index <= RETENTION_BANDS.covers ? 2 : 3;

/** A post: index of its round, stitches from the round's start, in a hole or through a stitch's middle. */
export interface Post {
  round: number;
  coord: number;
  at: 'hole' | 'middle';
}

/**
 * How far the unstretched fabric opens at a post, in stitch widths: one between single crochets; as much as a taller
 * stitch is high beside it; a chain space or skipped stitches by as many as there are.
 */
export function openFabric(
  form: PartForm,
  post: Post,
): { widths: number; cause: 'plain' | 'tall' | 'chain space' | 'skipped stitches' } {
  const { fabric, gauge } = form;
  const beside = stitchesAt(fabric, post);
  const around = [...beside, ...beside.flatMap((s) => parentsOf(fabric, s))];
  const chains = around.filter((s) => KINDS[fabric.kind[s]] === 'ch');
  if (chains.length > 0)
    return { widths: 1 + Math.max(...chains.map((s) => chainRun(fabric, s))), cause: 'chain space' };
  const skipped = post.at === 'hole' && beside.length > 1 ? skippedBetween(fabric, beside[0], beside[1]) : 0;
  if (skipped > 0) return { widths: 1 + skipped, cause: 'skipped stitches' };
  const tallest = Math.max(...around.map((s) => heightOf(fabric.kind[s]))) * (gauge.roundMm / gauge.stitchMm);
  return tallest > 1 ? { widths: tallest, cause: 'tall' } : { widths: 1, cause: 'plain' };
}

const PLAIN: ReturnType<typeof openFabric> = { widths: 1, cause: 'plain' };

/** Retention index = washer / (opening x hole stretch) at the post that opens widest (single crochet where none is given), judged at the worst end (decision 14). */
export function retentionOf(
  hardware: { washerMm: number; washerKnown?: boolean },
  form: PartForm,
  posts: readonly Post[],
): Retention {
  const { gauge } = form;
  const open = posts.map((p) => openFabric(form, p)).reduce((a, b) => (b.widths > a.widths ? b : a), PLAIN);
  const opening = open.widths * gauge.stitchMm * gauge.holeStretch;
  const range = gauge.stitchRangePercent / 100;
  const index = hardware.washerMm / opening;
  const [worst, best] = [index / (1 + range), index / (1 - range)];
  const band = bandOf(worst);
  const measured = gauge.stitchSource === 'measured';
  // Lace that opens too far is too far whatever else; that it does not can only be seen.
  const lace = open.cause === 'chain space' || open.cause === 'skipped stitches' ? open.cause : null;
  const why: NotKnown | null =
    hardware.washerKnown === false
      ? 'washer not known'
      : gauge.stitchSource === 'not known'
        ? 'hook not known'
        : lace && bandOf(best) > 1
          ? lace
          : gauge.hookBy === 'assumed' && !measured
            ? 'hook not said'
            : null;
  return {
    washerMm: hardware.washerMm,
    index,
    worst,
    best,
    openingMm: opening * (1 + range),
    // Stitches are as wide as their hook asks: the same share tighter. Rounded to the safe side.
    needs: {
      washerMm: Math.ceil(opening * (1 + range) * RETENTION_BANDS.backing - 1e-9),
      hookMm: Math.floor((10 * gauge.hookMm * worst) / RETENTION_BANDS.backing + 1e-9) / 10,
    },
    band: why === null ? band : null,
    why,
    liftable: !measured && bandOf(best) > band,
  };
}

/** The disc that lies inside between fabric and washer, mm across; null for none: what the maker chose, else what the fabric needs. */
export const discMm = (
  { washerMm, backing }: Pick<EyePair, 'washerMm' | 'backing'>,
  band: Band | null,
): number | null => {
  if (backing === 'none') return null;
  if (typeof backing === 'number') return backing;
  return band === 3 ? null : washerMm + DISC_OVER_WASHER_MM;
};

/** The stitches on both sides of a hole, or the one stitch of a middle. */
export function stitchesAt(fabric: Fabric, { round, coord, at }: Post): number[] {
  const { from, count } = fabric.rounds[round];
  const stitch = (k: number) => from + (((k % count) + count) % count);
  return at === 'middle'
    ? [stitch(Math.floor(coord))]
    : [stitch(Math.round(coord) - 1), stitch(Math.round(coord))];
}

/** What a stitch is worked into. */
export const parentsOf = (fabric: Fabric, s: number): number[] =>
  Array.from({ length: fabric.parentTo[s] - fabric.parentFrom[s] }, (_, k) => fabric.parentFrom[s] + k);

/** Neighbouring chains in working order, this one among them. */
function chainRun({ kind, stitches }: Fabric, s: number): number {
  const isChain = (k: number) => k >= 0 && k < stitches && KINDS[kind[k]] === 'ch';
  let [from, to] = [s, s];
  while (isChain(from - 1)) from--;
  while (isChain(to + 1)) to++;
  return to - from + 1;
}

/** Stitches of the round below that lie between two neighbours and that neither is worked into. */
function skippedBetween({ parentFrom, parentTo }: Fabric, a: number, b: number): number {
  if (parentTo[a] <= parentFrom[a] || parentTo[b] <= parentFrom[b]) return 0;
  return Math.max(0, parentFrom[b] - parentTo[a]);
}
