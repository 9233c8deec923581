import { senseOfRing } from './sense';
import { distance } from '../form';
import { placeWords as say } from '../words';
import { holeName, holeTag } from './tag';
import { pointOf, polarOf } from './position';
import {
  degreesApart,
  marksOf,
  middlePlace,
  wrapped,
  type AlongSchool,
  type PlaceContext,
  type RoundSchool,
  type Said,
  type SaidPair,
  type SaidPlace,
} from './said';
import { surfaceDistance } from './surfaceDistance';

/** A phrase for the round or for the stitch of a place, by the school it counts in. */
export interface Phrase<S> {
  school: S;
  words: string;
}

/** The round of a place in every school that can say it. Source: decision 23. */
export function roundWords(
  { form, faceAt }: PlaceContext,
  { round, at }: Pick<Said, 'round' | 'at'>,
): Phrase<RoundSchool>[] {
  const n = form.rounds[round].number;
  const { pause } = faceAt(round);
  const fromEdge = (last: number, edge: 'finished' | 'pause') =>
    at === 'hole' ? say.fromEdge(last - n + 2, last - n + 1, edge) : say.onFromEdge(last - n + 1, edge);
  const out: Phrase<RoundSchool>[] = [
    { school: 'between-rounds', words: at === 'hole' ? say.between(n - 1, n) : say.onRound(n) },
    { school: 'from-ring', words: at === 'hole' ? say.fromRing(n - 1) : say.onFromRing(n) },
    { school: 'from-finished-edge', words: fromEdge(form.rounds[form.rounds.length - 1].number, 'finished') },
  ];
  // A place beyond the pause is not there yet when the hand counts from that edge.
  if (round <= pause)
    out.push({ school: 'from-pause-edge', words: fromEdge(form.rounds[pause].number, 'pause') });
  if (at === 'middle')
    for (const [mark, school] of [
      ['ridge', 'after-ridge'],
      ['colour step', 'after-colour-step'],
    ] as const) {
      const marks = marksOf(form, mark);
      if (marks.length === 1 && round >= marks[0])
        out.push({ school, words: say.afterMark(round - marks[0] + 1, mark) });
    }
  return out;
}

/** One place along its round in every school. */
export function stitchWords(context: PlaceContext, place: SaidPlace): Phrase<AlongSchool>[] {
  const { round, at } = place;
  const { count } = context.form.fabric.rounds[round];
  const index = wrapped(at, place.index, count);
  const beside = index - middlePlace(context, round, at);
  const off = beside - Math.round(beside / count) * count;
  const side = (off > 0 ? 1 : -1) === senseOfRing(context.form, context.ringIs).growsLeft ? 'left' : 'right';
  return [
    {
      school: 'from-start',
      words:
        at === 'middle' ? say.inStitch(index) : say.betweenStitches(index === 0 ? count : index, index + 1),
    },
    {
      school: 'from-end',
      words:
        at === 'middle'
          ? say.stitchFromEnd(count - index + 1)
          : say.holesBeforeEnd(index === 0 ? 0 : count - index),
    },
    {
      school: 'from-middle',
      words:
        off === 0
          ? say.inTheMiddle
          : say.besideMiddle(Math.abs(off), at === 'hole' ? 'hole' : 'stitch', side),
    },
  ];
}

/** How far apart a pair stands, in every school. Source: decision 22 and the table of the craft, section 2. */
export function pairWords(context: PlaceContext, pair: SaidPair): Phrase<AlongSchool>[] {
  const { form } = context;
  const { at, on, round } = pair;
  const polar = ([pair.low, pair.high] as const).map((c) => polarOf(form, round, c, at));
  const straight = distance(pointOf(form, polar[0]), pointOf(form, polar[1]));
  const between = at === 'hole' ? on : on - 1;
  const middle = (on % 2 === 0) === (at === 'hole') ? 'hole' : 'stitch';
  const what = at === 'hole' ? 'hole' : 'stitch';
  // The k-th on each side: a middle of the posts' own kind is not counted.
  const k = on % 2 === 0 ? on / 2 : (on + 1) / 2;
  const out: Phrase<AlongSchool>[] = [{ school: 'stitches-between', words: say.stitchesBetween(between) }];
  if (at === 'middle') out.push({ school: 'stitches-on', words: say.stitchesOn(on) });
  else
    out.push(
      { school: 'holes-on', words: say.holesOn(on) },
      { school: 'holes-showing', words: say.holesShowing(on - 1) },
      { school: 'holes-counting-both', words: say.countingBoth(on + 1) },
    );
  out.push(
    { school: 'each-side', words: say.eachSide(k, what, middle) },
    { school: 'mm-straight', words: say.mmStraight(straight.toFixed(1)) },
    { school: 'mm-along', words: say.mmAlong(surfaceDistance(form, polar[0], polar[1]).toFixed(1)) },
    { school: 'degrees', words: say.degrees(degreesApart(context, pair).toFixed(1)) },
  );
  return out;
}

/** A place or a pair as on its tag: `R13·14 | 18·19`, `R14 | 18`, `R13·14 | 18·19 and 25·26`. */
export function tagOf({ form }: PlaceContext, said: Said): string {
  const posts =
    said.what === 'pair' ? [said.low, said.high] : [said.at === 'hole' ? said.index : said.index - 0.5];
  const { count } = form.fabric.rounds[said.round];
  if (said.at === 'middle')
    return `R${form.rounds[said.round].number} | ${posts.map((c) => wrapped('middle', c + 0.5, count)).join(' and ')}`;
  const names = posts.map((c) => holeTag(holeName(form, said.round, c)));
  return names.every((n) => n.rounds === names[0].rounds)
    ? `${names[0].rounds} | ${names.map((n) => n.stitches).join(' and ')}`
    : names.map((n) => `${n.rounds} | ${n.stitches}`).join(' and ');
}
