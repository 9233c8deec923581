import { distance, type Vec3 } from '@hoppla/core/form';
import { FREE, KINDS } from '@hoppla/core/fabric';
import { formOfLayer, holeName, holeTag, pointOf, polarOf, surfaceDistance } from '@hoppla/core/address';
import { move } from '@hoppla/core/join';
import { copyName, modelOf, type ToyModel } from '@hoppla/core/model';
import { STITCHES } from '@hoppla/core/figures';
import type { StitchKind, Terms } from '@hoppla/core/notation';
import { notationWords, type UnitWords } from '@hoppla/core/words';
import type { Pick } from './picker';
import { stitchIndex } from './draped';
import type { Shown } from './shown';
import { screenWords } from '../words';

const say = screenWords.stage;

/** What a touched stitch or hole is called: round and count, its tag, and a whole sentence for a screen reader. */
export interface ReadingWords {
  /** which piece it is on, empty when there is only one */
  piece: string;
  round: string;
  rounds: string;
  stitches: string;
  spoken: string;
}

/** A kind of stitch as its maker calls it: a double of the US is a treble in the UK. */
function stitchSaid(kind: StitchKind, terms: Terms): string {
  const { phrases, print } = STITCHES[kind][terms];
  return notationWords.stitchNamed(kind, phrases?.[0] ?? print);
}

const roundsOf = ({ placed }: Shown, layer: number) =>
  layer ? placed.form.fabric.layers[layer - 1].rounds : placed.form.fabric.rounds;

/** Names a pick. `many` says which piece it is when there are several. */
export function readingWords(model: ToyModel, shown: Shown, pick: Pick, many: boolean): ReadingWords {
  const round = roundsOf(shown, pick.layer)[pick.round];
  const { fabric } = shown.placed.form;
  const label = round.label || say.kinds.layer;
  const part = modelOf(model, shown.placed.part);
  const piece = many ? copyName(part, shown.placed.copy) : '';
  const whole = (rest: string) => (many ? say.onPiece(piece, rest) : rest);
  if (pick.at === 'hole') {
    const [a, b] = [pick.index === 0 ? round.count : pick.index, (pick.index % round.count) + 1];
    const tag =
      pick.layer === 0
        ? holeTag(holeName(shown.placed.form, pick.round, pick.index))
        : { rounds: label, stitches: `${a}·${b}` };
    return {
      piece,
      round: say.round(label, round.count),
      ...tag,
      spoken: whole(say.spokenHole(label, a, b, round.count)),
    };
  }
  const f = round.from + pick.index;
  const of = [
    fabric.parentTo[f] - fabric.parentFrom[f] > 1 ? 'dec' : fabric.offset[f] !== 0 ? 'inc' : '',
    fabric.front[f] === FREE && fabric.back[f] > 0
      ? 'front'
      : fabric.back[f] === FREE && fabric.front[f] > 0
        ? 'back'
        : '',
  ].filter(Boolean);
  const kind = KINDS[fabric.kind[f]];
  const stitch = kind === 'sc' ? [] : [stitchSaid(kind, part.terms)];
  return {
    piece,
    round: say.round(label, round.count),
    rounds: label,
    stitches: String(pick.index + 1),
    spoken: whole(
      say.spoken(label, pick.index + 1, round.count, [...of.map((k) => say.kinds[k]), ...stitch].join(', ')),
    ),
  };
}

/** The place of a pick on the ring model, which every stated number comes from (decision 13). */
function polarOfPick(shown: Shown, pick: Pick) {
  const form = formOfLayer(shown.placed.form, pick.layer);
  return {
    form,
    polar: polarOf(form, pick.round, pick.at === 'hole' ? pick.index : pick.index + 0.5, pick.at),
  };
}

export function pointOfPick(shown: Shown, pick: Pick): Vec3 {
  const { form, polar } = polarOfPick(shown, pick);
  return move(shown.placed.placement, pointOf(form, polar));
}

/** How far two picks are apart: straight; on the same piece also along the fabric, in stitches of the first's round and in rounds. */
export function apart(
  shown: readonly Shown[],
  a: Pick,
  b: Pick,
): { straightMm: number; alongMm: number | null; stitches: number | null; rounds: number | null } {
  const straightMm = distance(pointOfPick(shown[a.piece], a), pointOfPick(shown[b.piece], b));
  if (a.piece !== b.piece || a.layer !== b.layer)
    return { straightMm, alongMm: null, stitches: null, rounds: null };
  const [from, to] = [polarOfPick(shown[a.piece], a), polarOfPick(shown[b.piece], b)];
  const { count } = roundsOf(shown[a.piece], a.layer)[a.round];
  const turns = (to.polar.angleRad - from.polar.angleRad) / (2 * Math.PI);
  const share = turns - Math.round(turns);
  return {
    straightMm,
    alongMm: surfaceDistance(from.form, from.polar, to.polar),
    stitches: Math.abs(Math.round(share * count)),
    rounds: Math.abs(b.round - a.round),
  };
}

/** The distance in words. */
export function apartWords(
  shown: readonly Shown[],
  a: Pick,
  b: Pick,
  units: UnitWords,
): { straight: string; rest: string } {
  const d = apart(shown, a, b);
  return {
    straight: units.length(d.straightMm),
    rest: [
      ...(d.alongMm === null ? [] : [say.along(units.length(d.alongMm))]),
      ...(d.stitches === null || d.rounds === null ? [] : [say.apart(d.stitches, d.rounds)]),
    ].join(', '),
  };
}

/** The stitch that an arrow key leads to: along the round, or to the nearest of the round above or below. `grows` is +1 where numbers grow to the right on the screen, `up` is +1 where rounds grow upwards. */
export function walked(
  shown: readonly Shown[],
  from: Pick | null,
  key: string,
  grows: 1 | -1,
  up: 1 | -1,
): Pick | null {
  if (!from)
    return shown.length === 0 || shown[0].placed.form.fabric.rounds.length === 0
      ? null
      : { piece: 0, stitch: 0, layer: 0, round: 0, index: 0, at: 'middle' };
  const piece = shown[from.piece];
  const rounds = roundsOf(piece, from.layer);
  const along = key === 'ArrowRight' ? grows : key === 'ArrowLeft' ? -grows : 0;
  const over = key === 'ArrowUp' ? up : key === 'ArrowDown' ? -up : 0;
  let { round, index } = from;
  if (from.at === 'hole' && along < 0) index -= 1;
  else if (from.at === 'middle') index += along;
  // A spiral goes on into the next round.
  if (index < 0)
    [round, index] =
      rounds[round].joined || round === 0
        ? [round, rounds[round].count - 1]
        : [round - 1, rounds[round - 1].count - 1];
  else if (index >= rounds[round].count)
    [round, index] = rounds[round].joined || round + 1 >= rounds.length ? [round, 0] : [round + 1, 0];
  if (over !== 0) {
    const next = round + over;
    if (next < 0 || next >= Math.min(rounds.length, from.layer ? Infinity : piece.upTo)) return from;
    const form = formOfLayer(piece.placed.form, from.layer);
    const turns =
      (polarOf(form, round, index + 0.5, 'middle').angleRad - polarOf(form, next, 0, 'middle').angleRad) /
      (2 * Math.PI);
    index = Math.min(rounds[next].count - 1, Math.floor((turns - Math.floor(turns)) * rounds[next].count));
    round = next;
  }
  return {
    piece: from.piece,
    layer: from.layer,
    round,
    index,
    at: 'middle',
    stitch: stitchIndex(piece.placed.form, from.layer, round, index),
  };
}
