import { holeKey } from '../../address';
import { edgeMm, isOn, outlineOf, piecesOf, piecesSaid, type Patch } from '../../feature';
import { FELT } from '../../figures';
import type { WorkWindow } from '../../form';
import { patches, type Patched } from '../../model';
import { patchWords } from '../../words';
import { threadEnds, type YarnEnds } from '../ends';
import { fixed, within, type Gauge } from '../../gauge';
import { edgeThread } from '../figures';
import { fullAt, isLater, type At } from '../moment';
import { needleRound } from '../needleRound';
import { pointsOfFeature, pointWords } from '../points';
import {
  taskKey,
  type Due,
  type PieceAtHand,
  type TaskBase,
  type TaskKind,
  type TaskWords,
  type Telling,
} from '../task';
import type { Use } from '../uses';
import { isPosts } from './posts';

const say = patchWords.task;

/** Pieces of felt or crochet laid on and sewn round: before the washers, or as lids when the eyes are fast. */
export interface PatchTask<K extends 'patch' | 'lids' = 'patch' | 'lids'> extends TaskBase {
  kind: K;
  feature: Patch;
  /** on the posts of eyes, before their washers */
  under: boolean;
  window: WorkWindow;
  /** a hand still reaches inside then */
  inside: boolean;
  count: number;
  /** yarn in each piece, were it crocheted, mm */
  yarnMm: number;
  /** thread of each piece, mm */
  threadMm: number;
}

/** The posts that go through it, where they are put in at all: those of the eyes, or of the nose; of both the later. */
function postsThrough({ sides }: Patched, due: PieceAtHand['due']): PieceAtHand['due'][number] | null {
  const holes = sides.flatMap((side) => side.pieces.flatMap((p) => p.holes.map((h) => h.of)));
  const through = due.filter(
    ({ task }) =>
      isPosts(task) &&
      task.plastic &&
      !task.stopped &&
      holes.some((of) => (of === 'nose' ? 'nose' : 'eyes') === task.posts),
  );
  return through.reduce<(typeof through)[number] | null>(
    (a, b) => (a && !isLater(atDue(b), atDue(a)) ? a : b),
    null,
  );
}

const atDue = ({ after, stitches = 0 }: Pick<PieceAtHand['due'][number], 'after' | 'stitches'>): At => ({
  after,
  stitches,
});

/** When the last of the eyes go in: lids wait for them. */
const eyesAt = (due: PieceAtHand['due']): At =>
  due
    .filter(({ task }) => isPosts(task) && task.posts === 'eyes')
    .map(atDue)
    .reduce((a, b) => (isLater(b, a) ? b : a), fullAt(0));

/** When a piece is laid on: with the posts that go through it, while a hand reaches in, lids when the eyes are fast. */
function whenLaid(
  kind: PatchTask['kind'],
  { due }: PieceAtHand,
  free: number,
  posts: PieceAtHand['due'][number] | null,
): At {
  if (posts) return atDue(posts);
  const eyes = eyesAt(due);
  return kind === 'lids' && isLater(eyes, fullAt(free)) ? eyes : fullAt(free);
}

function patchDue<K extends PatchTask['kind']>(
  kind: K,
  piece: PieceAtHand,
  patched: Patched,
): Due<PatchTask<K>> {
  const { model, of, due } = piece;
  const { feature: f, sides } = patched;
  const posts = postsThrough(patched, due);
  const under = posts !== null;
  const free = needleRound(piece, patched);
  const edge = edgeMm(outlineOf(f));
  const count = piecesOf(f);
  return {
    ...whenLaid(kind, piece, free.after, posts),
    task: {
      kind,
      ...of,
      key: taskKey('patch', of.copy, f.id),
      about: f.id,
      feature: f,
      under,
      inside: under || free.inside,
      window: free.window,
      count,
      yarnMm: fabricYarnMm(f.widthMm * f.heightMm, piece.part.gauge),
      threadMm: edgeThread(edge, f.seam),
      points: pointsOfFeature(model, f.id),
      minutes: count * (FELT.cutMinutes.value + FELT.minutesPerMm.value * edge),
      content: [
        f.of,
        f.shape,
        f.widthMm,
        f.heightMm,
        ...sides.flatMap((s) => s.places.map((p) => holeKey(p.name))),
      ].join(' '),
    },
  };
}

function reasonOf({ kind, under, inside }: PatchTask): string {
  if (kind === 'lids') return say.over;
  if (under) return say.under;
  return inside ? say.open : say.through;
}

const ofPiece =
  <K extends PatchTask['kind']>(kind: K, eyes: Patch['eyes']) =>
  (piece: PieceAtHand): Due<PatchTask<K>>[] =>
    patches(piece.model).flatMap((p) =>
      isOn(p.feature, piece.of) && !p.fault && p.feature.eyes === eyes ? [patchDue(kind, piece, p)] : [],
    );

const ends = ({ threadMm, count, feature, part, copy }: PatchTask): YarnEnds[] => [
  threadEnds(
    { part, copy },
    {
      job: 'sew felt',
      count,
      eachMm: threadMm,
      needMm: fixed(threadMm),
      of: 'floss',
      colour: feature.colour,
      strands: 1,
    },
  ),
];

/** What the pieces are cut of; crocheted ones take yarn, as much as fabric of their size. */
const uses = ({ feature: f, count, yarnMm }: PatchTask): Use[] =>
  f.of === 'felt'
    ? [{ what: 'felt', colour: f.colour, widthMm: f.widthMm, heightMm: f.heightMm, count }]
    : [{ what: 'yarn', colour: f.colour, lengthMm: within(count * yarnMm, CROCHETED_PERCENT) }];

/** A crocheted piece is taken for plain fabric as wide and tall as itself; its own shape and edging are not worked out, judged. */
const CROCHETED_PERCENT = 40;

/** Yarn in so much plain fabric, mm: its stitches and what each takes. */
const fabricYarnMm = (areaMm2: number, { stitchMm, roundMm, yarnWidths }: Gauge): number =>
  (areaMm2 / (stitchMm * roundMm)) * yarnWidths * stitchMm;

const words = (task: PatchTask, { inside, units }: Telling): TaskWords => ({
  title: say.title(task.feature.name, inside, task.under),
  short: task.feature.name,
  detail: `${piecesSaid(task.feature, units)}; ${patchWords.seams[task.feature.seam]}, ${units.end(task.threadMm)} of thread each`,
  notes: [...(task.feature.of === 'crochet' ? [say.crochet] : []), ...pointWords(task.points)],
  reason: reasonOf(task),
});

/** What eyes may stand on, or is laid on elsewhere. */
export const patch: TaskKind<PatchTask<'patch'>> = {
  sign: 'needle',
  rests: false,
  ofPiece: ofPiece('patch', 'under'),
  ends,
  uses,
  words,
};

/** What goes over eyes. */
export const lids: TaskKind<PatchTask<'lids'>> = {
  sign: 'needle',
  rests: false,
  ofPiece: ofPiece('lids', 'over'),
  ends,
  uses,
  words,
};
