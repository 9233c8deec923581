import { holeTag, pairTag, postTag, type HoleName } from '../../address';
import { reachSentence } from '../../feature';
import { worstOpening, type WorkWindow } from '../../form';
import type { PartModel } from '../../model';
import type { SafetyPoint } from '../../safety';
import { planWords as say, type UnitWords } from '../../words';
import { ofTheWasher, pointsOfFeature, pointWords } from '../points';
import { postsOn, type Posts } from '../posts';
import { taskKey, type Due, type PieceAtHand, type TaskBase, type TaskKind, type Telling } from '../task';

export type CheckId = 'front' | 'posts' | 'count' | 'level' | 'compared' | 'looked';

/** One look at posts before anything is final; `content` is what a tick of it is compared with. */
export interface PostsCheck {
  id: CheckId;
  content: string;
}

/** What the checks of posts are told with. */
export interface PostsSeen {
  front: 'marker' | 'patch' | 'part';
  /** null where the posts stand on different rounds: each is counted from the marker */
  stitchesBetween: number | null;
  levelErrorMm: number;
  straightMm: number;
}

/** When a washer can be put on: `too late` means that no round leaves it room. */
export type Late = 'comfortable' | 'possible' | 'early' | 'too late' | 'not known';

/** Posts of eyes or of a nose put in, looked at and counted again; or the same outline embroidered. */
export interface PostsTask extends TaskBase {
  kind: 'eyes';
  posts: 'eyes' | 'nose';
  feature: string;
  plastic: boolean;
  afterRound: number;
  names: readonly HoleName[];
  /** width and, for a nose, height, mm */
  sizeMm: readonly number[];
  washerMm: number;
  /** the disc of felt that goes under each washer, mm; null for none */
  discMm: number | null;
  window: WorkWindow;
  late: Late;
  /** the opening at the pause, worst end, mm; null while nobody can tell */
  openingMm: number | null;
  /** thread of an embroidered outline, mm; 0 for plastic */
  threadMm: number;
  /** the safety point that stops it; nothing is put in while it stands */
  stopped: SafetyPoint | null;
  seen: PostsSeen | null;
  /** what is looked at before anything is final; ticked one by one */
  checks: readonly PostsCheck[];
}

export const isPosts = (task: TaskBase & { kind: string }): task is PostsTask => task.kind === 'eyes';

/** The part of the order that belongs to the posts: after how many rounds, and how late that is. */
function pauseFor({ part, stuffAt, trouble }: PieceAtHand, posts: Posts): { after: number; late: Late } {
  const { window } = posts;
  const indexOf = (n: number) => part.fabric.rounds.findIndex((r) => r.number === n);
  const chosen = window.lastComfortable ?? window.lastPossible;
  const first = indexOf(window.first) + 1;
  const after = indexOf(chosen ?? window.first) + 1;
  const late = lateness(window, chosen);
  if (stuffAt.length === 0 || stuffAt[0] >= after) return { after, late };
  if (stuffAt[0] < first) {
    trouble.push({ what: 'stuffed before the eyes', part: part.part.id });
    // Eyes cannot wait for a hole that is not there yet; the fill waits instead.
    for (let i = 0; i < stuffAt.length; i++) stuffAt[i] = Math.max(stuffAt[i], first);
  }
  const early = late === 'comfortable' || late === 'possible' ? 'early' : late;
  return { after: Math.max(first, stuffAt[0]), late: early };
}

function lateness(window: WorkWindow, chosen: number | null): Late {
  if (!window.known) return 'not known';
  if (chosen === null) return 'too late';
  return window.lastComfortable === null ? 'possible' : 'comfortable';
}

/** When one pair of posts goes in. Under a stop nothing is put in: the task says why and what to do instead. */
function postsDue(piece: PieceAtHand, posts: Posts): Due<PostsTask> {
  const { model, part, of, trouble } = piece;
  const { window, plastic } = posts;
  if (plastic && window.lastComfortable === null && window.lastPossible === null)
    trouble.push({ what: window.known ? 'too small' : 'window not known', part: of.part });
  const { after, late } = pauseFor(piece, posts);
  const points = pointsOfFeature(model, posts.feature);
  const stopped = plastic ? (points.find((p) => p.weight === 'stop') ?? null) : null;
  if (stopped) trouble.push({ what: 'stopped', part: of.part, point: stopped });
  const round = part.fabric.rounds[after - 1];
  const task: PostsTask = {
    kind: 'eyes',
    ...of,
    ...posts,
    key: taskKey('eyes', of.copy, posts.feature),
    about: posts.feature,
    afterRound: round.number,
    late,
    openingMm: window.known ? worstOpening(part.form, after - 1) : null,
    stopped,
    checks: stopped ? [] : posts.checks,
    points: points.filter((p) => p !== stopped),
  };
  return { after, task };
}

const TITLES = {
  comfortable: 'comfortable',
  possible: 'possible',
  early: 'early',
  'too late': 'late',
  'not known': 'notKnown',
} as const;

function titleOf(task: PostsTask): string {
  if (task.stopped) return say.stopTitle(task.stopped.title);
  const { titles } = say.posts[task.posts];
  return task.plastic ? titles[TITLES[task.late]] : titles.embroider;
}

const numberOf = (round: number | null): string => (round === null ? '' : `R${round}`);

function reasonOf({ plastic, late, window }: PostsTask, part: PartModel, units: UnitWords): string {
  if (!plastic) return say.embroiderReason;
  if (late === 'not known') return say.windowNotKnown(part.name);
  const { lastComfortable, lastPossible, into } = window;
  const tooLate = lastComfortable === null && lastPossible === null;
  const further = lastComfortable !== null && lastPossible !== lastComfortable ? lastPossible : null;
  const reason = tooLate
    ? say.eyesTooLateReason
    : say.eyesReason(numberOf(lastComfortable ?? lastPossible), numberOf(further));
  const reach = reachSentence(window, units);
  return [
    reason,
    ...(reach ? [reach] : []),
    ...(into ? [say.eyesInto(numberOf(into.round), into.stitches)] : []),
  ].join(' ');
}

/** Where posts stand, as on their tags. */
export const postsTag = (names: readonly HoleName[]): string =>
  names.length === 2 ? pairTag([names[0], names[1]]) : postTag(names[0]);

export const posts: TaskKind<PostsTask> = {
  sign: 'pause',
  rests: true,
  ofPiece: (piece) => postsOn(piece).map((one) => postsDue(piece, one)),
  ends: ({ threadMm }) => (threadMm > 0 ? [{ what: 'thread', count: 1, eachMm: threadMm }] : []),
  words: (task, { part, units }) => {
    const round = part.fabric.rounds.find((r) => r.number === task.afterRound);
    const opening = task.openingMm === null ? null : units.length(task.openingMm);
    const sizes = task.sizeMm.map(String);
    return {
      title: titleOf(task),
      short: say.posts[task.posts].called,
      detail: task.stopped
        ? `${task.stopped.reason} ${task.stopped.mend}.`.replace('..', '.')
        : say.eyesDetail(
            round?.label ?? '',
            opening,
            say.posts[task.posts].size(sizes),
            postsTag(task.names),
          ),
      notes: pointWords(
        task.plastic && !task.stopped ? task.points.filter((p) => !ofTheWasher(p)) : task.points,
      ),
      reason: reasonOf(task, part, units),
    };
  },
};

/** A check of posts in words, with its number. */
export function checkWords(
  { id }: PostsCheck,
  { seen, names }: PostsTask,
  { units }: Pick<Telling, 'units'>,
): string {
  switch (id) {
    case 'front':
      return say.checkFront[seen?.front ?? 'marker'];
    case 'posts':
      return say.checkPosts(postsTag(names));
    case 'count':
      return seen && seen.stitchesBetween !== null
        ? say.checkCount(seen.stitchesBetween)
        : say.checkCountEach(names.map((n) => holeTag(n).stitches));
    case 'level':
      return say.checkLevel(units.fine(seen?.levelErrorMm ?? 0));
    case 'compared':
      return say.checkCompared(units.length(seen?.straightMm ?? 0));
    case 'looked':
      return say.checkLooked;
  }
}
