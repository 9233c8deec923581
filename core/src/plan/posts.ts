import { holeKey } from '../address';
import { discMm, isOn, type CentreBy, type EyePair, type EyesAt, type Nose, type NoseAt } from '../feature';
import { TIME } from '../figures';
import { satinThreadMm } from './figures';
import type { PieceAtHand } from './task';
import type { PostsCheck, PostsSeen, PostsTask } from './tasks/posts';

/** What goes through the fabric on posts, or is embroidered in the same place, before anybody knows when. */
export type Posts = Pick<
  PostsTask,
  | 'posts'
  | 'feature'
  | 'plastic'
  | 'names'
  | 'sizeMm'
  | 'washerMm'
  | 'colour'
  | 'discMm'
  | 'window'
  | 'threadMm'
  | 'seen'
  | 'checks'
  | 'minutes'
  | 'content'
>;

/** Where posts stand, as data: "10.11|15.16 10.11|24.25". */
export const postsKey = (names: PostsTask['names']): string => names.map(holeKey).join(' ');

const frontOf = (by: CentreBy): PostsSeen['front'] => {
  if (typeof by === 'string') return 'marker';
  return 'patch' in by ? 'patch' : 'part';
};

function eyesPosts(eyes: EyePair, at: EyesAt): Posts {
  const plastic = eyes.making === 'safety eye';
  const where = postsKey(at.names);
  const sameRound = at.rounds[0] === at.rounds[1];
  const front = frontOf(eyes.pair.centre.by);
  const stitchesBetween = sameRound ? at.spacing.stitchesBetween : null;
  const checks: PostsCheck[] = [
    { id: 'front', content: front },
    { id: 'posts', content: where },
    { id: 'count', content: stitchesBetween === null ? where : String(stitchesBetween) },
    { id: 'level', content: where },
    { id: 'compared', content: where },
    { id: 'looked', content: where },
  ];
  return {
    posts: 'eyes',
    feature: eyes.id,
    plastic,
    names: at.names,
    sizeMm: [eyes.eyeMm],
    washerMm: eyes.washerMm,
    colour: eyes.colour,
    discMm: discMm(eyes, at.retention.band),
    window: at.window,
    threadMm: plastic ? 0 : 2 * satinThreadMm(eyes.eyeMm, eyes.eyeMm),
    seen: {
      front,
      stitchesBetween,
      levelErrorMm: at.levelErrorMm,
      straightMm: at.spacing.straightMm.value,
    },
    checks: plastic ? checks : [],
    minutes: plastic ? TIME.eyesPair.value : 2 * TIME.embroider.value,
    content: `${where}:${eyes.eyeMm}:${eyes.making}`,
  };
}

function nosePosts(nose: Nose, at: NoseAt): Posts {
  const plastic = nose.making === 'safety nose';
  const where = postsKey([at.name]);
  return {
    posts: 'nose',
    feature: nose.id,
    plastic,
    names: [at.name],
    sizeMm: [nose.widthMm, nose.heightMm],
    washerMm: nose.washerMm,
    colour: nose.colour,
    discMm: discMm(nose, at.retention.band),
    window: at.window,
    threadMm: plastic ? 0 : satinThreadMm(nose.widthMm, nose.heightMm),
    seen: null,
    checks: plastic
      ? [
          { id: 'posts', content: where },
          { id: 'looked', content: where },
        ]
      : [],
    minutes: plastic ? TIME.eyesPair.value / 2 : TIME.embroider.value,
    content: `${where}:${nose.widthMm}:${nose.making}`,
  };
}

/** Eyes and noses on one piece; those whose round is gone are trouble. */
export function postsOn({ model, of, trouble }: PieceAtHand): Posts[] {
  const homeless = (posts: 'eyes' | 'nose'): Posts[] => {
    trouble.push({ what: 'homeless', part: of.part, posts });
    return [];
  };
  return [
    ...model.eyes
      .filter(({ eyes }) => isOn(eyes, of))
      .flatMap(({ eyes, state }) =>
        state.state === 'homeless' ? homeless('eyes') : [eyesPosts(eyes, state)],
      ),
    ...model.noses
      .filter(({ nose }) => isOn(nose, of))
      .flatMap(({ nose, state }) =>
        state.state === 'homeless' ? homeless('nose') : [nosePosts(nose, state)],
      ),
  ];
}
