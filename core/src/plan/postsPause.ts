import { OPENINGS } from '../figures';
import { insideRound, type Moment, type WorkWindow } from '../form';
import { bodyRounds, type PartModel } from '../model';
import { atOf, compareAt, fullAt, isLater, momentOf, openingThen, saidAt, type At } from './moment';
import type { Posts } from './posts';
import { taskKey, type PieceAtHand } from './task';

/** When a washer can be put on: `too late` means that no moment leaves it room. */
export type Late = 'in time' | 'comfortable' | 'possible' | 'early' | 'too late' | 'not known';

/** When posts go in on a piece, and how late that is. */
export interface PostsPause {
  at: At;
  late: Late;
}

/** What somebody wants, and who. */
interface Wish {
  at: At;
  by: 'maker' | 'text' | 'school';
}

/** When the text rests for the eyes: the first such rest that is not too early, else its last. */
function restInText({ reading, fabric }: PartModel, begins: At): At | null {
  const rests = reading.pauses.flatMap(({ what, round, stitch }): At[] => {
    const after = Math.min(bodyRounds({ fabric }, round), fabric.rounds.length);
    if (what !== 'eyes' || after === 0) return [];
    const inside = stitch !== null && stitch < fabric.rounds[after - 1].count;
    return [inside ? { after: after - 1, stitches: stitch } : fullAt(after)];
  });
  const sorted = rests.sort(compareAt);
  return sorted.find((at) => !isLater(begins, at)) ?? sorted.at(-1) ?? null;
}

/** Before the first decreases behind a place: the end of the last round that is not narrower than the one before it. */
function beforeDecreases({ fabric: { rounds } }: PartModel, begins: At): At {
  let after = Math.max(1, begins.stitches > 0 ? begins.after + 1 : begins.after);
  while (after < rounds.length && rounds[after].count >= rounds[after - 1].count) after++;
  return fullAt(after);
}

function wishOf({ model, part, of }: PieceAtHand, posts: Posts, begins: At): Wish | null {
  const own = saidAt(model.toy, part.fabric, taskKey('eyes', of.copy, posts.feature));
  if (own) return { at: own, by: 'maker' };
  const text = posts.posts === 'eyes' ? restInText(part, begins) : null;
  if (text) return { at: text, by: 'text' };
  return model.toy.plan.eyes === 'early' ? { at: beforeDecreases(part, begins), by: 'school' } : null;
}

const latest = (part: PartModel, moment: Moment | null): At | null => moment && atOf(part.fabric, moment);

/** A wish within its window; what is too early or too late is told with what is done instead. */
function within(piece: PieceAtHand, posts: Posts, { wish, rest }: { wish: Wish | null; rest: At }): At {
  const { part, trouble } = piece;
  const { window } = posts;
  if (!wish) return rest;
  const begins = atOf(part.fabric, window.begins);
  const last = latest(part, window.possible);
  const early = isLater(begins, wish.at);
  const late = last !== null && isLater(wish.at, last);
  if (!early && !late) return wish.at;
  const instead = early ? begins : rest;
  // What a school wants is only bent.
  const [said, then] = [momentOf(part.fabric, wish.at), momentOf(part.fabric, instead)];
  if (wish.by !== 'school' && said && then)
    trouble.push({
      what: 'posts moved',
      part: part.part.id,
      posts: posts.posts,
      by: wish.by,
      said,
      instead: then,
      why: late ? 'late' : 'early',
    });
  return instead;
}

/** The part of the order that belongs to the posts: when, and how late that is. */
export function pauseFor(piece: PieceAtHand, posts: Posts): PostsPause {
  const { part, goes, trouble } = piece;
  const { window } = posts;
  const begins = atOf(part.fabric, window.begins);
  const rest = atOf(part.fabric, window.rest);
  const wish = wishOf(piece, posts, begins);
  const at = window.known ? within(piece, posts, { wish, rest }) : rest;
  const late = lateness(part, window, at);
  const [fill] = goes;
  if (!fill || !isLater(at, fill.at)) return { at, late };
  const passes = (openingThen(part.form, at) ?? Infinity) >= OPENINGS.fill.possibleMm;
  if (wish && wish.by !== 'school' && passes && !goes.some((go) => go.said)) {
    // Filling that nobody has said when waits for eyes that somebody has.
    for (const go of goes) if (isLater(at, go.at)) go.at = at;
    return { at, late };
  }
  if (isLater(begins, fill.at)) {
    trouble.push({ what: 'stuffed before the eyes', part: part.part.id });
    // Eyes cannot wait for a hole that is not there yet; the fill waits instead.
    const first = insideRound(window.begins) ? fullAt(begins.after + 1) : begins;
    for (const go of goes) if (isLater(first, go.at)) go.at = first;
  }
  if (wish && wish.by !== 'school') toldFilled(piece, posts, { wish, at, fill: fill.at });
  const early = late === 'too late' || late === 'not known' ? late : 'early';
  return { at: isLater(begins, fill.at) ? begins : fill.at, late: early };
}

/** A wish that comes after the filling that the text or the maker wants is told. */
function toldFilled(
  { part, trouble }: PieceAtHand,
  { posts }: Posts,
  { wish, at, fill }: { wish: Wish; at: At; fill: At },
): void {
  const [said, instead] = [momentOf(part.fabric, at), momentOf(part.fabric, fill)];
  if (wish.by !== 'school' && said && instead)
    trouble.push({
      what: 'posts moved',
      part: part.part.id,
      posts,
      by: wish.by,
      said,
      instead,
      why: 'filled',
    });
}

function lateness(part: PartModel, window: WorkWindow, at: At): Late {
  if (!window.known) return 'not known';
  const [comfortable, possible] = [latest(part, window.comfortable), latest(part, window.possible)];
  if (possible === null) return 'too late';
  if (comfortable === null || isLater(at, comfortable)) return 'possible';
  const last = atOf(part.fabric, window.rest);
  return compareAt(at, last) < 0 ? 'in time' : 'comfortable';
}
