import { holeTag, pairTag, postTag, type HoleName } from '../../address';
import { reachSentence } from '../../feature';
import type { Moment, WorkWindow } from '../../form';
import type { PartModel } from '../../model';
import type { SafetyPoint } from '../../safety';
import { planWords as say, type UnitWords } from '../../words';
import { ofTheWasher, pointsOfFeature, pointWords } from '../points';
import { threadEnds } from '../ends';
import { fixed } from '../../gauge';
import { momentOf, openingThen } from '../moment';
import { momentSaid } from '../naming';
import { postsOn, type Posts } from '../posts';
import { pauseFor, type Late } from '../postsPause';
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

/** Posts of eyes or of a nose put in, looked at and counted again; or the same outline embroidered. */
export interface PostsTask extends TaskBase {
  kind: 'eyes';
  posts: 'eyes' | 'nose';
  feature: string;
  plastic: boolean;
  afterRound: number;
  at: Moment;
  /** when the text or the maker wants it filled; null while the filling waits for these */
  filledAt: Moment | null;
  names: readonly HoleName[];
  /** width and, for a nose, height, mm */
  sizeMm: readonly number[];
  washerMm: number;
  colour: string;
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

/** When one pair of posts goes in. Under a stop nothing is put in: the task says why and what to do instead. */
function postsDue(piece: PieceAtHand, posts: Posts): Due<PostsTask> {
  const { model, part, of, trouble } = piece;
  const { window, plastic } = posts;
  if (plastic && window.possible === null)
    trouble.push({ what: window.known ? 'too small' : 'window not known', part: of.part });
  const { at, late } = pauseFor(piece, posts);
  const points = pointsOfFeature(model, posts.feature);
  const stopped = plastic ? (points.find((p) => p.weight === 'stop') ?? null) : null;
  if (stopped) trouble.push({ what: 'stopped', part: of.part, point: stopped });
  const moment = momentOf(part.fabric, at) ?? window.begins;
  const task: PostsTask = {
    kind: 'eyes',
    ...of,
    ...posts,
    key: taskKey('eyes', of.copy, posts.feature),
    about: posts.feature,
    afterRound: moment.round,
    at: moment,
    filledAt: piece.goes[0]?.said ? momentOf(part.fabric, piece.goes[0].at) : null,
    late,
    openingMm: window.known ? openingThen(part.form, at) : null,
    stopped,
    checks: stopped ? [] : posts.checks,
    points: points.filter((p) => p !== stopped),
  };
  return { ...at, task };
}

const TITLES = {
  'in time': 'inTime',
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

function reasonOf({ plastic, late, window }: PostsTask, part: PartModel, units: UnitWords): string {
  if (!plastic) return say.embroiderReason;
  if (late === 'not known') return say.windowNotKnown(part.name);
  const { comfortable, possible } = window;
  if (!possible) return say.eyesTooLateReason;
  const last = momentSaid(part, comfortable ?? possible);
  const further = momentSaid(part, possible);
  const reach = reachSentence(window, units);
  return [
    say.eyesReason(last, comfortable && further !== last ? further : ''),
    ...(reach ? [reach] : []),
  ].join(' ');
}

/** Where posts stand, as on their tags. */
export const postsTag = (names: readonly HoleName[]): string =>
  names.length === 2 ? pairTag([names[0], names[1]]) : postTag(names[0]);

export const posts: TaskKind<PostsTask> = {
  sign: 'pause',
  rests: true,
  ofPiece: (piece) => postsOn(piece).map((one) => postsDue(piece, one)),
  ends: ({ threadMm, colour, part, copy }) =>
    threadMm > 0
      ? [
          threadEnds(
            { part, copy },
            {
              job: 'embroider',
              count: 1,
              eachMm: threadMm,
              needMm: fixed(threadMm),
              of: 'floss',
              colour,
              strands: 1,
            },
          ),
        ]
      : [],
  uses: ({ posts: is, plastic, stopped, sizeMm: [mm, high], washerMm, names, colour }) => {
    if (!plastic || stopped) return [];
    return is === 'eyes'
      ? [{ what: 'eyes', mm, washerMm, count: names.length, colour }]
      : [{ what: 'nose', widthMm: mm, heightMm: high, washerMm, count: 1, colour }];
  },
  words: (task, { part, units }) => {
    const opening = task.openingMm === null ? null : units.length(task.openingMm);
    const sizes = task.sizeMm.map(String);
    return {
      title: titleOf(task),
      short: say.posts[task.posts].called,
      detail: task.stopped
        ? `${task.stopped.reason} ${task.stopped.mend}.`.replace('..', '.')
        : say.eyesDetail(
            momentSaid(part, task.at),
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
